import type { WholeText } from './form';

/** Those kept apart until the reader was finished, and measured on once. */
export const KEPT_TEXTS: readonly WholeText[] = [
  {
    manner: 'a restaurant’s recipe file with sub-recipes and batch sizes',
    marked: `
title | Hake, white beans, green sauce
yield | 12 covers => portions 12

comp  | BEANS (yields 2 kg)
line  | 900 g dried white beans, soaked overnight => 900 g | dried white beans | soaked overnight
line  | 1 head garlic, halved => 1 head | garlic | halved
line  | 2 bay leaves => 2 leaves | bay
line  | 150 ml olive oil => 150 ml | olive oil
line  | 18 g salt => 18 g | salt
step  | Cover beans by 5 cm cold water, add garlic and bay. Simmer very gently 60-75 min. => 60-75m
step  | Salt at the end, leave to cool in the liquor 1 hr, stir in oil. => 1h

comp  | GREEN SAUCE
line  | 100 g flat parsley => 100 g | flat parsley
line  | 20 g capers => 20 g | capers
line  | 1 clove garlic => 1 clove | garlic
line  | 200 ml oil => 200 ml | oil
line  | 25 ml sherry vinegar => 25 ml | sherry vinegar
step  | Blanch parsley 10 sec, ice, squeeze. => 10s
step  | Blend with the rest, 90 sec. Pass. => 90s

comp  | FISH
line  | 12 hake portions, 140 g each, skin on => 12 | hake
line  | salt => to taste | salt
line  | 60 ml oil => 60 ml | oil
step  | Salt the flesh side 20 min before. => 20m
step  | Skin side down in a hot pan, press 30 s, cook 4 min, turn, 1 min off the heat. Core 54 °C; see local rule. => 30s 4m 1m 54C

comp  | PLATING
step  | 160 g beans in a warm bowl, fish skin up, sauce in three points.
`,
  },
  {
    manner: 'a newsletter with greeting, advert and sign-off',
    marked: `
aside | Dear readers,
aside | Spring has come to the valley and with it the first sorrel.
aside | This week's letter is kindly supported by our neighbours at the mill. Use code SORREL for 10% off.
title | Sorrel and potato soup
yield | Enough for 4 => portions 4
line  | 25 g butter => 25 g | butter
line  | 1 onion, chopped => 1 | onion | chopped
line  | 400 g floury potatoes, diced => 400 g | floury potatoes | diced
line  | 900 ml light stock => 900 ml | light stock
line  | 150 g sorrel, stalks off => 150 g | sorrel | stalks off
line  | 4 tbsp cream => 4 tbsp | cream
step  | Soften the onion in the butter for about ten minutes. Add the potatoes and stock and cook for 15 minutes, until they fall apart. => 10m 15m
step  | Throw in the sorrel, which will go khaki at once, and cook half a minute. Blend. => 30s
step  | Stir in the cream and serve.
aside | Until next week,
aside | Rune
aside | Unsubscribe | View in browser
`,
  },
  {
    manner: 'a baker’s formula with percent column and stage times',
    marked: `
title | Spelt tin loaf
yield | 8 tins of 500 g => gives 8 tin
comp  | Soaker
line  | 600 g cracked spelt => 600 g | cracked spelt
line  | 900 g boiling water => 900 g | boiling water
step  | Pour water over spelt, cover, 4 hours. => 4h
comp  | Final dough
line  | 1500 g white spelt flour 100% => 1500 g | white spelt flour
line  | 700 g water 47% => 700 g | water
line  | 33 g salt 2.2% => 33 g | salt
line  | 15 g dry yeast 1% => 15 g | dry yeast
line  | all of the soaker => ? | soaker
step  | Mix 3 min first speed, 3 min second. Do not over-mix. => 3m 3m
step  | Bulk 75 min, scale 500 g, shape, tin. => 75m
step  | Final proof 50 min at 28 °C. => 50m 28C
step  | Bake 240 °C falling to 210 °C, 35 min, core 96 °C. => 35m 240C 210C 96C
`,
  },
  {
    manner: 'a grandmother’s card: amounts in words',
    marked: `
title | Cherry cake, from the blue tin
line  | half a pound of flour => 0.5 lb | flour
line  | six ounces of butter => 6 oz | butter
line  | six ounces of sugar => 6 oz | sugar
line  | three eggs => 3 | eggs
line  | a quarter of a teaspoon of salt => 0.25 tsp | salt
line  | a pound and a half of sour cherries, stoned => 1.5 lb | sour cherries | stoned
line  | a drop of milk if needed => 1 drop | milk
step  | Cream the butter and sugar till white.
step  | Beat in the eggs with a spoon of the flour each.
step  | Fold in the flour and salt, and loosen with milk.
step  | Cherries on top. Moderate oven for one hour and ten minutes. => 1h10m
note  | Nice with custard.
`,
  },
  {
    manner: 'a site’s page with ads in the middle and metric in brackets',
    marked: `
aside | Menu Search Log in
title | Skillet Peach Cobbler
aside | Jump to Recipe - Print Recipe
yield | Serves: 8 | Prep: 15 min | Bake: 40 min => portions 8
comp  | Filling
line  | 6 cups sliced peaches (about 2 1/2 lb / 1.1 kg) => 6 cup | peaches | sliced
line  | 1/2 cup granulated sugar (100 g) => 0.5 cup | granulated sugar
line  | 1 Tbsp cornstarch => 1 tbsp | cornstarch
line  | 1 tsp lemon juice => 1 tsp | lemon juice
aside | ADVERTISEMENT
comp  | Topping
line  | 1 cup all-purpose flour (125 g) => 1 cup | all-purpose flour
line  | 1/3 cup sugar => 1/3 cup | sugar
line  | 1 1/2 tsp baking powder => 1.5 tsp | baking powder
line  | 1/4 tsp salt => 0.25 tsp | salt
line  | 6 Tbsp cold butter => 6 tbsp | butter
line  | 1/3 cup milk => 1/3 cup | milk
method | Steps
step  | 1. Make the filling: toss the peaches with sugar, cornstarch and juice in a 10-inch skillet.
step  | 2. Cook over medium heat until it bubbles, 5 to 7 minutes. => 5-7m
step  | 3. For the topping, cut the butter into the dry things, stir in milk.
aside | Continue reading below
step  | 4. Drop over the fruit. Bake at 375°F for 35-40 min. Cool at least 20 min. => 35-40m 20m 375F
aside | Reviews (38)
aside | Best cobbler ever!!! Used only 1/4 cup sugar.
`,
  },
  {
    manner: 'a tutor’s handout in one column, indented, with codes and allergens',
    marked: `
aside | HANDOUT 7
title | Vegetable samosas
yield | Makes 30 small => portions 30
note  | Allergens: gluten
    
comp  | A. Pastry
line  |    500 g plain flour => 500 g | plain flour
line  |    100 g oil => 100 g | oil
line  |    8 g salt => 8 g | salt
line  |    200 ml warm water => 200 ml | warm water
comp  | B. Filling
line  |    600 g potatoes, boiled, 1 cm dice => 600 g | potatoes | boiled, 1 cm dice
line  |    150 g peas => 150 g | peas
line  |    15 g ginger => 15 g | ginger
line  |    2 green chillies => 2 | green chillies
line  |    10 g coriander seed, crushed => 10 g | coriander seed | crushed
line  |    30 ml lemon juice => 30 ml | lemon juice
method | Method of work
comp  | A. Pastry
step  | 1. Rub oil into flour and salt until it holds when squeezed.
step  | 2. Bring together with water; knead 5 min; rest 30 min covered. => 5m 30m
comp  | B. Filling
step  | 1. Fry spices 1 min, add vegetables, lemon. Cool. => 1m
step  | 2. Roll, halve, fold to cones, fill, seal.
step  | 3. Fry at 165 °C for 8-10 min, till blond and crisp. => 8-10m 165C
aside | © Training kitchen. Not for resale. Page 1 of 1
`,
  },
  {
    manner: 'prose: the whole recipe told in paragraphs, with its list after the story',
    marked: `
title | Chickpea pancakes with fennel

aside | In the harbour where I learned them they are eaten out of paper, standing, with far too much pepper.

line  | 300 g chickpea flour => 300 g | chickpea flour
line  | 900 ml water => 900 ml | water
line  | 90 ml olive oil => 90 ml | olive oil
line  | 10 g salt => 10 g | salt
line  | 1 fennel bulb => 1 | fennel bulb
line  | black pepper => to taste | black pepper

step  | Whisk the flour into the water a little at a time, add salt, and let it stand for at least four hours, or overnight. Skim off the foam. => 4h

step  | Set the oven as hot as it will go, 250 °C or more. Stir half the oil and the shaved fennel into the batter. => 250C

step  | Heat a 30 cm pan in the oven for ten minutes, add the rest of the oil and pour in the batter 5 mm deep. Bake 20 to 25 minutes until set and scorched at the edge. Cut up roughly. => 10m 20-25m
`,
  },
  {
    manner: 'a spreadsheet pasted with tabs, method in one cell',
    marked: `
title | Miso caramel
aside | Ingredient	Weight	Unit
line  | Sugar	400	g => 400 g | sugar
line  | Glucose	100	g => 100 g | glucose
line  | Cream 35%	350	g => 350 g | cream 35%
line  | White miso	60	g => 60 g | white miso
line  | Butter	80	g => 80 g | butter
step  | Make a dry caramel to 180 °C, deglaze with hot cream and glucose, boil to 106 °C, cool to 70 °C, blend in miso and butter. => 180C 106C 70C
note  | Store: fridge 3 weeks
`,
  },
  {
    manner: 'a scanner’s page with a heading lost in capitals and fractions apart',
    marked: `
aside | 45
title | SEEDED SODA BREAD
yield | Makes 1 loaf (12 slices) => gives 1 loaf
line  | 1 lb wholemeal flour => 1 lb | wholemeal flour
line  | 2 oz seeds => 2 oz | seeds
line  | 1 / 2 tsp salt => 0.5 tsp | salt
line  | 1 tsp bicarb => 1 tsp | bicarb
line  | 3 / 4 pint buttermilk => 0.75 pint | buttermilk
line  | l tbsp treacle => ? | treacle
step  | Pre-heat oven to Gas 6, 400°F. Mix dry => 400F
more  | ingredients. Stir in treacle and butter-
more  | milk to a soft dough.
step  | Shape, cut a deep cross. Bake 45 mins, => 45m 10m
more  | turn over for last 10. Cool on rack.
aside | 46      SODA BREADS
`,
  },
  {
    manner: 'a class list with a demonstration note and lines shared by two components',
    marked: `
aside | Week 5 / Group B / Wed
title | Ricotta fritters, honey, thyme
yield | Serves 12 as a snack => portions 12
comp  | Fritters:
line  | ricotta 750 g => 750 g | ricotta
line  | eggs 4 no. => 4 | eggs
line  | flour 180 g => 180 g | flour
line  | baking powder 9 g => 9 g | baking powder
line  | lemon zest 2 no. => 2 | lemon zest
line  | oil for deep frying 2 l => 2 l | oil
comp  | To serve:
line  | honey 150 g => 150 g | honey
line  | thyme 5 sprigs => 5 sprigs | thyme
line  | sea salt pinch => 1 pinch | sea salt
method | Method
step  | - drain the ricotta 1 hr in a cloth => 1h
step  | - beat in the eggs, zest, flour and powder; stand 15 min => 15m
step  | - drop walnut-sized spoonfuls into oil at 170°C, 3-4 min, turning => 3-4m 170C
step  | - drain, drizzle with warm honey, thyme and salt
note  | DEMO: show the difference at 150°C and at 190°C
tool  | Tools: fryer, spider, probe, cloth, two spoons
`,
  },
];
