import { Ints } from './ints';
import { Trail, trueAt } from './trail';

/** Why a bound rose: by decision (or at the root), by an edge, by a clause, or by facts written down in the arena. */
const DECIDED = 0;
const BY_EDGE = 1;
const BY_CLAUSE = 2;
const BY_FACTS = 3;

/** Looks at what changed and raises bounds through the engine; false when it found a dead end. */
export interface Propagator {
  propagate(): boolean;
}

/**
 * A small constraint engine that learns from its dead ends.
 *
 * Every variable x is known by two rising bounds: bound `2x` is the least value of x, bound `2x + 1` is the least value of -x (that is,
 * minus the greatest of x). A literal is a pair (bound, value) and says "this bound is at least that value"; its negation is
 * (bound ^ 1, 1 - value). A Boolean is a variable between 0 and 1, and its literal is named by its bound alone: `2x` is true once x is 1,
 * `2x + 1` once x is 0. So there is one kind of fact, one array holds them all, and every dead end is explained by facts of that kind.
 *
 * @source Lazy clause generation: O. Ohrimenko, P. Stuckey, M. Codish, "Propagation via lazy clause generation", Constraints 14 (2009);
 * dead ends are analysed to the first unique implication point as in the satisfiability solvers it builds on.
 */
export class Engine extends Trail {
  private edgeFrom = new Ints();
  private edgeTo = new Ints();
  private edgeAdd = new Ints();
  private edgeIf = new Ints();
  private edgesOut: (number[] | undefined)[] = [];
  private edgesIf: (number[] | undefined)[] = [];

  /** Clauses: `size`, then pairs of bound and value. Learned ones follow those that were given. */
  private clauses = new Ints();
  private learned: { ref: number; glue: number; use: number }[] = [];
  private watches: (number[] | undefined)[] = [];

  private listeners: (number[] | undefined)[] = [];
  private propagators: { run: Propagator; dirty: boolean; late: boolean }[] = [];
  private dirty: number[] = [];
  /** Those that cost more wait until nothing else has anything to say. */
  private dirtyLate: number[] = [];

  /** The facts that cannot hold together, after a dead end: pairs of bound and value. */
  private conflict: number[] = [];

  private bump = 1;
  /** Bounds raised so far: the measure of work, the same on every machine. */
  work = 0;

  /** `y >= x + add` for variables, always, or while the literal `when` is true. May be given at any time. */
  difference(x: number, y: number, add: number, when = -1): boolean {
    return this.edge(2 * x, 2 * y, add, when) && this.edge(2 * y + 1, 2 * x + 1, add, when);
  }

  private edge(from: number, to: number, add: number, when: number): boolean {
    const index = this.edgeFrom.length;
    this.edgeFrom.push(from);
    this.edgeTo.push(to);
    this.edgeAdd.push(add);
    this.edgeIf.push(when);
    (this.edgesOut[from] ??= []).push(index);
    if (when >= 0) (this.edgesIf[when] ??= []).push(index);
    return this.runEdge(index);
  }

  /** At least one of these literals, given as pairs of bound and value, at the root. */
  clause(literals: readonly number[]): boolean {
    const open: number[] = [];
    for (let at = 0; at < literals.length; at += 2) {
      const [bound, value] = [literals[at]!, literals[at + 1]!];
      if (this.lb[bound]! >= value) return true;
      if (this.lb[bound ^ 1]! < 1 - value) open.push(bound, value);
    }
    if (open.length === 0) {
      this.dead = true;
      return false;
    }
    if (open.length === 2) return this.raise(open[0]!, open[1]!, DECIDED, 0) || ((this.dead = true), false);
    this.store(open);
    return true;
  }

  /** At least one of these Boolean literals. */
  anyOf(...literals: number[]): boolean {
    return this.clause(literals.flatMap((literal) => [literal, trueAt(literal)]));
  }

  private store(literals: readonly number[]): number {
    const ref = this.clauses.length;
    this.clauses.push(literals.length / 2);
    for (const value of literals) this.clauses.push(value);
    this.watch(ref, 0);
    this.watch(ref, 1);
    return ref;
  }

  private watch(ref: number, which: 0 | 1): void {
    const { data } = this.clauses;
    const bound = data[ref + 1 + 2 * which]! ^ 1;
    (this.watches[bound] ??= []).push(1 - data[ref + 2 + 2 * which]!, ref);
  }

  /** Runs `propagator` whenever one of these bounds has risen; a late one after all others. */
  listen(propagator: Propagator, bounds: Iterable<number>, late = false): void {
    const index = this.propagators.push({ run: propagator, dirty: true, late }) - 1;
    (late ? this.dirtyLate : this.dirty).push(index);
    for (const bound of bounds) (this.listeners[bound] ??= []).push(index);
  }

  /** Raises a bound because of facts, given as pairs of bound and value, which all hold. */
  raiseBecause(bound: number, value: number, facts: readonly number[]): boolean {
    if (value <= this.lb[bound]!) return true;
    const ref = this.arena.length;
    this.arena.push(facts.length);
    for (const each of facts) this.arena.push(each);
    return this.raise(bound, value, BY_FACTS, ref);
  }

  /** A dead end, because these facts cannot hold together. Always false. */
  fail(facts: readonly number[]): false {
    this.conflict = facts.slice();
    return false;
  }

  private raise(bound: number, value: number, kind: number, ref: number): boolean {
    if (value <= this.lb[bound]!) return true;
    if (value + this.lb[bound ^ 1]! > 0) {
      this.conflict = [bound ^ 1, 1 - value];
      this.addReason(bound, value, kind, ref, this.conflict);
      return false;
    }
    const at = this.trailLength++;
    if (at === this.trailBound.length) this.widenTrail();
    this.trailBound[at] = bound;
    this.trailOld[at] = this.lb[bound]!;
    this.trailPrevious[at] = this.last[bound]!;
    this.trailKind[at] = kind;
    this.trailRef[at] = ref;
    this.trailLevel[at] = this.levelStarts.length;
    this.last[bound] = at;
    this.lb[bound] = value;
    this.work += 1;
    return true;
  }

  /** The facts from which (bound, value) followed, with only as much of each as it takes. */
  private addReason(bound: number, value: number, kind: number, ref: number, into: number[]): void {
    if (kind === BY_EDGE) {
      into.push(this.edgeFrom.data[ref]!, value - this.edgeAdd.data[ref]!);
      const when = this.edgeIf.data[ref]!;
      if (when >= 0) into.push(when, trueAt(when));
    } else if (kind === BY_CLAUSE) {
      const { data } = this.clauses;
      const size = data[ref]!;
      for (let at = 0; at < size; at += 1) {
        const other = data[ref + 1 + 2 * at]!;
        const otherValue = data[ref + 2 + 2 * at]!;
        if (other === bound && otherValue >= value) continue;
        into.push(other ^ 1, 1 - otherValue);
      }
    } else if (kind === BY_FACTS) {
      const { data } = this.arena;
      const size = data[ref]!;
      for (let at = ref + 1; at <= ref + size; at += 1) into.push(data[at]!);
    }
  }

  private runEdge(index: number): boolean {
    const from = this.edgeFrom.data[index]!;
    const to = this.edgeTo.data[index]!;
    const add = this.edgeAdd.data[index]!;
    const when = this.edgeIf.data[index]!;
    const value = this.lb[from]! + add;
    if (when < 0 || this.isTrue(when)) return value <= this.lb[to]! || this.raise(to, value, BY_EDGE, index);
    if (value + this.lb[to ^ 1]! > 0 && !this.isFalse(when)) {
      const most = this.lb[to ^ 1]!;
      return this.raiseBecause(when ^ 1, trueAt(when ^ 1), [from, 1 - add - most, to ^ 1, most]);
    }
    return true;
  }

  /** Takes a decision and begins a level. */
  decide(bound: number, value: number): void {
    this.levelStarts.push(this.trailLength);
    this.arenaStarts.push(this.arena.length);
    this.raise(bound, value, DECIDED, 0);
  }

  /** Draws all conclusions; false at a dead end, which `learn` then explains. */
  propagate(): boolean {
    for (;;) {
      while (this.head < this.trailLength) {
        const at = this.head++;
        const bound = this.trailBound[at]!;
        // It rose further since: the later entry does the work once.
        if (this.last[bound] !== at) continue;
        if (!this.runBound(bound)) return this.stop();
      }
      const next = this.dirty.pop() ?? this.dirtyLate.pop();
      if (next === undefined) return true;
      const propagator = this.propagators[next]!;
      propagator.dirty = false;
      if (!propagator.run.propagate()) return this.stop();
    }
  }

  private stop(): false {
    this.head = this.trailLength;
    for (const index of this.dirty) this.propagators[index]!.dirty = false;
    for (const index of this.dirtyLate) this.propagators[index]!.dirty = false;
    this.dirty.length = 0;
    this.dirtyLate.length = 0;
    return false;
  }

  private runBound(bound: number): boolean {
    const out = this.edgesOut[bound];
    if (out) for (let at = 0; at < out.length; at += 1) if (!this.runEdge(out[at]!)) return false;
    const when = this.edgesIf[bound];
    if (when && this.isTrue(bound)) for (let at = 0; at < when.length; at += 1) if (!this.runEdge(when[at]!)) return false;
    const heard = this.listeners[bound];
    if (heard)
      for (let at = 0; at < heard.length; at += 1) {
        const index = heard[at]!;
        const propagator = this.propagators[index]!;
        if (propagator.dirty) continue;
        propagator.dirty = true;
        (propagator.late ? this.dirtyLate : this.dirty).push(index);
      }
    return this.runWatches(bound);
  }

  private runWatches(bound: number): boolean {
    const watched = this.watches[bound];
    if (!watched || watched.length === 0) return true;
    const { data } = this.clauses;
    const { lb } = this;
    const now = lb[bound]!;
    let kept = 0;
    let at = 0;
    for (; at < watched.length; at += 2) {
      const threshold = watched[at]!;
      const ref = watched[at + 1]!;
      if (threshold > now) {
        watched[kept++] = threshold;
        watched[kept++] = ref;
        continue;
      }
      // The literal that is false now stands second.
      const own = bound ^ 1;
      if (data[ref + 1] === own && data[ref + 2] === 1 - threshold) {
        data[ref + 1] = data[ref + 3]!;
        data[ref + 2] = data[ref + 4]!;
        data[ref + 3] = own;
        data[ref + 4] = 1 - threshold;
      }
      const first = data[ref + 1]!;
      const firstValue = data[ref + 2]!;
      if (lb[first]! >= firstValue) {
        watched[kept++] = threshold;
        watched[kept++] = ref;
        continue;
      }
      const size = data[ref]!;
      let found = false;
      for (let other = 2; other < size; other += 1) {
        const otherBound = data[ref + 1 + 2 * other]!;
        const otherValue = data[ref + 2 + 2 * other]!;
        if (lb[otherBound ^ 1]! >= 1 - otherValue) continue;
        data[ref + 3] = otherBound;
        data[ref + 4] = otherValue;
        data[ref + 1 + 2 * other] = own;
        data[ref + 2 + 2 * other] = 1 - threshold;
        (this.watches[otherBound ^ 1] ??= []).push(1 - otherValue, ref);
        found = true;
        break;
      }
      if (found) continue;
      watched[kept++] = threshold;
      watched[kept++] = ref;
      if (!this.raise(first, firstValue, BY_CLAUSE, ref)) {
        for (at += 2; at < watched.length; at += 2) {
          watched[kept++] = watched[at]!;
          watched[kept++] = watched[at + 1]!;
        }
        watched.length = kept;
        return false;
      }
    }
    watched.length = kept;
    return true;
  }

  /**
   * Learns from the last dead end: finds the one decision-like fact of this level that leads into it, goes back to where the new
   * clause has a single way out, and takes it. False when the dead end needs no decision at all: nothing is left.
   */
  learn(): boolean {
    // A dead end that was brought about below the present level belongs to the level it needs.
    let deepest = 0;
    for (let at = 0; at < this.conflict.length; at += 2) {
      const where = this.whereRose(this.conflict[at]!, this.conflict[at + 1]!);
      if (where >= 0) deepest = Math.max(deepest, this.trailLevel[where]!);
    }
    if (deepest === 0) {
      this.dead = true;
      return false;
    }
    if (deepest < this.level) this.backTo(deepest);
    const level = this.level;
    const touched: number[] = [];
    let open = 0;
    const add = (bound: number, value: number): void => {
      const where = this.whereRose(bound, value);
      if (where < 0 || this.trailLevel[where] === 0) return;
      const before = this.neededAt[bound]!;
      if (before >= 0) {
        if (this.needed[bound]! >= value) return;
        if (this.trailLevel[before]! < level && this.trailLevel[where] === level) open += 1;
      } else {
        touched.push(bound);
        if (this.trailLevel[where] === level) open += 1;
      }
      this.needed[bound] = value;
      this.neededAt[bound] = where;
      this.bumpActivity(bound >> 1);
    };
    for (let at = 0; at < this.conflict.length; at += 2) add(this.conflict[at]!, this.conflict[at + 1]!);
    let top = this.trailLength - 1;
    const reason: number[] = [];
    for (;;) {
      while (this.neededAt[this.trailBound[top]!] !== top) top -= 1;
      if (open === 1) break;
      const bound = this.trailBound[top]!;
      const value = this.needed[bound]!;
      this.neededAt[bound] = -1;
      open -= 1;
      reason.length = 0;
      this.addReason(bound, value, this.trailKind[top]!, this.trailRef[top]!, reason);
      for (let at = 0; at < reason.length; at += 2) add(reason[at]!, reason[at + 1]!);
      top -= 1;
    }
    const asserting = this.trailBound[top]!;
    const literals: number[] = [asserting ^ 1, 1 - this.needed[asserting]!];
    let backLevel = 0;
    let second = -1;
    const levels = new Set<number>();
    for (const bound of touched) {
      const where = this.neededAt[bound]!;
      if (where < 0 || bound === asserting) continue;
      if (this.follows(bound, where)) continue;
      const its = this.trailLevel[where]!;
      levels.add(its);
      literals.push(bound ^ 1, 1 - this.needed[bound]!);
      if (its > backLevel) {
        backLevel = its;
        second = literals.length - 2;
      }
    }
    for (const bound of touched) this.neededAt[bound] = -1;
    this.bump *= 1 / 0.95;
    if (this.bump > 1e100) {
      for (let x = 0; x < this.variables; x += 1) this.activity[x]! *= 1e-100;
      this.bump *= 1e-100;
    }
    this.backTo(backLevel);
    if (literals.length === 2) {
      if (this.raise(literals[0]!, literals[1]!, DECIDED, 0)) return true;
      this.dead = true;
      return false;
    }
    [literals[2], literals[second]] = [literals[second]!, literals[2]!];
    [literals[3], literals[second + 1]] = [literals[second + 1]!, literals[3]!];
    const ref = this.store(literals);
    this.learned.push({ ref, glue: levels.size, use: this.bump });
    this.raise(literals[0]!, literals[1]!, BY_CLAUSE, ref);
    return true;
  }

  /** Whether a needed fact follows from the other needed ones, so that the clause does without it. */
  private follows(bound: number, where: number): boolean {
    const kind = this.trailKind[where]!;
    if (kind === DECIDED) return false;
    const reason: number[] = [];
    this.addReason(bound, this.needed[bound]!, kind, this.trailRef[where]!, reason);
    for (let at = 0; at < reason.length; at += 2) {
      const other = reason[at]!;
      const value = reason[at + 1]!;
      const rose = this.whereRose(other, value);
      if (rose < 0 || this.trailLevel[rose] === 0) continue;
      if (other === bound || this.neededAt[other]! < 0 || this.needed[other]! < value) return false;
    }
    return true;
  }

  private bumpActivity(x: number): void {
    this.activity[x]! += this.bump;
  }

  /** Forgets half of what was learned once it is more than `most`, keeping what joins few levels and what is younger. Only at the root. */
  forget(most: number): void {
    if (this.learned.length < most || this.level > 0) return;
    const kept = new Map(
      [...this.learned]
        .sort((a, b) => Number(a.glue > 2) - Number(b.glue > 2) || b.use - a.use)
        .slice(0, Math.floor(most / 2))
        .map((each) => [each.ref, each]),
    );
    const gone = new Set(this.learned.map(({ ref }) => ref).filter((ref) => !kept.has(ref)));
    const old = this.clauses;
    this.clauses = new Ints();
    this.learned = [];
    for (const watched of this.watches) if (watched) watched.length = 0;
    for (let ref = 0; ref < old.length; ref += 1 + 2 * old.data[ref]!) {
      if (gone.has(ref)) continue;
      const open: number[] = [];
      let met = false;
      for (let at = ref + 1; at <= ref + 2 * old.data[ref]! && !met; at += 2) {
        const [bound, value] = [old.data[at]!, old.data[at + 1]!];
        if (this.lb[bound]! >= value) met = true;
        else if (this.lb[bound ^ 1]! < 1 - value) open.push(bound, value);
      }
      if (met) continue;
      if (open.length < 4) {
        if (open.length === 0 || !this.raise(open[0]!, open[1]!, DECIDED, 0)) this.dead = true;
        continue;
      }
      const now = this.store(open);
      const was = kept.get(ref);
      if (was) this.learned.push({ ...was, ref: now });
    }
  }
}
