const MOST = 5000;
/** Longer texts are no names and no lines: they are not kept. */
const LONGEST = 400;

/**
 * A function of one text that remembers what it gave, for functions that always give the same for the same: names of
 * ingredients come again and again. It forgets everything once it has met many, so that it cannot grow without end.
 *
 * @example remembered((name) => name.length)('leek') // 4
 */
export function remembered<T>(work: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    if (text.length > LONGEST) return work(text);
    const before = known.get(text);
    if (before !== undefined) return before;
    const now = work(text);
    if (known.size >= MOST) known.clear();
    known.set(text, now);
    return now;
  };
}
