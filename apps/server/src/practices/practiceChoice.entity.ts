import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { MatterKey } from '@pelvo/core';

/** The practice the school has chosen in a matter; null once a choice was taken back. */
@Entity('practice_choice')
export class PracticeChoice {
  @PrimaryColumn('varchar', { length: 40 }) matter: MatterKey;
  @Column('varchar', { length: 40, nullable: true }) practice: string | null;
  @Column('int') version: number;
}
