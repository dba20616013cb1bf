import { useCallback, useEffect, useState } from 'react';
import useSWR from 'swr';
import type { PlatePhoto } from '@pelvo/contract';
import { addPhoto, fetcher, isAway, newId, problemOf, readPhotos, removePhoto, send, useMe, type WaitingPhoto } from '../device';
import { NoPhoto, reducePhoto } from './reducePhoto';

const RETRY_MS = 15_000;

interface Plate {
  readonly lessonId: string;
  readonly studentId: string;
  readonly dishEditionId: string;
}

export interface PlatePhotos {
  readonly photos: readonly PlatePhoto[];
  /** Taken here and not sent yet. */
  readonly waiting: readonly WaitingPhoto[];
  readonly problem: string | null;
  readonly take: (file: File) => Promise<void>;
  readonly erase: (id: string) => Promise<void>;
  /** Gives up a photo that the server refuses. */
  readonly drop: (id: string) => Promise<void>;
}

/** Photos of a plate: kept on the device first, sent as soon as the server can be reached, each once. */
export function usePlatePhotos({ lessonId, studentId, dishEditionId }: Plate): PlatePhotos {
  const me = useMe();
  const { data = [], mutate } = useSWR<readonly PlatePhoto[]>(`/lessons/${lessonId}/photos`, fetcher);
  const [waiting, setWaiting] = useState<readonly WaitingPhoto[]>([]);
  const [problem, setProblem] = useState<string | null>(null);

  const isHere = useCallback(
    (photo: { readonly studentId: string; readonly dishEditionId: string }) =>
      photo.studentId === studentId && photo.dishEditionId === dishEditionId,
    [studentId, dishEditionId],
  );

  const flush = useCallback(async () => {
    const own = (await readPhotos().catch(() => [])).filter((photo) => photo.personId === me.id);
    setWaiting(own);
    for (const photo of own) {
      const of = new URLSearchParams({ studentId: photo.studentId, dishEditionId: photo.dishEditionId, at: photo.at });
      try {
        await send('PUT', `/lessons/${photo.lessonId}/photos/${photo.id}?${of}`, { file: photo.image });
      } catch (error) {
        // Without a network it waits; what is refused waits to be seen, on the page of its own plate.
        if (!isAway(error) && isHere(photo)) setProblem(problemOf(error).errors?.[0]?.problem ?? problemOf(error).title);
        continue;
      }
      await removePhoto(photo.id);
      setWaiting((now) => now.filter(({ id }) => id !== photo.id));
      await mutate();
    }
  }, [isHere, me.id, mutate]);

  useEffect(() => {
    const again = () => void flush();
    const first = setTimeout(again);
    addEventListener('online', again);
    const timer = setInterval(again, RETRY_MS);
    return () => {
      clearTimeout(first);
      removeEventListener('online', again);
      clearInterval(timer);
    };
  }, [flush]);

  return {
    photos: data.filter(isHere),
    waiting: waiting.filter(isHere),
    problem,
    take: async (file) => {
      setProblem(null);
      try {
        const image = await reducePhoto(file);
        await addPhoto({ id: newId(), personId: me.id, lessonId, studentId, dishEditionId, at: new Date().toISOString(), image });
      } catch (error) {
        setProblem(error instanceof NoPhoto ? error.message : 'This device cannot keep the photo: its storage is full or closed.');
        return;
      }
      await flush();
    },
    erase: async (id) => {
      setProblem(null);
      await send('DELETE', `/photos/${id}`).catch((error: unknown) => setProblem(problemOf(error).title));
      await mutate();
    },
    drop: async (id) => {
      await removePhoto(id);
      setProblem(null);
      await flush();
    },
  };
}
