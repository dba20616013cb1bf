import { useSyncExternalStore } from 'react';
import type { MarkEvent } from '@pelvo/contract';
import { isOffline, problemOf, send } from '../app/client';
import { addToQueue, readQueue, removeFromQueue, setRefused, type QueuedMark } from './markStore';

/** How the marks given on this device stand with the server. */
export interface QueueState {
  readonly waiting: readonly QueuedMark[];
  /** What keeps them from being saved, in words; null while nothing does. */
  readonly trouble: string | null;
  readonly sending: boolean;
}

const BATCH = 50;
const FIRST_PAUSE = 1000;
const LONGEST_PAUSE = 20_000;

let state: QueueState = { waiting: [], trouble: null, sending: false };
let personId: string | null = null;
let pause = FIRST_PAUSE;
let timer: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();

function set(change: Partial<QueueState>): void {
  state = { ...state, ...change };
  listeners.forEach((listener) => listener());
}

async function reload(): Promise<void> {
  const waiting = (await readQueue()).filter((mark) => mark.personId === personId);
  set({ waiting });
}

/** Sets whose marks are sent, and sends what waits. Marks of someone else wait until they sign in again. */
export async function startQueue(me: string): Promise<void> {
  if (personId !== me) {
    personId = me;
    await reload();
  }
  void flush();
}

/** Keeps a touch on the device first, then sends it. Resolves once it is kept, or, where nothing can be kept, sent. */
export async function giveMark(lessonId: string, event: MarkEvent): Promise<void> {
  if (!personId) throw new Error('Nobody is signed in to give marks');
  try {
    await addToQueue({ lessonId, personId, event });
  } catch {
    await sendUnkept(lessonId, event);
    return;
  }
  await reload();
  void flush();
}

/** A browser without storage, in private mode say: the mark is sent at once, and if that fails the screen says so. */
async function sendUnkept(lessonId: string, event: MarkEvent): Promise<void> {
  try {
    await send('POST', `/lessons/${lessonId}/marks`, { body: { events: [event] } });
  } catch (error) {
    set({ trouble: `the last mark was not saved and cannot be kept on this device: ${problemOf(error).title} Give it again.` });
  }
}

/** Tries again what was refused, and what waits. */
export async function retryNow(): Promise<void> {
  await Promise.all(state.waiting.filter((mark) => mark.refused !== null).map((mark) => setRefused(mark, null)));
  pause = FIRST_PAUSE;
  await reload();
  void flush();
}

async function flush(): Promise<void> {
  clearTimeout(timer);
  // One tab sends at a time, so that marks arrive in the order in which they were given.
  await navigator.locks.request('pelvo-marks', async () => {
    await reload();
    set({ sending: true });
    try {
      for (let batch = nextBatch(); batch.length > 0; batch = nextBatch()) {
        await sendBatch(batch);
        await reload();
      }
      pause = FIRST_PAUSE;
      const refused = state.waiting.length;
      set({ trouble: refused > 0 ? `${refused} refused: ${state.waiting[0]!.refused}` : null });
    } catch (error) {
      const problem = problemOf(error);
      set({ trouble: isOffline(error) ? 'no connection' : problem.status === 401 ? 'signed out: sign in again' : problem.title });
      timer = setTimeout(() => void flush(), pause);
      pause = Math.min(LONGEST_PAUSE, pause * 2);
    }
    set({ sending: false });
  });
}

function nextBatch(): readonly QueuedMark[] {
  const open = state.waiting.filter((mark) => mark.refused === null);
  const lessonId = open[0]?.lessonId;
  return open.filter((mark) => mark.lessonId === lessonId).slice(0, BATCH);
}

const REFUSALS = new Set([403, 404, 409, 422]);

async function sendBatch(batch: readonly QueuedMark[]): Promise<void> {
  try {
    await send('POST', `/lessons/${batch[0]!.lessonId}/marks`, { body: { events: batch.map((mark) => mark.event) } });
    await removeFromQueue(batch.map((mark) => mark.key));
  } catch (error) {
    const problem = problemOf(error);
    if (!REFUSALS.has(problem.status)) throw error;
    // One bad mark must not hold up the others: send them one by one and keep the bad one aside.
    if (batch.length > 1) for (const mark of batch) await sendBatch([mark]);
    else
      await setRefused(
        batch[0]!,
        problem.errors?.[0] ? `${problem.errors[0].problem} ${problem.errors[0].remedy}` : (problem.detail ?? problem.title),
      );
  }
}

addEventListener('online', () => {
  pause = FIRST_PAUSE;
  if (personId) void flush();
});

export function useQueue(): QueueState {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => state,
  );
}
