import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  checkCooling,
  COOLING_SETS,
  coolingSetInForce,
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
    expect(words(checkRuleValue('hot-holding', 630, {})!.remedy)).toBe('Give 57 to 80 °C.');
    expect(words(checkRuleValue('cooling-first', 120, { 'cooling-total': 90 })!.problem)).toContain('would not be below');
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
    // The rule is 75 °C for 30 s: a peak is a moment, and meets no pair.
    const at75 = (heldMinutes: number | null) => checkCore('core-poultry', { celsius: 75, heldMinutes, byTime: false }, {}).outcome;
    expect([at75(null), at75(0.4), at75(0.5)]).toEqual(['open', 'missed', 'met']);
    expect(checkCore('core-poultry', { celsius: 58, heldMinutes: 900, byTime: true }, {}).outcome).toBe('missed');
  });
});

describe('a cooling curve', () => {
  const log = (...pairs: readonly (readonly [number, number])[]) => pairs.map(([minutes, celsius]) => ({ minutes, celsius }));
  const outcomes = (...pairs: readonly (readonly [number, number])[]) =>
    checkCooling(log(...pairs), {}).verdicts.map(({ outcome }) => outcome);

  it('is counted from the last reading at or above the start, however hot the first', () => {
    const check = checkCooling(log([0, 90], [30, 57], [120, 21], [300, 5]), {});
    expect([check.first, check.total]).toEqual([90, 270]);
    expect(check.verdicts.map(({ outcome }) => outcome)).toEqual(['met', 'met']);
  });
  it.each([
    // Cautiously 120 from 57 to 21: met at the limit. One reading later nobody knows when it passed: open.
    [
      'met at its limit',
      [
        [0, 57],
        [120, 21],
      ],
      ['met', 'open'],
    ],
    [
      'open: 121 cautiously, 0 kindly',
      [
        [0, 57],
        [121, 21],
      ],
      ['open', 'open'],
    ],
    // Below 57 at 10, still above 21 at 140: even kindly 130 minutes.
    [
      'missed even kindly',
      [
        [0, 60],
        [10, 56],
        [140, 22],
        [150, 20],
      ],
      ['missed', 'open'],
    ],
    [
      'not begun',
      [
        [0, 80],
        [300, 58],
      ],
      ['open', 'open'],
    ],
    [
      'start unseen',
      [
        [0, 50],
        [30, 20],
        [200, 4],
      ],
      ['open', 'open'],
    ],
    [
      'late on the cautious count, and not there',
      [
        [0, 57],
        [125, 30],
      ],
      ['open', 'open'],
    ],
    [
      'both met',
      [
        [0, 70],
        [20, 57],
        [100, 20],
        [300, 5],
      ],
      ['met', 'met'],
    ],
    [
      'second missed',
      [
        [0, 60],
        [5, 55],
        [100, 20],
        [400, 8],
        [420, 5],
      ],
      ['met', 'missed'],
    ],
  ] as const)('%s', (_, pairs, expected) => {
    expect(outcomes(...pairs)).toEqual(expected);
  });
  it('says which reading would settle it', () => {
    const [first] = checkCooling(log([0, 57], [60, 35]), {}).verdicts;
    expect(words(first!.said)).toMatch(/1 h are left\. A reading at or below 21 °C by minute 120 settles it\./);
  });
  it('foretells by Newton’s law: half the difference in each equal time, for both stages', () => {
    const check = checkCooling(log([0, 59], [40, 31]), {}, 3);
    // 56 → 28 in 40 min. From 57 (by a straight line at 20/7 min): to 18 above 3 °C log2(56 / 18) × 40 min, to 2 above log2(28) × 40.
    const from = (2 / 28) * 40;
    expect(check.forecast.middle!.minutes).toBeCloseTo(Math.log2(56 / 18) * 40 - from, 5);
    expect(check.forecast.end!.minutes).toBeCloseTo(Math.log2(28) * 40 - from, 5);
    expect(check.forecast.end!.between).toBeNull();
  });
  it('gives the spread of a forecast once there are three readings', () => {
    const check = checkCooling(log([0, 59], [20, 43], [40, 30]), {}, 3);
    const [low, high] = check.forecast.middle!.between!;
    expect(low).toBeLessThan(check.forecast.middle!.minutes);
    expect(high).toBeGreaterThan(check.forecast.middle!.minutes);
    // On the curve itself there is no spread: 56, 28, 14 above the surroundings.
    const exactly = checkCooling(log([0, 59], [40, 31], [80, 17]), {}, 3);
    expect(exactly.forecast.end!.between![1] - exactly.forecast.end!.between![0]).toBeLessThan(1e-6);
  });
  it('is counted in one stage where the set in force has one', () => {
    const { values } = COOLING_SETS.find(({ key }) => key === 'codex')!;
    const check = checkCooling(log([0, 60], [110, 10]), values);
    expect(check.verdicts.map(({ rule, outcome }) => [rule, outcome])).toEqual([['cooling-first', 'met']]);
    expect(coolingSetInForce(values)!.key).toBe('codex');
  });
  it('is never met by the count where a curve of Newton misses, nor missed where it meets', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.004, max: 0.05, noNaN: true }),
        fc.integer({ min: 5, max: 40 }),
        fc.integer({ min: 57, max: 90 }),
        (rate, every, hot) => {
          const at = (minutes: number) => 3 + (hot - 3) * Math.exp(-rate * minutes);
          const readings = Array.from({ length: 200 }, (_, index) => ({ minutes: index * every, celsius: at(index * every) }));
          const truth = Math.log(54 / 18) / rate;
          const [first] = checkCooling(readings, {}).verdicts;
          if (first!.outcome === 'met') expect(truth).toBeLessThanOrEqual(120 + 1e-6);
          if (first!.outcome === 'missed') expect(truth).toBeGreaterThan(120 - 1e-6);
        },
      ),
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
