import {
  classProblem,
  clockAt,
  emptyTimePlan,
  lessonMinutes,
  shortened,
  stampOf,
  teamName,
  type ClassProblem,
  type Kitchen,
  type TimePlan,
} from '@pelvo/core';
import { classToPlan, isForAnother, inTeamsOf, usualSegments, type LessonDetail, type TimeOfLesson } from '@pelvo/contract';

/** What a plan of time is made from besides what is decided in it. */
export interface MadeFrom {
  readonly lesson: LessonDetail;
  readonly kitchen: Kitchen;
  readonly practised: TimeOfLesson['practised'];
}

/** A lesson as a planning problem, with what is decided. */
export const problemOf = ({ lesson, kitchen, practised }: MadeFrom, plan: TimePlan): ClassProblem =>
  classProblem(classToPlan(lesson, kitchen, plan, practised));

/** Says what lies outside a plan: with another stamp it is out of date, whatever was decided in it. */
export const stampOfLesson = (from: MadeFrom): string => stampOf(problemOf(from, emptyTimePlan(usualSegments(from.lesson))).instance);

/** The time of day at a minute of a lesson, "10:05". */
export const timeAt = (lesson: LessonDetail, minute: number): string => clockAt(lesson, lesson.school.timeZone, minute);

/** A minute of the lesson by the clock, the nearest; null for what is no time. */
export function minuteOf(lesson: LessonDetail, time: string): number | null {
  const last = lessonMinutes(lesson, lesson.school.timeZone);
  for (let minute = 0; minute <= last; minute += 1) if (timeAt(lesson, minute) === time) return minute;
  return null;
}

/** What could make a lesson fit: another plan, or another lesson. */
export interface Remedy {
  readonly key: string;
  /** What would be done, in the words of whoever decides it. */
  readonly name: string;
  readonly plan: TimePlan;
  /** What would be changed in the lesson itself. */
  readonly lesson: Partial<Pick<LessonDetail, 'end' | 'teamSize' | 'teams'>>;
  readonly problem: ClassProblem;
}

/** More than so many never cook one making. */
const LARGEST_TEAM = 12;

/** What could make a lesson fit, each by itself, the gentlest first. */
export function remediesOf(from: MadeFrom, plan: TimePlan, problem: ClassProblem, reason: readonly string[]): readonly Remedy[] {
  const { lesson, kitchen } = from;
  const { segments, borrowed } = plan;
  const remedies: Remedy[] = [];
  const add = (key: string, name: string, part: Partial<TimePlan>, other: Remedy['lesson'] = {}, changed: LessonDetail = lesson) => {
    const next = { ...plan, ...part };
    remedies.push({ key, name, plan: next, lesson: other, problem: problemOf({ ...from, lesson: changed }, next) });
  };
  const wanted = reason.flatMap((id) => {
    const about = problem.meaning.get(id);
    // What is made for another lesson is that lesson's to change.
    return about?.dishId && about.work && !isForAnother(about.dishId)
      ? [{ dishId: about.dishId, work: about.work, minutes: about.minutes?.planned ?? 0 }]
      : [];
  });
  const once = [...new Map(wanted.map((each) => [`${each.dishId} ${each.work.id}`, each])).values()].sort((a, b) => b.minutes - a.minutes);
  const lastSteps = new Set(lesson.dishes.flatMap(({ content }) => content.method.at(-1)?.id ?? []));
  // What may be made ahead by what the dish says comes first; what must not is not offered.
  const ahead = once
    .filter(({ work }) => !lastSteps.has(work.id) && work.ahead?.may !== false)
    .sort((a, b) => Number(b.work.ahead?.may ?? false) - Number(a.work.ahead?.may ?? false));
  for (const { dishId, work } of ahead.slice(0, 3))
    add(`ahead-${work.id}`, `Make ahead: ${shortened(work.text, 70)}`, { ahead: [...plan.ahead, { dishId, stepId: work.id }] });
  if (segments.slack > 0) add('slack', 'Give up the slack', { segments: { ...segments, slack: 0 } });
  if (segments.demonstration > 0) add('demonstration', 'Leave the demonstration out', { segments: { ...segments, demonstration: 0 } });
  if (lesson.present > lesson.teamSize && lesson.teamSize < LARGEST_TEAM) {
    const larger = inTeamsOf(lesson, lesson.teamSize + 1);
    add(
      'teams',
      lesson.teamSize === 1
        ? 'Pairs instead of singles'
        : `${teamName(lesson.teamSize + 1, 0).replace(' 0', 's')} of ${lesson.teamSize + 1}`,
      {},
      { teamSize: larger.teamSize, teams: [] },
      larger,
    );
  }
  if (kitchen.ovens.length > 0) add('oven', 'One oven more', { borrowed: { ...borrowed, ovens: borrowed.ovens + 1 } });
  add('assessor', 'One assessor more at the pass', { borrowed: { ...borrowed, assessors: borrowed.assessors + 1 } });
  if (reason.some((id) => problem.meaning.get(id)?.kind === 'tasting')) {
    const plateWaits = Math.max(4, 2 * segments.plateWaits);
    add('wait', `Let plates wait ${plateWaits} minutes, in two rounds at the pass`, { segments: { ...segments, plateWaits } });
  }
  const components = [
    ...new Map(
      once.flatMap(({ dishId, work }) =>
        work.componentId ? [[work.componentId, { dishId, componentId: work.componentId }] as const] : [],
      ),
    ).values(),
  ];
  for (const { dishId, componentId } of components.slice(0, 2)) {
    const name = lesson.dishes.find((dish) => dish.dishId === dishId)?.content.components.find(({ id }) => id === componentId)?.name;
    if (name) add(`without-${componentId}`, `Leave out: ${name}`, { without: [...plan.without, { dishId, componentId }] });
  }
  for (const by of [15, 30, 60, 120]) {
    const end = laterBy(lesson.end, by);
    if (end) add(`later-${by}`, `End ${by} minutes later, at ${end}`, {}, { end }, { ...lesson, end });
  }
  return remedies;
}

/** A time of the same day; null where that would be the next. */
function laterBy(time: string, minutes: number): string | null {
  const [hours = 0, past = 0] = time.split(':').map(Number);
  const at = 60 * hours + past + minutes;
  return at < 24 * 60 ? `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}` : null;
}
