import { TZDate } from '@date-fns/tz';

/** When a lesson is, by the clock on its wall. */
export interface LessonHours {
  /** ISO date. */
  readonly date: string;
  /** "09:00". */
  readonly start: string;
  readonly end: string;
}

/** A moment on a wall clock, in milliseconds since 1970. */
function moment(date: string, time: string, timeZone: string): number {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return new TZDate(year, month - 1, day, hours, minutes, timeZone).getTime();
}

/**
 * Minutes that a lesson really lasts: on a night on which the clocks change, an hour more or less than the clock on the wall says.
 *
 * @example lessonMinutes({ date: '2026-03-29', start: '00:00', end: '04:00' }, 'Europe/Vienna') // 180
 */
export function lessonMinutes({ date, start, end }: LessonHours, timeZone: string): number {
  return Math.max(0, Math.round((moment(date, end, timeZone) - moment(date, start, timeZone)) / 60_000));
}

/** The moment at a minute of a lesson. */
export const momentAt = ({ date, start }: Pick<LessonHours, 'date' | 'start'>, timeZone: string, minute: number): Date =>
  new Date(moment(date, start, timeZone) + minute * 60_000);

/** What the clock on the wall says at a minute of a lesson, "10:05"; minutes below 0 lie before it begins. */
export function clockAt(hours: Pick<LessonHours, 'date' | 'start'>, timeZone: string, minute: number): string {
  const at = new TZDate(momentAt(hours, timeZone, minute).getTime(), timeZone);
  return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
}
