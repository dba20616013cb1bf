import { Column, Entity, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { Student } from '../classes';
import { Dish } from '../dishes';
import { Lesson } from './lesson.entity';

/** Those who cook together in a lesson. */
@Entity('lesson_team')
export class LessonTeamRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'lesson_id' }) lesson: Relation<Lesson>;
  @Column('int') position: number;
  @Column('varchar', { length: 60 }) name: string;
  @Column('varchar', { length: 40 }) station: string;
  @OneToMany(() => LessonTeamMember, (row) => row.team) members: Relation<LessonTeamMember[]>;
  @OneToMany(() => LessonTeamDish, (row) => row.team) dishes: Relation<LessonTeamDish[]>;
}

/** A student in the one team of a lesson in which they cook. */
@Entity('lesson_team_member')
export class LessonTeamMember {
  @PrimaryColumn('char', { name: 'lesson_id', length: 36 }) lessonId: string;
  @PrimaryColumn('char', { name: 'student_id', length: 36 }) studentId: string;
  @Column('char', { name: 'team_id', length: 36 }) teamId: string;
  @ManyToOne(() => LessonTeamRow, (team) => team.members, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'team_id' })
  team: Relation<LessonTeamRow>;
  @ManyToOne(() => Student, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'student_id' }) student: Relation<Student>;
}

/** A dish that a team cooks; a team without any cooks all. */
@Entity('lesson_team_dish')
export class LessonTeamDish {
  @PrimaryColumn('char', { name: 'team_id', length: 36 }) teamId: string;
  @PrimaryColumn('char', { name: 'dish_id', length: 36 }) dishId: string;
  @ManyToOne(() => LessonTeamRow, (team) => team.dishes, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'team_id' })
  team: Relation<LessonTeamRow>;
  @ManyToOne(() => Dish) @JoinColumn({ name: 'dish_id' }) dish: Relation<Dish>;
}
