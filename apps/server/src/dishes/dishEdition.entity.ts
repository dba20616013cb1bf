import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { DISH, type DishContent } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';
import { Person } from '../people';
import { Dish } from './dish.entity';

/** A published state of a dish. Never changed once written. */
@Entity('dish_edition')
export class DishEdition {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column({ type: 'char', name: 'dish_id', length: 36, update: false }) dishId: string;
  @ManyToOne(() => Dish) @JoinColumn({ name: 'dish_id' }) dish: Relation<Dish>;
  @Column({ type: 'int', update: false }) number: number;
  @DocumentColumn(DISH, { update: false }) content: DishContent;
  /** Out of the content, by the database itself. */
  @Column({
    type: 'varchar',
    length: 160,
    nullable: true,
    insert: false,
    update: false,
  })
  title: string;
  /** Every technique its steps name, out of the content, by the database itself; null where no step names any. */
  @Column({ type: 'json', name: 'technique_ids', nullable: true, insert: false, update: false }) techniqueIds: string[] | null;
  @Column({ type: 'datetime', name: 'published_at', update: false }) publishedAt: Date;
  @Column({ type: 'char', name: 'published_by', length: 36, update: false }) publishedBy: string;
  @ManyToOne(() => Person) @JoinColumn({ name: 'published_by' }) publisher: Relation<Person>;
}
