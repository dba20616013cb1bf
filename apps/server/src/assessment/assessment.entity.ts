import { Column, Entity, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { Student } from '../classes';
import { DishEdition } from '../dishes';
import { Lesson } from '../lessons';
import { RubricEdition } from '../rubrics';
import { RELEASED_MARKS, type ReleasedMarks } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';
import { MarkRow } from './mark.entity';

/** One student's dish in one lesson, with the editions it is marked by. */
@Entity('assessment')
export class Assessment {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @ManyToOne(() => Lesson) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @Column('char', { name: 'student_id', length: 36 }) studentId: string;
  @ManyToOne(() => Student) @JoinColumn({ name: 'student_id' }) student: Relation<Student>;
  @Column('char', { name: 'dish_edition_id', length: 36 }) dishEditionId: string;
  @ManyToOne(() => DishEdition) @JoinColumn({ name: 'dish_edition_id' }) dishEdition: Relation<DishEdition>;
  @Column('char', { name: 'rubric_edition_id', length: 36 }) rubricEditionId: string;
  @ManyToOne(() => RubricEdition) @JoinColumn({ name: 'rubric_edition_id' }) rubricEdition: Relation<RubricEdition>;
  @OneToMany(() => MarkRow, (mark) => mark.assessment) marks: Relation<MarkRow[]>;
  /** Every criterion of its rubric has a mark. */
  @Column('boolean') complete: boolean;
  /** The marks as the student was given them; null while they have not been. */
  @DocumentColumn(RELEASED_MARKS, { nullable: true }) released: ReleasedMarks | null;
  /** The mark as the student was told it, empty for none; null while it has not been, or was given out before this was kept. */
  @Column('varchar', { length: 20, nullable: true }) told: string | null;
}
