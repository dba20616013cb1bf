import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { Role } from '@pelvo/contract';
import { PREFERENCES, type Preferences } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';

@Entity('person')
export class Person {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { name: 'sign_in', length: 40, nullable: true }) signIn: string | null;
  @Column('enum', { enum: ['lead', 'assistant', 'stores', 'student'] }) role: Role;
  @Column('varchar', { name: 'password_hash', length: 200, nullable: true }) passwordHash: string | null;
  @Column('char', { name: 'student_id', length: 36, nullable: true }) studentId: string | null;
  @Column('boolean') active: boolean;
  /** Sessions begun under an earlier epoch have ended: a new password and the loss of access each begin a new one. */
  @Column('int', { name: 'session_epoch' }) sessionEpoch: number;
  /** Null until the person says otherwise than the house. */
  @DocumentColumn(PREFERENCES, { nullable: true }) preferences: Preferences | null;
  @Column('datetime', { name: 'created_at' }) createdAt: Date;
}
