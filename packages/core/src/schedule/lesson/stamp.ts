import type { PlanInstance } from '../planInstance';

/**
 * A short stamp of an instance: plans made from two instances with the same stamp were made from the same.
 *
 * @source FNV-1a in 32 bits, twice with different offsets, over the instance as text
 */
export function stampOf(instance: PlanInstance): string {
  const text = JSON.stringify(instance);
  const hash = (offset: number): string => {
    let value = offset;
    for (let at = 0; at < text.length; at += 1) value = Math.imul(value ^ text.charCodeAt(at), 0x01000193) >>> 0;
    return value.toString(16).padStart(8, '0');
  };
  return hash(0x811c9dc5) + hash(0x01234567);
}
