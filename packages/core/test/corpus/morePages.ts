import type { Page } from './pages';

export const MORE_PAGES: readonly Page[] = [
  {
    manner: 'a mise en place in capitals',
    text: `Tomato water jelly, basil, cucumber (amuse-bouche for 30)

TOMATO WATER
3kg very ripe tomatoes
30g salt
20g basil stalks
blitz coarse, hang overnight in muslin over a bowl in the walk-in. do not press.

JELLY
1 litre tomato water (above)
8g agar
whisk agar into cold tomato water, boil 2 minutes, pour 5mm deep, set, dice.

TO FINISH
2 cucumbers, 3mm dice
basil tips
olive oil
flaky salt`,
    title: 'Tomato water jelly, basil, cucumber',
    portions: 30,
    components: [
      ['Tomato water', ['3 kg very ripe tomatoes', '30 g salt', '20 g basil stalks']],
      ['Jelly', ['1 l tomato water', '8 g agar']],
      ['To finish', ['2 cucumbers', 'basil tips', 'olive oil', 'flaky salt']],
    ],
    steps: 2,
  },
  {
    manner: 'ferments: vessels, keeping, safety',
    text: `Sauerkraut, the simple way
Total time: 20 minutes + 3 weeks
Yield: 1 x 2-litre jar

You will need
- scales
- 2-litre jar, weight, cloth

What goes in
- 2 kg white cabbage (trimmed weight)
- 40 g fine salt - that's 2% of the cabbage
- 1 tsp caraway

Do it
Shred the cabbage 2 mm. Salt, massage for 10 minutes until it drips. Pack tight, weigh down, brine must cover. Cover with the cloth.
Keep at 18–20 °C. Skim after 3 days. Taste from day 10; ready after about 3 weeks.
Move to the cold.

Safety: throw it away if it is slimy, pink or smells wrong.`,
    title: 'Sauerkraut, the simple way',
    portions: null,
    components: [['', ['2 kg white cabbage', '40 g fine salt', '1 tsp caraway']]],
    steps: 3,
  },
  {
    manner: 'three groups, dry and wet',
    text: `Wild garlic soda bread

Takes 45 mins | Makes 1 loaf (10 slices)

Dry
  350g wholemeal flour
  150g plain flour
  1 level tsp bicarbonate of soda
  1 tsp salt
Wet
  400ml buttermilk
  1 tbsp honey
Plus
  50g wild garlic leaves, shredded
  1 handful rolled oats

Heat the oven to 200C/180C fan/gas 6.
Combine dry. Make a well, pour in the wet with the garlic, bring together with a claw hand - no kneading.
Shape on a floured tray, cross deeply, scatter oats.
Bake for 35-40 min; it should sound hollow underneath. Cool on a rack.`,
    title: 'Wild garlic soda bread',
    portions: 10,
    components: [
      ['Dry', ['350 g wholemeal flour', '150 g plain flour', '1 tsp bicarbonate of soda', '1 tsp salt']],
      ['Wet', ['400 ml buttermilk', '1 tbsp honey']],
      ['Plus', ['50 g wild garlic leaves', '1 handful rolled oats']],
    ],
    steps: 4,
  },
  {
    manner: 'a salad told',
    text: `My mother's cucumber salad (Gurkensalat, but she never called it that)

2 long cucumbers. Peel, slice as thin as you dare, salt (a teaspoon), and forget for 20 minutes. Press hard.

Dressing = 3 tablespoons sour cream + 1 tablespoon vinegar + 1 teaspoon sugar + lots of dill + white pepper.

Mix just before eating. Enough for 4 as a side.`,
    title: "My mother's cucumber salad (Gurkensalat, but she never called it that)",
    portions: 4,
    components: [
      ['', ['2 long cucumbers']],
      ['Dressing', ['3 tbsp sour cream', '1 tbsp vinegar', '1 tsp sugar', 'dill', 'white pepper']],
    ],
    steps: 2,
  },
  {
    manner: 'capital headings after the yield',
    text: `Serves 8 as a starter
Whipped feta, blackened peppers & seeds

FOR THE FETA
300g feta
150g Greek yoghurt
1 lemon, zest only

FOR THE PEPPERS
4 red peppers
2 tbsp sherry vinegar
3 tbsp olive oil

FOR THE SEEDS
40g pumpkin seeds
1 tsp maple syrup
¼ tsp chilli flakes

FETA: Blitz everything 3 minutes until light. Chill.
PEPPERS: Blacken over a flame or under the grill, 12-15 minutes. Steam in a covered bowl 10 minutes. Skin, tear, dress.
SEEDS: Toss in a dry pan with the syrup and chilli till they clump, 4 min.
PLATE: Swipe of feta, peppers, seeds. Toast on the side.`,
    title: 'Whipped feta, blackened peppers & seeds',
    portions: 8,
    components: [
      ['Feta', ['300 g feta', '150 g Greek yoghurt', '1 lemon']],
      ['Peppers', ['4 red peppers', '2 tbsp sherry vinegar', '3 tbsp olive oil']],
      ['Seeds', ['40 g pumpkin seeds', '1 tsp maple syrup', '0.25 tsp chilli flakes']],
    ],
    steps: 4,
  },
  {
    manner: 'numbered lines that hold list and work',
    text: `Almond biscotti
makes about 36

Oven 170°C

1. 250 g plain flour, 200 g sugar, 1 tsp baking powder, pinch salt — mix.
2. 2 eggs + 1 yolk, 1 tsp vanilla — beat, add to 1.
3. 150 g whole almonds — work in.
4. Two logs, 30 cm. Bake 25 min.
5. Cool 10 min, cut on the slant 1 cm.
6. Bake again at 150°C, 10 min each side.`,
    title: 'Almond biscotti',
    portions: 36,
    components: [
      ['', ['250 g plain flour', '200 g sugar', '1 tsp baking powder', '1 pinch salt', '2 eggs', '1 tsp vanilla', '150 g whole almonds']],
    ],
    steps: 6,
  },
  {
    manner: 'numbers on lines of their own',
    text: `Ingredients
1kg small potatoes
2tbsp olive oil
sea salt

For the dip
200g soured cream
1 bunch chives
1 lime

Instructions
1
Put the potatoes in a pan of cold salted water. Bring to the boil and cook for 15 minutes.
2
Drain, tip on to an oiled tray, squash each with a mug.
3
Roast at 220°C for 30 minutes until the edges are crisp.
4
Stir chives, lime zest and juice through the soured cream.

Crushed roast potatoes with chive dip | Serves 4 | Prep time 10 minutes | Cook time 45 minutes`,
    title: 'Crushed roast potatoes with chive dip',
    portions: 4,
    components: [
      ['', ['1 kg small potatoes', '2 tbsp olive oil', 'sea salt']],
      ['Dip', ['200 g soured cream', '1 bunch chives', '1 lime']],
    ],
    steps: 4,
  },
  {
    manner: 'arrows and dots',
    text: `Vegan chocolate pots (tested 14/2, good)

· 200g dark choc 70%
· 300g silken tofu
· 60ml maple
· 1t vanilla
· pinch Maldon-style salt
→ melt choc, blitz all, pots, fridge 3h min
→ serves 6, tiny spoons
→ tofu must be room temp or it seizes!!`,
    title: 'Vegan chocolate pots (tested 14/2, good)',
    portions: 6,
    components: [['', ['200 g dark choc', '300 g silken tofu', '60 ml maple', '1 tsp vanilla', '1 pinch Maldon-style salt']]],
    steps: 3,
  },
  {
    manner: 'a class sheet for each student',
    text: `BAKED APPLES — a lesson for Year 8
You will be assessed on: coring safely, even filling, presentation.

Each student needs:
1 cooking apple
1 tbsp raisins
1 tsp brown sugar
¼ tsp mixed spice
small knob of butter
2 tbsp water

Class set: corers, small knives, ovenproof dishes, foil

What to do:
Set oven to 180 degrees.
Core the apple, keep your fingers behind the corer. Score a line round the middle.
Fill with raisins, sugar and spice. Put butter on top, water in the dish.
Bake 35 to 45 minutes until a skewer goes in easily.
Clear away while it bakes.

Stretch: make a custard.`,
    title: 'BAKED APPLES — a lesson for Year 8',
    portions: null,
    components: [['', ['1 cooking apple', '1 tbsp raisins', '1 tsp brown sugar', '0.25 tsp mixed spice', '1 knob butter', '2 tbsp water']]],
    steps: 4,
  },
  {
    manner: 'a chef’s shorthand',
    text: `[Chef de partie notebook, garde manger]
ROMESCO (1.8kg)
6 red pepper - blackened, peel
8 plum tom - halved, roast 160/40min
150 hazelnut - toasted
150 almond - toasted
4 clv garlic - confit
2 slice old bread - fried
80 sherry vin
300 oil
10 sm paprika
salt
--> thermo all bar oil, stream in oil, pass not. 5 days.`,
    title: '[Chef de partie notebook, garde manger]',
    portions: null,
    components: [
      [
        'Romesco',
        [
          '6 red pepper',
          '8 plum tom',
          '150 hazelnut',
          '150 almond',
          '4 clove garlic',
          '2 slice old bread',
          '80 sherry vin',
          '300 g oil',
          '10 g paprika',
          'salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'names first, amounts behind',
    text: `Lime and coconut rice pudding   (gf)  6-8 servings

Pudding rice, 150 g
Coconut milk, 2 x 400 ml tins
Whole milk, 400 ml
Sugar, 80 g
Limes, 2 (zest of both, juice of one)
Salt, a pinch
Toasted coconut, to serve

In a heavy pan bring everything except the lime juice and toasted coconut to a simmer.
Cook very gently for 35–40 minutes, stirring often, until the rice is soft and the pudding just flows.
Off the heat, add lime juice. Serve warm or cold, with toasted coconut.
It thickens as it cools: loosen with milk.`,
    title: 'Lime and coconut rice pudding (gf)',
    portions: 6,
    components: [
      ['', ['150 g Pudding rice', '2 tin Coconut milk', '400 ml Whole milk', '80 g Sugar', '2 Limes', '1 pinch Salt', 'coconut']],
    ],
    steps: 4,
  },
  {
    manner: 'sections behind their names',
    text: `Sesame flatbread crackers
(from the back of the tahini jar)

INGREDIENTS: 150g plain flour, 50g wholemeal flour, 3 tbsp sesame seeds, 1 tsp salt, 60ml oil, 75ml water.

DIRECTIONS: Mix everything to a dough. Rest 20 minutes. Roll paper thin. Score. Bake at 200C for 10-12 minutes.

Store in an airtight tin.`,
    title: 'Sesame flatbread crackers',
    portions: null,
    components: [['', ['150 g plain flour', '50 g wholemeal flour', '3 tbsp sesame seeds', '1 tsp salt', '60 ml oil', '75 ml water']]],
    steps: 1,
  },
  {
    manner: 'steps under numbers without a point',
    text: `Potato and leek soup for the freezer

Olive oil 2 tbsp
Leeks 3, washed and sliced
Floury potatoes 400g, peeled, diced
Vegetable stock 1.2 litres
Double cream 100ml (optional)

STEP 1 Heat the oil and sweat the leeks for 10 mins.
STEP 2 Add potatoes and stock; simmer 20 mins.
STEP 3 Blend, stir in cream if using, season.

PER SERVING 210 kcals, fat 9g`,
    title: 'Potato and leek soup for the freezer',
    portions: null,
    components: [['', ['2 tbsp Olive oil', '3 Leeks', '400 g Floury potatoes', '1.2 l Vegetable stock', '100 ml Double cream']]],
    steps: 3,
  },
  {
    manner: 'pickles in lettered groups',
    text: `BREAD & BUTTER PICKLES
Batch: 6 jars (350 ml)

A. Vegetables
Cucumbers ........ 2 kg
Onions ........... 500 g
Salt ............. 80 g

B. Syrup
Cider vinegar .... 750 ml
Sugar ............ 450 g
Mustard seed ..... 20 g
Turmeric ......... 5 g

1. (A) Slice 4 mm; salt; ice for 3 h. Drain, rinse.
2. (B) Boil together 5 min.
3. Add A to B, return to the boil, jar hot at 85 °C+, seal.
4. Water bath 10 min. Label.

pH target: ≤ 3.9 – record each batch`,
    title: 'BREAD & BUTTER PICKLES',
    portions: null,
    components: [
      ['Vegetables', ['2 kg Cucumbers', '500 g Onions', '80 g Salt']],
      ['Syrup', ['750 ml Cider vinegar', '450 g Sugar', '20 g Mustard seed', '5 g Turmeric']],
    ],
    steps: 5,
  },
  {
    manner: 'a blog with amounts behind an x',
    text: `Smoky aubergine dip

Makes: a bowlful | Time: 40 min | Difficulty: easy

Shopping list
Aubergines x 3
Tahini x 2 tbsp
Garlic clove x 1
Lemon x ½
Smoked paprika x ½ tsp

1. Char the aubergines whole over a flame, 15 min, until collapsed.
2. Peel, drain 15 min in a sieve.
3. Chop by hand with the rest. Salt.
4. Serve with oil and pomegranate.

Photo: our own
Tags: vegan, dip, bbq`,
    title: 'Smoky aubergine dip',
    portions: null,
    components: [['', ['3 Aubergines', '2 tbsp Tahini', '1 clove Garlic', '0.5 Lemon', '0.5 tsp Smoked paprika']]],
    steps: 4,
  },
  {
    manner: 'a laboratory’s table of grams',
    text: `LAB 4: CUSTARD-BASED ICE CREAM
Yield 1.5 L

Scaling table
                 g        %
Whole milk      600     54.5
Cream 35%       200     18.2
Sucrose         150     13.6
Dextrose         30      2.7
Skim powder      40      3.6
Egg yolk         80      7.3

Process
Hydrate powders in cold milk with a whisk.
Heat to 40 °C, add yolks.
Pasteurise: 82 °C, hold 25 s.
Homogenise (stick blender, 2 min).
Age 4 °C overnight (min. 8 h).
Churn, draw at -6 °C, harden at -25 °C for 4 h.

Report: overrun, texture, melt test.`,
    title: 'CUSTARD-BASED ICE CREAM',
    portions: null,
    components: [['', ['600 g Whole milk', '200 g Cream 35%', '150 g Sucrose', '30 g Dextrose', '40 g Skim powder', '80 g Egg yolk']]],
    steps: 7,
  },
  {
    manner: 'two lists side by side',
    text: `Roast carrots, carrot-top dressing — 10 ptn

CARROTS                         DRESSING
2 kg bunched carrots            60 g carrot tops
60 ml oil                       20 g capers
8 g salt                        1 clove garlic
                                150 ml oil
                                20 ml lemon juice

Carrots: wash, halve the fat ones. Oil, salt. 220°C 25 mins.
Dressing: blitz all, keep it rough.
To serve: warm carrots, dressing, toasted seeds.`,
    title: 'Roast carrots, carrot-top dressing',
    portions: 10,
    components: [
      ['Carrots', ['2 kg bunched carrots', '60 ml oil', '8 g salt']],
      ['Dressing', ['60 g carrot tops', '20 g capers', '1 clove garlic', '150 ml oil', '20 ml lemon juice']],
    ],
    steps: 3,
  },
  {
    manner: 'a standard recipe by its number, with what lies on a plate',
    text: `Braised lentils, roast carrots, labneh
STD RECIPE 0417 / 40 covers / rev 2

LENTILS
Green lentils            2.4 kg
Vegetable stock          6 l
Bay                      4
Carrot, brunoise         400 g
Celery, brunoise         400 g
Shallot, brunoise        400 g
Olive oil                150 ml
Sherry vinegar           120 ml
1. Sweat the brunoise in oil, 8 min, no colour.
2. Add lentils, bay and stock; simmer 25-30 min to tender.
3. Season while hot with vinegar and salt.

CARROTS
Carrots, bunched         40 ea
Cumin seed               20 g
Rapeseed oil             200 ml
1. Toss, roast 190C 25 min.

LABNEH
Greek yoghurt            3 kg
Salt                     15 g
1. Mix, hang 12 h chilled.

TO PLATE
Lentils 150 g, carrot, 50 g labneh, dill oil.`,
    title: 'Braised lentils, roast carrots, labneh',
    portions: 40,
    components: [
      [
        'Lentils',
        [
          '2.4 kg Green lentils',
          '6 l Vegetable stock',
          '4 Bay',
          '400 g Carrot',
          '400 g Celery',
          '400 g Shallot',
          '150 ml Olive oil',
          '120 ml Sherry vinegar',
        ],
      ],
      ['Carrots', ['40 Carrots', '20 g Cumin seed', '200 ml Rapeseed oil']],
      ['Labneh', ['3 kg Greek yoghurt', '15 g Salt']],
      ['To plate', []],
    ],
    steps: 6,
  },
  {
    manner: 'a family’s pudding in a row',
    text: `Nan's rice pud
Half a mug of pudding rice, 2 pints full-fat milk, 2 oz sugar, knob of butter, nutmeg.
Bung it all in the dish, nutmeg on top, bottom oven (150) 2 hrs. Stir it twice in the first hour then leave be for a skin.
Does 4, or your dad.`,
    title: "Nan's rice pud",
    portions: null,
    components: [['', ['0.5 mug of pudding rice', '2 pint full-fat milk', '2 oz sugar', '1 knob butter', 'nutmeg']]],
    steps: 2,
  },
  {
    manner: 'a village book through a scanner',
    text: `Page 112                          THE VILLAGE COOKERY BOOK
GOOSEBERRY FOOL
1 1b. gooseberries        4 oz. sugar
2 tablespoonfuls water    1/2 pint cream
Stew the goose-
berries with the sugar and water
until soft. Rub through a sieve. When cold,
fold in the cream, lightly whipped. Serve in
glasses.                              (6 persons)`,
    title: 'GOOSEBERRY FOOL',
    portions: 6,
    components: [['', ['1 lb gooseberries', '2 tbsp water', '4 oz sugar', '0.5 pint cream']]],
    steps: 1,
  },
  {
    manner: 'a page that scales itself',
    text: `Skip to content
Weeknight Peanut Noodles
★★★★★ 4.8 from 126 reviews
Prep Time: 10 mins | Cook Time: 10 mins | Servings: 4
Scale 1x 2x 3x
For the sauce
1/4 cup peanut butter
3 tablespoons soy sauce
1 tablespoon rice vinegar
2 teaspoons honey (or maple syrup)
1 clove garlic, grated
For the noodles
8 ounces dried noodles
2 cups shredded cabbage
1 large carrot, julienned
2 scallions, sliced, plus more for garnish
Instructions
Cook noodles according to package directions. Reserve 1/2 cup cooking water.
Whisk all sauce ingredients until smooth.
Toss noodles with sauce, cabbage and carrot, loosening with cooking water.
Top with scallions.
Notes
Storage: keeps 3 days in the fridge.
Did you make this recipe? Tag us!`,
    title: 'Weeknight Peanut Noodles',
    portions: 4,
    components: [
      ['Sauce', ['0.25 cup peanut butter', '3 tbsp soy sauce', '1 tbsp rice vinegar', '2 tsp honey', '1 clove garlic']],
      ['Noodles', ['8 oz dried noodles', '2 cup cabbage', '1 carrot', '2 scallions']],
    ],
    steps: 4,
  },
  {
    manner: 'a session of an agency with tasks',
    text: `City Skills Agency – Introduction to Bakery
Session 5: Enriched doughs
Aims: understand the effect of fat and sugar on fermentation
Iced fingers (each learner makes 6)
Strong flour 250 g
Caster sugar 25 g
Salt 4 g
Fresh yeast 12 g
Milk, tepid 140 ml
Butter 40 g
Egg 1
Icing: icing sugar 150 g, water 2 tbsp
Tasks
1. Weigh and check (tutor to sign ____)
2. Mix, knead 10 min, prove 1 hr
3. Divide 75 g, shape, prove 30 min
4. Bake 200 °C 9-10 min, cool, ice
Questions
Why does sugar slow the yeast down?`,
    title: 'Iced fingers',
    portions: 6,
    components: [
      ['', ['250 g Strong flour', '25 g Caster sugar', '4 g Salt', '12 g Fresh yeast', '140 ml Milk', '40 g Butter', '1 Egg']],
      ['Icing', ['150 g icing sugar', '2 tbsp water']],
    ],
    steps: 4,
  },
  {
    manner: 'a mail with columns and amounts by eye',
    text: `Hello chef,
as requested the pickled mushroom recipe we do for the canapés:

mushrooms, small    1kg
cider vinegar       400ml
water               200
sugar               80
salt                15
thyme               few sprigs
black pepper        10 grains
garlic              3 cl

Blanch the mushrooms 1 min. Bring the rest to the boil, pour over, cool. Ready next day, good for 2 weeks in the walk-in.
Shout if the yield is off – I get 2 x 1 L jars.

Best
Tomas`,
    title: '',
    portions: null,
    components: [
      [
        '',
        [
          '1 kg mushrooms',
          '400 ml cider vinegar',
          '200 g water',
          '80 g sugar',
          '15 g salt',
          '3 sprig thyme',
          '10 grains of black pepper',
          '3 clove garlic',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a kitchen’s book in columns with amounts last',
    text: `KITCHEN BOOK p.34
Split pea fritters, tamarind yoghurt
Serves 16 (2 pcs)

split peas, yellow, soaked o/n   800g
green chilli                     4
ginger                           40g
coriander, stalks & leaf         2 bch
cumin, ground                    2 tsp
bicarb                           1/2 tsp
salt                             12g
oil, for frying                  2 lt

yoghurt                          500g
tamarind paste                   60g
sugar                            30g

Drain peas, blitz coarse with chilli, ginger, coriander.
Beat in spice, salt, bicarb. Rest 20.
Scoop 40g, fry 170, 4 min, drain.
Whisk yoghurt, tamarind, sugar.`,
    title: 'Split pea fritters, tamarind yoghurt',
    portions: 16,
    components: [
      [
        '',
        [
          '800 g split peas',
          '4 green chilli',
          '40 g ginger',
          '2 bunch coriander',
          '2 tsp cumin',
          '0.5 tsp bicarb',
          '12 g salt',
          '2 l oil',
          '500 g yoghurt',
          '60 g tamarind paste',
          '30 g sugar',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a letter to parents',
    text: `Dear parents,
For Thursday's lesson each child should bring:
- 200g plain flour
- 100g block margarine or butter
- 75g sugar
- 2 eating apples
- an ovenproof dish
We will make apple crumble. The school provides cinnamon and custard.
Method (for those who want to practise):
Rub fat into flour, add sugar. Slice apples into dish, top with crumble. Bake at gas 5 for 25-30 minutes.
Regards, Mrs Pell`,
    title: '',
    portions: null,
    components: [['', ['200 g plain flour', '100 g block margarine', '75 g sugar', '2 eating apples']]],
    steps: 1,
  },
  {
    manner: 'tins with their weights in brackets',
    text: `Serves 4–6

Ingredients:
• 1 (400g) can coconut milk
• 1 lb. sweet potatoes, peeled and cut into 1-inch cubes
• 2 (15-oz) cans chickpeas, drained and rinsed
• 1 Tbsp. curry paste, or to taste
• 3 c. vegetable broth
• 5 oz. (about 5 c.) baby spinach
• Kosher salt
• Lime wedges, for serving

Directions:
1) In a large pot over medium heat, cook curry paste 1 minute.
2) Add coconut milk, broth and sweet potatoes. Simmer until tender, 15 minutes.
3) Add chickpeas and spinach; season with salt.
4) Serve with lime wedges.`,
    title: '',
    portions: 4,
    components: [
      [
        '',
        [
          '1 tin coconut milk',
          '1 lb sweet potatoes',
          '2 tin chickpeas',
          '1 tbsp curry paste',
          '3 cup vegetable broth',
          '5 oz baby spinach',
          'Kosher salt',
          'Lime wedges',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'numbered elements with dashes for the work',
    text: `POLENTA, SLOW TOMATOES, BASIL      yield: 8 ptn
1. SLOW TOMATOES
   cherry tomatoes   1 kg
   olive oil         80 ml
   garlic            3 cloves, sliced
   thyme             4 sprigs
   - 110C, 2.5 h. Hold in their oil.
2. POLENTA
   milk              1 l
   water             500 ml
   polenta           250 g
   butter            60 g
   parmesan          80 g
   - Whisk in a stream, 40 min low, stir often.
3. SERVE
   basil             1 bunch
   - Ladle, tomatoes, torn basil.`,
    title: 'POLENTA, SLOW TOMATOES, BASIL',
    portions: 8,
    components: [
      ['Slow tomatoes', ['1 kg cherry tomatoes', '80 ml olive oil', '3 clove garlic', '4 sprig thyme']],
      ['Polenta', ['1 l milk', '500 ml water', '250 g polenta', '60 g butter', '80 g parmesan']],
      ['Serve', ['1 bunch basil']],
    ],
    steps: 3,
  },
  {
    manner: 'a grandfather watched at work',
    text: `Grandpa's pickled herring (he never wrote it down, this is what I saw him do)

Salt herrings, 6, soaked a day in cold water, changed twice
Vinegar 1/2 litre
Water, same
Sugar 3 big spoons
Onion, 2, in rings
Bay, allspice, peppercorns – "enough"

He boiled everything but the fish and let it go cold. Fillets in pieces, layered with the onion, liquid over. 3 days at least.`,
    title: "Grandpa's pickled herring (he never wrote it down, this is what I saw him do)",
    portions: null,
    components: [['', ['6 Salt herrings', '0.5 l Vinegar', 'Water', '3 Sugar', '2 Onion', 'Bay']]],
    steps: 1,
  },
  {
    manner: 'a form with rows of ingredients and of work',
    text: `Recipe Title: Mushroom Wellington slices
Author: Team 4          Date: 12/03
Portion size: 180 g     No. of portions: 24
| No | Ingredient | Quantity | Prep notes |
|----|------------|----------|------------|
| 1 | Chestnut mushrooms | 2 kg | fine chop |
| 2 | Shallots | 300 g | brunoise |
| 3 | Garlic | 6 cloves | crushed |
| 4 | Spinach | 1 kg | wilted, squeezed |
| 5 | Chestnuts, cooked | 400 g | crumbled |
| 6 | Puff pastry | 2.4 kg | rolled 4 mm |
| 7 | Egg | 2 ea | for wash |
Procedure
| 1 | Cook mushrooms and shallots until dry |
| 2 | Cool, mix with chestnuts |
| 3 | Layer spinach and filling on pastry, roll, chill 30 min |
| 4 | Wash, bake 200 C 30 min |`,
    title: 'Mushroom Wellington slices',
    portions: 24,
    components: [
      [
        '',
        ['2 kg Chestnut mushrooms', '300 g Shallots', '6 clove Garlic', '1 kg Spinach', '400 g Chestnuts', '2.4 kg Puff pastry', '2 Egg'],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a title with its batch and station behind strokes',
    text: `LEEK & SWEETCORN CHOWDER / batch 6L / station: soups / chef de partie: sign
Sweetcorn kernels 2kg
Leeks, white, 1.5kg sliced
Celery 4 stalks
Butter 120
Flour 100
Milk 2.5L
Veg stock 2.5L
Bay 3, thyme 6 sprigs
White pepper 3g, salt to taste
Sweat veg in butter 12 min lid on. Flour in, cook out 3. Stock + milk, simmer 20. Blend half. Adjust. Cool <90min.`,
    title: 'LEEK & SWEETCORN CHOWDER',
    portions: null,
    components: [
      [
        '',
        [
          '2 kg Sweetcorn kernels',
          '1.5 kg Leeks',
          '4 stalk Celery',
          '120 g Butter',
          '100 g Flour',
          '2.5 l Milk',
          '2.5 l Veg stock',
          '3 Bay',
          '6 sprig thyme',
          '3 g White pepper',
          'salt',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'names, commas, amounts, and what it costs',
    text: `Tomato & Bread Soup

Ready in: 50 minutes
Serves: 4 generously
Cost per portion: £1.10

What you need
olive oil, 4 tablespoons
garlic, 3 cloves, sliced
tinned tomatoes, 2 x 400g
vegetable stock, 500ml
stale bread, 200g, torn
basil, a small bunch

What you do
Warm the oil with the garlic until it smells good. Add tomatoes, simmer 15 minutes.
Add stock and bread, simmer 15 minutes more, stirring, until thick.
Stir in basil. Leave 10 minutes before serving, with more oil.

Swap: use chard instead of basil in winter.`,
    title: 'Tomato & Bread Soup',
    portions: 4,
    components: [
      ['', ['4 tbsp olive oil', '3 clove garlic', '2 tinned tomatoes', '500 ml vegetable stock', '200 g stale bread', '1 bunch basil']],
    ],
    steps: 3,
  },
  {
    manner: 'a task of an assessment',
    text: `Assessment task 2 – Knife skills salad
Candidates prepare ONE plate
120g carrot (julienne)
60g cucumber (paysanne)
1 spring onion (fine rings)
1 tomato (concasse)
Dressing: 15ml vinegar, 45ml oil, 2g mustard
Time allowed: 40 minutes
Marking: accuracy of cuts 40%, hygiene 30%, plate 30%
1. Wash hands, set board.
2. Prepare cuts in the order of the list.
3. Whisk dressing, dress at the last minute, plate.`,
    title: '',
    portions: null,
    components: [
      ['', ['120 g carrot', '60 g cucumber', '1 spring onion', '1 tomato']],
      ['Dressing', ['15 ml vinegar', '45 ml oil', '2 g mustard']],
    ],
    steps: 3,
  },
  {
    manner: 'a mail within a mail',
    text: `> On Mon, Kit wrote:
> > can I have the halva recipe?
>
> of course:
>
> Sesame halva
> 250 g tahini (stir it first)
> 200 g sugar
> 60 ml water
> pinch of salt
> 50 g pistachios
>
> Boil sugar and water to 120 C. Warm the tahini a bit. Pour the syrup in and
> stir just till it pulls together - too long and it crumbles. Nuts in, into a lined
> tin, cold for a day.
>
> K.`,
    title: 'Sesame halva',
    portions: null,
    components: [['', ['250 g tahini', '200 g sugar', '60 ml water', '1 pinch salt', '50 g pistachios']]],
    steps: 1,
  },
  {
    manner: 'a baker’s rows with strokes and a dash',
    text: `Pane di segale (for 3 loaves @ 850g)

PREFERMENT
rye flour 300g / water 300g / starter 30g — 14h @ 24°C

FINAL DOUGH
strong flour 900g
wholemeal 300g
water 780g
salt 32g
malt syrup 20g
all the preferment

autolyse 40' / mix 6' / bulk 3h (folds @ 30', 60', 90') / divide, preshape 20' / shape, 12h fridge / bake 250°C 20' steam, 220°C 25'`,
    title: 'Pane di segale',
    portions: null,
    components: [
      ['Preferment', ['300 g rye flour', '300 g water', '30 g starter']],
      ['Final dough', ['900 g strong flour', '300 g wholemeal', '780 g water', '32 g salt', '20 g malt syrup', 'preferment']],
    ],
    steps: 2,
  },
  {
    manner: 'a harvest supper’s chutney',
    text: `Peach chutney – Mrs. Aldous, Harvest Supper 1987

12 peaches, stoned & chopped
3 onions, ditto
1 lb. sultanas
1½ lbs. demerara
2 pts. malt vinegar
1 tbs. ground ginger
1 dessertsp. salt
a few chillies

Simmer all till thick as jam, 1½ hours about. Bottle. Keep till Christmas.
Makes 8–9 lb.`,
    title: 'Peach chutney – Mrs. Aldous, Harvest Supper 1987',
    portions: null,
    components: [
      [
        '',
        [
          '12 peaches',
          '3 onions',
          '1 lb sultanas',
          '1.5 lb demerara',
          '2 pint malt vinegar',
          '1 tbsp ground ginger',
          '2 tsp salt',
          'chillies',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'capitals with amounts in brackets',
    text: `Bean pot

RICE (200 g)
BEANS (400 g)
ONIONS (2)
SALT (10 g)

Boil everything for an hour.`,
    title: 'Bean pot',
    portions: null,
    components: [['', ['200 g RICE', '400 g BEANS', '2 ONIONS', '10 g SALT']]],
    steps: 1,
  },
  {
    manner: 'small letters with points behind spoons',
    text: `quick dressing

you need 2 tbsp. oil, 1 tsp. salt, 200 g yoghurt and 1 lemon. shake it. serve cold.`,
    title: 'quick dressing',
    portions: null,
    components: [['', ['2 tbsp oil', '1 tsp salt', '200 g yoghurt', '1 lemon']]],
    steps: 1,
  },
  {
    manner: 'a head of products and quantities',
    text: `Leek broth

Product | Quantity
Leeks | 2 kg
Stock | 3 l

Boil for an hour.`,
    title: 'Leek broth',
    portions: null,
    components: [['', ['2 kg Leeks', '3 l Stock']]],
    steps: 1,
  },
  {
    manner: 'a table of clocks and work',
    text: `Onion stock

4 onions
2 l water

Time | Activity
9.00 | Peel the onions
9.30 | Boil the stock`,
    title: 'Onion stock',
    portions: null,
    components: [['', ['4 onions', '2 l water']]],
    steps: 2,
  },
  {
    manner: 'ingredients of a part under their heading',
    text: `Bean salad

For the sauce ingredients:
100 ml oil
30 ml vinegar

For the salad:
500 g beans

Whisk and toss.`,
    title: 'Bean salad',
    portions: null,
    components: [
      ['Sauce ingredients', ['100 ml oil', '30 ml vinegar']],
      ['Salad', ['500 g beans']],
    ],
    steps: 1,
  },
];
