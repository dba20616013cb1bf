import { Controller, Get, Param } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { ClassSkills, SkillSignSaid } from '@pelvo/contract';
import { Allow, TEACHING } from '../platform/identity';
import { loadSchool } from '../school';
import { signsBehind, skillsOfClass } from './skillsOfClass';

/** How students stand with techniques, as far as marks tell. */
@Controller('api/classes/:id/skills')
export class SkillsController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...TEACHING)
  async skills(@Param('id') id: string): Promise<ClassSkills> {
    const { settings } = await loadSchool(this.database.manager);
    // The school's day, which is not the server's.
    const today = new Intl.DateTimeFormat('en-CA', { timeZone: settings.timeZone }).format(new Date());
    return skillsOfClass(this.database.manager, id, today);
  }

  /** What stands behind one of them. */
  @Get(':studentId/:name')
  @Allow(...TEACHING)
  signs(
    @Param('id') classId: string,
    @Param('studentId') studentId: string,
    @Param('name') technique: string,
  ): Promise<readonly SkillSignSaid[]> {
    return signsBehind(this.database.manager, { classId, studentId, technique });
  }
}
