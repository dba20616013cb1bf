import type { Kitchen } from '@pelvo/core';

/** The two kitchens of the demo school: a large one, and an older one in which the ovens decide. */
export const DEMO_KITCHENS: readonly Kitchen[] = [
  {
    name: 'Kitchen 1',
    stations: 6,
    burnersAStation: 2,
    stationsABlock: 2,
    ovens: [
      { name: 'Deck oven', shelves: 2, from: 120, to: 260, changeMinutes: 18 },
      { name: 'Combination oven', shelves: 4, from: 40, to: 230, changeMinutes: 8 },
    ],
    equipment: { blender: 2, mixer: 1, fryer: 0, 'water bath': 0, sink: 3, chiller: 12, freezer: 4 },
    tools: [
      { name: 'board', count: 18 },
      { name: 'chef’s knife', count: 12 },
      { name: 'probe thermometer', count: 3 },
      { name: 'scale', count: 4 },
      { name: 'plates', count: 60 },
      { name: 'warm bowls', count: 24 },
    ],
    assessors: 1,
  },
  {
    name: 'Kitchen 2',
    stations: 12,
    burnersAStation: 4,
    stationsABlock: 1,
    ovens: [
      { name: 'Oven A', shelves: 4, from: 50, to: 250, changeMinutes: 10 },
      { name: 'Oven B', shelves: 4, from: 50, to: 250, changeMinutes: 10 },
      { name: 'Oven C', shelves: 3, from: 80, to: 280, changeMinutes: 12 },
    ],
    equipment: { blender: 4, mixer: 2, fryer: 2, 'water bath': 2, sink: 6, chiller: 24, freezer: 8 },
    tools: [
      { name: 'board', count: 36 },
      { name: 'chef’s knife', count: 16 },
      { name: 'fine sieve', count: 12 },
      { name: 'fish slice', count: 8 },
      { name: 'pan', count: 48 },
      { name: 'probe thermometer', count: 6 },
      { name: 'scale', count: 8 },
      { name: 'squeeze bottle', count: 16 },
      { name: 'whisk', count: 20 },
      { name: 'bowls', count: 80 },
      { name: 'plates', count: 120 },
    ],
    assessors: 1,
  },
];
