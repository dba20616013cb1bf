import { exact, exactText } from '../exact';
import { holds, type Doubt } from '../dish/doubts';
import type { IngredientLine } from '../dish/types';
import { showAmount, type UnitCode } from '../quantity';
import { readAmount } from './readAmount';
import { readLine } from './readLine';

/** One answer to a question of reading, and the line it makes. */
export interface LineAnswer<L> {
  /** What is touched. */
  readonly label: string;
  readonly line: L;
}

type Readable = Omit<IngredientLine, 'id'>;

/** The line with a doubt settled, and its certainty by what is left of them. */
function without<L extends Readable>(line: L, doubt: Doubt, change: Partial<Readable> = {}): L {
  const doubts = line.doubts.filter((each) => each !== doubt);
  const next = { ...line, ...change, doubts };
  const open = !next.item || (!next.amount && next.scaling.kind !== 'toTaste' && next.scaling.kind !== 'percentOf') || doubts.some(holds);
  return { ...next, certainty: open ? 'held' : doubts.length > 0 ? 'doubtful' : 'sure' };
}

/** The amount and the name that a text means, as those of the line. */
function readAs(line: Readable, text: string): Partial<Readable> {
  const read = readLine(text);
  return { amount: read.amount ?? line.amount, item: read.item || line.item };
}

/** What a word that measures by eye may hold: a spoon, a mug of 300 ml, a glass of 150 or 200; our own working figures. */
function likelyUnits(word: string): readonly { readonly unit: UnitCode; readonly each: number }[] {
  const of = (unit: UnitCode, each = 1) => ({ unit, each });
  if (/spoon/i.test(word)) return [of('tbsp'), of('tsp')];
  if (/mug/i.test(word)) return [of('ml', 300), of('cup')];
  if (/glass/i.test(word)) return [of('ml', 150), of('ml', 200)];
  if (/ladle/i.test(word)) return [of('ml', 100), of('ml', 150)];
  if (/square|slab|row|lump|blob|dollop/i.test(word)) return [of('knob'), of('packet')];
  return [of('tbsp'), of('splash'), of('packet')];
}

/**
 * What a question of reading can be answered with: which digit, which unit, which of two things. Each answer says what it makes of the
 * line. Questions of fact (what one weighs) and those that only a person can word have none.
 *
 * @example answersTo(readLine('2 carrots or parsnips'), doubt).map(({ label }) => label) // ['2 carrots', '2 parsnips']
 */
export function answersTo<L extends Readable>(line: L, doubt: Doubt): readonly LineAnswer<L>[] {
  const named = (change: Partial<Readable>): LineAnswer<L> => {
    const next = without(line, doubt, change);
    return { label: [next.amount ? showAmount(next.amount) : '', next.item].filter(Boolean).join(' '), line: next };
  };
  const { amount } = line;
  switch (doubt.code) {
    case 'which-comma': {
      if (!amount) return [];
      const thousandth = (value: string) => exactText(exact(value).div(1000));
      return [named({}), named({ amount: { ...amount, min: thousandth(amount.min), max: thousandth(amount.max) } })];
    }
    case 'which-item': {
      const other = doubt.other.replace(/,.*$/, '').trim();
      const note = line.note.replace(`or ${doubt.other}`, '').replace(/^; |; $/g, '');
      return [named({ note }), named({ item: other, note })];
    }
    case 'which-amount':
      return [named({}), named({ ...readAs(line, doubt.other), note: line.note.replace(`or ${doubt.other}`, '').replace(/^; |; $/g, '') })];
    case 'second-amount': {
      const more = readAmount(doubt.amount);
      const note = line.note.replace(`plus ${doubt.amount}`, '').replace(/^; |; $/g, '');
      if (!amount || !more || more.amount.unit !== amount.unit) return [named({})];
      const add = (a: string, b: string) => exactText(exact(a).add(exact(b)));
      return [
        named({ amount: { ...amount, min: add(amount.min, more.amount.min), max: add(amount.max, more.amount.max) }, note }),
        named({}),
      ];
    }
    case 'not-counted':
      return amount ? (['g', 'ml', 'each'] as const).map((unit) => named({ amount: { ...amount, unit } })) : [];
    case 'unknown-unit': {
      // "3 glugs olive oil": the word belongs to the name, or it is a unit of which something is known.
      const rest = line.item.replace(new RegExp(`^${doubt.word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}\\s+(?:of\\s+)?`), '');
      if (!amount || rest === line.item) return [];
      return [
        ...likelyUnits(doubt.word).map(({ unit, each }) => {
          const of = (value: string) => exactText(exact(value).mul(each));
          return named({ amount: { min: of(amount.min), max: of(amount.max), unit, about: true }, item: rest });
        }),
        { ...named({}), label: `${doubt.word} is part of the name` },
      ];
    }
    case 'dash-or-minus':
    case 'scanned':
    case 'amounts-disagree':
    case 'very-large':
    case 'left-over':
    case 'told-in-step':
    case 'several-items':
      return [{ ...named({}), label: `Yes: ${named({}).label}` }];
    default:
      return [];
  }
}
