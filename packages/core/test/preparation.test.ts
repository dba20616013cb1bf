import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
  changePrompts,
  changeSaid,
  changesCounted,
  countedInAndOut,
  countOf,
  EMPTY_CARD,
  EMPTY_KITCHEN,
  methodChanges,
  platesOf,
  preparationList,
  showQuantity,
  hotTinOf,
  toolsList,
  words,
  type FoodState,
  type OrderInput,
  type PreparedItem,
} from '../src';
import { ALONE, dishFrom } from './helpers';

const SOUP = dishFrom(
  'Barley soup\n\nServes 4\n\n2 shallots, finely diced\n200 g carrots, diced\n60 g hazelnuts, toasted\n400 ml water',
  4,
);
const SALAD = dishFrom(
  'Carrot salad\n\nServes 4\n\n300 g carrots\n40 g almonds, toasted\n20 g sesame seeds, toasted\n\nGrate the carrots.',
  4,
);
const input: OrderInput = {
  plan: { ...ALONE, students: 3, portionsATeam: 4, demonstrationPortions: 4 },
  dishes: [
    { editionId: 'soup', content: SOUP },
    { editionId: 'salad', content: SALAD },
  ],
  preparations: new Map(),
};
const itemOf = (items: readonly PreparedItem[], name: string) => items.find(({ item }) => item === name)!;
const amountsOf = (item: PreparedItem) =>
  item.tasks.map(({ action, cut: name, amounts }) => [name || action, amounts.map((amount) => showQuantity(amount)).join(' + ')]);

describe('the preparation of a lesson', () => {
  const list = preparationList(input);

  it('is one list by item, then by what is done to it', () => {
    // Three students and the demonstration: four makings. Washed and peeled all, 4 × (200 + 300) g; diced 4 × 200, grated 4 × 300.
    expect(amountsOf(itemOf(list.items, 'carrots'))).toEqual([
      ['wash', '2 kg'],
      ['peel', '2 kg'],
      ['dice', '800 g'],
      ['grate', '1.2 kg'],
    ]);
    expect(amountsOf(itemOf(list.items, 'shallots')).at(-1)).toEqual(['fine dice', '8']);
  });

  it('opens to its lines, and says what nobody wrote down', () => {
    const [wash, , dice] = itemOf(list.items, 'carrots').tasks;
    expect([wash!.usual, dice!.usual]).toEqual([true, false]);
    expect(wash!.lines.map(({ editionId, dish }) => [editionId, dish])).toEqual([
      ['soup', 'Barley soup'],
      ['salad', 'Carrot salad'],
    ]);
    expect(dice!.lines).toHaveLength(1);
  });

  it('toasts in one load what may go together, and apart what holds another allergen', () => {
    expect(list.together.map(({ items }) => [...items].sort())).toEqual([['almonds', 'hazelnuts'], ['sesame seeds']]);
  });

  it('is apart for the teams, the technician and the demonstration, and they add up', () => {
    const of = (by: 'team' | 'technician' | 'demonstration') => preparationList(input, { by });
    expect(amountsOf(itemOf(of('team').items, 'carrots'))[0]).toEqual(['wash', '1.5 kg']);
    expect(amountsOf(itemOf(of('demonstration').items, 'carrots'))[0]).toEqual(['wash', '500 g']);
    expect(of('technician').items).toEqual([]);
  });

  it('comes in the order in which it keeps: dry first, flesh last', () => {
    const fish = dishFrom(
      'Hake\n\nServes 2\n\n2 hake fillets, pin bones out\n10 g parsley, chopped\n1 apple, diced\n1 onion, sliced\n30 g hazelnuts, toasted',
      2,
    );
    const found = preparationList({ ...input, dishes: [{ editionId: 'f', content: fish }] });
    expect(found.items.map(({ keeping }) => keeping)).toEqual(['dry', 'roots', 'leaves', 'browns', 'flesh']);
  });

  it('says the size of a cut by the set in force', () => {
    const set = {
      name: 'Ours',
      about: '',
      cuts: [{ key: 'd', name: 'Fine dice', shape: 'cube' as const, length: 3, width: 3, thickness: 3, tolerance: 1, lengthTolerance: 1 }],
    };
    const shallots = itemOf(preparationList(input, { cuts: set }).items, 'shallots');
    expect(shallots.tasks.at(-1)!.size).toBe('3 × 3 × 3 mm');
    expect(itemOf(list.items, 'shallots').tasks.at(-1)!.size).toBe('');
  });

  it('takes longer for more, and never less time for a novice', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 20 }), (few, more) => {
        const of = (students: number) => preparationList({ ...input, plan: { ...input.plan, students } }).minutes;
        const [a, b] = [of(Math.min(few, more)), of(Math.max(few, more))];
        expect(a.practised).toBeLessThanOrEqual(b.practised);
        expect(a.practised).toBeLessThanOrEqual(a.novice);
      }),
      { numRuns: 30 },
    );
  });

  it('washes nothing that is dried, bottled or ground', () => {
    const dry = dishFrom(
      'Dry\n\nServes 2\n\n5 g black pepper\n1 tsp dried thyme\n200 ml apple juice\n2 tbsp tomato paste\n100 g tinned beans\n1 bay leaf',
      2,
    );
    expect(preparationList({ ...input, dishes: [{ editionId: 'd', content: dry }] }).items).toEqual([]);
  });
});

const step = (id: string, text: string, food: FoodState | null) => ({ id, text, food });

describe('where raw turns to ready', () => {
  it('asks for board, knife, cloth and hands between flesh and anything else, once', () => {
    const prompts = changePrompts([
      step('a', 'Cut the duck breast.', 'raw flesh'),
      step('b', 'Stir the barley.', null),
      step('c', 'Slice the radishes for the plate.', 'ready'),
      step('d', 'Plate.', 'ready'),
    ]);
    expect(prompts).toEqual([
      { after: 'a', before: 'c', because: 'raw-to-ready', change: ['board', 'knife', 'cloth', 'hands'], boardFor: 'ready' },
    ]);
  });

  it.each([
    ['raw flesh to vegetables', [step('a', 'Skin the hake.', 'raw flesh'), step('b', 'Dice the leeks.', 'raw vegetable')], 'raw-to-other'],
    [
      'earth to what is eaten as it is',
      [step('a', 'Peel the carrots.', 'raw vegetable'), step('b', 'Slice the bread.', 'ready')],
      'soil-to-ready',
    ],
    [
      'an allergen to what is to be free of it',
      [step('a', 'Chop the nuts.', 'allergen'), step('b', 'Cut the bread.', 'ready')],
      'allergen',
    ],
    ['strong to delicate', [step('a', 'Chop the garlic.', null), step('b', 'Slice the strawberries.', null)], 'strong-to-delicate'],
    [
      'a warm filling onto raw meat',
      [step('a', 'Cook the duxelles.', 'ready'), step('b', 'Spread the warm filling on the loin.', 'raw flesh')],
      'warm-onto-raw',
    ],
  ] as const)('%s', (_name, steps, because) => {
    expect(changePrompts(steps).map((prompt) => prompt.because)).toEqual([because]);
  });

  it('asks for nothing between what may meet', () => {
    expect(changePrompts([step('a', 'Slice the bread.', 'ready'), step('b', 'Cut the hake.', 'raw flesh')])).toEqual([]);
    expect(changePrompts([step('a', 'Peel the carrots.', 'raw vegetable'), step('b', 'Peel the leeks.', 'raw vegetable')])).toEqual([]);
    expect(changePrompts([])).toEqual([]);
  });

  it('counts boards, cloths and gloves', () => {
    const prompts = changePrompts([
      step('a', 'Cut the duck.', 'raw flesh'),
      step('b', 'Dice the leeks.', 'raw vegetable'),
      step('c', 'Chop the nuts.', 'allergen'),
      step('d', 'Plate.', 'ready'),
    ]);
    expect(changesCounted(prompts)).toEqual({ boards: 3, cloths: 3, gloves: 1 });
  });
});

describe('tools, vessels, plates and paper', () => {
  const dish = {
    ...dishFrom(
      'Leeks\n\nServes 2\n\n2 leeks\n\nBlanch the leeks in boiling salted water, then chill in an ice bath.\nBlend the sauce and tie it in a herb bag.\nServe on warm plates.',
    ),
    tools: ['Tongs', 'Mandoline'],
  };
  const list = toolsList({
    dishes: [{ content: dish, stations: 7, portions: 15 }],
    cards: new Map([['t', { ...EMPTY_CARD, name: 'Blanch', tools: ['Spider'] }]]),
    kitchen: { ...EMPTY_KITCHEN, equipment: { ...EMPTY_KITCHEN.equipment, blender: 0 } },
  });
  const of = (name: string) => list.find((need) => need.name === name);

  it('are counted by station, or shared one among several', () => {
    expect([of('tongs')!.count, of('tongs')!.aStation]).toEqual([7, 1]);
    // One mandoline among three: seven stations share three.
    expect([of('mandoline')!.count, of('mandoline')!.kind]).toEqual([3, 'shared']);
  });

  it('are set against what the kitchen has', () => {
    const blend = toolsList({
      dishes: [{ content: { ...dish, tools: ['Blender'] }, stations: 7, portions: 15 }],
      cards: new Map(),
      kitchen: { ...EMPTY_KITCHEN, equipment: { ...EMPTY_KITCHEN.equipment, blender: 0 } },
    }).find(({ name }) => name === 'blender')!;
    expect([blend.has, blend.short]).toEqual([0, 1]);
  });

  // [what is wanted, what the kitchen counts, how many it has of it]
  it.each([
    ['Probe thermometer that stays in', [['probe thermometer', 6]], 6],
    [
      'board for fish',
      [
        ['boards', 30],
        ['board for fish', 4],
      ],
      4,
    ],
    [
      'board for raw meat',
      [
        ['boards', 30],
        ['board for fish', 4],
      ],
      30,
    ],
    [
      'wide pan',
      [
        ['wide pans', 9],
        ['pan', 40],
      ],
      9,
    ],
    ['warm bowls', [['bowls', 80]], 80],
    ['Chef’s knife, honed', [["chef's knife", 12]], 12],
    ['peeler', [['knife', 12]], null],
    ['fine sieve', [], null],
  ] as const)('counts %j among %j as %s', (name, tools, has) => {
    expect(
      countOf(
        name,
        tools.map(([tool, count]) => ({ name: tool, count })),
      ),
    ).toBe(has);
  });

  it('are too few where fewer are counted than are wanted, and no food is among them', () => {
    const needs = toolsList({
      dishes: [
        {
          content: { ...dish, tools: ['Whisk', 'Tongs', 'Cold butter', 'Fish slice', 'Hot water', 'Warm plates'] },
          stations: 7,
          portions: 15,
        },
      ],
      cards: new Map(),
      kitchen: {
        ...EMPTY_KITCHEN,
        tools: [
          { name: 'whisks', count: 5 },
          { name: 'tongs', count: 7 },
          { name: 'plates', count: 12 },
        ],
      },
    });
    const short = (name: string) => needs.find((need) => need.name === name)?.short;
    // 7 − 5 whisks, 7 − 7 tongs, 15 − 12 plates; the fish slice is not counted.
    expect(['whisk', 'tongs', 'warm plates', 'fish slice', 'cold butter'].map(short)).toEqual([2, 0, 3, 0, undefined]);
    expect(needs.filter(({ name }) => name === 'warm plates')).toHaveLength(1);
    expect(needs.find(({ name }) => name === 'hot water')!.kind).toBe('water');
  });

  // [stations, minutes a station, minutes of cooking, blenders, how many at once, too few]
  it.each([
    // 14 × 5 = 70 of 110: one after another.
    [14, 5, 110, 1, 1, 0],
    // 14 × 20 = 280 of 110: three at once.
    [14, 20, 110, 2, 3, 1],
    [14, 20, 110, 3, 3, 0],
    [14, 20, 110, 0, 3, 3],
    // Two stations cannot use three.
    [2, 200, 110, 1, 4, 1],
    // 110 of 110 is just enough.
    [11, 10, 110, 1, 1, 0],
    // Nothing is known of the time: one is looked for.
    [14, 20, null, 1, 1, 0],
  ] as const)('%d stations of %s minutes in %s, %d there: %s at once, %d short', (stations, each, minutes, has, atOnce, short) => {
    const content = { ...dishFrom('Soup\nServes 2\n500 g leeks\n\nMethod\n1. Blend in the blender.'), tools: [] };
    const method = content.method.map((step) => ({ ...step, minutes: each }));
    const need = toolsList({
      dishes: [{ content: { ...content, method }, stations, portions: 0 }],
      cards: new Map(),
      kitchen: { ...EMPTY_KITCHEN, equipment: { ...EMPTY_KITCHEN.equipment, blender: has } },
      minutes,
    }).find(({ name }) => name === 'blender')!;
    expect([need.inTurn?.atOnce ?? 1, need.short]).toEqual([atOnce, short]);
  });

  it('go into a water bath several at once', () => {
    const content = { ...dishFrom('Roots\nServes 2\n500 g carrots\n\nMethod\n1. Cook in the water bath.'), tools: [] };
    const need = toolsList({
      dishes: [{ content: { ...content, method: content.method.map((step) => ({ ...step, minutes: 90 })) }, stations: 12, portions: 0 }],
      cards: new Map(),
      kitchen: { ...EMPTY_KITCHEN, equipment: { ...EMPTY_KITCHEN.equipment, 'water bath': 1 } },
      minutes: 110,
    }).find(({ name }) => name === 'water bath')!;
    expect([need.inTurn, need.short]).toEqual([null, 0]);
  });

  it.each([
    ['Slide onto the hot baking stone and bake.', 'stone'],
    ['Tip the batter into the smoking-hot tins.', 'tins'],
    ['Lay on a preheated tray, skin down.', 'tray'],
    ['Heat the roasting tin in the oven with the oil.', 'tin'],
    ['Line the tin and chill.', null],
    ['Take the hot tray out.', null],
    ['Take the dough out onto the hot stone.', 'stone'],
    ['Butter a cold tin.', null],
  ] as const)('%s wants a hot %s', (text, tin) => {
    expect(hotTinOf(text)).toBe(tin);
  });

  it('have plates warm or cold, ice, boiling water and string', () => {
    expect(of('warm plates')!.count).toBe(15);
    expect([of('ice')!.kind, of('boiling water')!.kind]).toEqual(['water', 'water']);
    expect(of('string')).toBeDefined();
  });

  it('count in and out what is cooked with and not served', () => {
    expect(countedInAndOut([{ content: dish, makings: 4 }])).toEqual([{ name: 'herb bag', dish: dish.title, count: 4 }]);
  });
});

describe('what it is served on', () => {
  it.each([
    ['Plate in warm bowls, spoon over the liquor.', 'warm bowls'],
    ['Toss, plate in a warm bowl with height.', 'warm bowls'],
    ['Serve on chilled plates.', 'cold plates'],
    ['Spoon into cold glasses.', 'cold glasses'],
    ['Serve in deep bowls.', 'bowls'],
    ['Ladle into warmed soup bowls.', 'warm bowls'],
    ['Arrange on hot plates.', 'warm plates'],
    ['Plate the trout, spoon over the sauce.', 'plates'],
    // None of these says what it is served on.
    ['Mix in a large bowl.', 'plates'],
    ['Keep it going on the hot plate.', 'plates'],
    ['Whisk in a bowl over hot water. Serve.', 'plates'],
  ])('%s', (text, said) => {
    const { kind, heat } = platesOf(dishFrom(`Dish\n1 carrot\nMethod\n1. ${text}`));
    expect([heat, kind].filter(Boolean).join(' ')).toBe(said);
  });
  it('is what the last step that says so says', () => {
    const dish = dishFrom('Dish\n1 carrot\nMethod\n1. Serve the soup in warm bowls.\n2. Arrange on cold plates.\n3. Wipe the rim.');
    expect(platesOf(dish)).toEqual({ kind: 'plates', heat: 'cold' });
  });
});

describe('a method done by one pair of hands', () => {
  const dish = dishFrom('Dish\n400 g trout\n1 carrot\nMethod\n1. Bone the raw trout.\n2. Poach it.\n3. Slice the herbs for serving.');
  const foods: readonly (FoodState | null)[] = ['raw flesh', null, 'ready'];
  const said = {
    ...dish,
    method: dish.method.map((step, at) => ({ ...step, hands: 'on' as const, work: { ...step.work, food: foods[at]! } })),
  };
  it('says before which step the board is changed, by the name the school has for it', () => {
    const changes = methodChanges(said);
    const [, , last] = said.method;
    expect([...changes.keys()]).toEqual([last!.id]);
    const prompt = changes.get(last!.id)!;
    expect(words(changeSaid(prompt))).toBe('First change board, knife, cloth, hands: raw flesh before what is eaten as it is.');
    expect(words(changeSaid(prompt, { ready: { name: 'green' } }))).toBe(
      'First change green board, knife, cloth, hands: raw flesh before what is eaten as it is.',
    );
  });
});

describe('tools of one name', () => {
  it('stand on one line, with what is said of one beside what it is for', () => {
    const content = { ...dishFrom('Dish\n1 carrot'), tools: ['Board', 'Board, wet cloth under it'] };
    const [board, ...others] = toolsList({ dishes: [{ content, stations: 3, portions: 0 }], cards: new Map(), kitchen: null });
    expect([board!.name, board!.count, board!.because, others]).toEqual(['board', 3, ['Dish', 'Dish (wet cloth under it)'], []]);
  });
});

describe('several of a tool at a station', () => {
  it('are counted each: two bowls at seven stations are fourteen, of twelve that the kitchen has', () => {
    const cards = new Map([['peel', { name: 'Peel', tools: ['two bowls', '3 trays, lined'] }]]);
    const content = dishFrom('Salad\n1 carrot\n\nMethod\nPeel the carrot.');
    const method = content.method.map((step) => ({ ...step, techniqueIds: ['peel'] }));
    const kitchen = { ...EMPTY_KITCHEN, tools: [{ name: 'bowls', count: 12 }] };
    const needs = toolsList({ dishes: [{ content: { ...content, method }, stations: 7, portions: 0 }], cards, kitchen });
    expect(needs.map(({ name, count, aStation, has, short }) => [name, count, aStation, has, short])).toEqual([
      ['bowl', 14, 2, 12, 2],
      ['tray', 21, 3, null, 0],
    ]);
  });
});

describe('minutes of preparation', () => {
  // Two techniques in one dish: the onion's is introduced, the carrot's practised by three quarters of the class.
  const read = dishFrom('Dish\nserves 1\n100 g onion\n100 g carrot\nMethod\n1. Slice the onion.\n2. Dice the carrot.');
  const dish = { ...read, method: read.method.map((step, at) => ({ ...step, techniqueIds: [['bulb'], ['dice']][at]! })) };
  const input: OrderInput = { plan: ALONE, dishes: [{ editionId: 'e', content: dish }], preparations: new Map() };
  const of = (purpose: 'introduce' | 'practise' | 'assess', by: 'team' | 'technician' = 'team') => {
    const practice = { purposes: new Map([['bulb', purpose]] as const), practised: new Map([['dice', 0.75]]) };
    const { items } = preparationList(input, { practice, by });
    return (item: string, action: string) =>
      items.find((each) => each.item === item)?.tasks.find((task) => task.action === action)!.minutes;
  };
  it('follow where the class stands with the techniques of the steps that ask for it', () => {
    const [introduced, assessed] = [of('introduce'), of('assess')];
    const onion = introduced('onion', 'cut')!;
    expect(onion.planned).toBe(onion.novice);
    expect(assessed('onion', 'cut')!.planned).toBe(assessed('onion', 'cut')!.practised);
    const carrot = introduced('carrot', 'cut')!;
    // A quarter of the way from practised to novice, rounded up.
    expect(carrot.planned).toBeGreaterThan(carrot.practised);
    expect(carrot.planned).toBeLessThanOrEqual(Math.ceil(carrot.practised + (carrot.novice - carrot.practised) / 4));
  });
});
