import type { PlanInstance, PlanLink, PlanResource, PlanStep } from '../../src';

/** An instance in a few words; what is left out is as plain as can be. */
export function instance(
  horizon: number,
  resources: readonly PlanResource[],
  steps: readonly (Partial<PlanStep> & Pick<PlanStep, 'id' | 'minutes'>)[],
  links: readonly (Partial<PlanLink> & Pick<PlanLink, 'from' | 'to'>)[] = [],
  makespanWeight = 1,
): PlanInstance {
  return {
    format: 'plan-instance',
    version: 1,
    id: 'by-hand',
    horizon,
    objective: { makespanWeight },
    resources,
    steps: steps.map((step) => ({ team: 'team-01', needs: [], ...step })),
    links: links.map((link) => ({ min: 0, max: null, waitCost: 0, ...link })),
  };
}

export const units = (id: string, capacity = 1): PlanResource => ({ id, kind: 'units', capacity });
export const oven = (id: string, shelves: number, changeMinutes: number, temperatures?: readonly number[]): PlanResource => ({
  id,
  kind: 'oven',
  shelves,
  changeMinutes,
  ...(temperatures ? { temperatures } : {}),
});
export const needs = (...anyOf: string[]) => [{ anyOf, amount: 1 }];
export const baked = (temperature: number, ...anyOf: string[]) => [{ anyOf, amount: 1, temperature }];

/** Problems whose best cost was found with pencil and paper; null: nothing holds. */
export const BY_HAND: readonly (readonly [string, PlanInstance, number | null])[] = [
  ['nothing to do costs nothing', instance(60, [], []), 0],
  ['one step ends when it is done', instance(60, [], [{ id: 'a', minutes: 7 }], [], 10), 70],
  [
    'two steps on one burner follow each other',
    instance(
      60,
      [units('burner')],
      ['a', 'b'].map((id) => ({ id, minutes: 5, needs: needs('burner') })),
    ),
    10,
  ],
  [
    'three on two burners take two turns',
    instance(
      60,
      [units('burner', 2)],
      ['a', 'b', 'c'].map((id) => ({ id, minutes: 5, needs: needs('burner') })),
    ),
    10,
  ],
  [
    // 160 for 20, change 12, 180 for 10: 42. The other way round is the same.
    'an oven that has to change waits in between',
    instance(
      60,
      [oven('oven', 2, 12)],
      [
        { id: 'a', minutes: 20, needs: baked(160, 'oven') },
        { id: 'b', minutes: 10, needs: baked(180, 'oven') },
      ],
    ),
    42,
  ],
  [
    'two loads at one heat share an oven of two shelves',
    instance(
      60,
      [oven('oven', 2, 12)],
      [
        { id: 'a', minutes: 20, needs: baked(160, 'oven') },
        { id: 'b', minutes: 10, needs: baked(160, 'oven') },
      ],
    ),
    20,
  ],
  [
    // 160, 180, 160: two changes if in between, so both at 160 go first (together) and 180 last: 20 + 12 + 10.
    'loads at one heat go together rather than around another',
    instance(
      90,
      [oven('oven', 2, 12)],
      [
        { id: 'a', minutes: 20, needs: baked(160, 'oven') },
        { id: 'b', minutes: 10, needs: baked(180, 'oven') },
        { id: 'c', minutes: 15, needs: baked(160, 'oven') },
      ],
    ),
    42,
  ],
  [
    'the heat that one oven has not goes into the other',
    instance(
      60,
      [oven('one', 2, 12, [140, 160]), oven('two', 1, 5)],
      [
        { id: 'a', minutes: 20, needs: baked(180, 'one', 'two') },
        { id: 'b', minutes: 20, needs: baked(160, 'one', 'two') },
      ],
    ),
    20,
  ],
  [
    // Resting 10 after a, at most 12: b may begin at 15 to 17, and each minute above 10 costs 2. Latest end 18 at weight 1.
    'a rest of at least ten minutes is no longer than that when waiting costs',
    instance(
      60,
      [],
      [
        { id: 'a', minutes: 5 },
        { id: 'b', minutes: 3 },
      ],
      [{ from: 'a', to: 'b', min: 10, max: 12, waitCost: 2 }],
    ),
    18,
  ],
  [
    // The assessor is busy until 20, so b waits: a may begin late instead, at no cost but the end: a 12-17, b 20-23 waits 3 > 2 at most.
    // a 13-18, b 20: wait 2, cost 2 * 2 + 23 = 27; a 15-20, b 20: wait 0, cost 23.
    'what may not wait is begun later',
    instance(
      60,
      [units('assessor')],
      [
        { id: 'busy', minutes: 20, fixedStart: 0, needs: needs('assessor') },
        { id: 'a', minutes: 5 },
        { id: 'b', minutes: 3, needs: needs('assessor') },
      ],
      [{ from: 'a', to: 'b', max: 2, waitCost: 2 }],
    ),
    23,
  ],
  [
    // As late as sensible: cost 1 for each minute before 60, so it starts at 55.
    'what is dear to do early is done late',
    instance(60, [], [{ id: 'a', minutes: 5, earlyCost: 1 }], [], 0),
    5,
  ],
  [
    'a step of no length needs a resource that is named, and takes nothing of it',
    instance(60, [units('burner', 0)], [{ id: 'a', minutes: 0, needs: needs('burner') }]),
    0,
  ],
  [
    'more than fits into the session',
    instance(
      10,
      [units('burner')],
      ['a', 'b', 'c'].map((id) => ({ id, minutes: 4, needs: needs('burner') })),
    ),
    null,
  ],
  ['a heat that no oven reaches', instance(60, [oven('oven', 2, 5, [160])], [{ id: 'a', minutes: 5, needs: baked(220, 'oven') }]), null],
  ['something of which there is none', instance(60, [units('bath', 0)], [{ id: 'a', minutes: 5, needs: needs('bath') }]), null],
  ['a step longer than the lesson', instance(60, [], [{ id: 'a', minutes: 61 }]), null],
  [
    'steps in a ring',
    instance(
      60,
      [],
      ['a', 'b', 'c'].map((id) => ({ id, minutes: 1 })),
      [
        { from: 'a', to: 'b' },
        { from: 'b', to: 'c' },
        { from: 'c', to: 'a' },
      ],
    ),
    null,
  ],
  [
    'at least above at most',
    instance(
      60,
      [],
      [
        { id: 'a', minutes: 1 },
        { id: 'b', minutes: 1 },
      ],
      [{ from: 'a', to: 'b', min: 9, max: 3 }],
    ),
    null,
  ],
];
