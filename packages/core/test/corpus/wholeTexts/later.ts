import type { WholeText } from './form';

/** A further set, written after the reader was mended on the others, and measured on once. */
export const LATER_TEXTS: readonly WholeText[] = [
  {
    manner: 'a blog’s text with jokes and a list of tools after the lines',
    marked: `
aside | Recipe Index   About   Contact
title | The Only Carrot Cake I Make
aside | Posted by Fenna on 12 October
aside | I have made this cake about a hundred times, and my neighbours still ask for it.
yield | Yields: 10 slices => portions 10
ingr  | What you need
line  | 300 g carrots, coarsely grated => 300 g | carrots | coarsely grated
line  | 200 ml sunflower oil => 200 ml | sunflower oil
line  | 3 eggs => 3 | eggs
line  | 180 g muscovado sugar => 180 g | muscovado sugar
line  | 220 g plain flour => 220 g | plain flour
line  | 2 tsp baking powder => 2 tsp | baking powder
line  | a generous pinch of salt => 1 pinch | salt
tool  | Equipment
tool  | 20 cm round tin
tool  | hand mixer
method | How to make it
step  | First, heat the oven to 170°C fan and line the tin. => 170C
step  | Whisk eggs, sugar and oil for 3 minutes until thick. => 3m
step  | Fold in the flour, baking powder, salt and carrots.
step  | Bake for 45 to 50 minutes; a skewer must come out clean. => 45-50m
step  | Leave in the tin for a quarter of an hour. => 15m
aside | Comments (3)
aside | Joost: can I leave out the oil?
`,
  },
  {
    manner: 'a hotel kitchen’s card with a header block and recipe for each part in capitals',
    marked: `
title | RED PEPPER AND GOAT CHEESE TERRINE
note  | Code: ST-041
yield | Portions: 16 => portions 16
note  | Shelf life: 3 days chilled

comp  | PEPPERS
line  | Red peppers 2.4 kg => 2.4 kg | red peppers
line  | Olive oil 60 ml => 60 ml | olive oil
line  | Thyme 6 sprigs => 6 sprigs | thyme
step  | Rub peppers with oil, roast at 220 °C for 25 minutes with thyme. => 25m 220C
step  | Cover, cool, peel. Keep the juice.

comp  | FILLING
line  | Fresh goat cheese 900 g => 900 g | fresh goat cheese
line  | Double cream 150 ml => 150 ml | double cream
line  | Leaf gelatine 4 leaves => 4 leaves | leaf gelatine
line  | Chives 20 g, snipped => 20 g | chives | snipped
step  | Soften gelatine, melt in 50 ml of the warmed pepper juice.
step  | Beat cheese and cream, add gelatine and chives.

comp  | ASSEMBLY
step  | Line a terrine with film, layer peppers and filling, ending with peppers.
step  | Press lightly, chill overnight.
step  | Slice with a hot knife.
`,
  },
  {
    manner: 'a letter: the recipe in running text with a list written with dashes',
    marked: `
aside | My dear Oda,
aside | you wanted the bean pot. Here it is, as my mother wrote it.
title | White bean pot with sage
line  | - 500 g dried white beans => 500 g | dried white beans
line  | - 2 onions => 2 | onions
line  | - 4 cloves of garlic => 4 cloves | garlic
line  | - a handful of sage leaves => 1 handful | sage leaves
line  | - 100 ml good olive oil => 100 ml | good olive oil
line  | - salt => to taste | salt
step  | Soak the beans the night before. Next day put them in a pot with fresh water, the onions in quarters, the garlic and half the sage, and let them tremble for an hour and a half. => 1.5h
step  | Salt them only when they are soft. Pour on the oil, add the rest of the sage, and leave it all to stand for 20 minutes. => 20m
note  | It is even better warmed up.
aside | With a kiss from
aside | Aunt Beate
`,
  },
  {
    manner: 'a trainee’s worksheet with columns and a mark scheme',
    marked: `
aside | Name: ____________ Date: ________
title | Leek and potato soup
yield | 4 portions => portions 4
aside | Ingredients	Quantity
line  | Leeks	400 g => 400 g | leeks
line  | Potatoes	300 g => 300 g | potatoes
line  | Butter	40 g => 40 g | butter
line  | Vegetable stock	1 litre => 1 l | vegetable stock
line  | Cream	100 ml => 100 ml | cream
method | Method
step  | 1 Wash and slice the leeks. Peel and dice the potatoes.
step  | 2 Sweat both in butter under a lid for 10 minutes without colour. => 10m
step  | 3 Add the stock, simmer for 20 minutes. => 20m
step  | 4 Blend, pass, reheat, finish with cream.
aside | Assessment: knife work /10, consistency /10, seasoning /10
`,
  },
  {
    manner: 'an American card with temperatures in Fahrenheit and can sizes',
    marked: `
title | Smoky Black Bean Chili
yield | Serves 6 to 8 => portions 6
line  | 2 Tbs. olive oil => 2 tbsp | olive oil
line  | 1 large yellow onion, diced => 1 | yellow onion | diced
line  | 3 (15 oz.) cans black beans, drained => 3 tin | black beans | drained
line  | 1 (28-oz) can crushed tomatoes => 1 tin | crushed tomatoes
line  | 2 chipotles in adobo, minced => 2 | chipotles in adobo | minced
line  | 1 1/2 tsp. ground cumin => 1.5 tsp | ground cumin
line  | 2 c. vegetable broth => 2 cup | vegetable broth
line  | Kosher salt, to taste => to taste | kosher salt
line  | Sour cream, for serving => ? | sour cream
step  | Heat the oil in a Dutch oven over medium heat. Cook the onion until soft, 6 to 8 minutes. => 6-8m
step  | Stir in cumin and chipotles; cook 1 minute more. => 1m
step  | Add beans, tomatoes and broth. Bring to a simmer and cook, partly covered, for 45 minutes. => 45m
step  | Season with salt. Serve with sour cream.
note  | Make Ahead: Chili keeps up to 4 days in the fridge.
`,
  },
  {
    manner: 'a scanned column: every line broken, hyphens, no blank lines',
    marked: `
title | Barley risotto with peas
yield | For 4 people => portions 4
line  | 300 g pearl barley => 300 g | pearl barley
line  | 1 onion, very finely => 1 | onion
more  | chopped
line  | 50 g butter => 50 g | butter
line  | 150 ml dry white wine => 150 ml | dry white wine
line  | 1 litre hot vegetable stock => 1 l | hot vegetable stock
line  | 200 g peas => 200 g | peas
line  | 60 g parmesan, grated => 60 g | parmesan | grated
step  | Soften the onion in half of the => 5m
more  | butter for 5 minutes. Add the bar-
more  | ley and stir until it smells nutty.
step  | Pour in the wine and let it boil => 35m
more  | away. Add the stock a ladle at a
more  | time, stirring, for about 35 min-
more  | utes.
step  | Add the peas for the last 4 min- => 4m
more  | utes. Off the heat beat in the
more  | rest of the butter and the cheese.
`,
  },
];

/** And one more, in manners unlike those before, again measured on once before the reader was mended on it. */
export const FURTHER_TEXTS: readonly WholeText[] = [
  {
    manner: 'a chef’s notebook: terse, no articles, abbreviations',
    marked: `
title | Confit leek, romesco
yield | 10 pax => portions 10
comp  | Leeks
line  | 10 lg leeks => 10 | leeks
line  | 500 ml olive oil => 500 ml | olive oil
line  | 4 bay => 4 | bay
line  | salt => to taste | salt
step  | Trim, wash. Oven tray, oil to cover, 120 °C, 1 h 15. => 1h15m 120C
step  | Cool in oil.
comp  | Romesco
line  | 6 red peppers => 6 | red peppers
line  | 150 g almonds, toasted => 150 g | almonds | toasted
line  | 3 cl garlic => 3 cloves | garlic
line  | 100 g bread, fried => 100 g | bread | fried
line  | 30 ml sherry vin. => 30 ml | sherry vin
line  | 120 ml oil => 120 ml | oil
step  | Char peppers, peel.
step  | Blitz all, oil last. Keep coarse.
comp  | Pass
step  | Drain leeks, split, warm under grill 2 min. Romesco, almonds, chives. => 2m
`,
  },
  {
    manner: 'a school textbook page with exercise numbers and boxes',
    marked: `
aside | Chapter 6: Emulsions
aside | 6.3 Warm emulsions
title | Butter sauce with white wine
yield | To make 500 ml: => gives 500 ml
line  | 60 g shallots, finely chopped => 60 g | shallots | finely chopped
line  | 150 ml dry white wine => 150 ml | dry white wine
line  | 50 ml white wine vinegar => 50 ml | white wine vinegar
line  | 400 g cold butter, diced => 400 g | butter | cold, diced
line  | juice of ½ lemon => 0.5 | lemon | juice
step  | 1) Reduce the wine and vinegar with the shallots to 3 tbsp.
step  | 2) Take the pan to the edge of the stove and whisk in the butter, a few pieces at a time. Keep below 65 °C. => 65C
step  | 3) Strain, sharpen with lemon, hold at 50-55 °C for no longer than 30 minutes. => 30m 55C
note  | Note: A broken sauce is started again on a spoon of warm cream.
aside | Check your learning
aside | 1. Why must the butter be cold?
aside | 2. What happens above 70 °C?
`,
  },
  {
    manner: 'a forum post',
    marked: `
aside | Re: what do you do with green tomatoes??
aside | kitchenmouse wrote on Tue:
aside | I always do this one:
title | Green tomato chutney
line  | 2kg green tomatoes => 2 kg | green tomatoes
line  | 500g onions => 500 g | onions
line  | 500g sultanas => 500 g | sultanas
line  | 500g brown sugar => 500 g | brown sugar
line  | 600ml malt vinegar => 600 ml | malt vinegar
line  | 2 tsp salt => 2 tsp | salt
line  | 1 tsp ground ginger => 1 tsp | ground ginger
step  | chop everything, put it all in a big pan, bring to the boil slowly
step  | simmer 2-3 hrs till thick and you can draw a line through it => 2-3h
step  | jar while hot
aside | hope that helps!
aside | 12 likes
`,
  },
  {
    manner: 'a product leaflet with metric and imperial columns',
    marked: `
title | Spiced apple loaf
aside | Metric / Imperial
line  | 225 g / 8 oz self-raising flour => 225 g | self-raising flour
line  | 110 g / 4 oz butter => 110 g | butter
line  | 110 g / 4 oz demerara sugar => 110 g | demerara sugar
line  | 2 eggs, beaten => 2 | eggs | beaten
line  | 350 g / 12 oz cooking apples, peeled, cored and chopped => 350 g | cooking apples | peeled, cored and chopped
line  | 5 ml / 1 tsp mixed spice => 5 ml | mixed spice
line  | 30 ml / 2 tbsp milk => 30 ml | milk
step  | 1. Pre-heat the oven to 180 °C / 350 °F / Gas Mark 4. => 180C 350F
step  | 2. Grease and line a 900 g / 2 lb loaf tin.
step  | 3. Rub the butter into the flour, stir in the sugar and spice.
step  | 4. Add eggs, apples and milk and mix to a soft consistency.
step  | 5. Bake for approximately 1¼ hours. => 75m
step  | 6. Turn out and cool on a wire rack.
`,
  },
  {
    manner: 'an event sheet: several components, each with method in bold, amounts behind',
    marked: `
title | **CANAPÉ 3: MUSHROOM TARTLET**
yield | **Quantity: 60 pieces** => portions 60
comp  | **Tartlet cases**
line  | Plain flour – 500 g => 500 g | plain flour
line  | Butter, cold – 250 g => 250 g | butter
line  | Egg yolks – 2 => 2 | egg yolks
line  | Water – 80 ml => 80 ml | water
method= | **Method**
step  | Make a short pastry, rest 1 hour. => 1h
step  | Line 4 cm moulds, blind bake 15 min at 175 °C. => 15m 175C
comp  | **Filling**
line  | Button mushrooms – 1 kg => 1 kg | button mushrooms
line  | Shallots – 4 => 4 | shallots
line  | Thyme – ½ bunch => 0.5 bunch | thyme
line  | Crème fraîche – 200 g => 200 g | crème fraîche
method= | **Method**
step  | Chop finely, cook dry over high heat about 12 min. => 12m
step  | Bind with crème fraîche, season.
comp  | **Service**
step  | Fill, flash 3 min at 200 °C. Serve warm. => 3m 200C
tool  | **Equipment:** 60 tartlet moulds, piping bag, blender
`,
  },
  {
    manner: 'a translated page: awkward words, amounts with commas',
    marked: `
title | Lentils in the manner of the valley
yield | For 4 persons => portions 4
line  | 0,3 kg of green lentils => 0.3 kg | green lentils
line  | 1,5 l of water => 1.5 l | water
line  | 2 pieces of carrot => 2 | carrot
line  | 1 piece of onion, stuck with 2 cloves => 1 | onion
line  | 1 small glass of vinegar => ? | glass of vinegar
line  | 1 spoon of mustard => ? | spoon of mustard
step  | Put the lentils to cook in the cold water together with carrot and onion for 25 minutes. => 25m
step  | Remove the onion. Cut the carrot in small dice and give it back.
step  | Prepare with vinegar, mustard and oil a sauce, mix it under the warm lentils and let rest 10 minutes. => 10m
`,
  },
];
