import { Column, Entity, PrimaryColumn } from 'typeorm';
import { SCHOOL_SETTINGS, type SchoolSettings } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';

/** How the school runs its lessons, and where it is; one row. */
@Entity('school')
export class SchoolRow {
  @PrimaryColumn('tinyint') id: number;
  @DocumentColumn(SCHOOL_SETTINGS) settings: SchoolSettings;
  @Column('int') version: number;
}
