import { LEVEL_NAMES, type Level } from '../levels';
import type { CriterionBase, Weighed } from '../types';
import { shareOfLevel } from './levels';
import type { KindOf } from './kind';
import type { Noted } from '../noted';

/** A criterion that is counted: marks on a rim, pieces that fell apart, boards not changed. Fewer is better. */
export interface CountedCriterion extends CriterionBase, Weighed {
  readonly kind: 'counted';
  /** What is counted, in the plural: "finger marks on the rim". */
  readonly counts: string;
  /** The most that still stands at levels 4, 3 and 2, rising. */
  readonly most: readonly [assured: number, secure: number, nearly: number];
}

export interface CountedValue extends Noted {
  readonly kind: 'counted';
  readonly count: number;
}

/** More than anybody counts on a plate. */
export const MOST_COUNTED = 999;

const levelOf = ({ most: [assured, secure, nearly] }: CountedCriterion, { count }: CountedValue): Level =>
  count <= assured ? 4 : count <= secure ? 3 : count <= nearly ? 2 : 1;

export const COUNTED_KIND: KindOf<'counted'> = {
  value: 'counted',
  judged: 'by counting',
  weighs: true,
  lacks: ({ most, name }, at) =>
    most[0] <= most[1] && most[1] <= most[2]
      ? []
      : [{ field: `${at}.most`, problem: { code: 'no.counts-fall', name }, remedy: { code: 'do.let-counts-rise' } }],
  refuses: (_criterion, { count }) =>
    Number.isInteger(count) && count >= 0 && count <= MOST_COUNTED ? null : `A count is a whole number from 0 to ${MOST_COUNTED}.`,
  level: levelOf,
  share: (criterion, value, scale) => shareOfLevel(scale, levelOf(criterion, value)),
  passed: (criterion, value, { passAt }) => levelOf(criterion, value) >= passAt,
  stands: (criterion, value) => ({ code: 'counted', count: value.count, of: criterion.counts, level: levelOf(criterion, value) }),
  words: (criterion, value) => [LEVEL_NAMES[levelOf(criterion, value)], `${value.count} ${criterion.counts}`],
  aim: ({ counts, most }) => `at most ${most[1]} ${counts}`,
};
