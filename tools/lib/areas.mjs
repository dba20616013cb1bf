import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve, sep } from 'node:path';

/** What stands under the areas of an application, and knows none of them. */
const GROUND = new Set(['app', 'platform', 'design', 'device', 'migrations', 'starter', 'demo']);

/** The areas of an application's source: its folders, but for the ground they stand on. */
export const areasOf = (src) =>
  readdirSync(src, { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && !GROUND.has(entry.name))
    .map(({ name }) => name)
    .sort();

const filesIn = (dir) =>
  readdirSync(dir, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name));

/** Which folder of the source imports which others, as a map from name to names; imports of types count. */
export function folderGraph(src) {
  const graph = new Map();
  for (const file of filesIn(src)) {
    const [from, ...rest] = relative(src, file).split(sep);
    if (rest.length === 0) continue;
    const known = graph.get(from) ?? new Set();
    for (const [, path] of readFileSync(file, 'utf8').matchAll(/(?:from|import)\s*\(?\s*'(\.{1,2}\/[^']+)'/g)) {
      const [to, ...below] = relative(src, resolve(dirname(file), path)).split(sep);
      if (to !== from && to !== '..' && (below.length > 0 || existsSync(join(src, to, 'index.ts')))) known.add(to);
    }
    graph.set(from, known);
  }
  return graph;
}

/** A way that leads from a folder back to it, or null. */
export function ringIn(graph, among) {
  const done = new Set();
  const walk = (name, path) => {
    if (path.includes(name)) return [...path.slice(path.indexOf(name)), name];
    if (done.has(name)) return null;
    for (const next of graph.get(name) ?? []) {
      if (!among.includes(next)) continue;
      const ring = walk(next, [...path, name]);
      if (ring) return ring;
    }
    done.add(name);
    return null;
  };
  for (const name of among) {
    const ring = walk(name, []);
    if (ring) return ring;
  }
  return null;
}
