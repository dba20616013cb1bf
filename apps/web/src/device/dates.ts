import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import type { Preferences } from '@pelvo/core';
import { speech } from './speech';

export type DateOrder = Preferences['dates'];

const SHORT: Readonly<Record<DateOrder, string>> = {
  'day-month-year': 'EEE d MMM',
  'month-day-year': 'EEE MMM d',
  'year-month-day': 'EEE MM-dd',
};
const LONG: Readonly<Record<DateOrder, string>> = {
  'day-month-year': 'EEEE d MMMM yyyy',
  'month-day-year': 'EEEE, MMMM d, yyyy',
  'year-month-day': 'EEEE yyyy-MM-dd',
};
/** As a date is typed. */
export const TYPED: Readonly<Record<DateOrder, string>> = {
  'day-month-year': 'dd/MM/yyyy',
  'month-day-year': 'MM/dd/yyyy',
  'year-month-day': 'yyyy-MM-dd',
};

/** "Mon 30 Nov", in the order the person likes */
export const shortDate = (iso: string): string => format(parseISO(iso), SHORT[speech().preferences.dates]);
/** "Monday 30 November 2026" */
export const longDate = (iso: string): string => format(parseISO(iso), LONG[speech().preferences.dates]);
/** As it is typed: "30/11/2026". */
export const typedDate = (iso: string, order: DateOrder = speech().preferences.dates): string =>
  iso ? format(parseISO(iso), TYPED[order]) : '';

/** The day that a moment is on at the school, ISO. @param moment - ISO, with its offset */
export const dayOf = (moment: string | Date): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone: speech().timeZone }).format(new Date(moment));
/** The day it is at the school, ISO. */
export const today = (): string => dayOf(new Date());

/** A time of day as the person's clock has it: `09:30`, `9:30 am`. @param time - `HH:mm` */
export function clockTime(time: string): string {
  if (speech().preferences.clock === '24') return time.slice(0, 5);
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return `${hours % 12 || 12}:${String(minutes).padStart(2, '0')} ${hours < 12 ? 'am' : 'pm'}`;
}

/** How far a day is away, in words. */
export function fromToday(iso: string): string {
  const days = differenceInCalendarDays(parseISO(iso), parseISO(today()));
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
