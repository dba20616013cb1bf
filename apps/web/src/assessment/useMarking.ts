import { useCallback, useEffect, useMemo } from 'react';
import useSWR from 'swr';
import { markingWay, type Marks, type MarkValue } from '@pelvo/core';
import type { MarkEvent, MarkingSheet } from '@pelvo/contract';
import { fetcher, isOffline } from '../app/client';
import { useMe } from '../app/useMe';
import { giveMark, startQueue, useQueue } from './markQueue';
import { keepSheet, keptSheet } from './markStore';

async function fetchSheet(path: string): Promise<MarkingSheet> {
  try {
    const sheet = await fetcher<MarkingSheet>(path);
    await keepSheet(sheet);
    return sheet;
  } catch (error) {
    const kept = isOffline(error) ? await keptSheet(path.split('/')[2]!) : null;
    // A sheet kept by an earlier version does not say what the lesson teaches, nor how it marks.
    if (kept) return { ...kept, teaches: (kept as Partial<MarkingSheet>).teaches ?? [], way: markingWay(kept.way) };
    throw error;
  }
}

/** A sheet with one more touch laid over it. */
function withEvent(sheet: MarkingSheet, { studentId, dishEditionId, criterionKey, value }: MarkEvent): MarkingSheet {
  const known = sheet.marks.some((entry) => entry.studentId === studentId && entry.dishEditionId === dishEditionId);
  const entries = known ? sheet.marks : [...sheet.marks, { studentId, dishEditionId, marks: {} }];
  return {
    ...sheet,
    marks: entries.map((entry) =>
      entry.studentId === studentId && entry.dishEditionId === dishEditionId
        ? { ...entry, marks: { ...entry.marks, [criterionKey]: value ?? undefined } }
        : entry,
    ),
  };
}

/** The marking of a lesson: the sheet with everything given on this device laid over it, and a way to give a mark. */
export function useMarking(lessonId: string) {
  const me = useMe();
  const { data, error, mutate } = useSWR<MarkingSheet>(`/lessons/${lessonId}/marking-sheet`, fetchSheet, { revalidateOnFocus: false });
  const queue = useQueue();
  useEffect(() => void startQueue(me.id), [me.id]);
  const sheet = useMemo(
    () => data && queue.waiting.filter((mark) => mark.lessonId === lessonId).reduce((now, mark) => withEvent(now, mark.event), data),
    [data, queue.waiting, lessonId],
  );
  const give = useCallback(
    async (studentId: string, dishEditionId: string, criterionKey: string, value: MarkValue | null) => {
      const event: MarkEvent = { id: crypto.randomUUID(), studentId, dishEditionId, criterionKey, value, at: new Date().toISOString() };
      // On the screen at once, so that the next touch builds on it; kept on the device and sent right after.
      const shown = mutate(
        (now) => {
          const next = now && withEvent(now, event);
          if (next) void keepSheet(next).catch(() => undefined);
          return next;
        },
        { revalidate: false },
      );
      await giveMark(lessonId, event);
      await shown;
    },
    [lessonId, mutate],
  );
  return { sheet, error: data ? undefined : (error as unknown), retry: () => void mutate(), give, queue };
}

export function marksOf(sheet: MarkingSheet, studentId: string, dishEditionId: string): Marks {
  return sheet.marks.find((entry) => entry.studentId === studentId && entry.dishEditionId === dishEditionId)?.marks ?? {};
}
