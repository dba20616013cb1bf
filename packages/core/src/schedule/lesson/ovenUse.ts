import type { Plan } from '../planInstance';
import type { ClassProblem } from './classProblem';

/** Something to be done to an oven: warmed before the first load, turned to another heat between two. */
export interface OvenTask {
  readonly oven: string;
  readonly kind: 'warm' | 'turn';
  readonly celsius: number;
  /** Minutes of the lesson; below 0 it is done before it begins. */
  readonly from: number;
  readonly until: number;
}

/**
 * When ovens are set to what: each is warm when its first load goes in, and is turned as late as it can be for the next heat.
 *
 * An oven that takes so long from one heat to another is taken to need as long from cold.
 */
export function ovenTasks(
  { instance }: Pick<ClassProblem, 'instance'>,
  { starts, uses }: Pick<Plan, 'starts' | 'uses'>,
): readonly OvenTask[] {
  return instance.resources.flatMap((oven) => {
    if (oven.kind !== 'oven') return [];
    const loads = instance.steps
      .flatMap((step) => {
        const slot = (uses[step.id] ?? []).indexOf(oven.id);
        // A plan may be older than its problem: what it names may not be wanted any more.
        const celsius = step.needs[slot]?.temperature;
        return celsius === undefined || step.minutes === 0 || starts[step.id] === undefined ? [] : [{ from: starts[step.id]!, celsius }];
      })
      .sort((a, b) => a.from - b.from);
    return loads.flatMap(({ from, celsius }, index): OvenTask[] => {
      const earlier = loads[index - 1];
      if (earlier?.celsius === celsius) return [];
      return [{ oven: oven.id, kind: earlier ? 'turn' : 'warm', celsius, from: from - oven.changeMinutes, until: from }];
    });
  });
}
