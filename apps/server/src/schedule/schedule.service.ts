import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { checkPlan, classProblem, practisedShares, type ClassProblem, type Kitchen, type PlacedSteps, type TimePlan } from '@pelvo/core';
import { classToPlan, type LessonDetail, type TimeOfLesson, type TimePdfQuery } from '@pelvo/contract';
import { KitchenRow } from '../kitchens';
import { Lesson, LessonDemonstration, LessonsService, rosters } from '../lessons';
import { inTransaction } from '../platform/database/transaction';
import { fileName, renderPdf } from '../platform/pdf';
import { conflict, invalid, notFound } from '../platform/problems';
import { changedMeanwhile, saveOver } from '../platform/saving';
import { courseOf } from '../progress';
import { planCalendar } from './planCalendar';
import { timeDocument } from './timeDocument';
import { TimePlanRow } from './timePlan.entity';

/** A plan that stands, with everything that is wanted to print it. */
export interface StandingPlan {
  readonly lesson: LessonDetail;
  readonly kitchen: Kitchen;
  readonly problem: ClassProblem;
  readonly placed: PlacedSteps;
}

@Injectable()
export class ScheduleService {
  constructor(
    private readonly database: DataSource,
    private readonly lessons: LessonsService,
  ) {}

  async of(lessonId: string): Promise<TimeOfLesson> {
    const { manager } = this.database;
    // Asked for every few seconds by whoever plans: no dish is read for it, and no order computed.
    const [lesson, row] = await Promise.all([
      manager.findOne(Lesson, { where: { id: lessonId }, select: { id: true, classId: true, date: true } }),
      manager.findOne(TimePlanRow, { where: { lessonId }, relations: { person: true } }),
    ]);
    if (!lesson) throw notFound('lesson');
    return {
      version: row?.version ?? 0,
      content: row?.content ?? null,
      practised: await practisedBefore(manager, lesson),
      savedBy: row?.person.name ?? '',
    };
  }

  async save(
    lessonId: string,
    content: TimePlan,
    { version, by }: { readonly version: number; readonly by: string },
  ): Promise<TimeOfLesson> {
    const checked = await this.checked(lessonId, content);
    const saved = await inTransaction(this.database, async (manager) => {
      // Locked first: of two that save at once, the second sees the first.
      if (!(await manager.findOne(Lesson, { where: { id: lessonId }, lock: { mode: 'pessimistic_write' }, select: { id: true } })))
        throw notFound('lesson');
      const holds = checked.placed !== null && checked.placed.objective !== null;
      const change = { content: checked, holds, updatedAt: new Date(), updatedBy: by };
      if (version > 0) return saveOver(manager, TimePlanRow, { key: { lessonId }, version, change });
      if (await manager.existsBy(TimePlanRow, { lessonId })) return false;
      await manager.insert(TimePlanRow, { lessonId, version: 1, ...change });
      return true;
    });
    const now = await this.of(lessonId);
    if (!saved) throw changedMeanwhile('The plan of time', now);
    return now;
  }

  /** The kitchen of a lesson; null where none is chosen. */
  async kitchen({ kitchenId }: LessonDetail): Promise<Kitchen | null> {
    if (kitchenId === null) return null;
    return (await this.database.manager.findOneBy(KitchenRow, { id: kitchenId }))?.content ?? null;
  }

  /** No plan is kept as better than the check finds it. */
  private async checked(lessonId: string, content: TimePlan): Promise<TimePlan> {
    if (!content.placed) return content;
    const lesson = await this.lessons.one(lessonId, 'lead');
    const kitchen = await this.kitchen(lesson);
    if (!kitchen) return content;
    const { instance } = classProblem(classToPlan(lesson, kitchen, content, await practisedBefore(this.database.manager, lesson)));
    const { faults, objective } = checkPlan(instance, { starts: content.placed.starts, uses: content.placed.uses });
    const holds = faults.length === 0;
    const { bound } = content.placed;
    return {
      ...content,
      placed: {
        ...content.placed,
        objective: holds ? objective : null,
        bound: holds && bound !== null && objective !== null && bound <= objective ? bound : null,
        status: holds && bound !== null && bound === objective ? 'optimal' : 'feasible',
      },
    };
  }

  /** @throws ProblemException where there is no plan, or it does not hold any more */
  private async standing(lessonId: string): Promise<StandingPlan> {
    const lesson = await this.lessons.one(lessonId, 'lead');
    const { content, practised } = await this.of(lessonId);
    const kitchen = await this.kitchen(lesson);
    if (!kitchen) throw invalid('kitchenId', 'No kitchen is chosen for this lesson.', 'Choose one, and plan the time.');
    if (!content?.placed) throw conflict('time', 'There is no plan of time yet.', 'Plan the time, and save it.');
    const problem = classProblem(classToPlan(lesson, kitchen, content, practised));
    if (checkPlan(problem.instance, { starts: content.placed.starts, uses: content.placed.uses }).faults.length > 0)
      throw conflict('time', 'The plan of time does not hold any more.', 'Open it, put it right, and save it.');
    return { lesson, kitchen, problem, placed: content.placed };
  }

  async pdf(lessonId: string, { paper, for: purpose }: TimePdfQuery): Promise<{ name: string; pdf: Buffer }> {
    const plan = await this.standing(lessonId);
    const shown = await this.database.manager.findBy(LessonDemonstration, { lessonId });
    const pdf = await renderPdf(timeDocument(plan, purpose, shown), paper);
    return {
      name: fileName(
        purpose === 'wall' ? 'run sheet' : purpose === 'teams' ? 'team cards' : 'station cards',
        plan.lesson.title,
        plan.lesson.date,
      ),
      pdf,
    };
  }

  async calendar(lessonId: string): Promise<{ name: string; ics: string }> {
    const plan = await this.standing(lessonId);
    return { name: fileName('plan', plan.lesson.title, plan.lesson.date), ics: planCalendar(plan) };
  }
}

/** Where those who come stand before a lesson, by technique. */
async function practisedBefore(
  manager: EntityManager,
  lesson: Pick<Lesson, 'id' | 'classId' | 'date'>,
): Promise<TimeOfLesson['practised']> {
  const [{ lessons }, classes] = await Promise.all([courseOf(manager, lesson.classId), rosters(manager, [lesson])]);
  const { students, absent } = classes.get(lesson.id)!;
  const present = students.flatMap(({ id }) => (absent.has(id) ? [] : [id]));
  return Object.fromEntries(practisedShares(present, lessons, lesson.date));
}
