import { Column, Entity, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import {
  LESSON_PRACTICES,
  LESSON_SETTINGS,
  SUBSTITUTIONS,
  type LessonSettings,
  type LineSubstitution,
  type MarkingWay,
  type PracticeChoices,
} from '@pelvo/core';
import { DocumentColumn } from '../platform/database/documentColumn';
import { CookeryClass } from '../classes';
import { KitchenRow } from '../kitchens';
import { RubricEdition } from '../rubrics';
import { LessonDish } from './lessonDish.entity';
import { LessonTechnique } from './lessonTechnique.entity';

@Entity('lesson')
export class Lesson {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'class_id', length: 36 }) classId: string;
  @ManyToOne(() => CookeryClass) @JoinColumn({ name: 'class_id' }) class: Relation<CookeryClass>;
  @Column('varchar', { length: 160 }) title: string;
  @Column('date') date: string;
  @Column('time') start: string;
  @Column('time') end: string;
  /** What was said of its place before it was a kitchen, or the name of a kitchen that is gone. */
  @Column('varchar', { length: 80 }) kitchen: string;
  @Column('char', { name: 'kitchen_id', length: 36, nullable: true }) kitchenId: string | null;
  @ManyToOne(() => KitchenRow) @JoinColumn({ name: 'kitchen_id' }) inKitchen: Relation<KitchenRow> | null;
  @Column('int', { name: 'team_size' }) teamSize: number;
  @Column('int', { name: 'portions_a_team' }) portionsATeam: number;
  @Column('int', { name: 'demonstration_portions' }) demonstrationPortions: number;
  @Column('int', { name: 'reference_plates' }) referencePlates: number;
  @Column('int', { name: 'tasting_portions', default: 0 }) tastingPortions: number;
  @Column('int', { name: 'spare_makings' }) spareMakings: number;
  @Column('int', { name: 'student_count', nullable: true }) studentCount: number | null;
  @Column('char', { name: 'rubric_edition_id', length: 36, nullable: true }) rubricEditionId: string | null;
  @ManyToOne(() => RubricEdition) @JoinColumn({ name: 'rubric_edition_id' }) rubricEdition: Relation<RubricEdition> | null;
  @Column('datetime', { name: 'released_at', nullable: true }) releasedAt: Date | null;
  /** How its results were told when the students got them; null while they have not. */
  @Column('varchar', { name: 'released_way', length: 20, nullable: true }) releasedWay: MarkingWay | null;
  @DocumentColumn(SUBSTITUTIONS) substitutions: { readonly items: readonly LineSubstitution[] };
  @DocumentColumn(LESSON_PRACTICES) practices: PracticeChoices;
  @DocumentColumn(LESSON_SETTINGS) settings: LessonSettings;
  /** The number of the last event in its stream. */
  @Column('int') events: number;
  /** Dishes on which every criterion has a mark; kept by the assessment. */
  @Column('int', { name: 'dishes_marked' }) dishesMarked: number;
  @Column('int') version: number;
  @OneToMany(() => LessonDish, (row) => row.lesson) dishes: Relation<LessonDish[]>;
  @OneToMany(() => LessonTechnique, (row) => row.lesson) techniques: Relation<LessonTechnique[]>;
}
