import { exact, ZERO, type Exact } from '../exact';

/** Equal parts of a piece: so many makings that each take so much. */
export interface Parts {
  readonly count: number;
  /** Pieces each of them takes; may be more than one. */
  readonly each: Exact;
}

/** More different states than this are not searched through; the parts are then laid in largest first. */
const MOST_STATES = 20_000;

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
  const sizes = [...rests.values()].sort((a, b) => b.size.compare(a.size));
  return whole.valueOf() + cutFrom(sizes);
}

function cutFrom(sizes: readonly { readonly count: number; readonly size: Exact }[]): number {
  if (sizes.length === 0) return 0;
  if (sizes.length === 1) return Math.ceil(sizes[0]!.count / perPiece(sizes[0]!.size));
  const states = sizes.reduce((all, { count }) => all * (count + 1), 1);
  return states <= MOST_STATES ? fewest(sizes) : largestFirst(sizes);
}

const perPiece = (size: Exact): number => exact(1).div(size).floor().valueOf();

/** The fewest pieces, by trying every way a piece can be cut. */
function fewest(sizes: readonly { readonly count: number; readonly size: Exact }[]): number {
  const known = new Map<string, number>();
  const need = (left: readonly number[]): number => {
    if (left.every((count) => count === 0)) return 0;
    const key = left.join();
    const before = known.get(key);
    if (before !== undefined) return before;
    let best = Infinity;
    // The largest part that is left is cut first in any case, so only ways that hold it are tried.
    const first = left.findIndex((count) => count > 0);
    const fill = (index: number, room: Exact, now: readonly number[]) => {
      if (index === sizes.length) {
        best = Math.min(best, 1 + need(now));
        return;
      }
      const { size } = sizes[index]!;
      const most = Math.min(now[index]!, room.div(size).floor().valueOf());
      for (let taken = most; taken >= (index === first ? 1 : 0); taken -= 1)
        fill(
          index + 1,
          room.sub(size.mul(taken)),
          now.map((count, at) => (at === index ? count - taken : count)),
        );
    };
    fill(first, exact(1), left);
    known.set(key, best);
    return best;
  };
  return need(sizes.map(({ count }) => count));
}

function largestFirst(sizes: readonly { readonly count: number; readonly size: Exact }[]): number {
  const rooms: Exact[] = [];
  for (const { count, size } of sizes)
    for (let made = 0; made < count; made += 1) {
      const at = rooms.findIndex((room) => room.compare(size) >= 0);
      if (at < 0) rooms.push(exact(1).sub(size));
      else rooms[at] = rooms[at]!.sub(size);
    }
  return rooms.length;
}
