import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { computeOrder } from '@pelvo/core';
import { orderInputOf, type DaysOffImport, type LessonDetail, type NewFeed, type StoredDayOff, type TermOfClass } from '@pelvo/contract';
import { pagesOf } from '../src/platform/pdf';
import { readCalendar } from '../src/terms/readCalendar';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
let classes: readonly { readonly id: string; readonly name: string }[];

beforeAll(async () => {
  school = await openSchool({ demo: true });
  lead = await school.as('lead');
  classes = (await lead<{ id: string; name: string }[]>('GET', '/api/classes')).body;
});
afterAll(() => school.close());

const classId = (name: string) => classes.find((each) => each.name.startsWith(name))!.id;
const termOf = async (name: string) => (await lead<TermOfClass>('GET', `/api/classes/${classId(name)}/term`)).body;
const dayAfter = (date: string, days: number) => new Date(Date.parse(date) + days * 86_400_000).toISOString().slice(0, 10);

describe('the term of a class', () => {
  it('has its lessons in order, those that were held marked, and what other classes have', async () => {
    const { lessons, students, dishes, taken } = await termOf('Foundation');
    expect(lessons.map(({ date }) => date)).toEqual(lessons.map(({ date }) => date).sort());
    expect([lessons.some(({ held }) => held), lessons.some(({ held }) => !held)]).toEqual([true, true]);
    expect([students.length > 8, dishes.length > 5, taken.length > 0]).toEqual([true, true, true]);
    expect(taken.every(({ by }) => by.startsWith('Evening'))).toBe(true);
  });

  it('moves lessons all together or not at all, never one that was held', async () => {
    const term = await termOf('Foundation');
    const ahead = term.lessons.filter(({ held }) => !held).slice(-2);
    const put = (moves: readonly object[]) => lead<TermOfClass>('PUT', `/api/classes/${term.classId}/term/days`, { body: { moves } });
    const swap = ahead.map(({ id, version }, at) => ({ lessonId: id, version, date: ahead[1 - at]!.date }));
    const stale = await put([swap[0]!, { ...swap[1]!, version: 99 }]);
    expect([stale.status, (await termOf('Foundation')).lessons]).toEqual([412, term.lessons]);
    const moved = await put(swap);
    expect(moved.status).toBe(200);
    expect(moved.body.lessons.find(({ id }) => id === ahead[0]!.id)!.date).toBe(ahead[1]!.date);
    const held = term.lessons.find((lesson) => lesson.held)!;
    const refused = await put([{ lessonId: held.id, version: held.version, date: '2027-01-01' }]);
    expect([refused.status, refused.problem.errors![0]!.problem]).toEqual([409, `"${held.title}" has been held: marks were given.`]);
    expect((await put([{ lessonId: ahead[0]!.id, version: 2, date: '2027-02-30' }])).status).toBe(422);
    // Two who move it at the same moment: one does, the other is told.
    const { version } = moved.body.lessons.find(({ id }) => id === ahead[0]!.id)!;
    const both = await Promise.all(['2027-03-01', '2027-03-02'].map((date) => put([{ lessonId: ahead[0]!.id, version, date }])));
    expect(both.map(({ status }) => status).sort()).toEqual([200, 412]);
  });

  it('is copied to another class with its dishes and order, later by so many days', async () => {
    const from = await termOf('Foundation');
    const to = classId('Evening');
    const before = (await termOf('Evening')).lessons.length;
    const picked = from.lessons.slice(0, 3);
    const body = { lessonIds: picked.map(({ id }) => id), classId: to, days: 364 };
    const { status, body: told } = await lead<{ made: number }>('POST', `/api/classes/${from.classId}/term/copies`, { body });
    expect([status, told.made]).toEqual([201, 3]);
    const { lessons } = await termOf('Evening');
    expect(lessons).toHaveLength(before + 3);
    const copy = lessons.find(({ date }) => date === dayAfter(picked[0]!.date, 364))!;
    expect([copy.title, copy.held, copy.techniques]).toEqual([picked[0]!.title, false, picked[0]!.techniques]);
    const lesson = (await lead<LessonDetail>('GET', `/api/lessons/${copy.id}`)).body;
    expect([lesson.classId, lesson.teams, lesson.substitutions, computeOrder(orderInputOf(lesson)).lines.length > 0]).toEqual([
      to,
      [],
      [],
      true,
    ]);
    expect((await lead('POST', `/api/classes/${to}/term/copies`, { body })).status).toBe(404);
  });

  it('comes as calendar and on paper, without a name of anybody', async () => {
    const { classId: id, students, lessons } = await termOf('Foundation');
    const ics = (await lead('GET', `/api/classes/${id}/term.ics`)).bytes.toString();
    expect(ics.match(/BEGIN:VEVENT/g)).toHaveLength(lessons.length);
    for (const { name } of students) expect(ics).not.toContain(name);
    const pdf = await lead('GET', `/api/classes/${id}/term.pdf?paper=LETTER`);
    expect([pdf.status, pagesOf(pdf.bytes) > 0]).toEqual([200, true]);
  });
});

describe('a calendar address', () => {
  it('is followed without an account, until it is withdrawn', async () => {
    const id = classId('Foundation');
    const { status, body } = await lead<NewFeed>('POST', `/api/classes/${id}/feeds`, { body: { name: 'Staff room' } });
    expect(status).toBe(201);
    const followed = await school.anyone('GET', body.path);
    expect([followed.status, followed.bytes.toString().startsWith('BEGIN:VCALENDAR')]).toEqual([200, true]);
    const { feeds } = await termOf('Foundation');
    expect(feeds.map(({ name }) => name)).toEqual(['Staff room']);
    expect(JSON.stringify(feeds)).not.toContain(body.path.slice(11, 30));
    // Two who withdraw it at the same moment: one does, and the other is told that it is gone.
    const both = await Promise.all([lead('DELETE', `/api/feeds/${body.id}`), lead('DELETE', `/api/feeds/${body.id}`)]);
    expect(both.map((answer) => answer.status).sort()).toEqual([204, 404]);
    const gone = await school.anyone('GET', body.path);
    expect([gone.status, gone.problem.type]).toEqual([404, 'urn:pelvo:problem:not-found']);
    expect((await school.anyone('GET', '/api/feeds/guessed.ics')).status).toBe(404);
  });

  it('is its maker’s to see and to withdraw, besides a lead’s, and ends with their access', async () => {
    const id = classId('Foundation');
    const feedsFor = async (who: Call) => (await who<TermOfClass>('GET', `/api/classes/${id}/term`)).body.feeds.map(({ name }) => name);
    const teo = await school.as('assistant');
    const staff = (await lead<NewFeed>('POST', `/api/classes/${id}/feeds`, { body: { name: 'Staff room' } })).body;
    const own = (await teo<NewFeed>('POST', `/api/classes/${id}/feeds`, { body: { name: 'My phone' } })).body;
    expect([await feedsFor(teo), (await feedsFor(lead)).sort()]).toEqual([['My phone'], ['My phone', 'Staff room']]);
    expect((await teo('DELETE', `/api/feeds/${staff.id}`)).status).toBe(404);
    expect((await school.anyone('GET', own.path)).status).toBe(200);
    const person = (await lead<{ id: string; role: string }[]>('GET', '/api/people')).body.find(({ role }) => role === 'assistant')!;
    await lead('PUT', `/api/people/${person.id}/active`, { body: { active: false } });
    expect((await school.anyone('GET', own.path)).status).toBe(404);
    await lead('PUT', `/api/people/${person.id}/active`, { body: { active: true } });
    for (const each of [staff, own]) expect((await lead('DELETE', `/api/feeds/${each.id}`)).status).toBe(204);
    const stores = await school.as('stores');
    expect((await stores('POST', `/api/classes/${id}/feeds`, { body: { name: 'Mine' } })).status).toBe(403);
  });

  it('is made at most twenty times for a class, however many ask at once', async () => {
    const id = classId('Evening');
    const asked = await Promise.all(
      Array.from({ length: 24 }, (_, at) => lead('POST', `/api/classes/${id}/feeds`, { body: { name: `Feed ${at}` } })),
    );
    expect(asked.filter(({ status }) => status === 201)).toHaveLength(20);
    expect(asked.filter(({ status }) => status === 409)).toHaveLength(4);
  });
});

const event = (lines: readonly string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n');
const calendar = (...events: readonly string[]) => ['BEGIN:VCALENDAR', 'VERSION:2.0', ...events, 'END:VCALENDAR', ''].join('\r\n');
const WINTER = event(['UID:1@school', 'DTSTART;VALUE=DATE:20270208', 'DTEND;VALUE=DATE:20270213', 'SUMMARY:Winter break']);
const importing = (text: string | Buffer) =>
  lead<DaysOffImport>('POST', '/api/days-off/imports', { raw: text, type: 'application/octet-stream' });

describe('days off', () => {
  it('are read from a calendar: whole days, the end as the day before, folded lines and all', () => {
    const folded = event(['DTSTART;VALUE=DATE:20270401', 'SUMMARY:Spring ', '  meeting', 'DESCRIPTION:of all']);
    const hours = event(['DTSTART:20270301T090000Z', 'DTEND:20270301T100000Z', 'SUMMARY:Staff meeting']);
    const yearly = event(['DTSTART;VALUE=DATE:20270501', 'RRULE:FREQ=YEARLY', 'SUMMARY:First of May']);
    const broken = event(['DTSTART;VALUE=DATE:2027', 'SUMMARY:Broken']);
    const { days, leftOut } = readCalendar({
      text: calendar(WINTER, folded, hours, yearly, broken),
      mostEvents: 100,
      today: '2026-11-27',
    });
    expect(days.map(({ first, last, name }) => `${first} ${last} ${name}`)).toEqual([
      '2027-02-08 2027-02-12 Winter break',
      '2027-04-01 2027-04-01 Spring  meeting',
      ...[2027, 2028, 2029, 2030, 2031].map((year) => `${year}-05-01 ${year}-05-01 First of May`),
    ]);
    expect(leftOut.map(({ what }) => what).slice(0, 1)).toEqual(['Staff meeting']);
    expect(leftOut).toHaveLength(2);
  });

  it.each<[string, readonly string[], readonly string[], number]>([
    ['three times only', ['DTSTART;VALUE=DATE:20270104', 'RRULE:FREQ=WEEKLY;COUNT=3'], ['2027-01-04', '2027-01-11', '2027-01-18'], 0],
    [
      'but for a day',
      ['DTSTART;VALUE=DATE:20270104', 'RRULE:FREQ=WEEKLY;COUNT=3', 'EXDATE;VALUE=DATE:20270111'],
      ['2027-01-04', '2027-01-18'],
      0,
    ],
    ['since long ago', ['DTSTART;VALUE=DATE:20011224', 'RRULE:FREQ=YEARLY;UNTIL=20271231'], ['2025-12-24', '2026-12-24', '2027-12-24'], 0],
    ['over long ago', ['DTSTART;VALUE=DATE:20011224', 'RRULE:FREQ=YEARLY;COUNT=4'], [], 1],
    [
      'the last Monday of May',
      ['DTSTART;VALUE=DATE:20270531', 'RRULE:FREQ=YEARLY;BYMONTH=5;BYDAY=-1MO;COUNT=2'],
      ['2027-05-31', '2028-05-29'],
      0,
    ],
  ])('repeat %s', (_, lines, expected, left) => {
    const { days, leftOut } = readCalendar({ text: calendar(event([...lines, 'SUMMARY:Off'])), mostEvents: 10, today: '2026-11-27' });
    expect([days.map(({ first }) => first), leftOut.length]).toEqual([expected, left]);
  });

  it('are refused from a calendar that holds none', () => {
    for (const text of ['BEGIN:VCALENDAR\nnonsense', calendar(), calendar('BEGIN:VEVENT\nSUMMARY:never ends')])
      expect(readCalendar({ text, mostEvents: 10 }).refused).toBe('This calendar holds no event.');
  });

  it('that repeat every day are taken a hundred times, and every second for ever in no time at all', () => {
    const daily = event(['DTSTART;VALUE=DATE:20260101', 'RRULE:FREQ=DAILY', 'SUMMARY:Always']);
    const secondly = event(['DTSTART:20260101T000000Z', 'DTEND:20260103T000000Z', 'RRULE:FREQ=SECONDLY', 'SUMMARY:Now']);
    const { days, leftOut } = readCalendar({ text: calendar(daily, secondly), mostEvents: 10, today: '2026-11-27' });
    expect(days.filter(({ name }) => name === 'Always')).toHaveLength(100);
    expect(leftOut[0]!.because).toBe('It repeats too often: 100 times were taken.');
    expect(days.length).toBeLessThanOrEqual(200);
  });

  it('are added once, also when the same file comes twice at the same moment', async () => {
    const twice = await Promise.all([importing(calendar(WINTER)), importing(calendar(WINTER))]);
    expect(twice.map(({ status }) => status)).toEqual([200, 200]);
    expect(twice.reduce((sum, { body }) => sum + body.added, 0)).toBe(1);
    const all = (await lead<StoredDayOff[]>('GET', '/api/days-off')).body;
    expect(all.map(({ first, last, name }) => [first, last, name])).toEqual([['2027-02-08', '2027-02-12', 'Winter break']]);
  });

  it('are refused from what is no calendar, nonsense, and more than can be kept, with a reason', async () => {
    for (const text of ['', 'BEGIN:VCARD', Buffer.from([0, 159, 146, 150, 0, 1]), '{"json": true}']) {
      const { status, problem } = await importing(text);
      expect([status, problem.errors![0]!.field]).toEqual([422, 'file']);
    }
    const many = Array.from({ length: 2100 }, (_, at) =>
      event([`DTSTART;VALUE=DATE:${dayAfter('2027-06-01', at).replaceAll('-', '')}`, `SUMMARY:Day ${at}`]),
    );
    expect((await importing(calendar(...many))).status).toBe(409);
    const huge = calendar(...Array.from({ length: 50_001 }, () => 'BEGIN:VEVENT\r\nEND:VEVENT'));
    const { status, problem } = await importing(huge);
    expect([status, problem.errors![0]!.problem]).toEqual([422, 'It holds 50001 events; at most 50000 are read at once.']);
  });

  it('are typed too, and taken away', async () => {
    const day = { first: '2027-03-05', last: '2027-03-05', name: 'Inset day' };
    const { status, body } = await lead<StoredDayOff[]>('POST', '/api/days-off', { body: day });
    expect([status, body.map(({ name }) => name)]).toEqual([201, ['Winter break', 'Inset day']]);
    expect((await lead('POST', '/api/days-off', { body: day })).status).toBe(409);
    expect((await lead('POST', '/api/days-off', { body: { ...day, last: '2027-03-04' } })).status).toBe(422);
    expect((await lead('DELETE', `/api/days-off/${body.find(({ name }) => name === 'Inset day')!.id}`)).status).toBe(204);
  });
});
