import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { checkPlan, solvePlan, type PlanInstance } from '../src';
import { held, least } from './held';
import { classInstance } from './planInstances';

const PLANS = join(import.meta.dirname, 'plans');
const read = <T>(name: string): T => JSON.parse(readFileSync(join(PLANS, name), 'utf8')) as T;
const optima = read<Record<string, number>>('optima.json');

/** A plan made within a time, checked. */
function within(instance: PlanInstance, milliseconds: number) {
  const begun = performance.now();
  let first = Infinity;
  const plan = solvePlan(instance, {
    stop: () => performance.now() - begun > milliseconds,
    onPlan: () => (first = Math.min(first, performance.now() - begun)),
  });
  const took = performance.now() - begun;
  if (plan.objective !== null) expect(checkPlan(instance, plan), instance.id).toEqual({ faults: [], objective: plan.objective });
  return { plan, took, first };
}

test('plans of 8 to 60 steps, against the best there is', () => {
  const names = readdirSync(PLANS).filter((name) => name !== 'optima.json');
  least('instances', names.length, 60, '');
  let [sum, worst, slowest, proven] = [0, 0, 0, 0];
  for (const name of names) {
    const instance = read<PlanInstance>(name);
    const { plan, took } = within(instance, 900);
    const best = optima[instance.id]!;
    const gap = (100 * (plan.objective! - best)) / best;
    expect(plan.bound!, instance.id).toBeLessThanOrEqual(best);
    expect(gap, `${instance.id} is cheaper than what was proven the least`).toBeGreaterThanOrEqual(0);
    sum += gap;
    worst = Math.max(worst, gap);
    slowest = Math.max(slowest, took);
    if (plan.status === 'optimal') proven += 1;
  }
  console.log(`${proven} of ${names.length} proven.`);
  held('gap on average', sum / names.length, 1, 'percent');
  held('widest gap', worst, 5, 'percent');
  held('slowest', slowest, 1000);
}, 300_000);

test('plans of a whole class', () => {
  for (const shape of [
    { teams: 12, stepsATeam: 30, hands: 1, seed: 6 },
    // So tight that priority rules alone run over its end.
    { teams: 12, stepsATeam: 30, hands: 1, seed: 11 },
    { teams: 24, stepsATeam: 15, hands: 1, seed: 5 },
  ]) {
    const instance = classInstance(shape);
    const soon = within(instance, 500);
    const { plan, first } = within(instance, 10_000);
    console.log(`${instance.id}: after 0.5 s ${soon.plan.objective}, after 10 s ${plan.objective}, bound ${plan.bound}.`);
    held(`${instance.id}, first plan`, first, 500);
  }
}, 300_000);
