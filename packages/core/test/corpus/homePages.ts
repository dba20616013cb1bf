import type { Page } from './pages';

/** Pages of homes, books and blogs, as the reader gave them, looked over line by line by eye and held here so that they stay; see `pages.ts`. */
export const HOME_PAGES: readonly Page[] = [
  {
    manner: 'a family’s dumplings, lists inside sentences',
    text: `Grandma Ottilie's Plum Dumplings
-------------------------------
For the dough I take about a pound of quark (well drained!), 2 eggs, 5 heaped tablespoons of semolina, a pinch of salt and as much flour as it takes, about 150g.
You'll also need 16 small plums and 16 sugar lumps.
For rolling: 100 g butter and 150 g breadcrumbs, cinnamon sugar.

Mix the dough and let it rest for half an hour. Stone the plums and put a sugar lump into each. Wrap in dough. Simmer in salted water 12 min till they float. Brown the crumbs in butter and roll the dumplings in them.

Tell Hanna to bring the big pot!!`,
    title: "Grandma Ottilie's Plum Dumplings",
    portions: null,
    components: [
      ['Dough', ['1 lb quark', '2 eggs', '5 tbsp semolina', '1 pinch salt and as much flour as it takes', '150 g ']],
      ['', ['16 plums', '16 sugar lumps']],
      ['Rolling', ['100 g butter', '150 g breadcrumbs', 'cinnamon sugar']],
    ],
    steps: 1,
  },
  {
    manner: 'a blog with stars, boxes and an introduction',
    text: `Roasted Tomato Soup – Feel-Good Food
Jump to Recipe · Print
★ 4.8 from 211 votes
By Lio Marr | Updated 3 Feb

There is nothing better on a rainy evening than a bowl of tomato soup. I first made this in 2011 with 3 kg of tomatoes from our garden.

PREP 15 mins  COOK 45 mins  SERVES 4
Ingredients
1x 2x 3x
▢ 1.2 kg ripe tomatoes halved
▢ 1 red onion cut into wedges
▢ 6 cloves garlic unpeeled
▢ 3 tbsp olive oil
▢ 500 ml hot vegetable stock
▢ 1 small bunch basil
▢ 60 ml double cream (optional)
Instructions
Preheat oven to 200C/180C fan.
Toss tomatoes, onion and garlic with the oil on a tray. Season.
Roast for 40 minutes until blackened in places.
Squeeze the garlic from its skin. Blend everything with stock and basil.
Warm through, swirl in the cream.
Video
Notes
Freezes well for 3 months.
Nutrition
Calories: 210kcal | Carbohydrates: 18g | Fat: 14g
Did you make this? Tag @feelgood`,
    title: 'Roasted Tomato Soup – Feel-Good Food',
    portions: 4,
    components: [
      [
        '',
        [
          '1.2 kg ripe tomatoes',
          '1 red onion',
          '6 clove garlic',
          '3 tbsp olive oil',
          '500 ml hot vegetable stock',
          '1 bunch basil',
          '60 ml double cream',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a book’s page broken by its width',
    text: `22                      THE WINTER TABLE

Red Cabbage with Apple and
Juniper

  1 medium red cabbage (about 1 kg),
     finely shredded
  2 sharp apples, peeled and grated
  60 g duck fat or butter
  1 onion, sliced
  3 tbsp red wine vinegar
  2 tbsp redcurrant jelly
  8 juniper berries, crushed
  150 ml red wine

Melt the fat in a large pan and soften
the onion for 10 minutes. Add every-
thing else, cover tightly and cook on
the lowest heat for 1½ to 2 hours,
stirring now and then. Taste for
sharpness.

SERVES 6 TO 8`,
    title: 'Red Cabbage with Apple and Juniper',
    portions: 6,
    components: [
      [
        '',
        [
          '1 red cabbage',
          '2 sharp apples',
          '60 g duck fat',
          '1 onion',
          '3 tbsp red wine vinegar',
          '2 tbsp redcurrant jelly',
          '8 juniper berries',
          '150 ml red wine',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a list with its method printed beside it',
    text: `Ingredients          Method
250g puy lentils     Rinse the lentils. Cover with
1 carrot             cold water, add carrot, celery
1 stick celery       and bay. Simmer 25 mins.
1 bay leaf           Drain; dress while warm with
2 shallots           the vinegar and oil.
30ml sherry vinegar  Fold in chopped shallots and
90ml olive oil       parsley.
1/2 bunch parsley    Serve warm.`,
    title: '',
    portions: null,
    components: [
      [
        '',
        [
          '250 g puy lentils',
          '1 carrot',
          '1 stick celery',
          '1 bay leaf',
          '2 shallots',
          '30 ml sherry vinegar',
          '90 ml olive oil',
          '0.5 bunch parsley',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'bullets with amounts behind the names',
    text: `Spiced pear chutney
8 Portions? no - fills 5 jars (250 ml)
- pears 1,5 kg (peeled)
- onions 400 g
- brown sugar 350 g
- cider vinegar 4 dl
- raisins 1 dl
- ginger, fresh 30 g grated
- chilli flakes ½ tsp
- salt 2 tsp
Everything into a wide pot. Bring to boil, then simmer without lid for approx 1 hour 15 min. It should be thick.
Fill hot into clean jars (sterilised 10 min at 120 °C), close.
Wait at least 3 weeks.`,
    title: 'Spiced pear chutney',
    portions: null,
    components: [
      [
        '',
        [
          '8 Portions? no',
          '1.5 kg pears',
          '400 g onions',
          '350 g brown sugar',
          '4 dl cider vinegar',
          '1 dl raisins',
          'ginger',
          '0.5 tsp chilli flakes',
          '2 tsp salt',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'names, dashes and spoons',
    text: `How I make muhammara
Walnuts - a cup
Roasted red peppers - 3 (or a jar, 460g)
Breadcrumbs - 4 spoons
Pomegranate molasses - 2 spoons
Garlic - 1 fat clove
Cumin - 1/2 tsp
Aleppo chilli - to taste
Olive oil - 1/3 cup
Pulse the walnuts till crumbly then everything else, oil last. Leave it an hour before you eat it. Lasts five days in the fridge covered with oil.`,
    title: 'muhammara',
    portions: null,
    components: [
      [
        '',
        [
          '1 cup Walnuts',
          '3 Roasted red peppers',
          '4 spoons of Breadcrumbs',
          '2 spoons of Pomegranate molasses',
          '1 clove Garlic',
          '0.5 tsp Cumin',
          'Aleppo chilli',
          '0.333 cup Olive oil',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a magazine with two parts in capitals',
    text: `Sweetcorn fritters with lime yoghurt

Makes: 12 fritters (serves 4)
Time: 30 minutes

FRITTERS
340 g tin sweetcorn, drained
100 g self-raising flour
1 tsp smoked paprika
120 ml oat milk
3 spring onions, thinly sliced
oil, for shallow frying

LIME YOGHURT
200 g plain yoghurt
zest and juice of 1 lime
small handful of coriander leaves, chopped

1. For the yoghurt, stir everything together with a pinch of salt and chill.
2. Put the flour, paprika and milk into a bowl and whisk to a thick batter. Fold in the corn and onions.
3. Heat 1 cm oil in a frying pan to 170°C. Fry spoonfuls for 2–3 minutes each side.
4. Drain on paper and serve with the yoghurt.

TIP: Keep them warm in a low oven (100°C) while you fry the rest.`,
    title: 'Sweetcorn fritters with lime yoghurt',
    portions: 12,
    components: [
      ['Fritters', ['1 tin sweetcorn', '100 g self-raising flour', '1 tsp smoked paprika', '120 ml oat milk', '3 spring onions', 'oil']],
      ['Lime yoghurt', ['200 g plain yoghurt', '1 lime', '1 handful coriander leaves']],
    ],
    steps: 4,
  },
  {
    manner: 'a letter with its cake inside',
    text: `Dear Ines,

You asked for the recipe of the nut cake we had at Easter. Here it is, it's from my aunt.

Nut cake
250 grams of ground hazelnuts
250 grams of sugar
6 eggs, separated
1 teaspoon of baking powder
a drop of rum

You beat the yolks with the sugar until pale, then add the nuts with the baking powder and the rum. Then fold in the stiffly beaten whites. It bakes for about 50 minutes at 175 degrees in a ring tin, well greased and floured.

I always put a lemon icing on it: 200 g icing sugar and the juice of one lemon.

It keeps for a week in a tin!

With love to everyone
Maja`,
    title: 'Nut cake',
    portions: null,
    components: [['', ['250 g ground hazelnuts', '250 g sugar', '6 eggs', '1 tsp baking powder', '1 drop rum']]],
    steps: 1,
  },
  {
    manner: 'steps under numbers of their own, and a credit',
    text: `Ingredients
Serves 2

1 aubergine
2 tbsp white miso
1 tbsp mirin
1 tsp caster sugar
1 tsp sesame oil
sesame seeds and sliced spring onion, to serve

Method
STEP 1
Heat the grill to high. Halve the aubergine lengthways and score the flesh in a criss-cross pattern.

STEP 2
Brush with a little oil and grill for 10-12 mins until soft.

STEP 3
Mix the miso, mirin, sugar and sesame oil. Spread over the aubergine and return to the grill for 2-3 mins until bubbling.

STEP 4
Scatter over the seeds and spring onion.

Recipe from Good Evenings magazine, May`,
    title: '',
    portions: 2,
    components: [
      [
        '',
        [
          '1 aubergine',
          '2 tbsp white miso',
          '1 tbsp mirin',
          '1 tsp caster sugar',
          '1 tsp sesame oil',
          'sesame seeds and sliced spring onion',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a baker’s list and one paragraph',
    text: `Flour (strong white), 1kg
Water (cool), 680g
Salt, 20g
Fresh yeast, 15g
Olive oil, 40g

Dissolve the yeast in the water, add the flour and mix until there is no dry flour left, then rest it for 20 mins. Add salt and oil and knead for 8 minutes. Fold every 30 min for 2 hours. Chill for 12 to 18 hours. Divide into 4 x 430g, shape into balls and rest for 3 hours at room temperature. Stretch and bake at 300C for 4 mins.`,
    title: '',
    portions: null,
    components: [['', ['1 kg Flour', '680 g Water', '20 g Salt', '15 g Fresh yeast', '40 g Olive oil']]],
    steps: 1,
  },
  {
    manner: 'bullets and circled figures',
    text: `Chickpea & spinach curry (vg)

"Cheap, fast and it freezes" – our students

◦ 2 x 400g tins chickpeas, drained and rinsed
◦ 1 x 400g tin chopped tomatoes
◦ 1 x 400ml tin coconut milk
◦ 200g baby spinach
◦ 2 onions, chopped
◦ 4 garlic cloves, crushed
◦ thumb-sized piece ginger, grated
◦ 2 tbsp curry powder
◦ 2 tbsp vegetable oil

➊ Heat the oil in a large pan and fry the onions for 10 mins until golden.
➋ Add the garlic, ginger and curry powder, cook for 2 mins.
➌ Tip in the tomatoes, coconut milk and chickpeas. Simmer 20 mins.
➍ Stir in the spinach until wilted. Season and serve with rice.

kcal 412 • protein 14g • fat 24g • 2 of your 5-a-day`,
    title: 'Chickpea & spinach curry (vg)',
    portions: null,
    components: [
      [
        '',
        [
          '2 tin chickpeas',
          '1 tin chopped tomatoes',
          '1 tin coconut milk',
          '200 g baby spinach',
          '2 onions',
          '4 clove garlic',
          '1 thumb ginger',
          '2 tbsp curry powder',
          '2 tbsp vegetable oil',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'two lists under “For the”',
    text: `Apricot galette
Prep 25 min + chilling | Bake 40 min | Serves 6-8

For the pastry
200g plain flour, plus extra for dusting
½ tsp fine salt
125g cold unsalted butter, cubed
50-60ml iced water

For the filling
600g apricots, stoned and quartered
75g demerara sugar, plus 1 tbsp to sprinkle
2 tbsp ground almonds
1 egg, beaten, to glaze

1 Rub the butter into the flour and salt until you have pea-sized lumps. Add enough water to bring it together, flatten to a disc, wrap and chill for 1 hour.

2 Heat the oven to 200°C/fan 180°C/gas 6. Toss the apricots with the sugar.

3 Roll the pastry to a 35cm round on a floured sheet of baking paper. Scatter the almonds over, leaving a 5cm border. Pile on the fruit, fold in the edge and brush with egg. Sprinkle with the extra sugar.

4 Bake for 40 minutes until deep golden. Cool for 15 minutes before slicing.`,
    title: 'Apricot galette',
    portions: 6,
    components: [
      ['Pastry', ['200 g plain flour', '0.5 tsp fine salt', '125 g unsalted butter', '50-60 ml iced water']],
      ['Filling', ['600 g apricots', '75 g demerara sugar', '2 tbsp ground almonds', '1 egg']],
    ],
    steps: 4,
  },
  {
    manner: 'a list in a sentence after a story',
    text: `We had this twice last week, it is that good. My mother-in-law brought the idea back from Trieste.

You'll want: a kilo of cabbage, two onions, a spoon of caraway, 150 g of smoked bacon (leave out if veggie), a glass of white wine, salt and pepper.

Slice the cabbage fine, like for slaw. Fry the bacon and onions until brown. Cabbage in, caraway in, and stir until it collapses. Pour over the wine, put the lid on and forget it for 40 minutes. Salt at the end.

Serves 4 with potatoes.`,
    title: '',
    portions: 4,
    components: [
      ['', ['1 kg cabbage', '2 onions', '1 spoon of caraway', '150 g smoked bacon', '1 glass of white wine', 'salt and pepper']],
    ],
    steps: 2,
  },
  {
    manner: 'Markdown with a table and a quoted note',
    text: `# Rye Crispbread

**Yield:** 12 sheets | **Oven:** 220 °C | **Time:** 2 h 30 min (active 30 min)

## Dough
| Ingredient | Amount | % |
|---|---|---|
| Wholemeal rye flour | 300 g | 75 |
| Wheat flour | 100 g | 25 |
| Water (30 °C) | 280 g | 70 |
| Salt | 8 g | 2 |
| Dry yeast | 3 g | 0.75 |
| Caraway | 4 g | 1 |

## Method
1. Mix everything for **5 min**.
2. Ferment **90 min** covered.
3. Divide into 12 × 55 g, roll **2 mm** thin, dock.
4. Bake **10–12 min**, turning once.
5. Dry at 100 °C for 20 min.

> Store airtight for up to 4 weeks.`,
    title: 'Rye Crispbread',
    portions: null,
    components: [['Dough', ['300 g Wholemeal rye flour', '100 g Wheat flour', '280 g Water', '8 g Salt', '3 g Dry yeast', '4 g Caraway']]],
    steps: 5,
  },
  {
    manner: 'a canteen’s soup, minutes as strokes',
    text: `BUTTERNUT? NO - SWEET POTATO & COCONUT SOUP
(adapted from the staff canteen)
10 portions

1,5 kg sweet potato in chunks
2 x onion
1 x thumb ginger
2 tins coconut milk (400ml)
1,2 ltr veg bouillon
red curry paste 60g
oil
coriander & lime for top

sweat onion+ginger 8', add paste 2', then potato, bouillon. 20' boil. coconut. blend. season w lime.
hold @ 75+
GF DF VG`,
    title: 'BUTTERNUT? NO - SWEET POTATO & COCONUT SOUP',
    portions: 10,
    components: [
      [
        '',
        [
          '1.5 kg sweet potato in chunks',
          '2 onion',
          '1 thumb ginger',
          '2 tin coconut milk',
          '1.2 l veg bouillon',
          '60 g red curry paste',
          'oil',
          'coriander & lime for top',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'rows parted by strokes',
    text: `Fig & walnut bread
Poolish: 150g flour / 150g water / pinch yeast - 12 hrs
Dough: 350g flour / 180g water / 10g salt / 4g yeast / 120g figs / 80g walnuts
Method: mix all but fruit 6 min. Add fruit & nuts. Bulk 90 min w/ 1 fold. Shape 2. Proof 60. Bake 230 35 min steam first 10`,
    title: 'Fig & walnut bread',
    portions: null,
    components: [
      ['Poolish', ['150 g flour', '150 g water', '1 pinch yeast']],
      ['Dough', ['350 g flour', '180 g water', '10 g salt', '4 g yeast', '120 g figs', '80 g walnuts']],
    ],
    steps: 1,
  },
  {
    manner: 'notes from a demonstration, lists behind bullets',
    text: `My notes from the demo (Chef Ambros, 14 Oct)
CONFIT TOMATOES
- plum toms 2 kg, blanched + peeled
- thyme, garlic, olive oil 150ml, sugar 1 tbsp, salt
- halve, deseed, lay on tray. Oven 90°C 3 hrs!! not hotter
!! dry not roast - chef said edges should curl
TAPENADE
- black olives 200g (stoned!), capers 30g, 2 anchovy, 1/2 clove garlic, oil 80ml
- blitz, not too fine
Q: can you freeze? A: yes the tomatoes, in their oil`,
    title: 'My notes from the demo (Chef Ambros, 14 Oct)',
    portions: null,
    components: [
      ['Confit tomatoes', ['2 kg plum toms', 'thyme', 'garlic', '150 ml olive oil', '1 tbsp sugar', 'salt']],
      ['Tapenade', ['200 g black olives', '30 g capers', '2 anchovy', '0.5 clove garlic', '80 ml oil']],
    ],
    steps: 3,
  },
  {
    manner: 'cups with grams in brackets',
    text: `Semolina Halva

3 tablespoons (45 g) butter
1 cup (170 g) coarse semolina
1⁄3 cup (40 g) pine nuts
1 1⁄4 cups (300 ml) whole milk
3⁄4 cup (150 g) sugar
1⁄4 teaspoon ground cardamom

In a heavy pan over medium-low heat, toast semolina and pine nuts in the butter, stirring constantly, until the nuts are golden, about 20 minutes. Meanwhile heat milk and sugar until sugar dissolves.

Carefully pour hot milk into the semolina (it will splutter); stir until thick, 3 to 5 minutes. Remove from heat, cover with a cloth and lid, and let stand 15 minutes.

Fluff with a fork, spoon into glasses and dust with cardamom.

Makes 6 servings`,
    title: 'Semolina Halva',
    portions: 6,
    components: [
      [
        '',
        [
          '3 tbsp butter',
          '1 cup coarse semolina',
          '0.333 cup pine nuts',
          '1.25 cup whole milk',
          '0.75 cup sugar',
          '0.25 tsp ground cardamom',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'rows headed by parts in capitals',
    text: `YOU WILL NEED
For the base: 250g digestive biscuits, 100g melted butter
For the topping: 600g soft cheese, 100g icing sugar, 1 vanilla pod, 284ml double cream
To finish: 400g strawberries, 25g icing sugar

WHAT TO DO
1) Crush the biscuits and mix with the butter. Press into a 23cm loose-bottomed tin and chill for 1 hr.
2) Beat cheese, sugar and vanilla seeds. Whip the cream and fold in.
3) Spoon onto the base, level and chill overnight.
4) Half an hour before serving, blend half the strawberries with the sugar. Top with the rest, pour over the sauce.
Cuts into 12 slices`,
    title: '',
    portions: 12,
    components: [
      ['Base', ['250 g digestive biscuits', '100 g butter']],
      ['Topping', ['600 g soft cheese', '100 g icing sugar', '1 vanilla pod', '284 ml double cream']],
      ['To finish', ['400 g strawberries', '25 g icing sugar']],
    ],
    steps: 4,
  },
  {
    manner: 'names first, without commas',
    text: `Cheddar & chive shortbread

Makes about 30
Prep: 20 minutes, plus chilling
Bake: 15 minutes

Plain flour 150g
Mature cheddar 100g, finely grated
Butter 100g, cold and diced
Chives 2 tbsp, snipped
Cayenne a pinch
Egg yolk 1

Whizz the flour, cayenne and butter to crumbs in a processor. Pulse in the cheese and chives. Add the yolk and a splash of water if it needs it.
Roll into a log 4cm across, wrap and chill for an hour or until firm.
Slice 5mm thick and bake at 180C (fan 160C) for 12-15 minutes.`,
    title: 'Cheddar & chive shortbread',
    portions: 30,
    components: [['', ['150 g Plain flour', '100 g Mature cheddar', '100 g Butter', '2 tbsp Chives', '1 pinch Cayenne', '1 Egg yolk']]],
    steps: 3,
  },
  {
    manner: 'talk with shares for three',
    text: `Barley risotto w. peas
ok so here's what I do, serves 3 greedy people

onion, 1 big
pearl barley 250g
white wine - small glass
stock 1 litre (veg)
frozen peas 200g
parmesan 60g + extra
butter knob
lemon

soften onion in butter 8 min, barley in, toast 1 min. wine, let it vanish. stock all at once, lid on, 30 min low. peas in 5 min before end. cheese, lemon zest, loads of pepper.`,
    title: 'Barley risotto w. peas',
    portions: 3,
    components: [
      ['', ['1 onion', '250 g pearl barley', 'white wine', '1 l stock', '200 g frozen peas', '60 g parmesan', '1 knob butter', 'lemon']],
    ],
    steps: 1,
  },
  {
    manner: 'a chat in one paragraph',
    text: `Hi Bea! Sorry took ages. For the sticky rice you need 400g glutinous rice (soak overnight!!) and for the mango bit 2 ripe mangoes, 1 tin coconut milk, 100g palm sugar, half tsp salt. Steam the rice 25 min, heat the coconut milk with the sugar and salt until it dissolves, pour 2/3 over the rice, leave 30 min. Slice mango. Rest of the sauce on top, sesame seeds if you have. x`,
    title: '',
    portions: null,
    components: [
      ['Sticky rice', ['400 g glutinous rice']],
      ['Mango bit', ['2 ripe mangoes', '1 tin coconut milk', '100 g palm sugar', '0.5 tsp salt']],
    ],
    steps: 1,
  },
  {
    manner: 'stars between the parts',
    text: `Pumpkin seed pesto
***********
100 gms pumpkin seeds
1 clove garlic
1 bunch parsley (30 gms leaves)
40 gms hard cheese
120 mls rapeseed oil
1/2 lemon, juice of
salt
***********
1. Toast the seeds in a dry pan till they pop.
2. Cool!! (important otherwise it turns grey)
3. Pound garlic with salt, then seeds, then leaves.
4. Work in cheese and the oil.
5. Lemon last.
***********
Will do 6 as a pasta sauce. Freezes fine w/o cheese.`,
    title: 'Pumpkin seed pesto',
    portions: null,
    components: [
      ['', ['100 g pumpkin seeds', '1 clove garlic', '1 bunch parsley', '40 g hard cheese', '120 ml rapeseed oil', '0.5 lemon', 'salt']],
    ],
    steps: 6,
  },
  {
    manner: 'short and without order',
    text: `What's for tea? Toad-free sausage traybake!
4 servings

8 veggie sausages
500g new potatoes, halved
2 red onions, in wedges
1 tbsp wholegrain mustard
1 tbsp honey
2 tbsp oil
Green beans, to serve

Oven 200°.
Potatoes, onions, oil, salt in a big tray - 20 min.
Sausages on top, mustard+honey mixed and brushed over - another 25 min.
Beans on the side. Done!`,
    title: '',
    portions: 4,
    components: [
      [
        '',
        [
          '8 veggie sausages',
          '500 g new potatoes',
          '2 red onions',
          '1 tbsp wholegrain mustard',
          '1 tbsp honey',
          '2 tbsp oil',
          'Green beans',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'gaps between name and amount',
    text: `Kohlrabi and apple remoulade
(serves 4 as a side dish)

kohlrabi          2 (about 500g peeled weight)
apple             1, tart
mayonnaise        120g
dijon mustard     1 tbsp
capers            1 tbsp, chopped
gherkins          2, diced
lemon             ½, juice
parsley           handful

Cut the kohlrabi and apple into fine julienne (2 mm) and toss with lemon straight away.
Mix the rest, fold through, chill 30 minutes.`,
    title: 'Kohlrabi and apple remoulade',
    portions: 4,
    components: [
      [
        '',
        [
          '2 kohlrabi',
          '1 apple',
          '120 g mayonnaise',
          '1 tbsp dijon mustard',
          '1 tbsp capers',
          '2 gherkins',
          '0.5 lemon',
          '1 handful parsley',
        ],
      ],
    ],
    steps: 2,
  },
  {
    manner: 'a translated page with dashes',
    text: `Ingredients
for 4 persons:
- 1 kg of mussels
- 2 dl of dry white wine
- 1 small leek
- 2 shallots
- 20 cl of cream
- 1 bunch of parsley
- Pepper from the mill

Preparation:
Wash and scrape the mussels. Throw away the ones which stay open.
Cut leek and shallots in fine rings, let them sweat in a bit of butter.
Add the wine and the mussels, close the lid. After 5 minutes all mussels are open.
Take the mussels out, let reduce the juice, add the cream.
Good appetite!`,
    title: '',
    portions: 4,
    components: [
      ['', ['1 kg mussels', '2 dl dry white wine', '1 leek', '2 shallots', '20 cl cream', '1 bunch parsley', 'Pepper from the mill']],
    ],
    steps: 4,
  },
  {
    manner: 'two columns of lines',
    text: `Zucchini Bread
Yield: 2 loaves

3 c. flour                1 tsp. baking soda
1 tsp. salt               1/4 tsp. baking powder
3 tsp. cinnamon           3 eggs
1 c. oil                  2 c. sugar
2 c. grated zucchini      3 tsp. vanilla
1 c. chopped walnuts

Beat eggs; add oil, sugar, zucchini and vanilla. Mix well. Combine dry ingredients; add to first mixture. Fold in nuts. Pour into 2 greased loaf pans. Bake at 325° for 1 hour.

                                              Mrs. D. Harwell`,
    title: 'Zucchini Bread',
    portions: null,
    components: [
      [
        '',
        [
          '3 cup flour',
          '1 tsp salt',
          '3 tsp cinnamon',
          '1 cup oil',
          '2 cup zucchini',
          '1 cup walnuts',
          '1 tsp baking soda',
          '0.25 tsp baking powder',
          '3 eggs',
          '2 cup sugar',
          '3 tsp vanilla',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'rows with arrows to the work',
    text: `Gözleme with spinach
I learnt this from our neighbour in Izmir. She never measures so take it with a grain of salt!!

300 g flour / 180 ml water / 1 tsp salt / 2 tbsp yoghurt -> knead, rest 30 min
250 g spinach / 150 g feta / 1 onion / chilli flakes -> chop, salt the onion, mix

Make 6 balls, roll out thin as paper, filling on one half, fold.
Dry pan, medium high, 2-3 min per side, brush with butter.`,
    title: 'Gözleme with spinach',
    portions: null,
    components: [
      ['', ['300 g flour', '180 ml water', '1 tsp salt', '2 tbsp yoghurt', '250 g spinach', '150 g feta', '1 onion', 'chilli flakes']],
    ],
    steps: 4,
  },
  {
    manner: 'a list in words',
    text: `Allotment soup
(What you'll want for about six bowls)

A couple of leeks, a big handful of kale, 3 or 4 carrots, half a swede, a tin of butter beans, a litre and a half of stock, a rind of old cheese if there is one.

Soften the leeks in a good slosh of oil. Carrots and swede next, diced, ten minutes. Stock and rind. Simmer until the swede gives, twenty minutes or so. Beans and kale for the last five.`,
    title: 'Allotment soup',
    portions: 6,
    components: [
      [
        '',
        [
          '2 leeks',
          '1 handful kale',
          '3-4 carrots',
          '0.5 swede',
          '1 tin butter beans',
          '1.5 l stock',
          '1 rind of old cheese if there is one',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'ounces of a family, then talk',
    text: `Auntie Brid's soda farls

12 oz plain flour
1 tsp bread soda
1 tsp salt
½ pint buttermilk, maybe a drop more

Hot griddle, not too hot or they'll burn before they're done.
Mix quick and light, don't knead it.
Pat out a round about half an inch, cut in four.
7 or 8 minutes each side, then stand them on their edges to do the sides ("harning" she called it).
Eat with too much butter.`,
    title: "Auntie Brid's soda farls",
    portions: null,
    components: [['', ['12 oz plain flour', '1 tsp bread soda', '1 tsp salt', '0.5 pint buttermilk']]],
    steps: 5,
  },
  {
    manner: 'a printed page with its numbers, broken by width',
    text: `Page 41

CHEESE AND ONION PASTIES
(Makes 6)
Shortcrust pastry made with 12 oz flour (see page 8)
8 oz Cheddar, grated
2 large onions
l oz butter
Salt, pepper, a little mustard
Beaten egg

Set oven to 400°F or Mark 6. Peel and chop the onions and
fry gently in the butter until soft. Cool, then mix with the
cheese and seasonings. Roll out the pastry and cut six 6-inch
circles. Put filling on each, damp the edges and draw up over
the top. Flute, brush with egg and bake for 30 minutes.

42`,
    title: 'CHEESE AND ONION PASTIES',
    portions: 6,
    components: [
      ['', ['12 oz Shortcrust pastry made with', '8 oz Cheddar', '2 onions', '1 oz butter', 'Salt', 'pepper', 'mustard', 'egg']],
    ],
    steps: 1,
  },
  {
    manner: 'a blog with everything around its card',
    text: `Skip to main content
BBQ Corn Ribs – Crisp, Sticky & Ready in 30 Minutes
June 2, 2025 by Pia
This post may contain affiliate links.
Corn ribs are everywhere right now, and for good reason! All you need is a sharp knife and 4 ears of corn.
Why you'll love this recipe
- Quick: 30 minutes start to finish
- Budget friendly
Ingredients you'll need
- Corn – fresh, not frozen
- Oil – any neutral one
Print Pin
BBQ Corn Ribs
5 from 18 votes
Prep Time 10 mins
Cook Time 20 mins
Servings: 4
Equipment
- Air fryer
Ingredients
- 4 ears corn
- 2 tbsp olive oil
- 1 tsp smoked paprika
- 1/2 tsp garlic powder
- 1/2 tsp salt
For the glaze
- 60 ml BBQ sauce
- 1 tbsp honey
Instructions
1. Cut each ear into quarters lengthwise. Careful: stand it on the flat end.
2. Toss with oil and spices.
3. Air fry at 200°C for 15-18 minutes until curled.
4. Warm the glaze and brush over. Fry 2 minutes more.
Notes
No air fryer? Roast at 220°C for 25 minutes.
Nutrition
Serving: 1ear | Calories: 190kcal
Keyword corn, bbq
You May Also Like
Elote Salad
Grilled Peaches`,
    title: 'BBQ Corn Ribs – Crisp, Sticky & Ready in 30 Minutes',
    portions: 4,
    components: [
      ['', ['4 ears corn', '2 tbsp olive oil', '1 tsp smoked paprika', '0.5 tsp garlic powder', '0.5 tsp salt']],
      ['Glaze', ['60 ml BBQ sauce', '1 tbsp honey']],
    ],
    steps: 4,
  },
  {
    manner: 'amounts and names in columns, no title',
    text: `200 g         dark chocolate (70 %)
150 g         butter
4             eggs
200 g         sugar
100 g         ground almonds
1 tbsp        cocoa

Melt chocolate and butter.      Preheat 170 °C.
Whisk eggs and sugar until tripled.
Fold together with the almonds. Bake 35 min in a 22 cm tin.
Dust with cocoa.`,
    title: '',
    portions: null,
    components: [['', ['200 g dark chocolate', '150 g butter', '4 eggs', '200 g sugar', '100 g ground almonds', '1 tbsp cocoa']]],
    steps: 4,
  },
  {
    manner: 'a mail answered with a dressing in a row',
    text: `Subject: Re: Re: that lentil thing
Date: Sun, 8 Mar

> On 7 Mar Kit wrote:
> what goes in it again

easy -
puy lentils 250g
red onion
cherry toms (punnet)
feta block
mint + parsley
dressing: 4 tbsp oil, 2 tbsp red wine vin, 1 tsp dijon, honey

cook lentils 20ish mins w/ bay, drain + dress hot. chop everything else in when cool. feta last.
feeds 4-6. better next day x

--
Sent from my phone`,
    title: 'lentil thing',
    portions: 4,
    components: [
      ['', ['250 g puy lentils', 'red onion', 'cherry toms', 'feta block', 'mint + parsley']],
      ['Dressing', ['4 tbsp oil', '2 tbsp red wine vin', '1 tsp dijon', 'honey']],
    ],
    steps: 1,
  },
  {
    manner: 'a cordial over two days',
    text: `Elderflower Cordial
20 heads elderflower
1.5kg sugar
1.2 litres water
2 unwaxed lemons
75g citric acid

Day 1
Dissolve the sugar in the water over a low heat, then bring to the boil and turn off.
Pare the zest from the lemons, slice the fruit and put both with the flowers in a large bowl. Pour over the syrup, stir in the citric acid. Cover with a cloth and leave 24 hours.

Day 2
Line a colander with a clean tea towel and strain. Pour into sterilised bottles.
Keeps 6 weeks in the fridge, or freeze.
To serve: 1 part cordial to 5 of sparkling water.`,
    title: 'Elderflower Cordial',
    portions: null,
    components: [['', ['20 head elderflower', '1.5 kg sugar', '1.2 l water', '2 unwaxed lemons', '75 g citric acid']]],
    steps: 4,
  },
  {
    manner: 'rows with semicolons',
    text: `Bánh xèo (crispy turmeric pancakes) - 6 large
Batter: rice flour 200 g; cornflour 30 g; turmeric 1 tsp; coconut milk 200 ml; water 250 ml; salt ½ tsp; spring onions 3, sliced
Filling: oyster mushrooms 300 g; bean sprouts 250 g; tofu 200 g, cubed; oil for frying
Dip: lime juice 60 ml; sugar 30 g; soy sauce 45 ml; warm water 60 ml; chilli 1; garlic 1 clove
To serve: lettuce, mint, Thai basil
1. Whisk batter, rest 30 min.
2. Stir dip until sugar dissolves.
3. Fry mushrooms and tofu till brown, set aside.
4. Get a 26 cm pan very hot, oil, a ladle of batter, swirl. Sprouts and filling on one half. Lid on 1 min, off 2 min till edges lift and crackle. Fold.
5. Eat wrapped in leaves, dipped.`,
    title: 'Bánh xèo (crispy turmeric pancakes)',
    portions: 6,
    components: [
      [
        'Batter',
        ['200 g rice flour', '30 g cornflour', '1 tsp turmeric', '200 ml coconut milk', '250 ml water', '0.5 tsp salt', '3 spring onions'],
      ],
      ['Filling', ['300 g oyster mushrooms', '250 g bean sprouts', '200 g tofu', 'oil']],
      ['Dip', ['60 ml lime juice', '30 g sugar', '45 ml soy sauce', '60 ml warm water', '1 chilli', '1 clove garlic']],
      ['To serve', ['lettuce', 'mint', 'Thai basil']],
    ],
    steps: 5,
  },
  {
    manner: 'grams of a grandmother, glasses and a rind',
    text: `Nonna Pia's ciambella

4 eggs
300 gr sugar
1 glass of milk
1 glass of seed oil
450 gr flour
1 sachet raising agent (16 gr)
the rind of a lemon

Beat the eggs with the sugar at least ten minutes. Add oil and milk pouring slowly, then the lemon, the flour sifted with the raising agent.
Butter and flour a ring mould. 180 degrees, 40/45 minutes. Don't open the oven!!

She made it every Sunday.`,
    title: "Nonna Pia's ciambella",
    portions: null,
    components: [
      ['', ['4 eggs', '300 g sugar', '1 glass of milk', '1 glass of seed oil', '450 g flour', '1 packet raising agent', '1 lemon']],
    ],
    steps: 2,
  },
  {
    manner: 'a blog with stars and comments',
    text: `Vegan Chilli sin Carne | Budget Bowls
5.0 (32)
Prep 15 min • Cook 50 min • Serves 6

INGREDIENTS
For the chilli:
2 tbsp rapeseed oil
2 red onions, finely chopped
3 cloves of garlic, minced
1 tbsp each ground cumin and smoked paprika
2 x 400g cans kidney beans, drained
2 x 400g cans chopped tomatoes
1 vegetable stock cube
25g dark chocolate
To serve:
rice, coriander, lime wedges

DIRECTIONS
1. Heat the oil in a big pot and cook the onions for 8 minutes.
2. Stir in garlic and spices; 1 minute.
3. Add beans, tomatoes, crumbled stock cube and 200ml water. Bubble gently for 40 minutes.
4. Stir in the chocolate. Serve.

Storage: 4 days in the fridge.
Comments (3)
Jo: made this with lentils, yum!`,
    title: 'Vegan Chilli sin Carne',
    portions: 6,
    components: [
      [
        'Chilli',
        [
          '2 tbsp rapeseed oil',
          '2 red onions',
          '3 clove garlic',
          '1 tbsp ground cumin',
          '1 tbsp smoked paprika',
          '2 tin kidney beans',
          '2 tin chopped tomatoes',
          '1 vegetable stock cube',
          '25 g dark chocolate',
        ],
      ],
      ['To serve', ['rice']],
    ],
    steps: 4,
  },
  {
    manner: 'a shopping row and dashes',
    text: `Miso aubergines for the BBQ (Sat)

get: 6 aubergines, white miso (small tub), mirin, sugar, sesame seeds, spring onions

- whisk 4 tbsp miso, 3 tbsp mirin, 2 tbsp sugar
- halve + score aubergines, oil, grill cut side down 6-8 min
- flip, paint with miso, 4 min more lid down
- seeds + onions`,
    title: 'Miso aubergines for the BBQ (Sat)',
    portions: null,
    components: [['', ['6 aubergines', 'white miso', 'mirin', 'sugar', 'sesame seeds', 'spring onions']]],
    steps: 3,
  },
  {
    manner: 'a translated list with semicolons',
    text: `Ingredients:
- 500g of rhubarb (cut in pieces of 2cm);
- 150g of sugar;
- 3 eggs;
- 20cl of liquid cream;
- 1 shortcrust pastry.

Steps:
1/ Let the rhubarb drain with 50g sugar for 1h.
2/ Line the tin with the pastry, prick, pre-bake 10min at 180°C.
3/ Beat eggs, cream and remaining sugar.
4/ Put rhubarb, pour the cream, bake 35min.

For 6 people. Preparation: 20min. Cooking: 45min. Difficulty: easy.`,
    title: '',
    portions: 6,
    components: [['', ['500 g rhubarb', '150 g sugar', '3 eggs', '20 cl liquid cream', '1 shortcrust pastry']]],
    steps: 5,
  },
  {
    manner: 'a scanned page with a parted first letter',
    text: `14

Savoury Oat Crumble with Leeks

T his is a good stand-by for a cold
Sunday and uses up odds and ends of
cheese.

SERVES FOUR

2 lb leeks, cleaned and thickly sliced
1 oz butter
1/2 pint cheese sauce
For the crumble
4 oz rolled oats
2 oz plain flour
2 oz butter
2 oz hazelnuts, chopped
salt and pepper

Cook the leeks in the butter for ten
minutes. Put them in an ovenproof dish
and cover with the sauce. Rub the but-
ter into the oats and flour, add the
nuts. Sprinkle over and bake at Gas 5
(375°F) for 30-35 minutes.`,
    title: 'Savoury Oat Crumble with Leeks',
    portions: 4,
    components: [
      ['', ['2 lb leeks', '1 oz butter', '0.5 pint cheese sauce']],
      ['Crumble', ['4 oz rolled oats', '2 oz plain flour', '2 oz butter', '2 oz hazelnuts', 'salt and pepper']],
    ],
    steps: 1,
  },
  {
    manner: 'a workshop’s hand-out in stars and underlines',
    text: `*Beetroot kvass* (ferment workshop handout, 1L jar)

_you need_
400g raw beetroot, scrubbed not peeled
10g salt (2% of the water roughly)
~800ml filtered water
optional: slice of ginger, 2 allspice

_do_
- cube 2cm, into sterilised jar
- dissolve salt, pour over, leave 3cm headspace
- weight, lid, 5-7 days at 18-22°C, burp daily
- strain, fridge, drink within 4 wks

_watch out_ if it smells rotten or has fuzzy mould: bin it`,
    title: 'Beetroot kvass (ferment workshop handout, 1L jar)',
    portions: null,
    components: [['', ['400 g raw beetroot', '10 g salt', '800 ml filtered water', 'slice of ginger']]],
    steps: 5,
  },
  {
    manner: 'two systems with a stroke, broken by width',
    text: `Page 88

HERBY BARLEY SALAD                 Serves 6

8oz/225g pearl barley
1 pint/570ml vegetable stock
4oz/110g broad beans, podded weight
2oz/55g toasted almonds
1 lemon
3 tbsp olive oil
Large handful each of mint, parsley and dill

Simmer the barley in the stock until tender and the stock has been
absorbed, about 35 minutes. Spread on a tray to cool.
Blanch the beans for 2 minutes and slip off their skins.
Dress the barley with the lemon juice and oil while still just warm.
Toss through the beans, nuts and chopped herbs. Season well.`,
    title: 'HERBY BARLEY SALAD',
    portions: 6,
    components: [
      [
        '',
        [
          '8 oz pearl barley',
          '1 pint vegetable stock',
          '4 oz broad beans',
          '2 oz toasted almonds',
          '1 lemon',
          '3 tbsp olive oil',
          '1 handful mint',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'a site’s page with its path, rating and cost',
    text: `Home / Recipes / Baking / Loaf cakes

Sticky ginger loaf
Rating: 4.5 stars (87)
Skill level: Easy | Prep: 15m | Cook: 55m | Cuts into 10 slices | Cost: cheap as chips

Save recipe  Share

Dark, sticky and better on day three.

You will need
150g butter
125g dark muscovado sugar
200g golden syrup
250ml milk
2 eggs
100g stem ginger, chopped
300g plain flour
1 tsp bicarbonate of soda
1 tbsp ground ginger

How to make it
1. Heat oven to 160C/140C fan/gas 3. Line a 900g loaf tin.
2. Melt the butter, sugar and syrup gently. Off the heat stir in the milk.
3. Beat in the eggs and the chopped ginger.
4. Sift in flour, bicarb and spice. Mix briefly.
5. Bake for 50-55 mins. Cool in the tin.

Per slice: 340 kcal, 14g fat
More like this: Parkin, Lemon drizzle
Newsletter: sign up for a recipe every Friday`,
    title: 'Sticky ginger loaf',
    portions: 10,
    components: [
      [
        '',
        [
          '150 g butter',
          '125 g dark muscovado sugar',
          '200 g golden syrup',
          '250 ml milk',
          '2 eggs',
          '100 g stem ginger',
          '300 g plain flour',
          '1 tsp bicarbonate of soda',
          '1 tbsp ground ginger',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a translated list without commas',
    text: `Ajo blanco (for 6)
200 gr of raw peeled almonds
2 cloves of garlic without the germ
100 gr of bread of the day before
150 ml of olive oil
30 ml of vinegar of sherry
1 lt of very cold water
Salt
200 gr of white grapes

Put the bread in water. Grind the almonds with garlic and salt. Add the bread drained and go on grinding while incorporating the oil as a thread. Then the vinegar and water until the texture desired. Pass it by the fine strainer. To the fridge minimum two hours. Serve with the grapes peeled.`,
    title: 'Ajo blanco',
    portions: 6,
    components: [
      [
        '',
        [
          '200 g raw peeled almonds',
          '2 clove garlic without the germ',
          '100 g bread of the day before',
          '150 ml olive oil',
          '30 ml vinegar of sherry',
          '1 l very cold water',
          'Salt',
          '200 g white grapes',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'rows with arrows, overnight and morning',
    text: `Sourdough pancakes (uses discard)
Overnight: 200g discard, 200g flour, 300g milk -> cover, counter
Morning: 2 eggs, 30g melted butter, 1T sugar, 1t salt, 1t baking soda -> whisk in, rests 10 min (it foams!)
Griddle 190C/375F, 60 ml each, flip when bubbles pop ~2 min, 1 min other side
makes ~14`,
    title: 'Sourdough pancakes (uses discard)',
    portions: 14,
    components: [
      ['Overnight', ['200 g discard', '200 g flour', '300 g milk']],
      ['Morning', ['2 eggs', '30 g butter', '1 tbsp sugar', '1 tsp salt', '1 tsp baking soda']],
    ],
    steps: 3,
  },
  {
    manner: 'a father’s list without amounts or with x',
    text: `dad's chickpea thing

olive oil, good glug
onion, 2, chopped
garlic 3-4 cloves
tin toms x2
chickpeas x 2 tins
smoked paprika 1 heaped teaspoon
spinach - whole bag

fry onions slowly 15 mins. garlic + paprika 1 min. toms, half hour low. chickpeas 10. spinach last. crusty bread. done`,
    title: "dad's chickpea thing",
    portions: null,
    components: [['', ['olive oil', '2 onion', '3-4 clove garlic', '2 tin toms', '2 tin chickpeas', '1 tsp smoked paprika', 'spinach']]],
    steps: 1,
  },
  {
    manner: 'a page of an old book',
    text: `from THE COUNTRY CUPBOARD, 1974                              61

GREEN TOMATO AND GINGER JAM

3 lb. green tomatoes
2 lb. preserving sugar
2 oz. root ginger, bruised
  and tied in muslin
Juice and rind of 2 lemons

Mince the tomatoes, or chop them
small. Put them in the pan with the
ginger, the lemon rind and juice.
Simmer until tender, about 1 hour.
Add the sugar, stir till dissolved,
then boil fast to setting point,
15 to 20 minutes. Remove ginger.
Pot and cover.

Yield about 4 lb.`,
    title: 'GREEN TOMATO AND GINGER JAM',
    portions: null,
    components: [['', ['3 lb green tomatoes', '2 lb preserving sugar', '2 oz root ginger', '2 lemons']]],
    steps: 4,
  },
  {
    manner: 'a site with stars, reviews and metric beside US',
    text: `RecipeHub
LOG IN | SIGN UP
Courgette & Feta Fritters
By KitchenFox   |   ⭐ 4.7 (1,203)
Ready in: 35 minutes   Serves: 4 people   Calories: 280 kcal
ADVERTISEMENT
INGREDIENTS   METRIC | US
3 courgettes (around 600 grams)
1 teaspoon fine salt
100 grams feta, crumbled
2 eggs
75 grams plain flour
1 small bunch dill, chopped
Olive oil, for frying
INSTRUCTIONS
Step 1: Grate the courgettes, toss with the salt and leave for 15 minutes.
Step 2: Squeeze out as much water as you can.
Step 3: Combine with the other ingredients except the oil.
Step 4: Fry tablespoonfuls in hot oil, 3 minutes on each side.
CHEF'S TIPS
Use a clean tea towel for squeezing.
REVIEWS (87)
Mona_88: Lovely! Doubled the dill.
People also made: Corn Fritters, Beet Dip`,
    title: 'Courgette & Feta Fritters',
    portions: 4,
    components: [['', ['3 courgettes', '1 tsp fine salt', '100 g feta', '2 eggs', '75 g plain flour', '1 bunch dill', 'Olive oil']]],
    steps: 4,
  },
  {
    manner: 'talk, three lines and talk',
    text: `Hello Sam, as promised, rhubarb gin.
1kg rhubarb
400g sugar
800ml gin
Chop the rhubarb, put in a big jar with the sugar, shake. Next day add gin. 4 weeks in the dark, shake when you pass. Strain through a coffee filter. Keeps for ever but it never lasts.
Say hi to Mo. D.`,
    title: '',
    portions: null,
    components: [['', ['1 kg rhubarb', '400 g sugar', '800 ml gin']]],
    steps: 2,
  },
  {
    manner: 'bullets around the title',
    text: `• Tahini noodles •
serves one hungry student

1 nest of noodles
1 tbsp tahini
1 tbsp soy
1 tsp each vinegar, honey and chilli oil
half a cucumber
1 spring onion

Boil noodles as per packet. Meanwhile stir everything runny together with 2 tbsp noodle water. Drain, rinse cold, toss. Top with cucumber matchsticks + spring onion.`,
    title: 'Tahini noodles',
    portions: 1,
    components: [
      [
        '',
        [
          '1 nest of noodles',
          '1 tbsp tahini',
          '1 tbsp soy',
          '1 tsp vinegar',
          '1 tsp honey',
          '1 tsp chilli oil',
          '0.5 cucumber',
          '1 spring onion',
        ],
      ],
    ],
    steps: 1,
  },
  {
    manner: 'a grandmother’s pudding',
    text: `Nan's bread pudding

1 loaf stale bread
1/2 lb mixed fruit
4 oz suet (veg)
4 oz brown sugar
2 tsp mixed spice
1 egg
milk to mix

Soak bread in cold water, squeeze dry.
Mix in everything else.
Greased tin, moderate oven, 1 1/2 hrs.
Sugar on top while hot.
She always cut it in squares for the allotment men.`,
    title: "Nan's bread pudding",
    portions: null,
    components: [
      ['', ['1 loaf stale bread', '0.5 lb mixed fruit', '4 oz suet', '4 oz brown sugar', '2 tsp mixed spice', '1 egg', 'milk to mix']],
    ],
    steps: 4,
  },
  {
    manner: 'a box with a shopping list',
    text: `Serves 2 | 25 mins | Veggie

Halloumi & peach salad

Shopping list
Halloumi, 1 block (225g)
Peaches, 2 ripe
Rocket, 1 bag
Mint, few leaves
For the dressing:
Olive oil, 3 tbsp
Lemon, 1
Honey, 1 tsp
Chilli flakes, pinch

To cook
1 Whisk dressing.
2 Slice halloumi in 8, peaches in wedges. Griddle both 2 mins each side.
3 Toss rocket and mint with half the dressing, top with halloumi & peaches, rest of dressing over.`,
    title: 'Halloumi & peach salad',
    portions: 2,
    components: [
      ['', ['1 packet Halloumi', '2 Peaches', '1 packet Rocket', 'Mint']],
      ['Dressing', ['3 tbsp Olive oil', '1 Lemon', '1 tsp Honey', 'Chilli flakes']],
    ],
    steps: 3,
  },
  {
    manner: 'a pop-up’s dish with dredge and honey',
    text: `Buttermilk-brined celeriac, what we did at the pop-up (feeds 8-10 as a main)

2 big celeriac
1.5 litres buttermilk
90g salt
6 sprigs thyme
2 tsp black peppercorns, crushed

Peel, cut into 3cm slices. Dissolve salt in buttermilk w/ thyme + pepper, slices in, 12 hrs fridge.

Dredge
300g rice flour
100g potato starch
1 tbsp each paprika, garlic powder, onion powder

Shake off brine, dredge, rest on rack 15 mins, dredge again. Fry 165C for 6 mins, up to 180C for last 2.

Hot honey: 200g honey, 2 tbsp hot sauce, knob of butter - warm together.`,
    title: 'Buttermilk-brined celeriac, what we did at the pop-up',
    portions: 8,
    components: [
      ['', ['2 celeriac', '1.5 l buttermilk', '90 g salt', '6 sprig thyme', '2 tsp black peppercorns']],
      ['Dredge', ['300 g rice flour', '100 g potato starch', '1 tbsp paprika', '1 tbsp garlic powder', '1 tbsp onion powder']],
      ['Hot honey', ['200 g honey', '2 tbsp hot sauce', '1 knob butter']],
    ],
    steps: 2,
  },
  {
    manner: 'a column of questions',
    text: `Q. My scones never rise. What am I doing wrong?
A. Handle the dough less and don't twist the cutter. Try these:

450g self-raising flour
2 level teaspoons baking powder
75g butter
50g caster sugar
2 large eggs
about 225ml milk

Rub the butter into the flour and baking powder. Stir in the sugar. Beat the eggs and make up to 300ml with milk; add gradually to a soft dough. Pat out to 2cm, cut, and bake at 220C (fan 200C, gas 7) for 12-15 minutes.

Next week: why does my sponge sink?`,
    title: '',
    portions: null,
    components: [['', ['450 g self-raising flour', '2 tsp baking powder', '75 g butter', '50 g caster sugar', '2 eggs', '225 ml milk']]],
    steps: 1,
  },
  {
    manner: 'typed on a phone',
    text: `Banoffee jars – quick version
(from my phone so sorry for typos)

1 tin caramel (397 g)
150 g digestives
60 g butter
3 banans
300 ml double cream
choc to grate

Crush biscuits mix w melted butter in to jars. Caramel on. Slice banans. Whip cream soft. Grate choc. Chill 1 h
Makes 6 small jars`,
    title: 'Banoffee jars – quick version',
    portions: null,
    components: [['', ['1 tin caramel', '150 g digestives', '60 g butter', '3 banans', '300 ml double cream', 'choc to grate']]],
    steps: 1,
  },
  {
    manner: 'two lists under their headings, one begun by eye',
    text: `BEETROOT & GOAT CURD TART
Makes 1 x 28cm / 12 portions
For the pastry:                    For the filling:
300g plain flour                   500g cooked beetroot, diced
150g butter, cubed                 300g goat curd
1 egg yolk                         3 eggs
40ml cold water                    200ml double cream
pinch salt                         2 tsp thyme leaves
Method:
Rub butter into flour and salt. Bind with yolk and water. Rest 30 mins.
Line tin, blind bake 180c 20 mins.
Whisk eggs, cream and thyme. Scatter beetroot and curd, pour over.
Bake 160c 35-40 mins until just set.`,
    title: 'BEETROOT & GOAT CURD TART',
    portions: 12,
    components: [
      ['Pastry', ['300 g plain flour', '150 g butter', '1 egg yolk', '40 ml cold water', '1 pinch salt']],
      ['Filling', ['500 g beetroot', '300 g goat curd', '3 eggs', '200 ml double cream', '2 tsp thyme leaves']],
    ],
    steps: 4,
  },
  {
    manner: 'from memory, with an excuse',
    text: `Sorry for the delay!! Here it is, from memory:

Flatbreads
~ 2 cups of yoghurt flour mix (equal parts yoghurt & SR flour, so 250 + 250)
big pinch of salt
glug of oil

Knead it 2 mins, leave it 20, cut into 6, roll thin, hot dry pan. Brush w garlic butter (50g butter, 1 clove).

xx Dee`,
    title: 'Flatbreads',
    portions: null,
    components: [['', ['2 cup yoghurt flour mix', '1 pinch salt', 'glug of oil', '50 g butter']]],
    steps: 1,
  },
  {
    manner: 'a unit of a course with portions for each learner',
    text: `Unit 203: Prepare and cook grains
Task sheet
Dish: Spelt risotto with greens        Portions: 2 per learner

Commodity            Qty      Unit     ✓
Pearled spelt        140      g
Onion                60       g
Garlic               1        clove
White wine           50       ml
Vegetable stock      500      ml
Kale                 80       g
Parmesan             30       g
Butter               20       g

Work plan
10:00  Mise en place: dice onion, shred kale, grate cheese
10:20  Sweat onion and garlic in half the butter
10:25  Add spelt, toast 2 min; wine, reduce
10:30  Stock a ladle at a time, 25 min
10:55  Kale, 3 min; finish butter and cheese
11:00  Plate and serve`,
    title: 'Spelt risotto with greens',
    portions: 2,
    components: [
      [
        '',
        [
          '140 g Pearled spelt',
          '60 g Onion',
          '1 clove Garlic',
          '50 ml White wine',
          '500 ml Vegetable stock',
          '80 g Kale',
          '30 g Parmesan',
          '20 g Butter',
        ],
      ],
    ],
    steps: 6,
  },
  {
    manner: 'a jar of marmalade with circled steps',
    text: `Makes: about 1.2kg (4 jars)   Keeps: 6 months   Time: 1 hr + standing

SEVILLE-STYLE MARMALADE

1kg bitter oranges
2 litres water
1.5kg preserving sugar
2 lemons, juice only

① Halve and squeeze the oranges. Tie pips and pith in muslin.
② Shred the peel. Soak peel, juice, bag and water overnight.
③ Simmer 1½–2 hrs until the peel is soft. Squeeze out the bag.
④ Add sugar and lemon juice, dissolve, then boil hard to 104.5°C.
⑤ Stand 15 mins; pot while hot.`,
    title: 'SEVILLE-STYLE MARMALADE',
    portions: 4,
    components: [['', ['1 kg bitter oranges', '2 l water', '1.5 kg preserving sugar', '2 lemons']]],
    steps: 5,
  },
  {
    manner: 'a costing asked for in a hurry',
    text: `hey can you do me the costing for this pls

Miso noodle broth (x 50)
15 l veg stock
1.2 kg white miso
600 ml soy
7.5 kg noodles (150 ea)
100 baby pak choi
2.5 kg shiitake
1 kg spring onions
500 g toasted sesame

miso + soy into hot stock off the boil
noodles 4 min
pak choi steam 2
`,
    title: 'Miso noodle broth',
    portions: 50,
    components: [
      [
        '',
        [
          '15 l veg stock',
          '1.2 kg white miso',
          '600 ml soy',
          '7.5 kg noodles',
          '100 pak choi',
          '2.5 kg shiitake',
          '1 kg spring onions',
          '500 g sesame',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'a numbered recipe of a magazine in one paragraph',
    text: `3. COURGETTE FRITTERS WITH MINT YOGURT

Preparation: 15 minutes. Cooking: 10 minutes. For 4.

3 medium courgettes (about 600 g), coarsely grated · 1 teaspoon salt · 100 g feta, crumbled · 2 eggs · 60 g flour · a handful each of mint and dill, chopped · oil for frying
For the yogurt: 200 g thick yogurt · 1 garlic clove · juice of ½ lemon

Salt the courgettes in a colander for 10 minutes, then wring them dry in a cloth. Mix with everything else. Fry spoonfuls in 1 cm of oil for 3 minutes a side. Drain. Stir the yogurt ingredients together and serve alongside.

Variation: use grated carrot and cumin.`,
    title: 'COURGETTE FRITTERS WITH MINT YOGURT',
    portions: 4,
    components: [
      ['', ['3 courgettes', '1 tsp salt', '100 g feta', '2 eggs', '60 g flour', '1 handful mint', '1 handful dill', 'oil']],
      ['Yogurt', ['200 g thick yogurt', '1 clove garlic', '0.5 lemon']],
    ],
    steps: 1,
  },
];
