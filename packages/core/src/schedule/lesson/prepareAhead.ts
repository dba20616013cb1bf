import type { Component, DishContent, Maker, Store } from '../../dish';
import type { ClassProblem } from './classProblem';
import { workOf } from './workOf';

/** Something that is made before the lesson. */
export interface AheadTask {
  readonly dishId: string;
  readonly dish: string;
  readonly stepId: string;
  readonly text: string;
  readonly component: Component | null;
  /** Makings of it: one for each team that cooks the dish. */
  readonly makings: number;
  readonly by: Maker;
  /** The lesson in which the class makes it; null where it is made outside of lessons. */
  readonly madeIn: string | null;
  /** Where it is kept, and for how long; null where neither dish nor reader knows. */
  readonly store: Store | null;
  readonly hours: number | null;
  /** Minutes of the lesson by which the first team wants it; what is not planned is wanted when the lesson begins. */
  readonly wantedAt: number;
  /** Whether its step says that it must not be made ahead. */
  readonly against: boolean;
}

/**
 * What is made before a lesson, in the order of its dishes: only the last step of what is made together is kept, so only that one has a
 * store; what comes before it is a part of the same work.
 *
 * @param starts - when each step of the problem begins, where there is a plan
 * @param madeIn - titles of earlier lessons that make a step, by dish and step with a space between
 */
export function prepareAhead(
  { ahead, meaning, teams }: ClassProblem,
  dishes: readonly { readonly id: string; readonly content: DishContent }[],
  starts: Readonly<Record<string, number>> = {},
  madeIn: ReadonlyMap<string, string> = new Map(),
): readonly AheadTask[] {
  return ahead.map(({ dishId, work }) => {
    const content = dishes.find(({ id }) => id === dishId)!.content;
    const kept = !ahead.some((other) => other.dishId === dishId && other.work.after.includes(work.id));
    const waiting = new Set(workOf(content).flatMap(({ id, after }) => (after.includes(work.id) ? [id] : [])));
    const begins = [...meaning]
      .filter(([, about]) => about.dishId === dishId && about.kind === 'work' && waiting.has(about.work!.id))
      .flatMap(([id]) => starts[id] ?? []);
    return {
      dishId,
      dish: content.title,
      stepId: work.id,
      text: work.text,
      component: content.components.find(({ id }) => id === work.componentId) ?? null,
      makings: teams.filter(({ dishIds }) => dishIds === null || dishIds.includes(dishId)).length,
      by: work.ahead?.by ?? 'technician',
      madeIn: madeIn.get(`${dishId} ${work.id}`) ?? null,
      store: kept ? (work.ahead?.store ?? null) : null,
      hours: kept ? (work.ahead?.hours ?? null) : null,
      wantedAt: begins.length > 0 ? Math.min(...begins) : 0,
      against: work.ahead?.may === false,
    };
  });
}
