import { expectHonest } from './told';
import { describe, expect, it } from 'vitest';
import {
  calculate,
  CALCULATORS,
  carryInto,
  exact,
  initialValues,
  scaleDish,
  type Answer,
  type NumberInput,
  type CalculatorContext,
  type CalculatorKey,
  words,
  shownOf,
  addends,
  exactly,
  HOUSE_PREFERENCES,
} from '../src';
import { dishFrom } from './helpers';

const NONE: CalculatorContext = { practices: {}, rules: {}, cutSet: null };

function ask(key: CalculatorKey, values: Record<string, string> = {}, context = NONE): Answer {
  const result = calculate(key, { ...initialValues(key, context), ...values }, context);
  if (result.kind === 'refused') throw new Error(`${result.field}: ${words(result.problem)}`);
  return result;
}
const shown = (result: Answer) => Object.fromEntries(result.figures.map((figure) => [words(figure.label), shownOf(figure)]));
const refused = (key: CalculatorKey, values: Record<string, string>, context = NONE) => {
  const result = calculate(key, { ...initialValues(key, context), ...values }, context);
  return result.kind === 'refused' ? result.field : null;
};
let next = 0;
const newId = () => `c${(next += 1)}`;

describe('every calculator', () => {
  const keys = Object.keys(CALCULATORS) as CalculatorKey[];
  it.each(keys)('%s answers from its starting values, with working, source, limits', (key) => {
    const result = ask(key);
    expect(result.figures.length).toBeGreaterThan(0);
    expect(result.limits.length * result.sources.length * result.cautions.length).toBeGreaterThan(0);
    for (const figure of result.figures) {
      expect(addends(figure).length).toBeGreaterThan(0);
      expectHonest(figure);
    }
  });

  it.each(keys)('%s names the field and the remedy for anything typed wrong', (key) => {
    const input = CALCULATORS[key].inputs(NONE).find((each) => each.kind === 'number' && each.initial !== undefined) as NumberInput;
    for (const bad of ['', 'abc', '-99999', '1e9', '9'.repeat(40), '=1+1', '<b>']) {
      const result = calculate(key, { ...initialValues(key, NONE), [input.key]: bad }, NONE);
      expect(result).toMatchObject({ kind: 'refused', field: input.key, remedy: { code: 'do.give-between', unit: input.unit } });
    }
  });

  it.each(keys)('%s can be carried into a dish that still scales, once the practice it goes by is chosen', (key) => {
    const { lines, step } = ask(key, {}, { ...NONE, practices: { 'edge-angle': '20', resting: 'by-cut', 'boiling-salt': 'light' } });
    expect(lines.length + (step ? 1 : 0)).toBeGreaterThan(0);
    const dish = dishFrom('200 g barley\n\nMethod\n\n1. Boil the barley.');
    const carried = carryInto(dish, { from: CALCULATORS[key].name, lines, step, techniqueId: 't1' }, null, newId);
    expect(carried.components[0]!.lines).toHaveLength(1 + lines.length);
    expect(carried.method).toHaveLength(dish.method.length + (step ? 1 : 0));
    expect(scaleDish(carried, exact(3)).components[0]!.rows.every((row) => row.figure !== null)).toBe(true);
  });
});

describe('the spine over the stone', () => {
  it('is the width of the blade by the sine of the angle, less half the spine', () => {
    // 45 mm × sin 20° = 15.39 mm; 1 mm × cos 20° = 0.94 mm
    expect(shown(ask('spine', { angle: '20' }))).toEqual({
      'Underside of the spine over the stone': '14.5 mm',
      'Middle of the spine over the stone': '15.4 mm',
    });
  });
  it('shows every practice when nobody has chosen, and follows the one in force', () => {
    expect(ask('spine').figures).toHaveLength(3);
    expect(ask('spine').practice).toEqual({ code: 'practice-open', matter: 'edge-angle' });
    const school = { ...NONE, practices: { 'edge-angle': '15' } };
    expect(shown(ask('spine', {}, school))['Middle of the spine over the stone']).toBe('11.6 mm');
    expect(refused('spine', { blade: '6', thickness: '7', angle: '20' })).toBe('thickness');
  });
});

describe('brine, cure and syrup', () => {
  it('take percent of the water, or of water and food', () => {
    expect(shown(ask('brine', { water: '2000', percent: '5' }))).toEqual({
      Salt: '100 g',
      'Salt in it at rest, food and water alike': '3.4 %',
    });
    expect(shown(ask('brine', { way: 'both', water: '2000', food: '800', percent: '2' })).Salt).toBe('56 g');
    expect(refused('brine', { way: 'both', food: '0' })).toBe('food');
  });
  it('carry salt that follows the water when the dish grows', () => {
    const { lines, step } = ask('brine', { way: 'both', water: '2000', food: '800', percent: '2' });
    const dish = carryInto(dishFrom('1 onion'), { from: 'Brine', lines, step, techniqueId: null }, null, newId);
    const [, water, salt] = scaleDish(dish, exact(2)).components[0]!.rows;
    expect([shownOf(water!.figure!), shownOf(salt!.figure!)]).toEqual(['4 kg', '112 g']);
    expect(dish.components[0]!.lines[2]!.scaling).toMatchObject({ kind: 'percentOf', percent: '14/5' });
  });
  it('warns that a cure does not kill parasites, and brings the rule', () => {
    const fish = ask('cure', { food: '900', salt: '3', sugar: '0' });
    expect(shown(fish)).toEqual({ Salt: '27 g', 'Salt in it at rest, food and water alike': '2.9 %' });
    expect(fish.cautions.map((caution) => words(caution)).join(' ')).toContain('parasites');
    expect(fish.rules).toContain('raw-fish-freezing');
    expect(ask('cure', { what: 'vegetable' }).rules).not.toContain('raw-fish-freezing');
  });
  it('makes a syrup and mends one that is too strong or too weak', () => {
    expect(shown(ask('syrup', { total: '600', percent: '50' }))).toEqual({ Sugar: '300 g', Water: '300 g' });
    expect(shown(ask('syrup', { percent: '50', reading: '60', inHand: '500' }))['Water to add']).toBe('100 g');
    expect(shown(ask('syrup', { percent: '50', reading: '40', inHand: '500' }))['Sugar to add']).toBe('100 g');
    expect(refused('syrup', { reading: '40' })).toBe('inHand');
  });
});

describe('salt in boiling water', () => {
  const light = { ...NONE, practices: { 'boiling-salt': 'light' } };
  it('goes by the practice in force, and shows each where nobody has chosen', () => {
    expect(shown(ask('boiling', { water: '4000' }, light))).toEqual({ Salt: '40 g' });
    expect(shown(ask('boiling', { water: '4000' }, { ...NONE, practices: { 'boiling-salt': 'sea' } }))).toEqual({ Salt: '120 g' });
    const open = ask('boiling', { water: '4000' });
    expect(shown(open)).toEqual({ 'Salt, 1 %': '40 g', 'Salt, 3 %': '120 g' });
    expect([open.practice, open.lines]).toEqual([{ code: 'practice-open', matter: 'boiling-salt' }, []]);
  });
  it('tells what the water kept for a sauce brings along', () => {
    // 40 g in 4040 g of salted water: 101 g of it holds 1 g.
    expect(shown(ask('boiling', { water: '4000', kept: '404' }, light))['Salt the sauce gets from it']).toBe('4 g');
    expect(refused('boiling', { water: '4000', kept: '4001' }, light)).toBe('kept');
  });
});

describe('carried boiling water', () => {
  it('is filled by whole pots, and its salt follows', () => {
    const { lines, step } = ask('boiling', { water: '4000', percent: '1' });
    const dish = carryInto(dishFrom('Noodles for 4\n\n400 g noodles'), { from: 'Boiling', lines, step, techniqueId: null }, null, newId);
    const rows = (factor: number) => scaleDish(dish, exact(factor)).components[0]!.rows.map(({ figure }) => shownOf(figure!));
    expect(rows(1)).toEqual(['400 g', '4 kg', '40 g']);
    expect(rows(1.5)).toEqual(['600 g', '8 kg', '80 g']);
  });
});

describe('salt by weight', () => {
  it('is a percent of the food, less what salty things bring', () => {
    expect(shown(ask('seasoning', { food: '2500', percent: '1' }))).toEqual({ 'Salt to add': '25 g' });
    expect(shown(ask('seasoning', { food: '2500', percent: '1', salty: '200', strength: '2' }))).toEqual({ 'Salt to add': '21 g' });
  });
  it('adds none where there is enough already', () => {
    const miso = ask('seasoning', { food: '1000', percent: '1', salty: '100', strength: '12' });
    expect(shown(miso)).toEqual({ 'Salt to add': '0 g' });
    expect(miso.lines).toEqual([]);
    expect(words(miso.figures[0]!.notes[0]!)).toContain('add none');
  });
  it('asks for both measures of what is salty, or neither', () => {
    expect(refused('seasoning', { salty: '100' })).toBe('strength');
    expect(refused('seasoning', { strength: '2' })).toBe('salty');
    expect(refused('seasoning', { food: '100', salty: '101', strength: '2' })).toBe('salty');
  });
});

describe('a reduction', () => {
  it('tells where to stop, how salty it will be, and how long by the pan’s own rate', () => {
    const by = shown(ask('reduction', { start: '800', now: '600', fraction: '30', salt: '0.5', minutes: '10' }));
    // 20 ml a minute, 360 ml to go
    expect(by).toEqual({ 'Stop at': '240 ml', 'Salt when reduced': '1.67 %', 'Time to go': '18 min' });
  });
  it('estimates from the pan where nothing was measured, and says so', () => {
    const time = ask('reduction').figures.find(({ label }) => words(label) === 'Time to go')!;
    expect(time.estimate).toBe(true);
    const wide = ask('reduction', { pan: '34' }).figures.find(({ label }) => words(label) === 'Time to go')!;
    expect(exactly(wide).compare(exactly(time))).toBeLessThan(0);
    expect(refused('reduction', { start: '100', now: '200' })).toBe('now');
    // 1,500 ml to 40 % stop at 600 ml: 500 ml are 100 ml too far.
    expect(shown(ask('reduction', { start: '1500', now: '500', fraction: '40' }))['Water to give back: it went too far']).toBe('100 ml');
    expect(shown(ask('reduction', { start: '1500', now: '600', fraction: '40' }))['Water to give back: it went too far']).toBeUndefined();
  });
});

describe('gelatine', () => {
  it('goes by the square root of the bloom', () => {
    expect(shown(ask('gel'))).toMatchObject({ Gelatine: '7 g', Leaves: '3½ leaves' });
    expect(shown(ask('gel', { grade: 'powder', bloom: '50' })).Gelatine).toBe('14 g');
    expect(refused('gel', { grade: 'powder' })).toBe('bloom');
    expect(refused('gel', { alcohol: '45' })).toBe('alcohol');
  });
  it('sets firmer with more', () => {
    const grams = ['trembling', 'spoon', 'turned', 'cut'].map((firmness) => exactly(ask('gel', { firmness }).figures[0]!).valueOf());
    expect([...grams].sort((a, b) => a - b)).toEqual(grams);
  });
});

describe('puree and thickening', () => {
  it('gives a starchy vegetable more to drink than a watery one', () => {
    expect(shown(ask('puree', { kind: 'starchy' }))['Liquid, hot']).toBe('240 g');
    expect(shown(ask('puree', { kind: 'watery' }))['Liquid, hot']).toBe('102 g');
    expect(shown(ask('puree', { kind: 'middling' }))).toMatchObject({ Fat: '48 g', Puree: '800 g' });
  });
  it('cooks flour with as much fat, and uses half the cornflour', () => {
    expect(shown(ask('thickening', { starch: 'flour' }))).toEqual({ 'wheat flour, as a roux': '30 g', 'butter or oil': '30 g' });
    expect(shown(ask('thickening'))).toEqual({ cornflour: '15 g' });
    expect(shown(ask('thickening', { acid: 'yes' })).cornflour).toBe('16.5 g');
  });
});

describe('resting', () => {
  it('goes by the practice in force, and shows all while nobody has chosen', () => {
    const by = (practice: string) => shown(ask('resting', {}, { ...NONE, practices: { resting: practice } }));
    expect(by('share')).toEqual({ 'Rest at least': '10 min', 'Rest at most': '18 min' });
    expect(by('by-cut')).toEqual({ Rest: '6 min' });
    expect(by('peaked')['Core peaks at about']).toBe('59 °C');
    // 20 min of cooking, and a quarter more.
    expect(by('longer')).toEqual({ 'Rest at least': '20 min', 'Rest at most': '25 min' });
    expect(ask('resting').figures).toHaveLength(7);
    expect(ask('resting').step).toBeNull();
  });
  it('says when the core is under the local rule', () => {
    const [caution] = ask('resting').cautions;
    expect(words(caution!)).toContain('63 °C');
    expect(words(caution!, { ...HOUSE_PREFERENCES, temperature: 'fahrenheit' })).toContain(
      'peaks at about 138.2 °F, and the rule is 145.4 °F for 15 s',
    );
    expect(ask('resting', { core: '64' }).cautions[0]).toEqual({ code: 'calc.measure-thickest' });
    // 64 + 0.06 × 40 × (180 − 64) / 100 = 66.8: short of 70. From 68.5 it peaks at 71.2: over 70, but only for a moment.
    const poultry = (core: string) =>
      ask('resting', { food: 'core-poultry', core }, { ...NONE, rules: { 'core-poultry': 70, 'core-poultry-held': 120 } }).cautions[0];
    expect(poultry('64')).toMatchObject({ code: 'calc.will-not-reach', peak: { value: '334/5' }, need: { value: '70' }, seconds: 120 });
    expect(poultry('68.5')).toMatchObject({ code: 'calc.peak-is-a-moment', peak: { value: '356/5' } });
  });
  it('compares the time it proposes with how long food may be neither hot nor cold', () => {
    const long = ask('resting', { cooked: '300' }, { ...NONE, practices: { resting: 'share' } }).cautions;
    expect(long.map(({ code }) => code)).toContain('calc.rests-too-long');
    expect(ask('resting').cautions.map(({ code }) => code)).not.toContain('calc.rests-too-long');
  });
});

describe('pieces of a vegetable', () => {
  it('come with the trim, and with how many vegetables to buy', () => {
    const by = shown(
      ask('pieces', { shape: 'block', length: '100', thick: '10', thin: '10', cut: 'julienne', needed: '60', weight: '100' }),
    );
    expect(by).toMatchObject({ 'True pieces from one': '50', 'Needed for 60 pieces': '2', 'In true pieces': '100 %' });
    expect(refused('pieces', { thick: '10', thin: '20' })).toBe('thin');
    expect(refused('pieces', { cut: 'large-dice', length: '10' })).toBe('cut');
  });
});

describe('the cooling check', () => {
  it('meets, misses, or foretells', () => {
    const good = ask('cooling', { t0: '60', m1: '90', t1: '20', m2: '200', t2: '4' });
    expect(good.verdicts!.map(({ outcome }) => outcome)).toEqual(['met', 'met']);
    const slow = ask('cooling', { t0: '80', m1: '60', t1: '70', m2: '300', t2: '40' });
    expect(slow.verdicts!.map(({ outcome }) => outcome)).toEqual(['open', 'open']);
    expect(words(slow.verdicts![0]!.said)).toContain('late on the cautious count');
    expect(words(slow.verdicts![1]!.said)).toContain('too long');
    expect(refused('cooling', { m2: '20', t2: '30' })).toBe('m2');
    expect(refused('cooling', { m2: '60' })).toBe('t2');
  });
});
