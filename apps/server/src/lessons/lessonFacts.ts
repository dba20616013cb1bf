import type { EntityManager } from 'typeorm';
import {
  computeOrder,
  cookingTeams,
  teamsCooking,
  factBook,
  lessonReadiness,
  madeEarlier,
  settingsInForce,
  type CookingTeam,
  type DishContent,
  type LessonTeam,
  type IngredientFact,
  type MarkingWay,
  type Order,
  type OrderInput,
  type PhaseReadiness,
  type SchoolSettings,
} from '@pelvo/core';
import { makingPlanOf } from '@pelvo/contract';
import { preparationsOf } from '../dishes';
import { ownFacts } from '../ingredients';
import { carriedRows, madeBefore } from './carriedWork';
import type { CarriedWorkRow } from './carriedWork.entity';
import type { Lesson } from './lesson.entity';
import { rosters, type Roster } from './rosters';
import { standInsOfLessons, type StandInsOfLesson } from './standIns';
import { teamsOfLessons } from './teams';

/** What several screens want to know of a lesson beside its own row. */
export interface LessonFacts extends Roster {
  /** Students the lesson counts on: the override, else the roster less those away. */
  readonly present: number;
  readonly order: Order;
  /** What the order was computed from. */
  readonly orderInput: OrderInput;
  readonly readiness: readonly PhaseReadiness[];
  readonly preparations: ReadonlyMap<string, DishContent>;
  readonly standIns: StandInsOfLesson;
  /** The teams as they were put together, and as they cook on the day. */
  readonly teams: readonly LessonTeam[];
  readonly cooking: readonly CookingTeam[];
  /** The school's own ingredient facts. */
  readonly facts: readonly IngredientFact[];
}

/** Facts of several lessons at once, in a handful of queries whatever their number. Lessons come with dishes and techniques loaded. */
export async function lessonFacts(
  manager: EntityManager,
  lessons: readonly Lesson[],
  students?: number,
): Promise<ReadonlyMap<string, LessonFacts>> {
  if (lessons.length === 0) return new Map();
  const contents = lessons.flatMap((lesson) => lesson.dishes.map((dish) => dish.edition.content));
  const ids = lessons.map(({ id }) => id);
  const [classes, teams, preparations, facts, standing, carried, open] = await Promise.all([
    rosters(manager, lessons),
    teamsOfLessons(manager, ids),
    preparationsOf(manager, contents),
    ownFacts(manager),
    standInsOfLessons(manager, lessons),
    carriedRows(manager, ids),
    plansThatDoNotHold(manager, ids),
  ]);
  const book = factBook(facts);
  return new Map(
    lessons.map((lesson) => {
      const { students: own, absent } = classes.get(lesson.id)!;
      const here = own.length - absent.size;
      const present = students ?? lesson.studentCount ?? here;
      const put = teams.get(lesson.id)!;
      const there = own.flatMap(({ id }) => (absent.has(id) ? [] : [id]));
      const standIns = standing.get(lesson.id)!;
      const cooking = cookingTeams({
        teams: put,
        present: there,
        studentCount: students ?? lesson.studentCount,
        teamSize: lesson.teamSize,
      });
      const orderInput: OrderInput = {
        ...ordered(lesson, { present, put, cooking, standIns, carried }),
        preparations,
        book,
        substitutions: lesson.substitutions.items,
        atRisk: own.filter(({ id, needs }) => !absent.has(id) && needs.diets.includes('cooked through')).length,
      };
      const order = computeOrder(orderInput);
      const readiness = lessonReadiness({
        present,
        dishes: lesson.dishes.length,
        techniques: lesson.techniques.length,
        hasRubric: lesson.rubricEditionId !== null,
        timeOpen: open.has(lesson.id),
        heldLines: order.held.length,
        orderLines: order.lines.length,
        toMark: platesOf(put, there, lesson),
        marked: lesson.dishesMarked,
        released: lesson.releasedAt !== null,
      });
      return [
        lesson.id,
        { students: own, absent, present, order, orderInput, readiness, preparations, standIns, facts, teams: put, cooking },
      ];
    }),
  );
}

/** Lessons whose plan of time does not hold, of those given. Asked of the table itself: plans of time know of lessons, not lessons of them. */
async function plansThatDoNotHold(manager: EntityManager, lessonIds: readonly string[]): Promise<ReadonlySet<string>> {
  const rows: { lessonId: string }[] = await manager.query(
    'SELECT lesson_id AS lessonId FROM time_plan WHERE NOT holds AND lesson_id IN (?)',
    [lessonIds],
  );
  return new Set(rows.map(({ lessonId }) => lessonId));
}

/** Plates of those who are there: of every dish, or of those that their team cooks. */
function platesOf(teams: readonly LessonTeam[], there: readonly string[], { dishes }: Lesson): number {
  const cookedBy = new Map(teams.flatMap(({ dishIds, studentIds }) => studentIds.map((id) => [id, dishIds])));
  return there.reduce((sum, id) => {
    const own = cookedBy.get(id);
    return sum + (own ? dishes.filter(({ edition }) => own.includes(edition.dishId)).length : dishes.length);
  }, 0);
}

/** Makings and dishes as an order takes them: teams that were put together are named, and cook what they cook. */
function ordered(
  lesson: Lesson,
  {
    present,
    put,
    cooking,
    standIns,
    carried,
  }: {
    present: number;
    put: readonly LessonTeam[];
    cooking: readonly CookingTeam[];
    standIns: StandInsOfLesson;
    carried: readonly CarriedWorkRow[];
  },
): Pick<OrderInput, 'plan' | 'dishes'> {
  const byHand = put.length > 0;
  return {
    plan: makingPlanOf(lesson, present, byHand ? cooking : undefined),
    dishes: dishesInOrder(lesson).map(({ edition }) => {
      const teams = byHand ? teamsCooking(cooking, edition.dishId) : undefined;
      const further = standIns[edition.dishId];
      const earlier = madeBefore(carried, lesson.id, edition.dishId);
      return {
        editionId: edition.id,
        content: edition.content,
        ...(teams ? { teams } : {}),
        ...(further ? { standIns: new Map(Object.entries(further)) } : {}),
        ...(earlier.length > 0 ? { madeEarlier: madeEarlier(edition.content, earlier) } : {}),
      };
    }),
  };
}

export function dishesInOrder(lesson: Lesson) {
  return [...lesson.dishes].sort((a, b) => a.position - b.position);
}

/** How the results of a lesson are told: as they were when the students got them, else as the lesson runs, else as the school does. */
export function markingWayOf({ releasedWay, settings }: Pick<Lesson, 'releasedWay' | 'settings'>, school: SchoolSettings): MarkingWay {
  return releasedWay ?? settingsInForce(school, settings).marking;
}
