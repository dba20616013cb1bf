import { Body, Controller, Get, Headers, Put } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { SchoolSettings } from '@pelvo/core';
import { schoolSettingsSchema, type School } from '@pelvo/contract';
import { Allow, STAFF } from '../platform/identity';
import { joi, versionOf } from '../platform/problems';
import { saveOver, storedOr } from '../platform/saving';
import { SchoolRow } from './school.entity';
import { loadSchool, THE_SCHOOL } from './loadSchool';

@Controller('api/school')
export class SchoolController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...STAFF)
  async one(): Promise<School> {
    const { settings, version } = await loadSchool(this.database.manager);
    return { settings, version };
  }

  @Put()
  @Allow('lead')
  async save(@Body(joi(schoolSettingsSchema)) settings: SchoolSettings, @Headers('if-match') ifMatch?: string): Promise<School> {
    const version = versionOf(ifMatch);
    const saved = await saveOver(this.database.manager, SchoolRow, { key: { id: THE_SCHOOL }, version, change: { settings } });
    return storedOr(
      saved,
      () => 'How the school runs its lessons',
      () => this.one(),
    );
  }
}
