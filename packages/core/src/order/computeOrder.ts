import { exact, exactText, sum, type ExactText } from '../exact';
import type { Figure } from '../figure';
import {
  allergensOf,
  isLiquid,
  isMissingFact,
  type MissingFact,
  itemKey,
  SHIPPED_BOOK,
  toGrams,
  type FactBook,
  type OneOf,
} from '../ingredients';
import { inUnit, roundForOrder, showAmount, showQuantity, unitOf, type Amount, type Quantity, type UnitCode } from '../quantity';
import type { Allergen } from '../allergens';
import { RULE_NAMES, type DishContent, type IngredientLine } from '../dish/types';
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
  readonly key: string;
  readonly item: string;
  readonly figure: Figure;
  readonly rules: readonly string[];
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
  readonly makings: readonly { readonly by: Making['by']; readonly count: number; readonly portions: ExactText; readonly called: string }[];
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
    groups.set(key, [...(groups.get(key) ?? []), contribution]);
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

interface Converted {
  readonly contribution: Contribution;
  readonly quantity: Quantity;
  readonly by: string | null;
}

/** Usually one order line; more when units of one item cannot be brought together for want of a fact. */
function linesOfGroup(key: string, group: readonly Contribution[], book: FactBook): readonly OrderLine[] {
  const target = targetUnit(group, book);
  const together: Converted[] = [];
  const apart = new Map<UnitCode, Converted[]>();
  let missing: string | null = null;
  for (const contribution of group) {
    const converted = convert(contribution, target, book);
    if (typeof converted === 'string') {
      missing = converted;
      const { quantity } = contribution;
      apart.set(quantity.unit, [...(apart.get(quantity.unit) ?? []), { contribution, quantity, by: null }]);
    } else together.push(converted);
  }
  const buckets: [UnitCode, Converted[]][] = together.length > 0 ? [[target, together], ...apart] : [...apart];
  return buckets.map(([unit, bucket], index) =>
    orderLine(buckets.length > 1 ? `${key}#${index}` : key, unit, bucket, buckets.length > 1 ? missing : null, book),
  );
}

/** The unit a group is bought in: its own count when all agree, else millilitres for liquids, else grams. */
function targetUnit(group: readonly Contribution[], book: FactBook): UnitCode {
  const units = [...new Set(group.map((part) => part.quantity.unit))];
  const packs = new Set(group.map((part) => (part.line.one ? showAmount(part.line.one) : '')));
  if (units.length === 1 && unitOf(units[0]!).dimension === 'count' && (packs.size === 1 || !unitOf(units[0]!).pack)) return units[0]!;
  const dimensions = new Set(units.map((unit) => unitOf(unit).dimension));
  if (dimensions.size === 1 && dimensions.has('mass')) return 'g';
  const { item } = group[0]!.line;
  if (dimensions.has('volume') && (isLiquid(item, book) || !book.find(item)?.density)) return 'ml';
  return 'g';
}

/** The contribution in the target unit, or the fact that is missing, in words. */
function convert(contribution: Contribution, target: UnitCode, book: FactBook): Converted | string {
  const { quantity, line } = contribution;
  if (quantity.unit === target) return { contribution, quantity, by: null };
  const from = unitOf(quantity.unit);
  const to = unitOf(target);
  if (from.dimension === to.dimension && from.dimension !== 'count') {
    return { contribution, quantity: inUnit(quantity, target), by: null };
  }
  const grams = toGrams(line.item, quantity, weightOfOne(line), book);
  if (isMissingFact(grams)) return `the ${grams.need} of ${line.item} is not known`;
  if (target === 'g') return { contribution, quantity: grams.quantity, by: grams.by };
  const known = book.find(line.item)?.density;
  const density = known ? exact(known) : null;
  if (target === 'ml' && density) {
    return {
      contribution,
      quantity: { value: grams.quantity.value.div(density), unit: 'ml' },
      by: `${line.item} weighs about ${density.valueOf()} g a ml`,
    };
  }
  return `the density of ${line.item} is not known`;
}

function weightOfOne(line: IngredientLine): OneOf | null {
  return line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
}

function orderLine(key: string, unit: UnitCode, bucket: readonly Converted[], missing: string | null, book: FactBook): OrderLine {
  const first = bucket[0]!.contribution.line;
  const total = sum(bucket.map((part) => part.quantity.value));
  const rounded = roundForOrder({ value: total, unit });
  const notes = new Set(bucket.flatMap((part) => part.contribution.notes));
  if (missing) notes.add(`not added to the other ${first.item}: ${missing}`);
  for (const { contribution } of bucket) {
    if (/\b(?:extra|more)\b/.test(contribution.line.note)) notes.add(`${contribution.dish}: ${contribution.line.note}, not in the figure`);
  }
  const pack = unitOf(unit).pack && first.one ? ` of ${showAmount(first.one)}` : '';
  const weight = unitOf(unit).dimension === 'count' && !unitOf(unit).pack ? weightNote(first, rounded.quantity, book) : null;
  if (weight) notes.add(weight);
  const { allergens, mayContain, known } = allergensOf(first.item, book);
  return {
    key,
    item: first.item,
    rules: [...new Set(bucket.map((part) => RULE_NAMES[part.contribution.line.rule.kind]))],
    dishes: [...new Set(bucket.map((part) => part.contribution.dish))],
    allergens,
    mayContain,
    allergensKnown: known,
    one: first.one,
    figure: {
      label: first.item,
      shown: showQuantity(rounded.quantity) + pack,
      exact: exactText(inUnit({ value: total, unit }, rounded.quantity.unit).value),
      value: exactText(rounded.quantity.value),
      unit: rounded.quantity.unit,
      parts: bucket.map(({ contribution, quantity, by }) => ({
        from: [contribution.dish, contribution.component, contribution.line.written || contribution.line.item].filter(Boolean).join(', '),
        how: `${contribution.how} (${RULE_NAMES[contribution.line.rule.kind]})${by ? `; ${by}` : ''}`,
        value: exactText(inUnit(quantity, rounded.quantity.unit).value),
        shown: showQuantity(quantity),
      })),
      rounding: rounded.said,
      estimate: bucket.some((part) => part.contribution.estimate || part.by !== null),
      notes: [...notes],
    },
  };
}

function weightNote(line: IngredientLine, quantity: Quantity, book: FactBook): string | null {
  const grams = toGrams(line.item, quantity, weightOfOne(line), book);
  return isMissingFact(grams) ? null : `about ${showQuantity(roundForOrder(grams.quantity).quantity)} in all, as ${grams.by ?? 'weighed'}`;
}

/** What has to be known of the items that stand on more than one line. */
function missingFacts(contributions: readonly Contribution[], lines: readonly OrderLine[], book: FactBook): Order['missingFacts'] {
  const apart = new Set(lines.filter((line) => line.key.includes('#')).map((line) => line.key.split('#')[0]!));
  const found = new Map<string, { item: string; need: MissingFact['need'] }>();
  for (const { line, quantity } of contributions) {
    if (!apart.has(itemKey(line.item, book))) continue;
    const grams = toGrams(line.item, quantity, weightOfOne(line), book);
    if (isMissingFact(grams)) found.set(`${line.item} ${grams.need}`, { item: line.item, need: grams.need });
  }
  return [...found.values()];
}
