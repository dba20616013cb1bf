import type { Page } from './pages';

/** Pages of kitchens, colleges and schools, as the reader gave them, looked over line by line by eye and held here so that they stay; see `pages.ts`. */
export const KITCHEN_PAGES: readonly Page[] = [
  {
    manner: 'a college card with four columns',
    text: `CULINARY ARTS LEVEL 2 – UNIT 207
Recipe: Vegetable Samosas           Yield: 20 pcs
Commodity            Qty      Unit    Prep
Plain flour          300      g       sifted
Ghee                 60       g       melted
Warm water           120      ml
Potatoes             400      g       1 cm dice
Peas                 100      g
Cumin seed           1        tsp
Green chilli         2        no.     fine chop
Coriander            1/2      bunch   chopped
Method
1 Rub ghee into flour, add water, knead 5 min. Rest 30 min.
2 Boil potatoes 8 min, drain.
3 Fry cumin, chilli; add potato and peas. Cool to below 8 °C.
4 Roll 15 cm discs, cut in half, fill, seal.
5 Fry 170 °C 6-7 min. Drain.
Critical: oil never above 190 °C
Equipment: saucepan, frying kettle, rolling pin
Learning outcome: 207.3 demonstrate pastry folding`,
    title: 'Vegetable Samosas',
    portions: 20,
    components: [
      [
        '',
        [
          '300 g Plain flour',
          '60 g Ghee',
          '120 ml Warm water',
          '400 g Potatoes',
          '100 g Peas',
          '1 tsp Cumin seed',
          '2 Green chilli',
          '0.5 bunch Coriander',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a skills lesson with a plan in minutes',
    text: `Week 6 Wednesday Skills Lesson
Title: Choux buns with praline cream
Objectives
- make choux paste
- pipe evenly
Ingredients per pair
Choux
125 ml water
50 g butter
pinch salt
75 g strong flour
2-3 eggs
Praline cream
100 g praline paste
250 ml whipping cream
Work plan
0-15 weigh, line trays
15-35 make choux, pipe 24
35-60 bake 200 °C 25 min
60-80 cool, whip cream with praline to soft peak
80-90 fill, present
Clean as you go!
Homework: read pages 88-91`,
    title: 'Choux buns with praline cream',
    portions: null,
    components: [
      ['Choux', ['125 ml water', '50 g butter', '1 pinch salt', '75 g strong flour', '2-3 eggs']],
      ['Praline cream', ['100 g praline paste', '250 ml whipping cream']],
    ],
    steps: 8,
  },
  {
    manner: 'names, amounts and what is done between commas',
    text: `LEEK & POTATO TERRINE (V)(GF)
Makes 1 terrine / 14 slices
leeks, 12 medium, trimmed to length of mould
waxy potatoes, 1 kg, boiled, sliced 5 mm
veg stock, 400 ml
agar agar, 4 g
chives, 1 bunch, snipped
dijon mustard, 2 tsp
salt/pepper
-
Cook leeks in boiling salted water til tender (7/8 min). Refresh. Squeeze.
Boil stock w agar 2 min, whisk in mustard.
Layer leeks, potato, chives in lined mould, ladle stock between.
Press 2 kg overnight in fridge. Slice w hot knife.`,
    title: 'LEEK & POTATO TERRINE (V)(GF)',
    portions: 14,
    components: [
      ['', ['12 leeks', '1 kg waxy potatoes', '400 ml veg stock', '4 g agar agar', '1 bunch chives', '2 tsp dijon mustard', 'salt/pepper']],
    ],
    steps: 4,
  },
  {
    manner: 'a preserve by batch and day',
    text: `MUSHROOM KETCHUP  ref MK/03
Batch size: 2.4 L approx
INGREDIENTS            QTY
Flat mushrooms         3 kg
Fine salt              150 g
Malt vinegar           600 ml
Shallot, sliced        200 g
Allspice berries       10 g
Black peppercorns      8 g
Mace                   2 blades
PROCESS
Day 1: Break up the mushrooms, layer with salt in a GN tray. Cover. Chill 24 h.
Day 2: Simmer with all else for 45 min. Strain through muslin. Press.
Reduce to 2.4 L. Bottle hot at 85 C.
HACCP: pH below 4.2 (check and record)
Shelf life 3 months sealed, 4 weeks opened.`,
    title: 'MUSHROOM KETCHUP ref MK/03',
    portions: null,
    components: [
      [
        '',
        [
          '3 kg Flat mushrooms',
          '150 g Fine salt',
          '600 ml Malt vinegar',
          '200 g Shallot',
          '10 g Allspice berries',
          '8 g Black peppercorns',
          '2 blades of Mace',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a lesson with lettered steps',
    text: `Lesson 14 - Setting with starch
BLANCMANGE WITH RASPBERRY SAUCE
Group of 4 needs:
500 ml milk
45 g cornflour
50 g sugar
vanilla pod x 1/2
for the sauce:
200 g raspberries (frozen)
40 g icing sugar
What to do:
a) slake cornflour with a little of the cold milk
b) heat the rest of the milk with vanilla + sugar to just below boil
c) pour onto starch, back into pan, boil 1 min STIRRING
d) wet moulds, fill, cool on ice then fridge 1 hr
e) purée and sieve raspberries with sugar
f) unmould & plate
Assessment: skin? lumps? set? shine?`,
    title: 'BLANCMANGE WITH RASPBERRY SAUCE',
    portions: null,
    components: [
      ['', ['500 ml milk', '45 g cornflour', '50 g sugar', '0.5 vanilla pod']],
      ['Sauce', ['200 g raspberries', '40 g icing sugar']],
    ],
    steps: 6,
  },
  {
    manner: 'ounces, quarts and “to taste” in a column',
    text: `CHILLED ALMOND SOUP 
yield 2 qts (8 x 8 fl oz)

12 oz   blanched almonds
6 oz    day-old bread, crusts off
2 ea    garlic cloves
1 qt    ice water
4 fl oz olive oil
2 fl oz sherry vinegar
TT      kosher salt
8 oz    green grapes, halved

1.  Soak bread in water 10 min.
2.  Blend almonds & garlic to a paste; add bread.
3.  With machine running add oil, then vinegar. Season.
4.  Strain through a chinois. Chill to 38°F.
5.  Ladle 8 fl oz, garnish with grapes.`,
    title: 'CHILLED ALMOND SOUP',
    portions: 8,
    components: [
      [
        '',
        [
          '12 oz blanched almonds',
          '6 oz day-old bread',
          '2 clove garlic',
          '1 quart ice water',
          '4 floz olive oil',
          '2 floz sherry vinegar',
          'kosher salt',
          '8 oz green grapes',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a canteen’s note with covers in the title',
    text: `Hummus (canteen, 40 covers)
chickpeas dry 1.6kg
bicarb 15g
tahini 800g
lemons 12
garlic 2 heads
salt 40g
cumin 10g
ice 500g

soak night before with half the bicarb
next day boil with rest of bicarb 45-60 min till falling apart
drain, keep liquor
blend hot with garlic, lemon and salt for 5 mins
add tahini + ice, blend 3 more
check seasoning, chill below 5 within 90 mins`,
    title: 'Hummus',
    portions: 40,
    components: [
      ['', ['1.6 kg chickpeas dry', '15 g bicarb', '800 g tahini', '12 lemons', '2 head garlic', '40 g salt', '10 g cumin', '500 g ice']],
    ],
    steps: 6,
  },
  {
    manner: 'a section’s card, steps counted 1.0, 2.0',
    text: `RECIPE: CELERIAC SCHNITZEL, CAPER BUTTER
No of covers: 6
Prep time: 40 mins        Cook time: 25 mins
Section: Sauce / Vegetarian

Qty     Item                      Notes
1       celeriac, large           approx 1 kg
150 g   flour
200 ml  oat milk + 1 tsp mustard
250 g   breadcrumbs               panko
Oil     for frying
Caper butter
150 g   butter
60 g    capers                    lilliput
1       lemon                     juice
20 g    parsley                   chopped

1.0 Peel and slice celeriac 1.5 cm. Steam 12 mins. Cool.
2.0 Pané. Shallow fry 3 mins/side at 175 C.
3.0 Brown the butter, add capers, lemon, parsley.
4.0 Serve immediately. 

Allergens: gluten, milk, celery, mustard`,
    title: 'CELERIAC SCHNITZEL, CAPER BUTTER',
    portions: 6,
    components: [
      ['', ['1 celeriac', '150 g flour', '200 ml oat milk', '1 tsp mustard', '250 g breadcrumbs', 'Oil']],
      ['Caper butter', ['150 g butter', '60 g capers', '1 lemon', '20 g parsley']],
    ],
    steps: 4,
  },
  {
    manner: 'a procedure with numbered headings',
    text: `Preparation of Pickled Beetroot                                Page 3 of 9
Ref: SOP-PRES-014

1. Purpose
To prepare pickled beetroot for the salad section.

2. Ingredients
   Beetroot, raw .......... 5.00 kg
   Vinegar 5 % ............ 2.00 L
   Water .................. 1.00 L
   Sugar .................. 0.80 kg
   Salt ................... 0.06 kg
   Clove .................. 4 g

3. Procedure
3.1 Wash the beetroot; boil in the skin for 60 - 75 minutes.
3.2 Peel under cold water and slice 4 mm.
3.3 Boil vinegar, water, sugar, salt and clove for 3 min.
3.4 Pour hot over the slices. Cool to below 5 °C within 90 min.

4. Records
Enter batch number, pH and date in form F-22.`,
    title: 'Preparation of Pickled Beetroot',
    portions: null,
    components: [['', ['5 kg Beetroot', '2 l Vinegar 5 %', '1 l Water', '0.8 kg Sugar', '0.06 kg Salt', '4 g Clove']]],
    steps: 4,
  },
  {
    manner: 'a trainee’s week with service',
    text: `TRAINEE COOK WEEK 11
Dish: Poached pear, blue cheese cream, walnut
Portions 8

Commodities
8 Conference pears
750 ml red wine
200 g sugar
1 cinnamon stick
1 orange (zest only)
200 g blue cheese
150 ml cream
80 g walnuts

Preparation
Peel pears, leave stalk on, core from base.
Bring wine, sugar and aromatics to simmer.
Poach pears under a cartouche 20 - 25 mins, test with a knife point.
Reduce 300 ml of the liquor to syrup.
Soften cheese, beat in cream. 
Toast walnuts 160 C 8 mins.

Service
Slice base flat, stand pear, quenelle, walnuts, syrup.

Skills assessed: peeling, poaching, reduction, quenelle`,
    title: 'Poached pear, blue cheese cream, walnut',
    portions: 8,
    components: [
      [
        '',
        [
          '8 Conference pears',
          '750 ml red wine',
          '200 g sugar',
          '1 stick cinnamon',
          '1 orange',
          '200 g blue cheese',
          '150 ml cream',
          '80 g walnuts',
        ],
      ],
      ['Service', []],
    ],
    steps: 7,
  },
  {
    manner: 'a baker’s table with percents',
    text: `POTATO FOCACCIA
From the Bread Class handouts

Ingredients (1 tray 30 x 40 cm)     Baker's %
Bread flour              500 g      100
Mashed potato, cold      150 g       30
Water                    330 g       66
Fresh yeast               12 g      2.4
Salt                      10 g        2
Olive oil                 30 g        6
Rosemary, coarse salt    to finish

Mix 10 min to full development. DDT 25 °C.
Bulk ferment 2 h with folds at 40 and 80 min.
Tip into an oiled tray, dimple. Final proof 45 min.
Bake 230 °C 22 min.`,
    title: 'POTATO FOCACCIA',
    portions: null,
    components: [
      ['', ['500 g Bread flour', '150 g Mashed potato', '330 g Water', '12 g Fresh yeast', '10 g Salt', '30 g Olive oil', 'Rosemary']],
    ],
    steps: 4,
  },
  {
    manner: 'bullets with dashes, two parts',
    text: `BRAISED RED LENTILS (DHAL)

Serves: 4-6
Allergens: mustard

• Red lentils - 300g
• Water - 1 litre
• Turmeric - 1 tsp
• Salt - 1 tsp
Tarka
• Ghee - 2 tbsp
• Cumin seeds - 1 tsp
• Mustard seeds - 1 tsp
• Dried chilli - 2
• Garlic - 4 cloves, sliced

Rinse the lentils until the water runs clear. Simmer with water and turmeric for 25 mins, skimming. Add salt.
For the tarka, heat the ghee, add seeds until they pop, then chilli and garlic for 1 minute. Pour over dhal - stand back, it spits!
Serve with rice.`,
    title: 'BRAISED RED LENTILS (DHAL)',
    portions: 4,
    components: [
      ['', ['300 g Red lentils', '1 l Water', '1 tsp Turmeric', '1 tsp Salt']],
      ['Tarka', ['2 tbsp Ghee', '1 tsp Cumin seeds', '1 tsp Mustard seeds', '2 Dried chilli', '4 clove Garlic']],
    ],
    steps: 3,
  },
  {
    manner: 'a stock with its times in a column',
    text: `Recipe 3.2   Fish fumet
Yield 2 litres

White fish bones        1.5 kg     turbot, sole
Onion                   150 g      emince
Leek, white             100 g      emince
Fennel trim             50 g
White wine              200 ml
Water                   2.2 l
Bay, peppercorn, parsley stalks

Procedure                                  Time
1. Soak bones in cold running water        30 min
2. Sweat vegetables without colour         5 min
3. Add bones, sweat                        3 min
4. Add wine, reduce by half                4 min
5. Cover with water, simmer, skim          20 min
6. Pass through fine chinois, chill        

Point to remember: never boil; over 20 minutes turns bitter.`,
    title: 'Fish fumet',
    portions: null,
    components: [
      ['', ['1.5 kg White fish bones', '150 g Onion', '100 g Leek', '50 g Fennel trim', '200 ml White wine', '2.2 l Water', 'Bay']],
    ],
    steps: 6,
  },
  {
    manner: 'columns beside a broken method',
    text: `Carrot halwa | Dessert | Cost per portion 0.48

PORTIONS: 20                METHOD
Carrots, grated  3 kg       Cook carrots in milk, stirring,
Milk             3 l        until dry (about 50 min).
Sugar            450 g      Add sugar, ghee and cardamom,
Ghee             200 g      cook until it leaves the sides,
Cardamom, ground 8 g        15 min more.
Cashews          150 g      Fry cashews, fold in, serve warm
                            in 120 g portions.`,
    title: 'Carrot halwa',
    portions: 20,
    components: [['', ['3 kg Carrots', '3 l Milk', '450 g Sugar', '200 g Ghee', '8 g Cardamom', '150 g Cashews']]],
    steps: 3,
  },
  {
    manner: 'elements with arrows in front of the work',
    text: `SET MENU C - DESSERT
"Burnt honey parfait, rye, blackberry"

PARFAIT (makes 2 L / 20 slices)
 200g honey
 160g yolk
 2 leaves gelatine (silver)
 700g cream 36%
 pinch salt
> Caramelise honey to 160C, stop with 50g cream. Pour on to yolks, whisk to 82C, add bloomed gelatine, whisk cold. Fold in soft-whipped cream. Freeze in terrine -18 min 8h.

RYE CRUMB
 150g rye breadcrumbs / 75g butter / 60g sugar / 3g salt
> 150C 20 mins stirring every 5.

BLACKBERRY
 500g frozen blackberries
 80g sugar
> Bain-marie covered 1 hr, hang, reduce juice by 1/3.

PLATE: 1 slice, 15g crumb, 10ml sauce, 3 fresh berries`,
    title: 'SET MENU C - DESSERT',
    portions: null,
    components: [
      ['Parfait', ['200 g honey', '160 g yolk', '2 leaf gelatine', '700 g cream 36%', '1 pinch salt']],
      ['Rye crumb', ['150 g rye breadcrumbs', '75 g butter', '60 g sugar', '3 g salt']],
      ['Blackberry', ['500 g frozen blackberries', '80 g sugar']],
    ],
    steps: 4,
  },
  {
    manner: 'a task sheet with tables of material and work',
    text: `Module: Stocks and Sauces
Practical task sheet 4

Product: Velouté of mushroom
Quantity to produce: 1.5 litres (10 portions)

Material list
No. | Item | Quantity | Remarks
1 | Button mushrooms | 400 g | sliced
2 | Butter | 60 g |
3 | Flour | 60 g |
4 | Vegetable stock | 1.2 l | hot
5 | Cream | 0.2 l |
6 | Lemon juice | 10 ml |

Working steps
No. | Step | Min
1 | Sweat mushrooms in half the butter | 6
2 | Make a white roux with remaining butter and flour | 4
3 | Add stock gradually, simmer | 20
4 | Blend, pass, finish with cream and lemon | 5

Assessment criteria: consistency coats a spoon, no lumps, seasoning`,
    title: 'Velouté of mushroom',
    portions: 10,
    components: [
      ['', ['400 g Button mushrooms', '60 g Butter', '60 g Flour', '1.2 l Vegetable stock', '0.2 l Cream', '10 ml Lemon juice']],
    ],
    steps: 4,
  },
  {
    manner: 'three parts in columns, each with its work',
    text: `MACERATED STRAWBERRIES
Strawberries     1000   g
Caster sugar      100   g
Lemon juice        20   g
Basil               5   g

Hull, quarter, mix, 2 hours at 4 C.

WHITE CHOCOLATE CREAM
Cream (1)         200   g
White chocolate   240   g
Gelatine mass      21   g
Cream (2)         400   g

Boil cream 1, melt chocolate, add gelatine mass and cream 2 cold. Stick blend. Crystallise 12 hrs at 4 C. Whip to soft peak.

SABLE
Flour             250   g
Butter            150   g
Icing sugar        90   g
Yolk               40   g
Salt                2   g

Sand, bind, chill, 3 mm, 155 C 14 min.`,
    title: 'MACERATED STRAWBERRIES',
    portions: null,
    components: [
      ['', ['1000 g Strawberries', '100 g Caster sugar', '20 g Lemon juice', '5 g Basil']],
      ['White chocolate cream', ['200 g Cream', '240 g White chocolate', '21 g Gelatine mass', '400 g Cream']],
      ['Sable', ['250 g Flour', '150 g Butter', '90 g Icing sugar', '40 g Yolk', '2 g Salt']],
    ],
    steps: 3,
  },
  {
    manner: 'a card in capitals',
    text: `RECIPE CARD #88          STATION: Larder
ITEM: Marinated feta & tomato skewers
YIELD: 24 skewers        PORTION: 2 ea

QTY      UNIT    INGREDIENT
600      GM      FETA, 2 CM CUBES
48       EA      CHERRY TOMATOES
24       EA      BASIL LEAVES
150      ML      OLIVE OIL
5        GM      OREGANO, DRIED
2        EA      LEMONS, ZEST

METHOD
1. COMBINE OIL, OREGANO AND ZEST.
2. MARINATE FETA 4 HRS, REFRIGERATED.
3. SKEWER TOMATO, BASIL, FETA, TOMATO.
4. HOLD BELOW 5C. USE WITHIN 24 HRS.`,
    title: 'Marinated feta & tomato skewers',
    portions: 24,
    components: [['', ['600 g FETA', '48 CHERRY TOMATOES', '24 leaf BASIL', '150 ml OLIVE OIL', '5 g OREGANO', '2 LEMONS']]],
    steps: 4,
  },
  {
    manner: 'lettered parts of a card, each with its lines and work',
    text: `SPINACH & RICOTTA GNUDI WITH SAGE BUTTER

Yield: 10 covers (6 pcs/cover)          Station: Pasta
Allergens: G, D, E

A. GNUDI
   Ricotta, drained overnight        750 g
   Spinach, cooked and squeezed      400 g
   Hard cheese, grated               120 g
   Yolks                             4 ea
   Nutmeg                            to taste
   Semolina, for coating             500 g

   1. Chop the spinach very fine.
   2. Mix all but the semolina; season.
   3. Scale 20 g balls, bury in semolina. Refrigerate 24 hrs.

B. SAGE BUTTER
   Butter                            250 g
   Sage leaves                       30 ea
   Lemon juice                       20 ml

   1. Brown the butter to hazelnut, add sage, stop with lemon.

C. PICK UP
   1. Poach gnudi 3 min at a bare simmer.
   2. Toss in the butter, plate 6, cheese over.`,
    title: 'SPINACH & RICOTTA GNUDI WITH SAGE BUTTER',
    portions: 10,
    components: [
      ['Gnudi', ['750 g Ricotta', '400 g Spinach', '120 g Hard cheese', '4 Yolks', 'Nutmeg', '500 g Semolina']],
      ['Sage butter', ['250 g Butter', '30 leaf Sage', '20 ml Lemon juice']],
      ['Pick up', []],
    ],
    steps: 6,
  },
  {
    manner: 'an agency’s sheet with timings and questions',
    text: `HILLSIDE TRAINING AGENCY
Course: Introduction to Professional Cookery        Session 9 of 12
Tutor: to be confirmed

Session aim: Learners will prepare a vegetable stir-fry and boiled rice
Timings
13:00 Demonstration
13:30 Practical
15:00 Tasting and wash-up

Vegetable stir-fry (2 portions)
Ingredient        Amount
Carrot            80 g
Pepper            80 g
Mangetout         50 g
Spring onion      2
Ginger            5 g
Soy sauce         20 ml
Oil               15 ml
Long grain rice   120 g

Method
Step 1  Wash and cut all vegetables to even batons.
Step 2  Boil the rice 12 minutes, drain.
Step 3  Heat the wok until smoking, add oil and ginger.
Step 4  Stir-fry hardest vegetables first, 3 minutes in all. Add soy.
Step 5  Serve with the rice.

Questions
1. Why are the vegetables cut to the same size?
2. Name two hazards when using a wok.
Learner signature ____________`,
    title: '',
    portions: 2,
    components: [
      [
        '',
        [
          '80 g Carrot',
          '80 g Pepper',
          '50 g Mangetout',
          '2 Spring onion',
          '5 g Ginger',
          '20 ml Soy sauce',
          '15 ml Oil',
          '120 g Long grain rice',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'parts again as headings of the method',
    text: `Dish name: Smoked mackerel pâté, pickled cucumber, rye toast
Portions: 15
Cost/portion: 1.12

PATE
Smoked mackerel fillet      600 g
Cream cheese                300 g
Horseradish, creamed         40 g
Lemon                         2 no
Chives                       20 g
PICKLED CUCUMBER
Cucumber                      2 no
White wine vinegar          150 ml
Sugar                        60 g
Salt                         10 g
Dill                         15 g
TOAST
Rye bread                    15 slices

METHOD
PATE
1 Flake fish, check for bones
2 Blend half with cream cheese, horseradish, lemon juice
3 Fold in the rest and chives. Chill.
PICKLED CUCUMBER
1 Slice 2 mm, salt 20 min, rinse
2 Dissolve sugar in vinegar, pour over with dill, 1 hr
TOAST
1 Toast to order

SERVICE: quenelle of pate, cucumber, toast in fingers`,
    title: 'Smoked mackerel pâté, pickled cucumber, rye toast',
    portions: 15,
    components: [
      ['Pate', ['600 g Smoked mackerel fillet', '300 g Cream cheese', '40 g Horseradish', '2 Lemon', '20 g Chives']],
      ['Pickled cucumber', ['2 Cucumber', '150 ml White wine vinegar', '60 g Sugar', '10 g Salt', '15 g Dill']],
      ['Toast', ['15 slice Rye bread']],
    ],
    steps: 7,
  },
  {
    manner: 'a soup’s card with the critical point',
    text: `WILD GARLIC & POTATO SOUP
Makes 2 litres / 8 portions

Potatoes, floury          600g
Onion                     1 large
Butter                    50g
Vegetable stock           1.2L
Wild garlic leaves        150g
Double cream              100ml
Nutmeg                    grate

1  Sweat onion in butter with lid on, 10 min no colour
2  Add diced potato and stock, simmer 15 min
3  Add wild garlic, cook 1 min only (keeps the green)
4  Blend smooth, pass, add cream, season
5  Cool quickly or serve at once

CCP: reheat to 75C`,
    title: 'WILD GARLIC & POTATO SOUP',
    portions: 8,
    components: [
      [
        '',
        [
          '600 g Potatoes',
          '1 Onion',
          '50 g Butter',
          '1.2 l Vegetable stock',
          '150 g Wild garlic leaves',
          '100 ml Double cream',
          'Nutmeg grate',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'three columns, the method broken beside the lines',
    text: `COLLEGE OF FOOD - PRODUCTION SHEET
Module FP201    Wk 4    Group: A2
Dish: Roast carrot hummus, pitta crisps
No. Portions: 12

QTY        INGREDIENTS              METHOD
800 g      Carrots                  Roast carrots with oil and cumin
40 ml      Oil                      at 190°C for 35 minutes.
2 tsp      Cumin seed
400 g      Chickpeas, cooked        Blend with chickpeas, tahini,
90 g       Tahini                   lemon and garlic to a paste.
2          Lemons, juice            Season.
2 cl       Garlic
4          Pitta breads             Split, cut, bake 160°C 10 min.`,
    title: 'Roast carrot hummus, pitta crisps',
    portions: 12,
    components: [
      [
        '',
        [
          '800 g Carrots',
          '40 ml Oil',
          '2 tsp Cumin seed',
          '400 g Chickpeas',
          '90 g Tahini',
          '2 Lemons',
          '2 clove Garlic',
          '4 Pitta breads',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'columns for four and for ten portions',
    text: `TABLE 5.3  Steamed sponge pudding
--------------------------------------------
Ingredient            4 portions   10 portions
--------------------------------------------
Self-raising flour    100 g        250 g
Caster sugar          75 g         190 g
Butter                75 g         190 g
Eggs                  1            3
Milk                  30 ml        75 ml
Golden syrup          60 g         150 g
--------------------------------------------
1. Grease the basins and place syrup in the base.
2. Cream butter and sugar, beat in egg.
3. Fold in flour, let down with milk to a dropping consistency.
4. Two-thirds fill, cover with greased paper, steam 1 1/2 hours.`,
    title: 'Steamed sponge pudding',
    portions: 4,
    components: [['', ['100 g Self-raising flour', '75 g Caster sugar', '75 g Butter', '1 Eggs', '30 ml Milk', '60 g Golden syrup']]],
    steps: 4,
  },
  {
    manner: 'a section’s card with its number beside',
    text: `BREAKFAST SECTION                       Recipe 12
Title: Corn & chive drop scones
Makes: 24 small (12 covers)

2 tins sweetcorn (340g each), drained
300g self raising flour
2 tsp paprika
300ml milk
3 eggs
1 bunch chives, snipped

METHOD
Whisk flour, paprika, milk and eggs to a thick batter and rest for 20 minutes.
Fold in the corn and chives.
Cook 30ml ladles on a medium flat top for 2 minutes, flip, 1 minute more.
Hold at 65°C for no longer than 30 minutes.`,
    title: 'Corn & chive drop scones',
    portions: 12,
    components: [['', ['2 tin sweetcorn', '300 g self raising flour', '2 tsp paprika', '300 ml milk', '3 eggs', '1 bunch chives']]],
    steps: 4,
  },
  {
    manner: 'a course of an evening, store and fresh apart',
    text: `Adult Learning Service
Course: Cook & Eat Well (week 3 of 6)
Today we will: use spices safely, cook pulses, keep costs down

SPICY BEAN TAGINE (feeds 4, about 85p each)

From the store cupboard
1 tin chickpeas
1 tin chopped tomatoes
1 tsp cumin, 1 tsp cinnamon, half tsp chilli
100 g dried apricots
Fresh
1 onion
2 carrots
1 aubergine
handful coriander

1. Peel and chop the onion and carrots. Cube the aubergine.
2. Soften onion & carrot in a little oil for 10 mins.
3. Add spices, stir 1 min. Add aubergine, tin of tomatoes + half a tin of water, apricots.
4. Simmer 25 mins. Drain chickpeas, add for last 10.
5. Top with coriander.

Talk about: what could you swap in? 
Equipment per pair: chopping board, knife, large pan, wooden spoon, tin opener`,
    title: 'SPICY BEAN TAGINE',
    portions: 4,
    components: [
      [
        'From the store cupboard',
        ['1 tin chickpeas', '1 tin chopped tomatoes', '1 tsp cumin', '1 tsp cinnamon', '0.5 tsp chilli', '100 g dried apricots'],
      ],
      ['Fresh', ['1 onion', '2 carrots', '1 aubergine', '1 handful coriander']],
    ],
    steps: 5,
  },
  {
    manner: 'a file with head in pairs and litres to three places',
    text: `CHEF'S RECIPE FILE
No: D-31      Name: Rice pudding, prune compote
Serves: 16    Container: GN 1/2 100mm
Cost: 0.61    Date: 02/24

Rice pudding
0.300  kg   short grain rice
2.000  lt   milk
0.400  lt   cream
0.180  kg   caster sugar
1      ea   vanilla pod
pinch       salt

Prune compote
0.400  kg   prunes
0.300  lt   tea, strong
0.080  kg   honey
1      strip orange peel

1) Bring milk, vanilla, salt to boil. Rain in rice. 
2) Barely simmer 35 min, stir often. 
3) Add sugar and cream, 5 min more. Remove vanilla.
4) Compote: hot tea on prunes with honey and peel, overnight.
5) Serve warm (63C+) or chilled.`,
    title: 'Rice pudding, prune compote',
    portions: 16,
    components: [
      ['Rice pudding', ['0.3 kg short grain rice', '2 l milk', '0.4 l cream', '0.18 kg caster sugar', '1 vanilla pod', '1 pinch salt']],
      ['Prune compote', ['0.4 kg prunes', '0.3 l tea', '0.08 kg honey', '1 strip orange peel']],
    ],
    steps: 5,
  },
  {
    manner: 'a numbered card with its output and tools',
    text: `Card 27: LEMON & THYME SHORTBREAD
Output: 40 fingers
Equipment: half-size tray, docker

340 g butter (soft)
170 g caster sugar
500 g plain flour
zest 3 lemons
2 tbsp thyme leaves
pinch salt

1. Cream butter, sugar, zest.
2. Bring in flour, thyme and salt. Do not overwork.
3. Press 1.5 cm deep, dock, chill 30 mins.
4. Bake 150 fan, 35-40 mins. Cut while hot, dredge with sugar.
Shelf life: 7 days airtight`,
    title: 'Card 27: LEMON & THYME SHORTBREAD',
    portions: 40,
    components: [['', ['340 g butter', '170 g caster sugar', '500 g plain flour', '3 lemons', '2 tbsp thyme leaves', '1 pinch salt']]],
    steps: 4,
  },
  {
    manner: 'a hand-out with the method beside, indented',
    text: `MODULE 6 – HOT DESSERTS
Student handout                                         Chef: _____________

Apple charlotte (6 dariole moulds)

Ingredients:                     Method:
1 kg dessert apples              1. Peel, core, chop apples; cook
80 g butter                         with 30 g butter, sugar and zest
100 g sugar                         to a dry compote, 20 min.
1 lemon, zest                    2. Brush bread with melted butter.
12 slices white bread            3. Line moulds, fill, lid.
                                 4. Bake 200°C 25 min, stand 5 min,
                                    turn out.

Key points: compote must be DRY
Assessment: AC 2.1, 2.3`,
    title: 'Apple charlotte (6 dariole moulds)',
    portions: null,
    components: [['', ['1 kg dessert apples', '80 g butter', '100 g sugar', '1 lemon', '12 slice white bread']]],
    steps: 4,
  },
  {
    manner: 'kilograms to three places for a tray',
    text: `POTATO GRATIN (GN 1/1, 20 ptn)
Potatoes, waxy, peeled     4.000 kg
Cream 35 %                 1.500 l
Milk                       0.750 l
Garlic                     0.030 kg
Salt                       0.050 kg
Nutmeg                     0.003 kg
Gruyere                    0.400 kg

Slice the potatoes 3 mm, do not wash. Bring cream, milk, garlic, salt, nutmeg to the boil. Layer, pour over, cheese on top. Combi 150 °C 30 % humidity 60 min, finish 180 °C dry 10 min. Rest 15 min before portioning. Chill to 3 °C within 90 min if for next day; regenerate to 75 °C.`,
    title: 'POTATO GRATIN',
    portions: 20,
    components: [
      ['', ['4 kg Potatoes', '1.5 l Cream 35 %', '0.75 l Milk', '0.03 kg Garlic', '0.05 kg Salt', '0.003 kg Nutmeg', '0.4 kg Gruyere']],
    ],
    steps: 1,
  },
  {
    manner: 'a task sheet for groups',
    text: `Task sheet: Pickles for the summer fair. Groups of 3
Each group makes 4 jars (350ml)
We need
Cauliflower 1
Carrots 3
Cider vinegar 600ml
Water 300ml
Sugar 6 tbsp
Salt 2 tbsp
Mustard seeds 1 tbsp
Turmeric 1 tsp
How
1 Sterilise jars - oven 130 for 15 mins
2 Cut veg bite sized
3 Boil vinegar, water, sugar, salt and spices 2 mins
4 Pack the jars, pour over HOT liquid, seal
5 Label: name, date, contents
Leave 1 week
Risk: hot liquid, hot glass - gloves`,
    title: 'Task sheet: Pickles for the summer fair. Groups of 3',
    portions: null,
    components: [
      [
        '',
        [
          '1 Cauliflower',
          '3 Carrots',
          '600 ml Cider vinegar',
          '300 ml Water',
          '6 tbsp Sugar',
          '2 tbsp Salt',
          '1 tbsp Mustard seeds',
          '1 tsp Turmeric',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'elements in rows, each with its work',
    text: `Leek ash: roast leek tops 250C until black 40 min, cool, blitz, sieve.
Leek oil: 200 g leek greens, 300 g grapeseed oil, blend 70C 6 min, hang overnight.
Charred leeks: 12 baby leeks, 20 ml oil, salt. Plancha 2 min a side.
Potato foam: 500 g potato cooked, 200 g cooking water, 150 g butter, 100 g cream, salt. Blend, pass, siphon 2 charges, hold 60C.
Plate: foam, leeks, oil, ash. 6 pax`,
    title: '',
    portions: null,
    components: [
      ['Leek oil', ['200 g leek greens', '300 g grapeseed oil']],
      ['Charred leeks', ['12 leeks', '20 ml oil', 'salt']],
      ['Potato foam', ['500 g potato cooked', '200 g cooking water', '150 g butter', '100 g cream', 'salt']],
    ],
    steps: 5,
  },
  {
    manner: 'a stock item with how long it keeps',
    text: `Semi-dried tomatoes in thyme oil (kitchen stock item)

Makes: approx 1.2 kg
Keeps: 10 days chilled

Plum tomatoes    5kg
Thyme            1 bunch
Garlic           1 bulb
Icing sugar      50g
Fine salt        40g
Olive oil        300ml

Halve the tomatoes and lay cut side up on racks.
Dust with the sugar and salt, scatter with thyme and sliced garlic.
Dry at 90C fan 20% for 4-5 hours until leathery at the edges but still soft.
Cool, pack in tubs, cover with the oil. Label and date.`,
    title: 'Semi-dried tomatoes in thyme oil (kitchen stock item)',
    portions: null,
    components: [['', ['5 kg Plum tomatoes', '1 bunch Thyme', '1 bulb Garlic', '50 g Icing sugar', '40 g Fine salt', '300 ml Olive oil']]],
    steps: 4,
  },
  {
    manner: 'a chapter of a workbook for four and for ten',
    text: `CITY CATERING COLLEGE   NVQ L2   COMMIS CHEF WORKBOOK p. 34

3.4 Cream of celery soup

Ingredients       4 portions      10 portions
Onion             50 g            125 g
Celery            300 g           750 g
Leek              50 g            125 g
Butter            50 g            125 g
Flour             50 g            125 g
Stock             750 ml          2 l
Cream             125 ml          300 ml

Method of work
1 Sweat the sliced vegetables in the butter, lid on.
2 Mix in the flour, cook out, cool a little.
3 Add the hot stock gradually, bring to boil, simmer 45 minutes.
4 Liquidise, pass, return to a clean pan.
5 Correct seasoning and consistency, finish with the cream.

Activity: cost this dish for 10 portions.`,
    title: 'Cream of celery soup',
    portions: 4,
    components: [['', ['50 g Onion', '300 g Celery', '50 g Leek', '50 g Butter', '50 g Flour', '750 ml Stock', '125 ml Cream']]],
    steps: 6,
  },
  {
    manner: 'a station card with yields in brackets',
    text: `MEP – Station 3
TROUT / PEA / MINT            Covers: 20
PEA VELOUTE (yield 1.5 L)
1.2 kg   frozen peas
900 ml   veg stock, hot
80 g     butter
6 g      salt
- Sweat nothing. Boil stock, peas in, 2 min, blend, pass, ice bath.
MINT OIL
60 g     mint, picked
30 g     flat parsley
250 ml   grapeseed oil
- Blanch 15 sec, refresh, squeeze dry. Blend 4 min at 60C. Hang overnight in cloth.
PICK UP
1 fillet trout pp, pin-boned
Pan, skin down 3 min, butter, baste. Warm veloute to 70C, foam. 5 drops oil.`,
    title: 'TROUT / PEA / MINT',
    portions: 20,
    components: [
      ['Pea veloute', ['1.2 kg frozen peas', '900 ml veg stock', '80 g butter', '6 g salt']],
      ['Mint oil', ['60 g mint', '30 g flat parsley', '250 ml grapeseed oil']],
      ['Pick up', ['1 fillet trout']],
    ],
    steps: 3,
  },
  {
    manner: 'a letter with amounts in its sentences',
    text: `Dear Ilse,

You asked for the onion tart. For eight people I take a kilo of onions, sliced thin, and melt them in 60 g butter with a pinch of salt for a good 40 minutes. The pastry is 250 g flour, 125 g cold butter, one egg and a spoon of water; rub, bring together, rest an hour. For the filling 3 eggs, 200 ml cream, nutmeg. Blind bake at 180 for 15 minutes, fill, another 30.

Greetings from the coast,
Hanne`,
    title: 'Onion tart',
    portions: 8,
    components: [
      ['Pastry', ['250 g flour', '125 g butter', '1 egg', '1 spoon of water']],
      ['Filling', ['3 eggs', '200 ml cream', 'nutmeg']],
    ],
    steps: 3,
  },
  {
    manner: 'a byline and what to read next',
    text: `HOME | RECIPES | ABOUT ME
Smoky aubergine dip with flatbreads
By the kitchen garden team · 12 comments · Save · Print
Jump to recipe
I first had this in a tiny courtyard and have been trying to copy it ever since!
SERVES 6 AS A STARTER
PREP 20 MINS | COOK 40 MINS
YOU WILL NEED
3 large aubergines
2 garlic cloves, crushed
3 tbsp tahini
1 lemon, juiced
½ tsp smoked paprika, plus extra to serve
For the flatbreads
250g/9oz self-raising flour
250g natural yoghurt
1 tsp baking powder
HOW TO MAKE IT
1. Grill the aubergines over a flame until collapsed, about 15 minutes.
2. Scoop out the flesh, drain for 20 minutes, then mash with the garlic, tahini and lemon.
3. For the flatbreads, mix everything to a dough, divide into 8 and roll out.
4. Cook in a dry hot pan for 2 minutes each side.
Nutrition per serving: 310 kcal, fat 12 g, carbs 38 g
READ NEXT: Ten ways with tahini
Leave a comment`,
    title: 'Smoky aubergine dip with flatbreads',
    portions: 6,
    components: [
      ['', ['3 aubergines', '2 clove garlic', '3 tbsp tahini', '1 lemon', '0.5 tsp smoked paprika']],
      ['Flatbreads', ['250 g self-raising flour', '250 g natural yoghurt', '1 tsp baking powder']],
    ],
    steps: 4,
  },
  {
    manner: 'a level of a course over a list for each pair',
    text: `LEVEL 2 PATISSERIE – WEEK 6
Learning outcomes: creaming method; judging doneness
LEMON DRIZZLE LOAF                      (per pair)
175 g   unsalted butter, soft
175 g   caster sugar
3       eggs, room temp
175 g   self raising flour
2       lemons, zest only
Syrup
2       lemons, juice
100 g   granulated sugar
Method
Cream butter & sugar 5 mins. Beat in eggs one at a time. Fold in flour and zest.
Bake 170C fan, 45 – 50 min, skewer clean.
Warm juice and sugar, spike the cake, pour over while hot.
Homework: complete the commodity sheet p. 14.`,
    title: 'LEMON DRIZZLE LOAF',
    portions: null,
    components: [
      ['', ['175 g unsalted butter', '175 g caster sugar', '3 eggs', '175 g self raising flour', '2 lemons']],
      ['Syrup', ['2 lemons', '100 g granulated sugar']],
    ],
    steps: 3,
  },
  {
    manner: 'a card in dessertspoons, teaspoons each',
    text: `Gran's plum chutney (makes 4 jars-ish)
3 lb plums (stoned)
1 lb onions
1½ lb brown sugar
1 pint malt vinegar
handful raisins
1 dsp salt
tsp each ginger, allspice, mustard seed
Everything in the big pan. Slow simmer till thick, 2 hrs or so – stir near the end or it catches!!
Jar hot. Wait 6 wks if you can`,
    title: "Gran's plum chutney",
    portions: null,
    components: [
      [
        '',
        [
          '3 lb plums',
          '1 lb onions',
          '1.5 lb brown sugar',
          '1 pint malt vinegar',
          '1 handful raisins',
          '2 tsp salt',
          '1 tsp ginger',
          '1 tsp allspice',
          '1 tsp mustard seed',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a list with numbered steps beside it',
    text: `Barley salad with roast carrots                 serves 10
INGREDIENTS                      METHOD
500 g pearl barley               1. Boil the barley 30 min, drain.
1.5 kg carrots, batons           2. Toss carrots with oil and cumin.
60 ml rapeseed oil               3. Roast at 200 C for 25 min.
2 tsp cumin seed                 4. Whisk lemon juice and honey.
3 lemons, juice                  5. Fold everything together, dress,
30 g honey                          finish with dill and feta.
200 g feta
1 bunch dill`,
    title: 'Barley salad with roast carrots',
    portions: 10,
    components: [
      [
        '',
        [
          '500 g pearl barley',
          '1.5 kg carrots',
          '60 ml rapeseed oil',
          '2 tsp cumin seed',
          '3 lemons',
          '30 g honey',
          '200 g feta',
          '1 bunch dill',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a chat without commas',
    text: `[12:04] Rob: can u send the slaw thing
[12:06] Kit: yep. for 25 ppl
[12:06] Kit: 2 white cabbages
[12:06] Kit: 1kg carrots
[12:07] Kit: 2 bunch spring onion
[12:07] Kit: 600g mayo 200g yog, 4 tbsp cider vin
[12:08] Kit: shred on the 2mm, salt 1%, 20 mins, squeeze. dress last min
[12:09] Rob: legend`,
    title: 'can u send the slaw thing',
    portions: 25,
    components: [['', ['2 white cabbages', '1 kg carrots', '2 bunch spring onion', '600 g mayo', '200 g yog', '4 tbsp cider vin']]],
    steps: 1,
  },
  {
    manner: 'a specification in a table of words and values',
    text: `| RECIPE SPECIFICATION | | |
| Dish | Cod with brown butter and samphire | |
| Portions | 12 | |
| Ingredient | Qty | Prep |
| Cod loin | 12 x 150 g | trimmed |
| Unsalted butter | 300 g | browned |
| Capers | 60 g | rinsed |
| Samphire | 400 g | picked, blanched |
| Lemon | 3 | segments |
| Charlotte potatoes | 1.5 kg | boiled, skin on |

Method
1 Salt the cod 20 minutes, rinse, dry.
2 Roast at 150 °C to a core of 50 °C, rest 3 minutes.
3 Brown the butter, add capers and lemon.`,
    title: 'Cod with brown butter and samphire',
    portions: 12,
    components: [['', ['12 Cod loin', '300 g Unsalted butter', '60 g Capers', '400 g Samphire', '3 Lemon', '1.5 kg Charlotte potatoes']]],
    steps: 3,
  },
  {
    manner: 'a practical with what school provides',
    text: `Name: ____________   Group: ______
Practical 4 – Vegetable samosas
Makes 12
You will need to bring:
• 1 onion
• 2 potatoes (medium)
• 100g frozen peas
• 1 tbsp oil
School will provide:
• 1 packet filo pastry
• 1 tsp curry powder
• salt
Equipment: frying pan, saucepan, pastry brush, baking tray
Order of work
1. Dice the onion and potato.
2. Boil potato for 8 mins. 
3. Fry onion, add spice, peas and potato.
4. Cut filo in strips, fill, fold into triangles, brush with oil.
5. Bake 200C 15 mins.
Evaluation: What would you change? ___________`,
    title: 'Vegetable samosas',
    portions: 12,
    components: [['', ['1 onion', '2 potatoes', '100 g frozen peas', '1 tbsp oil', '1 packet filo pastry', '1 tsp curry powder', 'salt']]],
    steps: 5,
  },
  {
    manner: 'a baker’s week with a feed',
    text: `Tues – Rye sours
Feed: 50 starter / 150 rye / 150 water 28°
Dough (6 x 900g)
Rye T130 2.4 kg
Strong white 600 g
Water 2.1 L @ 32
Sour 350
Salt 60
Molasses 120
Caraway 15
Mix slow 8. Bulk 45. Scale 900. Tins, 90 final. 250 falling to 200, 55 min. Rest till Wed.`,
    title: 'Tues – Rye sours',
    portions: null,
    components: [
      ['Feed', ['50 starter', '150 g rye', '150 water 28°']],
      ['Dough', ['2.4 kg Rye T130', '600 g Strong white', '2.1 l Water', '350 Sour', '60 g Salt', '120 Molasses', '15 g Caraway']],
    ],
    steps: 1,
  },
  {
    manner: 'told into a phone',
    text: `ok so the dressing is really easy, you want a whole lemon, juice and zest, a heaped teaspoon of dijon, 2 tablespoons of honey, about 150 mls of olive oil and a good pinch of salt. shake it in a jar. that's enough for about 10 salads`,
    title: 'ok so the dressing is really easy',
    portions: 10,
    components: [['', ['1 lemon', '1 tsp dijon', '2 tbsp honey', '150 ml olive oil', '1 pinch salt']]],
    steps: 1,
  },
  {
    manner: 'a very old book',
    text: `TO MAKE A SEED CAKE. – Take one pound of butter, beaten to a cream; one pound of fine sugar; eight eggs, well beaten; a pound and a quarter of flour; an ounce of caraway seeds; and a glass of brandy. Mix all together, and bake it in a slow oven an hour and a half.`,
    title: 'TO MAKE A SEED CAKE',
    portions: null,
    components: [['', ['1 lb butter', '1 lb fine sugar', '8 eggs', '1.25 lb flour', '1 oz caraway seeds', '1 glass of brandy']]],
    steps: 1,
  },
  {
    manner: 'a list of preparation with lines set in',
    text: `PREP – SAT
Pickled shallots (1 L jar)
 shallots 600
 white wine vin 300ml
 water 200ml
 sugar 100
 salt 12
 star anise 2
Bring liquor to boil, pour over, cool, lid.
Herb yoghurt (2 L)
 yog 1.6kg
 dill 1 bch
 mint 1 bch
 lemon 2, zest/juice
 garlic 2 cl
Chop, fold, season. 3 day life.`,
    title: 'PREP – SAT',
    portions: null,
    components: [
      ['Pickled shallots', ['600 g shallots', '300 ml white wine vin', '200 ml water', '100 g sugar', '12 g salt', '2 star anise']],
      ['Herb yoghurt', ['1.6 kg yog', '1 bunch dill', '1 bunch mint', '2 lemon', '2 clove garlic']],
    ],
    steps: 2,
  },
  {
    manner: 'a procedure with codes of suppliers',
    text: `SOP 12 Rev C                             Page 1 of 2
Product: Caesar dressing, 5 L batch
Ingredients                 Weight (g)   Supplier code
Pasteurised yolk            400          EG02
Dijon mustard               150          MU01
White wine vinegar          300          VI04
Garlic puree                 60          GA01
Anchovy paste               120          FI03
Rapeseed oil               3600          OI01
Parmesan, grated            350          CH07
CCP1: keep below 5 °C
Procedure
1. Blend yolk, mustard, vinegar, garlic and anchovy 1 min.
2. Add oil in a thin stream over 6 min.
3. Fold in parmesan. Label, date, chill. Shelf life 5 days.`,
    title: 'Caesar dressing',
    portions: null,
    components: [
      [
        '',
        [
          '400 g Pasteurised yolk',
          '150 g Dijon mustard',
          '300 g White wine vinegar',
          '60 g Garlic puree',
          '120 g Anchovy paste',
          '3600 g Rapeseed oil',
          '350 g Parmesan',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a mail with an assessment, bare grams',
    text: `Subject: Assessment task 2 – Knife skills salad

Hi all,

Here is what you will cook on Thursday. Read it before class please.

Winter slaw with mustard dressing (4 portions)

Ingredients
Red cabbage 300
Carrot 200
Fennel 1 bulb
Parsley ½ bunch

Dressing
Dijon mustard 15
Cider vinegar 30 ml
Rapeseed oil 90 ml
Salt, pepper

1 Shred the cabbage 2 mm (chiffonade). Salt, 10 min, rinse.
2 Julienne the carrot and fennel.
3 Whisk mustard and vinegar, add oil in a thread.
4 Dress 15 min before serving, plate high.

You are marked on: uniform cuts, seasoning, waste under 15 %.

Regards
J.`,
    title: 'Winter slaw with mustard dressing',
    portions: 4,
    components: [
      ['', ['300 g Red cabbage', '200 g Carrot', '1 bulb Fennel', '0.5 bunch Parsley']],
      ['Dressing', ['15 g Dijon mustard', '30 ml Cider vinegar', '90 ml Rapeseed oil', 'Salt, pepper']],
    ],
    steps: 4,
  },
  {
    manner: 'a family’s broth by mugs and glugs',
    text: `MUM'S BARLEY BROTH

a mug of pearl barley
a knob of butter
2 big carrots & a bit of swede
1 leek (the white only)
a glug of oil
a good handful of parsley
stock to cover - about 3 pints
salt

Melt the butter with the oil, soften the veg 10 mins with the lid on. In goes the barley & stock. Simmer till soft, an hour or so. Parsley last. Freezes well.`,
    title: "MUM'S BARLEY BROTH",
    portions: null,
    components: [
      [
        '',
        [
          '1 mug of pearl barley',
          '1 knob butter',
          '2 carrots & a bit of swede',
          '1 leek',
          '1 glug of oil',
          '1 handful parsley',
          '3 pint stock',
          'salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a card in three columns, steps beside the lines',
    text: `PRODUCTION CARD          Ref: SF-114        Rev 3
Item: Lemon tart, 26 cm        Yield: 2 tarts / 24 covers        Shelf life: 2 days

                        Qty     Unit    Method
Sweet paste
Soft flour              500     g       Rub butter into flour and salt.
Unsalted butter         250     g       Add sugar, bind with egg. Rest 1 hr.
Icing sugar             175     g       Line 2 rings. Blind bake 180 °C 20 min.
Whole egg               2       ea
Salt                    5       g

Filling
Lemon juice             400     ml      Heat juice and zest.
Lemon zest              6       ea      Whisk eggs and sugar, pour on juice.
Whole egg               12      ea      Pass, skim.
Caster sugar            600     g       Fill cases, bake 110 °C 35-40 min to 70 °C core.
Double cream            450     ml`,
    title: 'Lemon tart, 26 cm',
    portions: 24,
    components: [
      ['Sweet paste', ['500 g Soft flour', '250 g Unsalted butter', '175 g Icing sugar', '2 egg', '5 g Salt']],
      ['Filling', ['400 ml Lemon juice', '6 Lemon', '12 egg', '600 g Caster sugar', '450 ml Double cream']],
    ],
    steps: 7,
  },
  {
    manner: 'a starter for two sizes of table',
    text: `Aubergine caponata

For 6 people as a starter, or 10 as part of a buffet

3 aubergines (about 900g in total), cut into 2cm dice
4 sticks of celery, sliced on the bias
1 large onion, sliced
400g tin chopped tomatoes
50g green olives, stoned and halved
2 tbsp capers, rinsed
3 tbsp red wine vinegar
1 tbsp caster sugar
25g pine nuts, toasted
olive oil, plenty
a few basil leaves, torn

1. Heat 1cm of oil in a wide pan to 170C and fry the aubergine in batches until deep gold, 6–8 minutes each. Drain.
2. In 2 tablespoons of the same oil, soften the celery and onion for 10 minutes.
3. Add the tomatoes, olives and capers; simmer 10 minutes until thick.
4. Stir in vinegar and sugar, then the aubergine. Cook gently for 5 minutes more.
5. Leave to cool. Better the next day. Finish with pine nuts and basil.

Tip: salt the aubergine for 30 minutes first if it is old.
Allergens: celery, sulphites (vinegar), may contain nuts.`,
    title: 'Aubergine caponata',
    portions: 6,
    components: [
      [
        '',
        [
          '3 aubergines',
          '4 stick celery',
          '1 onion',
          '1 tin chopped tomatoes',
          '50 g green olives',
          '2 tbsp capers',
          '3 tbsp red wine vinegar',
          '1 tbsp caster sugar',
          '25 g pine nuts',
          'olive oil',
          '3 leaf basil',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a week’s sheet with two tasks',
    text: `Week 6 Practical: Emulsions

Learning outcomes
- explain stable and unstable emulsions
- produce a mayonnaise and derive two sauces

Task A – Mayonnaise (yield 300 g)
2 yolks
10 g Dijon
10 ml white wine vinegar
250 ml neutral oil
pinch salt

Method: Whisk yolks, mustard, vinegar, salt. Add oil drop by drop, then in a stream. Correct seasoning.

Task B – Herb sauce
100 g mayonnaise from task A
10 g chives
10 g chervil
5 g capers

Method: Chop, fold in. Rest 10 min.

Clean down: 15 min.`,
    title: 'Emulsions',
    portions: null,
    components: [
      ['', ['2 yolks', '10 g Dijon', '10 ml white wine vinegar', '250 ml neutral oil', '1 pinch salt']],
      ['Herb sauce', ['100 g mayonnaise from task A', '10 g chives', '10 g chervil', '5 g capers']],
    ],
    steps: 2,
  },
  {
    manner: 'drawn bullets and circled figures',
    text: `Serves: 4        Prep: 20 min        Cook: 35 min        Difficulty: **

◆ 320 g arborio rice
◆ 1.2 litres hot vegetable stock
◆ 1 shallot, very finely chopped
◆ 100 ml dry white wine
◆ 60 g butter, in cubes, cold
◆ 60 g parmesan, finely grated + extra to serve
◆ 1 lemon: zest of all, juice of half
◆ 200 g peas (frozen are fine)

HOW TO DO IT
➊ Sweat the shallot in a third of the butter, 4 min.
➋ Add rice, toast 2 min until it clicks. Wine in, reduce.
➌ Stock, ladle by ladle, 16–18 min, stirring. Peas in for the last 3.
➍ Off the heat: rest of butter, parmesan, lemon. Cover, 2 min. Serve on warm plates.

Lemon risotto – page 41`,
    title: '',
    portions: 4,
    components: [
      [
        '',
        [
          '320 g arborio rice',
          '1.2 l hot vegetable stock',
          '1 shallot',
          '100 ml dry white wine',
          '60 g butter',
          '60 g parmesan',
          '1 lemon: zest of all',
          '200 g peas',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a baker’s note with strokes',
    text: `Pan de cebolla / onion bread
makes 2 loaves of 700g

poolish (the night before)
200g bread flour / 200g water / 1g fresh yeast

dough
all the poolish
600g bread flour
380g water
14g salt
4g fresh yeast
250g onions, sliced, slow cooked in 20g butter, cooled

mix, no onions, 4 min slow 4 min fast
rest 20 min, add onions, 1 min slow
bulk 2h, fold at 1h
shape, prove 1h15
bake 240 falling to 210, 40 min w/ steam`,
    title: 'Pan de cebolla / onion bread',
    portions: null,
    components: [
      ['Poolish (the night before)', ['200 g bread flour', '200 g water', '1 g fresh yeast']],
      ['Dough', ['poolish', '600 g bread flour', '380 g water', '14 g salt', '4 g fresh yeast', '250 g onions']],
    ],
    steps: 5,
  },
  {
    manner: 'a costing sheet with a batch in its title',
    text: `BRAISED LENTILS (batch 4 kg)
Section: Garnish                    Chef: K. Ode
----------------------------------------------------
Ingredient              Weight      Notes
----------------------------------------------------
Green lentils           1.000 kg    rinsed
Carrots                 0.300 kg    brunoise
Celery                  0.200 kg    brunoise
Shallots                0.200 kg    brunoise
Garlic                  0.020 kg    paste
Olive oil               0.100 L
Veg stock               2.800 L     hot
Bay leaf                3 no
Sherry vinegar          0.060 L     to finish
Salt                    0.018 kg
----------------------------------------------------
METHOD
1. Sweat veg in oil 8-10 min without colour. Garlic 1 min.
2. Add lentils, coat. Add stock and bay. Simmer 25-30 min.
3. Salt in last 5 min. Finish with vinegar.
4. Chill to <5 °C in 90 min. Label. Use within 3 days.
CCP: core > 75 °C on reheat.`,
    title: 'BRAISED LENTILS',
    portions: null,
    components: [
      [
        '',
        [
          '1 kg Green lentils',
          '0.3 kg Carrots',
          '0.2 kg Celery',
          '0.2 kg Shallots',
          '0.02 kg Garlic',
          '0.1 l Olive oil',
          '2.8 l Veg stock',
          '3 Bay leaf',
          '0.06 l Sherry vinegar',
          '0.018 kg Salt',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a dessert told in sentences',
    text: `Right, so the rhubarb thing:

You want about a kilo of rhubarb, cut into thumb-length bits, and 150g of sugar over the top. Zest of an orange too. Roast it at 180 for about 15 minutes, foil on.

While that's in whip 400ml of double cream with a spoonful of icing sugar, stop before it's stiff.

Crumble's just 100g butter rubbed into 150g flour with 75g demerara and a handful of oats - bake it spread out on a tray, 20 mins, same oven.

Layer it up in glasses. Does 6.`,
    title: 'so the rhubarb thing',
    portions: null,
    components: [
      [
        '',
        [
          '1 kg rhubarb',
          '150 g sugar over the top',
          '400 ml double cream',
          '1 spoonful of icing sugar',
          '100 g butter',
          '150 g flour',
          '75 g demerara',
          '1 handful oats',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a chef’s shorthand with covers behind',
    text: `Kohlrabi schnitzel w/ caper butter   4p

kohlrabi 2 lg
flour, 2 eggs, panko for crumbing
clarified butter to fry
caper butter: 80g butter, 2 T capers, 1 lemon
parsley, chopped

peel kohlrabi, 1cm slices, blanch 4 min, dry well
flour/egg/panko, fry golden 3min/side
brown the butter, capers in, lemon juice
plate, spoon over, parsley`,
    title: 'Kohlrabi schnitzel w/ caper butter',
    portions: 4,
    components: [
      ['', ['2 kohlrabi', 'flour', '2 eggs', 'panko for crumbing', 'clarified butter']],
      ['Caper butter', ['80 g butter', '2 tbsp capers', '1 lemon', 'parsley']],
    ],
    steps: 4,
  },
  {
    manner: 'a magazine with what a portion feeds',
    text: `Chickpea and spinach curry

SERVES 4 | READY IN 30 MINS | VEGAN

1 tbsp vegetable oil
1 onion, thinly sliced
2 garlic cloves, crushed
2.5cm piece fresh ginger, grated
1 green chilli, deseeded and finely chopped (optional)
1 tsp each ground cumin, ground coriander and turmeric
400g can chopped tomatoes
2 x 400g cans chickpeas, drained and rinsed
200g bag baby spinach
Small bunch coriander, leaves picked
Basmati rice and lime wedges, to serve

1 Heat the oil in a large pan and fry the onion for 8–10 minutes. Add the garlic, ginger and chilli; cook for 2 minutes.
2 Stir in the spices for 30 seconds, then add the tomatoes and 150ml water. Bubble for 10 minutes.
3 Add the chickpeas and simmer for 5 minutes. Stir through the spinach to wilt. Season.
4 Scatter with coriander and serve with rice and lime wedges.

Per serving 312 kcals, fat 9g, saturates 1g, carbs 39g, sugars 9g, fibre 12g, protein 14g, salt 0.3g`,
    title: 'Chickpea and spinach curry',
    portions: 4,
    components: [
      [
        '',
        [
          '1 tbsp vegetable oil',
          '1 onion',
          '2 clove garlic',
          '1 fresh ginger',
          '1 green chilli',
          '1 tsp ground cumin',
          '1 tsp ground coriander',
          '1 tsp ground turmeric',
          '1 tin chopped tomatoes',
          '2 tin chickpeas',
          '200 g baby spinach',
          '1 bunch coriander',
          'Basmati rice and lime wedges',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a demonstration sheet with hours',
    text: `Kitchen Brigade School                      Demonstration sheet
Module 4 – Emulsified & mounted sauces              Duration 45'

Dish: Leeks, sauce gribiche-style (no egg), croutons
Portions: 10

A) Leeks
20 pc    young leeks
15 g     salt per litre for blanching
B) Sauce
150 g    silken tofu
10 g     Dijon mustard
20 g     capers
20 g     cornichons
200 ml   grapeseed oil
20 ml    tarragon vinegar
1/2 bt   each chervil, tarragon, parsley
C) Croutons
200 g    white bread, 5 mm dice
60 g     butter

Mise en place: trim and tie leeks in bundles of 5.

Demo sequence
10:00  Blanch leeks 8–9 min, refresh, drain, press.
10:12  Sauce: blend tofu and mustard; emulsify oil; fold in chopped garnish.
10:25  Croutons in foaming butter until golden.
10:35  Dress on long plate, nap, croutons last.

Ask the group: why does the sauce hold without yolk?`,
    title: 'Leeks, sauce gribiche-style (no egg), croutons',
    portions: 10,
    components: [
      ['Leeks', ['20 young leeks', '15 g salt per litre for blanching']],
      [
        'Sauce',
        [
          '150 g silken tofu',
          '10 g Dijon mustard',
          '20 g capers',
          '20 g cornichons',
          '200 ml grapeseed oil',
          '20 ml tarragon vinegar',
          '0.5 bt each chervil',
          'tarragon',
          'parsley',
        ],
      ],
      ['Croutons', ['200 g white bread', '60 g butter']],
    ],
    steps: 5,
  },
  {
    manner: 'an old receipt to pickle',
    text: `To pickle Red Cabbage

Choose a firm purple cabbage; quarter it, take out the stalk, and shred it fine. Lay it in a dish, sprinkling each layer with salt, and let it stand until the next day. Drain it well. To each quart of vinegar allow half an ounce of black peppercorns, half an ounce of bruised ginger, and a blade or two of mace; boil these together for ten minutes and, when cold, pour over the cabbage in jars. It will be fit to use in a fortnight.`,
    title: 'To pickle Red Cabbage',
    portions: null,
    components: [['', ['0.5 oz black peppercorns', '0.5 oz bruised ginger']]],
    steps: 1,
  },
  {
    manner: 'a yield in French',
    text: `Gâteau de semoule aux abricots
(semolina cake with apricots)

Pour 8

1 l lait
150 g semoule fine
120 g sucre
60 g beurre
12 abricots
1 gousse de vanille

Bring the milk to a simmer with the split vanilla. Rain in the semolina, stir for 6 minutes on low heat. Off the heat add sugar and butter.
Butter a 24 cm mould, line with halved apricots, pour in the mixture.
Chill 4 hours. Turn out.`,
    title: 'Gâteau de semoule aux abricots',
    portions: 8,
    components: [['', ['1 l lait', '150 g semoule fine', '120 g sucre', '60 g beurre', '12 abricots', '1 gousse de vanille']]],
    steps: 3,
  },
  {
    manner: 'a post with pictures and tags',
    text: `Miso-glazed aubergine 🍆✨

serves 2 (or 1 hungry one lol)

👉 2 small aubergines
👉 2 tbsp white miso
👉 1 tbsp mirin
👉 1 tbsp maple syrup
👉 1 tsp sesame oil
👉 spring onion + sesame seeds for topping

Halve the aubergines & score 🔪 brush with oil, roast 200C 25 min cut side down. Mix the glaze, flip, brush, grill 4-5 min til bubbling 🔥

Save this for later! #plantbased #aubergine #easydinner`,
    title: 'Miso-glazed aubergine',
    portions: 2,
    components: [
      [
        '',
        [
          '2 aubergines',
          '2 tbsp white miso',
          '1 tbsp mirin',
          '1 tbsp maple syrup',
          '1 tsp sesame oil',
          'spring onion + sesame seeds for topping',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a bakery card with lines to fill in',
    text: `Recipe Name: Buttermilk scones            Standard yield: 24 each
Recipe no.: B-07                           Portion size: 65 g
Prepared by: ____________                  Date: ____________

Flour, self-raising         900 g
Salt                        10 g
Butter, cold, cubed         200 g
Sugar, caster               100 g
Buttermilk                  450 ml
Eggs, whole                 2
Egg wash                    as needed

1. Sift flour and salt; rub in butter to crumbs.          HACCP: wash hands
2. Stir in sugar. Make a well; add buttermilk and eggs; bring together with a knife.
3. Pat out 2.5 cm, cut 6 cm rounds, egg wash tops.
4. Bake 220°C, 12–14 minutes.
5. Cool on rack.`,
    title: 'Buttermilk scones',
    portions: 24,
    components: [['', ['900 g Flour', '10 g Salt', '200 g Butter', '100 g Sugar', '450 ml Buttermilk', '2 Eggs', 'Egg wash']]],
    steps: 5,
  },
  {
    manner: 'steps that are numbered by a word above them',
    text: `Ingredients:
For the dough (makes 12):
500g strong white flour, plus extra for dusting
7g sachet fast-action dried yeast
2 tsp fine sea salt
1 tbsp honey
325ml lukewarm water

For the topping:
4 tbsp za'atar
100ml extra virgin olive oil

Equipment:
2 baking sheets
rolling pin

Instructions:
Step 1
Mix flour, yeast and salt. Add honey and water, knead for 10 minutes.
Step 2
Leave to rise for 1 hour, or until doubled.
Step 3
Divide into 12, roll to 15 cm rounds. Mix za'atar and oil, spread on top.
Step 4
Bake at 230°C (210°C fan) for 8 minutes.

Nutrition (per flatbread): Calories 240; Fat 9 g; Carbs 33 g`,
    title: '',
    portions: 12,
    components: [
      [
        'Dough',
        ['500 g strong white flour', '7 g fast-action dried yeast', '2 tsp fine sea salt', '1 tbsp honey', '325 ml lukewarm water'],
      ],
      ['Topping', ["4 tbsp za'atar", '100 ml extra virgin olive oil']],
    ],
    steps: 4,
  },
  {
    manner: 'for each group of four, one sauce',
    text: `Rote Grütze - for the Tuesday group

Per group of 4:
350 g mixed red berries, frozen
150 ml cherry juice
50 g sugar
25 g cornflour
1/2 vanilla pod

Vanilla sauce per group:
250 ml milk
2 egg yolks
25 g sugar
10 g cornflour

Group 1 and 2 cook berries, group 3 and 4 sauce, then swap!
Berries: boil juice with sugar and vanilla, bind with cornflour slaked in a little cold juice, boil 1 min, fold in berries. Chill.
Sauce: bring milk to boil, whisk in yolks/sugar/starch, cook to 82 °C, strain, cool.
Washing up by 11.45 please!!`,
    title: 'Rote Grütze - for the Tuesday group',
    portions: 4,
    components: [
      ['Per group of 4', ['350 g mixed red berries', '150 ml cherry juice', '50 g sugar', '25 g cornflour', '0.5 vanilla pod']],
      ['Vanilla sauce', ['250 ml milk', '2 egg yolks', '25 g sugar', '10 g cornflour']],
    ],
    steps: 3,
  },
  {
    manner: 'a church cook’s card',
    text: `FRIED GREEN TOMATOES

4 large green tomatoes - slice ½ inch
1 C. flour
2 eggs, beaten w/ ½ C. buttermilk
1 C. cornmeal + ½ C. bread crumbs
2 t. salt, ¼ t. pepper
1 qt. oil for frying

Dredge in flour, dip in egg, roll in crumbs.
Fry @ 375° til golden 3 min. ea. side. Drain on brown paper.
(from Nettie - church supper '62)`,
    title: 'FRIED GREEN TOMATOES',
    portions: null,
    components: [
      [
        '',
        [
          '4 green tomatoes',
          '1 cup flour',
          '2 eggs',
          '1 cup cornmeal',
          '0.5 cup bread crumbs',
          '2 tsp salt',
          '0.25 tsp pepper',
          '1 quart oil',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a day’s plan with a soup',
    text: `Day 3 – Stocks & soups

09:00 Briefing, knives
09:20 Minestrone (per team of 2)
  olive oil 20 ml, onion 80 g, carrot 80 g, celery 60 g, garlic 1 clove
  tomato paste 15 g, cooked white beans 150 g, courgette 100 g, savoy cabbage 80 g
  stock 1.2 l, small pasta 60 g, parmesan 20 g
  Sweat the base 10', add paste, stock, simmer 20', beans and greens 10', pasta last 8'.
10:30 Break
10:45 Tasting: acidity, seasoning, texture
11:30 Clean down`,
    title: 'Minestrone',
    portions: 2,
    components: [
      [
        '',
        [
          '20 ml olive oil',
          '80 g onion',
          '80 g carrot',
          '60 g celery',
          '1 clove garlic',
          '15 g tomato paste',
          '150 g white beans',
          '100 g courgette',
          '80 g savoy cabbage',
          '1.2 l stock',
          '60 g small pasta',
          '20 g parmesan',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'fritters with a sauce in one row',
    text: `Courgette, mint and feta fritters (makes about 16)

600g courgettes
1½ tsp salt
200g feta, crumbled
4 spring onions, finely sliced
small handful of mint leaves, chopped
3 eggs, lightly beaten
120g plain flour
½ tsp baking powder
sunflower oil, for shallow-frying
For the yoghurt: 200g Greek yoghurt; 1 small garlic clove, crushed; juice of ½ lemon

Grate the courgettes coarsely, toss with the salt in a colander and leave for 20 minutes. Squeeze very dry.
Combine with the feta, onions, mint and eggs. Sift in the flour and baking powder, season with pepper and fold together.
Heat 1cm oil in a frying pan over a medium heat. Fry heaped tablespoons of the mixture in batches for 2–3 minutes on each side. Drain on kitchen paper.
Stir the yoghurt ingredients together and serve with the fritters.`,
    title: 'Courgette, mint and feta fritters',
    portions: 16,
    components: [
      [
        '',
        [
          '600 g courgettes',
          '1.5 tsp salt',
          '200 g feta',
          '4 spring onions',
          '1 handful mint leaves',
          '3 eggs',
          '120 g plain flour',
          '0.5 tsp baking powder',
          'sunflower oil',
        ],
      ],
      ['Yoghurt', ['200 g Greek yoghurt', '1 clove garlic', '0.5 lemon']],
    ],
    steps: 4,
  },
  {
    manner: 'a soup with a sauce, each with its list',
    text: `Spring vegetable minestrone with pesto
Serves 6

For the soup
2 tbsp olive oil
2 leeks, trimmed and finely sliced
2 carrots, diced
2 garlic cloves, sliced
1.5 litres vegetable stock
400g new potatoes, halved
150g broad beans (podded weight)
150g peas
1 bunch asparagus, woody ends snapped off, cut into 3cm lengths

For the pesto
50g basil leaves
30g pine nuts
1 garlic clove
40g pecorino
100ml extra virgin olive oil

1. Heat the oil in a large saucepan. Add the leeks and carrots and cook gently for 10 minutes.
2. Add the garlic, cook for 1 minute, then the stock and potatoes. Simmer for 15 minutes.
3. Meanwhile, blitz the basil, nuts, garlic and cheese, then add the oil gradually.
4. Add the beans, peas and asparagus to the soup and cook for 3 minutes. Serve with the pesto.`,
    title: 'Spring vegetable minestrone with pesto',
    portions: 6,
    components: [
      [
        'Soup',
        [
          '2 tbsp olive oil',
          '2 leeks',
          '2 carrots',
          '2 clove garlic',
          '1.5 l vegetable stock',
          '400 g new potatoes',
          '150 g broad beans',
          '150 g peas',
          '1 bunch asparagus',
        ],
      ],
      ['Pesto', ['50 g basil leaves', '30 g pine nuts', '1 clove garlic', '40 g pecorino', '100 ml extra virgin olive oil']],
    ],
    steps: 4,
  },
  {
    manner: 'a technique sheet with faults',
    text: `TECHNIQUE SHEET 12: BEURRE BLANC

Objective: produce a stable reduction-based butter sauce.
Yield 250 ml, 5 portions of 50 ml

Ingredients            Amount
Shallots, ciselé       40 g
White wine, dry        100 ml
White wine vinegar     50 ml
Cream (optional)       30 ml
Butter, cold, cubed    200 g
Salt, white pepper     to taste

Procedure
1) Combine shallots, wine and vinegar. Reduce to 2 tbsp (au sec).
2) Add cream, boil once.
3) Over low heat whisk in butter, a few cubes at a time. Keep between 50 and 58 °C.
4) Season, pass, hold in a warm bain-marie no more than 1 hour.

Common faults
- Too hot: splits, greasy.
- Too cold: butter sets.`,
    title: 'BEURRE BLANC',
    portions: 5,
    components: [
      ['', ['40 g Shallots', '100 ml White wine', '50 ml White wine vinegar', '30 ml Cream', '200 g Butter', 'Salt, white pepper']],
    ],
    steps: 4,
  },
  {
    manner: 'a chat about a soup',
    text: `Hiya, you asked for the beetroot-free borscht!! Here goes (for about 8):

Onion x 2, carrot x 3, celery 4 sticks, all diced small
Half a white cabbage shredded
tin of toms
2L veg stock
3 potatoes cubed
2 tsp caraway, 1 bay, salt
splash vinegar
dill + sour cream to finish

Sweat the onion carrot celery 10 min in oil, cabbage in another 5. Everything else apart from spuds 20 mins, spuds in, 15 more. Vinegar to taste. Better day 2!!

Bx`,
    title: 'Hiya, you asked for the beetroot-free borscht!! Here goes (for about 8)',
    portions: 8,
    components: [
      [
        '',
        [
          '2 Onion',
          '3 carrot',
          '4 stick celery',
          '0.5 white cabbage',
          '1 tin toms',
          '2 l veg stock',
          '3 potatoes',
          '2 tsp caraway',
          '1 bay',
          'salt',
          '1 splash vinegar',
          'dill + sour cream',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a French paste',
    text: `Pâte brisée

Farine T55   500 g
Beurre       250 g
Sel          10 g
Eau          120 ml
Œuf          1

Sabler, ajouter l'œuf et l'eau. Reposer 1 h au froid.`,
    title: 'Pâte brisée',
    portions: null,
    components: [['', ['500 g Farine T55', '250 g Beurre', '10 g Sel', '120 ml Eau', '1 Œuf']]],
    steps: 1,
  },
  {
    manner: 'a torte with its cost',
    text: `GLUTEN-FREE CHOCOLATE TORTE

Portions: 16          Tin: 26 cm springform
Allergens: MILK, EGGS, NUTS, (SOYA)

300 g  dark chocolate 70%
300 g  butter
8      eggs, separated
250 g  caster sugar
300 g  ground almonds
1/4 tsp salt

METHOD
Melt chocolate & butter over bain marie (max 50 C).
Whisk yolks with half the sugar to ribbon; fold in chocolate, then almonds.
Whisk whites, salt & remaining sugar to soft peaks; fold in 3 goes.
Bake 160 C fan 40-45 min; skewer slightly sticky.
Cool in tin. Cut with a hot knife.

Storage: 3 days ambient, covered. Freezes 1 month.
Cost per portion £0.84 – GP 78%`,
    title: 'GLUTEN-FREE CHOCOLATE TORTE',
    portions: 16,
    components: [
      ['', ['300 g dark chocolate 70%', '300 g butter', '8 eggs', '250 g caster sugar', '300 g ground almonds', '0.25 tsp salt']],
    ],
    steps: 5,
  },
  {
    manner: 'a worksheet for pairs',
    text: `Lesson 4 worksheet: Choux

Name: ______________  Group: ______

You need (per pair):
125 ml water, 50 g butter, pinch of salt, 75 g strong flour, 2 eggs

Filling: 200 ml whipping cream, 20 g icing sugar

Step 1. Bring water, butter and salt to the boil.
Step 2. Off the heat, beat in the flour all at once. Return to the heat and dry for 2 minutes.
Step 3. Cool to 60 °C, then beat in the eggs little by little. The paste should fall from the spoon in a V.
Step 4. Pipe 8 éclairs of 10 cm. Bake at 190 °C for 25 minutes. Do not open the door!
Step 5. Split and fill.

Questions
1. Why does choux rise?
2. What happens if the eggs are added too hot?`,
    title: 'Choux',
    portions: null,
    components: [
      ['', ['125 ml water', '50 g butter', '1 pinch salt', '75 g strong flour', '2 eggs']],
      ['Filling', ['200 ml whipping cream', '20 g icing sugar']],
    ],
    steps: 5,
  },
  {
    manner: 'a canapé with semicolons',
    text: `Broad bean falafel, preserved lemon yoghurt, flatbread (V) — serves 30 as canapé

Falafel: broad beans, dried, split 500 g (soak 24 h); onion 150 g; garlic 20 g; parsley 60 g; coriander 40 g; cumin 8 g; baking powder 6 g; salt 12 g
Yoghurt: Greek yoghurt 400 g; preserved lemon 60 g; mint 10 g
Flatbread: see bakery

Method: Drain beans, mince with everything except baking powder. Rest 1 h. Add b.p., shape 20 g balls, fry 175 °C 3 min, core > 75 °C. Mix yoghurt. Serve on flatbread rounds.`,
    title: 'Broad bean falafel, preserved lemon yoghurt, flatbread (V)',
    portions: 30,
    components: [
      [
        'Falafel',
        [
          '500 g broad beans',
          '150 g onion',
          '20 g garlic',
          '60 g parsley',
          '40 g coriander',
          '8 g cumin',
          '6 g baking powder',
          '12 g salt',
        ],
      ],
      ['Yoghurt', ['400 g Greek yoghurt', '60 g preserved lemon', '10 g mint', 'Flatbread: see bakery']],
    ],
    steps: 1,
  },
  {
    manner: 'an old card in ounces',
    text: `Baked apples

6 cooking apples
3 oz sultanas
2 oz soft brown sugar
1 oz butter
½ level teaspoonful mixed spice
¼ pint water

Core the apples and slit the skin round the middle. Mix the fruit, sugar and spice and fill the cavities. Top each with a knob of the butter. Stand in a dish with the water and bake in a moderate oven (350°F., Mark 4) for 45 minutes to 1 hour.

Variation: use dates and orange juice in place of the sultanas and water.`,
    title: 'Baked apples',
    portions: null,
    components: [
      ['', ['6 cooking apples', '3 oz sultanas', '2 oz soft brown sugar', '1 oz butter', '0.5 tsp mixed spice', '0.25 pint water']],
    ],
    steps: 1,
  },
  {
    manner: 'steps that sound like a plan of the day',
    text: `Chocolate pots
Serves 4

200 g dark chocolate
300 ml cream

Break the chocolate into a bowl
Warm the cream and pour over
Lunch (30 min)`,
    title: 'Chocolate pots',
    portions: 4,
    components: [['', ['200 g dark chocolate', '300 ml cream']]],
    steps: 2,
  },
  {
    manner: 'a magazine, steps without numbers',
    text: `Pumpkin seed pesto rigatoni

Preparation time: 15 minutes
Cooking time: 12 minutes
Serves 4

500g rigatoni
80g pumpkin seeds
1 large bunch of basil (about 60g), leaves and stalks
1 garlic clove, peeled
Grated zest and juice of 1 lemon
40g vegetarian hard cheese, grated
120ml olive oil
Sea salt and black pepper

Toast the pumpkin seeds in a dry frying pan over a medium heat for 3–4 minutes, until they pop.
Tip into a food processor with the basil, garlic, lemon zest and juice and the cheese. Pulse to a rough paste, then, with the motor running, pour in the oil.
Cook the pasta in boiling salted water according to the packet. Reserve a mugful of the water, drain, and toss with the pesto, loosening with the water.`,
    title: 'Pumpkin seed pesto rigatoni',
    portions: 4,
    components: [
      [
        '',
        [
          '500 g rigatoni',
          '80 g pumpkin seeds',
          '1 bunch basil',
          '1 clove garlic',
          '1 lemon',
          '40 g vegetarian hard cheese',
          '120 ml olive oil',
          'Sea salt and black pepper',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a larder’s week, what each gives behind its name',
    text: `LARDER – WEEKLY PREP

Pickling liquor      5L
  1.5L white wine vinegar
  3L water
  750g sugar
  150g salt
  20g mustard seeds
  Bring to boil, cool.

Soused cucumber
  4 cucumbers, peeled, seeded
  1L pickling liquor
  Slice 5mm, cover, 2 hrs min.

Caper & raisin
  200g capers
  200g golden raisins
  200ml water
  50ml sherry vin
  Simmer 10 min, blend smooth.`,
    title: 'LARDER – WEEKLY PREP',
    portions: null,
    components: [
      ['Pickling liquor', ['1.5 l white wine vinegar', '3 l water', '750 g sugar', '150 g salt', '20 g mustard seeds']],
      ['Soused cucumber', ['4 cucumbers', '1 l pickling liquor']],
      ['Caper & raisin', ['200 g capers', '200 g golden raisins', '200 ml water', '50 ml sherry vin']],
    ],
    steps: 3,
  },
  {
    manner: 'a hummus with its tools in a row',
    text: `How to make: Roasted carrot hummus

You'll need: a blender, a baking tray

- 4 medium carrots (roughly 400g)
- 1 x 400g can of chickpeas, drained (keep the liquid!)
- 3 heaped tbsp tahini
- juice of a large lemon
- 1 small clove of garlic
- 1/2 tsp ground cumin, plus a pinch to serve
- extra virgin olive oil

1) Heat the oven to 200°C / 180°C fan / gas 6. Toss the carrots in a tablespoon of oil and roast for 30-35 mins.
2) Blitz with everything else, adding 3-4 tbsp of the chickpea liquid until silky. 
3) Drizzle with oil, dust with cumin.

Makes a big bowl (6-8 as a dip). Keeps 3 days in the fridge.`,
    title: 'Roasted carrot hummus',
    portions: null,
    components: [
      [
        '',
        ['4 carrots', '1 tin chickpeas', '3 tbsp tahini', '1 lemon', '1 clove garlic', '0.5 tsp ground cumin', 'extra virgin olive oil'],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a standardised recipe with rows counted and factors',
    text: `Standardised recipe            File: VEG-22
Name          Ratatouille-style stew
Yield         20 portions @ 180 g
Equipment     bratt pan, 2 GN 1/1

No   Ingredient           EP      Unit   AP factor
1    Aubergine, 2 cm      900     g      1.05
2    Courgette, 2 cm      900     g      1.05
3    Red pepper, 2 cm     600     g      1.25
4    Onion, sliced        500     g      1.12
5    Tomato, concassé     1200    g      1.30
6    Garlic, chopped      30      g
7    Olive oil            150     ml
8    Thyme, bay           to taste

Procedure
a. Sauté onion and garlic in half the oil, 6 min.
b. Add pepper, 5 min. Brown aubergine and courgette apart in the rest.
c. Combine, add tomato and herbs, stew covered 20 min.
d. Season. Hold >63 °C or chill.`,
    title: 'Ratatouille-style stew',
    portions: 20,
    components: [
      [
        '',
        [
          '900 g Aubergine',
          '900 g Courgette',
          '600 g Red pepper',
          '500 g Onion',
          '1200 g Tomato',
          '30 g Garlic',
          '150 ml Olive oil',
          'Thyme',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a mail for a staff lunch',
    text: `from: oda
to: kitchen team
re: staff lunch thurs

guys can we do the dal again, it was great. for 30:

red lentils 2.4 kg
onions 1.2 kg sliced
garlic 1 head, ginger 100 g - both grated
cumin seed 30g, turmeric 20g, chilli powder 10g
chopped toms 2 x 2.5kg tins
coconut milk 2.4 L
spinach 1kg
salt

sweat onions, add garlic ginger spices 5 mins, lentils + toms + 4L water, 35 mins, finish w coconut milk and spinach. rice on the side (3kg raw).

ta x`,
    title: 'staff lunch thurs',
    portions: 30,
    components: [
      [
        '',
        [
          '2.4 kg red lentils',
          '1.2 kg onions',
          '1 head garlic',
          '100 g ginger',
          '30 g cumin seed',
          '20 g turmeric',
          '10 g chilli powder',
          '2 tin toms',
          '2.4 l coconut milk',
          '1 kg spinach',
          'salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'somebody’s gran',
    text: `Brown soda bread
Aran's gran

1 lb coarse wholemeal
½ lb plain flour
1 rounded tsp bread soda
1 tsp salt
a fistful of oats
about a pint of buttermilk

Dry things in a bowl. Make a hole. Most of the buttermilk in, mix with your hand like a claw, don't be at it too long. Shape, cross on top, let the fairies out. Hot oven (425 F) 15 min, then 375 another half hour. Knock on its bottom.`,
    title: 'Brown soda bread',
    portions: null,
    components: [
      ['', ['1 lb coarse wholemeal', '0.5 lb plain flour', '1 tsp bread soda', '1 tsp salt', '1 fistful of oats', '1 pint buttermilk']],
    ],
    steps: 1,
  },
  {
    manner: 'an exam for each candidate',
    text: `Emulsion exam – part 2 (practical)
Time allowed 45 min

Each candidate prepares ONE portion of:
Poached leeks with warm sabayon

Leeks 3 ea
White wine 50 ml
Egg yolk, pasteurised 40 g
Butter, clarified 60 g
Lemon juice 5 ml
Chervil 2 g

Candidates must: 
• work clean
• state the temperature of the sabayon (target 63-65 °C)
• present on a hot plate

Judges taste at 45:00.`,
    title: 'Poached leeks with warm sabayon',
    portions: 1,
    components: [['', ['3 Leeks', '50 ml White wine', '40 g Egg yolk', '60 g Butter', '5 ml Lemon juice', '2 g Chervil']]],
    steps: 0,
  },
  {
    manner: 'a chutney by the jar',
    text: `Recipe adapted from the community cookbook, p. 88

SPICED PEAR CHUTNEY (6 x 340 g jars)

2 kg firm pears, peeled, cored and chopped
500 g onions
400 g light brown sugar
600 ml cider vinegar
150 g raisins
2 tsp ground ginger
1 cinnamon stick
10 cloves, tied in muslin
1 tbsp salt

Combine all in a preserving pan. Bring slowly to a simmer, stirring to dissolve the sugar. Cook 1½-2 hours until a spoon drawn across leaves a trail. Remove the spices. Pot into hot sterilised jars. Leave 6 weeks before eating.`,
    title: 'SPICED PEAR CHUTNEY',
    portions: null,
    components: [
      [
        '',
        [
          '2 kg firm pears',
          '500 g onions',
          '400 g light brown sugar',
          '600 ml cider vinegar',
          '150 g raisins',
          '2 tsp ground ginger',
          '1 stick cinnamon',
          '10 cloves',
          '1 tbsp salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'bhaji and raita',
    text: `Onion bhaji

Serves 4-6

For the bhaji:
3 onions, halved and thinly sliced
150g gram flour
1 tsp baking powder
1 tsp cumin seeds
1/2 tsp turmeric
1 green chilli, finely chopped
a handful of coriander, chopped
about 150ml cold water
vegetable oil, for deep frying

For the raita:
200g natural yoghurt
1/4 cucumber, grated and squeezed
a few mint leaves, shredded
pinch of salt

Method
1. Mix the flour, baking powder, spices, chilli and coriander. Add enough water for a thick batter.
2. Stir in the onions.
3. Heat the oil to 180C. Fry spoonfuls for 3-4 minutes until golden and crisp. Drain.
4. Mix the raita ingredients and serve alongside.`,
    title: 'Onion bhaji',
    portions: 4,
    components: [
      [
        'Bhaji',
        [
          '3 onions',
          '150 g gram flour',
          '1 tsp baking powder',
          '1 tsp cumin seeds',
          '0.5 tsp turmeric',
          '1 green chilli',
          '1 handful coriander',
          '150 ml cold water',
          'vegetable oil',
        ],
      ],
      ['Raita', ['200 g natural yoghurt', '0.25 cucumber', '3 leaf mint', '1 pinch salt']],
    ],
    steps: 4,
  },
  {
    manner: 'a card in capitals with its cost',
    text: `RECIPE CARD NO. 31
BUTTER BEAN & SAGE GRATIN

10 PORTIONS                 COST/PORTION 0.92
STORAGE: 3 DAYS CHILLED     REHEAT: 75C

INGREDIENTS                 QTY
BUTTER BEANS, COOKED        1.8 KG
LEEKS                       600 G
DOUBLE CREAM                500 ML
VEGETABLE STOCK             250 ML
SAGE                        20 G
BREADCRUMBS                 200 G
HARD CHEESE, GRATED         150 G
BUTTER                      80 G

METHOD
SWEAT LEEKS IN HALF THE BUTTER. ADD STOCK AND CREAM, REDUCE BY A THIRD.
FOLD IN BEANS AND SAGE. SEASON. DIVIDE BETWEEN 2 GN 1/2 TRAYS.
TOP WITH CRUMBS, CHEESE, BUTTER. BAKE 190C 25 MIN.`,
    title: 'BUTTER BEAN & SAGE GRATIN',
    portions: 10,
    components: [
      [
        '',
        [
          '1.8 kg BUTTER BEANS',
          '600 g LEEKS',
          '500 ml DOUBLE CREAM',
          '250 ml VEGETABLE STOCK',
          '20 g SAGE',
          '200 g BREADCRUMBS',
          '150 g HARD CHEESE',
          '80 g BUTTER',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'each group needs, in a mail',
    text: `So for Saturday's class (16 people, in fours) we're doing the spinach & feta triangles.

Each group needs:
6 sheets filo
400g spinach
200g feta
1 bunch spring onions
1 egg
nutmeg
80g melted butter
sesame seeds to sprinkle

1. wilt and squeeze the spinach REALLY dry
2. crumble in feta, slice the onions, egg, nutmeg
3. cut filo in strips, butter, fold into triangles (show them the flag fold)
4. sesame, 190 fan, 18-20 mins

We have the two ovens from 11. Could you check we have enough trays?`,
    title: 'Spinach & feta triangles',
    portions: null,
    components: [
      ['', ['6 sheet filo', '400 g spinach', '200 g feta', '1 bunch spring onions', '1 egg', 'nutmeg', '80 g butter', 'sesame seeds']],
    ],
    steps: 4,
  },
  {
    manner: 'two dishes of one table',
    text: `Tzatziki II

1 cucumber
500 g strained yoghurt (10%)
2 cloves garlic
2 tbsp olive oil
1 tbsp red wine vinegar
dill
salt

Grate cucumber, salt it, 20 minutes in a sieve, squeeze.
Crush garlic with salt. Mix all. One hour in the fridge.

Polenta chips

1 l water
250 g polenta
80 g parmesan
20 g butter
salt
oil to fry

Boil the water with salt, rain in the polenta, 30 minutes, stirring.
Cheese and butter in. Into an oiled tray 2 cm high, cold overnight.
Cut 2x2x8 cm, fry at 180 °C until crisp.`,
    title: 'Tzatziki II',
    portions: null,
    components: [
      ['', ['1 cucumber', '500 g strained yoghurt', '2 clove garlic', '2 tbsp olive oil', '1 tbsp red wine vinegar', 'dill', 'salt']],
      ['Polenta chips', ['1 l water', '250 g polenta', '80 g parmesan', '20 g butter', 'salt', 'oil']],
    ],
    steps: 5,
  },
  {
    manner: 'a chef’s notes without units',
    text: `Dauphine of turnip — chef's notes

per 6
turnips 1.2k (peeled wt 1k)
cream 400
milk 200
garlic 2 cl
nutmeg
gruyere 120
butter for dish

slice 2mm mandolin
simmer in cream/milk/garlic 8'
layer, gruyere between
160° 50' covered 15' un
rest 20' b4 portioning`,
    title: "Dauphine of turnip — chef's notes",
    portions: 6,
    components: [['', ['1.2 kg turnips', '400 g cream', '200 g milk', '2 clove garlic', 'nutmeg', '120 gruyere', 'butter for dish']]],
    steps: 4,
  },
  {
    manner: 'a list with dots, steps that are counted',
    text: `Title: Warm salad of lentils, roast beets-free: carrots & goat's curd
Level: 2        Session: AM        Group size: 12

Commodity list (per student, 2 covers)
Puy lentils ............ 80 g
Baby carrots ........... 120 g
Goat's curd ............ 40 g
Shallot ................ 1 ea
Sherry vinegar ......... 10 ml
Hazelnut oil ........... 20 ml
Hazelnuts .............. 15 g
Chervil ................ 1/8 bunch

Order of work
1 Lentils on: cold water, thyme, simmer 20-25 min
2 Roast carrots 200 C 20 min
3 Toast nuts, rub
4 Dressing
5 Dress lentils warm; plate`,
    title: "Warm salad of lentils, roast beets-free: carrots & goat's curd",
    portions: null,
    components: [
      [
        '',
        [
          '80 g Puy lentils',
          '120 g Baby carrots',
          "40 g Goat's curd",
          '1 Shallot',
          '10 ml Sherry vinegar',
          '20 ml Hazelnut oil',
          '15 g Hazelnuts',
          '0.125 bunch Chervil',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a cassoulet told in sentences',
    text: `DUCK-FAT-FREE CASSOULET (vegan)
feeds 8, takes most of an afternoon

Soak 600g haricot beans overnight. Next day simmer them 45 minutes with an onion, 2 carrots and a bouquet garni.

Meanwhile fry 200g smoked tofu, 6 vegan sausages and 250g chestnut mushrooms until well coloured. Add 1 chopped onion, 4 cloves garlic, 2 tbsp tomato purée, 400g tin tomatoes and 200ml white wine.

Combine, top with 150g breadcrumbs mixed with 3 tbsp oil and a handful of parsley. Bake at 170°C for an hour and a half, breaking the crust three times.`,
    title: 'DUCK-FAT-FREE CASSOULET (vegan)',
    portions: 8,
    components: [
      [
        '',
        [
          '600 g haricot beans',
          '2 carrots',
          '200 g smoked tofu',
          '6 vegan sausages',
          '250 g chestnut mushrooms',
          '1 onion',
          '4 clove garlic',
          '2 tbsp tomato purée',
          '1 tin tomatoes',
          '200 ml white wine',
          '150 g breadcrumbs',
          '3 tbsp oil',
          '1 handful parsley',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'scones in four parts',
    text: `Fruit scones – GF

Dry
350 g GF self-raising flour
1 tsp xanthan gum
1 tsp GF baking powder
50 g sugar

Fat
85 g butter, cold

Wet
175 ml milk
1 egg
squeeze lemon

Fruit
80 g sultanas

Oven 220/200F/G7. Rub fat into dry. Fruit. Wet, bring together fast, 3 cm thick, cut 5 cm. Glaze. 10–12 min. Makes 10.`,
    title: 'Fruit scones – GF',
    portions: 10,
    components: [
      ['Dry', ['350 g GF self-raising flour', '1 tsp xanthan gum', '1 tsp GF baking powder', '50 g sugar']],
      ['Fat', ['85 g butter']],
      ['Wet', ['175 ml milk', '1 egg', 'squeeze lemon']],
      ['Fruit', ['80 g sultanas']],
    ],
    steps: 1,
  },
  {
    manner: 'pancakes that are no ingredient',
    text: `Pancakes

200 g flour
2 eggs
400 ml milk

Whisk, rest 30 minutes. Fry 8 pancakes in a little butter, 2 minutes a side. Cut 1 pancake into 6 wedges to taste. Serve 2 pancakes each with 1 lemon wedge.`,
    title: 'Pancakes',
    portions: null,
    components: [['', ['200 g flour', '2 eggs', '400 ml milk']]],
    steps: 1,
  },
  {
    manner: 'a jelly with water in its steps',
    text: `Soda water jelly

500 ml elderflower cordial
6 leaves gelatine

Soak the gelatine 5 minutes in 1 litre cold water. Warm 100 ml of the cordial to 60 °C, melt the gelatine. Pour into 6 glasses. Chill for 4 hours at 4 °C.`,
    title: 'Soda water jelly',
    portions: null,
    components: [['', ['500 ml elderflower cordial', '6 leaf gelatine', '1 l cold water']]],
    steps: 1,
  },
  {
    manner: 'a bread of three lines',
    text: `Bread

500 g flour
350 g water
10 g salt

Mix 3 minutes. Rest 20 minutes. Fold 3 times every 30 minutes. Shape 2 loaves. Bake 40 minutes at 230 °C with 1 tray of water below.`,
    title: 'Bread',
    portions: null,
    components: [['', ['500 g flour', '350 g water', '10 g salt']]],
    steps: 1,
  },
];
