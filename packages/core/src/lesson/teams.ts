import { teamsOf } from '../scaling';

/** Those who cook together in a lesson, as they were put together. */
export interface LessonTeam {
  readonly id: string;
  readonly name: string;
  /** Where they work, as it is called in the kitchen; empty where that does not matter. */
  readonly station: string;
  readonly studentIds: readonly string[];
  /** Ids of the dishes they cook; null for all. */
  readonly dishIds: readonly string[] | null;
}

/** A team as it cooks on the day: of those who are there. */
export interface CookingTeam {
  readonly id: string;
  readonly name: string;
  readonly station: string;
  readonly hands: number;
  readonly studentIds: readonly string[];
  readonly dishIds: readonly string[] | null;
}

interface WhoCooks {
  readonly teams: readonly LessonTeam[];
  /** Ids of the students who are there, in the order of the roster. */
  readonly present: readonly string[];
  /** Where a number is planned for instead of the roster. */
  readonly studentCount: number | null;
  readonly teamSize: number;
}

/** How those are called who were not put together by hand. */
export const teamName = (teamSize: number, number: number): string =>
  `${teamSize === 1 ? 'Student' : teamSize === 2 ? 'Pair' : 'Team'} ${number}`;

/** Sizes of as many teams as a number of people needs, as alike as can be: 14 in fours are 4, 4, 3, 3. */
export function teamSizes(people: number, teamSize: number): readonly number[] {
  const count = teamsOf(people, teamSize);
  return Array.from({ length: count }, (_, at) => Math.floor(people / count) + (at < people % count ? 1 : 0));
}

/**
 * The teams of the day: those that were put together, of whom somebody is there; who is in none of them makes up further teams of the
 * lesson's size. Where a number is planned for, or nobody was put together, all are such further teams.
 */
export function cookingTeams({ teams, present, studentCount, teamSize }: WhoCooks): readonly CookingTeam[] {
  const there = new Set(present);
  const put = studentCount === null ? teams : [];
  const own = put.flatMap((team) => {
    const studentIds = team.studentIds.filter((id) => there.has(id));
    return studentIds.length > 0 ? [{ ...team, studentIds, hands: studentIds.length }] : [];
  });
  const placed = new Set(put.flatMap(({ studentIds }) => studentIds));
  const rest = studentCount === null ? present.filter((id) => !placed.has(id)) : [];
  let from = 0;
  const further = teamSizes(studentCount ?? rest.length, teamSize).map((hands, at) => {
    const studentIds = rest.slice(from, from + hands);
    from += hands;
    const number = own.length + at + 1;
    return { id: `team-${number}`, name: teamName(teamSize, number), station: '', hands, studentIds, dishIds: null };
  });
  return [...own, ...further];
}

/** Teams that were put together and of whom nobody is there: they cook nothing, whatever was planned for them. */
export function teamsOfNobody({ teams, present, studentCount }: Omit<WhoCooks, 'teamSize'>): readonly LessonTeam[] {
  const there = new Set(present);
  return studentCount === null ? teams.filter(({ studentIds }) => !studentIds.some((id) => there.has(id))) : [];
}

/** Names of the teams that cook a dish; undefined where all do, so that nothing has to be said. */
export function teamsCooking(teams: readonly Pick<CookingTeam, 'name' | 'dishIds'>[], dishId: string): readonly string[] | undefined {
  if (teams.every(({ dishIds }) => dishIds === null || dishIds.includes(dishId))) return undefined;
  return teams.filter(({ dishIds }) => dishIds === null || dishIds.includes(dishId)).map(({ name }) => name);
}

/** How teams are put together: everyone among those who stand as they do, or the practised beside the new. */
export type Mixing = 'alike' | 'mixed';

/**
 * A proposal of teams by practice. `alike` takes people in the order of their practice; `mixed` deals them out there and back again, so
 * that the sums are as near as dealing can bring them.
 *
 * @param people - with their practice, any number that grows with it; order breaks ties
 * @source serpentine dealing, as teams are drawn in games
 */
export function proposeTeams(
  people: readonly { readonly id: string; readonly practice: number }[],
  teamSize: number,
  mixing: Mixing,
): readonly (readonly string[])[] {
  const sizes = teamSizes(people.length, teamSize);
  const sorted = people.map((person, at) => ({ ...person, at })).sort((a, b) => b.practice - a.practice || a.at - b.at);
  if (mixing === 'alike') {
    let from = 0;
    return sizes.map((size) => sorted.slice(from, (from += size)).map(({ id }) => id));
  }
  const teams: string[][] = sizes.map(() => []);
  const order = sizes.map((_, at) => at);
  for (let dealt = 0, forth = true; dealt < sorted.length; forth = !forth)
    for (const at of forth ? order : [...order].reverse())
      if (dealt < sorted.length && teams[at]!.length < sizes[at]!) teams[at]!.push(sorted[dealt++]!.id);
  return teams;
}
