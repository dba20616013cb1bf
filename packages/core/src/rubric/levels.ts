export const LEVELS = [1, 2, 3, 4] as const;
export type Level = (typeof LEVELS)[number];

/** The names of the four levels, weakest first. */
export const LEVEL_NAMES: Readonly<Record<Level, string>> = { 1: 'Not yet', 2: 'Nearly', 3: 'Secure', 4: 'Assured' };

/** The level at which a criterion is passed in a new rubric. */
export const PASS_LEVEL: Level = 3;
