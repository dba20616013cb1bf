import type { Plan, PlanInstance } from './planInstance';
import { chanceFrom } from './solve/chance';
import { construct, type Windows } from './solve/construct';
import { smallReason } from './solve/explain';
import { Improver } from './solve/improve';
import { justified } from './solve/justify';
import { costOf, modelOf, usesOf, type Draft, type Model } from './solve/model';
import { Search } from './solve/search';
import { windowsOf } from './solve/windows';

export interface SolveOptions {
  /** The same instance, seed and effort give the same plan. Default 1. */
  readonly seed?: number;
  /** How much work to do at most, in the solver's own measure (bounds raised), which is the same on every machine. Default: no limit. */
  readonly effort?: number;
  /** Asked every few steps of the search; true ends it with the best plan so far. The caller brings the clock. */
  readonly stop?: () => boolean;
  /** Each better plan as it is found, the first as soon as there is one. */
  readonly onPlan?: (plan: Plan) => void;
}

/** Up to so many steps a search finds a first plan, or that there is none, as fast as anything else. */
const EASY = 60;
/** Work spent on pressing a plan into the session. */
const PRESSING = 40_000_000;
/** Up to this many steps the search for a proof is given its share of the work. */
const PROVABLE = 160;

/**
 * Makes a plan: starts for all steps and the resources they take, at the least cost that the effort allows.
 *
 * First plans are built by priority rules; from there one search tries to prove that nothing is better (it learns from dead ends and
 * bounds the cost by a flow), and another loosens parts of the best plan and makes them anew. `optimal` and `infeasible` are said only
 * when the proof is complete, `bound` is proven always. The instance must have been read by `readInstance`.
 *
 * @example solvePlan({ ..., steps: [], links: [] }).status // 'optimal'
 */
export function solvePlan(instance: PlanInstance, { seed = 1, effort = Infinity, stop = () => false, onPlan }: SolveOptions = {}): Plan {
  const model = modelOf(instance);
  if (model.impossible.length > 0) return without(smallReason(model, stop));
  const drawn = windowsOf(model);
  if (drawn.kind === 'none') return without(smallReason(model, stop));
  const { windows } = drawn;
  let best: Draft | null = null;
  let bound = -Infinity;
  const take = (draft: Draft | null): void => {
    if (!draft || (best && draft.cost >= best.cost)) return;
    best = draft;
    onPlan?.(planOf(model, draft, bound, false));
  };

  const chance = chanceFrom(seed);
  if (model.count > EASY) for (const draft of justified(model, chance, stop)) take(draft);
  if (!best) for (const draft of firstDrafts(model, windows, chance, stop)) take(draft);
  if (!best && model.count > EASY) take(pressed(model, chance, seed, stop));
  const improver = new Improver(model, windows, best, seed, take);
  improver.settle();

  // By turns: better plans by loosening parts, and the search for a proof, whose better plans are taken up again.
  const search = model.count <= PROVABLE || !best ? new Search(model, Infinity) : null;
  if (!search) bound = new Search(model, Infinity, null, true).rootBound;
  let slice = 8_000;
  const spent = () => improver.work + (search?.work ?? 0);
  while (!stop() && spent() < effort) {
    if (best) {
      improver.run({ work: search ? Math.min(slice, effort - spent()) : effort - spent(), stop });
      if (!search) break;
      search.aim((best as Draft).cost);
    }
    const outcome = search!.run({
      work: Math.max(1, Math.min(slice, effort - spent())),
      stop: () => stop() || (!best && search!.best !== null),
    });
    bound = Math.max(bound, Math.ceil(search!.rootBound));
    if (search!.best) {
      take(search!.best);
      improver.offer(search!.best);
    }
    if (outcome === 'exhausted') return best ? planOf(model, best, (best as Draft).cost, true) : without(smallReason(model, stop));
    slice = Math.round(slice * (best ? 1.2 : 2));
  }
  if (!best) return { status: 'unknown', objective: null, bound: finite(bound), starts: {}, uses: {} };
  return planOf(model, best, bound, bound >= (best as Draft).cost);
}

/**
 * A first plan where the session is so short that priority rules run over its end: made in a longer session, and pressed together until
 * it ends in time. Null if that does not come about.
 */
function pressed(model: Model, chance: () => number, seed: number, stop: () => boolean): Draft | null {
  const { instance } = model;
  const longer: PlanInstance = {
    ...instance,
    horizon: 3 * instance.horizon + 60,
    objective: { makespanWeight: 1 },
    steps: instance.steps.map(({ earlyCost: _, ...step }) => step),
    links: instance.links.map((link) => ({ ...link, waitCost: 0 })),
  };
  const wide = modelOf(longer);
  const drawn = windowsOf(wide);
  if (drawn.kind === 'none') return null;
  let best: Draft | null = null;
  for (const draft of firstDrafts(wide, drawn.windows, chance, stop)) if (draft && (!best || draft.cost < best.cost)) best = draft;
  if (!best) return null;
  const improver = new Improver(wide, drawn.windows, best, seed);
  const inTime = () => improver.best!.cost <= instance.horizon;
  improver.run({ work: PRESSING, stop: () => stop() || inTime() });
  return inTime() ? { ...improver.best!, cost: costOf(model, improver.best!.starts) } : null;
}

const finite = (bound: number): number | null => (Number.isFinite(bound) ? bound : null);

function planOf(model: Model, draft: Draft, bound: number, proven: boolean): Plan {
  const starts: Record<string, number> = {};
  model.instance.steps.forEach(({ id }, at) => {
    starts[id] = draft.starts[at]!;
  });
  return {
    status: proven ? 'optimal' : 'feasible',
    objective: draft.cost,
    bound: finite(bound),
    starts,
    uses: usesOf(model, draft),
  };
}

const without = (reason: Plan['reason']): Plan => ({
  status: 'infeasible',
  objective: null,
  bound: null,
  starts: {},
  uses: {},
  ...(reason ? { reason } : {}),
});

/** Plans by priority rules, the promising rules first and then shaken ones. */
function* firstDrafts(model: Model, windows: Windows, chance: () => number, stop: () => boolean): Generator<Draft | null> {
  const { count, teams } = model;
  const tries = Math.max(10, Math.min(60, Math.round(2400 / Math.max(1, count))));
  const teamCount = Math.max(...teams, 0) + 1;
  let found = 0;
  for (let attempt = 0; attempt < 4 * tries; attempt += 1) {
    if (attempt >= tries && found > 0) return;
    if (stop()) return;
    const shake = attempt < 3 ? 0 : (0.05 + 0.3 * chance()) * model.horizon;
    // Teams one after another, by so much: plates that come one by one.
    const stagger = attempt % 3 === 0 ? 0 : ((attempt % 3) * 0.5 * model.horizon * chance()) / teamCount;
    const shuffled = Array.from({ length: teamCount }, () => chance());
    const rank = shuffled.map((_, team) => shuffled.filter((other) => other < shuffled[team]!).length);
    const urgency = new Float64Array(count);
    for (let at = 0; at < count; at += 1)
      urgency[at] = windows.latest[at]! + stagger * rank[teams[at]!]! + shake * (chance() - 0.5) + at * 1e-6;
    const draft = construct(model, windows, urgency);
    if (draft) found += 1;
    yield draft;
  }
}
