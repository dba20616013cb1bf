import type { Fault } from './types';

/**
 * The fault that looks like another of the same technique, and what tells them apart; whichever of the two says so.
 *
 * @param among - faults to look among; of several techniques, where each says of which it is
 */
export function lookAlike<F extends Fault & { readonly technique?: string }>(
  fault: F,
  among: readonly F[],
): { readonly other: F; readonly test: string } | null {
  for (const other of among) {
    if (other === fault || other.technique !== fault.technique) continue;
    const said = fault.looksLike?.fault === other.key ? fault.looksLike : other.looksLike?.fault === fault.key ? other.looksLike : null;
    if (said) return { other, test: said.test };
  }
  return null;
}
