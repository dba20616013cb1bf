import { describe, expect, it } from 'vitest';
import { shortened } from '../src';

describe('text that is shortened', () => {
  it.each([
    ['Bake for 18 minutes.', 40, 'Bake for 18 minutes.'],
    ['Warm milk, cream and vanilla; cook a custard with yolks', 30, 'Warm milk, cream and vanilla…'],
    ['Whisk, fold in, and so on', 9, 'Whisk…'],
    ['Unbrokenwordthatgoesonandon', 10, 'Unbrokenw…'],
    ['', 5, ''],
  ])('cuts %j to %i characters after a whole word', (text, most, short) => {
    expect(shortened(text, most)).toBe(short);
    expect(shortened(text, most).length).toBeLessThanOrEqual(most);
  });
});
