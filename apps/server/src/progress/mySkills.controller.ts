import { Controller, Get } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { MySkills } from '@pelvo/contract';
import { Allow, Who, type SignedIn } from '../platform/identity';
import { skillsOfStudent } from './skillsOfStudent';

/** How a student stands themselves, by the results they were given. */
@Controller('api/my-skills')
export class MySkillsController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow('student')
  mine(@Who() who: SignedIn): Promise<MySkills> {
    return skillsOfStudent(this.database.manager, who.studentId!);
  }
}
