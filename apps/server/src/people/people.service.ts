import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, MoreThan } from 'typeorm';
import { HOUSE_PREFERENCES, type Preferences } from '@pelvo/core';
import type {
  FirstLead,
  Invitation as InvitationAnswer,
  Join,
  Me,
  NewPerson,
  Person as PersonAnswer,
  SessionState,
  SignIn,
} from '@pelvo/contract';
import { SIGN_IN_NAME } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
import { conflict, invalid, notFound, ProblemException } from '../platform/problems';
import { SlowDown, type SignedIn, type TryKey } from '../platform/identity';
import { loadSchool } from '../school';
import { Invitation } from './invitation.entity';
import { Person } from './person.entity';
import { schoolBegins } from './schoolBegins';
import { codeHash, hashPassword, newCode, passwordFits } from './secrets';

const CODE_DAYS = 7;
/** More people than one school has: a list without an end is none either. */
const PEOPLE_LIMIT = 20_000;
const FIRST_CODE = 'first-lead-code';

/** Who comes in, and by which of their session epochs. */
export interface Entrant extends Me {
  readonly sessionEpoch: number;
}

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

  /** Who is signed in, and how they like things shown. */
  async sessionOf(who: SignedIn | undefined): Promise<SessionState> {
    const { manager } = this.database;
    const [person, { settings }] = await Promise.all([who ? manager.findOneBy(Person, { id: who.id }) : null, loadSchool(manager)]);
    return {
      me: who ? { id: who.id, name: who.name, role: who.role } : null,
      firstVisit: !who && (await this.isFirstVisit()),
      preferences: person?.preferences ?? HOUSE_PREFERENCES,
      timeZone: settings.timeZone,
    };
  }

  /** Changes what is named and leaves the rest, whoever else changes it at the same moment. @returns all of them */
  prefer(personId: string, change: Partial<Preferences>): Promise<Preferences> {
    return this.database.transaction(async (manager) => {
      const person = await manager.findOneOrFail(Person, { where: { id: personId }, lock: { mode: 'pessimistic_write' } });
      const preferences = { ...(person.preferences ?? HOUSE_PREFERENCES), ...change };
      await manager.update(Person, { id: personId }, { preferences });
      return preferences;
    });
  }

  /** A fresh one-time code for the first visit; the console shows it. Null when there is a lead already. */
  async firstVisitCode(): Promise<string | null> {
    if (!(await this.isFirstVisit())) return null;
    const code = newCode();
    await this.database.query('INSERT INTO setting (name, value) VALUES (?, ?)', [`${FIRST_CODE}.${randomUUID()}`, codeHash(code)]);
    return code;
  }

  async createFirstLead({ code, name, signIn, password }: FirstLead, address: string): Promise<Entrant> {
    const keys = codeKeys(address);
    await this.slowDown.count(keys);
    const passwordHash = await hashPassword(password);
    const person = await inTransaction(this.database, async (manager) => {
      // Every copy of the server may have shown a code of its own; whoever locks them first is the first lead.
      const codes = (await manager.query('SELECT value FROM setting WHERE name LIKE ? FOR UPDATE', [`${FIRST_CODE}%`])) as {
        value: string;
      }[];
      if (!codes.some(({ value }) => value === codeHash(code))) return null;
      await manager.query('DELETE FROM setting WHERE name LIKE ?', [`${FIRST_CODE}%`]);
      const lead = this.newPerson({ name, role: 'lead', signIn, passwordHash });
      await manager.insert(Person, lead);
      await schoolBegins.happens(manager, { personId: lead.id });
      return lead;
    });
    if (!person) throw invalid('code', 'This code is not right.', 'Use the code that the console shows; a restart shows a new one.');
    await this.slowDown.forgive(keys);
    return me(person);
  }

  /** @param deviceOf - what the device that asks is called for a person; null where they have never signed in on it */
  async signIn({ signIn, password }: SignIn, address: string, deviceOf: (personId: string) => string | null): Promise<Entrant> {
    // A name that cannot be one is nobody's: it is not looked for, but its try counts.
    const person = SIGN_IN_NAME.test(signIn) ? await this.database.manager.findOneBy(Person, { signIn, active: true }) : null;
    const device = person && deviceOf(person.id);
    const keys: readonly TryKey[] = device
      ? [{ of: 'device', key: device }]
      : [
          { of: 'account', key: person?.id ?? keyOfName(signIn) },
          { of: 'address', key: address },
        ];
    await this.slowDown.count(keys);
    if (!(await passwordFits(person?.passwordHash ?? null, password))) {
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
    await this.slowDown.forgive(keys);
    return me(person!);
  }

  async join({ code, signIn, password }: Join, address: string): Promise<Entrant> {
    const keys = codeKeys(address);
    await this.slowDown.count(keys);
    const wrong = () => invalid('code', 'This code is not right, or it is used or out of date.', 'Ask a lead instructor for a new one.');
    const passwordHash = await hashPassword(password);
    const invitation = await this.database.manager.findOneBy(Invitation, { codeHash: codeHash(code), expiresAt: MoreThan(new Date()) });
    if (!invitation) throw wrong();
    await this.slowDown.forgive(keys);
    return inTransaction(this.database, async (manager) => {
      const taken = await manager.findOneBy(Person, { signIn });
      if (taken && taken.id !== invitation.personId) throw invalid('signIn', 'This sign-in name is taken.', 'Choose another.');
      const { affected } = await manager.delete(Invitation, { personId: invitation.personId, codeHash: invitation.codeHash });
      if (affected !== 1) throw wrong();
      // A new password ends whatever was begun with the old one.
      const change = { signIn, passwordHash, sessionEpoch: () => 'session_epoch + 1' };
      await manager.update(Person, { id: invitation.personId, active: true }, change);
      const person = await manager.findOneBy(Person, { id: invitation.personId, active: true });
      if (!person) throw wrong();
      return me(person);
    });
  }

  async list(): Promise<readonly PersonAnswer[]> {
    const [people, invitations] = await Promise.all([
      this.database.manager.find(Person, { order: { role: 'ASC', name: 'ASC' }, take: PEOPLE_LIMIT }),
      this.database.manager.find(Invitation, { take: PEOPLE_LIMIT }),
    ]);
    const waiting = new Set(invitations.filter((invitation) => invitation.expiresAt > new Date()).map((invitation) => invitation.personId));
    return people.map((person) => answer(person, waiting.has(person.id)));
  }

  async invite({ name, role }: NewPerson): Promise<InvitationAnswer> {
    const person = this.newPerson({ name, role });
    await this.database.manager.insert(Person, person);
    return this.newInvitation(person);
  }

  /** An account for a student: made where there is none yet, else a new code for it. */
  async inviteStudent({ id: studentId, name }: { readonly id: string; readonly name: string }): Promise<InvitationAnswer> {
    const { manager } = this.database;
    const known = await manager.findOneBy(Person, { studentId });
    if (known) return this.newInvitation(known);
    const person = this.newPerson({ name, role: 'student', studentId });
    // Two who invite at once: the second finds the account the first has made.
    await manager.createQueryBuilder().insert().into(Person).values(person).orIgnore().execute();
    return this.newInvitation(await manager.findOneByOrFail(Person, { studentId }));
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
    // What was begun before ends with the access, and stays ended when the access is given back.
    await this.database.manager.update(
      Person,
      { id: personId },
      { active, ...(active ? {} : { sessionEpoch: () => 'session_epoch + 1' }) },
    );
    return answer({ ...person, active }, false);
  }

  private newPerson(fields: Pick<Person, 'name' | 'role'> & Partial<Person>): Person {
    const empty = { signIn: null, passwordHash: null, studentId: null, active: true, sessionEpoch: 1, preferences: null };
    return this.database.manager.create(Person, { id: randomUUID(), createdAt: new Date(), ...empty, ...fields });
  }

  private async newInvitation(person: Person): Promise<InvitationAnswer> {
    const code = newCode();
    const expiresAt = new Date(Date.now() + CODE_DAYS * 24 * 60 * 60 * 1000);
    await this.database.manager.upsert(Invitation, { personId: person.id, codeHash: codeHash(code), expiresAt }, ['personId']);
    return { person: answer(person, true), code, expires: expiresAt.toISOString() };
  }
}

/** Codes are guessed without naming an account. */
const codeKeys = (address: string): readonly TryKey[] => [{ of: 'code', key: address }];

/** A name nobody has, short and plain enough for a counter. */
const keyOfName = (signIn: string): string => `name|${codeHash(signIn)}`;

function me({ id, name, role, sessionEpoch }: Person): Entrant {
  return { id, name, role, sessionEpoch };
}

function answer(person: Person, invited: boolean): PersonAnswer {
  const { id, name, signIn, role, active } = person;
  return { id, name, signIn, role, active, invited };
}
