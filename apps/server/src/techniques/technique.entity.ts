import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { Strand, TechniqueCard } from '@pelvo/core';

@Entity('technique')
export class Technique {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('enum', { enum: ['knife', 'cooking', 'plating'] }) strand: Strand;
  @Column('int') position: number;
  @Column('json') card: TechniqueCard;
}
