import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Lesson } from '../lessons';
import { Person } from '../people';

/** Something that happened in a lesson. Only ever added, numbered without gaps. */
@Entity('lesson_event')
export class LessonEventRow {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @PrimaryColumn('int') number: number;
  @ManyToOne(() => Lesson) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @Column('char', { length: 36 }) id: string;
  @Column('varchar', { length: 40 }) kind: string;
  /** A document of its kind's format; whoever knows the kind opens it. */
  @Column('json') body: unknown;
  @Column('char', { name: 'person_id', length: 36 }) personId: string;
  @ManyToOne(() => Person) @JoinColumn({ name: 'person_id' }) person: Relation<Person>;
  @Column('datetime', { name: 'happened_at', precision: 3 }) happenedAt: Date;
  @Column('datetime', { name: 'received_at', precision: 3 }) receivedAt: Date;
}
