import { ICalCalendar } from 'ical-generator';
import { momentAt } from '@pelvo/core';
import type { StoredTermLesson } from '@pelvo/contract';

/** The lessons of a class as iCalendar, in universal time; nobody is named in it. */
export function termCalendar(name: string, lessons: readonly StoredTermLesson[], timeZone: string): string {
  const calendar = new ICalCalendar({ name, prodId: { company: 'Pelvo', product: 'Pelvo', language: 'EN' } });
  for (const lesson of lessons) {
    const start = momentAt(lesson, timeZone, 0);
    calendar.createEvent({
      id: `lesson.${lesson.id}@pelvo`,
      start,
      end: momentAt({ date: lesson.date, start: lesson.end }, timeZone, 0),
      summary: lesson.title,
      location: lesson.kitchen,
      sequence: lesson.version,
    });
  }
  return calendar.toString();
}
