import { Column, Entity, PrimaryColumn } from 'typeorm';

/** How the order of a lesson stands, kept beside what it was made from: lists count it without computing it. */
@Entity('lesson_order')
export class LessonOrder {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  /** Changes with anything the order is made from. */
  @Column('char', { name: 'made_from', length: 40 }) madeFrom: string;
  /** Lines that are held. */
  @Column('int') held: number;
  /** Lines to buy. */
  @Column('int') buy: number;
}
