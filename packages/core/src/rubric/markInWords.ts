import { seenInWords, seenOf } from './kinds';
import type { Criterion, MarkValue } from './types';

/** What an assessor said of a criterion, and what that means: `['Nearly', 'two of the three']`. */
export function markInWords(criterion: Criterion, value: MarkValue | undefined): readonly [said: string, means: string] {
  if (!value) return ['not marked', ''];
  if (value.kind === 'notSeen') return ['not seen', 'the rest weighs more'];
  const seen = seenOf(criterion, value);
  return seen ? seenInWords(criterion, seen) : ['', ''];
}
