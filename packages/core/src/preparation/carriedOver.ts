import type { DishContent, Store } from '../dish';
import type { CookingTeam } from '../lesson';
import { ruleValue, type LocalRules } from '../rules';
import { momentAt } from '../schedule';
import { withAllBefore } from '../schedule/lesson/classProblem';
import { workOf, type WorkStep } from '../schedule/lesson/workOf';

/** Whose piece someone takes who has none of their own, or that the technician makes one. Students, since teams change with who comes. */
export interface Cover {
  readonly studentId: string;
  readonly from: string | 'technician';
}

/** What a class makes in one lesson for another: a dish of the later one, up to a step. */
export interface CarriedWork {
  readonly dishId: string;
  /** The last step that is done. */
  readonly stepId: string;
  /** Where it is kept; null as the dish says. */
  readonly store: Store | null;
  /** How long it keeps there; null as the dish says. */
  readonly hours: number | null;
  readonly covers: readonly Cover[];
}

/** When a lesson is, as far as what is carried over to or from it needs it. */
export interface CarriedBetween {
  readonly date: string;
  readonly start: string;
  readonly end: string;
}

/** Steps of a dish that are done in the earlier lesson: up to the one that is named, without those done in a lesson before. */
export function carriedSteps(content: DishContent, stepId: string, doneBefore: readonly string[] = []): ReadonlySet<string> {
  const work = workOf(content);
  const there = new Set(work.map(({ id }) => id));
  const done = withAllBefore(work, new Set(doneBefore.filter((id) => there.has(id))));
  return new Set([...withAllBefore(work, new Set([stepId].filter((id) => there.has(id))))].filter((id) => !done.has(id)));
}

/** The dish as far as what is made of it in the earlier lesson: the components that those steps work on. */
export function carriedPart(content: DishContent, steps: ReadonlySet<string>): DishContent {
  const named = new Set(content.method.flatMap(({ id, componentId }) => (steps.has(id) && componentId ? [componentId] : [])));
  // A component takes what it is made of with it.
  for (let before = -1; before < named.size;) {
    before = named.size;
    for (const { id, lines } of content.components)
      if (named.has(id)) for (const { componentId } of lines) if (componentId) named.add(componentId);
  }
  const method = content.method.filter(({ id }) => steps.has(id));
  return { ...content, components: content.components.filter(({ id }) => named.has(id)), method };
}

/** How a stage is called: by its component, else by its dish. */
export function stageName(content: DishContent, stepId: string): string {
  const step = content.method.find(({ id }) => id === stepId);
  return content.components.find(({ id }) => id === step?.componentId)?.name || content.title;
}

/** Components of a dish that are made in earlier lessons, with the day on which their lines are wanted. */
export function madeEarlier(
  content: DishContent,
  carried: readonly { readonly stepId: string; readonly doneBefore: readonly string[]; readonly date: string; readonly lesson: string }[],
): ReadonlyMap<string, { readonly date: string; readonly lesson: string }> {
  const made = new Map<string, { date: string; lesson: string }>();
  const byDay = [...carried].sort((a, b) => a.date.localeCompare(b.date));
  for (const { stepId, doneBefore, date, lesson } of byDay)
    for (const { id } of carriedPart(content, carriedSteps(content, stepId, doneBefore)).components)
      if (!made.has(id)) made.set(id, { date, lesson });
  return made;
}

/** Where and between which hours something carried over is used. */
export interface KeptHow {
  readonly store: Store | null;
  /** Hours until it may be used, and after which it may not; null where neither dish nor person says. */
  readonly least: number;
  readonly most: number | null;
}

/** How something is kept: what was said of it, else what its step says, else its component. */
export function keptHow(content: DishContent, { stepId, store, hours }: Pick<CarriedWork, 'stepId' | 'store' | 'hours'>): KeptHow {
  const step = workOf(content).find(({ id }) => id === stepId);
  const component = content.components.find(({ id }) => id === step?.componentId);
  const ahead = step?.ahead?.may ? step.ahead : null;
  const where = store ?? ahead?.store ?? component?.keeps[0]?.store ?? null;
  const said = [
    hours ?? (ahead && ahead.store === where ? ahead.hours : null) ?? component?.keeps.find((each) => each.store === where)?.hours ?? null,
    inHours(step?.toNext.most ?? null),
    inHours(component?.before.most ?? null),
  ].filter((each) => each !== null);
  return {
    store: where,
    least: Math.max(inHours(step?.toNext.least ?? 0) ?? 0, inHours(component?.before.least ?? 0) ?? 0),
    most: said.length > 0 ? Math.min(...said) : null,
  };
}

const inHours = (minutes: number | null): number | null => (minutes === null ? null : minutes / 60);

export type CarriedVerdict = 'holds' | 'too-old' | 'not-ready' | 'wanted-before' | 'not-known';

/** How long something lies between two lessons, and whether that is right. */
export interface CarriedWindow extends KeptHow {
  /** Hours from the end of the one to the beginning of the other; below 0 where the order is wrong. */
  readonly hours: number;
  readonly verdict: CarriedVerdict;
  /** Longer than the school's rule for cooked food that is kept chilled: right only for what is not. */
  readonly beyondRule: boolean;
  /** The moment after which it is not used any more. */
  readonly useBy: Date | null;
}

/**
 * Whether what is made in one lesson can be used in another. Counted in real hours, from the end of the one to the beginning of the other,
 * also over a change of clocks.
 */
export function carriedWindow(
  kept: KeptHow,
  { made, wanted, timeZone, rules }: { made: CarriedBetween; wanted: CarriedBetween; timeZone: string; rules: LocalRules },
): CarriedWindow {
  const from = momentAt({ date: made.date, start: made.end }, timeZone, 0).getTime();
  const hours = (momentAt(wanted, timeZone, 0).getTime() - from) / HOUR;
  const { store, least, most } = kept;
  const verdict = (): CarriedVerdict => {
    if (hours < 0) return 'wanted-before';
    if (hours < least) return 'not-ready';
    if (most === null) return 'not-known';
    return hours > most ? 'too-old' : 'holds';
  };
  return {
    ...kept,
    hours,
    verdict: verdict(),
    beyondRule: store === 'chilled' && hours > ruleValue('chilled-life', rules),
    useBy: most === null ? null : new Date(from + most * HOUR),
  };
}

const HOUR = 3_600_000;

type Team = Pick<CookingTeam, 'id' | 'name' | 'studentIds' | 'dishIds'>;

/** One piece, by whom it is made, and who cooks on with it. */
export interface CarriedPiece {
  readonly made: Team;
  /** Null where nobody needs it. */
  readonly goesTo: Team | null;
  /** By those who made it; by others because somebody said so; or because they have none and it is free. */
  readonly because: 'own' | 'said' | 'proposed' | 'left';
}

export interface CarriedPieces {
  readonly pieces: readonly CarriedPiece[];
  /** Teams for whom there is none: the technician makes one, or nobody does yet. */
  readonly without: readonly { readonly team: Team; readonly because: 'technician' | 'nobody' }[];
}

/**
 * How many pieces each team makes, and who cooks on with which. Every team of the later lesson needs one: what was said of it comes first;
 * then it is made by those with whom it shares the most people. Whoever has none takes over a free one, in order: a team makes one in any
 * case, so that of somebody who is away later is free.
 *
 * @param made - teams that are there in the earlier lesson
 * @param wanted - teams that cook the dish in the later one
 */
export function whoCooksOn(made: readonly Team[], wanted: readonly Team[], covers: readonly Cover[] = []): CarriedPieces {
  const of = new Map(made.map((team): [Team, CarriedPiece[]] => [team, []]));
  const give = (maker: Team, goesTo: Team, because: CarriedPiece['because']) => void of.get(maker)!.push({ made: maker, goesTo, because });
  const open: Team[] = [];
  const without: { readonly team: Team; readonly because: 'technician' | 'nobody' }[] = [];
  for (const team of wanted) {
    const said = covers.find(({ studentId }) => team.studentIds.includes(studentId))?.from;
    const named = made.find(({ studentIds }) => said !== undefined && studentIds.includes(said));
    const [own] = made.filter((each) => inCommon(each, team) > 0).sort((a, b) => inCommon(b, team) - inCommon(a, team));
    if (said === 'technician') without.push({ team, because: 'technician' });
    else if (named) give(named, team, 'said');
    else if (own) give(own, team, 'own');
    else open.push(team);
  }
  const free = made.filter((team) => of.get(team)!.length === 0);
  for (const team of open) {
    const from = free.shift();
    if (from) give(from, team, 'proposed');
    else without.push({ team, because: 'nobody' });
  }
  for (const team of free) of.get(team)!.push({ made: team, goesTo: null, because: 'left' });
  return { pieces: [...of.values()].flat(), without };
}

const inCommon = (a: Team, b: Team): number => a.studentIds.filter((id) => b.studentIds.includes(id)).length;

/** Minutes that the stage takes each team, hands and waiting apart, for a practised hand and a novice. */
export function carriedMinutes(content: DishContent, steps: ReadonlySet<string>) {
  const own = workOf(content).filter(({ id }) => steps.has(id));
  const sum = (hands: WorkStep['hands'], whose: 'practised' | 'novice') =>
    own.filter((step) => step.hands === hands).reduce((all, { minutes }) => all + minutes[whose], 0);
  return { practised: sum('on', 'practised'), novice: sum('on', 'novice'), waiting: sum('off', 'practised') };
}
