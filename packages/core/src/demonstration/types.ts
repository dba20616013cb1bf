import type { ExactText } from '../exact';
import type { Maker } from '../dish';

/** What somebody wants of a step in a demonstration; without it the dish and the slot decide. */
export const WANTED = ['shown', 'ready'] as const;
export type Wanted = (typeof WANTED)[number];

/**
 * How a step is given: done before the group with its waiting, done and then jumped from ("one we made earlier"), or not seen, because
 * it stands ready.
 */
export type Given = 'live' | 'jump' | 'ready';

/** How one demonstration goes: steps that are done before the group; of these, those whose waiting is jumped over. */
export interface Choice {
  readonly shown: readonly string[];
  readonly jumps: readonly string[];
}

/** Words for a step that stand in the script besides what cards and dish say. */
export interface StepWords {
  readonly say: string;
  readonly ask: string;
  /** What is passed round to see, smell, taste or feel. */
  readonly pass: string;
  /** Where people stand, or what the camera looks at. */
  readonly place: string;
}

/** Something weighed back: what was there before and what was added, less what was left. All grams. */
export interface Weighing {
  readonly id: string;
  readonly lineId: string;
  readonly before: ExactText;
  readonly added: readonly ExactText[];
  readonly after: ExactText;
}

/** A demonstration of one dish in a lesson, as it is kept: what was decided about it, and what was noted. */
export interface Demonstration {
  /** Minutes it may take. */
  readonly slot: number;
  /** Minute of the lesson at which it begins. */
  readonly begins: number;
  /** The camera or place it needs, as the kitchen calls it; empty where none is shared. */
  readonly camera: string;
  readonly wanted: Readonly<Record<string, Wanted>>;
  /** The choice that was taken; null while none was. */
  readonly choice: Choice | null;
  /** Minutes that steps really took in a dry run or before the group. */
  readonly took: Readonly<Record<string, number>>;
  readonly words: Readonly<Record<string, StepWords>>;
  /** Who makes what stands ready, and where it stands, by step. */
  readonly ready: Readonly<Record<string, { readonly by: Maker; readonly where: string }>>;
  readonly weighings: readonly Weighing[];
}

export const EMPTY_DEMONSTRATION: Demonstration = {
  slot: 35,
  begins: 10,
  camera: '',
  wanted: {},
  choice: null,
  took: {},
  words: {},
  ready: {},
  weighings: [],
};

export const NO_WORDS: StepWords = { say: '', ask: '', pass: '', place: '' };

export const DEMONSTRATION_LIMITS = { minutes: 240, text: 600, place: 80, weighings: 60, additions: 20, questions: 200 } as const;
