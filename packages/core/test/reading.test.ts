import { describe, expect, it } from 'vitest';
import { minutesIn, readLine, readRecipe, showAmount, type ScalingKind, words } from '../src';
import { FENNEL } from './fennel';

/** written | amount | item | preparation | rule */
const LINES: readonly (readonly [string, string, string, string, ScalingKind])[] = [
  ['Flour 250 g', '250 g', 'Flour', '', 'proportional'],
  ['Butter: 125g, cold', '125 g', 'Butter', 'cold', 'proportional'],
  ['250g/9oz plain flour', '250 g', 'plain flour', '', 'proportional'],
  ['2 x 400g tins chickpeas, drained', '2 tins', 'chickpeas', 'drained', 'proportional'],
  ['one 400 g tin of tomatoes', '1 tin', 'tomatoes', '', 'proportional'],
  ['1 cup plus 2 tbsp flour', '1⅛ cups', 'flour', '', 'proportional'],
  ['2 lb 4 oz plums', '2¼ lb', 'plums', '', 'proportional'],
  ['1 litre plus 100 ml stock', '1.1 l', 'stock', '', 'proportional'],
  ['a knob of butter', '1 knob', 'butter', '', 'proportional'],
  ['pinch of salt', '1 pinch', 'salt', '', 'proportional'],
  ['about 30 g hazelnuts', 'about 30 g', 'hazelnuts', '', 'proportional'],
  ['1 large onion, finely diced', '1', 'onion', 'finely diced', 'shared'],
  ['2 garlic cloves, crushed', '2 cloves', 'garlic', 'crushed', 'shared'],
  ['half a lemon', '½', 'lemon', '', 'shared'],
  ['zest and juice of 2 limes', '2', 'limes', 'zest and juice', 'shared'],
  ['Juice 1 lemon', '1', 'lemon', 'juice', 'shared'],
  ['1,5 kg waxy potatoes', '1.5 kg', 'waxy potatoes', '', 'proportional'],
  ['2 tablespoons of caster sugar', '2 tbsp', 'caster sugar', '', 'proportional'],
  ['¼ tsp cayenne', '¼ tsp', 'cayenne', '', 'tapered'],
  ['½ bunch of chives, snipped', '½ bunch', 'chives', 'snipped', 'proportional'],
  ['2 cloves', '2', 'cloves', '', 'wholeEach'],
  ['5-6 large basil leaves', '5–6 leaves', 'basil', '', 'wholeEach'],
  ['12 to 14 small shallots, peeled', '12–14', 'shallots', 'peeled', 'shared'],
  ['1 cinnamon stick', '1 stick', 'cinnamon', '', 'shared'],
  ['1 bouquet garni', '1', 'bouquet garni', '', 'onceAMaking'],
  ['30 ml (2 tbsp) oil', '30 ml', 'oil', '', 'proportional'],
  ['4 tbsp chopped parsley', '4 tbsp', 'parsley', 'chopped', 'proportional'],
  ['• 1 1⁄2 cups milk', '1½ cups', 'milk', '', 'proportional'],
  ['2 Tbsp. soy sauce', '2 tbsp', 'soy sauce', '', 'proportional'],
];

describe('an ingredient line', () => {
  it.each(LINES)('reads "%s" as %s of %s', (written, amount, item, preparation, rule) => {
    const read = readLine(written);
    expect(read.amount && showAmount(read.amount)).toBe(amount);
    expect([read.item, read.preparation, read.scaling.kind, read.certainty]).toEqual([item, preparation, rule, 'sure']);
    expect(read.written).toBe(written);
  });

  it.each([
    ['Oil for frying', /How much/],
    ["some of yesterday's brine", /How much/],
    ['3 glugs olive oil', /Is "glugs" a unit/],
    ['2 flour', /of what/],
    ['2% salt', /% of what/],
    ['-3 g salt', /negative/],
    ['0 lemons', /How much/],
    ['200 g', /Of what/],
    ['???', /could be read|How much/],
  ])('holds "%s" and asks', (written, question) => {
    const read = readLine(written);
    expect(read.certainty).toBe('held');
    expect(read.doubts.map((doubt) => words({ code: 'doubt', doubt })).join(' ')).toMatch(question);
  });

  it('asks which one when a line names alternatives, and when two systems disagree', () => {
    expect(readLine('2 carrots or parsnips').certainty).toBe('doubtful');
    expect(readLine('250 g (3 oz) flour').doubts).toEqual([{ code: 'amounts-disagree' }]);
    expect(readLine('100 g (3½ oz) flour').certainty).toBe('sure');
  });
});

/** written | amount | item | preparation: as it is said aloud, or with the amount and what is done where they seldom stand. */
const SAID_OTHERWISE: readonly (readonly [string, string, string, string])[] = [
  ['one hundred and fifty grams of sugar', '150 g', 'sugar', ''],
  ['a hundred grams of butter', '100 g', 'butter', ''],
  ['two hundred and five millilitres of milk', '205 ml', 'milk', ''],
  ['twenty-five grams of yeast', '25 g', 'yeast', ''],
  ['fifteen prunes', '15', 'prunes', ''],
  ['two to three carrots', '2–3', 'carrots', ''],
  ['star anise (2)', '2', 'star anise', ''],
  ['Plums (1 kg)', '1 kg', 'Plums', ''],
  ['leeks, 12 medium, trimmed to the length of the mould', '12', 'leeks', 'trimmed to the length of the mould'],
  ['waxy potatoes, 1 kg, boiled, sliced 5 mm', '1 kg', 'waxy potatoes', 'boiled, sliced 5 mm'],
  ['Walnuts - a cup', '1 cup', 'Walnuts', ''],
  ['Garlic - 1 fat clove', '1 clove', 'Garlic', ''],
  ['1 red onion cut into wedges', '1', 'red onion', 'cut into wedges'],
  ['1.2 kg ripe tomatoes halved', '1.2 kg', 'ripe tomatoes', 'halved'],
  ['6 cloves garlic unpeeled', '6 cloves', 'garlic', 'unpeeled'],
  ['2 ea garlic cloves', '2 cloves', 'garlic', ''],
  ['2 x onion', '2', 'onion', ''],
  ['225 g self-raising flour   [ ]', '225 g', 'self-raising flour', ''],
  ['1/2 lemon, juice of', '½', 'lemon', 'juice'],
  ['thumb-sized piece ginger, grated', '1 thumb', 'ginger', 'grated'],
  ['Cayenne a pinch', '1 pinch', 'Cayenne', ''],
  ['400g can of cannellini beans, drained weight 240g', '1 tin', 'cannellini beans', ''],
  ['340 g tin sweetcorn, drained', '1 tin', 'sweetcorn', 'drained'],
  ['250 ml carton double cream', '250 ml', 'double cream', ''],
  ['7g sachet fast-action dried yeast', '7 g', 'fast-action dried yeast', ''],
  ['1 pkg (8 oz) cream cheese', '1 packet', 'cream cheese', ''],
  ['2 cucumbers sliced thin as you can', '2', 'cucumbers', 'sliced thin as you can'],
  ['Lemon 2 no', '2', 'Lemon', ''],
];

describe('a line that is said otherwise', () => {
  it.each(SAID_OTHERWISE)('%s', (line, said, item, preparation) => {
    const read = readLine(line);
    expect([read.amount && showAmount(read.amount), read.item, read.preparation]).toEqual([said, item, preparation]);
  });

  it.each([
    // [line, as it is read, whether it is asked about]
    ['1.500 g flour', '1500', true],
    ['2.250 ml stock', '2250', true],
    ['1.500 kg flour', '3/2', false],
    ['0.500 g saffron', '1/2', false],
    ['1 000 g flour', '1000', false],
    ['1’000 g flour', '1000', false],
    ['2 400 g tins tomatoes', '2', false],
  ])('%s is %s, asked about: %s', (line, value, asked) => {
    const { amount, doubts } = readLine(line);
    expect([amount?.max, doubts.some(({ code }) => code === 'which-comma')]).toEqual([value, asked]);
  });

  it.each(['Pomegranate molasses - 2 spoons', 'Mace 2 blades'])('asks what a measure nobody knows is: %s', (line) => {
    const { amount, certainty } = readLine(line);
    expect([amount?.max, certainty]).toEqual(['2', 'held']);
  });

  it('reads a length with a fraction in it, and what is drained of a tin', () => {
    const { size, amount, item } = readLine('2½-inch piece of ginger');
    expect([size, amount?.max, item]).toEqual(['2½ inch', '1', 'ginger']);
    const { one, oneIs } = readLine('400g can of cannellini beans, drained weight 240g');
    expect([one?.max, one?.unit, oneIs]).toEqual(['240', 'g', 'drained']);
  });

  it.each(['Shortcrust pastry made with 12 oz flour'])('asks what "%s" means', (line) => expect(readLine(line).certainty).not.toBe('sure'));

  it('takes what comes from a tin for no tin', () => expect(readLine('Juice from tin 500 ml').item).toBe('Juice from tin'));
});

describe('a pasted recipe', () => {
  const read = readRecipe(FENNEL);
  const lines = read.components.flatMap((component) => component.lines);

  it('has its title, portions and components', () => {
    expect([read.title, read.portions]).toEqual(['Braised fennel with saffron broth', 4]);
    expect(read.components.map(({ name, lines: own }) => [name, own.length])).toEqual([
      ['', 11],
      ['Crumb', 3],
    ]);
  });

  it('has every line read for sure', () => {
    expect(lines.map((line) => line.certainty)).toEqual(lines.map(() => 'sure'));
    expect(lines.map((line) => [line.amount && showAmount(line.amount), line.item, line.preparation, line.scaling.kind])).toEqual([
      ['4 bulbs', 'fennel', 'fronds kept', 'shared'],
      ['1½ tbsp', 'olive oil', '', 'proportional'],
      ['½ tsp', 'fennel seed', 'lightly crushed', 'proportional'],
      ['1 pinch', 'saffron', '', 'tapered'],
      ['150–200 ml', 'vegetable stock', '', 'proportional'],
      ['1 tin', 'plum tomatoes', 'drained', 'proportional'],
      ['2 oz', 'green olives', 'stoned and sliced', 'proportional'],
      ['3–4 sprigs', 'thyme', '', 'wholeEach'],
      ['⅓ cup', 'dry white wine', '', 'proportional'],
      ['1', 'lemon', 'juice', 'shared'],
      [null, 'salt', '', 'toTaste'],
      ['60 g', 'stale bread', '', 'proportional'],
      ['2 tbsp', 'flat parsley leaves', 'chopped', 'proportional'],
      ['1 clove', 'garlic', '', 'shared'],
    ]);
    expect(lines[0]).toMatchObject({ size: 'medium', one: { max: '250', unit: 'g', about: true } });
    expect(lines[1]!.note).toBe('plus extra to finish');
    expect(lines[5]!.one).toMatchObject({ max: '400', unit: 'g' });
  });

  it('finds headings without colons, the yield on its own line, and the method', () => {
    const other = readRecipe(
      'Warm lentil salad\n\nServes 6 as a starter\n\nIngredients\n300 g green lentils\nDRESSING\n3 tbsp sherry vinegar\n\nMethod\n1. Simmer the lentils for 20-25 minutes.\n2. Whisk the vinegar\nwith the oil.',
    );
    expect([other.title, other.portions]).toEqual(['Warm lentil salad', 6]);
    expect(other.components.map((component) => component.name)).toEqual(['', 'Dressing']);
    expect(other.method).toEqual([
      { text: 'Simmer the lentils for 20-25 minutes.', minutes: 25, component: null },
      { text: 'Whisk the vinegar with the oil.', minutes: null, component: null },
    ]);
  });

  it('takes a text without a title, and prose straight after the lines', () => {
    const bare = readRecipe('1 onion\n200g flour\nMix it all together with a spoon. Bake for 1 hour.');
    expect([bare.title, bare.portions, bare.components[0]!.lines.length]).toEqual(['', null, 2]);
    expect(bare.method[0]!.minutes).toBe(60);
  });

  it('takes a list for each pair for one', () => {
    const { components } = readRecipe(
      'Barley (serves 2)\nYou will need per pair: 140g pearl barley, 1 small onion, 700ml stock\n1. Sweat the onion.',
    );
    expect(components[0]!.lines.map(({ amount, item }) => [amount?.max, amount?.unit, item])).toEqual([
      ['140', 'g', 'pearl barley'],
      ['1', 'each', 'onion'],
      ['700', 'ml', 'stock'],
    ]);
  });

  it('has what is done behind dots and a comma, and a title that says what it gives', () => {
    const { title, components } = readRecipe('Sorrel sauce (yield 600 ml)\nButter ...... 40 g\nShallot ...... 60 g, ciselé\nReduce.');
    expect(title).toMatch(/^Sorrel sauce/);
    expect(components[0]!.lines.map(({ item, preparation }) => [item, preparation])).toEqual([
      ['Butter', ''],
      ['Shallot', 'ciselé'],
    ]);
  });

  it.each([
    '2. Char and peel the peppers. Toast the almonds.',
    '2. Butter and line the tins. Chill them.',
    '1 Salt and rinse the aubergines. Pat dry well.',
    '2. Top and tail the beans. Blanch.',
    '3. Batter and crumb the mushrooms. Fry in hot oil.',
    '2 Julienne celeriac and apple, drop straight into acidulated water',
    'Squeeze the carrots. Mix. Shallow fry by the spoonful.',
    'Oven 160 fan. Mix wet into dry. 23cm tin, 50 min.',
  ])('takes no step for an ingredient, whatever food its words name: %s', (step) => {
    const { components, method } = readRecipe(`Relish (serves 4)\n3 red peppers\n60 g almonds\nMethod\n1. Whisk.\n${step}\n3. Blend.`);
    expect(components.flatMap(({ lines }) => lines.map(({ written }) => written))).toEqual(['3 red peppers', '60 g almonds']);
    expect(method.length).toBeGreaterThanOrEqual(3);
  });

  it('never drops a line', () => {
    const strange = 'Odd dish\n@@@ ###\n12345678901 g salt\nxyzzy plugh\n1/0 cup milk';
    expect(readRecipe(strange).places.map(({ written }) => written)).toEqual(strange.split('\n'));
  });

  it('adds up the minutes of a step', () => {
    expect(minutesIn('Rest 10 min, then bake for 1 hour')).toBe(70);
    expect(minutesIn('Season well')).toBeNull();
  });
});
