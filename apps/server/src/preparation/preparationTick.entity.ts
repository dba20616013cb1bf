import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Lesson } from '../lessons';
import { Person } from '../people';

/** A piece of a lesson's preparation that is done. */
@Entity('preparation_tick')
export class PreparationTickRow {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @PrimaryColumn('varchar', { length: 160 }) task: string;
  @Column('datetime', { name: 'done_at' }) doneAt: Date;
  @Column('char', { name: 'done_by', length: 36 }) doneBy: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @ManyToOne(() => Person) @JoinColumn({ name: 'done_by' }) person: Relation<Person>;
}
