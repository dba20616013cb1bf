import type { PlanInstance } from '../planInstance';
import { construct, type Windows } from './construct';
import { costOf, modelOf, type Draft, type Model } from './model';
import { windowsOf } from './windows';

/** Sessions as long as this are given plans to begin with, in parts of the one there is. */
const WIDE = 2;
/** Plans by priority rules from which the shortest is gone on from. */
const BEGINNINGS = 12;
/** Passes in both directions until a plan that does not come into the session is left to others. */
const PASSES = 400;
/** Passes that shorten nothing, after which other beginnings are tried. */
const STUCK = 50;
/** Plans that are built anew backwards, each from the order of the best so far. */
const SHAKEN = 150;

interface Placed {
  readonly starts: Int32Array;
  readonly pool: Int32Array;
}

/**
 * First plans of a class: each step is put as early as it can be, then from the end as late as it can be, and so on, by the order of the
 * pass before. That shortens a plan until it lies in the session; and plans built backwards from the pass leave little waiting, so that
 * they are cheap to begin with. Gives each plan that is cheaper than the last, the first after a few passes; none where nothing fits.
 *
 * @source forward-backward improvement: P. Tormos, A. Lova, "A competitive heuristic solution technique for resource-constrained project
 * scheduling" (2001); with greatest waits by unscheduling, see `construct`
 */
export function* justified(model: Model, chance: () => number, stop: () => boolean): Generator<Draft> {
  const { count, minutes, horizon } = model;
  const longer: PlanInstance = { ...model.instance, horizon: WIDE * horizon };
  const wide = modelOf(longer);
  const drawn = windowsOf(wide);
  if (drawn.kind === 'none') return;
  const ahead = drawn.windows;
  const mirror = mirrored(wide);
  const behind = mirroredWindows(wide, ahead);

  const urgencyBy = (of: (at: number) => number, noise: number): Float64Array =>
    Float64Array.from({ length: count }, (_, at) => of(at) + (noise > 0 ? noise * (chance() - 0.5) : 0) + at * 1e-6);
  const forwards = (urgency: Float64Array): Placed | null => construct(wide, ahead, urgency);
  /** As late as can be, and ending by `end`. */
  const backwards = (urgency: Float64Array, end: number): Placed | null => {
    const built = construct(mirror, { ...behind, earliest: behind.earliest.map((first) => Math.max(first, wide.horizon - end)) }, urgency);
    return built && { pool: built.pool, starts: mirroredStarts(wide, built.starts) };
  };
  const endOf = ({ starts }: Placed): number => starts.reduce((end, start, at) => Math.max(end, start + minutes[at]!), 0);
  const mirroredStart =
    ({ starts }: Placed) =>
    (at: number) =>
      wide.horizon - starts[at]! - minutes[at]!;
  const priced = ({ starts, pool }: Placed): Draft => ({ starts, pool, cost: costOf(model, starts) });

  let shortest: Placed | null = null;
  let end = Infinity;
  const offer = (placed: Placed | null): boolean => {
    if (!placed || endOf(placed) > end) return false;
    const shorter = endOf(placed) < end;
    [shortest, end] = [placed, endOf(placed)];
    return shorter;
  };
  const begin = (): void => {
    [shortest, end] = [null, Infinity];
    for (let attempt = 0; attempt < BEGINNINGS && !stop(); attempt += 1)
      offer(forwards(urgencyBy((at) => ahead.latest[at]!, attempt === 0 ? 0 : 0.3 * horizon)));
  };
  begin();
  for (let [pass, stuck] = [0, 0]; end > horizon; pass += 1) {
    if (pass === PASSES || stop()) return;
    if (stuck === STUCK) {
      begin();
      stuck = 0;
    }
    if (!shortest) return;
    const noise = stuck === 0 ? 0 : Math.min(20, 2 + stuck);
    const late = backwards(urgencyBy(mirroredStart(shortest), noise), end);
    stuck = late && offer(forwards(urgencyBy((at) => late.starts[at]!, noise))) ? 0 : stuck + 1;
  }

  if (!shortest) return;
  let best = priced(shortest);
  const late = backwards(urgencyBy(mirroredStart(shortest), 0), horizon);
  if (late && costOf(model, late.starts) < best.cost) best = priced(late);
  yield best;
  for (let attempt = 0; attempt < SHAKEN && !stop(); attempt += 1) {
    const noise = 1 + 30 * chance() ** 2;
    const other = backwards(urgencyBy(mirroredStart(best), noise), horizon);
    const cost = other ? costOf(model, other.starts) : Infinity;
    if (other && cost <= best.cost) {
      const cheaper = cost < best.cost;
      best = priced(other);
      if (cheaper) yield best;
    }
  }
}

/** The model with time running backwards: what follows comes before. */
function mirrored(model: Model): Model {
  const { horizon, minutes, earliest, latest } = model;
  return {
    ...model,
    earliest: latest.map((last, at) => horizon - last - minutes[at]!),
    latest: earliest.map((first, at) => horizon - first - minutes[at]!),
    links: model.links.map((link) => ({ ...link, from: link.to, to: link.from })),
    linksFrom: model.linksTo,
    linksTo: model.linksFrom,
  };
}

const mirroredWindows = ({ horizon, minutes }: Model, { earliest, latest, fixed }: Windows): Windows => ({
  fixed,
  earliest: latest.map((last, at) => horizon - last - minutes[at]!),
  latest: earliest.map((first, at) => horizon - first - minutes[at]!),
});

const mirroredStarts = ({ horizon, minutes }: Model, starts: Int32Array): Int32Array =>
  starts.map((start, at) => horizon - start - minutes[at]!);
