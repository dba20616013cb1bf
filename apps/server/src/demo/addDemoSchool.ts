import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';
import {
  AS_THE_SCHOOL,
  COOLED_EVENT,
  MARK_EVENT,
  nameKey,
  plain,
  proposeTeams,
  readRecipe,
  seal,
  toDish,
  type DishContent,
  type MarkValue,
} from '@pelvo/core';
import type { Role } from '@pelvo/contract';
import { Absence, CookeryClass, Student } from '../classes';
import { MARKS, snapshotMarks } from '../assessment';
import { LessonEventRow } from '../day';
import { Dish, DishEdition, indexDish } from '../dishes';
import { IngredientFactRow } from '../ingredients';
import { KitchenRow } from '../kitchens';
import { Lesson, LessonDish, LessonTeamMember, LessonTeamRow, LessonTechnique } from '../lessons';
import { Person, hashPassword } from '../people';
import { RubricEdition } from '../rubrics';
import { addStarterMaterial } from '../starter';
import { Technique } from '../techniques';
import { COHORT, EVENING_GROUP } from './demoClasses';
import { addDemoChoices } from './demoChoices';
import { DEMO_DISHES, VEGETABLE_STOCK } from './demoDishes';
import { DEMO_FACTS } from './demoFacts';
import { dayFromNow, DEMO_LESSONS, type LessonPlan } from './demoLessons';
import { DEMO_KITCHENS } from './demoKitchens';
import { demoMarks, demoSecondMarks } from './demoMarks';
import { withWork } from './demoWork';
import { settleDish } from './settleDish';

const PASSWORD = 'demo-kitchen';

/** Whom the demo school lets in; the start command prints them. */
export const DEMO_SIGN_INS: readonly { role: string; kind: Role; signIn: string; name: string; password: string }[] = [
  { role: 'Lead instructor', kind: 'lead', signIn: 'maren.oltz', name: 'Maren Oltz', password: PASSWORD },
  { role: 'Assistant instructor', kind: 'assistant', signIn: 'teo.vasz', name: 'Teo Vasz', password: PASSWORD },
  { role: 'Stores technician', kind: 'stores', signIn: 'ida.crane', name: 'Ida Crane', password: PASSWORD },
  { role: 'Student', kind: 'student', signIn: 'amara.quill', name: 'Amara Quill', password: PASSWORD },
];

/**
 * Fills an empty database with the demo school; plans of time are added by `addDemoPlans`. A database that has people in it is left as it is.
 *
 * @returns the id of the lead instructor; null where there were people already
 */
export async function addDemoSchool(database: DataSource): Promise<string | null> {
  const passwordHash = await hashPassword(PASSWORD);
  return database.transaction((manager) => addSchool(manager, passwordHash));
}

async function addSchool(manager: EntityManager, passwordHash: string): Promise<string | null> {
  if (await manager.existsBy(Person, {})) return null;
  const cohort = await addClass(manager, 'Foundation cohort', 'Autumn term', COHORT);
  const evening = await addClass(manager, 'Evening group', 'Autumn term', EVENING_GROUP);
  const people = DEMO_SIGN_INS.map(({ kind, signIn, name }) => ({
    id: randomUUID(),
    name,
    signIn,
    role: kind,
    passwordHash,
    active: true,
    createdAt: new Date(),
    sessionEpoch: 1,
    preferences: null,
    studentId: kind === 'student' ? cohort.students.find((student) => student.name === name)!.id : null,
  }));
  await manager.insert(Person, people);
  const lead = people[0]!.id;
  await addStarterMaterial(manager, lead);
  const techniques = await manager.find(Technique);
  await manager.insert(
    IngredientFactRow,
    DEMO_FACTS.map((fact) => ({ nameKey: plain(fact.name), fact, version: 1, updatedAt: new Date() })),
  );
  await addDemoChoices(manager, lead);
  const kitchens = DEMO_KITCHENS.map((content) => ({ id: randomUUID(), name: content.name, content, version: 1, updatedAt: new Date() }));
  await manager.insert(KitchenRow, kitchens);
  const editions = await addDishes(manager, techniques, lead);
  const rubrics = new Map((await manager.findBy(RubricEdition, { number: 1 })).map((edition) => [edition.content.name, edition]));
  for (const [index, plan] of DEMO_LESSONS.entries()) {
    await addLesson(manager, {
      plan,
      index,
      of: plan.evening ? evening : cohort,
      editions,
      techniques,
      rubric: found(rubrics.get(plan.rubric ?? 'Practical dish'), plan.rubric ?? 'Practical dish'),
      assessors: [lead, people[1]!.id],
      kitchenId: kitchens[plan.evening ? 0 : 1]!.id,
    });
  }
  await manager.insert(Absence, [
    { studentId: cohort.students[4]!.id, date: dayFromNow(2) },
    { studentId: cohort.students[11]!.id, date: dayFromNow(-7) },
  ]);
  return lead;
}

interface ClassWithStudents {
  readonly id: string;
  readonly students: readonly { readonly id: string; readonly name: string }[];
}

async function addClass(manager: EntityManager, name: string, term: string, rows: typeof COHORT): Promise<ClassWithStudents> {
  const id = randomUUID();
  await manager.insert(CookeryClass, { id, name, term, version: 1 });
  const students = rows.map(([student, allergens = [], diets = [], note = ''], index) => ({
    id: randomUUID(),
    classId: id,
    name: student,
    nameKey: nameKey(student),
    number: `${name[0]}${String(index + 1).padStart(2, '0')}`,
    needs: { allergens, diets, note },
    active: true,
  }));
  await manager.insert(Student, students);
  return { id, students };
}

async function addDishes(manager: EntityManager, techniques: readonly Technique[], by: string): Promise<ReadonlyMap<string, string>> {
  const known = techniques.map(({ id, name, card }) => ({ id, name, words: card.words }));
  const newId = () => randomUUID();
  const draft = (text: string) =>
    withWork(toDish(readRecipe(text), { newId, portions: 4, techniques: known }), { newId, techniques: known });
  const editions = new Map<string, string>();
  const add = async (content: DishContent): Promise<string> => {
    const dishId = randomUUID();
    const editionId = randomUUID();
    await manager.insert(Dish, {
      id: dishId,
      title: content.title,
      content,
      version: 1,
      archived: false,
      minutes: 0,
      updatedAt: new Date(),
    });
    await indexDish(manager, dishId, content);
    await manager.insert(DishEdition, { id: editionId, dishId, number: 1, content, publishedAt: new Date(), publishedBy: by });
    editions.set(content.title, editionId);
    return editionId;
  };
  const stock = await add({ ...draft(VEGETABLE_STOCK), gives: { amount: { min: '9/5', max: '2', unit: 'l', about: true } } });
  for (const text of DEMO_DISHES) await add(settleDish(draft(text), stock));
  return editions;
}

interface LessonParts {
  readonly plan: LessonPlan;
  readonly index: number;
  readonly of: ClassWithStudents;
  readonly editions: ReadonlyMap<string, string>;
  readonly techniques: readonly Technique[];
  readonly rubric: RubricEdition;
  readonly assessors: readonly string[];
  readonly kitchenId: string;
}

async function addLesson(
  manager: EntityManager,
  { plan, index, of, editions, techniques, rubric, assessors, kitchenId }: LessonParts,
): Promise<void> {
  const id = randomUUID();
  await manager.insert(Lesson, {
    id,
    classId: of.id,
    title: plan.title,
    date: dayFromNow(plan.day),
    start: plan.hours[0],
    end: plan.hours[1],
    kitchen: '',
    kitchenId,
    teamSize: plan.teamSize ?? 1,
    portionsATeam: plan.portions ?? 1,
    demonstrationPortions: 2,
    referencePlates: 1,
    tastingPortions: 0,
    spareMakings: 1,
    studentCount: null,
    substitutions: { items: [] },
    practices: plan.practices ?? {},
    settings: AS_THE_SCHOOL,
    events: 0,
    dishesMarked: 0,
    rubricEditionId: plan.noRubric ? null : rubric.id,
    releasedAt: plan.marks === 'all' ? new Date() : null,
    releasedWay: plan.marks === 'all' ? 'levels' : null,
    version: 1,
  });
  await manager.insert(
    LessonDish,
    plan.dishes.map((title, position) => ({ lessonId: id, dishEditionId: found(editions.get(title), title), position })),
  );
  await addTeams(manager, id, plan, of);
  await manager.insert(
    LessonTechnique,
    Object.entries(plan.techniques).map(([name, purpose], position) => ({
      lessonId: id,
      techniqueId: found(
        techniques.find((technique) => technique.name === name),
        name,
      ).id,
      purpose,
      position,
    })),
  );
  if (!plan.marks) return;
  const edition = await manager.findOneByOrFail(DishEdition, { id: editions.get(plan.dishes[0]!)! });
  const steps = edition.content.method.flatMap((step) => step.techniqueIds);
  const exercised = new Set(techniques.filter((technique) => steps.includes(technique.id)).map((technique) => technique.name));
  const marked = plan.marks === 'all' ? of.students : of.students.slice(0, 6);
  const given = (student: { readonly id: string }, position: number, personId: string, marks: Readonly<Record<string, MarkValue>>) => {
    const at = new Date(`${dayFromNow(plan.day)}T11:${String(10 + position * 3).padStart(2, '0')}:00Z`);
    return Object.entries(marks).map(([criterionKey, value]) => ({
      id: randomUUID(),
      personId,
      body: { studentId: student.id, dishEditionId: edition.id, criterionKey, value },
      happenedAt: at,
      receivedAt: at,
    }));
  };
  const events = marked.flatMap((student, position) => {
    const marks = demoMarks(rubric.content, exercised, index * 31 + position);
    // Half of the plates of a lesson that is done were marked by two; whoever marked last counts.
    const twice = plan.marks === 'all' && position % 2 === 0;
    const [one, other] = [assessors[position % assessors.length]!, assessors[(position + 1) % assessors.length]!];
    return [...(twice ? given(student, position, other, demoSecondMarks(marks, position)) : []), ...given(student, position, one, marks)];
  });
  const numbered = events.map((event, order) => ({ ...event, lessonId: id, number: order + 1 }));
  await manager.insert(
    LessonEventRow,
    numbered.map((event) => ({ ...event, kind: 'mark', body: seal(MARK_EVENT, event.body) })),
  );
  const cooled = (plan.cooled ?? []).map(([food, time, celsius], order) => {
    const at = new Date(`${dayFromNow(plan.day)}T${time}:00Z`);
    return {
      id: randomUUID(),
      lessonId: id,
      number: numbered.length + order + 1,
      kind: 'cooled',
      personId: assessors[1]!,
      body: seal(COOLED_EVENT, { readingId: randomUUID(), food, celsius }),
      happenedAt: at,
      receivedAt: at,
    };
  });
  await manager.insert(LessonEventRow, cooled);
  await manager.update(Lesson, { id }, { events: numbered.length + cooled.length });
  await MARKS.take(manager, id, numbered, String);
  if (plan.marks === 'all') await snapshotMarks(manager, { lessonId: id, way: 'levels', personId: assessors[0]!, why: '' });
}

/** Those who cook together, at stations as they are called in the kitchen. */
async function addTeams(
  manager: EntityManager,
  lessonId: string,
  { teams, teamSize = 1 }: LessonPlan,
  { students }: ClassWithStudents,
): Promise<void> {
  if (!teams) return;
  const put = proposeTeams(
    students.map(({ id }) => ({ id, practice: 0 })),
    teamSize,
    'alike',
  ).map((members, at) => ({
    id: randomUUID(),
    name: found(teams[at], 'name of a team'),
    station: `Station ${at + 1}`,
    position: at,
    members,
  }));
  await manager.insert(
    LessonTeamRow,
    put.map(({ id, name, station, position }) => ({ id, name, station, position, lessonId })),
  );
  await manager.insert(
    LessonTeamMember,
    put.flatMap(({ id, members }) => members.map((studentId) => ({ lessonId, studentId, teamId: id }))),
  );
}

function found<T>(value: T | undefined, what: string): T {
  if (value === undefined) throw new Error(`The demo school has no "${what}"`);
  return value;
}
