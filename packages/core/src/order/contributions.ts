import { exact, exactText, ZERO, type Exact, type ExactText } from '../exact';
import { conversion, figure, given, labelled, measure, product, rounding, sum, type Figure, type Reference, type Working } from '../figure';
import { inGrams, isMissingFact, partOf, SHIPPED_BOOK, toGrams, type FactBook, type PartOfWhole, type Piece } from '../ingredients';
import { inMeasures, inUnit, roundForOrder, unitOf, type MeasureSystem, type UnitCode } from '../quantity';
import { text, type Said } from '../words';
import { componentFactors } from '../dish/componentFactors';
import { linesById, type Component, type DishContent, type IngredientLine } from '../dish/types';
import { asPurchased, makingsFor, scaleLine, type Making } from '../scaling';
import type { LineSubstitution } from '../substitution';

/** A dish as an order sees it: the edition that is cooked. */
export interface OrderDish {
  readonly editionId: string;
  readonly content: DishContent;
  /** Names of the teams that cook it, where not all do. */
  readonly teams?: readonly string[];
  /** Makings of single components that stand ready for a demonstration, beyond the one that is shown, by component. */
  readonly standIns?: ReadonlyMap<string, number>;
  /** Only these components are made, by id; all when left out. They are as large as the whole dish asks. */
  readonly only?: ReadonlySet<string>;
  /** Components that the teams make in an earlier lesson, by id: their lines are wanted on its day. */
  readonly madeEarlier?: ReadonlyMap<string, { readonly date: string; readonly lesson: string }>;
}

/** What one line takes in one kind of making. */
export interface Contribution {
  readonly line: IngredientLine;
  /** Edition of the dish or sub-preparation; two dishes may bear one title. */
  readonly editionId: string;
  readonly dish: string;
  readonly component: string;
  readonly making: Making;
  /** Of which of its makings, from and up to: fewer than all where some are cooked with something else. */
  readonly from: number;
  readonly to: number;
  /** What each of them takes, as purchased, before anything is rounded. */
  readonly each: Working;
  readonly unit: UnitCode;
  /** What is bought for it, where that is a whole piece of which it is a part. */
  readonly part: PartOfWhole | null;
  /** How pieces are given out; null for what is measured. */
  readonly piece: Piece | null;
  /** Whether sizes are those of the United States. */
  readonly us: boolean;
  readonly reference: Reference;
  /** Whose makings they are. */
  readonly called: Said;
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
  /** What the dishes need of it, rounded up as an order is, with its working. */
  readonly needed: Figure;
  /** Times the written formula. */
  readonly factor: ExactText;
  readonly usedBy: readonly string[];
  /** A making of its own, for those who cannot eat what is in the bulk; 0 for the bulk itself. */
  readonly separateFor: number;
}

/** What one making takes of a sub-preparation. */
export interface Draw {
  readonly line: IngredientLine;
  readonly editionId: string;
  readonly dish: string;
  readonly component: string;
  readonly making: Making;
  readonly from: number;
  readonly to: number;
  readonly working: Working;
}

export interface Collected {
  readonly contributions: readonly Contribution[];
  readonly draws: readonly Draw[];
  readonly held: readonly HeldLine[];
  readonly preparations: readonly PreparationNeed[];
}

export interface CollectBy {
  readonly substitutions?: readonly LineSubstitution[];
  readonly book?: FactBook;
}

/** What dishes need of one sub-preparation, in the unit it gives. */
interface Need {
  /** One team's making, over all dishes that draw on it. */
  eachTeam: Exact;
  total: Exact;
  readonly usedBy: Set<string>;
  readonly parts: Working[];
}

/** What stands ready of one component: as many makings more, of the size that is shown. */
function standing(over: readonly Making[], { id, name }: Pick<Component, 'id' | 'name'>, count = 0): readonly Making[] {
  const shown = over.find(({ by }) => by === 'demonstration');
  return shown && count > 0 ? [{ ...shown, count, called: { code: 'making.stands-ready', count, name }, standsReady: id }] : [];
}

const PIECES: ReadonlySet<string> = new Set(['wholeEach', 'shared', 'weighed']);
const pieceOf = ({ scaling }: IngredientLine): Piece | null =>
  scaling.kind === 'wholeEach' ? 'whole' : PIECES.has(scaling.kind) ? (scaling.kind as 'shared' | 'weighed') : null;

/**
 * Scales every line of every dish over the makings, and every sub-preparation over what the dishes need of it. Nothing is rounded
 * yet: pieces are rounded when all lines of an item are together.
 *
 * @param preparations - editions that lines may draw on, by edition id
 */
export function collect(
  dishes: readonly OrderDish[],
  makings: readonly Making[],
  preparations: ReadonlyMap<string, DishContent>,
  { substitutions = [], book = SHIPPED_BOOK }: CollectBy = {},
): Collected {
  const contributions: Contribution[] = [];
  const draws: Draw[] = [];
  const held: HeldLine[] = [];
  const needs = new Map<string, Need>();

  /** @param swapsFor - how many of a making's are cooked with a substitute */
  const scaleOver = (
    { editionId, content, standIns, only, madeEarlier }: OrderDish,
    over: readonly Making[],
    factorOf: (making: Making) => Exact,
    swapsFor: (swap: LineSubstitution, making: Making) => number,
  ) => {
    const byId = linesById(content);
    const grown = componentFactors(content);
    for (const component of content.components) {
      if (only && !only.has(component.id)) continue;
      const times = grown.get(component.id)!.factor;
      const earlier = madeEarlier?.get(component.id);
      for (const line of component.lines) {
        // What another component of the dish gives is made, not bought.
        if (line.componentId) continue;
        const swap = substitutions.find((each) => each.editionId === editionId && each.lineId === line.id);
        const hold = (because: Said) =>
          held.push({ editionId, dish: content.title, lineId: line.id, written: line.written || line.item, because });
        const reference: Reference = {
          kind: 'line',
          editionId,
          lineId: line.id,
          dish: content.title,
          component: component.name,
          written: line.written || line.item,
        };
        const made = line.preparationEditionId && preparations.has(line.preparationEditionId) ? line.preparationEditionId : null;
        for (const making of [...over, ...standing(over, component, standIns?.get(component.id))]) {
          const batch = { factor: factorOf(making).mul(times), portions: making.portions };
          const scaled = scaleLine(line, batch, { find: (id) => byId.get(id), book });
          if (scaled.kind === 'none') continue;
          if (scaled.kind === 'held') {
            hold(scaled.because);
            break;
          }
          const bought = purchased(scaled, line, content.measures);
          const swapped = swap ? Math.min(swapsFor(swap, making), making.count) : 0;
          const because = made && swapped < making.count ? addNeed(made, { bought, making, from: swapped, reference }) : null;
          if (because) {
            hold(because);
            break;
          }
          const add = (from: number, to: number, instead: LineSubstitution | null) => {
            if (to === from) return;
            const each = instead ? substituted(bought, line, instead, { us: content.measures === 'us', book }) : bought;
            const unit = each.value.unit as UnitCode;
            const own = instead ? { ...line, item: instead.item, one: null, size: '' } : line;
            const count = to - from;
            // Written out: orders push hundreds of these, and spreading is many times slower.
            contributions.push({
              line: own,
              editionId,
              dish: content.title,
              component: component.name,
              making,
              from,
              to,
              each,
              unit,
              part: partOf(own.item, own.preparation, unit, book),
              piece: unitOf(unit).dimension === 'count' ? pieceOf(own) : null,
              us: content.measures === 'us',
              reference,
              called: count === making.count ? making.called : { code: 'making.some', count, of: making.called },
              estimate: scaled.estimate || line.yields.length > 0,
              notes: earlier && making.by === 'team' ? [...scaled.notes, { code: 'wanted-on', ...earlier }] : scaled.notes,
            });
          };
          if (made && swapped < making.count)
            draws.push({
              line,
              editionId,
              dish: content.title,
              component: component.name,
              making,
              from: swapped,
              to: making.count,
              working: labelled(bought, { from: reference }),
            });
          else if (!made) add(swapped, making.count, null);
          if (swap) add(0, swapped, swap);
        }
      }
    }
  };

  const addNeed = (
    editionId: string,
    { bought, making, from, reference }: { bought: Working; making: Making; from: number; reference: Reference },
  ): Said | null => {
    const { gives, title } = preparations.get(editionId)!;
    if (!gives) return { code: 'gives-nothing', title };
    const unit = bought.value.unit as UnitCode;
    const { dimension } = unitOf(gives.amount.unit);
    if (dimension !== unitOf(unit).dimension || (dimension === 'count' && unit !== gives.amount.unit))
      return { code: 'gives-otherwise', title, gives: measure(gives.amount.max, gives.amount.unit) };
    const each =
      unit === gives.amount.unit
        ? bought
        : conversion(bought, measure(inUnit({ value: exact(bought.value.value), unit }, gives.amount.unit).value, gives.amount.unit));
    const value = exact(each.value.value);
    const need = needs.get(editionId) ?? { eachTeam: ZERO, total: ZERO, usedBy: new Set<string>(), parts: [] };
    const count = making.count - from;
    if (making.by === 'team') need.eachTeam = need.eachTeam.add(value);
    need.total = need.total.add(value.mul(count));
    if (reference.kind === 'line') need.usedBy.add(reference.dish);
    need.parts.push(
      product([given(measure(count, 'making')), each], gives.amount.unit, {
        from: reference,
        said: count === making.count ? making.called : { code: 'making.some', count, of: making.called },
      }),
    );
    needs.set(editionId, need);
    return null;
  };

  for (const dish of dishes) {
    const portions = exact(dish.content.portions);
    const swapsFor = (swap: LineSubstitution, making: Making) =>
      swap.makings === 'all' ? making.count : making.by === 'team' ? swap.makings : 0;
    scaleOver(dish, makingsFor(makings, dish.teams), (making) => making.portions.div(portions), swapsFor);
  }

  const done: PreparationNeed[] = [];
  for (const editionId of parentsFirst(dishes, preparations)) {
    const need = needs.get(editionId);
    if (!need) continue;
    const content = preparations.get(editionId)!;
    const { unit, min } = content.gives!.amount;
    const own = substitutions.filter((swap) => swap.editionId === editionId);
    // Some teams cannot eat what is in the bulk: they get a making of their own, as much as their share of it.
    const separateFor = Math.max(0, ...own.map((swap) => (swap.makings === 'all' ? 0 : swap.makings)));
    const separate = need.eachTeam.mul(separateFor);
    for (const [quantity, forTeams] of [
      [need.total.sub(separate), 0],
      [separate, separateFor],
    ] as const) {
      if (quantity.compare(0) <= 0) continue;
      // The lower end of what it gives: a batch that gives less must still be enough.
      const factor = quantity.div(exact(min));
      const called: Said =
        forTeams > 0
          ? { code: 'making.separate', count: forTeams, factor: exactText(factor) }
          : { code: 'making.bulk', factor: exactText(factor) };
      const making: Making = { by: 'bulk', count: 1, portions: exact(content.portions).mul(factor), called, separateFor: forTeams };
      scaleOver(
        { editionId, content },
        [making],
        () => factor,
        (swap) => (swap.makings === 'all' || forTeams > 0 ? 1 : 0),
      );
      done.push({
        editionId,
        title: content.title,
        needed: neededFigure(content.title, need, { quantity, forTeams, unit }),
        factor: exactText(factor),
        usedBy: [...need.usedBy],
        separateFor: forTeams,
      });
    }
  }
  return { contributions, draws, held, preparations: done };
}

/**
 * What stands in, by its ratio. Ratios go by mass: half as much starch as yolk is half of what the yolks weigh, not half a piece.
 */
function substituted(
  bought: Working,
  line: IngredientLine,
  { item, ratio, reason }: LineSubstitution,
  { us, book }: { us: boolean; book: FactBook },
): Working {
  const times = given(measure(ratio, 'times'), { said: { code: 'instead-of', item: line.item, reason } });
  const unit = bought.value.unit as UnitCode;
  const asCounted = unitOf(unit).dimension === 'count' && !book.find(item)?.gramsOfOne.some((one) => one.unit === unit);
  const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
  const grams = asCounted ? toGrams(line.item, { value: exact(bought.value.value), unit }, { one, size: line.size, us }, book) : null;
  const base = grams && !isMissingFact(grams) ? inGrams(bought, grams) : bought;
  return product([base, times], base.value.unit);
}

/** What is made of a sub-preparation, with the lines that ask for it. */
function neededFigure(
  title: string,
  need: Need,
  { quantity, forTeams, unit }: { quantity: Exact; forTeams: number; unit: UnitCode },
): Figure {
  const all =
    forTeams > 0
      ? product([given(measure(forTeams, 'making')), given(measure(need.eachTeam, unit))], unit)
      : quantity.equals(need.total)
        ? sum(need.parts, unit)
        : sum([...need.parts, given(measure(quantity.sub(need.total), unit), { said: { code: 'made-apart' } })], unit);
  const { quantity: up, step, before } = roundForOrder({ value: quantity, unit });
  const inStep = up.unit === unit ? all : conversion(all, measure(before, up.unit));
  return figure(text(title), rounding(inStep, up.value, 'up', measure(step, up.unit)));
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
  const found = new Set<string>();
  for (const { lines } of content.components)
    for (const { preparationEditionId } of lines) if (preparationEditionId) found.add(preparationEditionId);
  return [...found];
}
