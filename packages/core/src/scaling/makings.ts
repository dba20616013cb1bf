import { exact, showFraction, type Exact } from '../exact';
import { figure, given, measure, product, sum, type Figure } from '../figure';
import type { Said } from '../words';

/** How the class works and what is cooked besides the students' plates. */
export interface MakingPlan {
  /** Students present. */
  readonly students: number;
  /** 1 alone, 2 in pairs, n in teams; the last team may be smaller. */
  readonly teamSize: number;
  readonly portionsATeam: number;
  readonly demonstrationPortions: number;
  readonly referencePlates: number;
  /** Portions cut up for everyone to taste, cooked with the demonstration. */
  readonly tastingPortions: number;
  /** Further makings of a team's size, kept for a second try. */
  readonly spareMakings: number;
  /** Names of the teams, where they were put together by hand; else as many as students and size make. */
  readonly teams?: readonly string[];
}

export type MakingFor = 'team' | 'demonstration' | 'spare' | 'bulk';

/** A number of equal makings: each is one batch cooked by itself. */
export interface Making {
  readonly by: MakingFor;
  readonly count: number;
  /** Portions in each. */
  readonly portions: Exact;
  /** Whose they are: 14 students, the demonstration. */
  readonly called: Said;
  /** Teams that get a bulk making of their own, with something else in it. */
  readonly separateFor?: number;
  /** Id of the one component that is made, to stand ready for a demonstration. */
  readonly standsReady?: string;
}

/** "1 portion each", "2½ portions each". */
export function portionsEach(portions: Exact): string {
  return `${showFraction(portions)} ${portions.equals(1) ? 'portion' : 'portions'} each`;
}

/** Teams a number of students makes up; 13 in pairs are 7. */
export function teamsOf(students: number, teamSize: number): number {
  return Math.ceil(students / teamSize);
}

/**
 * The makings of a lesson. The reference plate and what is tasted are cooked with the demonstration, in one batch, by the instructor.
 *
 * @throws RangeError if a count is negative or not whole, or a team has no one in it
 * @example planMakings({ students: 13, teamSize: 2, portionsATeam: 2, demonstrationPortions: 2, referencePlates: 1, tastingPortions: 0, spareMakings: 1 })
 */
export function planMakings(plan: MakingPlan): readonly Making[] {
  for (const [name, value] of Object.entries(plan)) {
    if (name !== 'teams' && (!Number.isInteger(value) || value < 0)) throw new RangeError(`${name} must be a whole number of 0 or more`);
  }
  if (plan.teamSize < 1) throw new RangeError('teamSize must be 1 or more');
  const teams = plan.teams?.length ?? teamsOf(plan.students, plan.teamSize);
  const each = plan.teamSize === 1 ? 'student' : plan.teamSize === 2 ? 'pair' : 'team';
  const { demonstrationPortions, referencePlates, tastingPortions } = plan;
  const shown = demonstrationPortions + referencePlates + tastingPortions;
  const makings: Making[] = [
    {
      by: 'team',
      count: teams,
      portions: exact(plan.portionsATeam),
      called: plan.teams ? { code: 'making.teams', names: plan.teams } : { code: 'making.team', count: teams, each },
    },
    {
      by: 'demonstration',
      count: shown > 0 ? 1 : 0,
      portions: exact(shown),
      called: { code: 'making.shown', demonstration: demonstrationPortions, reference: referencePlates, tasting: tastingPortions },
    },
    {
      by: 'spare',
      count: plan.spareMakings,
      portions: exact(plan.portionsATeam),
      called: { code: 'making.spare', count: plan.spareMakings },
    },
  ];
  return makings.filter((making) => making.count > 0 && making.portions.compare(0) > 0);
}

/** The makings of one dish of a lesson, where only some of the teams cook it. */
export function makingsFor(makings: readonly Making[], teams: readonly string[] | undefined): readonly Making[] {
  if (!teams) return makings;
  return makings.flatMap((making) => {
    if (making.by !== 'team') return [making];
    return teams.length > 0 ? [{ ...making, count: teams.length, called: { code: 'making.teams' as const, names: teams } }] : [];
  });
}

/** Portions cooked in all, with the working: teams, demonstration, reference plate, second tries. */
export function demandFigure(makings: readonly Making[]): Figure {
  const parts = makings.map(({ count, portions, called }) =>
    product([given(measure(count, 'times')), given(measure(portions, 'portion'))], 'portion', { said: called }),
  );
  return figure({ code: 'portions-in-all' }, sum(parts, 'portion'));
}
