/** Techniques to be learned before another, by id. */
export type Prerequisites = ReadonlyMap<string, readonly string[]>;

/**
 * A ring in the prerequisites: ids in order, the first again at the end; null when there is none.
 *
 * Walks in depth with its own stack, so that hundreds of techniques in a row are no danger.
 *
 * @example findRing(new Map([['dice', ['julienne']], ['julienne', ['dice']]])) // ['dice', 'julienne', 'dice']
 */
export function findRing(prerequisites: Prerequisites): readonly string[] | null {
  const done = new Set<string>();
  for (const start of prerequisites.keys()) {
    if (done.has(start)) continue;
    const path: string[] = [start];
    const onPath = new Set(path);
    const next: number[] = [0];
    while (path.length > 0) {
      const at = path.at(-1)!;
      const needed = prerequisites.get(at) ?? [];
      const index = next[next.length - 1]!;
      const needs = needed[index];
      next[next.length - 1] = index + 1;
      if (needs === undefined) {
        done.add(at);
        onPath.delete(at);
        path.pop();
        next.pop();
      } else if (onPath.has(needs)) return [...path.slice(path.indexOf(needs)), needs];
      else if (!done.has(needs)) {
        path.push(needs);
        onPath.add(needs);
        next.push(0);
      }
    }
  }
  return null;
}

/** Everything that has to be learned before `id`, however far back, without `id`. */
export function allBefore(id: string, prerequisites: Prerequisites): ReadonlySet<string> {
  const found = new Set<string>();
  const open = [...(prerequisites.get(id) ?? [])];
  while (open.length > 0) {
    const each = open.pop()!;
    if (each === id || found.has(each)) continue;
    found.add(each);
    open.push(...(prerequisites.get(each) ?? []));
  }
  return found;
}

/** The prerequisites read the other way: what each technique opens. */
export function opens(prerequisites: Prerequisites): Prerequisites {
  const out = new Map<string, string[]>();
  for (const [id, needed] of prerequisites)
    for (const needs of needed) {
      const list = out.get(needs);
      if (list) list.push(id);
      else out.set(needs, [id]);
    }
  return out;
}
