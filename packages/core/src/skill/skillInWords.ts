import { LEVEL_NAMES, LEVELS, type Level } from '../rubric';
import type { Skill } from './estimateSkill';

/** The level that a standing is nearest to; of two as near, the lower. */
export const nearestLevel = ({ level }: Skill): Level =>
  LEVELS.reduce<Level>((best, each) => (Math.abs(each - level) < Math.abs(best - level) ? each : best), LEVELS[0]);

const tenth = (value: number): string => value.toFixed(1);

/**
 * A standing in words.
 *
 * @example skillInWords(skill) // 'Secure, give or take 0.4 levels, of 5 judgements'
 */
export const skillInWords = (skill: Skill): string =>
  `${skill.known ? '' : 'too few to say, perhaps '}${LEVEL_NAMES[nearestLevel(skill)]}, give or take ${tenth(skill.spread)} levels, of ${skill.signs} ${skill.signs === 1 ? 'judgement' : 'judgements'}`;
