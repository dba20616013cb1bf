import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { open, sameDocument, seal, type DocumentFormat } from '@pelvo/core';
import { ownerId } from './owner';
import { rebaseFields, type Clash, type Rebase } from './rebase';

/** What is stored at the moment, with the version to save against; a new thing has version 0. */
export interface Stored<T> {
  readonly content: T;
  readonly version: number;
}

/** A draft as it is kept on the device: what it was based on, and what was made of it. */
interface Kept<T> {
  /** Null for a draft from before drafts knew what they were based on. */
  readonly base: T | null;
  readonly version: number;
  readonly mine: T;
  readonly clashes: readonly Clash[];
  /** Someone else has stored something since the draft was begun. */
  readonly rebased: boolean;
  /** Fields that may name a need, and so do not stay on the device when its owner signs out. */
  readonly personal: readonly string[];
  /** It is being saved: until the answer is here, nobody knows what it is to be compared with. */
  readonly sending?: boolean;
}

export interface DraftOptions<T> {
  /** How older contents of it are upgraded. */
  readonly format?: DocumentFormat<T>;
  /** How my changes are brought onto what someone else stored; field by field when left out. */
  readonly rebase?: Rebase<T>;
  readonly personal?: readonly (keyof T & string)[];
}

/** Changes of one thing that are not saved yet. */
export interface Draft<T> {
  /** What is shown and edited: mine over what is stored. */
  readonly content: T;
  /** The version to save against. */
  readonly version: number;
  /** Whether it says anything that is not stored. */
  readonly dirty: boolean;
  /** Someone else stored something while this was edited; what both changed differently is in `clashes`. */
  readonly meanwhile: { readonly clashes: readonly Clash[] } | null;
  readonly change: (next: T | ((now: T) => T)) => void;
  readonly drop: () => void;
  /** Takes theirs in everything both changed. */
  readonly takeTheirs: () => void;
  /**
   * Saves what stands there now. What is typed while it is under way stays, as changes of what was stored by then.
   *
   * @param put - sends it, and gives back what is stored then
   */
  readonly save: (put: (content: T, version: number) => Promise<Stored<T>>) => Promise<void>;
}

const PREFIX = 'pelvo.draft.';
const FORMAT_VERSION = 2;

const keyOf = (key: string) => `${PREFIX}${ownerId()}.${key}`;

/**
 * A draft of something stored: kept on this device for the person who is signed in, through a reload. It knows what it was
 * based on; when someone else stores something meanwhile it is brought onto that, field by field; it is dropped when it says
 * nothing new; and it never hides what is stored.
 */
export function useDraft<T extends object>(key: string, stored: Stored<T>, options: DraftOptions<T> = {}): Draft<T> {
  const [raw, setRaw] = useState<Kept<T> | null>(() => readKept<T>(keyOf(key), options));
  const latest = useRef({ stored, options, key });
  const kept = useMemo(() => settle(raw, stored, options.rebase), [raw, stored, options.rebase]);
  if (kept !== raw) setRaw(kept);
  const now = useRef(kept);
  useEffect(() => {
    latest.current = { stored, options, key };
    now.current = kept;
  });
  useEffect(() => writeKept(keyOf(key), kept, options.format), [key, kept, options.format]);

  const change = useCallback((next: T | ((now: T) => T)) => {
    const { stored: at, options: by } = latest.current;
    setRaw((old) => {
      const before = old ?? begin(at, by);
      const mine = typeof next === 'function' ? (next as (now: T) => T)(before.mine) : next;
      return { ...before, mine };
    });
  }, []);
  const drop = useCallback(() => setRaw(null), []);
  const takeTheirs = useCallback(() => {
    const { stored: at } = latest.current;
    setRaw((old) => old && { ...old, clashes: [], mine: withTheirs(old.mine, at.content, old.clashes) });
  }, []);
  const save = useCallback(async (put: (content: T, version: number) => Promise<Stored<T>>) => {
    const { stored: at, options: by } = latest.current;
    const sent = now.current ?? begin(at, by);
    setRaw((old) => old && { ...old, sending: true });
    let result: Stored<T>;
    try {
      result = await put(sent.mine, sent.version);
    } catch (error) {
      setRaw((old) => old && { ...old, sending: false });
      throw error;
    }
    // What was typed since is a change of what was sent, and so of what is stored now.
    setRaw((old) => {
      if (!old || sameDocument(old.mine, sent.mine)) return null;
      return { ...old, ...onto({ base: sent.mine, mine: old.mine }, result, by.rebase), rebased: false, sending: false };
    });
  }, []);

  return {
    content: kept?.mine ?? stored.content,
    version: kept?.version ?? stored.version,
    dirty: kept !== null,
    meanwhile: kept?.rebased ? { clashes: kept.clashes } : null,
    change,
    drop,
    takeTheirs,
    save,
  };
}

const begin = <T extends object>(stored: Stored<T>, { personal = [] }: DraftOptions<T>): Kept<T> => ({
  base: stored.content,
  version: stored.version,
  mine: stored.content,
  clashes: [],
  rebased: false,
  personal,
});

/** A draft beside what is stored now: dropped when it says nothing new, brought onto it when that is newer. */
function settle<T extends object>(found: Kept<T> | null, stored: Stored<T>, rebase?: Rebase<T>): Kept<T> | null {
  if (!found || found.sending) return found;
  const kept = withPersonal(found, stored.content);
  // What this screen has may be older than what the draft knows of: then the draft waits for it.
  if (kept.version > stored.version) return kept;
  if (sameDocument(kept.mine, stored.content)) return null;
  if (kept.version === stored.version && kept.base) return kept;
  if (kept.version === stored.version) return { ...kept, base: stored.content };
  const next = { ...kept, ...onto(kept, stored, rebase), rebased: true };
  return sameDocument(next.mine, stored.content) ? null : next;
}

/** What was taken out of a draft at a sign-out is what is stored. */
function withPersonal<T extends object>(kept: Kept<T>, stored: T): Kept<T> {
  const gone = kept.personal.filter((field) => field in stored && !(field in kept.mine));
  if (gone.length === 0) return kept;
  const fields = Object.fromEntries(gone.map((field) => [field, stored[field as keyof T]]));
  return { ...kept, mine: { ...kept.mine, ...fields }, base: kept.base && { ...kept.base, ...fields } };
}

function onto<T extends object>({ base, mine }: Pick<Kept<T>, 'base' | 'mine'>, stored: Stored<T>, rebase?: Rebase<T>) {
  const rebased = rebase && base ? rebase(base, mine, stored.content) : rebaseFields(base, mine, stored.content);
  return { base: stored.content, version: stored.version, mine: rebased.mine, clashes: rebased.clashes };
}

/** Mine, with theirs in the fields that clash. */
function withTheirs<T extends object>(mine: T, theirs: T, clashes: readonly Clash[]): T {
  const roots = new Set(clashes.map(({ where }) => where.split('.')[0]!));
  const known = [...roots].every((root) => root in mine);
  if (!known) return theirs;
  return Object.fromEntries(
    Object.entries(mine).map(([field, value]) => [field, roots.has(field) ? theirs[field as keyof T] : (value as unknown)]),
  ) as T;
}

/** What is kept under a key, whatever version wrote it; null when nothing is, or it cannot be used. */
function readKept<T extends object>(key: string, { format, personal = [] }: DraftOptions<T>): Kept<T> | null {
  try {
    const text = localStorage.getItem(key) ?? takeOlder(key);
    const found = JSON.parse(text ?? 'null') as { document?: string; version?: number; content?: unknown } | null;
    if (!found) return null;
    const raw = (found.document === 'draft' ? found.content : older(found)) as Kept<unknown> | null;
    if (!raw) return null;
    const opened = (content: unknown): T | null => {
      if (!format || content === null) return content as T | null;
      const result = open(format, content);
      return result.kind === 'opened' ? result.content : null;
    };
    const mine = opened(raw.mine);
    return (
      mine && {
        ...raw,
        mine,
        base: opened(raw.base ?? null),
        clashes: raw.clashes ?? [],
        rebased: raw.rebased ?? false,
        personal,
        sending: false,
      }
    );
  } catch {
    return null;
  }
}

/** Before drafts were one thing: a dish knew its base, a plan, a rubric and a set of cuts did not, a recipe stood there as it was. */
function older(found: object): Pick<Kept<unknown>, 'base' | 'mine' | 'version'> {
  const draft = found as { base?: unknown; mine?: unknown; fields?: unknown; content?: unknown; draft?: unknown; version?: number };
  const mine = draft.mine ?? draft.fields ?? draft.content ?? draft.draft ?? found;
  return { base: draft.base ?? null, mine, version: draft.version ?? 0 };
}

/** A draft from before drafts had owners is that of whoever was signed in last on this device. */
function takeOlder(key: string): string | null {
  const me = ownerId();
  const name = key.startsWith(`${PREFIX}${me}.`) ? key.slice(PREFIX.length + me.length + 1) : null;
  const text = name ? localStorage.getItem(PREFIX + name) : null;
  if (name && text) localStorage.removeItem(PREFIX + name);
  return text;
}

function writeKept<T extends object>(key: string, kept: Kept<T> | null, format?: DocumentFormat<T>): void {
  try {
    if (!kept) {
      localStorage.removeItem(key);
      return;
    }
    const sealed = (content: T | null) => (format && content ? seal(format, content) : content);
    const content = { ...kept, mine: sealed(kept.mine), base: sealed(kept.base) };
    localStorage.setItem(key, JSON.stringify({ document: 'draft', version: FORMAT_VERSION, content }));
  } catch {
    // The device is full: what is typed stays on the screen all the same.
  }
}

/** Takes out of every draft on this device what may name a need; the rest waits for its owner. */
export function forgetPersonal(): void {
  for (const key of Object.keys(localStorage)) {
    if (!key.startsWith(PREFIX)) continue;
    try {
      const kept = JSON.parse(localStorage.getItem(key)!) as { document?: string; content?: Kept<Record<string, unknown>> };
      const personal = kept.document === 'draft' ? (kept.content?.personal ?? []) : [];
      if (personal.length === 0) continue;
      const without = (content: Record<string, unknown> | null) =>
        content &&
        Object.fromEntries(Object.entries(content).map(([field, value]) => [field, personal.includes(field) ? undefined : value]));
      const content = { ...kept.content, mine: without(kept.content!.mine), base: without(kept.content!.base) };
      localStorage.setItem(key, JSON.stringify({ ...kept, content }));
    } catch {
      localStorage.removeItem(key);
    }
  }
}
