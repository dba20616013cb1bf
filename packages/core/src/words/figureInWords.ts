import { exact, showDecimal, showFraction } from '../exact';
import { addends, isKitchenUnit, isLast, showMeasure, type Figure, type Measure, type Reference, type Working } from '../figure';
import { HOUSE_PREFERENCES, type Preferences } from '../preferences';
import { RUBRIC_STRAND_NAMES, type RubricStrand } from '../rubric/types';
import { words } from './index';

/** One thing that adds up to a figure, in words. */
export interface RowInWords {
  readonly from: string;
  readonly how: string;
  readonly shown: string;
  /** Where one can go on to: a line, a component, a fact. */
  readonly reference: Reference | null;
}

/** A figure in a person's words and units. */
export interface FigureInWords {
  readonly label: string;
  readonly shown: string;
  readonly rows: readonly RowInWords[];
  /** What rounding and caps did; null when nothing. */
  readonly rounding: string | null;
  readonly notes: readonly string[];
  readonly estimate: boolean;
}

/** A row of the working in one line; what is added up over several lines comes from none of them. */
export const rowInLine = ({ from, how, shown }: RowInWords): string => `${from ? `${from}: ` : ''}${how} = ${shown}`;

/** A figure with its working, in words, for a person's preferences: the one place in which a figure becomes text. */
export function figureInWords(figure: Figure, preferences: Preferences = HOUSE_PREFERENCES): FigureInWords {
  const speak = speaker(preferences);
  return {
    label: speak.say(figure.label),
    shown: figure.told ? speak.say(figure.told) : speak.show(figure.value),
    rows: addends(figure).map((part) => rowOf(part, speak)),
    rounding: roundingsOf(figure.working, speak).join('; ') || null,
    notes: figure.notes.map(speak.say),
    estimate: figure.estimate,
  };
}

interface Speaks {
  readonly show: (value: Measure) => string;
  readonly say: (said: Parameters<typeof words>[0]) => string;
}

const speaker = (preferences: Preferences): Speaks => ({
  show: (value) => showMeasure(value, preferences),
  say: (said) => words(said, preferences),
});

export function referenceInWords(reference: Reference): string {
  switch (reference.kind) {
    case 'line':
      return [reference.dish, reference.component, reference.written].filter(Boolean).join(', ');
    case 'component':
      return reference.name || words({ code: 'main-list' });
    case 'criterion':
      return `${RUBRIC_STRAND_NAMES[reference.strand as RubricStrand]}, ${reference.name}${reference.critical ? ', critical' : ''}`;
    case 'fact':
      return reference.item;
    case 'limit':
      return reference.key;
    case 'person':
      return reference.name;
  }
}

/** An addend: where it comes from, the expression that gives it, what it adds. */
function rowOf(part: Working, speak: Speaks): RowInWords {
  const { from, said, by } = part;
  const bare = { ...part, from: undefined, said: part.op === 'relation' ? said : undefined, by: undefined } as Working;
  const expression = express(bare, speak);
  const reached = expression === speak.show(part.value) && part.op === 'given' ? '' : expression;
  const label = said && part.op !== 'relation' ? speak.say(said) : '';
  const how = from
    ? [label, reached].filter(Boolean).join(': ') + (by ? ` (${speak.say(by)})` : '')
    : `${reached}${by ? ` (${speak.say(by)})` : ''}`;
  return {
    from: from ? referenceInWords(from) : label,
    how: how.trim(),
    shown: speak.show(part.value),
    reference: from ?? null,
  };
}

const COMPOUND: ReadonlySet<Working['op']> = new Set(['sum', 'difference', 'quotient', 'rounding']);

/** A working written out: `6 × (7 × ⅕ = 1.4, so 2 whole)`. What has a name of its own inside is shown by it. */
function express(working: Working, speak: Speaks): string {
  const { said, value } = working;
  if (working.op === 'given') return said ? `${speak.show(value)} ${speak.say(said)}` : speak.show(value);
  if (working.op === 'relation') return speak.say(said!);
  if (said && working.op !== 'conversion') return `${shortly(value, speak)} ${speak.say(said)}`;
  const inside = (part: Working) => (COMPOUND.has(part.op) && !part.said ? `(${express(part, speak)})` : express(part, speak));
  switch (working.op) {
    case 'sum':
      return working.of.map((part) => express(part, speak)).join(' + ');
    case 'difference':
      return `${express(working.of[0]!, speak)} − ${inside(working.of[1]!)}`;
    case 'product': {
      // Once is not worth saying.
      const of = working.of.filter((part) => !(part.value.unit === 'making' && part.value.value === '1'));
      const [first, ...rest] = of;
      if (first?.value.unit === 'percent' && first.op === 'given') return `${inside(first)} of ${rest.map(inside).join(' × ')}`;
      return of.map((part) => (of.length > 1 ? insideProduct(part, speak) : express(part, speak))).join(' × ');
    }
    case 'quotient':
      return `${inside(working.of[0]!)} ÷ ${inside(working.of[1]!)}`;
    case 'least':
    case 'greatest':
      return `${working.op} of ${working.of.map((part) => express(part, speak)).join(', ')}`;
    case 'rounding': {
      const [of] = working.of;
      const count = isKitchenUnit(value.unit) || value.unit === 'load' || value.unit === 'plate';
      const whole = shortly(value, speak);
      if (of.value.value === value.value) return `${express(of, speak)}${count ? ` = ${whole}, whole` : ''}`;
      return `${express(of, speak)} = ${showDecimal(exact(of.value.value))}, so ${whole}${working.way === 'nearest' ? '' : ' whole'}`;
    }
    case 'conversion':
      return said ? `${express(working.of[0], speak)} (${speak.show(value)} ${speak.say(said)})` : express(working.of[0], speak);
    case 'choice':
      return express(working.of[0], speak);
  }
}

/** A making of several factors stands in brackets: `6 × (7 × ⅕)`. */
function insideProduct(part: Working, speak: Speaks): string {
  const compound = (COMPOUND.has(part.op) || part.op === 'product' || part.op === 'conversion') && !part.said;
  return compound ? `(${express(part, speak)})` : express(part, speak);
}

/** A whole number of a counted thing, without its unit where that is only "each". */
const shortly = (value: Measure, speak: Speaks): string =>
  value.unit === 'times' || value.unit === 'plate' ? showFraction(exact(value.value), 4) : speak.show(value);

/** What rounding, caps and choices did to the sum, outermost last. */
function roundingsOf(working: Working, speak: Speaks): readonly string[] {
  if (!isLast(working)) return [];
  const of = working.of[0]!;
  const inner = roundingsOf(of, speak);
  if (working.op !== 'rounding')
    return working.said && working.value.value !== of.value.value ? [...inner, speak.say(working.said)] : inner;
  if (of.value.value === working.value.value) return inner;
  return [...inner, roundingInWords(of.value, working, speak)];
}

function roundingInWords(from: Measure, to: Working & { readonly op: 'rounding' }, speak: Speaks): string {
  const { unit } = to.value;
  const before = isKitchenUnit(unit)
    ? `${showDecimal(exact(from.value), 3)} ${unit === 'each' ? '' : speak.show({ value: '2', unit }).replace(/^\S+ ?/, '')}`.trim()
    : showDecimal(exact(from.value), 2);
  if (unit === 'point') return `${before} rounded to ${showDecimal(exact(to.value.value), 0)}`;
  if (to.way === 'up')
    return to.step.value === '1' ? `${before} rounded up to whole ones` : `${before} rounded up to the next ${speak.show(to.step)}`;
  return `${before} rounded ${to.way === 'down' ? 'down to' : 'to the nearest'} ${speak.show(to.step)}`;
}

/** The value of a figure alone, as it stands on a screen. */
export function shownOf(figure: Figure, preferences: Preferences = HOUSE_PREFERENCES): string {
  return figure.told ? words(figure.told, preferences) : showMeasure(figure.value, preferences);
}
