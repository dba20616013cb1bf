import type { PlanInstance, PlanLink, PlanNeed, PlanResource, PlanStep } from '../../src';
import { chanceFrom } from '../../src/schedule/solve/chance';
import { instance } from './plans';

/** A problem with everything in it that the format knows, of some ten to seventy steps; most hold, some do not. */
export function madeUp(seed: number): PlanInstance {
  const chance = chanceFrom(seed);
  const whole = (low: number, high: number) => low + Math.floor(chance() * (high - low + 1));
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)]!;
  const some = (of: readonly string[]): string[] => [...new Set([...of.filter(() => chance() < 0.6), of[0]!])];
  const teams = whole(1, 6);
  const horizon = whole(100, 400);
  const list = (name: string, most: number) => Array.from({ length: whole(1, most) }, (_, at) => `${name}${at + 1}`);
  const [shared, ovens] = [list('u', 3), list('o', 3)];
  const resources: PlanResource[] = [
    ...Array.from({ length: teams }, (_, team): PlanResource => ({ id: `h${team + 1}`, kind: 'units', capacity: whole(1, 3) })),
    ...shared.map((id): PlanResource => ({ id, kind: 'units', capacity: whole(1, 3) })),
    ...ovens.map((id): PlanResource => ({
      id,
      kind: 'oven',
      shelves: whole(1, 3),
      changeMinutes: whole(0, 15),
      ...(chance() < 0.2 ? { temperatures: [160, 180] } : {}),
    })),
  ];
  const steps: PlanStep[] = [];
  const links: PlanLink[] = [];
  const each = whole(3, 12);
  for (let team = 1; team <= teams; team += 1)
    for (let at = 0; at < each; at += 1) {
      const needs: PlanNeed[] = chance() < 0.7 ? [{ anyOf: [`h${team}`], amount: 1 }] : [];
      const kind = chance();
      if (kind < 0.3) needs.push({ anyOf: some(shared), amount: 1 });
      else if (kind < 0.5) needs.push({ anyOf: some(ovens), amount: 1, temperature: one([160, 180, 180]) });
      else if (kind < 0.54) needs.push({ anyOf: [...shared, ...ovens].slice(0, 4), amount: 1, temperature: 180 });
      const id = `t${team}s${at}`;
      steps.push({
        id,
        team: `t${team}`,
        minutes: chance() < 0.05 ? 0 : whole(1, 20),
        needs,
        ...(chance() < 0.04 ? { earliest: whole(0, horizon / 2) } : {}),
        ...(chance() < 0.03 ? { latestEnd: whole(horizon / 2, horizon) } : {}),
        ...(chance() < 0.02 ? { fixedStart: whole(20, horizon / 2) } : {}),
        ...(chance() < 0.1 ? { earlyCost: whole(1, 3) } : {}),
      });
      if (at === 0 || chance() < 0.2) continue;
      const min = chance() < 0.3 ? whole(0, 10) : 0;
      links.push({
        from: `t${team}s${whole(Math.max(0, at - 3), at - 1)}`,
        to: id,
        min,
        max: chance() < 0.3 ? min + whole(0, 15) : null,
        waitCost: chance() < 0.4 ? whole(0, 4) : 0,
      });
    }
  return instance(horizon, resources, steps, links, one([0, 1, 10]));
}
