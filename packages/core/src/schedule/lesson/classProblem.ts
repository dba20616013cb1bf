import type { DishContent } from '../../dish';
import { EQUIPMENT_KINDS, type Kitchen } from '../../kitchen';
import type { Purpose } from '../../technique';
import type { PlanInstance, PlanLink, PlanNeed, PlanResource, PlanStep } from '../planInstance';
import { workOf, type WorkStep } from './workOf';

/** A lesson as far as its plan of time needs it. */
export interface ClassToPlan {
  readonly minutes: number;
  /** Members of each team that are present. */
  readonly teams: readonly number[];
  readonly dishes: readonly { readonly id: string; readonly content: DishContent }[];
  readonly kitchen: Kitchen;
  /** What the lesson does with each technique, by id. */
  readonly purposes: ReadonlyMap<string, Purpose>;
  readonly segments: Segments;
  /** Steps that are done before the lesson, by dish; what comes before them is done with them. */
  readonly ahead?: ReadonlyMap<string, ReadonlySet<string>>;
}

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

export const USUAL_SEGMENTS: Segments = { briefing: 10, demonstration: 20, cleanDown: 20, slack: 10, aPlate: 4, plateWaits: 8 };

/** What a minute costs that a plate waits at the pass, that anything else waits, and that a step begins before the end. */
const PLATE_WAIT_COST = 4;
const WAIT_COST = 1;
const EARLY_COST = 1;

/** What a step of a problem stands for. */
export interface StepMeaning {
  readonly kind: 'briefing' | 'demonstration' | 'work' | 'tasting' | 'clean-down';
  readonly team: number | null;
  readonly dishId: string | null;
  readonly work: WorkStep | null;
}

export interface ClassProblem {
  readonly instance: PlanInstance;
  readonly meaning: ReadonlyMap<string, StepMeaning>;
  /** What the kitchen has none of, or not as hot: said before any search. */
  /** What is done before the lesson, step by step. */
  readonly ahead: readonly { readonly dishId: string; readonly work: WorkStep }[];
  readonly lacking: readonly { readonly dishId: string; readonly stepId: string; readonly need: WorkStep['needs'][number] }[];
}

const two = (number: number): string => String(number).padStart(2, '0');

/** Minutes of a step for this class: a novice's where its techniques are introduced, a practised hand's where they are assessed. */
export function minutesFor({ minutes, techniqueIds }: WorkStep, purposes: ReadonlyMap<string, Purpose>): number {
  const told = techniqueIds.map((id) => purposes.get(id)).filter((purpose) => purpose !== undefined);
  if (told.includes('introduce')) return minutes.novice;
  if (told.length > 0 && told.every((purpose) => purpose === 'assess')) return minutes.practised;
  return Math.ceil((minutes.novice + minutes.practised) / 2);
}

/** Steps, and all that must be finished before them. */
function withAllBefore(work: readonly WorkStep[], steps: ReadonlySet<string>): ReadonlySet<string> {
  const all = new Set<string>();
  const add = (id: string): void => {
    if (all.has(id)) return;
    all.add(id);
    for (const before of work.find((step) => step.id === id)?.after ?? []) add(before);
  };
  for (const id of steps) add(id);
  return all;
}

/**
 * A class as a planning problem: every team cooks every dish at a station, with hands of its own, its burners, and what the kitchen
 * shares; each plate ends at an assessor before it has stood too long. Briefing and demonstration stand at the beginning and take all hands,
 * cleaning down stands at the end.
 */
export function classProblem({ minutes, teams, dishes, kitchen, purposes, segments, ahead = new Map() }: ClassToPlan): ClassProblem {
  const steps: PlanStep[] = [];
  const links: PlanLink[] = [];
  const meaning = new Map<string, StepMeaning>();
  const lacking: ClassProblem['lacking'][number][] = [];
  const before: ClassProblem['ahead'][number][] = [];
  const resources: PlanResource[] = [];
  const units = (id: string, capacity: number) => void resources.push({ id, kind: 'units', capacity });
  teams.forEach((members, team) => {
    units(`hands-${two(team + 1)}`, members);
    units(`burners-${two(team + 1)}`, kitchen.burnersAStation);
  });
  kitchen.ovens.forEach(({ shelves, changeMinutes }, at) =>
    resources.push({ id: `oven-${at + 1}`, kind: 'oven', shelves, changeMinutes: Math.ceil(changeMinutes) }),
  );
  for (const kind of EQUIPMENT_KINDS) units(kind.replace(' ', '-'), kitchen.equipment[kind]);
  units('assessor', kitchen.assessors);

  const everyone = teams.map((members, team): PlanNeed => ({ anyOf: [`hands-${two(team + 1)}`], amount: members }));
  const forAll = (kind: 'briefing' | 'demonstration' | 'clean-down', length: number, at: number) => {
    if (length <= 0) return;
    steps.push({ id: kind, name: kind, team: 'class', minutes: length, fixedStart: Math.max(0, at), needs: everyone });
    meaning.set(kind, { kind, team: null, dishId: null, work: null });
  };
  forAll('briefing', segments.briefing, 0);
  forAll('demonstration', segments.demonstration, segments.briefing);
  forAll('clean-down', segments.cleanDown, minutes - segments.cleanDown);
  const begins = segments.briefing + segments.demonstration;
  const until = minutes - segments.cleanDown - segments.slack;

  const ovensAt = (celsius: number) =>
    kitchen.ovens.flatMap(({ from, to }, at) => (from <= celsius && celsius <= to ? [`oven-${at + 1}`] : []));
  const needOf = (need: WorkStep['needs'][number], team: number): PlanNeed | null => {
    switch (need.kind) {
      case 'burner':
        return kitchen.burnersAStation > 0 ? { anyOf: [`burners-${two(team + 1)}`], amount: 1 } : null;
      case 'equipment':
        return kitchen.equipment[need.of] > 0 ? { anyOf: [need.of.replace(' ', '-')], amount: 1 } : null;
      case 'oven': {
        const anyOf = ovensAt(need.celsius);
        return anyOf.length > 0 ? { anyOf, amount: 1, temperature: need.celsius } : null;
      }
    }
  };

  for (const [order, { id: dishId, content }] of dishes.entries()) {
    const whole = workOf(content);
    const made = withAllBefore(whole, ahead.get(dishId) ?? new Set());
    for (const step of whole) if (made.has(step.id)) before.push({ dishId, work: step });
    const work = whole.flatMap((step) => (made.has(step.id) ? [] : [{ ...step, after: step.after.filter((id) => !made.has(id)) }]));
    const last = new Set(work.map(({ id }) => id));
    for (const { after } of work) for (const id of after) last.delete(id);
    for (const step of work) for (const need of step.needs) if (needOf(need, 0) === null) lacking.push({ dishId, stepId: step.id, need });
    teams.forEach((_, team) => {
      const idOf = (id: string) => `t${two(team + 1)}.d${order + 1}.${work.findIndex((step) => step.id === id) + 1}`;
      const name = `team-${two(team + 1)}`;
      for (const step of work) {
        const id = idOf(step.id);
        const needs = step.needs.flatMap((need) => needOf(need, team) ?? []);
        steps.push({
          id,
          name: step.text.slice(0, 60),
          team: name,
          minutes: minutesFor(step, purposes),
          earliest: begins,
          latestEnd: Math.max(0, until),
          // Backwards from the pass: nothing is begun earlier than it must be.
          earlyCost: EARLY_COST,
          needs: step.hands === 'on' ? [{ anyOf: [`hands-${two(team + 1)}`], amount: 1 }, ...needs] : needs,
        });
        meaning.set(id, { kind: 'work', team, dishId, work: step });
        for (const earlier of step.after) {
          const { toNext } = work.find((each) => each.id === earlier)!;
          links.push({
            from: idOf(earlier),
            to: id,
            min: toNext.least,
            max: toNext.most === null ? null : Math.max(toNext.least, toNext.most),
            waitCost: WAIT_COST,
          });
        }
      }
      if (work.length === 0) return;
      const tasting = `t${two(team + 1)}.d${order + 1}.tasting`;
      steps.push({
        id: tasting,
        name: 'tasting',
        team: name,
        minutes: segments.aPlate,
        latestEnd: Math.max(0, until),
        needs: [{ anyOf: ['assessor'], amount: 1 }],
      });
      meaning.set(tasting, { kind: 'tasting', team, dishId, work: null });
      for (const id of last) links.push({ from: idOf(id), to: tasting, min: 0, max: segments.plateWaits, waitCost: PLATE_WAIT_COST });
    });
  }
  return {
    instance: {
      format: 'plan-instance',
      version: 1,
      id: 'lesson',
      horizon: Math.max(0, minutes),
      objective: { makespanWeight: 0 },
      resources,
      steps,
      links,
    },
    meaning,
    ahead: before,
    lacking,
  };
}
