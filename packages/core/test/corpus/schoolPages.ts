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
    components: [['', ['4 lemons', '200 g sugar', '100 g butter', '3 eggs']]],
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
];
