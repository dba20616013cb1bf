import { TZDate } from '@date-fns/tz';
import { lessonMinutes } from '../schedule';
import { carriedWindow, type CarriedVerdict, type KeptHow } from '../preparation';
import type { Prerequisites } from '../technique';
import { assessedTooEarly, type TaughtLesson } from './coverage';

/** A lesson in the sequence of its term. */
export interface TermLesson extends Omit<TaughtLesson, 'absent'> {
  /** "09:00". */
  readonly start: string;
  readonly end: string;
  readonly kitchenId: string | null;
}

/** Days on which the school does not teach, first and last included; ISO dates. */
export interface DayOff {
  readonly first: string;
  readonly last: string;
  readonly name: string;
}

/** A kitchen that another class has. */
export interface TakenKitchen {
  readonly kitchenId: string;
  readonly date: string;
  readonly start: string;
  readonly end: string;
  readonly by: string;
}

/** Something that one lesson of a term makes for another. */
export interface CarriedInTerm {
  readonly fromLessonId: string;
  readonly toLessonId: string;
  readonly what: string;
  readonly kept: KeptHow;
}

/** What the sequence of a term is looked at with. */
export interface TermFacts {
  readonly students: readonly { readonly id: string; readonly name: string }[];
  readonly prerequisites: Prerequisites;
  readonly lessons: readonly TermLesson[];
  /** Who is away on which day. */
  readonly absences: readonly { readonly date: string; readonly studentIds: readonly string[] }[];
  readonly daysOff: readonly DayOff[];
  readonly taken: readonly TakenKitchen[];
  readonly carried?: readonly CarriedInTerm[];
  readonly timeZone: string;
}

/** What does not hold in a term, at one of its lessons. */
export type TermBreak =
  /** It takes up a technique of which one that comes first has not been met. */
  | { readonly kind: 'prerequisite'; readonly lessonId: string; readonly techniqueId: string; readonly needs: string }
  /** It assesses what some have not practised. */
  | { readonly kind: 'early'; readonly lessonId: string; readonly techniqueId: string; readonly students: number; readonly of: number }
  | { readonly kind: 'day-off'; readonly lessonId: string; readonly name: string }
  | { readonly kind: 'kitchen-taken'; readonly lessonId: string; readonly by: string }
  /** The class has two lessons at once. */
  | { readonly kind: 'same-time'; readonly lessonId: string; readonly with: string }
  /** More than half of the class is away. */
  | { readonly kind: 'away'; readonly lessonId: string; readonly students: number; readonly of: number }
  /** What is made for it in another lesson does not keep until then, or is not there yet. */
  | {
      readonly kind: 'carried';
      readonly lessonId: string;
      readonly what: string;
      readonly from: string;
      readonly hours: number;
      readonly least: number;
      readonly most: number | null;
      readonly verdict: CarriedVerdict;
    }
  /** The clocks change while it lasts, so that it is shorter or longer than it says. */
  | { readonly kind: 'clocks'; readonly lessonId: string; readonly minutes: number };

interface Hours {
  readonly date: string;
  readonly start: string;
  readonly end: string;
}
const overlap = (a: Hours, b: Hours) => a.date === b.date && a.start < b.end && b.start < a.end;
const byTime = (a: Hours, b: Hours) => a.date.localeCompare(b.date) || a.start.localeCompare(b.start);

/** Everything that does not hold in a term, in the order of its lessons. */
export function termBreaks(facts: TermFacts): readonly TermBreak[] {
  const { students, prerequisites, daysOff, taken, carried = [], timeZone } = facts;
  const lessons = [...facts.lessons].sort(byTime);
  const awayOn = new Map(facts.absences.map(({ date, studentIds }) => [date, studentIds]));
  const own = new Set(students.map(({ id }) => id));
  const away = (date: string) => (awayOn.get(date) ?? []).filter((id) => own.has(id));
  const taught = lessons.map((lesson): TaughtLesson => ({ ...lesson, absent: away(lesson.date) }));
  const early = assessedTooEarly({ students, techniques: [], prerequisites, lessons: taught });
  const met = new Set<string>();
  return lessons.flatMap((lesson, at): TermBreak[] => {
    const { id: lessonId, date } = lesson;
    for (const { id } of lesson.techniques) met.add(id);
    const found: TermBreak[] = lesson.techniques.flatMap(({ id: techniqueId }) =>
      (prerequisites.get(techniqueId) ?? [])
        .filter((needs) => !met.has(needs))
        .map((needs) => ({ kind: 'prerequisite', lessonId, techniqueId, needs }) as const),
    );
    for (const { techniqueId, students: who } of early.filter((each) => each.lessonId === lessonId))
      found.push({ kind: 'early', lessonId, techniqueId, students: who.length, of: students.length });
    const off = daysOff.find(({ first, last }) => first <= date && date <= last);
    if (off) found.push({ kind: 'day-off', lessonId, name: off.name });
    const other = taken.find((each) => each.kitchenId === lesson.kitchenId && overlap(each, lesson));
    if (other) found.push({ kind: 'kitchen-taken', lessonId, by: other.by });
    const twin = lessons.find((each, place) => place !== at && overlap(each, lesson));
    if (twin) found.push({ kind: 'same-time', lessonId, with: twin.title });
    const gone = away(date).length;
    if (gone * 2 > students.length) found.push({ kind: 'away', lessonId, students: gone, of: students.length });
    for (const { fromLessonId, toLessonId, what, kept } of carried) {
      const made = toLessonId === lessonId && lessons.find(({ id }) => id === fromLessonId);
      if (!made) continue;
      const { hours, least, most, verdict } = carriedWindow(kept, { made, wanted: lesson, timeZone, rules: {} });
      if (verdict !== 'holds' && verdict !== 'not-known')
        found.push({ kind: 'carried', lessonId, what, from: made.title, hours, least, most, verdict });
    }
    const minutes = lessonMinutes(lesson, timeZone);
    if (minutes !== clockMinutes(lesson)) found.push({ kind: 'clocks', lessonId, minutes });
    return found;
  });
}

function clockMinutes({ start, end }: Pick<TermLesson, 'start' | 'end'>): number {
  const of = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
  return of(end) - of(start);
}

/** What a move of a lesson would break, and what it would put right. */
export interface MoveCheck {
  readonly breaks: readonly TermBreak[];
  readonly settles: readonly TermBreak[];
  /** Days by which everything that hangs on its date moves: orders, what is made ahead. */
  readonly days: number;
  /** Names of those who are away on the new day. */
  readonly away: readonly string[];
  /** The offset from universal time changes between the two days: what runs by universal time shifts by so many minutes. */
  readonly clockShift: number;
}

/** What happens when lessons get other days. @param moves - ISO dates by lesson */
export function checkMoves(facts: TermFacts, moves: Readonly<Record<string, string>>): MoveCheck {
  const before = termBreaks(facts);
  const moved = { ...facts, lessons: facts.lessons.map((lesson) => ({ ...lesson, date: moves[lesson.id] ?? lesson.date })) };
  const after = termBreaks(moved);
  const key = (each: TermBreak) => JSON.stringify(each);
  const [was, is] = [new Set(before.map(key)), new Set(after.map(key))];
  const [first] = facts.lessons.filter(({ id }) => moves[id]);
  const to = first ? moves[first.id]! : '';
  const names = new Map(facts.students.map(({ id, name }) => [id, name]));
  return {
    breaks: after.filter((each) => !was.has(key(each))),
    settles: before.filter((each) => !is.has(key(each))),
    days: first ? Math.round((Date.parse(to) - Date.parse(first.date)) / 86_400_000) : 0,
    away: first ? (facts.absences.find(({ date }) => date === to)?.studentIds ?? []).flatMap((id) => names.get(id) ?? []) : [],
    clockShift: first ? offsetOn(to, facts.timeZone) - offsetOn(first.date, facts.timeZone) : 0,
  };
}

const offsetOn = (date: string, timeZone: string): number => {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  return -new TZDate(year, month - 1, day, 12, 0, timeZone).getTimezoneOffset();
};
