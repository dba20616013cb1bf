import { exact, exactText, showFraction, ZERO, type Exact, type ExactText } from '../exact';
import { inMeasures, inUnit, roundForOrder, showQuantity, unitOf, type MeasureSystem, type Quantity, type UnitCode } from '../quantity';
import { linesOf, type DishContent, type IngredientLine } from '../dish/types';
import { asPurchased, scaleLine, type Making } from '../scaling';
import type { LineSubstitution } from '../substitution';

/** A dish as an order sees it: the edition that is cooked. */
export interface OrderDish {
  readonly editionId: string;
  readonly content: DishContent;
}

/** What one line adds to the order, over one kind of making. */
export interface Contribution {
  readonly line: IngredientLine;
  /** Edition of the dish or sub-preparation; two dishes may bear one title. */
  readonly editionId: string;
  readonly dish: string;
  readonly component: string;
  readonly making: Making;
  /** Of how many of its makings; fewer than all where some are cooked with something else. */
  readonly count: number;
  /** Summed over the makings. */
  readonly quantity: Quantity;
  readonly how: string;
  readonly estimate: boolean;
  readonly notes: readonly string[];
}

/** A line that cannot be ordered yet, and what would settle it. */
export interface HeldLine {
  readonly dish: string;
  readonly lineId: string;
  readonly written: string;
  readonly because: string;
}

/** A sub-preparation the lesson draws on, made in bulk ahead of it. */
export interface PreparationNeed {
  readonly editionId: string;
  readonly title: string;
  readonly quantity: ExactText;
  readonly unit: UnitCode;
  readonly shown: string;
  /** Times the written formula. */
  readonly factor: ExactText;
  readonly usedBy: readonly string[];
}

/** What one making takes of a sub-preparation. */
export interface Draw {
  readonly line: IngredientLine;
  readonly editionId: string;
  readonly dish: string;
  readonly component: string;
  readonly making: Making;
  readonly quantity: Quantity;
  readonly how: string;
}

export interface Collected {
  readonly contributions: readonly Contribution[];
  readonly draws: readonly Draw[];
  readonly held: readonly HeldLine[];
  readonly preparations: readonly PreparationNeed[];
}

/**
 * Scales every line of every dish over the makings, and every sub-preparation over what the dishes need of it.
 *
 * @param preparations - editions that lines may draw on, by edition id
 */
export function collect(
  dishes: readonly OrderDish[],
  makings: readonly Making[],
  preparations: ReadonlyMap<string, DishContent>,
  substitutions: readonly LineSubstitution[] = [],
): Collected {
  const contributions: Contribution[] = [];
  const draws: Draw[] = [];
  const held: HeldLine[] = [];
  const needs = new Map<string, { quantity: Exact; usedBy: Set<string> }>();

  const scaleOver = (editionId: string, content: DishContent, over: readonly Making[], factorOf: (making: Making) => Exact) => {
    const byId = new Map(linesOf(content).map((line) => [line.id, line]));
    for (const component of content.components) {
      for (const line of component.lines) {
        // What another component of the dish gives is made, not bought.
        if (line.componentId) continue;
        const swap = substitutions.find((each) => each.editionId === editionId && each.lineId === line.id);
        for (const making of over) {
          const batch = { factor: factorOf(making), portions: making.portions };
          const scaled = scaleLine(line, batch, (id) => byId.get(id));
          if (scaled.kind === 'none') continue;
          if (scaled.kind === 'held') {
            held.push({ dish: content.title, lineId: line.id, written: line.written || line.item, because: scaled.because });
            break;
          }
          const bought = purchased(scaled.quantity, scaled.how, line, content.measures ?? 'labelling');
          if (line.preparationEditionId && preparations.has(line.preparationEditionId)) {
            const needed = { value: scaled.quantity.value.mul(making.count), unit: scaled.quantity.unit };
            const because = addNeed(line.preparationEditionId, needed, content.title);
            if (because) held.push({ dish: content.title, lineId: line.id, written: line.written, because });
            else
              draws.push({
                line,
                editionId,
                dish: content.title,
                component: component.name,
                making,
                quantity: scaled.quantity,
                how: scaled.how,
              });
            continue;
          }
          const add = (count: number, item: string, ratio: Exact, why: string) => {
            if (count === 0) return;
            const counted = count === making.count ? making.called : `${count} of ${making.called}`;
            const each = `${bought.how}${why}`;
            contributions.push({
              line: item === line.item ? line : { ...line, item, one: null },
              editionId,
              dish: content.title,
              component: component.name,
              making,
              count,
              quantity: { value: bought.quantity.value.mul(ratio).mul(count), unit: bought.quantity.unit },
              how: `${counted}: ${count > 1 ? `${count} × (${each})` : each}`,
              estimate: scaled.estimate || bought.isEstimate,
              notes: scaled.notes,
            });
          };
          const swapped = swap
            ? swap.makings === 'all'
              ? making.count
              : making.by === 'team'
                ? Math.min(swap.makings, making.count)
                : 0
            : 0;
          add(making.count - swapped, line.item, exact(1), '');
          if (swap)
            add(
              swapped,
              swap.item,
              exact(swap.ratio),
              `, instead of ${line.item}${swap.ratio === '1' ? '' : ` × ${showFraction(exact(swap.ratio))}`}: ${swap.reason}`,
            );
        }
      }
    }
  };

  const addNeed = (editionId: string, quantity: Quantity, dish: string): string | null => {
    const gives = preparations.get(editionId)!.gives;
    const title = preparations.get(editionId)!.title;
    if (!gives) return `"${title}" does not say how much one making gives. Add its yield and publish it again.`;
    if (unitOf(gives.amount.unit).dimension !== unitOf(quantity.unit).dimension) {
      return `"${title}" gives ${showQuantity({ value: exact(gives.amount.max), unit: gives.amount.unit })}; this line asks for it in another kind of unit.`;
    }
    const need = needs.get(editionId) ?? { quantity: ZERO, usedBy: new Set<string>() };
    need.quantity = need.quantity.add(inUnit(quantity, gives.amount.unit).value);
    need.usedBy.add(dish);
    needs.set(editionId, need);
    return null;
  };

  for (const dish of dishes) {
    const portions = exact(dish.content.portions);
    scaleOver(dish.editionId, dish.content, makings, (making) => making.portions.div(portions));
  }

  const done: PreparationNeed[] = [];
  for (const editionId of parentsFirst(dishes, preparations)) {
    const need = needs.get(editionId);
    if (!need) continue;
    const content = preparations.get(editionId)!;
    const gives = content.gives!.amount;
    // The lower end of what it gives: a batch that gives less must still be enough.
    const factor = need.quantity.div(exact(gives.min));
    const bulk: Making = {
      by: 'bulk',
      count: 1,
      portions: exact(content.portions).mul(factor),
      called: `one bulk making × ${showFraction(factor)}`,
    };
    scaleOver(editionId, content, [bulk], () => factor);
    done.push({
      editionId,
      title: content.title,
      quantity: exactText(need.quantity),
      unit: gives.unit,
      shown: showQuantity(roundForOrder({ value: need.quantity, unit: gives.unit }).quantity),
      factor: exactText(factor),
      usedBy: [...need.usedBy],
    });
  }
  return { contributions, draws, held, preparations: done };
}

/** The amount to buy for what a batch takes: yields made good, household measures in the dish's own size. */
function purchased(
  taken: Quantity,
  how: string,
  line: IngredientLine,
  measures: MeasureSystem,
): { quantity: Quantity; how: string; isEstimate: boolean } {
  const sized = inMeasures(taken, measures);
  const { value, how: losses } = asPurchased(sized.value, line.yields ?? []);
  const size = sized.unit === taken.unit ? '' : ` (${showQuantity(sized)} by its measures)`;
  return { quantity: { value, unit: sized.unit }, how: `${how}${size}${losses ? ` ${losses}` : ''}`, isEstimate: losses !== '' };
}

/** Sub-preparations in an order in which each comes after everything that draws on it. */
function parentsFirst(dishes: readonly OrderDish[], preparations: ReadonlyMap<string, DishContent>): readonly string[] {
  const sorted: string[] = [];
  const seen = new Set<string>();
  const visit = (editionId: string) => {
    if (seen.has(editionId)) return;
    seen.add(editionId);
    const content = preparations.get(editionId);
    if (!content) return;
    drawsOn(content).forEach(visit);
    sorted.unshift(editionId);
  };
  dishes.flatMap((dish) => drawsOn(dish.content)).forEach(visit);
  return sorted;
}

/** Edition ids of the sub-preparations a dish draws on. */
export function drawsOn(content: DishContent): readonly string[] {
  return [...new Set(linesOf(content).flatMap((line) => line.preparationEditionId ?? []))];
}
