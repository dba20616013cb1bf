import { LEVEL_NAMES, type Level } from '../levels';
import { decimals, targetSaid, withinOf, type MeasureTarget } from '../measureTarget';
import type { CriterionBase, Weighed } from '../types';
import { shareOfLevel } from './levels';
import type { KindOf } from './kind';
import type { Noted } from '../noted';

/** A criterion with a target that is measured, piece by piece; a person accepts the level that follows, or another. */
export interface MeasuredCriterion extends CriterionBase, Weighed {
  readonly kind: 'measured';
  readonly target: MeasureTarget;
}

export interface MeasuredValue extends Noted {
  readonly kind: 'measured';
  /** What was measured: a figure for each size of each piece, in the target's unit. */
  readonly pieces: readonly (readonly number[])[];
  /** The level that a person gave, beside what the pieces propose; null while none was, and the criterion is not marked yet. */
  readonly level: Level | null;
}

export const MOST_PIECES = 200;

const saidOf = ({ target }: MeasuredCriterion, { pieces }: MeasuredValue): string =>
  pieces.length === 0
    ? 'nothing measured'
    : pieces.length === 1
      ? `${pieces[0]!.map(decimals).join(' × ')} ${target.unit}`
      : `${withinOf(target, pieces)} of ${pieces.length} pieces within ${targetSaid(target)}`;

const given = ({ level }: MeasuredValue): Level => level ?? 1;

export const MEASURED_KIND: KindOf<'measured'> = {
  value: 'measured',
  judged: 'by measuring',
  weighs: true,
  lacks: ({ target, name }, at) => [
    ...(target.sizes.every(({ least, most }) => least < most)
      ? []
      : [{ field: `${at}.target.sizes`, problem: { code: 'no.tolerance', name }, remedy: { code: 'do.least-below-most' } } as const]),
    ...(target.shares[0] <= target.shares[1] && target.shares[1] <= target.shares[2]
      ? []
      : [{ field: `${at}.target.shares`, problem: { code: 'no.shares-fall' }, remedy: { code: 'do.let-shares-rise' } } as const]),
  ],
  refuses: ({ target }, { pieces }) =>
    pieces.length > MOST_PIECES
      ? `At most ${MOST_PIECES} pieces are kept.`
      : pieces.every((piece) => piece.length === target.sizes.length)
        ? null
        : `A piece has ${target.sizes.length} ${target.sizes.length === 1 ? 'figure' : 'figures'} here.`,
  level: (_criterion, value) => given(value),
  share: (_criterion, value, scale) => shareOfLevel(scale, given(value)),
  passed: (_criterion, value, { passAt }) => given(value) >= passAt,
  stands: (criterion, value) => ({ code: 'measured-as', said: saidOf(criterion, value), level: given(value) }),
  words: (criterion, value) => [LEVEL_NAMES[given(value)], saidOf(criterion, value)],
  aim: ({ target }) => targetSaid(target),
};
