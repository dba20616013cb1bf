import { Column, Entity, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { CARD, type Strand, type TechniqueCard } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';
import { TechniquePrerequisite } from './techniquePrerequisite.entity';

@Entity('technique')
export class Technique {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('enum', { enum: ['knife', 'cooking', 'plating'] }) strand: Strand;
  @Column('int') position: number;
  @DocumentColumn(CARD) card: TechniqueCard;
  @Column('int') version: number;
  @Column('boolean') archived: boolean;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
  @OneToMany(() => TechniquePrerequisite, (row) => row.technique) prerequisites: Relation<TechniquePrerequisite[]>;
}
