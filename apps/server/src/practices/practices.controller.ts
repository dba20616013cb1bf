import { Body, Controller, Get, Headers, Param, Put } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { MATTERS, type MatterKey } from '@pelvo/core';
import { explainValidation, matterSchema, practiceSchema, type Practices } from '@pelvo/contract';
import { CutSetRow } from '../cuts';
import { Allow, STAFF } from '../platform/identity';
import { invalid, notFound, ProblemException, versionOf } from '../platform/problems';
import { changedMeanwhile, saveOver } from '../platform/saving';
import { PracticeChoice } from './practiceChoice.entity';

@Controller('api/practices')
export class PracticesController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...STAFF)
  async list(): Promise<Practices> {
    const rows = await this.database.manager.find(PracticeChoice, { take: MATTERS.length });
    const versions = new Map(rows.map(({ matter, version }) => [matter, version]));
    return {
      choices: Object.fromEntries(rows.flatMap(({ matter, practice }) => (practice ? [[matter, practice]] : []))),
      versions: Object.fromEntries(MATTERS.map((matter) => [matter, versions.get(matter) ?? 0])) as Practices['versions'],
    };
  }

  @Put(':matter')
  @Allow('lead')
  async choose(@Param('matter') name: string, @Body() body: unknown, @Headers('if-match') ifMatch?: string): Promise<Practices> {
    if (matterSchema.validate(name).error) throw notFound('matter');
    const matter = name as MatterKey;
    const { error, value } = practiceSchema(matter).validate(body ?? {}, { abortEarly: false });
    if (error) throw new ProblemException('invalid-input', { errors: explainValidation(error.details) });
    const { practice } = value as { practice: string | null };
    const { manager } = this.database;
    if (matter === 'named-cuts' && practice !== null && !(await manager.existsBy(CutSetRow, { id: practice })))
      throw invalid('practice', 'There is no such set of cuts.', 'Choose one of the sets.');
    const version = versionOf(ifMatch);
    const done =
      version === 0
        ? (
            (await manager.query('INSERT IGNORE INTO practice_choice (matter, practice, version) VALUES (?, ?, 1)', [
              matter,
              practice,
            ])) as {
              affectedRows: number;
            }
          ).affectedRows === 1
        : await saveOver(manager, PracticeChoice, { key: { matter }, version, change: { practice } });
    const stored = await this.list();
    if (!done) throw changedMeanwhile('This choice', stored);
    return stored;
  }
}
