import { useCallback, useMemo } from 'react';
import useSWR from 'swr';
import type { CooledBody } from '@pelvo/core';
import type { CooledReading, CoolingOfLesson, LessonEvent } from '@pelvo/contract';
import { fetcher, say, useLessonEvents, useMe, useOutbox } from '../device';

/** The log of what cools in a lesson: with what others say as it happens, and what waits on this device laid over it. */
export function useCooling(lessonId: string) {
  const me = useMe();
  const { data, error, mutate } = useSWR<CoolingOfLesson>(`/lessons/${lessonId}/cooling`, fetcher);
  const outbox = useOutbox();
  useLessonEvents(lessonId, data?.number ?? null, (event) => {
    void mutate((now) => (now && event.number > now.number ? { ...withEvent(now, event), number: event.number } : now), {
      revalidate: false,
    });
  });
  const waiting = useMemo(
    () =>
      outbox.waiting
        .filter((entry) => entry.lessonId === lessonId && entry.event.kind === 'cooled')
        .map(({ event }): CooledReading => ({ body: event.body as CooledBody, at: event.at, by: me.name })),
    [outbox.waiting, lessonId, me],
  );
  const said = useMemo(() => [...(data?.said ?? []), ...waiting], [data, waiting]);
  const note = useCallback(
    async (body: CooledBody) => {
      const { at } = await say(lessonId, 'cooled', body);
      // It stays on the screen between the moment it is sent and the one in which it is told.
      await mutate((now) => now && { ...now, said: [...now.said, { body, at, by: me.name }] }, { revalidate: false });
    },
    [lessonId, me, mutate],
  );
  return { log: data, said, error: data ? undefined : (error as unknown), retry: () => void mutate(), note, outbox };
}

function withEvent(log: CoolingOfLesson, { kind, body, at, by }: LessonEvent): CoolingOfLesson {
  return kind === 'cooled' ? { ...log, said: [...log.said, { body: body as CooledBody, at, by: by.name }] } : log;
}
