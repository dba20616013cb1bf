import { chanceFrom } from './chance';
import type { Windows } from './construct';
import type { SearchLimits } from './held';
import type { Draft, Model } from './model';
import { ordersOf } from './orders';
import { partOf } from './part';
import { Search } from './search';

/** From so many steps on rounds are kept short, since each costs what all its steps cost. */
const LARGE = 80;
/** Work and dead ends of one round. */
const LONG_LOOK = { work: 30_000, deadEnds: 80 };
const SHORT_LOOK = { work: 35_000, deadEnds: 110 };

export interface ImproveLimits {
  /** Bounds raised, all told; the same on every machine. */
  readonly work: number;
  readonly stop: () => boolean;
}

/**
 * Ways to choose what is loosened; those that helped are tried more often. What is not chosen keeps its order, and moves by
 * `give` minutes at most: the less, the faster a round.
 */
type Way = (chance: () => number, draft: Draft, size: number) => Set<number>;

/**
 * Makes a plan cheaper by loosening some of its steps at a time, holding the order of all others, and searching what that leaves.
 *
 * @source large neighbourhood search on partial order schedules: D. Godard, P. Laborie, W. Nuijten, "Randomized large neighborhood search for
 * cumulative scheduling" (2005); choice of neighbourhoods by success: P. Laborie, D. Godard, "Self-adapting large neighborhood search" (2007)
 */
export class Improver {
  private readonly chance: () => number;
  private readonly ways: { way: Way; give: number; weight: number; size: number }[];
  work = 0;
  rounds = 0;
  /** The plan that is worked on: the best, or one near it. */
  private current: Draft | null;
  /** Rounds since the best was found. */
  private since = 0;
  /** Cost taken off for a unit of work, of late. */
  private usual = 0;

  constructor(
    private readonly model: Model,
    private readonly windows: Windows,
    public best: Draft | null,
    seed: number,
    private readonly onBetter: (draft: Draft) => void = () => {},
  ) {
    this.chance = chanceFrom(seed);
    this.current = best;
    const start = Math.min(model.count, 14);
    const gives = model.count > LARGE ? [0, 4, 15, model.horizon] : [model.horizon];
    this.ways = gives.flatMap((give) =>
      [ofTeams(model), ofTime(model), ofPool(model), around(model)].map((way) => ({ way, give, weight: 1, size: start })),
    );
  }

  /** Times as good as they can be while every order stays: no search, one flow. */
  settle(): void {
    this.loosen(new Set(), this.model.horizon, { work: 1e7, deadEnds: 50 }, () => false);
  }

  /** A plan from elsewhere, to go on from if it is better. */
  offer(draft: Draft): void {
    if (!this.best || draft.cost < this.best.cost) this.best = this.current = draft;
  }

  run({ work, stop }: ImproveLimits): void {
    const until = this.work + work;
    while (this.best && this.model.count > 0 && this.work < until && !stop()) {
      this.rounds += 1;
      this.since += 1;
      if (this.since % BACK === 0) this.current = this.best;
      if (this.model.count > LARGE && this.rounds % SETTLE === 0) this.settle();
      const total = this.ways.reduce((sum, { weight }) => sum + weight, 0);
      let pick = this.chance() * total;
      const chosen = this.ways.find(({ weight }) => (pick -= weight) < 0) ?? this.ways[0]!;
      const loose = chosen.way(this.chance, this.current!, Math.round(chosen.size));
      const before = this.current!.cost;
      const worked = this.work;
      const exhausted = this.loosen(loose, chosen.give, this.model.count > LARGE ? SHORT_LOOK : LONG_LOOK, stop);
      // What it gained for its work, against what a round gains on the whole.
      const gain = Math.max(0, before - this.current!.cost) / Math.max(1, this.work - worked);
      this.usual = 0.97 * this.usual + 0.03 * gain;
      chosen.weight = Math.max(0.1, 0.85 * chosen.weight + 0.15 * Math.min(4, this.usual > 0 ? gain / this.usual : 1));
      // What is searched to its end may be larger; what is not was too large.
      chosen.size = Math.max(6, Math.min(this.model.count, chosen.size * (exhausted ? 1.06 : 0.94)));
    }
  }

  /** Goes on from a plan, which may be the best there is. */
  private goOn(draft: Draft): void {
    this.current = draft;
    if (draft.cost >= this.best!.cost) return;
    this.best = draft;
    this.since = 0;
    this.onBetter(draft);
  }

  private loosen(loose: ReadonlySet<number>, give: number, look: Omit<SearchLimits, 'stop'>, stop: () => boolean): boolean {
    const { model, current: best, windows } = this;
    if (!best) return false;
    if (give === 0 && loose.size > 0) return this.loosenAlone(loose, best, { ...look, stop });
    const search = new Search(model, best.cost, {
      loose,
      orders: ordersOf(model, best, loose),
      pool: best.pool,
      from: windows.earliest.map((earliest, at) => (loose.has(at) ? earliest : Math.max(earliest, best.starts[at]! - give))),
      until: windows.latest.map((latest, at) => (loose.has(at) ? latest : Math.min(latest, best.starts[at]! + give))),
    });
    const outcome = search.run({ ...look, stop });
    this.work += search.work + MAKING * model.count;
    if (search.best && search.best.cost < best.cost) this.goOn(search.best);
    return outcome === 'exhausted';
  }

  /** The same where all others stay at their very minute: a problem of the loose ones alone, which is small however large the plan is. */
  private loosenAlone(loose: ReadonlySet<number>, best: Draft, limits: SearchLimits): boolean {
    const aside = this.model.count > LARGE && this.since > PATIENCE && this.chance() < ASIDE;
    const part = partOf(this.model, best, loose, this.windows);
    this.work += MAKING * part.model.count;
    if (aside && !stepAside(part.model, this.chance, (at) => best.starts[part.steps[at]!]!, loose.size)) return true;
    const give = aside ? Math.ceil(best.cost * NEAR) : 0;
    const search = new Search(part.model, best.cost + give, null, false, true);
    const outcome = search.run(limits);
    this.work += search.work;
    if (search.best && search.best.cost < best.cost + give) this.goOn(part.whole(search.best));
    return outcome === 'exhausted';
  }
}

/** Rounds without anything better before plans that cost a little more are gone on from. */
const PATIENCE = 60;
/** How often then, and by how much more. */
const ASIDE = 0.5;
const NEAR = 0.003;
/** Rounds after which the best is gone back to. */
const BACK = 400;

/** Rounds after which all times are set anew together. */
const SETTLE = 40;

/** What is added to the work of a round for making its model. */
const MAKING = 4;

/** Lets one step of a part lie anywhere but where it lies; false if it can lie nowhere else. */
function stepAside(part: Model, chance: () => number, startOf: (at: number) => number, loose: number): boolean {
  const at = Math.floor(chance() * loose);
  const now = startOf(at);
  const [earlier, later] = [part.earliest[at]! < now, part.latest[at]! > now];
  if (!earlier && !later) return false;
  if (earlier && (!later || chance() < 0.5)) part.latest[at] = now - 1;
  else part.earliest[at] = now + 1;
  return true;
}

function ofTeams(model: Model): Way {
  const teams = Math.max(...model.teams, 0) + 1;
  return (chance, { starts }, size) => {
    const loose = new Set<number>();
    let last = -1;
    // Teams that are at much the same stage are loosened together: they stand in each other's way.
    const first = Math.floor(chance() * teams);
    const endOf = new Float64Array(teams);
    for (let at = 0; at < model.count; at += 1) endOf[model.teams[at]!] = Math.max(endOf[model.teams[at]!]!, starts[at]!);
    const order = Array.from({ length: teams }, (_, team) => team).sort(
      (a, b) => Math.abs(endOf[a]! - endOf[first]!) - Math.abs(endOf[b]! - endOf[first]!) || a - b,
    );
    for (const team of order) {
      if (last >= 0 && chance() < 0.3) continue;
      last = team;
      const own: number[] = [];
      for (let at = 0; at < model.count; at += 1) if (model.teams[at] === team) own.push(at);
      if (loose.size + own.length > size && loose.size > 0) {
        // A part of one team, in one piece of time.
        own.sort((a, b) => starts[a]! - starts[b]!);
        const room = Math.max(0, size - loose.size);
        const from = Math.floor(chance() * Math.max(1, own.length - room));
        for (const at of own.slice(from, from + room)) loose.add(at);
        break;
      }
      if (loose.size === 0 && own.length > size) {
        own.sort((a, b) => starts[a]! - starts[b]!);
        const from = Math.floor(chance() * (own.length - size));
        for (const at of own.slice(from, from + size)) loose.add(at);
        break;
      }
      for (const at of own) loose.add(at);
    }
    return loose;
  };
}

function ofTime(model: Model): Way {
  return (chance, { starts }, size) => {
    const order = Array.from({ length: model.count }, (_, at) => at).sort((a, b) => starts[a]! - starts[b]! || a - b);
    // Now and then the very end, which the latest end hangs on.
    const from = chance() < 0.25 ? Math.max(0, model.count - size) : Math.floor(chance() * Math.max(1, model.count - size + 1));
    return new Set(order.slice(from, from + size));
  };
}

function ofPool(model: Model): Way {
  const shared = model.pools
    .map((_, pool) => pool)
    .filter((pool) => {
      const teams = new Set(model.needs.filter(({ pools }) => pools.includes(pool)).map(({ step }) => model.teams[step]!));
      return teams.size > 1;
    });
  return (chance, { starts }, size) => {
    if (shared.length === 0) return ofTime(model)(chance, { starts, pool: new Int32Array(0), cost: 0 }, size);
    const pool = shared[Math.floor(chance() * shared.length)]!;
    const users = [...new Set(model.needs.filter(({ pools }) => pools.includes(pool)).map(({ step }) => step))].sort(
      (a, b) => starts[a]! - starts[b]! || a - b,
    );
    const most = Math.max(3, Math.floor(size / 2));
    const from = Math.floor(chance() * Math.max(1, users.length - most + 1));
    const loose = new Set(users.slice(from, from + most));
    // With what hangs on them directly.
    for (const step of [...loose]) {
      for (const link of model.linksTo[step]!) if (loose.size < size) loose.add(model.links[link]!.from);
      for (const link of model.linksFrom[step]!) if (loose.size < size) loose.add(model.links[link]!.to);
    }
    return loose;
  };
}

function around(model: Model): Way {
  return (chance, { starts }, size) => {
    const first = Math.floor(chance() * model.count);
    const loose = new Set([first]);
    const queue = [first];
    while (queue.length > 0 && loose.size < size) {
      const step = queue.splice(Math.floor(chance() * queue.length), 1)[0]!;
      const near: number[] = [];
      for (const link of model.linksTo[step]!) near.push(model.links[link]!.from);
      for (const link of model.linksFrom[step]!) near.push(model.links[link]!.to);
      for (const need of model.needsOf[step]!)
        for (const other of model.needs)
          if (
            other.step !== step &&
            other.pools.some((pool) => model.needs[need]!.pools.includes(pool)) &&
            Math.abs(starts[other.step]! - starts[step]!) < 30
          )
            near.push(other.step);
      for (const other of near) {
        if (loose.size >= size) break;
        if (loose.has(other) || chance() < 0.4) continue;
        loose.add(other);
        queue.push(other);
      }
    }
    return loose;
  };
}
