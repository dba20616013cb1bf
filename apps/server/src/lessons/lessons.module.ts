import { Module } from '@nestjs/common';
import { cutSetLeaves } from '../cuts';
import { kitchenRenamed } from '../kitchens';
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

// A lesson names its kitchen. Its version goes on, so that whoever has the old name in a draft has it brought up to date.
kitchenRenamed.on(async (manager, { before, now }) => {
  await manager.update(Lesson, { kitchen: before }, { kitchen: now, version: () => 'version + 1' });
});
