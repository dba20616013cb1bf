import { afterEach, describe, expect, it } from 'vitest';
import { HOUSE_PREFERENCES } from '@pelvo/core';
import { clockTime, longDate, shortDate, typedDate } from '../src/device/dates';
import { readDate, readTime } from '../src/device/typedDates';
import { setSpeech } from '../src/device/speech';

afterEach(() => setSpeech(HOUSE_PREFERENCES, 'UTC'));

describe('a day as people type it', () => {
  it.each([
    ['3/12/2026', 'day-month-year', '2026-12-03'],
    ['3.12.', 'day-month-year', '2026-12-03'],
    ['03-12-26', 'day-month-year', '2026-12-03'],
    ['12/3/2026', 'month-day-year', '2026-12-03'],
    ['12/3', 'month-day-year', '2026-12-03'],
    ['2026-12-03', 'day-month-year', '2026-12-03'],
    ['2026/12/03', 'year-month-day', '2026-12-03'],
    ['12-03', 'year-month-day', '2026-12-03'],
    // A day that has been this year is next year's.
    ['1/2', 'day-month-year', '2027-02-01'],
    ['29.2.', 'day-month-year', '2028-02-29'],
  ] as const)('%s, %s', (typed, order, iso) => expect(readDate(typed, order, '2026-11-26')).toBe(iso));

  it.each(['', '3', 'soon', '31/4/2026', '29/2/2027', '1/2/3/4', '3 Dec', '2026-13-01'])('"%s" is none', (typed) =>
    expect(readDate(typed, 'day-month-year', '2026-11-26')).toBeNull(),
  );

  it('is read as it is shown, in every order', () => {
    for (const order of ['day-month-year', 'month-day-year', 'year-month-day'] as const)
      for (const iso of ['2026-01-02', '2026-12-31', '2028-02-29']) expect(readDate(typedDate(iso, order), order, '2026-11-26')).toBe(iso);
  });
});

describe('a time of day', () => {
  it.each([
    ['9', '09:00'],
    ['9.30', '09:30'],
    ['0930', '09:30'],
    ['9h30', '09:30'],
    ['14:15', '14:15'],
    ['2:15 pm', '14:15'],
    ['12 am', '00:00'],
    ['12pm', '12:00'],
    ['0:05', '00:05'],
  ])('%s', (typed, time) => expect(readTime(typed)).toBe(time));

  it.each(['', '24:00', '9:60', '13 pm', '0 am', 'noon', '9:3'])('"%s" is none', (typed) => expect(readTime(typed)).toBeNull());
});

describe('days and times as a person likes them', () => {
  it('are in that person’s order and clock', () => {
    expect([shortDate('2026-11-30'), longDate('2026-11-30'), typedDate('2026-11-30'), clockTime('14:05')]).toEqual([
      'Mon 30 Nov',
      'Monday 30 November 2026',
      '30/11/2026',
      '14:05',
    ]);
    setSpeech({ ...HOUSE_PREFERENCES, dates: 'month-day-year', clock: '12' }, 'America/New_York');
    expect([shortDate('2026-11-30'), typedDate('2026-11-30'), clockTime('14:05'), clockTime('00:30'), clockTime('12:00')]).toEqual([
      'Mon Nov 30',
      '11/30/2026',
      '2:05 pm',
      '12:30 am',
      '12:00 pm',
    ]);
  });
});
