import type { Difference, Draft, Model } from './model';

/**
 * The order in which the steps that are not `loose` follow on what they share in a plan: whatever keeps these differences (and the links)
 * keeps the resources among them, so that times may move while the order stays.
 *
 * @source partial order schedules by chaining: N. Policella, A. Cesta, A. Oddi, S. Smith, "Generating robust schedules through temporal flexibility" (2004)
 */
export function ordersOf(model: Model, { starts, pool }: Draft, loose: ReadonlySet<number>): Difference[] {
  const orders: Difference[] = [];
  const { minutes, needs, pools } = model;
  const loads: number[][] = pools.map(() => []);
  needs.forEach(({ step }, at) => {
    if (!loose.has(step)) loads[pool[at]!]!.push(at);
  });
  loads.forEach((inPool, index) => {
    const { capacity, oven, change } = pools[index]!;
    inPool.sort((a, b) => starts[needs[a]!.step]! - starts[needs[b]!.step]! || a - b);
    // Each unit passes from one load to the next.
    const units: number[] = new Array<number>(capacity).fill(-1);
    for (const at of inPool) {
      const { step, amount } = needs[at]!;
      let left = amount;
      const before = new Set<number>();
      for (let unit = 0; unit < capacity && left > 0; unit += 1) {
        const holder = units[unit]!;
        if (holder >= 0 && starts[holder]! + minutes[holder]! > starts[step]!) continue;
        if (holder >= 0 && holder !== step) before.add(holder);
        units[unit] = step;
        left -= 1;
      }
      for (const holder of before) orders.push({ from: holder, to: step, add: minutes[holder]! });
    }
    if (!oven) return;
    // Batches at one heat follow each other with time to change.
    let batch: number[] = [];
    let last: number[] = [];
    for (const at of inPool) {
      if (batch.length > 0 && needs[batch[0]!]!.temperature !== needs[at]!.temperature) {
        last = batch;
        batch = [];
      }
      batch.push(at);
      const { step } = needs[at]!;
      for (const other of last) {
        const its = needs[other]!.step;
        orders.push({ from: its, to: step, add: minutes[its]! + change });
      }
    }
  });
  return orders;
}
