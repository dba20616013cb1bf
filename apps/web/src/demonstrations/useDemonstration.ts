import { useMemo } from 'react';
import useSWR from 'swr';
import {
  DEMONSTRATION,
  demonstratedIn,
  demonstrationChoices,
  EMPTY_DEMONSTRATION,
  inTheWay,
  optionFor,
  readyList,
  runningOrder,
  showSteps,
  type Choices,
  type Demonstration,
  type DemonstrationOption,
  type RunningStep,
  type ShowStep,
  type StandsReady,
} from '@pelvo/core';
import type { DemonstrationsOfLesson, LessonDetail, LessonDish, StoredDemonstration } from '@pelvo/contract';
import { fetcher, send, useDraft, type Draft } from '../device';

export const useDemonstrations = (lessonId: string | undefined) =>
  useSWR<DemonstrationsOfLesson>(lessonId ? `/lessons/${lessonId}/demonstrations` : null, fetcher);

/** The demonstrations of a lesson with one of them as it is stored now. */
export const withStored = (all: DemonstrationsOfLesson | undefined, stored: StoredDemonstration): DemonstrationsOfLesson | undefined =>
  all && { ...all, items: [...all.items.filter(({ dishId }) => dishId !== stored.dishId), stored] };

export interface DemonstrationHere {
  readonly draft: Draft<Demonstration>;
  readonly steps: readonly ShowStep[];
  readonly choices: Choices;
  /** The choice that was taken, as the dish is now; null while none was, or where it does not hold any more. */
  readonly taken: DemonstrationOption | null;
  /** Steps whose time until the next is why what was chosen does not hold any more. */
  readonly broken: readonly ShowStep[];
  readonly rows: readonly RunningStep[];
  readonly ready: readonly StandsReady[];
  readonly save: () => Promise<void>;
}

/** One demonstration: what is stored and typed, and everything that follows from it. */
export function useDemonstration(
  lesson: LessonDetail,
  dish: LessonDish,
  all: DemonstrationsOfLesson,
  onStored: (stored: StoredDemonstration) => void,
): DemonstrationHere {
  const stored = all.items.find(({ dishId }) => dishId === dish.dishId);
  const base = useMemo(() => ({ content: stored?.content ?? EMPTY_DEMONSTRATION, version: stored?.version ?? 0 }), [stored]);
  const draft = useDraft(`demonstration.${lesson.id}.${dish.dishId}`, base, { format: DEMONSTRATION });
  const { slot, wanted, took, choice, words, begins, ready } = draft.content;
  const focus = useMemo(() => demonstratedIn(lesson.techniques), [lesson.techniques]);
  const steps = useMemo(() => showSteps(dish.content, { wanted, took }, focus), [dish.content, wanted, took, focus]);
  const choices = useMemo(() => demonstrationChoices(steps, slot), [steps, slot]);
  const taken = useMemo(() => (choice ? optionFor(steps, choice) : null), [steps, choice]);
  const broken = useMemo(() => (choice && !taken ? inTheWay(steps, choice) : []), [steps, choice, taken]);
  const rows = useMemo(
    () =>
      taken
        ? runningOrder(dish.content, steps, taken, {
            cards: new Map(Object.entries(all.cards)),
            words,
            focus,
            heard: all.asked.filter(({ dishId }) => dishId === dish.dishId),
          })
        : [],
    [taken, dish, steps, all, words, focus],
  );
  const list = useMemo(() => (taken ? readyList(dish.content, steps, taken, { begins, ready }) : []), [taken, dish, steps, begins, ready]);
  const save = () =>
    draft.save(async (content, version) => {
      const saved = await send<StoredDemonstration>('PUT', `/lessons/${lesson.id}/demonstrations/${dish.dishId}`, {
        body: content,
        version,
      });
      onStored(saved);
      return saved;
    });
  return { draft, steps, choices, taken, broken, rows, ready: list, save };
}
