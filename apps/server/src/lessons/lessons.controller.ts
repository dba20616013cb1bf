import { Body, Controller, Get, Headers, Param, Post, Put, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import {
  lessonRangeSchema, lessonSchema, orderQuerySchema, pdfQuerySchema, releaseSchema,
  type LessonDetail, type LessonFields, type LessonRange, type LessonSummary, type OrderQuery, type PdfQuery,
} from '@pelvo/contract';
import type { Order } from '@pelvo/core';
import { Allow, STAFF, Who, type SignedIn } from '../platform/identity';
import { download } from '../platform/pdf';
import { joi, versionOf } from '../platform/problems';
import { LessonsService } from './lessons.service';
import { OrdersService } from './orders.service';

@Controller('api/lessons')
export class LessonsController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly orders: OrdersService,
  ) {}

  @Get() @Allow(...STAFF)
  async list(@Query(joi(lessonRangeSchema)) range: LessonRange, @Who() who: SignedIn): Promise<readonly LessonSummary[]> {
    const lessons = await this.lessons.list(range);
    if (who.role !== 'stores') return lessons;
    return lessons.map((lesson) => ({ ...lesson, readiness: lesson.readiness.filter(({ station }) => station === 'plan' || station === 'order') }));
  }

  @Post() @Allow('lead')
  create(@Body(joi(lessonSchema)) body: LessonFields): Promise<LessonDetail> {
    return this.lessons.create(body);
  }

  @Get(':id') @Allow(...STAFF)
  one(@Param('id') id: string, @Who() who: SignedIn): Promise<LessonDetail> {
    return this.lessons.one(id, who.role);
  }

  @Put(':id') @Allow('lead')
  save(@Param('id') id: string, @Body(joi(lessonSchema)) body: LessonFields, @Headers('if-match') ifMatch?: string): Promise<LessonDetail> {
    return this.lessons.save(id, body, versionOf(ifMatch));
  }

  @Put(':id/release') @Allow('lead')
  release(@Param('id') id: string, @Body(joi(releaseSchema)) body: { released: boolean }): Promise<LessonDetail> {
    return this.lessons.release(id, body.released);
  }

  @Get(':id/order') @Allow(...STAFF)
  async order(@Param('id') id: string, @Query(joi(orderQuerySchema)) query: OrderQuery): Promise<Order> {
    return (await this.orders.of(id, query.students)).order;
  }

  @Get(':id/order.csv') @Allow(...STAFF)
  async orderCsv(@Param('id') id: string, @Query(joi(orderQuerySchema)) query: OrderQuery, @Res() response: Response): Promise<void> {
    const { name, csv } = await this.orders.csv(id, query.students);
    download(response, `${name}.csv`, 'text/csv; charset=utf-8', Buffer.from(`\uFEFF${csv}`));
  }

  @Get(':id/order.pdf') @Allow(...STAFF)
  async orderPdf(@Param('id') id: string, @Query(joi(pdfQuerySchema)) query: PdfQuery, @Res() response: Response): Promise<void> {
    const { name, pdf } = await this.orders.pdf(id, query);
    download(response, `${name}.pdf`, 'application/pdf', pdf);
  }
}
