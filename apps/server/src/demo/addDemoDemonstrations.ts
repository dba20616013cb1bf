import type { DataSource } from 'typeorm';
import { demonstrationChoices, EMPTY_DEMONSTRATION, showSteps } from '@pelvo/core';
import { DemonstrationsService } from '../demonstrations';
import { demonstratedOf, Lesson, LessonsService } from '../lessons';
import { CarriedService } from '../preparation';

/** What the group asks, at the first step that decides. */
const ASKED = { asked: 'Can it stand until after the break?', answer: 'Only as long as it keeps its shine; then whisk it up once.' };

/** Chooses what is shown in every lesson ahead that demonstrates a dish, as its instructor would have. */
export async function addDemoDemonstrations(database: DataSource, by: string): Promise<void> {
  const lessons = new LessonsService(database);
  const demonstrations = new DemonstrationsService(database, lessons);
  const rows = await database.manager.find(Lesson, { relations: { techniques: true }, order: { date: 'ASC' } });
  let asked = false;
  for (const row of rows) {
    const lesson = await lessons.one(row.id, 'lead');
    const dish = lesson.dishes.find(({ content }) => content.method.length > 2);
    if (!dish || lesson.demonstrationPortions === 0) continue;
    const slot = 35;
    const found = demonstrationChoices(showSteps(dish.content, EMPTY_DEMONSTRATION, demonstratedOf(row)), slot);
    const choice = found.kind === 'options' ? found.options[0]!.choice : null;
    const place = { lessonId: row.id, dishId: dish.dishId };
    await demonstrations.save(place, { ...EMPTY_DEMONSTRATION, slot, choice, camera: 'Bench camera' }, { version: 0, by });
    if (asked || !choice) continue;
    await demonstrations.ask(place, { stepId: choice.shown[0]!, ...ASKED }, by);
    asked = true;
  }
}

/** The crumble of the last lesson is rubbed in the one before and frozen, by those who bake it then. */
export async function addDemoCarried(database: DataSource, by: string): Promise<void> {
  const dayClass = await database.manager.find(Lesson, { relations: { dishes: { edition: true } }, order: { date: 'ASC' } });
  const to = dayClass.find(({ title }) => title === 'Two plates against the clock')!;
  const from = dayClass.find(({ title }) => title === 'Duck, and patience')!;
  const dish = to.dishes.find(({ edition }) => edition.content.method.some(({ text }) => text.startsWith('Rub the crumble')))!.edition;
  const stepId = dish.content.method.find(({ text }) => text.startsWith('Rub the crumble'))!.id;
  const kept = { store: 'frozen', hours: 720, covers: [] } as const;
  await new CarriedService(database).add(to.id, { fromLessonId: from.id, dishId: dish.dishId, stepId, ...kept }, by);
}
