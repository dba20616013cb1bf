import type { Instrument } from '@pelvo/core';

/** What can be measured with at this pass. */
export interface InstrumentsHere {
  /** None are set up; they are set up and do not answer; they are there. */
  readonly state: 'none' | 'away' | 'there';
  readonly instruments: readonly Instrument[];
}
