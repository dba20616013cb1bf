import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { WhoIs, type SignedIn } from '../platform/identity';
import { Person } from './person.entity';

/** Looked up each time, so that a revoked account, and a session from before a new password, end at once. */
@Injectable()
export class WhoIsPerson extends WhoIs {
  constructor(private readonly database: DataSource) {
    super();
  }

  async signedIn(id: string, sessionEpoch: number): Promise<SignedIn | null> {
    const person = await this.database.manager.findOneBy(Person, { id, active: true, sessionEpoch });
    return person && { id: person.id, name: person.name, role: person.role, studentId: person.studentId };
  }
}
