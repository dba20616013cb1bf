/** Whole texts as schools, kitchens and homes write them, each read by hand. */
import type { Page } from './pages';
export const SCHOOL_PAGES: readonly Page[] = [
  {
    manner: 'a mail for nine tarts',
    text: `From: Jorun
To: kitchen team
Subject: Thursday's onion tart

Hi all,

here's what I'd like us to do on Thursday, 18 students in pairs, so nine tarts please.

For one tart (24 cm)
Pastry: 180 g plain flour, 90 g cold butter, a pinch of salt, about 3 tbsp iced water
Filling: 600 g onions, 40 g butter, 2 tbsp oil, 150 ml cream, 2 egg yolks, nutmeg

Rub the butter into the flour and salt, add just enough water to bring it together, rest in the fridge for half an hour.
Meanwhile slice the onions and sweat them in the butter and oil, covered, for 35-40 minutes; they must not colour.
Line the tin, bake blind at 190 °C (fan 170) for 15 min, then 5 min uncovered.
Mix the cream with the yolks, season with nutmeg, stir into the onions, fill the case and bake 25 minutes at 180 until just set.

Please bring your own tins if you can.

See you then
Jorun`,
    title: "Thursday's onion tart",
    portions: 1,
    components: [
      ['Pastry', ['180 g plain flour', '90 g butter', '1 pinch salt', '3 tbsp iced water']],
      ['Filling', ['600 g onions', '40 g butter', '2 tbsp oil', '150 ml cream', '2 egg yolks', 'nutmeg']],
    ],
    steps: 4,
  },
  {
    manner: 'a larder card with rules and columns',
    text: `RECIPE CARD No. 114                         Dept: Larder
DISH: Lentil salad with smoked tofu        YIELD: 20 covers
-------------------------------------------------------------
QTY      UNIT    INGREDIENT              PREP
1.500    kg      Green lentils           rinsed
0.200    kg      Shallots                brunoise
0.150    lt      Sherry vinegar
0.300    lt      Rapeseed oil
0.030    kg      Dijon mustard
1.000    kg      Smoked tofu             1 cm dice
2        bch     Flat parsley            chopped
         pm      Salt, pepper
-------------------------------------------------------------
METHOD
1  Simmer lentils in unsalted water 22 min; drain, keep warm.
2  Whisk vinegar, mustard, salt; add oil in a thread.
3  Dress lentils while warm. Cool to below 8 °C within 90 min.
4  Fold in shallots, tofu and parsley at service.
HACCP: hold below 5 °C, use within 24 h.
Allergens: soya, mustard, sulphites`,
    title: 'Lentil salad with smoked tofu',
    portions: 20,
    components: [
      [
        '',
        [
          '1.5 kg Green lentils',
          '0.2 kg Shallots',
          '0.15 l Sherry vinegar',
          '0.3 l Rapeseed oil',
          '0.03 kg Dijon mustard',
          '1 kg Smoked tofu',
          '2 bunch Flat parsley',
          'Salt, pepper',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'an aunt’s crumble in mugs and spoonfuls',
    text: `Aunt's plum crumble (feeds six hungry people)

a good kilo of plums, stoned and halved
3 heaped spoonfuls of brown sugar
a thumb of ginger, grated
juice of half a lemon

Topping
two mugs of plain flour (about 250 g)
half a block of butter - 125 g
a mug of demerara (100 g)
handful of oats

Oven on at gas 5. Plums in the dish with the sugar, ginger and lemon. Rub topping together till it looks like gravel. Scatter over. 40 minutes or so, till the juice bubbles at the edges. Let it stand 10 mins or you'll burn your tongue!`,
    title: "Aunt's plum crumble",
    portions: 6,
    components: [
      ['', ['1 kg plums', '3 heaped spoonfuls of brown sugar', '1 thumb ginger', '0.5 lemon']],
      ['Topping', ['250 g plain flour', '0.5 packet butter', '100 g demerara', '1 handful oats']],
    ],
    steps: 1,
  },
  {
    manner: 'a web page with boxes to tick',
    text: `Home > Recipes > Vegan > Mains
Jump to recipe | Print | Pin

Smoky Bean Chilli

★★★★☆ 4.6 from 212 reviews
Prep Time: 20 mins | Cook Time: 1 hr 10 mins | Total Time: 1 hr 30 mins | Servings: 8

I first made this on a rainy Sunday and we've never looked back.

Ingredients
Scale 1x 2x 3x
▢ 2 tbsp olive oil
▢ 2 large onions, finely chopped
▢ 4 cloves garlic, crushed
▢ 1 ½ tsp smoked paprika
▢ 2 tsp ground cumin
▢ 2 x 400g tins chopped tomatoes
▢ 3 x 400 g tins kidney beans, drained and rinsed
▢ 250ml/9fl oz vegetable stock
▢ 1 square dark chocolate (optional)
▢ Salt and freshly ground black pepper

Instructions
Heat the oil in a large pan over a medium heat. Add the onions and cook for 10 minutes until soft.
Add the garlic and spices; cook for 1 minute.
Stir in tomatoes, beans and stock. Bring to the boil, then simmer gently for 50 mins–1 hr.
Stir through the chocolate, if using. Season.

Nutrition (per serving)
Calories: 268 kcal | Carbs: 38 g | Protein: 14 g

Did you make this? Tag us!
Leave a comment
Petra says: Lovely! I used 2 tins of black beans instead.`,
    title: 'Smoky Bean Chilli',
    portions: 8,
    components: [
      [
        '',
        [
          '2 tbsp olive oil',
          '2 onions',
          '4 clove garlic',
          '1.5 tsp smoked paprika',
          '2 tsp ground cumin',
          '2 tin chopped tomatoes',
          '3 tin kidney beans',
          '250 ml vegetable stock',
          '1 square dark chocolate',
          'Salt and freshly ground black pepper',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a unit with amounts per student beside a cream for four',
    text: `Unit 7 – Choux pastry
Learning outcomes: the student can pipe even shapes; the student can judge a panade.

Time plan
09:00 Briefing
09:20 Demonstration
10:00 Practical
11:30 Assessment

Per student:
125 ml water
50 g butter
75 g strong flour
2 eggs (100 g without shell)
1 g salt

Diplomat cream (for 4 students):
500 ml milk
1 vanilla pod
120 g sugar
6 yolks
45 g cornflour
200 ml whipping cream, whipped

Equipment: 1.5 litre pan, wooden spoon, piping bag with 12 mm nozzle, tray 60 x 40, silicone mat

Procedure
1. Boil water, butter and salt. As soon as it boils take off the heat and add all the flour at once.
2. Dry over medium heat 2 min until a film forms.
3. Cool to 60 °C. Beat in the eggs little by little.
4. Pipe 8 éclairs of 12 cm. Bake at 180 °C, 35 min; open the door a crack for the last 5 min.
5. Cream: infuse the vanilla in the milk 10 min, whisk yolks, sugar and cornflour, boil 1 min, chill over ice, fold in the cream.
6. Fill and serve.

Questions
Why is the flour dried?
What happens if the eggs are added at 80 °C?`,
    title: 'Choux pastry',
    portions: 4,
    components: [
      ['Per student', ['125 ml water', '50 g butter', '75 g strong flour', '2 eggs', '1 g salt']],
      ['Diplomat cream', ['500 ml milk', '1 vanilla pod', '120 g sugar', '6 yolks', '45 g cornflour', '200 ml whipping cream']],
    ],
    steps: 6,
  },
  {
    manner: 'a scanned page in two columns with broken lines',
    text: `82                    THE WINTER KITCHEN

RED CABBAGE WITH APPLES
Serves 10 - 12.  Can be made two days ahead.

1 red cabbage, about 1.8 kg          2 bay leaves
3 sharp apples                       6 juniper berries
60 g goose fat or oil                150 ml red wine
2 onions                             4 tbsp red-currant jelly
5 tbsp wine vinegar                  salt

Quarter the cabbage, cut out the core and shred
finely. Peel and slice the onions, peel, core and
dice the apples. Melt the fat in a heavy cas-
serole and soften the onions for 8 minutes. Add
the cabbage, vinegar and salt, turn until it
shines, then add apples, spices, wine and 150 ml
water. Cover and braise in the oven at 150 °C
(300 °F, gas 2) for 1 3/4 hours, stirring every
half hour. Finish with the jelly.

For the braise see p. 140.`,
    title: 'RED CABBAGE WITH APPLES',
    portions: 10,
    components: [
      [
        '',
        [
          '1 red cabbage',
          '3 sharp apples',
          '60 g goose fat',
          '2 onions',
          '5 tbsp wine vinegar',
          '2 bay leaves',
          '6 juniper berries',
          '150 ml red wine',
          '4 tbsp red-currant jelly',
          'salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'two dishes on a sheet, in capitals',
    text: `FOCACCIA (2 trays)
Strong flour 1 kg
Water 750 g
Fresh yeast 12 g
Salt 22 g
Olive oil 60 g
Mix, bulk 3 hrs with folds at 30, 60, 90 min. Tin up, prove 1 hr, dimple, bake 240C 18-20 min.

GREEN OLIVE TAPENADE (600 g)
Green olives, pitted 400 g
Capers 50 g
Garlic 2 cloves
Lemon juice 30 g
Olive oil 120 g
Blitz everything except the oil, add oil slowly. Keeps 5 days at 3C.`,
    title: 'FOCACCIA (2 trays)',
    portions: null,
    components: [
      ['', ['1 kg Strong flour', '750 g Water', '12 g Fresh yeast', '22 g Salt', '60 g Olive oil']],
      ['Green olive tapenade', ['400 g Green olives', '50 g Capers', '2 clove Garlic', '30 g Lemon juice', '120 g Olive oil']],
    ],
    steps: 2,
  },
  {
    manner: 'a staff meal told in sentences',
    text: `Barley risotto for the staff meal

We were 14. I took 1,2 kg pearl barley, 3 onions, 250 g butter, half a litre of white wine, roughly 4 litres of hot vegetable stock and 300 g of hard cheese.

First I sweated the finely chopped onions in 100 g of the butter, about 6 minutes. Barley in, stirred for two minutes till hot. Deglazed with the wine, let it disappear. Then the stock in four lots, 40 to 45 minutes all told, stirring now and again. At the end off the heat, the rest of the butter and the cheese in, lid on, 3 minutes. 

Served with roasted carrots (recipe on page 9).`,
    title: 'Barley risotto for the staff meal',
    portions: 14,
    components: [
      ['', ['1.2 kg pearl barley', '3 onions', '250 g butter', '0.5 l white wine', '4 l hot vegetable stock', '300 g hard cheese']],
    ],
    steps: 2,
  },
  {
    manner: 'a pass note with two kinds of bullets',
    text: `polenta chips w/ tomato relish - pass section
24 ptns

polenta
- 1.2kg instant polenta
- 4.8L veg stock
- 200g parm (or vegan alt)
- 120g butter
- thyme, 1 bunch picked

relish
- 3kg plum toms, blanched
- 4 red onion brunoise
- 300ml cider vin
- 250g soft brown sugar
- 2 tbsp mustard seed
- chilli flakes pinch

polenta
• stock to boil, rain in polenta, 5 min whisk
• cheese + butter off heat
• gastro 2cm deep, chill 2hr min
• chips 8 x 2 x 2 cm
• fryer 180, 4 min

relish
• onions + oil, low, 15
• everything else, 45-50 min till jammy
• blast chill, label`,
    title: 'polenta chips w/ tomato relish - pass section',
    portions: 24,
    components: [
      ['Polenta', ['1.2 kg instant polenta', '4.8 l veg stock', '200 g parm', '120 g butter', '1 bunch thyme']],
      [
        'Relish',
        [
          '3 kg plum toms',
          '4 red onion brunoise',
          '300 ml cider vin',
          '250 g soft brown sugar',
          '2 tbsp mustard seed',
          '1 pinch chilli flakes',
        ],
      ],
    ],
    steps: 8,
  },
  {
    manner: 'a letter about a fool',
    text: `Dear Wilma,

You asked for the way I do the gooseberry fool. Take a pound of gooseberries, top and tail them, and stew them with 4 oz sugar and two tablespoons of water until they burst, perhaps 10 minutes. Rub through a sieve and let it get quite cold.

Whip half a pint of cream until it just holds. Fold the fruit in, not too thoroughly. It does for six in small glasses.

Your Hedda
P.S. elderflower is very nice in it, two heads, taken out before the sieve.`,
    title: 'Gooseberry fool',
    portions: 6,
    components: [['', ['1 lb gooseberries', '4 oz sugar', '2 tbsp water', '0.5 pint cream']]],
    steps: 2,
  },
  {
    manner: 'a table for ten and thirty with its name below',
    text: `Ingredient	Amount (10 ptn)	Amount (30 ptn)	Notes
Chickpeas, dried	500 g	1.5 kg	soak overnight
Tahini	200 g	600 g	stir the jar
Lemon juice	100 ml	300 ml	
Garlic	3 cloves	9 cloves	germ out
Iced water	120 ml	360 ml	
Cumin, ground	4 g	12 g	
Salt	8 g	24 g	

Hummus (base)

1. Boil the soaked chickpeas with a pinch of soda for 50-60 min until they crush between two fingers.
2. Drain, keep 200 ml of the liquor. Blend hot, 3 min.
3. Add tahini, lemon, garlic and salt, then the iced water with the machine running.
4. Chill to 5 °C within 90 min. Use within 3 days.`,
    title: 'Hummus (base)',
    portions: 10,
    components: [
      ['', ['500 g Chickpeas', '200 g Tahini', '100 ml Lemon juice', '3 clove Garlic', '120 ml Iced water', '4 g Cumin', '8 g Salt']],
    ],
    steps: 4,
  },
  {
    manner: 'a church cookbook',
    text: `TOMATO PUDDING
Mrs. O. Larkin

1 (28 oz.) can crushed tomatoes
1/2 c. brown sugar, packed
1/4 tsp. each salt and pepper
6 slices white bread, cubed (about 4 c.)
1 stick butter, melted

Heat oven to 375°. Combine first 3 ingredients in saucepan; simmer 5 min. Put bread in 2-qt. casserole; pour butter over. Pour hot tomatoes over bread; do not stir. Bake, uncovered, 30 to 35 min. Serves 6 to 8.`,
    title: 'TOMATO PUDDING',
    portions: 6,
    components: [
      ['', ['1 tin crushed tomatoes', '0.5 cup brown sugar', '0.25 tsp salt', '0.25 tsp pepper', '6 slice white bread', '1 stick butter']],
    ],
    steps: 1,
  },
  {
    manner: 'a handout with numbered parts',
    text: `Handout 3 | Plant-based desserts | Group B

COCONUT PANNA COTTA WITH LIME SYRUP AND SESAME BRITTLE
For 8 glasses of 90 ml

1) Panna cotta
   800 ml coconut milk
   100 g caster sugar
   4 g agar
   1 pinch salt
Bring everything to the boil whisking, simmer 2 minutes, pour at about 50 °C, set at 4 °C for 1 hour.

2) Lime syrup
   150 ml water
   150 g sugar
   zest of 2 limes, juice of 4
Simmer water and sugar to 105 °C. Add zest and juice when cool.

3) Brittle
   120 g sugar
   60 g sesame seeds, toasted
   1/4 tsp bicarb
Dry caramel to amber, in with the sesame, off the heat the bicarb, roll out between papers to 2 mm.

To serve: unmould or leave in the glass, a spoon of syrup, one shard.

Watch out: agar sets at 35-40 °C, do not let it stand in the pan!`,
    title: 'COCONUT PANNA COTTA WITH LIME SYRUP AND SESAME BRITTLE',
    portions: 8,
    components: [
      ['Panna cotta', ['800 ml coconut milk', '100 g caster sugar', '4 g agar', '1 pinch salt']],
      ['Lime syrup', ['150 ml water', '150 g sugar', '2 limes']],
      ['Brittle', ['120 g sugar', '60 g sesame seeds', '0.25 tsp bicarb']],
    ],
    steps: 4,
  },
  {
    manner: 'a note from a phone',
    text: `Mushroom barley soup
8 bowls

400g chestnut mush
handful dried porcini, soaked in 300ml hot water
pearl barley 180g
2 leeks
2 carrots
stick celery
1.8 litres stock
thyme
glug of sherry
parsley

Slice and brown mushrooms hard in 2 batches
Sweat veg 10 mins
Barley, stock, porcini + strained water, thyme
35-40 mins simmer
Sherry, season, parsley
Freezes well`,
    title: 'Mushroom barley soup',
    portions: 8,
    components: [
      [
        '',
        [
          '400 g chestnut mush',
          '1 handful dried porcini',
          '180 g pearl barley',
          '2 leeks',
          '2 carrots',
          '1 stick celery',
          '1.8 l stock',
          'thyme',
          'glug of sherry',
          'parsley',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a magazine with its sections',
    text: `Autumn | Small plates

Warm pears with blue cheese and walnuts

SERVES 4  PREP 10 MINS  COOK 12 MINS

2 ripe but firm pears (Conference), quartered and cored
25 g butter
1 tbsp honey
1 sprig rosemary
80 g walnut halves
120 g blue cheese, crumbled
100 g bitter leaves
For the dressing:
1 tbsp sherry vinegar
3 tbsp walnut oil
½ tsp grainy mustard

1 Toast the walnuts in a dry pan for 4–5 minutes, until they smell nutty. Tip on to a plate.
2 Melt the butter with the honey and rosemary. Fry the pears 3 minutes on each cut side, until golden.
3 Shake the dressing in a jar. Dress the leaves, arrange with the pears, scatter with cheese and nuts.

COOK'S NOTE Use pecans if walnuts are bitter.
WINE a glass of dry sherry
Photograph: studio kitchen`,
    title: 'Warm pears with blue cheese and walnuts',
    portions: 4,
    components: [
      [
        '',
        [
          '2 ripe but firm pears',
          '25 g butter',
          '1 tbsp honey',
          '1 sprig rosemary',
          '80 g walnut halves',
          '120 g blue cheese',
          '100 g bitter leaves',
        ],
      ],
      ['Dressing', ['1 tbsp sherry vinegar', '3 tbsp walnut oil', '0.5 tsp grainy mustard']],
    ],
    steps: 3,
  },
  {
    manner: 'a production sheet with percent and kilograms',
    text: `PRODUCTION SHEET   Batch: 12 kg   Product: Vegetable chutney (mild)   Line 2

Item                         %        kg
Marrow, 1 cm dice            40.0     4.800
Onion, diced                 20.0     2.400
Apple, grated                12.5     1.500
Spirit vinegar 5 %           15.0     1.800
Sugar                        11.0     1.320
Salt                          1.0     0.120
Mustard powder                0.3     0.036
Turmeric                      0.2     0.024

Process
- Salt marrow overnight (12 h), drain
- Combine all in bratt pan, heat to 95 °C
- Hold 60 min, stir every 10 min
- Fill at > 85 °C into 24 jars of 500 g, invert 2 min
- pH check: < 4.0 (record)

Shelf life 12 months ambient. Allergen: MUSTARD`,
    title: 'Vegetable chutney (mild) Line 2',
    portions: null,
    components: [
      [
        '',
        [
          '4.8 kg Marrow',
          '2.4 kg Onion',
          '1.5 kg Apple',
          '1.8 kg Spirit vinegar 5 %',
          '1.32 kg Sugar',
          '0.12 kg Salt',
          '0.036 kg Mustard powder',
          '0.024 kg Turmeric',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'an answer with headings and tips',
    text: `Sure! Here's a recipe for **Spiced Carrot and Red Lentil Soup** that serves 6:

### Ingredients
- **Carrots** – 600 g, peeled and chopped
- **Red lentils** – 200 g, rinsed
- **Onion** – 1 large, diced
- **Garlic** – 3 cloves, minced
- **Cumin seeds** – 2 tsp
- **Vegetable stock** – 1.5 litres
- **Coconut milk** – 200 ml (plus extra to finish)
- **Olive oil** – 2 tbsp
- **Lime** – juice of 1

### Instructions
1. **Toast the spices:** Heat the oil over medium heat, add the cumin seeds and toast for 30 seconds.
2. **Build the base:** Add onion and cook 6–8 minutes. Add garlic, 1 minute.
3. **Simmer:** Add carrots, lentils and stock. Simmer 20 minutes until tender.
4. **Blend and finish:** Blend until smooth, stir in coconut milk and lime juice.

### Tips
- For extra smoothness, pass through a sieve.
- Freezes for up to 3 months.

Enjoy! Would you like a version with ginger?`,
    title: 'Spiced Carrot and Red Lentil Soup',
    portions: 6,
    components: [
      [
        '',
        [
          '600 g Carrots',
          '200 g Red lentils',
          '1 Onion',
          '3 clove Garlic',
          '2 tsp Cumin seeds',
          '1.5 l Vegetable stock',
          '200 ml Coconut milk',
          '2 tbsp Olive oil',
          '1 Lime',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a training restaurant’s sheet with two methods',
    text: `Menu: Autumn term   Course: Starter   Dish ref: ST-07
Title: Twice-baked cheese soufflé, walnut & pear salad
Portions: 24          Cost/ptn: 1.42

SOUFFLÉ BASE
Milk              1.8 l
Butter            180 g
Flour             180 g
Mature cheddar    450 g    grated
Egg yolks         12
Egg whites        15
English mustard   1 tbsp
Nutmeg            to taste

Method
Make a thick white sauce (cook out 5 min). Off heat add cheese, mustard, yolks.
Whisk whites to soft peak, fold in. Fill 24 buttered dariole moulds.
Bain-marie 160°C 25-30 min. Cool, unmould, chill.
To order: cream over, 200°C 10-12 min.

SALAD
Pears             6
Walnuts           240 g    toasted
Mixed leaves      600 g
Walnut dressing   300 ml

Method
Slice pears to order, dress leaves, garnish.

HACCP: eggs pasteurised for vulnerable groups. Core 75°C.`,
    title: 'Twice-baked cheese soufflé, walnut & pear salad',
    portions: 24,
    components: [
      [
        'Soufflé base',
        [
          '1.8 l Milk',
          '180 g Butter',
          '180 g Flour',
          '450 g Mature cheddar',
          '12 Egg yolks',
          '15 Egg whites',
          '1 tbsp English mustard',
          'Nutmeg',
        ],
      ],
      ['Salad', ['6 Pears', '240 g Walnuts', '600 g Mixed leaves', '300 ml Walnut dressing']],
    ],
    steps: 5,
  },
  {
    manner: 'a grandmother’s card in ounces',
    text: `GRAN'S GINGERBREAD
8 oz S.R. flour
4 oz marg
4 oz sugar (dark)
2 lg tblsp treacle
1 egg
1 dsp ginger
1 tsp mixed spice
¼ pt milk, warmed
pinch bicarb

Melt marg, sugar, treacle. Mix dry. Add egg + milk. 
8" square tin, Gas 3 (325°F) 1 hr-ish.
Better next day!`,
    title: "GRAN'S GINGERBREAD",
    portions: null,
    components: [
      [
        '',
        [
          '8 oz S.R. flour',
          '4 oz marg',
          '4 oz sugar',
          '2 tbsp treacle',
          '1 egg',
          '2 tsp ginger',
          '1 tsp mixed spice',
          '0.25 pint milk',
          '1 pinch bicarb',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'an instructor’s copy for groups of four',
    text: `LESSON 12: EMULSIFIED DRESSINGS AND GRILLED VEGETABLES
Instructor copy

Mise en place (per group of 4)
Courgettes 4 pc
Aubergines 2 pc
Red peppers 4 pc
Olive oil 150 ml
Thyme 1/4 bunch
Egg yolk, pasteurised 40 g
Dijon mustard 15 g
White wine vinegar 30 ml
Grapeseed oil 250 ml
Salt, white pepper

Procedure
A. Grilled vegetables
  1. Slice courgettes and aubergines lengthwise 5 mm; salt 20 minutes, pat dry.
  2. Char peppers over the flame, sweat in a covered bowl 15 minutes, peel.
  3. Brush with oil, grill 2 minutes per side.
B. Dressing
  1. Whisk yolk, mustard and half the vinegar.
  2. Add the oil drop by drop, then in a thin stream.
  3. Adjust with vinegar and a spoon of warm water.

Evaluation: marks even, vegetables hold shape, dressing coats a leaf.
Hygiene: keep dressing below 5 °C; discard after service.`,
    title: 'EMULSIFIED DRESSINGS AND GRILLED VEGETABLES',
    portions: 4,
    components: [
      [
        '',
        [
          '4 Courgettes',
          '2 Aubergines',
          '4 Red peppers',
          '150 ml Olive oil',
          '0.25 bunch Thyme',
          '40 g Egg yolk',
          '15 g Dijon mustard',
          '30 ml White wine vinegar',
          '250 ml Grapeseed oil',
          'Salt, white pepper',
        ],
      ],
      ['Grilled vegetables', []],
      ['Dressing', []],
    ],
    steps: 6,
  },
  {
    manner: 'a seed loaf from an old paper',
    text: `A GOOD PLAIN SEED LOAF.--Two pounds of flour, half a pound of lard or butter, three-quarters of a pound of sugar, one ounce of caraway seeds, one ounce of yeast, one pint and a half of warm milk. Rub the lard into the flour, add the sugar and seeds; cream the yeast with a spoonful of the sugar, mix it with the milk, and knead all to a soft dough. Let it rise two hours; put it in greased tins, and after a further half-hour bake in a moderate oven for an hour and a quarter.`,
    title: 'A GOOD PLAIN SEED LOAF',
    portions: null,
    components: [['', ['2 lb flour', '0.5 lb lard', '0.75 lb sugar', '1 oz caraway seeds', '1 oz yeast', '1.5 pint warm milk']]],
    steps: 1,
  },
  {
    manner: 'dough and topping in two languages',
    text: `Pissaladière-style onion flatbread / Zwiebelfladen

Teig / dough
500 g flour type 550
10 g salt
15 g fresh yeast
310 ml water, lukewarm (28 °C)
40 ml olive oil

Belag / topping
1,5 kg onions, sliced thin
6 EL olive oil
3 sprigs thyme
80 g black olives, stoned
1 TL sugar

Knead dough 8 min, bulk 60 min at 26 °C.
Stew onions with oil, thyme, sugar, covered, 45 min on low; uncover last 10 min.
Roll out to 30 x 40 cm, top, rest 15 min.
Bake at 230 °C top/bottom heat, 18-20 min.
Gives 12 squares.`,
    title: 'Pissaladière-style onion flatbread / Zwiebelfladen',
    portions: 12,
    components: [
      ['Teig / dough', ['500 g flour type 550', '10 g salt', '15 g fresh yeast', '310 ml water', '40 ml olive oil']],
      ['Belag / topping', ['1.5 kg onions', '6 tbsp olive oil', '3 sprig thyme', '80 g black olives', '1 tsp sugar']],
    ],
    steps: 4,
  },
  {
    manner: 'a standard recipe in tables',
    text: `| Std recipe 0231 | Bean burger | Yield 50 |
|---|---|---|
| Ingredient | Qty | Unit |
| Black beans, cooked | 4.5 | kg |
| Onion, fine dice | 750 | g |
| Breadcrumbs | 600 | g |
| Egg, liquid | 500 | g |
| Cumin | 25 | g |
| Oil for frying | 400 | ml |

| Step | Action | CCP |
|---|---|---|
| 1 | Mash two thirds of the beans, keep the rest whole | |
| 2 | Sweat onion 8 min, cool below 20 °C | |
| 3 | Combine everything, rest 30 min chilled | <5 °C |
| 4 | Shape 110 g burgers, fry 3 min each side | core 75 °C |
| 5 | Hold above 63 °C, max 2 h | CCP 2 |`,
    title: 'Bean burger',
    portions: 50,
    components: [['', ['4.5 kg Black beans', '750 g Onion', '600 g Breadcrumbs', '500 g Egg', '25 g Cumin', '400 ml Oil']]],
    steps: 5,
  },
  {
    manner: 'a memo spoken into a telephone',
    text: `ok so for the potato bread its 250 floury potatoes cooked and put through the ricer, still warm, 500 strong flour, a teaspoon and a half of salt, one sachet of dried yeast thats 7 grams and about 200 ml of the potato water. mix it, knead it ten minutes, its sticky but dont add flour. let it go till doubled, about an hour and a half. then shape it, twenty minutes, bake it at 220 for ten and then down to 190 for another 25. makes one big loaf.`,
    title: '',
    portions: null,
    components: [
      [
        'Potato bread',
        [
          '250 floury potatoes cooked and put through the ricer',
          '500 g strong flour',
          '1.5 tsp salt',
          '1 packet dried yeast',
          '200 ml potato water',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a sheet of a training room with tabs',
    text: `Kitchen: Riverside Training Room
Sheet 7 of 12

Leek and potato soup, chive oil

10 portions

Leeks, white part	1.2 kg	sliced, washed twice
Floury potatoes	600 g	peeled, 2 cm
Butter	80 g
Vegetable stock	2.5 L
Double cream	200 ml
Salt	18 g
White pepper	2 g
Chives	1 bunch
Sunflower oil	150 ml

1. Sweat leeks in butter under a lid, 12 minutes, no colour.
2. Add potatoes and stock, simmer 25 minutes.
3. Blend 4 minutes, pass, return to the boil with the cream.
4. Chive oil: blanch chives 10 seconds, refresh, squeeze, blend with warm oil (60 °C), hang.
5. Hold at 65 °C or above. Serve with 5 ml oil.

Checked by: ____________`,
    title: 'Leek and potato soup, chive oil',
    portions: 10,
    components: [
      [
        '',
        [
          '1.2 kg Leeks',
          '600 g Floury potatoes',
          '80 g Butter',
          '2.5 l Vegetable stock',
          '200 ml Double cream',
          '18 g Salt',
          '2 g White pepper',
          '1 bunch Chives',
          '150 ml Sunflower oil',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'biscuits with variations',
    text: `Oat biscuits
Makes about 24

There is hardly a biscuit that keeps better. My grandmother kept hers in a blue tin on top of the dresser.

110g porridge oats
110g wholemeal flour
1/2 teaspoon bicarbonate of soda
80g butter, cold
60g light muscovado sugar
2-3 tablespoons milk

Preheat the oven to 180°C/350°F/Gas 4 and line two baking sheets.
Combine oats, flour, bicarbonate and a good pinch of salt. Rub in the butter. Stir in the sugar, then just enough milk to bind.
Roll out to about 4mm, cut with a 6cm cutter and bake for 12-14 minutes, turning the sheets once, until firm at the edge.
Cool on a rack.

VARIATIONS
With seeds: replace 30 g oats with sesame.
Savoury: leave out the sugar and add 40 g hard cheese.`,
    title: 'Oat biscuits',
    portions: 24,
    components: [
      [
        '',
        [
          '110 g porridge oats',
          '110 g wholemeal flour',
          '0.5 tsp bicarbonate of soda',
          '80 g butter',
          '60 g light muscovado sugar',
          '2-3 tbsp milk',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a slaw in a chat',
    text: `[18:02] Bo: can you send the slaw
[18:03] Mira: yep for 40
[18:03] Mira: white cabbage 3 heads, carrots 2kg, red onion 6
[18:04] Mira: mayo 1.2kg yog 800g, lemon juice 150ml, grain mustard 100g
[18:04] Mira: shred on 2mm, salt 30g, leave 20 min, squeeze, dress
[18:05] Mira: do it morning of, no earlier
[18:05] Bo: 👍`,
    title: '',
    portions: 40,
    components: [
      [
        '',
        ['3 head white cabbage', '2 kg carrots', '6 red onion', '1.2 kg mayo', '800 g yog', '150 ml lemon juice', '100 g grain mustard'],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'an assessment with an order of work',
    text: `PRACTICAL ASSESSMENT 3 – HOT SAUCE & VEGETABLE GARNISH
Time allowed: 2 h 15 min

Each candidate prepares 2 portions of:
Braised fennel, tomato butter sauce, crisp capers

Ingredient list (2 ptn)
Fennel bulbs	2
Vegetable stock	300 ml
Butter, cold	80 g
Tomatoes, ripe	200 g
Shallot	1
White wine	50 ml
Capers	15 g
Oil for frying	100 ml

Order of work
00:00 Weigh, wash, halve fennel
00:15 Braise fennel covered, 35 min at 170 °C
00:25 Tomato reduction: shallot, tomato, wine, 15 min, sieve
01:05 Fry capers 180 °C, 40 s
01:20 Mount sauce with butter, do not boil
01:30 Plate

Marking: knife work 20, cooking 40, sauce 25, plating 15`,
    title: 'Braised fennel, tomato butter sauce, crisp capers',
    portions: 2,
    components: [
      [
        '',
        [
          '2 Fennel bulbs',
          '300 ml Vegetable stock',
          '80 g Butter',
          '200 g Tomatoes',
          '1 Shallot',
          '50 ml White wine',
          '15 g Capers',
          '100 ml Oil',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a loaf with notes that are numbered',
    text: `Lemon Poppy Seed Loaf
Yield: 1 loaf (10 slices) | Author: Dana

For the loaf
1 1/2 cups (190g) all-purpose flour
2 tsp baking powder
1/2 tsp salt
1 Tbsp poppy seeds
3/4 cup (150g) granulated sugar
Zest of 2 lemons
2 large eggs
1/2 cup (120ml) plain yogurt
1/2 cup (110g) butter, melted and cooled

For the glaze
1 cup (120 g) powdered sugar
1½–2 Tbsp lemon juice

Directions
Make the loaf: Preheat oven to 350°F (177°C). Grease a 9x5-inch pan.
Whisk flour, baking powder, salt and poppy seeds. In another bowl rub the zest into the sugar; whisk in eggs, yogurt and butter. Fold in the dry ingredients.
Bake 45–55 minutes. Tent with foil after 30 minutes if it browns.
Cool in the pan for 15 minutes, then on a rack.
Make the glaze: Whisk sugar and juice until thick but pourable. Spoon over the cold loaf.

Notes
1. Full-fat yogurt works best.
2. Keeps 3 days covered.

Nutrition: 288 cal per slice`,
    title: 'Lemon Poppy Seed Loaf',
    portions: 10,
    components: [
      [
        'Loaf',
        [
          '1.5 cup all-purpose flour',
          '2 tsp baking powder',
          '0.5 tsp salt',
          '1 tbsp poppy seeds',
          '0.75 cup granulated sugar',
          '2 lemons',
          '2 eggs',
          '0.5 cup plain yogurt',
          '0.5 cup butter',
        ],
      ],
      ['Glaze', ['1 cup powdered sugar', '1.5-2 tbsp lemon juice']],
    ],
    steps: 5,
  },
  {
    manner: 'an index card in small letters',
    text: `marinated mushrooms

500 button mush.
100 oil
60 w. wine vinegar
2 bay
10 peppercorns
1 t salt
1/2 onion sliced thin

boil mush. 4 min in salted water.
drain. rest into pan, boil 2.
pour over, cold, 24 hrs.
keeps 10 d. fridge`,
    title: 'marinated mushrooms',
    portions: null,
    components: [['', ['500 button mush', '100 g oil', '60 w. wine vinegar', '2 bay', '10 peppercorns', '1 tsp salt', '0.5 onion']]],
    steps: 3,
  },
  {
    manner: 'a gratin for eight personnes',
    text: `Gratin de blettes (Swiss chard gratin)            pour 8 personnes

1.5 kg Swiss chard
50 g butter + a knob for the dish
50 g flour
700 ml milk
1 clove garlic
120 g Gruyère, grated
nutmeg, salt, pepper
60 g breadcrumbs

Separate ribs from leaves. Cut ribs in batons of 2 cm, boil 8 min; leaves 2 min; squeeze well.
Béchamel: roux with butter and flour 3 min, milk, cook 10 min, season.
Rub the dish with garlic and butter. Layer ribs, leaves, sauce; cheese and crumbs on top.
Oven 200 °C, 25 min until golden.

Can be assembled the day before. Bring to room temperature 30 min before baking.`,
    title: 'Gratin de blettes (Swiss chard gratin)',
    portions: 8,
    components: [
      [
        '',
        ['1.5 kg Swiss chard', '50 g butter', '50 g flour', '700 ml milk', '1 clove garlic', '120 g Gruyère', 'nutmeg', '60 g breadcrumbs'],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a site with pictures for time and servings',
    text: `Sweet potato & black bean tacos
By kitchen_oona  •  Updated 3 March
⏲ 35 min  👥 4 servings

INGREDIENTS [US | Metric]
• 700 g sweet potatoes, 1.5 cm cubes
• 1 × 400 g can black beans
• 2 tbsp oil
• 1 tsp chipotle paste
• 8 small corn tortillas
• 1 avocado
• ½ red onion, pickled (see my recipe)
• handful coriander

METHOD
➊ Oven 220 °C. Toss sweet potatoes with oil, chipotle and ½ tsp salt. Roast 22–25 min, turning once.
➋ Warm the beans with a splash of water, 5 min; crush a few.
➌ Heat tortillas in a dry pan, 20 sec each side.
➍ Fill and top with avocado, onion and coriander.

REVIEWS
"So good" – 5★
"Added feta, yum" – 4★`,
    title: 'Sweet potato & black bean tacos',
    portions: 4,
    components: [
      [
        '',
        [
          '700 g sweet potatoes',
          '1 tin black beans',
          '2 tbsp oil',
          '1 tsp chipotle paste',
          '8 corn tortillas',
          '1 avocado',
          '0.5 red onion',
          '1 handful coriander',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a mail between bakers with a signature',
    text: `Subject: Re: Friday demo recipe

Hi Paulo,

As discussed, here's the fougasse for Friday. Recipe makes 4 pieces, enough for the demo group.

500g bread flour (T65 if you have it)
10g fine salt
6g instant yeast
340g water @ 24C
30g olive oil + extra for brushing
Filling of choice: 100g olives / 60g sundried toms / rosemary

- Mix 4 min slow, 4 min fast (dough temp 25C)
- Bulk 90 min, fold after 45
- Divide 4 x 230g, preshape, rest 15
- Stretch, cut with a plastic scraper, open the cuts well
- Prove 30-40 min
- Bake 250C with steam, 14 min, brush w. oil

Can you order the flour? We've 2kg left.

Cheers,
Inés

---
Inés Marro | Head of Bakery | tel 0555 123`,
    title: 'Friday demo recipe',
    portions: 4,
    components: [
      ['', ['500 g bread flour', '10 g fine salt', '6 g instant yeast', '340 g water', '30 g olive oil']],
      ['Filling of choice', ['100 g olives', '60 g sundried toms', 'rosemary']],
    ],
    steps: 6,
  },
  {
    manner: 'a worksheet with gaps to fill in',
    text: `COOKERY I                                   Worksheet 9
NAME ______________  GROUP ____

Vegetable Stock (2 litres)

Ingredients            Weight      Done
Onions                 300 g       [ ]
Carrots                200 g       [ ]
Celery                 150 g       [ ]
Leek tops              200 g       [ ]
Mushroom trimmings     100 g       [ ]
Bay leaves             2           [ ]
Peppercorns            10          [ ]
Cold water             2.5 l       [ ]

Method (fill in the missing words)
1. Wash and cut the vegetables into ________ (mirepoix).
2. Sweat without ________ for 10 min.
3. Cover with cold water, bring to the boil, ________ .
4. Simmer 40 min. Strain. Cool to 5 °C within ____ min.

Why do we start with cold water?`,
    title: 'Vegetable Stock (2 litres)',
    portions: null,
    components: [
      [
        '',
        [
          '300 g Onions',
          '200 g Carrots',
          '150 g Celery',
          '200 g Leek tops',
          '100 g Mushroom trimmings',
          '2 Bay leaves',
          '10 Peppercorns',
          '2.5 l Cold water',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'feta for a mezze spread',
    text: `Marinated feta with za'atar
serves 6 as part of a mezze spread

400g feta
3 tbsp za'atar
the zest of 1 lemon and 1 tbsp of the juice
1 tsp Aleppo chilli
a few thyme sprigs
about 300 ml good olive oil

Break the feta into rough 3cm chunks and layer in a 750ml jar with za'atar, zest, chilli and thyme. Mix the lemon juice with the oil and pour over until covered. Leave at least 24 hours in the fridge; bring to room temperature for an hour before serving. Will keep for 10 days.

Also good with: halloumi, labneh balls.`,
    title: "Marinated feta with za'atar",
    portions: 6,
    components: [
      [
        '',
        [
          '400 g feta',
          "3 tbsp za'atar",
          '1 lemon and 1 tbsp of the juice',
          '1 tsp Aleppo chilli',
          '3 sprig thyme',
          '300 ml good olive oil',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a baker’s table by phases',
    text: `| Phase | Ingredient | g | % |
|:--|:--|--:|--:|
| Sponge | Strong flour | 300 | 30 |
| | Water | 300 | 30 |
| | Fresh yeast | 5 | 0.5 |
| Dough | Strong flour | 700 | 70 |
| | Water | 320 | 32 |
| | Salt | 20 | 2 |
| | Malt | 10 | 1 |

**Baguettes, poolish method** — 8 pcs at 200 g

1. Sponge: mix, 12 h at 18 °C.
2. Dough: combine, autolyse 20 min, knead 6 min.
3. Bulk 1 h 30, one fold.
4. Shape, prove 50 min on couche.
5. Bake 22 min at 250 °C falling.`,
    title: 'Baguettes, poolish method',
    portions: 8,
    components: [
      ['Sponge', ['300 g Strong flour', '300 g Water', '5 g Fresh yeast']],
      ['Dough', ['700 g Strong flour', '320 g Water', '20 g Salt', '10 g Malt']],
    ],
    steps: 5,
  },
  {
    manner: 'a cordial told in a paragraph',
    text: `Rhubarb cordial

From the garden in May. 2 kilos rhubarb, cut small. 1.5 litres water. 900 g sugar to each litre of juice. 2 lemons, peel and juice. Stew rhubarb in water with the peel for 25 mins, drip overnight through muslin, do not squeeze or it will be cloudy. Measure, add sugar and lemon juice, heat to 75° for 10 minutes, bottle hot. Makes about 2 l. Dilute 1:5.`,
    title: 'Rhubarb cordial',
    portions: null,
    components: [['', ['2 kg rhubarb', '1.5 l water', '900 g sugar', '2 lemons']]],
    steps: 1,
  },
  {
    manner: 'a pasta sheet with tools and troubles',
    text: `STEP-BY-STEP: HAND-CUT TAGLIATELLE

You'll need (for 4)
* 400 g "00" flour
* 4 large eggs
* Semolina, for dusting
* A pinch of salt

Equipment
* Pasta board, 80 cm rolling pin
* Bench scraper

① Make a well, crack in the eggs, beat with a fork and draw in the flour.
② Knead for 10 minutes until silky. Wrap and rest 30 minutes.
③ Roll to 1 mm, turning a quarter each time. Dry the sheet 5-10 minutes.
④ Fold loosely, cut 8 mm ribbons, shake out with semolina.
⑤ Cook 2-3 min in salted water (10 g per litre).

Troubleshooting
Dough crumbles: wet your hands. Sheet sticks: more semolina.`,
    title: 'STEP-BY-STEP: HAND-CUT TAGLIATELLE',
    portions: 4,
    components: [['', ['400 g "00" flour', '4 eggs', 'Semolina', '1 pinch salt']]],
    steps: 5,
  },
  {
    manner: 'two lists in rows and steps by their part',
    text: `For the shortcrust (23 cm tin): 200 g flour, 100 g butter, 1 yolk, 2-3 tbsp water, salt.
For the filling: 750 g chard, 1 onion, 2 tbsp oil, 250 g ricotta, 3 eggs, 60 g parmesan, nutmeg.

Pastry. Rub, bind, rest 30 min. Line the tin, chill 20, blind bake 180C 20 min.
Filling. Wilt chard 3 min, squeeze, chop. Sweat onion 10 min. Mix all.
Bake 170C 35 min. Rest 15 before cutting into 8.`,
    title: '',
    portions: null,
    components: [
      ['Shortcrust', ['200 g flour', '100 g butter', '1 yolk', '2-3 tbsp water', 'salt']],
      ['Filling', ['750 g chard', '1 onion', '2 tbsp oil', '250 g ricotta', '3 eggs', '60 g parmesan', 'nutmeg']],
    ],
    steps: 3,
  },
  {
    manner: 'a batch sheet with codes',
    text: `Chef Adaeze's jollof base (batch)
Rev B – 3/26

TOM    tinned plum toms     2.5kg tin x 2
PEP    red peppers          1.8kg
ONI    onions               1.2kg (half for blend, half sliced)
SCO    scotch bonnet        4 ea
OIL    groundnut oil        400ml
PST    tom puree            300g
SPC    curry pdr 20g, thyme dried 10g, bay 8
STK    veg stock            1L

1 Blend toms, peppers, half onion, bonnets.
2 Fry sliced onion in oil 10 min, puree 5 min till dark.
3 Add blend, reduce by 1/3, 40 min med heat.
4 Spices, stock, 15 min. Check salt.
Yield 6 L = 60 portions @100ml. Chill <5C in 90 min, 3 days / freeze 3 months.`,
    title: "Chef Adaeze's jollof base (batch)",
    portions: 60,
    components: [
      [
        '',
        [
          '2 tin tinned plum toms',
          '1.8 kg red peppers',
          '1.2 kg onions',
          '4 scotch bonnet',
          '400 ml groundnut oil',
          '300 g tom puree',
          '20 g curry pdr',
          '10 g thyme dried',
          '8 bay',
          '1 l veg stock',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a lesson plan with a demonstration loaf',
    text: `Lesson plan: quick breads
Thursday 2 pm, room B2

SODA BREAD (demo, 1 loaf)
Plain wholemeal flour 250g
Plain white flour 200g
Bicarb 1 tsp
Salt 1 tsp
Buttermilk 400ml
Treacle 1 tbsp

Oven 200 fan. Mix dry, make a well, pour in buttermilk and treacle, bring together fast. Shape round, cross 3 cm deep. 40 min until hollow when tapped.

Students then make their own with seeds, in pairs.`,
    title: 'SODA BREAD (demo, 1 loaf)',
    portions: null,
    components: [
      ['', ['250 g Plain wholemeal flour', '200 g Plain white flour', '1 tsp Bicarb', '1 tsp Salt', '400 ml Buttermilk', '1 tbsp Treacle']],
    ],
    steps: 1,
  },
  {
    manner: 'aubergines with a spread of walnuts',
    text: `~ Grilled aubergine with walnut paste (badrijani style) ~

Ingredients (serves 8 as a starter):
4 aubergines (approx. 1.2kg)
walnuts – 250g
garlic – 3 cloves
coriander seed – 1 tsp, ground
blue fenugreek – 1 tsp
red wine vinegar – 2-3 tbsp
water – 100-120ml
pomegranate – seeds of 1
oil for frying

1/ Slice aubergines lengthways, 7mm. Salt, 20 min. Dry well.
2/ Fry in batches at 175C for 2-3 minutes a side; drain on paper.
3/ Grind walnuts twice with garlic; work in the spices, vinegar and water to a spreadable paste.
4/ Spread, roll, chill an hour. Scatter with pomegranate.`,
    title: 'Grilled aubergine with walnut paste (badrijani style)',
    portions: 8,
    components: [
      [
        '',
        [
          '4 aubergines',
          '250 g walnuts',
          '3 clove garlic',
          '1 tsp coriander seed',
          '1 tsp blue fenugreek',
          '2-3 tbsp red wine vinegar',
          '100-120 ml water',
          '1 pomegranate',
          'oil',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a trainee’s card in grams throughout',
    text: `TRAINEE TASK CARD
Dish: Ratatouille (fine cut)
Batch: 6 ptn
Time: 70 min

WEIGH
Courgette 400 / Aubergine 400 / Red pepper 300 / Onion 200 / Tomato conc. 500 / Garlic 10 / Olive oil 60 (all g)
Thyme, bay, S&P

CUT
8 mm dice all veg. Tomato: blanch 10 s, peel, seed, dice.

COOK
Sweat onion 6 min + garlic 1 min.
Fry courgette, aubergine, pepper separately, high heat, 4 min each, keep colour.
Combine w/ tomato + herbs, lid, 180 °C, 20 min.

CHECK
Dice holds, no water in pan, season.`,
    title: 'Ratatouille (fine cut)',
    portions: 6,
    components: [
      [
        'Weigh',
        [
          '400 g Courgette',
          '400 g Aubergine',
          '300 g Red pepper',
          '200 g Onion',
          '500 g Tomato conc',
          '10 g Garlic',
          '60 g Olive oil',
          'Thyme',
        ],
      ],
      ['Cut', []],
      ['Cook', []],
      ['Check', []],
    ],
    steps: 5,
  },
  {
    manner: 'a curd in jars',
    text: `Nana's lemon curd

4 lemons - juice and zest
200g sugar
100g butter
3 eggs plus 1 yolk

Bain marie. Everything in except eggs, melt. Whisk in beaten eggs through a sieve. Stir 10-12 mins till it coats a spoon (about 80c). Jar it hot.
2 jars. Keeps 2 weeks in the fridge.`,
    title: "Nana's lemon curd",
    portions: null,
    components: [['', ['4 lemons', '200 g sugar', '100 g butter', '3 eggs', '1 egg yolk']]],
    steps: 1,
  },
  {
    manner: 'a hospital card with gross and net',
    text: `9 Braised red lentils with spinach                                   V, GF, DF

Number of portions: 30            Portion size: 220 g

Ingredients                       Gross     Net
Red lentils, split                2 kg      2 kg
Onions                            1.4 kg    1.2 kg
Ginger, fresh                     180 g     150 g
Garlic                            90 g      80 g
Tomatoes, chopped (tin)           2.5 kg    2.5 kg
Spinach, leaf                     2 kg      1.8 kg
Turmeric                          15 g      15 g
Vegetable bouillon                4 l       4 l
Rapeseed oil                      150 ml    150 ml

Preparation
a. Sweat onions, ginger and garlic in the oil (10 min).
b. Add turmeric, lentils, tomatoes and bouillon; cook 25 min at 95 °C, lid on.
c. Stir in spinach 5 min before service.
Critical limit: core 75 °C for 30 s; hot hold 63 °C.`,
    title: '9 Braised red lentils with spinach',
    portions: 30,
    components: [
      [
        '',
        [
          '2 kg Red lentils',
          '1.4 kg Onions',
          '180 g Ginger',
          '90 g Garlic',
          '2.5 kg Tomatoes',
          '2 kg Spinach',
          '15 g Turmeric',
          '4 l Vegetable bouillon',
          '150 ml Rapeseed oil',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a salad by scale with dotted lines',
    text: `Herbed couscous salad — catering scale

SCALE: ×1 = 25 guests

Couscous ............ 1.5 kg
Boiling stock ....... 1.8 L
Lemons .............. 6 (zest + juice)
Olive oil ........... 250 mL
Cucumber ............ 4, seeded, 1 cm dice
Cherry tomatoes ..... 1 kg, halved
Parsley ............. 300 g (picked weight)
Mint ................ 100 g
Salt ................ 25 g

Method:
• Pour stock over couscous + 100 mL oil, film, 8 min. Fork.
• Cool on trays < 20 min, to 10 °C.
• Toss with the rest. Season late.

Day-of: dress no more than 2 h before service.`,
    title: 'Herbed couscous salad — catering scale',
    portions: 25,
    components: [
      [
        '',
        [
          '1.5 kg Couscous',
          '1.8 l Boiling stock',
          '6 Lemons',
          '250 ml Olive oil',
          '4 Cucumber',
          '1 kg Cherry tomatoes',
          '300 g Parsley',
          '100 g Mint',
          '25 g Salt',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a soup with two parts in Markdown',
    text: `# Potato and kale soup with smoked paprika oil

Serves: 12 | Prep: 20 min | Cook: 40 min

## Soup
- 60 ml olive oil
- 400 g onions, sliced
- 6 cloves garlic
- 1.5 kg waxy potatoes, peeled and cut in 2 cm dice
- 2.4 l vegetable stock
- 500 g kale, ribs removed, shredded
- salt

## Paprika oil
- 100 ml olive oil
- 10 g smoked paprika

## Method
1. Sweat the onions and garlic in the oil for 12 minutes without colour.
2. Add potatoes and stock, bring to the boil and simmer 18–20 minutes.
3. Add kale for the last 5 minutes. Crush a third of the potatoes against the side of the pan.
4. For the oil, warm the oil to 80 °C, stir in the paprika, leave 30 minutes and strain.
5. Serve hot with a teaspoon of the oil.

**Make ahead:** cool to below 8 °C within 90 minutes; keeps 2 days.`,
    title: 'Potato and kale soup with smoked paprika oil',
    portions: 12,
    components: [
      [
        'Soup',
        ['60 ml olive oil', '400 g onions', '6 clove garlic', '1.5 kg waxy potatoes', '2.4 l vegetable stock', '500 g kale', 'salt'],
      ],
      ['Paprika oil', ['100 ml olive oil', '10 g smoked paprika']],
    ],
    steps: 5,
  },
  {
    manner: 'a barley with a row of names before amounts',
    text: `Lemon barley with peas
For 10

pearl barley 700 g
shallots 5
butter 80 g
white wine 200 ml
veg stock 2 l
peas, frozen 600 g
lemons 2
mint 1 bunch
pecorino 150 g

Sweat shallots in half the butter, 5 min. Toast barley 2 min, wine, reduce. Add stock bit by bit, 35 min. Peas in for the last 3. Finish with rest of butter, pecorino, lemon zest and juice, mint.
Rest 2 min, serve loose.`,
    title: 'Lemon barley with peas',
    portions: 10,
    components: [
      [
        '',
        [
          '700 g pearl barley',
          '5 shallots',
          '80 g butter',
          '200 ml white wine',
          '2 l veg stock',
          '600 g peas',
          '2 lemons',
          '1 bunch mint',
          '150 g pecorino',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'buns with crosses and a glaze',
    text: `HOT CROSS BUNS – makes 16

Dough
strong white flour      600g
milk, warm              300ml
butter                  75g
caster sugar            75g
instant yeast           10g
salt                    10g
mixed spice             2 tsp
egg                     1
sultanas                150g
mixed peel              80g

Crosses
plain flour             80g
water                   80ml

Glaze
apricot jam             3 tbsp

Mix dough ingredients except fruit and knead 8 minutes.
Work in the fruit. Prove 1½ hours at 27°C.
Divide into 75g pieces, shape, place on a lined tray, prove 45 minutes.
Pipe the crosses.
Bake at 200°C (180°C fan) for 20–22 minutes.
Brush with warm jam.`,
    title: 'HOT CROSS BUNS',
    portions: 16,
    components: [
      [
        'Dough',
        [
          '600 g strong white flour',
          '300 ml milk',
          '75 g butter',
          '75 g caster sugar',
          '10 g instant yeast',
          '10 g salt',
          '2 tsp mixed spice',
          '1 egg',
          '150 g sultanas',
          '80 g mixed peel',
        ],
      ],
      ['Crosses', ['80 g plain flour', '80 ml water']],
      ['Glaze', ['3 tbsp apricot jam']],
    ],
    steps: 6,
  },
  {
    manner: 'a parfait in a mail',
    text: `Hi team, recipe for the tasting on the 14th below - please print one per bench.

Mushroom parfait (v)
Yield 2 terrines, 24 slices

1kg chestnut mushrooms
150g shallots
20g garlic
5g thyme leaves
100ml Madeira
400g butter, soft
250g cream cheese
12g salt
2g white pepper

Cook the mushrooms, shallots, garlic and thyme in 100g of the butter until all the liquid has gone, about 20 min.
Add Madeira, reduce to dry.
Blend hot with the rest of the butter, 4 min, then the cream cheese.
Pass, season, set in lined terrines at 3 °C for at least 6 hours.
Slice with a hot knife.

Thanks, Wren`,
    title: 'Mushroom parfait (v)',
    portions: 24,
    components: [
      [
        '',
        [
          '1 kg chestnut mushrooms',
          '150 g shallots',
          '20 g garlic',
          '5 g thyme leaves',
          '100 ml Madeira',
          '400 g butter',
          '250 g cream cheese',
          '12 g salt',
          '2 g white pepper',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a fool from a magazine',
    text: `RHUBARB AND GINGER FOOL

Preparation time: 15 minutes
Cooking time: 12 minutes
Serves: 4

Ingredients:
500g (1lb 2oz) rhubarb, trimmed and cut into 3cm lengths
85g (3oz) golden caster sugar
2 balls stem ginger, finely chopped, plus 1 tbsp syrup from the jar
300ml (½ pint) double cream
150g (5½oz) Greek-style yoghurt
4 ginger biscuits, crushed, to serve

Method:
1. Put the rhubarb, sugar and ginger syrup into a saucepan, cover and cook gently for 10–12 minutes until soft. Leave to cool completely.
2. Whip the cream to soft peaks, fold in the yoghurt, ginger and most of the rhubarb.
3. Spoon into glasses, top with the remaining rhubarb and chill for 1 hour.
4. Scatter with the biscuits and serve.

Per serving: 512 kcals, fat 42g`,
    title: 'RHUBARB AND GINGER FOOL',
    portions: 4,
    components: [
      [
        '',
        [
          '500 g rhubarb',
          '85 g golden caster sugar',
          '2 ball stem ginger',
          '300 ml double cream',
          '150 g Greek-style yoghurt',
          '4 ginger biscuits',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a fry station’s sheet',
    text: `Station: Fry        Item: Onion bhaji       Batch: 40 pcs

ITEM            QTY     UNIT    PREP
Onion           2       kg      sliced 3 mm
Gram flour      600     g       sieved
Rice flour      100     g
Turmeric        10      g
Chilli powder   8       g
Coriander       1       bch     chopped
Salt            25      g
Water           350     ml      cold

PROCEDURE
1. Salt onions 10 min, squeeze lightly.
2. Mix in flours and spices, add water to a thick batter.
3. Fry 50 g portions at 170 C, 3 min; drain; second fry 180 C, 1 min.
HOLD: max 20 min, 63 C+
ALLERGENS: may contain gluten (shared fryer)`,
    title: 'Onion bhaji',
    portions: 40,
    components: [
      [
        '',
        [
          '2 kg Onion',
          '600 g Gram flour',
          '100 g Rice flour',
          '10 g Turmeric',
          '8 g Chilli powder',
          '1 bunch Coriander',
          '25 g Salt',
          '350 ml Water',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a web page with steps in capitals and readers',
    text: `Home > Baking > Tray bakes > Apricot & almond bars
Jump to recipe   Print   Save   Share
Apricot and almond bars
★★★★☆ 4.6 (212 ratings)
By the kitchen team | Updated 3 June
Prep 25 mins   Cook 40 mins   Plus cooling   Cuts into 18   Easy
These bars keep for a week in a tin and travel well, which is why they turn up at every sale we run. The base is a simple shortcrust pressed in by hand, so nobody has to get the rolling pin out.
ADVERTISEMENT
Ingredients
For the base
250g plain flour
50g ground almonds
1/4 tsp fine salt
175g cold unsalted butter, diced
75g caster sugar
1 egg yolk
For the topping
12 ripe apricots (about 600g), halved and stoned
2 tbsp apricot jam
75g flaked almonds
30g demerara sugar
Nutrition: per bar
kcal 214  fat 12g  saturates 6g  carbs 22g  sugars 11g  fibre 2g  protein 4g  salt 0.1g
Method
STEP 1
Heat the oven to 180C/160C fan/gas 4. Butter a 20 x 30cm tin and line it with baking parchment.
STEP 2
Rub the butter into the flour, ground almonds and salt until it looks like breadcrumbs. Stir in the sugar, then the yolk and 1 tbsp cold water. Press into the tin and chill for 20 mins.
STEP 3
Bake for 15 mins until pale gold at the edges. Warm the jam and brush it over the base.
STEP 4
Lay the apricots on cut-side up, scatter over the almonds and sugar, then bake for another 25-30 mins until the fruit slumps. Cool in the tin for 1 hr before cutting.
RECIPE TIPS
GET AHEAD
The base can be baked the day before and kept, wrapped, at room temperature.
Comments, questions and tips (37)
Rosalind77: Made these with plums, lovely!! used 100g sugar
Tamsin: can I freeze them?
Sign up to our newsletter
© All rights reserved`,
    title: 'Apricot and almond bars',
    portions: 18,
    components: [
      [
        'Base',
        ['250 g plain flour', '50 g ground almonds', '0.25 tsp fine salt', '175 g unsalted butter', '75 g caster sugar', '1 egg yolk'],
      ],
      ['Topping', ['12 ripe apricots', '2 tbsp apricot jam', '75 g flaked almonds', '30 g demerara sugar']],
    ],
    steps: 4,
  },
  {
    manner: 'a card with parts A to C and short steps',
    text: `RECIPE CARD 114                      Section: Pastry
FRANGIPANE & ROAST PEAR TARTLET          Yield: 24 pcs x 8 cm

A. SWEET PASTE
Butter, soft ............ 300 g
Icing sugar ............. 190 g
Whole egg ............... 100 g
Flour T55 ............... 500 g
Almond powder ........... 60 g
Salt .................... 3 g
1. Cream butter, sugar and salt, paddle, speed 1, 3 min.
2. Add egg in two goes.
3. Add flour and almond. Stop as soon as it comes together.
4. Wrap flat. Rest 2 h at 4 °C. Sheet 2.5 mm, line rings, freeze 20 min.

B. FRANGIPANE
Butter, pommade ......... 250 g
Sugar ................... 250 g
Almond powder ........... 250 g
Whole egg ............... 220 g
Cornflour ............... 25 g
Dark rum ................ 20 g
1. Paddle butter with sugar and almond, do not aerate.
2. Egg by thirds, then cornflour, rum.
3. Pipe 40 g per ring.

C. ROAST PEAR
Pears, firm (Conference) 12 pc
Butter .................. 60 g
Honey ................... 80 g
Vanilla pod ............. 1
Lemon juice ............. 15 ml
1. Peel, halve, core. Colour in foaming butter 4 min.
2. Honey, vanilla, lemon. Oven 190 °C, 12 min, baste twice.
3. Cool in syrup; slice.

FINISH
Bake filled rings 170 °C fan, 22–25 min.
Apricot nappage ......... 150 g
Pistachio, chopped ...... 40 g
Glaze warm; pistachio on one edge.
Allergens: gluten, egg, milk, nuts
HACCP: egg mix <4 °C, use same day`,
    title: 'FRANGIPANE & ROAST PEAR TARTLET',
    portions: 24,
    components: [
      ['Sweet paste', ['300 g Butter', '190 g Icing sugar', '100 g Whole egg', '500 g Flour T55', '60 g Almond powder', '3 g Salt']],
      ['Frangipane', ['250 g Butter', '250 g Sugar', '250 g Almond powder', '220 g Whole egg', '25 g Cornflour', '20 g Dark rum']],
      ['Roast pear', ['12 Pears', '60 g Butter', '80 g Honey', '1 Vanilla pod', '15 ml Lemon juice']],
      ['Finish', ['150 g Apricot nappage', '40 g Pistachio']],
    ],
    steps: 12,
  },
  {
    manner: 'red cabbage of a grandmother',
    text: `Oma's Red cabbage (christmas)

one good sized red cabbage, shredded fine
3 apples - the sour ones
2 onions
a lump of goose fat, or butter if you must
5 tbsp red wine vinegar
glass of red wine
2 tbsp redcurrant jelly
4 cloves, 1 bay leaf, bit of cinnamon
salt, and sugar till it tastes right

Melt fat, onions in, soft not brown. Apples in, cabbage in, vinegar straight away or it goes blue!!
Wine, spices, jelly and a cup of water. Lid on, lowest heat, 1 1/2 hrs, stir when you remember.
Take out the bay + cinnamon. Better next day.
(Uncle Piet puts in raisins. Don't.)`,
    title: "Oma's Red cabbage (christmas)",
    portions: null,
    components: [
      [
        '',
        [
          '1 good sized red cabbage',
          '3 apples',
          '2 onions',
          '1 lump of goose fat',
          '5 tbsp red wine vinegar',
          'glass of red wine',
          '2 tbsp redcurrant jelly',
          '4 cloves',
          '1 bay leaf',
          'bit of cinnamon',
          'salt',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a fool scanned with hyphens',
    text: `118                                   PUDDINGS

              GOOSEBERRY FOOL WITH
                 ELDERFLOWER

        Serves 6            Preparation: 15 min, plus chilling

l kg (2¼ lb) gooseberries, topped and
    tailed
l50 g (5½ oz) golden caster sugar
4 elderflower heads, shaken free of in-
    sects
300 ml (½ pint) double cream
2OO g (7 oz) thick yoghurt
crisp biscuits, to serve

1  Put the gooseberries in a wide pan with
the sugar, the elderflowers and 3 table-
spoons of water. Cover and cook gently for
10-12 minutes until the fruit bursts.
2  Lift out the flowers. Crush the fruit with
a fork and leave to cool, then chill for at
least 1 hour.
3  Whip the cream to soft peaks, fold in the
yoghurt, then marble the fruit through with
two or three turns of a spoon.
4  Spoon into glasses and serve with the
biscuits.

COOK'S NOTE  Frozen gooseberries work well;
there is no need to thaw them first.
                         119`,
    title: 'GOOSEBERRY FOOL WITH ELDERFLOWER',
    portions: 6,
    components: [
      [
        '',
        [
          '1 kg gooseberries',
          '150 g golden caster sugar',
          '4 head elderflower',
          '300 ml double cream',
          '200 g thick yoghurt',
          'crisp biscuits',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a unit of an agency with a time plan',
    text: `UNIT 12: Prepare and cook pulses and grains
Session 4 of 6                     Group: L2 evening
Learning aims: by the end of the session students can
- soak and cook a pulse to an even tenderness
- judge seasoning in stages
Dish: Chickpea and spinach pot with toasted couscous
Portions: 4 (work in pairs)
Equipment per pair: 1 sauteuse 24 cm, 1 saucepan 20 cm with lid, 1 colander, peeler, cook's knife
Time plan
18:00 Briefing and aprons
18:15 Demonstration
18:40 Practical
20:00 Tasting

Commodity            Qty      Unit
Chickpeas, cooked    480      g
Onion                1        ea
Garlic               3        clv
Ginger, fresh        20       g
Tomatoes, chopped    400      g
Spinach, washed      250      g
Cumin, ground        1        tsp
Coriander, ground    2        tsp
Oil                  30       ml
Giant couscous       200      g
Veg stock            500      ml
Lemon                1/2      ea
Salt                 t.t.

Procedure
1 Finely dice the onion, crush the garlic and grate the ginger.
2 Sweat in oil for 8 min without colour. Add spices, cook out 1 min.
3 Add tomatoes, simmer 10 min. Add chickpeas and 200 ml stock, simmer 15 min.
4 Toast couscous dry in saucepan 3 min until golden, add 300 ml hot stock, cover, 10 min off the boil.
5 Wilt spinach into the pot at the last moment. Season, lemon.
6 Serve couscous in a ring, pot in the centre.
Assessment: evenness of dice; tenderness; seasoning
Questions
Why is salt added only when the pulses are tender in some kitchens?
What happens to spinach if it is held hot?`,
    title: 'Chickpea and spinach pot with toasted couscous',
    portions: 4,
    components: [
      [
        '',
        [
          '480 g Chickpeas',
          '1 Onion',
          '3 clove Garlic',
          '20 g Ginger',
          '400 g Tomatoes',
          '250 g Spinach',
          '1 tsp Cumin',
          '2 tsp Coriander',
          '30 ml Oil',
          '200 g Giant couscous',
          '500 ml Veg stock',
          '0.5 Lemon',
          'Salt',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'steps beside a list, numbered',
    text: `Buckwheat pancakes with mushrooms            Serves 4

150 g buckwheat flour                 1. Whisk flour, salt and
50 g plain flour                      egg with half the milk until smooth;
1 tsp salt                            add the rest. Rest 1 hour.
1 egg                                 2. Clean and slice the mushrooms.
450 ml milk                           Fry hard in half the butter, 6 minutes.
40 g butter, melted                   3. Add the shallot and thyme, 2 minutes,
500 g chestnut mushrooms              then the crème fraîche. Season.
2 shallots, chopped                   4. Fry 8 thin pancakes in the rest
3 sprigs thyme                        of the butter, about 1 minute a side.
150 g crème fraîche                   5. Fill, fold in quarters and
chives, to finish                     serve with chives.`,
    title: 'Buckwheat pancakes with mushrooms',
    portions: 4,
    components: [
      [
        '',
        [
          '150 g buckwheat flour',
          '50 g plain flour',
          '1 tsp salt',
          '1 egg',
          '450 ml milk',
          '40 g butter',
          '500 g chestnut mushrooms',
          '2 shallots',
          '3 sprig thyme',
          '150 g crème fraîche',
          'chives',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a mail to a bakers’ group, per person',
    text: `From: Ingrid
To: Thursday group
Subject: Re: Re: next week's bread

Hi all,

Sorry for the late mail, the boiler went. Here is what we'll bake on Thursday, the oat & treacle loaf. Please bring an apron and a box.

Per person you need 400 g strong white flour, 100 g rolled oats, 10 g salt, 7 g instant yeast, 30 g black treacle, 330 g water (about 30 degrees) and a handful more oats for the top.

Soak the oats in the water for half an hour, then stir in the treacle. Add the flour, yeast and salt and knead 10 minutes. First prove about 90 minutes, fold once after 45. Shape, roll in oats, into a 2 lb tin, prove again until it's a finger above the rim (40-60 minutes). Bake at 220 for 15 minutes, then 190 for another 20-25; it should sound hollow.

I'll have the ovens on by six.

See you then
Ingrid
--
Sent from my phone`,
    title: "next week's bread",
    portions: 1,
    components: [
      [
        '',
        [
          '400 g strong white flour',
          '100 g rolled oats',
          '10 g salt',
          '7 g instant yeast',
          '30 g black treacle',
          '330 g water',
          '1 handful more oats',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a blog with reasons and questions',
    text: `The BEST Skillet Cornbread (Crispy Edges!)
This post may contain affiliate links.
You guys. I have been making this cornbread since I moved into my first apartment and it has never let me down.
Why you'll love this recipe
- One bowl
- Ready in 35 minutes
What you'll need
* 1 1/2 cups (210g) medium-grind cornmeal
* 1/2 cup (60g) all-purpose flour
* 2 Tbsp. sugar (optional)
* 2 tsp. baking powder
* 1/2 tsp. baking soda
* 1 tsp. kosher salt
* 1 1/2 cups (360ml) buttermilk
* 2 large eggs
* 6 Tbsp. unsalted butter (3/4 stick), divided
How to make it
1. Place a 10" cast iron skillet in the oven and preheat to 425°F.
2. Whisk the dry stuff in a large bowl. In a jug, whisk buttermilk and eggs; melt 4 Tbsp. of the butter and whisk it in.
3. Pour wet into dry; stir until just combined, a few lumps are fine.
4. Carefully remove the hot skillet, swirl in the last 2 Tbsp. butter, and pour in the batter.
5. Bake 20 to 22 minutes, until golden and a toothpick comes out clean. Let it rest 10 minutes.
FAQ
Can I use regular milk? Yes, add 1 Tbsp. of vinegar.
Storage: 3 days at room temp, wrapped.
Nutrition Facts
Calories: 231kcal | Carbohydrates: 30g | Protein: 6g | Fat: 10g
Did you make this? Tag us!`,
    title: 'The BEST Skillet Cornbread (Crispy Edges!)',
    portions: null,
    components: [
      [
        '',
        [
          '1.5 cup medium-grind cornmeal',
          '0.5 cup all-purpose flour',
          '2 tbsp sugar',
          '2 tsp baking powder',
          '0.5 tsp baking soda',
          '1 tsp kosher salt',
          '1.5 cup buttermilk',
          '2 eggs',
          '6 tbsp unsalted butter',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a film’s description with its moments',
    text: `Crispy tofu with black bean sauce | 20 MINUTE DINNER
412K views · 2 years ago
0:00 Intro
0:45 Pressing the tofu
2:10 The sauce
4:30 Frying
INGREDIENTS:
Tofu:
- 400g firm tofu
- 3 tbsp cornstarch
- 1/2 tsp white pepper
- neutral oil for frying
Sauce:
- 2 tbsp fermented black beans, rinsed and chopped
- 4 cloves garlic, minced
- 1 thumb ginger, minced
- 1 red chilli (or more!!)
- 1 tbsp light soy
- 1 tsp dark soy
- 1 tbsp shaoxing wine
- 150ml water
- 1 tsp sugar
- 1 tsp cornstarch + 1 tbsp water (slurry)
DIRECTIONS:
Press tofu 15 min under a weight, cut in 2cm cubes, toss in cornstarch and pepper.
Fry at 180C until crisp, about 5 min. Drain.
Pour off all but 1 tbsp oil. Garlic, ginger, chilli, black beans 30 sec.
Soys, wine, water, sugar. Bubble 2 min. Slurry to thicken.
Tofu back in, toss, serve w/ rice.
LIKE & SUBSCRIBE
Music: "Morning" by nobody`,
    title: 'Crispy tofu with black bean sauce',
    portions: null,
    components: [
      ['Tofu', ['400 g firm tofu', '3 tbsp cornstarch', '0.5 tsp white pepper', 'neutral oil']],
      [
        'Sauce',
        [
          '2 tbsp fermented black beans',
          '4 clove garlic',
          '1 thumb ginger',
          '1 red chilli',
          '1 tbsp light soy',
          '1 tsp dark soy',
          '1 tbsp shaoxing wine',
          '150 ml water',
          '1 tsp sugar',
          '1 tsp cornstarch',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a menu card with arrows and a plate',
    text: `Celebration menu – Spring
Dish: Asparagus, hazelnut crumb, brown butter dressing
Covers: 40

Asparagus
Asparagus, white          8 kg
Sugar                     80 g
Salt                      120 g
Lemons                    4
> Peel from below the head. Tie in 10s.
> Simmer in salted, sugared water w/ lemon, 12-15 min; knife slips in.
> Refresh only if held.

Hazelnut crumb
Hazelnuts, roasted        600 g
Stale sourdough           1 kg
Butter                    200 g
Thyme picked              1/2 bunch
> Blitz bread coarse. Fry in butter till gold.
> Add nuts, thyme, salt off the heat.

Brown butter dressing
Butter                    1 kg
Shallot brunoise          200 g
Sherry vinegar            150 ml
Chives                    2 bunches
> Butter to nut brown (150 °C), strain.
> Shallot off heat 5 min. Vinegar. Chives last minute.

To plate: 5 spears, 30 ml dressing, 25 g crumb across. Warm plates (65 °C).`,
    title: 'Asparagus, hazelnut crumb, brown butter dressing',
    portions: 40,
    components: [
      ['Asparagus', ['8 kg Asparagus', '80 g Sugar', '120 g Salt', '4 Lemons']],
      ['Hazelnut crumb', ['600 g Hazelnuts', '1 kg Stale sourdough', '200 g Butter', '0.5 bunch Thyme']],
      ['Brown butter dressing', ['1 kg Butter', '200 g Shallot brunoise', '150 ml Sherry vinegar', '2 bunch Chives']],
    ],
    steps: 8,
  },
  {
    manner: 'a gingerbread card',
    text: `Aunt Wilma's gingerbread                makes one 9 inch square

8 oz. self-raising flour
1 heaped tsp. ground ginger
½ tsp. mixed spice
4 oz. each of butter, soft brown sugar & golden syrup
2 tbs. marmalade
¼ pt. milk
1 egg
pinch bicarb.

Gas 3, 325 F
Melt butter, sugar, syrup & marmalade.
Add to dry. Beat in milk and egg.
Pour into lined tin
50 - 60 mins.
Keep in tin for 3 days before cutting - if you can wait`,
    title: "Aunt Wilma's gingerbread",
    portions: 1,
    components: [
      [
        '',
        [
          '8 oz self-raising flour',
          '1 tsp ground ginger',
          '0.5 tsp mixed spice',
          '4 oz butter',
          '2 tbsp marmalade',
          '0.25 pint milk',
          '1 egg',
          '1 pinch bicarb',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'leeks in a newspaper',
    text: `Leeks vinaigrette with walnuts
Serves four as a starter. Preparation time 10 minutes; cooking time 15 minutes.

Leeks can stand more cooking than most people dare to give them. Give them the time; a leek that squeaks is not cooked.

8 medium leeks, trimmed and washed
1 tsp Dijon mustard
1½ tbsp red-wine vinegar
5 tbsp walnut oil
50g walnuts, toasted and broken
A small bunch of chervil or flat-leaf parsley, leaves picked
Salt and black pepper

Bring a wide pan of well-salted water to the boil. Add the leeks in one layer, weigh them down with a plate and simmer for 12 to 15 minutes, until a knife meets no resistance at the root end. Drain, then leave them upside down in a colander for five minutes.

Meanwhile, whisk the mustard, vinegar and a good pinch of salt, then add the oil in a thin stream. Split the leeks lengthways, lay them on a dish cut-side up and spoon over the dressing while they are warm. Scatter over the walnuts and herbs, and finish with pepper.

And to drink ... A crisp white from the mountains, says our wine writer.`,
    title: 'Leeks vinaigrette with walnuts',
    portions: 4,
    components: [
      [
        '',
        [
          '8 leeks',
          '1 tsp Dijon mustard',
          '1.5 tbsp red-wine vinegar',
          '5 tbsp walnut oil',
          '50 g walnuts',
          '1 bunch chervil',
          'Salt and black pepper',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a task sheet for two sizes',
    text: `COOKERY SKILLS 2 - PRACTICAL TASK SHEET
Name: ____________   Date: ________   Tutor: ________
TASK: Produce 10 portions of mushroom and barley soup, garnished.
Time allowed: 2 hours 15 minutes
Ingredients              4 portions    10 portions
Pearl barley             60 g          150 g
Mixed mushrooms          300 g         750 g
Leek                     100 g         250 g
Carrot                   80 g          200 g
Butter                   40 g          100 g
Vegetable stock          900 ml        2.25 l
Double cream             50 ml         125 ml
Parsley                  5 g           12 g
Method of work
1. Wash barley, cook in half the stock for 25 minutes.
2. Sweat leek and carrot, macédoine, in the butter for 10 minutes.
3. Add sliced mushrooms, cook until their liquid has gone.
4. Add the barley and remaining stock; simmer for 20 minutes.
5. Correct seasoning and consistency. Finish with cream; do not boil.
Service: hot soup cups, not less than 63 °C.
Marking: organisation /10, knife skills /10, consistency /10, taste /20
Tutor's comments: ____________________`,
    title: 'COOKERY SKILLS 2 - PRACTICAL TASK SHEET',
    portions: 4,
    components: [
      [
        '',
        [
          '60 g Pearl barley',
          '300 g Mixed mushrooms',
          '100 g Leek',
          '80 g Carrot',
          '40 g Butter',
          '900 ml Vegetable stock',
          '50 ml Double cream',
          '5 g Parsley',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a chat with an answer',
    text: `[12:04] Bea: recipe for the lentil salad pls 🙏
[12:09] Jules: ok so its
[12:09] Jules: 250g puy lentils
[12:10] Jules: 1 carrot 1 stick celery 1 small onion all tiny dice
[12:10] Jules: 2 tbsp red wine vin, 4 evoo, tsp mustard
[12:11] Jules: bunch of parsley
[12:12] Jules: lentils 20 min w bay leaf, drain while still firm
[12:12] Jules: sweat veg 5 min
[12:13] Jules: dress warm!! parsley at end
[12:15] Bea: how many does that do
[12:15] Jules: 4 ish`,
    title: 'lentil salad',
    portions: 4,
    components: [
      [
        '',
        ['250 g puy lentils', '1 carrot', '1 stick celery', '1 onion', '2 tbsp red wine vin', '4 evoo', 'tsp mustard', '1 bunch parsley'],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'Markdown with percent and a quotation',
    text: `# Rye crackers with caraway

**Makes:** about 40 crackers
**Active:** 20 min · **Total:** 1 h 30

## You need

| Ingredient | Weight | % |
|---|---|---|
| Whole rye flour | 300 g | 100 |
| Water | 180 g | 60 |
| Rapeseed oil | 45 g | 15 |
| Caraway, lightly crushed | 6 g | 2 |
| Salt | 6 g | 2 |

Flaky salt for the top

## Do this

1. Mix everything to a stiff dough. Rest **30 min**, covered.
2. Halve; roll each piece between two sheets of parchment to *2 mm*.
3. Score in 4 × 5 cm pieces, prick, brush with water, sprinkle flaky salt.
4. Bake at 200 °C (180 °C fan) 18–20 min, turning the tray once.
5. Break up when cold.

> Keeps three weeks in a tin.`,
    title: 'Rye crackers with caraway',
    portions: 40,
    components: [['', ['300 g Whole rye flour', '180 g Water', '45 g Rapeseed oil', '6 g Caraway', '6 g Salt', 'Flaky salt']]],
    steps: 5,
  },
  {
    manner: 'a tartare in four columns',
    text: `STANDARD RECIPE No. 47
Name: Smoked beetroot tartare with horseradish cream
Category: Starter      Portions: 12      Portion size: 90 g
Prepared by: K. Lund   Date: 14/03

Qty     Unit    Ingredient                Preparation
1.2     kg      beetroot, small           scrubbed
40      g       beech chips
80      g       shallots                  brunoise
60      g       capers                    rinsed, chopped
60      g       gherkins                  brunoise
25      g       Dijon mustard
40      ml      rapeseed oil
10      ml      raspberry vinegar
        q.s.    salt, pepper

Horseradish cream
250     g       crème fraîche
40      g       horseradish, fresh        grated
5       ml      lemon juice

Method
1  Bake beetroot in salt crust at 180 °C for 1 h 15. Cool, peel.
2  Cold smoke 20 min.
3  Cut in 3 mm dice. Mix with shallots, capers, gherkins, mustard, oil and vinegar. Season.
4  For the cream, fold the horseradish and lemon into the crème fraîche; season.
5  Press in 8 cm ring, quenelle of cream on top. Serve at 10–12 °C.

Storage: diced beetroot 2 days at 0–4 °C`,
    title: 'Smoked beetroot tartare with horseradish cream',
    portions: 12,
    components: [
      [
        '',
        [
          '1.2 kg beetroot',
          '40 g beech chips',
          '80 g shallots',
          '60 g capers',
          '60 g gherkins',
          '25 g Dijon mustard',
          '40 ml rapeseed oil',
          '10 ml raspberry vinegar',
          'salt, pepper',
        ],
      ],
      ['Horseradish cream', ['250 g crème fraîche', '40 g horseradish', '5 ml lemon juice']],
    ],
    steps: 5,
  },
  {
    manner: 'dumplings with a yield at the end',
    text: `Granny's plum dumplings - the potato ones

You want floury potatoes for this, about a kilo, boiled the day before in their skins.
1 kg boiled potatoes, peeled and riced
250 g flour plus a bit
50 g semolina
1 egg
a pinch of salt
12-14 small plums
12-14 sugar cubes
For rolling:
100 g butter
150 g breadcrumbs
sugar and cinnamon

Knead the potato with the flour, semolina, egg and salt, quickly or it gets sticky. Roll into a sausage and cut in 12-14.
Stone the plums and put a sugar cube in each one. Wrap the dough round, seal it properly!!
Simmer in salted water, never boiling, till they float, then 5 more mins.
Brown the crumbs in the butter, roll the dumplings in it. Sugar + cinnamon on top.
Makes enough for 4 as a main, 6 after soup.`,
    title: "Granny's plum dumplings - the potato ones",
    portions: 4,
    components: [
      [
        '',
        ['1 kg boiled potatoes', '250 g flour plus a bit', '50 g semolina', '1 egg', '1 pinch salt', '12-14 plums', '12-14 sugar cubes'],
      ],
      ['Rolling', ['100 g butter', '150 g breadcrumbs', 'sugar and cinnamon']],
    ],
    steps: 4,
  },
  {
    manner: 'a soup scanned under a running head',
    text: `34                              SOUPS AND BROTHS

Nettle soup
A spring soup, to be made with the first young
tops. Wear gloves when picking.

For 4—6 people

300 g (10 oz) young nettle tops
1 medium-sized onion
1 large potato, about 200 g (7 oz)
30 g (1 oz) butter
l litre (1¾ pints) vegetable stock
4 tablespoons soured cream
nutmeg, salt and pepper

Pick over the nettles, wash them in several
waters and blanch them for 1 minute in
boiling water. Refresh and squeeze dry.
Chop the onion and dice the potato. Soften
both in the butter for 10 minutes without
letting them colour. Add the stock and
simmer for 15 minutes. Add the nettles,
bring back to the boil and liquidise at once,
so that the colour holds. Season with salt,
pepper and nutmeg.
Serve with a spoonful of soured cream in
each bowl.

Variation: Use half spinach and half nettles.`,
    title: 'Nettle soup',
    portions: 4,
    components: [
      ['', ['300 g young nettle tops', '1 onion', '1 potato', '30 g butter', '1 l vegetable stock', '4 tbsp soured cream', 'nutmeg']],
    ],
    steps: 3,
  },
  {
    manner: 'a site with a bar of links and thoughts',
    text: `Skip to content
THE WOODEN SPOON LARDER
About | Recipes | Shop | Contact
Miso-glazed aubergines with sesame rice
Posted on 12 October by Hanna in Mains, Vegan
Serves: 2
Hands-on time: 15 minutes
Total time: 40 minutes

I first ate something like this at a tiny counter with six stools and have been chasing it ever since. The trick is patience: let the cut side go properly brown before the glaze goes anywhere near it.

What you'll need:

2 large aubergines
2 tablespoons sunflower oil
for the glaze:
3 tablespoons white miso
1 tablespoon mirin
1 tablespoon maple syrup
2 teaspoons rice vinegar
for the rice:
150g short-grain rice
1 tablespoon sesame seeds, toasted
2 spring onions, finely sliced

How you make it:

Heat the oven to 200°C/400°F. Halve the aubergines lengthways and score the flesh in a criss-cross.
Brush with oil and roast cut-side down on a lined tray for 20 minutes.
Meanwhile, wash the rice and cook it in 300ml water for 12 minutes, then leave covered for 10.
Whisk the glaze. Turn the aubergines over, spread the glaze on and return to the oven for 8–10 minutes, until it blisters.
Fork the sesame and spring onions through the rice and serve.

Share this:
Facebook | Pinterest | Email
3 thoughts on "Miso-glazed aubergines with sesame rice"
Olek says: I used honey and it burnt a bit
Hanna says: Honey does! Turn the heat down.
Previous post: Why I salt cucumbers`,
    title: 'Miso-glazed aubergines with sesame rice',
    portions: 2,
    components: [
      ['', ['2 aubergines', '2 tbsp sunflower oil']],
      ['Glaze', ['3 tbsp white miso', '1 tbsp mirin', '1 tbsp maple syrup', '2 tsp rice vinegar']],
      ['Rice', ['150 g short-grain rice', '1 tbsp sesame seeds', '2 spring onions']],
    ],
    steps: 5,
  },
  {
    manner: 'an enriched loaf with an order of work',
    text: `RIVERSIDE SKILLS AGENCY
Course: Bakery foundations        Session: 3 – Enriched doughs
Trainer notes / learner handout

Objectives
Learners will be able to:
• explain what fat and sugar do to gluten
• shape an even three-strand plait

PLAITED MILK LOAF (one per learner)

Materials
Strong flour        500 g
Fresh yeast         20 g
Milk, lukewarm      250 ml
Sugar               50 g
Butter, soft        75 g
Egg yolk            1
Salt                8 g
To glaze: 1 egg yolk + 1 tbsp milk
Pearl sugar         1 tbsp

Working order
Time    Activity
09:00   Crumble yeast into the milk, add sugar, wait 10 min
09:15   Mix with flour, yolk, salt; knead 5 min; add butter in pieces; knead 8 min
09:35   First proof 60 min, covered (28 °C)
10:35   Divide in 3 x 300 g, roll strands 40 cm, plait
10:50   Second proof 40 min
11:30   Glaze, pearl sugar; bake 180 °C 28–30 min
12:00   Cool; evaluation

Check questions
1. Why is butter added last?
2. How do you see that proofing is complete?`,
    title: 'PLAITED MILK LOAF',
    portions: 1,
    components: [
      ['', ['500 g Strong flour', '20 g Fresh yeast', '250 ml Milk', '50 g Sugar', '75 g Butter', '1 Egg yolk', '8 g Salt']],
      ['To glaze', ['1 egg yolk', '1 tbsp milk', '1 tbsp Pearl sugar']],
    ],
    steps: 7,
  },
  {
    manner: 'a salad in two columns, unnumbered',
    text: `PEARL BARLEY SALAD WITH ROAST CARROTS
Serves 6                                   Ready in 1 hour

INGREDIENTS                                METHOD
300 g pearl barley                         Rinse the barley and boil in plenty of
800 g carrots, scrubbed                    salted water for 30 minutes; drain.
4 tbsp olive oil                           Heat the oven to 210 °C. Toss the carrots
2 tsp cumin seeds                          with half the oil and the cumin. Roast for
1 orange, zest and juice                   35 minutes, turning once.
1 tbsp sherry vinegar                      Whisk the orange juice and zest with the
100 g feta, crumbled                       vinegar and remaining oil.
1 bunch mint, leaves only                  Dress the barley while warm. Fold in the
60 g pumpkin seeds, toasted                carrots, mint, feta and seeds. Serve warm
salt and pepper                            or at room temperature.`,
    title: 'PEARL BARLEY SALAD WITH ROAST CARROTS',
    portions: 6,
    components: [
      [
        '',
        [
          '300 g pearl barley',
          '800 g carrots',
          '4 tbsp olive oil',
          '2 tsp cumin seeds',
          '1 orange',
          '1 tbsp sherry vinegar',
          '100 g feta',
          '1 bunch mint',
          '60 g pumpkin seeds',
          'salt and pepper',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a mail with a hug',
    text: `Hi Bettina,

as promised the recipe for the walnut bread from Saturday. I make two loaves because one is always gone by evening.

600 g wholemeal spelt
400 g white spelt
20 g salt
1 tsp honey
15 g fresh yeast
ca. 680 ml water, lukewarm
200 g walnuts, roasted and roughly broken

Dissolve the yeast and honey in the water. Mix in the flours and salt, knead for 6 minutes, no more, spelt doesn't like it. Work in the nuts. Leave in the fridge overnight.
In the morning shape two loaves, into baskets, 1 hour at room temp.
Bake: 250° with steam 10 min, then 210° about 30 min.

It freezes well. Let me know how it goes!

Big hug
Marit`,
    title: 'Walnut bread',
    portions: null,
    components: [
      ['', ['600 g wholemeal spelt', '400 g white spelt', '20 g salt', '1 tsp honey', '15 g fresh yeast', '680 ml water', '200 g walnuts']],
    ],
    steps: 3,
  },
  {
    manner: 'an index card for pints',
    text: `FROM THE KITCHEN OF: Darlene
Corn Relish                     Makes 6 pints

10 c. corn kernels (about 18 ears)
1 c. chopped sweet red pepper
1 c. chopped green pepper
2 c. chopped celery
1 1/2 c. chopped onion
4 c. cider vinegar (5%)
1 1/4 c. sugar
2 Tbs. canning salt
2 tsp. celery seed
2 Tbs. dry mustard
1 tsp. turmeric

Boil ears 5 min., dip in cold water, cut corn from cob.
Combine peppers, celery, onion, sugar, vinegar, salt and celery seed. Bring to boil, simmer 5 min., stir occasionally.
Mix mustard & turmeric with 1/2 c. of the simmering mixture. Add to hot mixture with corn.
Simmer 5 min. Pack hot into pint jars, leave 1/2 in. headspace. Process 15 min. in boiling water.`,
    title: 'Corn Relish',
    portions: null,
    components: [
      [
        '',
        [
          '10 cup corn kernels',
          '1 cup sweet red pepper',
          '1 cup green pepper',
          '2 cup celery',
          '1.5 cup onion',
          '4 cup cider vinegar',
          '1.25 cup sugar',
          '2 tbsp canning salt',
          '2 tsp celery seed',
          '2 tbsp dry mustard',
          '1 tsp turmeric',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a frame of pâte de fruit',
    text: `PETIT FOURS STATION — AUTUMN
Sea buckthorn pâte de fruit
Yield: 1 frame 30 x 30 cm (100 pcs)

Sea buckthorn purée      1000 g
Sugar (1)                 100 g
Yellow pectin              25 g
Sugar (2)                 950 g
Glucose                   250 g
Citric acid solution       15 g

Mix sugar (1) and pectin. Warm purée to 40 °C, whisk in the mix, boil.
Add sugar (2) in three parts, keep boiling. Add glucose.
Cook to 107 °C / 75 °Brix. Off heat, acid in. Pour at once, set 12 h at room temp.
Cut 3 x 3, roll in sugar.

NB never cover while warm.`,
    title: 'Sea buckthorn pâte de fruit',
    portions: 100,
    components: [
      [
        '',
        ['1000 g Sea buckthorn purée', '100 g Sugar', '25 g Yellow pectin', '950 g Sugar', '250 g Glucose', '15 g Citric acid solution'],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a pickle in soup spoons',
    text: `Papa's mustard pickle

2 kilos small cucumbers
half a kilo of shallots
salt
1 litre white vinegar
250 g sugar
3 soup spoons mustard seed
1 soup spoon turmeric
2 soup spoons cornflour
1 piece fresh horseradish as long as your finger
dill flowers

Evening: wash the cucumbers, cut in thick slices. Layer with salt, leave overnight with a plate on top.
Next day: drain well. Boil vinegar, sugar, mustard seed, horseradish 10 min.
Add cucumber + shallots, once up to the boil and off.
Mix turmeric and cornflour with a bit of cold vinegar, stir in, simmer 3 mins till thick.
Hot into jars with the dill, lids on, upside down.
Wait 4 weeks!`,
    title: "Papa's mustard pickle",
    portions: null,
    components: [
      [
        '',
        [
          '2 kg small cucumbers',
          '0.5 kg shallots',
          'salt',
          '1 l white vinegar',
          '250 g sugar',
          '3 soup spoons mustard seed',
          '1 soup spoon turmeric',
          '2 soup spoons cornflour',
          '1 fresh horseradish as long as your finger',
          'dill flowers',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'crispbread in two systems',
    text: `BREADS                                                        201

RYE CRISPBREAD

Makes 12 rounds

METRIC                 IMPERIAL
300 g     rye flour      10½ oz
100 g     plain flour    3½ oz
1½ tsp    salt
1 tsp     aniseed, crushed
15 g      fresh yeast    ½ oz
250 ml    milk           9 fl oz

Heat the milk to hand-warm and crumble in
the yeast. Stir in the flours, salt and ani-
seed and work to a sticky dough. Leave to
rise for 1 hour.
Divide into twelve. Roll each piece out on
rye flour as thin as you can, prick all over
and cut a hole in the middle. Bake on a hot
stone at 250°C (480°F, gas 9) for 4-5 min-
utes. Cool on a rack; hang up to dry.`,
    title: 'RYE CRISPBREAD',
    portions: 12,
    components: [['', ['300 g rye flour', '100 g plain flour', '1.5 tsp salt', '1 tsp aniseed', '15 g fresh yeast', '250 ml milk']]],
    steps: 2,
  },
  {
    manner: 'a site with toggles and figures alone',
    text: `Creamy white bean & sage soup
4.8
(96)
Serves 4 · 35 mins · Vegetarian
US | Metric
Ingredients
Deselect All
2 tablespoons olive oil, plus extra to serve
1 large leek, white and light green parts, thinly sliced (about 2 cups)
3 garlic cloves, smashed
8 fresh sage leaves
2 (400-g) tins cannellini beans, drained
3 cups (720 ml) low-salt vegetable broth
1 parmesan rind (optional)
1/2 teaspoon chilli flakes
Juice of 1/2 lemon
Kosher salt and freshly ground black pepper
Directions
1
Warm the oil in a heavy pot over medium heat. Add the leek and a pinch of salt and cook until soft, about 8 minutes.
2
Stir in the garlic, sage and chilli flakes; cook 1 minute. Add the beans, broth and parmesan rind. Simmer gently, 15 minutes.
3
Fish out the rind. Blend half the soup until smooth and return it to the pot. Stir in the lemon juice and season.
4
Ladle into bowls, drizzle with oil and grind over some pepper.
Cook's Note
The soup thickens as it stands; loosen it with water.
Categories: Soup, Beans, Weeknight`,
    title: 'Creamy white bean & sage soup',
    portions: 4,
    components: [
      [
        '',
        [
          '2 tbsp olive oil',
          '1 leek',
          '3 clove garlic',
          '8 leaf fresh sage',
          '2 tin cannellini beans',
          '3 cup low-salt vegetable broth',
          '1 parmesan rind',
          '0.5 tsp chilli flakes',
          '0.5 lemon',
          'Kosher salt and freshly ground black pepper',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a practical in pairs',
    text: `Practical 9 – Emulsified sauces / Group B
Cook in pairs. Each pair produces two portions.

Poached leeks, warm hazelnut mayonnaise, rye crumbs

Leeks:
6 young leeks
20 g butter
100 ml vegetable stock

Mayonnaise:
1 egg yolk
5 g mustard
120 ml sunflower oil
30 ml hazelnut oil
10 ml sherry vinegar

Crumbs:
60 g dark rye bread
15 g butter

Method
Leeks: trim, wash, and braise in stock and butter at 85 °C core, about 12 minutes under paper.
Mayonnaise: whisk yolk and mustard over a bowl of warm water (max. 45 °C), add the oils drop by drop, then in a thread; vinegar last.
Crumbs: tear the bread, fry in butter until crisp, salt.
Plate up: leeks in a row, sauce beside, crumbs over one end.

Critical points: yolk and oil at the same temperature; sauce not above 50 °C.
Clear down by 15.40`,
    title: 'Poached leeks, warm hazelnut mayonnaise, rye crumbs',
    portions: 2,
    components: [
      ['Leeks', ['6 young leeks', '20 g butter', '100 ml vegetable stock']],
      ['Mayonnaise', ['1 egg yolk', '5 g mustard', '120 ml sunflower oil', '30 ml hazelnut oil', '10 ml sherry vinegar']],
      ['Crumbs', ['60 g dark rye bread', '15 g butter']],
    ],
    steps: 4,
  },
  {
    manner: 'two lists beside each other for twenty',
    text: `LENTIL SHEPHERD'S PIE                     for 20

Filling                        Topping
1.2 kg brown lentils           3 kg floury potatoes
600 g onions, diced            300 g butter
400 g carrots, diced           500 ml hot milk
300 g celery, diced            200 g mature cheddar
2 tins (800 g) tomatoes        nutmeg
60 g tomato paste              salt, white pepper
1.5 l stock
Thyme, bay, Worcester-style sauce

1) Boil lentils 20 min, drain.
2) Sweat veg in oil 12 min, paste in, cook out.
3) Tomatoes, stock, herbs, lentils. Simmer 30 min. Adjust.
4) Steam potatoes, rice them, beat in butter, milk. Season.
5) Filling in 2 GN 1/1, topping piped on, cheese. 190 °C 25 min.`,
    title: "LENTIL SHEPHERD'S PIE",
    portions: 20,
    components: [
      [
        'Filling',
        [
          '1.2 kg brown lentils',
          '600 g onions',
          '400 g carrots',
          '300 g celery',
          '2 tin tomatoes',
          '60 g tomato paste',
          '1.5 l stock',
          'Thyme',
        ],
      ],
      ['Topping', ['3 kg floury potatoes', '300 g butter', '500 ml hot milk', '200 g mature cheddar', 'nutmeg', 'salt, white pepper']],
    ],
    steps: 5,
  },
  {
    manner: 'a quoted mail with a jug',
    text: `> On 3 May, Rui wrote:
> Could you send me the dressing from Tuesday?
>
Of course!
Buttermilk herb dressing, for about half a litre:
300 ml buttermilk
150 g mayonnaise
2 tbsp cider vinegar
1 small garlic clove, grated
chives, dill, parsley - a big handful altogether, chopped
1/2 tsp onion powder
S&P
Whisk it all and leave it an hour before you use it. Keeps four days in the fridge.
Rui, bring back my jug please
x A`,
    title: 'Buttermilk herb dressing',
    portions: null,
    components: [
      [
        '',
        [
          '300 ml buttermilk',
          '150 g mayonnaise',
          '2 tbsp cider vinegar',
          '1 clove garlic',
          '1 handful chives',
          '0.5 tsp onion powder',
          'salt and pepper',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a caption with drawn keys',
    text: `LEMONY ORZO w/ PEAS & RICOTTA 🍋✨ save this for a busy Tuesday!

Serves 3-4 | 20 min

🍋 300g orzo
🍋 200g frozen peas
🍋 250g ricotta
🍋 1 lemon (zest + juice)
🍋 40g parmesan, finely grated
🍋 1 clove garlic
🍋 big glug olive oil
🍋 mint

HOW TO:
1️⃣ Cook orzo in salted water 2 mins less than packet says, add peas for the last minute.
2️⃣ Save a mug of the water, drain.
3️⃣ Loosen ricotta with a splash of water, lemon zest + juice, garlic, oil.
4️⃣ Toss together, add parm, more water till glossy. Mint on top. Done!!

Follow for more easy dinners 💛
#orzo #weeknightdinner #lemon`,
    title: 'LEMONY ORZO w/ PEAS & RICOTTA',
    portions: 3,
    components: [
      [
        '',
        ['300 g orzo', '200 g frozen peas', '250 g ricotta', '1 lemon', '40 g parmesan', '1 clove garlic', 'big glug olive oil', 'mint'],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'crumpets for a station',
    text: `Recipe: Sourdough crumpets
Station: Breakfast | Batch: 30 | Shelf life: 3 days

Starter, ripe          450g
Strong white flour     300g
Whole milk             350ml
Water                  250ml
Sugar                  15g
Salt                   12g
Bicarbonate of soda    6g
Butter for rings       as needed

1) Combine everything but the bicarb. Cover, 4 hrs at 24C.
2) Dissolve the bicarb in 20ml water and beat in.
3) Griddle at 170C. Greased rings, 60ml batter each. 8 min first side until holes set, flip 1 min.
4) Cool on racks. Date label.

To serve: toast 3 min, cultured butter, honey.`,
    title: 'Sourdough crumpets',
    portions: 30,
    components: [
      [
        '',
        [
          '450 g Starter',
          '300 g Strong white flour',
          '350 ml Whole milk',
          '250 ml Water',
          '15 g Sugar',
          '12 g Salt',
          '6 g Bicarbonate of soda',
          'Butter for rings',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a traybake of a sister',
    text: `Sister's rhubarb streusel traybake :)

Dough
 300 g flour
 1 sachet baking powder
 100 g sugar
 125 g quark
 5 tbsp milk
 5 tbsp oil
On top
 1 kg rhubarb
Streusel
 250 g flour
 150 g sugar
 150 g butter

Peel rhubarb, cut in 2 cm bits. Mix dough ingredients with the dough hooks, roll out on the tray (greased). Rhubarb on. Rub streusel together, over the top. 180 degrees fan, 35-40 min. Eat warm with whipped cream, nobody counts.`,
    title: "Sister's rhubarb streusel traybake :)",
    portions: null,
    components: [
      ['Dough', ['300 g flour', '1 packet baking powder', '100 g sugar', '125 g quark', '5 tbsp milk', '5 tbsp oil']],
      ['On top', ['1 kg rhubarb']],
      ['Streusel', ['250 g flour', '150 g sugar', '150 g butter']],
    ],
    steps: 1,
  },
  {
    manner: 'beans from an old book',
    text: `from "The Allotment Year", page 62

RUNNER BEANS WITH SAVORY & TOMATO

Enough for four as a side dish, two as a meal with bread.

1 lb runner beans, strung and cut slantwise
3 tablespoonfuls olive oil
1 onion, chopped small
2 cloves garlic
1 lb ripe tomatoes, or a 14-oz tin
1 tea-spoonful sugar
A few sprigs of winter savory
Salt & pepper

Heat the oil in a heavy pan and let the onion melt in it, ten minutes or so. Add the garlic, then the tomatoes, skinned and roughly cut up, the sugar and the savory. Let this bubble down to a jammy sauce — a quarter of an hour. Put in the beans with a wineglass of water, cover, and cook gently till they are quite tender, about half an hour; they should not be green and squeaky. Eat warm or cold.`,
    title: 'RUNNER BEANS WITH SAVORY & TOMATO',
    portions: 4,
    components: [
      [
        '',
        [
          '1 lb runner beans',
          '3 tbsp olive oil',
          '1 onion',
          '2 clove garlic',
          '1 lb ripe tomatoes',
          '1 tsp sugar',
          '3 sprig winter savory',
          'Salt & pepper',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'cabbage from a test kitchen',
    text: `Roasted Cabbage Wedges With Caraway Butter
By the Test Kitchen
Published Nov 2
★★★★★ (58)
Active Time: 15 mins
Total Time: 1 hr
Yield: 6 servings

INGREDIENTS
1 medium green cabbage (about 2 1/2 pounds)
3 tablespoons neutral oil
1 1/4 teaspoons kosher salt, divided
6 tablespoons unsalted butter, at room temperature
2 teaspoons caraway seeds, toasted and lightly crushed
1 teaspoon grated lemon zest plus 1 tablespoon juice
2 tablespoons chopped fresh dill
Flaky sea salt, for serving

DIRECTIONS
Preheat oven to 425°F with rack in lower third. Cut cabbage through core into 6 wedges. Place on a rimmed baking sheet; drizzle with oil and sprinkle with 1 teaspoon salt.
Roast until browned on bottom, about 25 minutes. Flip; roast until tender, 20 minutes more.
Meanwhile, stir together butter, caraway, zest, juice, dill and remaining 1/4 teaspoon salt.
Transfer cabbage to a platter; dot with butter. Sprinkle with flaky salt.

MAKE AHEAD
The butter can be refrigerated up to 5 days.

Nutrition (per serving)
210 cal; 19g fat; 9g carbs; 2g protein`,
    title: 'Roasted Cabbage Wedges With Caraway Butter',
    portions: 6,
    components: [
      [
        '',
        [
          '1 green cabbage',
          '3 tbsp neutral oil',
          '1.25 tsp kosher salt',
          '6 tbsp unsalted butter',
          '2 tsp caraway seeds',
          '1 tsp lemon zest',
          '2 tbsp fresh dill',
          'Flaky sea salt',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'two numbered recipes of one lesson',
    text: `WEEK 5: VEGETABLE COOKERY – GLAZING AND BRAISING
Lesson outcome: students glaze root vegetables to a shine with tender centre

Recipe 5a  Glazed turnips (per student)
200 g young turnips
20 g butter
10 g sugar
3 g salt
150 ml water

1. Turn or cut turnips to an even size.
2. Place in one layer with butter, sugar, salt and water; cover with a cartouche.
3. Simmer 12 min; uncover, reduce and roll until shiny.

Recipe 5b  Braised lettuce (per pair)
2 heads little gem
30 g butter
50 g carrot, 50 g onion, both in fine dice
150 ml vegetable stock

1. Blanch lettuces 1 min, refresh, press.
2. Sweat dice in butter 5 min. Lay lettuces in, stock halfway.
3. Cover, 160 °C, 30 min. Glaze with the reduced liquor.

Homework: read the chapter on starch.`,
    title: 'Glazed turnips',
    portions: 1,
    components: [
      ['', ['200 g young turnips', '20 g butter', '10 g sugar', '3 g salt', '150 ml water']],
      ['Braised lettuce', ['2 head little gem', '30 g butter', '50 g carrot', '50 g onion', '150 ml vegetable stock']],
    ],
    steps: 6,
  },
  {
    manner: 'a bake in two languages',
    text: `CHERRY CLAFOUTIS-STYLE BUCKWHEAT BAKE

Zutaten / Ingredients (6 pers.)
500 g Kirschen / cherries
100 g Buchweizenmehl / buckwheat flour
80 g Zucker / sugar
4 Eier / eggs
300 ml Milch / milk
1 Prise Salz / pinch salt
Butter für die Form / for the dish

Preparation
Heat oven 180 °C. Butter the dish, spread the cherries.
Whisk the rest to a smooth batter, leave 15 min, pour over.
Bake 35-40 min until just set. Dust with icing sugar.`,
    title: 'CHERRY CLAFOUTIS-STYLE BUCKWHEAT BAKE',
    portions: 6,
    components: [
      [
        '',
        [
          '500 g Kirschen / cherries',
          '100 g Buchweizenmehl / buckwheat flour',
          '80 g Zucker / sugar',
          '4 Eier / eggs',
          '300 ml Milch / milk',
          '1 Prise Salz / pinch salt',
          'Butter für die Form /',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'quantities in a letter',
    text: `Dear Mr Haug

Please find attached the quantities for Thursday's sitting (54 covers), white asparagus menu.

Cold sauce gribiche-style with herbs
Quark 20%: 2.5 kg
Mayonnaise: 1 kg
Capers (drained): 250 g
Cornichons: 300 g
Chervil, tarragon, parsley, mixed: 200 g
Mustard, medium: 100 g

Potatoes
New potatoes, waxy: 9 kg
Butter: 600 g
Coarse salt

The sauce to be made on Wednesday afternoon and held below 5 °C. Potatoes boiled in their skins on the day from 11.15, in three lots.

Kind regards
P. Aune, Banqueting`,
    title: 'Cold sauce gribiche-style with herbs',
    portions: 54,
    components: [
      ['', ['2.5 kg Quark 20%', '1 kg Mayonnaise', '250 g Capers', '300 g Cornichons', '200 g Chervil', '100 g Mustard']],
      ['Potatoes', ['9 kg New potatoes', '600 g Butter', 'Coarse salt']],
    ],
    steps: 1,
  },
  {
    manner: 'a curry told in small letters',
    text: `how i make chickpea curry on a weeknight

so u need
tin chickpeas, tin coconut milk, onion, 3 garlic, thumb ginger, 2 tbsp curry paste, spinach, lime

fry onion til golden (be patient like 10 mins)
garlic n ginger in, 1 min
paste, 1 min
chickpeas + coconut milk, simmer 15
spinach, lime, done
serves 2 hungry ppl or 3 normal`,
    title: 'chickpea curry on a weeknight',
    portions: 2,
    components: [
      ['', ['tin chickpeas', 'tin coconut milk', 'onion', '3 garlic', '1 thumb ginger', '2 tbsp curry paste', 'spinach', 'lime']],
    ],
    steps: 5,
  },
  {
    manner: 'a spec sheet by element with a column of method',
    text: `Dish	Hispi cabbage, smoked yoghurt, crisp barley
Cover	20
Element	Ingredient	Qty	Unit	Method
Cabbage	Hispi cabbage	5	ea	Quarter, char on plancha 4 min a side
	Butter	250	g	Brown, baste
	Sherry vinegar	50	ml	Dress at the end
Smoked yoghurt	Greek yoghurt	1.5	kg	Cold smoke 30 min
	Lemon juice	40	ml	
	Salt	15	g	
Crisp barley	Pearl barley	400	g	Boil 35 min, dry 3 h at 80 °C
	Oil for frying	1	l	Fry at 200 °C, 10 s`,
    title: 'Hispi cabbage, smoked yoghurt, crisp barley',
    portions: 20,
    components: [
      ['Cabbage', ['5 Hispi cabbage', '250 g Butter', '50 ml Sherry vinegar']],
      ['Smoked yoghurt', ['1.5 kg Greek yoghurt', '40 ml Lemon juice', '15 g Salt']],
      ['Crisp barley', ['400 g Pearl barley', '1 l Oil']],
    ],
    steps: 6,
  },
  {
    manner: 'marmalade with what it gave',
    text: `Marmalade (Jan 2019, best so far)
1.2 kg Sevilles
2.4 kg sugar
2.5 l water
juice 2 lemons

Halve, squeeze, keep pips in muslin. Shred peel by hand (medium).
Soak all overnight.
Simmer 2 hrs till peel squashes between fingers.
Squeeze muslin in.
Warm sugar in oven, add, dissolve slowly!
Rolling boil — set at 104.5, took 22 min.
Rest 15 min so peel doesn't float. Pot.
Got 9 jars + a bit`,
    title: 'Marmalade (Jan 2019, best so far)',
    portions: null,
    components: [['', ['1.2 kg Sevilles', '2.4 kg sugar', '2.5 l water', '2 lemons']]],
    steps: 7,
  },
  {
    manner: 'a soup in a magazine under its series',
    text: `SUMMER TABLE

Cold tomato soup with bread and basil oil
Serves 4–6 | Takes 25 minutes, plus chilling | V

You want tomatoes that smell of tomatoes here. If yours don't, roast them first.

1kg very ripe tomatoes, cored
120g stale white bread, crusts off
1 small clove garlic
2 tsp sherry vinegar, or more to taste
100ml good olive oil
FOR THE BASIL OIL
50g basil, stalks included
120ml mild olive oil

1 Chop the tomatoes, put them in a bowl with the bread, torn up, the garlic, a teaspoon of salt and the vinegar. Leave for 30 minutes.
2 Blend for 3 minutes until very smooth, then pour in the oil slowly with the motor running. Pass through a sieve. Chill for at least 2 hours.
3 For the oil, blanch the basil for 15 seconds, plunge into iced water and squeeze dry. Blend with the oil for 2 minutes, then drip through a cloth without pressing.
4 Season the soup again now it is cold, and serve with a thread of green oil.

PER SERVING (6) 262 cals, fat 22g (3g sat), carbs 14g, sugars 6g`,
    title: 'Cold tomato soup with bread and basil oil',
    portions: 4,
    components: [
      ['', ['1 kg very ripe tomatoes', '120 g stale white bread', '1 clove garlic', '2 tsp sherry vinegar', '100 ml good olive oil']],
      ['Basil oil', ['50 g basil', '120 ml mild olive oil']],
    ],
    steps: 4,
  },
  {
    manner: 'a central kitchen’s sheet with steps P1 to P5',
    text: `PRODUCTION SHEET — CENTRAL KITCHEN
Item: Vegetable moussaka (V)      Code 4417
Batch: 120 portions @ 280 g       Tray: GN 1/1-65, 12 per tray

RAW MATERIAL                 PER 120     UNIT
Aubergine slices, frozen     14.0        kg
Potato slices, steamed       9.0         kg
Onion diced                  3.0         kg
Green lentils, cooked        6.0         kg
Chopped tomato               7.5         kg
Tomato puree                 0.9         kg
Garlic puree                 0.15        kg
Oregano dried                30          g
Bechamel (recipe 2003)       10.0        kg
Hard cheese grated           1.8         kg

PROCESS
P1 Sauce: sweat onion in kettle 15 min, add garlic, tomato, lentils, oregano; cook to 85 °C.
P2 Layer: 1.1 kg aubergine, 2.1 kg sauce, 0.75 kg potato per tray. Repeat aubergine.
P3 Top with 0.83 kg bechamel, 150 g cheese.
P4 Bake 165 °C combi 40 min, core >75 °C (CCP2 record).
P5 Blast chill to <5 °C in 90 min. Label. Life D+3.`,
    title: 'Vegetable moussaka',
    portions: 120,
    components: [
      [
        '',
        [
          '14 kg Aubergine slices',
          '9 kg Potato slices',
          '3 kg Onion',
          '6 kg Green lentils',
          '7.5 kg tomato',
          '0.9 kg Tomato puree',
          '0.15 kg Garlic puree',
          '30 g Oregano dried',
          '10 kg Bechamel',
          '1.8 kg Hard cheese',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a bench list in a mail',
    text: `Subject: Friday - pavlova

Hello all,
For Friday's pavlova session here's what each bench needs.

Meringue
4 egg whites (about 140 g)
225 g caster sugar
1 tsp cornflour
1 tsp white wine vinegar
Filling
300 ml double cream
2 passion fruits
1 ripe mango
a few raspberries if they look decent

Whites to soft peaks, sugar in a spoon at a time, then 3 minutes more until stiff and shiny. Fold in cornflour and vinegar. Spread in an 18 cm round, higher at the edge. 120 °C for 1 hr 15, then leave in the oven with the door ajar.
Cream softly whipped, fruit on top, no earlier than an hour before serving.

Pls bring a flat plate to take it home on.
Thanks
Jo`,
    title: 'Friday - pavlova',
    portions: null,
    components: [
      ['Meringue', ['4 egg whites', '225 g caster sugar', '1 tsp cornflour', '1 tsp white wine vinegar']],
      ['Filling', ['300 ml double cream', '2 passion fruits', '1 ripe mango', 'raspberries if they look decent']],
    ],
    steps: 2,
  },
  {
    manner: 'walnuts to the hundred',
    text: `To pickle walnuts green.
Gather them before the shell is hard, about the end of June. Prick them well, and lay them in a strong brine for nine days, changing it every third. Drain and set them in the sun till black. To each hundred walnuts put two quarts of vinegar, two ounces of whole pepper, one ounce of allspice, an ounce of bruised ginger and a stick of horse-radish sliced. Boil ten minutes, pour over hot, and tie down when cold. Fit to eat in three months.`,
    title: 'To pickle walnuts green',
    portions: null,
    components: [
      ['', ['100 walnuts', '2 quart vinegar', '2 oz whole pepper', '1 oz allspice', '1 oz bruised ginger', '1 stick horse-radish']],
    ],
    steps: 2,
  },
  {
    manner: 'flatbreads with named steps',
    text: `Turmeric cauliflower flatbreads
Let's make flatbreads that puff. No yeast needed!

Makes 4 flatbreads

The dough:
• 200 g self-raising flour
• 150 g plain yoghurt
• ½ tsp salt
The topping:
• ½ cauliflower, in tiny florets
• 1 tbsp oil
• 1 tsp turmeric
• 80 g hummus
• 1 small pickled red onion

Step one: make the dough
Mix flour, yoghurt and salt. Knead for a minute, cover, and leave for 20 minutes.
Step two: roast the cauliflower
Toss the florets with oil, turmeric and salt. Roast at 220°C for 18–20 minutes.
Step three: cook the breads
Roll out 4 rounds, 3 mm thick. Cook in a very hot dry pan, 1½ minutes on each side.
Step four: put it together
Spread with hummus, pile on the cauliflower, finish with onion.

Tried it? Leave me a comment below!`,
    title: 'Turmeric cauliflower flatbreads',
    portions: 4,
    components: [
      ['Dough', ['200 g self-raising flour', '150 g plain yoghurt', '0.5 tsp salt']],
      ['Topping', ['0.5 cauliflower', '1 tbsp oil', '1 tsp turmeric', '80 g hummus', '1 pickled red onion']],
    ],
    steps: 4,
  },
  {
    manner: 'a crumble with figures in its words',
    text: `Apple & Bramble Crumble            Serves 8

1.2kg cooking apples, peeled, cored and
      thickly sliced
300g brambles
12Og caster sugar
Topping
250g plain f1our
125g butter
100g demerara sugar
50g rolled oats

1. Oven 190°C. Apples, brambles and sugar into a 2.5 1itre dish.
2. Rub butter into flour. Stir in demerara and
oats. Scatter loosely over fruit.
3. Bake 40-45 min till bubbling at the edges.
Stand 10 min.`,
    title: 'Apple & Bramble Crumble',
    portions: 8,
    components: [
      ['', ['1.2 kg cooking apples', '300 g brambles', '120 g caster sugar']],
      ['Topping', ['250 g plain flour', '125 g butter', '100 g demerara sugar', '50 g rolled oats']],
    ],
    steps: 4,
  },
  {
    manner: 'mustard seeds in grams throughout',
    text: `Pickled mustard seeds (base recipe)
mustard seeds, yellow 200
vinegar, white wine 300
water 200
sugar 120
salt 8
everything in grams
blanch seeds 3x from cold
simmer in liquor 40 min low
keep fridge 1 month`,
    title: 'Pickled mustard seeds (base recipe)',
    portions: null,
    components: [['', ['200 g mustard seeds', '300 g vinegar', '200 g water', '120 g sugar', '8 g salt']]],
    steps: 3,
  },
  {
    manner: 'a forum’s fritters',
    text: `Re: what do you do with a glut of kohlrabi?
Posted by gardenkat » Tue Aug 06, 2024 9:14 pm

We do fritters. This is for about 12:

2 kohlrabi (500g after peeling), grated
1 carrot, grated
1 tsp salt
2 eggs
4 tbsp flour
bunch of dill
oil for the pan

Salt the grated veg, wait 10 mins, wring it out in a tea towel really hard. Mix with the rest, fry spoonfuls 3 mins a side. Good with yoghurt.

_________________
Too many slugs, not enough time`,
    title: 'what do you do with a glut of kohlrabi?',
    portions: 12,
    components: [['', ['2 kohlrabi', '1 carrot', '1 tsp salt', '2 eggs', '4 tbsp flour', '1 bunch dill', 'oil']]],
    steps: 1,
  },
  {
    manner: 'a damson cheese by proportion',
    text: `DAMSON CHEESE
Take any quantity of damsons, ripe but not soft. Stew them in a stone jar till they part from the stones, and rub through a hair sieve. To every pound of the pulp allow three quarters of a pound of loaf sugar. Boil together, stirring without cease, for one hour and a half, until a spoon drawn across leaves the pan clean. Press into small moulds and cover when cold. It will keep a year.`,
    title: 'DAMSON CHEESE',
    portions: null,
    components: [['', ['1 lb pulp', '0.75 lb loaf sugar']]],
    steps: 2,
  },
  {
    manner: 'a remoulade for thirty',
    text: `HARBOUR HOUSE KITCHEN
Recipe: Celeriac remoulade with apple           Ref: GM-22
Yield: 3 kg / 30 portions of 100 g              Date: 02.09

INGREDIENT               QTY        UNIT      REMARKS
Celeriac, peeled         1.8        kg        julienne
Green apple              600        g         julienne, last minute
Mayonnaise               500        g         see GM-03
Wholegrain mustard       80         g
Lemon juice              60         ml
Parsley, flat            30         g         chiffonade
Salt                     20         g
White pepper             2          g

METHOD
1. Julienne celeriac, toss at once with lemon and half the salt. Stand 20 min, squeeze.
2. Mix mayonnaise and mustard.
3. Fold in celeriac, apple and parsley. Adjust.
HOLD: 2 days at 0-4 °C without apple.`,
    title: 'Celeriac remoulade with apple',
    portions: 30,
    components: [
      [
        '',
        [
          '1.8 kg Celeriac',
          '600 g Green apple',
          '500 g Mayonnaise',
          '80 g Wholegrain mustard',
          '60 ml Lemon juice',
          '30 g Parsley',
          '20 g Salt',
          '2 g White pepper',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a curd of a mother',
    text: `MUM'S LEMON CURD

4 lemons (zest and juice)
200g sugar
100g butter cut in bits
3 eggs + 1 yolk

Put everything except the eggs in a bowl over simmering water and stir till the sugar has gone.
Beat the eggs and strain them in. Keep stirring!! about 10 mins, it should coat a spoon. Don't let it boil or you get scrambled egg
Into hot jars. Keeps a fortnight in the fridge. Makes 2 small jars.`,
    title: "MUM'S LEMON CURD",
    portions: null,
    components: [['', ['4 lemons', '200 g sugar', '100 g butter', '3 eggs', '1 egg yolk']]],
    steps: 3,
  },
  {
    manner: 'beans from a garden book',
    text: `56                      FROM THE GARDEN

BROAD BEANS WITH
     SUMMER SAVORY

Serves four

2 kg (4½ lb) young broad beans, in their pods
40 g (1½ oz) butter
1 lettuce heart, shredded
150 ml (¼ pint) light vege-
   table stock
2 teaspoons chopped summer savory
4 tablespoons crème fraîche

Pod the beans. Melt the butter in a wide pan, add
the lettuce and let it wilt for 1 minute. Add the
beans and the stock, cover and simmer for 5 to 8
minutes according to their size. Uncover, stir in
the savory and the crème fraîche, and boil for a
minute until the sauce just coats the beans.
Season and serve at once.`,
    title: 'BROAD BEANS WITH SUMMER SAVORY',
    portions: 4,
    components: [
      [
        '',
        [
          '2 kg young broad beans',
          '40 g butter',
          '1 lettuce heart',
          '150 ml light vegetable stock',
          '2 tsp summer savory',
          '4 tbsp crème fraîche',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'flapjacks under the name of a site',
    text: `The Tuesday Tin
Home  Recipes  Seasons  About
Sticky date flapjacks
12 comments / Baking / By Robyn
I have lost count of how many times I've been asked for these.
Makes 16
Takes 45 minutes
INGREDIENTS
250g pitted dates, chopped
150ml boiling water
1/2 tsp bicarbonate of soda
200g butter
100g light muscovado sugar
3 tbsp golden syrup
350g porridge oats
50g pumpkin seeds
METHOD
Pour the boiling water over the dates with the bicarb. Leave for 10 minutes, then mash.
Preheat the oven to 170°C/150°C fan. Line a 20cm square tin.
Melt the butter, sugar and syrup gently. Stir in the oats and seeds.
Press half into the tin, spread over the dates, top with the rest.
Bake for 25-30 minutes until golden. Cool completely before cutting.
You might also like
Oaty plum crumble
Honeycomb bark
Leave a comment
Your email address will not be published.`,
    title: 'Sticky date flapjacks',
    portions: 16,
    components: [
      [
        '',
        [
          '250 g pitted dates',
          '150 ml boiling water',
          '0.5 tsp bicarbonate of soda',
          '200 g butter',
          '100 g light muscovado sugar',
          '3 tbsp golden syrup',
          '350 g porridge oats',
          '50 g pumpkin seeds',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'lentils of a unit',
    text: `CATERING DEPARTMENT – LEVEL 2 DIPLOMA
Unit 207 Prepare and cook vegetable dishes
Practical 4: Braised red lentils with crisp onions
Number of covers: 4

Ingredients
Red lentils 250 g
Onions 300 g
Garlic 2 cloves
Cumin seed 1 tsp
Turmeric 1/2 tsp
Vegetable stock 750 ml
Vegetable oil 50 ml
Fresh coriander 1/4 bunch
Lemon 1/2

Method of work
1. Wash the lentils until the water runs clear.
2. Slice two thirds of the onion thinly; finely chop the rest.
3. Fry the sliced onion in the oil over a medium heat for 12-15 minutes until crisp. Drain, keep the oil.
4. In a little of the oil, sweat the chopped onion, garlic and spices for 4 minutes.
5. Add lentils and stock; simmer for 20 minutes, stirring, until they fall.
6. Season with salt and lemon. Serve with onions and coriander.

Critical points: onions turn bitter past deep gold; lentils catch.
Evidence: photograph, tutor observation, costing sheet`,
    title: 'Braised red lentils with crisp onions',
    portions: 4,
    components: [
      [
        '',
        [
          '250 g Red lentils',
          '300 g Onions',
          '2 clove Garlic',
          '1 tsp Cumin seed',
          '0.5 tsp Turmeric',
          '750 ml Vegetable stock',
          '50 ml Vegetable oil',
          '0.25 bunch Fresh coriander',
          '0.5 Lemon',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a soup beside its method',
    text: `Beetroot and horseradish soup          Serves 6

Ingredients                            Method
700 g raw beetroot                     Peel and dice the beetroot and potato.
200 g floury potato                    Sweat the onion in the butter for 8 minutes.
1 onion, sliced                        Add the vegetables and the stock, cover
30 g butter                            and simmer for 35 minutes.
1.2 litres vegetable stock             Blend until smooth. Stir in the vinegar
2 tbsp cider vinegar                   and season.
3 tbsp grated horseradish              Mix the horseradish into the soured cream
150 ml soured cream                    and float a spoonful on each bowl.`,
    title: 'Beetroot and horseradish soup',
    portions: 6,
    components: [
      [
        '',
        [
          '700 g raw beetroot',
          '200 g floury potato',
          '1 onion',
          '30 g butter',
          '1.2 l vegetable stock',
          '2 tbsp cider vinegar',
          '3 tbsp horseradish',
          '150 ml soured cream',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a chutney in a letter',
    text: `Hello Sabine,
here's the tomato chutney you liked. It's my aunt's.

2 kg tomatoes (green ones work too)
500 g onions
500 g apples
400 g brown sugar
500 ml malt vinegar
2 tsp salt
1 tbsp mustard seeds
1 tsp ground ginger
a good pinch of cayenne

Chop everything small. All in a big pan, bring up slowly and stir till the sugar dissolves. Then 1 1/2 to 2 hours at a bare simmer till a spoon leaves a trail. Pot while hot - makes about 8 jars. Leave it six weeks if you can bear to.

Love to all of you
Ruth`,
    title: 'Tomato chutney',
    portions: null,
    components: [
      [
        '',
        [
          '2 kg tomatoes',
          '500 g onions',
          '500 g apples',
          '400 g brown sugar',
          '500 ml malt vinegar',
          '2 tsp salt',
          '1 tbsp mustard seeds',
          '1 tsp ground ginger',
          '1 pinch cayenne',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a crisp in a skillet',
    text: `Skillet Apple Crisp
Prep Time: 15 min | Cook Time: 40 min | Servings: 8

For the apples:
3 lbs. Granny Smith apples (about 7), peeled, cored & sliced 1/4" thick
1/3 c. packed brown sugar
1 Tbsp. lemon juice
1 tsp. cinnamon
For the topping:
3/4 c. old-fashioned oats
3/4 c. all-purpose flour
1/2 c. packed brown sugar
1/4 tsp. salt
1 stick cold butter, cubed

Heat oven to 375°F.
Toss apples with brown sugar, lemon juice and cinnamon in a 10-inch skillet.
Combine oats, flour, brown sugar and salt; rub in butter until clumpy. Scatter over apples.
Bake until topping is golden and apples bubble, 40 min. Cool 10 min before serving.
Notes: Can be made a day ahead; rewarm at 300°F for 15 min.`,
    title: 'Skillet Apple Crisp',
    portions: 8,
    components: [
      ['Apples', ['3 lb Granny Smith apples', '0.333 cup packed brown sugar', '1 tbsp lemon juice', '1 tsp cinnamon']],
      [
        'Topping',
        ['0.75 cup old-fashioned oats', '0.75 cup all-purpose flour', '0.5 cup packed brown sugar', '0.25 tsp salt', '1 stick butter'],
      ],
    ],
    steps: 4,
  },
];
