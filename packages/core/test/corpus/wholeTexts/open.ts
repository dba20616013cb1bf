import type { WholeText } from './form';

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
