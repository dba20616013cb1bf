import { useSyncExternalStore } from 'react';
import { problemOf, type EventKind, type EventsTaken, type SaidEvent } from '@pelvo/contract';
import { isOffline, isPassing, send } from './client';
import { newId } from './ids';
import { addWaiting, readWaiting, removeWaiting, setRefused, type Waiting } from './kept';

/** How what was said on this device stands with the server. */
export interface OutboxState {
  readonly waiting: readonly Waiting[];
  /** What keeps it from being saved, in words; null while nothing does. */
  readonly trouble: string | null;
  readonly sending: boolean;
}

const BATCH = 50;
const FIRST_PAUSE = 1000;
const LONGEST_PAUSE = 20_000;

let state: OutboxState = { waiting: [], trouble: null, sending: false };
let personId: string | null = null;
let pause = FIRST_PAUSE;
let timer: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();
/** Other tabs of this device: what one adds or sends, all show. */
const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('pelvo-outbox');
tabs?.addEventListener('message', () => void reload());

function set(change: Partial<OutboxState>): void {
  state = { ...state, ...change };
  listeners.forEach((listener) => listener());
}

async function reload(): Promise<void> {
  // A browser that keeps nothing has nothing that waits.
  const kept = await readWaiting().catch(() => []);
  set({ waiting: kept.filter((entry) => entry.personId === personId) });
}

async function changed(): Promise<void> {
  await reload();
  tabs?.postMessage('changed');
}

/** Sets whose events are sent, and sends what waits. Those of someone else wait until they sign in again. */
export async function openOutbox(me: string): Promise<void> {
  if (personId !== me) {
    personId = me;
    set({ trouble: null });
    await reload();
  }
  void flush();
}

/** Nobody is signed in any more: what waits stays on the device, out of sight. */
export function closeOutbox(): void {
  clearTimeout(timer);
  personId = null;
  set({ waiting: [], trouble: null, sending: false });
}

/**
 * Says that something happened in a lesson: kept on the device first, then sent. Resolves once it is kept, or, where nothing
 * can be kept, sent.
 */
export async function say(lessonId: string, kind: EventKind, body: object): Promise<SaidEvent> {
  if (!personId) throw new Error('Nobody is signed in to say anything');
  const event: SaidEvent = { id: newId(), kind, body, at: new Date().toISOString() };
  try {
    await addWaiting({ lessonId, personId, event });
  } catch {
    await sendUnkept(lessonId, event);
    return event;
  }
  await changed();
  void flush();
  return event;
}

/** A browser without storage, in private mode say: it is sent at once, and if that fails the screen says so. */
async function sendUnkept(lessonId: string, event: SaidEvent): Promise<void> {
  try {
    await send('POST', `/lessons/${lessonId}/events`, { body: { events: [event], sentAt: new Date().toISOString() } });
  } catch (error) {
    set({ trouble: `the last touch was not saved and cannot be kept on this device: ${problemOf(error).title} Give it again.` });
  }
}

/** Tries again what was refused, and what waits. */
export async function retryNow(): Promise<void> {
  await Promise.all(state.waiting.filter((entry) => entry.refused !== null).map((entry) => setRefused(entry, null)));
  pause = FIRST_PAUSE;
  await changed();
  await flush();
}

/** One tab sends at a time, so that events arrive in the order in which they were said. */
function alone(work: () => Promise<void>): Promise<void> {
  const { locks } = navigator as { locks?: LockManager };
  return locks ? locks.request('pelvo-outbox', work) : work();
}

/** Sends what waits; resolves when it is sent, or cannot be now. */
export async function flush(): Promise<void> {
  clearTimeout(timer);
  await alone(async () => {
    const owner = personId;
    if (!owner) return;
    await reload();
    set({ sending: true });
    try {
      for (let batch = nextBatch(); batch.length > 0 && personId === owner; batch = nextBatch()) {
        await sendBatch(batch);
        await changed();
      }
      pause = FIRST_PAUSE;
      const refused = state.waiting.filter((entry) => entry.refused !== null);
      set({ trouble: refused.length > 0 ? `${refused.length} refused: ${refused[0]!.refused}` : null });
    } catch (error) {
      const problem = problemOf(error);
      set({ trouble: isOffline(error) ? 'no connection' : problem.status === 401 ? 'signed out: sign in again' : problem.title });
      if (personId === owner) timer = setTimeout(() => void flush(), pause);
      pause = Math.min(LONGEST_PAUSE, pause * 2);
    }
    set({ sending: false });
  });
}

function nextBatch(): readonly Waiting[] {
  const open = state.waiting.filter((entry) => entry.refused === null);
  const lessonId = open[0]?.lessonId;
  return open.filter((entry) => entry.lessonId === lessonId).slice(0, BATCH);
}

async function sendBatch(batch: readonly Waiting[]): Promise<void> {
  const { lessonId, personId: as } = batch[0]!;
  try {
    await send<EventsTaken>('POST', `/lessons/${lessonId}/events`, {
      body: { events: batch.map(({ event }) => event), sentAt: new Date().toISOString() },
      as,
    });
    await removeWaiting(batch.map(({ key }) => key));
  } catch (error) {
    const problem = problemOf(error);
    // What passes by itself is tried again, and so is what waits for its owner to sign in.
    if (isPassing(error) || problem.status === 401) throw error;
    // One that is refused must not hold up the others: they go one by one, and it is kept aside with its reason.
    if (batch.length > 1) for (const entry of batch) await sendBatch([entry]);
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

export function useOutbox(): OutboxState {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => state,
  );
}
