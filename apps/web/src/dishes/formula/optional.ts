import { exact, exactText, fromDecimal, showDecimal, typedValue, type ExactText } from '@pelvo/core';

/** A percentage typed by hand as an exact fraction: `85` is 17/20. Null when it is not above 0 and at most `most` times the whole. */
export function parsePercent(text: string, most = 1): ExactText | null {
  const value = typedValue(text.replace('%', ''));
  if (!text.trim() || !Number.isFinite(value) || value <= 0 || value > 100 * most) return null;
  return exactText(fromDecimal(value, 4).div(100));
}

export const percentText = (fraction: ExactText): string => showDecimal(exact(fraction).mul(100));

/** A whole number typed by hand; null for an empty box. */
export function parseWhole(text: string): number | null {
  const digits = text.replace(/\D/g, '').slice(0, 6);
  return digits ? Number(digits) : null;
}
