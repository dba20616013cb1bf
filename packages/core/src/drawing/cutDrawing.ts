import { showCut, type Cut, type CutResult } from '../cuts';
import { box, ellipse, label, labelWithin, path, polygon, segment, type Drawing, type Shape } from './shapes';

const COS = Math.cos(Math.PI / 6);
const SIN = Math.sin(Math.PI / 6);

/** How wide and high a piece is when it is drawn from a corner, in millimetres. */
export function cutExtent({ shape, length, width, thickness }: Cut): readonly [width: number, height: number] {
  return shape === 'round' ? [length, length * 0.5 + thickness] : [length + width * COS, width * SIN + thickness];
}

/**
 * A piece drawn obliquely: its length lies level, its width runs back, all three sides in one scale.
 *
 * @param scale - drawing units a millimetre; the same for pieces that are compared
 */
export function cutShapes(cut: Cut, [x, y]: readonly [number, number], scale: number): readonly Shape[] {
  const { shape } = cut;
  const [length, width, thickness] = [cut.length * scale, cut.width * scale, cut.thickness * scale];
  if (shape === 'round') {
    const [rx, ry] = [length / 2, length / 4];
    return [
      path(`M${x} ${y + ry}v${thickness}a${rx} ${ry} 0 0 0 ${length} 0v${-thickness}Z`, { fill: 'line' }),
      ellipse(x + rx, y + ry, rx, ry, { fill: 'wash' }),
    ];
  }
  // The near corner at the left is (0, 0) of the top face.
  const p = (along: number, across: number, down: number): readonly [number, number] => [
    x + along + across * COS,
    y + (width - across) * SIN + down,
  ];
  return [
    polygon([p(0, 0, 0), p(length, 0, 0), p(length, 0, thickness), p(0, 0, thickness)], { fill: 'line' }),
    polygon([p(length, 0, 0), p(length, width, 0), p(length, width, thickness), p(length, 0, thickness)], { fill: 'tile' }),
    polygon([p(0, 0, 0), p(length, 0, 0), p(length, width, 0), p(0, width, 0)], { fill: 'wash' }),
  ];
}

/** One named cut, three times its true size at most, with its sizes. */
export function cutDrawing(cut: Cut, setName: string): Drawing {
  const [wide, high] = cutExtent(cut);
  const scale = Math.min(8, 180 / wide, 90 / high);
  const [w, h] = [wide * scale, high * scale];
  const height = Math.max(100, h + 46);
  return {
    width: 220,
    height,
    title: `${cut.name}, ${showCut(cut)}, ${setName}`,
    shapes: [
      ...cutShapes(cut, [(220 - w) / 2, 8], scale),
      labelWithin(212, [110, height - 18], `${cut.name}: ${showCut(cut)}`, 11, 'middle', true),
      labelWithin(212, [110, height - 5], `${setName}, ± ${cut.tolerance} mm`, 9),
    ],
  };
}

/** The cross-section of the thickest length of a vegetable, with the pieces it gives. */
export function sectionDrawing(result: CutResult, { thickness, width }: Pick<Cut, 'thickness' | 'width'>, round: boolean): Drawing {
  const best = result.lengths.reduce((most, each) => (each.pieces > most.pieces ? each : most), result.lengths[0] ?? EMPTY_LENGTH);
  const rows = Math.max(1, ...best.columns);
  const [across, high] = [Math.max(best.across, best.columns.length * thickness), Math.max(round ? best.across : 0, rows * width)];
  const scale = 150 / Math.max(across, high, 1);
  const [middleX, middleY] = [85, 85];
  const shapes: Shape[] = [];
  if (round) shapes.push(ellipse(middleX, middleY, (best.across * scale) / 2, (best.across * scale) / 2, { fill: 'wash', width: 1.6 }));
  else
    shapes.push(
      box(middleX - (across * scale) / 2, middleY - (high * scale) / 2, across * scale, high * scale, { fill: 'wash', width: 1.6 }),
    );
  const left = middleX - (best.columns.length * thickness * scale) / 2;
  best.columns.forEach((count, column) => {
    const top = middleY - (count * width * scale) / 2;
    for (let row = 0; row < count; row += 1)
      shapes.push(
        box(left + column * thickness * scale, top + row * width * scale, thickness * scale, width * scale, { fill: 'tile', width: 0.7 }),
      );
  });
  shapes.push(segment([10, 178], [10 + 10 * scale, 178], { width: 2 }), label(14 + 10 * scale, 181, '10 mm', 9, 'start'));
  return {
    width: 170,
    height: 188,
    title: `Cross-section with ${best.pieces} whole pieces of ${thickness} by ${width} mm`,
    shapes,
  };
}

const EMPTY_LENGTH = { from: 0, across: 1, columns: [], pieces: 0 };
