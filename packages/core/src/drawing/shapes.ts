/** Colours by their role; the screen and the paper each say what they look like. */
export type Paint = 'ink' | 'beet' | 'soft' | 'line' | 'wash' | 'tile' | 'none';

export type Shape =
  | {
      readonly kind: 'path';
      /** As in an SVG path. */
      readonly d: string;
      readonly fill: Paint;
      readonly stroke: Paint;
      readonly width: number;
      readonly dash?: readonly number[];
      /** The width about whose middle it is turned over, left for right. */
      readonly turned?: number;
    }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly strong?: boolean;
    };

/** A drawing as data, in its own units (millimetres where it is true to scale), y downwards. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  /** What it shows, for those who cannot see it. */
  readonly title: string;
  readonly shapes: readonly Shape[];
}

interface PathStyle {
  readonly fill?: Paint;
  readonly stroke?: Paint;
  readonly width?: number;
  readonly dash?: readonly number[];
}

export function path(d: string, { fill = 'none', stroke = 'ink', width = 1.2, dash }: PathStyle = {}): Shape {
  return { kind: 'path', d, fill, stroke, width, ...(dash ? { dash } : {}) };
}

export function polygon(points: readonly (readonly [number, number])[], style?: PathStyle): Shape {
  return path(`M${points.map(([x, y]) => `${at(x)} ${at(y)}`).join('L')}Z`, style);
}

export function segment([x1, y1]: readonly [number, number], [x2, y2]: readonly [number, number], style?: PathStyle): Shape {
  return path(`M${at(x1)} ${at(y1)}L${at(x2)} ${at(y2)}`, style);
}

export function box(x: number, y: number, width: number, height: number, style?: PathStyle): Shape {
  return path(`M${at(x)} ${at(y)}h${at(width)}v${at(height)}h${at(-width)}Z`, style);
}

export function ellipse(x: number, y: number, rx: number, ry: number, style?: PathStyle): Shape {
  return path(`M${at(x - rx)} ${at(y)}a${at(rx)} ${at(ry)} 0 1 0 ${at(2 * rx)} 0a${at(rx)} ${at(ry)} 0 1 0 ${at(-2 * rx)} 0Z`, style);
}

export function label(x: number, y: number, text: string, size = 9, anchor: 'start' | 'middle' | 'end' = 'middle', strong = false): Shape {
  return { kind: 'text', x, y, text, size, anchor, ...(strong ? { strong } : {}) };
}

/**
 * How wide a text stands, in drawing units, rather too wide than too narrow. Measured in Atkinson Hyperlegible, which
 * screen and paper both use: small letters under 0.48 of the size on average over a few words, capitals 0.65.
 */
export function textWidth(text: string, size: number, strong = false): number {
  const capitals = text.match(/\p{Lu}/gu)?.length ?? 0;
  return ([...text].length * (strong ? 0.51 : 0.48) + capitals * 0.16) * size;
}

/** A drawing for the other hand: turned over, left for right, its words still to be read. */
export function turnedOver(drawing: Drawing): Drawing {
  const { width, shapes } = drawing;
  const OTHER = { start: 'end', middle: 'middle', end: 'start' } as const;
  return {
    ...drawing,
    title: `${drawing.title} (for the left hand)`,
    shapes: shapes.map((shape) =>
      shape.kind === 'text' ? { ...shape, x: at(width - shape.x), anchor: OTHER[shape.anchor] } : { ...shape, turned: width },
    ),
  };
}

/** How a path is laid, as an SVG transform; undefined where it lies as it is. */
export const layOf = (turned: number | undefined): string | undefined =>
  turned === undefined ? undefined : `translate(${turned} 0) scale(-1 1)`;

/** A label of words a person typed: smaller, to two thirds, and then cut short, until it stands in `room`. */
export function labelWithin(
  room: number,
  [x, y]: readonly [number, number],
  text: string,
  size: number,
  anchor: 'start' | 'middle' | 'end' = 'middle',
  strong = false,
): Shape {
  const least = (size * 2) / 3;
  const fitting = Math.max(least, Math.min(size, room / Math.max(textWidth(text, 1, strong), 0.01)));
  const letters = [...text];
  while (letters.length > 1 && textWidth(letters.join(''), fitting, strong) > room) letters.splice(-2, 2, '…');
  return label(x, y, letters.join(''), at(fitting), anchor, strong);
}

/** A double-headed line between two points with what it measures beside its middle. */
export function measure(from: readonly [number, number], to: readonly [number, number], text: string, size = 9): readonly Shape[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / length, dy / length];
  const tick = ([x, y]: readonly [number, number]) =>
    segment([x - uy * 3, y + ux * 3], [x + uy * 3, y - ux * 3], { stroke: 'soft', width: 0.8 });
  const upright = Math.abs(uy) > 0.7;
  return [
    segment(from, to, { stroke: 'soft', width: 0.8 }),
    tick(from),
    tick(to),
    label(
      (from[0] + to[0]) / 2 + (upright ? 5 : 0),
      (from[1] + to[1]) / 2 + (upright ? 3 : -4),
      text,
      size,
      upright ? 'start' : 'middle',
      true,
    ),
  ];
}

const at = (value: number) => Math.round(value * 100) / 100;

const PAPER: Readonly<Record<Paint, string>> = {
  ink: '#000000',
  beet: '#000000',
  soft: '#333333',
  line: '#999999',
  wash: '#e4e4e4',
  tile: '#ffffff',
  none: 'none',
};

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

/** A drawing as an SVG document in black on white, for paper. */
export function toSvg({ width, height, shapes }: Drawing): string {
  const body = shapes.map((shape) =>
    shape.kind === 'text'
      ? `<text x="${at(shape.x)}" y="${at(shape.y)}" font-family="Atkinson" font-size="${shape.size}" text-anchor="${shape.anchor}"${shape.strong ? ' font-weight="bold"' : ''} fill="#000000">${escaped(shape.text)}</text>`
      : `<path d="${shape.d}" fill="${PAPER[shape.fill]}" stroke="${PAPER[shape.stroke]}" stroke-width="${shape.width}" stroke-linejoin="round" stroke-linecap="round"${shape.dash ? ` stroke-dasharray="${shape.dash.join(' ')}"` : ''}${shape.turned === undefined ? '' : ` transform="${layOf(shape.turned)}"`}/>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${at(width)} ${at(height)}" width="${at(width)}" height="${at(height)}">${body.join('')}</svg>`;
}
