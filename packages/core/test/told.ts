import { expect } from 'vitest';
import { addends, evaluate, exact, exactly, exactText, sum, type Figure } from '../src';

/** What adds up to a figure does, and every operation gives the value that stands beside it. */
export function expectHonest(figure: Figure): void {
  const total = sum(addends(figure).map(({ value }) => exact(value.value)));
  expect(exactText(total)).toBe(exactText(exactly(figure)));
  const evaluated = evaluate(figure.working);
  expect(evaluated && exactText(evaluated)).toBe(figure.value.value);
}
