import {
  EMPTY_COMPONENT,
  EMPTY_LINE,
  EMPTY_STEP,
  type DishContent,
  type IngredientLine,
  type MethodStep,
  type Scaling,
  type YieldStep,
} from '../dish';
import { showAmount, type Amount } from '../quantity';

/** An ingredient line a calculator hands over to a dish. */
export interface CarriedLine {
  readonly item: string;
  readonly amount: Amount;
  readonly preparation?: string;
  readonly note: string;
  /** Fills a vessel: another is filled for as many portions again as the dish has. */
  readonly load?: boolean;
  /** Follows another carried line by mass, so that it stays right when the dish is scaled. */
  readonly percentOf?: { readonly index: number; readonly percent: string };
  readonly yields?: readonly YieldStep[];
}

/** A method step a calculator hands over to a dish. */
export interface CarriedStep {
  readonly text: string;
  readonly minutes: number | null;
  readonly hands: 'on' | 'off';
  readonly celsius?: number | null;
  readonly caution?: string;
}

/** What was carried from a card, on its way into a dish. */
export interface Carried {
  /** Name of the calculator, for the notice and the note of each line. */
  readonly from: string;
  readonly lines: readonly CarriedLine[];
  readonly step: CarriedStep | null;
  readonly techniqueId: string | null;
}

/**
 * A dish with what was carried added: lines to a component, the step to the end of the method.
 *
 * @param componentId - where the lines go; the first component when it is not known
 * @param newId - gives a fresh id for every line and step
 */
export function carryInto(dish: DishContent, carried: Carried, componentId: string | null, newId: () => string): DishContent {
  const ids = carried.lines.map(newId);
  const lines = carried.lines.map((line, index) => lineOf(line, ids[index]!, ids, dish.portions));
  const target = dish.components.some(({ id }) => id === componentId) ? componentId : dish.components[0]?.id;
  const step = carried.step;
  const added: MethodStep[] = step
    ? [
        {
          ...EMPTY_STEP,
          id: newId(),
          text: step.text,
          minutes: step.minutes,
          techniqueIds: carried.techniqueId ? [carried.techniqueId] : [],
          hands: step.hands,
          celsius: step.celsius ?? null,
          caution: step.caution ?? '',
        },
      ]
    : [];
  return {
    ...dish,
    components:
      target === undefined
        ? [{ ...EMPTY_COMPONENT, id: newId(), lines }]
        : dish.components.map((component) =>
            component.id === target ? { ...component, lines: [...component.lines, ...lines] } : component,
          ),
    method: [...dish.method, ...added],
  };
}

function scalingOf({ percentOf, load }: CarriedLine, ids: readonly string[], portions: number): Scaling {
  const base = percentOf ? ids[percentOf.index] : undefined;
  if (percentOf && base) return { kind: 'percentOf', lineId: base, percent: percentOf.percent };
  return load ? { kind: 'byTheLoad', portionsALoad: String(portions) } : { kind: 'proportional' };
}

function lineOf(line: CarriedLine, id: string, ids: readonly string[], portions: number): IngredientLine {
  return {
    ...EMPTY_LINE,
    id,
    written: `${showAmount(line.amount)} ${line.item}${line.preparation ? `, ${line.preparation}` : ''}`,
    item: line.item,
    amount: line.amount,
    one: null,
    size: '',
    preparation: line.preparation ?? '',
    note: line.note,
    scaling: scalingOf(line, ids, portions),
    certainty: 'sure',
    doubts: [],
    yields: line.yields ?? [],
  };
}
