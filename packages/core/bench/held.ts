import { expect } from 'vitest';

/** Shown beside its limit, and held to it. */
export function held(what: string, value: number, limit: number, unit = 'ms'): void {
  console.log(`${what}: ${value.toFixed(1)} ${unit}, limit ${limit} ${unit}`);
  expect(value, what).toBeLessThanOrEqual(limit);
}

/** Shown beside what is asked for at least, and held to it. */
export function least(what: string, value: number, limit: number, unit: string): void {
  console.log(`${what}: ${value.toFixed(1)} ${unit}, at least ${limit} ${unit}`);
  expect(value, what).toBeGreaterThanOrEqual(limit);
}

export async function took(work: () => unknown): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}

/** The value below which a share of the times lies. */
export const at = (share: number, times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))]!;
