import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { areasOf, folderGraph, pastTheIndex, ringIn } from '../../../tools/lib/areas.mjs';

const SRC = { server: join(import.meta.dirname, '../src'), web: join(import.meta.dirname, '../../web/src') };

describe.each(['server', 'web'] as const)('the areas of the %s', (app) => {
  const graph = folderGraph(SRC[app]);
  const areas = areasOf(SRC[app]);

  it('use each other one way only', () => {
    expect(areas.length).toBeGreaterThan(10);
    expect(ringIn(graph, areas)).toBeNull();
  });

  // App.tsx and Screens.tsx alone know every page, and the worker what is computed in it.
  it('show each other their index only', () => {
    expect(pastTheIndex(SRC[app]).filter((each) => !/^(?:app\/(?:App|Screens)\.tsx|worker\.ts) /.test(each))).toEqual([]);
    if (app === 'web') expect(pastTheIndex(SRC.web)).toContain('app/Screens.tsx -> dishes/DishPage');
  });

  it('stand on ground that knows none of them', () => {
    const ground = app === 'server' ? ['platform', 'migrations'] : ['device', 'design'];
    for (const name of ground) expect([...graph.get(name)!].filter((known) => areas.includes(known))).toEqual([]);
    if (app === 'web') expect([...graph.get('device')!]).toEqual([]);
  });
});

it('a ring is found where there is one', () => {
  const graph = new Map([
    ['a', new Set(['b'])],
    ['b', new Set(['c', 'x'])],
    ['c', new Set(['a'])],
  ]);
  expect(ringIn(graph, ['a', 'b', 'c'])).toEqual(['a', 'b', 'c', 'a']);
  expect(ringIn(graph, ['a', 'b'])).toBeNull();
});
