import type { WholeText } from './form';

/** A fourth set, in manners unlike those before, again measured on once before the reader was mended on it. */
export const FOURTH_TEXTS: readonly WholeText[] = [
  {
    manner: 'a messenger thread with stamps of time',
    marked: `
aside | [14:02] Vika: can you send me the semolina thing
aside | [14:05] Orla: sure
title | Semolina pudding with sour cherries
line  | 1 l whole milk => 1 l | whole milk
line  | 120 g fine semolina => 120 g | fine semolina
line  | 80 g sugar => 80 g | sugar
line  | peel of half a lemon => 0.5 | lemon | peel
line  | 300 g sour cherries, frozen is fine => 300 g | sour cherries
line  | pinch of salt => 1 pinch | salt
step  | bring milk, peel and salt to the boil
step  | rain in the semolina while whisking, 6 mins on low => 6m
step  | sugar in, lid on, leave 10 mins => 10m
step  | cherries on top
aside | [14:09] Vika: you are a star
`,
  },
  {
    manner: 'a production sheet: codes, batch figures, yields and losses per component',
    marked: `
title | SMOKED BEAN CROQUETTE
aside | Code 4471 / Issue 2 / Approved by: kitchen manager
yield | Yield: 48 pcs
comp  | 1. BEAN BASE
line  | White beans, cooked | 1.500 kg => 1.5 kg | white beans | cooked
line  | Smoked paprika | 0.015 kg => 0.015 kg | smoked paprika
line  | Onion, fine dice | 0.200 kg => 0.2 kg | onion | fine dice
line  | Garlic puree | 0.020 kg => 0.02 kg | garlic puree
step  | Sweat onion and garlic 8 min. Add paprika off the heat. => 8m
step  | Crush with the beans. Cool below 5 °C within 90 min. => 90m 5C
comp  | 2. COATING
line  | Plain flour | 0.250 kg => 0.25 kg | plain flour
line  | Oat drink | 0.300 l => 0.3 l | oat drink
line  | Dry breadcrumbs | 0.500 kg => 0.5 kg | dry breadcrumbs
step  | Shape 40 g balls, flour, dip, crumb.
comp  | 3. FINISH
step  | Deep-fry at 175 °C for 3-4 min to core 75 °C. => 3-4m 175C 75C
note  | Allergens: gluten
`,
  },
  {
    manner: 'a parish cookbook: dots between item and amount',
    marked: `
title | HARVEST SODA LOAF
aside | Contributed by the Thursday group
line  | Wholemeal flour ........ 300 g => 300 g | wholemeal flour
line  | White flour ............ 150 g => 150 g | white flour
line  | Bicarbonate of soda .... 1 tsp => 1 tsp | bicarbonate of soda
line  | Salt ................... 1 tsp => 1 tsp | salt
line  | Buttermilk ............. 400 ml => 400 ml | buttermilk
line  | Pumpkin seeds .......... a handful => 1 handful | pumpkin seeds
step  | Mix all dry things. Make a well, pour in the buttermilk and bring together with one hand.
step  | Shape, cut a deep cross, bake at 200 °C for 35 to 40 minutes until it sounds hollow. => 35-40m 200C
step  | Cool in a cloth for a soft crust.
aside | "Bread is the warmth of the house."
`,
  },
  {
    manner: 'a competition brief: tasks for the candidate before the recipe',
    marked: `
aside | Regional Junior Trophy – Task B
aside | Candidates have 75 minutes. Present two plates.
title | Warm lentil salad, pickled radish, herb oil
yield | Two plates => portions 2
ingr  | Materials supplied
line  | 160 g small green lentils => 160 g | small green lentils
line  | 8 radishes => 8 | radishes
line  | 50 ml rice vinegar => 50 ml | rice vinegar
line  | 15 g caster sugar => 15 g | caster sugar
line  | 40 g mixed soft herbs => 40 g | mixed soft herbs
line  | 100 ml neutral oil => 100 ml | neutral oil
line  | 1 banana shallot => 1 | banana shallot
method | Order of work
step  | 1. Simmer lentils from cold, 22–25 min. => 22-25m
step  | 2. Slice radishes 2 mm; warm vinegar and sugar to 60 °C, pour over, 20 min. => 20m 60C
step  | 3. Blanch herbs 15 s, ice, wring, blend with oil at 65 °C, strain. => 15s 65C
step  | 4. Dress lentils warm with shallot and oil. Plate.
aside | Marks: taste 40, technique 40, hygiene 20
`,
  },
  {
    manner: 'a cook’s voice memo typed out without punctuation of a list',
    marked: `
title | Tomato water
yield | makes about 1 litre
line  | 3 kilos ripe tomatoes => 3 kg | ripe tomatoes
line  | 30 grams salt => 30 g | salt
line  | 1 bunch basil stalks => 1 bunch | basil stalks
step  | so you blitz the tomatoes with the salt and basil just briefly
step  | then hang it in muslin overnight in the fridge
step  | don't squeeze it or it goes cloudy
note  | keeps 2 days
`,
  },
  {
    manner: 'a menu card kit: ingredients by bag, numbered boxes',
    marked: `
title | Aubergine katsu bowls
yield | 2 people | 40 min => portions 2
ingr  | In your box
line  | 2 aubergines => 2 | aubergines
line  | 150g sushi rice => 150 g | sushi rice
line  | 1 sachet of curry powder (8g) => 1 packet | curry powder
line  | 100g panko => 100 g | panko
line  | 1 carrot => 1 | carrot
line  | 200ml coconut milk => 200 ml | coconut milk
ingr  | From your cupboard
line  | 2 tbsp flour => 2 tbsp | flour
line  | Oil for frying => ? | oil
step  | 1 Rice
step  | Rinse and boil 12 min, rest 10 min covered. => 12m 10m
step  | 2 Sauce
step  | Toast curry powder 30 sec, whisk in coconut milk, simmer 5 min. => 30s 5m
step  | 3 Crumb & fry
step  | Slice aubergine 1 cm, flour, dip in a little of the sauce, crumb. Fry 3 min each side. => 3m
aside | Nutrition per serving: 690 kcal
aside | Rate this recipe ★★★★☆
`,
  },
  {
    manner: 'a mother dough sheet with days and baker’s hours',
    marked: `
title | Rye sour, three stages
yield | Makes 2 loaves of 900 g
comp  | Stage 1 (evening)
line  | 20 g starter => 20 g | starter
line  | 100 g rye flour => 100 g | rye flour
line  | 100 g water at 35 °C => 100 g | water | at 35 °C
step  | Mix, leave 12-14 h at 26 °C. => 12-14h 26C
comp  | Stage 2 (morning)
line  | all of stage 1 => ? | stage 1
line  | 300 g rye flour => 300 g | rye flour
line  | 280 g water => 280 g | water
step  | Mix, leave 3 h. => 3h
comp  | Dough
line  | all of stage 2 => ? | stage 2
line  | 500 g wheat flour => 500 g | wheat flour
line  | 18 g salt => 18 g | salt
line  | 250 g water => 250 g | water
step  | Knead 8 min slow. Rest 20 min, shape, prove 50 min. => 8m 20m 50m
step  | Bake 50 min, falling from 250 °C to 200 °C. => 50m 250C
`,
  },
  {
    manner: 'a lesson card with a risk column and key words',
    marked: `
title | Vegetable pakora
aside | Key words: batter, coating, deep fat
aside | Risk: hot fat. Never leave the fryer.
yield | Portions: 4 => portions 4
ingr  | YOU NEED
line  | 1 large onion => 1 | onion
line  | 1 medium courgette => 1 | courgette
line  | 150g gram flour => 150 g | gram flour
line  | 1/2 tsp turmeric => 0.5 tsp | turmeric
line  | 1/2 tsp chilli powder => 0.5 tsp | chilli powder
line  | 150-175ml cold water => 150-175 ml | cold water
line  | Oil (fryer) => ? | oil
method | WHAT TO DO
step  | 1. Slice the onion thinly; grate the courgette.
step  | 2. Whisk flour, spices and water to a smooth batter. Stand 10 mins. => 10m
step  | 3. Heat fryer to 180C. => 180C
step  | 4. Stir veg through batter; lower in spoonfuls away from you.
step  | 5. Fry 4-5 mins, turning, until golden; drain on paper. => 4-5m
aside | How did you do? ☺ 😐 ☹
aside | One thing I would change: ____________
`,
  },
];

/** A fifth set, in manners unlike those before, again measured on once before the reader was mended on it. */
export const FIFTH_TEXTS: readonly WholeText[] = [
  {
    manner: 'a wiki page with contents, edit links and a box of facts',
    marked: `
title | Barley flatbread
aside | Contents [hide]
aside | 1 Ingredients
aside | 2 Procedure
aside | 3 Notes
ingr  | Ingredients [edit]
line  | 250 grams barley flour => 250 g | barley flour
line  | 250 grams bread flour => 250 g | bread flour
line  | 7 grams instant yeast => 7 g | instant yeast
line  | 10 grams salt => 10 g | salt
line  | 320 millilitres lukewarm water => 320 ml | lukewarm water
method | Procedure [edit]
step  | Combine all ingredients and knead for 10 minutes. => 10m
step  | Let rise for 1½ hours. => 90m
step  | Divide into 8, roll to 5 mm and cook on a hot griddle for 2 minutes a side. => 2m
note  | Notes [edit]
note  | Barley has less gluten; do not expect much rise.
aside | Category: Bread
`,
  },
  {
    manner: 'a supplier’s recipe idea with product names and a serving line at the end',
    marked: `
aside | INSPIRED BY OUR MILL
title | Spelt & walnut crackers
line  | Stoneground spelt flour 400g => 400 g | stoneground spelt flour
line  | Walnut pieces 80g => 80 g | walnut pieces
line  | Rapeseed oil 90ml => 90 ml | rapeseed oil
line  | Water 120ml => 120 ml | water
line  | Sea salt 8g => 8 g | sea salt
step  | Mix to a firm dough and rest for half an hour. => 30m
step  | Roll thinly, cut, prick and bake at 170°C (fan) for 15–18 minutes. => 15-18m 170C
yield | Makes approx. 60 crackers => portions 60
aside | Find our flours at www.example.org
`,
  },
  {
    manner: 'an interview in which the cook explains a dish',
    marked: `
title | Kale and potato soup, as told by the canteen cook
aside | "I have made this for thirty years, and nobody has ever sent it back."
yield | For 20 children: => portions 20
line  | 2 kg potatoes => 2 kg | potatoes
line  | 800 g kale => 800 g | kale
line  | 4 onions => 4 | onions
line  | 5 l vegetable stock => 5 l | vegetable stock
line  | 150 ml rapeseed oil => 150 ml | rapeseed oil
step  | First I sweat the onions in the oil, a good ten minutes. => 10m
step  | Then the potatoes go in with the stock and cook for 20 minutes. => 20m
step  | The kale I shred finely and add for the last five.
note  | Tip: a spoon of mustard wakes it up.
`,
  },
  {
    manner: 'a costed standard card with supplier codes and prices',
    marked: `
aside | STANDARD RECIPE CARD  No. 118
title | Dish: Leek and cheese pasty
yield | Portions: 10 => portions 10
aside | Item | Qty | Unit | Price | Cost
line  | Strong flour | 0.600 | kg | 0.90 | 0.54 => 0.6 kg | strong flour
line  | Butter | 0.300 | kg | 7.20 | 2.16 => 0.3 kg | butter
line  | Leeks | 1.000 | kg | 2.10 | 2.10 => 1 kg | leeks
line  | Mature cheese | 0.350 | kg | 8.40 | 2.94 => 0.35 kg | mature cheese
line  | Wholegrain mustard | 0.030 | kg | 4.00 | 0.12 => 0.03 kg | wholegrain mustard
aside | Total cost 7.86  Cost per portion 0.79
method | Method of work
step  | 1. Make rough puff, four turns, rest 1 h. => 1h
step  | 2. Sweat leeks, cool, bind with cheese and mustard.
step  | 3. Fill rounds of 14 cm, crimp, glaze, bake 200 °C 25 min. => 25m 200C
`,
  },
  {
    manner: 'a diary of a stage with times of the clock',
    marked: `
title | Quince paste, my second week
line  | 3 kg quinces => 3 kg | quinces
line  | sugar, same weight as the pulp => ? | sugar
line  | 2 lemons, juice => 2 | lemons | juice
step  | 9:30 Washed, quartered and boiled the quinces whole with cores for 50 min. => 50m
step  | 10:45 Passed through the mouli, weighed, mixed with sugar.
step  | 11:00 Cooked down stirring all the time until it came off the sides, almost 90 minutes. => 90m
step  | 12:40 Poured 2 cm deep into lined trays; dries 3 days. => 3d
aside | Chef said mine was too pale. Tomorrow again.
`,
  },
  {
    manner: 'a plated dessert sheet: elements with bullets and a build',
    marked: `
title | BUTTERMILK SET CREAM / RHUBARB / OAT
yield | 12 plates => portions 12
comp  | – Set cream –
line  | • 600 g buttermilk => 600 g | buttermilk
line  | • 400 g cream => 400 g | cream
line  | • 120 g sugar => 120 g | sugar
line  | • 9 g leaf gelatine => 9 g | leaf gelatine
step  | → Bloom gelatine. Warm cream with sugar to 60°, dissolve gelatine, add buttermilk at room temp. Mould 80 g each. Set 4 h. => 4h 60C
comp  | – Rhubarb –
line  | • 1 kg rhubarb => 1 kg | rhubarb
line  | • 200 g sugar => 200 g | sugar
line  | • 100 g orange juice => 100 g | orange juice
step  | → Cut 6 cm batons. Bake covered with sugar & juice 140° 12 min. Cool in syrup. => 12m 140C
comp  | – Oat crumble –
line  | • 150 g oats => 150 g | oats
line  | • 100 g butter => 100 g | butter
line  | • 80 g brown sugar => 80 g | brown sugar
step  | → Rub, bake 160° 18 min, break up. => 18m 160C
comp  | – Build –
step  | → Cream centre, 3 batons, crumble, syrup last.
`,
  },
];
