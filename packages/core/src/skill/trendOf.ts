import { estimateSkill, type Skill, type SkillSign } from './estimateSkill';

/** How a standing has gone: `unknown` where it was seen on one day only, or too little to say. */
export type TrendWay = 'up' | 'down' | 'steady' | 'unknown';

export interface Trend {
  /** The standing after each day on which something was seen, the oldest first. */
  readonly points: readonly { readonly day: number; readonly skill: Skill }[];
  readonly way: TrendWay;
}

/**
 * How a student's standing with a technique has gone: it is said to have changed where the newest standing lies further from the first than
 * it may itself lie off.
 *
 * @param signs - in any order
 * @source the standings by {@link estimateSkill}; when a change is worth saying is our own rule, one standard deviation
 */
export function trendOf(signs: readonly SkillSign[]): Trend {
  const days = [...new Set(signs.map(({ day }) => day))].sort((a, b) => a - b);
  const points = days.map((day) => ({
    day,
    skill: estimateSkill(
      signs.filter((sign) => sign.day <= day),
      day,
    )!,
  }));
  const [first, last] = [points[0]?.skill, points.at(-1)?.skill];
  if (points.length < 2 || !first || !last?.known) return { points, way: 'unknown' };
  const by = last.level - first.level;
  return { points, way: Math.abs(by) <= last.spread ? 'steady' : by > 0 ? 'up' : 'down' };
}
