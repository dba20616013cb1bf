import { readAmount, showAmount, type Amount, type UnitCode } from '@pelvo/core';

/**
 * An amount typed by hand: `3`, `1 1/2`, `150-200`, `200 ml`. A unit typed along wins over the chosen one.
 *
 * @returns null when it is not an amount
 */
export function parseAmount(text: string, unit: UnitCode): Amount | null {
  const read = readAmount(text.trim());
  if (!read || read.rest.trim() || read.amount.max === '0') return null;
  return { ...read.amount, unit: read.unitWritten ? read.amount.unit : unit };
}

/** The amount as it can be typed again, without its unit. */
export function amountText(amount: Amount | null): string {
  if (!amount) return '';
  return amount.min === amount.max ? plain(amount.max) : `${plain(amount.min)}-${plain(amount.max)}`;
}

function plain(value: string): string {
  return showAmount({ min: value, max: value, unit: 'each', about: false });
}
