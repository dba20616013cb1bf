import { useCallback, useEffect, useState } from 'react';

const PREFIX = 'pelvo.draft.';

/**
 * State that survives a reload: what is typed is kept on this device under `key` until it is cleared.
 *
 * @returns the value, a setter, and a function that forgets what was kept
 */
export function useDraft<T>(key: string, initial: T): [T, (value: T | ((now: T) => T)) => void, () => void, boolean] {
  const [state, setState] = useState<{ value: T; kept: boolean }>(() => {
    const stored = keptDraft<T>(key);
    return stored === null ? { value: initial, kept: false } : { value: stored, kept: true };
  });
  const set = useCallback((next: T | ((now: T) => T)) => {
    setState((now) => ({ value: typeof next === 'function' ? (next as (now: T) => T)(now.value) : next, kept: true }));
  }, []);
  useEffect(() => {
    if (!state.kept) return;
    keepDraft(key, state.value);
  }, [key, state]);
  const clear = useCallback(() => {
    localStorage.removeItem(PREFIX + key);
    setState((now) => ({ ...now, kept: false }));
  }, [key]);
  return [state.value, set, clear, state.kept];
}

/** What is kept under a key on this device; null when nothing is. */
export function keptDraft<T>(key: string): T | null {
  try {
    return JSON.parse(localStorage.getItem(PREFIX + key) ?? 'null') as T | null;
  } catch {
    return null;
  }
}

/** Keeps a draft for the screen that shows it under the same key. */
export function keepDraft<T>(key: string, value: T): void {
  try {
    localStorage.setItem(PREFIX + key, JSON.stringify(value));
  } catch {
    // The device is full: what is typed stays on the screen all the same.
  }
}
