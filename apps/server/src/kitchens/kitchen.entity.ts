import { Column, Entity, PrimaryColumn } from 'typeorm';
import { KITCHEN, type Kitchen } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';

/** A kitchen of the school: its stations, and what they share. */
@Entity('kitchen')
export class KitchenRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 80 }) name: string;
  @DocumentColumn(KITCHEN) content: Kitchen;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
}
