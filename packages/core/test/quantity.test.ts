import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  amount,
  ceilTo,
  exact,
  exactText,
  inUnit,
  isExactText,
  isMissingFact,
  itemKey,
  allergensOf,
  NOTHING_SAID,
  roundForOrder,
  SHIPPED_BOOK,
  showAmount,
  showQuantity,
  toGrams,
  UNIT_CODES,
  unitOf,
} from '../src';

const positive = fc.tuple(fc.integer({ min: 1, max: 9999 }), fc.integer({ min: 1, max: 48 })).map(([n, d]) => exact(`${n}/${d}`));

describe('exact amounts', () => {
  it('makes a cup of three thirds', () => {
    const third = exact('1/3');
    expect(showQuantity({ value: third.add(third).add(third), unit: 'cup' })).toBe('1 cup');
    expect(inUnit({ value: third.mul(3), unit: 'cup' }, 'tbsp').value.equals(16)).toBe(true);
  });

  it('shows no floating-point noise', () => {
    expect(showQuantity({ value: exact(0.1).add(exact(0.2)), unit: 'kg' })).toBe('300 g');
    expect(showQuantity({ value: exact('7/3'), unit: 'kg' })).toBe('2.333 kg');
    expect(showAmount(amount('3/2', 'tbsp'))).toBe('1½ tbsp');
  });

  it('keeps the wire form and refuses anything else', () => {
    fc.assert(fc.property(positive, (value) => exact(exactText(value)).equals(value)));
    for (const bad of ['1/0', 'abc', '1e5', '', '1.5', ' 1']) expect(isExactText(bad)).toBe(false);
    expect(() => exact('1/0')).toThrow(RangeError);
    expect(() => exact(Number.NaN)).toThrow(RangeError);
  });

  it('rounds an order up, never down, and by less than one step', () => {
    fc.assert(
      fc.property(positive, fc.constantFrom(...UNIT_CODES), (value, unit) => {
        const { quantity } = roundForOrder({ value, unit });
        const need = unitOf(unit).dimension === 'count' ? value : inUnit({ value, unit }, quantity.unit).value;
        expect(quantity.value.compare(need)).toBeGreaterThanOrEqual(0);
        expect(quantity.value.sub(need).compare(10)).toBeLessThan(0);
      }),
    );
    expect(ceilTo(exact('41/10'), exact(5)).equals(5)).toBe(true);
  });

  it('turns units there and back without loss', () => {
    const pairs = [
      ['oz', 'g'],
      ['cup', 'ml'],
      ['tsp', 'l'],
      ['lb', 'kg'],
    ] as const;
    fc.assert(
      fc.property(positive, fc.constantFrom(...pairs), (value, [from, to]) =>
        inUnit(inUnit({ value, unit: from }, to), from).value.equals(value),
      ),
    );
    expect(() => inUnit({ value: exact(1), unit: 'cup' }, 'g')).toThrow(RangeError);
  });
});

describe('ingredient facts', () => {
  it('meet under one key for singular and plural, not for varieties', () => {
    expect(itemKey('Onions')).toBe(itemKey('onion'));
    expect(itemKey('bay leaves')).toBe(itemKey('bay leaf'));
    expect(itemKey('red onion')).not.toBe(itemKey('onion'));
  });

  it('bridge volume, count and mass, or say what is missing', () => {
    const flour = toGrams('plain flour', { value: exact(1), unit: 'cup' }, NOTHING_SAID);
    expect(!isMissingFact(flour) && flour.quantity.value.valueOf()).toBeCloseTo(127, 0);
    const fennel = toGrams('fennel', { value: exact(4), unit: 'bulb' }, { ...NOTHING_SAID, one: { value: exact(250), unit: 'g' } });
    expect(!isMissingFact(fennel) && fennel.quantity.value.valueOf()).toBe(1000);
    expect(toGrams('moonfruit', { value: exact(1), unit: 'cup' }, NOTHING_SAID)).toMatchObject({ need: 'density' });
  });

  it('find every allergen named in an item and claim nothing of the unknown', () => {
    expect(allergensOf('toasted hazelnuts with butter').allergens).toEqual(['nuts', 'milk']);
    expect(allergensOf('almond milk').allergens).toEqual(['nuts']);
    expect(allergensOf('moonfruit')).toMatchObject({ known: 'not known', allergens: [], mayContain: [], notKnown: ['moonfruit'] });
    expect(SHIPPED_BOOK.find('dry white wine')?.name).toBe('white wine');
  });
});
