import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { RubricContent } from '@pelvo/core';

@Entity('rubric')
export class Rubric {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('json') content: RubricContent;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
}
