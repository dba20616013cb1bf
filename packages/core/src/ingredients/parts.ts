import { exact, type Exact } from '../exact';
import type { FactBook } from './factBook';
import { isCountable } from './lookup';
import { unitOf, type UnitCode } from '../quantity';
import { remembered } from '../remembered';
import { plain } from '../text';

/** What is taken of a whole piece: yolks and whites of eggs, juice, zest, wedges and slices of a fruit. */
export interface PartOfWhole {
  /** The ingredient that is bought. */
  readonly whole: string;
  /** Parts of different use come from one piece; `flesh` uses it up, and so do pieces cut of it. */
  readonly use: 'yolk' | 'white' | 'juice' | 'zest' | 'juice and zest' | 'flesh' | 'cut';
  /** How many pieces one unit of the line takes. */
  readonly pieces: Exact;
  /** What it is cut in, where it is. */
  readonly cut?: Cut;
}

type Cut = 'wedge' | 'slice' | 'half' | 'third' | 'quarter' | 'eighth';

/** Parts that are the same share of whatever is cut. */
const SHARES: Readonly<Partial<Record<Cut, number>>> = { half: 2, third: 3, quarter: 4, eighth: 8 };

/**
 * What one fruit gives.
 * @source USDA FoodData Central, household measures: juice of one lemon 48 g, of one lime 44 g of which a hand press gets 30,
 *   of one orange 86 g; one tablespoon of grated peel 6 g. Rounded; estimates.
 */
const FRUIT: Readonly<Record<string, { readonly juice: string; readonly zest: string }>> = {
  lemon: { juice: '45', zest: '6' },
  lime: { juice: '30', zest: '4' },
  orange: { juice: '85', zest: '10' },
};

/**
 * How many pieces a fruit is cut in.
 * @source kitchen practice: six wedges of a lemon or lime, eight of an orange, ends left out of six slices; estimates, on the small side.
 */
const CUT_IN: Readonly<Record<string, Readonly<Partial<Record<Cut, number>>>>> = {
  lemon: { wedge: 6, slice: 6 },
  lime: { wedge: 6, slice: 6 },
  orange: { wedge: 8, slice: 6 },
};
/** Sold in halves as it is: shelled nuts, and what is dried or comes in tins. */
const SOLD_IN_HALVES = /\b(?:dried|tinned|canned|candied|glace|semi dried|sun dried|roasted)\b/;

/** What of a whole a use leaves over, in the trade's words. */
export const LEFT_BY: Readonly<Partial<Record<PartOfWhole['use'], string>>> = { yolk: 'egg white', white: 'egg yolk' };

interface PartName {
  readonly whole: string;
  readonly use: 'yolk' | 'white' | 'juice' | 'zest' | 'fruit' | 'cut';
  readonly cut?: Cut;
}

/** What a name says of a part; most names say nothing, and come again and again. */
const partNamed = remembered((item: string): PartName | null => {
  const name = plain(item);
  const egg = /^egg (yolk|white)s?$|^(yolk)s?$/.exec(name);
  if (egg) return { whole: 'egg', use: (egg[1] ?? egg[2]) as 'yolk' | 'white' };
  const pressed = /^(lemon|lime|orange) (juice|zest)$/.exec(name);
  if (pressed) return { whole: pressed[1]!, use: pressed[2] as 'juice' | 'zest' };
  const sliced = /^(?:unwaxed )?(lemon|lime|orange) (wedge|slice)s?$/.exec(name);
  if (sliced) return { whole: sliced[1]!, use: 'cut', cut: sliced[2] as Cut };
  const cut =
    /^(?:unwaxed )?(.{3,40}) (half|halve|third|quarter|eighth)s?$/.exec(name) ?? /^(?:unwaxed )?(half) (?!a )(.{3,40})$/.exec(name);
  if (cut) {
    const [whole, share] = cut[1] === 'half' ? [cut[2]!, 'half'] : [cut[1]!, cut[2]!.replace('halve', 'half')];
    return { whole: whole.replace(/^(lemon|lime|orange)s$/, '$1'), use: 'cut', cut: share as Cut };
  }
  const fruit = /^(?:unwaxed )?(lemon|lime|orange)s?$/.exec(name);
  return fruit ? { whole: fruit[1]!, use: 'fruit' } : null;
});

/**
 * The ingredient that is bought for a line of some item and preparation, counted in pieces; null where it is bought as it stands.
 *
 * @example partOf('egg yolks', '', 'each', SHIPPED_BOOK)?.whole // 'egg'
 */
export function partOf(item: string, preparation: string, unit: UnitCode, book: FactBook): PartOfWhole | null {
  const named = partNamed(item);
  if (!named) return null;
  const { whole, use } = named;
  const { dimension, size } = unitOf(unit);
  const cut = use === 'fruit' && (unit === 'wedge' || unit === 'slice') ? unit : unit === 'each' ? named.cut : undefined;
  if (cut) {
    const parts = SHARES[cut] ?? CUT_IN[whole]?.[cut];
    return parts !== undefined && (whole in CUT_IN || isCutWhole(whole, book))
      ? { whole, use: 'cut', cut, pieces: exact(1).div(parts) }
      : null;
  }
  if (use === 'cut') return null;
  if (use === 'fruit') {
    if (unit !== 'each') return null;
    const done = plain(preparation);
    const [juice, zest] = [/\bjuice|squeezed/.test(done), /\bzest|rind|peel grated|grated peel/.test(done)];
    return { whole, use: juice && zest ? 'juice and zest' : juice ? 'juice' : zest ? 'zest' : 'flesh', pieces: exact(1) };
  }
  if (dimension === 'count') return { whole, use, pieces: exact(1) };
  if (use === 'yolk' || use === 'white') {
    const fact = book.named(`egg ${use}`);
    const one = fact?.gramsOfOne.find((entry) => entry.unit === 'each' && entry.size === '');
    if (!fact?.density || !one) return null;
    const grams = dimension === 'mass' ? size : size.mul(exact(fact.density));
    return { whole, use, pieces: grams.div(exact(one.grams)) };
  }
  // A gram of juice is a millilitre, near enough for counting fruit; zest is not measured by volume.
  if (use === 'zest' && dimension !== 'mass') return null;
  return { whole, use, pieces: size.div(exact(FRUIT[whole]![use])) };
}

/** Whether halves and quarters of it are cut from a whole one that is bought: a fruit or a vegetable, fresh, counted in pieces. */
function isCutWhole(name: string, book: FactBook): boolean {
  const fact = SOLD_IN_HALVES.test(name) ? null : book.find(name);
  return fact !== null && fact.kinds.includes('plant') && !fact.label && !fact.allergens.includes('nuts') && isCountable(name, book);
}

/** Pieces that several uses of one making take together: what can come from one piece comes from one. */
export function piecesFor(uses: readonly { readonly use: PartOfWhole['use']; readonly pieces: Exact }[]): Exact {
  const of = (...wanted: readonly PartOfWhole['use'][]) =>
    uses.filter(({ use }) => wanted.includes(use)).reduce((all, { pieces }) => all.add(pieces), exact(0));
  const [a, b] = [of('yolk', 'juice', 'juice and zest'), of('white', 'zest', 'juice and zest')];
  return of('flesh', 'cut').add(a.compare(b) >= 0 ? a : b);
}
