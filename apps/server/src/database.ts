import { createPool, type Pool } from 'mysql2';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { Absence } from '../../classes/absence.entity';
import { CookeryClass } from '../../classes/class.entity';
import { Student } from '../../classes/student.entity';
import { Assessment } from '../../assessment/assessment.entity';
import { MarkEventRow } from '../../assessment/markEvent.entity';
import { CutSetRow } from '../../cuts/cutSet.entity';
import { Dish } from '../../dishes/dish.entity';
import { DishEdition } from '../../dishes/dishEdition.entity';
import { ensureDishIndex } from '../../dishes/dishIndex';
import { IngredientFactRow } from '../../ingredients/ingredientFact.entity';
import { Lesson } from '../../lessons/lesson.entity';
import { LessonDish } from '../../lessons/lessonDish.entity';
import { LessonTechnique } from '../../lessons/lessonTechnique.entity';
import { Invitation } from '../../people/invitation.entity';
import { Person } from '../../people/person.entity';
import { PracticeChoice } from '../../practices/practiceChoice.entity';
import { Rubric } from '../../rubrics/rubric.entity';
import { RubricEdition } from '../../rubrics/rubricEdition.entity';
import { RuleChangeRow } from '../../rules/ruleChange.entity';
import { Technique } from '../../techniques/technique.entity';
import { TechniquePrerequisite } from '../../techniques/techniquePrerequisite.entity';
import { FirstSlice1700000000000 } from './migrations/1700000000000-firstSlice';
import { Formulas1700000100000 } from './migrations/1700000100000-formulas';
import { Techniques1700000200000 } from './migrations/1700000200000-techniques';

/** The tables of the house, in one list. */
export const ENTITIES = [
  Person,
  Invitation,
  Technique,
  Dish,
  DishEdition,
  CookeryClass,
  Student,
  Absence,
  Lesson,
  LessonDish,
  LessonTechnique,
  Rubric,
  RubricEdition,
  Assessment,
  MarkEventRow,
  IngredientFactRow,
  TechniquePrerequisite,
  PracticeChoice,
  RuleChangeRow,
  CutSetRow,
];

export const MIGRATIONS = [FirstSlice1700000000000, Formulas1700000100000, Techniques1700000200000];

/** TypeORM options for a `mysql://` or `mariadb://` URL. The schema changes by migrations only. */
export function dataSourceOptions(url: string): DataSourceOptions {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    type: 'mariadb',
    host: hostname,
    port: Number(port || 3306),
    username: decodeURIComponent(username),
    password: decodeURIComponent(password),
    database: databaseName(pathname),
    charset: 'utf8mb4_unicode_ci',
    timezone: 'Z',
    dateStrings: ['DATE'],
    entities: ENTITIES,
    migrations: MIGRATIONS,
    synchronize: false,
    poolSize: 10,
  };
}

export function databaseName(pathname: string): string {
  return decodeURIComponent(pathname.replace(/^\//, ''));
}

/** Opens the database and brings its schema up to date. */
export async function openDatabase(url: string): Promise<DataSource> {
  const database = await new DataSource(dataSourceOptions(url)).initialize();
  await database.runMigrations({ transaction: 'each' });
  await ensureDishIndex(database.manager);
  return database;
}

/** A small pool of its own for sessions and rate limits, which speak to mysql2 directly. */
export function openPool(url: string): Pool {
  return createPool({ uri: url.replace(/^mariadb:/, 'mysql:'), connectionLimit: 4, timezone: 'Z', charset: 'utf8mb4' });
}
