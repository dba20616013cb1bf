import { Controller, Get, Query } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { overdueQuerySchema, type Overdue } from '@pelvo/contract';
import type { Retention } from '@pelvo/core';
import { Allow } from '../platform/identity';
import { joi } from '../platform/problems';
import { overdue } from './retention';

/** What would go, were it kept so long: asked before it is set. */
@Controller('api/school/overdue')
export class RetentionController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow('lead')
  would(@Query(joi(overdueQuerySchema)) retention: Retention): Promise<Overdue> {
    return overdue(this.database.manager, retention);
  }
}
