import { describe, expect, it } from 'vitest';
import { classProblem, EMPTY_KITCHEN, nameOfThing, solvePlan, USUAL_SEGMENTS } from '../src';
import { dish, step, teams, toPlan } from './smallLesson';

describe('stations that share their burners', () => {
  it('have as many as both, for both', () => {
    const simmer = dish(step('a', 'Simmer.', { hands: 'off', equipment: 'burner' }));
    const burners = (stationsABlock: number) =>
      classProblem(toPlan(simmer, { teams: teams(1, 1, 1), kitchen: { ...EMPTY_KITCHEN, burnersAStation: 2, stationsABlock } })).instance;
    expect(burners(1).resources.filter(({ id }) => id.startsWith('burners.'))).toHaveLength(3);
    expect(burners(2).resources.filter(({ id }) => id.startsWith('block-'))).toEqual([
      { id: 'block-1', kind: 'units', capacity: 4 },
      { id: 'block-2', kind: 'units', capacity: 4 },
    ]);
    expect(burners(2).steps.flatMap(({ needs }) => needs.flatMap(({ anyOf }) => anyOf.filter((id) => id.startsWith('block-'))))).toEqual([
      'block-1',
      'block-1',
      'block-2',
    ]);
  });

  it('are those of one station, where there are more teams than stations', () => {
    const simmer = dish(step('a', 'Simmer.', { hands: 'off', equipment: 'burner' }));
    const kitchen = { ...EMPTY_KITCHEN, stations: 2, burnersAStation: 2, stationsABlock: 1 };
    const { instance, teams: planned } = classProblem(toPlan(simmer, { teams: teams(1, 1, 1), kitchen }));
    const [, second] = planned;
    // The third stands with the first; the second has its station to itself.
    expect(instance.resources.filter(({ id }) => /^(?:block|burners)/.test(id))).toEqual([
      { id: 'block-1', kind: 'units', capacity: 2 },
      { id: `burners.${second!.id}`, kind: 'units', capacity: 2 },
    ]);
    expect(nameOfThing('block-1', { teams: planned }, kitchen)).toBe('the burners of station 1');
    expect(nameOfThing('block-1', { teams: planned }, { ...kitchen, stationsABlock: 2 })).toBe('the burners of block 1');
  });

  it('explain why forty do not cook at one burner: as few pots as there is no room for', () => {
    // Two hours, and each pot stands a quarter of an hour: eight have room, the ninth has none.
    const simmer = dish(step('a', 'Simmer for 15 minutes.', { hands: 'off', equipment: 'burner', minutes: 15 }));
    const kitchen = { ...EMPTY_KITCHEN, stations: 1, burnersAStation: 1, assessors: 40 };
    const segments = { ...USUAL_SEGMENTS, briefing: 0, demonstration: 0, aPlate: 1, slack: 0, cleanDown: 0 };
    const { instance, meaning } = classProblem(
      toPlan(simmer, { teams: teams(...Array.from({ length: 40 }, () => 1)), kitchen, minutes: 120, segments }),
    );
    const { status, reason } = solvePlan(instance);
    expect([status, reason!.steps.map((id) => meaning.get(id)!.kind), reason!.resources]).toEqual([
      'infeasible',
      Array.from({ length: 9 }, () => 'work'),
      ['block-1'],
    ]);
  });
});

