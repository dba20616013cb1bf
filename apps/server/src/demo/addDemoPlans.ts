import type { DataSource } from 'typeorm';
import { classProblem, emptyTimePlan, solvePlan, stampOf } from '@pelvo/core';
import { classToPlan, usualSegments } from '@pelvo/contract';
import { Lesson, LessonsService } from '../lessons';
import { ScheduleService } from '../schedule';
import { dayFromNow } from './demoLessons';

/** Work spent on the plan of one lesson, in the solver's own measure: a good plan, and soon. */
const EFFORT = 150_000;

/** Plans the time of every lesson ahead, as its instructor would have; one that does not fit is left open, and says why. */
export async function addDemoPlans(database: DataSource, by: string): Promise<void> {
  const lessons = new LessonsService(database);
  const schedule = new ScheduleService(database, lessons);
  const rows = await database.manager.find(Lesson, { select: { id: true, date: true } });
  for (const { id } of rows.filter(({ date }) => date >= dayFromNow(0))) {
    const lesson = await lessons.one(id, 'lead');
    const { practised } = await schedule.of(id);
    const kitchen = await schedule.kitchen(lesson);
    if (!kitchen) continue;
    const content = emptyTimePlan(usualSegments(lesson));
    const { instance } = classProblem(classToPlan(lesson, kitchen, content, practised));
    const { status, starts, uses, objective, bound } = solvePlan(instance, { effort: EFFORT });
    const placed = status === 'optimal' || status === 'feasible' ? { status, starts, uses, objective, bound } : null;
    await schedule.save(id, { ...content, placed, madeFrom: placed ? stampOf(instance) : '' }, { version: 0, by });
  }
}
