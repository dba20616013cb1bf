import type { DishContent } from '../dish';
import { showSteps, type ShowStep } from './showing';
import type { Choice, Demonstration, Given } from './types';

/** What has to stand ready for a way of giving a demonstration. */
export interface StandIns {
  /** Places of the steps whose result stands ready, in the order of the work. */
  readonly after: readonly number[];
  /** Which copy of the dish each belongs to, from 1: two stages of one piece of work need two. */
  readonly copyOf: ReadonlyMap<number, number>;
  /** Makings made ahead of each component; null stands for steps of the whole dish. */
  readonly ahead: ReadonlyMap<string | null, number>;
  /** Makings of each component beyond the one that the demonstration has anyhow. */
  readonly further: ReadonlyMap<string, number>;
  /** Hands-on minutes of everything made ahead, copies counted. */
  readonly minutes: number;
}

/** Every step that a step rests on, itself included. */
export function restsOn(steps: readonly ShowStep[], at: number, into: Set<number> = new Set()): ReadonlySet<number> {
  if (into.has(at)) return into;
  into.add(at);
  steps[at]!.after.forEach((before) => restsOn(steps, before, into));
  return into;
}

/** Steps whose result stands ready: whatever somebody goes on from that was not just finished, and what the dish ends in. */
export function readyAfter(steps: readonly ShowStep[], given: readonly Given[]): ReadonlySet<number> {
  const ready = new Set<number>();
  const gone = new Set<number>();
  steps.forEach(({ after }, at) => {
    for (const before of after) {
      gone.add(before);
      if (given[at] !== 'ready' && given[before] !== 'live') ready.add(before);
    }
  });
  steps.forEach((_, at) => {
    if (!gone.has(at) && given[at] !== 'live') ready.add(at);
  });
  return ready;
}

/**
 * What stands ready, in how many copies. Two results of which one rests on the other need a copy each; results side by side come from one.
 *
 * @example dough rested and tart baked: two copies, since the baked one was that dough
 */
export function standIns(steps: readonly ShowStep[], given: readonly Given[]): StandIns {
  const after = [...readyAfter(steps, given)].sort((a, b) => a - b);
  const below = new Map(after.map((at) => [at, restsOn(steps, at)]));
  const copyOf = new Map<number, number>();
  for (const at of after)
    copyOf.set(
      at,
      1 + Math.max(0, ...after.filter((other) => other !== at && below.get(at)!.has(other)).map((other) => copyOf.get(other)!)),
    );
  const ahead = new Map<string | null, number>();
  let minutes = 0;
  for (const copy of new Set(copyOf.values())) {
    const made = new Set(after.filter((at) => copyOf.get(at) === copy).flatMap((at) => [...below.get(at)!]));
    for (const component of new Set([...made].map((at) => steps[at]!.work.componentId)))
      ahead.set(component, (ahead.get(component) ?? 0) + 1);
    for (const at of made) if (steps[at]!.work.hands === 'on') minutes += steps[at]!.work.minutes.practised;
  }
  return { after, copyOf, ahead, further: furtherOf(steps, given, { after, ahead }), minutes };
}

/** A component begun before the group needs a making of its own there; all made ahead beyond the first are further ones. */
function furtherOf(
  steps: readonly ShowStep[],
  given: readonly Given[],
  { after, ahead }: Pick<StandIns, 'after' | 'ahead'>,
): ReadonlyMap<string, number> {
  const stands = new Set(after);
  const further = new Map<string, number>();
  for (const component of new Set(steps.flatMap(({ work }) => work.componentId ?? []))) {
    const own = steps.flatMap(({ work }, at) => (work.componentId === component ? [at] : []));
    const begun = own.some(
      (at) =>
        given[at] !== 'ready' && ![...restsOn(steps, at)].some((before) => before !== at && stands.has(before) && own.includes(before)),
    );
    const made = (ahead.get(component) ?? 0) + (begun ? 1 : 0);
    if (made > 1) further.set(component, made - 1);
  }
  return further;
}

/** Makings of components beyond the one that is shown, for what stands ready in a demonstration; none while nothing is chosen. */
export function furtherMakings(
  content: DishContent,
  demonstration: Pick<Demonstration, 'wanted' | 'took' | 'choice'>,
  demonstrated?: ReadonlySet<string>,
): ReadonlyMap<string, number> {
  if (!demonstration.choice) return new Map();
  const steps = showSteps(content, demonstration, demonstrated);
  return standIns(steps, givenBy(steps, demonstration.choice)).further;
}

/** A choice laid over the steps as they are now: what it names that is gone is left out, what is new stands ready. */
export const givenBy = (steps: readonly ShowStep[], { shown, jumps }: Choice): readonly Given[] =>
  steps.map(({ work, waits }): Given => {
    if (!shown.includes(work.id)) return 'ready';
    return jumps.includes(work.id) && waits > 0 ? 'jump' : 'live';
  });
