import { exact, exactText, type ExactText } from '../exact';
import { conversion, figure, labelled, measure, quotient, rounding, sum, type Figure, type Measure, type Working } from '../figure';
import { text, type Said } from '../words';
import {
  allergensOf,
  inGrams,
  isLiquid,
  isMissingFact,
  type MissingFact,
  itemKey,
  SHIPPED_BOOK,
  toGrams,
  densityOf,
  type FactBook,
  type OneOf,
} from '../ingredients';
import { inUnit, roundForOrder, unitOf, type Amount, type Quantity, type UnitCode } from '../quantity';
import type { Allergen } from '../allergens';
import type { DishContent, IngredientLine, ScalingKind } from '../dish/types';
import { demandFigure, planMakings, type Making, type MakingPlan } from '../scaling';
import type { LineSubstitution } from '../substitution';
import { collect, type Contribution, type HeldLine, type OrderDish, type PreparationNeed } from './contributions';

export interface OrderInput {
  readonly plan: MakingPlan;
  readonly dishes: readonly OrderDish[];
  /** Editions of sub-preparations, by edition id. */
  readonly preparations: ReadonlyMap<string, DishContent>;
  /** Facts of ingredients; those that ship when left out. */
  readonly book?: FactBook;
  readonly substitutions?: readonly LineSubstitution[];
}

/** One thing to buy. */
export interface OrderLine {
  /** Of this order: the item, and the unit where it stands on several lines. */
  readonly key: string;
  /** The key under which its lines met. */
  readonly itemKey: string;
  readonly item: string;
  /** Amounts of one item that could not be added up, for want of a fact, stand on several lines. */
  readonly apart: boolean;
  readonly figure: Figure;
  readonly scalings: readonly ScalingKind[];
  readonly dishes: readonly string[];
  readonly allergens: readonly Allergen[];
  readonly mayContain: readonly Allergen[];
  /** False when the ingredient is not known, so that no allergen is claimed absent. */
  readonly allergensKnown: boolean;
  /** What one piece or pack holds, as its lines say. */
  readonly one: Amount | null;
}

/** Plain data throughout, so that it can be sent as it is. */
export interface Order {
  readonly makings: readonly { readonly by: Making['by']; readonly count: number; readonly portions: ExactText; readonly called: Said }[];
  readonly demand: Figure;
  readonly lines: readonly OrderLine[];
  readonly held: readonly HeldLine[];
  /** Facts that would bring amounts of one item together; until they are entered, the item stands on several lines. */
  readonly missingFacts: readonly { readonly item: string; readonly need: MissingFact['need'] }[];
  readonly preparations: readonly PreparationNeed[];
}

/**
 * The order of a lesson: every line by its rule, whole pieces rounded in each making, like items brought together, the
 * total rounded up to what can be bought, and the working of every figure.
 *
 * @throws RangeError when the plan is out of range; see `planMakings`
 */
export function computeOrder({ plan, dishes, preparations, book = SHIPPED_BOOK, substitutions = [] }: OrderInput): Order {
  const makings = planMakings(plan);
  const { contributions, held, preparations: needs } = collect(dishes, makings, preparations, substitutions);
  const groups = new Map<string, Contribution[]>();
  for (const contribution of contributions) {
    const key = itemKey(contribution.line.item, book);
    const group = groups.get(key);
    if (group) group.push(contribution);
    else groups.set(key, [contribution]);
  }
  const lines = [...groups.entries()]
    .flatMap(([key, group]) => linesOfGroup(key, group, book))
    .sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0));
  return {
    makings: makings.map((making) => ({ ...making, portions: exactText(making.portions) })),
    demand: demandFigure(makings),
    lines,
    missingFacts: missingFacts(contributions, lines, book),
    held,
    preparations: needs,
  };
}

/** What a contribution adds, in the unit of its line of the order. */
interface Converted {
  readonly contribution: Contribution;
  readonly working: Working;
  /** A fact of the ingredient entered. */
  readonly byFact: boolean;
}

const quantityOf = ({ working, unit }: Contribution): Quantity => ({ value: exact(working.value.value), unit });

/** Usually one order line; more when units of one item cannot be brought together for want of a fact. */
function linesOfGroup(key: string, group: readonly Contribution[], book: FactBook): readonly OrderLine[] {
  const target = targetUnit(group, book);
  const together: Converted[] = [];
  const apart = new Map<UnitCode, Converted[]>();
  let missing: Said | null = null;
  for (const contribution of group) {
    const converted = convert(contribution, target, book);
    if ('code' in converted) {
      missing = converted;
      const { unit, working } = contribution;
      apart.set(unit, [...(apart.get(unit) ?? []), { contribution, working, byFact: false }]);
    } else together.push(converted);
  }
  const buckets: [UnitCode, Converted[]][] = together.length > 0 ? [[target, together], ...apart] : [...apart];
  return buckets.map(([unit, bucket]) => orderLine({ itemKey: key, unit, bucket, missing: buckets.length > 1 ? missing : null, book }));
}

/** The unit a group is bought in: its own count when all agree, else millilitres for liquids, else grams. */
function targetUnit(group: readonly Contribution[], book: FactBook): UnitCode {
  const units = [...new Set(group.map((part) => part.unit))];
  const packs = new Set(group.map((part) => JSON.stringify(part.line.one)));
  if (units.length === 1 && unitOf(units[0]!).dimension === 'count' && (packs.size === 1 || !unitOf(units[0]!).pack)) return units[0]!;
  const dimensions = new Set(units.map((unit) => unitOf(unit).dimension));
  if (dimensions.size === 1 && dimensions.has('mass')) return 'g';
  const { item } = group[0]!.line;
  if (dimensions.has('volume') && (isLiquid(item, book) || !book.find(item)?.density)) return 'ml';
  return 'g';
}

/** The contribution in the target unit, or the fact that is missing. */
function convert(contribution: Contribution, target: UnitCode, book: FactBook): Converted | Said {
  const { working, line, unit } = contribution;
  const { from, said, by } = working;
  if (unit === target) return { contribution, working, byFact: false };
  const done = (of: Working, byFact: boolean): Converted => ({ contribution, working: labelled(of, { from, said, by }), byFact });
  const bare = labelled(working, { from: undefined, said: undefined, by: undefined });
  const [ownUnit, to] = [unitOf(unit), unitOf(target)];
  if (ownUnit.dimension === to.dimension && ownUnit.dimension !== 'count')
    return done(conversion(bare, measure(inUnit(quantityOf(contribution), target).value, target)), false);
  const grams = toGrams(line.item, quantityOf(contribution), weightOfOne(line), book);
  if (isMissingFact(grams)) return { code: 'fact-missing', item: line.item, need: grams.need };
  const inMass = inGrams(bare, grams);
  if (target === 'g') return done(inMass, grams.by !== null);
  const density = densityOf(line.item, book);
  if (target === 'ml' && density) return done(quotient(inMass, density, 'ml'), true);
  return { code: 'fact-missing', item: line.item, need: 'density' };
}

function weightOfOne(line: IngredientLine): OneOf | null {
  return line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
}

interface LineOf {
  readonly itemKey: string;
  readonly unit: UnitCode;
  readonly bucket: readonly Converted[];
  readonly missing: Said | null;
  readonly book: FactBook;
}

function orderLine({ itemKey: key, unit, bucket, missing, book }: LineOf): OrderLine {
  const first = bucket[0]!.contribution.line;
  const rounded = roundForOrder({ value: bucket.reduce((all, { working }) => all.add(exact(working.value.value)), exact(0)), unit });
  const total = sum(
    bucket.map(({ working }) => inUnitOf(working, rounded.quantity.unit)),
    rounded.quantity.unit,
  );
  const notes: Said[] = distinct(bucket.flatMap((part) => part.contribution.notes));
  if (missing) notes.push({ code: 'not-added', item: first.item, because: missing });
  for (const { contribution } of bucket)
    if (contribution.line.extra) notes.push({ code: 'not-in-figure', dish: contribution.dish, note: contribution.line.note });
  const weight = unitOf(unit).dimension === 'count' && !unitOf(unit).pack ? weightNote(first, rounded.quantity, book) : null;
  if (weight) notes.push(weight);
  const { allergens, mayContain, known } = allergensOf(first.item, book);
  return {
    key: missing ? `${key} (${unit})` : key,
    itemKey: key,
    item: first.item,
    apart: missing !== null,
    scalings: [...new Set(bucket.map((part) => part.contribution.line.scaling.kind))],
    dishes: [...new Set(bucket.map((part) => part.contribution.dish))],
    allergens,
    mayContain,
    allergensKnown: known,
    one: first.one,
    figure: figure(text(first.item), rounding(total, rounded.quantity.value, 'up', measure(rounded.step, rounded.quantity.unit)), {
      estimate: bucket.some((part) => part.contribution.estimate || part.byFact),
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

function weightNote(line: IngredientLine, quantity: Quantity, book: FactBook): Said | null {
  const grams = toGrams(line.item, quantity, weightOfOne(line), book);
  if (isMissingFact(grams)) return null;
  const { value, unit } = roundForOrder(grams.quantity).quantity;
  const each: Measure | null = grams.by ? grams.by.value : null;
  return { code: 'weighs-in-all', amount: measure(value, unit), each };
}

/** What has to be known of the items that stand on more than one line. */
function missingFacts(contributions: readonly Contribution[], lines: readonly OrderLine[], book: FactBook): Order['missingFacts'] {
  const apart = new Set(lines.filter((line) => line.apart).map((line) => line.itemKey));
  const found = new Map<string, { item: string; need: MissingFact['need'] }>();
  if (apart.size === 0) return [];
  for (const contribution of contributions) {
    const { line } = contribution;
    if (!apart.has(itemKey(line.item, book))) continue;
    const grams = toGrams(line.item, quantityOf(contribution), weightOfOne(line), book);
    if (isMissingFact(grams)) found.set(`${line.item} ${grams.need}`, { item: line.item, need: grams.need });
  }
  return [...found.values()];
}
