import { sameDocument } from '../../document';
import type { PlacedSteps, TimePlan } from './timePlan';

/** What both changed, and differently: mine was kept. */
export interface TimePlanClash {
  readonly where: string;
  readonly mine: string;
  readonly theirs: string;
}

export interface TimePlanMerge {
  readonly mine: TimePlan;
  readonly clashes: readonly TimePlanClash[];
}

const said = (value: unknown): string =>
  value === undefined || value === null
    ? 'nothing'
    : typeof value === 'object'
      ? JSON.stringify(value).slice(0, 80)
      : String(value as string | number);

/**
 * Two people's plans of one lesson brought together, step by step: what only one of them changed is taken, what both changed differently
 * stays mine and is told. It may not hold then, which the check of it says.
 *
 * @param base - what both started from
 */
export function mergeTimePlan(base: TimePlan, mine: TimePlan, theirs: TimePlan): TimePlanMerge {
  const clashes: TimePlanClash[] = [];
  const one = <T>(where: string, b: T, m: T, t: T): T => {
    if (sameDocument(m, t) || sameDocument(m, b)) return t;
    if (!sameDocument(t, b)) clashes.push({ where, mine: said(m), theirs: said(t) });
    return m;
  };
  const byKey = <T>(
    where: (key: string) => string,
    [b, m, t]: readonly [ReadonlyMap<string, T>, ReadonlyMap<string, T>, ReadonlyMap<string, T>],
  ): [string, T][] =>
    [...new Set([...t.keys(), ...m.keys()])].flatMap((key): [string, T][] => {
      const value = one(where(key), b.get(key), m.get(key), t.get(key));
      return value === undefined ? [] : [[key, value]];
    });
  const keyed = <T>(of: (plan: TimePlan) => readonly T[], keyOf: (value: T) => string, where: string): T[] => {
    const maps = [base, mine, theirs].map((plan) => new Map(of(plan).map((value) => [keyOf(value), value]))) as [
      Map<string, T>,
      Map<string, T>,
      Map<string, T>,
    ];
    return byKey((key) => `${where} ${key}`, maps).map(([, value]) => value);
  };
  const fields = <T extends object>(where: string, b: T, m: T, t: T): T =>
    Object.fromEntries(byKey((key) => `${where} ${key}`, [b, m, t].map((value) => new Map(Object.entries(value))) as never)) as T;
  return {
    mine: {
      segments: fields('segments', base.segments, mine.segments, theirs.segments),
      borrowed: fields('borrowed', base.borrowed, mine.borrowed, theirs.borrowed),
      ahead: keyed(
        (plan) => plan.ahead,
        ({ dishId, stepId }) => `${dishId} ${stepId}`,
        'ahead',
      ),
      without: keyed(
        (plan) => plan.without,
        ({ dishId, componentId }) => `${dishId} ${componentId}`,
        'without',
      ),
      changes: keyed(
        (plan) => plan.changes,
        ({ step }) => step,
        'step',
      ),
      placed: placedOf(base.placed, mine.placed, theirs.placed, (b, m, t) => fields('place of', b, m, t)),
      madeFrom: one('made from', base.madeFrom, mine.madeFrom, theirs.madeFrom),
    },
    clashes: clashes.filter(({ where }) => where !== 'made from'),
  };
}

/** Steps that both moved, up to which two plans are brought together step by step; beyond, somebody planned anew. */
const MOST_MOVED = 12;

const bothMoved = (base: PlacedSteps, mine: PlacedSteps, theirs: PlacedSteps): number =>
  Object.keys(theirs.starts).filter((id) => {
    const [b, m, t] = [base.starts[id], mine.starts[id], theirs.starts[id]];
    return m !== b && t !== b && m !== t;
  }).length;

function placedOf(
  base: PlacedSteps | null,
  mine: PlacedSteps | null,
  theirs: PlacedSteps | null,
  fields: <T extends object>(b: T, m: T, t: T) => T,
): PlacedSteps | null {
  if (sameDocument(mine, base)) return theirs;
  if (sameDocument(theirs, base)) return mine;
  if (mine === null || theirs === null) return mine ?? theirs;
  // Two plans that were made anew at the same moment are no two sets of changes: half of each would be no plan.
  if (base === null || bothMoved(base, mine, theirs) > MOST_MOVED) return theirs;
  return {
    starts: fields(base?.starts ?? {}, mine.starts, theirs.starts),
    uses: fields(base?.uses ?? {}, mine.uses, theirs.uses),
    // What it costs now, and whether anything is better, nobody has worked out.
    objective: null,
    bound: null,
    status: 'feasible',
  };
}
