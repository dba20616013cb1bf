import type { ClassStage, CourseFacts, LessonAdds } from '@pelvo/core';
import type { TechniqueSummary } from '@pelvo/contract';

/** Where a class or one of its students stands, and what it is worked out from. */
export interface Standing {
  readonly facts: CourseFacts;
  readonly techniques: readonly TechniqueSummary[];
  readonly coverage: ReadonlyMap<string, ClassStage>;
  readonly adds: ReadonlyMap<string, LessonAdds>;
}
