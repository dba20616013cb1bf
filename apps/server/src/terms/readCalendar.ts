import ICAL from 'ical.js';

/** Whole days of a calendar file, as plain data. */
export interface CalendarDays {
  readonly days: readonly { readonly first: string; readonly last: string; readonly name: string; readonly uid: string }[];
  readonly leftOut: readonly { readonly what: string; readonly because: string }[];
  readonly leftOutInAll: number;
  /** Set where the file is no calendar, or too large a one. */
  readonly refused: string | null;
}

const MOST_TOLD = 20;
/** Years around today in which a day off is of use. */
const FROM = '2000-01-01';
const TO = '2100-01-01';
const LONGEST_DAYS = 200;

/** Times that are taken of what repeats: from a year before today to five after it, and no more than so many. */
const REPEATS = { before: 1, after: 5, most: 100, looked: 4000 } as const;

interface CalendarInput {
  readonly text: string;
  readonly mostEvents: number;
  /** ISO date; the day on which it is read when left out. */
  readonly today?: string;
}

/**
 * The days off of an iCalendar file (RFC 5545): events of whole days, and of longer than a day, with their repetitions in the years around
 * today; appointments of hours are left out and said. One broken event does not spoil the others.
 */
export function readCalendar({ text, mostEvents, today = new Date().toISOString().slice(0, 10) }: CalendarInput): CalendarDays {
  const none = (refused: string): CalendarDays => ({ days: [], leftOut: [], leftOutInAll: 0, refused });
  if (!/^\s*BEGIN:VCALENDAR/i.test(text)) return none('This is no calendar: it does not begin with BEGIN:VCALENDAR.');
  // Event by event, so that what is broken is left out by itself.
  const events = text.match(/^BEGIN:VEVENT[\s\S]*?^END:VEVENT/gim) ?? [];
  if (events.length === 0) return none('This calendar holds no event.');
  if (events.length > mostEvents) return none(`It holds ${events.length} events; at most ${mostEvents} are read at once.`);
  const days: CalendarDays['days'][number][] = [];
  const leftOut: CalendarDays['leftOut'][number][] = [];
  let leftOutInAll = 0;
  const leave = (what: string, because: string) => {
    leftOutInAll += 1;
    if (leftOut.length < MOST_TOLD) leftOut.push({ what, because });
  };
  for (const event of events) {
    let what = 'an event';
    try {
      const parsed = new ICAL.Component(ICAL.parse(`BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${event.trim()}\r\nEND:VCALENDAR\r\n`) as unknown[]);
      const component = parsed.getFirstSubcomponent('vevent')!;
      const of = new ICAL.Event(component);
      what = (of.summary ?? '').trim().slice(0, 120) || 'an event without a name';
      const begins = of.startDate;
      const ends = of.endDate;
      if (!begins) {
        leave(what, 'It has no day.');
        continue;
      }
      const first = begins.toString().slice(0, 10);
      // The end of whole days is the day after the last one.
      const end = ends ?? begins;
      const hours = (end.toUnixTime() - begins.toUnixTime()) / 3600;
      if (!begins.isDate && hours < 24) {
        leave(what, 'It lasts hours, not a whole day.');
        continue;
      }
      const last = end.clone();
      if (begins.isDate && end.compare(begins) > 0) last.adjust(-1, 0, 0, 0);
      const until = last.toString().slice(0, 10);
      if (!/^\d{4}-\d{2}-\d{2}$/.test(first) || !/^\d{4}-\d{2}-\d{2}$/.test(until) || first < FROM || until > TO || until < first) {
        leave(what, 'Its days cannot be.');
        continue;
      }
      if ((Date.parse(until) - Date.parse(first)) / 86_400_000 > LONGEST_DAYS) {
        leave(what, `It lasts longer than ${LONGEST_DAYS} days.`);
        continue;
      }
      const uid = (of.uid ?? '').slice(0, 255);
      const lasts = Date.parse(until) - Date.parse(first);
      if (!of.isRecurring()) days.push({ first, last: until, name: what, uid });
      else {
        const { times, more } = timesOf(of, today);
        for (const day of times) {
          const last = new Date(Date.parse(day) + lasts).toISOString().slice(0, 10);
          days.push({ first: day, last, name: what, uid: `${uid} ${day}`.trim().slice(0, 255) });
        }
        if (more) leave(what, `It repeats too often: ${REPEATS.most} times were taken.`);
        else if (times.length === 0) leave(what, 'It repeats, but not in the years around today.');
      }
    } catch {
      leave(what, 'It cannot be read.');
    }
  }
  return { days, leftOut, leftOutInAll, refused: null };
}

/** Days on which what repeats begins, in the years around today. */
function timesOf(event: ICAL.Event, today: string): { readonly times: readonly string[]; readonly more: boolean } {
  const year = Number(today.slice(0, 4));
  const [from, to] = [`${year - REPEATS.before}${today.slice(4)}`, `${year + REPEATS.after}${today.slice(4)}`];
  const times: string[] = [];
  const iterator = event.iterator();
  for (let looked = 0, next = iterator.next(); next && looked < REPEATS.looked; looked += 1, next = iterator.next()) {
    const day = next.toString().slice(0, 10);
    if (day > to) break;
    if (day < from) continue;
    if (times.length >= REPEATS.most) return { times, more: true };
    times.push(day);
  }
  return { times, more: false };
}
