import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { CookeryClass } from '../classes';
import { Person } from '../people';

/** An address under which the lessons of a class can be followed by a calendar; who knows it needs no account. */
@Entity('calendar_feed')
export class CalendarFeedRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'class_id', length: 36 }) classId: string;
  /** SHA-256 of the secret in the address, as hex: the address itself is nowhere kept. */
  @Column('char', { name: 'secret_hash', length: 64 }) secretHash: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('datetime', { name: 'created_at' }) createdAt: Date;
  @Column('char', { name: 'created_by', length: 36 }) createdBy: string;
  @ManyToOne(() => CookeryClass, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'class_id' }) class: Relation<CookeryClass>;
  @ManyToOne(() => Person) @JoinColumn({ name: 'created_by' }) person: Relation<Person>;
}
