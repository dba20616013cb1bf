import { useCallback, useMemo, useState } from 'react';
import useSWR from 'swr';
import {
  assessorsInForce,
  lacking,
  marksInForce,
  NEWEST,
  open,
  ownJudgements,
  seal,
  type DocumentFormat,
  type ArrivedBody,
  type GivenMark,
  type MarkBody,
  type Marks,
  type MarkValue,
} from '@pelvo/core';
import type { LessonEvent, MarkedPlate, MarkingSheet } from '@pelvo/contract';
import { fetcher, isAway, keepDocument, keptDocument, say, useLessonEvents, useMe, useOutbox } from '../device';

/** A marking sheet as a device keeps it. */
export const SHEET: DocumentFormat<MarkingSheet> = {
  name: 'marking-sheet',
  upgrades: [
    // From 1: it knew the marks in force, not who gave them.
    ({ marks, ...sheet }) => ({
      teaches: [],
      way: 'levels',
      assessors: {},
      number: 0,
      releasedAt: null,
      ...sheet,
      plates: (Array.isArray(marks) ? (marks as { studentId: string; dishEditionId: string; marks: Marks }[]) : []).map((entry) => ({
        studentId: entry.studentId,
        dishEditionId: entry.dishEditionId,
        given: Object.entries(entry.marks).map(([criterionKey, value]) => ({
          assessorId: '',
          criterionKey,
          value: value ?? null,
          number: 0,
        })),
      })),
    }),
    // From 2: plates came to the pass unsaid.
    (sheet) => ({
      arrivals: [],
      due: [],
      plateWaits: null,
      ...sheet,
      students: (Array.isArray(sheet.students) ? (sheet.students as object[]) : []).map((student) => ({ station: null, ...student })),
    }),
    // From 3: whoever marked last counted.
    (sheet) => ({ counting: NEWEST, ...sheet }),
  ],
  lacks: lacking({
    lessonId: 'text',
    title: 'text',
    dishes: 'parts',
    students: 'parts',
    plates: 'parts',
    assessors: 'object',
    number: 'number',
  }),
};

const keyOf = (lessonId: string) => `sheet ${lessonId}`;

/** A sheet from the server, kept for when there is none; without a network, the one that is kept. */
const fetchSheet =
  (personId: string) =>
  async (path: string): Promise<MarkingSheet> => {
    try {
      const sheet = await fetcher<MarkingSheet>(path);
      await keepDocument(personId, keyOf(sheet.lessonId), seal(SHEET, sheet)).catch(() => undefined);
      return sheet;
    } catch (error) {
      if (!isAway(error)) throw error;
      const kept = open(SHEET, await keptDocument(personId, keyOf(path.split('/')[2]!)).catch(() => null));
      if (kept.kind === 'opened') return kept.content;
      throw error;
    }
  };

const same = (a: Pick<MarkBody, 'studentId' | 'dishEditionId'>, b: Pick<MarkBody, 'studentId' | 'dishEditionId'>) =>
  a.studentId === b.studentId && a.dishEditionId === b.dishEditionId;

/** A sheet with one more judgement laid over it; the same assessor's last word on a criterion replaces the one before. */
export function withMark(
  sheet: MarkingSheet,
  { studentId, dishEditionId, criterionKey, value, agreed }: MarkBody,
  by: { id: string; name: string },
  number: number,
): MarkingSheet {
  const plate = sheet.plates.find((each) => same(each, { studentId, dishEditionId })) ?? { studentId, dishEditionId, given: [] };
  // One agreement for a criterion, whoever puts it down.
  const own = plate.given.find(
    (mark) => mark.criterionKey === criterionKey && (agreed ? mark.agreed : !mark.agreed && mark.assessorId === by.id),
  );
  if (own && own.number > number) return sheet;
  const next: MarkedPlate = {
    ...plate,
    given: [
      ...plate.given.filter((mark) => mark !== own),
      { assessorId: by.id, criterionKey, value, number, ...(agreed ? { agreed } : {}) },
    ],
  };
  return {
    ...sheet,
    plates: [...sheet.plates.filter((each) => !same(each, plate)), next],
    assessors: { ...sheet.assessors, [by.id]: by.name },
  };
}

/** A sheet with a plate that has come to the pass, or has not after all; the first time counts. */
export function withArrival(sheet: MarkingSheet, { arrived, ...plate }: ArrivedBody, at: string): MarkingSheet {
  const there = sheet.arrivals.some((each) => same(each, plate));
  if (arrived) return there ? sheet : { ...sheet, arrivals: [...sheet.arrivals, { ...plate, at }] };
  return { ...sheet, arrivals: sheet.arrivals.filter((each) => !same(each, plate)) };
}

/** A sheet with one more thing that happened. */
const withEvent = (
  sheet: MarkingSheet,
  event: Pick<LessonEvent, 'kind' | 'body' | 'at'>,
  by: { id: string; name: string },
  number: number,
) => {
  switch (event.kind) {
    case 'mark':
      return withMark(sheet, event.body as MarkBody, by, number);
    case 'arrived':
      return withArrival(sheet, event.body as ArrivedBody, event.at);
    case 'cooled':
      return sheet;
  }
};

/**
 * The marking of a lesson: the sheet with what others say as it happens, everything said on this device laid over it, and a
 * way to give a mark.
 */
export function useMarking(lessonId: string) {
  const me = useMe();
  const fetchOwn = useMemo(() => fetchSheet(me.id), [me.id]);
  const { data, error, mutate } = useSWR<MarkingSheet>(`/lessons/${lessonId}/marking-sheet`, fetchOwn, { revalidateOnFocus: false });
  const outbox = useOutbox();
  useLessonEvents(lessonId, data?.number ?? null, (event) => {
    void mutate(
      (now) => {
        if (!now || event.number <= now.number) return now;
        const next = { ...withEvent(now, event, event.by, event.number), number: event.number };
        void keepDocument(me.id, keyOf(lessonId), seal(SHEET, next)).catch(() => undefined);
        return next;
      },
      { revalidate: false },
    );
  });
  const sheet = useMemo(
    () =>
      data &&
      outbox.waiting
        .filter((entry) => entry.lessonId === lessonId)
        // What is not confirmed yet counts after everything that is.
        .reduce((now, entry, order) => withEvent(now, entry.event, me, data.number + 1 + order), data),
    [data, outbox.waiting, lessonId, me],
  );
  // A touch that comes before the last one has gone through the device builds on it all the same: two of "one more" are two.
  const [ahead, setAhead] = useState<readonly MarkBody[]>([]);
  const shownSheet = useMemo(
    () => sheet && ahead.reduce((now, body, order) => withMark(now, body, me, now.number + 1000 + order), sheet),
    [sheet, ahead, me],
  );
  const give = useCallback(
    async (body: MarkBody) => {
      setAhead((now) => [...now, body]);
      // On the screen at once; kept on the device and sent right after.
      const shown = mutate((now) => now && withMark(now, body, me, now.number + 0.5), { revalidate: false });
      try {
        await say(lessonId, 'mark', body);
        await shown;
      } finally {
        setAhead((now) => now.filter((each) => each !== body));
      }
    },
    [lessonId, me, mutate],
  );
  /** Says that a plate has come to the pass, or that it has not after all. */
  const call = useCallback(
    async (body: ArrivedBody) => {
      const shown = mutate((now) => now && withArrival(now, body, new Date().toISOString()), { revalidate: false });
      await say(lessonId, 'arrived', body);
      await shown;
    },
    [lessonId, mutate],
  );
  return { sheet: shownSheet, error: data ? undefined : (error as unknown), retry: () => void mutate(), give, call, outbox };
}

/** Everything assessors said of a dish. */
export function givenOn(sheet: MarkingSheet, studentId: string, dishEditionId: string): readonly GivenMark[] {
  return sheet.plates.find((plate) => same(plate, { studentId, dishEditionId }))?.given ?? [];
}

export const marksOf = (sheet: MarkingSheet, studentId: string, dishEditionId: string): Marks =>
  marksInForce(givenOn(sheet, studentId, dishEditionId), sheet.counting);

/** What one assessor said of a criterion; null when nothing, or when it was taken back. */
export const ownMark = (given: readonly GivenMark[], assessorId: string, criterionKey: string): MarkValue | null =>
  ownJudgements(given, assessorId).find((mark) => mark.criterionKey === criterionKey)?.value ?? null;

/** Whose word counts on a criterion, where it is not one's own alone. */
export function otherIn(sheet: MarkingSheet, given: readonly GivenMark[], criterionKey: string, me: string): string | null {
  const others = assessorsInForce(
    given.filter((mark) => mark.criterionKey === criterionKey),
    sheet.counting,
  ).filter((id) => id !== me);
  return others.length > 0 ? others.map((id) => sheet.assessors[id] ?? '').join(', ') : null;
}
