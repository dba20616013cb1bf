import type { Engine, Propagator } from './engine';
import { trueAt } from './trail';
import type { Load } from './cumulative';

/**
 * Between two minutes there is no more room than capacity times length, whatever the order. Sees at once that twelve plates of five
 * minutes do not pass one assessor in fifty, where trying all orders would take for ever.
 *
 * @source overload checking, in its quadratic form: J. Erschler, P. Lopez, "Energy-based approach for task scheduling under time and
 * resources constraints" (1990)
 */
export class Overload implements Propagator {
  private readonly loads: readonly Load[];
  private readonly there: Load[];
  private readonly begins: Int32Array;
  private readonly ends: Int32Array;

  constructor(
    private readonly engine: Engine,
    loads: readonly Load[],
    private readonly capacity: number,
  ) {
    this.loads = loads.filter(({ minutes }) => minutes > 0);
    this.there = [...this.loads];
    this.begins = new Int32Array(this.loads.length);
    this.ends = new Int32Array(this.loads.length);
    engine.listen(
      this,
      loads.flatMap(({ start, present }) => [2 * start, 2 * start + 1, ...(present >= 0 ? [present] : [])]),
      true,
    );
  }

  propagate(): boolean {
    const { engine, capacity, there, begins, ends } = this;
    const { lb } = engine;
    // Those that are there by their earliest start, the latest first; put in place one by one, since they hardly change their order.
    let count = 0;
    for (const load of this.loads) {
      if (load.present >= 0 && !engine.isTrue(load.present)) continue;
      const begin = lb[2 * load.start]!;
      let at = count++;
      for (; at > 0 && begins[at - 1]! < begin; at -= 1) {
        begins[at] = begins[at - 1]!;
        ends[at] = ends[at - 1]!;
        there[at] = there[at - 1]!;
      }
      begins[at] = begin;
      ends[at] = load.minutes - lb[2 * load.start + 1]!;
      there[at] = load;
    }
    for (let which = 0; which < count; which += 1) {
      const until = ends[which]!;
      let sum = 0;
      for (let at = 0; at < count; at += 1) {
        if (ends[at]! > until) continue;
        sum += there[at]!.minutes * there[at]!.amount;
        if (sum <= capacity * (until - begins[at]!)) continue;
        return engine.fail(this.facts(there.slice(0, at + 1), begins[at]!, until, sum - capacity * (until - begins[at]!) - 1));
      }
    }
    return true;
  }

  private facts(loads: readonly Load[], from: number, until: number, spare: number): number[] {
    const { lb } = this.engine;
    const facts: number[] = [];
    let left = spare;
    for (const { start, minutes, amount, present } of loads) {
      if (minutes - lb[2 * start + 1]! > until) continue;
      if (minutes * amount <= left) {
        left -= minutes * amount;
        continue;
      }
      facts.push(2 * start, from, 2 * start + 1, minutes - until);
      if (present >= 0) facts.push(present, trueAt(present));
    }
    return facts;
  }
}
