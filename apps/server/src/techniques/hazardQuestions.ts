import { HAZARD_SPECS, unansweredHazards, type TechniqueCard } from '@pelvo/core';
import type { FieldProblem } from '@pelvo/contract';

/** Hazards the steps name and nobody has answered, as what is asked of the writer. */
export function hazardQuestions(card: TechniqueCard): readonly FieldProblem[] {
  return unansweredHazards(card).map((key) => ({
    field: `cautions.${key}`,
    problem: `The steps name ${HAZARD_SPECS[key].name}, and no caution speaks of it.`,
    remedy: `Add a caution, such as "${HAZARD_SPECS[key].caution}", or say why none is needed.`,
  }));
}
