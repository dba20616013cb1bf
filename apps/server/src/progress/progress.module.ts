import { Module } from '@nestjs/common';
import { CourseController } from './course.controller';
import { SkillsController } from './skills.controller';

@Module({
  controllers: [CourseController, SkillsController],
  providers: [],
  exports: [],
})
export class ProgressModule {}
