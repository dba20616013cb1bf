import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MARK_VALUE, type MarkValue } from '@pelvo/core';
import { Person } from '../people';
import { DocumentColumn } from '../platform/database/documentColumn';
import { Assessment } from './assessment.entity';

/** What an assessor last said of a criterion: derived from the lesson's stream, in the same transaction. */
@Entity('mark')
export class MarkRow {
  @PrimaryColumn('char', { name: 'assessment_id', length: 36 }) assessmentId: string;
  @PrimaryColumn('varchar', { name: 'criterion_key', length: 40 }) criterionKey: string;
  @PrimaryColumn('char', { name: 'assessor_id', length: 36 }) assessorId: string;
  /** Agreed on by those who differed: one for a criterion, beside what each said. */
  @PrimaryColumn('boolean') agreed: boolean;
  @ManyToOne(() => Assessment, (assessment) => assessment.marks) @JoinColumn({ name: 'assessment_id' }) assessment: Relation<Assessment>;
  @ManyToOne(() => Person) @JoinColumn({ name: 'assessor_id' }) assessor: Relation<Person>;
  /** Its judgement is null once it was taken back. */
  @DocumentColumn(MARK_VALUE) value: { readonly value: MarkValue | null };
  /** The event that said it last. */
  @Column('int') number: number;
}
