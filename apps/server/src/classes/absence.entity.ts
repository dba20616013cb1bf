import { Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Student } from './student.entity';

/** A day on which a student is away. */
@Entity('absence')
export class Absence {
  @PrimaryColumn('char', { name: 'student_id', length: 36 }) studentId: string;
  @PrimaryColumn('date') date: string;
  @ManyToOne(() => Student, (student) => student.absences) @JoinColumn({ name: 'student_id' }) student: Relation<Student>;
}
