import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { gradebookCsv } from '@pelvo/core';
import {
  pdfQuerySchema,
  resultsOfClass,
  type ClassFairness,
  type ClassResults,
  type DishResult,
  type MarkingSheet,
  type MyResult,
  type PdfQuery,
  type ResultChange,
} from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { apart } from '../platform/apart';
import { download, fileName, renderPdf, tooLong } from '../platform/pdf';
import { conflict, joi } from '../platform/problems';
import { AssessmentService } from './assessment.service';
import type { printResults } from './printResults';
import { resultDocument } from './resultDocument';

const printed = apart<typeof printResults>('printResults', { milliseconds: 60_000, late: tooLong });

@Controller('api')
export class AssessmentController {
  constructor(private readonly assessment: AssessmentService) {}

  @Get('lessons/:id/marking-sheet')
  @Allow(...TEACHING)
  sheet(@Param('id') id: string): Promise<MarkingSheet> {
    return this.assessment.sheet(id);
  }

  @Get('lessons/:id/results')
  @Allow(...TEACHING)
  classResults(@Param('id') id: string): Promise<ClassResults> {
    return this.assessment.classResults(id);
  }

  /** What students were told of the lesson, and every change of it. */
  @Get('lessons/:id/told')
  @Allow('lead')
  told(@Param('id') id: string): Promise<readonly ResultChange[]> {
    return this.assessment.changes(id);
  }

  /** How two assessors agree, who is stricter, and whether marks drift: of people who mark, so for the lead alone. */
  @Get('classes/:id/fairness')
  @Allow('lead')
  fairness(@Param('id') id: string): Promise<ClassFairness> {
    return this.assessment.fairness(id);
  }

  /** Every result of the lesson in one file, to be handed out. */
  @Get('lessons/:id/results/pdf')
  @Allow(...TEACHING)
  async classPdf(@Param('id') id: string, @Query(joi(pdfQuerySchema)) { paper }: PdfQuery, @Res() response: Response): Promise<void> {
    const of = await this.assessment.classResults(id);
    if (of.marked.length === 0)
      throw conflict('results', 'Nothing has been marked in this lesson.', 'Mark dishes, then print their results.');
    const pdf = Buffer.from(await printed({ of, paper }));
    download(response, `${fileName('results', of.title, of.date)}.pdf`, 'application/pdf', pdf);
  }

  /** The marks of the class for a gradebook. */
  @Get('lessons/:id/results.csv')
  @Allow(...TEACHING)
  async gradebook(@Param('id') id: string, @Res() response: Response): Promise<void> {
    const of = await this.assessment.classResults(id);
    const csv = Buffer.from(gradebookCsv(resultsOfClass(of).results), 'utf8');
    download(response, `${fileName('results', of.title, of.date)}.csv`, 'text/csv; charset=utf-8', csv);
  }

  @Get('results/:id')
  @Allow(...TEACHING)
  one(@Param('id') id: string): Promise<DishResult> {
    return this.assessment.one(id);
  }

  @Get('results/:id/pdf')
  @Allow(...TEACHING)
  async pdf(@Param('id') id: string, @Query(joi(pdfQuerySchema)) query: PdfQuery, @Res() response: Response): Promise<void> {
    await send(response, await this.assessment.one(id), query);
  }

  @Get('my-results')
  @Allow('student')
  mine(@Who() who: SignedIn): Promise<readonly MyResult[]> {
    return this.assessment.mine(who.studentId!);
  }

  @Get('my-results/:id')
  @Allow('student')
  oneOfMine(@Param('id') id: string, @Who() who: SignedIn): Promise<DishResult> {
    return this.assessment.oneOfMine(id, who.studentId!);
  }

  @Get('my-results/:id/pdf')
  @Allow('student')
  async myPdf(
    @Param('id') id: string,
    @Query(joi(pdfQuerySchema)) query: PdfQuery,
    @Who() who: SignedIn,
    @Res() response: Response,
  ): Promise<void> {
    await send(response, await this.assessment.oneOfMine(id, who.studentId!), query);
  }
}

async function send(response: Response, result: DishResult, { paper }: PdfQuery): Promise<void> {
  download(
    response,
    `${fileName('result', result.student, result.dish, result.date)}.pdf`,
    'application/pdf',
    await renderPdf(resultDocument(result), paper),
  );
}
