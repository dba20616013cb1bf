/** Whole recipes in the layouts people paste, with what they hold: title, portions, components with their lines, steps. */
export interface ExpectedText {
  readonly text: string;
  readonly title: string;
  readonly portions: number | null;
  readonly components: readonly (readonly [name: string, lines: number])[];
  readonly steps: number;
}

export const TEXTS: readonly ExpectedText[] = [
  {
    text: 'Braised endive\nServes 4\n\n4 heads chicory\n30 g butter\njuice of 1 orange\n\nMethod\n1. Braise for 25 minutes at 170C.\n2. Serve.',
    title: 'Braised endive',
    portions: 4,
    components: [['', 3]],
    steps: 2,
  },
  {
    text: 'ROASTED PARSNIPS\nFor 6 people\nIngredients:\n- 1 kg parsnips\n- 3 tbsp oil\n- 1 tbsp honey\nDirections:\n- Heat the oven to 200C.\n- Roast the parsnips for 40 minutes.',
    title: 'ROASTED PARSNIPS',
    portions: 6,
    components: [['', 3]],
    steps: 2,
  },
  {
    text: '# Lentil salad (serves 6)\n\n## For the salad\n300 g green lentils\n2 shallots, diced\n\n## For the dressing\n3 tbsp sherry vinegar\n90 ml olive oil\n\n## Method\nSimmer the lentils for 20 minutes. Drain well.\n\nWhisk the dressing and toss.',
    title: 'Lentil salad',
    portions: 6,
    components: [
      ['Salad', 2],
      ['Dressing', 2],
    ],
    steps: 2,
  },
  {
    text: 'Swede mash for 4\n1 swede\n50 g butter\nsalt, to taste',
    title: 'Swede mash',
    portions: 4,
    components: [['', 3]],
    steps: 0,
  },
  {
    text: 'Makes 12\n250 g flour\n125 g butter\n1 egg yolk\nMethod\nRub, rest for 30 minutes, bake for 12 minutes.',
    title: '',
    portions: 12,
    components: [['', 3]],
    steps: 1,
  },
  {
    text: 'Plum compote\n\n1 kg plums\n150 g sugar\n1 cinnamon stick\n\nHalve the plums and put them in a pan with the sugar.\n\nSimmer for 15 minutes, stirring now and then.',
    title: 'Plum compote',
    portions: null,
    components: [['', 3]],
    steps: 2,
  },
  {
    text: 'Beetroot carpaccio – serves 4\nFOR THE BEETROOT\n4 beetroot\n2 tbsp vinegar\nFOR THE CREAM\n100 g crème fraîche\n1 tsp horseradish\nTO SERVE\n1 bunch watercress',
    title: 'Beetroot carpaccio',
    portions: 4,
    components: [
      ['Beetroot', 2],
      ['Cream', 2],
      ['To serve', 1],
    ],
    steps: 0,
  },
  {
    text: 'Herb oil\nYield: 4 portions\n1 bunch parsley\n100 ml olive oil\n\nPreparation\n1) Blanch the parsley for 10 seconds.\n2) Blend with the oil.\n3) Strain.',
    title: 'Herb oil',
    portions: 4,
    components: [['', 2]],
    steps: 3,
  },
  {
    text: 'Potage\n4 portions\n500 g leeks\n300 g potatoes\n1 l water\n20 g butter',
    title: 'Potage',
    portions: 4,
    components: [['', 4]],
    steps: 0,
  },
  {
    text: 'Pickled cucumber\nIngredients\n1 cucumber\n100 ml white wine vinegar\n50 g sugar\n5 g salt\n\nInstructions\nStep 1: Slice the cucumber thinly.\nStep 2: Bring the vinegar to the boil with sugar and salt.\nStep 3: Pour over and leave for 60 minutes.',
    title: 'Pickled cucumber',
    portions: null,
    components: [['', 4]],
    steps: 3,
  },
  {
    text: 'Flatbreads (makes 8)\nFlour 400 g\nWater 240 ml\nSalt 8 g\nYeast 5 g\nMethod\n1. Knead for 10 minutes.\n2. Rest for 60 minutes.\n3. Cook in a dry pan for 2 minutes a side.',
    title: 'Flatbreads',
    portions: 8,
    components: [['', 4]],
    steps: 3,
  },
  {
    text: 'Gremolata\nServes 4\nzest of 2 lemons\n1 small clove garlic\n½ bunch flat parsley',
    title: 'Gremolata',
    portions: 4,
    components: [['', 3]],
    steps: 0,
  },
  {
    text: 'Apple crumble\nServes: 6\nFor the fruit:\n6 apples\n40 g sugar\nFor the crumble:\n150 g flour\n100 g butter\n75 g demerara sugar\nMethod:\n1. Peel and slice the apples.\n2. Rub the crumble together.\n3. Bake at 180C for 35-40 minutes.',
    title: 'Apple crumble',
    portions: 6,
    components: [
      ['Fruit', 2],
      ['Crumble', 3],
    ],
    steps: 3,
  },
  {
    text: 'Tomato water\n\nServes 2\n\n1 kg ripe tomatoes\n5 g salt\n2 sprigs basil\n\n1. Blend the tomatoes with salt and basil.\n2. Hang in a cloth overnight.',
    title: 'Tomato water',
    portions: 2,
    components: [['', 3]],
    steps: 2,
  },
  {
    text: 'Buckwheat pancakes\nServes four\n200 g buckwheat flour\n450 ml milk\n1 egg\n30 g butter, melted\nMethod\nWhisk flour, milk and egg.\nRest the batter for 60 minutes.\nFry in butter for 2 minutes a side.',
    title: 'Buckwheat pancakes',
    portions: 4,
    components: [['', 4]],
    steps: 3,
  },
  {
    text: 'Fennel salad\n2 bulbs fennel\n1 orange\n2 tbsp olive oil\nSlice the fennel thinly and dress with oil and orange.',
    title: 'Fennel salad',
    portions: null,
    components: [['', 3]],
    steps: 1,
  },
  {
    text: 'Miso aubergines, serves 4\n2 aubergines\n3 tbsp miso\n1 tbsp honey\n1 tbsp sesame seeds',
    title: 'Miso aubergines',
    portions: 4,
    components: [['', 4]],
    steps: 0,
  },
  {
    text: 'Rhubarb cordial\nMakes 1 litre\n1 kg rhubarb\n400 g sugar\n1 l water\nMethod\n1. Simmer for 20 minutes.\n2. Strain and bottle.',
    title: 'Rhubarb cordial',
    portions: null,
    components: [['', 3]],
    steps: 2,
  },
  {
    text: 'Mushroom duxelles\nIngredients for 4 people\n400 g mushrooms\n2 shallots\n20 g butter\nMethod\nSweat everything until dry, about 15 minutes.',
    title: 'Mushroom duxelles',
    portions: 4,
    components: [['', 3]],
    steps: 1,
  },
  {
    text: 'Oat biscuits\r\nServes 10\r\n\r\n200 g oats\r\n100 g butter\r\n80 g honey\r\n\r\nMethod\r\n1. Mix.\r\n2. Bake for 15 minutes at 170C.',
    title: 'Oat biscuits',
    portions: 10,
    components: [['', 3]],
    steps: 2,
  },
];
