const minutes = (count: number) => `${count} ${count === 1 ? 'minute' : 'minutes'}`;
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
interface Pair {
  readonly step: string;
  readonly before: string;
}

/** What does not hold in a plan of time. */
export const TIME_IN_ENGLISH = {
  'time.not-placed': ({ count, first }: { count: number; first: string }) =>
    count === 1 ? `${first} has no place in the plan yet.` : `${count} steps have no place in the plan yet; the first is ${first}.`,
  'time.outside': ({ step }: { step: string }) => `${step} lies outside the lesson.`,
  'time.too-early': ({ step, by }: { step: string; by: number }) => `${step} begins ${minutes(by)} too early.`,
  'time.too-late': ({ step, by }: { step: string; by: number }) => `${step} ends ${minutes(by)} too late.`,
  'time.not-at-pin': ({ step }: { step: string }) => `${step} is pinned to another minute.`,
  'time.before-done': ({ step, before }: Pair) => `${step} begins before ${before} is done.`,
  'time.wait-short': ({ step, before, is, least }: Pair & { is: number; least: number }) =>
    `${step} comes ${minutes(is)} after ${before}; it has to wait ${least}.`,
  'time.wait-long': ({ step, before, is, most }: Pair & { is: number; most: number }) =>
    `${step} comes ${minutes(is)} after ${before}; it may wait ${most}.`,
  'time.not-there': ({ step, thing }: { step: string; thing: string }) => `${step} is planned with ${thing}, which it cannot have.`,
  'time.not-so-hot': ({ step, thing, celsius }: { step: string; thing: string; celsius: number }) =>
    `${step} wants ${celsius} °C, and ${thing} does not reach it.`,
  'time.too-many': ({ thing, wanted, has, steps }: { thing: string; wanted: number; has: number; steps: readonly string[] }) =>
    `${capital(thing)}: ${wanted} wanted at once, ${has} there. ${steps.slice(0, 4).join('; ')}${steps.length > 4 ? `; and ${steps.length - 4} more` : ''}.`,
  'time.two-heats': ({
    thing,
    first,
    second,
    celsius,
    other,
  }: {
    thing: string;
    first: string;
    second: string;
    celsius: number;
    other: number;
  }) => `${capital(thing)} would be at ${celsius} and ${other} °C at once: ${first}; ${second}.`,
  'time.no-change': ({ thing, first, second, gap, needs }: { thing: string; first: string; second: string; gap: number; needs: number }) =>
    `${capital(thing)} has ${minutes(gap)} to change its heat and needs ${needs}: ${first}; ${second}.`,
} as const;
