import { STORES, type Component, type DishContent, type Maker, type Store } from '../dish';
import type { DemonstrationOption } from './choices';
import { restsOn } from './standIns';
import type { ShowStep } from './showing';
import type { Demonstration } from './types';

/** Something that stands ready for a demonstration. */
export interface StandsReady {
  /** The step it has got to: everything up to it is done. */
  readonly stepId: string;
  readonly text: string;
  readonly component: Component | null;
  /** Which copy of the dish it is, and of how many. */
  readonly copy: number;
  readonly copies: number;
  readonly by: Maker;
  readonly where: string;
  readonly store: Store | null;
  /** Minutes that it keeps so; null where nobody has said. */
  readonly keeps: number | null;
  /** Minute of the lesson at which it is taken up. */
  readonly wantedAt: number;
  /** Minute of the lesson before which it must not be finished, so that it is still within its time; null for any. */
  readonly notBefore: number | null;
  /** It has to be finished while the lesson runs. */
  readonly duringLesson: boolean;
  /** Hands-on minutes of it for a practised hand, up to here. */
  readonly minutes: number;
  /** Steps done for it, in their order. */
  readonly steps: readonly string[];
}

/** How long what a step gives keeps, in minutes, and where: what is said of the step, then of its component, then of the time to the next. */
function keeping({ ahead, toNext }: ShowStep['work'], component: Component | null): Pick<StandsReady, 'store' | 'keeps'> {
  const said = ahead?.may ? { store: ahead.store, keeps: ahead.hours * 60 } : null;
  const [own] = [...(component?.keeps ?? [])].sort((a, b) => b.hours - a.hours || STORES.indexOf(a.store) - STORES.indexOf(b.store));
  const found = said ?? (own ? { store: own.store, keeps: own.hours * 60 } : null);
  if (toNext.most === null) return found ?? { store: null, keeps: null };
  return { store: found?.store ?? null, keeps: Math.min(found?.keeps ?? Infinity, toNext.most) };
}

/**
 * What must stand ready for a demonstration: in which state, how many, where, made by whom and when. What keeps so short that it has to
 * be finished while the lesson runs says so.
 */
export function readyList(
  content: DishContent,
  steps: readonly ShowStep[],
  { standIns: { after, copyOf }, showing, given }: DemonstrationOption,
  { begins, ready }: Pick<Demonstration, 'begins' | 'ready'>,
): readonly StandsReady[] {
  const copies = Math.max(0, ...copyOf.values());
  return after.map((at) => {
    const { work } = steps[at]!;
    const component = content.components.find(({ id }) => id === work.componentId) ?? null;
    const taken = showing.shown
      .filter(({ step }) => given[step] !== 'ready' && steps[step]!.after.includes(at))
      .map(({ at: minute }) => minute);
    const wantedAt = begins + (taken.length > 0 ? Math.min(...taken) : showing.minutes);
    const { store, keeps } = keeping(work, component);
    const notBefore = keeps === null ? null : wantedAt - keeps;
    const made = [...restsOn(steps, at)].sort((a, b) => a - b);
    return {
      stepId: work.id,
      text: work.text,
      component,
      copy: copyOf.get(at)!,
      copies,
      by: ready[work.id]?.by ?? work.ahead?.by ?? 'technician',
      where: ready[work.id]?.where ?? '',
      store,
      keeps,
      wantedAt,
      notBefore,
      duringLesson: notBefore !== null && notBefore > 0,
      minutes: made.reduce((sum, step) => sum + (steps[step]!.work.hands === 'on' ? steps[step]!.work.minutes.practised : 0), 0),
      steps: made.map((step) => steps[step]!.work.id),
    };
  });
}
