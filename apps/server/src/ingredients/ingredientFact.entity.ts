import { Column, Entity, PrimaryColumn } from 'typeorm';
import { FACT, type IngredientFact } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';

/** What the school knows of an ingredient, laid over what ships. Taking it away brings the shipped fact back. */
@Entity('ingredient_fact')
export class IngredientFactRow {
  @PrimaryColumn('varchar', { name: 'name_key', length: 120 }) nameKey: string;
  @DocumentColumn(FACT) fact: IngredientFact;
  @Column('int') version: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
}
