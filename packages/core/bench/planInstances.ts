import type { PlanInstance, PlanLink, PlanNeed, PlanResource, PlanStep } from '../src/schedule';
import { chanceFrom } from '../src/schedule/solve/chance';

export interface ClassShape {
  readonly teams: number;
  readonly stepsATeam: number;
  /** Hands of one team: 1 alone, 2 in pairs. */
  readonly hands: number;
  readonly seed: number;
  /** Minutes of the session in parts of what the busiest thing needs; the smaller, the tighter. */
  readonly room?: number;
}

/**
 * A made-up class: each team cooks a dish of a few components, whose steps follow one another, on burners, ovens, a blender and a chiller
 * that all share, and ends at the one assessor. Made from its shape alone, the same each time.
 */
export function classInstance({ teams, stepsATeam, hands, seed, room = 1.35 }: ClassShape): PlanInstance {
  const chance = chanceFrom(seed * 7919 + teams * 31 + stepsATeam);
  const whole = (low: number, high: number) => low + Math.floor(chance() * (high - low + 1));
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)]!;
  const burners = Math.max(2, Math.ceil(teams * 0.8));
  const resources: PlanResource[] = [
    { id: 'oven-1', kind: 'oven', shelves: 2, changeMinutes: 8 },
    { id: 'oven-2', kind: 'oven', shelves: 2, changeMinutes: 10, temperatures: [140, 160, 180] },
    { id: 'burners', kind: 'units', capacity: burners },
    { id: 'blender-1', kind: 'units', capacity: 1 },
    { id: 'blender-2', kind: 'units', capacity: 1 },
    { id: 'chiller', kind: 'units', capacity: Math.max(2, teams) },
    { id: 'mixer', kind: 'units', capacity: 1 },
    { id: 'assessor', kind: 'units', capacity: 1 },
  ];
  const steps: PlanStep[] = [];
  const links: PlanLink[] = [];
  const pools: string[] = [];
  for (let team = 1; team <= teams; team += 1) {
    const name = `team-${String(team).padStart(2, '0')}`;
    const own = `hands-${String(team).padStart(2, '0')}`;
    pools.push(own);
    resources.push({ id: own, kind: 'units', capacity: hands });
    const components = Math.max(1, Math.round((stepsATeam - 2) / 5));
    const inner = stepsATeam - 2;
    const ends: string[] = [];
    let made = 0;
    for (let component = 0; component < components; component += 1) {
      const count = Math.floor(inner / components) + (component < inner % components ? 1 : 0);
      let before: string | null = null;
      for (let at = 0; at < count; at += 1) {
        made += 1;
        const id = `${name}.${made}`;
        const kind = at === 0 ? 'prepare' : one(['prepare', 'cook', 'cook', 'bake', 'blend', 'rest', 'mix']);
        const needs: PlanNeed[] = [];
        const hand = { anyOf: [own], amount: 1 };
        let minutes = whole(2, 8);
        if (kind === 'prepare') needs.push(hand);
        if (kind === 'cook') needs.push(hand, { anyOf: ['burners'], amount: 1 });
        if (kind === 'bake') {
          minutes = whole(8, 24);
          needs.push({ anyOf: one([['oven-1', 'oven-2'], ['oven-1']]), amount: 1, temperature: one([160, 180]) });
        }
        if (kind === 'blend') {
          minutes = whole(1, 3);
          needs.push(hand, { anyOf: ['blender-1', 'blender-2'], amount: 1 });
        }
        if (kind === 'rest') {
          minutes = whole(5, 20);
          if (chance() < 0.5) needs.push({ anyOf: ['chiller'], amount: 1 });
        }
        if (kind === 'mix') {
          minutes = whole(2, 4);
          needs.push(hand, { anyOf: ['mixer'], amount: 1 });
        }
        steps.push({ id, name: kind, team: name, minutes, needs, ...(chance() < 0.08 ? { earlyCost: 1 } : {}) });
        if (before)
          links.push({
            from: before,
            to: id,
            min: chance() < 0.15 ? whole(1, 4) : 0,
            max: chance() < 0.3 ? whole(5, 15) : null,
            waitCost: chance() < 0.4 ? whole(1, 3) : 0,
          });
        before = id;
      }
      ends.push(before!);
    }
    const plate = `${name}.plate`;
    const taste = `${name}.taste`;
    steps.push({ id: plate, name: 'plate', team: name, minutes: whole(2, 4), needs: [{ anyOf: [own], amount: 1 }] });
    for (const end of ends)
      links.push({ from: end, to: plate, min: 0, max: chance() < 0.4 ? whole(30, 60) : null, waitCost: one([0, 1, 1, 2]) });
    steps.push({ id: taste, name: 'taste', team: name, minutes: 4, needs: [{ anyOf: ['assessor'], amount: 1 }] });
    links.push({ from: plate, to: taste, min: 0, max: 8, waitCost: 3 });
  }
  // What the session needs: the longest of the work of one team, of any shared thing, and of the plates at the assessor.
  const load = (id: string) => steps.reduce((sum, step) => sum + (step.needs.some(({ anyOf }) => anyOf[0] === id) ? step.minutes : 0), 0);
  const need = Math.max(
    ...pools.map((id) => load(id) / hands),
    load('oven-1') / 4 + 20,
    load('blender-1') / 2,
    load('mixer'),
    load('burners') / burners,
    load('assessor') + 40,
  );
  const horizon = Math.ceil(need * room) + 30;
  const demonstration = teams > 2 ? 10 : 0;
  if (demonstration > 0)
    steps.push({
      id: 'demonstration',
      name: 'demonstration',
      team: 'class',
      minutes: demonstration,
      fixedStart: 15,
      needs: pools.map((id) => ({ anyOf: [id], amount: hands })),
    });
  return {
    format: 'plan-instance',
    version: 1,
    id: `class-${teams}x${stepsATeam}-${seed}`,
    horizon,
    objective: { makespanWeight: 10 },
    resources,
    steps,
    links,
  };
}
