/**
 * Whole texts as people paste them, read by hand before the reader was written. Each line begins with what it is:
 *
 * - `title`, `yield`, `comp` (the name of a component), `ingr` and `method` (headings that only name their section),
 *   `method=` (the same, under a component that goes on), `line`, `step`, `tool`, `note` (kept with the dish: times and ovens in the
 *   head, tips, NB), `aside` (what surrounds a recipe), `more` (goes on with the line before it).
 * - After `=>` stands what it means. Lines: amount, then `|`, the item and, after another `|`, its preparation where it counts.
 *   Steps: times (`5m`, `15-20m`, `1.5h`, `30s`, `2d`) and temperatures (`180C`, `350F`). Yields: `portions 6` or `gives 1.5 l`.
 */
export interface WholeText {
  readonly manner: string;
  readonly marked: string;
}

/** Those the reader was mended on. */
export const OPEN_TEXTS: readonly WholeText[] = [
  {
    manner: 'a professional card: component, its lines, its steps, next component',
    marked: `
title | PLUM AND BUCKWHEAT TRANCHE
yield | Covers 14 => portions 14
note  | Ref. P-17  rev. 3

comp  | Buckwheat sablé
line  | 180 g butter, soft => 180 g | butter | soft
line  | 90 g icing sugar => 90 g | icing sugar
line  | 40 g egg yolk => 40 g | egg yolk
line  | 200 g strong flour => 200 g | strong flour
line  | 60 g buckwheat flour => 60 g | buckwheat flour
line  | 3 g salt => 3 g | salt
step  | Cream butter and sugar, add yolk in two goes.
step  | Work in flours and salt. Rest 2 h chilled. => 2h
step  | Roll to 3 mm, bake between mats at 165 °C for 14 min. => 14m 165C

comp  | Roast plums
line  | 1.2 kg plums, stoned => 1.2 kg | plums | stoned
line  | 80 g dark sugar => 80 g | dark sugar
line  | 1 vanilla pod => 1 | vanilla pod
step  | Toss plums with sugar and the scraped pod.
step  | Roast at 190 °C, 18-20 min, until they slump but hold. => 18-20m 190C

comp  | Crème légère
line  | 500 ml milk => 500 ml | milk
line  | 100 g yolks => 100 g | yolks
line  | 100 g sugar => 100 g | sugar
line  | 45 g cornflour => 45 g | cornflour
line  | 250 g whipping cream => 250 g | whipping cream
step  | Cook the custard to the boil and one minute beyond. => 1m
step  | Chill, beat smooth, fold in the whipped cream.

comp  | To plate
step  | Pipe two lines of cream, lay a strip of sablé across, four plum halves on top.
`,
  },
  {
    manner: 'a family’s notes, with an introduction and a chatty end',
    marked: `
title | Aunt's leek and barley broth

aside | Hi both, here it is at last. We made this every winter when the windows froze, and I still make it on Sundays.
note  | It keeps for three days in the cold and is better on the second.

yield | For 6 => portions 6
line  | a good knob of butter => 1 knob | butter
line  | 4 leeks, washed well and sliced => 4 | leeks | washed well and sliced
line  | 2 sticks celery => 2 sticks | celery
line  | 1 carrot or two => 1-2 | carrot
line  | pearl barley, about 150 g => 150 g | pearl barley
line  | a litre and a half of vegetable stock => 1.5 l | vegetable stock
line  | a bay leaf => 1 | bay leaf
line  | salt and pepper => to taste | salt and pepper

step  | Melt the butter in your big pot and soften the leeks, celery and carrot in it. Don't let them colour! Ten minutes or so. => 10m
step  | Rinse the barley, in it goes with the stock and the bay leaf.
step  | Simmer for 1 1/2 hours with the lid half on. => 1.5h
step  | Fish out the bay leaf, season and eat with good bread.

note  | NB if it gets too thick the next day just let it down with water.
aside | Love to everyone, see you at Easter
aside | M.
`,
  },
  {
    manner: 'a printed page through a scanner: broken lines, page numbers, lost signs',
    marked: `
aside | 112   THE WINTER KITCHEN
title | CHESTNUT MUSHROOM PIE
yield | Serves 4-6 => portions 4
note  | Prep 30 min   Cook 1 h 10 min
ingr  | INGREDIENTS
line  | 500g chestnut mushrooms, quar- => 500 g | chestnut mushrooms
more  | tered
line  | 2 onions, sliced => 2 | onions | sliced
line  | 3 tbsp oil => 3 tbsp | oil
line  | 2 tbsp plain flour => 2 tbsp | plain flour
line  | 300ml milk => 300 ml | milk
line  | 1 tsp English mustard => 1 tsp | English mustard
line  | 1 x 320g sheet of puff pastry => 1 sheet | puff pastry
line  | 1 egg, beaten => 1 | egg | beaten
method | METHOD
step  | 1 Heat the oven to 200C/180C fan. Fry the => 12-15m 200C 180C
more  | mushrooms in the oil over a high heat for
more  | 12-15 min until they have given up their
more  | water and browned.
step  | 2 Add the onions, turn the heat down and cook => 15m
more  | for another 15 min.
step  | 3 Stir in the flour, then the milk bit by bit, => 5m
more  | then the mustard. Bubble for 5 min. Tip into a
more  | dish.
step  | 4 Lay the pastry over, crimp, brush with egg and => 35m
more  | bake for 35 min until risen and deep brown.
aside | THE WINTER KITCHEN   113
note  | TIP The filling can be made two days ahead.
`,
  },
  {
    manner: 'a web page’s text, with all that stands around it',
    marked: `
aside | Skip to content
aside | Home » Sweet things » Tray bakes
aside | Share Pin Print Save
title | Sticky Date and Orange Squares
aside | 4.6 from 212 votes
aside | By Noor | Updated 3 March | 14 Comments
aside | These squares have been on my table since the children were small, and I promise you that they are the softest you will ever bake.
aside | Jump to recipe
note  | Prep time: 20 mins
note  | Cook time: 35 mins
yield | Servings: 16 squares => portions 16
aside | US Customary Metric
aside | 1x 2x 3x
ingr  | Ingredients
line  | 250 g pitted dates, chopped => 250 g | pitted dates | chopped
line  | 200 ml orange juice (from about 3 oranges) => 200 ml | orange juice
line  | 1 tsp bicarbonate of soda => 1 tsp | bicarbonate of soda
line  | 120 g unsalted butter, softened => 120 g | unsalted butter | softened
line  | 150 g light brown sugar => 150 g | light brown sugar
line  | 2 large eggs => 2 | eggs
line  | 180 g self-raising flour => 180 g | self-raising flour
comp  | For the glaze
line  | 100 g icing sugar => 100 g | icing sugar
line  | 1-2 tbsp orange juice => 1-2 tbsp | orange juice
aside | Get ingredients delivered
method | Instructions
step  | Preheat the oven to 180°C (350°F) and line a 23 cm square tin. => 180C 350F
step  | Simmer the dates in the juice for 5 minutes, stir in the bicarbonate and leave to cool. => 5m
step  | Beat butter and sugar until pale, add the eggs one at a time, then fold in flour and dates.
step  | Bake for 30–35 minutes. Cool in the tin for 1 hour. => 30-35m 1h
step  | Mix the glaze and drizzle it over.
note  | Notes
note  | Medjool dates give the best result but any will do.
aside | Nutrition
aside | Calories: 214 kcal | Carbohydrates: 33 g | Fat: 8 g
aside | Did you make this recipe? Tag us!
aside | You may also like
aside | Seven ways with oranges
aside | 14 thoughts on “Sticky Date and Orange Squares”
aside | Petra says: I made these with figs and they were gone in an hour!
aside | Leave a reply
`,
  },
  {
    manner: 'an agency’s course sheet with aims, questions and a plan',
    marked: `
aside | Unit 4 – Soups and sauces
aside | Session 3 of 12
title | Split pea soup with mint oil
aside | Learning aims
aside | By the end of this session the learner will be able to:
aside | - cook pulses to the right softness
aside | - blend a hot liquid safely
yield | Yield: 10 portions of 250 ml => portions 10
tool  | Equipment: large pan, stick blender, fine sieve, measuring jug
ingr  | Commodities
line  | 600 g green split peas => 600 g | green split peas
line  | 200 g onion, brunoise => 200 g | onion | brunoise
line  | 100 g carrot, brunoise => 100 g | carrot | brunoise
line  | 100 g celery, brunoise => 100 g | celery | brunoise
line  | 50 g butter => 50 g | butter
line  | 2.5 l vegetable stock => 2.5 l | vegetable stock
line  | 1 ea. bouquet garni => 1 | bouquet garni
line  | salt, to taste => to taste | salt
comp  | Mint oil
line  | 30 g mint leaves => 30 g | mint leaves
line  | 120 ml sunflower oil => 120 ml | sunflower oil
method | Procedure
step  | a) Wash the peas until the water runs clear.
step  | b) Sweat the vegetables in butter without colour, 8 minutes. => 8m
step  | c) Add peas, stock and bouquet; simmer 45 to 60 minutes, skimming. => 45-60m
step  | d) Remove the bouquet. Blend in small lots with the lid held down by a cloth.
step  | e) Pass, correct consistency and seasoning. Hold above 63 °C. => 63C
step  | f) For the oil, blanch the mint 15 seconds, refresh, blend with the oil at 60 °C for 2 minutes and strain. => 15s 2m 60C
aside | Questions
aside | 1. Why are the peas not salted at the start?
aside | 2. What would you do if the soup were too thick?
aside | Tutor signature: ____________
`,
  },
  {
    manner: 'a mail with a dish inside it',
    marked: `
aside | Hi Tove,
aside | thanks for yesterday! You asked for the crackers, so:
title | Seeded rye crackers
yield | makes about 40 => portions 40
line  | rye flour 250g => 250 g | rye flour
line  | plain flour 100g => 100 g | plain flour
line  | mixed seeds 120g (sunflower, linseed, sesame) => 120 g | mixed seeds
line  | salt 8g => 8 g | salt
line  | boiling water 220ml => 220 ml | boiling water
line  | rapeseed oil 60ml => 60 ml | rapeseed oil
step  | Mix all dry, pour on the water and oil and stir to a paste.
step  | Spread between two papers, 2 mm, score into 4 x 6 cm.
step  | Bake 150°, about 55 min, turn off, leave in the oven until cold. => 55m 150C
note  | They keep for three weeks in a tin.
aside | Let me know how it goes
aside | Best wishes,
aside | Ilse
aside | Sent from my phone
`,
  },
  {
    manner: 'two columns run together: amounts first, then names',
    marked: `
title | Lentil dal with tempered spices
yield | Serves eight => portions 8
line  | 400 g      red lentils => 400 g | red lentils
line  | 1.6 l      water => 1.6 l | water
line  | 1 tsp      ground turmeric => 1 tsp | ground turmeric
line  | 20 g       ginger, grated => 20 g | ginger | grated
line  | 10 g       salt => 10 g | salt
comp  | Tempering
line  | 60 g       clarified butter => 60 g | clarified butter
line  | 2 tsp      cumin seeds => 2 tsp | cumin seeds
line  | 1 tsp      mustard seeds => 1 tsp | mustard seeds
line  | 4 ea       dried chillies => 4 | dried chillies
line  | 6 cloves   garlic, sliced => 6 cloves | garlic | sliced

step  | 1. Rinse lentils until clear, bring to the boil with water, turmeric and ginger; skim.
step  | 2. Simmer 25 min. Whisk to break the lentils, add salt. => 25m
step  | 3. Heat the clarified butter to 180 °C, add mustard seeds until they pop, then cumin, chillies, garlic. 40 seconds. => 40s 180C
step  | 4. Pour over the dal at once. Stand well back.
`,
  },
  {
    manner: 'Markdown with starred headings and numbered parts',
    marked: `
title | # Hazelnut dacquoise with coffee cream

yield | *1 tray 60 x 40 cm, 24 portions* => portions 24

comp  | ## Part 1: Dacquoise
line  | - 300 g egg whites => 300 g | egg whites
line  | - 100 g caster sugar => 100 g | caster sugar
line  | - 260 g ground hazelnuts => 260 g | ground hazelnuts
line  | - 240 g icing sugar => 240 g | icing sugar
line  | - 40 g plain flour => 40 g | plain flour
method= | **How to**
step  | 1. Whip the whites, adding the sugar in three goes.
step  | 2. Fold in the sifted rest.
step  | 3. Spread 8 mm thick. Bake at **170 °C** for **18 min**. => 18m 170C

comp  | ## Part 2: Coffee cream
line  | - 500 g whipping cream => 500 g | whipping cream
line  | - 60 g sugar => 60 g | sugar
line  | - 12 g instant coffee => 12 g | instant coffee
line  | - 3 leaves gelatine (bloom 200) => 3 leaves | gelatine
method= | **How to**
step  | 1. Soak gelatine 5 min in cold water. => 5m
step  | 2. Warm 100 g of the cream to 60 °C with sugar and coffee, dissolve the gelatine. => 60C
step  | 3. Whip the rest and fold in below 30 °C. => 30C

note  | > **NB** The dacquoise is easier to cut frozen.
`,
  },
  {
    manner: 'American measures with worded and mixed fractions',
    marked: `
title | Corn and Cheddar Muffins
yield | Makes 1 dozen => portions 12
note  | Oven 400 degrees F
line  | 1 1/4 cups all-purpose flour => 1.25 cup | all-purpose flour
line  | 3/4 c. cornmeal => 0.75 cup | cornmeal
line  | 1/4 c. sugar => 0.25 cup | sugar
line  | 2 tsp. baking powder => 2 tsp | baking powder
line  | 1/2 tsp. salt => 0.5 tsp | salt
line  | 1 lg egg => 1 | egg
line  | two thirds of a cup of buttermilk => 2/3 cup | buttermilk
line  | 1 stick butter, melted => 1 stick | butter | melted
line  | 1 1/2 cups sharp cheddar, shredded (6 oz) => 1.5 cup | sharp cheddar | shredded
step  | Heat oven to 400°F. Grease a 12-hole pan. => 400F
step  | Stir dry things together in one bowl, wet in another. Combine in a few strokes; lumps are right.
step  | Fold in cheese. Fill cups two-thirds. Bake 18 to 20 min. => 18-20m
step  | Let stand 5 min before turning out. => 5m
`,
  },
  {
    manner: 'plain headings alone between blank lines, steps in paragraphs',
    marked: `
title | Almond sponge with rhubarb

comp  | Sponge

line  | 4 eggs => 4 | eggs
line  | 120 g sugar => 120 g | sugar
line  | 80 g ground almonds => 80 g | ground almonds
line  | 60 g flour => 60 g | flour
line  | 30 g melted butter => 30 g | butter | melted

comp  | Rhubarb

line  | 800 g rhubarb, in 5 cm lengths => 800 g | rhubarb | in 5 cm lengths
line  | 200 g sugar => 200 g | sugar
line  | peel of one orange => 1 | orange | peel

comp  | Sponge

step  | Whisk the eggs and sugar over a bath of hot water to 45 degrees, then off it until a ribbon lies on top for three seconds. Fold in almonds and flour, then the butter. Bake at 185 °C for twelve to fourteen minutes. => 3s 12-14m 45C 185C

comp  | Rhubarb

step  | Lay the lengths in a tray in one layer with the sugar and peel, cover and cook at 140 °C for 25 minutes. They must keep their shape. => 25m 140C
`,
  },
  {
    manner: 'headings with a yield in brackets, percent of a base',
    marked: `
title | Potato and rosemary flatbread (Serves 8) => portions 8

comp  | Dough (gives 1.1 kg)
line  | 600 g bread flour (100%) => 600 g | bread flour
line  | 390 g water (65%) => 390 g | water
line  | 12 g salt (2%) => 12 g | salt
line  | 6 g fresh yeast (1%) => 6 g | fresh yeast
line  | 30 g olive oil (5%) => 30 g | olive oil
comp  | Topping
line  | 500 g waxy potatoes, sliced 2 mm => 500 g | waxy potatoes | sliced 2 mm
line  | 2 sprigs rosemary => 2 sprigs | rosemary
line  | 40 ml olive oil => 40 ml | olive oil
line  | coarse salt => to taste | coarse salt
method | To make
step  | Mix all for the dough, 4 min slow and 6 min fast; 24 °C out of the bowl. => 4m 6m 24C
step  | Prove 1.5 hours, folding once at half time. => 1.5h
step  | Dimple into an oiled tray, rest 30-40 min. => 30-40m
step  | Potatoes over it in scales, oil, rosemary, salt.
step  | Bake at 230 °C, 22 min; the underside must be brown. => 22m 230C
`,
  },
  {
    manner: 'dashes and bullets, an oven line with three scales, an equipment list',
    marked: `
title | Cheese and chive scones
yield | 12 large ones => portions 12
tool  | You will need
tool  | – a 7 cm cutter
tool  | – baking sheet
tool  | – pastry brush
ingr  | Ingredients:
line  | – 450 g self-raising flour => 450 g | self-raising flour
line  | – 1 level tsp mustard powder => 1 tsp | mustard powder
line  | – 100 g cold butter, cubed => 100 g | butter | cold, cubed
line  | – 200 g mature cheese, grated, plus 30 g for the tops => 200 g | mature cheese | grated
line  | – a small bunch of chives => 1 bunch | chives
line  | – 280-300 ml milk => 280-300 ml | milk
note  | Oven: 220 °C / 425 °F / gas 7
method | Method:
step  | – Rub butter into flour and mustard.
step  | – Stir in cheese and snipped chives, then milk to a soft dough.
step  | – Pat out 3 cm thick. Cut; do not twist.
step  | – Brush the tops only, scatter the rest of the cheese, bake 12–15 mins. => 12-15m
`,
  },
  {
    manner: 'step numbers without a point, and times in hours and minutes',
    marked: `
title | Braised red cabbage with apple
yield | Feeds 10 => portions 10
line  | 1 red cabbage (about 1.2 kg), shredded => 1 | red cabbage | shredded
line  | 3 sharp apples => 3 | sharp apples
line  | 2 red onions => 2 | red onions
line  | 75 ml cider vinegar => 75 ml | cider vinegar
line  | 50 g brown sugar => 50 g | brown sugar
line  | 5 juniper berries, crushed => 5 | juniper berries | crushed
line  | 50 g butter => 50 g | butter
step  | 1 Melt butter in a wide pot, add onions, 8 min without colour => 8m
step  | 2 Add cabbage, apples, vinegar, sugar, juniper and a glass of water
step  | 3 Cover and cook at 150 °C for 2 h 15 min, stirring each half hour => 2h15m 30m 150C
step  | 4 Uncover for the last 20 min so that it glazes => 20m
step  | 5 Season; it wants more salt than you think
`,
  },
  {
    manner: 'a card with a table of columns and column titles',
    marked: `
title | BLACK OLIVE CRUMB / PETIT FOUR BASE
aside | Item | Qty | Unit | Prep
line  | Butter | 125 | g | cold, diced => 125 g | butter | cold, diced
line  | Flour | 160 | g | => 160 g | flour
line  | Black olives | 90 | g | dried overnight => 90 g | black olives | dried overnight
line  | Parmesan | 60 | g | finely grated => 60 g | parmesan | finely grated
line  | Sugar | 15 | g | => 15 g | sugar
aside | Total | 450 | g |
yield | Yield 420 g => gives 420 g
step  | Blend all to a crumb. Chill 30 min. => 30m
step  | Bake 160 °C fan, 16 min, stirring twice. => 16m 160C
note  | Shelf life: 5 days ambient, airtight.
`,
  },
  {
    manner: 'lines with two ways, per cover, parts, and amounts after the name',
    marked: `
title | Warm salad of green beans, pear and walnut
yield | Covers: 6 => portions 6
line  | Green beans, topped - 480 g => 480 g | green beans | topped
line  | Pears (ripe but firm) - 3 => 3 | pears
line  | Walnut halves, 90 g/3 oz => 90 g | walnut halves
line  | Shallots - 2, finely chopped => 2 | shallots | finely chopped
line  | Blue cheese - 20 g per cover => 20 g | blue cheese
line  | The juice of 1/2 lemon => 0.5 | lemon | juice
line  | No more than 80 ml walnut oil => 80 ml | walnut oil
line  | Chervil or flat parsley, a few sprigs => few sprigs | chervil or flat parsley
step  | Toast the walnuts at 160 °C for 10 minutes; rub off loose skins. => 10m 160C
step  | Whisk the lemon juice, oil, shallots and salt.
step  | Cook the beans in plenty of salted water for 4-5 min; drain; dress while hot. => 4-5m
step  | Add pears in wedges, cheese in crumbs, walnuts. Serve at once on warm plates.
`,
  },
  {
    manner: 'a sentence of introduction with figures in it, right before the list',
    marked: `
title | Buttermilk panna cotta with gooseberries
aside | A lighter set cream. My teacher poured it 2 cm deep into 8 soup plates, which is still the prettiest way.
line  | 400 ml cream => 400 ml | cream
line  | 90 g sugar => 90 g | sugar
line  | 1 strip lemon peel => 1 strip | lemon peel
line  | 3½ leaves gelatine => 3.5 leaves | gelatine
line  | 400 ml buttermilk => 400 ml | buttermilk
comp  | Gooseberries
line  | 300 g gooseberries, topped and tailed => 300 g | gooseberries | topped and tailed
line  | 60 g sugar => 60 g | sugar
line  | 2 tbsp elderflower cordial => 2 tbsp | elderflower cordial
method | Method
step  | Soak the gelatine. Warm cream, sugar and peel to 70 °C, take off, dissolve the gelatine in it, cool to 35 °C. => 70C 35C
step  | Stir in the buttermilk, strain, pour, chill for at least 4 hours. => 4h
step  | Heat the gooseberries with sugar until the first ones burst, 3 minutes; add cordial; chill. => 3m
step  | Serve the cream with a spoonful of fruit.
`,
  },
  {
    manner: 'only ingredients',
    marked: `
title | Dukkah base
line  | 150 g hazelnuts => 150 g | hazelnuts
line  | 80 g sesame seeds => 80 g | sesame seeds
line  | 40 g coriander seeds => 40 g | coriander seeds
line  | 25 g cumin seeds => 25 g | cumin seeds
line  | 1 tbsp flaky salt => 1 tbsp | flaky salt
`,
  },
  {
    manner: 'only a method',
    marked: `
title | Toasting nuts evenly
step  | Heat the oven to 150 °C. => 150C
step  | Spread the nuts in one layer on a pale tray.
step  | Toast for 12 to 18 minutes, shaking twice, until the skins crack. => 12-18m
step  | Tip onto a cold tray at once.
`,
  },
  {
    manner: 'a work plan with day headings',
    marked: `
title | Marinated aubergine and farro bowl
yield | 20 portions => portions 20
aside | Day 1
comp  | Farro
line  | 1.4 kg farro => 1.4 kg | farro
line  | 40 g salt => 40 g | salt
step  | Soak the farro in cold water overnight.
comp  | Marinade
line  | 200 ml olive oil => 200 ml | olive oil
line  | 80 ml sherry vinegar => 80 ml | sherry vinegar
line  | 6 cloves garlic, crushed => 6 cloves | garlic | crushed
line  | 1/2 bunch oregano => 0.5 bunch | oregano
step  | Stir all together. Keep cold.
aside | Day 2
comp  | Aubergine
line  | 3 kg aubergines, 1 cm slices => 3 kg | aubergines | 1 cm slices
line  | 100 ml oil for brushing => 100 ml | oil
step  | Brush and grill 4 minutes a side. => 4m
step  | Lay into the marinade while hot, 2 hours at least. => 2h
comp  | To finish
step  | Boil the farro for 25 minutes in salted water, drain, dress with some of the marinade. => 25m
step  | Top with aubergine.
`,
  },
  {
    manner: 'learner’s phone notes, no capitals, no headings, no blank lines',
    marked: `
title | pickled kohlrabi
line  | kohlrabi 1kg peeled => 1 kg | kohlrabi | peeled
line  | white vinegar 300ml => 300 ml | white vinegar
line  | water 300 ml => 300 ml | water
line  | sugar 150g => 150 g | sugar
line  | salt 25g => 25 g | salt
line  | mustard seed 1 tbsp => 1 tbsp | mustard seed
step  | cut kohlrabi in 1 cm batons
step  | boil everything else for 2 mins => 2m
step  | pour over hot, lid on, fridge 24 hrs before eating => 24h
`,
  },
  {
    manner: 'a home page printed: equipment named in steps, see page, US and metric',
    marked: `
title | Tomato and Bread Soup
aside | Print recipe
yield | Yield: about 2 liters / 8 bowls => gives 2 l
line  | 1 kg (2.2 lb) ripe tomatoes => 1 kg | ripe tomatoes
line  | 300 g (10 oz) stale sourdough, torn => 300 g | stale sourdough | torn
line  | 4 garlic cloves => 4 cloves | garlic
line  | 100 ml (scant 1/2 cup) olive oil, plus more to serve => 100 ml | olive oil
line  | 750 ml vegetable stock (see page 12) => 750 ml | vegetable stock
line  | Handful of basil => 1 handful | basil
method | Directions
step  | Step 1
more  | Blanch the tomatoes 20 seconds, peel, and chop roughly. => 20s
step  | Step 2
more  | Warm the oil and garlic in a heavy pot until fragrant, 2 minutes, then add tomatoes and cook 20 minutes. => 2m 20m
step  | Step 3
more  | Add bread and stock. Simmer 15 minutes, whisking now and then. => 15m
step  | Step 4
more  | Rest off the heat for 30 minutes. Tear in basil. => 30m
`,
  },
];

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
