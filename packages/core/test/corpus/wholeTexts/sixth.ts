import type { WholeText } from './form';

/** A sixth set, in manners unlike those before, measured on once before the reader was mended on it. */
export const SIXTH_TEXTS: readonly WholeText[] = [
  {
    manner: 'slashes between the columns of a table',
    marked: `
title | Braised fennel with olives
yield | Serves 8 => portions 8
aside | item / amount / cut
line  | fennel / 4 heads / wedges => 4 heads | fennel | wedges
line  | green olives / 120 g / stoned => 120 g | green olives | stoned
line  | white wine / 200 ml => 200 ml | white wine
line  | shallots / 3 / sliced => 3 | shallots | sliced
line  | olive oil / 60 ml => 60 ml | olive oil
method | work
step  | Brown the wedges in the oil, 4 minutes a side. => 4m
step  | Add shallots and wine, cover, braise 35 minutes at 170 °C. => 35m 170C
step  | Olives in for the last 5 minutes. => 5m
`,
  },
  {
    manner: 'a phone’s speech to text: amounts in words, no signs',
    marked: `
title | rye pancakes for the allotment breakfast
line  | two hundred grams of rye flour => 200 g | rye flour
line  | half a litre of buttermilk => 0.5 l | buttermilk
line  | one teaspoon of baking soda => 1 tsp | baking soda
line  | a tablespoon of honey => 1 tbsp | honey
line  | a good pinch of salt => 1 pinch | salt
step  | whisk everything together and leave it a quarter of an hour => 15m
step  | fry on a medium heat for two to three minutes on each side => 2-3m
step  | keep warm in the oven at ninety degrees => 90C
`,
  },
  {
    manner: 'a bakery’s production card: dough, hours, and a table with kilos and grams apart',
    marked: `
title | SESAME RINGS
yield | Batch: 60 pieces at 110 g => portions 60
aside | Ingredient Kg G
line  | Wheat flour 4 000 => 4 kg | wheat flour
line  | Water 2 400 => 2.4 kg | water
line  | Salt 0 080 => 0.08 kg | salt
line  | Fresh yeast 0 060 => 0.06 kg | fresh yeast
line  | Sesame 0 500 => 0.5 kg | sesame
method | Process
step  | Mixing: 3 min slow + 6 min fast, dough 25 °C. => 3m 6m 25C
step  | Bulk: 45 min. => 45m
step  | Divide, rest 10 min, roll 40 cm, close to a ring. => 10m
step  | Dip in water and sesame. Proof 30 min. => 30m
step  | Bake 240 °C, 14 min, steam. => 14m 240C
`,
  },
  {
    manner: 'a food-bank leaflet: what you need drawn as ticks, hints between the steps',
    marked: `
title | Red lentil & carrot soup
aside | A warm bowl for under a pound!
yield | Feeds 4 => portions 4
ingr  | What you'll need:
line  | ☐ 1 onion => 1 | onion
line  | ☐ 3 carrots => 3 | carrots
line  | ☐ 150g dried red lentils => 150 g | dried red lentils
line  | ☐ 1 stock cube => 1 | stock cube
line  | ☐ 1 tsp cumin (if you have it) => 1 tsp | cumin
line  | ☐ 1 litre boiling water => 1 l | boiling water
method | Let's cook!
step  | ① Chop the onion and carrots small.
step  | ② Soften in a splash of oil for 5 mins. => 5m
note  | Hint: put the lid on to save gas.
step  | ③ Add the rest. Simmer 20 mins. => 20m
step  | ④ Mash or blend.
aside | Need help with food? Ask at the desk.
`,
  },
  {
    manner: 'a chef’s mail with three elements in running text, amounts behind in brackets',
    marked: `
aside | Hi all,
aside | here is the garnish for Friday's function, please scale x3 yourselves.
title | Pickled plum, rye crumb, sour cream
comp  | Plums
line  | plums (1 kg) => 1 kg | plums
line  | red wine vinegar (250 ml) => 250 ml | red wine vinegar
line  | demerara sugar (150 g) => 150 g | demerara sugar
line  | star anise (2) => 2 | star anise
step  | Boil vinegar, sugar and anise, pour over halved plums, min. 24 hrs in fridge. => 24h
comp  | Rye crumb
line  | stale rye bread (300 g) => 300 g | stale rye bread
line  | butter (60 g) => 60 g | butter
step  | Blitz, fry in the butter till crisp, drain, dry at 80 °C for one hour. => 1h 80C
comp  | Sour cream
line  | sour cream (400 g) => 400 g | sour cream
line  | lemon (1/2) => 0.5 | lemon
step  | Whisk with zest & juice.
aside | Cheers
aside | Bo
`,
  },
  {
    manner: 'a class workbook with blanks to fill, a word bank and numbered method',
    marked: `
title | Savoury scones
aside | Name: ______________  Group: ____
aside | Word bank: rub in, bind, glaze, sieve
yield | Makes 8 => portions 8
ingr  | Ingredients   Tick when weighed
line  | 225 g self-raising flour   [ ] => 225 g | self-raising flour
line  | 50 g block margarine   [ ] => 50 g | block margarine
line  | 75 g grated cheese   [ ] => 75 g | cheese | grated
line  | 150 ml milk   [ ] => 150 ml | milk
line  | ½ level tsp mustard powder   [ ] => 0.5 tsp | mustard powder
method | Method   Time
step  | 1 Preheat oven to gas mark 7.   9.00
step  | 2 Sieve flour and mustard; rub in margarine.   9.05
step  | 3 Stir in most of the cheese, bind with milk.   9.15
step  | 4 Roll to 2 cm, cut out, glaze, top with cheese.   9.25
step  | 5 Bake for 10–12 minutes.   9.35 => 10-12m
aside | The correct temperature for the fridge is ____ °C.
`,
  },
  {
    manner: 'an old household book: long sentences with amounts inside, then nothing more',
    marked: `
title | To pot cheese
step  | Take one pound of good hard cheese, three ounces of butter, a blade of mace pounded, and two spoonfuls of sweet wine; beat them well in a mortar till they are smooth, press into pots and cover with clarified butter.
`,
  },
  {
    manner: 'a co-operative’s crop sheet: one recipe at the end of the news',
    marked: `
aside | This week in your bag
aside | Chard, new potatoes, broad beans, dill
aside | The late frost took the first beans, so we are short this week. Sorry!
title | Broad bean and dill dip
yield | A bowl for four => portions 4
line  | 500g broad beans (podded weight) => 500 g | broad beans
line  | 100g feta => 100 g | feta
line  | Small bunch dill => 1 bunch | dill
line  | 1 clove of garlic => 1 clove | garlic
line  | Juice of half a lemon => 0.5 | lemon | juice
line  | 4 tbsp olive oil => 4 tbsp | olive oil
step  | Boil the beans for three minutes, cool under the tap and slip off the skins.  => 3m
step  | Blend with everything else, leaving it a little rough.
aside | Next week: strawberries, weather allowing.
`,
  },
  {
    manner: 'a hospital kitchen’s texture card with a warning block',
    marked: `
title | Pear crumble (soft and bite-sized)
aside | IDDSI 6 / Diet: vegetarian
yield | 25 ptns => portions 25
comp  | FRUIT
line  | Tinned pears, drained 3.0 kg => 3 kg | tinned pears | drained
line  | Cornflour 60 g => 60 g | cornflour
line  | Juice from tin 500 ml => 500 ml | juice from tin
comp  | TOPPING
line  | Oats 500 g => 500 g | oats
line  | Flour 400 g => 400 g | flour
line  | Margarine 350 g => 350 g | margarine
line  | Sugar 300 g => 300 g | sugar
method | METHOD
step  | 1. Thicken juice with cornflour; fold in pears; fill GN 1/1 65 mm.
step  | 2. Rub topping, scatter.
step  | 3. Bake 160 °C combi dry, 35 min to core 75 °C min 2 min. => 35m 2m 160C 75C
step  | 4. Hold above 63 °C, max 2 hrs. => 2h 63C
aside | ALLERGENS: wheat, oats
`,
  },
  {
    manner: 'a translated card with metric per person and a column for four',
    marked: `
title | Stuffed courgette flowers with ricotta
yield | 4 persons => portions 4
line  | 12 pc courgette flowers => 12 | courgette flowers
line  | 250 gr ricotta => 250 g | ricotta
line  | 40 gr hard cheese, grated => 40 g | hard cheese | grated
line  | 1 pc lemon (the zest) => 1 | lemon
line  | 1,5 dl sparkling water => 1.5 dl | sparkling water
line  | 100 gr flour 00 => 100 g | flour 00
line  | 1 lt seed oil for frying => 1 l | seed oil
method | Preparation
step  | Clean the flowers taking away the pistil.
step  | Mix ricotta, cheese, zest; fill with the bag; close the tips.
step  | Make the batter with water very cold and flour; pass the flowers and fry at 170/175° for 2 minutes. => 2m 175C
`,
  },
  {
    manner: 'a message board answer with quoted question and two ways',
    marked: `
aside | > Does anyone have a way with kohlrabi that kids eat?
aside | Yes! Ours fight for these.
title | Kohlrabi chips
line  | - 3 kohlrabi (about 900 g all together) => 3 | kohlrabi
line  | - 2 tbsp cornflour or potato starch => 2 tbsp | cornflour
line  | - 1 tsp smoked paprika => 1 tsp | smoked paprika
line  | - 3 tbsp sunflower oil => 3 tbsp | sunflower oil
line  | - salt => to taste | salt
step  | Peel and cut into chips, soak 30 mins and dry really well.  => 30m
step  | Toss with everything, spread out, roast 220C/200C fan for 25-30 mins, shake half way. => 25-30m 220C 200C
note  | Best eaten straight away, they go soft.
aside | Edit: thanks for the likes everyone
`,
  },
  {
    manner: 'a hotel’s breakfast manual: two recipes’ worth of elements with codes and a use-by',
    marked: `
title | Bircher muesli with apple compote
aside | Doc BF-12 rev. 3 page 1/1
yield | Portions 30 x 180 g => portions 30
comp  | A – Muesli base
line  | 1500 g rolled oats => 1500 g | rolled oats
line  | 2000 ml milk => 2000 ml | milk
line  | 1000 g yoghurt 3.5% => 1000 g | yoghurt 3.5%
line  | 200 g honey => 200 g | honey
step  | Soak oats in milk overnight at max. 4 °C. => 4C
step  | Fold in yoghurt and honey at 06:00.
comp  | B – Compote
line  | 2000 g apples, diced 1 cm => 2000 g | apples | diced 1 cm
line  | 200 g sugar => 200 g | sugar
line  | 4 sticks cinnamon => 4 sticks | cinnamon
line  | 300 ml apple juice => 300 ml | apple juice
step  | Simmer 12–15 min, blast chill to 3 °C in under 90 min. => 12-15m 90m 3C
note  | Shelf life: 2 days (A), 5 days (B)
`,
  },
];
