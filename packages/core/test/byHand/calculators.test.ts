import { describe, expect, it } from 'vitest';
import {
  calculate,
  cutPieces,
  formulaDoubts,
  initialValues,
  longestTime,
  piecesOfSheet,
  readLine,
  readTyped,
  SHIPPED_BOOK,
  shownOf,
  words,
  type CalculatorKey,
} from '../../src';
import { dishFrom, withLine } from '../helpers';

/*
 * Figures that were worked out by hand beside the program, one row each. Whoever changes an arithmetic reads here what it has to give.
 */

describe('a typed number', () => {
  it.each([
    ['1,5', 1.5],
    ['1.5', 1.5],
    ['0,250', 0.25],
    ['1,500', 'either'],
    ['12,345', 'either'],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ['1 500', 1500],
    ["1'500", 1500],
    ['1,234,567', 1234567],
    ['−3', -3],
    ['1,50', 1.5],
    ['3,', 'none'],
    ['abc', 'none'],
    ['1.2.3', 'none'],
  ] as const)('%s is %s', (text, value) => {
    const read = readTyped(text);
    expect(read.kind === 'number' ? read.value.valueOf() : read.kind).toBe(value);
  });

  it('is asked about in a line, too', () => {
    expect(readLine('1,500 g flour')).toMatchObject({
      amount: { max: '1500' },
      certainty: 'doubtful',
      doubts: [{ code: 'which-comma', other: '1.5' }],
    });
    expect(readLine('1,5 kg flour').certainty).toBe('sure');
  });
});

describe('calculators', () => {
  const context = { practices: {}, rules: {}, cutSet: null };
  const ask = (key: CalculatorKey, values: Record<string, string>) =>
    calculate(key, { ...initialValues(key, context), ...values }, context);
  const figures = (key: CalculatorKey, values: Record<string, string>) => {
    const result = ask(key, values);
    if (result.kind === 'refused') return result.problem.code;
    return Object.fromEntries(result.figures.map((figure) => [words(figure.label), shownOf(figure)]));
  };
  it.each([
    // 5 % of the brine: 5 / 95 of 950 g of water.
    ['brine', { way: 'brine', water: '950', percent: '5', food: '0' }, { Salt: '50 g' }],
    ['brine', { way: 'water', water: '1000', percent: '36', food: '0' }, 'no.more-than-dissolves'],
    // 26 % of the brine is 35.1 of 100 water: it still dissolves, weighed in fives.
    ['brine', { way: 'brine', water: '1000', percent: '26', food: '0' }, { Salt: '350 g' }],
    ['brine', { way: 'brine', water: '1000', percent: '27', food: '0' }, 'no.more-than-dissolves'],
    // 100 g of salt in 2000 + 800 g: 100 / 2900 = 3.4 %.
    ['brine', { way: 'water', water: '2000', percent: '5', food: '800' }, { 'Salt in it at rest, food and water alike': '3.4 %' }],
    // 1 kg as bought leaves 800 g: 3 % is 24 g.
    ['cure', { food: '1000', weighed: 'bought', trim: '80', salt: '3', sugar: '0' }, { Salt: '24 g' }],
    ['cure', { food: '1000', weighed: 'bought', salt: '3' }, 'no.trim-unknown'],
    // 400 × 1.6 and 452 cm² × 0.004 × 14.
    [
      'grain',
      { grain: 'long', dry: '400', way: 'absorbed', lid: 'lid', across: '24', minutes: '14' },
      { Liquid: '665 g', 'Cooked it weighs': '1.04 kg' },
    ],
    ['grain', { grain: 'long', dry: '400', way: 'boiled', across: '24', minutes: '14' }, { Liquid: '4 kg' }],
    // 500 g at 1.2 are 416,667 mm³; 3 mm thin and 300 wide 463 long; less 5 all round 290 × 453: 3 × 5 of 80 + 3.
    [
      'sheet',
      {
        form: 'sheet',
        mass: '500',
        thick: '3',
        width: '300',
        cutter: 'square',
        across: '80',
        gap: '3',
        ends: '5',
        again: '0',
        plates: '30',
      },
      { 'Pieces a batch, at least': '15', 'Batches for 30 pieces': '2' },
    ],
    // 600 g in moulds of 45 g: 13.
    ['sheet', { form: 'mould', mass: '600', each: '45', plates: '48' }, { 'Pieces a batch, at least': '13', 'Batches for 48 pieces': '4' }],
    // A roll 50 mm across of 600 g is 255 mm long; less 10 it gives (245 + 1) / 11 = 22 slices.
    [
      'sheet',
      { form: 'roll', mass: '600', width: '50', thick: '10', gap: '1', ends: '5', plates: '22' },
      { 'Pieces a batch, at least': '22' },
    ],
    // What a batch really gave counts where it is less.
    [
      'sheet',
      { form: 'mould', mass: '600', each: '45', gave: '12', plates: '48' },
      { 'Pieces a batch, at least': '12', 'Pieces a batch, at most': '13' },
    ],
    ['sheet', { form: 'mould', each: '0' }, 'no.mould-unweighed'],
    ['brine', { water: '1,500' }, 'no.could-be-either'],
  ] as const)('%s %j', (key, values, expected) => {
    const found = figures(key, values as Record<string, string>);
    if (typeof expected === 'string') expect(found).toBe(expected);
    else expect(found).toMatchObject(expected);
  });

  it.each([
    // Rows of squares; rounds staggered where that holds more.
    [{ width: 300, length: 400 }, { round: false, across: 100, along: 100 }, 0, 12],
    [{ width: 300, length: 400 }, { round: false, across: 150, along: 100 }, 0, 8],
    [{ width: 100, length: 100 }, { round: true, across: 100, along: 100 }, 0, 1],
    // 5 × 5 in rows; staggered 5, 4, 5, 4, 5 make 23 only, and a sixth row does not fit: 25.
    [{ width: 100, length: 100 }, { round: true, across: 20, along: 20 }, 0, 25],
    // 10 × 10 in rows; eleven staggered rows of 10 and 9: 105.
    [{ width: 200, length: 200 }, { round: true, across: 20, along: 20 }, 0, 105],
    [{ width: 50, length: 50 }, { round: true, across: 80, along: 80 }, 0, 0],
  ] as const)('%j gives %j', (sheet, cutter, gap, pieces) => {
    expect(piecesOfSheet(sheet, cutter, gap)).toBe(pieces);
  });

  it.each([
    // Discs 25 mm across and 3 mm thick of a root 40 to 20 mm over 150 mm: it is 25 mm until 112.5 mm from the thick end: 37 slices.
    [{ shape: 'tapered', length: 150, thick: 40, thin: 20 }, { shape: 'round', length: 25, width: 25, thickness: 3 }, 37],
    // Balls of 20 mm from a ball of 60: middles lie within 20 mm of its middle. The middle layer is a circle of 60 and holds seven; the layers above and below have their middles 20 mm off it, one each.
    [{ shape: 'ball', diameter: 60 }, { shape: 'ball', length: 20, width: 20, thickness: 20 }, 9],
    // Two of 25 mm from a ball of 50, one behind the other: their middles are 12.5 mm off its own, which is all the room there is.
    [{ shape: 'ball', diameter: 50 }, { shape: 'ball', length: 25, width: 25, thickness: 25 }, 2],
    // Balls of 30 mm from a ball of 100: three layers, middles within 35 mm. Middle: a circle of 100 is 3.33 across, 8. Off by 30: √(35² − 30²) = 18.03, a circle of 66.1, 2.2 across, 3 each.
    [{ shape: 'ball', diameter: 100 }, { shape: 'ball', length: 30, width: 30, thickness: 30 }, 14],
    // Balls of 20 mm from a root 40 to 20 mm over 100 mm: 38, 34, 30, 26 and 22 mm at their middles, less 2 × 10 × 0.005: one each.
    [{ shape: 'tapered', length: 100, thick: 40, thin: 20 }, { shape: 'ball', length: 20, width: 20, thickness: 20 }, 5],
    // The same root 60 to 40 mm: 58, 54, 50, 46, 42: 2.9, 2.7, 2.5, 2.3 and 2.1 across, less 0.005: 5, 4, 4, 3, 2.
    [{ shape: 'tapered', length: 100, thick: 60, thin: 40 }, { shape: 'ball', length: 20, width: 20, thickness: 20 }, 18],
    // Barrels 20 mm across and 50 mm long from a block of 100 × 60 × 40: two lengths of 3 × 2.
    [{ shape: 'block', length: 100, width: 60, height: 40 }, { shape: 'barrel', length: 50, width: 20, thickness: 20 }, 12],
  ] as const)('%j gives %j: %i', (vegetable, cut, pieces) => {
    expect(cutPieces(vegetable, cut).pieces).toBe(pieces);
  });
});

describe('does this formula look right', () => {
  it.each([
    ['Loaf\nserves 8\n500 g bread flour\n7 g yeast\n10 g salt\n325 g water', []],
    // 100 g for 10 g: a decimal point.
    ['Loaf\nserves 8\n500 g bread flour\n7 g yeast\n100 g salt\n325 g water', ['salt in a bread dough']],
    ['Loaf\nserves 8\n500 g bread flour\n70 g yeast\n10 g salt\n325 g water', ['dried yeast in a bread dough']],
    ['Loaf\nserves 8\n500 g bread flour\n7 g yeast\n10 g salt\n3250 g water', ['liquid in a bread dough']],
    ['Pastry\nserves 8\n250 g flour\n125 g butter\n60 g water', []],
    ['Pastry\nserves 8\n250 g flour\n125 g butter\n600 g water', ['liquid in a short pastry']],
    ['Brine\nserves 1\n1000 g water\n500 g salt', ['salt in a brine, of the water']],
    ['Set cream\nserves 4\n500 ml cream\n5 g leaf gelatine', []],
    ['Set cream\nserves 4\n500 ml cream\n50 g leaf gelatine', ['gelatine for the liquid']],
    ['Vinaigrette\nserves 4\n90 ml oil\n300 ml vinegar', ['vinegar or juice in a dressing, of the oil']],
    ['Sponge\nserves 8\n200 g flour\n200 g sugar\n2 tbsp baking powder', ['baking powder for the flour']],
    ['Soup\nserves 4\n1 l water\n10 g salt', []],
    // Butter to liquid: 100 g to 250 is 40 %, a kilogram 400 %.
    ['Choux\nserves 8\n250 ml water\n100 g butter\n150 g flour\n4 eggs', []],
    ['Choux\nserves 8\n250 ml water\n1 kg butter\n150 g flour\n4 eggs', ['butter in a choux paste, of the liquid']],
    // 125 g to 250 g is half; 12 g is a slip although it is no longer short.
    ['Shortcrust\nserves 8\n250 g flour\n12 g butter\n60 ml water', ['butter in a short pastry']],
    ['Puff pastry\nserves 8\n500 g flour\n500 g butter\n250 ml water', []],
    // A sauce bound with butter and flour is no pastry.
    ['Sauce\nserves 6\n500 ml milk\n40 g butter\n40 g flour', []],
    ['Béchamel\nserves 6\n500 ml milk\n400 g butter\n400 g flour', ['flour in a bound sauce, of the liquid']],
    ['Meringue\nserves 8\n120 g egg whites\n240 g sugar', []],
    ['Meringue\nserves 8\n120 g egg whites\n24 g sugar', ['sugar in a meringue, of the egg white']],
    ['Mayonnaise\nserves 8\n2 egg yolks\n3 l oil', ['oil in a mayonnaise, of the egg']],
    ['Custard\nserves 6\n500 ml milk\n6 egg yolks\n1 kg sugar', ['sugar in a custard, of the milk and cream']],
  ] as const)('%j: %j', (text, what) => {
    expect(formulaDoubts(dishFrom(text)).map(({ said }) => (said.code === 'formula-outside' ? said.what : ''))).toEqual(what);
  });

  it.each([
    // [step, share its line leaves, what the step leaves if that is asked about]
    ['Reduce the stock by two thirds.', '2/3', '33 %'],
    ['Reduce the stock by two-thirds.', '1/3', null],
    ['Boil it down to a quarter.', '3/4', '25 %'],
    ['Boil it down to a quarter.', '1/4', null],
    ['Simmer until reduced by 75 %.', '3/4', '25 %'],
    ['Simmer until reduced by about a third.', '1/3', '67 %'],
    ['Reduce to 1/3 and pass.', '2/3', '33 %'],
    ['Reduce by half.', '1/2', null],
    ['Reduce the heat by a third.', '2/3', null],
    // Neither way round: nothing to ask.
    ['Reduce by a quarter.', '1/2', null],
  ] as const)('"%s" beside a line that leaves %s: by for to', (text, fraction, leaves) => {
    const dish = withLine(dishFrom(`Sauce\nserves 4\n1 l stock\n\nMethod\n1. ${text}`), 'stock', {
      yields: [{ kind: 'reduction', fraction }],
    });
    const said = formulaDoubts(dish).map((doubt) => words(doubt.said));
    expect(said).toEqual(leaves === null ? [] : [expect.stringContaining(`leaves ${leaves}. Could it be "by" for "to"?`)]);
  });

  it('asks for the likeliest slip', () => {
    const slipIn = (text: string) => words(formulaDoubts(dishFrom(text))[0]!.said);
    expect(slipIn('Loaf\nserves 8\n500 g bread flour\n7 g yeast\n100 g salt\n325 g water')).toBe(
      'Is this right? 20 % salt in a bread dough; 1 % to 2.8 % is usual. Could it be a decimal point one place to the right?',
    );
    expect(slipIn('Sponge\nserves 8\n200 g flour\n200 g sugar\n2 tbsp baking powder')).toContain(
      'Could it be a tablespoon for a teaspoon?',
    );
    expect(slipIn('Vinaigrette\nserves 8\n50 ml olive oil\n150 ml sherry vinegar')).toContain('the two amounts the wrong way round?');
    expect(slipIn('Brine\nserves 8\n2 l water\n160 mg salt')).toContain('milligrams for grams?');
  });

  it('knows each band that it names, with a source', () => {
    expect(SHIPPED_BOOK.find('bread flour')!.name).toBe('flour');
    expect(longestTime({ text: 'rest overnight', minutes: 30 })).toBe(720);
  });
});
