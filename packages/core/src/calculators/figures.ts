import { exact, exactText, roundTo, showDecimal, type Exact } from '../exact';
import type { Figure, Part } from '../figure';
import { amount, kitchenStep, showQuantity, type Amount, type UnitCode } from '../quantity';

interface PartOf {
  readonly from: string;
  readonly how: string;
  readonly value: number;
}

interface FigureOf {
  readonly label: string;
  readonly unit: UnitCode | null;
  /** Written after the number where `unit` is null: `mm`, `°`, `pieces`. */
  readonly suffix?: string;
  readonly places?: number;
  /** What adds up to the value. */
  readonly parts: readonly PartOf[];
  readonly estimate?: boolean;
  readonly notes?: readonly string[];
}

/** A figure from parts that add up to it; grams and millilitres come out in the steps a kitchen weighs in. */
export function figureOf({ label, unit, suffix = '', places = 1, parts, estimate = false, notes = [] }: FigureOf): Figure {
  const values = parts.map(({ value }) => exact(value));
  const total = values.reduce((sum, value) => sum.add(value), exact(0));
  const step = unit === 'g' || unit === 'ml' ? kitchenStep(total) : null;
  const value = step ? roundTo(total, step) : total;
  const shownOf = (each: Exact, digits: number) => {
    const said = unit
      ? showQuantity({ value: exact(Number(each.valueOf().toFixed(digits + 1))), unit })
      : `${showDecimal(each, digits)}${suffix}`;
    // What is taken away carries a minus sign, not a hyphen.
    return said.replace(/^-/, '−');
  };
  const shownParts = parts.map((part, index): Part => ({
    from: part.from,
    how: part.how,
    value: exactText(values[index]!),
    shown: shownOf(values[index]!, places),
  }));
  return {
    label,
    shown: shownOf(value, places),
    exact: exactText(total),
    value: exactText(value),
    unit,
    parts: shownParts,
    rounding: step && !value.equals(total) ? `${showDecimal(total, 2)} ${unit} to the nearest ${showDecimal(step, 1)} ${unit}` : null,
    estimate,
    notes,
  };
}

/** The amount a figure in grams or millilitres shows, for a line. */
export function amountOf(figure: Figure): Amount {
  return { ...amount(figure.value, figure.unit ?? 'g'), about: figure.estimate };
}

/** A number without a trailing `.0`. */
export const plain = (value: number, digits = 2): string => showDecimal(exact(Number(value.toFixed(digits))), digits);
