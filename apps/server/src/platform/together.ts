/**
 * Does for many at once what is the same for all of them. Who asks while it is being done waits for the next time it is
 * done, together with all who wait: what they get was begun after they asked, so that it holds whatever they saved before.
 */
export function together<T>(work: (key: string) => Promise<T>): (key: string) => Promise<T> {
  const running = new Map<string, Promise<T>>();
  const next = new Map<string, Promise<T>>();
  const begin = (key: string): Promise<T> => {
    const begun = work(key).finally(() => {
      if (running.get(key) === begun) running.delete(key);
    });
    running.set(key, begun);
    return begun;
  };
  return (key) => {
    const now = running.get(key);
    if (!now) return begin(key);
    const waiting = next.get(key);
    if (waiting) return waiting;
    const after = now
      .then(
        () => undefined,
        () => undefined,
      )
      .then(() => {
        next.delete(key);
        return begin(key);
      });
    next.set(key, after);
    return after;
  };
}
