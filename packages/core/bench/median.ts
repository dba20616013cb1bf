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
