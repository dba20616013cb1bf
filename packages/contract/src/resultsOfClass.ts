import { classLevels, computeResult, type CriterionLevels } from '@pelvo/core';
import type { ClassResults, DishResult } from './assessment';

/**
 * The result of every dish of a class, with how its levels are spread over each criterion.
 *
 * @throws Error when a dish or rubric that marks name is missing
 */
export function resultsOfClass({ title, date, way, counting, dishes, rubrics, marked }: ClassResults): {
  readonly results: readonly DishResult[];
  readonly levels: readonly CriterionLevels[];
} {
  const found = <T extends { editionId: string }>(of: readonly T[], id: string): T => {
    const edition = of.find(({ editionId }) => editionId === id);
    if (!edition) throw new Error(`Marks name the edition ${id}, which is missing`);
    return edition;
  };
  const results = marked.map(({ dishEditionId, rubricEditionId, ...own }): DishResult => {
    const dish = found(dishes, dishEditionId);
    const { content, number } = found(rubrics, rubricEditionId);
    return {
      ...own,
      dish: dish.title,
      dishEdition: dish.number,
      dishEditionId,
      rubric: content.name,
      rubricEdition: number,
      lesson: title,
      date,
      counting,
      criteria: content.criteria,
      result: computeResult(content, own.marks, way),
    };
  });
  const levels = rubrics.flatMap(({ editionId, content }) =>
    classLevels(
      content,
      marked.filter(({ rubricEditionId }) => rubricEditionId === editionId).map(({ marks }) => marks),
    ),
  );
  return { results, levels };
}
