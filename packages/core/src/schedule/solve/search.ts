import { Cumulative, type Load } from './cumulative';
import { Engine } from './engine';
import { FlowBound, type Arc } from './flowBound';
import type { Held, SearchLimits } from './held';
import { luby } from './luby';
import { Overload } from './overload';
import { trueAt } from './trail';
import { costOf, differencesOf, poolSetsOf, type Draft, type Model } from './model';

/** So many things in the way are looked at before one is chosen to be decided. */
const MOST_CLASHES = 200;

const MOST_FOR_OVERLOAD = 30;
/** In a neighbourhood so many questions of one look are decided before the next. */
const BATCH = 10;

export type Outcome = 'exhausted' | 'limit';

/** Decides in what order things follow on what they share, and learns from what does not work, until nothing better is left. */
export class Search {
  private readonly engine = new Engine();
  private readonly flow: FlowBound;
  /** Literals "b begins at least `gap` minutes after a ends", by pair and gap. */
  private readonly after: Int32Array;
  /** Literals "this need is met by this pool"; -1 always, -2 never. */
  private readonly takes: Int32Array[];
  private readonly loadsOf: number[][];
  private readonly order: Int32Array;
  private readonly gaps: number[];
  best: Draft | null = null;
  /** The cost to get below. */
  private below: number;
  /** The least bound at the root: nothing is cheaper. */
  rootBound = -Infinity;
  deadEnds = 0;
  private restartAt = 0;
  private restarts = 0;

  constructor(
    private readonly model: Model,
    below: number,
    private readonly held: Held | null = null,
    /** Only the bound at the root is wanted: nothing that shares is looked at. */
    boundOnly = false,
    /** A small part of a large problem, looked at briefly: what costs more than it brings there is left out. */
    private readonly brief = false,
  ) {
    this.below = below;
    const { engine } = this;
    const { count, needs, pools, horizon } = model;
    const arcs: Arc[] = [];
    for (let at = 0; at < count; at += 1)
      engine.variable(
        held ? Math.max(model.earliest[at]!, held.from[at]!) : model.earliest[at]!,
        held ? Math.min(model.latest[at]!, held.until[at]!) : model.latest[at]!,
      );
    const end = engine.variable(0, horizon);
    const cost = new Float64Array(count + 1);
    cost.set(model.cost);
    cost[count] = model.makespanWeight;
    const always = (x: number, y: number, add: number) => {
      if (!engine.difference(x, y, add)) engine.dead = true;
      arcs.push({ tail: x, head: y, add, when: -1 });
    };
    for (const { from, to, add } of [...differencesOf(model), ...(held?.orders ?? [])]) always(from, to, add);
    for (let at = 0; at < count; at += 1) if (model.linksFrom[at]!.length === 0) always(at, end, model.minutes[at]!);
    if (model.makespanWeight > 0) {
      const rest = Float64Array.from(cost);
      rest[count] = 0;
      this.restBound = new FlowBound(engine, rest, model.constant, arcs).solve();
    }
    this.flow = new FlowBound(engine, cost, model.constant, arcs);
    this.gaps = [...new Set(pools.map(({ change }) => change).concat(0))];
    this.after = new Int32Array(this.gaps.length * count * count).fill(-1);
    this.chosen = new Int32Array(needs.length);
    this.watched = new Uint8Array(pools.length).fill(held ? 0 : 1);
    this.order = new Int32Array(count);
    for (let at = 0; at < count; at += 1) this.order[at] = at;
    this.loadsOf = pools.map(() => []);
    if (!engine.propagate()) engine.dead = true;
    if (boundOnly) {
      this.takes = [];
      this.rootBound = engine.dead ? -Infinity : this.flow.solve();
      return;
    }
    this.takes = needs.map(({ step, pools: options }, at) => {
      const row = new Int32Array(pools.length).fill(-2);
      const only = held && !held.loose.has(step) ? held.pool[at]! : options.length === 1 ? options[0]! : -1;
      if (only >= 0) row[only] = -1;
      else {
        const literals = options.map((option) => (row[option] = engine.boolean()));
        engine.anyOf(...literals);
        for (let a = 0; a < literals.length; a += 1)
          for (let b = a + 1; b < literals.length; b += 1) engine.anyOf(literals[a]! ^ 1, literals[b]! ^ 1);
      }
      options.forEach((option) => {
        if (row[option] === -2) return;
        this.loadsOf[option]!.push(at);
        if (held?.loose.has(step)) this.watched[option] = 1;
      });
      return row;
    });
    this.share();
    if (!engine.dead && !engine.propagate() && !engine.learn()) engine.dead = true;
  }

  /** What shares a pool: never more than it holds, and apart where two cannot be there together. */
  private share(): void {
    const { model, held } = this;
    const { needs, pools, minutes } = model;
    const loadOf = (at: number, present: number): Load => ({
      start: needs[at]!.step,
      minutes: minutes[needs[at]!.step]!,
      amount: needs[at]!.amount,
      present,
    });
    pools.forEach((pool, index) => {
      if (this.watched[index] === 0) return;
      const loads = this.loadsOf[index]!;
      const sure = loads.every((at) => this.takes[at]![index] === -1);
      this.hold(
        loads.map((at) => loadOf(at, this.takes[at]![index]!)),
        pool.capacity,
        // Where no two fit together the order of each pair says all that the minutes would.
        !(sure && !held && loads.every((at) => 2 * needs[at]!.amount > pool.capacity)),
      );
      for (let i = 0; i < loads.length; i += 1)
        for (let j = i + 1; j < loads.length; j += 1) {
          const [a, b] = [loads[i]!, loads[j]!];
          if (held && !held.loose.has(needs[a]!.step) && !held.loose.has(needs[b]!.step)) continue;
          if (this.apart(a, b, index) !== null) this.keepApart(a, b, index);
        }
    });
    for (const { set, inside, capacity } of poolSetsOf(this.model))
      if (set.some((option) => this.watched[option] === 1))
        this.hold(
          inside.map((at) => loadOf(at, -1)),
          capacity,
        );
  }

  private hold(loads: readonly Load[], capacity: number, byMinute = true): void {
    if (loads.reduce((sum, { amount }) => sum + amount, 0) <= capacity) return;
    if (byMinute) new Cumulative(this.engine, loads, capacity, this.model.horizon);
    // Its look at all pairs is worth the time where a proof hangs on it; in a neighbourhood of many it is not.
    if ((!this.held && !this.brief) || loads.length <= MOST_FOR_OVERLOAD) new Overload(this.engine, loads, capacity);
  }

  /** Minutes that two loads must lie apart in a pool, or null if they may be there together. */
  private apart(a: number, b: number, index: number): number | null {
    const { needs, pools } = this.model;
    const pool = pools[index]!;
    if (pool.oven && needs[a]!.temperature !== needs[b]!.temperature) return pool.change;
    return needs[a]!.amount + needs[b]!.amount > pool.capacity ? 0 : null;
  }

  private keepApart(a: number, b: number, index: number): void {
    const { engine, model } = this;
    const { needs } = model;
    const [ua, ub] = [this.takes[a]![index]!, this.takes[b]![index]!];
    const [i, j] = [needs[a]!.step, needs[b]!.step];
    const without = [ua, ub].filter((literal) => literal >= 0).map((literal) => literal ^ 1);
    if (i === j) {
      if (!engine.anyOf(...without)) engine.dead = true;
      return;
    }
    const gap = this.apart(a, b, index)!;
    if (without.length === 0) {
      const known = this.after[this.key(i, j, gap)]!;
      if (known >= 0 && this.after[this.key(j, i, gap)] === (known ^ 1)) return;
      if (this.surelyAfter(i, j, gap) || this.surelyAfter(j, i, gap)) return;
      const literal = engine.boolean();
      this.after[this.key(i, j, gap)] = literal;
      this.after[this.key(j, i, gap)] = literal ^ 1;
      this.tie(i, j, gap, literal);
      this.tie(j, i, gap, literal ^ 1);
      return;
    }
    if (this.surelyAfter(i, j, gap) || this.surelyAfter(j, i, gap)) return;
    const [first, second] = [this.literalAfter(i, j, gap), this.literalAfter(j, i, gap)];
    if (!engine.anyOf(...without, first, second)) engine.dead = true;
  }

  private key(i: number, j: number, gap: number): number {
    return (this.gaps.indexOf(gap) * this.model.count + i) * this.model.count + j;
  }

  /** Whether windows and links alone let j begin only `gap` minutes after i ends. */
  private surelyAfter(i: number, j: number, gap: number): boolean {
    const { lb } = this.engine;
    const { minutes, between, count } = this.model;
    return lb[2 * j]! >= -lb[2 * i + 1]! + minutes[i]! + gap || between[i * count + j]! >= minutes[i]! + gap;
  }

  private tie(i: number, j: number, gap: number, literal: number): void {
    const add = this.model.minutes[i]! + gap;
    if (!this.engine.difference(i, j, add, literal)) this.broken = true;
    this.flow.addArc({ tail: i, head: j, add, when: literal });
  }
  /** A dead end met while a literal was made, to be learned from at once. */
  private broken = false;

  /** "j begins at least `gap` after i ends"; made when first asked for. */
  private literalAfter(i: number, j: number, gap: number): number {
    const key = this.key(i, j, gap);
    const known = this.after[key]!;
    if (known >= 0) return known;
    const literal = this.engine.boolean();
    this.after[key] = literal;
    this.tie(i, j, gap, literal);
    return literal;
  }

  /** From now on only what costs less than this is looked for. */
  aim(below: number): void {
    this.below = Math.min(this.below, below);
    this.endTold = false;
  }
  private endTold = false;
  /** The least that the plan costs without its latest end. */
  private readonly restBound: number = -Infinity;

  /** What the rest costs at least leaves only so much for the latest end. Called at the root. */
  private tellEnd(): boolean {
    this.endTold = true;
    const { makespanWeight, count } = this.model;
    if (makespanWeight === 0 || this.below === Infinity) return true;
    const latest = Math.floor((this.below - 1 - this.restBound) / makespanWeight);
    return this.engine.raiseBecause(2 * count + 1, -latest, []);
  }

  /** Searches below `below` until nothing is left or a limit is reached; `best` holds what was found. */
  run(limits: SearchLimits): Outcome {
    const { engine, flow } = this;
    const workUntil = this.work + limits.work;
    const deadEndsUntil = this.deadEnds + (limits.deadEnds ?? Infinity);
    let asked = 0;
    while (!engine.dead) {
      if (this.work > workUntil || this.deadEnds > deadEndsUntil) return 'limit';
      if ((asked++ & 15) === 0 && limits.stop()) return 'limit';
      if (engine.level === 0 && !this.endTold && !this.tellEnd()) break;
      let held = !this.broken && engine.propagate();
      if (held && this.pending.length > 0) {
        const next = this.pending.pop()!;
        if (engine.isOpen(next)) engine.decide(next, trueAt(next));
        continue;
      }
      if (held) {
        const bound = flow.solve();
        // What is known at the root may rest on the cost to get below: no more than that is proven of other plans.
        if (engine.level === 0) this.rootBound = Math.max(this.rootBound, Math.min(bound, this.below));
        if (bound >= this.below) held = engine.fail(flow.facts(bound, this.below));
        else if (this.below < Infinity) {
          const before = engine.trailLength;
          held = flow.tighten(this.below - 1 - bound);
          if (held && engine.trailLength > before) continue;
        }
      }
      if (!held) {
        this.broken = false;
        this.pending.length = 0;
        this.deadEnds += 1;
        if (!engine.learn()) break;
        if (this.deadEnds >= this.restartAt) this.restart();
        continue;
      }
      const decision = this.inspect();
      if (decision === null) continue;
      engine.decide(decision[0], decision[1]);
    }
    engine.dead = true;
    return 'exhausted';
  }

  get work(): number {
    return this.engine.work + 20 * this.flow.work;
  }

  private restart(): void {
    this.restarts += 1;
    this.restartAt = this.deadEnds + 60 * luby(this.restarts);
    this.engine.backTo(0);
    this.engine.forget(4000);
  }

  private readonly chosen: Int32Array;
  /** Pools in which something may still clash: where all is held the order sees to it. */
  private readonly watched: Uint8Array;
  /** Further questions of the last look, to be decided before the next one. */
  private readonly pending: number[] = [];
  private readonly usage: Int32Array[] = [];
  private readonly placed: number[][] = [];

  /**
   * Looks whether the starts of the bound can be had with the resources. If so they are the best that this branch holds and become `best`
   * (null: nothing to decide, the next bound ends the branch). If not, what to decide: which of two comes first, or where one goes.
   */
  private inspect(): readonly [number, number] | null {
    const { model, engine, flow } = this;
    const { needs, needsOf, pools, minutes, horizon, count } = model;
    const { starts } = flow;
    const { order, held } = this;
    if (this.usage.length === 0)
      for (let at = 0; at < pools.length; at += 1) {
        this.usage.push(new Int32Array(horizon + 1));
        this.placed.push([]);
      }
    const { watched } = this;
    for (let at = 0; at < pools.length; at += 1) {
      if (watched[at] === 0) continue;
      this.usage[at]!.fill(0);
      this.placed[at]!.length = 0;
    }
    const { lb } = engine;
    // From the order of last time, which it hardly differs from.
    for (let rank = 1; rank < count; rank += 1) {
      const step = order[rank]!;
      const begins = starts[step]!;
      const latest = lb[2 * step + 1]!;
      let at = rank;
      for (; at > 0; at -= 1) {
        const other = order[at - 1]!;
        const later = starts[other]! - begins || latest - lb[2 * other + 1]! || other - step;
        if (later <= 0) break;
        order[at] = other;
      }
      order[at] = step;
    }
    const { chosen } = this;
    let literal = -1;
    let weight = -1;
    let stuck: readonly [number, number] | null = null;
    const offers: number[] = [];
    const offer = (each: number, when: number) => {
      if ((held || this.brief) && offers.length < BATCH) offers.push(each);
      const its = engine.activity[each >> 1]! + 1e-9 / (1 + when);
      if (its > weight) {
        weight = its;
        literal = each;
      }
    };
    let clashes = 0;
    for (let rank = 0; rank < count && clashes < MOST_CLASHES; rank += 1) {
      const step = order[rank]!;
      const begins = starts[step]!;
      for (const at of needsOf[step]!) {
        if (held && !held.loose.has(step) && watched[held.pool[at]!] === 0) {
          chosen[at] = held.pool[at]!;
          continue;
        }
        const row = this.takes[at]!;
        let pool = -1;
        let undecided = -1;
        for (const option of needs[at]!.pools) {
          const take = row[option]!;
          if (take === -2 || (take >= 0 && engine.isFalse(take))) continue;
          if (take === -1 || engine.isTrue(take)) {
            pool = option;
            undecided = -1;
            break;
          }
          if (undecided < 0) undecided = option;
          if (pool < 0 && this.fits(at, option, begins)) pool = option;
        }
        if (pool < 0) {
          // Nowhere at this minute: where it goes is to be decided first.
          clashes += 1;
          if (undecided >= 0) offer(row[undecided]!, begins);
          pool = undecided;
        } else if (undecided < 0 && !this.fits(at, pool, begins)) {
          clashes += 1;
          const found = this.clash(at, pool, begins, offer);
          if (!found) stuck ??= this.split(step, begins);
        }
        chosen[at] = pool;
        this.placed[pool]!.push(at);
        const until = begins + minutes[step]!;
        const use = this.usage[pool]!;
        for (let minute = begins; minute < until; minute += 1) use[minute]! += needs[at]!.amount;
      }
    }
    if (clashes > 0) {
      if (literal >= 0) {
        for (const each of offers) if (each !== literal) this.pending.push(each);
        return [literal, trueAt(literal)];
      }
      for (let rank = 0; rank < count && !stuck; rank += 1) stuck = this.split(order[rank]!, starts[order[rank]!]!);
      return stuck;
    }
    const draft = { starts: Int32Array.from(starts.subarray(0, count)), pool: Int32Array.from(chosen), cost: 0 };
    const cost = costOf(model, draft.starts);
    this.best = { ...draft, cost };
    this.aim(cost);
    return null;
  }

  private fits(at: number, pool: number, begins: number): boolean {
    const { needs, pools, minutes } = this.model;
    const { step, amount, temperature } = needs[at]!;
    const { capacity, oven, change } = pools[pool]!;
    const until = begins + minutes[step]!;
    const use = this.usage[pool]!;
    for (let minute = begins; minute < until; minute += 1) if (use[minute]! + amount > capacity) return false;
    if (oven)
      for (const other of this.placed[pool]!) {
        const its = needs[other]!;
        if (its.temperature === temperature) continue;
        const otherBegins = this.flow.starts[its.step]!;
        if (begins < otherBegins + minutes[its.step]! + change && otherBegins < until + change) return false;
      }
    return true;
  }

  /** Offers the open questions about what lies in the way of a need in its pool; false if there is none. */
  private clash(at: number, pool: number, begins: number, offer: (literal: number, when: number) => void): boolean {
    const { needs, minutes } = this.model;
    const { engine } = this;
    const { step } = needs[at]!;
    const until = begins + minutes[step]!;
    let found = false;
    const ask = (i: number, j: number, gap: number) => {
      if (this.surelyAfter(i, j, gap) || this.surelyAfter(j, i, gap)) return;
      for (const literal of [this.literalAfter(i, j, gap), this.literalAfter(j, i, gap)])
        if (engine.isOpen(literal)) {
          found = true;
          offer(literal, begins);
          return;
        }
    };
    for (const other of this.placed[pool]!) {
      const its = needs[other]!.step;
      if (its === step) continue;
      const take = this.takes[other]![pool]!;
      const gap = this.apart(other, at, pool);
      const otherBegins = this.flow.starts[its]!;
      if (begins >= otherBegins + minutes[its]! + (gap ?? 0) || otherBegins >= until + (gap ?? 0)) continue;
      if (take >= 0 && engine.isOpen(take)) {
        found = true;
        offer(take, begins);
      } else ask(its, step, gap ?? 0);
    }
    return found;
  }

  private split(step: number, value: number): readonly [number, number] | null {
    const { lb } = this.engine;
    if (lb[2 * step]! < value) return [2 * step, value];
    if (-lb[2 * step + 1]! > value) return [2 * step + 1, -value];
    return null;
  }
}
