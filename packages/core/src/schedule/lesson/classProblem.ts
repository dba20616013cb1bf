import type { DishContent } from '../../dish';
import { EQUIPMENT_KINDS, type Kitchen } from '../../kitchen';
import type { PlanInstance, PlanLink, PlanNeed, PlanResource, PlanStep } from '../planInstance';
import { minutesAt, sharedHeats } from './heats';
import { minutesFor, type MinutesPlanned, type ClassPractice } from './minutesFor';
import type { Borrowed, Segments, StepChange } from './timePlan';
import { workOf, type WorkStep } from './workOf';

/** Those who cook together at a station. */
export interface PlannedTeam {
  readonly id: string;
  readonly name: string;
  /** Members who are present. */
  readonly hands: number;
  /** Ids of the dishes they cook; null for all. */
  readonly dishIds: readonly string[] | null;
}

/** A dish of a lesson, or the stage of one that is made in it for another lesson. */
export interface PlannedDish {
  readonly id: string;
  readonly content: DishContent;
  /** Only these steps are done, by every team, and nothing comes to the pass. */
  readonly only?: ReadonlySet<string>;
  /** Portions of a team, where they are not those of the lesson. */
  readonly portionsATeam?: number;
}

/** A lesson as far as its plan of time needs it. */
export interface ClassToPlan {
  readonly minutes: number;
  readonly teams: readonly PlannedTeam[];
  readonly portionsATeam: number;
  readonly dishes: readonly PlannedDish[];
  readonly kitchen: Kitchen;
  readonly practice: ClassPractice;
  readonly segments: Segments;
  /** Steps that are done before the lesson; what comes before them is done with them. */
  readonly ahead?: readonly { readonly dishId: string; readonly stepId: string }[];
  readonly without?: readonly { readonly dishId: string; readonly componentId: string }[];
  readonly borrowed?: Borrowed;
  readonly changes?: readonly StepChange[];
}

/** What a minute costs that a plate waits at the pass, that anything else waits, and that a step begins before the end. */
const PLATE_WAIT_COST = 4;
const WAIT_COST = 1;
const EARLY_COST = 1;
/** Minutes for which water that boils, or fat that is hot, may wait for its step. */
const KEPT_HOT = 15;

/** What a step of a problem stands for. */
export interface StepMeaning {
  readonly kind: 'briefing' | 'demonstration' | 'work' | 'warm-up' | 'tasting' | 'clean-down';
  /** Id of the team whose dish it is. */
  readonly team: string | null;
  /** Id of the team whose hands do it. */
  readonly by: string | null;
  readonly dishId: string | null;
  readonly work: WorkStep | null;
  readonly minutes: MinutesPlanned | null;
  /** The heat at which it is planned, where that is not its best. */
  readonly celsius: number | null;
}

export interface ClassProblem {
  readonly instance: PlanInstance;
  readonly meaning: ReadonlyMap<string, StepMeaning>;
  readonly teams: readonly PlannedTeam[];
  /** What is done before the lesson, step by step. */
  readonly ahead: readonly { readonly dishId: string; readonly work: WorkStep }[];
  /** Steps that are done only in some cases, and that the plan leaves out: the slack is there for them. */
  readonly perhaps: readonly { readonly dishId: string; readonly work: WorkStep; readonly minutes: number }[];
  /** What the kitchen has none of, or not as hot: said before any search. */
  readonly lacking: readonly { readonly dishId: string; readonly stepId: string; readonly need: WorkStep['needs'][number] }[];
  /** Decisions about steps that are not there any more. */
  readonly stray: readonly StepChange[];
}

export const handsOf = (team: string): string => `hands.${team}`;
export const burnersOf = (team: string): string => `burners.${team}`;
/** Burners that stations beside each other, or the teams at one, share. */
const blockOf = (number: number): string => `block-${number}`;
/** A step of a team's dish, as the problem calls it. */
export const stepIdOf = (team: string, dishId: string, step: string): string => `${team}.${dishId}.${step}`;

/** The tasting of a team's dish; no step is called so, since keys of steps have no dot. */
export const tastingIdOf = (team: string, dishId: string): string => `${team}.${dishId}.at.pass`;

/** Ids of a kitchen's ovens, borrowed ones after its own. */
export const ovensOf = (
  { ovens }: Kitchen,
  borrowed = 0,
): readonly { readonly id: string; readonly name: string; readonly at: number }[] => [
  ...ovens.map(({ name }, at) => ({ id: `oven-${at + 1}`, name, at })),
  ...Array.from({ length: ovens.length > 0 ? borrowed : 0 }, (_, index) => ({
    id: `oven-${ovens.length + index + 1}`,
    name: borrowed === 1 ? 'Borrowed oven' : `Borrowed oven ${index + 1}`,
    at: 0,
  })),
];

/** Steps, and all that must be finished before them. */
export function withAllBefore(work: readonly WorkStep[], steps: ReadonlySet<string>): ReadonlySet<string> {
  const all = new Set<string>();
  const add = (id: string): void => {
    if (all.has(id)) return;
    all.add(id);
    for (const before of work.find((step) => step.id === id)?.after ?? []) add(before);
  };
  for (const id of steps) add(id);
  return all;
}

/** Leaves steps out of a network: what waited for one of them waits for what that waited for. */
function leftOut(work: readonly WorkStep[], out: ReadonlySet<string>): readonly WorkStep[] {
  const before = new Map<string, readonly string[]>();
  for (const { id, after } of work)
    before.set(id, [...new Set(after.flatMap((each) => (out.has(each) ? (before.get(each) ?? []) : [each])))]);
  return work.filter(({ id }) => !out.has(id)).map((step) => ({ ...step, after: before.get(step.id)! }));
}

/** Work in an order in which everything comes after what it waits for. */
function inOrder(work: readonly WorkStep[]): readonly WorkStep[] {
  const done = new Set<string>();
  const sorted: WorkStep[] = [];
  const byId = new Map(work.map((step) => [step.id, step]));
  const visit = (step: WorkStep): void => {
    if (done.has(step.id)) return;
    done.add(step.id);
    for (const id of step.after) if (byId.has(id)) visit(byId.get(id)!);
    sorted.push(step);
  };
  work.forEach(visit);
  return sorted;
}

/**
 * A class as a planning problem: every team cooks its dishes at a station, with hands of its own, its burners, and what the kitchen
 * shares; each plate ends at an assessor before it has stood too long. Briefing and demonstration stand at the beginning and take all hands,
 * cleaning down stands at the end.
 */
export function classProblem(lesson: ClassToPlan): ClassProblem {
  const { minutes, portionsATeam, dishes, kitchen, practice, segments } = lesson;
  const { ahead = [], without = [], borrowed = { ovens: 0, assessors: 0 }, changes = [] } = lesson;
  const teams = lesson.teams.filter(({ hands }) => hands > 0);
  const steps: PlanStep[] = [];
  const links: PlanLink[] = [];
  const meaning = new Map<string, StepMeaning>();
  const lacking: ClassProblem['lacking'][number][] = [];
  const before: ClassProblem['ahead'][number][] = [];
  const perhaps: ClassProblem['perhaps'][number][] = [];
  const resources: PlanResource[] = [];
  const units = (id: string, capacity: number) => void resources.push({ id, kind: 'units', capacity });
  for (const { id, hands } of teams) units(handsOf(id), hands);
  // Teams stand at the stations in their order, and those that find none left join the first ones; those of one block share its burners.
  const block = Math.max(1, kitchen.stationsABlock);
  const stations = Math.max(1, kitchen.stations);
  const shares = (at: number) => block > 1 || at >= stations || at + stations < teams.length;
  const burnersFor = new Map(
    teams.map(({ id }, at) => [id, shares(at) ? blockOf(Math.floor((at % stations) / block) + 1) : burnersOf(id)]),
  );
  for (const id of new Set(burnersFor.values())) units(id, kitchen.burnersAStation * block);
  const ovens = ovensOf(kitchen, borrowed.ovens).map(({ id, at }) => ({ id, ...kitchen.ovens[at]! }));
  for (const { id, shelves, changeMinutes } of ovens)
    resources.push({ id, kind: 'oven', shelves, changeMinutes: Math.ceil(changeMinutes) });
  for (const kind of EQUIPMENT_KINDS) units(kind.replace(' ', '-'), kitchen.equipment[kind]);
  units('assessor', kitchen.assessors + borrowed.assessors);

  const everyone = teams.map(({ id, hands }): PlanNeed => ({ anyOf: [handsOf(id)], amount: hands }));
  const ofAll = { team: null, by: null, dishId: null, work: null, minutes: null, celsius: null };
  const forAll = (kind: 'briefing' | 'demonstration' | 'clean-down', length: number, at: number) => {
    if (length <= 0) return;
    steps.push({ id: kind, name: kind, team: 'class', minutes: length, fixedStart: Math.max(0, at), needs: everyone });
    meaning.set(kind, { kind, ...ofAll });
  };
  forAll('briefing', segments.briefing, 0);
  forAll('demonstration', segments.demonstration, segments.briefing);
  forAll('clean-down', segments.cleanDown, minutes - segments.cleanDown);
  const begins = segments.briefing + segments.demonstration;
  const until = Math.max(0, minutes - segments.cleanDown - segments.slack);

  const networks = dishes.map(({ id: dishId, content, only, portionsATeam: portions = portionsATeam }) => {
    const dropped = new Set(without.filter((each) => each.dishId === dishId).map(({ componentId }) => componentId));
    const all = inOrder(workOf(content)).flatMap((step) =>
      !only ? [step] : only.has(step.id) ? [{ ...step, after: step.after.filter((id) => only.has(id)) }] : [],
    );
    const made = withAllBefore(all, new Set(ahead.filter((each) => each.dishId === dishId).map(({ stepId }) => stepId)));
    const out = new Set<string>();
    const amount = content.portions > 0 ? portions / content.portions : 1;
    for (const step of all) {
      const gone = step.componentId !== null && dropped.has(step.componentId);
      if (made.has(step.id)) {
        if (!gone) before.push({ dishId, work: step });
        out.add(step.id);
      } else if (gone) out.add(step.id);
      else if (step.only && !step.only.likely) {
        perhaps.push({ dishId, work: step, minutes: minutesFor(step, practice, amount).planned });
        out.add(step.id);
      }
    }
    // What is made ahead is there: nothing waits for it. What is left out hands its place on.
    const work = leftOut(all, new Set([...out].filter((id) => !made.has(id)))).flatMap((step) =>
      made.has(step.id) ? [] : [{ ...step, after: step.after.filter((id) => !made.has(id)) }],
    );
    return { dishId, content, work, amount, only };
  });

  const heats = sharedHeats(
    networks.flatMap(({ dishId, work }) =>
      work.flatMap(({ id, needs, band }) =>
        needs.flatMap((need) =>
          need.kind === 'oven' && band && band.from <= band.to
            ? [{ key: `${dishId} ${id}`, best: need.celsius, from: band.from, to: band.to }]
            : [],
        ),
      ),
    ),
  );
  const changeOf = new Map(changes.map((change) => [change.step, change]));
  const known = new Set(teams.map(({ id }) => id));
  const needOf = (need: WorkStep['needs'][number], team: string, not: readonly string[]): PlanNeed | null => {
    const allowed = (ids: readonly string[]) => {
      const left = ids.filter((id) => !not.includes(id));
      return left.length > 0 ? left : ids;
    };
    switch (need.kind) {
      case 'burner':
        return kitchen.burnersAStation > 0 ? { anyOf: [burnersFor.get(team) ?? burnersOf(team)], amount: 1 } : null;
      case 'equipment':
        return kitchen.equipment[need.of] > 0 ? { anyOf: [need.of.replace(' ', '-')], amount: 1 } : null;
      case 'oven': {
        const anyOf = ovens.filter(({ from, to }) => from <= need.celsius && need.celsius <= to).map(({ id }) => id);
        return anyOf.length > 0 ? { anyOf: allowed(anyOf), amount: 1, temperature: need.celsius } : null;
      }
    }
  };

  for (const { dishId, work, amount, only } of networks) {
    const heated = work.map((step) => {
      const celsius = heats.get(`${dishId} ${step.id}`);
      if (celsius === undefined || !step.band) return { step, celsius: null };
      const taken = minutesAt(step.band, celsius);
      const off = step.needs.some((need) => need.kind === 'oven' && need.celsius !== celsius);
      const needs = step.needs.map((need) => (need.kind === 'oven' ? { ...need, celsius } : need));
      return { step: { ...step, needs, minutes: { practised: taken, novice: taken } }, celsius: off ? celsius : null };
    });
    for (const { step } of heated)
      for (const need of step.needs) if (needOf(need, '', []) === null) lacking.push({ dishId, stepId: step.id, need });
    const last = new Set(work.map(({ id }) => id));
    for (const { after } of work) for (const id of after) last.delete(id);
    const toNext = new Map(work.map((step) => [step.id, step.toNext]));
    for (const team of teams) {
      if (work.length === 0 || (!only && team.dishIds && !team.dishIds.includes(dishId))) continue;
      for (const { step, celsius } of heated) {
        const id = stepIdOf(team.id, dishId, step.id);
        const change = changeOf.get(id);
        changeOf.delete(id);
        const by = change?.by && known.has(change.by) ? change.by : team.id;
        const planned = minutesFor(step, practice, amount);
        const needs = step.needs.flatMap((need) => needOf(need, by, change?.not ?? []) ?? []);
        const about = { team: team.id, by, dishId, work: step };
        steps.push({
          id,
          name: step.text.slice(0, 60),
          team: team.id,
          minutes: change?.minutes ?? planned.planned,
          earliest: Math.max(begins, change?.notBefore ?? 0),
          latestEnd: Math.min(until, change?.endBy ?? Infinity),
          ...(change?.pinnedAt === null || change?.pinnedAt === undefined ? {} : { fixedStart: change.pinnedAt }),
          // Backwards from the pass: nothing is begun earlier than it must be.
          earlyCost: EARLY_COST,
          needs: step.hands === 'on' ? [{ anyOf: [handsOf(by)], amount: 1 }, ...needs] : needs,
        });
        meaning.set(id, { kind: 'work', ...about, minutes: planned, celsius });
        for (const earlier of step.after) {
          const { least, most } = toNext.get(earlier)!;
          links.push({
            from: stepIdOf(team.id, dishId, earlier),
            to: id,
            min: least,
            max: most === null ? null : Math.max(least, most),
            waitCost: WAIT_COST,
          });
        }
        if (step.warmUp > 0 && kitchen.burnersAStation > 0) {
          const warm = `${id}.warm-up`;
          steps.push({
            id: warm,
            name: 'warm-up',
            team: team.id,
            minutes: step.warmUp,
            earliest: begins,
            latestEnd: until,
            needs: [{ anyOf: [burnersFor.get(by)!], amount: 1 }],
          });
          meaning.set(warm, { kind: 'warm-up', ...about, minutes: null, celsius: null });
          links.push({ from: warm, to: id, min: 0, max: KEPT_HOT, waitCost: WAIT_COST });
        }
      }
      if (only) continue;
      const tasting = tastingIdOf(team.id, dishId);
      const change = changeOf.get(tasting);
      changeOf.delete(tasting);
      steps.push({
        id: tasting,
        name: 'tasting',
        team: team.id,
        minutes: change?.minutes ?? segments.aPlate,
        ...(change?.notBefore ? { earliest: change.notBefore } : {}),
        latestEnd: Math.min(until, change?.endBy ?? Infinity),
        ...(change?.pinnedAt === null || change?.pinnedAt === undefined ? {} : { fixedStart: change.pinnedAt }),
        needs: [{ anyOf: ['assessor'], amount: 1 }],
      });
      meaning.set(tasting, { ...ofAll, kind: 'tasting', team: team.id, dishId });
      for (const id of last)
        links.push({ from: stepIdOf(team.id, dishId, id), to: tasting, min: 0, max: segments.plateWaits, waitCost: PLATE_WAIT_COST });
    }
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
    teams,
    ahead: before,
    perhaps,
    lacking,
    stray: [...changeOf.values()],
  };
}
