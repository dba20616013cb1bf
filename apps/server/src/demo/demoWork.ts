import {
  AS_IT_READS,
  stepFrom,
  type DishContent,
  type MethodStep,
  type StepWork,
  type TechniqueWords,
  type WantedStage,
} from '@pelvo/core';

interface Said {
  readonly novice?: number;
  readonly hands?: 'off';
  readonly celsius?: number;
  readonly equipment?: string;
  /** To the next, at least and at most. */
  readonly next?: readonly [number | null, number | null];
  readonly work?: Partial<StepWork>;
  /** Which steps of the list it waits for, where that is not the one before it in its component. */
  readonly after?: readonly number[];
  readonly wants?: WantedStage;
}

/** A step as the demo instructor put it: its component (the main list being ""), or null for the whole dish; text; minutes. */
type Entry = readonly [component: string | null, text: string, minutes: number, said?: Said];

const band = (from: number, to: number, minutesAtFrom: number, minutesAtTo: number) => ({ from, to, minutesAtFrom, minutesAtTo });

/** The work of the demo dishes, step by step, in the order in which a kitchen would do it. */
const WORK: Readonly<Record<string, readonly Entry[]>> = {
  'Vegetable stock': [
    ['', 'Slice the onion, carrots, celery and leek thinly.', 12, { novice: 20 }],
    ['', 'Sweat without colour.', 8],
    ['', 'Add the water, herbs and peppercorns; simmer and skim.', 30, { hands: 'off' }],
    ['', 'Strain, press lightly, cool quickly.', 10, { work: { ahead: { may: true, hours: 72, store: 'chilled', by: 'technician' } } }],
  ],
  'Leeks vinaigrette with hazelnut crumb': [
    ['', 'Trim the leeks and wash them well.', 8, { novice: 12 }],
    ['', 'Blanch the leeks for 8 to 10 minutes until a knife slides in.', 10, { hands: 'off', equipment: 'burner' }],
    ['', 'Refresh and dry the leeks.', 4],
    ['Dressing', 'Finely dice the shallot.', 5, { novice: 9 }],
    [
      'Dressing',
      'Whisk mustard, vinegar and salt, then emulsify with the oil to a vinaigrette.',
      6,
      { novice: 10, work: { redo: { times: 1, minutes: 8 } } },
    ],
    ['Crumb', 'Toast the hazelnuts and crush them.', 8],
    [
      'Crumb',
      'Fry the bread in butter for 3 minutes and mix.',
      5,
      { work: { ahead: { may: true, hours: 24, store: 'ambient', by: 'team' } } },
    ],
    [null, 'Plate three lengths of leek off centre, dress, scatter the crumb, wipe the rim and serve.', 5, { novice: 8 }],
  ],
  'Poached trout with sorrel sauce and cucumber': [
    ['Garnish', 'Cut the cucumber in julienne and salt lightly.', 10, { novice: 18 }],
    ['Garnish', 'Drain the cucumber.', 15, { hands: 'off' }],
    ['Garnish', 'Dress the cucumber with the vinegar.', 2],
    ['Sauce', 'Finely dice the shallots.', 6, { novice: 10 }],
    ['Sauce', 'Sweat the shallots for 6 minutes.', 6],
    [
      'Sauce',
      'Add the stock and reduce by half, add the cream and reduce to coating.',
      12,
      { hands: 'off', equipment: 'burner', next: [null, 30] },
    ],
    ['', 'Bring stock and wine to 78 C.', 8, { hands: 'off', equipment: 'burner' }],
    [
      '',
      'Poach the trout for 6 to 8 minutes; probe the core.',
      8,
      { equipment: 'burner', next: [null, 5], work: { redo: { times: 0, minutes: 0 }, food: 'raw flesh' } },
    ],
    ['Sauce', 'Off the heat mount the sauce with the butter, cut the sorrel in ribbons and stir in.', 5, { novice: 8, next: [null, 6] }],
    [null, 'Plate the trout, spoon over the sauce, top with cucumber and dill, wipe the rim and serve.', 4, { novice: 6 }],
  ],
  'Barley with mushrooms and herb oil': [
    ['', 'Dice the onion finely.', 5, { novice: 9 }],
    ['', 'Sweat the onion in half the butter for 8 minutes.', 8],
    ['', 'Add the barley, then the wine, then the stock by ladles.', 35, { next: [null, 10] }],
    ['Herb oil', 'Blanch the parsley, refresh and squeeze dry.', 5],
    ['Herb oil', 'Blend the parsley with the oil.', 4, { equipment: 'blender' }],
    ['', 'Colour the mushrooms, fold in, finish with butter and parmesan.', 8, { next: [null, 5] }],
    [null, 'Plate in a warm bowl, drizzle the herb oil, wipe the rim and serve.', 3],
  ],
  'Duck breast with braised red cabbage': [
    ['Cabbage', 'Slice the onion and cabbage in julienne.', 12, { novice: 22 }],
    ['Cabbage', 'Sweat the cabbage for 10 minutes.', 10],
    [
      'Cabbage',
      'Add the rest to the cabbage and braise covered.',
      60,
      {
        hands: 'off',
        equipment: 'burner',
        work: {
          ahead: { may: true, hours: 48, store: 'chilled', by: 'technician' },
          cue: { text: 'the cabbage gives under the spoon', least: 50, most: 65 },
        },
      },
    ],
    ['Sauce', 'Reduce port and stock by two thirds.', 20, { hands: 'off', equipment: 'burner', next: [null, 40] }],
    ['', 'Score the skin and salt the duck.', 5, { novice: 8, work: { food: 'raw flesh' } }],
    [
      '',
      'Render skin side down from a cold pan for 12 minutes, turn, sear the flesh for 2 minutes, to a core of 56 °C.',
      15,
      { novice: 18, work: { redo: { times: 0, minutes: 0 } } },
    ],
    ['', 'Rest the duck.', 8, { hands: 'off', next: [null, 6], work: { ahead: { may: false, hours: 0, store: 'hot-held', by: 'team' } } }],
    ['Sauce', 'Mount the sauce with the butter.', 3, { novice: 5, next: [null, 8], work: { redo: { times: 1, minutes: 6 } } }],
    [null, 'Slice the breast, plate against the cabbage, spoon over the sauce, wipe the rim and serve.', 4, { novice: 7 }],
  ],
  'Mussels in cider with fennel': [
    ['', 'Discard open mussels that do not close.', 6, { work: { food: 'raw flesh' } }],
    ['', 'Finely dice shallots and fennel.', 10, { novice: 16, after: [] }],
    ['', 'Sweat shallots and fennel for 8 minutes.', 8],
    [
      '',
      'Add the cider, bring to the boil, add the mussels, cover, 4 minutes. Discard any that stay shut.',
      6,
      { next: [null, 3], after: [0, 2], work: { redo: { times: 0, minutes: 0 } } },
    ],
    ['', 'Lift the mussels out, reduce the liquor with the cream for 4 minutes.', 5, { next: [null, 3] }],
    [null, 'Plate in warm bowls, spoon over the liquor, scatter fronds and parsley, wipe the rim and serve with toast.', 4],
  ],
  'Aubergine tian with basil oil': [
    ['', 'Slice the onion.', 5, { novice: 9 }],
    ['', 'Sweat the onion with garlic and thyme for 12 minutes.', 12],
    ['', 'Slice the vegetables 4 mm thick, even.', 14, { novice: 24, after: [] }],
    ['', 'Build in rows over the onions.', 8, { novice: 12, after: [1, 2] }],
    [
      '',
      'Braise covered for 30 minutes at 170 C, then uncovered for 15 minutes.',
      45,
      { hands: 'off', celsius: 170, equipment: 'oven', next: [null, 20], work: { band: band(160, 180, 50, 40) } },
    ],
    [
      'Basil oil',
      'Blanch the basil, refresh, blend with the oil.',
      8,
      { equipment: 'blender', work: { ahead: { may: true, hours: 24, store: 'chilled', by: 'team' } } },
    ],
    ['Lentils', 'Dress the warm lentils with the vinegar.', 4],
    [null, 'Plate a square on the lentils, drizzle the oil, scatter the shallots, wipe the rim and serve.', 5, { novice: 7 }],
  ],
  'Hand-cut tagliatelle with mushroom ragout': [
    [
      'Dough',
      'Knead flour, water and oil to a smooth dough.',
      10,
      { novice: 15, work: { redo: { times: 1, minutes: 15 } }, wants: { ladder: 'dough', stage: 'elastic' } },
    ],
    ['Dough', 'Rest the dough.', 30, { hands: 'off', work: { ahead: { may: true, hours: 12, store: 'chilled', by: 'technician' } } }],
    ['Ragout', 'Finely dice the shallots.', 6, { novice: 10 }],
    ['Ragout', 'Sweat the shallots for 6 minutes.', 6],
    ['Ragout', 'Colour the mushrooms, add stock, reduce, add cream.', 15, { next: [null, 25] }],
    ['Dough', 'Roll the dough thin, cut ribbons of 8 mm.', 15, { novice: 25, next: [null, 20] }],
    ['Dough', 'Boil the ribbons in salted water for 2 minutes.', 3, { next: [null, 2] }],
    [null, 'Toss, plate in a warm bowl with height, top with tarragon, wipe the rim and serve.', 4],
  ],
  'Poached pear, almond crumble and vanilla custard': [
    ['', 'Peel the pears.', 5, { novice: 8 }],
    [
      '',
      'Poach the pears in water, sugar, vanilla and zest at 85 C for 20 to 30 minutes.',
      30,
      { hands: 'off', equipment: 'burner', work: { ahead: { may: true, hours: 48, store: 'chilled', by: 'team' } } },
    ],
    ['', 'Reduce the syrup to a glaze.', 12, { hands: 'off', equipment: 'burner', wants: { ladder: 'reduction', stage: 'glaze' } }],
    ['Crumble', 'Rub the crumble together.', 6, { novice: 10 }],
    [
      'Crumble',
      'Bake for 18 minutes at 170 C.',
      18,
      { hands: 'off', celsius: 170, equipment: 'oven', work: { band: band(160, 180, 21, 15) }, wants: { ladder: 'crust', stage: 'gold' } },
    ],
    [
      'Custard',
      'Warm milk, cream and vanilla; cook a custard with yolks and sugar to 82 C; strain.',
      10,
      { novice: 15, work: { redo: { times: 1, minutes: 14 } } },
    ],
    ['Custard', 'Cool the custard.', 15, { hands: 'off', equipment: 'chiller' }],
    [null, 'Plate the pear on crumble, sauce the plate with custard, wipe the rim and serve.', 5, { novice: 8 }],
  ],
  'Chickpea panisse with red pepper romesco': [
    ['Panisse', 'Whisk flour into boiling water, cook for 12 minutes.', 15],
    [
      'Panisse',
      'Spread 2 cm thick and chill.',
      120,
      { hands: 'off', equipment: 'chiller', work: { ahead: { may: true, hours: 24, store: 'chilled', by: 'technician' } } },
    ],
    ['Panisse', 'Cut sticks of 8 by 2 cm.', 8, { novice: 12 }],
    ['Romesco', 'Char and peel the peppers. Toast the almonds.', 18, { after: [] }],
    ['Romesco', 'Blend all and emulsify with the oil.', 6, { equipment: 'blender', work: { redo: { times: 1, minutes: 8 } } }],
    ['Panisse', 'Fry in batches at 180 C for 4 minutes.', 12, { equipment: 'burner', next: [null, 5] }],
    [null, 'Plate five sticks crossed, drizzle the romesco beside them, wipe the rim and serve.', 4],
  ],
  'Citrus and fennel salad with toasted seeds': [
    ['', 'Cut the oranges in segment, press the rest for juice.', 12, { novice: 20 }],
    ['', 'Slice the fennel in julienne, dress with lemon and salt.', 8, { novice: 14, next: [null, 25], after: [] }],
    ['', 'Toast the seeds.', 4, { after: [] }],
    ['', 'Whisk juice, honey and oil to a vinaigrette.', 4, { after: [0] }],
    [null, 'Arrange in a loose ring, scatter the seeds, wipe the rim and serve.', 4, { novice: 6 }],
  ],
};

/** A demo dish with its work as the instructor put it. @throws where the demo school has none for it */
export function withWork(
  dish: DishContent,
  { newId, techniques }: { readonly newId: () => string; readonly techniques: readonly TechniqueWords[] },
): DishContent {
  const entries = WORK[dish.title];
  if (!entries) throw new Error(`The demo school has no work for "${dish.title}"`);
  const ids = entries.map(() => newId());
  const method = entries.map(([component, text, minutes, said = {}], at): MethodStep => {
    const read = stepFrom(ids[at]!, text, techniques, minutes);
    return {
      ...read,
      minutes,
      componentId: component === null ? null : componentOf(dish, component),
      hands: said.hands ?? 'on',
      noviceMinutes: said.novice ?? null,
      ...(said.celsius === undefined ? {} : { celsius: said.celsius, heats: 'oven' as const }),
      ...(said.equipment === undefined ? {} : { equipment: said.equipment }),
      toNext: { least: said.next?.[0] ?? null, most: said.next?.[1] ?? null },
      work: { ...AS_IT_READS, after: said.after?.map((place) => ids[place]!) ?? null, ...said.work },
      wants: said.wants ?? null,
    };
  });
  return { ...dish, method };
}

function componentOf({ components, title }: DishContent, name: string): string {
  const found = components.find((component) => component.name.toLowerCase() === name.toLowerCase());
  if (!found) throw new Error(`"${title}" has no component "${name}"`);
  return found.id;
}
