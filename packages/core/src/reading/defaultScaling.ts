import { SHIPPED_BOOK } from '../ingredients';
import { unitOf } from '../quantity';
import type { IngredientLine, Scaling } from '../dish/types';

const PAN_FILM = /\b(?:for|to)\s+(?:the\s+)?(?:pan|tin|greas|brush)/i;
const ONCE = /\bbouquet garni\b/i;

/**
 * How a line scales until a person chooses another: whole pieces are rounded up in each making, strong
 * spices are tapered, a pan's film of oil is taken once, the rest grows in proportion. Packs and bunches can be shared
 * between makings and so grow in proportion; the order rounds them to whole ones.
 */
export function defaultScaling(line: Pick<IngredientLine, 'item' | 'amount' | 'note'>): Scaling {
  if (ONCE.test(line.item) || PAN_FILM.test(line.note)) return { kind: 'onceAMaking' };
  if (!line.amount) return { kind: 'proportional' };
  const unit = unitOf(line.amount.unit);
  if (unit.dimension === 'count') return unit.pack || unit.code === 'bunch' ? { kind: 'proportional' } : { kind: 'wholeEach' };
  if (SHIPPED_BOOK.find(line.item)?.strong) return { kind: 'tapered' };
  return { kind: 'proportional' };
}
