/**
 * A planning problem and a plan, as they are written down: all times are whole minutes from the start of the session.
 * The meaning of every field stands in docs/formats/plan.md; `checkPlan` says whether a plan is valid, `solvePlan` makes one.
 */
export interface PlanInstance {
  readonly format: 'plan-instance';
  readonly version: 1;
  readonly id: string;
  readonly title?: string;
  /** Every step lies in [0, horizon]. */
  readonly horizon: number;
  readonly objective: { readonly makespanWeight: number };
  readonly resources: readonly PlanResource[];
  readonly steps: readonly PlanStep[];
  readonly links: readonly PlanLink[];
}

/** Things of which there are some: hands of a team, burners, blenders, the assessor. */
export interface UnitsResource {
  readonly id: string;
  readonly kind: 'units';
  readonly capacity: number;
}

/** An oven is at one temperature at a time; going to another takes `changeMinutes` with nothing in it. */
export interface OvenResource {
  readonly id: string;
  readonly kind: 'oven';
  readonly shelves: number;
  readonly changeMinutes: number;
  /** What it can be set to, in degrees Celsius; absent: anything. */
  readonly temperatures?: readonly number[];
}

export type PlanResource = UnitsResource | OvenResource;

/** For its whole length a step occupies `amount` of one of these. */
export interface PlanNeed {
  readonly anyOf: readonly string[];
  readonly amount: number;
  /** Degrees Celsius; there when an oven is among them. */
  readonly temperature?: number;
}

export interface PlanStep {
  readonly id: string;
  readonly name?: string;
  readonly team: string;
  readonly minutes: number;
  readonly needs: readonly PlanNeed[];
  readonly earliest?: number;
  readonly latestEnd?: number;
  readonly fixedStart?: number;
  /** For each minute that it starts before the horizon. */
  readonly earlyCost?: number;
}

/** `min <= start(to) - end(from) <= max`; each minute of it above `min` costs `waitCost`. */
export interface PlanLink {
  readonly from: string;
  readonly to: string;
  readonly min: number;
  readonly max: number | null;
  readonly waitCost: number;
}

export type PlanStatus = 'optimal' | 'feasible' | 'infeasible' | 'unknown';

export interface PlanReason {
  readonly steps: readonly string[];
  readonly resources: readonly string[];
  readonly text: string;
}

export interface Plan {
  readonly status: PlanStatus;
  /** Null without a plan. */
  readonly objective: number | null;
  /** A proven lower bound, or null. With `optimal` it is the objective. */
  readonly bound: number | null;
  readonly starts: Readonly<Record<string, number>>;
  /** For each step the resources taken, one for each need, in the order of its needs. */
  readonly uses: Readonly<Record<string, readonly string[]>>;
  /** With `infeasible`: a small set that cannot hold together. */
  readonly reason?: PlanReason;
}
