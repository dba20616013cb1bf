import { cumulativeStdNormalProbability } from 'simple-statistics';
import type { EvidenceKind } from '../rubric';

/** One judgement that says something of a technique. */
export interface SkillSign {
  /** The day of the lesson, as days since any fixed day. */
  readonly day: number;
  /** 1 to 4. */
  readonly level: number;
  readonly evidence: EvidenceKind;
  /** Among how many techniques the judgement is divided: a criterion that names three says less of each. */
  readonly sharedBy: number;
}

/** How a student stands with a technique, as far as marks tell. */
export interface Skill {
  /** On the scale of the levels, 1 to 4. */
  readonly level: number;
  /** Its standard deviation, in levels; grows with the weeks since the last sign. */
  readonly spread: number;
  readonly signs: number;
  readonly lastDay: number;
  /** Chance that the student stands below Secure. */
  readonly below: number;
  /** Whether there is enough to say anything. */
  readonly known: boolean;
}

/** Before any sign: Nearly, give or take a level. Our own caution; a handful of signs outweighs it. */
export const SKILL_BEFORE = { level: 2, variance: 1 } as const;

/**
 * How far a student may move in a week without being seen, as a variance in levels: about a seventh of a level.
 *
 * @source our own assumption, checked on simulated students in `npm run bench -- skill`
 */
export const SKILL_MOVES_A_WEEK = 0.02;

/**
 * How far one judgement may lie from where a student stands, as a variance in levels: what is measured lies nearest.
 *
 * @source our own assumption, checked on simulated students in `npm run bench -- skill`
 */
export const SKILL_NOISE: Readonly<Record<EvidenceKind, number>> = { measured: 0.12, seen: 0.36, tasted: 0.36 };

/** A wider spread than this says nothing of one student. */
export const SKILL_SURE_ENOUGH = 0.6;
const LEAST_SIGNS = 2;
const SECURE_FROM = 2.5;

/**
 * Where a student stands with a technique: a level that wanders a little from week to week, seen through judgements that are each somewhat
 * off. The newest counts most, what is measured counts more than what is seen, and the spread grows while nothing is seen.
 *
 * @param signs - in any order
 * @param today - the day on which it is said, as days since the same fixed day
 * @returns null where there is no sign at all
 * @source local level model, filtered by Kalman's recursion: R. E. Kalman (1960); J. Durbin and S. J. Koopman, Time Series Analysis by
 *   State Space Methods, 2nd ed. (2012), chapter 2
 * @example estimateSkill([{ day: 0, level: 4, evidence: 'seen', sharedBy: 1 }], 0)!.level // 2 + 1 / 1.36 × 2 = 3.47
 */
export function estimateSkill(signs: readonly SkillSign[], today: number): Skill | null {
  const inOrder = [...signs].sort((a, b) => a.day - b.day);
  const last = inOrder.at(-1);
  if (!last) return null;
  let level: number = SKILL_BEFORE.level;
  let variance: number = SKILL_BEFORE.variance;
  let seenOn = inOrder[0]!.day;
  for (const sign of inOrder) {
    variance += moved(sign.day - seenOn);
    const gain = variance / (variance + SKILL_NOISE[sign.evidence] * sign.sharedBy);
    level += gain * (sign.level - level);
    variance *= 1 - gain;
    seenOn = sign.day;
  }
  const spread = Math.sqrt(variance + moved(Math.max(0, today - seenOn)));
  return {
    level: Math.min(4, Math.max(1, level)),
    spread,
    signs: inOrder.length,
    lastDay: last.day,
    below: cumulativeStdNormalProbability((SECURE_FROM - level) / spread),
    known: inOrder.length >= LEAST_SIGNS && spread <= SKILL_SURE_ENOUGH,
  };
}

const moved = (days: number): number => (SKILL_MOVES_A_WEEK * days) / 7;
