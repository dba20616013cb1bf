import type { Preferences } from '@pelvo/core';
import { speech } from './speech';

export type DateOrder = Preferences['dates'];

/** Names of days and months in the language of the screens: the browser has them, a library would bring them once more to every phone. */
const NAMES = {
  short: new Intl.DateTimeFormat('en-US', { weekday: 'short', month: 'short', timeZone: 'UTC' }),
  long: new Intl.DateTimeFormat('en-US', { weekday: 'long', month: 'long', timeZone: 'UTC' }),
};

function partsOf(iso: string, names: keyof typeof NAMES) {
  const [year = '', month = '', day = ''] = iso.slice(0, 10).split('-');
  const named = NAMES[names].formatToParts(new Date(`${year}-${month}-${day}T00:00:00Z`));
  const name = (type: 'weekday' | 'month') => named.find((part) => part.type === type)?.value ?? '';
  return { year, month, day, weekday: name('weekday'), monthName: name('month'), dayAlone: String(Number(day)) };
}

/** As a date is typed. */
export const TYPED: Readonly<Record<DateOrder, string>> = {
  'day-month-year': 'dd/MM/yyyy',
  'month-day-year': 'MM/dd/yyyy',
  'year-month-day': 'yyyy-MM-dd',
};

/** "Mon 30 Nov", in the order the person likes */
export function shortDate(iso: string): string {
  const { weekday, dayAlone, month, monthName, day } = partsOf(iso, 'short');
  const order = speech().preferences.dates;
  if (order === 'year-month-day') return `${weekday} ${month}-${day}`;
  return order === 'month-day-year' ? `${weekday} ${monthName} ${dayAlone}` : `${weekday} ${dayAlone} ${monthName}`;
}
/** "Monday 30 November 2026" */
export function longDate(iso: string): string {
  const { weekday, dayAlone, year, month, monthName, day } = partsOf(iso, 'long');
  const order = speech().preferences.dates;
  if (order === 'year-month-day') return `${weekday} ${year}-${month}-${day}`;
  return order === 'month-day-year' ? `${weekday}, ${monthName} ${dayAlone}, ${year}` : `${weekday} ${dayAlone} ${monthName} ${year}`;
}
/** As it is typed: "30/11/2026". */
export const typedDate = (iso: string, order: DateOrder = speech().preferences.dates): string =>
  iso ? TYPED[order].replace('yyyy', iso.slice(0, 4)).replace('MM', iso.slice(5, 7)).replace('dd', iso.slice(8, 10)) : '';

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
  const days = (Date.parse(iso.slice(0, 10)) - Date.parse(today())) / 86_400_000;
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}
