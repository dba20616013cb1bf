import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Query, Req } from '@nestjs/common';
import type { Request } from 'express';
import {
  absenceParamsSchema,
  classSchema,
  studentActiveSchema,
  studentSchema,
  type ClassDetail,
  type ClassFields,
  type ClassSummary,
  type RosterImport,
  type Student,
  type StudentFields,
  studentAccountSchema,
  type Invitation,
} from '@pelvo/contract';
import { Allow, STAFF, TEACHING } from '../platform/identity';
import { invalid, joi, versionOf } from '../platform/problems';
import { ClassesService } from './classes.service';

@Controller('api')
export class ClassesController {
  constructor(private readonly classes: ClassesService) {}

  @Get('classes')
  @Allow(...STAFF)
  list(): Promise<readonly ClassSummary[]> {
    return this.classes.list();
  }

  @Post('classes')
  @Allow('lead')
  create(@Body(joi(classSchema)) body: ClassFields): Promise<ClassDetail> {
    return this.classes.create(body);
  }

  @Get('classes/:id')
  @Allow(...TEACHING)
  one(@Param('id') id: string): Promise<ClassDetail> {
    return this.classes.one(id);
  }

  @Put('classes/:id')
  @Allow('lead')
  save(@Param('id') id: string, @Body(joi(classSchema)) body: ClassFields, @Headers('if-match') ifMatch?: string): Promise<ClassDetail> {
    return this.classes.save(id, body, versionOf(ifMatch));
  }

  @Post('classes/:id/students')
  @Allow('lead')
  addStudent(@Param('id') id: string, @Body(joi(studentSchema)) body: StudentFields): Promise<ClassDetail> {
    return this.classes.addStudent(id, body);
  }

  /** The body is the CSV file itself; `?apply=true` carries it out, `&leaveOut=true` goes on without rows that have a problem. */
  @Post('classes/:id/roster')
  @Allow('lead')
  @HttpCode(200)
  importRoster(
    @Param('id') id: string,
    @Req() request: Request,
    @Query('apply') apply?: string,
    @Query('leaveOut') leaveOut?: string,
  ): Promise<RosterImport> {
    if (!Buffer.isBuffer(request.body))
      throw invalid('file', 'No CSV file came with the request.', 'Send the file as the body, with Content-Type text/csv.');
    return this.classes.importRoster(id, request.body, { apply: apply === 'true', leaveOut: leaveOut === 'true' });
  }

  /** An account with which a student sees their own results. */
  @Post('people/student-account')
  @Allow('lead')
  inviteStudent(@Body(joi(studentAccountSchema)) body: { studentId: string }): Promise<Invitation> {
    return this.classes.inviteStudent(body.studentId);
  }

  @Put('students/:id')
  @Allow('lead')
  saveStudent(@Param('id') id: string, @Body(joi(studentSchema)) body: StudentFields): Promise<Student> {
    return this.classes.saveStudent(id, body);
  }

  @Put('students/:id/active')
  @Allow('lead')
  setActive(@Param('id') id: string, @Body(joi(studentActiveSchema)) body: { active: boolean }): Promise<Student> {
    return this.classes.setStudentActive(id, body.active);
  }

  @Put('students/:id/absences/:date')
  @Allow(...TEACHING)
  addAbsence(@Param('id') id: string, @Param('date') date: string): Promise<Student> {
    return this.classes.setAbsence(id, checkedDate(date), true);
  }

  @Delete('students/:id/absences/:date')
  @Allow(...TEACHING)
  removeAbsence(@Param('id') id: string, @Param('date') date: string): Promise<Student> {
    return this.classes.setAbsence(id, checkedDate(date), false);
  }
}

function checkedDate(date: string): string {
  return (joi(absenceParamsSchema).transform({ date }, { type: 'param' }) as { date: string }).date;
}
