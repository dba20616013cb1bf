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

/** Work of a fixed size, by which machines and hours are told apart. */
const work = (): number => {
  const known = new Map<string, Fraction>();
  for (let index = 1; index <= 4000; index += 1) {
    const value = new Fraction(index, (index % 12) + 1).mul(new Fraction(7, 3)).add(1);
    known.set(value.toFraction(), value);
  }
  return known.size;
};

/**
 * Milliseconds of a fixed piece of work of the same sort, in plain fractions: machines and their load differ, and what is asked for
 * is held against this, measured in the same run.
 */
export function reference(): number {
  return medianOf(work, 30);
}

/** Milliseconds that one run takes. */
function once(run: () => unknown): number {
  const begun = performance.now();
  run();
  return performance.now() - begun;
}

/**
 * How many times the reference some work takes: each run is held against one of the reference right beside it, so that an hour in which
 * the machine is slow, or another program that comes and goes, weighs on both. The median of the quotients.
 */
export function timesReference(run: () => unknown, runs: number): number {
  for (let warm = 0; warm < 3; warm += 1) once(run);
  const quotients = Array.from({ length: runs }, () => {
    const before = once(work);
    const own = once(run);
    return own / ((before + once(work)) / 2);
  });
  return quotients.sort((a, b) => a - b)[runs >> 1]!;
}
