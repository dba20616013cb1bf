import { exact } from '../exact';
import { partOf, SHIPPED_BOOK, type FactBook, type IngredientFact, type FoodKind } from '../ingredients';
import { unitOf } from '../quantity';
import type { IngredientLine, Scaling } from '../dish/types';

const PAN_FILM = /\b(?:for|to)\s+(?:the\s+)?(?:pan|tin|greas|brush)/i;
/** "plus 10 g for the tin": said of what comes on top, not of the line. */
const BESIDES = /\b(?:plus|extra|more|and)\b/i;
const ONCE = /\bbouquet garni\b/i;
/** Broken up before it is given out, so that it can be measured. */
const BROKEN_UP = /\b(?:beaten|whisked|mashed|crushed to a paste|pureed)\b/i;
/**
 * Leaves, slices and the like are small pieces already: nobody cuts a bay leaf in four. A clove or a stalk is cut as its fact says, and so
 * is a leaf of what must not be rounded freely: a whole one of gelatine where half is meant sets twice as hard.
 */
const SMALL: ReadonlySet<string> = new Set(['leaf', 'sprig', 'slice', 'fillet', 'strip', 'disc', 'spear', 'floret', 'wedge']);

const MEATS: ReadonlySet<FoodKind> = new Set(['cattle', 'pig', 'other mammal', 'poultry']);

/** What comes apart by itself: a part of a head of garlic or a bulb of fennel is passed on. */
const COMES_APART: ReadonlySet<string> = new Set(['head', 'bulb']);

/**
 * How a line scales until a person chooses another: pieces as their fact says (whole in each making, shared, or weighed out once broken
 * up), strong spices tapered, a pan's film of oil once, the rest in proportion. Packs and bunches can be shared between makings and so
 * grow in proportion; the order rounds them to whole ones.
 */
export function defaultScaling(
  line: Pick<IngredientLine, 'item' | 'amount' | 'one' | 'note' | 'preparation'>,
  book: FactBook = SHIPPED_BOOK,
): Scaling {
  if (ONCE.test(line.item) || (PAN_FILM.test(line.note) && !BESIDES.test(line.note))) return { kind: 'onceAMaking' };
  if (!line.amount) return { kind: 'proportional' };
  const unit = unitOf(line.amount.unit);
  const fact = book.find(line.item);
  if (unit.dimension === 'count') {
    if (unit.pack || unit.code === 'bunch') return { kind: 'proportional' };
    if (BROKEN_UP.test(line.preparation)) return { kind: 'weighed' };
    const part = partOf(line.item, line.preparation, line.amount.unit, book);
    const small = SMALL.has(unit.code) || (part?.use === 'cut' && !cutAgain(part.whole, book));
    const piece =
      small && !fact?.exacting ? 'whole' : COMES_APART.has(unit.code) || isJointed(line, fact) ? 'shared' : (fact?.piece ?? 'whole');
    return { kind: piece === 'whole' ? 'wholeEach' : piece };
  }
  if (fact?.strong) return { kind: 'tapered' };
  return { kind: 'proportional' };
}

/** Grams from which one piece of meat is for several, and is jointed or carved: a duck, not a quail. Our own. */
const JOINTED = 1000;

function isJointed({ one }: Pick<IngredientLine, 'one'>, fact: IngredientFact | null): boolean {
  if (!fact || !fact.kinds.some((kind) => MEATS.has(kind))) return false;
  const said = one ? exact(one.max).mul(unitOf(one.unit).size) : null;
  const usual = fact.gramsOfOne.find(({ unit, size }) => unit === 'each' && size === '')?.grams;
  return said ? said.compare(JOINTED) >= 0 : usual !== undefined && exact(usual).compare(JOINTED) >= 0;
}

/** Grams above which half of a piece is something on a plate, and not cut again: half a pear, but not half a vanilla pod. Our own. */
const SEASONS = 10;

/** Whether half of one is halved again where a making needs less: what seasons is. */
function cutAgain(whole: string, book: FactBook): boolean {
  const fact = book.find(whole);
  const one = fact?.gramsOfOne.find(({ unit, size }) => unit === 'each' && size === '')?.grams;
  return fact?.piece === 'shared' && one !== undefined && exact(one).compare(SEASONS) <= 0;
}
