import { Column, Entity, PrimaryColumn } from 'typeorm';
import { DISH, type DishContent } from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';

/** A dish as it is being drafted. What lessons and marks use are its editions. */
@Entity('dish')
export class Dish {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('varchar', { length: 160 }) title: string;
  @DocumentColumn(DISH) content: DishContent;
  /** Whether other dishes can be made with it: it says what one making gives. Out of the content, by the database itself. */
  @Column({
    type: 'boolean',
    name: 'is_preparation',
    nullable: true,
    insert: false,
    update: false,
  })
  isPreparation: boolean;
  @Column('int') version: number;
  @Column('boolean') archived: boolean;
  /** Minutes of the method, derived from it. */
  @Column('int') minutes: number;
  @Column('datetime', { name: 'updated_at' }) updatedAt: Date;
}
