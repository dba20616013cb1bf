import type { Bar } from './lanes';

const NAMES = {
  briefing: 'Briefing',
  demonstration: 'Demonstration',
  'clean-down': 'Clean down',
  tasting: 'Tasting and marking',
} as const;

/** What a bar is, in words: the step as the dish says it, or the part of the lesson. */
export const nameOfBar = ({ kind, text }: Pick<Bar, 'kind' | 'text'>): string =>
  kind === 'work' || kind === 'oven' ? text : kind === 'warm-up' ? `Heat up: ${text}` : NAMES[kind];
