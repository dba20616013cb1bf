import type { CutSet } from '../cuts';
import type { Kitchen } from '../kitchen';
import type { DishContent } from '../dish';
import type { IngredientFact } from '../ingredients';
import type { LessonSettings, SchoolSettings } from '../lesson';
import { KEPT_FOREVER, NO_BOARDS } from '../lesson/settings';
import { COMPOSITION_WAS, type PracticeChoices } from '../practice';
import type { CountingRule, Marks, MarkValue, RubricContent } from '../rubric';
import type { Needs } from '../allergens';
import type { Demonstration } from '../demonstration';
import type { TimePlan } from '../schedule';
import type { LineSubstitution } from '../substitution';
import type { Preferences } from '../preferences';
import type { CooledBody } from '../rules/coolingLog';
import { EMPTY_CARD, type TechniqueCard } from '../technique';
import { exact } from '../exact';
import { heatedIn } from '../quantity';
import { isJson, lacking, partsOf, type DocumentFormat, type Json } from './format';
import { readDoubt } from './olderDoubts';

const NO_SPAN = { least: null, most: null };

/** From 1: what was left out where it was not needed is filled in, and doubts become codes. */
const dishTotal = (dish: Json): Json => ({
  gives: null,
  measures: 'labelling',
  plate: [],
  ...dish,
  components: partsOf(dish.components).map((component) => ({
    gives: null,
    gave: [],
    keeps: [],
    before: NO_SPAN,
    ...component,
    lines: partsOf(component.lines).map(({ rule, ...line }) => ({
      ...(rule === undefined ? {} : { scaling: rule }),
      preparationEditionId: null,
      componentId: null,
      yields: [],
      ...line,
      doubts: (Array.isArray(line.doubts) ? line.doubts : []).map(readDoubt),
    })),
  })),
  method: partsOf(dish.method).map((step) => ({
    hands: 'on',
    noviceMinutes: null,
    equipment: '',
    celsius: null,
    critical: '',
    toNext: NO_SPAN,
    caution: '',
    ...step,
  })),
});

/** From 2: whether a note asks for more than the amount is said, not read out of its words each time. */
const saysExtra = (dish: Json): Json => ({
  ...dish,
  components: partsOf(dish.components).map((component) => ({
    ...component,
    lines: partsOf(component.lines).map((line) => ({
      extra: typeof line.note === 'string' && /\b(?:extra|more)\b/.test(line.note),
      ...line,
    })),
  })),
});

/**
 * From 3: what a piece's weight is of, what a temperature is of, what a step shares with allergens, which component it makes, and tools
 * and notes are said.
 */
const saysOfWhat = (dish: Json): Json => ({
  tools: [],
  notes: [],
  ...dish,
  components: partsOf(dish.components).map((component) => ({
    allowance: null,
    ...component,
    lines: partsOf(component.lines).map((line) => ({
      oneIs: typeof line.note === 'string' && /\bdrained\b/.test(line.note) ? 'drained' : '',
      ...line,
    })),
  })),
  method: partsOf(dish.method).map((step) => ({
    heats: typeof step.text === 'string' ? heatedIn(step.text) : 'oven',
    sharedWith: [],
    componentId: null,
    ...step,
  })),
});

/** From 4: how a step lies in time is said; before, all of it followed from the text. */
const saysWork = (dish: Json): Json => ({
  ...dish,
  method: partsOf(dish.method).map((step) => ({
    work: { after: null, grows: null, band: null, warmUp: null, ahead: null, cue: null, only: null, redo: null, food: null },
    ...step,
  })),
});

/** From 5: a step says where the food is meanwhile. */
const saysWhere = (dish: Json): Json => ({ ...dish, method: partsOf(dish.method).map((step) => ({ store: null, ...step })) });

/** From 6: a step says to which stage of a ladder it goes. */
const saysStage = (dish: Json): Json => ({ ...dish, method: partsOf(dish.method).map((step) => ({ wants: null, ...step })) });

const lineLacks = lacking({
  id: 'text',
  written: 'text',
  item: 'text',
  amount: 'any',
  one: 'any',
  oneIs: 'text',
  extra: 'truth',
  scaling: 'object',
  certainty: 'text',
  doubts: 'parts',
  yields: 'list',
});

export const DISH: DocumentFormat<DishContent> = {
  name: 'dish',
  upgrades: [dishTotal, saysExtra, saysOfWhat, saysWork, saysWhere, saysStage],
  lacks: lacking(
    {
      title: 'text',
      portions: 'number',
      gives: 'any',
      components: 'parts',
      method: 'parts',
      measures: 'text',
      plate: 'parts',
      tools: 'list',
      notes: 'list',
    },
    {
      components: lacking(
        { id: 'text', name: 'text', lines: 'parts', gives: 'any', gave: 'list', keeps: 'parts', before: 'object', allowance: 'any' },
        { lines: lineLacks },
      ),
      method: lacking({
        id: 'text',
        text: 'text',
        minutes: 'any',
        techniqueIds: 'list',
        hands: 'text',
        heats: 'text',
        sharedWith: 'list',
        store: 'any',
        wants: 'any',
        componentId: 'any',
        toNext: 'object',
        work: 'object',
      }),
    },
  ),
};

const withRescue = (fault: Json): Json => ({ rescue: '', ...fault });

export const RUBRIC: DocumentFormat<RubricContent> = {
  name: 'rubric',
  upgrades: [
    // From 1: the level at which a criterion is passed, and what can be rescued, stand in every rubric.
    (rubric) => ({
      passAt: 3,
      ...rubric,
      criteria: partsOf(rubric.criteria).map((criterion) => ({ ...criterion, faults: partsOf(criterion.faults).map(withRescue) })),
    }),
    // From 2: how the work was done is a strand of its own, which older rubrics did not weigh.
    (rubric) => ({ ...rubric, strandWeights: { process: 0, ...(isJson(rubric.strandWeights) ? rubric.strandWeights : {}) } }),
  ],
  lacks: lacking(
    { name: 'text', strandWeights: 'object', levelShares: 'list', criteria: 'parts', passAt: 'number' },
    { criteria: lacking({ key: 'text', name: 'text', strand: 'text', kind: 'text', faults: 'parts' }) },
  ),
};

/** Matters of a card from before how a plate is composed was three of them. */
const matterKeys = (matters: unknown): readonly unknown[] =>
  (Array.isArray(matters) ? matters : []).flatMap((matter: unknown) =>
    matter === 'composition' ? ['plate-count', 'plate-place', 'plate-regularity'] : [matter],
  );

export const CARD: DocumentFormat<TechniqueCard> = {
  name: 'technique-card',
  // From 1: cards from before they could be edited lack most of their parts.
  upgrades: [
    (card) => ({ ...EMPTY_CARD, ...card, faults: partsOf(card.faults).map(withRescue) }),
    // From 2: what decides may hold under one practice only; what is passed round and asked stands on the card.
    (card) => ({
      passedRound: [],
      questions: [],
      ...card,
      criticalPoints: Array.isArray(card.criticalPoints)
        ? card.criticalPoints.map((point: unknown) => (typeof point === 'string' ? { text: point } : point))
        : [],
      matters: matterKeys(card.matters),
    }),
    // From 3: no card named its stages.
    (card) => ({ ladders: [], ...card }),
  ],
  lacks: lacking({
    name: 'text',
    strand: 'text',
    purpose: 'text',
    minutes: 'object',
    aims: 'object',
    steps: 'list',
    criticalPoints: 'parts',
    cues: 'parts',
    looksWrong: 'parts',
    faults: 'parts',
    cautions: 'list',
    passedRound: 'list',
    questions: 'parts',
    descriptors: 'parts',
    matters: 'list',
    variants: 'parts',
    calculators: 'list',
    ladders: 'list',
    drawings: 'list',
    answered: 'parts',
    words: 'list',
  }),
};

export const KITCHEN: DocumentFormat<Kitchen> = {
  name: 'kitchen',
  // From 1: every station had burners of its own, and sinks were not counted: one to a station is taken, which nobody waits for.
  upgrades: [
    (kitchen) => ({
      stationsABlock: 1,
      ...kitchen,
      equipment: { sink: kitchen.stations, ...(isJson(kitchen.equipment) ? kitchen.equipment : {}) },
    }),
    // From 2: no tools were counted.
    (kitchen) => ({ tools: [], ...kitchen }),
  ],
  lacks: lacking({ name: 'text', ovens: 'parts', stationsABlock: 'number', tools: 'parts' }),
};

export const DEMONSTRATION: DocumentFormat<Demonstration> = {
  name: 'demonstration',
  upgrades: [],
  lacks: lacking({
    slot: 'number',
    begins: 'number',
    camera: 'text',
    wanted: 'object',
    choice: 'any',
    took: 'object',
    words: 'object',
    ready: 'object',
    weighings: 'parts',
  }),
};

export const TIME_PLAN: DocumentFormat<TimePlan> = {
  name: 'time-plan',
  upgrades: [],
  lacks: lacking({
    segments: 'object',
    ahead: 'parts',
    without: 'parts',
    borrowed: 'object',
    changes: 'parts',
    placed: 'any',
    madeFrom: 'text',
  }),
};

export const CUT_SET: DocumentFormat<CutSet> = {
  name: 'cut-set',
  upgrades: [],
  lacks: lacking({ name: 'text', about: 'text', cuts: 'parts' }),
};

/** What kinds of food an origin of the first version stands for. */
const KINDS_OF_ORIGIN: Readonly<Record<string, readonly string[]>> = {
  plant: ['plant'],
  dairy: ['milk'],
  egg: ['egg'],
  fish: ['fish'],
  meat: ['other mammal'],
  honey: ['honey'],
  alcohol: ['alcohol'],
};

/** From 1: where something comes from becomes kinds of food; pieces, gains, labels and what is bought by volume are said. */
const saysKinds = ({ origin, ...fact }: Json): Json => {
  const density = typeof fact.density === 'string' ? exact(fact.density).valueOf() : 0;
  const ones = partsOf(fact.gramsOfOne);
  return {
    kinds: KINDS_OF_ORIGIN[String(origin)] ?? ['plant'],
    mayBe: [],
    label: false,
    exacting: false,
    piece: 'whole',
    cooked: [],
    liquid: density >= 0.9 && density <= 1.1 && ones.length === 0,
    ...fact,
    gramsOfOne: ones.map((one) => ({ size: '', ...one })),
  };
};

export const FACT: DocumentFormat<IngredientFact> = {
  name: 'ingredient-fact',
  upgrades: [saysKinds],
  lacks: lacking({
    name: 'text',
    otherNames: 'list',
    density: 'any',
    gramsOfOne: 'parts',
    trim: 'parts',
    allergens: 'list',
    mayContain: 'list',
    kinds: 'list',
    mayBe: 'list',
    cooked: 'parts',
    piece: 'text',
    label: 'truth',
  }),
};

export const NEEDS: DocumentFormat<Needs> = {
  name: 'needs',
  upgrades: [],
  lacks: lacking({ allergens: 'list', diets: 'list', note: 'text' }),
};

/** From 1: how results are told and how trays are weighed out were matters of teaching once; they are settings now. */
export const LESSON_PRACTICES: DocumentFormat<PracticeChoices> = {
  name: 'lesson-practices',
  upgrades: [
    ({ marking: _marking, 'weighing-out': _weighing, ...practices }) => practices,
    // From 2: how a plate is composed was one matter.
    ({ composition, ...practices }) => ({ ...(typeof composition === 'string' ? COMPOSITION_WAS[composition] : {}), ...practices }),
  ],
  lacks: () => null,
};

export const SUBSTITUTIONS: DocumentFormat<{ readonly items: readonly LineSubstitution[] }> = {
  name: 'substitutions',
  upgrades: [],
  lacks: lacking({ items: 'parts' }),
};

export const LESSON_SETTINGS: DocumentFormat<LessonSettings> = {
  name: 'lesson-settings',
  upgrades: [],
  lacks: lacking({ marking: 'any', weighingOut: 'any' }),
};

export const SCHOOL_SETTINGS: DocumentFormat<SchoolSettings> = {
  name: 'school-settings',
  // From 1: the allergens that are named are those of the European Union and the United Kingdom.
  // From 2: nobody has said what the boards are called.
  // From 3: whoever marked last counted.
  // From 4: everything was kept.
  // From 5: doneness was taught as it ships.
  upgrades: [
    (settings) => ({ allergenList: 'eu-uk', ...settings }),
    (settings) => ({ boards: NO_BOARDS, ...settings }),
    (settings) => ({ counting: 'newest', ...settings }),
    (settings) => ({ retention: KEPT_FOREVER, ...settings }),
    (settings) => ({ doneness: {}, ...settings }),
  ],
  lacks: lacking({
    marking: 'text',
    weighingOut: 'text',
    counting: 'text',
    allergenList: 'text',
    timeZone: 'text',
    boards: 'object',
    retention: 'object',
    doneness: 'object',
  }),
};

export const PREFERENCES: DocumentFormat<Preferences> = {
  name: 'preferences',
  upgrades: [],
  lacks: lacking({ units: 'text', temperature: 'text', clock: 'text', dates: 'text', weekStart: 'text' }),
};

/** What a `mark` in the stream of a lesson says. */
export interface MarkBody {
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly criterionKey: string;
  /** Null takes the mark back. */
  readonly value: MarkValue | null;
  /** What was agreed on by those who marked differently, not a judgement of one's own; left out elsewhere. */
  readonly agreed?: true;
}

export const MARK_EVENT: DocumentFormat<MarkBody> = {
  name: 'mark',
  upgrades: [],
  lacks: lacking({ studentId: 'text', dishEditionId: 'text', criterionKey: 'text', value: 'any' }),
};

/** That a plate has come to the pass, or was called so by mistake. */
export interface ArrivedBody {
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly arrived: boolean;
}

export const ARRIVED_EVENT: DocumentFormat<ArrivedBody> = {
  name: 'arrived',
  upgrades: [],
  lacks: lacking({ studentId: 'text', dishEditionId: 'text', arrived: 'any' }),
};

export const COOLED_EVENT: DocumentFormat<CooledBody> = {
  name: 'cooled',
  upgrades: [],
  lacks: lacking({ readingId: 'text', food: 'text', celsius: 'any' }),
};

/** The marks of a dish as its student was given them. */
export interface ReleasedMarks {
  readonly marks: Marks;
  readonly assessorIds: readonly string[];
  /** Whose mark counted where two had marked the same. */
  readonly rule: CountingRule;
  /** Keys of the criteria whose mark those agreed on who had marked differently. */
  readonly agreed: readonly string[];
}

export const RELEASED_MARKS: DocumentFormat<ReleasedMarks> = {
  name: 'released-marks',
  // From 1: whoever marked last counted. From 2: nothing was said of what was agreed on.
  upgrades: [(released) => ({ rule: 'newest', ...released }), (released) => ({ agreed: [], ...released })],
  lacks: lacking({ marks: 'object', assessorIds: 'list', rule: 'text', agreed: 'list' }),
};

export const MARK_VALUE: DocumentFormat<{ readonly value: MarkValue | null }> = {
  name: 'mark-value',
  // From 1: a judgement stood there by itself.
  upgrades: [(value) => ({ value: isJson(value) && 'kind' in value ? value : null })],
  lacks: lacking({ value: 'any' }),
};
