import { randomUUID } from 'node:crypto';
import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { checkCutSet, CUT_LIMITS, matPages, refusedInWords, toSvg, type CutSet } from '@pelvo/core';
import { CUT_SET_GUARD, paperSchema, type PaperQuery, type StoredCutSet } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
import { Allow, STAFF } from '../platform/identity';
import { download, fileName, renderPdf } from '../platform/pdf';
import { document, conflict, joi, notFound, ProblemException, versionOf } from '../platform/problems';
import { saveOver, storedOr } from '../platform/saving';
import { CutSetRow } from './cutSet.entity';
import { cutSetLeaves } from './cutSetLeaves';

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
  async create(@Body(document(CUT_SET_GUARD)) body: CutSet): Promise<StoredCutSet> {
    refuseWrong(body);
    if ((await this.database.manager.count(CutSetRow)) >= CUT_LIMITS.sets)
      throw conflict('name', `A school keeps at most ${CUT_LIMITS.sets} sets.`, 'Take one away first.');
    const id = randomUUID();
    await this.database.manager.insert(CutSetRow, { id, name: body.name, content: body, version: 1, updatedAt: new Date() });
    return this.one(id);
  }

  @Put(':id')
  @Allow('lead')
  async save(
    @Param('id') id: string,
    @Body(document(CUT_SET_GUARD)) body: CutSet,
    @Headers('if-match') ifMatch?: string,
  ): Promise<StoredCutSet> {
    refuseWrong(body);
    const version = versionOf(ifMatch);
    const change = { name: body.name, content: body, updatedAt: new Date() };
    const saved = await saveOver(this.database.manager, CutSetRow, { key: { id }, version, change });
    return storedOr(
      saved,
      (stored) => `"${stored.name}"`,
      () => this.one(id),
    );
  }

  @Delete(':id')
  @Allow('lead')
  @HttpCode(204)
  async remove(@Param('id') id: string): Promise<void> {
    const stored = await this.one(id);
    await inTransaction(this.database, async (transaction) => {
      await transaction.findOne(CutSetRow, { where: { id }, lock: { mode: 'pessimistic_write' } });
      await cutSetLeaves.happens(transaction, { id, name: stored.name });
      await transaction.delete(CutSetRow, { id });
    });
  }

  @Get(':id/mat.pdf')
  @Allow(...STAFF)
  async mat(@Param('id') id: string, @Query(joi(paperSchema)) { paper }: PaperQuery, @Res() response: Response): Promise<void> {
    const set = await this.one(id);
    const pages = matPages(set, paper);
    const pdf = await renderPdf(
      {
        info: { title: `${set.name}, mat` },
        content: pages.map((page, index) => ({
          svg: toSvg(page),
          width: page.width * POINTS,
          absolutePosition: { x: 0, y: 0 },
          ...(index < pages.length - 1 ? { pageBreak: 'after' as const } : {}),
        })),
      },
      paper,
      true,
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
  if (errors.length > 0) throw new ProblemException('invalid-input', { errors: errors.map((wrong) => refusedInWords(wrong)) });
}
