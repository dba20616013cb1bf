import { exact, roundTo, showDecimal } from '../exact';
import { figure, given, labelled, measure, product, relation, rounding, sum, type Figure, type FigureUnit, type Working } from '../figure';
import { amount, kitchenStep, type Amount, type UnitCode } from '../quantity';
import type { Said } from '../words';

interface FigureOf {
  readonly label: Said;
  readonly unit: FigureUnit;
  /** What adds up to the value. */
  readonly parts: readonly Working[];
  readonly estimate?: boolean;
  readonly notes?: readonly Said[];
}

/** A figure from parts that add up to it; grams and millilitres come out in the steps a kitchen weighs in. */
export function figureOf({ label, unit, parts, estimate = false, notes = [] }: FigureOf): Figure {
  const total = sum(parts, unit);
  const value = exact(total.value.value);
  const step = unit === 'g' || unit === 'ml' ? kitchenStep(value) : null;
  const working = step ? rounding(total, roundTo(value, step), 'nearest', measure(step, unit)) : total;
  return figure(label, working, { estimate, notes });
}

/** A value as it was typed, or as a table of ours has it. */
export const of = (value: number, unit: FigureUnit, said?: Said): Working => given(measure(value, unit), said ? { said } : {});
export const grams = (value: number): Working => of(value, 'g');
export const percent = (value: number): Working => of(value, 'percent');

/** So many percent of an amount. */
export const share = (value: Working, ofPercent: number): Working => product([percent(ofPercent), value], value.value.unit);

/** An addend with its name. */
export const part = (said: Said, working: Working): Working => labelled(working, { said });

/** An addend that a formula gives which is neither a sum nor a product: written out as `formula`. */
export const byFormula = (said: Said, formula: Said, value: number, unit: FigureUnit): Working =>
  sum([relation([], measure(value, unit), formula)], unit, { said });

/** Taken away from the others. */
export const less = (working: Working): Working => product([of(-1, 'times'), working], working.value.unit, { said: working.said });

/** The amount a figure in grams or millilitres shows, for a line. */
export function amountOf({ value, estimate }: Figure): Amount {
  return { ...amount(value.value, value.unit as UnitCode), about: estimate };
}

/** A number without a trailing `.0`. */
export const plain = (value: number, digits = 2): string => showDecimal(exact(Number(value.toFixed(digits))), digits);

/** The value of a figure as a plain number. */
export const numberOf = ({ value }: Figure): number => exact(value.value).valueOf();
