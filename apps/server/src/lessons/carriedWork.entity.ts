import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type { Cover, Store } from '@pelvo/core';
import { Dish } from '../dishes';
import { Person } from '../people';
import { Lesson } from './lesson.entity';

/** What a class makes in one lesson for another: a dish of the later one, up to a step. */
@Entity('carried_work')
export class CarriedWorkRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'from_lesson_id', length: 36 }) fromLessonId: string;
  @Column('char', { name: 'to_lesson_id', length: 36 }) toLessonId: string;
  @Column('char', { name: 'dish_id', length: 36 }) dishId: string;
  @Column('varchar', { name: 'step_id', length: 40 }) stepId: string;
  @Column('varchar', { length: 20, nullable: true }) store: Store | null;
  @Column('double', { nullable: true }) hours: number | null;
  @Column('simple-json') covers: readonly Cover[];
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
  @Column('char', { name: 'updated_by', length: 36 }) updatedBy: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'from_lesson_id' }) fromLesson: Relation<Lesson>;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'to_lesson_id' }) toLesson: Relation<Lesson>;
  @ManyToOne(() => Dish, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'dish_id' }) dish: Relation<Dish>;
  @ManyToOne(() => Person) @JoinColumn({ name: 'updated_by' }) person: Relation<Person>;
}
