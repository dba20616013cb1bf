import { Column, Entity, JoinColumn, ManyToOne, PrimaryGeneratedColumn, type Relation } from 'typeorm';
import type { MarkValue } from '@pelvo/core';
import { Person } from '../people/person.entity';
import { Assessment } from './assessment.entity';

/** One touch at the pass. Only ever added; the newest of a criterion counts. */
@Entity('mark_event')
export class MarkEventRow {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true }) seq: string;
  @Column('char', { length: 36 }) id: string;
  @Column('char', { name: 'assessment_id', length: 36 }) assessmentId: string;
  @ManyToOne(() => Assessment, (assessment) => assessment.events) @JoinColumn({ name: 'assessment_id' }) assessment: Relation<Assessment>;
  @Column('varchar', { name: 'criterion_key', length: 40 }) criterionKey: string;
  @Column('json', { nullable: true }) value: MarkValue | null;
  @Column('char', { name: 'assessor_id', length: 36 }) assessorId: string;
  @ManyToOne(() => Person) @JoinColumn({ name: 'assessor_id' }) assessor: Relation<Person>;
  @Column('datetime', { name: 'touched_at', precision: 3 }) touchedAt: Date;
  @Column('datetime', { name: 'received_at', precision: 3 }) receivedAt: Date;
}
