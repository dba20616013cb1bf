import type { Engine, Propagator } from './engine';
import { trueAt } from './trail';

/** Occupies `amount` from the start of a step for `minutes`, always or while the literal `present` is true (-1: always). */
export interface Load {
  /** The start, as a variable of the engine. */
  readonly start: number;
  readonly minutes: number;
  readonly amount: number;
  readonly present: number;
}

/**
 * Never more than `capacity` at one minute. Works from the minutes that a load occupies whatever happens (its latest start to its
 * earliest end), and explains by one minute at a time.
 *
 * @source A. Schutt, T. Feydy, P. Stuckey, M. Wallace, "Explaining the cumulative propagator", Constraints 16 (2011)
 */
export class Cumulative implements Propagator {
  private readonly profile: Int32Array;

  constructor(
    private readonly engine: Engine,
    private readonly loads: readonly Load[],
    private readonly capacity: number,
    horizon: number,
  ) {
    this.profile = new Int32Array(horizon + 2);
    engine.listen(
      this,
      loads.flatMap(({ start, present }) => [2 * start, 2 * start + 1, ...(present >= 0 ? [present] : [])]),
    );
  }

  private isThere(load: Load): boolean {
    return load.present < 0 || this.engine.isTrue(load.present);
  }

  /** The facts by which enough of the loads, all but `except`, cover minute `at` to leave less than `amount`. */
  private covering(at: number, amount: number, except: Load | null): number[] {
    const facts: number[] = [];
    let left = this.capacity - amount;
    const { lb } = this.engine;
    for (const load of this.loads) {
      if (left < 0) break;
      if (load === except || !this.isThere(load)) continue;
      const latest = -lb[2 * load.start + 1]!;
      if (latest > at || lb[2 * load.start]! + load.minutes <= at) continue;
      left -= load.amount;
      facts.push(2 * load.start, at - load.minutes + 1, 2 * load.start + 1, -at);
      if (load.present >= 0) facts.push(load.present, trueAt(load.present));
    }
    return facts;
  }

  propagate(): boolean {
    const { profile, loads, engine, capacity } = this;
    const { lb } = engine;
    let first = profile.length;
    let last = -1;
    profile.fill(0);
    for (const load of loads) {
      if (!this.isThere(load)) continue;
      const from = -lb[2 * load.start + 1]!;
      const until = lb[2 * load.start]! + load.minutes;
      if (from >= until) continue;
      profile[from]! += load.amount;
      profile[until]! -= load.amount;
      if (from < first) first = from;
      if (until > last) last = until;
    }
    let most = 0;
    for (let at = first, sum = 0; at < last; at += 1) {
      sum += profile[at]!;
      profile[at] = sum;
      if (sum > most) most = sum;
      if (sum > capacity) return engine.fail(this.covering(at, 0, null));
    }
    if (last >= 0) profile[last] = 0;
    if (most === 0) return true;
    for (const load of loads) {
      if (load.amount + most <= capacity || load.minutes === 0) continue;
      if (load.present >= 0 && engine.isFalse(load.present)) continue;
      const least = 2 * load.start;
      const greatest = least + 1;
      if (load.present >= 0 && !engine.isTrue(load.present)) {
        // It may stay away: all that can be seen is that it cannot be here.
        const until = Math.min(lb[least]! + load.minutes, last);
        for (let at = Math.max(-lb[greatest]!, first); at < until; at += 1) {
          if (profile[at]! + load.amount <= capacity) continue;
          const facts = [least, at - load.minutes + 1, greatest, -at, ...this.covering(at, load.amount, load)];
          if (!engine.raiseBecause(load.present ^ 1, trueAt(load.present ^ 1), facts)) return false;
          break;
        }
        continue;
      }
      const own = load.present >= 0 ? [load.present, trueAt(load.present)] : [];
      // Its own sure minutes stand in the profile and are no obstacle.
      const ownFrom = -lb[greatest]!;
      const ownUntil = lb[least]! + load.minutes;
      const blocks = (at: number): boolean => !(at >= ownFrom && at < ownUntil) && profile[at]! + load.amount > capacity;
      for (let at = Math.max(lb[least]!, first); at < Math.min(lb[least]! + load.minutes, last); at += 1) {
        if (!blocks(at)) continue;
        const facts = [least, at - load.minutes + 1, ...own, ...this.covering(at, load.amount, load)];
        if (!engine.raiseBecause(least, at + 1, facts)) return false;
      }
      for (let at = Math.min(-lb[greatest]! + load.minutes, last) - 1; at >= Math.max(-lb[greatest]!, first); at -= 1) {
        if (!blocks(at)) continue;
        const facts = [greatest, -at, ...own, ...this.covering(at, load.amount, load)];
        if (!engine.raiseBecause(greatest, load.minutes - at, facts)) return false;
      }
    }
    return true;
  }
}
