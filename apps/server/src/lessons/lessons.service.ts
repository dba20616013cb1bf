import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import { factBook, linesById, sameDocument, substitutionRefused, type LineSubstitution } from '@pelvo/core';
import type { LessonDetail, LessonFields, LessonRange, LessonSummary, Release, Role } from '@pelvo/contract';
import { CookeryClass } from '../classes';
import { CutSetRow } from '../cuts';
import { newestEditions, DishEdition } from '../dishes';
import { ownFacts } from '../ingredients';
import { KitchenRow } from '../kitchens';
import { inTransaction } from '../platform/database/transaction';
import { invalid, notFound } from '../platform/problems';
import { saveOver, storedOr } from '../platform/saving';
import { together } from '../platform/together';
import { holdSchool, loadSchool } from '../school';
import { RubricEdition } from '../rubrics';
import { Technique } from '../techniques';
import { carriedOf } from './carriedWork';
import { placeOf } from './placeOf';
import { Lesson } from './lesson.entity';
import { LessonDish } from './lessonDish.entity';
import { LessonTechnique } from './lessonTechnique.entity';
import { dishesInOrder, lessonFacts, markingWayOf } from './lessonFacts';
import { listLessons } from './listLessons';
import { loadLesson } from './loadLesson';
import { planChanges, resultsRelease } from './planChanges';
import { rosters } from './rosters';
import { checkTeams, writeTeams } from './teams';

@Injectable()
export class LessonsService {
  constructor(private readonly database: DataSource) {}

  /** Every page shows the strip of lessons, so many ask for it at once. */
  private readonly listed = together((key) => listLessons(this.database.manager, JSON.parse(key) as LessonRange));

  list({ from, to }: LessonRange): Promise<readonly LessonSummary[]> {
    return this.listed(JSON.stringify({ from, to }));
  }

  async one(id: string, role: Role): Promise<LessonDetail> {
    const { manager } = this.database;
    const lesson = await loadLesson(manager, id);
    // Least data: whoever only orders and weighs needs numbers, not names and needs.
    const named = role === 'lead' || role === 'assistant';
    const [facts, { settings: school }, newest, carried] = await Promise.all([
      lessonFacts(manager, [lesson]),
      loadSchool(manager),
      newestEditions(
        manager,
        lesson.dishes.map((dish) => dish.edition.dishId),
      ),
      carriedOf(manager, id, named),
    ]);
    const { students, absent, present, preparations, readiness, facts: own, orderInput, standIns, teams, cooking } = facts.get(id)!;
    return {
      id,
      version: lesson.version,
      title: lesson.title,
      date: lesson.date,
      start: lesson.start.slice(0, 5),
      end: lesson.end.slice(0, 5),
      kitchenId: lesson.kitchenId,
      kitchen: placeOf(lesson),
      classId: lesson.classId,
      className: lesson.class.name,
      teamSize: lesson.teamSize,
      portionsATeam: lesson.portionsATeam,
      demonstrationPortions: lesson.demonstrationPortions,
      referencePlates: lesson.referencePlates,
      tastingPortions: lesson.tastingPortions,
      spareMakings: lesson.spareMakings,
      studentCount: lesson.studentCount,
      students: named
        ? students.map(({ id: studentId, name, needs }) => ({ id: studentId, name, needs, absent: absent.has(studentId) }))
        : [],
      present,
      teams: named ? teams : teams.map((team) => ({ ...team, studentIds: [] })),
      cooking: named ? cooking : cooking.map((team) => ({ ...team, studentIds: [] })),
      dishes: dishesInOrder(lesson).map(({ edition }) => {
        const latest = newest.get(edition.dishId);
        const newer = latest && latest.number > edition.number ? { editionId: latest.id, number: latest.number } : null;
        return { editionId: edition.id, dishId: edition.dishId, number: edition.number, content: edition.content, newer };
      }),
      preparations: Object.fromEntries(preparations),
      standIns,
      carried,
      facts: own,
      substitutions: lesson.substitutions.items,
      atRisk: orderInput.atRisk ?? 0,
      practices: lesson.practices,
      settings: lesson.settings,
      school,
      techniques: techniquesOf(lesson),
      rubric:
        named && lesson.rubricEdition
          ? { editionId: lesson.rubricEdition.id, name: lesson.rubricEdition.content.name, number: lesson.rubricEdition.number }
          : null,
      readiness: named ? readiness : readiness.filter(({ phase }) => phase === 'plan' || phase === 'order'),
      releasedAt: named ? (lesson.releasedAt?.toISOString() ?? null) : null,
    };
  }

  async create(fields: LessonFields): Promise<LessonDetail> {
    const id = randomUUID();
    await inTransaction(this.database, async (manager) => {
      await checkReferences(manager, fields);
      await checkTeams(manager, id, fields);
      await checkSubstitutions(manager, { id, ...fields }, []);
      await manager.insert(Lesson, {
        id,
        ...rowOf(fields),
        kitchen: '',
        releasedAt: null,
        releasedWay: null,
        events: 0,
        dishesMarked: 0,
        version: 1,
      });
      await writeParts(manager, id, fields);
    });
    return this.one(id, 'lead');
  }

  async save(id: string, fields: LessonFields, version: number): Promise<LessonDetail> {
    const saved = await inTransaction(this.database, async (manager) => {
      // Locked first: a mark that comes at the same moment is given before this plan, or against it, never in between.
      const lesson = await manager.findOne(Lesson, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!lesson) throw notFound('lesson');
      await checkReferences(manager, fields);
      await checkTeams(manager, id, fields);
      await checkSubstitutions(manager, { id, ...fields }, lesson.substitutions.items);
      await planChanges.happens(manager, { lesson, fields });
      if (
        !(await saveOver(manager, Lesson, {
          key: { id },
          version,
          change: { ...rowOf(fields), ...(fields.kitchenId ? { kitchen: '' } : {}) } as object,
        }))
      )
        return false;
      await manager.delete(LessonDish, { lessonId: id });
      await manager.delete(LessonTechnique, { lessonId: id });
      await writeParts(manager, id, fields);
      return true;
    });
    return storedOr(
      saved,
      ({ title }) => `"${title}"`,
      () => this.one(id, 'lead'),
    );
  }

  /** Gives results out to the students, as they stand now, or takes them back. */
  async release(id: string, { released, why }: Release, personId: string): Promise<LessonDetail> {
    await inTransaction(this.database, async (manager) => {
      // Held before anything is read: what is told is written behind everything that was told before, by whomever.
      const { settings: school } = await holdSchool(manager);
      const locked = await manager.findOne(Lesson, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!locked) throw notFound('lesson');
      // Given out again, results keep the way they were first told in.
      const releasedWay = released ? markingWayOf(locked, school) : null;
      await manager.update(Lesson, { id }, { releasedAt: released ? new Date() : null, releasedWay });
      await resultsRelease.happens(manager, { lessonId: id, way: releasedWay, personId, why });
    });
    return this.one(id, 'lead');
  }
}

function techniquesOf(lesson: Lesson) {
  return [...lesson.techniques]
    .sort((a, b) => a.position - b.position)
    .map(({ technique, purpose }) => ({ id: technique.id, name: technique.name, strand: technique.strand, purpose }));
}

function rowOf(fields: LessonFields): Partial<Lesson> {
  const { dishEditionIds: _dishes, techniques: _techniques, teams: _teams, substitutions, ...row } = fields;
  return { ...row, substitutions: { items: [...substitutions] } };
}

async function writeParts(manager: EntityManager, lessonId: string, fields: LessonFields): Promise<void> {
  const { dishEditionIds, techniques } = fields;
  await writeTeams(manager, lessonId, fields);
  if (dishEditionIds.length > 0)
    await manager.insert(
      LessonDish,
      dishEditionIds.map((dishEditionId, position) => ({ lessonId, dishEditionId, position })),
    );
  if (techniques.length > 0)
    await manager.insert(
      LessonTechnique,
      techniques.map(({ id, purpose }, position) => ({ lessonId, techniqueId: id, purpose, position })),
    );
}

async function checkReferences(manager: EntityManager, fields: LessonFields): Promise<void> {
  if (!(await manager.existsBy(CookeryClass, { id: fields.classId })))
    throw invalid('classId', 'There is no such class.', 'Choose a class.');
  const editions =
    fields.dishEditionIds.length === 0
      ? []
      : await manager.find(DishEdition, { where: { id: In([...fields.dishEditionIds]) }, select: { id: true, dishId: true } });
  if (editions.length < fields.dishEditionIds.length)
    throw invalid('dishEditionIds', 'There is no such dish edition.', 'Choose the dish again.');
  if (new Set(editions.map((edition) => edition.dishId)).size < editions.length)
    throw invalid('dishEditionIds', 'One dish stands here in two editions.', 'Keep one of them.');
  const techniques =
    fields.techniques.length === 0 ? 0 : await manager.countBy(Technique, { id: In(fields.techniques.map(({ id }) => id)) });
  if (techniques < fields.techniques.length) throw invalid('techniques', 'There is no such technique.', 'Choose the technique again.');
  // Held until the lesson is saved: a kitchen that is taken away at the same moment goes before it, or after.
  if (
    fields.kitchenId &&
    !(await manager.findOne(KitchenRow, { where: { id: fields.kitchenId }, select: { id: true }, lock: { mode: 'pessimistic_read' } }))
  )
    throw invalid('kitchenId', 'There is no such kitchen.', 'Choose the kitchen again.');
  const cuts = fields.practices['named-cuts'];
  if (cuts && !(await manager.existsBy(CutSetRow, { id: cuts })))
    throw invalid('practices', 'There is no such set of cuts.', 'Choose one of the sets, or none.');
  if (fields.rubricEditionId && !(await manager.existsBy(RubricEdition, { id: fields.rubricEditionId }))) {
    throw invalid('rubricEditionId', 'There is no such rubric edition.', 'Choose the rubric again.');
  }
}

/**
 * Nothing is put in that holds what somebody who eats it must not eat. What stood there before stays: who joined the class since is
 * told of on the plan, and does not keep the rest of it from being saved.
 */
async function checkSubstitutions(
  manager: EntityManager,
  lesson: LessonFields & { readonly id: string },
  before: readonly LineSubstitution[],
): Promise<void> {
  const fresh = lesson.substitutions
    .map((swap, index) => ({ swap, index }))
    .filter(({ swap }) => !before.some((each) => sameDocument(each, swap)));
  if (fresh.length === 0) return;
  const [classes, facts, editions] = await Promise.all([
    rosters(manager, [lesson]),
    ownFacts(manager),
    manager.findBy(DishEdition, { id: In(fresh.map(({ swap }) => swap.editionId)) }),
  ]);
  const { students, absent } = classes.get(lesson.id)!;
  const eaters = students.filter(({ id }) => !absent.has(id)).map(({ needs }) => needs);
  const book = factBook(facts);
  for (const { swap, index } of fresh) {
    const line = editions.find(({ id }) => id === swap.editionId)?.content;
    const instead = line ? linesById(line).get(swap.lineId)?.item : undefined;
    const refused = substitutionRefused(swap, instead ?? '', eaters, book);
    if (refused.length > 0)
      throw invalid(
        `substitutions.${index}`,
        `${swap.item} contains what somebody who eats it must not eat: ${refused.map(({ need }) => need).join(', ')}.`,
        swap.makings === 'all' ? 'Put in something else, or only for those whom it suits.' : 'Put in something else.',
      );
  }
}
