import type { ExactText } from '../exact';
import type { UnitCode } from '../quantity';

/** One addend of a figure: where it comes from, how it was reached, and what it adds. */
export interface Part {
  /** Where it comes from: a dish and line, a group of plates, a criterion. */
  readonly from: string;
  /** The rule in words, with its numbers: "14 makings × 3, whole each". */
  readonly how: string;
  readonly value: ExactText;
  readonly shown: string;
}

/**
 * A computed quantity that carries its working as data. `parts` add up to `exact`; `value` is `exact` after `rounding`.
 * There is one such type and one way to show it.
 */
export interface Figure {
  readonly label: string;
  readonly shown: string;
  readonly exact: ExactText;
  readonly value: ExactText;
  /** Null for figures without a kitchen unit, such as marks. */
  readonly unit: UnitCode | null;
  readonly parts: readonly Part[];
  readonly rounding: string | null;
  /** True when an estimate entered: a density, an amount by eye, a range. */
  readonly estimate: boolean;
  readonly notes: readonly string[];
}
