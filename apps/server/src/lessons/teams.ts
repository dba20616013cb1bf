import { In, type EntityManager } from 'typeorm';
import type { LessonTeam } from '@pelvo/core';
import type { LessonFields } from '@pelvo/contract';
import { Student } from '../classes';
import { DishEdition } from '../dishes';
import { invalid } from '../platform/problems';
import { LessonTeamDish, LessonTeamMember, LessonTeamRow } from './lessonTeam.entity';

/** The teams of several lessons as they were put together, in three queries whatever their number. */
export async function teamsOfLessons(
  manager: EntityManager,
  lessonIds: readonly string[],
): Promise<ReadonlyMap<string, readonly LessonTeam[]>> {
  const found = new Map<string, LessonTeam[]>(lessonIds.map((id) => [id, []]));
  if (lessonIds.length === 0) return found;
  const rows = await manager.find(LessonTeamRow, { where: { lessonId: In([...lessonIds]) }, order: { position: 'ASC' } });
  if (rows.length === 0) return found;
  const teamIds = rows.map(({ id }) => id);
  const [members, dishes] = await Promise.all([
    manager.find(LessonTeamMember, { where: { teamId: In(teamIds) }, relations: { student: true }, order: { student: { name: 'ASC' } } }),
    manager.find(LessonTeamDish, { where: { teamId: In(teamIds) }, order: { dishId: 'ASC' } }),
  ]);
  for (const { id, lessonId, name, station } of rows) {
    const dishIds = dishes.filter(({ teamId }) => teamId === id).map(({ dishId }) => dishId);
    const studentIds = members.filter(({ teamId, student }) => teamId === id && student.active).map(({ studentId }) => studentId);
    found.get(lessonId)!.push({ id, name, station, studentIds, dishIds: dishIds.length > 0 ? dishIds : null });
  }
  return found;
}

/** Puts the teams of a lesson down as they are said; what stood there before goes. */
export async function writeTeams(manager: EntityManager, lessonId: string, { teams, dishEditionIds }: LessonFields): Promise<void> {
  await manager.delete(LessonTeamRow, { lessonId });
  if (teams.length === 0) return;
  // A dish that has left the lesson leaves its teams; whoever cooked nothing else cooks all again.
  const editions =
    dishEditionIds.length === 0
      ? []
      : await manager.find(DishEdition, { where: { id: In([...dishEditionIds]) }, select: { id: true, dishId: true } });
  const cooked = new Set(editions.map(({ dishId }) => dishId));
  await manager.insert(
    LessonTeamRow,
    teams.map(({ id, name, station }, position) => ({ id, lessonId, position, name, station })),
  );
  const members = teams.flatMap(({ id, studentIds }) => studentIds.map((studentId) => ({ lessonId, studentId, teamId: id })));
  if (members.length > 0) await manager.insert(LessonTeamMember, members);
  const dishes = teams.flatMap(({ id, dishIds }) =>
    (dishIds ?? []).filter((dishId) => cooked.has(dishId)).map((dishId) => ({ teamId: id, dishId })),
  );
  if (dishes.length > 0) await manager.insert(LessonTeamDish, dishes);
}

/** Refuses teams with somebody who is not of the class, or that belong to another lesson. */
export async function checkTeams(manager: EntityManager, lessonId: string, { teams, classId }: LessonFields): Promise<void> {
  if (teams.length === 0) return;
  const members = [...new Set(teams.flatMap(({ studentIds }) => studentIds))];
  const known = members.length === 0 ? 0 : await manager.countBy(Student, { id: In(members), classId });
  if (known < members.length)
    throw invalid('teams', 'Somebody in a team is not of this class.', 'Take them out of the team, or choose their class.');
  const elsewhere = await manager.findBy(LessonTeamRow, { id: In(teams.map(({ id }) => id)) });
  if (elsewhere.some((row) => row.lessonId !== lessonId))
    throw invalid('teams', 'A team is of another lesson.', 'Give it an id of its own.');
}
