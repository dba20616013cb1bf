import { fromDecimal, type Exact } from '../../exact';
import { LEVEL_NAMES, type Level } from '../levels';
import type { CriterionBase, Weighed } from '../types';
import type { KindOf, Scale } from './kind';
import type { Noted } from '../noted';

/** A criterion judged by level. */
export interface LevelCriterion extends CriterionBase, Weighed {
  readonly kind: 'levels';
  /** Observable descriptors for levels 1 to 4. */
  readonly descriptors: readonly [string, string, string, string];
}

export interface LevelValue extends Noted {
  readonly kind: 'level';
  readonly level: Level;
}

export const shareOfLevel = ({ levelShares }: Pick<Scale, 'levelShares'>, level: Level): Exact => fromDecimal(levelShares[level - 1]!, 4);

export const LEVELS_KIND: KindOf<'levels'> = {
  value: 'level',
  judged: 'by level',
  weighs: true,
  lacks: ({ descriptors, name }, at) =>
    new Set(descriptors.map((text) => text.trim().toLowerCase())).size < 4
      ? [{ field: `${at}.descriptors`, problem: { code: 'no.same-descriptor', name }, remedy: { code: 'do.say-each-level' } }]
      : [],
  refuses: () => null,
  level: (_criterion, { level }) => level,
  share: (_criterion, { level }, scale) => shareOfLevel(scale, level),
  passed: (_criterion, { level }, { passAt }) => level >= passAt,
  stands: (_criterion, { level }) => ({ code: 'stands', level }),
  words: ({ descriptors }, { level }) => [LEVEL_NAMES[level], descriptors[level - 1]!],
  aim: ({ descriptors }) => descriptors[2],
};
