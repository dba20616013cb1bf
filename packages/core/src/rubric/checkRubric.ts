import type { FieldRefused, Said } from '../words';
import { lacksOf, weighs } from './kinds';
import { RUBRIC_STRANDS, type RubricContent } from './types';

/** What keeps a rubric from being published; empty when it can be. */
export function checkRubric(rubric: RubricContent): readonly FieldRefused[] {
  const problems: FieldRefused[] = [];
  const say = (field: string, problem: Said, remedy: Said) => problems.push({ field, problem, remedy });
  const levels = rubric.criteria.filter(weighs);
  if (levels.length === 0) say('criteria', { code: 'no.no-criterion' }, { code: 'do.add-one' });
  for (const strand of RUBRIC_STRANDS) {
    const weight = rubric.strandWeights[strand];
    const has = levels.some((criterion) => criterion.strand === strand);
    if (weight > 0 && !has) {
      say(`strandWeights.${strand}`, { code: 'no.weight-alone', strand }, { code: 'do.add-or-zero' });
    }
    if (weight <= 0 && has) {
      say(`strandWeights.${strand}`, { code: 'no.no-weight', strand }, { code: 'do.weight-above-nothing' });
    }
  }
  const keys = new Set<string>();
  rubric.criteria.forEach((criterion, index) => {
    if (keys.has(criterion.key)) say(`criteria.${index}.key`, { code: 'no.key-twice', key: criterion.key }, { code: 'do.rename-one' });
    keys.add(criterion.key);
    problems.push(...lacksOf(criterion, `criteria.${index}`));
  });
  if (rubric.levelShares[3] !== 1) say('levelShares.3', { code: 'no.top-not-full' }, { code: 'do.top-full' });
  rubric.levelShares.forEach((share, index) => {
    if (index > 0 && share < rubric.levelShares[index - 1]!) {
      say(`levelShares.${index}`, { code: 'no.shares-fall' }, { code: 'do.let-shares-rise' });
    }
  });
  return problems;
}
