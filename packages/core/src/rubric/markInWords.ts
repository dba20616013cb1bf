import { LEVEL_NAMES, type Criterion, type MarkValue } from './types';

/** What an assessor said of a criterion, and what that means: `['Nearly', 'two of the three']`. */
export function markInWords(criterion: Criterion, value: MarkValue | undefined): readonly [said: string, means: string] {
  if (!value) return ['not marked', ''];
  if (value.kind === 'notSeen') return ['not seen', 'the rest weighs more'];
  if (value.kind === 'critical')
    return criterion.kind === 'critical' ? (value.met ? ['met', criterion.met] : ['not met', criterion.notMet]) : ['', ''];
  return [LEVEL_NAMES[value.level], criterion.kind === 'levels' ? criterion.descriptors[value.level - 1]! : ''];
}
