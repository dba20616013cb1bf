import type { CookingTeam, MakingPlan } from '@pelvo/core';

// What screens need at once stands here, apart from the schemas: whoever signs in on a phone does not fetch a validator for it.

export const ROLES = ['lead', 'assistant', 'stores', 'student'] as const;
export type Role = (typeof ROLES)[number];

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  lead: 'Lead instructor',
  assistant: 'Assistant instructor',
  stores: 'Stores technician',
  student: 'Student',
};

export const LESSON_LIMITS = { students: 200, dishes: 12, techniques: 20, teams: 100, teamName: 60 } as const;

/** The most lessons one list shows: the newest of those that were asked for. Earlier ones are asked for by their dates. */
export const LESSONS_SHOWN = 1000;

export const PAGE_SIZE = 100;

/** More at once would hold the database up; what else is overdue goes the next time. */
export const OVERDUE_AT_ONCE = 200;

/** What of a photo is taken, and as what it is kept. */
export const PHOTO_LIMITS = {
  /** No side is kept longer, in pixels: enough to see a rim on a tablet. */
  side: 1600,
  /** More are refused before anything is unpacked. */
  pixels: 40_000_000,
  aPlate: 4,
} as const;

/**
 * The lesson's demand as the core takes it.
 *
 * @param cooking - the teams of the day, where they were put together by hand; left out, students and size make them
 */
export function makingPlanOf(
  lesson: Omit<MakingPlan, 'students' | 'teams'>,
  students: number,
  cooking?: readonly Pick<CookingTeam, 'name'>[],
): MakingPlan {
  const { teamSize, portionsATeam, demonstrationPortions, referencePlates, tastingPortions, spareMakings } = lesson;
  const plan = { students, teamSize, portionsATeam, demonstrationPortions, referencePlates, tastingPortions, spareMakings };
  return cooking ? { ...plan, teams: cooking.map(({ name }) => name) } : plan;
}
