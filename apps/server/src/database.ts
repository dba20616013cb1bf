import type { DataSourceOptions } from 'typeorm';
import { Absence, CookeryClass, Student } from './classes';
import { Assessment, MarkRow, PlateArrivalRow, ToldRecordRow } from './assessment';
import { PlatePhotoImage, PlatePhotoRow } from './photos';
import { LessonEventRow } from './day';
import { CutSetRow } from './cuts';
import { AskedQuestionRow } from './demonstrations';
import { Dish, DishEdition } from './dishes';
import { IngredientFactRow } from './ingredients';
import { KitchenRow } from './kitchens';
import {
  CarriedWorkRow,
  Lesson,
  LessonDemonstration,
  LessonDish,
  LessonOrder,
  LessonTeamDish,
  LessonTeamMember,
  LessonTeamRow,
  LessonTechnique,
} from './lessons';
import { Invitation, Person } from './people';
import { PracticeChoice } from './practices';
import { PreparationTickRow } from './preparation';
import { Rubric, RubricEdition } from './rubrics';
import { RuleChangeRow } from './rules';
import { TimePlanRow } from './schedule';
import { SchoolRow } from './school';
import { Technique, TechniquePrerequisite } from './techniques';
import { CalendarFeedRow, DayOffRow } from './terms';
import { FirstSlice1700000000000 } from './migrations/1700000000000-firstSlice';
import { Formulas1700000100000 } from './migrations/1700000100000-formulas';
import { Techniques1700000200000 } from './migrations/1700000200000-techniques';
import { GroundFloor1700000300000 } from './migrations/1700000300000-groundFloor';
import { SchoolSize1700000400000 } from './migrations/1700000400000-schoolSize';
import { HardUse1700000500000 } from './migrations/1700000500000-hardUse';
import { Figures1700000600000 } from './migrations/1700000600000-figures';
import { Kitchens1700000700000 } from './migrations/1700000700000-kitchens';
import { Time1700000800000 } from './migrations/1700000800000-time';
import { Preparing1700000900000 } from './migrations/1700000900000-preparing';
import { CarriedOver1700001000000 } from './migrations/1700001000000-carriedOver';
import { AtThePass1700001100000 } from './migrations/1700001100000-atThePass';
import { ToldRecord1700001200000 } from './migrations/1700001200000-toldRecord';
import { Composition1700001300000 } from './migrations/1700001300000-composition';
import { PlatePhotos1700001400000 } from './migrations/1700001400000-platePhotos';
import { AgreedMarks1700001500000 } from './migrations/1700001500000-agreedMarks';
import { Standardisation1700001600000 } from './migrations/1700001600000-standardisation';
import { PlansThatHold1700001700000 } from './migrations/1700001700000-plansThatHold';
import { connectionOptions } from './platform/database/connection';

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
  LessonOrder,
  LessonTeamRow,
  LessonTeamMember,
  LessonTeamDish,
  TimePlanRow,
  LessonDemonstration,
  CarriedWorkRow,
  AskedQuestionRow,
  PreparationTickRow,
  DayOffRow,
  CalendarFeedRow,
  Rubric,
  RubricEdition,
  Assessment,
  MarkRow,
  PlateArrivalRow,
  PlatePhotoRow,
  PlatePhotoImage,
  ToldRecordRow,
  LessonEventRow,
  SchoolRow,
  IngredientFactRow,
  TechniquePrerequisite,
  PracticeChoice,
  RuleChangeRow,
  CutSetRow,
  KitchenRow,
];

export const MIGRATIONS = [
  FirstSlice1700000000000,
  Formulas1700000100000,
  Techniques1700000200000,
  GroundFloor1700000300000,
  SchoolSize1700000400000,
  HardUse1700000500000,
  Figures1700000600000,
  Kitchens1700000700000,
  Time1700000800000,
  Preparing1700000900000,
  CarriedOver1700001000000,
  AtThePass1700001100000,
  ToldRecord1700001200000,
  Composition1700001300000,
  PlatePhotos1700001400000,
  AgreedMarks1700001500000,
  Standardisation1700001600000,
  PlansThatHold1700001700000,
];

/** The database of a school: its tables and its migrations. */
export function dataSourceOptions(url: string, poolSize?: number): DataSourceOptions {
  return { ...connectionOptions(url, poolSize), entities: [...ENTITIES], migrations: MIGRATIONS };
}
