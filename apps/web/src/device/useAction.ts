import { useCallback, useState } from 'react';

/** Something a person set off: whether it still runs, how it failed, and how to set it off. */
export interface Action {
  readonly busy: boolean;
  readonly error: unknown;
  /** Runs `work`; a failure becomes `error` instead of being thrown. Resolves to whether it went well. */
  readonly run: (work: () => Promise<unknown>) => Promise<boolean>;
  readonly forget: () => void;
}

export function useAction(): Action {
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const run = useCallback(async (work: () => Promise<unknown>) => {
    setBusy(true);
    setError(null);
    try {
      await work();
      return true;
    } catch (failure) {
      setError(failure);
      return false;
    } finally {
      setBusy(false);
    }
  }, []);
  const forget = useCallback(() => setError(null), []);
  return { busy, error, run, forget };
}
