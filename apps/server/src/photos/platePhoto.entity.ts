import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Person } from '../people';

/** A photo of a plate; its image lies in a table of its own. */
@Entity('plate_photo')
export class PlatePhotoRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @Column('char', { name: 'student_id', length: 36 }) studentId: string;
  @Column('char', { name: 'dish_edition_id', length: 36 }) dishEditionId: string;
  @Column('char', { name: 'person_id', length: 36 }) personId: string;
  @ManyToOne(() => Person) @JoinColumn({ name: 'person_id' }) person: Relation<Person>;
  @Column('datetime', { name: 'taken_at', precision: 3 }) takenAt: Date;
  @Column('int') width: number;
  @Column('int') height: number;
  @Column('int') bytes: number;
}

@Entity('plate_photo_image')
export class PlatePhotoImage {
  @PrimaryColumn('char', { name: 'photo_id', length: 36 }) photoId: string;
  @Column('mediumblob') image: Buffer;
}
