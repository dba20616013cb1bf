/** Parts of the lesson that are the same for everyone, and the pass. */
export interface Segments {
  readonly briefing: number;
  readonly demonstration: number;
  readonly cleanDown: number;
  /** Minutes kept free before cleaning down: students ask, someone cuts a finger, an oven is slow. */
  readonly slack: number;
  /** Minutes that tasting and marking one plate take. */
  readonly aPlate: number;
  /** Minutes that a plate may stand at the pass. */
  readonly plateWaits: number;
}

/** @source our own working figures: a short briefing, one demonstration, four minutes to taste and mark, eight before a plate dies */
export const USUAL_SEGMENTS: Segments = { briefing: 10, demonstration: 20, cleanDown: 20, slack: 10, aPlate: 4, plateWaits: 8 };

/** What a person has decided about one team's step, over what is computed. */
export interface StepChange {
  /** Which step of the problem. */
  readonly step: string;
  /** The minute at which it stays; null where it may move. */
  readonly pinnedAt: number | null;
  /** How long it takes, where otherwise than computed. */
  readonly minutes: number | null;
  /** It neither begins before nor ends after these minutes. */
  readonly notBefore: number | null;
  readonly endBy: number | null;
  /** The team whose hands do it, where not its own. */
  readonly by: string | null;
  /** Shared things that it must not take. */
  readonly not: readonly string[];
}

/** Borrowed for one lesson. */
export interface Borrowed {
  readonly ovens: number;
  readonly assessors: number;
}

/** Where everything lies, minute by minute. */
export interface PlacedSteps {
  readonly starts: Readonly<Record<string, number>>;
  readonly uses: Readonly<Record<string, readonly string[]>>;
  readonly objective: number | null;
  readonly bound: number | null;
  readonly status: 'optimal' | 'feasible';
}

/** The plan of time of a lesson, as it is kept: what was decided, and where everything lies. */
export interface TimePlan {
  readonly segments: Segments;
  /** Steps that are done before the lesson, with all that comes before them. */
  readonly ahead: readonly { readonly dishId: string; readonly stepId: string }[];
  /** Components that are left out this time. */
  readonly without: readonly { readonly dishId: string; readonly componentId: string }[];
  readonly borrowed: Borrowed;
  readonly changes: readonly StepChange[];
  readonly placed: PlacedSteps | null;
  /** Says what `placed` was made from; another stamp means that it is out of date. */
  readonly madeFrom: string;
}

export const TIME_PLAN_LIMITS = { changes: 2000, ahead: 400, borrowed: 20, minutes: 1440 } as const;

export const NO_CHANGE: Omit<StepChange, 'step'> = { pinnedAt: null, minutes: null, notBefore: null, endBy: null, by: null, not: [] };

/** A plan of which nothing is decided yet. */
export const emptyTimePlan = (segments: Segments = USUAL_SEGMENTS): TimePlan => ({
  segments,
  ahead: [],
  without: [],
  borrowed: { ovens: 0, assessors: 0 },
  changes: [],
  placed: null,
  madeFrom: '',
});

/** A plan with something decided about a step; a decision that decides nothing any more is dropped. */
export function withChange(plan: TimePlan, step: string, part: Partial<Omit<StepChange, 'step'>>): TimePlan {
  const before = plan.changes.find((change) => change.step === step) ?? { step, ...NO_CHANGE };
  const after = { ...before, ...part };
  const idle =
    after.pinnedAt === null &&
    after.minutes === null &&
    after.notBefore === null &&
    after.endBy === null &&
    after.by === null &&
    after.not.length === 0;
  const others = plan.changes.filter((change) => change.step !== step);
  return { ...plan, changes: idle ? others : [...others, after] };
}

/** A plan with a step at another minute, where it stays. */
export function movedTo(plan: TimePlan, step: string, minute: number): TimePlan {
  const pinned = withChange(plan, step, { pinnedAt: minute });
  if (!plan.placed) return pinned;
  return {
    ...pinned,
    placed: { ...plan.placed, status: 'feasible', objective: null, bound: null, starts: { ...plan.placed.starts, [step]: minute } },
  };
}

/** A plan in which another team's hands and burners do a step; null gives it back to its own. */
export function handedTo(plan: TimePlan, step: string, from: string, to: string): TimePlan {
  const owner = step.slice(0, step.indexOf('.'));
  const handed = withChange(plan, step, { by: to === owner ? null : to });
  const used = plan.placed?.uses[step];
  if (!plan.placed || !used) return handed;
  const moved = used.map((thing) => (thing === `hands.${from}` ? `hands.${to}` : thing === `burners.${from}` ? `burners.${to}` : thing));
  return {
    ...handed,
    placed: { ...plan.placed, objective: null, bound: null, status: 'feasible', uses: { ...plan.placed.uses, [step]: moved } },
  };
}
