import type ELKApi from 'elkjs/lib/elk-api';
import type { ElkNode } from 'elkjs/lib/elk-api';
import type { Strand } from '@pelvo/core';

/** What a technique takes on the map, in pixels at full size: two lines of its name and the bar below them. */
export const NODE = { width: 138, height: 48 } as const;

export interface MapTechnique {
  readonly id: string;
  readonly name: string;
  readonly strand: Strand;
  readonly prerequisites: readonly string[];
}

export interface PlacedNode {
  readonly id: string;
  readonly x: number;
  readonly y: number;
}

export interface PlacedEdge {
  readonly from: string;
  readonly to: string;
  /** As in an SVG path. */
  readonly d: string;
  /** From one strand into another: drawn faintly, so that the strands read by themselves. */
  readonly across: boolean;
}

/** A strand's field on the map. */
export interface Band {
  readonly strand: Strand;
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

export interface MapLayout {
  readonly width: number;
  readonly height: number;
  readonly nodes: readonly PlacedNode[];
  readonly edges: readonly PlacedEdge[];
  readonly bands: readonly Band[];
}

/** The two smaller strands first, so that they stand side by side over the largest. */
const ORDER: readonly Strand[] = ['knife', 'plating', 'cooking'];

const BAND_TOP = 32;
const BAND_GAP = 16;
/** Width that strands are set side by side in; a desk's screen. */
const SHELF = 1525;

/**
 * The graph to lay out of one strand: what is needed before stands to the left. Prerequisites in another strand and put
 * away ones have no edge here.
 */
export function strandGraph(techniques: readonly MapTechnique[], strand: Strand, aspectRatio: number): ElkNode {
  const own = techniques.filter((each) => each.strand === strand);
  const known = new Set(own.map(({ id }) => id));
  return {
    id: strand,
    layoutOptions: {
      'elk.algorithm': 'layered',
      'elk.direction': 'RIGHT',
      'elk.edgeRouting': 'POLYLINE',
      // No more than eight under each other: a wide screen reads better than a long one.
      'elk.layered.layering.strategy': 'COFFMAN_GRAHAM',
      'elk.layered.layering.coffmanGraham.layerBound': '8',
      'elk.layered.nodePlacement.strategy': 'SIMPLE',
      'elk.layered.spacing.nodeNodeBetweenLayers': '28',
      'elk.spacing.nodeNode': '9',
      'elk.spacing.componentComponent': '9',
      'elk.aspectRatio': String(aspectRatio),
      'elk.padding': '[top=0,left=0,bottom=0,right=0]',
    },
    children: own.map(({ id }) => ({ id, width: NODE.width, height: NODE.height })),
    edges: own.flatMap(({ id, prerequisites }) =>
      prerequisites.filter((each) => known.has(each)).map((each) => ({ id: `${each}>${id}`, sources: [each], targets: [id] })),
    ),
  };
}

/** Strands laid out one by one, side by side as far as they fit, with the edges between strands drawn across. */
export function stack(laidOut: readonly ElkNode[], techniques: readonly MapTechnique[]): MapLayout {
  const nodes: PlacedNode[] = [];
  const edges: PlacedEdge[] = [];
  const bands: Band[] = [];
  const filled = laidOut.filter(({ children = [] }) => children.length > 0);
  const most = Math.max(SHELF, ...filled.map((graph) => graph.width ?? 0));
  let [left, top, shelf, width] = [0, 0, 0, 0];
  for (const graph of filled) {
    if (left > 0 && left + (graph.width ?? 0) > most) [left, top, shelf] = [0, top + shelf + BAND_GAP, 0];
    const [x, y] = [left, top + BAND_TOP];
    for (const child of graph.children ?? []) nodes.push({ id: child.id, x: x + (child.x ?? 0), y: y + (child.y ?? 0) });
    for (const edge of graph.edges ?? []) {
      const [section] = edge.sections ?? [];
      if (!section) continue;
      const points = [section.startPoint, ...(section.bendPoints ?? []), section.endPoint];
      edges.push({
        from: edge.sources[0]!,
        to: edge.targets[0]!,
        d: `M${points.map((point) => `${point.x + x} ${point.y + y}`).join('L')}`,
        across: false,
      });
    }
    bands.push({ strand: graph.id as Strand, x: left, y: top, width: graph.width ?? 0 });
    shelf = Math.max(shelf, BAND_TOP + (graph.height ?? 0));
    left += (graph.width ?? 0) + BAND_GAP * 3;
    width = Math.max(width, left - BAND_GAP * 3);
  }
  const placed = new Map(nodes.map((node) => [node.id, node]));
  const strandOf = new Map(techniques.map(({ id, strand }) => [id, strand]));
  for (const { id, strand, prerequisites } of techniques)
    for (const before of prerequisites) {
      const [a, b] = [placed.get(before), placed.get(id)];
      if (!a || !b || strandOf.get(before) === strand) continue;
      edges.push({ from: before, to: id, d: acrossPath(a, b), across: true });
    }
  return { width, height: top + shelf, nodes, edges, bands };
}

/** A curve from one strand into another, leaving below or above and coming in at the left. */
function acrossPath(a: PlacedNode, b: PlacedNode): string {
  const down = b.y > a.y;
  const [x1, y1] = [a.x + NODE.width / 2, down ? a.y + NODE.height : a.y];
  const [x2, y2] = [b.x, b.y + NODE.height / 2];
  return `M${x1} ${y1}C${x1} ${y1 + (down ? 60 : -60)} ${x2 - 50} ${y2} ${x2} ${y2}`;
}

/**
 * Lays the map out with ELK.
 *
 * @param elk - where it runs: in the browser a worker, so that hundreds of techniques never hold up the screen
 * @param aspectRatio - width over height that parts without edges between them are packed to
 */
export async function layOut(
  elk: InstanceType<typeof ELKApi>,
  techniques: readonly MapTechnique[],
  aspectRatio: number,
): Promise<MapLayout> {
  const graphs = ORDER.map((strand) => strandGraph(techniques, strand, aspectRatio));
  return stack(await Promise.all(graphs.map((graph) => elk.layout(graph))), techniques);
}
