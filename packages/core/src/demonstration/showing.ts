import type { DishContent } from '../dish';
import type { Purpose } from '../technique';
import { workOf, type WorkStep } from '../schedule/lesson/workOf';
import type { Demonstration, Given } from './types';

/** Minutes beside the hands for what is said, asked and passed round at a decisive step. @source our own working figure */
export const TALK_MINUTES = 1;
/** Minutes before the group that a step takes which then goes on by itself: in, lid on, door shut. @source our own working figure */
export const SETTING_OFF_MINUTES = 1;
/** What must be used sooner than this cannot stand ready: nobody can hit the moment. @source our own working figure, minutes */
export const SHORTEST_STAND = 5;

/** Techniques of a lesson that are demonstrated in it: whatever it introduces or practises; what is assessed is not shown again. */
export const demonstratedIn = (techniques: readonly { readonly id: string; readonly purpose: Purpose }[]): ReadonlySet<string> =>
  new Set(techniques.filter(({ purpose }) => purpose !== 'assess').map(({ id }) => id));

/** One step of a dish as a demonstration sees it; minutes are whole. */
export interface ShowStep {
  readonly work: WorkStep;
  /** Places in the list of the steps that must be finished before it. */
  readonly after: readonly number[];
  /** Minutes before the group. */
  readonly active: number;
  /** Minutes it then goes on by itself until the next may begin. */
  readonly waits: number;
  /** Minutes at most after that until the next has to begin; null for no end. */
  readonly most: number | null;
  /** It decides the result: it must be shown. */
  readonly decisive: boolean;
  /** How it may be given. */
  readonly ways: readonly Given[];
  /** Why what it gives cannot stand ready; null where it can. */
  readonly cannotStand: 'forbidden' | 'at-once' | null;
}

/** Steps in an order in which each comes after what it waits for, as they are written otherwise. */
function inOrder(work: readonly WorkStep[]): readonly WorkStep[] {
  const byId = new Map(work.map((step) => [step.id, step]));
  const sorted = new Set<WorkStep>();
  const visit = (step: WorkStep) => {
    if (sorted.has(step)) return;
    step.after.forEach((id) => visit(byId.get(id)!));
    sorted.add(step);
  };
  work.forEach(visit);
  return [...sorted];
}

/**
 * The steps of a dish as they can be shown. A step must be shown where its dish says that it decides the result, where a technique of it is
 * demonstrated in this lesson, or where somebody wants it; minutes are those of a practised hand, or what it really took.
 *
 * @param demonstrated - ids of the techniques that the lesson demonstrates
 */
export function showSteps(
  content: DishContent,
  { wanted, took }: Pick<Demonstration, 'wanted' | 'took'>,
  demonstrated: ReadonlySet<string> = new Set(),
): readonly ShowStep[] {
  const critical = new Set(content.method.filter((step) => step.critical.trim() !== '').map(({ id }) => id));
  const work = inOrder(workOf(content));
  const place = new Map(work.map(({ id }, at) => [id, at]));
  return work.map((step) => {
    const off = step.hands === 'off';
    const asked = wanted[step.id];
    const decisive =
      asked === 'shown' || (asked !== 'ready' && (critical.has(step.id) || step.techniqueIds.some((id) => demonstrated.has(id))));
    const active = took[step.id] ?? (off ? SETTING_OFF_MINUTES : step.minutes.practised + (decisive ? TALK_MINUTES : 0));
    const waits = (off ? Math.max(0, step.minutes.practised - SETTING_OFF_MINUTES) : 0) + step.toNext.least;
    const seen: readonly Given[] = waits > 0 ? ['live', 'jump'] : ['live'];
    return {
      work: step,
      after: step.after.map((id) => place.get(id)!),
      active,
      waits,
      most: step.toNext.most === null ? null : Math.max(0, step.toNext.most - step.toNext.least),
      decisive,
      ways: asked === 'ready' ? ['ready'] : decisive ? seen : [...seen, 'ready'],
      cannotStand:
        step.ahead?.may === false ? 'forbidden' : step.toNext.most !== null && step.toNext.most < SHORTEST_STAND ? 'at-once' : null,
    };
  });
}
