import type { Prerequisites, Purpose } from '../technique';

/** How far a student has come with a technique: introduced, practised, assessed, or none of it. */
export const STAGES = ['unmet', 'met', 'practised', 'assessed'] as const;
export type Stage = (typeof STAGES)[number];

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  unmet: 'Not met',
  met: 'Met',
  practised: 'Practised',
  assessed: 'Assessed',
};

/** A lesson as far as coverage goes. */
export interface TaughtLesson {
  readonly id: string;
  readonly title: string;
  /** ISO date. */
  readonly date: string;
  /** What the lesson is about, and what it does with it. */
  readonly techniques: readonly { readonly id: string; readonly purpose: Purpose }[];
  /** Techniques that its dishes exercise besides. */
  readonly inPassing: readonly string[];
  /** Ids of the students who were, or will be, absent. */
  readonly absent: readonly string[];
}

/** A class, the techniques of the school, and the lessons held and planned. */
export interface CourseFacts {
  readonly students: readonly { readonly id: string; readonly name: string }[];
  readonly techniques: readonly { readonly id: string; readonly name: string }[];
  readonly prerequisites: Prerequisites;
  readonly lessons: readonly TaughtLesson[];
}

/** Where one student stands with one technique. */
export interface StudentStage {
  readonly stage: Exclude<Stage, 'unmet'>;
  /** Lessons in which it was practised, in passing included. */
  readonly practised: number;
  /** ISO date on which it was last taken up. */
  readonly last: string;
}

/** Where a class stands with one technique. */
export interface ClassStage {
  /** The stage that more than half of the class has reached at least. */
  readonly stage: Stage;
  /** Students at each stage, and no further. */
  readonly counts: Readonly<Record<Stage, number>>;
  /** Ids of those who have not met it. */
  readonly unmet: readonly string[];
}

const byDate = (a: TaughtLesson, b: TaughtLesson) => a.date.localeCompare(b.date);

/**
 * What a student has met, practised and been assessed on by the end of a day. A technique that a dish exercises in
 * passing counts as practice only for who had met it in an earlier lesson.
 *
 * @param upTo - ISO date; lessons after it do not count
 * @returns by technique; what was not met is not in it
 */
export function studentCoverage(studentId: string, lessons: readonly TaughtLesson[], upTo: string): ReadonlyMap<string, StudentStage> {
  const found = new Map<string, StudentStage>();
  for (const lesson of [...lessons].sort(byDate)) {
    if (lesson.date > upTo || lesson.absent.includes(studentId)) continue;
    takeUp(found, lesson);
  }
  return found;
}

/** Adds what a lesson does for a student who is there. */
function takeUp(found: Map<string, StudentStage>, lesson: TaughtLesson): void {
  const practisedInPassing = lesson.inPassing.filter((id) => found.has(id) && !lesson.techniques.some((each) => each.id === id));
  for (const { id, purpose } of lesson.techniques) found.set(id, after(found.get(id), purpose, lesson.date));
  for (const id of new Set(practisedInPassing)) found.set(id, after(found.get(id), 'practise', lesson.date));
}

function after(now: StudentStage | undefined, purpose: Purpose, date: string): StudentStage {
  const reached = purpose === 'introduce' ? 'met' : purpose === 'practise' ? 'practised' : 'assessed';
  const stage = now && STAGES.indexOf(now.stage) > STAGES.indexOf(reached) ? now.stage : reached;
  return { stage, practised: (now?.practised ?? 0) + (purpose === 'practise' ? 1 : 0), last: date };
}

/** Where a class stands with each technique of the school by the end of a day. */
export function classCoverage(facts: CourseFacts, upTo: string): ReadonlyMap<string, ClassStage> {
  const students = facts.students.map(({ id }) => ({ id, coverage: studentCoverage(id, facts.lessons, upTo) }));
  return new Map(
    facts.techniques.map(({ id: techniqueId }) => {
      const counts: Record<Stage, number> = { unmet: 0, met: 0, practised: 0, assessed: 0 };
      const unmet: string[] = [];
      for (const { id, coverage } of students) {
        const stage = coverage.get(techniqueId)?.stage ?? 'unmet';
        counts[stage] += 1;
        if (stage === 'unmet') unmet.push(id);
      }
      return [techniqueId, { stage: mostReached(counts, students.length), counts, unmet }];
    }),
  );
}

function mostReached(counts: Readonly<Record<Stage, number>>, students: number): Stage {
  let reached = 0;
  for (const stage of [...STAGES].reverse()) {
    reached += counts[stage];
    if (reached * 2 > students) return stage;
  }
  return 'unmet';
}

/** An assessment that some students come to without having practised. */
export interface EarlyAssessment {
  readonly techniqueId: string;
  readonly lessonId: string;
  /** Ids of those who will be, or were, there without practice. */
  readonly students: readonly string[];
}

/**
 * What is assessed before it was practised, in lessons held and planned, in the order of their dates. Walks through the lessons
 * once, with what every student has come to by then; what is practised on the day itself does not count.
 */
export function assessedTooEarly(facts: CourseFacts): readonly EarlyAssessment[] {
  const found: EarlyAssessment[] = [];
  const students = facts.students.map(({ id }) => ({ id, coverage: new Map<string, StudentStage>() }));
  const there = ({ absent }: TaughtLesson) => {
    const away = new Set(absent);
    return students.filter(({ id }) => !away.has(id));
  };
  const lessons = [...facts.lessons].sort(byDate);
  for (let first = 0; first < lessons.length;) {
    let next = first;
    while (next < lessons.length && lessons[next]!.date === lessons[first]!.date) next += 1;
    const day = lessons.slice(first, next);
    for (const lesson of day)
      for (const { id: techniqueId, purpose } of lesson.techniques) {
        if (purpose !== 'assess') continue;
        const early = there(lesson).filter(({ coverage }) => !coverage.get(techniqueId)?.practised);
        if (early.length > 0) found.push({ techniqueId, lessonId: lesson.id, students: early.map(({ id }) => id) });
      }
    for (const lesson of day) for (const { coverage } of there(lesson)) takeUp(coverage, lesson);
    first = next;
  }
  return found;
}

/** Techniques that no lesson of the class, held or planned, takes up. What a dish only exercises in passing is not covered. */
export function neverCovered({ techniques, lessons }: CourseFacts): readonly string[] {
  const covered = new Set(lessons.flatMap((lesson) => lesson.techniques.map(({ id }) => id)));
  return techniques.map(({ id }) => id).filter((id) => !covered.has(id));
}

/** What a lesson would do for a class with one technique. */
export interface LessonAdds {
  /** What the lesson is planned to do with it; null when a dish only exercises it in passing. */
  readonly purpose: Purpose | null;
  /** Ids of the students whom it would bring a stage further. */
  readonly further: readonly string[];
  /** Where the class would stand. */
  readonly after: ClassStage;
}

/**
 * What one lesson would add to where a class stands by the end of a day, as if it were held next and all else stayed.
 *
 * @param upTo - ISO date; the lesson itself may lie before it or after it
 * @returns by technique; only those the lesson takes up or exercises
 */
export function lessonAdds(facts: CourseFacts, lessonId: string, upTo: string): ReadonlyMap<string, LessonAdds> {
  const lesson = facts.lessons.find(({ id }) => id === lessonId);
  if (!lesson) return new Map();
  const held = facts.lessons.filter(({ id, date }) => id !== lessonId && date <= upTo);
  // A date after every other one, so that it is held last.
  const withIt = { ...facts, lessons: [...held, { ...lesson, date: '9999-12-31' }] };
  const after = classCoverage(withIt, '9999-12-31');
  const stages = facts.students.map(({ id }) => ({
    id,
    before: studentCoverage(id, held, upTo),
    after: studentCoverage(id, withIt.lessons, '9999-12-31'),
  }));
  const rank = (stage: Stage | undefined) => STAGES.indexOf(stage ?? 'unmet');
  const touched = new Set([...lesson.techniques.map(({ id }) => id), ...lesson.inPassing]);
  return new Map(
    facts.techniques
      .filter(({ id }) => touched.has(id))
      .map(({ id }) => [
        id,
        {
          purpose: lesson.techniques.find((each) => each.id === id)?.purpose ?? null,
          further: stages
            .filter((student) => rank(student.after.get(id)?.stage) > rank(student.before.get(id)?.stage))
            .map((student) => student.id),
          after: after.get(id)!,
        },
      ]),
  );
}

/** Lessons, held by the end of a day, that took a technique up while a student was away: why it is not met. */
export function missedIn(studentId: string, techniqueId: string, lessons: readonly TaughtLesson[], upTo: string): readonly TaughtLesson[] {
  return lessons.filter(
    ({ date, absent, techniques }) => date <= upTo && absent.includes(studentId) && techniques.some(({ id }) => id === techniqueId),
  );
}

/**
 * The share of some students who have practised each technique before a day, or been assessed on it.
 *
 * @param before - ISO date; what is taught on the day itself does not count
 * @returns by technique, between 0 and 1; only techniques that somebody has met
 */
export function practisedShares(
  studentIds: readonly string[],
  lessons: readonly TaughtLesson[],
  before: string,
): ReadonlyMap<string, number> {
  const earlier = lessons.filter(({ date }) => date < before);
  const met = new Set(earlier.flatMap(({ techniques }) => techniques.map(({ id }) => id)));
  const stages = studentIds.map((id) => studentCoverage(id, earlier, before));
  return new Map(
    [...met].map((technique) => {
      const practised = stages.filter((coverage) => ['practised', 'assessed'].includes(coverage.get(technique)?.stage ?? '')).length;
      return [technique, studentIds.length === 0 ? 0 : practised / studentIds.length];
    }),
  );
}
