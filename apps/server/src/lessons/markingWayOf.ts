import { markingWay, practiceInForce, type MarkingWay, type PracticeChoices } from '@pelvo/core';
import type { Lesson } from './lesson.entity';

/** How the results of a lesson are told: as they were when the students got them, else as the lesson teaches, else as the school does. */
export function markingWayOf({ releasedWay, practices }: Pick<Lesson, 'releasedWay' | 'practices'>, school: PracticeChoices): MarkingWay {
  return releasedWay ?? markingWay(practiceInForce('marking', school, practices)?.practice);
}
