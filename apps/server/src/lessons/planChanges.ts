import type { MarkingWay } from '@pelvo/core';
import type { LessonFields } from '@pelvo/contract';
import { Moment } from '../platform/moment';
import type { Lesson } from './lesson.entity';

/** A plan is about to be replaced by other fields; whoever holds on to parts of it refuses. The lesson is locked. */
export const planChanges = new Moment<{ readonly lesson: Lesson; readonly fields: LessonFields }>();

/** Results of a lesson are given out, or taken back. The lesson is locked. */
export const resultsRelease = new Moment<{
  readonly lessonId: string;
  readonly way: MarkingWay | null;
  /** Who gives them out, and why what was told is changed; empty where nothing was. */
  readonly personId: string;
  readonly why: string;
}>();
