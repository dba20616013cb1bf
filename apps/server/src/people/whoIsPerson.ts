import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { WhoIs, type SignedIn } from '../platform/identity';

/** Looked up each time, so that a revoked account, and a session from before a new password, end at once. */
@Injectable()
export class WhoIsPerson extends WhoIs {
  constructor(private readonly database: DataSource) {
    super();
  }

  async signedIn(id: string, sessionEpoch: number): Promise<SignedIn | null> {
    const [person] = (await this.database.query(
      'SELECT id, name, role, student_id AS studentId FROM person WHERE id = ? AND active = TRUE AND session_epoch = ?',
      [id, sessionEpoch],
    )) as SignedIn[];
    return person ?? null;
  }
}
