import type { DishContent, FoodState } from '../dish';
import { workOf } from '../schedule/lesson/workOf';
import type { Said } from '../words';
import { changePrompts, type ChangePrompt } from './changes';

/** Where in a method, done by one pair of hands in the order in which it is written, something is changed: by the step before which it is. */
export function methodChanges(content: DishContent): ReadonlyMap<string, ChangePrompt> {
  const steps = workOf(content).filter(({ hands }) => hands === 'on');
  return new Map(changePrompts(steps).map((prompt) => [prompt.before, prompt]));
}

/** A change as it is said before its step; the board by the school's own name for it. */
export function changeSaid(
  { change, because, boardFor }: Pick<ChangePrompt, 'change' | 'because' | 'boardFor'>,
  boards: Readonly<Partial<Record<FoodState, { readonly name: string } | null>>> = {},
): Said {
  const board = boardFor ? boards[boardFor]?.name : '';
  return { code: 'change.first', change: change.map((what) => (what === 'board' && board ? `${board} board` : what)), because };
}
