import { plain } from '../text';
import type { Reading } from './cooling';

/** A reading of food that cools, as it is said in a lesson. Said again under its id with null, it is taken back. */
export interface CooledBody {
  readonly readingId: string;
  /** What cools, as people call it. */
  readonly food: string;
  readonly celsius: number | null;
}

/** What a probe can show of food in °C; how many readings a lesson keeps, each of which can be taken back. */
export const COOLED_LIMITS = { food: 80, celsius: [-30, 150], readings: 500 } as const;

/** Something that was said, with when it happened. */
export interface SaidCooled {
  readonly body: CooledBody;
  /** ISO 8601. */
  readonly at: string;
}

/** The readings of one food in the order of their time; of two at the same moment the one that was said later. */
export interface CoolingFood<S extends SaidCooled = SaidCooled> {
  readonly food: string;
  readonly readings: readonly S[];
}

/**
 * What was said of cooling in a lesson, by food, in the order in which the foods began. Names that differ in capitals or accents are
 * one food; what was taken back is left out.
 *
 * @param said - in the order in which it counts
 */
export function coolingLog<S extends SaidCooled>(said: readonly S[]): readonly CoolingFood<S>[] {
  // What was said last of a reading stands: sent again it counts once, and taken back not at all.
  const readings = new Map(said.map((each) => [each.body.readingId, each]));
  const foods = new Map<string, { food: string; byTime: Map<number, S> }>();
  for (const each of readings.values()) {
    if (each.body.celsius === null) continue;
    const key = plain(each.body.food).trim() || each.body.food;
    if (!foods.has(key)) foods.set(key, { food: each.body.food.trim(), byTime: new Map() });
    foods.get(key)!.byTime.set(Date.parse(each.at), each);
  }
  return [...foods.values()]
    .map(({ food, byTime }) => ({ food, readings: [...byTime].sort(([a], [b]) => a - b).map(([, each]) => each) }))
    .sort((a, b) => Date.parse(a.readings[0]!.at) - Date.parse(b.readings[0]!.at));
}

/** The curve of a food, in minutes since its first reading, for `checkCooling`. */
export function curveOf({ readings }: CoolingFood): readonly Reading[] {
  const first = Date.parse(readings[0]!.at);
  return readings.map(({ at, body }) => ({ minutes: (Date.parse(at) - first) / 60_000, celsius: body.celsius! }));
}
