import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { Role } from '@pelvo/contract';

@Entity('person')
export class Person {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { name: 'sign_in', length: 40, nullable: true }) signIn: string | null;
  @Column('enum', { enum: ['lead', 'assistant', 'stores', 'student'] }) role: Role;
  @Column('varchar', { name: 'password_hash', length: 200, nullable: true }) passwordHash: string | null;
  @Column('char', { name: 'student_id', length: 36, nullable: true }) studentId: string | null;
  @Column('boolean') active: boolean;
  @Column('datetime', { name: 'created_at' }) createdAt: Date;
}
