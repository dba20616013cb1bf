/**
 * Pages as people paste them whose ingredients stand in rows, columns, sentences and chats: what a person reads in them. Lines are written
 * as amount and item; how they are prepared, and times and heats, are held by the other corpora.
 */
export interface Page {
  readonly manner: string;
  readonly text: string;
  readonly title: string;
  readonly portions: number | null;
  readonly components: readonly (readonly [name: string, lines: readonly string[]])[];
  readonly steps: number;
}

export const PAGES: readonly Page[] = [
  {
    manner: 'a kitchen’s spec card',
    text: `KITCHEN 3 — SPEC CARD 14B                       rev. March
Dish: Hake, white beans, burnt lemon
Covers 24 | portion 140 g fish, 90 g beans

MEP day before
  Beans
  1.2 kg    dried haricot
  2 ea.     bay
  60 g      salt
  Soak o/n in plenty of water. Simmer w/ bay until creamy, 70-80 min. Salt at the end. Cool in liquor.

  Lemon oil
  6         lemons, halved
  500 ml    olive oil
  Char cut side on a dry pan, 4 min. Squeeze into the oil. Keep in a squeeze bottle.

SERVICE
  24 x 140g hake portions, skin on, pin-boned
  200 ml    rapeseed oil
  fine salt
  1 bunch   flat parsley
  Dry the skin. Salt 5 min before. Pan v. hot, skin down, press 20 sec, 3-4 min, flip, off the heat 1 min. Core 52-54C.
  Reheat beans with a ladle of liquor, finish w/ parsley.
  Plate: beans off-centre, fish on top, lemon oil round.

Allergens: fish. Sign: ______`,
    title: 'Hake, white beans, burnt lemon',
    portions: 24,
    components: [
      ['Beans', ['1.2 kg dried haricot', '2 bay', '60 g salt']],
      ['Lemon oil', ['6 lemons', '500 ml olive oil']],
      ['Service', ['24 hake portions', '200 ml rapeseed oil', 'fine salt', '1 bunch flat parsley']],
    ],
    steps: 5,
  },
  {
    manner: 'a letter with its list in a sentence',
    text: `Hi both,

here's Aunt Wilma's rye loaf as promised (she'd skin me if she knew).

You need about a pound and a half of rye flour, half a pound of strong white, 2 good teaspoons salt, a walnut of fresh yeast (say 20 grams), 3/4 pint warm water and 2 tablespoons of black treacle. Caraway if you like it - I use a heaped teaspoon.

Mix the lot, it'll be like mud, don't panic. Leave it covered somewhere warm for two hours or so until it's crept up the bowl. Wet your hands, shape it into the tin (2 lb, greased), and give it another 45 minutes. Bake at gas 7 for 20 minutes then gas 5 for another 40. It wants a whole day before you cut it.

Love to the kids
M.`,
    title: "Aunt Wilma's rye loaf",
    portions: null,
    components: [
      ['', ['1.5 lb rye flour', '0.5 lb strong white', '2 tsp salt', '20 g fresh yeast', '0.75 pint warm water', '2 tbsp black treacle']],
    ],
    steps: 1,
  },
  {
    manner: 'a web page with step headings',
    text: `Pickled red onions
Prep: 10 mins    Cook: 5 mins    Makes 1 jar

★★★★☆ 4.2 (318 ratings)

Ingredients
☐ 2 large red onions, finely sliced
☐ 150ml/5fl oz cider vinegar
☐ 1 tbsp caster sugar
☐ 1½ tsp fine sea salt
☐ 6 black peppercorns

Method
STEP 1
Pour boiling water over the onions in a colander and leave to drain.
STEP 2
Warm the vinegar, sugar, salt and peppercorns until the sugar has dissolved, about 2 mins. Add 50ml cold water.
STEP 3
Pack the onions into a clean jar and pour over the liquid. Cool, then seal. Ready in 1 hour; keeps in the fridge for 2 weeks.

You might also like
Pickled radishes
Quick cucumber relish

Nutrition: per serving
kcal 31  fat 0.1g  carbs 6g`,
    title: 'Pickled red onions',
    portions: null,
    components: [['', ['2 red onions', '150 ml cider vinegar', '1 tbsp caster sugar', '1.5 tsp fine sea salt', '6 black peppercorns']]],
    steps: 3,
  },
  {
    manner: 'a magazine’s rows behind bullets',
    text: `BUCKWHEAT CRÊPES WITH LEEK AND CIDER
Serves: 6
For the batter – 200g buckwheat flour • 50g plain flour • 1 tsp salt • 2 eggs • 600ml milk-and-water (half and half)
For the filling – 4 leeks • 40g butter • 150ml dry cider • 100ml crème fraîche • 1 tsp wholegrain mustard

1 Whisk the flours, salt and eggs with a third of the liquid, then thin with the rest. Rest 1 hr.
2 Sweat the leeks in the butter with a lid on, 15 min, until soft but not coloured. Add cider and reduce by half. Stir in crème fraîche and mustard.
3 Cook thin crêpes in a hot pan (about 1 min then 30 sec). Fill, fold and serve.`,
    title: 'BUCKWHEAT CRÊPES WITH LEEK AND CIDER',
    portions: 6,
    components: [
      ['Batter', ['200 g buckwheat flour', '50 g plain flour', '1 tsp salt', '2 eggs', '600 ml milk-and-water']],
      ['Filling', ['4 leeks', '40 g butter', '150 ml dry cider', '100 ml crème fraîche', '1 tsp wholegrain mustard']],
    ],
    steps: 3,
  },
  {
    manner: 'a lesson sheet with aims and questions',
    text: `Module 6: Emulsion sauces
Learning outcomes
By the end of this lesson you will be able to:
- explain what an emulsifier does
- rescue a split sauce

Lemon mayonnaise (per pair)
Equipment: bowl, balloon whisk, jug, damp cloth
Pasteurised egg yolk    40g
Dijon mustard           10g
Lemon juice             15ml
Sunflower oil           250ml
Salt                    3g

Procedure
a) Settle the bowl on the damp cloth.
b) Whisk yolk, mustard, half the lemon juice and the salt until pale (1 minute).
c) Add the oil drop by drop for the first 50ml, then in a thin stream.
d) Correct with the rest of the lemon juice.

Questions
1. Why does the mustard help?
2. What would you do if it splits?`,
    title: 'Lemon mayonnaise',
    portions: null,
    components: [['', ['40 g Pasteurised egg yolk', '10 g Dijon mustard', '15 ml Lemon juice', '250 ml Sunflower oil', '3 g Salt']]],
    steps: 4,
  },
  {
    manner: 'a blog with amounts in brackets',
    text: `Courgette fritters with mint yoghurt

4 people
30 minutes

- 3 medium courgettes (about 600 g)
- salt
- 3 spring onions
- 75 g feta
- 1 egg
- 60 g flour (or gram flour)
- oil for frying
- 150 g yoghurt
- small handful mint
- ½ garlic clove

Grate the courgettes coarsely, toss with 1 tsp salt and leave for 15 minutes. Squeeze out in a cloth – really squeeze. Chop spring onions, crumble feta, mix everything with the egg and flour.

Heat a centimetre of oil in a wide pan to around 170°. Fry heaped tablespoons for 3 minutes each side till deep gold. Drain on paper.

Stir the yoghurt with chopped mint, grated garlic and a pinch of salt.`,
    title: 'Courgette fritters with mint yoghurt',
    portions: 4,
    components: [
      [
        '',
        [
          '3 courgettes',
          'salt',
          '3 spring onions',
          '75 g feta',
          '1 egg',
          '60 g flour',
          'oil',
          '150 g yoghurt',
          '1 handful mint',
          '0.5 clove garlic',
        ],
      ],
    ],
    steps: 3,
  },
  {
    manner: 'pots in three parts, told by part',
    text: `Rhubarb and custard pots

For the rhubarb
500 g rhubarb, cut into 4 cm lengths
100 g sugar
1 orange - zest & juice

For the custard
400 ml whole milk
1 vanilla pod, split
5 yolks
70 g sugar
25 g cornflour

For the top
50 g flaked almonds

Rhubarb: heat oven to 180C (fan 160C). Toss with sugar, zest and juice in one layer, cover with foil and roast 20 min. Cool.

Custard: bring milk to just under the boil with the vanilla. Whisk yolks, sugar and cornflour; pour on the milk; return to pan and whisk over medium heat until it bubbles, then 1 minute more. Pass, press film on the surface, chill for at least 2 hours.

Top: toast the almonds, 6 min at 170C.

To serve: layer in glasses.`,
    title: 'Rhubarb and custard pots',
    portions: null,
    components: [
      ['Rhubarb', ['500 g rhubarb', '100 g sugar', '1 orange']],
      ['Custard', ['400 ml whole milk', '1 vanilla pod', '5 yolks', '70 g sugar', '25 g cornflour']],
      ['Top', ['50 g flaked almonds']],
    ],
    steps: 4,
  },
  {
    manner: 'a scanned page with leaders',
    text: `Page 41

                 SPICED LENTIL SOUP               (40 covers)

     Red lentils ................ 2 kg
     Onion, diced ............... 1.5 kg
     Carrot, diced .............. 1 kg
     Garlic, crushed ............ 60 g
     Cumin, ground .............. 30 g
     Vegetable stock ............ 10 l
     Lemon juice ................ 200 ml
     Oil ........................ 150 ml

METHOD
1.  Sweat onion and carrot in the oil, 10 min.
2.  Add garlic and cumin, 1 min.
3.  Add lentils and stock, bring to the boil, skim, simmer 25 min.
4.  Blend. Correct seasoning with lemon and salt.
5.  Hold above 63 °C. Cool leftovers to below 8 °C within 90 min.

Page 42`,
    title: 'SPICED LENTIL SOUP',
    portions: 40,
    components: [
      [
        '',
        [
          '2 kg Red lentils',
          '1.5 kg Onion',
          '1 kg Carrot',
          '60 g Garlic',
          '30 g Cumin',
          '10 l Vegetable stock',
          '200 ml Lemon juice',
          '150 ml Oil',
        ],
      ],
    ],
    steps: 5,
  },
  {
    manner: 'a notebook with lists behind commas',
    text: `Sunday, 9 am
**Focaccia** — from my notebook

500g bread flour, 400g water, 10g salt, 5g instant yeast, 30g olive oil + more for the tray.
Topping: rosemary, flaky salt

Mix flour, water, yeast. 20 minutes rest. Salt and oil in. Fold every half hour x4. Fridge 12-18 h.
Out 2 h before baking, into an oiled tray, dimple. 
240°C, 18–22 min, bottom third.`,
    title: 'Focaccia',
    portions: null,
    components: [
      ['', ['500 g bread flour', '400 g water', '10 g salt', '5 g instant yeast', '30 g olive oil']],
      ['Topping', ['rosemary', 'flaky salt']],
    ],
    steps: 3,
  },
  {
    manner: 'a printed blog, two persons',
    text: `Trout en papillote (2 pers.)

2 trout fillets à 150 g
1 fennel bulb, shaved
1 carrot, julienne
4 slices of lemon
2 Tbsp vermouth
20 g butter
s & p
baking paper

1/ Preheat the oven to 200 degrees Celsius.
2/ Cut two hearts of paper. Place vegetables, fish, lemon; dot with the butter, sprinkle with vermouth, season.
3/ Fold the edges tightly. Bake 10 to 12 minutes.
4/ Open at the table (careful: steam!).

Tip: works with char as well.
Printed from our kitchen blog on 3/4/2025`,
    title: 'Trout en papillote',
    portions: 2,
    components: [
      ['', ['2 trout fillets', '1 fennel bulb', '1 carrot', '4 slice lemon', '2 tbsp vermouth', '20 g butter', 'salt and pepper']],
    ],
    steps: 4,
  },
  {
    manner: 'a chat',
    text: `[14:02] Noor: ok the flatbreads!!
[14:02] Noor: 300g flour
[14:02] Noor: 1 tsp baking powder
[14:03] Noor: half tsp salt
[14:03] Noor: 250g yoghurt
[14:03] Noor: mix, knead 2 min, rest 15
[14:04] Noor: 6 balls, roll thin, dry pan really hot, 1 min each side
[14:05] Noor: brush w garlic butter 🧈`,
    title: 'ok the flatbreads!!',
    portions: null,
    components: [['', ['300 g flour', '1 tsp baking powder', '0.5 tsp salt', '250 g yoghurt']]],
    steps: 3,
  },
  {
    manner: 'a work sheet with a plan of time',
    text: `Time plan and recipe – Practical 4
Name: ____________  Group: ____

PEAR AND GINGER CRUMBLE          Makes 4 portions

Commodities        Amount      ✓
Pears              600 g
Stem ginger        30 g
Brown sugar        40 g
Plain flour        120 g
Butter, cold       80 g
Oats               40 g

Time     Activity
9.30     Collect ingredients. Preheat oven 190°C.
9.40     Peel and slice pears, mix with ginger and half the sugar. Into dish.
9.55     Rub butter into flour; stir in oats and the rest of the sugar.
10.05    Cover the fruit. Bake 30–35 min.
10.40    Cool 10 min, present, wash up.

Evaluation: taste / texture / appearance`,
    title: 'PEAR AND GINGER CRUMBLE',
    portions: 4,
    components: [['', ['600 g Pears', '30 g Stem ginger', '40 g Brown sugar', '120 g Plain flour', '80 g Butter', '40 g Oats']]],
    steps: 5,
  },
  {
    manner: 'a family’s dumplings, two lists',
    text: `Grandma's plum dumpling soup? no — plum KNÖDEL (potato-free)

250g quark (drained)
1 egg
50g soft butter
150g flour, plus extra
pinch of salt
8-10 small plums
8-10 sugar cubes

for the crumbs:
80g butter
100g breadcrumbs
2 Tbsp sugar
1 tsp cinnamon

1) Mix quark egg butter flour salt, chill 1 hr.
2) Stone the plums, put a sugar cube in each.
3) Wrap each in dough (wet hands) – no holes.
4) Simmer, not boil, 12 to 15 min in salted water; they float when ready.
5) Meanwhile brown the crumbs in the butter with sugar and cinnamon.
6) Roll the dumplings in the crumbs, dust with icing sugar.

*can be frozen raw, then cook 20 min.*`,
    title: "Grandma's plum dumpling soup? no — plum KNÖDEL (potato-free)",
    portions: null,
    components: [
      ['', ['250 g quark', '1 egg', '50 g butter', '150 g flour', '1 pinch salt', '8-10 plums', '8-10 sugar cubes']],
      ['Crumbs', ['80 g butter', '100 g breadcrumbs', '2 tbsp sugar', '1 tsp cinnamon']],
    ],
    steps: 6,
  },
  {
    manner: 'a card with columns',
    text: `SOUSED MACKEREL                                      Yield: 10 portions

QTY       UNIT    ITEM                    PREP
10        ea      mackerel fillets        pin-boned
500       ml      white wine vinegar
250       ml      water
60        g       caster sugar
25        g       salt
2         ea      shallots                sliced in rings
1         ea      carrot                  fluted, sliced
6         ea      allspice berries
2         ea      bay leaves

METHOD OF WORK
1 Bring vinegar, water, sugar, salt and aromatics to the boil. Simmer 5 minutes.
2 Lay fillets skin up in a deep tray.
3 Pour the boiling liquor over. Film. Cool to 5°C within 90 minutes.
4 Leave 24 hours before use. Shelf life 5 days at 0–5°C.

CCP: core of fish on cooling`,
    title: 'SOUSED MACKEREL',
    portions: 10,
    components: [
      [
        '',
        [
          '10 fillet mackerel',
          '500 ml white wine vinegar',
          '250 ml water',
          '60 g caster sugar',
          '25 g salt',
          '2 shallots',
          '1 carrot',
          '6 allspice berries',
          '2 bay leaves',
        ],
      ],
    ],
    steps: 4,
  },
  {
    manner: 'an answer in running text',
    text: `Quick question answered: how I make my carrot-top pesto

I never measure, but roughly: tops of one bunch of carrots (about 60g leaves), 40g toasted sunflower seeds, 40g hard cheese, 1 small garlic clove, 120ml olive oil, juice of half a lemon.

Blanch the tops for 20 seconds and refresh. Squeeze dry. Blitz with everything but the oil, then trickle in the oil. Taste. It'll keep 4 days under a film of oil in the fridge.

3 comments
Jo: can I use walnuts?
Pim: mine went brown :(`,
    title: 'Quick question answered: how I make my carrot-top pesto',
    portions: null,
    components: [
      ['', ['tops of one bunch of carrots', '40 g sunflower seeds', '40 g hard cheese', '1 clove garlic', '120 ml olive oil', '0.5 lemon']],
    ],
    steps: 1,
  },
  {
    manner: 'two columns, metric and imperial',
    text: `MUSHROOM AND BARLEY BROTH

Metric              Imperial
100 g               4 oz          pearl barley
25 g                1 oz          dried mushrooms
1 litre             1¾ pints      hot water
2                   2             onions, chopped
30 ml               2 tbsp        oil
250 g               9 oz          brown mushrooms, sliced

Soak the dried mushrooms in the hot water for 30 minutes. Strain through paper and keep the liquor.
Fry the onions in the oil until golden, about 12 minutes.
Add the brown mushrooms and fry until dry.
Stir in barley, soaked mushrooms and liquor. Cover and simmer for 40 minutes.
Season. Serve with dill.

Serves 4
Preparation 15 min, soaking 30 min, cooking 1 hour`,
    title: 'MUSHROOM AND BARLEY BROTH',
    portions: 4,
    components: [['', ['100 g pearl barley', '25 g dried mushrooms', '1 l hot water', '2 onions', '30 ml oil', '250 g brown mushrooms']]],
    steps: 5,
  },
  {
    manner: 'a quoted mail',
    text: `> On 12 May, Ilse wrote:
> > could you send me the asparagus thing
>
> Sure. Asparagus with brown butter crumbs, feeds two.
>
> * bunch of green asparagus, 500 g
> * 60 g butter
> * 40 g coarse breadcrumbs
> * zest of a lemon
> * salt
>
> Snap the asparagus. Boil in well salted water, 3-4 minutes.
> Melt the butter and let it brown. Throw in the crumbs till crisp.
> Lemon zest over the top.
>
> x I.`,
    title: 'Asparagus with brown butter crumbs',
    portions: 2,
    components: [['', ['1 bunch green asparagus', '60 g butter', '40 g coarse breadcrumbs', '1 lemon', 'salt']]],
    steps: 3,
  },
  {
    manner: 'a bakery’s sheet with percents',
    text: `Day 3 – Yeast doughs
Recipe 1: Milk rolls (scale 12 × 60g)
Flour (strong)  430g   100%
Milk, 25°C      245g    57%
Butter           43g    10%
Sugar            22g     5%
Fresh yeast      13g     3%
Salt              8g     1.9%

Mix 4 min slow, 6 min fast, DDT 26°C
Bulk 60 min, fold at 30
Scale, round, bench rest 10 min, shape
Prove 50 min at 28°C / 75% RH
Egg wash
Bake 220°C 12 min with steam

Recipe 2: Twists
as above, + 60g grated cheese`,
    title: 'Milk rolls (scale 12 × 60g)',
    portions: null,
    components: [
      ['', ['430 g Flour', '245 g Milk', '43 g Butter', '22 g Sugar', '13 g Fresh yeast', '8 g Salt']],
      ['Twists', ['as above']],
    ],
    steps: 5,
  },
];
