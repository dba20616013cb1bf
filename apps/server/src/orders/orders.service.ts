import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { orderCsv, settingsInForce, traysOf, type Order, type OrderInput } from '@pelvo/core';
import type { PdfQuery } from '@pelvo/contract';
import { fileName, renderPdf } from '../platform/pdf';
import { type Lesson, lessonFacts, loadLesson } from '../lessons';
import { loadSchool } from '../school';
import { orderDocument } from './orderDocument';

@Injectable()
export class OrdersService {
  constructor(private readonly database: DataSource) {}

  /** The order of a lesson; `students` asks what it would be for another number. */
  async of(lessonId: string, students?: number): Promise<{ lesson: Lesson; order: Order; orderInput: OrderInput; present: number }> {
    const lesson = await loadLesson(this.database.manager, lessonId);
    const { order, orderInput, present } = (await lessonFacts(this.database.manager, [lesson], students)).get(lessonId)!;
    return { lesson, order, orderInput, present };
  }

  async csv(lessonId: string, students?: number): Promise<{ name: string; csv: string }> {
    const { lesson, order } = await this.of(lessonId, students);
    const { settings } = await loadSchool(this.database.manager);
    return { name: fileName('order', lesson.title, lesson.date), csv: orderCsv(order, settings.allergenList) };
  }

  async pdf(lessonId: string, { students, paper }: PdfQuery): Promise<{ name: string; pdf: Buffer }> {
    const { lesson, order, orderInput, present } = await this.of(lessonId, students);
    const { settings: school } = await loadSchool(this.database.manager);
    const trays = settingsInForce(school, lesson.settings).weighingOut === 'draw' ? [] : traysOf(orderInput);
    const pdf = await renderPdf(orderDocument({ lesson, order, present, trays, allergenList: school.allergenList }), paper);
    return { name: fileName('order', lesson.title, lesson.date), pdf };
  }
}
