import { exact } from '../../exact';
import type { CriterionBase } from '../types';
import type { KindOf } from './kind';
import type { Noted } from '../noted';

/** A criterion that caps the dish when it is not met, whatever the rest says. */
export interface CriticalCriterion extends CriterionBase {
  readonly kind: 'critical';
  readonly met: string;
  readonly notMet: string;
  /** The highest mark the dish can have when this is not met, 0 to 100. */
  readonly cap: number;
}

export interface CriticalValue extends Noted {
  readonly kind: 'critical';
  readonly met: boolean;
}

export const CRITICAL_KIND: KindOf<'critical'> = {
  value: 'critical',
  judged: 'as met or not met',
  weighs: false,
  lacks: () => [],
  refuses: () => null,
  level: (_criterion, { met }) => (met ? 4 : 1),
  share: (_criterion, { met }) => exact(met ? 1 : 0),
  passed: (_criterion, { met }) => met,
  stands: (_criterion, { met }) => ({ code: met ? 'met' : 'not-met' }),
  words: (criterion, { met }) => (met ? ['met', criterion.met] : ['not met', criterion.notMet]),
  aim: ({ met }) => met,
};
