import { In, type EntityManager } from 'typeorm';
import type { LessonFields } from '@pelvo/contract';
import { DishEdition } from '../dishes';
import type { Lesson } from '../lessons';
import { conflict } from '../platform/problems';
import { Assessment } from './assessment.entity';

/** Marks that were given keep their dish, class and rubric in the lesson. */
export async function keepMarked(
  manager: EntityManager,
  { lesson, fields }: { readonly lesson: Lesson; readonly fields: LessonFields },
): Promise<void> {
  const marked = await manager
    .createQueryBuilder(Assessment, 'assessment')
    .where('assessment.lesson_id = :id AND EXISTS (SELECT 1 FROM mark WHERE mark.assessment_id = assessment.id)', { id: lesson.id })
    .getMany();
  const lost = marked.filter(({ dishEditionId }) => !fields.dishEditionIds.includes(dishEditionId));
  if (lost.length > 0) {
    const [edition] = await manager.findBy(DishEdition, { id: In(lost.map(({ dishEditionId }) => dishEditionId)) });
    throw conflict('dishEditionIds', `"${edition!.content.title}" has marks in this edition.`, 'Keep this edition in the lesson.');
  }
  if (marked.some(({ rubricEditionId }) => rubricEditionId !== fields.rubricEditionId))
    throw conflict('rubricEditionId', 'Marks have been given by this rubric.', 'Keep this edition of the rubric for this lesson.');
  if (marked.length > 0 && lesson.classId !== fields.classId)
    throw conflict('classId', 'Students of this class have marks in the lesson.', 'Keep the class, or plan another lesson.');
}
