import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, MoreThan } from 'typeorm';
import type { FirstLead, Invitation as InvitationAnswer, Join, Me, NewPerson, Person as PersonAnswer, SignIn } from '@pelvo/contract';
import { conflict, invalid, notFound, ProblemException } from '../platform/problems';
import { SlowDown, type FailureKey } from '../platform/identity';
import { Student } from '../classes/student.entity';
import { addStarterMaterial } from '../starter/addStarterMaterial';
import { Invitation } from './invitation.entity';
import { Person } from './person.entity';
import { codeHash, hashPassword, newCode, passwordFits } from './secrets';

const CODE_DAYS = 7;
const FIRST_CODE = 'first-lead-code';

@Injectable()
export class PeopleService {
  constructor(
    private readonly database: DataSource,
    private readonly slowDown: SlowDown,
  ) {}

  /** True until the first lead instructor has been created. */
  async isFirstVisit(): Promise<boolean> {
    return !(await this.database.manager.existsBy(Person, { role: 'lead' }));
  }

  /** A fresh one-time code for the first visit; the console shows it. Null when there is a lead already. */
  async firstVisitCode(): Promise<string | null> {
    if (!(await this.isFirstVisit())) return null;
    const code = newCode();
    await this.database.query('REPLACE INTO setting (name, value) VALUES (?, ?)', [FIRST_CODE, codeHash(code)]);
    return code;
  }

  async createFirstLead({ code, name, signIn, password }: FirstLead, address: string): Promise<Me> {
    const keys = codeKeys(address);
    await this.slowDown.check(keys);
    const passwordHash = await hashPassword(password);
    const person = await this.database.transaction(async (manager) => {
      // Taking the code away and seeing whether it was there decides between two who come at once.
      const { affectedRows }: { affectedRows: number } = await manager.query('DELETE FROM setting WHERE name = ? AND value = ?', [
        FIRST_CODE,
        codeHash(code),
      ]);
      if (affectedRows !== 1 || (await manager.existsBy(Person, { role: 'lead' }))) return null;
      const lead = manager.create(Person, {
        id: randomUUID(),
        name,
        signIn,
        role: 'lead',
        passwordHash,
        studentId: null,
        active: true,
        createdAt: new Date(),
      });
      await manager.insert(Person, lead);
      await addStarterMaterial(manager, lead.id);
      return lead;
    });
    if (!person) {
      await this.slowDown.failed(keys);
      throw invalid('code', 'This code is not right.', 'Use the code that the console shows; a restart shows a new one.');
    }
    return me(person);
  }

  async signIn({ signIn, password }: SignIn, address: string): Promise<Me> {
    const account: FailureKey = { of: 'account', key: `${signIn}|${address}` };
    const keys: readonly FailureKey[] = [account, { of: 'address', key: address }];
    await this.slowDown.check(keys);
    const person = await this.database.manager.findOneBy(Person, { signIn, active: true });
    if (!(await passwordFits(person?.passwordHash ?? null, password))) {
      await this.slowDown.failed(keys);
      throw new ProblemException('invalid-input', {
        errors: [
          {
            field: 'password',
            problem: 'Sign-in name and password do not fit.',
            remedy: 'Check both. A lead instructor can give you a new code.',
          },
        ],
      });
    }
    await this.slowDown.succeeded(account);
    return me(person!);
  }

  async join({ code, signIn, password }: Join, address: string): Promise<Me> {
    const keys = codeKeys(address);
    await this.slowDown.check(keys);
    const wrong = () => invalid('code', 'This code is not right, or it is used or out of date.', 'Ask a lead instructor for a new one.');
    const passwordHash = await hashPassword(password);
    const invitation = await this.database.manager.findOneBy(Invitation, { codeHash: codeHash(code), expiresAt: MoreThan(new Date()) });
    if (!invitation) {
      await this.slowDown.failed(keys);
      throw wrong();
    }
    return this.database.transaction(async (manager) => {
      const taken = await manager.findOneBy(Person, { signIn });
      if (taken && taken.id !== invitation.personId) throw invalid('signIn', 'This sign-in name is taken.', 'Choose another.');
      const { affected } = await manager.delete(Invitation, { personId: invitation.personId, codeHash: invitation.codeHash });
      if (affected !== 1) throw wrong();
      await manager.update(Person, { id: invitation.personId, active: true }, { signIn, passwordHash });
      const person = await manager.findOneBy(Person, { id: invitation.personId, active: true });
      if (!person) throw wrong();
      return me(person);
    });
  }

  async list(): Promise<readonly PersonAnswer[]> {
    const [people, invitations] = await Promise.all([
      this.database.manager.find(Person, { order: { role: 'ASC', name: 'ASC' }, take: 500 }),
      this.database.manager.find(Invitation, { take: 500 }),
    ]);
    const waiting = new Set(invitations.filter((invitation) => invitation.expiresAt > new Date()).map((invitation) => invitation.personId));
    return people.map((person) => answer(person, waiting.has(person.id)));
  }

  async invite({ name, role }: NewPerson): Promise<InvitationAnswer> {
    const person = this.database.manager.create(Person, {
      id: randomUUID(),
      name,
      role,
      signIn: null,
      passwordHash: null,
      studentId: null,
      active: true,
      createdAt: new Date(),
    });
    await this.database.manager.insert(Person, person);
    return this.newInvitation(person);
  }

  /** An account with which a student sees their own results. */
  async inviteStudent(studentId: string): Promise<InvitationAnswer> {
    const { manager } = this.database;
    const student = await manager.findOneBy(Student, { id: studentId });
    if (!student) throw notFound('student');
    const known = await manager.findOneBy(Person, { studentId });
    if (known) return this.newInvitation(known);
    const person = manager.create(Person, {
      id: randomUUID(),
      name: student.name,
      role: 'student',
      signIn: null,
      passwordHash: null,
      studentId,
      active: true,
      createdAt: new Date(),
    });
    await manager.insert(Person, person);
    return this.newInvitation(person);
  }

  /** A new code for someone who has lost the password or the old code. */
  async inviteAgain(personId: string): Promise<InvitationAnswer> {
    const person = await this.database.manager.findOneBy(Person, { id: personId });
    if (!person) throw notFound('person');
    return this.newInvitation(person);
  }

  async setActive(personId: string, active: boolean, by: string): Promise<PersonAnswer> {
    const person = await this.database.manager.findOneBy(Person, { id: personId });
    if (!person) throw notFound('person');
    if (personId === by && !active) throw conflict('active', 'You cannot lock your own account.', 'Ask another lead instructor.');
    await this.database.manager.update(Person, { id: personId }, { active });
    return answer({ ...person, active }, false);
  }

  private async newInvitation(person: Person): Promise<InvitationAnswer> {
    const code = newCode();
    const expiresAt = new Date(Date.now() + CODE_DAYS * 24 * 60 * 60 * 1000);
    await this.database.manager.upsert(Invitation, { personId: person.id, codeHash: codeHash(code), expiresAt }, ['personId']);
    return { person: answer(person, true), code, expires: expiresAt.toISOString() };
  }
}

/** Codes are guessed without naming an account. */
function codeKeys(address: string): readonly FailureKey[] {
  return [{ of: 'account', key: `code|${address}` }];
}

function me({ id, name, role }: Person): Me {
  return { id, name, role };
}

function answer(person: Person, invited: boolean): PersonAnswer {
  const { id, name, signIn, role, active } = person;
  return { id, name, signIn, role, active, invited };
}
