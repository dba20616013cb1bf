import type { CalculatorKey } from '../calculators/keys';
import type { LadderKey } from '../doneness/stages';
import type { DrawingSpec } from '../drawing/spec';
import type { MatterKey, MayHoldUnder } from '../practice';
import type { HazardKey } from './hazards';

/** The three strands of practical work. */
export const STRANDS = ['knife', 'cooking', 'plating'] as const;
export type Strand = (typeof STRANDS)[number];

export const STRAND_NAMES: Readonly<Record<Strand, string>> = {
  knife: 'Knife work',
  cooking: 'Cooking',
  plating: 'Plating',
};

/** What a lesson does with a technique: it is introduced once, practised several times, then assessed. */
export const PURPOSES = ['introduce', 'practise', 'assess'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** One line of text in which `**strong**` and `*emphasis*` may stand, escaped as in Markdown; see `inline.ts`. */
export type RichText = string;

export interface Fault extends MayHoldUnder {
  readonly key: string;
  /** What is seen on the board or the plate. */
  readonly see: string;
  readonly cause: string;
  readonly correction: string;
  /** How the dish can be rescued; empty when it cannot. */
  readonly rescue: string;
  /** Another fault of the card that looks alike, and what tells the two apart. */
  readonly looksLike?: LooksLike;
}

export interface LooksLike {
  /** Key of the other fault. */
  readonly fault: string;
  readonly test: string;
}

/** One of the few things that decide the result. */
export interface CriticalPoint extends MayHoldUnder {
  readonly text: RichText;
}

/** What is asked of a class while it is shown, with what should be heard. */
export interface CardQuestion {
  readonly ask: string;
  readonly answer: string;
}

export const SENSES = ['see', 'hear', 'smell', 'feel', 'taste', 'measure'] as const;
export type Sense = (typeof SENSES)[number];

export interface Cue {
  readonly sense: Sense;
  readonly text: string;
}

/** A stage that frightens beginners into throwing good work away. */
export interface LooksWrong {
  readonly see: string;
  /** Why it is right, and what to do: usually wait. */
  readonly because: string;
}

/** What can be observed of this technique at the four levels; rubrics draw their descriptors from here. */
export interface CardDescriptor extends MayHoldUnder {
  readonly key: string;
  readonly name: string;
  readonly evidence: 'measured' | 'seen' | 'tasted';
  readonly levels: readonly [string, string, string, string];
}

/** Another way of doing it that good practitioners teach, peculiar to this technique. Matters shared by many stand in `practice`. */
export interface Variant {
  readonly key: string;
  readonly name: string;
  readonly text: RichText;
}

/** A hazard the steps name that needs no caution of its own, and why. */
export interface AnsweredHazard {
  readonly hazard: HazardKey;
  readonly because: string;
}

/** What a technique card teaches. */
export interface TechniqueCard {
  readonly name: string;
  readonly strand: Strand;
  readonly purpose: RichText;
  readonly tools: readonly string[];
  /** Minutes it takes, without waiting; null where nobody has said. */
  readonly minutes: { readonly novice: number | null; readonly practised: number | null };
  /** What a student is to show when it is introduced, practised, assessed; empty where nobody has said. */
  readonly aims: Readonly<Record<Purpose, string>>;
  readonly steps: readonly RichText[];
  readonly criticalPoints: readonly CriticalPoint[];
  readonly cues: readonly Cue[];
  readonly looksWrong: readonly LooksWrong[];
  readonly faults: readonly Fault[];
  readonly cautions: readonly string[];
  /** What is passed round to look at, smell, feel or taste. */
  readonly passedRound: readonly string[];
  readonly questions: readonly CardQuestion[];
  readonly descriptors: readonly CardDescriptor[];
  /** Matters on which practitioners disagree and that decide something here. */
  readonly matters: readonly MatterKey[];
  readonly variants: readonly Variant[];
  /** Key of the variant in force; null while nobody has chosen. */
  readonly variant: string | null;
  readonly calculators: readonly CalculatorKey[];
  /** The ladders of stages by which one sees how far it has come. */
  readonly ladders: readonly LadderKey[];
  readonly drawings: readonly DrawingSpec[];
  readonly answered: readonly AnsweredHazard[];
  /** Words in a method step that point to this technique: "blanch", "sweat". */
  readonly words: readonly string[];
}

/** A card with nothing written yet; also what an older card lacks. */
export const EMPTY_CARD: TechniqueCard = {
  name: '',
  strand: 'cooking',
  purpose: '',
  tools: [],
  minutes: { novice: null, practised: null },
  aims: { introduce: '', practise: '', assess: '' },
  steps: [],
  criticalPoints: [],
  cues: [],
  looksWrong: [],
  faults: [],
  cautions: [],
  passedRound: [],
  questions: [],
  descriptors: [],
  matters: [],
  variants: [],
  variant: null,
  calculators: [],
  ladders: [],
  drawings: [],
  answered: [],
  words: [],
};

export const CARD_LIMITS = {
  name: 120,
  text: 600,
  short: 300,
  tools: 30,
  steps: 30,
  points: 12,
  cues: 20,
  looksWrong: 12,
  faults: 20,
  cautions: 20,
  passedRound: 8,
  questions: 8,
  descriptors: 8,
  variants: 6,
  drawings: 4,
  words: 30,
  prerequisites: 20,
} as const;
