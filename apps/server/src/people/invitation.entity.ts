import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A one-time code that lets a person choose a password. Only its hash is stored. */
@Entity('invitation')
export class Invitation {
  @PrimaryColumn('char', { name: 'person_id', length: 36 }) personId: string;
  @Column('char', { name: 'code_hash', length: 64 }) codeHash: string;
  @Column('datetime', { name: 'expires_at' }) expiresAt: Date;
}
