import { box, label, labelWithin, path, segment, textWidth, type Drawing, type Shape } from '../drawing/shapes';
import { showCut, type Cut, type CutSet } from './types';

/** Paper in millimetres. */
export const PAPERS = { A4: [210, 297], LETTER: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

const MARGIN = 12;
const TOP = 26;
const RULER = 22;
const GAP = 4;

/**
 * Pages of a mat to lay pieces on: each cut at its true size from above and from its end, with the smallest and the
 * largest that its tolerance allows, and on every page a ruler to check the printer's scale.
 *
 * @returns one drawing a page, in millimetres
 */
export function matPages(set: CutSet, paper: Paper): readonly Drawing[] {
  const [width, height] = PAPERS[paper];
  const pages: Shape[][] = [];
  let y = Infinity;
  for (const cut of set.cuts) {
    const need = rowHeight(cut);
    if (y + need > height - RULER) {
      pages.push([]);
      y = TOP;
    }
    pages.at(-1)!.push(...row(cut, y, width));
    y += need;
  }
  return pages.map((shapes, index) => ({
    width,
    height,
    title: `${set.name}, page ${index + 1} of ${pages.length}, at true size`,
    shapes: [
      labelWithin(width - 2 * MARGIN, [MARGIN, 14], set.name, 6, 'start', true),
      label(
        MARGIN,
        20,
        'Print at 100 percent. Lay a piece into its outline: inside the dashes too small, over the dotted line too large.',
        3.4,
        'start',
      ),
      ...shapes,
      ...ruler(width, height),
    ],
  }));
}

/** Shown from above as a circle. */
const isDisc = ({ shape }: Cut) => shape === 'round' || shape === 'ball';
const outerWidth = (cut: Cut) => cut.width + 2 * cut.tolerance;
const outerLength = (cut: Cut) => cut.length + 2 * cut.lengthTolerance;
const rowHeight = (cut: Cut) =>
  7 + Math.max(outerWidth(cut), cut.thickness + 2 * cut.tolerance, isDisc(cut) ? outerLength(cut) : 0) + GAP + 2;

/** A row: its name, its end, and outlines as many as fit, ten at most. */
function row(cut: Cut, top: number, paperWidth: number): readonly Shape[] {
  const y = top + 7;
  const sizes = `${showCut(cut)}, ± ${cut.tolerance} mm, length ± ${cut.lengthTolerance} mm`;
  const room = paperWidth - 2 * MARGIN - 3 - textWidth(sizes, 3.2);
  const name = labelWithin(room, [MARGIN, top + 4], cut.name, 4.2, 'start', true);
  const nameEnd = MARGIN + 3 + (name.kind === 'text' ? textWidth(name.text, name.size, true) : 0);
  const shapes: Shape[] = [name, label(nameEnd, top + 4, sizes, 3.2, 'start')];
  const endWidth = isDisc(cut) ? outerLength(cut) : outerWidth(cut);
  shapes.push(
    ...outline(
      [MARGIN, y],
      [isDisc(cut) ? cut.length : cut.width, cut.thickness],
      [isDisc(cut) ? cut.lengthTolerance : cut.tolerance, cut.tolerance],
    ),
    label(MARGIN, y + cut.thickness + 2 * cut.tolerance + 3, 'end', 2.6, 'start'),
  );
  const first = MARGIN + Math.max(endWidth, 6) + GAP * 2;
  const step = outerLength(cut) + GAP;
  const count = Math.max(1, Math.min(10, Math.floor((paperWidth - MARGIN - first + GAP) / step)));
  for (let index = 0; index < count; index += 1) {
    const x = first + index * step;
    shapes.push(...(isDisc(cut) ? rounds([x, y], cut) : outline([x, y], [cut.length, cut.width], [cut.lengthTolerance, cut.tolerance])));
  }
  return shapes;
}

const SMALLEST = { stroke: 'ink', width: 0.15, dash: [0.8, 0.6] } as const;
const NOMINAL = { stroke: 'ink', width: 0.25 } as const;
const LARGEST = { stroke: 'soft', width: 0.15, dash: [0.2, 0.8] } as const;

/** Largest, nominal and smallest rectangle about one middle. */
function outline(
  [x, y]: readonly [number, number],
  [wide, high]: readonly [number, number],
  [tw, th]: readonly [number, number],
): readonly Shape[] {
  return [
    box(x, y, wide + 2 * tw, high + 2 * th, LARGEST),
    box(x + tw, y + th, wide, high, NOMINAL),
    box(x + 2 * tw, y + 2 * th, Math.max(0.1, wide - 2 * tw), Math.max(0.1, high - 2 * th), SMALLEST),
  ];
}

function rounds([x, y]: readonly [number, number], { length, lengthTolerance }: Cut): readonly Shape[] {
  const middle = length / 2 + lengthTolerance;
  const circle = (r: number, style: typeof SMALLEST | typeof NOMINAL | typeof LARGEST) =>
    path(`M${x + middle - r} ${y + middle}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`, style);
  return [
    circle(length / 2 + lengthTolerance, LARGEST),
    circle(length / 2, NOMINAL),
    circle(Math.max(0.1, length / 2 - lengthTolerance), SMALLEST),
  ];
}

/** A hundred millimetres along the lower edge, fifty along the right one. */
function ruler(width: number, height: number): readonly Shape[] {
  const y = height - 13;
  const right = width - MARGIN;
  const shapes: Shape[] = [segment([MARGIN, y], [MARGIN + 100, y], NOMINAL), segment([right, y - 50], [right, y], NOMINAL)];
  for (let mm = 0; mm <= 100; mm += 1) {
    const tick = mm % 10 === 0 ? 4 : mm % 5 === 0 ? 2.6 : 1.6;
    shapes.push(segment([MARGIN + mm, y], [MARGIN + mm, y - tick], NOMINAL));
    if (mm % 10 === 0) shapes.push(label(MARGIN + mm, y + 3.4, String(mm), 2.8));
    if (mm <= 50) shapes.push(segment([right, y - mm], [right - tick, y - mm], NOMINAL));
  }
  shapes.push(
    label(MARGIN + 104, y - 4, 'Measure before use: this line must be', 3, 'start'),
    label(MARGIN + 104, y, '100 mm long, the one at the right 50 mm.', 3, 'start'),
  );
  return shapes;
}
