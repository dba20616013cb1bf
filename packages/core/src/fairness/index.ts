import { linearRegression, mean, sampleStandardDeviation } from 'simple-statistics';
import { grouped } from '../grouped';
import { normalQuantile, SURE, type Level } from '../rubric';
import { agreementOf, type Agreement, type Estimate, type LevelPair } from './agreement';

export {
  agreementOf,
  LEAST_PAIRS,
  weightedKappa,
  type Agreement,
  type Estimate,
  type LevelPair,
  type Unsaid,
  type Weighting,
} from './agreement';

/** One judgement of one criterion on one plate. */
export interface Judgement {
  /** The plate, by its assessment. */
  readonly plate: string;
  readonly criterion: string;
  readonly assessorId: string;
  readonly level: Level;
  /** How many plates the assessor had begun in that lesson when this one came, from 1. */
  readonly position: number;
  /** Minutes the plate had stood at the pass; null where nobody said that it came. */
  readonly waited: number | null;
}

/** Fewer marks than these say nothing of one person, or of a drift: our own caution. */
export const LEAST_MARKS = 30;

export interface Severity {
  readonly assessorId: string;
  readonly marks: number;
  /** Levels above (milder) or below (stricter) the mean of everybody's marks of the same criteria; null where there are too few. */
  readonly off: Estimate | null;
}

export interface Drift {
  readonly marks: number;
  /** Levels by which a mark moves with ten more plates, or ten more minutes. */
  readonly by10: Estimate | null;
}

export interface Fairness {
  /** Plates that two people judged in at least one criterion. */
  readonly platesTwice: number;
  readonly plates: number;
  readonly criteria: readonly { readonly criterion: string; readonly agreement: Agreement }[];
  readonly people: readonly { readonly first: string; readonly second: string; readonly agreement: Agreement }[];
  readonly severity: readonly Severity[];
  readonly position: Drift;
  readonly waiting: Drift;
}

const Z = normalQuantile(1 - (1 - SURE) / 2);

/**
 * How fairly a class was marked: agreement where two marked the same, how strict each is, and whether marks drift with the hour and with
 * waiting. Severity and drift compare people over different plates; they point at what to look into and prove nothing.
 *
 * @param judgements - takes time in proportion to them
 */
export function fairnessOf(judgements: readonly Judgement[]): Fairness {
  const of = grouped(judgements, ({ plate, criterion }) => `${plate} ${criterion}`);
  const byCriterion = new Map<string, LevelPair[]>(judgements.map(({ criterion }) => [criterion, []]));
  const byPeople = new Map<string, LevelPair[]>();
  const twice = new Set<string>();
  for (const group of of.values()) {
    const sorted = [...group].sort((a, b) => a.assessorId.localeCompare(b.assessorId));
    sorted.forEach((first, index) =>
      sorted.slice(index + 1).forEach((second) => {
        if (first.assessorId === second.assessorId) return;
        const pair: LevelPair = [first.level, second.level];
        byCriterion.get(first.criterion)!.push(pair);
        const people = `${first.assessorId} ${second.assessorId}`;
        const theirs = byPeople.get(people);
        if (theirs) theirs.push(pair);
        else byPeople.set(people, [pair]);
        twice.add(first.plate);
      }),
    );
  }
  const usual = new Map(
    [...grouped(judgements, ({ criterion }) => criterion)].map(([criterion, all]) => [criterion, mean(all.map(({ level }) => level))]),
  );
  const off = judgements.map((each) => ({ ...each, off: each.level - usual.get(each.criterion)! }));
  return {
    plates: new Set(judgements.map(({ plate }) => plate)).size,
    platesTwice: twice.size,
    criteria: [...byCriterion].map(([criterion, pairs]) => ({ criterion, agreement: agreementOf(pairs) })),
    people: [...byPeople].map(([people, pairs]) => {
      const [first = '', second = ''] = people.split(' ');
      return { first, second, agreement: agreementOf(pairs) };
    }),
    severity: [...grouped(off, ({ assessorId }) => assessorId)].map(([assessorId, all]) => ({
      assessorId,
      marks: all.length,
      off: meanOf(all.map((each) => each.off)),
    })),
    position: driftOf(off.map((each) => [each.position, each.off])),
    waiting: driftOf(off.flatMap((each) => (each.waited === null ? [] : [[each.waited, each.off] as const]))),
  };
}

function meanOf(figures: readonly number[]): Estimate | null {
  if (figures.length < LEAST_MARKS) return null;
  const value = mean([...figures]);
  const error = sampleStandardDeviation([...figures]) / Math.sqrt(figures.length);
  return { value, from: value - Z * error, to: value + Z * error };
}

/**
 * A straight line through marks against where they stood, by least squares; its slope with its standard error.
 *
 * @source ordinary least squares; standard error of a slope, s / √Σ(x − x̄)²
 */
function driftOf(points: readonly (readonly [x: number, y: number])[]): Drift {
  const marks = points.length;
  const xs = points.map(([x]) => x);
  const middle = marks > 0 ? mean(xs) : 0;
  const wide = xs.reduce((sum, x) => sum + (x - middle) ** 2, 0);
  if (marks < LEAST_MARKS || wide === 0) return { marks, by10: null };
  const { m, b } = linearRegression(points.map((point) => [...point]));
  const rest = points.reduce((sum, [x, y]) => sum + (y - b - m * x) ** 2, 0);
  const error = Math.sqrt(rest / (marks - 2) / wide);
  return { marks, by10: { value: m * 10, from: (m - Z * error) * 10, to: (m + Z * error) * 10 } };
}
