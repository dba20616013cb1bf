import { Column, Entity, PrimaryColumn } from 'typeorm';

/** An entry of the record of what students were told; only ever added, each with the hash of the one before it. */
@Entity('told_record')
export class ToldRecordRow {
  @PrimaryColumn('int') number: number;
  @Column('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @Column('char', { name: 'assessment_id', length: 36 }) assessmentId: string;
  /** Who gave it out. */
  @Column('char', { name: 'person_id', length: 36 }) personId: string;
  @Column('varchar', { length: 24 }) at: string;
  @Column('varchar', { length: 300 }) why: string;
  @Column('longtext', { name: 'before_told', nullable: true }) before: string | null;
  @Column('longtext', { name: 'after_told', nullable: true }) after: string | null;
  @Column('char', { length: 64 }) previous: string;
  @Column('char', { length: 64 }) hash: string;
}
