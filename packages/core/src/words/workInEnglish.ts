const minutes = (count: number) => `${count} ${count === 1 ? 'minute' : 'minutes'}`;
const hours = (count: number) => `${count} ${count === 1 ? 'hour' : 'hours'}`;

/** What is asked about the work of a dish. */
export const WORK_IN_ENGLISH = {
  'work.no-minutes': (said: { minutes: number }) => `How long does it take? Nothing is said; ${minutes(said.minutes)} is a guess.`,
  'work.long-at-it': (said: { minutes: number }) =>
    `Are hands really busy for ${minutes(said.minutes)} on end, or does it go on by itself?`,
  'work.novice-faster': ({ novice, practised }: { novice: number; practised: number }) =>
    `A novice in ${minutes(novice)}, a practised hand in ${practised}: is it the other way round?`,
  'work.novice-slow': ({ novice, practised }: { novice: number; practised: number }) =>
    `Does a novice really take ${minutes(novice)} where a practised hand takes ${practised}?`,
  'work.odd-heat': ({ celsius }: { celsius: number }) => `An oven at ${celsius} °C: is that meant?`,
  'work.best-outside': ({ best, from, to }: { best: number; from: number; to: number }) =>
    `The best heat is ${best} °C, and right is ${from} to ${to}: which is it?`,
  'work.hotter-slower': () => 'It takes longer at the higher heat than at the lower one: are the two minutes swapped?',
  'work.keeps-shorter': (said: { hours: number; keeps: number }) =>
    `Made ahead by ${hours(said.hours)}, but its component keeps ${hours(said.keeps)}: which holds?`,
  'work.cue-outside': (said: { minutes: number; least: number; most: number }) =>
    `It takes ${minutes(said.minutes)}, and its cue comes after ${said.least} to ${said.most}: which holds?`,
  'work.most-below-least': () => 'At most to the next is less than at least.',
} as const;
