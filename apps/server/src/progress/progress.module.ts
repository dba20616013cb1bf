import { Module } from '@nestjs/common';
import { CourseController } from './course.controller';
import { MySkillsController } from './mySkills.controller';
import { SkillsController } from './skills.controller';

@Module({
  controllers: [CourseController, SkillsController, MySkillsController],
  providers: [],
  exports: [],
})
export class ProgressModule {}
