import { exact, type Exact } from '../exact';
import type { CutSet } from '../cuts';
import { linesOf, type DishContent, type IngredientLine } from '../dish';
import { allergensOf, isMissingFact, isTapWater, itemKey, SHIPPED_BOOK, toGrams, type FactBook } from '../ingredients';
import { planMakings, type MakingFor } from '../scaling';
import { inUnit, unitOf, type Quantity, type UnitCode } from '../quantity';
import type { OrderInput } from '../order';
import { collect, type Contribution } from '../order/contributions';
import {
  actionsIn,
  actionsOn,
  isPeeled,
  isWashed,
  namedCut,
  PREPARATION_ACTIONS,
  type ActionSaid,
  type PreparationAction,
} from './actions';
import { keepingOf, KEEPING, type Keeping } from './keeping';
import { minutesOf, NOVICE_TIMES } from './rates';
import { shareOf, type ClassPractice } from '../schedule/lesson/minutesFor';

/** Who prepares: the teams, each for itself; the technician, for all; whoever demonstrates. */
export const PREPARES = ['team', 'technician', 'demonstration'] as const;
export type Prepares = (typeof PREPARES)[number];

/** Minutes in all: of practised hands, of novices, and of those whose work it is, as they stand. */
export interface PreparationMinutes {
  readonly practised: number;
  readonly planned: number;
  readonly novice: number;
}

/** A line from which a piece of preparation comes. */
export interface PreparedLine {
  readonly editionId: string;
  readonly lineId: string;
  readonly dish: string;
  readonly component: string;
  readonly written: string;
}

/** One thing done to one item, over all lines that want it. */
export interface PreparationTask {
  /** Stays the same while item and what is done to it do. */
  readonly key: string;
  readonly action: PreparationAction;
  /** How it is cut; empty for what is no cut. */
  readonly cut: string;
  /** Its size in the set of cuts in force, "2 × 2 × 2 mm"; empty where the set has none. */
  readonly size: string;
  /** In all and for one making, as purchased: weights, volumes and counts apart. */
  readonly amounts: readonly Quantity[];
  /** Makings it is done for. */
  readonly makings: number;
  readonly minutes: PreparationMinutes;
  readonly lines: readonly PreparedLine[];
  /** Whether nobody wrote it down: it follows from what the item is. */
  readonly usual: boolean;
}

export interface PreparedItem {
  readonly itemKey: string;
  readonly item: string;
  readonly keeping: Keeping;
  readonly allergens: readonly string[];
  readonly tasks: readonly PreparationTask[];
}

/** Items that go through the same dry heat: done in one load, but for those that hold another allergen. */
export interface TogetherDone {
  readonly action: PreparationAction;
  readonly items: readonly string[];
  readonly allergens: readonly string[];
}

export interface PreparationList {
  readonly items: readonly PreparedItem[];
  readonly together: readonly TogetherDone[];
  readonly minutes: PreparationMinutes;
}

interface ListOptions {
  readonly cuts?: CutSet | null;
  /** Whose work; all of it when left out. */
  readonly by?: Prepares;
  /** Where the class stands, which says how long its own work takes; half way between novice and practised when left out. */
  readonly practice?: ClassPractice;
}

const preparedBy = (making: { readonly by: MakingFor; readonly standsReady?: string }): Prepares =>
  making.by === 'demonstration' ? 'demonstration' : making.by === 'team' ? 'team' : 'technician';

/** Actions that are done in one load for everything that wants them. */
const ONE_LOAD: readonly PreparationAction[] = ['toast'];

/** A line with what is done to it, and how practised those are who do it, between 0 and 1. */
interface Row {
  readonly contribution: Contribution;
  readonly wanted: readonly Wanted[];
  readonly share: number;
}

interface Wanted {
  readonly said: ActionSaid;
  readonly usual: boolean;
}

/**
 * The preparation of a lesson as one list: by item, then by what is done to it, done once where several lines want the same. Ordered by how
 * long it keeps, raw flesh last.
 *
 * @example two dishes that take diced shallots: peeled 300 g, of which 180 g in fine dice and 120 g in slices
 */
export function preparationList(
  input: OrderInput,
  { cuts = null, by, practice = { purposes: new Map() } }: ListOptions = {},
): PreparationList {
  const { plan, dishes, preparations, book = SHIPPED_BOOK, substitutions = [] } = input;
  const { contributions } = collect(dishes, planMakings(plan), preparations, { substitutions, book });
  const contents = new Map([...dishes.map(({ editionId, content }) => [editionId, content] as const), ...preparations]);
  const byItem = new Map<string, { item: string; rows: Row[] }>();
  for (const contribution of contributions) {
    if (by && preparedBy(contribution.making) !== by) continue;
    const { line, editionId } = contribution;
    if (isTapWater(line.item, book)) continue;
    const wanted = wantedOf(line, contents.get(editionId)!);
    if (wanted.length === 0) continue;
    const key = itemKey(line.item, book);
    const group = byItem.get(key) ?? { item: line.item, rows: [] };
    byItem.set(key, group);
    const share = preparedBy(contribution.making) === 'team' ? shareOf(techniquesOn(line, contents.get(editionId)!), practice) : 1;
    group.rows.push({ contribution, wanted, share });
  }
  const items = [...byItem].map(([key, { item, rows }]): PreparedItem => {
    const fact = book.find(item);
    return {
      itemKey: key,
      item,
      keeping: keepingOf(item, fact?.kinds ?? []),
      allergens: allergensOf(item, book).allergens,
      tasks: tasksOf(key, rows, cuts, book),
    };
  });
  items.sort((a, b) => KEEPING.indexOf(a.keeping) - KEEPING.indexOf(b.keeping) || a.item.localeCompare(b.item));
  const together = togetherOf(items);
  return { items, together, minutes: minutesInAll(items, together) };
}

/** What is to be done to a line: as it says, as a step of its dish says, and as is usual with what it is. */
function wantedOf(line: IngredientLine, content: Parameters<typeof linesOf>[0]): readonly Wanted[] {
  const component = content.components.find(({ lines }) => lines.some(({ id }) => id === line.id))!;
  const others = linesOf(content).flatMap(({ id, item }) => (id === line.id ? [] : [item]));
  // What a step of another component does to an item of the same name is done to that one.
  const steps = content.method.filter(({ componentId }) => componentId === null || componentId === component.id);
  const said = [
    ...actionsIn(line.preparation),
    ...steps.flatMap(({ text, hands }) => (hands === 'on' ? actionsOn(text, line.item, others) : [])),
  ];
  const once = new Map(said.map((each) => [`${each.action} ${each.cut}`, { said: each, usual: false }]));
  const has = (action: PreparationAction) => said.some((each) => each.action === action);
  const bought = /\b(?:unpeeled|skin on|in (?:its|their) skins?)\b/i.test(`${line.preparation} ${line.note}`);
  if (isWashed(line.item) && !has('wash')) once.set('wash ', { said: { action: 'wash', cut: '' }, usual: true });
  if (isPeeled(line.item) && !has('peel') && !bought) once.set('peel ', { said: { action: 'peel', cut: '' }, usual: true });
  return [...once.values()];
}

/** Techniques of the steps in which something is done to a line; none where none says so. */
function techniquesOn(line: IngredientLine, content: DishContent): readonly string[] {
  const component = content.components.find(({ lines }) => lines.some(({ id }) => id === line.id));
  const steps = content.method.filter(
    ({ componentId, hands }) => hands === 'on' && (componentId === null || componentId === component?.id),
  );
  const others = linesOf(content).flatMap(({ id, item }) => (id === line.id ? [] : [item]));
  const naming = steps.filter(({ text }) => actionsOn(text, line.item, others).length > 0);
  return [...new Set(naming.flatMap(({ techniqueIds }) => techniqueIds))];
}

function tasksOf(key: string, rows: readonly Row[], cuts: CutSet | null, book: FactBook): readonly PreparationTask[] {
  const tasks = new Map<string, { said: ActionSaid; usual: boolean; from: Contribution[]; minutes: number; planned: number }>();
  for (const { contribution, wanted, share } of rows)
    for (const { said, usual } of wanted) {
      const task = tasks.get(`${said.action} ${said.cut}`) ?? { said, usual: true, from: [], minutes: 0, planned: 0 };
      const minutes = minutesFor(said, contribution, book);
      tasks.set(`${said.action} ${said.cut}`, {
        ...task,
        usual: task.usual && usual,
        from: [...task.from, contribution],
        minutes: task.minutes + minutes,
        planned: task.planned + minutes * (NOVICE_TIMES - share * (NOVICE_TIMES - 1)),
      });
    }
  return [...tasks.values()]
    .sort(
      (a, b) =>
        PREPARATION_ACTIONS.indexOf(a.said.action) - PREPARATION_ACTIONS.indexOf(b.said.action) || a.said.cut.localeCompare(b.said.cut),
    )
    .map(({ said, usual, from, minutes: practised, planned }): PreparationTask => {
      const named = namedCut(said.cut, cuts);
      return {
        key: `${key} ${said.action} ${said.cut}`.trim(),
        ...said,
        size: named ? `${named.length} × ${named.width} × ${named.thickness} mm` : '',
        amounts: addedUp(from),
        makings: from.reduce((most, { from: first, to }) => Math.max(most, to - first), 0),
        minutes: { practised: Math.ceil(practised), planned: Math.ceil(planned - 1e-9), novice: Math.ceil(practised * NOVICE_TIMES) },
        lines: linesOnce(from),
        usual,
      };
    });
}

function minutesFor(said: ActionSaid, { line, each, unit, from, to, us }: Contribution, book: FactBook): number {
  const value = exact(each.value.value);
  const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
  const grams = toGrams(line.item, { value, unit }, { one, size: line.size, us }, book);
  const makings = to - from;
  // In each making anew: a board is set up six times for six teams.
  return (
    makings *
    minutesOf(said, isMissingFact(grams) ? null : grams.quantity.value.valueOf(), unitOf(unit).dimension === 'count' ? value.valueOf() : 1)
  );
}

/** Amounts of several lines: weights in grams, volumes in millilitres, counts by their unit. */
function addedUp(from: readonly Contribution[]): readonly Quantity[] {
  const sums = new Map<UnitCode, Exact>();
  for (const { each, unit, from: first, to } of from) {
    const { dimension } = unitOf(unit);
    const base: UnitCode = dimension === 'mass' ? 'g' : dimension === 'volume' ? 'ml' : unit;
    const value = exact(each.value.value).mul(to - first);
    const inBase = base === unit ? value : inUnit({ value, unit }, base).value;
    sums.set(base, (sums.get(base) ?? exact(0)).add(inBase));
  }
  return [...sums].map(([unit, value]) => ({ value, unit }));
}

function linesOnce(from: readonly Contribution[]): readonly PreparedLine[] {
  const once = new Map(
    from.map(({ line, editionId, dish, component }) => [
      `${editionId} ${line.id}`,
      { editionId, lineId: line.id, dish, component, written: line.written || line.item },
    ]),
  );
  return [...once.values()];
}

/** What goes into one load: the same dry heat, the same allergens. What holds another allergen goes apart. */
function togetherOf(items: readonly PreparedItem[]): readonly TogetherDone[] {
  return ONE_LOAD.flatMap((action) => {
    const loads = new Map<string, TogetherDone>();
    for (const { item, allergens, tasks } of items) {
      if (!tasks.some((task) => task.action === action)) continue;
      const key = [...allergens].sort().join();
      const load = loads.get(key) ?? { action, items: [], allergens };
      loads.set(key, { ...load, items: [...load.items, item] });
    }
    return [...loads.values()];
  });
}

/** Minutes in all; what goes into one load is waited for once. */
function minutesInAll(items: readonly PreparedItem[], together: readonly TogetherDone[]): PreparationList['minutes'] {
  const all = items.flatMap(({ tasks }) => tasks);
  const saved = together.reduce((sum, { action, items: { length } }) => sum + (length - 1) * minutesOf({ action, cut: '' }, 0, 0), 0);
  const inAll = (whose: keyof PreparationMinutes, least: number) =>
    Math.max(least, all.reduce((sum, { minutes }) => sum + minutes[whose], 0) - Math.floor(saved));
  const practised = inAll('practised', 0);
  const planned = inAll('planned', practised);
  return { practised, planned, novice: inAll('novice', planned) };
}
