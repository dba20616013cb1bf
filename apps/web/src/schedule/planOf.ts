import { classProblem, minutesFor, USUAL_SEGMENTS, type ClassProblem, type Kitchen, type Segments } from '@pelvo/core';
import type { LessonDetail } from '@pelvo/contract';

const minuteOf = (time: string): number => {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return 60 * hours + minutes;
};

export const lessonMinutes = ({ start, end }: Pick<LessonDetail, 'start' | 'end'>): number => Math.max(0, minuteOf(end) - minuteOf(start));

/** The time of day at a minute of the lesson, "10:05"; a lesson ends on the day on which it begins. */
export function timeAt(start: string, minute: number): string {
  const at = minuteOf(start) + minute;
  return `${String(Math.floor(at / 60) % 24).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
}

/** Members of each team, from those who are present: full teams first, the rest in one that is smaller. */
export function teamsOf(present: number, teamSize: number): readonly number[] {
  const full = Math.floor(present / teamSize);
  const rest = present % teamSize;
  return [...Array.from({ length: full }, () => teamSize), ...(rest > 0 ? [rest] : [])];
}

export interface PlanChoices {
  readonly segments: Segments;
  readonly teamSize: number;
  readonly minutes: number;
  readonly kitchen: Kitchen;
  /** Steps that are done before the lesson, by edition of a dish. */
  readonly ahead: ReadonlyMap<string, ReadonlySet<string>>;
}

const purposesOf = (lesson: LessonDetail) => new Map(lesson.techniques.map(({ id, purpose }) => [id, purpose]));

export const usualSegments = (lesson: LessonDetail): Segments => ({
  ...USUAL_SEGMENTS,
  demonstration: lesson.demonstrationPortions > 0 ? USUAL_SEGMENTS.demonstration : 0,
});

/** A lesson as a planning problem, with these choices. */
export const problemOf = (lesson: LessonDetail, { segments, teamSize, minutes, kitchen, ahead }: PlanChoices): ClassProblem =>
  classProblem({
    minutes,
    teams: teamsOf(lesson.present, teamSize),
    dishes: lesson.dishes.map(({ editionId, content }) => ({ id: editionId, content })),
    kitchen,
    purposes: purposesOf(lesson),
    segments,
    ahead,
  });

export interface Remedy {
  readonly key: string;
  /** What would be done, in the words of whoever decides it. */
  readonly name: string;
  readonly choices: PlanChoices;
}

/** Steps of the reason, the longest first: those that are worth doing before the lesson, and can be, since something comes after them. */
function madeAhead(lesson: LessonDetail, choices: PlanChoices, problem: ClassProblem, reason: readonly string[]): readonly Remedy[] {
  const seen = new Set<string>();
  const last = new Set(lesson.dishes.flatMap(({ content }) => content.method.at(-1)?.id ?? []));
  return reason
    .flatMap((id) => {
      const { dishId, work } = problem.meaning.get(id) ?? {};
      if (!dishId || !work || last.has(work.id) || seen.has(work.id)) return [];
      seen.add(work.id);
      return [{ dishId, work, minutes: minutesFor(work, purposesOf(lesson)) }];
    })
    .sort((a, b) => b.minutes - a.minutes)
    .slice(0, 3)
    .map(({ dishId, work }) => ({
      key: `ahead-${work.id}`,
      name: `Make ahead: ${work.text.length > 70 ? `${work.text.slice(0, 70)}…` : work.text}`,
      choices: { ...choices, ahead: new Map([...choices.ahead, [dishId, new Set([...(choices.ahead.get(dishId) ?? []), work.id])]]) },
    }));
}

/** What could make a lesson fit, each by itself. */
export function remediesOf(
  lesson: LessonDetail,
  choices: PlanChoices,
  problem: ClassProblem,
  reason: readonly string[],
): readonly Remedy[] {
  const { segments, teamSize, minutes, kitchen } = choices;
  const later = (by: number): Remedy => ({
    key: `later-${by}`,
    name: `End ${by} minutes later`,
    choices: { ...choices, minutes: minutes + by },
  });
  const first = kitchen.ovens[0];
  return [
    ...madeAhead(lesson, choices, problem, reason),
    ...(segments.slack > 0
      ? [{ key: 'slack', name: 'Give up the slack', choices: { ...choices, segments: { ...segments, slack: 0 } } }]
      : []),
    ...(segments.demonstration > 0
      ? [
          {
            key: 'demonstration',
            name: 'Leave the demonstration out',
            choices: { ...choices, segments: { ...segments, demonstration: 0 } },
          },
        ]
      : []),
    ...(lesson.present > teamSize
      ? [
          {
            key: 'teams',
            name: teamSize === 1 ? 'Pairs instead of singles' : `Teams of ${teamSize + 1}`,
            choices: { ...choices, teamSize: teamSize + 1 },
          },
        ]
      : []),
    ...(first
      ? [{ key: 'oven', name: 'One oven more', choices: { ...choices, kitchen: { ...kitchen, ovens: [...kitchen.ovens, first] } } }]
      : []),
    {
      key: 'assessor',
      name: 'One assessor more at the pass',
      choices: { ...choices, kitchen: { ...kitchen, assessors: kitchen.assessors + 1 } },
    },
    ...[15, 30, 60].map(later),
  ];
}
