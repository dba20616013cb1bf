import { exact, type Exact } from '../exact';
import type { Said } from '../words';
import type { Measure } from './measure';
import type { Working } from './working';

export * from './measure';
export * from './working';

/**
 * A computed quantity that carries its working as data: no words in it but those a person wrote. `figureInWords` puts it
 * into words for a person's preferences; it is the only one to do so.
 */
export interface Figure {
  readonly label: Said;
  /** What is shown and acted on: the value of `working`. */
  readonly value: Measure;
  readonly working: Working;
  /** True when an estimate entered: a density, an amount by eye, a range. */
  readonly estimate: boolean;
  readonly notes: readonly Said[];
  /** Said in place of the value where a number would say little: "Pass". */
  readonly told?: Said;
}

export const figure = (label: Said, working: Working, more: { estimate?: boolean; notes?: readonly Said[]; told?: Said } = {}): Figure => ({
  label,
  value: working.value,
  working,
  estimate: more.estimate ?? false,
  notes: more.notes ?? [],
  ...(more.told ? { told: more.told } : {}),
});

/** What adds up to a figure before it is rounded. */
export function addends({ working }: Figure): readonly Working[] {
  const bare = unrounded(working);
  return bare.op === 'sum' ? bare.of : [bare];
}

/** The working below the last roundings and caps. */
export function unrounded(working: Working): Working {
  return isLast(working) ? unrounded(working.of[0]!) : working;
}

/** Whether a working only rounds or caps what it is of; a cap says so. */
export const isLast = (working: Working): working is Exclude<Working, { op: 'given' }> =>
  working.from === undefined &&
  (working.op === 'rounding' || working.op === 'choice' || (working.op === 'least' && working.said !== undefined));

/** The value before it was rounded. */
export const exactly = ({ working }: Figure): Exact => exact(unrounded(working).value.value);
