import { allBefore, opens, type Prerequisites } from '@pelvo/core';
import { NODE, type PlacedNode } from './mapLayout';

export const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] } as const;
export type Arrow = keyof typeof ARROWS;

/** The nearest technique in the direction of an arrow key; null at the edge of the map. */
export function neighbour(from: PlacedNode, arrow: Arrow, nodes: readonly PlacedNode[]): PlacedNode | null {
  const [dx, dy] = ARROWS[arrow];
  let best: PlacedNode | null = null;
  let least = Infinity;
  for (const node of nodes) {
    const along = (node.x - from.x) * dx + (node.y - from.y) * dy;
    const aside = Math.abs((node.x - from.x) * dy) + Math.abs((node.y - from.y) * dx);
    if (node.id === from.id || along < NODE.height / 2) continue;
    const far = along + aside * 2;
    if (far < least) [best, least] = [node, far];
  }
  return best;
}

/** Everything that leads to a technique and that it leads to, itself included. */
export function lineage(id: string, prerequisites: Prerequisites): ReadonlySet<string> {
  return new Set([id, ...allBefore(id, prerequisites), ...allBefore(id, opens(prerequisites))]);
}

/**
 * How much a graph is to be enlarged to stand in a width, between what can be read and full size. Under a finger it stays
 * at full size and is scrolled: a technique is then as high as a target has to be.
 */
export function fitScale(width: number, room: number, touched = false): number {
  if (touched || width <= 0 || room <= 0) return 1;
  return Math.max(0.35, Math.min(1, Math.floor((room / width) * 100) / 100));
}
