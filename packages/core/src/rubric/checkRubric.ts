import { STRANDS, STRAND_NAMES } from '../technique';
import type { RubricContent } from './types';

export interface RubricProblem {
  readonly field: string;
  readonly problem: string;
  readonly remedy: string;
}

/** What keeps a rubric from being published; empty when it can be. */
export function checkRubric(rubric: RubricContent): readonly RubricProblem[] {
  const problems: RubricProblem[] = [];
  const say = (field: string, problem: string, remedy: string) => problems.push({ field, problem, remedy });
  const levels = rubric.criteria.filter((criterion) => criterion.kind === 'levels');
  if (levels.length === 0) say('criteria', 'No criterion is judged by level.', 'Add at least one.');
  for (const strand of STRANDS) {
    const weight = rubric.strandWeights[strand];
    const has = levels.some((criterion) => criterion.strand === strand);
    if (weight > 0 && !has) {
      say(`strandWeights.${strand}`, `${STRAND_NAMES[strand]} has a weight but no criterion.`, 'Add a criterion or set the weight to 0.');
    }
    if (weight <= 0 && has) {
      say(`strandWeights.${strand}`, `${STRAND_NAMES[strand]} has criteria but no weight.`, 'Give it a weight above 0.');
    }
  }
  const keys = new Set<string>();
  rubric.criteria.forEach((criterion, index) => {
    if (keys.has(criterion.key)) say(`criteria.${index}.key`, `Two criteria share the key "${criterion.key}".`, 'Rename one.');
    keys.add(criterion.key);
    if (criterion.kind === 'levels' && new Set(criterion.descriptors.map((text) => text.trim().toLowerCase())).size < 4) {
      say(
        `criteria.${index}.descriptors`,
        `"${criterion.name}" has two levels with the same descriptor.`,
        'Say what can be seen at each level.',
      );
    }
  });
  rubric.levelShares.forEach((share, index) => {
    if (index > 0 && share < rubric.levelShares[index - 1]!) {
      say(`levelShares.${index}`, 'A higher level earns less than a lower one.', 'Let the shares rise.');
    }
  });
  return problems;
}
