import type { DishContent } from '@pelvo/core';
import type { Dish } from '@pelvo/contract';
import { keptDraft, keepDraft } from '../app/useDraft';

/** A dish while it is changed and not saved yet. */
export interface DishDraft {
  /** What was loaded when editing began. */
  readonly base: DishContent;
  readonly version: number;
  readonly mine: DishContent;
}

/** Under which key the draft of a dish is kept on this device. */
export const dishDraftKey = (id: string) => `dish.${id}`;

/** The draft of a dish as it stands on this device, and how to keep a change of it from another screen. */
export function draftOfDish(dish: Dish): { mine: DishContent; keep: (mine: DishContent) => void } {
  const kept = keptDraft<DishDraft | null>(dishDraftKey(dish.id)) ?? { base: dish.content, version: dish.version, mine: dish.content };
  return { mine: kept.mine, keep: (mine) => keepDraft<DishDraft>(dishDraftKey(dish.id), { ...kept, mine }) };
}
