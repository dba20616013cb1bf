import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Dish } from '../dishes';
import { Lesson } from '../lessons';
import { Person } from '../people';

/** A question that the group asked at a step of a dish, with what was answered. */
@Entity('asked_question')
export class AskedQuestionRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'dish_id', length: 36 }) dishId: string;
  @Column('varchar', { name: 'step_id', length: 40 }) stepId: string;
  @Column('char', { name: 'lesson_id', length: 36, nullable: true }) lessonId: string | null;
  @Column('varchar', { length: 600 }) asked: string;
  @Column('varchar', { length: 600 }) answer: string;
  @Column('datetime', { name: 'asked_at' }) askedAt: Date;
  @Column('char', { name: 'asked_by', length: 36 }) askedBy: string;
  @ManyToOne(() => Dish, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'dish_id' }) dish: Relation<Dish>;
  @ManyToOne(() => Lesson, { onDelete: 'SET NULL' }) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson> | null;
  @ManyToOne(() => Person) @JoinColumn({ name: 'asked_by' }) person: Relation<Person>;
}
