import { Controller, Get, Param } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { Course } from '@pelvo/contract';
import { Allow, TEACHING } from '../platform/identity';
import { courseOf } from './courseOf';

/** What a class has been taught and will be; what it means for each student is computed in the core. */
@Controller('api/classes/:id/course')
export class CourseController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...TEACHING)
  course(@Param('id') id: string): Promise<Course> {
    return courseOf(this.database.manager, id);
  }
}
