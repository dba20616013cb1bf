import { Column, Entity, JoinColumn, ManyToOne, OneToOne, PrimaryColumn, type Relation } from 'typeorm';
import { TIME_PLAN, type TimePlan } from '@pelvo/core';
import { Lesson } from '../lessons';
import { Person } from '../people';
import { DocumentColumn } from '../platform/database/documentColumn';

/** The plan of time of a lesson. */
@Entity('time_plan')
export class TimePlanRow {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @OneToOne(() => Lesson, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @DocumentColumn(TIME_PLAN) content: TimePlan;
  /** Whether all of it lies somewhere and the check found nothing wrong: kept beside it, so that a list of lessons reads no plan. */
  @Column('boolean') holds: boolean;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
  @Column('char', { name: 'updated_by', length: 36 }) updatedBy: string;
  @ManyToOne(() => Person) @JoinColumn({ name: 'updated_by' }) person: Relation<Person>;
}
