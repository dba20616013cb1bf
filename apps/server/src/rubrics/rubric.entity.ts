import { Column, Entity, PrimaryColumn } from 'typeorm';
import { RUBRIC, type RubricContent } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';

@Entity('rubric')
export class Rubric {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @DocumentColumn(RUBRIC) content: RubricContent;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
}
