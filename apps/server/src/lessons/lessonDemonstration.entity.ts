import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { DEMONSTRATION, type Demonstration } from '@pelvo/core';
import { Dish } from '../dishes';
import { Person } from '../people';
import { DocumentColumn } from '../platform/database/documentColumn';
import { Lesson } from './lesson.entity';

/** How a dish of a lesson is demonstrated. It stands with the lesson, since what stands ready is ordered with it. */
@Entity('lesson_demonstration')
export class LessonDemonstration {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @PrimaryColumn('char', { name: 'dish_id', length: 36 }) dishId: string;
  @DocumentColumn(DEMONSTRATION) content: Demonstration;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
  @Column('char', { name: 'updated_by', length: 36 }) updatedBy: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @ManyToOne(() => Dish, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'dish_id' }) dish: Relation<Dish>;
  @ManyToOne(() => Person) @JoinColumn({ name: 'updated_by' }) person: Relation<Person>;
}
