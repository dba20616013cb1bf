import type { PracticeChoices, Purpose } from '@pelvo/core';

export interface LessonPlan {
  readonly title: string;
  /** Days from today. */
  readonly day: number;
  readonly hours: readonly [string, string];
  readonly evening?: true;
  readonly dishes: readonly string[];
  readonly techniques: Readonly<Record<string, Purpose>>;
  readonly teamSize?: number;
  /** Names of its teams, where they were put together. */
  readonly teams?: readonly string[];
  readonly portions?: number;
  readonly marks?: 'all' | 'some';
  /** What was read of what cooled: name, time, °C. */
  readonly cooled?: readonly (readonly [food: string, time: string, celsius: number])[];
  readonly noRubric?: true;
  /** Name of the rubric where it is not the one for a practical dish. */
  readonly rubric?: string;
  /** What it teaches otherwise than the school. */
  readonly practices?: PracticeChoices;
}

/** The demo school's term, around today. */
export const DEMO_LESSONS: readonly LessonPlan[] = [
  {
    title: 'Knife basics and a citrus salad',
    day: -21,
    hours: ['09:00', '12:00'],
    dishes: ['Citrus and fennel salad with toasted seeds'],
    techniques: {
      'Grip, guide hand and board': 'introduce',
      'Peel, top and tail': 'introduce',
      'Sticks and planks': 'introduce',
      Julienne: 'introduce',
      'Citrus segments': 'introduce',
    },
    rubric: 'Knife practical',
    marks: 'all',
  },
  {
    title: 'Sweating, stock and a slow barley',
    day: -14,
    hours: ['09:00', '12:30'],
    dishes: ['Barley with mushrooms and herb oil'],
    techniques: {
      Sweat: 'introduce',
      'Slicing and dicing a bulb': 'introduce',
      'Fine dice': 'practise',
      'Simmer and skim a stock': 'introduce',
      'Season and taste': 'introduce',
    },
    teamSize: 2,
    portions: 2,
    marks: 'all',
    // Nobody read it between 58 and 20: late on the cautious count, in time on the kind one.
    cooled: [
      ['Vegetable stock', '10:50', 82],
      ['Vegetable stock', '11:15', 58],
      ['Vegetable stock', '13:25', 20],
      ['Barley for the second try', '11:40', 74],
      ['Barley for the second try', '12:20', 31],
      ['Barley for the second try', '12:50', 19],
    ],
  },
  {
    title: 'Gratin hours',
    day: -12,
    hours: ['18:00', '21:00'],
    evening: true,
    dishes: ['Aubergine tian with basil oil'],
    techniques: { 'Braise vegetables': 'introduce', 'Blanch and refresh': 'practise' },
    teamSize: 2,
    portions: 3,
  },
  {
    title: 'Blanching and emulsions',
    day: -7,
    hours: ['09:00', '12:00'],
    dishes: ['Leeks vinaigrette with hazelnut crumb'],
    techniques: {
      'Blanch and refresh': 'introduce',
      'Boil in salted water': 'introduce',
      'Emulsify a dressing': 'introduce',
      'Plan and build the plate': 'practise',
    },
    marks: 'some',
  },
  {
    title: 'Poaching and a mounted sauce',
    day: 2,
    hours: ['09:00', '12:30'],
    dishes: ['Poached trout with sorrel sauce and cucumber'],
    techniques: { Poach: 'introduce', 'Reduce and mount a sauce': 'introduce', Julienne: 'assess', 'Sauce the plate': 'practise' },
  },
  {
    title: 'Dough and ribbons',
    day: 5,
    hours: ['18:00', '21:00'],
    evening: true,
    dishes: ['Hand-cut tagliatelle with mushroom ragout'],
    techniques: { 'Knead and rest a dough': 'introduce', 'Fine dice': 'practise' },
    teamSize: 2,
    portions: 2,
  },
  {
    title: 'Duck, and patience',
    day: 9,
    hours: ['09:00', '13:00'],
    dishes: ['Duck breast with braised red cabbage'],
    teams: ['Ash', 'Birch', 'Cedar', 'Elder', 'Hazel', 'Larch', 'Rowan'],
    techniques: { 'Render and sear': 'introduce', 'Braise vegetables': 'practise', 'Reduce and mount a sauce': 'assess' },
    teamSize: 2,
    portions: 2,
    noRubric: true,
    practices: { resting: 'peaked' },
  },
  {
    title: 'Two plates against the clock',
    day: 16,
    hours: ['09:00', '13:00'],
    dishes: ['Mussels in cider with fennel', 'Poached pear, almond crumble and vanilla custard'],
    techniques: { 'Fine dice': 'assess', 'Cook a custard': 'practise', 'Clean rim and pass': 'assess' },
  },
  {
    title: 'Frying by the load',
    day: 19,
    hours: ['18:00', '21:30'],
    evening: true,
    dishes: ['Chickpea panisse with red pepper romesco'],
    techniques: { 'Toast nuts and seeds': 'practise', 'Emulsify a dressing': 'practise' },
    teamSize: 4,
    portions: 4,
  },
];

/** ISO date of a day relative to today. */
export function dayFromNow(days: number): string {
  return new Date(Date.now() + days * 24 * 60 * 60 * 1000).toISOString().slice(0, 10);
}
