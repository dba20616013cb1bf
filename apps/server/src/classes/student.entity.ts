import { Column, Entity, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { NEEDS, type Needs } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';
import { Absence } from './absence.entity';
import { CookeryClass } from './class.entity';

@Entity('student')
export class Student {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'class_id', length: 36 }) classId: string;
  @ManyToOne(() => CookeryClass) @JoinColumn({ name: 'class_id' }) class: Relation<CookeryClass>;
  @Column('varchar', { length: 120 }) name: string;
  @Column('varchar', { name: 'name_key', length: 120 }) nameKey: string;
  @Column('varchar', { length: 40 }) number: string;
  @DocumentColumn(NEEDS) needs: Needs;
  @Column('boolean') active: boolean;
  @OneToMany(() => Absence, (absence) => absence.student) absences: Relation<Absence[]>;
}
