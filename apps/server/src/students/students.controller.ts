import { Body, Controller, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { erasureSchema } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
import { Allow } from '../platform/identity';
import { download, fileName } from '../platform/pdf';
import { joi } from '../platform/problems';
import { eraseStudent } from './eraseStudent';
import { studentFile } from './studentFile';

/** What is held on a student, and its end. */
@Controller('api/students/:id')
export class StudentsController {
  constructor(private readonly database: DataSource) {}

  @Get('file')
  @Allow('lead')
  async file(@Param('id') id: string, @Res() response: Response): Promise<void> {
    const file = await studentFile(this.database.manager, id);
    const name = `${fileName('student', file.student.name, file.written.slice(0, 10))}.json`;
    download(response, name, 'application/json', Buffer.from(`${JSON.stringify(file, null, 2)}\n`));
  }

  @Post('erasure')
  @Allow('lead')
  @HttpCode(204)
  async erase(@Param('id') id: string, @Body(joi(erasureSchema)) { name }: { name: string }): Promise<void> {
    await inTransaction(this.database, (manager) => eraseStudent(manager, id, name));
  }
}
