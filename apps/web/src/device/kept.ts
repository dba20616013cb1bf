import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { SaidEvent } from '@pelvo/contract';

/** Something said in a lesson that has not reached the server yet. It belongs to the person who said it, and holds ids only. */
export interface Waiting {
  readonly key: number;
  readonly lessonId: string;
  readonly personId: string;
  readonly event: SaidEvent;
  /** Why the server refused it; it is kept and shown, not retried by itself. */
  readonly refused: string | null;
}

/** A document kept for when there is no network: whose it is, and what it is of. It names people, and goes with the sign-out. */
interface KeptDocument {
  readonly key: string;
  readonly personId: string;
  readonly stored: unknown;
}

/** A photo of a plate that has not reached the server yet. */
export interface WaitingPhoto {
  readonly id: string;
  readonly personId: string;
  readonly lessonId: string;
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly at: string;
  readonly image: Blob;
}

interface DeviceDb extends DBSchema {
  photos: { key: string; value: WaitingPhoto };
  outbox: { key: number; value: Omit<Waiting, 'key'> & { key?: number } };
  documents: { key: string; value: KeptDocument };
}

/** What was here before there was an outbox: marks alone, and the sheets they were given on. */
const OLDER = 'pelvo-marks';

let opened: Promise<IDBPDatabase<DeviceDb>> | null = null;

function database(): Promise<IDBPDatabase<DeviceDb>> {
  opened ??= openDB<DeviceDb>('pelvo-device', 2, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('outbox', { keyPath: 'key', autoIncrement: true });
        db.createObjectStore('documents', { keyPath: 'key' });
      }
      db.createObjectStore('photos', { keyPath: 'id' });
    },
    // Another tab brings a newer Pelvo: this one lets go, and opens again when it needs to.
    blocking: () => void opened?.then((db) => db.close()).finally(() => (opened = null)),
  })
    .then(async (db) => {
      await takeOlder(db);
      return db;
    })
    .catch((error: unknown) => {
      // Tried again the next time: storage may have been full, or forbidden for a while.
      opened = null;
      throw error;
    });
  return opened;
}

interface OlderMark {
  readonly lessonId: string;
  readonly personId: string;
  readonly refused: string | null;
  readonly event: { readonly id: string; readonly at: string } & Readonly<Record<string, unknown>>;
}

/** Marks that an earlier Pelvo kept on this device go into the outbox; what names people is not taken along. */
async function takeOlder(db: IDBPDatabase<DeviceDb>): Promise<void> {
  const names = (await indexedDB.databases?.())?.map(({ name }) => name) ?? [];
  if (!names.includes(OLDER)) return;
  const older = await openDB(OLDER);
  const marks = older.objectStoreNames.contains('queue') ? ((await older.getAll('queue')) as OlderMark[]) : [];
  const transaction = db.transaction('outbox', 'readwrite');
  for (const { lessonId, personId, refused, event } of marks) {
    const { id, at, ...body } = event;
    await transaction.store.add({ lessonId, personId, refused, event: { id, at, kind: 'mark', body } });
  }
  await transaction.done;
  older.close();
  indexedDB.deleteDatabase(OLDER);
}

export async function addWaiting(entry: Omit<Waiting, 'key' | 'refused'>): Promise<void> {
  await (await database()).add('outbox', { ...entry, refused: null });
}

/** What waits, oldest first. */
export async function readWaiting(): Promise<readonly Waiting[]> {
  return (await (await database()).getAll('outbox')) as Waiting[];
}

export async function removeWaiting(keys: readonly number[]): Promise<void> {
  const transaction = (await database()).transaction('outbox', 'readwrite');
  await Promise.all([...keys.map((key) => transaction.store.delete(key)), transaction.done]);
}

export async function setRefused(entry: Waiting, refused: string | null): Promise<void> {
  await (await database()).put('outbox', { ...entry, refused });
}

/** Keeps a document for its person. */
export async function keepDocument(personId: string, key: string, stored: unknown): Promise<void> {
  await (await database()).put('documents', { key: `${personId} ${key}`, personId, stored });
}

export async function keptDocument(personId: string, key: string): Promise<unknown> {
  return (await (await database()).get('documents', `${personId} ${key}`))?.stored ?? null;
}

/** Nothing that names a student or a need stays on a device after sign-out. */
export async function forgetDocuments(): Promise<void> {
  await (await database()).clear('documents');
}

export async function addPhoto(photo: WaitingPhoto): Promise<void> {
  await (await database()).put('photos', photo);
}

export async function readPhotos(): Promise<readonly WaitingPhoto[]> {
  return (await database()).getAll('photos');
}

export async function removePhoto(id: string): Promise<void> {
  await (await database()).delete('photos', id);
}
