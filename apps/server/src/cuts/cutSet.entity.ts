import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { CutSet } from '@pelvo/core';

/** A set of named cuts. */
@Entity('cut_set')
export class CutSetRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 80 }) name: string;
  @Column('json') content: CutSet;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
}
