import { COOLED_EVENT, COOLED_LIMITS, type CooledBody } from '@pelvo/core';
import { cooledBodySchema } from '@pelvo/contract';
import { LessonEventRow, type EventSpec } from '../day';
import { TEACHING } from '../platform/identity';
import { invalid } from '../platform/problems';

/** Readings of what cools, as the stream says them. The log is read from the stream itself: nothing is derived from it. */
export const COOLED: EventSpec<CooledBody> = {
  kind: 'cooled',
  format: COOLED_EVENT,
  schema: cooledBodySchema,
  roles: TEACHING,
  take: async (manager, lessonId, events, at) => {
    const there = await manager.countBy(LessonEventRow, { lessonId, kind: 'cooled' });
    const taken = events.filter(({ body }) => body.celsius !== null).length;
    // A full log still lets its readings be taken back, once each.
    if (there > COOLED_LIMITS.readings * (taken > 0 ? 1 : 2))
      throw invalid(
        `${at(events[0]!.id)}.food`,
        `This lesson has ${COOLED_LIMITS.readings} readings of what cools, as many as it keeps.`,
        'Note what is still to come on paper.',
      );
  },
};
