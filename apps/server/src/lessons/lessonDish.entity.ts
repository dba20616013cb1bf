import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { DishEdition } from '../dishes';
import { Lesson } from './lesson.entity';

@Entity('lesson_dish')
export class LessonDish {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @PrimaryColumn('char', { name: 'dish_edition_id', length: 36 }) dishEditionId: string;
  @Column('int') position: number;
  @ManyToOne(() => Lesson, (lesson) => lesson.dishes) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @ManyToOne(() => DishEdition) @JoinColumn({ name: 'dish_edition_id' }) edition: Relation<DishEdition>;
}
