import { randomUUID } from 'node:crypto';
import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { checkCutSet, CUT_LIMITS, matPages, toSvg, type CutSet } from '@pelvo/core';
import { cutSetSchema, paperSchema, type PaperQuery, type StoredCutSet } from '@pelvo/contract';
import { Lesson } from '../lessons/lesson.entity';
import { Allow, STAFF } from '../platform/identity';
import { download, fileName, renderPdf } from '../platform/pdf';
import { conflict, joi, notFound, ProblemException, versionOf } from '../platform/problems';
import { PracticeChoice } from '../practices/practiceChoice.entity';
import { CutSetRow } from './cutSet.entity';

/** Points in a millimetre: 72 to the inch of 25.4 mm. */
const POINTS = 72 / 25.4;

@Controller('api/cut-sets')
export class CutsController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...STAFF)
  async list(): Promise<readonly StoredCutSet[]> {
    const rows = await this.database.manager.find(CutSetRow, { order: { name: 'ASC' }, take: CUT_LIMITS.sets });
    return rows.map(({ id, version, content }) => ({ id, version, ...content }));
  }

  @Post()
  @Allow('lead')
  async create(@Body(joi(cutSetSchema)) body: CutSet): Promise<StoredCutSet> {
    refuseWrong(body);
    if ((await this.database.manager.count(CutSetRow)) >= CUT_LIMITS.sets)
      throw conflict('name', `A school keeps at most ${CUT_LIMITS.sets} sets.`, 'Take one away first.');
    const id = randomUUID();
    await this.database.manager.insert(CutSetRow, { id, name: body.name, content: body, version: 1, updatedAt: new Date() });
    return this.one(id);
  }

  @Put(':id')
  @Allow('lead')
  async save(@Param('id') id: string, @Body(joi(cutSetSchema)) body: CutSet, @Headers('if-match') ifMatch?: string): Promise<StoredCutSet> {
    refuseWrong(body);
    const version = versionOf(ifMatch);
    const { affected } = await this.database.manager.update(
      CutSetRow,
      { id, version },
      { name: body.name, content: body, version: version + 1, updatedAt: new Date() },
    );
    const stored = await this.one(id);
    if (affected !== 1)
      throw new ProblemException('changed-meanwhile', { detail: `"${stored.name}" was saved by someone else meanwhile.`, current: stored });
    return stored;
  }

  @Delete(':id')
  @Allow('lead')
  @HttpCode(204)
  async remove(@Param('id') id: string): Promise<void> {
    const stored = await this.one(id);
    const { manager } = this.database;
    if (await manager.existsBy(PracticeChoice, { matter: 'named-cuts', practice: id }))
      throw conflict('id', `"${stored.name}" is the set in force.`, 'Put another one in force first.');
    const lesson = await manager
      .createQueryBuilder(Lesson, 'lesson')
      .where('JSON_UNQUOTE(JSON_EXTRACT(lesson.practices, \'$."named-cuts"\')) = :id', { id })
      .getOne();
    if (lesson) throw conflict('id', `The lesson "${lesson.title}" teaches "${stored.name}".`, 'Let the lesson teach another set first.');
    await manager.delete(CutSetRow, { id });
  }

  @Get(':id/mat.pdf')
  @Allow(...STAFF)
  async mat(@Param('id') id: string, @Query(joi(paperSchema)) { paper }: PaperQuery, @Res() response: Response): Promise<void> {
    const set = await this.one(id);
    const pages = matPages(set, paper);
    const pdf = await renderPdf(
      {
        info: { title: `${set.name}, mat` },
        pageMargins: 0,
        footer: () => null,
        content: pages.map((page, index) => ({
          svg: toSvg(page),
          width: page.width * POINTS,
          absolutePosition: { x: 0, y: 0 },
          ...(index < pages.length - 1 ? { pageBreak: 'after' as const } : {}),
        })),
      },
      paper,
    );
    download(response, `${fileName(set.name, 'mat')}.pdf`, 'application/pdf', pdf);
  }

  private async one(id: string): Promise<StoredCutSet> {
    const row = await this.database.manager.findOneBy(CutSetRow, { id });
    if (!row) throw notFound('set of cuts');
    return { id, version: row.version, ...row.content };
  }
}

function refuseWrong(set: CutSet): void {
  const errors = checkCutSet(set);
  if (errors.length > 0) throw new ProblemException('invalid-input', { errors });
}
