import Fraction from 'fraction.js';

/** Median milliseconds of one run, over enough runs to settle. */
export function medianOf(run: () => unknown, runs = 200): number {
  for (let warm = 0; warm < 20; warm += 1) run();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)]!;
}

export const ms = (value: number): string => `${value.toFixed(3)} ms`;

/**
 * Milliseconds of a fixed piece of work of the same sort, in plain fractions: machines and their load differ, and what is asked for
 * is held against this, measured in the same run.
 */
export function reference(): number {
  const run = () => {
    const known = new Map<string, Fraction>();
    for (let index = 1; index <= 4000; index += 1) {
      const value = new Fraction(index, (index % 12) + 1).mul(new Fraction(7, 3)).add(1);
      known.set(value.toFraction(), value);
    }
    return known.size;
  };
  return medianOf(run, 30);
}
