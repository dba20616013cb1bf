import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** "Mon 30 Nov" */
export const shortDate = (iso: string): string => format(parseISO(iso), 'EEE d MMM');
/** "Monday 30 November 2026" */
export const longDate = (iso: string): string => format(parseISO(iso), 'EEEE d MMMM yyyy');
/** Today as the device has it, ISO. */
export const today = (): string => format(new Date(), 'yyyy-MM-dd');

/** How far a day is away, in words. */
export function fromToday(iso: string): string {
  const days = differenceInCalendarDays(parseISO(iso), parseISO(today()));
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
