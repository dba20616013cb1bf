import type { Windows } from './construct';
import { differencesOf, type Model } from './model';

/**
 * Draws the windows of all steps together along their links.
 *
 * @returns the windows, or the steps of a chain or ring that leaves one of them no start at all
 */
export function windowsOf(model: Model):
  | {
      readonly kind: 'windows';
      readonly windows: Windows;
      /** The steps whose links draw the window of a step as narrow as it is, itself among them. */
      readonly chainOf: (step: number) => readonly number[];
    }
  | { readonly kind: 'none'; readonly steps: readonly number[] } {
  const { count } = model;
  const earliest = Int32Array.from(model.earliest);
  const latest = Int32Array.from(model.latest);
  const because = new Int32Array(count).fill(-1);
  const becauseLate = new Int32Array(count).fill(-1);
  const chain = (from: number, by: Int32Array): number[] => {
    const steps: number[] = [];
    for (let at = from; at >= 0 && !steps.includes(at); at = by[at]!) steps.push(at);
    return steps;
  };
  const chainOf = (at: number) => [...new Set([...chain(at, because), ...chain(at, becauseLate)])];
  const none = (at: number) => ({ kind: 'none' as const, steps: chainOf(at) });
  const differences = differencesOf(model);
  for (let at = 0; at < count; at += 1) if (earliest[at]! > latest[at]!) return none(at);
  let rounds = 0;
  for (let changed = true; changed;) {
    changed = false;
    rounds += 1;
    for (const { from: tail, to: head, add } of differences) {
      if (earliest[tail]! + add > earliest[head]!) {
        earliest[head] = earliest[tail]! + add;
        because[head] = tail;
        changed = true;
        // After as many rounds as there are steps only a ring still pushes.
        if (earliest[head]! > latest[head]! || rounds > count) return none(head);
      }
      if (latest[head]! - add < latest[tail]!) {
        latest[tail] = latest[head]! - add;
        becauseLate[tail] = head;
        changed = true;
        if (earliest[tail]! > latest[tail]!) return none(tail);
      }
    }
  }
  const fixed: number[] = [];
  for (let at = 0; at < count; at += 1) if (model.instance.steps[at]!.fixedStart !== undefined) fixed.push(at);
  return { kind: 'windows', windows: { earliest, latest, fixed }, chainOf };
}
