import { Module } from '@nestjs/common';
import { cutSetLeaves } from '../cuts';
import { kitchenLeaves } from '../kitchens';
import { conflict } from '../platform/problems';
import { Lesson } from './lesson.entity';
import { LessonsController } from './lessons.controller';
import { LessonsService } from './lessons.service';

@Module({
  controllers: [LessonsController],
  providers: [LessonsService],
  exports: [LessonsService],
})
export class LessonsModule {}

cutSetLeaves.on(async (manager, { id, name }) => {
  const lesson = await manager
    .createQueryBuilder(Lesson, 'lesson')
    .where("JSON_SEARCH(lesson.practices, 'one', :id) IS NOT NULL", { id })
    .getOne();
  if (lesson) throw conflict('id', `The lesson "${lesson.title}" teaches "${name}".`, 'Let the lesson teach another set first.');
});

// A lesson whose kitchen is taken away still says where it was to be. Its version goes on, so that drafts are brought up to date.
kitchenLeaves.on(async (manager, { id, name }) => {
  await manager.update(Lesson, { kitchenId: id }, { kitchenId: null, kitchen: name, version: () => 'version + 1' });
});
