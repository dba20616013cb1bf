import { exact, exactText, type ExactText } from '../exact';
import {
  conversion,
  figure,
  given,
  labelled,
  measure,
  product,
  quotient,
  rounding,
  sum,
  type Figure,
  type Measure,
  type Working,
} from '../figure';
import { text, type Said } from '../words';
import {
  allergensOf,
  countsByGrade,
  densityOf,
  inGrams,
  isLiquid,
  isMissingFact,
  isTapWater,
  itemKey,
  SHIPPED_BOOK,
  toGrams,
  type FactBook,
  type Known,
  type MissingFact,
  type PieceSaid,
} from '../ingredients';
import { inUnit, roundForOrder, unitOf, type Amount, type Quantity, type UnitCode } from '../quantity';
import type { Allergen } from '../allergens';
import { componentFactors } from '../dish/componentFactors';
import type { DishContent, IngredientLine, OneIs, ScalingKind } from '../dish/types';
import { demandFigure, planMakings, type Making, type MakingPlan } from '../scaling';
import type { LineSubstitution } from '../substitution';
import { collect, type Contribution, type HeldLine, type OrderDish, type PreparationNeed } from './contributions';
import { givenOut } from './givenOut';
import { isPiece, pieceGroups, sortOf, type PieceGroup } from './pieces';

export interface OrderInput {
  readonly plan: MakingPlan;
  readonly dishes: readonly OrderDish[];
  /** Editions of sub-preparations, by edition id. */
  readonly preparations: ReadonlyMap<string, DishContent>;
  /** Facts of ingredients; those that ship when left out. */
  readonly book?: FactBook;
  readonly substitutions?: readonly LineSubstitution[];
  /** How many of those who eat are at risk and get theirs cooked through; none when left out. */
  readonly atRisk?: number;
}

/** One thing to buy. */
export interface OrderLine {
  /** Of this order: the item, and the unit or sort where it stands on several lines. */
  readonly key: string;
  /** The key under which its lines met. */
  readonly itemKey: string;
  readonly item: string;
  /** Size or grade of what is counted, as its lines say; empty where none do. */
  readonly size: string;
  /** Amounts of one item that could not be added up, for want of a fact, stand on several lines. */
  readonly apart: boolean;
  readonly figure: Figure;
  readonly scalings: readonly ScalingKind[];
  readonly dishes: readonly string[];
  readonly allergens: readonly Allergen[];
  readonly mayContain: readonly Allergen[];
  /** How much is known of what it holds; nothing is claimed absent unless it is known. */
  readonly known: Known;
  /** Words of it that no fact covers. */
  readonly notKnown: readonly string[];
  /** Made things whose label has to be read. */
  readonly labels: readonly string[];
  /** What one piece or pack holds, as its lines say. */
  readonly one: Amount | null;
  readonly oneIs: OneIs;
  /** Whether sizes are those of the United States. */
  readonly us: boolean;
}

/** Plain data throughout, so that it can be sent as it is. */
export interface Order {
  readonly makings: readonly { readonly by: Making['by']; readonly count: number; readonly portions: ExactText; readonly called: Said }[];
  readonly demand: Figure;
  readonly lines: readonly OrderLine[];
  /** Water, which comes from the tap and is not bought. */
  readonly tap: readonly OrderLine[];
  readonly held: readonly HeldLine[];
  /** Facts that would bring amounts of one item together; until they are entered, the item stands on several lines. */
  readonly missingFacts: readonly { readonly item: string; readonly need: MissingFact['need'] }[];
  readonly preparations: readonly PreparationNeed[];
  /** Components made larger than their formula for what others take of them, that may fall short, or of which some is made apart. */
  readonly components: readonly { readonly editionId: string; readonly dish: string; readonly said: Said }[];
}

/**
 * The order of a lesson: every line by its rule, pieces rounded by item and making, like items brought together, the total rounded
 * up to what can be bought, and the working of every figure. What is weighed out for the trays adds up to what is bought, or to less.
 *
 * @throws RangeError when the plan is out of range; see `planMakings`
 */
export function computeOrder({ plan, dishes, preparations, book = SHIPPED_BOOK, substitutions = [], atRisk = 0 }: OrderInput): Order {
  const makings = planMakings(plan);
  const { contributions, held, preparations: needs } = collect(dishes, makings, preparations, { substitutions, book });
  const counted = new Map<Contribution, Part[]>();
  for (const group of pieceGroups(contributions.filter(isPiece), book)) countedParts(group, counted);
  const groups = new Map<string, Part[]>();
  const put = (part: Part) => {
    const group = groups.get(part.key);
    if (group) group.push(part);
    else groups.set(part.key, [part]);
  };
  for (const contribution of contributions) {
    const pieces = counted.get(contribution);
    if (pieces) pieces.forEach(put);
    else put(measuredPart(contribution, book));
  }
  const lines = [...groups.entries()]
    .flatMap(([key, group]) => linesOfGroup(key, group, book))
    .sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0));
  const isTap = ({ item }: OrderLine) => isTapWater(item, book);
  return {
    makings: makings.map(({ by, count, called, portions }) => ({ by, count, called, portions: exactText(portions) })),
    demand: demandFigure(makings),
    lines: lines.filter((line) => !isTap(line)),
    tap: lines.filter(isTap),
    missingFacts: missingFacts(groups, lines, book),
    held,
    preparations: needs,
    components: [...sizesOf(dishes, needs, preparations), ...cookedApart(dishes, atRisk)],
  };
}

/** What there is to say of the size of components, dish by dish and sub-preparation by sub-preparation. */
function sizesOf(
  dishes: readonly OrderDish[],
  needs: readonly PreparationNeed[],
  preparations: ReadonlyMap<string, DishContent>,
): Order['components'] {
  const made = [...new Set(needs.map(({ editionId }) => editionId))].map((editionId) => ({
    editionId,
    content: preparations.get(editionId)!,
  }));
  return [...dishes, ...made].flatMap(({ editionId, content }) =>
    [...componentFactors(content).values()].flatMap(({ because }) => (because ? [{ editionId, dish: content.title, said: because }] : [])),
  );
}

/** What is served below the rule, and how many portions of it are therefore cooked through apart. */
function cookedApart(dishes: readonly OrderDish[], atRisk: number): Order['components'] {
  if (atRisk === 0) return [];
  return dishes.flatMap(({ editionId, content }) =>
    content.components
      .filter(({ allowance }) => allowance !== null)
      .map(({ name }) => ({ editionId, dish: content.title, said: { code: 'cooked-apart', name, portions: atRisk } as const })),
  );
}

/** One addend of what is bought: a line over its makings, or what rounding and sharing of pieces change. */
interface Part {
  /** Under which it meets others. */
  readonly key: string;
  readonly item: string;
  readonly line: IngredientLine;
  readonly dish: string;
  readonly unit: UnitCode;
  readonly us: boolean;
  readonly working: Working;
  readonly estimate: boolean;
  readonly notes: readonly Said[];
}

/** What a measured line adds: what is weighed out for each tray, times the trays. */
function measuredPart(contribution: Contribution, book: FactBook): Part {
  const { line, dish, us, each, from, to, reference, called, estimate, notes } = contribution;
  // Where a tray's rounding takes more it is bought; where it takes less, what is needed is.
  const { bought: working, scale } = givenOut(each, line.item, book);
  const unit = working.value.unit as UnitCode;
  const labels = { from: reference, said: called, by: { code: 'scaling', kind: line.scaling.kind } } as const;
  return {
    key: itemKey(line.item, book),
    item: line.item,
    line,
    dish,
    unit,
    us,
    working: product([given(measure(to - from, 'making')), working], unit, labels),
    estimate,
    notes: scale ? [...notes, scale] : notes,
  };
}

/** What pieces add, by the line it stands at; what rounding and sharing change stands at the last of its lines. */
function countedParts({ buyKey, item, unit, contributions, workings, notes }: PieceGroup, into: Map<Contribution, Part[]>): void {
  workings.forEach((working, index) => {
    const of = contributions[index] ?? contributions.at(-1)!;
    const own = index < contributions.length;
    const part: Part = {
      key: buyKey,
      item,
      line: of.line,
      dish: of.dish,
      unit,
      us: of.us,
      working,
      estimate: of.estimate || (of.part !== null && !of.part.pieces.equals(1)),
      notes: index === 0 ? [...of.notes, ...notes] : own ? of.notes : [],
    };
    const parts = into.get(of);
    if (parts) parts.push(part);
    else into.set(of, [part]);
  });
}

/** What a part adds, in the unit of its line of the order. */
interface Converted {
  readonly part: Part;
  readonly working: Working;
  /** A fact of the ingredient entered. */
  readonly byFact: boolean;
}

const quantityOf = ({ working, unit }: Part): Quantity => ({ value: exact(working.value.value), unit });
const isCount = (unit: UnitCode) => unitOf(unit).dimension === 'count';
const saidOf = ({ line, us }: Part): PieceSaid => ({
  one: line.one ? { value: exact(line.one.max), unit: line.one.unit } : null,
  size: line.size,
  us,
});

/** Usually one order line; more when pieces differ, or when units of one item cannot be brought together for want of a fact. */
function linesOfGroup(key: string, group: readonly Part[], book: FactBook): readonly OrderLine[] {
  const units = new Set(group.map((part) => part.unit));
  if (units.size === 1 && isCount(group[0]!.unit)) {
    const sorts = new Map<string, Part[]>();
    for (const part of group) sorts.set(sortOf(part.line), [...(sorts.get(sortOf(part.line)) ?? []), part]);
    return [...sorts].map(([sort, parts]) =>
      orderLine({
        itemKey: key,
        key: sorts.size > 1 && sort !== '||' ? `${key} (${sort})` : key,
        unit: parts[0]!.unit,
        bucket: parts.map((part) => ({ part, working: part.working, byFact: false })),
        missing: null,
        book,
      }),
    );
  }
  const target = targetUnit(group, book);
  const together: Converted[] = [];
  const apart = new Map<UnitCode, Converted[]>();
  let missing: Said | null = null;
  for (const part of group) {
    const { converted, lacks } = convert(part, target, book);
    if (!converted) {
      missing = lacks;
      apart.set(part.unit, [...(apart.get(part.unit) ?? []), { part, working: part.working, byFact: false }]);
    } else together.push(converted);
  }
  const buckets: [UnitCode, Converted[]][] = together.length > 0 ? [[target, together], ...apart] : [...apart];
  const several = buckets.length > 1;
  return buckets.map(([unit, bucket]) =>
    orderLine({ itemKey: key, key: several ? `${key} (${unit})` : key, unit, bucket, missing: several ? missing : null, book }),
  );
}

/** The unit a group is bought in: millilitres for liquids, else grams. */
function targetUnit(group: readonly Part[], book: FactBook): UnitCode {
  const dimensions = new Set(group.map(({ unit }) => unitOf(unit).dimension));
  if (dimensions.size === 1 && dimensions.has('mass')) return 'g';
  const { item } = group[0]!;
  if (dimensions.has('volume') && (isLiquid(item, book) || !book.find(item)?.density)) return 'ml';
  return 'g';
}

/** The part in the target unit, or the fact that is missing; one of the two. */
function convert(part: Part, target: UnitCode, book: FactBook): { readonly converted: Converted | null; readonly lacks: Said | null } {
  const { working, item, unit } = part;
  const { from, said, by } = working;
  if (unit === target) return { converted: { part, working, byFact: false }, lacks: null };
  const relabel = (of: Working) => (of.op === 'relation' ? labelled(of, { from, by }) : labelled(of, { from, said, by }));
  const done = (of: Working, byFact: boolean) => ({ converted: { part, working: relabel(of), byFact }, lacks: null });
  const without = (need: 'density' | 'weight of one') => ({ converted: null, lacks: { code: 'fact-missing', item, need } as const });
  const bare = working.op === 'relation' ? working : labelled(working, { from: undefined, said: undefined, by: undefined });
  const [ownUnit, to] = [unitOf(unit), unitOf(target)];
  if (ownUnit.dimension === to.dimension && ownUnit.dimension !== 'count')
    return done(conversion(bare, measure(inUnit(quantityOf(part), target).value, target)), false);
  const grams = toGrams(item, quantityOf(part), saidOf(part), book);
  if (isMissingFact(grams)) return without(grams.need);
  const inMass = inGrams(bare, grams);
  if (target === 'g') return done(inMass, grams.by !== null);
  const density = densityOf(item, book);
  if (target === 'ml' && density) return done(quotient(inMass, density, 'ml'), true);
  return without('density');
}

interface LineOf {
  readonly itemKey: string;
  readonly key: string;
  readonly unit: UnitCode;
  readonly bucket: readonly Converted[];
  readonly missing: Said | null;
  readonly book: FactBook;
}

function orderLine({ itemKey: met, key, unit, bucket, missing, book }: LineOf): OrderLine {
  const first = bucket[0]!.part;
  const { item, line } = first;
  const own = sum(
    bucket.map(({ working }) => working),
    unit,
  );
  const rounded = roundForOrder({ value: exact(own.value.value), unit });
  const total =
    rounded.quantity.unit === unit
      ? own
      : sum(
          bucket.map(({ working }) => inUnitOf(working, rounded.quantity.unit)),
          rounded.quantity.unit,
        );
  const notes: Said[] = bucket.some(({ part }) => part.notes.length > 0) ? distinct(bucket.flatMap(({ part }) => part.notes)) : [];
  if (missing) notes.push({ code: 'not-added', item, because: missing });
  for (const { part } of bucket) if (part.line.extra) notes.push({ code: 'not-in-figure', dish: part.dish, note: part.line.note });
  const weight = isCount(unit) && !unitOf(unit).pack ? weightNote(first, rounded.quantity, book) : null;
  if (weight) notes.push(weight);
  const grades = line.size && isCount(unit) ? inOtherGrades(first, rounded.quantity, book) : [];
  if (grades.length > 0) notes.push({ code: 'in-other-grades', grades });
  const { allergens, mayContain, known, notKnown, labels } = allergensOf(item, book);
  return {
    key,
    itemKey: met,
    item,
    size: isCount(unit) ? line.size : '',
    apart: missing !== null,
    scalings: [...new Set(bucket.map(({ part }) => part.line.scaling.kind))],
    dishes: [...new Set(bucket.map(({ part }) => part.dish))],
    allergens,
    mayContain,
    known,
    notKnown,
    labels,
    one: line.one,
    oneIs: line.oneIs,
    us: first.us,
    figure: figure(text(item), rounding(total, rounded.quantity.value, 'up', measure(rounded.step, rounded.quantity.unit)), {
      estimate: bucket.some(({ part, byFact }) => part.estimate || byFact),
      notes: distinct(notes),
    }),
  };
}

/** An addend in the unit of the total; its labels stay outermost. */
function inUnitOf(working: Working, unit: UnitCode): Working {
  if (working.value.unit === unit) return working;
  const { from, said, by } = working;
  const value = inUnit({ value: exact(working.value.value), unit: working.value.unit as UnitCode }, unit).value;
  return conversion(labelled(working, { from: undefined, said: undefined, by: undefined }), measure(value, unit), { from, said, by });
}

const distinct = (said: readonly Said[]): Said[] =>
  said.length < 2 ? [...said] : [...new Map(said.map((each) => [JSON.stringify(each), each])).values()];

function weightNote(part: Part, quantity: Quantity, book: FactBook): Said | null {
  const grams = toGrams(part.item, quantity, saidOf(part), book);
  if (isMissingFact(grams)) return null;
  const { value, unit } = roundForOrder(grams.quantity).quantity;
  const each: Measure | null = grams.by ? grams.by.value : null;
  return { code: 'weighs-in-all', amount: measure(value, unit), each };
}

/** How many of other grades weigh as much: what to take where the supplier has none of this one. */
function inOtherGrades({ item, unit, us, line }: Part, { value }: Quantity, book: FactBook) {
  const fact = line.one ? null : book.find(item);
  if (!fact) return [];
  return countsByGrade(fact, { value, unit }, { size: line.size, us });
}

/** What has to be known of the items that stand on more than one line. */
function missingFacts(groups: ReadonlyMap<string, readonly Part[]>, lines: readonly OrderLine[], book: FactBook): Order['missingFacts'] {
  const apart = new Set(lines.filter((line) => line.apart).map((line) => line.itemKey));
  if (apart.size === 0) return [];
  const found = new Map<string, { item: string; need: MissingFact['need'] }>();
  for (const part of [...apart].flatMap((key) => groups.get(key) ?? [])) {
    const grams = toGrams(part.item, quantityOf(part), saidOf(part), book);
    if (isMissingFact(grams)) found.set(`${part.item} ${grams.need}`, { item: part.item, need: grams.need });
  }
  return [...found.values()];
}
