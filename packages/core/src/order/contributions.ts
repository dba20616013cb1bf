import { exact, exactText, ZERO, type Exact, type ExactText } from '../exact';
import { conversion, given, labelled, measure, product, type Measure, type Reference, type Working } from '../figure';
import { inMeasures, inUnit, roundForOrder, unitOf, type MeasureSystem, type Quantity, type UnitCode } from '../quantity';
import type { Said } from '../words';
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
  /** What each of them takes, as purchased. */
  readonly each: Working;
  /** Summed over the makings. */
  readonly working: Working;
  readonly unit: UnitCode;
  readonly estimate: boolean;
  readonly notes: readonly Said[];
}

/** A line that cannot be ordered yet, and what would settle it. */
export interface HeldLine {
  /** Edition of the dish or sub-preparation it stands in. */
  readonly editionId: string;
  readonly dish: string;
  readonly lineId: string;
  readonly written: string;
  readonly because: Said;
}

/** A sub-preparation the lesson draws on, made in bulk ahead of it. */
export interface PreparationNeed {
  readonly editionId: string;
  readonly title: string;
  /** What the dishes need of it, rounded up as an order is. */
  readonly needed: Measure;
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
  readonly working: Working;
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
            held.push({ editionId, dish: content.title, lineId: line.id, written: line.written || line.item, because: scaled.because });
            break;
          }
          const from: Reference = {
            kind: 'line',
            editionId,
            lineId: line.id,
            dish: content.title,
            component: component.name,
            written: line.written || line.item,
          };
          const bought = purchased(scaled, line, content.measures);
          if (line.preparationEditionId && preparations.has(line.preparationEditionId)) {
            const needed = { value: exact(scaled.working.value.value).mul(making.count), unit: scaled.unit };
            const because = addNeed(line.preparationEditionId, needed, content.title);
            if (because) {
              held.push({ editionId, dish: content.title, lineId: line.id, written: line.written || line.item, because });
              break;
            }
            draws.push({
              line,
              editionId,
              dish: content.title,
              component: component.name,
              making,
              working: labelled(scaled.working, { from }),
            });
            continue;
          }
          const add = (count: number, item: string, ratio: ExactText, instead: Said | null) => {
            if (count === 0) return;
            const called: Said = count === making.count ? making.called : { code: 'making.some', count, of: making.called };
            const each = instead ? product([bought, given(measure(ratio, 'times'), { said: instead })], bought.value.unit) : bought;
            contributions.push({
              line: item === line.item ? line : { ...line, item, one: null },
              editionId,
              dish: content.title,
              component: component.name,
              making,
              count,
              each,
              working: product([given(measure(count, 'making')), each], each.value.unit, {
                from,
                said: called,
                by: { code: 'scaling', kind: line.scaling.kind },
              }),
              unit: each.value.unit as UnitCode,
              estimate: scaled.estimate || line.yields.length > 0,
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
          add(making.count - swapped, line.item, '1', null);
          if (swap) add(swapped, swap.item, swap.ratio, { code: 'instead-of', item: line.item, reason: swap.reason });
        }
      }
    }
  };

  const addNeed = (editionId: string, quantity: Quantity, dish: string): Said | null => {
    const gives = preparations.get(editionId)!.gives;
    const title = preparations.get(editionId)!.title;
    if (!gives) return { code: 'gives-nothing', title };
    if (unitOf(gives.amount.unit).dimension !== unitOf(quantity.unit).dimension) {
      return { code: 'gives-otherwise', title, gives: measure(gives.amount.max, gives.amount.unit) };
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
      called: { code: 'making.bulk', factor: exactText(factor) },
    };
    scaleOver(editionId, content, [bulk], () => factor);
    const needed = roundForOrder({ value: need.quantity, unit: gives.unit }).quantity;
    done.push({
      editionId,
      title: content.title,
      needed: measure(needed.value, needed.unit),
      factor: exactText(factor),
      usedBy: [...need.usedBy],
    });
  }
  return { contributions, draws, held, preparations: done };
}

/** The amount to buy for what a batch takes: yields made good, household measures in the dish's own size. */
function purchased({ working, unit }: { working: Working; unit: UnitCode }, line: IngredientLine, measures: MeasureSystem): Working {
  const sized = inMeasures({ value: exact(working.value.value), unit }, measures);
  const own = sized.unit === unit ? working : conversion(working, measure(sized.value, sized.unit), { said: { code: 'by-its-measures' } });
  return asPurchased(own, line.yields);
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
