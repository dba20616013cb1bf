/** Whole texts as they are posted, mailed, scanned and handed out, each read by hand. */
import type { Page } from './pages';
export const POSTED_PAGES: readonly Page[] = [
  {
    manner: 'a trifle by parts between stars',
    text: `Rosehip & pear trifle
Covers 14            Glassware: 14 tumblers, 200 ml

* Rosehip jelly *
rosehip syrup 400 ml
water 350 ml
gelatine 6 leaves
lemon juice 30 ml
Bloom the gelatine in cold water.
Warm syrup with water to 60 °C, stir in gelatine.
Pour 50 ml into each tumbler; set at 3 °C, 2 hours least.

* Poached pears *
conference pears 7
white wine 500 ml
caster sugar 150 g
Peel, quarter and core. Poach 12-15 min at a bare simmer under paper.
Cool in the liquor. Drain before dicing.

* Custard *
milk 600 ml
double cream 200 ml
egg yolks 8
caster sugar 90 g
cornflour 25 g
Whisk yolks, sugar and cornflour. Boil the milk with cream, pour over.
Return to pan and cook to 82 °C, stirring all the time.
Chill quickly over ice, cover to the surface.`,
    title: 'Rosehip & pear trifle',
    portions: 14,
    components: [
      ['Rosehip jelly', ['400 ml rosehip syrup', '350 ml water', '6 leaf gelatine', '30 ml lemon juice']],
      ['Poached pears', ['7 conference pears', '500 ml white wine', '150 g caster sugar']],
      ['Custard', ['600 ml milk', '200 ml double cream', '8 egg yolks', '90 g caster sugar', '25 g cornflour']],
    ],
    steps: 8,
  },
  {
    manner: 'a traybake under the way to its page',
    text: `Home › Baking › Tray bakes
Jump to recipe   Print   Pin
★★★★☆ 4.3 from 87 votes

Sticky oat and rhubarb squares

These keep for a week in a tin, if you can hide the tin. My neighbour Ode asks for them every spring, and I have given up pretending the recipe is a secret.

Prep 20 mins | Cook 45 mins | Makes 16

Ingredients
▢ 300 g rhubarb, cut in 2 cm pieces
▢ 60 g light brown sugar
▢ 1 tbsp orange juice

For the oat layer
▢ 250 g rolled oats
▢ 150 g plain flour
▢ 200 g butter, melted
▢ 120 g light brown sugar
▢ 80 g golden syrup (about 4 tbsp)
▢ 1/2 tsp bicarbonate of soda
▢ good pinch of salt

Instructions
Heat the oven to 180C/160C fan/gas 4 and line a 20 cm square tin.
Put the rhubarb, sugar and orange juice in a small pan and cook gently for 8–10 minutes until it slumps. Leave to cool.
Mix the oats, flour, soda and salt. Stir in the butter, sugar and syrup.
Press two thirds of the oats into the tin. Spread over the rhubarb. Scatter the rest on top.
Bake for 35 minutes until deep gold at the edges.
Cool completely in the tin before cutting into 16.

Nutrition per square: 236 kcal, 11 g fat, 31 g carbohydrate
Did you make this? Tag us!

Comments (2)
Bryn says: used 2 cups of plums instead and it worked.
Ode says: told you.`,
    title: 'Sticky oat and rhubarb squares',
    portions: 16,
    components: [
      ['', ['300 g rhubarb', '60 g light brown sugar', '1 tbsp orange juice']],
      [
        'Oat layer',
        [
          '250 g rolled oats',
          '150 g plain flour',
          '200 g butter',
          '120 g light brown sugar',
          '80 g golden syrup',
          '0.5 tsp bicarbonate of soda',
          '1 pinch salt',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a chick-pea pan under a running head',
    text: `142        VEGETABLES AND PULSES

Chick-pea and Spinach Pan
                                     Serves six

10 oz (275 g) dried chick-peas, soaked over-
    night
2 onions, sliced
3 tablespoons olive oil
4 cloves garlic, crushed
1 level teaspoon paprika
1/2 teaspoon ground cumin
1 lb (450 g) spinach, washed
Salt and black pepper

Drain the chick-peas, cover with fresh water and
boil hard for 10 minutes, then simmer for 1 1/2 hours
until they are tender.
Fry the onions in the oil for 15 minutes. Add the gar-
lic and spices and fry for another 2 minutes.
Stir in the chick-peas with a ladleful of their liquid,
then the spinach, and cook for 5 minutes.
Season well and serve with bread (see page 201).

                                                              143`,
    title: 'Chick-pea and Spinach Pan',
    portions: 6,
    components: [
      [
        '',
        [
          '10 oz dried chick-peas',
          '2 onions',
          '3 tbsp olive oil',
          '4 clove garlic',
          '1 tsp paprika',
          '0.5 tsp ground cumin',
          '1 lb spinach',
          'Salt and black pepper',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'an agency’s flan with aims and tools',
    text: `EASTHOLM SKILLS — UNIT 204: SHORT PASTES
Session 3 of 8      Tutor: ____________

Learning aims: by the end you will be able to
• rub in by hand without warming the fat
• line a ring without stretching

Product: Leek and blue cheese flan
Yield: 1 flan of 20 cm (6 portions)

Commodities
Paste
Plain flour        200 g
Butter, cold       100 g
Salt               2 g
Cold water         45-50 ml

Filling
Leeks, washed      350 g
Butter             25 g
Blue cheese        120 g
Double cream       200 ml
Nutmeg             to taste

Equipment: 20 cm flan ring, rolling pin, sieve, palette knife, probe

Method
1 Sieve flour and salt, rub in butter until sandy
2 Add water, bring together, wrap and rest 30 min in the fridge
3 Roll to 3 mm, line the ring, chill 20 min
4 Bake blind 190°C 15 min, then 5 min without beans
5 Sweat leeks in butter 10 min under a lid, cool
6 Spread leeks in the case, crumble cheese, pour cream with nutmeg
7 Bake 160°C 25 min until just set; core 75°C

Questions
1. Why must the fat be cold?
2. What happens if the paste is not rested?`,
    title: 'Leek and blue cheese flan',
    portions: 6,
    components: [
      ['Paste', ['200 g Plain flour', '100 g Butter', '2 g Salt', '45-50 ml Cold water']],
      ['Filling', ['350 g Leeks', '25 g Butter', '120 g Blue cheese', '200 ml Double cream', 'Nutmeg']],
    ],
    steps: 7,
  },
  {
    manner: 'a mail about a flatbread',
    text: `Hi Jonne,

here's the flatbread thing you asked about on Sunday – it does about 10, enough for the six of us with leftovers.

500g strong white flour
7g sachet fast yeast
2 tsp salt
1 tbsp honey
300ml warm water
3 tbsp yoghurt
plus a bit of oil for the pan
nigella seeds if you like

Mix everything but the seeds, knead 8 mins in the mixer, prove an hour or until doubled. Divide in 10, roll thin as you dare.
Dry pan, really hot, a minute and a half each side. Brush w/ butter and scatter the seeds on.

Don't forget the tin you borrowed!!

Love,
P.

-- 
Petra Holm | Facilities | ext. 4471`,
    title: 'Flatbread thing',
    portions: 10,
    components: [
      [
        '',
        [
          '500 g strong white flour',
          '7 g fast yeast',
          '2 tsp salt',
          '1 tbsp honey',
          '300 ml warm water',
          '3 tbsp yoghurt',
          'oil',
          'nigella seeds',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'lentils beside numbered steps',
    text: `BRAISED RED LENTILS WITH COCONUT                       4 portions

250 g   red lentils             1. Rinse the lentils until the water runs clear.
1 tbsp  coconut oil             2. Fry the shallots in the oil for 6 minutes.
3       shallots, sliced        3. Add ginger and turmeric, fry 1 minute.
20 g    ginger, grated          4. Add lentils, coconut milk and 400 ml water;
1 tsp   ground turmeric            simmer 20-25 minutes, stirring now and then.
400 ml  coconut milk            5. Season with salt and lime.
1       lime, juiced            6. Rest for 5 minutes off the heat.`,
    title: 'BRAISED RED LENTILS WITH COCONUT',
    portions: 4,
    components: [
      [
        '',
        ['250 g red lentils', '1 tbsp coconut oil', '3 shallots', '20 g ginger', '1 tsp ground turmeric', '400 ml coconut milk', '1 lime'],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a nan’s seed cake in ounces',
    text: `Nan's seed cake  (the blue book, p. 12)

Half a pound butter
same of sugar
four eggs
10 oz. S.R. flour
2 dessertspoons caraway seed
a drop of milk
a little candied peel for the top

Cream the butter and sugar till white. Beat in the eggs one by one. Fold in flour and seeds, loosen with milk.
Into a lined 7 inch tin, peel on top.
Moderate oven (gas 4) for an hour & a quarter. Test w. a skewer.

Keeps a fortnight in the tin.`,
    title: "Nan's seed cake (the blue book, p. 12)",
    portions: null,
    components: [
      ['', ['0.5 lb butter', 'same of sugar', '4 eggs', '10 oz S.R. flour', '4 tsp caraway seed', '1 drop milk', 'candied peel']],
    ],
    steps: 3,
  },
  {
    manner: 'crackers in a table of percents',
    text: `Recipe	Buckwheat crackers		
Batch	2.0 kg dough		
Pieces	80 of 25 g		
			
Item	g	%	Notes
Buckwheat flour	600	60	
Wheat flour T55	400	40	
Water	520	52	30 °C
Sunflower oil	120	12	
Salt	18	1.8	plus flakes to finish
Linseed	150	15	soak 20 min in the water
Sesame	100	10	toasted
Fresh yeast	12	1.2	
			
Process			
1	Mix all 6 min slow		
2	Rest 45 min covered		
3	Sheet to 2 mm, dock, cut 6 x 9 cm		
4	Bake 165 °C 22 min, vents open last 5 min		`,
    title: 'Buckwheat crackers',
    portions: 80,
    components: [
      [
        '',
        [
          '600 g Buckwheat flour',
          '400 g Wheat flour T55',
          '520 g Water',
          '120 g Sunflower oil',
          '18 g Salt',
          '150 g Linseed',
          '100 g Sesame',
          '12 g Fresh yeast',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'pickled mushrooms on a day of a plan',
    text: `MONDAY (prep day)
Pickled mushrooms, 2 litre jar
1 kg button mushrooms
600 ml cider vinegar
300 ml water
90 g sugar
25 g salt
2 bay leaves
1 tsp peppercorns
Bring everything except the mushrooms to the boil.
Blanch mushrooms 2 minutes in the liquor, lift out, pack.
Pour over boiling, seal.

WEDNESDAY
They are ready to use, better on Friday.`,
    title: 'Pickled mushrooms, 2 litre jar',
    portions: null,
    components: [
      [
        '',
        ['1 kg button mushrooms', '600 ml cider vinegar', '300 ml water', '90 g sugar', '25 g salt', '2 bay leaves', '1 tsp peppercorns'],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a tart whose parts are numbered',
    text: `Plum and frangipane tart — enough for two dozen small ones

Part 1: sweet paste
- 250 g plain flour
- 90 g icing sugar
- 125 g butter
- 1 egg and 1 yolk
- pinch salt

Part 2: filling
- 120 g each of butter, sugar and ground almonds
- 2 eggs
- 20 g flour
- 12 plums, halved and stoned

How to
Part 1. Rub butter into flour, icing sugar and salt. Bind with the egg and yolk. Chill for an hour.
Roll to 2-3 mm and line 24 tartlet tins.
Part 2. Beat butter and sugar, add almonds, eggs and flour. Pipe into the cases and press half a plum into each.
Bake at 175 °C for 25-28 min.

NB: freeze well unbaked, up to 1 month.`,
    title: 'Plum and frangipane tart',
    portions: 24,
    components: [
      ['Sweet paste', ['250 g plain flour', '90 g icing sugar', '125 g butter', '1 egg', '1 egg yolk', '1 pinch salt']],
      ['Filling', ['120 g butter', '120 g sugar', '120 g ground almonds', '2 eggs', '20 g flour', '12 plums']],
    ],
    steps: 4,
  },
  {
    manner: 'a hotel’s card with its file marks',
    text: `THE LARCHWOOD ROOMS                                   SPEC 118-B
Garden section / cold starter                          Rev. 4

Cured trout, buttermilk, dill oil
Covers: 24            Plate: 24 cm shallow, chilled

CURE
Trout fillet, pinboned      2 sides (about 900 g each)
Coarse salt                 180 g
Caster sugar                140 g
Lemon zest                  3 lemons
White peppercorns, cracked  5 g

1. Mix salt, sugar, zest and pepper.
2. Cover the fish, 10 h at 3 °C, turning once.
3. Rinse, dry, 4 h uncovered in the fridge.

BUTTERMILK DRESSING
Buttermilk                  600 ml
Dill                        80 g
Neutral oil                 200 ml
Salt                        q.s.

1. Blanch dill 10 s, squeeze, blend with oil at 60 °C 4 min.
2. Hang through muslin 1 h.
3. Season buttermilk with salt. Split with oil at the pass.

SERVICE
40 g fish, 25 ml dressing, 5 drops oil.`,
    title: 'Cured trout, buttermilk, dill oil',
    portions: 24,
    components: [
      ['Cure', ['Trout fillet', '180 g Coarse salt', '140 g Caster sugar', '3 Lemon', '5 g White peppercorns']],
      ['Buttermilk dressing', ['600 ml Buttermilk', '80 g Dill', '200 ml Neutral oil', 'Salt']],
      ['Service', []],
    ],
    steps: 7,
  },
  {
    manner: 'a blog that names itself twice',
    text: `Charred Leek Flatbread Pizza (No Yeast!)
Published May 3 · by Roz · 14 Comments

Okay, I am officially obsessed. Charred leeks are sweet, smoky and cost next to nothing.

Why you'll love this recipe
- No yeast, no waiting
- One bowl, one pan
- Ready in 35 minutes

What you need
- Leeks: any size, but thin ones char faster.
- Yoghurt: full fat works best.
- Flour: plain or self-raising.

Charred Leek Flatbread Pizza
Yield: 2 pizzas   Prep: 15 minutes   Cook: 20 minutes   Total: 35 minutes

Ingredients
For the dough:
1 1/2 cups (190 g) self-raising flour
3/4 cup (180 g) full-fat yogurt
1/2 teaspoon kosher salt
For the topping:
3 slim leeks, halved lengthwise
2 tablespoons olive oil, divided
1/2 cup ricotta
1 cup grated Gruyère (about 4 ounces)
1 lemon, zest only
Red pepper flakes, for serving

Directions
1. Make the dough: Stir flour, yogurt and salt to a shaggy dough. Knead for 1 minute, then rest for 10.
2. Char the leeks: Heat 1 tablespoon oil in a cast-iron pan over high heat. Lay in the leeks cut side down and leave for 6 minutes without moving.
3. Roll: Halve the dough and roll each to a 9-inch round.
4. Bake: Heat the oven to 475°F. Bake the rounds on a hot sheet for 5 minutes.
5. Top: Spread with ricotta, add leeks and Gruyère, bake for 7 to 8 minutes more. Finish with zest and flakes.

Recipe notes
Store leftovers in the fridge for up to 3 days.
I use a pizza stone but a baking sheet is fine.

Nutrition: Calories: 612kcal | Carbohydrates: 68g | Protein: 27g

14 thoughts on "Charred Leek Flatbread Pizza (No Yeast!)"
Wim: Made this with 2 onions instead. Five stars!`,
    title: 'Charred Leek Flatbread Pizza',
    portions: 2,
    components: [
      ['Dough', ['1.5 cup self-raising flour', '0.75 cup full-fat yogurt', '0.5 tsp kosher salt']],
      ['Topping', ['3 slim leeks', '2 tbsp olive oil', '0.5 cup ricotta', '1 cup Gruyère', '1 lemon', 'Red pepper flakes']],
    ],
    steps: 5,
  },
  {
    manner: 'an aunt’s pie told by part',
    text: `Tante Brit's cabbage pie – as she told it, I wrote it down

dough first. 300 flour, 150 butter (cold), 1 egg, salt, a spoon of water
filling. one medium white cabbage, two onions, butter to fry, 1 tsp caraway, 200 ml sour cream, three eggs, handful of dill

dough together fast, into the fridge one hour.
cabbage in fine strips, salt it, squeeze after half an hour. fry with the onion till it is golden and sweet, 25 minutes at least. caraway in.
mix cream eggs dill, add when the cabbage is cold.
roll out, round tin 26, fill. 190 degrees, 40–45 min.
she always served it lukewarm with beer`,
    title: "Tante Brit's cabbage pie – as she told it, I wrote it down",
    portions: null,
    components: [
      ['Dough', ['300 g flour', '150 g butter', '1 egg', 'salt', '1 spoon of water']],
      ['Filling', ['1 white cabbage', '2 onions', 'butter', '1 tsp caraway', '200 ml sour cream', '3 eggs', '1 handful dill']],
    ],
    steps: 4,
  },
  {
    manner: 'gooseberry snow in two columns',
    text: `                      PUDDINGS AND SWEETS                    87

      GOOSEBERRY SNOW

  1 lb. gooseberries             3 oz. sugar
  1/2 pint water                 3 whites of egg
  1 oz. gelatine                 a little green colouring

  Top and tail the gooseberries and stew with the water
  until soft. Rub through a hair sieve. Dissolve the
  gelatine in 2 tablespoonfuls of the hot juice, add with
  the sugar and leave until cold but not set.  Whisk the
  whites stiffly, add to the pulp and whisk for a
  quarter of an hour.  Pile in a glass dish.

  Sufficient for 5 persons. Time 1 hour. Cost 1s. 4d.`,
    title: 'GOOSEBERRY SNOW',
    portions: 5,
    components: [['', ['1 lb gooseberries', '0.5 pint water', '1 oz gelatine', '3 oz sugar', '3 whites of egg', 'green colouring']]],
    steps: 1,
  },
  {
    manner: 'a chat between two',
    text: `[14/03, 18:02] Ilka: mum how do you do the semolina dumplings for soup
[14/03, 18:10] Mum: 50g butter soft
[14/03, 18:10] Mum: 1 egg
[14/03, 18:11] Mum: 100g semolina
[14/03, 18:11] Mum: salt nutmeg
[14/03, 18:12] Mum: beat butter and egg, semolina in, let it sit 15 min
[14/03, 18:13] Mum: make little ones with two teaspoons, simmer 10 min then lid on 10 min off the heat
[14/03, 18:14] Ilka: for how many
[14/03, 18:14] Mum: 4
[14/03, 18:15] Ilka: ❤️`,
    title: 'Semolina dumplings',
    portions: 4,
    components: [['', ['50 g butter', '1 egg', '100 g semolina', 'salt nutmeg']]],
    steps: 2,
  },
  {
    manner: 'a community kitchen’s table of four',
    text: `Kestrel Vale Community Kitchen
PROGRAMME: Cook Well, Spend Less — Week 5
TODAY'S DISH: Bean chilli with cornbread topping
Each table of 4 cooks one tray (8 small portions)

You will be given:
1 tin kidney beans (400 g), drained
1 tin black beans (400 g), drained
2 tins chopped tomatoes
1 red onion
1 pepper, any colour
2 tsp chilli powder

Topping:
100 g cornmeal
100 g plain flour
2 tsp baking powder
150 ml milk
1 egg

What we do today
10:00  Wash hands, aprons on
10:10  Chop onion and pepper, fry 8 minutes
10:20  Add spice, stir one minute, then tomatoes and beans
10:25  Simmer 15 minutes. Meanwhile mix the topping
10:45  Spoon topping over, bake 200 °C 20 minutes
11:10  Eat together and wash up

Money: one portion costs 62p
Homework: find the price of dried beans.`,
    title: 'Bean chilli with cornbread topping',
    portions: 8,
    components: [
      ['', ['1 tin kidney beans', '1 tin black beans', '2 tin chopped tomatoes', '1 red onion', '1 pepper', '2 tsp chilli powder']],
      ['Topping', ['100 g cornmeal', '100 g plain flour', '2 tsp baking powder', '150 ml milk', '1 egg']],
    ],
    steps: 4,
  },
  {
    manner: 'a stew saved as a table with semicolons',
    text: `Rezeptur;Linseneintopf / lentil stew base;;
Portionen;60;;
Pos;Zutat / ingredient;Menge;Einheit
1;brown lentils;4,5;kg
2;carrots, diced;3;kg
3;celery sticks, sliced;1,2;kg
4;onions, diced;2;kg
5;vegetable stock;18;l
6;red wine vinegar;0,4;l
7;bay leaves;12;Stk`,
    title: 'Linseneintopf / lentil stew base',
    portions: 60,
    components: [
      [
        '',
        [
          '4.5 kg brown lentils',
          '3 kg carrots',
          '1.2 kg celery sticks',
          '2 kg onions',
          '18 l vegetable stock',
          '0.4 l red wine vinegar',
          '12 bay leaves',
        ],
      ],
    ],
    steps: 0,
  },
  {
    manner: 'plums told in a letter',
    text: `You asked how I make the spiced plums. Take a kilo of firm plums and prick each one. Boil 500 ml of red wine vinegar with 400 g of sugar, a stick of cinnamon, six cloves and a piece of ginger the size of your thumb for ten minutes. Pour it over the plums, cover and leave till the next day. Then pour off the liquid, boil it again for 15 minutes and pour back. Do the same on the third day, but this time with the plums in it for just 3 minutes. Fill into jars while hot. They want six weeks in the dark.`,
    title: 'Spiced plums',
    portions: null,
    components: [['', ['1 kg plums', '500 ml red wine vinegar', '400 g sugar', '1 stick cinnamon', '6 cloves', '1 ginger']]],
    steps: 1,
  },
  {
    manner: 'parts between dashes with what they give',
    text: `Beet-free "red" salad plate  [24 plates]

--- Pickled radish (yields 600 g) ---
500 g radishes, sliced 2 mm
200 ml rice vinegar
60 g sugar
8 g salt
Warm vinegar, sugar and salt to dissolve. Pour over, 20 min.

--- Whipped feta (about 1.2 kg) ---
900 g feta
300 g crème fraîche
2 cloves garlic
zest of 2 lemons
black pepper
Blend 4 min until smooth. Pass.

--- To finish ---
48 slices sourdough, toasted
200 g watercress
olive oil
Smear 50 g feta, 25 g radish, cress, oil.`,
    title: 'Beet-free "red" salad plate',
    portions: 24,
    components: [
      ['Pickled radish', ['500 g radishes', '200 ml rice vinegar', '60 g sugar', '8 g salt']],
      ['Whipped feta', ['900 g feta', '300 g crème fraîche', '2 clove garlic', '2 lemons', 'black pepper']],
      ['To finish', ['48 slice sourdough', '200 g watercress', 'olive oil']],
    ],
    steps: 3,
  },
  {
    manner: 'two systems in columns',
    text: `Warm Barley with Roast Carrots and Hazelnut Butter
SERVES 4 AS A MAIN · 15 MINUTES HANDS-ON · 50 MINUTES ALTOGETHER

METRIC          US              
600 g           1 1/3 lb        carrots, scrubbed
2 tbsp          2 tbsp          olive oil
200 g           1 cup           pearl barley
60 g            1/2 cup         hazelnuts, skinned
50 g            3 1/2 tbsp      butter
1               1               orange, zest and juice
1 small bunch   1 small bunch   parsley
                                flaky salt

Roast the carrots with the oil and salt at 210°C/410°F for 35–40 minutes, turning them once.
Meanwhile boil the barley for 30 minutes in plenty of salted water and drain.
Brown the butter with the hazelnuts, then stop it with the orange juice.
Toss everything with the parsley and the zest.

COOK'S NOTE Hazelnuts burn in the time it takes to read this sentence.`,
    title: 'Warm Barley with Roast Carrots and Hazelnut Butter',
    portions: 4,
    components: [
      [
        '',
        [
          '600 g carrots',
          '2 tbsp olive oil',
          '200 g pearl barley',
          '60 g hazelnuts',
          '50 g butter',
          '1 orange',
          '1 bunch parsley',
          'flaky salt',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'choux with times in a column',
    text: `Practical 9 — Choux
Product: Cheese puffs (gougère style)        Portions: 20 pieces
Ingredients                  Qty
Water                        125 ml
Butter, diced                55 g
Strong flour, sieved         75 g
Eggs (beaten)                2-2½
Gruyère, grated              60 g
Cayenne                      pinch
Salt                         2 g

Stage                                              Time      Temp
Boil water, butter and salt together               3 min
Add flour off the heat, beat, dry over low heat    2 min
Cool a little, beat in egg by degrees              5 min
Add cheese and cayenne, pipe 3 cm rounds           5 min
Bake                                               22 min    200 °C
Pierce and dry out                                 5 min     160 °C`,
    title: 'Cheese puffs (gougère style)',
    portions: 20,
    components: [['', ['125 ml Water', '55 g Butter', '75 g Strong flour', '2-2.5 Eggs', '60 g Gruyère', '1 pinch Cayenne', '2 g Salt']]],
    steps: 6,
  },
  {
    manner: 'lemon bars, all in grams',
    text: `> On 12 Sep, Bart wrote:
> could you send the lemon bars again? the ones from the bake sale

Sure thing! For one 20x30 tin (24 bars):

Base - 225 butter, 110 icing sugar, 280 flour
Top - 6 eggs, 450 caster sugar, 5 lemons (juice + zest), 60 flour, icing sugar to dust
(all in grams obviously)

Base: rub together, press in, bake 180 for 20 mins until pale gold.
Top: whisk everything, pour on hot base, bake 150 for 25-30 mins - should wobble a bit.
Cool completely before cutting!!

B x`,
    title: 'Lemon bars',
    portions: 24,
    components: [
      ['Base', ['225 g butter', '110 g icing sugar', '280 g flour']],
      ['Top', ['6 eggs', '450 g caster sugar', '5 lemons', '60 g flour', 'icing sugar']],
    ],
    steps: 3,
  },
  {
    manner: 'a unit’s task with a table',
    text: `Level 2 Certificate in Professional Cookery                        Page 4 of 31
PREPARE VEGETABLES FOR BASIC DISHES
Task 3 – Vichy-style carrots
(two portions)

Food items               Quantity     Cut
Carrots                  300 g        rounds, 3 mm
Butter                   25 g         -
Sugar                    5 g          -
Salt                     to taste     -
Water                    to barely cover   -
Parsley                  1/4 bunch    chopped

Working method
a) Peel carrots thinly, wash and turn or slice as directed.
b) Place in a shallow pan with butter, sugar, salt and water.
c) Cover with a buttered cartouche and cook steadily for 12 to 15 minutes until almost dry.
d) Toss to glaze, sprinkle with parsley, serve in a warm vegetable dish.

Assessor's comments ..............................................................
Candidate signature .................... Date ..................`,
    title: 'Vichy-style carrots',
    portions: 2,
    components: [['', ['300 g Carrots', '25 g Butter', '5 g Sugar', 'Salt', 'Water to barely cover', '0.25 bunch Parsley']]],
    steps: 4,
  },
  {
    manner: 'a site with words over figures',
    text: `Skip to content
MENU
Search
Weeknight / Vegetarian

Crispy Smashed Chickpeas with Herby Labneh

4.7 (212)
Serves
− 4 +
Ready in
30 mins
Difficulty
Easy

Ingredients
2 x 400g tins chickpeas, drained and patted dry
3 tbsp olive oil
1 tsp smoked paprika
½ tsp cumin seeds

Herby labneh
250g labneh
Small bunch dill, finely chopped
Small bunch mint, leaves picked and finely chopped
1 lemon, zested, then cut into wedges

Method
STEP 1
Heat the oven to 220C/200C fan/gas 7.
STEP 2
Toss the chickpeas with the oil, paprika and cumin, spread over a large baking tray and press each lightly with the bottom of a glass.
STEP 3
Roast for 22-25 mins, shaking halfway, until really crisp.
STEP 4
Stir the herbs and zest into the labneh and season.
STEP 5
Spread the labneh on a plate, tumble over the chickpeas and serve with the wedges.

Goes well with
Charred flatbreads
Tomato salad

Recipe from our May issue`,
    title: 'Crispy Smashed Chickpeas with Herby Labneh',
    portions: 4,
    components: [
      ['', ['2 tin chickpeas', '3 tbsp olive oil', '1 tsp smoked paprika', '0.5 tsp cumin seeds']],
      ['Herby labneh', ['250 g labneh', '1 bunch dill', '1 bunch mint', '1 lemon']],
    ],
    steps: 5,
  },
  {
    manner: 'a parkin with ditto signs',
    text: `Ginger parkin (Mrs Holt at the Institute)

½ lb medium oatmeal
½ „  flour
6 oz. black treacle
¼ lb lard
3 oz. demerara
2 teasp. ground ginger
1 „  bicarb
¼ pt. milk

Warm treacle, lard, sugar. Mix into the dry things w. the milk. Pour in a greased tin.
Slow oven 1¼ hrs. Keep a week before cutting!`,
    title: 'Ginger parkin (Mrs Holt at the Institute)',
    portions: null,
    components: [
      [
        '',
        [
          '0.5 lb medium oatmeal',
          '0.5 lb flour',
          '6 oz black treacle',
          '0.25 lb lard',
          '3 oz demerara',
          '2 tsp ground ginger',
          '1 tsp bicarb',
          '0.25 pint milk',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a menu item by the thirty',
    text: `MENU ITEM 3 — charred hispi, walnut sauce, pickled shallot (x30)

> walnut sauce
• walnuts, toasted – 600g
• sourdough, crusts off – 150g
• garlic – 3 cloves
• sherry vinegar – 60ml
• veg stock, warm – 700ml (add last, you may not need all)
blitz all 5 min till silky, pass, season. 2 days in fridge.

> pickled shallot
• banana shallots – 10
• white wine vinegar – 300ml
• sugar – 100g
rings 2mm, hot pickle over, 1hr min.

> hispi
• hispi – 8, quartered
• butter – 400g
• salt
steam 6min, chill, char cut sides on plancha to order. brush w brown butter.

PICK UP: 1 wedge, 40g sauce under, 5 rings, crushed walnut.`,
    title: 'charred hispi, walnut sauce, pickled shallot',
    portions: 30,
    components: [
      ['Walnut sauce', ['600 g walnuts', '150 g sourdough', '3 clove garlic', '60 ml sherry vinegar', '700 ml veg stock']],
      ['Pickled shallot', ['10 banana shallots', '300 ml white wine vinegar', '100 g sugar']],
      ['Hispi', ['8 hispi', '400 g butter', 'salt']],
    ],
    steps: 4,
  },
  {
    manner: 'a mail answered with soda bread',
    text: `From: Gwen
To: Alys
Subject: Re: Re: that soda bread
Date: Tue, 8 Oct

Hi love,
Of course! It's the one from the back of the buttermilk carton, more or less.

350g wholemeal
150g plain
1 heaped tsp bicarb
1 tsp salt
400ml buttermilk

1. oven to 200
2. mix dry, make a well, pour in all the buttermilk, bring together FAST with one hand
3. shape round, cross on top right down to the bottom
4. 40 mins. sounds hollow = done. Wrap in a tea towel if you like it soft

I put oats on sometimes. See you on the 14th!
G x

> On Mon, Alys wrote:
> Gwen, what was that bread?? my 3 kids ate the lot`,
    title: 'soda bread',
    portions: null,
    components: [['', ['350 g wholemeal', '150 g plain', '1 tsp bicarb', '1 tsp salt', '400 ml buttermilk']]],
    steps: 4,
  },
  {
    manner: 'marrow rings scanned in columns',
    text: `Baked Marrow Rings                                      (4 servings)

l medium marrow                       2 oz. breadcrumbs
1 onion, chopped                      l egg
4 oz. mushrooms                       salt and pepper
2 oz. cheese, grated

Cut the marrow into rings 1 1/2 in. thick, remove the seeds
and boil in salted water for 5 min.  Drain well.  Fry the
onion and mushrooms gently for 5 min., then add the crumbs,
cheese, egg and seasoning.  Place the rings in a greased
dish, fill, and bake in a moderate oven (350° F., Mark 4)
for 30 - 35 minutes.`,
    title: 'Baked Marrow Rings',
    portions: 4,
    components: [['', ['1 marrow', '1 onion', '4 oz mushrooms', '2 oz cheese', '2 oz breadcrumbs', '1 egg', 'salt and pepper']]],
    steps: 1,
  },
  {
    manner: 'a levain in bare grams',
    text: `SPELT LEVAIN  1.1 kg x 12

STAGE 1  LEVAIN BUILD (day 1, 20:00)
Mature starter      180
Spelt, wholegrain   420
Water 26C           420
Mix 3 min. Ferment 12 h @ 22C

STAGE 2  FINAL DOUGH (day 2, 08:00)
Levain              all
Spelt, white        5,400
Water 24C           3,650
Salt                118
Honey               90
Mix 4 min slow + 3 min fast. DT 25C
Bulk 2 h 30, folds at 45 and 90 min
Divide 1.1 kg, pre-shape, rest 20 min, shape, basket
Retard 4C 12-16 h
Bake 250C falling 220C, 42 min, steam

All weights g.`,
    title: 'SPELT LEVAIN',
    portions: 12,
    components: [
      ['Levain build', ['180 g Mature starter', '420 g Spelt', '420 g Water']],
      ['Final dough', ['Levain all', '5400 g Spelt', '3650 g Water', '118 g Salt', '90 g Honey']],
    ],
    steps: 6,
  },
  {
    manner: 'a post with pictures',
    text: `roasted grapes on toast 🍇 this took 20 min and I ate it standing up

you need:
a bunch of red grapes
1 tbsp olive oil
2 thyme sprigs
pinch flaky salt
4 thick slices sourdough
200g goat's curd
honey

how:
grapes + oil + thyme on a tray, 220°, 12-15 min til bursting
toast the bread. curd on thick. grapes over, all their juice too
honey + salt. done.

save for later & tag someone who'd eat 4 of these 😅 #toast #grapes`,
    title: 'roasted grapes on toast',
    portions: null,
    components: [
      [
        '',
        [
          '1 bunch red grapes',
          '1 tbsp olive oil',
          '2 sprig thyme',
          '1 pinch flaky salt',
          '4 slice sourdough',
          "200 g goat's curd",
          'honey',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a slaw and its mayonnaise by letter',
    text: `Celeriac-free remoulade slaw and caper mayonnaise

A. CAPER MAYONNAISE — makes 350 ml
2 egg yolks (pasteurised)
10 g Dijon mustard
15 ml lemon juice
280 ml rapeseed oil
30 g capers, rinsed and chopped
salt
1. Whisk yolks, mustard and juice 1 min.
2. Add oil in a thread. Fold in capers, season.

B. SLAW — 10 portions
800 g kohlrabi, julienne
2 green apples, julienne
200 ml caper mayonnaise (A)
15 g parsley, chopped
1. Salt kohlrabi 15 min, squeeze.
2. Dress with mayonnaise, add apple and parsley. Serve within 2 h.`,
    title: 'Celeriac-free remoulade slaw and caper mayonnaise',
    portions: 10,
    components: [
      ['Caper mayonnaise', ['2 egg yolks', '10 g Dijon mustard', '15 ml lemon juice', '280 ml rapeseed oil', '30 g capers', 'salt']],
      ['Slaw', ['800 g kohlrabi', '2 green apples', '200 ml caper mayonnaise', '15 g parsley']],
    ],
    steps: 4,
  },
  {
    manner: 'a lesson by the minute',
    text: `LESSON 7 — KNEADING AND PROVING (2 h 30)
Outcome: each student shapes 6 rolls to a round of even size.

Per student: 250 g strong flour, 5 g salt, 4 g dried yeast, 10 g sugar, 160 ml water, 15 g butter.

0:00–0:15 Talk: gluten, salt, temperature. Show windowpane.
0:15–0:35 Weigh, mix, knead 10 minutes by hand.
0:35–1:20 Prove at 26–28 °C, covered. Clean benches. Theory sheet.
1:20–1:40 Divide to 70 g, shape, tray.
1:40–2:05 Second prove.
2:05–2:20 Bake 220 °C 12–14 minutes.
2:20–2:30 Taste, compare, mark.`,
    title: 'KNEADING AND PROVING',
    portions: 1,
    components: [['Per student', ['250 g strong flour', '5 g salt', '4 g dried yeast', '10 g sugar', '160 ml water', '15 g butter']]],
    steps: 5,
  },
  {
    manner: 'components with lists of their own',
    text: `NORTHFIELD TRAINING PARTNERS
Course: Kitchen Skills Bootcamp          Day 2 of 5
Topic: Emulsified and starch-thickened sauces

Recipe sheet 2.3
Dish: Poached leeks with mustard sauce
Serves: 8        Time allowed: 1 h 15 min

Component 1 – Poached leeks
Ingredients:
• 16 thin leeks
• 2 litres vegetable stock
• 1 bay leaf
• 20 g salt
• 50 g butter
Method:
1. Trim and wash leeks; tie in bundles of four.
2. Bring stock, bay and salt to a simmer.
3. Poach leeks 12 minutes until a knife slides in.
4. Drain on a rack; brush with melted butter.

Component 2 – Mustard sauce
Ingredients:
• 40 g butter
• 40 g flour
• 500 ml leek poaching liquor
• 100 ml double cream
• 30 g wholegrain mustard
Method:
1. Make a blond roux with butter and flour, 3 minutes.
2. Add the hot liquor in three additions, whisking.
3. Simmer 10 minutes. Add cream and mustard.
4. Check consistency: it should coat the back of a spoon.

Health and safety: handle hot stock with care. Wear your apron at all times.
Allergens: milk, wheat, mustard, celery (stock).`,
    title: 'Poached leeks with mustard sauce',
    portions: 8,
    components: [
      ['Poached leeks', ['16 thin leeks', '2 l vegetable stock', '1 bay leaf', '20 g salt', '50 g butter']],
      ['Mustard sauce', ['40 g butter', '40 g flour', '500 ml leek poaching liquor', '100 ml double cream', '30 g wholegrain mustard']],
    ],
    steps: 8,
  },
  {
    manner: 'a mail about a soup for sixty',
    text: `Dear all,

As discussed at Tuesday's meeting, here is the revised recipe for the harvest lunch soup (60 portions – remember 4 are coming without dairy). Deliveries arrive Thursday at 8.

Parsnips, 6 kg
Onions, 2 kg
Garlic, 2 heads
Apples (cookers), 1.5 kg
Curry powder, mild, 60 g
Vegetable bouillon, 180 g
Water, 12 litres
Oat cream, 1.5 litres
Oil, 200 ml

Sweat the onions and garlic for 15 minutes, add the curry powder and the parsnips and cook another 10.
Add water, bouillon and apples. Simmer 40 minutes, blend, pass.
Finish with oat cream. Hold above 63 °C for service.

Any questions, shout.

Best wishes
Dorrit
Head of Kitchen
Tel: 0555 010 22`,
    title: 'Harvest lunch soup',
    portions: 60,
    components: [
      [
        '',
        [
          '6 kg Parsnips',
          '2 kg Onions',
          '2 head Garlic',
          '1.5 kg Apples',
          '60 g Curry powder',
          '180 g Vegetable bouillon',
          '12 l Water',
          '1.5 l Oat cream',
          '200 ml Oil',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'shortbread in Markdown, two systems',
    text: `## Black Sesame Shortbread

*Makes about 28 | Hands-on 20 min | Chill 1 hr | Bake 14 min*

I first ate these in a station café and spent a year trying to get the crumb right.

**You'll need**

| | Metric | US |
|---|---|---|
| Unsalted butter, soft | 200 g | 14 tbsp |
| Icing sugar | 80 g | 2/3 cup |
| Plain flour | 240 g | 1 3/4 cups + 2 tbsp |
| Black sesame seeds | 45 g | 5 tbsp |
| Fine salt | 3 g | 1/2 tsp |
| Vanilla extract | 5 ml | 1 tsp |

**Here's how**

1. Toast the sesame in a dry pan for 2–3 minutes, cool, then grind half of it.
2. Beat butter, sugar and salt for 2 minutes. Not fluffy!
3. Mix in everything else until just together.
4. Roll to two logs, 4 cm across. Chill for 1 hour.
5. Slice 8 mm thick and bake at 170 °C (150 °C fan) for 13–15 minutes.

> **Note:** they keep for two weeks in a tin.`,
    title: 'Black Sesame Shortbread',
    portions: 28,
    components: [
      [
        '',
        [
          '200 g Unsalted butter',
          '80 g Icing sugar',
          '240 g Plain flour',
          '45 g Black sesame seeds',
          '3 g Fine salt',
          '5 ml Vanilla extract',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a father’s chutney in two columns',
    text: `Apple chutney - Dad
3 lb apples peeled & cored     1 lb onions
1 lb sultanas                  1 1/2 lb dark sugar
1 1/2 pts vinegar              1 oz salt
1/2 oz ginger                  pinch cayenne

All in the big pan. Slow for 2 hrs, stir more at the end - it catches!
8 jars or so.`,
    title: 'Apple chutney - Dad',
    portions: null,
    components: [
      [
        '',
        [
          '3 lb apples',
          '1 lb sultanas',
          '1.5 pint vinegar',
          '0.5 oz ginger',
          '1 lb onions',
          '1.5 lb dark sugar',
          '1 oz salt',
          '1 pinch cayenne',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a batch card with gross and net',
    text: `Batch card 27            White onion tart filling
Batch size: 6.0 kg       Shelf life: 3 days @ <5°C
Station: Prep 2          Issued by: kl

#  Item                     Gross    Net     Unit
1  Onions                   5.600    4.900   kg
2  Butter                   0.300    0.300   kg
3  Thyme leaves             0.012    0.010   kg
4  White wine               0.400    0.400   l
5  Crème fraîche            0.900    0.900   kg
6  Pasteurised whole egg    0.600    0.600   kg
7  Salt                     0.040    0.040   kg

Procedure
A  Slice onions 3 mm.
B  Sweat in butter, covered, 35 min; uncovered until dry, 15 min. No colour.
C  Deglaze with wine, reduce to nothing.
D  Cool to below 8°C within 90 min.
E  Fold in crème fraîche, egg, thyme and salt. Label.`,
    title: 'White onion tart filling',
    portions: null,
    components: [
      [
        '',
        [
          '5.6 kg Onions',
          '0.3 kg Butter',
          '0.012 kg Thyme leaves',
          '0.4 l White wine',
          '0.9 kg Crème fraîche',
          '0.6 kg Pasteurised whole egg',
          '0.04 kg Salt',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'beans with their list in a row',
    text: `Braised White Beans with Fennel and Orange
This is the dish I cook when the windows steam up. It wants good oil.
Serves 4 to 6
250 g dried cannellini beans, soaked overnight · 2 fennel bulbs, trimmed and cut in wedges · 100 ml olive oil · 4 garlic cloves, bruised · 1 orange, zest in strips · 1 teaspoon fennel seed · 1 dried chilli · salt
Drain the beans, cover with fresh water by 5 cm and boil hard for 10 minutes. Skim, lower the heat and simmer for 50 minutes, until almost tender.
Meanwhile brown the fennel in half the oil over a high flame, about 4 minutes a side. Add the garlic, zest, seed and chilli and warm for a minute.
Tip the beans and two ladles of their water over the fennel, cover and bake at 160 °C for 40 minutes. Uncover for the last 10.
Rest for a quarter of an hour and finish with the rest of the oil.`,
    title: 'Braised White Beans with Fennel and Orange',
    portions: 4,
    components: [
      [
        '',
        [
          '250 g dried cannellini beans',
          '2 fennel bulbs',
          '100 ml olive oil',
          '4 clove garlic',
          '1 orange',
          '1 tsp fennel seed',
          '1 dried chilli',
          'salt',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a crumble told into a phone',
    text: `okay so the crumble topping is um 200 grams of flour 100 of butter 75 of sugar and a good handful of oats. rub the butter in till it looks like breadcrumbs, then the sugar and oats. fruit wise I do about a kilo of rhubarb cut in chunks with 3 big spoons of sugar and the zest of an orange in the dish. crumble on, bake at 190 for 35 minutes. that feeds six easy`,
    title: '',
    portions: 6,
    components: [['', ['200 g flour', '100 g butter', '75 g sugar', '1 handful oats', '1 kg rhubarb']]],
    steps: 1,
  },
  {
    manner: 'buns for one and for forty',
    text: `FISH FINGER BUNS — per portion / x40

coley fillet, skinless      120 g      4.8 kg
seasoned flour              10 g       400 g
egg wash                    15 ml      600 ml
panko                       30 g       1.2 kg
brioche bun                 1          40
tartare sauce               25 g       1 kg

pané: flour, egg, panko. chill 20 min min.
fry 180°C 3-4 min to 63+ core. drain.
toast bun, sauce both sides.`,
    title: 'FISH FINGER BUNS',
    portions: 1,
    components: [
      ['', ['120 g coley fillet', '10 g seasoned flour', '15 ml egg wash', '30 g panko', '1 brioche bun', '25 g tartare sauce']],
    ],
    steps: 3,
  },
  {
    manner: 'a granita by capitals',
    text: `Cucumber granita with dill cream (6 glasses)

GRANITA
2 cucumbers, about 700 g
80 g sugar
60 ml lime juice
pinch of salt
Blend, strain, freeze in a shallow tray, forking every 30 minutes for 3 hours.

DILL CREAM
200 ml whipping cream
15 g dill
1 tsp honey
Warm 50 ml of the cream with the dill to 70 °C, infuse 20 minutes, strain and chill. Whip with the rest and the honey to soft peaks.

TO SERVE
Fork the granita again, spoon into frozen glasses, top with cream. At once.`,
    title: 'Cucumber granita with dill cream',
    portions: 6,
    components: [
      ['Granita', ['2 cucumbers', '80 g sugar', '60 ml lime juice', '1 pinch salt']],
      ['Dill cream', ['200 ml whipping cream', '15 g dill', '1 tsp honey']],
      ['To serve', []],
    ],
    steps: 3,
  },
  {
    manner: 'a skills test with a tray',
    text: `Skills test B — time 90 minutes — 2 covers
Menu: Mushroom and barley broth; soda scones

Your tray holds
chestnut mushrooms 200 g
pearl barley 60 g
onion 1
carrot 1
celery 1 stick
mushroom stock 900 ml
thyme 2 sprigs
SR flour 150 g
buttermilk 100 ml
butter 40 g
salt, pepper

You must
• cut the vegetables in brunoise
• serve the broth at 75 °C or hotter
• bake four scones of equal size

Marks: knife work 30, cooking 40, plating 15, hygiene 15`,
    title: 'Mushroom and barley broth; soda scones',
    portions: 2,
    components: [
      [
        '',
        [
          '200 g chestnut mushrooms',
          '60 g pearl barley',
          '1 onion',
          '1 carrot',
          '1 stick celery',
          '900 ml mushroom stock',
          '2 sprig thyme',
          '150 g SR flour',
          '100 ml buttermilk',
          '40 g butter',
          'salt, pepper',
        ],
      ],
    ],
    steps: 0,
  },
  {
    manner: 'a tart between stars, told by part',
    text: `Rye and Leek Tart
*
For the crust
150g rye flour, 100g plain flour
125g cold butter
1 tsp salt
4-5 tbsp iced water
*
For the filling
600g leeks (white and pale green)
30g butter
250ml single cream
a good grating of nutmeg
*
To finish
2 tbsp breadcrumbs
a little melted butter

Crust. Pulse the flours with the butter and salt, bind with water, rest half an hour in the cold. Line a 26cm tin, prick, and bake blind at 190C for 20 minutes.
Filling. Slice the leeks finely and sweat them in the butter under a lid for 15 minutes. Stir in the cream and nutmeg, spoon into the case.
Finish. Scatter over the crumbs, trickle over the butter and bake for another 25 minutes until speckled brown. Serves 6.`,
    title: 'Rye and Leek Tart',
    portions: 6,
    components: [
      ['Crust', ['150 g rye flour', '100 g plain flour', '125 g butter', '1 tsp salt', '4-5 tbsp iced water']],
      ['Filling', ['600 g leeks', '30 g butter', '250 ml single cream', 'nutmeg']],
      ['To finish', ['2 tbsp breadcrumbs', 'butter']],
    ],
    steps: 3,
  },
  {
    manner: 'a canteen’s form in capitals',
    text: `RECIPE NAME: Vegetable korma          CODE: VK-12
CATEGORY: Main, vegan                 PORTIONS: 100
PORTION SIZE: 250 g                   YIELD: 25 kg
COOKING TEMP: 165 °C                  COOKING TIME: 45 min
EQUIPMENT: Tilting kettle, GN 1/1-100

INGREDIENT            WEIGHT      MEASURE        
Onions, sliced        2.5 kg      
Ginger-garlic paste   300 g       1 ¼ cups
Korma spice mix       250 g       2 cups
Coconut milk          5 L         
Cauliflower florets   4 kg        
Carrots, diced        4 kg        
Green peas, frozen    3 kg        
Ground almonds        600 g       

DIRECTIONS
1. Heat kettle, fry onions in 200 ml oil until golden, 15 min.
2. Add paste and spice mix; stir 3 min.
3. Add coconut milk and 3 L water, bring to a boil.
4. Add vegetables in order of hardness; simmer 15-20 min.
5. Stir in almonds. CCP: cook to 75 °C, hold at 63 °C or above.

NUTRITION per 250 g: 310 kcal, 21 g fat, 9 g protein`,
    title: 'Vegetable korma',
    portions: 100,
    components: [
      [
        '',
        [
          '2.5 kg Onions',
          '300 g Ginger-garlic paste',
          '250 g Korma spice mix',
          '5 l Coconut milk',
          '4 kg Cauliflower florets',
          '4 kg Carrots',
          '3 kg Green peas',
          '600 g Ground almonds',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a letter that goes out to many',
    text: `No. 48: What to do with a cabbage you forgot about

Hello, you. It has been raining since Thursday and there was a cabbage at the back of the fridge.

COOKING AHEAD? See the end.

Forgotten cabbage with caraway breadcrumbs
Serves two, or one with plans

half a smallish white cabbage
40g butter
1 tsp caraway seeds
2 slices stale rye bread, torn up
1 tbsp olive oil
1 tbsp cider vinegar
a spoonful of soured cream, to serve

Cut the cabbage into three wedges, keeping the core in. Melt the butter in a wide pan with a lid and lay the wedges in. Ten minutes, lid on, medium-low. Turn. Ten more.
While that happens, fry the bread in the oil with the caraway until it sounds crunchy when you shake the pan.
Lid off, vinegar in, heat up, two minutes.
Plate, crumbs over, cream on the side.

To cook ahead: stop before the vinegar.

If you liked this, forward it to someone with a cabbage.
Unsubscribe`,
    title: 'Forgotten cabbage with caraway breadcrumbs',
    portions: 2,
    components: [
      [
        '',
        [
          '0.5 smallish white cabbage',
          '40 g butter',
          '1 tsp caraway seeds',
          '2 slice stale rye bread',
          '1 tbsp olive oil',
          '1 tbsp cider vinegar',
          '1 spoonful of soured cream',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a cake translated from the north',
    text: `Kladdig chokladkaka (sticky chocolate cake)
1 form, about 10 bits

2 eggs
3 dl sugar
1½ dl flour
4 tbsp cocoa
1 tsp vanilla sugar
1 pinch of salt
100 g butter
butter + breadcrumbs for the form

Oven 175°.
Melt the butter. Stir everything together, do not beat air into it.
Pour in buttered and breaded form.
Bake low in the oven 15-20 min. It should be sticky in the middle.
Let go cold. Serve with whipped cream.`,
    title: 'Kladdig chokladkaka (sticky chocolate cake)',
    portions: 10,
    components: [
      [
        '',
        [
          '2 eggs',
          '3 dl sugar',
          '1.5 dl flour',
          '4 tbsp cocoa',
          '1 tsp vanilla sugar',
          '1 pinch salt',
          '100 g butter',
          'butter + breadcrumbs',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'gravy with leaders and its yield',
    text: `SAUCE 4: CHARRED ONION GRAVY  — 5 L

IN → OUT: 8 kg raw onion gives about 5 L
 onion, halved ............ 8 kg
 rapeseed oil ............. 250 ml
 red wine ................. 1.5 L
 brown vegetable stock .... 6 L
 soy ...................... 120 ml
 arrowroot ................ 60 g

How: char the onions cut side down on the flat top until black, 12 min. Oil into the brat pan, onions in, wine over, reduce by half (20 min). Stock in, simmer 1 h. Blend, pass twice. Soy. Thicken with arrowroot slaked in cold water, boil 1 min. Chill: 5 °C in 90 min.`,
    title: 'CHARRED ONION GRAVY',
    portions: null,
    components: [
      ['', ['8 kg onion', '250 ml rapeseed oil', '1.5 l red wine', '6 l brown vegetable stock', '120 ml soy', '60 g arrowroot']],
    ],
    steps: 1,
  },
  {
    manner: 'fritters of an old book with run-in heads',
    text: `BROAD BEAN FRITTERS.
              (A Lenten Dish.)

Ingredients.—1 pint of shelled broad beans, 2 ozs. of flour,
2 eggs, a small onion, a tablespoonful of chopped parsley,
pepper and salt, frying fat.

Method.—Boil the beans till tender and rub off the skins.
Pound them, mix with the flour, the onion finely grated, the
parsley and seasoning, and bind with the eggs well beaten. Drop
by spoonfuls into hot fat and fry a golden brown. Drain on
paper and serve very hot.

Time.—About 1 hour. Sufficient for 4 persons.
Seasonable from June to August.`,
    title: 'BROAD BEAN FRITTERS',
    portions: 4,
    components: [
      ['', ['1 pint shelled broad beans', '2 oz flour', '2 eggs', '1 onion', '1 tbsp parsley', 'pepper and salt', 'frying fat']],
    ],
    steps: 2,
  },
  {
    manner: 'a foam without units',
    text: `smoked potato foam (2 siphons)
ratte 600 smoked 40min skin on
milk 300
cream 200
butter 150
salt 9
boil ratte to tender, peel hot, pass. warm dairy, blend smooth 70c, pass again. fill 1L siphon x2, 2 charges each, hold 65c bath`,
    title: 'smoked potato foam (2 siphons)',
    portions: null,
    components: [['', ['ratte 600 smoked 40min skin on', '300 g milk', '200 g cream', '150 g butter', '9 salt']]],
    steps: 1,
  },
  {
    manner: 'a loaf with grams in front',
    text: `Fig & Fennel Seed Loaf
by the test kitchen | updated 12 Sept 2023
Rating: ★★★★★ (41)
Yield: One 9x5-inch loaf (about 12 slices)
Active Time: 25 minutes
Total Time: 1 hour 35 minutes

INGREDIENTS
(210g) 1¾ cups all-purpose flour
(150g) ¾ cup granulated sugar
(9g) 2 tsp. baking powder
(120ml) ½ cup olive oil
(240g) 1 cup whole-milk yogurt
3 large eggs
(170g) 6 oz. dried figs, chopped
1 Tbsp. fennel seeds, lightly crushed

PREPARATION
Step 1
Preheat oven to 350°F. Grease a 9x5" loaf pan.
Step 2
Whisk the dry ingredients. Whisk oil, yogurt and eggs separately, then fold together with the figs and fennel.
Step 3
Bake 60–65 minutes, until a tester comes out clean. Cool for 15 minutes in the pan.`,
    title: 'Fig & Fennel Seed Loaf',
    portions: 12,
    components: [
      [
        '',
        [
          '1.75 cup all-purpose flour',
          '0.75 cup granulated sugar',
          '2 tsp baking powder',
          '0.5 cup olive oil',
          '1 cup whole-milk yogurt',
          '3 eggs',
          '6 oz dried figs',
          '1 tbsp fennel seeds',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a sauce shown by the clock',
    text: `Demo 4: hollandaise-style butter sauce, by hand (8 covers)

09:30 set a pan of water to 80 °C; melt 250 g butter and keep it at 60 °C
09:35 reduce 50 ml white wine vinegar and 50 ml water with 6 crushed peppercorns to 30 ml; strain and cool
09:40 whisk 4 pasteurised egg yolks with the reduction over the bath to ribbon, 4 min
09:45 take off; trickle in the butter
09:50 season: 4 g salt, 10 ml lemon juice; hold at 60 °C for no longer than the local rule says`,
    title: 'hollandaise-style butter sauce, by hand',
    portions: 8,
    components: [
      [
        '',
        [
          '250 g butter',
          '50 ml white wine vinegar',
          '50 ml water',
          '6 crushed peppercorns',
          '4 pasteurised egg yolks',
          '4 g salt',
          '10 ml lemon juice',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a platter set in',
    text: `Meze platter, per table of 8

  Muhammara
    - 4 roasted red peppers
    - 120 g walnuts
    - 2 tbsp pomegranate molasses
    - 1 tsp Aleppo chilli
    Blitz coarse. Rest an hour.

  Labneh balls
    - 1 kg strained yoghurt
    - 10 g salt
    - za'atar, 3 tbsp
    Salt, hang overnight, roll into 24, coat.

  Pickled turnips
    - 500 g turnips in batons
    - 1 small beetroot, sliced
    - brine 5%, 600 ml
    5 days at room temperature.`,
    title: 'Meze platter, per table of 8',
    portions: 8,
    components: [
      ['Muhammara', ['4 roasted red peppers', '120 g walnuts', '2 tbsp pomegranate molasses', '1 tsp Aleppo chilli']],
      ['Labneh balls', ['1 kg strained yoghurt', '10 g salt', "3 tbsp za'atar"]],
      ['Pickled turnips', ['500 g turnips in batons', '1 beetroot', '600 ml brine 5%']],
    ],
    steps: 3,
  },
  {
    manner: 'a hotpot in a hurry',
    text: `Hotpot of roots & barley      (big pan = 10)

swede 1 large
carrots 6
turnips 4 small
pearl barley 200g
onions 3
veg stock 2 ltr
thyme, bay
tom puree 2 tbsp
worcester sauce (veggie one!) splash

dice all the veg 2cm. sweat onions till soft.
in with everything, simmer 50 min, lid half on.
last 10 min: puree + sauce.
dumplings if you want - 200 SR flour, 100 suet, water, 20 min on top`,
    title: 'Hotpot of roots & barley (big pan = 10)',
    portions: null,
    components: [
      [
        '',
        [
          '1 swede',
          '6 carrots',
          '4 turnips',
          '200 g pearl barley',
          '3 onions',
          '2 l veg stock',
          'thyme',
          '2 tbsp tom puree',
          '1 splash worcester sauce',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a site with boxes drawn close',
    text: `Recipe

Smoky Lentil Sloppy Joes
Prep Time10 minutes mins
Cook Time30 minutes mins
Total Time40 minutes mins
Course: Main Course
Cuisine: American
Servings: 6 people
Calories: 312kcal
Author: Jun

Equipment
Large skillet
Wooden spoon

Ingredients
1x2x3x
▢1 cup brown lentils rinsed
▢1 tablespoon olive oil
▢1 small yellow onion finely diced
▢3 cloves garlic minced
▢1 (15-ounce) can tomato sauce
▢2 tablespoons maple syrup
▢1 teaspoon smoked paprika
▢6 burger buns toasted

Instructions
Cook the lentils in salted water for 20 minutes. Drain.
Heat the oil over medium heat and cook the onion until soft, about 5 minutes. Add the garlic.
Stir in the lentils, tomato sauce, syrup and paprika. Simmer 10 minutes, until thick.
Pile onto the buns.

Video
Notes
Storage: Keeps 4 days refrigerated.
Nutrition
Calories: 312kcal | Carbohydrates: 55g`,
    title: 'Smoky Lentil Sloppy Joes',
    portions: 6,
    components: [
      [
        '',
        [
          '1 cup brown lentils',
          '1 tbsp olive oil',
          '1 yellow onion',
          '3 clove garlic',
          '1 tin tomato sauce',
          '2 tbsp maple syrup',
          '1 tsp smoked paprika',
          '6 burger buns',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a tart translated from French',
    text: `Tarte of Swiss chard, "à la niçoise"
For 8 persons. Preparation: 45 min. Cooking: 35 min.

Dough: 300 g flour, 120 ml olive oil, 100 ml water, 5 g salt.
Filling: 1 bunch chard (800 g), 60 g pine nuts, 80 g raisins, 100 g grated cheese, 2 eggs, 40 g sugar.

1. Mix flour and salt, pour in oil and water, form a ball without working it. Rest 1 h in cool place.
2. Wash the chard, keep green only, cut in fine chiffonade, wring strongly.
3. Mix all the filling.
4. Line a 28 cm mould with two thirds of the dough, fill, cover, seal.
5. Cook at 190° (th. 6-7) 35 min. Sugar lightly when it goes out of the oven.`,
    title: 'Tarte of Swiss chard, "à la niçoise"',
    portions: 8,
    components: [
      ['Dough', ['300 g flour', '120 ml olive oil', '100 ml water', '5 g salt']],
      ['Filling', ['1 bunch chard', '60 g pine nuts', '80 g raisins', '100 g cheese', '2 eggs', '40 g sugar']],
    ],
    steps: 5,
  },
  {
    manner: 'elements for ten and for fifty',
    text: `| Element | Item | For 10 | For 50 |
|---|---|---|---|
| Pea panna cotta | Peas, frozen | 400 g | 2 kg |
| | Milk | 300 ml | 1.5 l |
| | Cream | 500 ml | 2.5 l |
| | Gelatine leaf | 5 | 25 |
| Mint oil | Mint | 60 g | 300 g |
| | Rapeseed oil | 150 ml | 750 ml |
| Garnish | Pea shoots | 50 g | 250 g |
| | Feta | 100 g | 500 g |
| | Salt | tt | tt |

Method
1. Bloom gelatine. Blend hot peas with milk, pass, warm to 50 °C, dissolve gelatine, add cream.
2. Set in 100 ml moulds, 4 h.
3. Blanch mint, blend with oil 3 min, hang.
4. Turn out, dress with shoots, feta and oil.`,
    title: '',
    portions: 10,
    components: [
      ['Pea panna cotta', ['400 g Peas', '300 ml Milk', '500 ml Cream', '5 leaf Gelatine']],
      ['Mint oil', ['60 g Mint', '150 ml Rapeseed oil']],
      ['Garnish', ['50 g Pea shoots', '100 g Feta', 'Salt']],
    ],
    steps: 4,
  },
  {
    manner: 'a forum’s pudding',
    text: `Posted by hearthcake » Sun 9 Nov, 19:42

Re: Sticky date pudding without the vat of cream

This is mine, tinkered with for years -

Pudding
200g stoned dates, chopped
1 tsp bicarbonate of soda
250ml boiling water
85g butter
150g light muscovado
2 eggs
175g self raising

Sauce
100g butter
100g dark muscovado
150ml double cream

Dates + bicarb + water, stand 10 mins. Cream butter and sugar, eggs in, flour, then the dates with their water (yes it's runny). 20cm tin, 180, 35 mins.
Sauce: everything in a pan, boil 2 mins.

HTH

_________________
Life's too short for small puddings
Top`,
    title: 'Sticky date pudding without the vat of cream',
    portions: null,
    components: [
      [
        'Pudding',
        [
          '200 g stoned dates',
          '1 tsp bicarbonate of soda',
          '250 ml boiling water',
          '85 g butter',
          '150 g light muscovado',
          '2 eggs',
          '175 g self raising',
        ],
      ],
      ['Sauce', ['100 g butter', '100 g dark muscovado', '150 ml double cream']],
    ],
    steps: 2,
  },
  {
    manner: 'vinaigrettes with cards to draw',
    text: `Practical 3: vinaigrette family

Each student makes 200 ml base vinaigrette:
50 ml white wine vinegar
150 ml sunflower oil
5 g Dijon mustard
2 g salt
white pepper

then turns half of it into one of these (draw a card):
A  Ravigote: 10 g capers, 10 g shallot, 5 g mixed herbs
B  Walnut: replace 50 ml oil with walnut oil, 10 g walnuts
C  Honey: 10 g honey, zest of 1/4 lemon

Procedure
1  dissolve salt in vinegar
2  add mustard and pepper
3  add oil in a stream, whisking
4  taste with a leaf, correct
Note how long your emulsion holds: ____ min`,
    title: 'vinaigrette family',
    portions: null,
    components: [
      ['', ['50 ml white wine vinegar', '150 ml sunflower oil', '5 g Dijon mustard', '2 g salt', 'white pepper']],
      ['A Ravigote', ['10 g capers', '10 g shallot', '5 g mixed herbs', 'B Walnut: replace 50 ml oil with walnut oil', '10 g C Honey']],
    ],
    steps: 5,
  },
  {
    manner: 'a soda over four days',
    text: `GINGER BUG SODA (4 x 750 ml bottles)
Water .......... 3 L
Sugar .......... 270 g
Ginger, fresh .. 90 g
Lemon juice .... 120 ml
Ginger bug ..... 150 ml (strained)

DAY 1: Boil 1 L water with sugar and sliced ginger 10 min. Add remaining cold water; cool below 30 °C. Add juice and bug. Bottle, leaving 4 cm.
DAY 2–3: Keep at 22 °C. Burp once a day.
DAY 4: Fridge. Open cold, over a sink, face away.
Pressure warning: plastic bottles only for class.`,
    title: 'GINGER BUG SODA',
    portions: null,
    components: [['', ['3 l Water', '270 g Sugar', '90 g Ginger', '120 ml Lemon juice', '150 ml Ginger bug']]],
    steps: 3,
  },
  {
    manner: 'a soup whose gaps were lost',
    text: `Ingredient Quantity Preparation
Red lentils 180 g rinsed
Carrot 2 medium grated
Onion 1 finely chopped
Cumin seeds 2 tsp toasted
Vegetable stock 900 ml hot
Lemon 1 juice only
Method
Fry onion and cumin in a little oil for 5 minutes.
Add carrot, lentils and stock. Simmer 20 minutes.
Blend half. Add lemon juice.
Serves 4 Cost per portion £0.41`,
    title: '',
    portions: 4,
    components: [['', ['180 g Red lentils', '2 Carrot', '1 Onion', '2 tsp Cumin seeds', '900 ml Vegetable stock', '1 Lemon']]],
    steps: 3,
  },
  {
    manner: 'pizza dough in a message',
    text: `pizza dough for sat!! 1kg 00 flour, 640 water, 28 salt, 2g dried yeast, 20 oil. mix, 10 min knead, 24h fridge balls of 270 (makes 6). out 3 hrs before. oven max + stone`,
    title: 'pizza dough for sat!!',
    portions: null,
    components: [['', ['1 kg 00 flour', '640 g water', '28 g salt', '2 g dried yeast', '20 g oil']]],
    steps: 1,
  },
  {
    manner: 'a jelly with a counted list',
    text: `QUINCE JELLY
Yield varies: 1 litre juice = approx. 1.4 kg jelly
1. 2 kg quinces, washed, rubbed free of fluff, chopped with skins and cores
2. Water to cover (about 2 litres)
3. Juice of 2 lemons
4. 750 g sugar per litre of juice
Simmer 1 & 2 until pulpy, 1 hr. Drip overnight through cloth - do not squeeze.
Measure juice. Add 3 & 4, dissolve, boil to 105C or wrinkle test.
Skim, jar, seal.`,
    title: 'QUINCE JELLY',
    portions: null,
    components: [['', ['2 kg quinces', '2 l Water', '2 lemons', '750 g sugar per litre of juice']]],
    steps: 3,
  },
  {
    manner: 'spring onions with two parts',
    text: `CHARRED SPRING ONIONS
with romesco & crushed butter beans

SERVES: 4    PREP: 25 MINS    COOK: 20 MINS

24 spring onions, roots trimmed
1½ tbsp rapeseed oil

Romesco
2 red peppers
60g blanched almonds, toasted
1 garlic clove
1 tbsp sherry vinegar
80ml extra virgin olive oil
½ tsp hot smoked paprika

Crushed beans
2 x 400g tins butter beans, rinsed
Juice of ½ lemon
3 tbsp olive oil

1. Put the peppers under a hot grill, turning, for 12–15 minutes until black all over. Cover for 10 minutes, then peel and seed.
2. Blitz with the rest of the romesco ingredients to a rough paste; season.
3. Warm the beans with the lemon and oil over a low heat, 5 minutes, and crush with a fork.
4. Toss the onions in the oil. Griddle over a fierce heat for 3 minutes a side.
5. Spread the beans on a platter, onions on top, romesco over.

WINE TIP A dry rosé.
PER SERVING 512kcal | 38g fat | 5g sat | 27g carbs | 12g protein | 0.4g salt`,
    title: 'CHARRED SPRING ONIONS with romesco & crushed butter beans',
    portions: 4,
    components: [
      ['', ['24 spring onions', '1.5 tbsp rapeseed oil']],
      [
        'Romesco',
        [
          '2 red peppers',
          '60 g blanched almonds',
          '1 clove garlic',
          '1 tbsp sherry vinegar',
          '80 ml extra virgin olive oil',
          '0.5 tsp hot smoked paprika',
        ],
      ],
      ['Crushed beans', ['2 tin butter beans', '0.5 lemon', '3 tbsp olive oil']],
    ],
    steps: 5,
  },
  {
    manner: 'a forwarded mail about rolls',
    text: `---------- Forwarded message ---------
From: Bettina Orr <b.orr@example.org>
Date: Wed, 3 Apr 2024 at 08:12
Subject: Fwd: Order for bread week
To: <kitchen@example.org>

Team, please weigh up for Monday. Six benches, each bench makes this once (12 rolls).

Potato rolls
Strong flour      500 g
Cooked potato, riced      200 g
Milk, warm      180 ml
Butter, soft      60 g
Sugar      30 g
Salt      9 g
Fresh yeast      15 g
Egg, 1, beaten (for brushing)

Method on the day:
1. Rub butter into flour, add potato.
2. Yeast in milk, in. Knead 8 min.
3. Prove 60 min @ 27C.
4. Scale 80 g, shape round, prove 30 min.
5. Brush, bake 200C 15-18 min.

Thanks all
B

This message is confidential. If you are not the intended recipient please delete it.`,
    title: 'Potato rolls',
    portions: 12,
    components: [
      ['', ['500 g Strong flour', '200 g potato', '180 ml Milk', '60 g Butter', '30 g Sugar', '9 g Salt', '15 g Fresh yeast', '1 Egg']],
    ],
    steps: 5,
  },
  {
    manner: 'a relish in a newsletter',
    text: `ALLOTMENT NEWS — AUGUST

RECIPE OF THE MONTH
Runner Bean Relish (sent in by Plot 14)

Fills about five 1 lb jars

2 lbs runner beans, trimmed & sliced
1½ lbs onions, chopped
1½ pints malt vinegar
1 heaped tbsp cornflour
1 heaped tbsp mustard powder
1 tbsp turmeric
1 lb demerara
½ lb granulated

Boil the beans in salted water till just tender. Cook the onions in half the vinegar, 15 minutes. Mix the powders to a paste with a little vinegar. Add beans to onions with the rest of the vinegar and boil 10 minutes. Stir in the sugars till melted, boil another 10, stir in the paste and boil till thick. Pot hot.

DATES FOR YOUR DIARY
Sat 14th – trading hut open 10–12
Sun 22nd – seed swap`,
    title: 'Runner Bean Relish',
    portions: null,
    components: [
      [
        '',
        [
          '2 lb runner beans',
          '1.5 lb onions',
          '1.5 pint malt vinegar',
          '1 tbsp cornflour',
          '1 tbsp mustard powder',
          '1 tbsp turmeric',
          '1 lb demerara',
          '0.5 lb granulated',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'slides of a lesson',
    text: `Slide 1
Knife skills + stir braise
Slide 2 – Ingredients (pairs)
▪ Aubergine ×2
▪ Spring onion ×4
▪ Ginger 15g
▪ Garlic 2 cloves
▪ Soy 30ml
▪ Rice vinegar 15ml
▪ Sugar 5g
▪ Oil 40ml
Slide 3 – Steps
▪ Roll-cut the aubergine, salt for 10 min, wipe dry
▪ Ginger + garlic fine dice
▪ Fry aubergine in batches, 4 min, until gold
▪ Ginger + garlic 30 sec, liquids in, lid, 6 min low
▪ Onion on top
Slide 4 – Taste and score (1–5)
▪ seasoning ▪ even cut ▪ texture`,
    title: 'Knife skills + stir braise',
    portions: null,
    components: [
      ['', ['2 Aubergine', '4 Spring onion', '15 g Ginger', '2 clove Garlic', '30 ml Soy', '15 ml Rice vinegar', '5 g Sugar', '40 ml Oil']],
    ],
    steps: 5,
  },
  {
    manner: 'mushrooms told in a book',
    text: `MUSHROOMS ON TOAST, PROPERLY

For two people you need 400 g of mixed mushrooms, the meatier the better, 60 g of butter, a small clove of garlic, two thick slices of good bread, a tablespoon of chopped parsley and half a lemon. Wipe the mushrooms, do not wash them, and tear the large ones. Get a wide pan very hot with half the butter in it. When the butter stops hissing, put in the mushrooms and leave them alone for 3 minutes. Turn them, season, and give them another 3. Off the heat stir in the garlic, the parsley and the rest of the butter. Toast the bread on one side only, pile the mushrooms on the untoasted side, squeeze over the lemon.`,
    title: 'MUSHROOMS ON TOAST, PROPERLY',
    portions: 2,
    components: [['', ['400 g mixed mushrooms', '60 g butter', '1 clove garlic', '2 slice good bread', '1 tbsp parsley', '0.5 lemon']]],
    steps: 1,
  },
  {
    manner: 'a salad by the portion and by 25',
    text: `Commodity	Per portion	Per 25	Prep
Pearl couscous	60 g	1.5 kg	
Courgette	50 g	1.25 kg	5 mm dice
Red pepper	40 g	1 kg	5 mm dice
Mint	2 g	50 g	chiffonade
Lemon juice	5 ml	125 ml	
Olive oil	8 ml	200 ml	

Method:
Boil couscous 8 min in salted water, drain, oil.
Sauté vegetables 3 min, colour.
Combine cold, dress, mint last.`,
    title: '',
    portions: 1,
    components: [['', ['60 g Pearl couscous', '50 g Courgette', '40 g Red pepper', '2 g Mint', '5 ml Lemon juice', '8 ml Olive oil']]],
    steps: 3,
  },
  {
    manner: 'boxty by equal amounts',
    text: `Boxty the way Nora does it
Equal amounts raw grated potato and cooked mash, say a pound of each
Flour, about half that again
A teaspoon of bread soda
Salt
Buttermilk to make a soft dough
Squeeze the raw potato in a cloth till no more comes. Mix in the mash, flour, soda, salt. Bring together with the buttermilk.
Pat out to half an inch, cut in farls, dry griddle, 8 minutes a side, slow.
Makes 8 farls`,
    title: 'Boxty the way Nora does it',
    portions: 8,
    components: [
      ['', ['Equal amounts raw grated potato and cooked mash', 'Flour', '1 tsp bread soda', 'Salt', 'Buttermilk to make a soft dough']],
    ],
    steps: 2,
  },
  {
    manner: 'a sub-recipe',
    text: `Sub-recipe: Miso caramel          Yield: 900 g
Used in: Dish 12, Dish 31
Caster sugar 400 g
Glucose 50 g
Double cream 350 ml
White miso 90 g
Butter, unsalted 120 g
Dry caramel, sugar + glucose, to 178 °C. Cream (hot) in 3 goes. Miso, butter. Hand blend. Pass.
Store: squeeze bottles, 3–5 °C, 10 days. Reheat to 40 °C to use.`,
    title: 'Miso caramel',
    portions: null,
    components: [['', ['400 g Caster sugar', '50 g Glucose', '350 ml Double cream', '90 g White miso', '120 g Butter']]],
    steps: 1,
  },
  {
    manner: 'a dal in three steps with their lists',
    text: `Three-step dal

Step 1 (lentils): 200 g yellow split peas, 1 l water, 1 tsp turmeric. Simmer 45 minutes, whisk until creamy.

Step 2 (tarka): 3 tbsp ghee, 1 tsp cumin seed, 2 dried chillies, 4 cloves garlic, sliced. Fry until the garlic is the colour of honey.

Step 3 (finish): 1 tsp salt, juice of 1 lime, a handful of coriander. Pour the tarka over, stir once, serves four.`,
    title: 'Three-step dal',
    portions: 4,
    components: [
      ['Lentils', ['200 g yellow split peas', '1 l water', '1 tsp turmeric']],
      ['Tarka', ['3 tbsp ghee', '1 tsp cumin seed', '2 dried chillies', '4 clove garlic']],
      ['Finish', ['1 tsp salt', '1 lime', '1 handful coriander']],
    ],
    steps: 3,
  },
  {
    manner: 'a tart translated from German',
    text: `Recipe Onion tart (Zwiebelkuchen), tray 30 x 40 cm, 12 pieces

Yeast dough: flour type 550 400 g, yeast 20 g, milk lukewarm 200 ml, butter 50 g, salt 8 g
Topping: onions 1.2 kg, oil 3 EL, sour cream 400 g, eggs 4, caraway 1 TL, salt, pepper, nutmeg

Dough knead 8 min., let go 45 min.
Onions cut in half rings, steam in oil 15 min., let cool.
Mix sour cream with eggs, season, lift under the onions.
Roll out dough, lay on tray with edge, distribute mass.
Bake at 200 degrees (circulating air 180) 35-40 min.`,
    title: 'Onion tart (Zwiebelkuchen)',
    portions: 12,
    components: [
      ['Yeast dough', ['400 g flour type 550', '20 g yeast', '200 ml milk', '50 g butter', '8 g salt']],
      ['Topping', ['1.2 kg onions', '3 tbsp oil', '400 g sour cream', '4 eggs', '1 tsp caraway', 'salt', 'pepper', 'nutmeg']],
    ],
    steps: 5,
  },
  {
    manner: 'a list beside its tools',
    text: `Unit 7 – Hot desserts
Practical task: Apple and blackberry crumble
Time: 60 min                                   Serves: 4

You will need:                                 Tools:
400 g cooking apples                           peeler
150 g blackberries                             vegetable knife
60 g caster sugar                              mixing bowl
120 g plain flour                              pie dish
60 g butter                                    
40 g demerara sugar                            
30 g rolled oats                               

Steps
1. Preheat the oven to 190 °C.
2. Peel, core and slice the apples. Put in the dish with berries and caster sugar.
3. Rub the butter into the flour. Stir in demerara and oats.
4. Cover the fruit. Do not press.
5. Bake for 30 minutes until golden and bubbling.

What went well? ________________________
Even better if ________________________`,
    title: 'Apple and blackberry crumble',
    portions: 4,
    components: [
      [
        '',
        [
          '400 g cooking apples',
          '150 g blackberries',
          '60 g caster sugar',
          '120 g plain flour',
          '60 g butter',
          '40 g demerara sugar',
          '30 g rolled oats',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'kohlrabi in a chef’s minutes',
    text: `Kohlrabi "risotto" – veg section, autumn menu

Yield 10 cov
Kohlrabi, brunoise 4 mm    1.2 kg
Shallot, fine              150 g
Butter                     120 g
Vermouth                   200 ml
Veg stock, hot             600 ml
Crème fraîche              150 g
Aged gouda                 100 g
Chive                      20 g
Salt                       t.t.

M: sweat shallot in half the butter 5'. Kohlrabi in, 3'. Vermouth, reduce au sec. Stock in ladles, 12' total, keep bite. Off heat: crème fraîche, gouda, rest of butter. Chive.
Hold: 20' max, 65 °C. Do not reheat.`,
    title: 'Kohlrabi "risotto" – veg section, autumn menu',
    portions: 10,
    components: [
      [
        '',
        [
          '1.2 kg Kohlrabi',
          '150 g Shallot',
          '120 g Butter',
          '200 ml Vermouth',
          '600 ml Veg stock',
          '150 g Crème fraîche',
          '100 g Aged gouda',
          '20 g Chive',
          'Salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'an oma’s apples',
    text: `Oma's Apfelküchle (apple rings in batter)

4 tart apples
250 g flour
2 eggs
a good 1/4 litre milk
1 pinch of salt
fat to fry in
sugar and cinnamon

Stir flour, milk, eggs and salt to a thick batter and let it swell half an hour.
Core the apples with the thing for that, slice in rings as thick as a finger.
Dip, fry swimming until they are golden, both sides.
Roll in sugar and cinnamon while hot. Eat straight away.`,
    title: "Oma's Apfelküchle (apple rings in batter)",
    portions: null,
    components: [['', ['4 tart apples', '250 g flour', '2 eggs', '0.25 l milk', '1 pinch salt', 'fat', 'sugar and cinnamon']]],
    steps: 4,
  },
  {
    manner: 'a site with a masthead',
    text: `Skip to main content
The Slow Larder
Recipes  Techniques  Newsletter  About

Overnight Oat & Rye Bread

By Halla Wim
Published 4 October 2025

This loaf wants almost nothing of you but time. Start it before bed; bake it with the breakfast radio on.

Active time: 20 min
Total time: 13 hr
Makes: 1 large loaf

What you'll need

300 g strong bread flour
120 g rye flour
80 g rolled oats, plus 2 tbsp for the top
10 g fine sea salt
1 g (¼ tsp) instant yeast
1 tbsp honey
400 g cool water
a little oil for the tin

Let's make it

Evening. Stir everything together in a big bowl until no dry flour is left. Cover and leave at room temperature for 10 to 12 hours.

Morning. Oil a 900 g loaf tin. Scrape in the dough, smooth with a wet hand, scatter over the oats. Leave for an hour.

Bake. Heat the oven to 230 °C (210 °C fan). Bake for 15 minutes, then at 200 °C (180 °C fan) for another 35. It should read 96 °C inside.

Cool completely, ideally until the next day.

Baker's notes
For a darker crust take it out of the tin for the last 10 minutes.

Join 12,000 readers
Enter your email
Sign up`,
    title: 'Overnight Oat & Rye Bread',
    portions: null,
    components: [
      [
        '',
        [
          '300 g strong bread flour',
          '120 g rye flour',
          '80 g rolled oats',
          '10 g fine sea salt',
          '1 g instant yeast',
          '1 tbsp honey',
          '400 g cool water',
          'oil',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a soup under spaced capitals',
    text: `                    S O U P S                      31

  CREAM  OF  BARLEY

  2 oz. pearl barley          1 pt. milk
  2 pts. white stock          1 oz. butter
  1 onion                     1 oz. flour
  1 stick celery              seasoning

  Blanch the barley. Put on with the stock and vegetables
  cut small and simmer 2 hours. Pass through a wire sieve,
  keeping back a tablespoonful of the barley. Melt the but-
  ter, add flour, cook without browning, add milk gradually
  and the puree. Boil up, season, add the barley and serve.

  6 portions.`,
    title: 'CREAM OF BARLEY',
    portions: 6,
    components: [
      [
        '',
        ['2 oz pearl barley', '2 pint white stock', '1 onion', '1 stick celery', '1 pint milk', '1 oz butter', '1 oz flour', 'seasoning'],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a mail about a relish',
    text: `Hello Sunniva

You wanted the pepper relish for the cheese board. For roughly 2 kg finished:

3 kg red peppers, seeded weight
600 g onions
10 cloves garlic
500 ml cider vinegar
350 g sugar
25 g salt

Everything chopped small (robot coupe, pulse), into the wide pan, 1 1/2 hours on low, last 20 minutes stirring. When a spoon leaves a road it's done. Hot into jars. pH was 3.9 last time, so please measure – anything over 4.2 don't sell.

Greetings from the cold kitchen
Iver`,
    title: 'Pepper relish',
    portions: null,
    components: [['', ['3 kg red peppers', '600 g onions', '10 clove garlic', '500 ml cider vinegar', '350 g sugar', '25 g salt']]],
    steps: 1,
  },
  {
    manner: 'two recipes beside one another',
    text: `Day 4 – Pulses                                        Team: ______

RECIPE A – Hummus                       RECIPE B – Flat crackers
Chickpeas, cooked     500 g             Flour            250 g
Tahini                150 g             Olive oil        50 ml
Lemon juice           60 ml             Water            110 ml
Garlic                2 cloves          Sesame seed      30 g
Ice water             80 ml             Salt             5 g

Method A
1. Blend tahini, lemon and garlic until white.
2. Add chickpeas and ice water, blend 4 min.

Method B
1. Mix, rest 20 min.
2. Roll through the machine to no. 5, cut, dock.
3. Bake 180 °C 12 min.`,
    title: 'Pulses',
    portions: null,
    components: [
      ['Hummus', ['500 g Chickpeas', '150 g Tahini', '60 ml Lemon juice', '2 clove Garlic', '80 ml Ice water']],
      ['Flat crackers', ['250 g Flour', '50 ml Olive oil', '110 ml Water', '30 g Sesame seed', '5 g Salt']],
    ],
    steps: 5,
  },
  {
    manner: 'a ratio for every litre',
    text: `Mustard pickle brine ratio card

For every litre of vinegar:
- 120 g sugar
- 40 g salt
- 30 g mustard powder
- 10 g turmeric
- 25 g cornflour, slaked in 50 ml of the vinegar

Bring vinegar, sugar and salt to the boil. Whisk in the powders and the slaked cornflour. Boil 2 minutes. Pour over 1.5 kg drained, salted vegetables.`,
    title: 'Mustard pickle brine ratio card',
    portions: null,
    components: [['', ['1 l vinegar', '120 g sugar', '40 g salt', '30 g mustard powder', '10 g turmeric', '25 g cornflour']]],
    steps: 1,
  },
  {
    manner: 'a staff meal in capitals',
    text: `STAFF MEAL TUES
PASTA AL FORNO (60)
PENNE 6KG / TOMATO SAUCE 8L (FREEZER) / SPINACH FROZEN 3KG / RICOTTA 3KG / MOZZARELLA 2KG / PARMESAN 500G / BREADCRUMBS 600G / NUTMEG
COOK PENNE 2 MIN UNDER. SQUEEZE SPINACH, MIX W RICOTTA + NUTMEG. LAYER IN 4 X GN 1/1. CRUMBS + PARM ON TOP.
BAKE 175 35 MIN CORE 75+`,
    title: 'PASTA AL FORNO',
    portions: 60,
    components: [
      [
        '',
        [
          '6 kg PENNE',
          '8 l TOMATO SAUCE',
          '3 kg SPINACH',
          '3 kg RICOTTA',
          '2 kg MOZZARELLA',
          '500 g PARMESAN',
          '600 g BREADCRUMBS',
          'NUTMEG',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a film’s text with cups in brackets',
    text: `0:00 intro
0:42 the dough
2:15 shaping
4:50 frying

INGREDIENTS (makes 14):
• 350g (2 ¾ cups) all purpose flour
• 50g (¼ cup) sugar
• 7g (2 ¼ tsp) instant yeast
• 180ml (¾ cup) warm milk
• 1 egg
• 60g (4 tbsp) soft butter
• oil for frying
• sugar + cardamom for rolling

METHOD:
mix everything except butter, knead 5 min, add butter, knead 8 more. 1 hr proof.
roll 1.5cm thick, cut 7cm rings. 30 min proof.
fry at 170°C / 340°F, 90 sec per side. roll in the sugar.

music: "Slow Tuesday" – licensed
#doughnuts #baking`,
    title: '',
    portions: 14,
    components: [
      [
        '',
        [
          '350 g all purpose flour',
          '50 g sugar',
          '7 g instant yeast',
          '180 ml warm milk',
          '1 egg',
          '60 g butter',
          'oil',
          'sugar + cardamom for rolling',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a salad by the tray',
    text: `Roast carrot, bulgur and herb salad with pomegranate
16 portions

For the carrots
2 kg heritage carrots, split lengthways
80 ml olive oil
15 g cumin seeds
30 g honey

For the bulgur
600 g coarse bulgur
900 ml boiling vegetable stock
150 g flat-leaf parsley, chopped
100 ml lemon juice

To finish
2 pomegranates, seeds only
200 g pistachios, chopped

Method
Toss the carrots with the oil, cumin and honey. Roast at 200 °C for 35 minutes, turning once, until the edges are dark.
Pour the stock over the bulgur, cover tightly and leave for 20 minutes. Fork through with the lemon juice and parsley.
Pile the carrots over the bulgur and finish with pomegranate and pistachios. Serve at room temperature within 2 hours.`,
    title: 'Roast carrot, bulgur and herb salad with pomegranate',
    portions: 16,
    components: [
      ['Carrots', ['2 kg heritage carrots', '80 ml olive oil', '15 g cumin seeds', '30 g honey']],
      ['Bulgur', ['600 g coarse bulgur', '900 ml boiling vegetable stock', '150 g flat-leaf parsley', '100 ml lemon juice']],
      ['To finish', ['2 pomegranates', '200 g pistachios']],
    ],
    steps: 3,
  },
  {
    manner: 'a card in her own hand',
    text: `Mrs. Abel's Brown Bread
(from a card in her own hand)

4 cups wholemeal
1 cup white flour
1 tsp. soda, level
1 tsp. salt
1 egg
1 tbsp. treacle
Sour milk to mix — about 1 pint

Mix dry. Beat egg w/ treacle & some of the milk. Make a wet dough.
2 lb. tin, 350°F, 1 hr. Turn out, back in upside down 10 min.
Cool in a cloth.`,
    title: "Mrs. Abel's Brown Bread",
    portions: null,
    components: [
      ['', ['4 cup wholemeal', '1 cup white flour', '1 tsp soda', '1 tsp salt', '1 egg', '1 tbsp treacle', '1 pint Sour milk to mix']],
    ],
    steps: 3,
  },
  {
    manner: 'a traybake with two systems to choose',
    text: `Chickpea & Sweet Potato Traybake
4.9 from 318 reviews
US Customary – Metric
Prep: 15 mins   Cook: 45 mins   Total: 1 hr
Servings: 4
Print Recipe   Pin Recipe

INGREDIENTS
 2 medium sweet potatoes (about 600 g), cut in 2 cm cubes
 1 red onion, cut in wedges
 1 can (400 g) chickpeas, drained and dried
 3 Tbsp olive oil
 2 tsp ras el hanout
 Salt and pepper
Tahini sauce:
 60 g tahini
 1 lemon (juiced)
 4 – 6 Tbsp cold water

INSTRUCTIONS
 Preheat oven to 220°C (425°F). Line a large tray.
 Toss the sweet potatoes, onion and chickpeas with oil, ras el hanout, salt and pepper. Spread out in one layer.
 Roast for 40-45 minutes, stirring halfway.
 Meanwhile, whisk the tahini, lemon juice and enough water to make a sauce that pours.
 Drizzle and serve.

NOTES
 * Use any squash instead of sweet potato.
 * Leftovers keep 3 days.
NUTRITION
 Serving: 1 plate | Calories: 489 kcal`,
    title: 'Chickpea & Sweet Potato Traybake',
    portions: 4,
    components: [
      ['', ['2 sweet potatoes', '1 red onion', '1 tin chickpeas', '3 tbsp olive oil', '2 tsp ras el hanout', 'Salt and pepper']],
      ['Tahini sauce', ['60 g tahini', '1 lemon', '4-6 tbsp cold water']],
    ],
    steps: 5,
  },
  {
    manner: 'an academy’s crispbread',
    text: `FOOD STUDIO ACADEMY — EVENING COURSE 12: BREADS OF THE HEARTH
Lesson 3 handout

RYE CRISPBREAD
Quantity: 20 sheets

• Rye flour ... 500 g
• Strong white flour ... 200 g
• Lukewarm water ... 450 ml
• Fresh yeast ... 20 g
• Salt ... 14 g
• Aniseed, crushed ... 6 g
• Sesame and linseed for scattering
• Rye flour for rolling

Working
1. Dissolve the yeast, work all to a sticky dough, 6 min.
2. Rest 40 min covered.
3. Divide into 20 pieces of 60 g. Roll 2 mm with a notched pin. Scatter, press on.
4. Bake on a stone at 250 °C, 4–5 min. Dry on a rack overnight.

Think about it
Why is the dough not kneaded until elastic?`,
    title: 'RYE CRISPBREAD',
    portions: null,
    components: [
      [
        '',
        [
          '500 g Rye flour',
          '200 g Strong white flour',
          '450 ml Lukewarm water',
          '20 g Fresh yeast',
          '14 g Salt',
          '6 g Aniseed',
          'Sesame and linseed for scattering',
          'Rye flour for rolling',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'pasties in a narrow column',
    text: `Leek and Potato
Pasties
Makes 8

8 oz strong plain
  flour
4 oz butter or
  margarine
12 oz leeks, finely
  sliced
12 oz waxy potatoes,
  cut small
2 oz strong cheese,
  grated
Beaten egg to glaze

Make the pastry with
cold water and chill.
Cook the leeks gently
in a little butter for
10 min. Boil the pota-
toes 6 min and drain.
Mix with the cheese.
Cut 8 rounds of 6 in,
fill, seal and glaze.
Bake at 400°F, Mark 6,
for 30 min.`,
    title: 'Pasties',
    portions: 8,
    components: [
      ['', ['8 oz strong plain flour', '4 oz butter', '12 oz leeks', '12 oz waxy potatoes', '2 oz strong cheese', 'egg to glaze']],
    ],
    steps: 6,
  },
  {
    manner: 'a mail to a chef about lunch',
    text: `Subject: lunch for the board, Thursday (18)

Morning chef,

Going with the mushroom strudel. Quantities I've worked out for 18:

mushrooms mixed – 3.2 kg
shallots – 400 g
garlic – 1 bulb
cream cheese – 700 g
tarragon – 2 bunches
filo – 3 packs (270 g)
butter – 500 g, clarified
breadcrumbs – 200 g

Cook the mushrooms right down, twice if needed, they must be dry. Cool. Mix with the cheese and tarragon. Three strudels, 6 sheets each, crumbs between. Bake 190 for 35.

Salad and the beet thing as last time.

Thx
Sol`,
    title: 'Mushroom strudel',
    portions: 18,
    components: [
      [
        '',
        [
          '3.2 kg mushrooms mixed',
          '400 g shallots',
          '1 bulb garlic',
          '700 g cream cheese',
          '2 bunch tarragon',
          '3 packet filo',
          '500 g butter',
          '200 g breadcrumbs',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'pancakes beside their directions',
    text: `Recipe for: Potato pancakes
From: Babcia
Serves: 4-5

Ingredients:          Directions:
1 kg potatoes         Grate potatoes and onion on the fine side.
1 onion               Let stand 10 min, pour off water, keep the starch.
2 eggs                Mix in eggs, flour, salt and pepper.
3 T flour             Fry in 1/2 inch oil, medium high, until brown and crisp, 3 min a side.
1 t salt              Drain on paper. Serve with sour cream.
pepper
oil for frying`,
    title: 'Potato pancakes',
    portions: 4,
    components: [['', ['1 kg potatoes', '1 onion', '2 eggs', '3 tbsp flour', '1 tsp salt', 'pepper', 'oil']]],
    steps: 5,
  },
  {
    manner: 'a pickle with figures in front',
    text: `*** PICKLED SHIMEJI ***
for: dish 7   batch: 20 ptn   life: 10 d

400   shimeji, pulled
250   rice vinegar
250   water
 60   sugar
 12   salt
  1   star anise
  4   cloves
 20   ginger, sliced

boil liquid w spices 2 min, infuse 30, strain, reboil, pour on shimeji, cool in.`,
    title: 'PICKLED SHIMEJI',
    portions: 20,
    components: [
      ['', ['400 shimeji', '250 g rice vinegar', '250 g water', '60 g sugar', '12 g salt', '1 star anise', '4 cloves', '20 ginger']],
    ],
    steps: 1,
  },
  {
    manner: 'fritters for children',
    text: `Today we are making Courgette Fritters!

Wash your hands and put on an apron.

You need
2 courgettes
100 g feta
50 g self-raising flour
1 egg
2 tablespoons of chopped mint
oil for shallow frying

What you do
Grate the courgettes. Squeeze out the water in a clean cloth.
Crumble in the feta. Add the flour, egg and mint and mix.
Ask an adult to heat the oil. Drop in spoonfuls and cook for 3 minutes on each side.
Drain on kitchen paper.

How did it taste? Draw a face.`,
    title: 'Courgette Fritters',
    portions: null,
    components: [['', ['2 courgettes', '100 g feta', '50 g self-raising flour', '1 egg', '2 tbsp mint', 'oil']]],
    steps: 4,
  },
  {
    manner: 'cabbage for fifty',
    text: `Spiced Red Cabbage — batch for 50, freezes

cabbage, red          7 heads (approx 7 kg)
onion                 1.5 kg
bramley               1.5 kg, peeled, cored
red wine vinegar      600 ml
soft brown sugar      500 g
mixed spice           25 g
butter                300 g

shred cabbage and onion (machine, 3 mm). layer in 2 x 1/1 deep gastros with apple, sugar, spice.
vinegar over, butter on top, foil + lid. oven 150, 2 h 30, stir at 1 h and 2 h.
blast chill, label, 3 months frozen.`,
    title: 'Spiced Red Cabbage',
    portions: 50,
    components: [
      [
        '',
        [
          '7 head cabbage',
          '1.5 kg onion',
          '1.5 kg bramley',
          '600 ml red wine vinegar',
          '500 g soft brown sugar',
          '25 g mixed spice',
          '300 g butter',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a session plan for pairs',
    text: `SESSION PLAN                                   Group: Thurs AM
Dish of the day: Ratatouille tartlets           No. of learners: 12 (pairs)

Ingredients per pair
1/2 aubergine
1 courgette
1/2 red pepper
1 small onion
2 tomatoes
1 clove garlic
30 ml olive oil
6 ready-made tartlet cases

Method of work
1. All veg 5 mm dice. (15 min)
2. Sweat onion and garlic in half the oil. (5 min)
3. Fry aubergine, courgette and pepper separately in remaining oil. (10 min)
4. Combine with tomato concassé, simmer 10 min, season, cool.
5. Fill cases, warm through 160 °C 6 min.

Differentiation: stronger pairs make a basil oil (10 g basil, 50 ml oil).
Resources: aprons, 6 boards, projector`,
    title: 'Ratatouille tartlets',
    portions: null,
    components: [
      [
        '',
        [
          '0.5 aubergine',
          '1 courgette',
          '0.5 red pepper',
          '1 onion',
          '2 tomatoes',
          '1 clove garlic',
          '30 ml olive oil',
          '6 ready-made tartlet cases',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a pâté from a magazine',
    text: `Mushroom & walnut pâté
recipe from our kitchen to yours

Makes enough for 8 as a starter
Takes 40 minutes plus chilling

50g dried porcini
100ml boiling water
2 tbsp olive oil
2 shallots, finely chopped
400g chestnut mushrooms, roughly chopped
3 sprigs thyme, leaves only
2 tbsp brandy (optional)
150g walnuts, toasted
100g soft goat's cheese
Sea salt & black pepper

Soak the porcini in the water for 15 minutes, then drain and keep the liquid.
Heat the oil in a large frying pan. Soften the shallots for 5 minutes, add both mushrooms and thyme and fry for 12 minutes, until all the liquid has gone. Add the brandy and 2 tablespoons of the soaking liquid and bubble away.
Whizz the walnuts to rubble. Add the mushrooms and cheese and whizz until as smooth as you like. Season.
Spoon into a jar, press cling film on top and chill for 2 hours.

TIP It will keep for 4 days in the fridge.`,
    title: 'Mushroom & walnut pâté',
    portions: 8,
    components: [
      [
        '',
        [
          '50 g dried porcini',
          '100 ml boiling water',
          '2 tbsp olive oil',
          '2 shallots',
          '400 g chestnut mushrooms',
          '3 sprig thyme',
          '2 tbsp brandy',
          '150 g walnuts',
          "100 g soft goat's cheese",
          'Sea salt & black pepper',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'parcels with steps by name',
    text: `Filled doughs, week 3 · handout B

DOUGH FOR PIEROGI-STYLE PARCELS (30 pieces)
flour, plain                400 g
water, hot (70 °C)          200 ml
oil                         20 ml
salt                        4 g

CURD FILLING
quark, drained              350 g
egg yolk                    1
semolina                    20 g
sugar                       30 g

Dough: pour the hot water and oil into the flour and salt, stir, knead 5 min, rest 30 min under a bowl.
Filling: mix, rest 15 min.
Shape: roll 2 mm, cut 8 cm discs, 12 g filling, fold and crimp.
Cook: simmer in salted water 3 min after they rise.
Finish: brown butter, crumbs.`,
    title: 'Filled doughs, week 3 · handout B',
    portions: null,
    components: [
      ['Dough for pierogi-style parcels', ['400 g flour', '200 ml water', '20 ml oil', '4 g salt']],
      ['Curd filling', ['350 g quark', '1 egg yolk', '20 g semolina', '30 g sugar']],
    ],
    steps: 5,
  },
  {
    manner: 'a committee’s letter',
    text: `Dear Mr. Oake,

Thank you for your kind letter about the lentil loaf served at the spring fair. Here is what we do, for two loaf tins:

500 g brown lentils
2 large onions, finely chopped
150 g rolled oats
200 g grated cheddar
3 eggs, beaten
1 tablespoon mixed dried herbs

The lentils are boiled for 25 minutes and drained well. The onions are fried in a little butter until soft, about 10 minutes. Everything is then mixed, seasoned and pressed into two greased 2 lb loaf tins. It is baked for 45 minutes at 180 degrees and left to stand for 10 minutes before turning out.

It can be served hot with gravy or cold with chutney.

With best wishes from the committee,
Philippa Stain (Secretary)`,
    title: 'Lentil loaf',
    portions: null,
    components: [['', ['500 g brown lentils', '2 onions', '150 g rolled oats', '200 g cheddar', '3 eggs', '1 tbsp mixed dried herbs']]],
    steps: 2,
  },
  {
    manner: 'peas adapted for a school',
    text: `Garden Peas à la Française, for 6
(Adapted for the school)

2 lb peas in the pod, shelled weight about 12 oz
12 spring onions
1 lettuce, shredded
1 oz butter
1 tsp flour
1/2 pt vegetable stock
1 tsp sugar
salt

Put peas, onions and lettuce in a saucepan with half the butter, the sugar and stock. Cover with a plate of cold water and cook gently for 20 minutes. Work the rest of the butter with the flour and stir in by small pieces. Boil 1 minute. Serve.`,
    title: 'Garden Peas à la Française',
    portions: 6,
    components: [
      [
        '',
        [
          '2 lb peas in the pod',
          '12 spring onions',
          '1 lettuce',
          '1 oz butter',
          '1 tsp flour',
          '0.5 pint vegetable stock',
          '1 tsp sugar',
          'salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a levain in boxes',
    text: `|Product|Walnut & fig levain|
|Dough yield|18.2 kg (26 x 700 g)|

|Ingredient|kg|%|
|Strong white|7.000|70|
|Wholemeal|3.000|30|
|Water|7.200|72|
|Levain 80%|2.000|20|
|Salt|0.220|2.2|
|Walnuts|1.200|12|
|Figs, diced|1.500|15|

Mixing: 1st speed 5 min, 2nd speed 4 min, add fruit 1st speed 2 min
Dough temp: 25 °C
Bulk: 3 h, fold hourly
Scale: 700 g
Final proof: 14 h at 5 °C
Bake: 240 °C, 38 min`,
    title: 'Walnut & fig levain',
    portions: 26,
    components: [
      ['', ['7 kg Strong white', '3 kg Wholemeal', '7.2 kg Water', '2 kg Levain', '0.22 kg Salt', '1.2 kg Walnuts', '1.5 kg Figs']],
    ],
    steps: 6,
  },
  {
    manner: 'what to buy and what is there',
    text: `Thai-style yellow bean stir braise
Feeds two greedy people

You will need to buy:
1 block firm tofu (280g)
200g yellow beans
a tin of coconut milk
1 lime

From the cupboard:
2 tbsp yellow curry paste
1 tbsp peanut oil
2 tsp brown sugar
1 tbsp soy

Cube and fry the tofu in the oil till it has a crust, 8 mins. Take out.
Fry the paste 1 min, add the thick part of the coconut milk and let it split.
Add everything else + tofu. 6 mins. Lime.
Rice!`,
    title: 'Thai-style yellow bean stir braise',
    portions: 2,
    components: [
      [
        '',
        [
          '1 packet firm tofu',
          '200 g yellow beans',
          '1 tin coconut milk',
          '1 lime',
          '2 tbsp yellow curry paste',
          '1 tbsp peanut oil',
          '2 tsp brown sugar',
          '1 tbsp soy',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a halwa with a counted list',
    text: `Recipe ID: 00418
Title: Carrot halwa
Course: Dessert
Portions: 25 x 120 g

1) 2.5 kg carrots, grated
2) 1.5 L whole milk
3) 400 g sugar
4) 150 g ghee
5) 8 g cardamom, ground
6) 100 g cashews, fried

Process
Step 1: Cook the carrots in the ghee for 15 min.
Step 2: Add the milk and reduce, stirring, 50 min.
Step 3: Add sugar and cardamom, cook until it leaves the sides, 10 min.
Step 4: Portion warm, garnish with cashews.

HACCP: cool to 8 °C within 90 min if not served.`,
    title: 'Carrot halwa',
    portions: 25,
    components: [['', ['2.5 kg carrots', '1.5 l whole milk', '400 g sugar', '150 g ghee', '8 g cardamom', '100 g cashews']]],
    steps: 4,
  },
  {
    manner: 'a secret about yoghurt',
    text: `I'm going to tell you a secret: you don't need a machine for this.

Two-ingredient frozen yoghurt? Nearly. It's five.

What goes in: 500g strained yoghurt, 120g honey, 200g frozen raspberries, juice of half a lemon and a pinch of salt.

Whizz the raspberries, still frozen, with the honey, lemon and salt. Pulse in the yoghurt, a spoon at a time. Scrape into a box. Freeze for 2 hours, beat with a fork, freeze again for 3.

Take it out 15 minutes before you want it.

Serves 6. Or me.

Filed under: frozen things, summer`,
    title: '',
    portions: 6,
    components: [['', ['500 g strained yoghurt', '120 g honey', '200 g frozen raspberries', '0.5 lemon', '1 pinch salt']]],
    steps: 2,
  },
  {
    manner: 'a manual’s endive',
    text: `BRAISED ENDIVE                                     SUPREME KITCHENS MANUAL p. 212
Yield: 24 portions

Belgian endive                  24 heads
Butter                          180 g
Lemon juice                     60 ml
Sugar                           20 g
Salt                            12 g
Vegetable stock, boiling        1.2 L
Parsley, chopped                15 g

1. Trim the base; remove damaged leaves. Wash quickly.
2. Arrange in a buttered half-size hotel pan. Season; add lemon and stock.
3. Cover with parchment and foil. Braise at 175 °C until tender, 45–60 min.
4. Drain, reserving the liquor; reduce to a glaze and mount with the butter.
5. Nap and garnish.

VARIATION: BRAISED FENNEL. Substitute 12 fennel bulbs, halved.`,
    title: 'BRAISED ENDIVE',
    portions: 24,
    components: [
      [
        '',
        ['24 head Belgian endive', '180 g Butter', '60 ml Lemon juice', '20 g Sugar', '12 g Salt', '1.2 l Vegetable stock', '15 g Parsley'],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a buffet’s salad in batches A and B',
    text: `Green bean and hazelnut salad (from the buffet list)
Batch A = 20, Batch B = 60

                       A          B
fine beans           1.5 kg     4.5 kg
hazelnuts             200 g      600 g
shallot                 4         12
sherry vinegar        60 ml     180 ml
hazelnut oil          80 ml     240 ml
olive oil            120 ml     360 ml
Dijon                  20 g       60 g

1 Blanch beans 4 min in 3 % salted water, ice, drain well.
2 Roast nuts 160°C 12 min, rub off skins, crush.
3 Dressing: all liquids with mustard and shallot.
4 Dress 15 min before service, nuts last.`,
    title: 'Green bean and hazelnut salad (from the buffet list)',
    portions: 20,
    components: [
      [
        '',
        [
          '1.5 kg fine beans',
          '200 g hazelnuts',
          '4 shallot',
          '60 ml sherry vinegar',
          '80 ml hazelnut oil',
          '120 ml olive oil',
          '20 g Dijon',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'doughnut holes behind dashes',
    text: `Ricotta doughnut holes

Difficulty: ●●○
Time: 35 min + 30 min resting
Servings: makes 30

Shopping list
For the batter:
– 250 g ricotta
– 2 eggs (M)
– 50 g caster sugar
– 1 pinch salt
– grated zest of 1 organic orange
– 120 g plain flour
– 1½ tsp baking powder
For coating:
– 80 g caster sugar
– 1 tsp cinnamon
Besides:
– 1 l neutral oil for deep-frying

Preparation:
Stir ricotta, eggs, sugar, salt and zest until smooth. Mix flour and baking powder and fold in. Leave the batter to rest for 30 min.
Heat the oil to 170 °C. Cut off walnut-sized portions with two teaspoons and fry in batches for 4–5 min until brown all round. Lift out and drain.
Mix sugar and cinnamon, toss the warm balls in it.`,
    title: 'Ricotta doughnut holes',
    portions: 30,
    components: [
      [
        'Batter',
        ['250 g ricotta', '2 eggs', '50 g caster sugar', '1 pinch salt', '1 organic orange', '120 g plain flour', '1.5 tsp baking powder'],
      ],
      ['Coating', ['80 g caster sugar', '1 tsp cinnamon']],
      ['Besides', ['1 l neutral oil']],
    ],
    steps: 3,
  },
  {
    manner: 'a pot of beans in a Tuesday letter',
    text: `From: Ada's Tuesday letter
A POT OF BEANS FOR A COLD HOUSE

500g dried borlotti
1 carrot, 1 celery stick, 1 onion – whole
4 cloves of garlic
A sprig each of rosemary and sage
100ml olive oil, the good one
2 tinned tomatoes, squashed
Salt, but only at the end

Put the beans in to soak before you go to bed. In the morning pour off the water, cover with fresh by a hand's width, and add everything but the salt. Into the oven at 140 with the lid on for 3 hours. Do not stir. Salt. Wait. Eat.`,
    title: 'A POT OF BEANS FOR A COLD HOUSE',
    portions: null,
    components: [
      [
        '',
        [
          '500 g dried borlotti',
          '1 carrot',
          '1 stick celery',
          '1 onion',
          '4 clove garlic',
          '1 sprig rosemary',
          '1 sprig sage',
          '100 ml olive oil',
          '2 tinned tomatoes',
          'Salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'an evening course with parts',
    text: `City Kitchen School — Knife & Flame, evening 2

You'll make: Charred broccoli, white bean cream, chilli crumbs
Pairs, 45 minutes, 2 plates

Broccoli
½ head broccoli, large florets
1 tbsp oil

White bean cream
240 g cooked cannellini beans
2 tbsp olive oil
½ lemon
1 garlic clove

Crumbs
40 g stale bread
1 tbsp olive oil
pinch chilli flakes

Steps, in this order:
1. Crumbs first. Tear the bread small, fry in the oil over medium heat, 5 min, chilli in at the end. Tip out.
2. Cream. Warm beans with a splash of water, blend with oil, lemon juice and garlic until it drops slowly from a spoon.
3. Broccoli last. Pan very hot, oil on the broccoli (not in the pan), cut side down, 3 min, don't touch. Turn, 2 min.
Plate: cream, broccoli, crumbs. Call the tutor.`,
    title: 'Charred broccoli, white bean cream, chilli crumbs',
    portions: null,
    components: [
      ['Broccoli', ['0.5 head broccoli', '1 tbsp oil']],
      ['White bean cream', ['240 g cannellini beans', '2 tbsp olive oil', '0.5 lemon', '1 clove garlic']],
      ['Crumbs', ['40 g stale bread', '1 tbsp olive oil', '1 pinch chilli flakes']],
    ],
    steps: 4,
  },
  {
    manner: 'a curry scanned with figures in its words',
    text: `Vegetab1e Curry (Serves 6)

3 tb1sp oil
2 onions, s1iced
2 teasp curry paste
1 lb mixed root vegetab1es, cubed
I apple, diced
1/2 pint vegetab1e stock
2 oz su1tanas
1 tablesp mango chutney

Fry the onions in the oi1 for I0 minutes. Add the paste
and cook for 1 minute. Add the vegetab1es, app1e, stock
and su1tanas, cover and simmer for 30 minutes. Stir in
the chutney. Serve with rice.`,
    title: 'Vegetable Curry',
    portions: 6,
    components: [
      [
        '',
        [
          '3 tbsp oil',
          '2 onions',
          '2 tsp curry paste',
          '1 lb mixed root vegetables',
          '1 apple',
          '0.5 pint vegetable stock',
          '2 oz sultanas',
          '1 tbsp mango chutney',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a note about an amuse',
    text: `Hi chef
for the amuse pls: 60 x beet-free cracker w/ whipped cod roe? no roe → do white bean
white bean whip:
 cooked beans 800
 garlic confit 60
 lemon 80
 oil 120
 salt 9
blend hot 4 min. siphon, 2 charges. hold warm 55.
cracker recipe is in the book p44
thx, 17:30 briefing`,
    title: '',
    portions: null,
    components: [
      ['', ['60 for the amuse pls']],
      ['White bean whip', ['800 beans', '60 garlic confit', '80 lemon', '120 g oil', '9 salt']],
    ],
    steps: 2,
  },
  {
    manner: 'a drizzle in two systems',
    text: `Lemon Drizzle Slices
Cut into 18 | Ready in 1 hr

225g/8oz butter, softened
225g/8oz caster sugar
275g/10oz self-raising flour
2 tsp baking powder
4 large eggs
4 tbsp milk
2 unwaxed lemons, finely grated zest only
For the crunchy topping
175g/6oz granulated sugar
2 lemons, juice only

1. Preheat the oven to 180C/160C Fan/Gas 4. Grease a 30x23cm/12x9in traybake tin and line the base with baking paper.
2. Measure all the cake ingredients into a large bowl and beat for about 2 minutes, or until well blended.
3. Turn the mixture into the tin and bake for 35–40 minutes, or until the cake has shrunk a little from the sides of the tin and springs back when lightly touched with a fingertip in the centre.
4. Leave to cool for 5 minutes, then lift out. Mix the topping ingredients and brush over the warm cake. Leave until cold, then cut.`,
    title: 'Lemon Drizzle Slices',
    portions: 18,
    components: [
      [
        '',
        [
          '225 g butter',
          '225 g caster sugar',
          '275 g self-raising flour',
          '2 tsp baking powder',
          '4 eggs',
          '4 tbsp milk',
          '2 unwaxed lemons',
        ],
      ],
      ['Crunchy topping', ['175 g granulated sugar', '2 lemons']],
    ],
    steps: 4,
  },
  {
    manner: 'a tech sheet with percents',
    text: `TECH SHEET 14 | HOT WATER CRUST
Purpose: raised vegetable pies
Yield: 1 kg paste = 10 individual pies (100 g)

FORMULA
Plain flour, medium   550 g    100 %
Vegetable fat         165 g     30 %
Water                 220 g     40 %
Salt                   11 g      2 %
Egg yolk               55 g     10 %

PROCEDURE
- Bring water, fat and salt to a rolling boil.
- Pour at once onto flour and yolk; stir with a spatula.
- Work briefly by hand while warm (45–50 °C).
- Use before it falls below 30 °C.

FAULTS
Cracks: too cool. Greasy: overworked.`,
    title: 'HOT WATER CRUST',
    portions: 10,
    components: [['Formula', ['550 g Plain flour', '165 g Vegetable fat', '220 g Water', '11 g Salt', '55 g Egg yolk']]],
    steps: 4,
  },
  {
    manner: 'noodles told by a granddaughter',
    text: `My grandmother never measured. I followed her around with a scale one Sunday, and this is what I wrote down for her cabbage noodles: one small white cabbage (it weighed 780 g), 40 g of lard - I use butter -, one heaped teaspoon of sugar, half a teaspoon of caraway, 250 g of broad noodles and a lot of pepper.

She lets the sugar go brown in the fat, and that is the whole trick. In goes the cabbage, cut in squares, with salt, and it fries for twenty minutes or so until it is brown at the edges. The noodles are boiled meanwhile, and everything is tossed together with the caraway and the pepper.

We were six at the table, and nothing was left.`,
    title: '',
    portions: 6,
    components: [
      [
        '',
        [
          'My grandmother never measured',
          '1 white cabbage',
          '40 g lard',
          '1 tsp sugar',
          '0.5 tsp caraway',
          '250 g broad noodles',
          'pepper',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'fritters in boxes with steps below',
    text: `Component: Salsify fritters | Cost centre: events
| Ingredient | Qty | UOM |
| Salsify | 3 | kg |
| Lemon | 4 | ea |
| Plain flour | 500 | g |
| Cornflour | 200 | g |
| Soda water | 900 | ml |
| Baking powder | 15 | g |
| Smoked salt | 20 | g |
| Oil (fry) | 5 | l |
| Steps |
| 1 | Peel salsify under water with lemon; cut 6 cm; boil 8 min; dry |
| 2 | Batter: all dry + soda, rest 10 min cold |
| 3 | Dip, fry 180 °C 2.5 min; salt |`,
    title: 'Salsify fritters',
    portions: null,
    components: [
      [
        '',
        [
          '3 kg Salsify',
          '4 Lemon',
          '500 g Plain flour',
          '200 g Cornflour',
          '900 ml Soda water',
          '15 g Baking powder',
          '20 g Smoked salt',
          '5 l Oil',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a soup with words over figures',
    text: `Home > Soups & stews
Recipe #4471

Golden Onion Soup with Rye Croutons

Submitted by Tove | 12 reviews | Rated 4.6

YIELDS            PREP          COOK
4 bowls           15 min        1 hr 10 min

Ingredients
6 large yellow onions, thinly sliced
3 tablespoons butter
1 tablespoon flour
6 cups mushroom stock
4 slices rye bread
1 cup grated Emmental

Method
1) Melt butter in a heavy pot. Add onions and a teaspoon of salt and cook over medium-low heat for 45 minutes, stirring often.
2) Stir in flour, cook 2 minutes. Add stock; simmer 20 minutes.
3) Toast the bread, top with cheese and broil until bubbling. Float on the soup.

Reviews
Pim: used 8 onions, 5 would do.
Rate this recipe`,
    title: 'Golden Onion Soup with Rye Croutons',
    portions: 4,
    components: [['', ['6 yellow onions', '3 tbsp butter', '1 tbsp flour', '6 cup mushroom stock', '4 slice rye bread', '1 cup Emmental']]],
    steps: 3,
  },
  {
    manner: 'a prep list with parts set in',
    text: `PREP LIST FRIDAY
1. Tomato jam – 2 kg (need 1.6)
   tomatoes 3 kg
   sugar 600 g
   red wine vinegar 200 ml
   chilli flakes 1 tsp
   cook down 1 h 15, jar
2. Soused carrots – 24 ptn
   carrots 2.4 kg
   cider vinegar 500 ml
   coriander seed 15 g
   slice 2 mm, hot liquor over, 2 h`,
    title: 'PREP LIST FRIDAY',
    portions: null,
    components: [
      ['Tomato jam', ['3 kg tomatoes', '600 g sugar', '200 ml red wine vinegar', '1 tsp chilli flakes']],
      ['Soused carrots', ['2.4 kg carrots', '500 ml cider vinegar', '15 g coriander seed']],
    ],
    steps: 2,
  },
  {
    manner: 'a sauce by decilitres',
    text: `Sauce gribiche without the egg
(Sauces, p. 18)
6 dl

4 dl sunflower oil
1 dl aquafaba
30 g Dijon mustard
3 cl white wine vinegar
40 g capers, chopped
40 g gherkins, chopped
1 tbsp each chopped parsley, chervil and tarragon

Emulsify aquafaba, mustard and vinegar with the oil, as a mayonnaise. Fold in the rest. Rest 30 minutes. Keeps 3 days at 3 °C.`,
    title: 'Sauce gribiche without the egg',
    portions: null,
    components: [
      [
        '',
        [
          '4 dl sunflower oil',
          '1 dl aquafaba',
          '30 g Dijon mustard',
          '3 cl white wine vinegar',
          '40 g capers',
          '40 g gherkins',
          '1 tbsp parsley',
          '1 tbsp chervil',
          '1 tbsp tarragon',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'knots told in a letter',
    text: `Hej! You asked for the cardamom knots. I make half of this when it's only us:

1 kg flour, 5 dl milk (finger-warm), 50 g yeast, 150 g butter, 1.5 dl sugar, 1 tbsp coarsely ground cardamom, half a tsp salt.
Filling: 200 g soft butter, 1.5 dl sugar, 2 tbsp cardamom.

Work the dough 10 minutes (machine). 45 minutes under cloth. Roll to a big square, spread the filling, fold in three, cut 24 strips, twist and knot. Up again 30 min. 225 degrees for 9-10 minutes. Brush with sugar syrup right away.

Hugs, Lisbet`,
    title: 'Cardamom knots',
    portions: null,
    components: [
      ['', ['1 kg flour', '5 dl milk', '50 g yeast', '150 g butter', '1.5 dl sugar', '1 tbsp cardamom', '0.5 tsp salt']],
      ['Filling', ['200 g butter', '1.5 dl sugar', '2 tbsp cardamom']],
    ],
    steps: 1,
  },
  {
    manner: 'a demo’s work by the clock',
    text: `LESSON 11: SHALLOW FRYING
Demo dish: Courgette schnitzel with caper butter | Practical: as demo, one per student

Mise en place (1 student)
Courgette, large            1 pc (300 g)
Flour                       30 g
Egg, beaten                 1 pc
Breadcrumbs, fine           60 g
Clarified butter            60 g
Butter                      25 g
Capers                      10 g
Lemon                       1/4 pc
Parsley                     3 g

Workflow
08:30 mise en place
08:50 cut courgette lengthwise 12 mm, season, 5 min
08:55 pané
09:05 fry in clarified butter, 160-170 °C, 3 min each side
09:12 drain, hold on rack
09:13 foam butter, capers, lemon, parsley; nap
09:15 present

Scoring sheet: colour /5, crumb adhesion /5, seasoning /5, time /5`,
    title: 'Courgette schnitzel with caper butter',
    portions: null,
    components: [
      [
        '',
        [
          '1 Courgette',
          '30 g Flour',
          '1 Egg',
          '60 g Breadcrumbs',
          '60 g Clarified butter',
          '25 g Butter',
          '10 g Capers',
          '0.25 Lemon',
          '3 g Parsley',
        ],
      ],
    ],
    steps: 7,
  },
  {
    manner: 'a kasundi on a phone',
    text: `Auntie's tomato kasundi

1kg tomatoes
100g ginger
1 bulb garlic
12 green chillies
30g mustard seeds soaked in 120ml vinegar overnight
120ml oil
2 tbsp turmeric, 3 tbsp cumin, 1 tbsp chilli powder
150g sugar, 30g salt

grind the soaked mustard seeds with ginger and garlic.
fry spices in oil for 1 min, paste in, 3 min.
tomatoes + chillies, sugar, salt. cook 1.5 hrs low until oil comes up.
3 jars`,
    title: "Auntie's tomato kasundi",
    portions: null,
    components: [
      [
        '',
        [
          '1 kg tomatoes',
          '100 g ginger',
          '1 bulb garlic',
          '12 green chillies',
          '30 g mustard seeds',
          '120 ml oil',
          '2 tbsp turmeric',
          '3 tbsp cumin',
          '1 tbsp chilli powder',
          '150 g sugar',
          '30 g salt',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'choux buns in two parts',
    text: `Savoury choux buns with mushroom cream (makes 24)
★ Advanced · 1½ hours · Vegetarian

For the choux
75 g unsalted butter
180 ml water
1 tsp sugar
110 g plain flour
3 eggs, beaten

For the mushroom cream
300 g mushrooms, finely chopped
40 g butter
200 g cream cheese

1. Oven on at 200 °C / fan 180 °C. Boil butter, water and sugar; off the heat beat in the flour. Return to the heat for 1 minute. Cool for 5 minutes, then beat in the eggs a little at a time.
2. Pipe 24 buns and bake for 25 minutes. Pierce each one and give them 5 more.
3. For the cream, fry the mushrooms in the butter until dry, 10–12 minutes. Cool. Mix into the cream cheese.
4. Split and fill no more than an hour before serving.

Get ahead: unfilled buns freeze for a month.`,
    title: 'Savoury choux buns with mushroom cream',
    portions: 24,
    components: [
      ['Choux', ['75 g unsalted butter', '180 ml water', '1 tsp sugar', '110 g plain flour', '3 eggs']],
      ['Mushroom cream', ['300 g mushrooms', '40 g butter', '200 g cream cheese']],
    ],
    steps: 4,
  },
  {
    manner: 'crackers of a taproom',
    text: `Spent-grain crackers (taproom)
3 cups wet spent grain (from the mash, see Lou)
2 c. AP flour
1/2 c. olive oil
1 1/2 t. salt
1 T. honey
2 T. seeds, whatever's open

Buzz grain with oil until pasty. Flour, salt, honey in; pulse. Too wet? More flour.
Roll btw parchment to 1/16". Score. Seeds on, press.
325F convection, 28-35 min, rotate. They crisp as they cool.
Yield: 2 half sheets, about 90 crackers`,
    title: 'Spent-grain crackers (taproom)',
    portions: 90,
    components: [['', ['3 cup wet spent grain', '2 cup AP flour', '0.5 cup olive oil', '1.5 tsp salt', '1 tbsp honey', '2 tbsp seeds']]],
    steps: 3,
  },
  {
    manner: 'quinces beside their method',
    text: `Poached quinces                                       8 persons
--------------------------------------------------------------
2 kg quinces                    Peel, quarter, keep the cores.
1 l water                       Boil cores with water 20 min,
400 g sugar                     strain, add sugar, vanilla,
1 vanilla pod                   lemon and wine.
1 lemon, peel and juice         Poach the quarters very gently
2 dl white wine                 2–3 h, until deep pink. Cool in
                                the syrup.`,
    title: 'Poached quinces',
    portions: 8,
    components: [['', ['2 kg quinces', '1 l water', '400 g sugar', '1 vanilla pod', '1 lemon', '2 dl white wine']]],
    steps: 3,
  },
  {
    manner: 'questions and answers',
    text: `Q: My tutor says our hummus is grainy. What ratio do you use?
A: For service we use 1 kg cooked chickpeas (very soft), 350 g tahini, 120 ml lemon juice, 4 garlic cloves and 12 g salt, plus up to 150 ml iced water. Blend the chickpeas hot with the garlic for 5 minutes, then tahini, lemon and salt, and at the end the water with the motor running. Gives about 1.7 kg.
Q: Can I use tinned?
A: Yes, boil them 15 minutes with a pinch of soda first.`,
    title: '',
    portions: null,
    components: [['', ['1 kg chickpeas', '350 g tahini', '120 ml lemon juice', '4 clove garlic', '12 g salt', '150 ml iced water']]],
    steps: 2,
  },
  {
    manner: 'a cake by capitals with its plate',
    text: `Spiced chickpea cake / cucumber pickle / yoghurt
12 covers

CHICKPEA CAKE
Chickpeas, cooked and drained 900 g
Onion, fine dice 200 g
Garlic 4 cloves
Coriander, chopped 30 g
Gram flour 120 g
Sweat onion and garlic 8 min. Cool.
Crush with chickpeas, coriander and flour. Shape 24 cakes of 50 g. Chill 30 min.

CUCUMBER PICKLE
Cucumber 2
Rice vinegar 150 ml
Sugar 60 g
Salt 6 g
Mustard seed 5 g
Slice cucumber 3 mm.
Boil vinegar, sugar, salt and seed; cool to 40 °C.
Pour over; 1 h minimum.

PLATE
Greek yoghurt 300 g
Oil for frying
Fry cakes 175 °C 3 min. Two cakes, pickle, a spoon of yoghurt.`,
    title: 'Spiced chickpea cake / cucumber pickle / yoghurt',
    portions: 12,
    components: [
      ['Chickpea cake', ['900 g Chickpeas', '200 g Onion', '4 clove Garlic', '30 g Coriander', '120 g Gram flour']],
      ['Cucumber pickle', ['2 Cucumber', '150 ml Rice vinegar', '60 g Sugar', '6 g Salt', '5 g Mustard seed']],
      ['Plate', ['300 g Greek yoghurt', 'Oil']],
    ],
    steps: 6,
  },
  {
    manner: 'a slice of damsons',
    text: `Damson crumble slice (Nell's)
12 oz plain flour
8 oz butter
4 oz sugar + a bit
1 lb damsons, stoned (weigh after)
2 tbsp semolina
handful flaked almonds
pinch salt
squeeze of lemon

rub flour, butter, sugar, salt. press 2/3 in swiss roll tin
semolina over, damsons, lemon, the bit of sugar
rest of crumb + almonds on top
gas 5 about 40 min. cut warm, leave in tin till cold`,
    title: "Damson crumble slice (Nell's)",
    portions: null,
    components: [
      [
        '',
        [
          '12 oz plain flour',
          '8 oz butter',
          '4 oz sugar + a bit',
          '1 lb damsons',
          '2 tbsp semolina',
          '1 handful flaked almonds',
          '1 pinch salt',
          'squeeze of lemon',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'vine leaves in a book',
    text: `                                                        211

                 STUFFED VINE LEAVES

     24 vine leaves, fresh or preserved
     6 oz. long grain rice
     1 large onion, finely chopped
     2 tablespoons currants
     2 tablespoons pine kernels
     1/4 pint olive oil
     juice of 1 lemon

Blanch the leaves for two minutes and drain. Soften the
onion in half the oil, add the rice, currants and ker-
nels, and stir for five minutes. Season. Put a teaspoon-
ful on each leaf and roll up tightly. Pack into a pan,
pour over the lemon juice, the rest of the oil and half a
pint of water, weigh down with a plate and simmer for
one hour. Serve cold. For 4 as a first course.`,
    title: 'STUFFED VINE LEAVES',
    portions: 4,
    components: [
      [
        '',
        [
          '24 leaf vine leaves',
          '6 oz long grain rice',
          '1 onion',
          '2 tbsp currants',
          '2 tbsp pine kernels',
          '0.25 pint olive oil',
          '1 lemon',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'noodles under a bar of cookies',
    text: `Accept cookies
HOME | RECIPES | VIDEOS | ABOUT
Advertisement

Creamy Miso Leek Noodles
Last updated: February 2, 2026 • 9 Comments

Leeks melt, miso deepens, noodles soak it all up. This is what I make when the fridge is bare.

Serves 4 · 25 minutes

Ingredients
For the leeks
3 large leeks, white and pale green parts, sliced
40 g butter
1 tbsp olive oil
2 cloves garlic, grated
For the sauce
3 tbsp white miso
200 ml crème fraîche
1 tsp toasted sesame oil
To serve
400 g fresh udon noodles
2 tsp sesame seeds

How to make it
Cook the leeks in the butter and oil with a pinch of salt over a low heat for 15 minutes, until silky.
Add the garlic and cook for 1 minute.
Whisk the miso with 4 tbsp hot water, then stir into the leeks with the crème fraîche.
Boil the noodles for 2 minutes. Reserve a mugful of the water and drain.
Toss everything together, loosening with the water. Finish with the sesame oil and seeds.

More noodle recipes
Peanut noodles with 10 vegetables
Cold soba, 5 ways

Comments
Ash — January 4: I added 200 g mushrooms. Great!`,
    title: 'Creamy Miso Leek Noodles',
    portions: 4,
    components: [
      ['Leeks', ['3 leeks', '40 g butter', '1 tbsp olive oil', '2 clove garlic']],
      ['Sauce', ['3 tbsp white miso', '200 ml crème fraîche', '1 tsp sesame oil']],
      ['To serve', ['400 g fresh udon noodles', '2 tsp sesame seeds']],
    ],
    steps: 5,
  },
  {
    manner: 'an academy’s bubble cakes',
    text: `LARKFIELD ACADEMY OF FOOD                                   Level 1, week 6
Learning outcome 3.2: cook a vegetable dish by boiling and by shallow frying

Dish: Bubble cakes with mustard greens
Portions: 2                       Time: 50 minutes

Ingredients                Quantity
Waxy potatoes              300 g
Savoy cabbage              100 g
Spring onions              2
Plain flour                15 g
Oil                        30 ml
Mustard greens             80 g
Salt, pepper               to taste

Equipment: saucepan, frying pan, colander, fish slice

Procedure
1. Peel potatoes, cut evenly, boil 15 minutes.
2. Shred cabbage, boil 3 minutes, drain well.
3. Crush potatoes coarsely, mix with cabbage and onions, season.
4. Shape four cakes, flour.
5. Shallow fry 4 minutes each side until deep golden.
6. Wilt greens in the same pan 1 minute; serve.

Self-check
Are the cakes the same size?
Is the crust even?`,
    title: 'Bubble cakes with mustard greens',
    portions: 2,
    components: [
      [
        '',
        [
          '300 g Waxy potatoes',
          '100 g Savoy cabbage',
          '2 Spring onions',
          '15 g Plain flour',
          '30 ml Oil',
          '80 g Mustard greens',
          'Salt, pepper',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'cornbread beside its method',
    text: `Beans on cornbread                                     serves 6

Cornbread                     1. Oven 200. Whisk dry, whisk wet,
200 g fine cornmeal              combine, tin 20 cm, 25 min.
100 g plain flour             2. Fry onion and pepper in the oil
1 tbsp baking powder             10 min.
300 ml buttermilk             3. Paprika in, 1 min.
                              4. Beans and tomatoes, 15 min.
Beans                         5. Split cornbread, beans over.
1 onion, diced
1 red pepper, diced
2 tbsp oil
2 tsp smoked paprika
2 x 400 g tins black beans
1 x 400 g tin tomatoes`,
    title: 'Beans on cornbread',
    portions: 6,
    components: [
      ['Cornbread', ['200 g fine cornmeal', '100 g plain flour', '1 tbsp baking powder', '300 ml buttermilk']],
      ['Beans', ['1 onion', '1 red pepper', '2 tbsp oil', '2 tsp smoked paprika', '2 tin black beans', '1 tin tomatoes']],
    ],
    steps: 5,
  },
  {
    manner: 'a mail about a walnut sauce',
    text: `Hello Marit,

Here's the walnut sauce from Saturday, enough for 8 with pasta or 12 as a dip:

200 g walnuts
2 slices white bread, soaked in milk
1 small clove of garlic
50 g parmesan
100 ml olive oil
salt

Blanch the walnuts for 2 minutes and rub off as much skin as you have patience for.
Squeeze the bread. Blend everything but the oil, then trickle that in.
Thin it with pasta water.

It splits if you warm it, so don't. Give my love to Jens – and can I have my 2 litre box back?

Hanne`,
    title: 'Walnut sauce',
    portions: 8,
    components: [['', ['200 g walnuts', '2 slice white bread', '1 clove garlic', '50 g parmesan', '100 ml olive oil', 'salt']]],
    steps: 3,
  },
  {
    manner: 'buns by weight and percent',
    text: `SPELT BUNS - 24 x 85 g
                       g       %
White spelt          900      75
Wholegrain spelt     300      25
Water 22 °C          720      60
Butter               120      10
Honey                 60       5
Salt                  24       2
Fresh yeast           30     2.5
Poppy seed            48       4

1. Mix 4 + 3 min, dough 24 °C.
2. Bulk 60 min, fold once at 30.
3. Scale 85 g, round, 15 min.
4. Shape, seed side, proof 50 min.
5. Bake 210 °C 16 min with steam.`,
    title: 'SPELT BUNS',
    portions: 24,
    components: [
      [
        '',
        [
          '900 g White spelt',
          '300 g Wholegrain spelt',
          '720 g Water',
          '120 g Butter',
          '60 g Honey',
          '24 g Salt',
          '30 g Fresh yeast',
          '48 g Poppy seed',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a dressing asked for',
    text: `anyone got the dressing from the grain bowl? it was SO good

yes!! makes about 500ml:
150g tahini
120ml lemon juice
150ml cold water
30g maple syrup
2 garlic cloves
8g salt
blend all 1 min. thins more with water. fridge 5 days`,
    title: 'Dressing',
    portions: null,
    components: [['', ['150 g tahini', '120 ml lemon juice', '150 ml cold water', '30 g maple syrup', '2 clove garlic', '8 g salt']]],
    steps: 1,
  },
  {
    manner: 'two days of a week',
    text: `WEEK 4 — TUESDAY: DOUGHS
Focaccia (1 tray 40 x 30, 20 pieces)
  strong flour 750 g
  water 560 ml
  fresh yeast 15 g
  salt 16 g
  olive oil 70 ml
  1. Mix, no knead. Folds at 20, 40, 60 min.
  2. Oil tray, stretch, 40 min.
  3. Dimple, oil, salt; 230 °C, 22 min.

WEEK 4 — THURSDAY: SPREADS
Olive paste (500 g)
  black olives, stoned 400 g
  capers 30 g
  olive oil 60 ml
  thyme 4 sprigs
  1. Chop by hand or pulse, fold in oil.`,
    title: 'Focaccia',
    portions: 20,
    components: [
      ['', ['750 g strong flour', '560 ml water', '15 g fresh yeast', '16 g salt', '70 ml olive oil']],
      ['Olive paste', ['400 g black olives', '30 g capers', '60 ml olive oil', '4 sprig thyme']],
    ],
    steps: 4,
  },
  {
    manner: 'a dip by station and owner',
    text: `Station: Cold 1                       Recipe owner: Head chef
Last change: 03.02.
SMOKY AUBERGINE DIP
Gives 2.4 kg (≈ 40 portions of 60 g)

AUBERGINE
Aubergines, whole ......... 4 kg
Salt ...................... 20 g
Burn over open flame until collapsed, 15-20 min. Peel warm, drain 1 h.

BASE
Tahini .................... 400 g
Lemon juice ............... 180 ml
Garlic, grated ............ 25 g
Ice water ................. 150 ml
Whip 5 min until pale.

FINISH
Olive oil ................. 120 ml
Parsley, chopped .......... 40 g
Smoked paprika ............ 4 g
Chop aubergine by hand, fold into base, oil and parsley. Paprika on top.

Use by: day 3. Allergen: sesame.`,
    title: 'SMOKY AUBERGINE DIP',
    portions: null,
    components: [
      ['Aubergine', ['4 kg Aubergines', '20 g Salt']],
      ['Base', ['400 g Tahini', '180 ml Lemon juice', '25 g Garlic', '150 ml Ice water']],
      ['Finish', ['120 ml Olive oil', '40 g Parsley', '4 g Smoked paprika']],
    ],
    steps: 3,
  },
  {
    manner: 'a rice pudding by decilitres',
    text: `Baked rice pudding for eight
(my mother-in-law, Trondsen side)

2 dl round rice
4 dl water
1½ l full milk
1 vanilla pod
1 dl sugar
½ ts salt
50 g butter
cinnamon on top

Boil rice and water till the water is gone. Add milk, vanilla. On lowest heat 45 min, stirring when you pass. Sugar, salt, butter.
Into a buttered form. 200° for 25 min, brown spots.
Good cold too, with cherry sauce.`,
    title: 'Baked rice pudding',
    portions: 8,
    components: [
      [
        '',
        [
          '2 dl round rice',
          '4 dl water',
          '1.5 l full milk',
          '1 vanilla pod',
          '1 dl sugar',
          '0.5 tsp salt',
          '50 g butter',
          'cinnamon on top',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a tart that says why it works',
    text: `[Skip to recipe]

WHY THIS TART WORKS
The potato crust needs no rolling. The leeks are cooked twice.

LEEK AND POTATO-CRUST TART
YIELD: SERVES 6
ACTIVE TIME: 30 MINUTES
TOTAL TIME: 1 HOUR 45 MINUTES

FOR THE CRUST
1 pound russet potatoes, grated
1 small onion, grated
1 large egg white
3/4 teaspoon salt

FOR THE FILLING
2 tablespoons butter
4 leeks, sliced
3 large eggs
1 cup heavy cream
4 ounces goat cheese
1/4 teaspoon nutmeg

STEP 1. Heat oven to 425°F. Squeeze the potatoes and onion dry; mix with egg white and salt and press into an oiled 9-inch dish. Bake 35 minutes.
STEP 2. Cook leeks in butter, covered, 15 minutes, then uncovered 5 minutes.
STEP 3. Lower oven to 375°F. Whisk eggs, cream and nutmeg; add leeks and cheese. Pour into the crust and bake 35 minutes until set.

SUBSTITUTIONS
Use 2 onions for the leeks.`,
    title: 'LEEK AND POTATO-CRUST TART',
    portions: 6,
    components: [
      ['Crust', ['1 lb russet potatoes', '1 onion', '1 egg white', '0.75 tsp salt']],
      ['Filling', ['2 tbsp butter', '4 leeks', '3 eggs', '1 cup heavy cream', '4 oz goat cheese', '0.25 tsp nutmeg']],
    ],
    steps: 3,
  },
  {
    manner: 'a group’s job today',
    text: `GROUP 2 – your job today: the flatbreads
(feeds the whole class, 16)

• 1 kg bread flour
• 12 g salt
• 10 g dried yeast
• 40 ml oil
• 650 ml warm water
• 100 g butter } for brushing
• 4 cloves garlic }

① weigh – check each other's scale!
② mix and knead 8 minutes
③ rest 40 minutes (meanwhile help group 3)
④ cut 16, roll thin
⑤ dry-fry 90 seconds a side
⑥ melt butter with garlic, brush

Stuck? Ask group 1.`,
    title: 'GROUP 2 – your job today: the flatbreads',
    portions: null,
    components: [
      ['', ['1 kg bread flour', '12 g salt', '10 g dried yeast', '40 ml oil', '650 ml warm water', '100 g butter', '4 clove garlic']],
    ],
    steps: 6,
  },
  {
    manner: 'brochettes for each person',
    text: `           BROCHETTES OF VEGETABLES
           ------------------------
For each person allow:

  1 small courgette           2 mushrooms
  2 shallots                  1/2 pepper
  3 cherry tomatoes           1 bay leaf

Blanch the shallots for 5 minutes. Cut the courgette in
thick rounds and the pepper in squares. Thread on skewers,
brush with oil and grill for 10-12 minutes, turning often.
Serve on a bed of rice with a herb butter.`,
    title: 'BROCHETTES OF VEGETABLES',
    portions: 1,
    components: [['', ['1 courgette', '2 shallots', '3 cherry tomatoes', '2 mushrooms', '0.5 pepper', '1 bay leaf']]],
    steps: 2,
  },
  {
    manner: 'straws for a team',
    text: `hey team – new snack from monday

CHEESE STRAWS / makes about 60
puff offcuts 1.2kg
gruyere 300
parm 100
egg wash
cayenne 2
poppy/sesame 80
flaky salt

roll 4mm 40x60, wash, cheese + cayenne, fold, roll again 4mm
cut 1.5cm, twist, wash, seeds
200 12 min then 170 dry 8

price 2.50 for 3. allergens on the board pls`,
    title: 'CHEESE STRAWS',
    portions: 60,
    components: [['', ['1.2 kg puff offcuts', '300 gruyere', '100 parm', 'egg wash', '2 cayenne', 'poppy/sesame 80', 'flaky salt']]],
    steps: 3,
  },
  {
    manner: 'a salad with its lists in rows',
    text: `Warm salad of new potatoes, peas and mint oil
Serves 4

For the mint oil: 1 bunch mint, 150 ml olive oil, pinch of salt
For the salad: 600 g new potatoes, 200 g peas, 100 g broad beans, 1 shallot (finely sliced), 1 tbsp white wine vinegar, 50 g pea shoots

Blanch the mint for 10 seconds, refresh in iced water and squeeze dry. Blend with the oil and salt for 2 minutes and strain through muslin.
Boil the potatoes for 15 minutes, adding the peas and beans for the last 3. Drain, halve the potatoes and dress with the vinegar while hot.
Add the shallot and pea shoots and spoon over the mint oil.`,
    title: 'Warm salad of new potatoes, peas and mint oil',
    portions: 4,
    components: [
      ['Mint oil', ['1 bunch mint', '150 ml olive oil', '1 pinch salt']],
      ['Salad', ['600 g new potatoes', '200 g peas', '100 g broad beans', '1 shallot', '1 tbsp white wine vinegar', '50 g pea shoots']],
    ],
    steps: 3,
  },
  {
    manner: 'carrot sticks in brine',
    text: `Fermented carrot sticks, 1 L jar

salt 25 g : water 1 L (2.5 % brine)
carrots, 550 g in sticks
2 garlic cloves
1 tsp fennel seed
1 bay leaf

1  Dissolve salt in 200 ml of the water, warm; top up cold.
2  Pack jar upright, spices at the bottom.
3  Cover with brine by 2 cm, weight.
4  20 °C, 5–7 days. Burp daily. Then cold.
Signs it's off: pink film, rotten smell → bin it.`,
    title: 'Fermented carrot sticks, 1 L jar',
    portions: null,
    components: [['', ['1 l salt 25 g : water', '550 g carrots', '2 clove garlic', '1 tsp fennel seed', '1 bay leaf']]],
    steps: 5,
  },
  {
    manner: 'a canteen’s reply',
    text: `Reply from: Marta
Re: canteen curry

Per 100:

chickpeas (dry)  5kg
onion   6kg
tinned tomato   4 x 2.5kg
coconut milk   5l
curry powder   500g
garlic+ginger paste   600g
oil   500ml
salt   150g

Soak chickpeas overnight, boil 50 min.
Brown the onions properly!! 25 min
paste, powder 5 min, tomato, 20 min
chickpeas, coconut, 15 min, check salt

We serve 220g + 180g rice.`,
    title: 'canteen curry',
    portions: 100,
    components: [
      [
        '',
        [
          '5 kg chickpeas',
          '6 kg onion',
          '4 tinned tomato',
          '5 l coconut milk',
          '500 g curry powder',
          '600 g garlic+ginger paste',
          '500 ml oil',
          '150 g salt',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'an exercise at the bench',
    text: `Exercise 5.2 Cold emulsions – aïoli (egg-free)

Objective: stable emulsion with 70 % oil
Per bench (makes 300 g)

100 ml unsweetened soya milk
210 ml neutral oil
2 cloves garlic
10 ml lemon juice
3 g salt
1 g xanthan (only if it will not hold)

1. Have everything at the same temperature (20 °C).
2. Blend milk, garlic, lemon and salt 20 s with a stick blender.
3. Keep the blender running and add the oil in a thin stream, 1 min.
4. Record: time to first thickening ____ s; stable after 30 min? yes / no`,
    title: 'Cold emulsions – aïoli (egg-free)',
    portions: null,
    components: [
      ['', ['100 ml unsweetened soya milk', '210 ml neutral oil', '2 clove garlic', '10 ml lemon juice', '3 g salt', '1 g xanthan']],
    ],
    steps: 3,
  },
  {
    manner: 'a soup with strokes for minutes',
    text: `CABBAGE & TOMATO SOUP, DILL
20 x 300 ml
prep 25' / cook 50' / vegan

veg
800 g onions — small dice
600 g carrots — small dice
2 kg white cabbage — 2 cm squares
60 g garlic — sliced
liquid
2.5 kg tinned tomatoes
3 l vegetable stock
finish
60 ml cider vinegar
40 g sugar
80 g dill

1/ sweat onion + carrot in oil, lid on, 12'
2/ garlic 1', cabbage, lid on, 10'
3/ liquids, simmer 25' – cabbage soft but not falling apart
4/ finish, taste: sour first, then sweet`,
    title: 'CABBAGE & TOMATO SOUP, DILL',
    portions: 20,
    components: [
      ['Veg', ['800 g onions', '600 g carrots', '2 kg white cabbage', '60 g garlic']],
      ['Liquid', ['2.5 kg tinned tomatoes', '3 l vegetable stock']],
      ['Finish', ['60 ml cider vinegar', '40 g sugar', '80 g dill']],
    ],
    steps: 4,
  },
  {
    manner: 'crackers by a bakery that opens its doors',
    text: `How we make our Seeded Rye Crackers

(If you're here for the schedule of open days, it's on the other page.)

To make 4 large sheets you'll need:

150 g rye flour
100 g wheat flour
50 g each of sunflower, pumpkin and sesame seeds
25 g linseed
6 g salt
60 ml rapeseed oil
200 ml boiling water

And here's what to do:

Heat the oven to 150 °C.
Mix everything dry. Pour over the oil and the water. Stir to a porridge; wait 5 minutes.
Roll thinly between two papers – 4 sheets.
Bake 60 minutes, turn the oven off, leave them in for another 30.

Would you like to bake with us? Book here: open days`,
    title: 'Seeded Rye Crackers',
    portions: null,
    components: [
      [
        '',
        [
          '150 g rye flour',
          '100 g wheat flour',
          '50 g sunflower',
          '25 g linseed',
          '6 g salt',
          '60 ml rapeseed oil',
          '200 ml boiling water',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a cordial of barley',
    text: `BARLEY WATER

2 oz. pearl barley
Rind and juice of 2 lemons
3 oz. loaf sugar
2 pints boiling water

Wash the barley, cover with cold water and bring to the boil. Strain and throw away this water. Put the barley in a jug with the thinly pared rind and the sugar, pour on the boiling water and leave until cold. Add the juice and strain.

(Makes about 1 quart. Will keep 2 days in a cold larder.)`,
    title: 'BARLEY WATER',
    portions: null,
    components: [['', ['2 oz pearl barley', '2 lemons', '3 oz loaf sugar', '2 pint boiling water']]],
    steps: 1,
  },
  {
    manner: 'a commis’s test with what is supplied',
    text: `COMMIS TEST 2 / cold section

Candidate prepares: 4 portions pear, walnut and blue cheese salad
Time: 30 min incl. clean down

Supplied:
2 pears
100 g walnuts
120 g blue cheese
200 g mixed leaves
20 ml sherry vinegar
60 ml walnut oil
5 g mustard

Expected sequence
1. Walnuts in at 170, 7 min (set a timer!)
2. Dressing: mustard, vinegar, salt; oil in a thread
3. Pears cut last, 12 wedges each, in the dressing at once
4. Leaves dressed at the pass, never before

Judged: seasoning, cut of pear, balance of plate`,
    title: 'pear, walnut and blue cheese salad',
    portions: 4,
    components: [
      [
        '',
        ['2 pears', '100 g walnuts', '120 g blue cheese', '200 g mixed leaves', '20 ml sherry vinegar', '60 ml walnut oil', '5 g mustard'],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a post with tags behind its name',
    text: `Chestnut mushroom stroganoff #weeknight #vegetarian

Serves 4, 25 min

1 tbsp oil, 20 g butter
1 onion, sliced
500 g chestnut mushrooms, quartered
2 cloves garlic
1 tbsp paprika
150 ml vegetable stock
200 ml soured cream
parsley

Fry the mushrooms in the oil on high heat till brown, 6–8 min; take out.
Butter, onion, 6 min on medium. Garlic, paprika, 30 sec.
Stock in, let it bubble by half, 3 min.
Heat down. Cream, mushrooms. Don't boil.
Parsley. Rice or noodles.`,
    title: 'Chestnut mushroom stroganoff',
    portions: 4,
    components: [
      [
        '',
        [
          '1 tbsp oil',
          '20 g butter',
          '1 onion',
          '500 g chestnut mushrooms',
          '2 clove garlic',
          '1 tbsp paprika',
          '150 ml vegetable stock',
          '200 ml soured cream',
          'parsley',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a letter to a street of cooks',
    text: `To: food@plumstreet.example
Re: the sponge

Dear Plum Street,

My daughter's school wants a steamed ginger sponge for 6 (they have basins of 1 litre). This is what has never failed us:

120 g butter
120 g dark sugar
2 eggs
150 g self raising flour
2 tsp ground ginger
3 balls stem ginger, chopped
2 tbsp milk
4 tbsp golden syrup

Syrup in the bottom of the buttered basin. Cream butter and sugar, eggs, flour and ginger, stem ginger, milk. Two thirds full. Lid of pleated paper and foil, string. Steam 1 h 45 over simmering water and look now and then whether it needs topping up.

With kind regards
Ottilie Farr`,
    title: 'Steamed ginger sponge',
    portions: 6,
    components: [
      [
        '',
        [
          '120 g butter',
          '120 g dark sugar',
          '2 eggs',
          '150 g self raising flour',
          '2 tsp ground ginger',
          '3 ball stem ginger',
          '2 tbsp milk',
          '4 tbsp golden syrup',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'crumpets in boxes',
    text: `| SOURDOUGH CRUMPETS | | |
|:--|--:|:--|
| Makes | 8 | rings 9 cm |
| Discard starter | 270 g | |
| Caster sugar | 5 g | |
| Salt | 3 g | |
| Bicarbonate of soda | 4 g | sift |
| Water | 20 ml | only if thick |
| Butter | 20 g | for the rings |

1. Whisk starter with sugar and salt. Sift in the soda and whisk: it will foam.
2. Rings buttered, pan medium-low. Fill 12 mm deep.
3. 6–7 min until the top is set and full of holes. Turn, 1 min.`,
    title: 'SOURDOUGH CRUMPETS',
    portions: 8,
    components: [['', ['270 g Discard starter', '5 g Caster sugar', '3 g Salt', '4 g Bicarbonate of soda', '20 ml Water', '20 g Butter']]],
    steps: 3,
  },
  {
    manner: 'soup for thirty pax',
    text: `30 PAX SAUERKRAUT SOUP
sauerkraut 3kg, rinsed once
potato 2kg 1.5cm dice
onion 1kg
smoked paprika 25g
tomato paste 200g
stock 6L
caraway 10g
bay 5

onion + caraway sweat 10 - paprika + paste 2 - stock, kraut, bay 40 - potato 15 - season
serve w/ sour cream`,
    title: 'SAUERKRAUT SOUP',
    portions: 30,
    components: [
      [
        '',
        ['3 kg sauerkraut', '2 kg potato', '1 kg onion', '25 g smoked paprika', '200 g tomato paste', '6 l stock', '10 g caraway', '5 bay'],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'vinegar of flowers',
    text: `ELDERFLOWER VINEGAR (needs 2 weeks)
12 heads of elderflower, dry, in full bloom
750 ml white wine vinegar
1 strip of lemon peel

Shake the insects off the flowers. Do not wash.
Put in a clean jar with the peel, warm the vinegar to 60 °C and pour over.
Close. Leave in the light for two weeks, shaking daily.
Strain through cloth. Bottle.`,
    title: 'ELDERFLOWER VINEGAR (needs 2 weeks)',
    portions: null,
    components: [['', ['12 head elderflower', '750 ml white wine vinegar', '1 strip lemon peel']]],
    steps: 4,
  },
  {
    manner: 'tomatoes of a chapter in grams and millilitres',
    text: `Chapter 9. Vegetable first courses

9.7 Baked tomatoes with rice and herbs

Portions: 6 (12 tomatoes)
Skill: stuffing, seasoning of a raw filling

INGREDIENTS          G/ML
tomatoes, firm       12 pcs
rice, round grain    240
onion, fine          150
olive oil            120
mint                 15
parsley              30
currants             40
pine nuts            40

PREPARATION
9.7.1 Cut the lids, hollow the tomatoes, salt, turn over. Keep the pulp.
9.7.2 Sweat the onion in half of the oil, 8 minutes. Add the rice, stir 2 minutes; add the pulp, chopped, and 100 ml of water. Simmer 5 minutes.
9.7.3 Off the fire add herbs, currants and nuts. Season highly.
9.7.4 Fill two thirds. Lids on, rest of the oil over. Bake at 180 °C for 60 minutes.`,
    title: 'Baked tomatoes with rice and herbs',
    portions: 6,
    components: [
      [
        '',
        ['12 tomatoes', '240 g rice', '150 g onion', '120 ml olive oil', '15 g mint', '30 g parsley', '40 g currants', '40 g pine nuts'],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'roots of a supper club',
    text: `Autumn supper club, course 2

ROASTED ROOTS, LABNEH, DUKKAH
Serves six

600 g parsnips
600 g carrots
400 g shallots, halved
80 ml olive oil
1 tbsp thyme leaves
400 g labneh

Dukkah
50 g hazelnuts
2 tbsp sesame seeds
1 tbsp coriander seeds
1 tbsp cumin seeds
1 tsp black pepper
1 tsp flaky salt

To cook
Roast the roots and shallots in the oil and thyme at 210 °C for 40 minutes.
For the dukkah, toast the nuts and seeds separately, 3–4 minutes each, then crush with the pepper and salt.
Spread the labneh, pile on the roots, shower with dukkah.`,
    title: 'ROASTED ROOTS, LABNEH, DUKKAH',
    portions: 6,
    components: [
      ['', ['600 g parsnips', '600 g carrots', '400 g shallots', '80 ml olive oil', '1 tbsp thyme leaves', '400 g labneh']],
      [
        'Dukkah',
        ['50 g hazelnuts', '2 tbsp sesame seeds', '1 tbsp coriander seeds', '1 tbsp cumin seeds', '1 tsp black pepper', '1 tsp flaky salt'],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'buns from a magazine, amounts behind',
    text: `Rhubarb & Custard Buns
Makes: 12   Prep: 40 min + proving   Bake: 18 min   Level: Confident

FOR THE DOUGH
• Strong white flour, 500g
• Whole milk, 300ml, warm
• Fast-action yeast, 7g
• Caster sugar, 50g
• Butter, 60g, soft

FOR THE FILLING
• Rhubarb, 300g, cut in 1cm pieces
• Caster sugar, 60g
• Custard powder, 25g
• Milk, 300ml
• Egg yolk, 1

METHOD
Mix the dough ingredients with 1 tsp salt and knead for 10 min. Prove for 1½ hr.
Roast the rhubarb with half the sugar at 180C/160C fan/gas 4 for 12 min.
Make the custard: whisk powder, remaining sugar and yolk with a little milk; boil the rest, combine, thicken. Cool.
Shape 12 balls, press a well in each, prove 40 min. Fill with custard and rhubarb.
Bake at 200C/180C fan/gas 6 for 18 min.

NUTRITION (per bun)
Energy 258kcal, Fat 7g, Saturates 4g, Carbs 43g, Fibre 2g, Protein 7g, Salt 0.6g`,
    title: 'Rhubarb & Custard Buns',
    portions: 12,
    components: [
      ['Dough', ['500 g Strong white flour', '300 ml Whole milk', '7 g Fast-action yeast', '50 g Caster sugar', '60 g Butter']],
      ['Filling', ['300 g Rhubarb', '60 g Caster sugar', '25 g Custard powder', '300 ml Milk', '1 Egg yolk']],
    ],
    steps: 5,
  },
  {
    manner: 'nettles in April',
    text: `NETTLE SOUP, OR WHAT TO DO IN APRIL

Wear gloves. Only the top four leaves, before they flower.

For 4:
a carrier bag of nettle tops (about 200 g picked)
1 leek
1 big floury potato
40 g butter
1 litre vegetable stock
4 tbsp soured cream

Sweat the sliced leek in the butter for 10 minutes. Add the diced potato and the stock and simmer until the potato gives up, 15 minutes. Rinse the nettles (gloves!), in with them, 3 minutes, no more, or the green goes. Blend, pass if you care. A spoon of cream on each.`,
    title: 'NETTLE SOUP, OR WHAT TO DO IN APRIL',
    portions: 4,
    components: [
      ['', ['1 carrier bag of nettle tops', '1 leek', '1 floury potato', '40 g butter', '1 l vegetable stock', '4 tbsp soured cream']],
    ],
    steps: 1,
  },
  {
    manner: 'a jam in two columns',
    text: `MARROW AND GINGER JAM

4 lb. prepared marrow      3 lemons
4 lb. sugar                2 oz. root ginger

Cut the marrow into cubes and steam until just
tender. Place in a bowl with the sugar, the
grated rind and juice of the lemons and leave
overnight. Bruise the ginger, tie in muslin and
put all into a pan. Dissolve the sugar slowly,
then cook until the marrow is clear and the syrup
thick. Remove the ginger. Pot and cover.
                          Yield: about 6 lb.`,
    title: 'MARROW AND GINGER JAM',
    portions: null,
    components: [['', ['4 lb prepared marrow', '4 lb sugar', '3 lemons', '2 oz root ginger']]],
    steps: 1,
  },
  {
    manner: 'samosas on a work sheet',
    text: `Worksheet 8: Filled pastries
Name:__________  Date:__________

Vegetable samosas (12)

Pastry                      Filling
150 g plain flour           200 g waxy potatoes, 8 mm dice
30 ml oil                   80 g peas
60 ml warm water            1 tsp cumin seed
2 g salt                    1 tsp garam masala
                            10 g ginger, grated

1) Pastry: rub oil into flour and salt, add water, knead 4 min, rest 30 min.
2) Boil potatoes 6 min; fry spices and ginger 1 min; add potatoes and peas, 3 min; cool.
3) Divide pastry in 6, roll 16 cm, halve. Form cones, fill (25 g each), seal with water.
4) Fry 170 °C 6–7 min.

Tick when done: [ ] dice even [ ] cones tight [ ] no leaks`,
    title: 'Vegetable samosas',
    portions: 12,
    components: [
      ['Pastry', ['150 g plain flour', '30 ml oil', '60 ml warm water', '2 g salt']],
      ['Filling', ['200 g waxy potatoes', '80 g peas', '1 tsp cumin seed', '1 tsp garam masala', '10 g ginger']],
    ],
    steps: 4,
  },
  {
    manner: 'an onion jam for three who asked',
    text: `Hi all,

onion jam for the ploughman's, since three people asked:

2 kg red onions, thinly sliced
100 g butter
200 g dark sugar
300 ml red wine
150 ml red wine vinegar

Onions & butter, lid on, low, 40 min. Lid off, sugar, 15 min. Wine + vinegar, 40 min till sticky.
Fills 4 of the small kilners. Keeps 2 months.

Nan`,
    title: 'Onion jam',
    portions: null,
    components: [['', ['2 kg red onions', '100 g butter', '200 g dark sugar', '300 ml red wine', '150 ml red wine vinegar']]],
    steps: 1,
  },
  {
    manner: 'a plated dessert by its parts',
    text: `PASTRY / plated 3
Buttermilk panna cotta, rhubarb, oat crumble
x24

pc
cream 1.2 l
buttermilk 1.2 l
sugar 240 g
gelatine 14 lvs
rhubarb
rhubarb 1.5 kg
sugar 200 g
orange juice 150 ml
crumble
oats 200 g
flour 150 g
butter 150 g
brown sugar 100 g

pc: half the cream + sugar to 80, gelatine in, rest in cold, 90 ml moulds, 5 h
rhubarb: 4 cm, sous vide 61 C 25 min, ice
crumble: rub, bake 160 20 min, break
plate: unmould, 3 rhubarb, 1 tbsp crumble, juice`,
    title: 'Buttermilk panna cotta, rhubarb, oat crumble',
    portions: 24,
    components: [
      ['Pc', ['1.2 l cream', '1.2 l buttermilk', '240 g sugar', '14 leaf gelatine']],
      ['Rhubarb', ['1.5 kg rhubarb', '200 g sugar', '150 ml orange juice']],
      ['Crumble', ['200 g oats', '150 g flour', '150 g butter', '100 g brown sugar']],
    ],
    steps: 4,
  },
  {
    manner: 'a pie for a nine-inch plate',
    text: `Cheese & Onion Pie (for a 9" plate)

Shortcrust for top & bottom – 12 oz flour quantity
3 big onions
8 oz Lancashire-type cheese, crumbly
2 tbsp milk
black pepper, lots
egg to glaze

Boil the onions whole 20 min, cool, chop rough, drain WELL.
Line plate, onions, cheese, milk, pepper. Lid. Glaze, 3 holes.
Hot oven (gas 7) 15 min then gas 5 for 25.
Let stand before cutting or it runs.`,
    title: 'Cheese & Onion Pie (for a 9" plate)',
    portions: null,
    components: [
      ['', ['12 oz Shortcrust for top & bottom', '3 onions', '8 oz Lancashire-type cheese', '2 tbsp milk', 'black pepper', 'egg to glaze']],
    ],
    steps: 4,
  },
  {
    manner: 'a katsu with its steps in a column',
    text: `Tofu katsu                                                  4 pax
INGREDIENT              AMT        STEP
firm tofu               600 g      press 30 min, cut 8
flour                   50 g       dredge 1
soya milk               100 ml     dredge 2
panko                   120 g      dredge 3
oil                     300 ml     shallow fry 170 C, 3+3 min
curry sauce (see 4.2)   600 ml     reheat to 75 C
rice, cooked            800 g      mould
pickled radish          80 g       garnish`,
    title: 'Tofu katsu',
    portions: 4,
    components: [
      [
        '',
        [
          '600 g firm tofu',
          '50 g flour',
          '100 ml soya milk',
          '120 g panko',
          '300 ml oil',
          '600 ml curry sauce',
          '800 g rice',
          '80 g pickled radish',
        ],
      ],
    ],
    steps: 8,
  },
  {
    manner: 'a demo’s script',
    text: `DEMO SCRIPT — onion bread with olives (40 min, audience 60)

On the table: 500 g strong flour, 10 g salt, 7 g yeast, 320 ml water, 1 kg onions (already sweated), 60 g olives, 2 tbsp oil.

Say: why we sweat onions slowly. Show raw, half-done and done.
Do: mix dough, knead 3 min only, swap for the proved one.
Do: stretch to a 30 x 40 tray, onions, olives.
Say: heat from below – stone or lowest shelf.
Do: oven 220 °C, 20 min (one is ready).
Taste: 60 squares, so two trays.`,
    title: 'onion bread with olives',
    portions: null,
    components: [
      ['On the table', ['500 g strong flour', '10 g salt', '7 g yeast', '320 ml water', '1 kg onions', '60 g olives', '2 tbsp oil']],
    ],
    steps: 6,
  },
  {
    manner: 'a vegetable section’s cabbage',
    text: `Grilled pointed cabbage, hazelnut dressing
Portions: 10
Section: vegetables

Cabbage
Pointed cabbage      5
Butter               150 g
Thyme                10 sprigs
Salt                 12 g
1. Halve the cabbages, keep the core. Blanch 3 min, refresh, dry.
2. Brush with melted butter, season.
3. Grill cut side down 5 min; finish in the oven at 180 °C for 6 min.

Hazelnut dressing
Hazelnuts, skinned   120 g
Shallots, chopped    60 g
Sherry vinegar       50 ml
Hazelnut oil         80 ml
Grapeseed oil        60 ml
Parsley, chopped     20 g
1. Roast hazelnuts 160 °C 12 min, crush.
2. Mix all, taste.

To plate
Half a cabbage, 35 g dressing over the cut side, flakes of salt.`,
    title: 'Grilled pointed cabbage, hazelnut dressing',
    portions: 10,
    components: [
      ['Cabbage', ['5 Pointed cabbage', '150 g Butter', '10 sprig Thyme', '12 g Salt']],
      [
        'Hazelnut dressing',
        ['120 g Hazelnuts', '60 g Shallots', '50 ml Sherry vinegar', '80 ml Hazelnut oil', '60 ml Grapeseed oil', '20 g Parsley'],
      ],
      ['To plate', []],
    ],
    steps: 6,
  },
  {
    manner: 'a grandfather’s flummery',
    text: `Semolina flummery (Grandpa's favourite)
for 4–6

1 litre milk
120 g semolina
80 g sugar
1 packet vanilla sugar
2 egg whites
pinch salt
500 g cherries from the jar

Bring milk, sugar, vanilla and salt to the boil.
Rain in the semolina, stirring, 5 min on small heat.
Beat whites stiff, fold into the hot semolina.
In a rinsed mould, cold overnight. Turn out, cherries around.`,
    title: "Semolina flummery (Grandpa's favourite)",
    portions: 4,
    components: [
      [
        '',
        [
          '1 l milk',
          '120 g semolina',
          '80 g sugar',
          '1 packet vanilla sugar',
          '2 egg whites',
          '1 pinch salt',
          '500 g cherries from the jar',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a loaf on page 59',
    text: `CHEESE AND WALNUT LOAF                                           59

1 onion, finely chopped
1 oz butter
4 oz walnuts, chopped
4 oz fresh breadcrumbs
6 oz Cheddar cheese, grated
2 eggs
1 tablespoon chopped parsley
salt and pepper

Fry the onion in the butter until soft. Mix with
the nuts, crumbs, cheese and parsley. Bind with
the beaten eggs and season well.
Put in a greased 1 lb loaf tin, cover with foil
and bake at 350°F, Mark 4, for 45 minutes. Turn out
and serve with a tomato sauce (page 31).

                          Serves 6`,
    title: 'CHEESE AND WALNUT LOAF',
    portions: 6,
    components: [
      [
        '',
        [
          '1 onion',
          '1 oz butter',
          '4 oz walnuts',
          '4 oz fresh breadcrumbs',
          '6 oz Cheddar cheese',
          '2 eggs',
          '1 tbsp parsley',
          'salt and pepper',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'an orzo under a masthead',
    text: `THE GREEN SPOON
Search recipes...
Home / Dinner / Pasta

One-Pan Orzo with Peas and Lemon
★★★★★ 127 ratings
By Noor Abel
Servings 4    Total time 25 min

A whole dinner from one pan and, yes, you may lick the spoon.

INGREDIENTS
1 tbsp olive oil
1 leek, sliced
2 garlic cloves, crushed
300 g orzo
800 ml hot vegetable stock
200 g frozen peas
1 lemon, zested and juiced
50 g Parmesan, grated
Handful mint leaves

PREPARATION
1. Heat the oil in a wide pan. Cook the leek for 5 minutes until soft, then the garlic for 1 minute.
2. Stir in the orzo to coat. Pour in the stock and simmer for 9 minutes, stirring often.
3. Add the peas and cook for 3 minutes more.
4. Take off the heat and beat in the lemon and Parmesan. Rest for 2 minutes.
5. Scatter over the mint.

TIPS
Leftovers thicken; loosen with a splash of water.

You might also like
30-minute mushroom pasta
Leek and 4-cheese bake`,
    title: 'One-Pan Orzo with Peas and Lemon',
    portions: 4,
    components: [
      [
        '',
        [
          '1 tbsp olive oil',
          '1 leek',
          '2 clove garlic',
          '300 g orzo',
          '800 ml hot vegetable stock',
          '200 g frozen peas',
          '1 lemon',
          '50 g Parmesan',
          '1 handful mint leaves',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a training sheet about pakoras',
    text: `BRIDGEWORKS TRAINING  |  Food Preparation 1  |  Sheet 14
Objective: to prepare a batter and deep-fry safely
Dish: Vegetable pakoras with raita                 Yield: 4 portions

INGREDIENTS
Pakoras
Gram flour            150 g
Baking powder         3 g
Chilli powder         2 g
Cumin, ground         3 g
Onion, sliced         150 g
Spinach, shredded     80 g
Water                 130 ml

Raita
Yoghurt               200 g
Cucumber, grated      100 g
Mint, chopped         5 g
Salt                  2 g

EQUIPMENT: mixing bowl, whisk, fryer, spider

METHOD
1. Sift flour, baking powder and spices. Whisk in the water; rest 10 minutes.
2. Fold in onion and spinach.
3. Heat the fryer to 175 °C. Drop in spoonfuls, 5 at a time; fry 4–5 minutes.
4. Drain on paper. Probe: 75 °C or above in the middle.
5. Squeeze the cucumber, mix with yoghurt, mint and salt.

SAFETY: never leave a fryer unattended.
REVIEW: What does resting do to the batter?`,
    title: 'Vegetable pakoras with raita',
    portions: 4,
    components: [
      [
        'Pakoras',
        ['150 g Gram flour', '3 g Baking powder', '2 g Chilli powder', '3 g Cumin', '150 g Onion', '80 g Spinach', '130 ml Water'],
      ],
      ['Raita', ['200 g Yoghurt', '100 g Cucumber', '5 g Mint', '2 g Salt']],
    ],
    steps: 5,
  },
  {
    manner: 'a bread soup beside its method',
    text: `Tomato and bread soup                                     for 4

800 g ripe tomatoes          1. Score, blanch 20 s and peel the tomatoes.
200 g stale bread            2. Warm the garlic in the oil, 2 min.
3 cloves garlic              3. Add tomatoes, salt, 10 min.
100 ml olive oil             4. Tear in the bread, add stock, 5 min, and
600 ml vegetable stock          leave to swell for 20 min off the heat.
1 bunch basil                5. Beat with a spoon, basil, oil on top.`,
    title: 'Tomato and bread soup',
    portions: 4,
    components: [
      ['', ['800 g ripe tomatoes', '200 g stale bread', '3 clove garlic', '100 ml olive oil', '600 ml vegetable stock', '1 bunch basil']],
    ],
    steps: 5,
  },
  {
    manner: 'a mail about a socca',
    text: `Hi Beate,

so this is the socca. For one 28 cm pan, feeds 4 with drinks:

250 g chickpea flour
450 ml water
4 tbsp olive oil
1 tsp salt
black pepper

Whisk flour, water and salt, leave it at least 2 hours (overnight is better).
Skim off the froth. Oven as hot as it goes, pan inside for 10 minutes.
Oil in the pan, batter in, about 8 mm deep.
12–15 minutes, the top should have burnt patches. Lots of pepper.

Don't wait for the others, it has to be eaten hot.
Hug
Ines`,
    title: 'Socca',
    portions: 4,
    components: [['', ['250 g chickpea flour', '450 ml water', '4 tbsp olive oil', '1 tsp salt', 'black pepper']]],
    steps: 5,
  },
  {
    manner: 'a strudel in three parts',
    text: `Apple strudel (10 slices)

PART 1 — Strudel dough
250 g plain flour, 125 ml lukewarm water, 30 ml oil, 3 g salt
Knead 10 minutes until it no longer sticks. Oil the ball, rest 45 minutes under a warm bowl.

PART 2 — Filling
1.2 kg sharp apples
80 g sugar
60 g raisins
5 g cinnamon
100 g breadcrumbs
80 g butter
Fry the crumbs in half the butter until golden. Peel and slice the apples; mix with sugar, raisins and cinnamon.

PART 3 — Rolling and baking
Stretch the dough on a cloth until you can read through it. Crumbs, apples, roll with the cloth.
Brush with the rest of the butter. Bake at 190 °C for 40 minutes.`,
    title: 'Apple strudel',
    portions: 10,
    components: [
      ['Strudel dough', ['250 g plain flour', '125 ml lukewarm water', '30 ml oil', '3 g salt']],
      ['Filling', ['1.2 kg sharp apples', '80 g sugar', '60 g raisins', '5 g cinnamon', '100 g breadcrumbs', '80 g butter']],
      ['Rolling and baking', []],
    ],
    steps: 4,
  },
  {
    manner: 'muffins of a magazine',
    text: `Courgette & cheddar muffins
MAKES 12 · PREP 15 MIN · COOK 25 MIN · FREEZABLE

300g self-raising flour
1 tsp baking powder
250g courgettes, coarsely grated
120g mature cheddar, grated
2 eggs
200ml buttermilk
90ml sunflower oil
2 tbsp pumpkin seeds

1 Heat oven to 190C/170C fan/gas 5. Line a muffin tin with 12 cases.
2 Squeeze the courgettes in a tea towel. Mix the flour, baking powder, courgettes and most of the cheddar.
3 Beat the eggs, buttermilk and oil, pour over and fold together in ten strokes.
4 Spoon into the cases, scatter over the seeds and the rest of the cheddar and bake for 22–25 min.

PER MUFFIN 245 kcals, protein 8g, carbs 21g, fat 14g`,
    title: 'Courgette & cheddar muffins',
    portions: 12,
    components: [
      [
        '',
        [
          '300 g self-raising flour',
          '1 tsp baking powder',
          '250 g courgettes',
          '120 g mature cheddar',
          '2 eggs',
          '200 ml buttermilk',
          '90 ml sunflower oil',
          '2 tbsp pumpkin seeds',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a chilli sauce in a batch',
    text: `FERMENTED CHILLI SAUCE — batch 2 L

Red chillies, stalks off     1.5 kg
Garlic, peeled               100 g
Salt                         48 g   (3 %)
Sugar                        20 g
Vinegar (after)              200 ml

Blend all but the vinegar coarse. Jar, weigh down, airlock.
7–10 days at 20–22 °C; taste from day 5.
Blend fine with vinegar, pass, pasteurise 75 °C 10 min if it is to be kept out of the fridge.
pH below 4.2 — log it.`,
    title: 'FERMENTED CHILLI SAUCE',
    portions: null,
    components: [['', ['1.5 kg Red chillies', '100 g Garlic', '48 g Salt', '20 g Sugar', '200 ml Vinegar']]],
    steps: 4,
  },
  {
    manner: 'a blog with a tale before its list',
    text: `The Little Stove
Recipes  About  Shop  Contact

SMOKY BEAN & PEPPER SOUP
Posted on 3 March by Kit | 14 comments

When the rain won't stop, this is what we eat. You can have it on the table in 40 minutes.

Serves: 4 hungry people
Time: 40 mins

You will need
2 tbsp olive oil
1 large onion, finely chopped
2 red peppers, deseeded and sliced
3 cloves garlic, crushed
1 heaped tsp smoked paprika
2 x 400g tins white beans, drained and rinsed
1 x 400g tin chopped tomatoes
700ml hot vegetable stock
a squeeze of lemon
small handful parsley, chopped

What to do
Heat the oil in a big pan and soften the onion and peppers for 10 mins over a medium heat.
Stir in the garlic and paprika and cook for 1 min more.
Tip in the beans, tomatoes and stock, bring to the boil, then simmer for 20 mins.
Blitz half of the soup and return it to the pan.
Season, add lemon to taste and scatter over the parsley.

Share this: Email Print
14 thoughts on "Smoky bean & pepper soup"
Lou says: Made this with 1 tin of chickpeas, gorgeous!`,
    title: 'SMOKY BEAN & PEPPER SOUP',
    portions: 4,
    components: [
      [
        '',
        [
          '2 tbsp olive oil',
          '1 onion',
          '2 red peppers',
          '3 clove garlic',
          '1 tsp smoked paprika',
          '2 tin white beans',
          '1 tin chopped tomatoes',
          '700 ml hot vegetable stock',
          'lemon',
          '1 handful parsley',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a production card with procedures',
    text: `PRODUCTION CARD No 14
Dish: Braised lentils with root vegetables     Covers: 20
Allergens: celery, sulphites

LENTILS
1.2 kg    green lentils
2 ea      bay leaves
3 L       vegetable stock
200 ml    red wine
25 g      salt
Procedure
1 Rinse the lentils and cover with stock, wine and bay.
2 Simmer 35 minutes, lid on. Do not stir.
3 Salt at the end.

ROOT VEGETABLES
600 g     carrots, small dice
400 g     celeriac, small dice
300 g     leek, sliced
80 g      butter
Procedure
1 Sweat the vegetables in the butter 12 minutes.
2 Fold into the lentils, rest 10 minutes.

Hold at 65 C or above, max 2 hours.`,
    title: 'Braised lentils with root vegetables',
    portions: 20,
    components: [
      ['Lentils', ['1.2 kg green lentils', '2 bay leaves', '3 l vegetable stock', '200 ml red wine', '25 g salt']],
      ['Root vegetables', ['600 g carrots', '400 g celeriac', '300 g leek', '80 g butter']],
    ],
    steps: 6,
  },
  {
    manner: 'a grandmother’s card with a topping',
    text: `Grandmother Ilse's Plum Cake

1/2 lb. butter
1 cup sugar
4 eggs
2 cups flour, sifted
1 tsp. baking powder
pinch salt
grated rind of 1 lemon
2 lbs. ripe plums, halved & stoned
cinnamon sugar for top

Cream butter & sugar till fluffy. Beat in eggs one at a time. Fold in flour, b. powder, salt & rind.
Spread in greased tin 9 x 13.
Set plums cut side up in rows & sprinkle w/ cinnamon sugar.
Bake mod. oven (350) 45-50 min.`,
    title: "Grandmother Ilse's Plum Cake",
    portions: null,
    components: [
      [
        '',
        [
          '0.5 lb butter',
          '1 cup sugar',
          '4 eggs',
          '2 cup flour',
          '1 tsp baking powder',
          '1 pinch salt',
          '1 lemon',
          '2 lb ripe plums',
          'cinnamon sugar for top',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a mail in answer to one',
    text: `From: Petra
Subject: Re: those courgette fritters
Hi Sam,

sorry for the delay! Here are the courgette fritters from Friday, enough for 6.

4 medium courgettes (about 800g)
100g feta
3 spring onions
2 eggs
75g plain flour
handful of mint
salt
oil for frying

Grate the courgettes, salt them and leave for 20 minutes, then squeeze out as hard as you can. Crumble in the feta, chop the onions and mint and add. Beat in the eggs, then the flour. Fry spoonfuls in 1cm of hot oil about 3 mins each side. Drain on paper and eat straight away.

See you on Tuesday, bring the trays back :)
Petra x`,
    title: 'courgette fritters',
    portions: 6,
    components: [['', ['4 courgettes', '100 g feta', '3 spring onions', '2 eggs', '75 g plain flour', '1 handful mint', 'salt', 'oil']]],
    steps: 1,
  },
  {
    manner: 'a scanned page with a broken time',
    text: `126                VEGETABLES

BAKED FENNEL WITH BREADCRUMBS
Serves 4 to 6

4 fennel bulbs, trimmed and quartered
60 g / 2 oz butter
150 ml / 1/4 pint dry white wine
75 g / 2 1/2 oz fresh breadcrumbs
50 g / 1 3/4 oz hard cheese, finely grated
1 tbsp chopped thyme
salt and black pepper

Preheat the oven to 190C / 170C fan / gas 5. Boil the fennel in salted water for 8 minutes
and drain well. Melt the butter in an ovenproof dish, turn the fennel in it and pour over
the wine. Cover with foil and bake for 20 minutes.

Mix the crumbs, cheese and thyme, season, and scatter over. Bake uncovered for a further
15-20 minutes until crisp.

                                                              127`,
    title: 'BAKED FENNEL WITH BREADCRUMBS',
    portions: 4,
    components: [
      [
        '',
        [
          '4 fennel bulbs',
          '60 g butter',
          '150 ml dry white wine',
          '75 g fresh breadcrumbs',
          '50 g hard cheese',
          '1 tbsp thyme',
          'salt and black pepper',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a course sheet with a method for each part',
    text: `Level 2 Practical Cookery
Week 5 – Quick breads
Learning outcomes: knead a soft dough, cook on a dry griddle, balance a dip.

Chickpea flatbreads with herb yoghurt
(quantities per pair, makes 6)

For the flatbreads:
• 150 g strong white flour
• 100 g chickpea flour
• 5 g salt
• 4 g instant yeast
• 160 g lukewarm water
• 15 g olive oil
For the herb yoghurt:
• 200 g thick yoghurt
• 10 g mint leaves
• 1/2 clove garlic
• 5 ml lemon juice

Method – flatbreads
1. Combine the flours, salt and yeast; add water and oil and mix to a soft dough.
2. Knead for 6 minutes; prove for 45 minutes, covered.
3. Divide into 6 (about 70 g each), roll to 3 mm.
4. Cook on a dry griddle for 90 seconds a side.
Method – herb yoghurt
1. Chop the mint, crush the garlic to a paste.
2. Stir into the yoghurt with the lemon; season.

Assessment: even thickness, no raw centre, seasoning.
Name: ____________  Date: ________`,
    title: 'Chickpea flatbreads with herb yoghurt',
    portions: 6,
    components: [
      [
        'Flatbreads',
        ['150 g strong white flour', '100 g chickpea flour', '5 g salt', '4 g instant yeast', '160 g lukewarm water', '15 g olive oil'],
      ],
      ['Herb yoghurt', ['200 g thick yoghurt', '10 g mint leaves', '0.5 clove garlic', '5 ml lemon juice']],
    ],
    steps: 6,
  },
  {
    manner: 'a chat with thanks at its end',
    text: `[19:02] Noor: ok dal recipe as promised
[19:02] Noor: for 4
[19:03] Noor: 250g red lentils
[19:03] Noor: 1 onion
[19:03] Noor: 2 tomatoes
[19:03] Noor: thumb of ginger
[19:04] Noor: 1 tsp turmeric
[19:04] Noor: 1 tsp cumin seeds
[19:04] Noor: 2 tbsp ghee
[19:04] Noor: 900ml water
[19:04] Noor: salt
[19:05] Noor: 1) wash lentils till water is clear
[19:05] Noor: 2) simmer with turmeric and water 25 min
[19:06] Noor: 3) meanwhile fry onion in half the ghee till brown, add ginger + tomatoes, 5 min
[19:06] Noor: 4) mix together, salt
[19:07] Noor: 5) heat rest of ghee w cumin till it crackles, pour over
[19:07] Sam: legend thanks`,
    title: 'dal',
    portions: 4,
    components: [
      [
        '',
        [
          '250 g red lentils',
          '1 onion',
          '2 tomatoes',
          '1 thumb ginger',
          '1 tsp turmeric',
          '1 tsp cumin seeds',
          '2 tbsp ghee',
          '900 ml water',
          'salt',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'columns with notes',
    text: `RYE CRACKERS                                    Yield: 40 pcs

Ingredient          Qty     Unit    Notes
Rye flour           200     g       wholemeal
Plain flour         100     g
Salt                6       g
Caraway seeds       8       g       lightly crushed
Rapeseed oil        45      ml
Water               130     ml      warm
Flaky salt          to finish

1. Mix all dry ingredients, add oil and water, knead 3 min.
2. Rest 20 min wrapped.
3. Roll to 2 mm, dock, cut 5 x 8 cm.
4. Bake 200 °C 12-14 min; cool on a rack.`,
    title: 'RYE CRACKERS',
    portions: 40,
    components: [
      ['', ['200 g Rye flour', '100 g Plain flour', '6 g Salt', '8 g Caraway seeds', '45 ml Rapeseed oil', '130 ml Water', 'Flaky salt']],
    ],
    steps: 4,
  },
  {
    manner: 'under a film with chapters',
    text: `MISO ROAST CARROTS WITH DILL | easy side dish!!

Today I'm showing you my favourite carrots. Don't forget to like and subscribe.

INGREDIENTS:
- 1kg bunched carrots
- 2 tablespoons white miso
- 1 tablespoon honey
- 30ml oil
- 1 lime (juice only)
- 15g dill
- toasted sesame seeds to serve

DIRECTIONS:
Step 1: Heat your oven to 220°C (425°F).
Step 2: Whisk miso, honey, oil and lime juice, toss the carrots in it.
Step 3: Roast for 30 to 35 minutes, turning once.
Step 4: Scatter with dill and sesame and serve hot or warm.

0:00 Intro
0:45 The glaze
3:10 Roasting
Music: Sunny Days by Kolo`,
    title: 'MISO ROAST CARROTS WITH DILL',
    portions: null,
    components: [['', ['1 kg bunched carrots', '2 tbsp white miso', '1 tbsp honey', '30 ml oil', '1 lime', '15 g dill', 'sesame seeds']]],
    steps: 4,
  },
  {
    manner: 'a chef’s card with steps under each part',
    text: `SMOKED AUBERGINE, TAHINI, POMEGRANATE          12 covers

Aubergine
6 large aubergines
40 ml olive oil
10 g salt
2 cloves garlic, microplaned
Blacken over open flame, 15 min, turning. Rest covered 20 min.
Peel, drain in a colander 30 min.
Chop coarsely, dress with oil, salt, garlic.

Tahini sauce (yields 400 g)
180 g tahini
120 ml iced water
60 ml lemon juice
1 clove garlic
4 g salt
Blend garlic, lemon and salt; strain.
Whisk into the tahini, let down with iced water until it drops from a spoon.

Garnish
1 pomegranate
20 g flat parsley
pul biber
To plate: 80 g aubergine, 30 g sauce, seeds, leaves, a pinch of pul biber.`,
    title: 'SMOKED AUBERGINE, TAHINI, POMEGRANATE',
    portions: 12,
    components: [
      ['Aubergine', ['6 aubergines', '40 ml olive oil', '10 g salt', '2 clove garlic']],
      ['Tahini sauce', ['180 g tahini', '120 ml iced water', '60 ml lemon juice', '1 clove garlic', '4 g salt']],
      ['Garnish', ['1 pomegranate', '20 g flat parsley', 'pul biber']],
    ],
    steps: 6,
  },
  {
    manner: 'a newspaper in three paragraphs',
    text: `Barley risotto with peas and mint
A risotto for people who forget to stir. Pearl barley does not mind.
Prep 10 min
Cook 50 min
Serves 4

1 onion, peeled and finely chopped
2 tbsp olive oil
Salt
300g pearl barley
150ml white wine
1.2 litres hot stock
250g peas, fresh or frozen
A small bunch of mint, leaves only
50g butter, diced

Soften the onion in the oil with a pinch of salt for eight minutes. Stir in the barley, toast it for two minutes, then pour in the wine and let it bubble away.

Add half the stock, bring to a simmer and leave it, partly covered, for 20 minutes, stirring now and then. Add the rest and cook for 15 minutes more, until the barley is tender.

Stir in the peas for the last four minutes. Off the heat beat in the butter, tear in the mint, and serve.`,
    title: 'Barley risotto with peas and mint',
    portions: 4,
    components: [
      [
        '',
        [
          '1 onion',
          '2 tbsp olive oil',
          'Salt',
          '300 g pearl barley',
          '150 ml white wine',
          '1.2 l hot stock',
          '250 g peas',
          '1 bunch mint',
          '50 g butter',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'bare figures in small letters under parts',
    text: `Quark dumplings w/ apricots (makes 10)

dough
250 quark, well drained
60 soft butter
1 egg
150 flour
pinch salt

inside
10 small apricots
10 sugar cubes

crumbs
80 butter
100 breadcrumbs
2 tbsp sugar

mix dough, chill 30 min
stone apricots, sugar cube in each
wrap each in 50g dough, roll smooth
simmer 12 min (not boiling!!)
brown crumbs in butter w/ sugar, roll dumplings in them`,
    title: 'Quark dumplings w/ apricots',
    portions: 10,
    components: [
      ['Dough', ['250 g quark', '60 g butter', '1 egg', '150 g flour', '1 pinch salt']],
      ['Inside', ['10 apricots', '10 sugar cubes']],
      ['Crumbs', ['80 g butter', '100 breadcrumbs', '2 tbsp sugar']],
    ],
    steps: 5,
  },
  {
    manner: 'a page with a fan’s heat and one reader',
    text: `Home > Recipes > Tarts
SUBSCRIBE to our letter
Leek and barley tart
By the kitchen team
★★★★☆ (31)
Prep 25 min | Cook 1 h 10 | Serves 8

We made this all winter. It keeps well and the pastry forgives a heavy hand.

For the pastry
250 g plain flour
125g cold butter, cubed
1/2 tsp salt
3-4 tbsp ice water

Filling
3 leeks (about 600 g), sliced
80 g pearl barley
2 x 200 ml tubs sour cream
1 bay leaf
a knob of butter
Salt and pepper
60 g hard cheese, grated, plus extra to finish

Method
1. Rub the butter into the flour and salt, add water, press together and rest 30 minutes in the fridge.
2. Simmer the barley in salted water with the bay leaf for 25-30 minutes; drain.
3. Sweat the leeks in the butter over a low heat for 12 minutes without colour.
4. Roll out, line a 26 cm tin and bake blind at 190C (fan 170C, gas 5) for 20 minutes.
5. Mix barley, leeks, cream and cheese, fill and bake for a further 25 minutes until just set.

Tip: better the next day.
Nutrition per serving: 410 kcal, fat 24 g
You may also like: Onion soup
Comments (2)
Jo: used 300 g flour, lovely`,
    title: 'Leek and barley tart',
    portions: 8,
    components: [
      ['Pastry', ['250 g plain flour', '125 g butter', '0.5 tsp salt', '3-4 tbsp ice water']],
      [
        'Filling',
        ['3 leeks', '80 g pearl barley', '2 tub sour cream', '1 bay leaf', '1 knob butter', 'Salt and pepper', '60 g hard cheese'],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a page of fields and tools',
    text: `Jump to Recipe | Print Recipe

Greek-Style Spinach Pie
4.8 from 112 votes

Course: Main  Cuisine: Greek  Keyword: pie, spinach
Prep Time: 30 minutes  Cook Time: 45 minutes  Total Time: 1 hour 15 minutes
Servings: 6 servings  Calories: 380kcal  Author: Dora

Equipment
Baking dish 20 x 30 cm
Pastry brush

Ingredients
1x 2x 3x
▢ 1 kg fresh spinach, washed
▢ 4 spring onions finely sliced
▢ 3 Tablespoons chopped dill
▢ 200 g feta cheese crumbled
▢ 2 large eggs
▢ ¼ teaspoon grated nutmeg
▢ ½ teaspoon black pepper
▢ 12 sheets filo pastry
▢ 100 ml olive oil for brushing
▢ 1 Tbsp sesame seeds (optional)

Instructions
1. Wilt the spinach in a large pan, cool, then squeeze dry and chop.
2. Mix with the onions, dill, feta, eggs, nutmeg and pepper.
3. Layer half of the filo in the dish, brushing each sheet with oil.
4. Spread the filling, cover with the remaining filo, brush, sprinkle with sesame and score.
5. Bake at 180°C/350°F for 40-45 minutes until golden. Rest 15 minutes before cutting.

Notes
Frozen spinach works: use 600 g, thawed.
Nutrition
Serving: 1slice | Calories: 380kcal | Carbohydrates: 28g | Protein: 14g`,
    title: 'Greek-Style Spinach Pie',
    portions: 6,
    components: [
      [
        '',
        [
          '1 kg fresh spinach',
          '4 spring onions',
          '3 tbsp dill',
          '200 g feta cheese',
          '2 eggs',
          '0.25 tsp nutmeg',
          '0.5 tsp black pepper',
          '12 sheet filo pastry',
          '100 ml olive oil',
          '1 tbsp sesame seeds',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a specification with tabs and a portion',
    text: `RECIPE SPECIFICATION	No. 212
Item	Mushroom consommé
Batch yield	5 litres
Portion	180 ml

Ingredient	EP qty	Unit	Prep
Field mushrooms	2.5	kg	sliced
Onions	400	g	brunoise
Celery	200	g	sliced
Garlic	6	cloves	crushed
Dried ceps	60	g	rinsed
Thyme	10	g	
Cold water	7	l	
Salt	30	g	

Method
1. Roast the mushrooms at 220 °C for 25 minutes.
2. Add everything else, bring slowly to 90 °C.
3. Infuse for 2 hours; do not boil.
4. Pass through muslin, reduce to 5 litres.
5. Season. Chill to 5 °C within 90 minutes.

CCP: core below 5 °C. Storage: 3 days.`,
    title: 'Mushroom consommé',
    portions: null,
    components: [
      [
        '',
        [
          '2.5 kg Field mushrooms',
          '400 g Onions',
          '200 g Celery',
          '6 clove Garlic',
          '60 g Dried ceps',
          '10 g Thyme',
          '7 l Cold water',
          '30 g Salt',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a post with hands before its steps',
    text: `🫒 NO-KNEAD OLIVE FOCACCIA 🫒
(makes one 30x40 tray)

500g bread flour
400g water
10g salt
3g dry yeast
4 tbsp olive oil
100g olives
rosemary & flaky salt

👉 Mix flour, water, salt, yeast. Cover.
👉 Fold after 30 min, again after 60 min.
👉 Fridge overnight.
👉 Oil tray, tip dough in, rest 2-3 h.
👉 Dimple, olives, rosemary, salt.
👉 Bake 230° 20-25 min.
👉 Brush with more oil. Eat.

#focaccia #bread #weekend`,
    title: 'NO-KNEAD OLIVE FOCACCIA',
    portions: 1,
    components: [
      ['', ['500 g bread flour', '400 g water', '10 g salt', '3 g dry yeast', '4 tbsp olive oil', '100 g olives', 'rosemary & flaky salt']],
    ],
    steps: 7,
  },
  {
    manner: 'an examination with what is supplied',
    text: `ASSESSMENT TASK 3
Candidates must produce: Mushroom pithivier with Madeira sauce
Time allowed: 2 h 30 min    Portions: 2

Ingredients supplied
Filling
chestnut mushrooms 250 g
shallots 50 g
butter 20 g
spinach leaves 100 g
thyme 2 sprigs
puff pastry, ready rolled 320 g

Glaze
egg yolk 1
milk 10 ml

Madeira sauce
shallot 30 g
Madeira 60 ml
mushroom stock 200 ml
double cream 50 ml
cold butter 15 g

Task
1. Cook the mushrooms and shallots dry, add thyme, cool.
2. Wilt and dry the spinach, line the pastry discs, fill, seal and scallop the edge.
3. Glaze, score, chill 20 minutes.
4. Bake at 200 °C for 25 minutes.
5. Sweat the shallot, add the Madeira and reduce by half; add the stock, reduce, finish with cream and butter.
6. Present one whole and one cut in half.

You will be marked on: even glaze, dry base, body of sauce.`,
    title: 'Mushroom pithivier with Madeira sauce',
    portions: 2,
    components: [
      [
        'Filling',
        ['250 g chestnut mushrooms', '50 g shallots', '20 g butter', '100 g spinach leaves', '2 sprig thyme', '320 g puff pastry'],
      ],
      ['Glaze', ['1 egg yolk', '10 ml milk']],
      ['Madeira sauce', ['30 g shallot', '60 ml Madeira', '200 ml mushroom stock', '50 ml double cream', '15 g butter']],
    ],
    steps: 6,
  },
  {
    manner: 'a magazine under a banner',
    text: `SEASON'S BEST
Roast roots with labneh and dukkah
The labneh needs a night to drain, so begin the day before — or buy it.
SERVES 4 | TAKES 1 HR + DRAINING

For the roots
600g mixed carrots and parsnips, scrubbed
2 red onions, in wedges
3 tbsp rapeseed oil
1 tsp coriander seeds
1 orange, zest and juice
For the dukkah
50g hazelnuts
2 tbsp sesame seeds
1 tbsp cumin seeds
1 tbsp coriander seeds
½ tsp sea salt
To serve
200g labneh
A handful of rocket

1 Heat the oven to 200C (180C fan). Toss the roots with oil, seeds and zest and roast for 40 mins.
2 For the dukkah, toast the nuts and seeds in a dry pan, pound coarsely with the salt.
3 Pour the orange juice over the hot roots and toss.
4 Spread the labneh on plates, pile on the roots and rocket and scatter with dukkah.

COOK'S TIP Keep leftover dukkah in a jar for up to a month.`,
    title: 'Roast roots with labneh and dukkah',
    portions: 4,
    components: [
      ['Roots', ['600 g mixed carrots and parsnips', '2 red onions', '3 tbsp rapeseed oil', '1 tsp coriander seeds', '1 orange']],
      ['Dukkah', ['50 g hazelnuts', '2 tbsp sesame seeds', '1 tbsp cumin seeds', '1 tbsp coriander seeds', '0.5 tsp sea salt']],
      ['To serve', ['200 g labneh', '1 handful rocket']],
    ],
    steps: 4,
  },
  {
    manner: 'an answer of a machine',
    text: `Sure! Here's a simple recipe for creamy white bean and kale soup:

**Creamy White Bean and Kale Soup**

*Serves: 4 | Prep: 10 min | Cook: 25 min*

### Ingredients
- 2 tablespoons olive oil
- 1 medium onion, diced
- 2 celery stalks, diced
- 3 cloves of garlic, minced
- 1 teaspoon dried thyme
- 2 cans (15 oz each) white beans, drained and rinsed
- 4 cups vegetable broth
- 1 bunch kale, stems removed, chopped
- 1/2 cup heavy cream
- Salt and pepper to taste

### Instructions
1. **Sauté the aromatics:** Heat the oil over medium heat. Add onion and celery; cook 6–8 minutes.
2. **Add garlic and thyme:** Stir for 1 minute.
3. **Simmer:** Add beans and broth. Simmer 10 minutes.
4. **Blend:** Blend about half of the soup.
5. **Add kale:** Stir in the kale and cook 5 minutes until tender.
6. **Finish:** Stir in cream; season.

### Tips
- Swap kale for spinach.
- For a vegan version, use coconut milk.

Let me know if you'd like a slow-cooker version!`,
    title: 'Creamy White Bean and Kale Soup',
    portions: 4,
    components: [
      [
        '',
        [
          '2 tbsp olive oil',
          '1 onion',
          '2 stalk celery',
          '3 clove garlic',
          '1 tsp dried thyme',
          '2 tin white beans',
          '4 cup vegetable broth',
          '1 bunch kale',
          '0.5 cup heavy cream',
          'Salt and pepper',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a cookbook with who gave it',
    text: `MRS TOLLAND'S GINGER PARKIN

8 oz. plain flour
8 oz. medium oatmeal
6 oz. treacle
4 oz. margarine or butter
4 oz. brown sugar
2 tsp. ground ginger
1 tsp. bicarbonate of soda
1 egg
1/4 pint milk

Melt treacle, fat and sugar. Mix dry ingredients. Add melted mixture, egg and milk. Pour into a lined 8" square tin. Bake at Mark 3, 325°F, for 1 hour. Keep for a week before eating.

(Mrs) E. Tolland, Upper Green`,
    title: "MRS TOLLAND'S GINGER PARKIN",
    portions: null,
    components: [
      [
        '',
        [
          '8 oz plain flour',
          '8 oz medium oatmeal',
          '6 oz treacle',
          '4 oz margarine',
          '4 oz brown sugar',
          '2 tsp ground ginger',
          '1 tsp bicarbonate of soda',
          '1 egg',
          '0.25 pint milk',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a canteen’s table with semicolons',
    text: `Vegetable moussaka;;100 ptn;
;;;
Article;Quantity;Unit;Remark
Aubergine;18;kg;sliced 1 cm
Potatoes;10;kg;sliced, blanched
Green lentils;3;kg;cooked
Tomato passata;8;l;
Onions;2,5;kg;diced
Garlic;0,15;kg;
Milk;6;l;
Butter;0,5;kg;
Flour;0,5;kg;
;;;
1;Grill aubergine slices 6 min;;
2;Cook lentils, onions, garlic in passata 30 min;;
3;Make white sauce with milk, butter, flour;;
4;Layer, bake 170 C 50 min;;`,
    title: 'Vegetable moussaka',
    portions: 100,
    components: [
      [
        '',
        [
          '18 kg Aubergine',
          '10 kg Potatoes',
          '3 kg Green lentils',
          '8 l Tomato passata',
          '2.5 kg Onions',
          '0.15 kg Garlic',
          '6 l Milk',
          '0.5 kg Butter',
          '0.5 kg Flour',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a dessert in three parts under strokes',
    text: `ROSEWATER PANNA COTTA | PISTACHIO | STRAWBERRIES
Yield: 8 portions

*Panna cotta*
600 g cream 35 %
200 g milk
90 g sugar
3 leaves gelatine (200 bloom)
12 g rosewater

Bloom the gelatine in iced water 10 min.
Warm cream, milk, sugar to 60 °C, dissolve the gelatine, add the rosewater, pass.
Set in moulds, 4 h at 4 °C.

*Pistachio crumb*
80 g pistachios
60 g butter
100 g flour

Rub together, bake 160 °C 14 min.
Cool, crush.

*Macerated strawberries*
300 g strawberries
30 g sugar
10 g lemon juice

Slice, toss, leave 30 min.`,
    title: 'ROSEWATER PANNA COTTA, PISTACHIO, STRAWBERRIES',
    portions: 8,
    components: [
      ['Panna cotta', ['600 g cream 35 %', '200 g milk', '90 g sugar', '3 leaf gelatine', '12 g rosewater']],
      ['Pistachio crumb', ['80 g pistachios', '60 g butter', '100 g flour']],
      ['Macerated strawberries', ['300 g strawberries', '30 g sugar', '10 g lemon juice']],
    ],
    steps: 6,
  },
  {
    manner: 'a page with STEP over each step',
    text: `Sweet potato and black bean chilli

A bowl of comfort that happens to be vegan. Leftovers freeze well for up to three months.

Prep: 15 mins
Cook: 45 mins
Easy
Serves 6

Ingredients
3 sweet potatoes (around 700g), peeled and cut into bite-sized chunks
2 tbsp sunflower oil
1 onion, chopped
2 carrots, peeled and chopped
2 tsp smoked paprika
1 tsp ground cumin
1 tsp mild chilli powder
400g can chopped tomatoes
2 x 400g cans black beans, drained
300ml vegetable stock
soured cream or yoghurt, to serve

Method
STEP 1
Heat oven to 200C/180C fan/gas 6. Toss the sweet potatoes in half the oil, tip into a roasting tin and roast for 25 mins.
STEP 2
Meanwhile, heat the remaining oil in a large pan and fry the onion and carrots for 8-10 mins until soft.
STEP 3
Stir in the spices and cook for 1 min.
STEP 4
Add the tomatoes, beans and stock, then simmer for 15 mins.
STEP 5
Stir in the sweet potatoes and serve with soured cream.

RECIPE TIPS
MAKE IT YOUR OWN
Swap the beans for lentils.`,
    title: 'Sweet potato and black bean chilli',
    portions: 6,
    components: [
      [
        '',
        [
          '3 sweet potatoes',
          '2 tbsp sunflower oil',
          '1 onion',
          '2 carrots',
          '2 tsp smoked paprika',
          '1 tsp ground cumin',
          '1 tsp mild chilli powder',
          '1 tin chopped tomatoes',
          '2 tin black beans',
          '300 ml vegetable stock',
          'soured cream',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a notebook’s list with gloves',
    text: `nettle soup (4)
- carrier bag of nettle tops
- 1 onion
- 1 leek
- 2 potatoes
- 1 l stock
- 40g butter
- splash of cream
- nutmeg
gloves on! wash nettles
sweat onion + leek in butter 10 min, add diced potato & stock, 15 min
nettles in, 3 min
blitz, cream, nutmeg`,
    title: 'nettle soup',
    portions: 4,
    components: [
      ['', ['carrier bag of nettle tops', '1 onion', '1 leek', '2 potatoes', '1 l stock', '40 g butter', '1 splash cream', 'nutmeg']],
    ],
    steps: 4,
  },
  {
    manner: 'a cookery school’s handout',
    text: `COOKERY SCHOOL HANDOUT 7: EMULSIONS
Tarragon mayonnaise and crudités (1 per student)

Mayonnaise
1 egg yolk (pasteurised)
5 g Dijon mustard
10 ml white wine vinegar
150 ml sunflower oil
3 sprigs tarragon, chopped
salt and white pepper

Crudités
1 small carrot
1/2 fennel bulb
4 radishes
1/4 cucumber

1. Bring everything to room temperature.
2. Whisk the yolk, mustard and half of the vinegar.
3. Add the oil drop by drop, then in a thin thread, whisking all the time.
4. Thin with the remaining vinegar.
5. Season and stir in the tarragon.
6. Cut the vegetables in even sticks; keep in iced water for 10 minutes.
7. Dry and serve with the mayonnaise.

Why does it split? What would you do?`,
    title: 'Tarragon mayonnaise and crudités',
    portions: 1,
    components: [
      [
        'Mayonnaise',
        [
          '1 egg yolk',
          '5 g Dijon mustard',
          '10 ml white wine vinegar',
          '150 ml sunflower oil',
          '3 sprig tarragon',
          'salt and white pepper',
        ],
      ],
      ['Crudités', ['1 carrot', '0.5 fennel bulb', '4 radishes', '0.25 cucumber']],
    ],
    steps: 7,
  },
  {
    manner: 'an open cookbook with see also',
    text: `Kasha with bow ties
From the Open Cookbook
Category: Grain recipes   Servings: 6   Time: 45 minutes

Ingredients
1 cup (180 g) whole buckwheat groats
1 egg, beaten
2 cups (480 ml) boiling stock
3 large onions, sliced
4 tablespoons oil
8 ounces (230 g) bow-tie pasta
Salt
Pepper

Procedure
1. Fry the onions in the oil until deep golden, about 25 minutes.
2. Stir the groats with the egg, toast in a dry pan until each grain is separate.
3. Add the boiling stock, cover and cook over low heat for 12 minutes.
4. Boil and drain the pasta.
5. Combine everything and season.

Notes, tips, and variations
- Mushrooms may be fried with the onions.
See also: Buckwheat`,
    title: 'Kasha with bow ties',
    portions: 6,
    components: [
      [
        '',
        ['1 cup whole buckwheat groats', '1 egg', '2 cup boiling stock', '3 onions', '4 tbsp oil', '8 oz bow-tie pasta', 'Salt', 'Pepper'],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a paper with two names of its yield',
    text: `CORNBREAD WITH SCALLIONS
YIELD: One 8-inch pan (9 squares)  TIME: 40 minutes

1 cup stone-ground cornmeal
1 cup all-purpose flour
1 tbsp. baking powder
1 tsp. kosher salt
2 large eggs
1¼ cups buttermilk
3 Tbsp. honey
6 Tbsp. unsalted butter, melted, plus more for pan
4 scallions, thinly sliced

Preheat oven to 400°. Butter an 8x8" pan.
Whisk cornmeal, flour, baking powder, and salt in a large bowl. Whisk eggs, buttermilk, honey, and butter in another. Fold wet into dry; fold in scallions.
Scrape into pan. Bake until golden and a tester comes out clean, 22–26 minutes. Let cool 10 minutes.`,
    title: 'CORNBREAD WITH SCALLIONS',
    portions: 9,
    components: [
      [
        '',
        [
          '1 cup stone-ground cornmeal',
          '1 cup all-purpose flour',
          '1 tbsp baking powder',
          '1 tsp kosher salt',
          '2 eggs',
          '1.25 cup buttermilk',
          '3 tbsp honey',
          '6 tbsp unsalted butter',
          '4 scallions',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a parish jam with who gave it',
    text: `PEAR AND GINGER JAM

3 lbs. pears (weighed after peeling)
2 1/2 lbs. sugar
2 lemons, juice and rind
2 ozs. root ginger, bruised

Cut the pears small, put in a pan with the lemon and the ginger tied in muslin, and
simmer until tender. Remove the ginger. Add the sugar, stir till dissolved, then boil
rapidly till it sets. Pot and cover.
About 5 lbs.

Mrs. A. Wren`,
    title: 'PEAR AND GINGER JAM',
    portions: null,
    components: [['', ['3 lb pears', '2.5 lb sugar', '2 lemons', '2 oz root ginger']]],
    steps: 1,
  },
  {
    manner: 'a mail for about ten',
    text: `Subject: Potato salad for Saturday

Hello all,

As promised, for about 10 people:

2 kg waxy potatoes
1 red onion, finely chopped
250 ml hot vegetable stock
6 tbsp cider vinegar
8 tbsp oil
2 tsp mustard
1 bunch chives
salt, pepper, pinch of sugar

Boil the potatoes in their skins, peel while warm and slice.
Mix stock, vinegar, mustard, salt, pepper and sugar and pour over. Leave 30 minutes.
Add the oil, onion and chives. Don't put it in the fridge.

See you at four!
Marlies

--
Marlies Korn | Allotment Society | 0000 123456`,
    title: 'Potato salad for Saturday',
    portions: 10,
    components: [
      [
        '',
        [
          '2 kg waxy potatoes',
          '1 red onion',
          '250 ml hot vegetable stock',
          '6 tbsp cider vinegar',
          '8 tbsp oil',
          '2 tsp mustard',
          '1 bunch chives',
          'salt',
          'pepper',
          '1 pinch sugar',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a café’s prep sheet between strokes',
    text: `PREP: ROASTED TOMATO SOUP            BATCH: 8 L            SHELF LIFE: 3 days
------------------------------------------------------------------------
6 kg     tomatoes, halved
1 kg     onions, quartered
1 head   garlic
150 ml   olive oil
3 L      veg stock
50 g     sugar
60 ml    sherry vinegar
30 g     salt
1 bunch  basil
------------------------------------------------------------------------
1) Roast tomatoes, onions, garlic with oil, 200C, 45 min
2) Squeeze garlic out of skins
3) Simmer all with stock + sugar 20 min
4) Blend, pass
5) Season w/ vinegar, salt; basil in last
6) Blast chill`,
    title: 'ROASTED TOMATO SOUP',
    portions: null,
    components: [
      [
        '',
        [
          '6 kg tomatoes',
          '1 kg onions',
          '1 head garlic',
          '150 ml olive oil',
          '3 l veg stock',
          '50 g sugar',
          '60 ml sherry vinegar',
          '30 g salt',
          '1 bunch basil',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a page of buns with a tale under its yield',
    text: `Cardamom Buns
makes 16

These take a morning but most of it is waiting.

DOUGH
500 g strong flour
75 g sugar
7 g fast yeast (1 sachet)
1 tsp salt
2 tsp ground cardamom
280 ml warm milk
80 g soft butter
1 egg

FILLING
120 g soft butter
100 g brown sugar
1 Tbsp ground cardamom
pinch of salt

GLAZE
50 g sugar
50 ml water

METHOD
Mix the dough ingredients and knead 10 mins until smooth. Prove 1½ hours.
Beat the filling together.
Roll the dough to 40 x 50 cm, spread with filling, fold in three, cut 16 strips.
Twist and knot. Prove 45 mins.
Bake 15-18 mins at 200C (fan 180C).
Boil the glaze 2 mins, brush over hot buns.`,
    title: 'Cardamom Buns',
    portions: 16,
    components: [
      [
        'Dough',
        [
          '500 g strong flour',
          '75 g sugar',
          '7 g fast yeast',
          '1 tsp salt',
          '2 tsp ground cardamom',
          '280 ml warm milk',
          '80 g butter',
          '1 egg',
        ],
      ],
      ['Filling', ['120 g butter', '100 g brown sugar', '1 tbsp ground cardamom', '1 pinch salt']],
      ['Glaze', ['50 g sugar', '50 ml water']],
    ],
    steps: 6,
  },
  {
    manner: 'a page with when it is ready',
    text: `Courgette and lemon linguine
Ready in 20 minutes. Serves 2.

200g linguine
2 medium courgettes, coarsely grated
1 unwaxed lemon, zest and juice
2 cloves of garlic, sliced
3 tablespoons extra virgin olive oil
40g hard cheese, finely grated
A few basil leaves

1. Cook the linguine in plenty of salted water for 9 minutes.
2. Meanwhile, warm the oil with the garlic, add the courgettes and cook for 5 minutes.
3. Drain the pasta, keeping a cup of its water, and toss with the courgettes, zest and juice.
4. Loosen with the water, stir in the cheese and basil and serve at once.`,
    title: 'Courgette and lemon linguine',
    portions: 2,
    components: [
      [
        '',
        [
          '200 g linguine',
          '2 courgettes',
          '1 unwaxed lemon',
          '2 clove garlic',
          '3 tbsp extra virgin olive oil',
          '40 g hard cheese',
          '3 leaf basil',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a bakery’s bread with its sponge named again',
    text: `Training Restaurant – Bakery section
Pumpkin seed bread
Yield: 2 loaves of 800 g

Sponge (evening before)
Wholemeal flour 200 g
Water 200 g
Fresh yeast 2 g

Dough
Strong white flour 600 g
Water 350 g
Fresh yeast 8 g
Salt 16 g
Honey 20 g
Pumpkin seeds, toasted 120 g

Sponge
1. Mix, cover, leave 12 h at 18 °C.
Dough
1. Mix sponge, flour, water, yeast and honey for 4 minutes.
2. Add salt, knead 6 minutes; fold in seeds.
3. Bulk ferment 90 minutes, fold once.
4. Divide in two, shape, prove 60 minutes.
5. Bake at 230 °C with steam for 15 minutes, then at 200 °C for 25 minutes.
6. Cool on a rack.`,
    title: 'Pumpkin seed bread',
    portions: null,
    components: [
      ['Sponge (evening before)', ['200 g Wholemeal flour', '200 g Water', '2 g Fresh yeast']],
      ['Dough', ['600 g Strong white flour', '350 g Water', '8 g Fresh yeast', '16 g Salt', '20 g Honey', '120 g Pumpkin seeds']],
    ],
    steps: 7,
  },
  {
    manner: 'a post in a forum',
    text: `Re: Quick pickled onions
by tamsin » Sun 12 Apr, 9:41

Mine are always gone in a week!

2 red onions
120 ml cider vinegar
120 ml water
1 tbsp sugar
1.5 tsp salt

Slice the onions thin and pack into a jar.
Heat everything else until the sugar dissolves, pour over.
Cool, lid on, fridge. Ready after an hour.

Last edited by tamsin on Mon 13 Apr, 8:02`,
    title: 'Quick pickled onions',
    portions: null,
    components: [['', ['2 red onions', '120 ml cider vinegar', '120 ml water', '1 tbsp sugar', '1.5 tsp salt']]],
    steps: 3,
  },
  {
    manner: 'a magazine with STEP under PREPARATION',
    text: `Charred Cabbage with Miso Butter
4 Servings
INGREDIENTS
1 medium head of green cabbage (about 2 lb.), cut through core into 8 wedges
3 Tbsp. vegetable oil, divided
Kosher salt
½ cup (1 stick) unsalted butter, room temperature
2 Tbsp. white miso
1 Tbsp. fresh lime juice
1 tsp. honey
Sesame seeds and sliced scallions (for serving)
PREPARATION
STEP 1
Mash butter, miso, lime juice, and honey in a small bowl.
STEP 2
Heat 1½ Tbsp. oil in a large cast-iron skillet over medium-high. Cook half of cabbage, cut sides down, until charred, 6–8 minutes per side; season with salt. Repeat with remaining oil and cabbage.
STEP 3
Dot with miso butter and serve topped with sesame seeds and scallions.
Do Ahead: Miso butter can be made 3 days ahead. Cover and chill.`,
    title: 'Charred Cabbage with Miso Butter',
    portions: 4,
    components: [
      [
        '',
        [
          '1 head green cabbage',
          '3 tbsp vegetable oil',
          'Kosher salt',
          '0.5 cup unsalted butter',
          '2 tbsp white miso',
          '1 tbsp fresh lime juice',
          '1 tsp honey',
          'Sesame seeds and sliced scallions',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a nursery’s lunch',
    text: `MENU WEEK 3 – TUESDAY LUNCH
Lentil bolognese
For 40 children (age 2-5)
Red lentils 1.6 kg
Onions 800 g
Carrots 800 g
Celery 400 g
Tinned tomatoes 5 x 400 g
Tomato puree 150 g
Low-salt stock 3 litres
Rapeseed oil 80 ml
Dried oregano 2 tbsp
Method:
Finely chop vegetables in food processor. Soften in oil 10 mins.
Add lentils, tomatoes, puree, stock, oregano.
Simmer 25-30 mins until thick.
Blend for under 2s. Serve above 63C.
Allergens: celery`,
    title: 'Lentil bolognese',
    portions: 40,
    components: [
      [
        '',
        [
          '1.6 kg Red lentils',
          '800 g Onions',
          '800 g Carrots',
          '400 g Celery',
          '5 Tinned tomatoes',
          '150 g Tomato puree',
          '3 l Low-salt stock',
          '80 ml Rapeseed oil',
          '2 tbsp Dried oregano',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'bannocks in short forms',
    text: `OAT BANNOCKS  (makes abt 10)
8oz med oatmeal
2oz plain fl.
1/2t bicarb
1/2t salt
1oz dripping or butter, melted
hot water to bind

mix dry, add fat & water -> stiff dough
roll 1/4"
cut rounds
girdle, mod. heat, 4-5m each side`,
    title: 'OAT BANNOCKS',
    portions: 10,
    components: [['', ['8 oz med oatmeal', '2 oz plain fl', '0.5 tsp bicarb', '0.5 tsp salt', '1 oz dripping', 'hot water to bind']]],
    steps: 4,
  },
  {
    manner: 'a restaurant’s plate with parts by colon',
    text: `Chicory, blue cheese, candied walnuts (6 covers)

Braised chicory:
6 heads red chicory, halved
60 g butter
2 oranges, juice
10 g sugar
Colour cut side in butter, deglaze with juice and sugar.
Cover with a cartouche, 150 C, 25 min.

Blue cheese dressing:
100 g blue cheese
80 g buttermilk
60 g mayonnaise
5 g sherry vinegar
black pepper
Blend cheese and buttermilk, whisk in the rest.

Candied walnuts:
120 g walnut halves
60 g icing sugar
1 g salt
Blanch 1 min, drain, roll in sugar and salt while wet.
Fry at 170 C for 2 min, spread on a tray.

To plate: 2 halves chicory, 25 g dressing, 15 g walnuts, chicory leaves.`,
    title: 'Chicory, blue cheese, candied walnuts',
    portions: 6,
    components: [
      ['Braised chicory', ['6 head red chicory', '60 g butter', '2 oranges', '10 g sugar']],
      ['Blue cheese dressing', ['100 g blue cheese', '80 g buttermilk', '60 g mayonnaise', '5 g sherry vinegar', 'black pepper']],
      ['Candied walnuts', ['120 g walnut halves', '60 g icing sugar', '1 g salt']],
    ],
    steps: 6,
  },
  {
    manner: 'a box of vegetables’ cake',
    text: `This week in the box: rhubarb!

Rhubarb and custard crumble cake
Serves 10

300g rhubarb, cut into 2cm pieces
For the cake:
175g soft butter
175g caster sugar
3 eggs
200g self-raising flour
50g custard powder
For the crumble:
75g plain flour
50g cold butter
50g demerara sugar

1. Heat the oven to 180°C (160°C fan). Line a 23cm springform tin.
2. Rub the crumble ingredients together until lumpy.
3. Beat butter and sugar for 5 minutes; beat in the eggs, then fold in flour and custard powder.
4. Spoon into the tin, scatter over the rhubarb and then the crumble.
5. Bake for 50-55 minutes until a skewer comes out clean.

Next week: asparagus. Unsubscribe here.`,
    title: 'Rhubarb and custard crumble cake',
    portions: 10,
    components: [
      ['', ['300 g rhubarb']],
      ['Cake', ['175 g butter', '175 g caster sugar', '3 eggs', '200 g self-raising flour', '50 g custard powder']],
      ['Crumble', ['75 g plain flour', '50 g butter', '50 g demerara sugar']],
    ],
    steps: 5,
  },
  {
    manner: 'an index card with what is cooking',
    text: `Here's what's cookin': Aunt Jo's Bean Salad     Serves: 8
Recipe from the kitchen of: Jo Merrin

1 can green beans, drained
1 can wax beans, drained
1 can kidney beans, rinsed
1/2 c. chopped onion
1/2 c. chopped green pepper
2/3 c. vinegar
1/2 c. sugar
1/3 c. salad oil

Combine beans, onion and pepper. Heat vinegar and sugar till dissolved, add oil, pour over.
Let stand overnight in refrigerator.`,
    title: "Aunt Jo's Bean Salad",
    portions: 8,
    components: [
      [
        '',
        [
          '1 tin green beans',
          '1 tin wax beans',
          '1 tin kidney beans',
          '0.5 cup onion',
          '0.5 cup green pepper',
          '0.667 cup vinegar',
          '0.5 cup sugar',
          '0.333 cup salad oil',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a list counted with amounts behind',
    text: `SPICED CHICKPEA SOUP – 12 PORTIONS

A. INGREDIENTS
1. Chickpeas, dried – 500 g
2. Onions – 400 g
3. Garlic – 20 g
4. Ground cumin – 8 g
5. Ground coriander – 6 g
6. Chopped tomatoes – 800 g
7. Vegetable stock – 3 l
8. Lemon juice – 60 ml
9. Salt – to taste

B. METHOD
1. Soak the chickpeas overnight; boil for 60-75 minutes until tender.
2. Sweat the onions and garlic for 8 minutes without colour.
3. Add the spices and cook for 1 minute.
4. Add tomatoes, stock and chickpeas; simmer for 20 minutes.
5. Blend one third, season and finish with lemon juice.`,
    title: 'SPICED CHICKPEA SOUP',
    portions: 12,
    components: [
      [
        '',
        [
          '500 g Chickpeas',
          '400 g Onions',
          '20 g Garlic',
          '8 g Ground cumin',
          '6 g Ground coriander',
          '800 g Chopped tomatoes',
          '3 l Vegetable stock',
          '60 ml Lemon juice',
          'Salt',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'bruschetta in capitals',
    text: `TOMATO & WHITE BEAN BRUSCHETTA

Serves 4 as a starter
Preparation: 15 minutes
Cooking: 5 minutes

4 ripe tomatoes, diced
1 tin (400g) cannellini beans, drained
1 small red onion, finely chopped
2 tbsp extra-virgin olive oil
1 tbsp red wine vinegar
8 slices ciabatta
1 garlic clove, halved
Basil leaves to finish

Mix the tomatoes, beans, onion, oil and vinegar. Season and leave for 10 minutes.
Toast the ciabatta under a hot grill for 2 minutes each side.
Rub the toast with the garlic.
Spoon over the beans and tear over the basil.`,
    title: 'TOMATO & WHITE BEAN BRUSCHETTA',
    portions: 4,
    components: [
      [
        '',
        [
          '4 ripe tomatoes',
          '1 tin cannellini beans',
          '1 red onion',
          '2 tbsp extra-virgin olive oil',
          '1 tbsp red wine vinegar',
          '8 slice ciabatta',
          '1 clove garlic',
          'Basil leaves',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a hospital’s card with a code',
    text: `Recipe code: S-018          Portions: 50 x 200 ml
CREAM OF LEEK SOUP

Leeks, sliced              4 kg
Onions, diced              1 kg
Potatoes, diced            2 kg
Margarine                  300 g
Vegetable bouillon powder  150 g
Water                      8 l
UHT cream                  1 l
White pepper               5 g

1  Melt the margarine in the bratt pan, sweat leeks and onions 15 min.
2  Add potatoes, water and bouillon; simmer 30 min.
3  Blend until smooth.
4  Add cream and pepper; heat to 85 °C.
5  Portion at 75 °C or above.`,
    title: 'CREAM OF LEEK SOUP',
    portions: 50,
    components: [
      [
        '',
        [
          '4 kg Leeks',
          '1 kg Onions',
          '2 kg Potatoes',
          '300 g Margarine',
          '150 g Vegetable bouillon powder',
          '8 l Water',
          '1 l UHT cream',
          '5 g White pepper',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a tart with a list for each part',
    text: `Walnut and honey tart
Serves 10

For the pastry
225g plain flour
110g cold butter, diced
25g icing sugar
1 egg yolk

For the filling
250g walnuts, roughly chopped
150g honey
100g butter
75g soft brown sugar
2 eggs, beaten

1. Rub the butter into the flour and sugar, add the yolk and 2 tbsp cold water and bring together. Chill for 30 mins.
2. Heat oven to 180C/160C fan/gas 4.
3. Roll out the pastry and line a 23cm tart tin. Blind bake for 15 mins, then 5 mins more without the beans.
4. Melt honey, butter and sugar; cool for 10 mins, then beat in the eggs.
5. Scatter the walnuts over the pastry, pour on the filling.
6. Bake for 25-30 mins until set. Serve warm.`,
    title: 'Walnut and honey tart',
    portions: 10,
    components: [
      ['Pastry', ['225 g plain flour', '110 g butter', '25 g icing sugar', '1 egg yolk']],
      ['Filling', ['250 g walnuts', '150 g honey', '100 g butter', '75 g soft brown sugar', '2 eggs']],
    ],
    steps: 6,
  },
  {
    manner: 'a note that begins with whose it is',
    text: `mum's onion gravy:
3 big onions
1 tbsp butter
1 tsp sugar
2 tbsp flour
600ml stock
splash of balsamic

slice onions, cook slow in butter & sugar 40 min till brown
flour in, 2 min
stock in bit by bit, simmer 10 min, balsamic at end`,
    title: "mum's onion gravy",
    portions: null,
    components: [['', ['3 onions', '1 tbsp butter', '1 tsp sugar', '2 tbsp flour', '600 ml stock', '1 splash balsamic']]],
    steps: 3,
  },
  {
    manner: 'a chef’s notebook with stars',
    text: `Pickled mustard seeds – yield 300 g
100 g yellow mustard seeds
150 g cider vinegar
75 g water
50 g sugar
4 g salt
* Blanch seeds 3x, 1 min each, fresh water every time.
* Boil the rest, add seeds, simmer 25 min.
* Cool, jar, fridge. Keeps 1 month.`,
    title: 'Pickled mustard seeds',
    portions: null,
    components: [['', ['100 g yellow mustard seeds', '150 g cider vinegar', '75 g water', '50 g sugar', '4 g salt']]],
    steps: 3,
  },
  {
    manner: 'a page with a trail and its questions',
    text: `Home / Salads / Crispy Smashed Cucumber Salad

Crispy Smashed Cucumber Salad

by Lena | updated 4 May | 23 Comments

This salad takes ten minutes and disappears in two.

Jump to recipe

Ingredients

For the salad
1 large cucumber
1 teaspoon sea salt
2 tablespoons roasted peanuts, chopped
1 handful coriander leaves

For the dressing
1 tablespoon soy sauce
1 tablespoon rice vinegar
2 teaspoons sesame oil
1 teaspoon sugar
1 clove garlic, grated

Instructions

1. Smash the cucumber with the flat of a knife and tear it into chunks.
2. Toss with the salt and drain in a sieve for 15 minutes.
3. Whisk the dressing ingredients together.
4. Dress the cucumber, top with peanuts and coriander.

Did you make this? Tag me!

Frequently asked questions
Can I make it ahead? Up to 2 hours.`,
    title: 'Crispy Smashed Cucumber Salad',
    portions: null,
    components: [
      ['Salad', ['1 cucumber', '1 tsp sea salt', '2 tbsp roasted peanuts', '1 handful coriander leaves']],
      ['Dressing', ['1 tbsp soy sauce', '1 tbsp rice vinegar', '2 tsp sesame oil', '1 tsp sugar', '1 clove garlic']],
    ],
    steps: 4,
  },
  {
    manner: 'a parish drink',
    text: `LEMON BARLEY WATER. (Makes 2 pints)
4 oz. pearl barley
2 lemons
2 oz. sugar
2 pints boiling water

Wash the barley, put it in a jug with the thinly pared rind and the sugar, pour over the boiling water and leave covered till cold.
Strain and add the lemon juice.`,
    title: 'LEMON BARLEY WATER.',
    portions: null,
    components: [['', ['4 oz pearl barley', '2 lemons', '2 oz sugar', '2 pint boiling water']]],
    steps: 2,
  },
  {
    manner: 'a worksheet for pairs',
    text: `WORKSHEET 4                     Name: ______________
Dish: Vegetable samosas
Work in pairs. Makes 8.

Ingredients
1 large potato
50 g frozen peas
1/2 onion
1 tsp cumin seeds
1 tsp curry powder
1 tbsp oil
4 sheets filo pastry
20 g melted butter
Pinch of salt

Equipment: saucepan, frying pan, baking tray, pastry brush

Method
1. Preheat the oven to 200 °C.
2. Peel and dice the potato (1 cm). Boil for 8 minutes; add peas for the last 2 minutes.
3. Fry the onion and spices in the oil for 5 minutes. Mix with the vegetables and salt.
4. Cut each filo sheet in two, brush with butter, fill and fold into triangles.
5. Bake for 15 minutes until golden.
6. Clear away and wash up.

Evaluation: What went well? What would you change?`,
    title: 'Vegetable samosas',
    portions: 8,
    components: [
      [
        '',
        [
          '1 potato',
          '50 g frozen peas',
          '0.5 onion',
          '1 tsp cumin seeds',
          '1 tsp curry powder',
          '1 tbsp oil',
          '4 sheet filo pastry',
          '20 g butter',
          '1 pinch salt',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'carrots with times in a row',
    text: `Maple-Roasted Carrots
Makes 6 servings | Active time 10 min | Total time 40 min

2 lb. carrots, peeled and halved lengthwise
2 Tbsp. olive oil
3 Tbsp. maple syrup
1 tsp. kosher salt
1/2 tsp. freshly ground black pepper
1/4 cup chopped pecans
1 Tbsp. chopped fresh thyme

1. Preheat oven to 425°F.
2. Toss carrots with oil, maple syrup, salt and pepper on a rimmed baking sheet. Roast, stirring once, until tender and browned, 25 to 30 minutes.
3. Sprinkle with pecans and thyme.`,
    title: 'Maple-Roasted Carrots',
    portions: 6,
    components: [
      [
        '',
        [
          '2 lb carrots',
          '2 tbsp olive oil',
          '3 tbsp maple syrup',
          '1 tsp kosher salt',
          '0.5 tsp black pepper',
          '0.25 cup pecans',
          '1 tbsp fresh thyme',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a plate with strokes and two lists',
    text: `CHARRED LEEK / ROMESCO / ALMOND            8 pax

Leeks
16      medium leeks
40 ml   olive oil
8 g     salt
1. Char whole leeks over coals 12 min, wrap in paper 15 min.
2. Peel off the burnt outside, dress with oil and salt.

Romesco
3       red peppers
2       tomatoes
60 g    almonds, roasted
30 g    stale bread, fried
1 clove garlic
15 ml   sherry vinegar
80 ml   olive oil
1. Roast peppers and tomatoes at 230 °C for 25 min, peel.
2. Blend with almonds, bread, garlic and vinegar.
3. Emulsify with the oil, season.

Pass: 2 leeks, 40 g romesco, sliced almonds.`,
    title: 'CHARRED LEEK / ROMESCO / ALMOND',
    portions: 8,
    components: [
      ['Leeks', ['16 leeks', '40 ml olive oil', '8 g salt']],
      [
        'Romesco',
        ['3 red peppers', '2 tomatoes', '60 g almonds', '30 g stale bread', '1 clove garlic', '15 ml sherry vinegar', '80 ml olive oil'],
      ],
    ],
    steps: 6,
  },
];
