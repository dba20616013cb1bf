import { holdsHere, type PracticeChoices } from '../practice';
import type { RubricContent } from './types';

/**
 * A rubric as it is put before an assessor: without the faults that hold only under a practice of which another is in force, so that nobody
 * is marked down for following what is taught. What was marked before keeps its words: results read the edition itself.
 */
export function askedHere(rubric: RubricContent, school: PracticeChoices, lesson: PracticeChoices = {}): RubricContent {
  return {
    ...rubric,
    criteria: rubric.criteria.map((criterion) => ({
      ...criterion,
      faults: criterion.faults.filter((fault) => holdsHere(fault, school, lesson)),
    })),
  };
}
