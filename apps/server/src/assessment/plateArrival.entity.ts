import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Student } from '../classes';
import { DishEdition } from '../dishes';
import { Lesson } from '../lessons';

/** A plate that has come to the pass. */
@Entity('plate_arrival')
export class PlateArrivalRow {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @PrimaryColumn('char', { name: 'student_id', length: 36 }) studentId: string;
  @PrimaryColumn('char', { name: 'dish_edition_id', length: 36 }) dishEditionId: string;
  @Column('datetime', { name: 'arrived_at', precision: 3 }) arrivedAt: Date;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @ManyToOne(() => Student, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'student_id' }) student: Relation<Student>;
  @ManyToOne(() => DishEdition, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'dish_edition_id' }) dishEdition: Relation<DishEdition>;
}
