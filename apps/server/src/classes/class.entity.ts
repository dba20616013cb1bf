import { Column, Entity, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { Student } from './student.entity';

@Entity('class')
export class CookeryClass {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { length: 80 }) term: string;
  @Column('int') version: number;
  @OneToMany(() => Student, (student) => student.class) students: Relation<Student[]>;
}
