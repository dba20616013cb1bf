import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { MarkEvent, MarkingSheet } from '@pelvo/contract';

/** A touch that has not reached the server yet. It belongs to the person who gave it. */
export interface QueuedMark {
  readonly key: number;
  readonly lessonId: string;
  readonly personId: string;
  readonly event: MarkEvent;
  /** Why the server refused it; such a mark is kept and shown, not retried by itself. */
  readonly refused: string | null;
}

interface MarkDb extends DBSchema {
  queue: { key: number; value: Omit<QueuedMark, 'key'> & { key?: number } };
  sheets: { key: string; value: MarkingSheet };
}

let opened: Promise<IDBPDatabase<MarkDb>> | null = null;

function database(): Promise<IDBPDatabase<MarkDb>> {
  opened ??= openDB<MarkDb>('pelvo-marks', 1, {
    upgrade(db) {
      db.createObjectStore('queue', { keyPath: 'key', autoIncrement: true });
      db.createObjectStore('sheets', { keyPath: 'lessonId' });
    },
  });
  return opened;
}

export async function addToQueue(mark: Omit<QueuedMark, 'key' | 'refused'>): Promise<void> {
  await (await database()).add('queue', { ...mark, refused: null });
}

/** What waits, oldest first. */
export async function readQueue(): Promise<readonly QueuedMark[]> {
  return (await (await database()).getAll('queue')) as QueuedMark[];
}

export async function removeFromQueue(keys: readonly number[]): Promise<void> {
  const transaction = (await database()).transaction('queue', 'readwrite');
  await Promise.all([...keys.map((key) => transaction.store.delete(key)), transaction.done]);
}

export async function setRefused(mark: QueuedMark, refused: string | null): Promise<void> {
  await (await database()).put('queue', { ...mark, refused });
}

export async function keepSheet(sheet: MarkingSheet): Promise<void> {
  await (await database()).put('sheets', sheet);
}

export async function keptSheet(lessonId: string): Promise<MarkingSheet | null> {
  return (await (await database()).get('sheets', lessonId)) ?? null;
}
