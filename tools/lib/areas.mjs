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

/** What each file imports from another folder of the source; imports of types count. */
const importsIn = (src) =>
  filesIn(src).flatMap((file) => {
    const [from, ...rest] = relative(src, file).split(sep);
    return [...readFileSync(file, 'utf8').matchAll(/(?:from|import)\s*\(?\s*'(\.{1,2}\/[^']+)'/g)].flatMap(([, path]) => {
      const [to, ...below] = relative(src, resolve(dirname(file), path)).split(sep);
      return to === from || to === '..' ? [] : [{ file: relative(src, file), from: rest.length > 0 ? from : null, to, below }];
    });
  });

/** Which folder of the source imports which others, as a map from name to names. */
export function folderGraph(src) {
  const graph = new Map(filesIn(src).map((file) => [relative(src, file).split(sep)[0], new Set()]));
  for (const { from, to, below } of importsIn(src))
    if (from !== null && (below.length > 0 || existsSync(join(src, to, 'index.ts')))) graph.get(from).add(to);
  return graph;
}

/** Files that reach into an area past its index, as `file -> area/what`. */
export const pastTheIndex = (src) => {
  const areas = new Set(areasOf(src));
  return importsIn(src)
    .filter(({ to, below }) => areas.has(to) && below.length > 0)
    .map(({ file, to, below }) => `${file} -> ${[to, ...below].join('/')}`);
};

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
