import { Column, Entity, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import type { Strand, TechniqueCard } from '@pelvo/core';
import { TechniquePrerequisite } from './techniquePrerequisite.entity';

@Entity('technique')
export class Technique {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 120 }) name: string;
  @Column('enum', { enum: ['knife', 'cooking', 'plating'] }) strand: Strand;
  @Column('int') position: number;
  @Column('json') card: TechniqueCard;
  @Column('int') version: number;
  @Column('boolean') archived: boolean;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
  @OneToMany(() => TechniquePrerequisite, (row) => row.technique) prerequisites: Relation<TechniquePrerequisite[]>;
}
