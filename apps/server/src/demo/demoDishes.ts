/** Dishes of the demo school as a person would paste them; the reader makes formulas of them. */
export const VEGETABLE_STOCK = `Vegetable stock (serves 10)
2 onions
3 carrots
2 sticks celery
1 leek
6 sprigs parsley
2 sprigs thyme
1 bay leaf
1 tsp black peppercorns
2.5 l cold water
Method
1. Slice the onion, carrots, celery and leek thinly and sweat without colour for 8 minutes.
2. Add the water, herbs and peppercorns; simmer for 30 minutes.
3. Strain, press lightly, cool quickly.`;

export const DEMO_DISHES: readonly string[] = [
  `Leeks vinaigrette with hazelnut crumb (serves 4)
8 slim leeks
For the dressing:
1 tbsp dijon mustard
30 ml sherry vinegar
90 ml hazelnut oil
1 small shallot, finely diced
salt, to taste
For the crumb:
60 g hazelnuts
40 g stale bread
10 g butter
½ bunch chives, snipped
Method
1. Trim the leeks, wash well, blanch for 8 to 10 minutes until a knife slides in, refresh and dry.
2. Finely dice the shallot. Whisk mustard, vinegar and salt, then emulsify with the oil to a vinaigrette.
3. Toast the hazelnuts, crush them, fry the bread in butter for 3 minutes and mix.
4. Plate three lengths of leek off centre, dress, scatter the crumb, wipe the rim and serve.`,
  `Poached trout with sorrel sauce and cucumber (serves 4)
4 trout fillets (about 130 g each), pin bones out
500 ml vegetable stock
100 ml dry white wine
1 bay leaf
For the sauce:
2 shallots, finely diced
150 ml vegetable stock
120 ml double cream
40 g cold butter, cubed
1 bunch sorrel
salt, to taste
For the garnish:
1 cucumber
2 tsp white wine vinegar
4 sprigs dill
Method
1. Cut the cucumber in julienne, salt lightly, drain for 15 minutes, dress with the vinegar.
2. Sweat the shallots for 6 minutes, add the stock and reduce by half, add the cream and reduce to coating.
3. Bring stock and wine to 78 C and poach the trout for 6 to 8 minutes; probe the core.
4. Off the heat mount the sauce with the butter, cut the sorrel in ribbons and stir in.
5. Plate the trout, spoon over the sauce, top with cucumber and dill, wipe the rim and serve.`,
  `Barley with mushrooms and herb oil (serves 4)
280 g pearl barley
900 ml vegetable stock
1 onion, finely diced
250 g mushrooms
15 g dried mushrooms
60 ml dry white wine
50 g butter
40 g parmesan, grated
salt and pepper
For the herb oil:
1 bunch parsley
100 ml olive oil
Method
1. Dice the onion finely and sweat in half the butter for 8 minutes.
2. Add the barley, then the wine, then the stock by ladles, for 35 minutes.
3. Blanch the parsley, refresh, squeeze dry and blend with the oil.
4. Colour the mushrooms, fold in, finish with butter and parmesan.
5. Plate in a warm bowl, drizzle the herb oil, wipe the rim and serve.`,
  `Duck breast with braised red cabbage (serves 4)
4 duck breasts (about 180 g each)
salt, to taste
For the cabbage:
600 g red cabbage
1 apple
1 red onion
60 ml red wine vinegar
150 ml ruby port
2 tbsp redcurrant jelly
1 stick cinnamon
2 cloves
some orange peel
For the sauce:
400 ml vegetable stock
100 ml ruby port
30 g cold butter
Method
1. Slice the onion and cabbage in julienne, sweat for 10 minutes, add the rest and braise for 60 minutes.
2. Score the skin, render skin side down from a cold pan for 12 minutes, turn, sear the flesh for 2 minutes, to a core of 56 °C, rest.
3. Reduce port and stock by two thirds and mount with the butter.
4. Slice the breast, plate against the cabbage, spoon over the sauce, wipe the rim and serve.`,
  `Mussels in cider with fennel (serves 4)
2 kg mussels, scrubbed
1 bulb fennel (about 250 g), fronds kept
2 banana shallots, finely diced
2 cloves garlic
300 ml dry cider
80 ml double cream
20 g butter
½ bunch parsley, chopped
8 slices sourdough bread
Method
1. Discard open mussels that do not close. Finely dice shallots and fennel and sweat for 8 minutes.
2. Add the cider, bring to the boil, add the mussels, cover, 4 minutes. Discard any that stay shut.
3. Lift the mussels out, reduce the liquor with the cream for 4 minutes.
4. Plate in warm bowls, spoon over the liquor, scatter fronds and parsley, wipe the rim and serve with toast.`,
  `Aubergine tian with basil oil (serves 6)
3 aubergines
6 ripe tomatoes
2 courgettes
2 onions
3 cloves garlic
4 sprigs thyme
75 ml olive oil
1 tsp salt
For the lentils:
450 g green lentils, cooked
1 tbsp sherry vinegar
For the basil oil:
1 bunch basil
80 ml olive oil
For the top:
40 g crispy fried shallots
Method
1. Slice the onion and sweat with garlic and thyme for 12 minutes.
2. Slice the vegetables 4 mm thick, even, and build in rows over the onions.
3. Braise covered for 30 minutes at 170 C, then uncovered for 15 minutes.
4. Blanch the basil, refresh, blend with the oil.
5. Dress the warm lentils with the vinegar.
6. Plate a square on the lentils, drizzle the oil, scatter the shallots, wipe the rim and serve.`,
  `Hand-cut tagliatelle with mushroom ragout (serves 4)
For the dough:
400 g 00 flour
220 g water
1 tbsp olive oil
For the ragout:
400 g mushrooms
20 g dried mushrooms
2 shallots, finely diced
1 clove garlic
200 ml vegetable stock
100 ml double cream
½ bunch tarragon
30 g butter
salt and pepper
Method
1. Knead flour, water and oil for 10 minutes to a smooth dough and rest the dough for 30 minutes.
2. Finely dice the shallots and sweat for 6 minutes. Colour the mushrooms, add stock, reduce, add cream.
3. Roll the dough thin, cut ribbons of 8 mm, boil for 2 minutes.
4. Toss, plate in a warm bowl with height, top with tarragon, wipe the rim and serve.`,
  `Poached pear, almond crumble and vanilla custard (serves 4)
4 firm pears
750 ml water
250 g caster sugar
½ vanilla pod
1 lemon, zest only
For the crumble:
80 g plain flour
60 g ground almonds
60 g cold butter
50 g demerara sugar
For the custard:
300 ml whole milk
100 ml double cream
4 egg yolks
50 g caster sugar
½ vanilla pod
Method
1. Peel the pears and poach in water, sugar, vanilla and zest at 85 C for 20 to 30 minutes.
2. Rub the crumble together and bake for 18 minutes at 170 C.
3. Warm milk, cream and vanilla; cook a custard with yolks and sugar to 82 C; strain and cool.
4. Reduce the syrup to a glaze.
5. Plate the pear on crumble, sauce the plate with custard, wipe the rim and serve.`,
  `Chickpea panisse with red pepper romesco (serves 6)
For the panisse:
300 g chickpea flour
1 litre water
2 tsp salt
30 ml olive oil
2 l frying oil
For the romesco:
3 red peppers
60 g almonds
1 slice sourdough bread
2 cloves garlic
1 tbsp sherry vinegar
80 ml olive oil
1 tsp smoked paprika
¼ tsp cayenne
Method
1. Whisk flour into boiling water, cook for 12 minutes, spread 2 cm thick, chill for 120 minutes.
2. Char and peel the peppers. Toast the almonds. Blend all and emulsify with the oil.
3. Cut sticks of 8 by 2 cm and fry in batches at 180 C for 4 minutes.
4. Plate five sticks crossed, drizzle the romesco beside them, wipe the rim and serve.`,
  `Citrus and fennel salad with toasted seeds (serves 4)
2 bulbs fennel (about 250 g each)
3 oranges
1 lemon, juice only
60 ml olive oil
40 g pumpkin seeds
1 bunch watercress
1 tsp clear honey
salt, to taste
Method
1. Cut the oranges in segment, press the rest for juice.
2. Slice the fennel in julienne, dress with lemon and salt.
3. Toast the seeds. Whisk juice, honey and oil to a vinaigrette.
4. Arrange in a loose ring, scatter the seeds, wipe the rim and serve.`,
];
