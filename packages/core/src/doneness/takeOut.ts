/** Degrees a core rises at most after the heat. @source our own rule of thumb */
export const MOST_RISE = 8;

/** Share of the difference to the heat that a core still rises, for each millimetre. @source our own rule of thumb: 6 percent for each 10 cm */
const RISE_A_MM = 0.0006;

export interface HeatAround {
  /** Thickness at the thickest, mm. */
  readonly thick: number;
  /** Oven or pan, °C. */
  readonly heat: number;
}

/**
 * Degrees a core still rises once it has left the heat.
 *
 * @example riseOf(56, { thick: 40, heat: 180 }) // 0.0006 × 40 × 124 = 2.976
 */
export const riseOf = (core: number, { thick, heat }: HeatAround): number =>
  Math.min(MOST_RISE, RISE_A_MM * thick * Math.max(0, heat - core));

/**
 * The core at which a piece is taken out, so that it peaks at the middle of its band.
 *
 * @returns the temperature, and between which two it lies when the rise is half as much or half as much again as expected
 * @example takeOutAt(55, { thick: 40, heat: 180 }).at // (55 − 0.024 × 180) ÷ (1 − 0.024) = 51.93
 */
export function takeOutAt(
  peak: number,
  heated: HeatAround,
): { readonly at: number; readonly rise: number; readonly between: readonly [number, number] } {
  const share = RISE_A_MM * heated.thick;
  const bare = share < 1 && heated.heat > peak ? (peak - share * heated.heat) / (1 - share) : peak;
  const rise = Math.min(MOST_RISE, Math.max(0, peak - bare));
  return { at: peak - rise, rise, between: [peak - rise * 1.5, peak - rise * 0.5] };
}

/** What a reading says of a band: by how many degrees it lies under or over, or in. */
export type ReadingSays = { readonly kind: 'under' | 'over'; readonly by: number } | { readonly kind: 'in' };

export function readingSays(celsius: number, { from, to }: { readonly from: number; readonly to: number }): ReadingSays {
  if (celsius < from) return { kind: 'under', by: from - celsius };
  return celsius > to ? { kind: 'over', by: celsius - to } : { kind: 'in' };
}

/**
 * Minutes until a core comes to a temperature, from two readings: it nears the heat around it the more slowly the nearer it is.
 *
 * @param minutes - between the two readings
 * @returns null where the readings do not rise, or it never gets there
 * @source Newton's law of heating
 * @example minutesToGo({ first: 40, second: 44, minutes: 4, target: 52, heat: 180 }) // ln(136 ÷ 128) ÷ (ln(140 ÷ 136) ÷ 4) = 8.37
 */
export function minutesToGo({
  first,
  second,
  minutes,
  target,
  heat,
}: Readonly<Record<'first' | 'second' | 'minutes' | 'target' | 'heat', number>>): number | null {
  if (second <= first || minutes <= 0 || heat <= second || heat <= target) return null;
  if (target <= second) return 0;
  return Math.log((heat - second) / (heat - target)) / (Math.log((heat - first) / (heat - second)) / minutes);
}
