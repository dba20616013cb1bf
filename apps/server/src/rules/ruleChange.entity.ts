import { Column, Entity, JoinColumn, ManyToOne, PrimaryGeneratedColumn, type Relation } from 'typeorm';
import type { RuleKey } from '@pelvo/core';
import { Person } from '../people';

/** One change of a local rule. Only ever added; the newest of a rule counts. */
@Entity('rule_change')
export class RuleChangeRow {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true }) seq: string;
  @Column('varchar', { name: 'rule_key', length: 40 }) ruleKey: RuleKey;
  /** Counts the changes of this rule from 1. */
  @Column('int') number: number;
  /** Null went back to the default. */
  @Column('decimal', { precision: 8, scale: 2, nullable: true }) value: string | null;
  @Column('varchar', { length: 300 }) reason: string;
  @Column('char', { name: 'person_id', length: 36 }) personId: string;
  @ManyToOne(() => Person) @JoinColumn({ name: 'person_id' }) person: Relation<Person>;
  @Column('datetime', { name: 'changed_at' }) changedAt: Date;
}
