import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull, Not, type EntityManager, type FindOptionsWhere } from 'typeorm';
import {
  askedHere,
  computeResult,
  cookingTeams,
  differing,
  momentAt,
  shownOf,
  tastingIdOf,
  type CookingTeam,
  type CountingRule,
  type LessonTeam,
  type MarkingWay,
  type Marks,
  type MatterKey,
} from '@pelvo/core';
import type {
  ClassFairness,
  ClassResults,
  DishResult,
  MarkedDish,
  MarkingSheet,
  MarkingStudent,
  MyResult,
  PlateAt,
  ResultChange,
} from '@pelvo/contract';
import { passOfEditions } from '../dishes';
import { dishesCooked, Lesson, LessonTechnique, markingWayOf, rosters, type CookedDish, teamsOfLessons } from '../lessons';
import { Person } from '../people';
import { notFound } from '../platform/problems';
import { rubricOfEdition, rubricsOfEditions } from '../rubrics';
import { loadChoices, practicesInWords } from '../practices';
import { TimePlanRow } from '../schedule';
import { loadSchool } from '../school';
import { Technique } from '../techniques';
import { aimsOfDay } from './aimsOfDay';
import { Assessment } from './assessment.entity';
import { fairnessOfClass } from './fairnessOfClass';
import { MarkRow } from './mark.entity';
import { PlateArrivalRow } from './plateArrival.entity';
import { changedSince, countingOf, inForce } from './releasedMarks';
import { givenMark } from './takeMarks';
import { changesOf } from './toldRecord';

const RESULT_LIMIT = 2000;

@Injectable()
export class AssessmentService {
  constructor(private readonly database: DataSource) {}

  /** Everything the marking screen needs, in one answer. */
  sheet(lessonId: string): Promise<MarkingSheet> {
    // One snapshot: the marks and the number up to which they hold belong together.
    return this.database.transaction('REPEATABLE READ', (manager) => this.sheetOf(manager, lessonId));
  }

  private async sheetOf(manager: EntityManager, lessonId: string): Promise<MarkingSheet> {
    const { lesson, dishes, students, absent, way } = await markedLesson(manager, lessonId);
    const assessments = await manager.find(Assessment, {
      where: { lessonId },
      select: { id: true, studentId: true, dishEditionId: true },
    });
    const marks = await marksOf(manager, assessments);
    const teams = (await teamsOfLessons(manager, [lessonId])).get(lessonId)!;
    const present = students.flatMap(({ id }) => (absent.has(id) ? [] : [id]));
    const cooking = cookingTeams({ teams, present, studentCount: null, teamSize: lesson.teamSize });
    const [arrivals, { due, plateWaits }] = await Promise.all([
      manager.findBy(PlateArrivalRow, { lessonId }),
      dueAtThePass(manager, lesson, { cooking, dishes }),
    ]);
    const choices = await loadChoices(manager);
    const rubric = lesson.rubricEditionId
      ? askedHere(await rubricOfEdition(manager, lesson.rubricEditionId), choices, lesson.practices)
      : null;
    const atThePass = await passOfEditions(
      manager,
      dishes.map(({ editionId }) => editionId),
    );
    const exercised = [
      ...new Set([...atThePass.values()].flatMap(({ components }) => components.flatMap(({ techniqueIds }) => techniqueIds))),
    ];
    const techniqueNames = new Map(
      (exercised.length > 0 ? await manager.find(Technique, { where: { id: In(exercised) }, select: { id: true, name: true } }) : []).map(
        ({ id, name }) => [id, name],
      ),
    );
    const aims = await aimsOfDay(manager, lesson, choices, new Set(rubric?.criteria.map(({ name }) => name)));
    return {
      lessonId,
      title: lesson.title,
      teaches: await teachesOf(manager, lesson, dishes),
      way,
      counting: await countingOf(manager),
      number: lesson.events,
      releasedAt: lesson.releasedAt?.toISOString() ?? null,
      rubric: rubric ? { editionId: lesson.rubricEditionId!, content: rubric } : null,
      dishes: dishes.map(({ editionId, title }) => {
        const { below = [], wants = [], components = [] } = atThePass.get(editionId) ?? {};
        return {
          ...{ editionId, title },
          ...(below.length > 0 ? { below } : {}),
          ...(wants.length > 0 ? { wants } : {}),
          ...(components.length > 1
            ? {
                components: components.map(({ name, techniqueIds }) => ({
                  name,
                  techniques: techniqueIds.flatMap((id) => techniqueNames.get(id) ?? []),
                })),
              }
            : {}),
        };
      }),
      students: students.map(({ id, name, needs }) => ({
        id,
        name,
        needs,
        absent: absent.has(id),
        station: stationOf(cooking, id),
        ...inTeam(teams, id, dishes),
        ...(aims.has(id) ? { aim: aims.get(id)! } : {}),
      })),
      plates: assessments.map(({ id, studentId, dishEditionId }) => ({
        studentId,
        dishEditionId,
        given: (marks.get(id) ?? []).map(givenMark),
      })),
      arrivals: arrivals.map(({ studentId, dishEditionId, arrivedAt }) => ({ studentId, dishEditionId, at: arrivedAt.toISOString() })),
      due,
      plateWaits,
      assessors: Object.fromEntries([...marks.values()].flat().map(({ assessorId, assessor }) => [assessorId, assessor.name])),
    };
  }

  async classResults(lessonId: string): Promise<ClassResults> {
    const { manager } = this.database;
    const { lesson, dishes, students, absent, way } = await markedLesson(manager, lessonId);
    const assessments = await manager.find(Assessment, { where: { lessonId }, relations: { student: true } });
    const given = await marksOf(manager, assessments);
    const counting = await countingOf(manager);
    const marked = assessments
      .flatMap((assessment): MarkedDish[] => {
        const rows = given.get(assessment.id) ?? [];
        const { marks, assessorIds, agreed } = inForce(rows, counting);
        if (Object.keys(marks).length === 0) return [];
        const { id, studentId, dishEditionId, rubricEditionId, student, released } = assessment;
        const names = new Map(rows.map((row) => [row.assessorId, row.assessor.name]));
        const assessors = assessorIds.map((each) => names.get(each)!).sort();
        return [
          {
            id,
            studentId,
            student: student.name,
            dishEditionId,
            rubricEditionId,
            assessors,
            agreed,
            marks,
            changedSince: changedSince(released, marks),
          },
        ];
      })
      .sort((a, b) => a.student.localeCompare(b.student) || titleOf(a).localeCompare(titleOf(b)));
    function titleOf({ dishEditionId }: MarkedDish): string {
      return dishes.find(({ editionId }) => editionId === dishEditionId)!.title;
    }
    const begun = new Set(marked.map(({ studentId, dishEditionId }) => `${studentId} ${dishEditionId}`));
    const rubricIds = new Set([...(lesson.rubricEditionId ? [lesson.rubricEditionId] : []), ...marked.map((each) => each.rubricEditionId)]);
    return {
      lessonId,
      title: lesson.title,
      date: lesson.date,
      way,
      counting: counting.rule,
      releasedAt: lesson.releasedAt?.toISOString() ?? null,
      dishes: dishes.map(({ editionId, title, number }) => ({ editionId, title, number })),
      rubrics: await rubricsOfEditions(manager, [...rubricIds]),
      marked,
      unmarked: students
        .filter(({ id }) => !absent.has(id))
        .flatMap(({ id, name }) =>
          dishes.filter(({ editionId }) => !begun.has(`${id} ${editionId}`)).map(({ title }) => ({ student: name, dish: title })),
        ),
    };
  }

  async one(id: string): Promise<DishResult> {
    const [result] = await this.results({ id });
    if (!result) throw notFound('result');
    const rows = await this.database.manager.find(MarkRow, {
      where: { assessmentId: id },
      relations: { assessor: true, assessment: true },
    });
    const names = new Map(rows.map(({ assessorId, assessor }) => [assessorId, assessor.name]));
    const criteria = differing(rows.map(givenMark)).map(({ criterionKey, said, agreed }) => ({
      criterionKey,
      said: said.map(({ assessorId, value }) => ({ assessor: names.get(assessorId)!, value })),
      agreed,
    }));
    return { ...result, differing: { lessonId: rows[0]!.assessment.lessonId, criteria } };
  }

  changes(lessonId: string): Promise<readonly ResultChange[]> {
    return changesOf(this.database.manager, lessonId);
  }

  fairness(classId: string): Promise<ClassFairness> {
    return fairnessOfClass(this.database.manager, classId);
  }

  /** A student's own results, as the lead has given them out, the newest first. */
  async mine(studentId: string): Promise<readonly MyResult[]> {
    const { manager } = this.database;
    await this.tell(studentId);
    const rows = (await manager.query(
      `SELECT a.id, edition.title AS dish, lesson.title AS lesson, lesson.date, a.told
       FROM assessment a JOIN lesson ON lesson.id = a.lesson_id JOIN dish_edition edition ON edition.id = a.dish_edition_id
       WHERE a.student_id = ? AND lesson.released_at IS NOT NULL AND a.told IS NOT NULL
       ORDER BY lesson.date DESC, lesson.start DESC, edition.title LIMIT ?`,
      [studentId, RESULT_LIMIT],
    )) as (Omit<MyResult, 'mark'> & { told: string })[];
    return rows.map(({ told, ...row }) => ({ ...row, mark: told || null }));
  }

  /** Keeps the marks of a student that were given out before they were kept. */
  private async tell(studentId: string): Promise<void> {
    const { manager } = this.database;
    const untold = (await manager.query(
      `SELECT a.id FROM assessment a JOIN lesson ON lesson.id = a.lesson_id
       WHERE a.student_id = ? AND a.told IS NULL AND a.released IS NOT NULL AND lesson.released_at IS NOT NULL LIMIT ?`,
      [studentId, RESULT_LIMIT],
    )) as { id: string }[];
    if (untold.length === 0) return;
    const results = await this.results({ id: In(untold.map(({ id }) => id)) }, 'released');
    for (const { id, result } of results)
      await manager.update(Assessment, { id, told: IsNull() }, { told: result.mark ? shownOf(result.mark) : '' });
  }

  async oneOfMine(id: string, studentId: string): Promise<DishResult> {
    const [result] = await this.results({ id, studentId, lesson: { releasedAt: Not(IsNull()) } }, 'released');
    if (!result) throw notFound('result');
    return result;
  }

  /** Results as they stand now, or as students were given them. */
  private async results(where: FindOptionsWhere<Assessment>, as: 'now' | 'released' = 'now'): Promise<readonly DishResult[]> {
    const { manager } = this.database;
    const assessments = await manager.find(Assessment, {
      where,
      relations: { student: true, lesson: true, dishEdition: true, rubricEdition: true },
      take: RESULT_LIMIT,
    });
    const rows = await marksOf(manager, assessments);
    const counting = await countingOf(manager);
    const { settings: school } = await loadSchool(manager);
    const names = new Map((await manager.find(Person, { select: { id: true, name: true } })).map(({ id, name }) => [id, name]));
    return assessments
      .flatMap((assessment) => {
        const now = inForce(rows.get(assessment.id) ?? [], counting);
        const told = as === 'released' ? assessment.released : now;
        if (!told || Object.keys(told.marks).length === 0) return [];
        const assessors = told.assessorIds.flatMap((id) => names.get(id) ?? []).sort();
        const changed = as === 'now' && changedSince(assessment.released, now.marks);
        return [
          resultOf(
            assessment,
            { marks: told.marks, assessors, counting: told.rule, agreed: told.agreed },
            markingWayOf(assessment.lesson, school),
            changed,
          ),
        ];
      })
      .sort((a, b) => a.student.localeCompare(b.student) || a.dish.localeCompare(b.dish));
  }
}

interface OwnMarks {
  readonly marks: Marks;
  readonly assessors: readonly string[];
  readonly counting: CountingRule;
  readonly agreed: readonly string[];
}

/** Every assessor's judgements of each dish. */
async function marksOf(manager: EntityManager, assessments: readonly Assessment[]): Promise<ReadonlyMap<string, readonly MarkRow[]>> {
  if (assessments.length === 0) return new Map();
  const rows = await manager.find(MarkRow, {
    where: { assessmentId: In(assessments.map(({ id }) => id)) },
    relations: { assessor: true },
  });
  const found = new Map<string, MarkRow[]>();
  for (const row of rows) {
    const own = found.get(row.assessmentId);
    if (own) own.push(row);
    else found.set(row.assessmentId, [row]);
  }
  return found;
}

function resultOf(assessment: Assessment, { marks, assessors, counting, agreed }: OwnMarks, way: MarkingWay, changed: boolean): DishResult {
  const rubric = assessment.rubricEdition.content;
  return {
    id: assessment.id,
    studentId: assessment.studentId,
    student: assessment.student.name,
    dish: assessment.dishEdition.content.title,
    dishEdition: assessment.dishEdition.number,
    dishEditionId: assessment.dishEditionId,
    rubric: rubric.name,
    rubricEdition: assessment.rubricEdition.number,
    lesson: assessment.lesson.title,
    date: assessment.lesson.date,
    assessors,
    counting,
    agreed,
    marks,
    criteria: rubric.criteria,
    result: computeResult(rubric, marks, way),
    changedSince: changed,
  };
}

/** What the marking screen and the results say of a lesson. */
async function markedLesson(manager: EntityManager, id: string) {
  const lesson = await manager.findOneBy(Lesson, { id });
  if (!lesson) throw notFound('lesson');
  const dishes = await dishesCooked(manager, id);
  const roster = (await rosters(manager, [lesson])).get(id)!;
  const { settings: school } = await loadSchool(manager);
  return { lesson, dishes, ...roster, way: markingWayOf(lesson, school) };
}

/** The practices that hold in a lesson, of the matters its techniques touch: nobody is marked down for following them. */
async function teachesOf(manager: EntityManager, lesson: Lesson, dishes: readonly CookedDish[]): Promise<readonly string[]> {
  const focus = await manager.find(LessonTechnique, { where: { lessonId: lesson.id }, select: { lessonId: true, techniqueId: true } });
  const ids = new Set([...focus.map(({ techniqueId }) => techniqueId), ...dishes.flatMap(({ techniqueIds }) => techniqueIds)]);
  if (ids.size === 0) return [];
  const techniques = await manager.findBy(Technique, { id: In([...ids]) });
  const matters = [...new Set([...techniques.flatMap(({ card }) => card.matters), ...(Object.keys(lesson.practices) as MatterKey[])])];
  return practicesInWords(manager, matters, lesson.practices);
}

const stationOf = (cooking: readonly CookingTeam[], studentId: string): number | null => {
  const at = cooking.findIndex(({ studentIds }) => studentIds.includes(studentId));
  return at < 0 ? null : at + 1;
};

/** When the plan of time has every plate at the pass. */
async function dueAtThePass(
  manager: EntityManager,
  lesson: Lesson,
  { cooking, dishes }: { readonly cooking: readonly CookingTeam[]; readonly dishes: readonly CookedDish[] },
): Promise<{ due: readonly PlateAt[]; plateWaits: number | null }> {
  const plan = await manager.findOneBy(TimePlanRow, { lessonId: lesson.id });
  const placed = plan?.content.placed;
  if (!plan || !placed) return { due: [], plateWaits: null };
  const { settings: school } = await loadSchool(manager);
  const due = cooking.flatMap(({ id, studentIds }) =>
    dishes.flatMap(({ dishId, editionId }) => {
      const minute = placed.starts[tastingIdOf(id, dishId)];
      if (minute === undefined) return [];
      const at = momentAt({ date: lesson.date, start: lesson.start.slice(0, 5) }, school.timeZone, minute).toISOString();
      return studentIds.map((studentId): PlateAt => ({ studentId, dishEditionId: editionId, at }));
    }),
  );
  return { due, plateWaits: plan.content.segments.plateWaits };
}

/** The team of a student, and what it cooks where that is not all. */
function inTeam(
  teams: readonly LessonTeam[],
  studentId: string,
  dishes: readonly { readonly editionId: string; readonly dishId: string }[],
): Pick<MarkingStudent, 'team' | 'cooks'> {
  const team = teams.find(({ studentIds }) => studentIds.includes(studentId));
  if (!team) return {};
  const { name, dishIds } = team;
  if (!dishIds) return { team: name };
  return { team: name, cooks: dishes.filter(({ dishId }) => dishIds.includes(dishId)).map(({ editionId }) => editionId) };
}
