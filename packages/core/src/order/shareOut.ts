import { ZERO, type Exact } from '../exact';

/** Equal parts of a piece: so many makings that each take so much. */
export interface Parts {
  readonly count: number;
  /** Pieces each of them takes; may be more than one. */
  readonly each: Exact;
}

/** More different states than this are not searched through; the parts are then laid in largest first. */
const MOST_STATES = 20_000;

/** Equal parts that are less than a piece: so many, each of so many of the steps into which a piece is divided. */
interface Cut {
  readonly count: number;
  readonly size: number;
}

/**
 * Whole pieces that are cut for all parts, a part coming from one piece: fourteen parts of three eighths need seven, since only two
 * come out of one. What is more than whole pieces of a part is cut; pieces are laid out so that as few as possible are needed.
 *
 * @example shareOut([{ count: 6, each: exact('1/4') }]) // 2
 */
export function shareOut(parts: readonly Parts[]): number {
  let whole = ZERO;
  const rests = new Map<string, { count: number; size: Exact }>();
  for (const { count, each } of parts) {
    const full = each.floor();
    whole = whole.add(full.mul(count));
    const size = each.sub(full);
    if (size.compare(0) <= 0) continue;
    const key = size.toFraction();
    const known = rests.get(key);
    if (known) known.count += count;
    else rests.set(key, { count, size });
  }
  const { steps, cuts } = inSteps([...rests.values()]);
  return whole.valueOf() + cutFrom(cuts, steps);
}

/** Parts finer than this are taken a step larger, so that never too few pieces are cut. */
const MOST_STEPS = 2 ** 40;

/** Parts as whole numbers of the steps into which a piece is divided, the largest first: trying every way is quick with these. */
function inSteps(rests: readonly { readonly count: number; readonly size: Exact }[]): { steps: number; cuts: readonly Cut[] } {
  const common = rests.reduce((all, { size }) => (all * size.d) / gcd(all, size.d), 1n);
  const steps = common <= BigInt(MOST_STEPS) ? Number(common) : MOST_STEPS;
  const cuts = rests.map(({ count, size }) => ({ count, size: size.mul(steps).ceil().valueOf() }));
  return { steps, cuts: cuts.sort((a, b) => b.size - a.size) };
}

const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? a : gcd(b, a % b));

function cutFrom(cuts: readonly Cut[], steps: number): number {
  if (cuts.length === 0) return 0;
  if (cuts.length === 1) return Math.ceil(cuts[0]!.count / Math.floor(steps / cuts[0]!.size));
  const states = cuts.reduce((all, { count }) => all * (count + 1), 1);
  return states <= MOST_STATES ? fewest(cuts, steps) : largestFirst(cuts, steps);
}

/** The fewest pieces, by trying every way a piece can be cut. */
function fewest(cuts: readonly Cut[], steps: number): number {
  const known = new Map<string, number>();
  const need = (left: readonly number[]): number => {
    const first = left.findIndex((count) => count > 0);
    if (first < 0) return 0;
    const key = left.join();
    const before = known.get(key);
    if (before !== undefined) return before;
    let best = Infinity;
    // The largest part that is left is cut first in any case, so only ways that hold it are tried.
    const now = [...left];
    const fill = (index: number, room: number) => {
      if (index === cuts.length) {
        best = Math.min(best, 1 + need(now));
        return;
      }
      const { size } = cuts[index]!;
      const had = now[index]!;
      const most = Math.min(had, Math.floor(room / size));
      for (let taken = most; taken >= (index === first ? 1 : 0); taken -= 1) {
        now[index] = had - taken;
        fill(index + 1, room - size * taken);
      }
      now[index] = had;
    };
    fill(first, steps);
    known.set(key, best);
    return best;
  };
  return need(cuts.map(({ count }) => count));
}

function largestFirst(cuts: readonly Cut[], steps: number): number {
  const rooms: number[] = [];
  for (const { count, size } of cuts)
    for (let made = 0; made < count; made += 1) {
      const at = rooms.findIndex((room) => room >= size);
      if (at < 0) rooms.push(steps - size);
      else rooms[at]! -= size;
    }
  return rooms.length;
}
