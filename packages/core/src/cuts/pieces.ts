import { isRound, type Cut } from './types';

/** A vegetable before it is cut, in millimetres: a cone cut short, such as a carrot; a ball; or a block. */
export type Vegetable =
  | { readonly shape: 'tapered'; readonly length: number; readonly thick: number; readonly thin: number }
  | { readonly shape: 'ball'; readonly diameter: number }
  | { readonly shape: 'block'; readonly length: number; readonly width: number; readonly height: number };

/** One length of the vegetable with the pieces its cross-section gives. */
export interface CutLength {
  /** Millimetres from the thick end to where this length begins. */
  readonly from: number;
  /** Diameter that all of this length has at least; of a block, its width. */
  readonly across: number;
  readonly columns: readonly number[];
  readonly pieces: number;
}

export interface CutResult {
  readonly lengths: readonly CutLength[];
  readonly pieces: number;
  /** Cubic millimetres. */
  readonly pieceVolume: number;
  readonly vegetableVolume: number;
  /** Share of the vegetable that is in true pieces, 0 to 1. */
  readonly used: number;
}

/**
 * How many true pieces of a cut a vegetable gives, and how much of it is left as trim.
 *
 * The vegetable is cut into lengths of the cut; each length is worked to the diameter it has at its thinner end, and
 * its cross-section is filled with whole cells of the cut's thickness by width, in straight planks.
 *
 * @source plane geometry: chords of the circle at the edges of each plank
 * @throws RangeError when a measure is not above 0
 */
export function cutPieces(vegetable: Vegetable, cut: Pick<Cut, 'length' | 'width' | 'thickness'> & Partial<Pick<Cut, 'shape'>>): CutResult {
  const round = cut.shape && isRound(cut.shape) ? roundOf(cut as Cut) : null;
  const measures = [...Object.values(vegetable), cut.length, cut.width, cut.thickness].filter((value) => typeof value === 'number');
  if (measures.some((value) => !(value > 0))) throw new RangeError('Every measure has to be above 0');
  const volume = volumeOf(vegetable);
  const lengths: CutLength[] = [];
  const whole = longest(vegetable);
  const along = round?.along ?? cut.length;
  for (let from = slack(vegetable, along); from + along <= whole + 1e-9; from += along) {
    const thinner = vegetable.shape === 'block' ? 0 : acrossAt(vegetable, from, along, cut.shape === 'ball');
    const columns = round
      ? [vegetable.shape === 'block' ? circlesInOblong(vegetable, round.across) : circlesInCircle(thinner, round.across)].filter(
          (count) => count > 0,
        )
      : vegetable.shape === 'block'
        ? blockColumns(vegetable, cut)
        : roundColumns(thinner, cut);
    const pieces = columns.reduce((total, count) => total + count, 0);
    const across = vegetable.shape === 'block' ? vegetable.width : thinner;
    lengths.push({ from, across, columns, pieces });
  }
  const pieces = lengths.reduce((total, each) => total + each.pieces, 0);
  const pieceVolume = round?.volume ?? cut.length * cut.width * cut.thickness;
  return { lengths, pieces, pieceVolume, vegetableVolume: volume, used: Math.min(1, (pieces * pieceVolume) / volume) };
}

/** A round piece: how much of the vegetable's length it takes, how far across it is, and its volume. */
function roundOf({ shape, length, width, thickness }: Cut): { readonly along: number; readonly across: number; readonly volume: number } {
  if (shape === 'ball') return { along: length, across: length, volume: (Math.PI * length ** 3) / 6 };
  if (shape === 'barrel') return { along: length, across: width, volume: (Math.PI * width * width * length) / 4 };
  return { along: thickness, across: length, volume: (Math.PI * length * length * thickness) / 4 };
}

/**
 * How many times their diameter a circle has to be across to hold 1, 2, 3 … equal circles.
 * @source the densest known packings of equal circles in a circle (R. L. Graham and others), rounded up
 */
const HOLDS = [1, 2, 2.155, 2.415, 2.702, 3, 3, 3.305, 3.614, 3.814, 3.924, 4.03, 4.237, 4.329, 4.522, 4.616, 4.793, 4.864, 4.864, 5.123];

/** Rounds of one size that come out of a round section. */
function circlesInCircle(diameter: number, across: number): number {
  const ratio = diameter / across + 1e-9;
  const most = HOLDS.filter((needs) => needs <= ratio).length;
  // Beyond the table: about as dense as the last of it.
  return most < HOLDS.length ? most : Math.max(most, Math.floor(0.75 * ratio * ratio));
}

const circlesInOblong = ({ width, height }: Extract<Vegetable, { shape: 'block' }>, across: number): number =>
  Math.floor(width / across + 1e-9) * Math.floor(height / across + 1e-9);

/**
 * Diameter that a layer of a round thing gives its pieces all along: at its thinner end; for balls, of the circle that holds a ball's
 * widest part wherever the ball itself stays inside, which is more, as a ball is narrow where the layer ends.
 *
 * @source plane geometry: a ball touches the side from within where the normal to the side runs through its middle
 */
function acrossAt(vegetable: Exclude<Vegetable, { shape: 'block' }>, from: number, along: number, balls: boolean): number {
  if (!balls) return Math.min(diameterAt(vegetable, from), diameterAt(vegetable, from + along));
  const [middle, radius] = [from + along / 2, along / 2];
  if (vegetable.shape === 'ball') {
    const [room, off] = [vegetable.diameter / 2 - radius, middle - vegetable.diameter / 2];
    return Math.abs(off) > room + 1e-9 ? 0 : 2 * (Math.sqrt(Math.max(0, room * room - off * off)) + radius);
  }
  const slope = (vegetable.thick - vegetable.thin) / 2 / vegetable.length;
  return diameterAt(vegetable, middle) - 2 * radius * (Math.hypot(1, slope) - 1);
}

const longest = (vegetable: Vegetable) => (vegetable.shape === 'ball' ? vegetable.diameter : vegetable.length);

/** A ball gives its lengths from the middle outwards: what does not fill a length is left at both ends. */
function slack(vegetable: Vegetable, length: number): number {
  if (vegetable.shape !== 'ball') return 0;
  return (vegetable.diameter - Math.floor(vegetable.diameter / length) * length) / 2;
}

function diameterAt(vegetable: Exclude<Vegetable, { shape: 'block' }>, from: number): number {
  if (vegetable.shape === 'tapered') return vegetable.thick + ((vegetable.thin - vegetable.thick) * from) / vegetable.length;
  const radius = vegetable.diameter / 2;
  return 2 * Math.sqrt(Math.max(0, radius * radius - (from - radius) * (from - radius)));
}

/** Whole cells in each plank of a circle, for the better of two ways: a cut through the middle, or a plank over it. */
function roundColumns(diameter: number, { thickness, width }: Pick<Cut, 'thickness' | 'width'>): readonly number[] {
  const radius = diameter / 2;
  const ways = [0, thickness / 2].map((offset) => {
    const columns: number[] = [];
    for (let right = offset + thickness; right <= radius + 1e-9; right += thickness) columns.push(cells(radius, right, width));
    const mirrored = [...columns].reverse().concat(offset === 0 ? columns : [cells(radius, thickness / 2, width), ...columns]);
    return mirrored.filter((count) => count > 0);
  });
  const total = (columns: readonly number[]) => columns.reduce((sum, count) => sum + count, 0);
  return total(ways[0]!) >= total(ways[1]!) ? ways[0]! : ways[1]!;
}

/** Cells along the chord at `x` from the middle of a circle. */
function cells(radius: number, x: number, width: number): number {
  const half = radius * radius - x * x;
  return half <= 0 ? 0 : Math.floor((2 * Math.sqrt(half)) / width + 1e-9);
}

function blockColumns(
  block: Extract<Vegetable, { shape: 'block' }>,
  { thickness, width }: Pick<Cut, 'thickness' | 'width'>,
): readonly number[] {
  const rows = Math.floor(block.height / width + 1e-9);
  return Array.from({ length: Math.floor(block.width / thickness + 1e-9) }, () => rows).filter((count) => count > 0);
}

/** Cubic millimetres. */
function volumeOf(vegetable: Vegetable): number {
  switch (vegetable.shape) {
    case 'tapered': {
      const [r, s] = [vegetable.thick / 2, vegetable.thin / 2];
      return (Math.PI * vegetable.length * (r * r + r * s + s * s)) / 3;
    }
    case 'ball':
      return (Math.PI * vegetable.diameter ** 3) / 6;
    case 'block':
      return vegetable.length * vegetable.width * vegetable.height;
  }
}
