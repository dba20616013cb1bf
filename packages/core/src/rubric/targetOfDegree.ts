import type { DonenessBand } from '../doneness';
import type { MeasureTarget } from './measureTarget';

/** Of one core there is no share: within the band or not. */
const SHARES = [0.5, 0.75, 1] as const;

/**
 * The core of a degree of doneness as something to measure against, so that a reading at the pass proposes a level.
 *
 * @param degree - the band at the peak, as the school teaches it, °C
 */
export const targetOfDegree = ({ from, to }: Pick<DonenessBand, 'from' | 'to'>): MeasureTarget => ({
  unit: '°C',
  sizes: [{ name: 'core', least: from, most: to }],
  pieces: 1,
  shares: SHARES,
});
