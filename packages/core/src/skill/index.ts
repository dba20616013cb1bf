export {
  estimateSkill,
  SKILL_BEFORE,
  SKILL_MOVES_A_WEEK,
  SKILL_NOISE,
  SKILL_SURE_ENOUGH,
  type Skill,
  type SkillSign,
} from './estimateSkill';
export { signsOf, type TechniqueSign } from './signsOf';
export { nearestLevel, skillInWords } from './skillInWords';
export { trendOf, type Trend, type TrendWay } from './trendOf';
export { toReteach, type SkillCell, type ToReteach } from './toReteach';
