import { doneness } from './doneness';
import { gel } from './gel';
import { grain } from './grain';
import { sheet } from './sheet';
import type { CalculatorKey } from './keys';
import { clarify, coating, level, smoke } from './liquids';
import { angle, pieces, spine } from './knife';
import { layers, pickle } from './preserve';
import { cooling, resting } from './meat';
import { brine, cure, syrup } from './salt';
import { boiling, seasoning } from './seasoning';
import { puree, reduction, thickening } from './sauces';
import { exact, showDecimal } from '../exact';
import { readTyped } from '../quantity';
import type { Said } from '../words';
import { refuse, type Calculation, type Calculator, type CalculatorContext } from './types';

export { carryInto, type Carried, type CarriedLine, type CarriedStep } from './carry';
export { piecesOfSheet } from './sheet';
export { CALCULATOR_KEYS, type CalculatorKey } from './keys';
export type { Answer, Calculation, Calculator, CalculatorContext, CalculatorInput, NumberInput, Refusal } from './types';

export const CALCULATORS: Readonly<Record<CalculatorKey, Calculator>> = {
  spine,
  pieces,
  boiling,
  seasoning,
  brine,
  cure,
  syrup,
  reduction,
  gel,
  puree,
  thickening,
  grain,
  sheet,
  resting,
  cooling,
  doneness,
  angle,
  pickle,
  layers,
  clarify,
  coating,
  level,
  smoke,
};

const shownNumber = (value: string) => showDecimal(exact(value), 3);

/** What is typed or chosen, by the key of its input; empty text for nothing. */
export type CalculatorValues = Readonly<Record<string, string>>;

/** The values a calculator starts with. */
export function initialValues(key: CalculatorKey, context: CalculatorContext): CalculatorValues {
  return Object.fromEntries(
    CALCULATORS[key].inputs(context).map((input) => [input.key, input.initial === undefined ? '' : String(input.initial)]),
  );
}

/**
 * Answers what a card computes, from what was typed.
 *
 * @returns the answer, or which field is wrong and what to do about it; it never throws for anything typed
 * @example calculate('brine', { way: 'water', water: '2000', percent: '5', food: '0', sugar: '0' }, context)
 */
export function calculate(key: CalculatorKey, values: CalculatorValues, context: CalculatorContext): Calculation {
  const calculator = CALCULATORS[key];
  const numbers = new Map<string, number | null>();
  const choices = new Map<string, string>();
  for (const input of calculator.inputs(context)) {
    const text = (values[input.key] ?? '').trim();
    if (input.kind === 'choice') {
      choices.set(input.key, input.options.some(({ value }) => value === text) ? text : input.initial);
      continue;
    }
    if (!text && input.initial === undefined) {
      numbers.set(input.key, null);
      continue;
    }
    const { label, min, max, unit } = input;
    const refused = (problem: Said): Calculation => refuse(input.key, problem, { code: 'do.give-between', least: min, most: max, unit });
    if (!text) return refused({ code: 'no.missing', label });
    const read = readTyped(text);
    if (read.kind === 'either')
      return refuse(
        input.key,
        { code: 'no.could-be-either', typed: text, one: shownNumber(read.values[0]), other: shownNumber(read.values[1]) },
        { code: 'do.without-thousands' },
      );
    const value = read.kind === 'number' ? read.value.valueOf() : NaN;
    if (!Number.isFinite(value)) return refused({ code: 'no.not-a-number', label, typed: text.slice(0, 30) });
    if (value < min || value > max) return refused({ code: 'no.outside', label, typed: text });
    numbers.set(input.key, value);
  }
  return calculator.compute(
    {
      number: (name) => numbers.get(name) ?? 0,
      optional: (name) => numbers.get(name) ?? null,
      choice: (name) => choices.get(name) ?? '',
    },
    context,
  );
}
