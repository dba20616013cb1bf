import type { Purpose } from '../../technique';
import type { WorkStep } from './workOf';

/** How a class stands with techniques: what the lesson does with them, and the share of it that has practised each. */
export interface ClassPractice {
  readonly purposes: ReadonlyMap<string, Purpose>;
  /** Between 0 and 1, by technique; absent where nothing is known. */
  readonly practised?: ReadonlyMap<string, number>;
}

/** Minutes of a step for a class, and the range in which they lie. */
export interface MinutesPlanned {
  readonly planned: number;
  readonly least: number;
  readonly most: number;
}

/**
 * How practised a class is with techniques, between 0 and 1: not at all where one is introduced, fully where all are assessed, else by the
 * share that has practised the least practised of them; half where nothing is known.
 */
export function shareOf(techniqueIds: readonly string[], { purposes, practised }: ClassPractice): number {
  const told = techniqueIds.map((id) => purposes.get(id)).filter((purpose) => purpose !== undefined);
  const shares = techniqueIds.flatMap((id) => practised?.get(id) ?? []);
  if (told.includes('introduce')) return 0;
  if (told.length > 0 && told.every((purpose) => purpose === 'assess')) return 1;
  return shares.length > 0 ? Math.min(...shares) : 0.5;
}

/**
 * Minutes of a step for this class: a novice's where its techniques are introduced, a practised hand's where they are assessed, else
 * between the two by the share of the class that has practised them; what grows, grows with the amount, and what the
 * step says by the clock is not cut short for a small one.
 *
 * @param amount - portions of one team over the portions of the dish
 * @source our own working rule: a straight line between novice and practised by the share of the class
 */
export function minutesFor(
  step: Pick<WorkStep, 'minutes' | 'grows' | 'byTheClock' | 'techniqueIds'>,
  practice: ClassPractice,
  amount = 1,
): MinutesPlanned {
  const { minutes, grows, byTheClock, techniqueIds } = step;
  const share = shareOf(techniqueIds, practice);
  const grown = (count: number) => Math.max(1, Math.ceil(byTheClock), Math.ceil(count * (1 - grows / 100 + (grows / 100) * amount) - 1e-9));
  return {
    planned: grown(minutes.novice - share * (minutes.novice - minutes.practised)),
    least: grown(minutes.practised),
    most: grown(minutes.novice),
  };
}
