import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { RUBRIC, type RubricContent } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';
import { Person } from '../people';
import { Rubric } from './rubric.entity';

/** A published state of a rubric. Never changed once written, so that a mark explains itself for good. */
@Entity('rubric_edition')
export class RubricEdition {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column({ type: 'char', name: 'rubric_id', length: 36, update: false }) rubricId: string;
  @ManyToOne(() => Rubric) @JoinColumn({ name: 'rubric_id' }) rubric: Relation<Rubric>;
  @Column({ type: 'int', update: false }) number: number;
  @DocumentColumn(RUBRIC, { update: false }) content: RubricContent;
  @Column({ type: 'datetime', name: 'published_at', update: false }) publishedAt: Date;
  @Column({ type: 'char', name: 'published_by', length: 36, update: false }) publishedBy: string;
  @ManyToOne(() => Person) @JoinColumn({ name: 'published_by' }) publisher: Relation<Person>;
}
