import { ICalCalendar } from 'ical-generator';
import { momentAt, wallSheet } from '@pelvo/core';
import type { StandingPlan } from './schedule.service';
import { whatOf } from './timeDocument';

/** A plan as iCalendar (RFC 5545): an event for the lesson, and one for each thing that happens in it, in universal time. */
export function planCalendar({ lesson, kitchen, problem, placed }: StandingPlan): string {
  const at = (minute: number) => momentAt(lesson, lesson.school.timeZone, minute);
  const calendar = new ICalCalendar({ name: lesson.title, prodId: { company: 'Pelvo', product: 'Pelvo', language: 'EN' } });
  calendar.createEvent({
    id: `lesson.${lesson.id}@pelvo`,
    start: at(0),
    end: at(problem.instance.horizon),
    summary: `${lesson.title}, ${lesson.className}`,
    location: lesson.kitchen,
  });
  wallSheet(problem, placed, kitchen).forEach((row, index) =>
    calendar.createEvent({
      id: `lesson.${lesson.id}.${index}@pelvo`,
      start: at(row.from),
      end: at(row.until),
      summary: `${row.who.length > 0 ? `${row.who.join(', ')}: ` : ''}${whatOf(row)}`,
      description: row.on.join(', '),
      location: lesson.kitchen,
    }),
  );
  return calendar.toString();
}
