import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type { Purpose } from '@pelvo/core';
import { Technique } from '../techniques';
import { Lesson } from './lesson.entity';

@Entity('lesson_technique')
export class LessonTechnique {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @PrimaryColumn('char', { name: 'technique_id', length: 36 }) techniqueId: string;
  @Column('enum', { enum: ['introduce', 'practise', 'assess'] }) purpose: Purpose;
  @Column('int') position: number;
  @ManyToOne(() => Lesson, (lesson) => lesson.techniques) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @ManyToOne(() => Technique) @JoinColumn({ name: 'technique_id' }) technique: Relation<Technique>;
}
