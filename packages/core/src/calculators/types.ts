import type { CutSet } from '../cuts';
import type { OwnDoneness } from '../doneness';
import type { Drawing } from '../drawing';
import type { Figure } from '../figure';
import type { PracticeChoices } from '../practice';
import type { LocalRules, RuleKey, Verdict } from '../rules';
import type { Refused, Said } from '../words';
import type { CarriedLine, CarriedStep } from './carry';

export interface NumberInput {
  readonly kind: 'number';
  readonly key: string;
  readonly label: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  /** Undefined for an input that may stay empty. */
  readonly initial?: number;
  readonly hint?: string;
}

export interface ChoiceInput {
  readonly kind: 'choice';
  readonly key: string;
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly initial: string;
}

export type CalculatorInput = NumberInput | ChoiceInput;

/** What a calculator goes by besides its inputs. */
export interface CalculatorContext {
  readonly practices: PracticeChoices;
  readonly rules: LocalRules;
  readonly cutSet: CutSet | null;
  /** The school's own bands of doneness. */
  readonly doneness?: OwnDoneness;
  /** The words of the card on which it stands, so that it opens on what the card is about. */
  readonly about?: string;
}

/** Inputs as given: numbers by key, choices by key; a number left out is absent. */
export interface Given {
  readonly number: (key: string) => number;
  readonly optional: (key: string) => number | null;
  readonly choice: (key: string) => string;
}

export interface Answer {
  readonly kind: 'answer';
  /** The figures, the one asked for first; each opens to its working. */
  readonly figures: readonly Figure[];
  /** Up to where the answer can be believed. */
  readonly limits: readonly string[];
  readonly sources: readonly string[];
  /** Where food or hands can be hurt. */
  readonly cautions: readonly Said[];
  /** Local rules that hold here. */
  readonly rules: readonly RuleKey[];
  readonly verdicts?: readonly Verdict[];
  /** Which practice decided, or that nobody has chosen one. */
  readonly practice?: Said;
  readonly drawing?: Drawing;
  /** What can be carried into a dish. */
  readonly lines: readonly CarriedLine[];
  readonly step: CarriedStep | null;
}

export interface Refusal extends Refused {
  readonly kind: 'refused';
  readonly field: string;
}

export type Calculation = Answer | Refusal;

export interface Calculator {
  readonly name: string;
  /** What it answers, as a question. */
  readonly asks: string;
  readonly inputs: (context: CalculatorContext) => readonly CalculatorInput[];
  readonly compute: (given: Given, context: CalculatorContext) => Calculation;
}

export function refuse(field: string, problem: Said, remedy: Said): Refusal {
  return { kind: 'refused', field, problem, remedy };
}

/** An answer with what is seldom there left out. */
export function answer(parts: Partial<Omit<Answer, 'kind'>> & Pick<Answer, 'figures' | 'limits' | 'sources'>): Answer {
  return { kind: 'answer', cautions: [], rules: [], lines: [], step: null, ...parts };
}

export const number = (
  key: string,
  label: string,
  unit: string,
  [min, max, initial]: readonly [number, number, number?],
  hint?: string,
): NumberInput => ({
  kind: 'number',
  key,
  label,
  unit,
  min,
  max,
  ...(initial === undefined ? {} : { initial }),
  ...(hint ? { hint } : {}),
});

export const choice = (key: string, label: string, options: Readonly<Record<string, string>>, initial: string): ChoiceInput => ({
  kind: 'choice',
  key,
  label,
  initial,
  options: Object.entries(options).map(([value, text]) => ({ value, label: text })),
});
