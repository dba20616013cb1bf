import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import { besideRoster, nameKey, ROSTER_LIMITS, words } from '@pelvo/core';
import type {
  ClassDetail,
  ClassFields,
  ClassSummary,
  RosterImport,
  Student as StudentAnswer,
  StudentFields,
  Invitation,
} from '@pelvo/contract';
import { PeopleService, Person } from '../people';
import { apart } from '../platform/apart';
import { inTransaction } from '../platform/database/transaction';
import { conflict, invalid, notFound, ProblemException, takesTooLong } from '../platform/problems';
import { saveOver, storedOr } from '../platform/saving';
import { Absence } from './absence.entity';
import { CookeryClass } from './class.entity';
import type { readRosterFile } from './readRosterFile';
import { Student } from './student.entity';

const readApart = apart<typeof readRosterFile>('readRosterFile', { milliseconds: 10_000, late: takesTooLong });

@Injectable()
export class ClassesService {
  constructor(
    private readonly database: DataSource,
    private readonly people: PeopleService,
  ) {}

  async list(): Promise<readonly ClassSummary[]> {
    const rows: { id: string; name: string; term: string; students: string }[] = await this.database.manager
      .createQueryBuilder(CookeryClass, 'class')
      .leftJoin('class.students', 'student', 'student.active = TRUE')
      .select(['class.id AS id', 'class.name AS name', 'class.term AS term', 'COUNT(student.id) AS students'])
      .groupBy('class.id')
      .orderBy('class.name')
      .limit(200)
      .getRawMany();
    return rows.map((row) => ({ ...row, students: Number(row.students) }));
  }

  async one(id: string): Promise<ClassDetail> {
    const { manager } = this.database;
    const row = await manager.findOne(CookeryClass, { where: { id }, relations: { students: { absences: true } } });
    if (!row) throw notFound('class');
    const accounts =
      row.students.length === 0
        ? []
        : await manager.find(Person, { where: { studentId: In(row.students.map((student) => student.id)) }, select: { studentId: true } });
    const withAccount = new Set(accounts.map((account) => account.studentId));
    const students = row.students
      .map((student) => answer(student, withAccount.has(student.id)))
      .sort((a, b) => a.name.localeCompare(b.name));
    return { id, version: row.version, name: row.name, term: row.term, students };
  }

  async create(fields: ClassFields): Promise<ClassDetail> {
    const id = randomUUID();
    await this.database.manager.insert(CookeryClass, { id, ...fields, version: 1 });
    return this.one(id);
  }

  async save(id: string, fields: ClassFields, version: number): Promise<ClassDetail> {
    const saved = await saveOver(this.database.manager, CookeryClass, { key: { id }, version, change: fields });
    return storedOr(
      saved,
      (stored) => `"${stored.name}"`,
      () => this.one(id),
    );
  }

  async addStudent(classId: string, fields: StudentFields): Promise<ClassDetail> {
    await inTransaction(this.database, async (manager) => {
      const students = await lockRoster(manager, classId);
      const twin = students.find((student) => student.nameKey === nameKey(fields.name));
      if (twin?.active) throw conflict('name', `${fields.name} is in the class already.`, 'Add what tells the two apart.');
      if (twin) {
        await manager.update(Student, { id: twin.id }, { name: fields.name, number: fields.number, needs: fields.needs, active: true });
        return;
      }
      const active = students.filter((student) => student.active).length;
      if (active >= ROSTER_LIMITS.students)
        throw conflict('students', `A class holds at most ${ROSTER_LIMITS.students} students.`, 'Make a second class.');
      await manager.insert(Student, newStudent(classId, fields));
    });
    return this.one(classId);
  }

  async saveStudent(id: string, fields: StudentFields): Promise<StudentAnswer> {
    const { manager } = this.database;
    const student = await this.studentOr404(id);
    const key = nameKey(fields.name);
    const twin = await manager.findOneBy(Student, { classId: student.classId, nameKey: key });
    if (twin && twin.id !== id) throw conflict('name', `${fields.name} is in the class already.`, 'Add what tells the two apart.');
    await manager.update(Student, { id }, { ...fields, nameKey: key });
    return this.studentAnswer(id);
  }

  /** A student who leaves keeps their record; coming back restores it. */
  async setStudentActive(id: string, active: boolean): Promise<StudentAnswer> {
    await this.studentOr404(id);
    await this.database.manager.update(Student, { id }, { active });
    return this.studentAnswer(id);
  }

  async setAbsence(studentId: string, date: string, absent: boolean): Promise<StudentAnswer> {
    await this.studentOr404(studentId);
    if (absent) await this.database.manager.upsert(Absence, { studentId, date }, ['studentId', 'date']);
    else await this.database.manager.delete(Absence, { studentId, date });
    return this.studentAnswer(studentId);
  }

  /**
   * Previews or carries out the import of a roster. Rows with a problem keep the whole file from being taken unless
   * `leaveOut` says to go on without them.
   */
  async importRoster(classId: string, bytes: Uint8Array, mode: { apply: boolean; leaveOut: boolean }): Promise<RosterImport> {
    const file = await readApart(bytes);
    if (file.kind === 'notText') throw invalid('file', words(file.problem), words(file.remedy));
    return inTransaction(this.database, async (manager) => {
      const students = await lockRoster(manager, classId);
      const active = students.filter((student) => student.active);
      const reading = besideRoster(file.reading, active);
      const room = ROSTER_LIMITS.students - active.length;
      if (reading.rows.length > room) {
        throw invalid(
          'file',
          `The class has room for ${room} more; the file adds ${reading.rows.length}.`,
          'Remove rows, or make a second class.',
        );
      }
      if (!mode.apply) return { ...reading, added: 0 };
      if (reading.refused || (reading.problems.length > 0 && !mode.leaveOut)) {
        throw new ProblemException('invalid-input', {
          detail: 'Nothing was imported.',
          errors: reading.problems.map((found) => ({
            field: `line ${found.line}, ${found.field}`,
            problem: words(found.problem),
            remedy: words(found.remedy),
          })),
        });
      }
      const left = new Map(students.filter((student) => !student.active).map((student) => [student.nameKey, student.id]));
      const fresh = reading.rows.filter((row) => !left.has(nameKey(row.name)));
      const back = reading.rows.filter((row) => left.has(nameKey(row.name)));
      if (fresh.length > 0)
        await manager.insert(
          Student,
          fresh.map((row) => newStudent(classId, row)),
        );
      if (back.length > 0)
        await manager.save(
          Student,
          back.map((row) => ({ id: left.get(nameKey(row.name))!, name: row.name, number: row.number, needs: row.needs, active: true })),
        );
      return { ...reading, added: reading.rows.length };
    });
  }

  /** An account with which a student sees their own results. */
  async inviteStudent(studentId: string): Promise<Invitation> {
    return this.people.inviteStudent(await this.studentOr404(studentId));
  }

  private async studentOr404(id: string): Promise<Student> {
    const student = await this.database.manager.findOneBy(Student, { id });
    if (!student) throw notFound('student');
    return student;
  }

  private async studentAnswer(id: string): Promise<StudentAnswer> {
    const { manager } = this.database;
    const student = await manager.findOneOrFail(Student, { where: { id }, relations: { absences: true } });
    return answer(student, await manager.existsBy(Person, { studentId: id }));
  }
}

/** Locks the class, so that two imports cannot both find room, and returns its students. */
async function lockRoster(manager: EntityManager, classId: string): Promise<Student[]> {
  const row = await manager.findOne(CookeryClass, { where: { id: classId }, lock: { mode: 'pessimistic_write' } });
  if (!row) throw notFound('class');
  return manager.findBy(Student, { classId });
}

function newStudent(classId: string, { name, number, needs }: StudentFields): Partial<Student> {
  return { id: randomUUID(), classId, name, nameKey: nameKey(name), number, needs, active: true };
}

function answer(student: Student, hasAccount: boolean): StudentAnswer {
  const { id, name, number, needs, active, absences } = student;
  return { id, name, number, needs, active: Boolean(active), hasAccount, absences: absences.map((absence) => absence.date).sort() };
}
