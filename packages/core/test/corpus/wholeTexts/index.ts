import { KEPT_TEXTS } from './kept';
import { FIFTH_TEXTS, FOURTH_TEXTS } from './last';
import { FURTHER_TEXTS, LATER_TEXTS } from './later';
import { OPEN_TEXTS } from './open';
import { SIXTH_TEXTS } from './sixth';

export type { WholeText } from './form';

/** Every whole text that was read by hand, in the order in which they came. */
export const WHOLE_TEXTS = [
  ...OPEN_TEXTS,
  ...KEPT_TEXTS,
  ...LATER_TEXTS,
  ...FURTHER_TEXTS,
  ...FOURTH_TEXTS,
  ...FIFTH_TEXTS,
  ...SIXTH_TEXTS,
];
