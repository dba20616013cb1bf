import type { DataSource } from 'typeorm';
import { demonstrationChoices, EMPTY_DEMONSTRATION, showSteps } from '@pelvo/core';
import { DemonstrationsService } from '../demonstrations';
import { demonstratedOf, Lesson, LessonsService } from '../lessons';

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
