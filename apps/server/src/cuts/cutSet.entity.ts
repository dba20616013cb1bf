import { Column, Entity, PrimaryColumn } from 'typeorm';
import { CUT_SET, type CutSet } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';

/** A set of named cuts. */
@Entity('cut_set')
export class CutSetRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 80 }) name: string;
  @DocumentColumn(CUT_SET) content: CutSet;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
}
