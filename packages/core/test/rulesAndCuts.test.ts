import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  checkCooling,
  checkCore,
  checkCutSet,
  checkRuleValue,
  checkValue,
  cutPieces,
  dishRuleNotices,
  HOUSE_PREFERENCES,
  matPages,
  RULE_KEYS,
  RULE_SPECS,
  SHIPPED_CUT_SETS,
  showCut,
  showRule,
  toSvg,
  words,
  type Drawing,
} from '../src';
import { dishFrom } from './helpers';

describe('local rules', () => {
  it('each have a source, a default inside their span, and keep their order', () => {
    for (const key of RULE_KEYS) {
      expect(RULE_SPECS[key].source.length).toBeGreaterThan(10);
      expect(checkRuleValue(key, RULE_SPECS[key].value, {})).toBeNull();
    }
  });
  it('refuse a slip of the keyboard and an order that cannot be', () => {
    expect(words(checkRuleValue('hot-holding', 630, {})!.remedy)).toBe('Give 54 to 80 °C.');
    expect(words(checkRuleValue('cooling-first', 180, { 'cooling-total': 120 })!.problem)).toContain('would not be below');
    expect(checkRuleValue('reheating', NaN, {})).not.toBeNull();
  });
  it('say in words what holds', () => {
    expect(showRule('hot-holding', {})).toBe('Hot holding: at least 63 °C');
    expect(showRule('raw-fish-freezing', {})).toBe('Frozen at, in all parts: at most −20 °C');
    expect(showRule('chilled-life', {})).toBe('Cooked food kept chilled: at most 3 days');
    expect(showRule('cooling-first', { 'cooling-first': 90 })).toBe('Time for the first stage: at most 90 min');
  });
  it('say what was measured and which rule it met or missed, never that food is safe', () => {
    const verdict = checkValue('core-poultry', 71, {});
    expect(verdict.outcome).toBe('missed');
    expect(words(verdict.said)).toBe('71 °C measured. Missed: Poultry: at least 75 °C.');
    expect(words(verdict.said, { ...HOUSE_PREFERENCES, temperature: 'fahrenheit' })).toBe(
      '159.8 °F measured. Missed: Poultry: at least 167 °F.',
    );
    expect(JSON.stringify(verdict)).not.toMatch(/\bsafe\b/);
  });
  it('count time at temperature only where that practice is in force', () => {
    const core = (heldMinutes: number | null, byTime: boolean) =>
      checkCore('core-poultry', { celsius: 66, heldMinutes, byTime }, {}).outcome;
    expect([core(12, false), core(12, true), core(5, true), core(null, true)]).toEqual(['missed', 'met', 'missed', 'open']);
    expect(checkCore('core-poultry', { celsius: 58, heldMinutes: 900, byTime: true }, {}).outcome).toBe('missed');
  });
});

describe('a cooling curve', () => {
  it('is counted from the start temperature, however hot the first reading', () => {
    const check = checkCooling(
      [
        { minutes: 0, celsius: 90 },
        { minutes: 30, celsius: 60 },
        { minutes: 120, celsius: 21 },
        { minutes: 300, celsius: 5 },
      ],
      {},
    );
    expect([check.first, check.total]).toEqual([90, 270]);
    expect(check.verdicts.map(({ outcome }) => outcome)).toEqual(['met', 'met']);
  });
  it('meets the rule exactly at its limit', () => {
    const at = (minutes: number) =>
      checkCooling(
        [
          { minutes: 0, celsius: 60 },
          { minutes, celsius: 21 },
        ],
        {},
      ).verdicts[0]!.outcome;
    expect([at(120), at(120.5)]).toEqual(['met', 'missed']);
  });
  it('foretells by Newton’s law: half the difference in each equal time', () => {
    const check = checkCooling(
      [
        { minutes: 0, celsius: 59 },
        { minutes: 40, celsius: 31 },
      ],
      {},
      3,
    );
    // 56 → 28 in 40 min; to 2 above 3 °C takes log2(56 / 2) × 40 min
    expect(check.expected).toBeCloseTo(Math.log2(28) * 40, 5);
  });
  it('never tells a crossing earlier than a curve of Newton has it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.004, max: 0.05, noNaN: true }), fc.integer({ min: 5, max: 40 }), (rate, every) => {
        const readings = Array.from({ length: 200 }, (_, index) => ({
          minutes: index * every,
          celsius: 3 + 57 * Math.exp(-rate * index * every),
        }));
        const truth = Math.log(57 / 18) / rate;
        expect(checkCooling(readings, {}).first!).toBeGreaterThanOrEqual(truth - 1e-6);
      }),
    );
  });
  it('refuses one reading, or readings that go back in time', () => {
    expect(() => checkCooling([{ minutes: 0, celsius: 60 }], {})).toThrow(RangeError);
    expect(() =>
      checkCooling(
        [
          { minutes: 5, celsius: 60 },
          { minutes: 5, celsius: 50 },
        ],
        {},
      ),
    ).toThrow(RangeError);
  });
});

describe('a dish beside the local rules', () => {
  const dish = dishFrom('1 l stock\n20 sage leaves\n\nMethod\n\n1. Cool it for 8 hours.\n2. Deep-fry the sage at 190 °C for 1 minute.');
  it('names what it plans against them', () => {
    const kept = { ...dish, components: dish.components.map((each) => ({ ...each, keeps: [{ store: 'chilled' as const, hours: 120 }] })) };
    expect(dishRuleNotices(kept, {}).map(({ rule }) => rule)).toEqual(['chilled-life', 'cooling-total', 'frying-fat']);
    expect(dishRuleNotices(kept, { 'chilled-life': 168, 'frying-fat': 195, 'cooling-total': 480 })).toEqual([]);
  });
});

describe('named cuts', () => {
  it('ship in more than one tradition, each sound', () => {
    expect(SHIPPED_CUT_SETS.length).toBeGreaterThanOrEqual(3);
    for (const set of SHIPPED_CUT_SETS) {
      expect(checkCutSet(set)).toEqual([]);
      expect(new Set(set.cuts.map(({ key }) => key)).size).toBe(set.cuts.length);
    }
  });
  it('are refused with the field when they cannot be', () => {
    const [set] = SHIPPED_CUT_SETS;
    const wrong = { ...set!, cuts: [{ ...set!.cuts[0]!, tolerance: 5, lengthTolerance: 9 }] };
    expect(checkCutSet(wrong).map(({ field }) => field)).toEqual(['cuts.0.tolerance', 'cuts.0.lengthTolerance']);
  });
  it('are said in words', () => {
    expect(SHIPPED_CUT_SETS[0]!.cuts.filter(({ key }) => ['brunoise', 'julienne', 'rounds'].includes(key)).map(showCut)).toEqual([
      '2 mm cube',
      '2 × 2 × 50 mm',
      '3 mm thick, 25 mm across',
    ]);
  });
});

describe('pieces from a vegetable', () => {
  const stick = { length: 50, width: 2, thickness: 2 };
  it('fill a block exactly', () => {
    expect(cutPieces({ shape: 'block', length: 100, width: 10, height: 10 }, stick)).toMatchObject({ pieces: 50, used: 1 });
  });
  it('never fill a round thing, and more pieces come from a larger one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 90 }), fc.integer({ min: 1, max: 12 }), (diameter, side) => {
        const cut = { length: side, width: side, thickness: side };
        const small = cutPieces({ shape: 'ball', diameter }, cut);
        const cylinder = cutPieces({ shape: 'tapered', length: diameter, thick: diameter, thin: diameter }, cut);
        expect(small.pieces * small.pieceVolume).toBeLessThanOrEqual(small.vegetableVolume * (1 + 1e-9));
        expect(cylinder.pieces * cylinder.pieceVolume).toBeLessThanOrEqual(cylinder.vegetableVolume * (1 + 1e-9));
        expect(cylinder.pieces).toBeGreaterThanOrEqual(small.pieces);
      }),
    );
  });
  it('refuse a measure that is no measure', () => {
    expect(() => cutPieces({ shape: 'ball', diameter: 0 }, stick)).toThrow(RangeError);
  });
});

describe('the mat', () => {
  const numbers = (page: Drawing) => page.shapes.flatMap((shape) => (shape.kind === 'path' ? [shape.d] : []));
  it('draws every cut at its true size on A4 and Letter, within the paper', () => {
    for (const set of SHIPPED_CUT_SETS)
      for (const paper of ['A4', 'LETTER'] as const) {
        const pages = matPages(set, paper);
        const texts = pages.flatMap((page) => page.shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : [])));
        for (const cut of set.cuts) expect(texts).toContain(cut.name);
        for (const page of pages)
          for (const d of numbers(page)) {
            const [x, y] = /^M([\d.]+) ([\d.]+)/.exec(d)!.slice(1).map(Number) as [number, number];
            expect(x).toBeLessThan(page.width);
            expect(y).toBeLessThan(page.height);
          }
      }
  });
  it('has the nominal outline and a ruler of a hundred millimetres', () => {
    const [page] = matPages(SHIPPED_CUT_SETS[1]!, 'A4');
    expect(numbers(page!).some((d) => /M12 [\d.]+L112 /.test(d))).toBe(true);
    expect(numbers(page!).some((d) => d.includes('h6.4v6.4h-6.4Z'))).toBe(true);
    expect(toSvg(page!)).toContain('viewBox="0 0 210 297"');
  });
});
