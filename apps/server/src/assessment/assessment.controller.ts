import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { pdfQuerySchema, type ClassResults, type DishResult, type MarkingSheet, type MyResult, type PdfQuery } from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { download, fileName, renderPdf } from '../platform/pdf';
import { joi } from '../platform/problems';
import { AssessmentService } from './assessment.service';
import { resultDocument } from './resultDocument';

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
