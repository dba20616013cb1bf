import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { skillRecordQuerySchema, type ClassSkills, type SkillRecordQuery, type SkillSignSaid } from '@pelvo/contract';
import { Allow, TEACHING } from '../platform/identity';
import { download, fileName, renderPdf } from '../platform/pdf';
import { joi, notFound } from '../platform/problems';
import { loadSchool } from '../school';
import { skillRecord } from './skillRecord';
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

  /** The record of practical skills of one student, or of the whole class in one file. */
  @Get('record.pdf')
  @Allow(...TEACHING)
  async record(
    @Param('id') id: string,
    @Query(joi(skillRecordQuerySchema)) { student, paper }: SkillRecordQuery,
    @Res() response: Response,
  ): Promise<void> {
    const skills = await this.skills(id);
    const whose = skills.students.filter((each) => student === undefined || each.id === student);
    if (whose.length === 0) throw notFound('student');
    const document = skillRecord(skills, new Set(whose.map((each) => each.id)));
    const name = fileName('practical skills', student === undefined ? skills.className : whose[0]!.name);
    download(response, `${name}.pdf`, 'application/pdf', await renderPdf(document, paper));
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
