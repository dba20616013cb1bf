import type { WantedStage } from '../doneness/wanted';
import type { Allergen } from '../allergens';
import { exact, type ExactText } from '../exact';
import { MOST_GAIN } from '../ingredients/gain';
import type { Doubt } from './doubts';
import type { AllowanceMark } from '../rules/allowances';
import type { Amount, Heated, MeasureSystem, UnitCode } from '../quantity';
import { AS_IT_READS, type StepWork } from './stepWork';

/** How an ingredient line grows with the class; one of a handful of ways. */
export type Scaling =
  | { readonly kind: 'proportional' }
  /** Pieces that cannot be passed on: rounded up in each making. */
  | { readonly kind: 'wholeEach' }
  /** Pieces that are cut and passed on: rounded once over all makings, a making's part coming from one piece. */
  | { readonly kind: 'shared' }
  /** Pieces that are measured out once they are broken up: rounded once over all makings. */
  | { readonly kind: 'weighed' }
  | { readonly kind: 'onceAMaking' }
  /** `portionsALoad`: portions one filled vessel or tray serves. */
  | { readonly kind: 'byTheLoad'; readonly portionsALoad: ExactText }
  /** `percent` of the mass of another line of the same dish. */
  | { readonly kind: 'percentOf'; readonly lineId: string; readonly percent: ExactText }
  | { readonly kind: 'tapered' }
  /** `allowance`: what the order sets aside for one portion; null where nothing need be bought for it. */
  | { readonly kind: 'toTaste'; readonly allowance: Amount | null };

export type ScalingKind = Scaling['kind'];

export const SCALING_KINDS: readonly ScalingKind[] = [
  'proportional',
  'wholeEach',
  'shared',
  'weighed',
  'onceAMaking',
  'byTheLoad',
  'percentOf',
  'tapered',
  'toTaste',
];

export const SCALING_NAMES: Readonly<Record<ScalingKind, string>> = {
  proportional: 'in proportion',
  wholeEach: 'whole each',
  shared: 'shared',
  weighed: 'weighed out',
  onceAMaking: 'once a making',
  byTheLoad: 'by the load',
  percentOf: 'percent of',
  tapered: 'tapered',
  toTaste: 'to taste',
};

export const ONE_IS = ['', 'gross', 'drained'] as const;
export type OneIs = (typeof ONE_IS)[number];

/** How sure the reading of a line is. `held`: a person has to settle it before it can be ordered. */
export type Certainty = 'sure' | 'doubtful' | 'held';

/**
 * A stage that changes how much there is of an ingredient; stages chain in the order they happen. Trimming and reducing leave less;
 * cooking leaves less, or more where the food takes up water.
 */
export interface YieldStep {
  readonly kind: 'trim' | 'cooking' | 'reduction';
  /** What one becomes: above 0 and at most 1, for cooking at most `MOST_GAIN`. */
  readonly fraction: ExactText;
}

/** Whether a stage can change an amount so: only cooking gains. */
export function isYield({ kind, fraction }: YieldStep): boolean {
  const left = exact(fraction);
  return left.compare(0) > 0 && left.compare(kind === 'cooking' ? MOST_GAIN : 1) <= 0;
}

/** One ingredient line: what was written, and what it means. */
export interface IngredientLine {
  readonly id: string;
  readonly written: string;
  readonly item: string;
  /** Null for "to taste", and for a line that is held. */
  readonly amount: Amount | null;
  /** What one piece or pack weighs or holds, when the line says: "about 250 g each", "400 g tin". */
  readonly one: Amount | null;
  /** What `one` weighs: a tin with its liquid, or drained. Empty where it makes no difference or is not said. */
  readonly oneIs: OneIs;
  /** `small`, `medium`, `large`, as written. */
  readonly size: string;
  readonly preparation: string;
  readonly note: string;
  /** Whether the note asks for more than the amount, "plus extra for dusting": not in the figure, said on the order. */
  readonly extra: boolean;
  readonly scaling: Scaling;
  readonly certainty: Certainty;
  /** What is doubtful or missing, as questions to a person. */
  readonly doubts: readonly Doubt[];
  /** Set when the line is made in-house from a sub-preparation, by the edition it was published with. */
  readonly preparationEditionId: string | null;
  /** Set when the line takes from another component of the same dish, which is then not bought. */
  readonly componentId: string | null;
  /** Set when the amount is of the prepared ingredient: what trimming, cooking or reducing leaves of it. */
  readonly yields: readonly YieldStep[];
}

export const STORES = ['ambient', 'chilled', 'frozen', 'hot-held'] as const;
export type Store = (typeof STORES)[number];

/** A least and a most, in minutes; null where there is none. */
export interface Span {
  readonly least: number | null;
  readonly most: number | null;
}

export interface Component {
  readonly id: string;
  /** Empty for the dish's main list. */
  readonly name: string;
  readonly lines: readonly IngredientLine[];
  /** What one making gives: mass, volume or pieces. */
  readonly gives: Amount | null;
  /** What past makings really gave, in the unit of `gives`. */
  readonly gave: readonly ExactText[];
  /** How long it keeps, by store. */
  readonly keeps: readonly { readonly store: Store; readonly hours: number }[];
  /** Earliest and latest time it can be made before it is used. */
  readonly before: Span;
  /** Set where it is served below a local rule on purpose, by a person with their reason; null otherwise. */
  readonly allowance: AllowanceMark | null;
}

/** How much or how many of a component goes on one plate. */
export interface PlateItem {
  readonly componentId: string;
  readonly amount: Amount;
}

export interface MethodStep {
  readonly id: string;
  readonly text: string;
  /** Minutes found in the text or set by hand; null when it has none. */
  readonly minutes: number | null;
  readonly techniqueIds: readonly string[];
  /** The component it makes or works on; null where it is of the whole dish. */
  readonly componentId: string | null;
  /** Someone is busy, or it rests, chills, bakes by itself. */
  readonly hands: 'on' | 'off';
  /** Minutes for a novice, where `minutes` is for a practised hand. */
  readonly noviceMinutes: number | null;
  /** Empty when it needs none that is worth naming. */
  readonly equipment: string;
  /** Degrees Celsius, as the step says. */
  readonly celsius: number | null;
  /** What `celsius` is of. */
  readonly heats: Heated;
  /** Allergens of other food that shares the fat, board, fryer or water with this step: what is made may contain them. */
  readonly sharedWith: readonly Allergen[];
  /** Where the food is while the step lasts; null where nobody said it, and only its words tell. */
  readonly store: Store | null;
  /** The stage that the food goes on to: butter to hazel, sugar to amber; null where the step says none. */
  readonly wants: WantedStage | null;
  /** Why this step decides the result; empty when it does not. */
  readonly critical: string;
  /** Time to the next step. */
  readonly toNext: Span;
  readonly caution: string;
  /** How it lies in time beside the others. */
  readonly work: StepWork;
}

/** What a dish gives besides portions, when it is a sub-preparation other dishes draw on. */
export interface Gives {
  readonly amount: Amount;
}

/** The whole formula of a dish, as drafted and as published. */
export interface DishContent {
  readonly title: string;
  /** Portions one making gives. */
  readonly portions: number;
  /** For a sub-preparation: the quantity one making gives. */
  readonly gives: Gives | null;
  readonly components: readonly Component[];
  readonly method: readonly MethodStep[];
  /** How large its cups, spoons and pints are. */
  readonly measures: MeasureSystem;
  /** What goes on one plate. */
  readonly plate: readonly PlateItem[];
  /** Tools and small equipment that it asks for, as written. */
  readonly tools: readonly string[];
  /** Tips, times and ovens in its head, how it keeps: kept with it, and no step. */
  readonly notes: readonly string[];
}

export const DISH_LIMITS = {
  lines: 200,
  components: 20,
  steps: 80,
  tools: 60,
  notes: 40,
  title: 160,
  text: 2000,
  pasteBytes: 100_000,
} as const;

/** Every line of a dish, in order. */
export function linesOf(dish: DishContent): readonly IngredientLine[] {
  return dish.components.flatMap((component) => component.lines);
}

/** Every line of a dish by its id. Content never changes in place, so it is put together once. */
export function linesById(dish: DishContent): ReadonlyMap<string, IngredientLine> {
  let known = byId.get(dish);
  if (!known) byId.set(dish, (known = new Map(linesOf(dish).map((line) => [line.id, line]))));
  return known;
}
const byId = new WeakMap<DishContent, ReadonlyMap<string, IngredientLine>>();

const NO_SPAN: Span = { least: null, most: null };

/** A dish of which nothing is written yet. */
export const EMPTY_DISH = {
  title: '',
  portions: 4,
  gives: null,
  components: [],
  method: [],
  measures: 'labelling',
  plate: [],
  tools: [],
  notes: [],
} as const;

/** What a line has beside what was read of it: nothing yet. */
export const EMPTY_LINE = { extra: false, oneIs: '', preparationEditionId: null, componentId: null, yields: [] } as const;

/** A component of which only the lines are known. */
export const EMPTY_COMPONENT = { name: '', lines: [], gives: null, gave: [], keeps: [], before: NO_SPAN, allowance: null } as const;

/** A step of which only the text is known. */
export const EMPTY_STEP = {
  text: '',
  minutes: null,
  techniqueIds: [],
  componentId: null,
  hands: 'on',
  noviceMinutes: null,
  equipment: '',
  celsius: null,
  heats: 'oven',
  sharedWith: [],
  store: null,
  wants: null,
  critical: '',
  toNext: NO_SPAN,
  caution: '',
  work: AS_IT_READS,
} as const;

export type { Amount, UnitCode };
