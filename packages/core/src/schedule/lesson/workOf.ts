import type { DishContent, HeatBand, StepWork } from '../../dish';
import { findRing } from '../../technique';
import { byTheClock, needsOf, proposeWork, type WorkNeed } from './proposeWork';

/** One step of a dish as work: what comes before it, how long it takes, what it needs. */
export interface WorkStep {
  readonly id: string;
  readonly text: string;
  readonly componentId: string | null;
  /** Steps that must be finished before it. */
  readonly after: readonly string[];
  /** Minutes for a practised hand and for a novice; the same where it waits by itself. */
  readonly minutes: { readonly practised: number; readonly novice: number };
  /** Percent of the minutes that grow with the amount. */
  readonly grows: number;
  /** Minutes said by the clock, below which no smaller amount brings it. */
  readonly byTheClock: number;
  /** Whether the minutes are a guess, because the dish does not say. */
  readonly guessed: boolean;
  readonly hands: 'on' | 'off';
  readonly needs: readonly WorkNeed[];
  /** Heats of an oven that are right besides the best. */
  readonly band: HeatBand | null;
  /** Minutes to the next step, at least and at most. */
  readonly toNext: { readonly least: number; readonly most: number | null };
  readonly techniqueIds: readonly string[];
  /** Minutes until a burner of its own has what it needs at its heat; 0 for none. */
  readonly warmUp: number;
  readonly ahead: StepWork['ahead'];
  readonly cue: StepWork['cue'];
  readonly only: StepWork['only'];
  readonly redo: StepWork['redo'];
  readonly food: StepWork['food'];
}

/** What a hands-on step takes that says no minutes: short enough to be asked about rather than believed. */
const GUESSED_MINUTES = 5;
/** How much longer a novice is at it where the dish does not say. @source our own working figure: half as long again */
const NOVICE_FACTOR = 1.5;

/**
 * What each step waits for. What a person said holds; where nobody has, it is the step before it in its component, and for a step of the
 * whole dish everything before it that nothing waits for yet, also what lost its follower to what was said. The first step of a component
 * waits for the last step of the whole, if there is one. As it is said, it may go round in a ring.
 */
function orderOf({ method }: DishContent, heeds: 'what is said' | 'places only'): ReadonlyMap<string, readonly string[]> {
  const there = new Set(method.map(({ id }) => id));
  const lastOf = new Map<string, string>();
  /** Steps nothing has waited for yet. */
  let open: string[] = [];
  let whole: string | null = null;
  return new Map(
    method.map(({ id, componentId, work }) => {
      const before = componentId === null ? null : lastOf.get(componentId);
      const usual = componentId === null ? open : before ? [before] : whole ? [whole] : [];
      const said = heeds === 'what is said' ? work.after?.filter((each) => each !== id && there.has(each)) : undefined;
      const after = said ?? usual;
      open = [...open.filter((each) => !after.includes(each)), id];
      if (componentId === null) {
        whole = id;
        lastOf.clear();
      } else lastOf.set(componentId, id);
      return [id, after];
    }),
  );
}

/** Steps that wait for each other, the first one repeated last; empty when none do. */
export const ringOfSteps = (content: DishContent): readonly string[] => findRing(orderOf(content, 'what is said')) ?? [];

/**
 * The steps of a dish as a network: what a person said of each, completed by what its text and its place propose. Where what is said
 * goes round in a ring, the usual order holds instead.
 *
 * @example workOf({ ...dish, method: [whisk, bake] }).at(-1)!.after // ['whisk']
 */
export function workOf(content: DishContent): readonly WorkStep[] {
  const order = orderOf(content, ringOfSteps(content).length > 0 ? 'places only' : 'what is said');
  const waitedFor = new Set([...order.values()].flat());
  const components = new Map(content.components.map((component) => [component.id, component]));
  return content.method.map((step) => {
    const last = !waitedFor.has(step.id);
    const work = proposeWork(step, components.get(step.componentId ?? ''), last);
    // What goes on by itself and ends at a cue is planned at its longest, so that the plan holds.
    const longest = step.hands === 'off' && work.cue ? work.cue.most : null;
    const practised = longest ?? step.minutes ?? GUESSED_MINUTES;
    const novice = longest ?? step.noviceMinutes ?? (step.hands === 'on' ? practised * NOVICE_FACTOR : practised);
    return {
      id: step.id,
      text: step.text,
      componentId: step.componentId,
      after: order.get(step.id)!,
      minutes: { practised: Math.max(1, Math.ceil(practised)), novice: Math.max(1, Math.ceil(Math.max(novice, practised))) },
      byTheClock: byTheClock(step),
      guessed: step.minutes === null && longest === null,
      hands: step.hands,
      needs: needsOf(step),
      toNext: { least: Math.ceil(step.toNext.least ?? 0), most: step.toNext.most === null ? null : Math.floor(step.toNext.most) },
      techniqueIds: step.techniqueIds,
      ...work,
    };
  });
}
