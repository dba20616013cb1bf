import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import type { Order } from '@pelvo/core';
import { orderQuerySchema, pdfQuerySchema, type OrderQuery, type PdfQuery } from '@pelvo/contract';
import { Allow, STAFF } from '../platform/identity';
import { download } from '../platform/pdf';
import { joi } from '../platform/problems';
import { OrdersService } from './orders.service';

/** The order of a lesson; `?students=` asks what it would be for another number. */
@Controller('api/lessons/:id')
export class OrdersController {
  constructor(private readonly orders: OrdersService) {}

  @Get('order')
  @Allow(...STAFF)
  async order(@Param('id') id: string, @Query(joi(orderQuerySchema)) query: OrderQuery): Promise<Order> {
    return (await this.orders.of(id, query.students)).order;
  }

  @Get('order.csv')
  @Allow(...STAFF)
  async csv(@Param('id') id: string, @Query(joi(orderQuerySchema)) query: OrderQuery, @Res() response: Response): Promise<void> {
    const { name, csv } = await this.orders.csv(id, query.students);
    download(response, `${name}.csv`, 'text/csv; charset=utf-8', Buffer.from(`\uFEFF${csv}`));
  }

  @Get('order.pdf')
  @Allow(...STAFF)
  async pdf(@Param('id') id: string, @Query(joi(pdfQuerySchema)) query: PdfQuery, @Res() response: Response): Promise<void> {
    const { name, pdf } = await this.orders.pdf(id, query);
    download(response, `${name}.pdf`, 'application/pdf', pdf);
  }
}
