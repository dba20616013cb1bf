import { useState } from 'react';
import { send } from './client';
import { useAction } from './useAction';

/** What is being imported: read first, shown as what it would become, and stored only when that is asked for. */
export interface Importing<T> {
  /** What was chosen last. */
  readonly name: string | null;
  /** What it would become; null before it is read, and after it is stored. */
  readonly preview: T | null;
  /** What was stored. */
  readonly done: T | null;
  readonly busy: boolean;
  readonly error: unknown;
  readonly read: (source: Blob, name: string) => void;
  readonly apply: (more?: string) => Promise<boolean>;
}

/**
 * @param pathOf - where it is sent; `apply=true` is added when it is to be stored
 * @param options - `check` refuses a file before it is sent, by throwing; `after` runs when it is stored
 */
export function useImport<T>(
  pathOf: (name: string) => string,
  { check, after }: { check?: (source: Blob) => void; after?: (done: T) => Promise<void> | void } = {},
): Importing<T> {
  const [source, setSource] = useState<{ readonly blob: Blob; readonly name: string } | null>(null);
  const [preview, setPreview] = useState<T | null>(null);
  const [done, setDone] = useState<T | null>(null);
  const { busy, error, run, forget } = useAction();
  return {
    name: source?.name ?? null,
    preview,
    done,
    busy,
    error,
    read: (blob, name) => {
      setSource({ blob, name });
      setPreview(null);
      setDone(null);
      forget();
      void run(async () => {
        check?.(blob);
        setPreview(await send<T>('POST', pathOf(name), { file: blob }));
      });
    },
    apply: (more = '') =>
      run(async () => {
        const path = pathOf(source!.name);
        const stored = await send<T>('POST', `${path}${path.includes('?') ? '&' : '?'}apply=true${more}`, { file: source!.blob });
        setDone(stored);
        setPreview(null);
        await after?.(stored);
      }),
  };
}
