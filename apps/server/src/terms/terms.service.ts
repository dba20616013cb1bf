import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import { decodeText, keptHow, stageName, termBreaks, termBreakSaid, words, type CarriedInTerm, type DayOff, type Paper } from '@pelvo/core';
import {
  LESSONS_SHOWN,
  TERM_LIMITS,
  type CalendarFeed,
  type DaysOffImport,
  type NewFeed,
  type StoredDayOff,
  type StoredTermLesson,
  type TermCopy,
  type TermMoves,
  type TermOfClass,
} from '@pelvo/contract';
import { Absence, CookeryClass } from '../classes';
import { carriedRows, CarriedWorkRow, Lesson, LessonDemonstration, LessonDish, LessonTechnique } from '../lessons';
import { apart } from '../platform/apart';
import { inTransaction } from '../platform/database/transaction';
import type { SignedIn } from '../platform/identity';
import { fileName, renderPdf } from '../platform/pdf';
import { conflict, invalid, notFound, takesTooLong } from '../platform/problems';
import { changedMeanwhile, saveOver } from '../platform/saving';
import { courseOf } from '../progress';
import { loadSchool } from '../school';
import { loadPrerequisites, Technique } from '../techniques';
import { CalendarFeedRow } from './calendarFeed.entity';
import { DayOffRow } from './dayOff.entity';
import type { readCalendar } from './readCalendar';
import { termCalendar } from './termCalendar';
import { termDocument } from './termDocument';

const readApart = apart<typeof readCalendar>('readCalendar', { milliseconds: 10_000, late: takesTooLong });
const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
const stored = ({ id, first, last, name }: DayOffRow): StoredDayOff => ({ id, first, last, name });
/** Whose calendar addresses somebody sees and withdraws: a lead everybody's, others their own. */
const ofWhom = ({ id, role }: SignedIn): { createdBy?: string } => (role === 'lead' ? {} : { createdBy: id });

const feedOf = ({ id, name, createdAt }: CalendarFeedRow): CalendarFeed => ({ id, name, createdAt: createdAt.toISOString() });

@Injectable()
export class TermsService {
  constructor(private readonly database: DataSource) {}

  /** @param who - sees their own calendar addresses, a lead all; nobody's are told where it is left out */
  async of(classId: string, who?: SignedIn): Promise<TermOfClass> {
    const { manager } = this.database;
    const own = await manager.findOneBy(CookeryClass, { id: classId });
    if (!own) throw notFound('class');
    const [course, rows, { settings }, feeds, dishes] = await Promise.all([
      courseOf(manager, classId),
      manager.find(Lesson, { where: { classId }, relations: { inKitchen: true }, order: { date: 'DESC' }, take: LESSONS_SHOWN }),
      loadSchool(manager),
      who ? manager.find(CalendarFeedRow, { where: { classId, ...ofWhom(who) }, order: { createdAt: 'ASC' } }) : [],
      carryingDishes(manager),
    ]);
    const byId = new Map(rows.map((row) => [row.id, row]));
    const dates = rows.map(({ date }) => date).sort();
    const [first, last] = [dates[0] ?? '2000-01-01', dates.at(-1) ?? '2100-01-01'];
    const [absences, daysOff, taken, carried] = await Promise.all([
      absencesOf(
        manager,
        course.students.map(({ id }) => id),
      ),
      manager.find(DayOffRow, { order: { first: 'ASC', name: 'ASC' }, take: TERM_LIMITS.daysOff }),
      kitchensTaken(manager, classId, first, last),
      carriedInTerm(
        manager,
        rows.map(({ id }) => id),
      ),
    ]);
    return {
      classId,
      name: own.name,
      term: own.term,
      students: course.students,
      lessons: course.lessons.map(({ id, title, date, techniques, inPassing }): StoredTermLesson => {
        const row = byId.get(id)!;
        return {
          ...{ id, title, date, techniques, inPassing },
          start: row.start.slice(0, 5),
          end: row.end.slice(0, 5),
          kitchenId: row.kitchenId,
          kitchen: row.inKitchen?.name ?? row.kitchen,
          version: row.version,
          held: row.dishesMarked > 0 || row.releasedAt !== null,
        };
      }),
      absences,
      daysOff: daysOff.map(stored),
      taken,
      carried,
      feeds: feeds.map(feedOf),
      dishes,
      timeZone: settings.timeZone,
    };
  }

  /** Gives lessons other days, all of them or none. */
  async move(classId: string, { moves }: TermMoves, who: SignedIn): Promise<TermOfClass> {
    const saved = await inTransaction(this.database, async (manager) => {
      const ids = moves.map(({ lessonId }) => lessonId).sort();
      const rows = await manager.find(Lesson, {
        where: { id: In(ids), classId },
        order: { id: 'ASC' },
        lock: { mode: 'pessimistic_write' },
      });
      if (rows.length < ids.length) throw notFound('lesson');
      const held = rows.find(({ dishesMarked, releasedAt }) => dishesMarked > 0 || releasedAt !== null);
      if (held) throw conflict('moves', `"${held.title}" has been held: marks were given.`, 'Leave it on its day; plan another lesson.');
      for (const { lessonId, date, version } of moves)
        if (!(await saveOver(manager, Lesson, { key: { id: lessonId }, version, change: { date } }))) throw new StaleTerm();
      return true;
    }).catch((error: unknown) => {
      if (error instanceof StaleTerm) return false;
      throw error;
    });
    const now = await this.of(classId, who);
    if (!saved) throw changedMeanwhile('A lesson of this term', now);
    return now;
  }

  /** Copies lessons to a class, with their dishes, techniques, rubric, way of running and demonstrations; not who cooks with whom. */
  async copy(classId: string, { lessonIds, classId: toId, days }: TermCopy, by: string): Promise<{ made: number }> {
    await inTransaction(this.database, async (manager) => {
      if (!(await manager.existsBy(CookeryClass, { id: toId }))) throw invalid('classId', 'There is no such class.', 'Choose a class.');
      const rows = await manager.find(Lesson, {
        where: { id: In([...lessonIds]), classId },
        relations: { dishes: true, techniques: true },
      });
      if (rows.length < lessonIds.length) throw notFound('lesson');
      const demonstrations = await manager.findBy(LessonDemonstration, { lessonId: In([...lessonIds]) });
      const carried = await manager.findBy(CarriedWorkRow, { fromLessonId: In([...lessonIds]), toLessonId: In([...lessonIds]) });
      const copies = rows.map((row) => ({ row, id: randomUUID() }));
      await manager.insert(
        Lesson,
        copies.map(({ id, row: { dishes: _dishes, techniques: _techniques, ...row } }) => ({
          ...row,
          ...{ id, classId: toId, date: later(row.date, days), studentCount: null, substitutions: { items: [] } },
          ...{ releasedAt: null, releasedWay: null, events: 0, dishesMarked: 0, version: 1 },
        })),
      );
      const dishes = copies.flatMap(({ id, row }) =>
        row.dishes.map(({ dishEditionId, position }) => ({ lessonId: id, dishEditionId, position })),
      );
      const techniques = copies.flatMap(({ id, row }) =>
        row.techniques.map(({ techniqueId, purpose, position }) => ({ lessonId: id, techniqueId, purpose, position })),
      );
      const shown = copies.flatMap(({ id, row }) =>
        demonstrations
          .filter(({ lessonId }) => lessonId === row.id)
          .map(({ dishId, content }) => ({
            ...{ lessonId: id, dishId, version: 1, updatedAt: new Date(), updatedBy: by },
            content: { ...content, weighings: [] },
          })),
      );
      if (dishes.length > 0) await manager.insert(LessonDish, dishes);
      if (techniques.length > 0) await manager.insert(LessonTechnique, techniques);
      if (shown.length > 0) await manager.insert(LessonDemonstration, shown);
      // What the one makes for the other is copied where both are; who took over for whom is of those students.
      const copyOf = new Map(copies.map(({ id, row }) => [row.id, id]));
      const stages = carried.map((row) => ({
        ...{ ...row, id: randomUUID(), version: 1, covers: [], updatedAt: new Date(), updatedBy: by },
        ...{ fromLessonId: copyOf.get(row.fromLessonId)!, toLessonId: copyOf.get(row.toLessonId)! },
      }));
      if (stages.length > 0) await manager.insert(CarriedWorkRow, stages);
    });
    return { made: lessonIds.length };
  }

  async daysOff(): Promise<readonly StoredDayOff[]> {
    return (await this.database.manager.find(DayOffRow, { order: { first: 'ASC', name: 'ASC' }, take: TERM_LIMITS.daysOff })).map(stored);
  }

  /** Adds days off; what is there already stays as it is, also when two add it at the same moment. */
  private async addDaysOff(days: readonly (DayOff & { readonly uid: string })[]): Promise<number> {
    return inTransaction(this.database, async (manager) => {
      const there = await manager.count(DayOffRow);
      if (there + days.length > TERM_LIMITS.daysOff)
        throw conflict(
          'file',
          `A school keeps at most ${TERM_LIMITS.daysOff} entries of days off; ${there} are there.`,
          'Take away what has passed.',
        );
      let added = 0;
      for (let from = 0; from < days.length; from += 500) {
        const rows = days.slice(from, from + 500).map(({ first, last, name, uid }) => [randomUUID(), first, last, name, uid]);
        const { affectedRows } = (await manager.query('INSERT IGNORE INTO day_off (id, first, last, name, uid) VALUES ?', [rows])) as {
          affectedRows: number;
        };
        added += affectedRows;
      }
      return added;
    });
  }

  async addDayOff(day: DayOff): Promise<readonly StoredDayOff[]> {
    if ((await this.addDaysOff([{ ...day, uid: '' }])) === 0)
      throw conflict('name', `"${day.name}" stands there already, on the same days.`, 'Leave it as it is.');
    return this.daysOff();
  }

  async removeDayOff(id: string): Promise<void> {
    const { affected } = await this.database.manager.delete(DayOffRow, { id });
    if (!affected) throw notFound('day off');
  }

  async importDaysOff(bytes: Buffer): Promise<DaysOffImport> {
    const decoded = decodeText(bytes);
    if (decoded.kind === 'notText') throw invalid('file', 'This is no text.', 'Give an iCalendar file (.ics).');
    const { days, leftOut, leftOutInAll, refused } = await readApart({ text: decoded.text, mostEvents: TERM_LIMITS.events });
    if (refused) throw invalid('file', refused, 'Give an iCalendar file (.ics) of the days on which the school does not teach.');
    const once = [...new Map(days.map((day) => [`${day.first} ${day.last} ${day.name.toLowerCase()}`, day])).values()];
    const added = once.length > 0 ? await this.addDaysOff(once) : 0;
    return { added, known: days.length - added, leftOut, leftOutInAll };
  }

  async addFeed(classId: string, name: string, by: string): Promise<NewFeed> {
    const secret = randomBytes(32).toString('base64url');
    const row = { id: randomUUID(), classId, name, secretHash: hashOf(secret), createdAt: new Date(), createdBy: by };
    await inTransaction(this.database, async (manager) => {
      // Held, so that two who add one at the same moment are counted one after the other.
      if (!(await manager.findOne(CookeryClass, { where: { id: classId }, lock: { mode: 'pessimistic_write' } }))) throw notFound('class');
      if ((await manager.countBy(CalendarFeedRow, { classId })) >= TERM_LIMITS.feeds)
        throw conflict('name', `A class has at most ${TERM_LIMITS.feeds} calendar addresses.`, 'Withdraw one that nobody uses.');
      await manager.insert(CalendarFeedRow, row);
    });
    return { ...feedOf({ ...row } as CalendarFeedRow), path: `/api/feeds/${secret}.ics` };
  }

  /** @throws ProblemException for an address that is not there, or is somebody else's: the two are not told apart */
  async withdrawFeed(id: string, who: SignedIn): Promise<void> {
    const { affected } = await this.database.manager.delete(CalendarFeedRow, { id, ...ofWhom(who) });
    if (!affected) throw notFound('calendar address');
  }

  /**
   * An address ends with the access of who made it.
   *
   * @throws ProblemException for a secret that is not known, was withdrawn, or has ended: these are not told apart
   */
  async feed(secret: string): Promise<string> {
    const row = await this.database.manager.findOneBy(CalendarFeedRow, { secretHash: hashOf(secret), person: { active: true } });
    if (!row) throw notFound('calendar address');
    return (await this.calendar(row.classId)).ics;
  }

  async calendar(classId: string): Promise<{ name: string; ics: string }> {
    const { name, term, lessons, timeZone } = await this.of(classId);
    return { name: fileName('term', name), ics: termCalendar([name, term].filter(Boolean).join(', '), lessons, timeZone) };
  }

  async pdf(classId: string, paper: Paper): Promise<{ name: string; pdf: Buffer }> {
    const { manager } = this.database;
    const [term, techniques, prerequisites] = await Promise.all([
      this.of(classId),
      manager.find(Technique, { select: { id: true, name: true } }),
      loadPrerequisites(manager),
    ]);
    const names = new Map(techniques.map(({ id, name }) => [id, name]));
    const breaks = termBreaks({ ...term, prerequisites });
    const document = termDocument(term, names, breaks, (each) => words(termBreakSaid(each, (id) => names.get(id) ?? '')));
    return { name: fileName('term', term.name), pdf: await renderPdf(document, paper) };
  }
}

const later = (date: string, days: number): string => new Date(Date.parse(date) + days * 86_400_000).toISOString().slice(0, 10);

/** Somebody else saved a lesson that was to be moved. */
class StaleTerm extends Error {}

async function absencesOf(manager: EntityManager, studentIds: readonly string[]): Promise<TermOfClass['absences']> {
  if (studentIds.length === 0) return [];
  const rows = await manager.findBy(Absence, { studentId: In([...studentIds]) });
  const byDate = new Map<string, string[]>();
  for (const { date, studentId } of rows) byDate.set(date, [...(byDate.get(date) ?? []), studentId]);
  return [...byDate].map(([date, ids]) => ({ date, studentIds: ids }));
}

/** When other classes have a kitchen, around the days of a term. */
async function kitchensTaken(manager: EntityManager, classId: string, first: string, last: string): Promise<TermOfClass['taken']> {
  const [from, to] = [-90, 90].map((days, at) => later(at === 0 ? first : last, days));
  const rows = await manager
    .createQueryBuilder(Lesson, 'lesson')
    .innerJoin('lesson.class', 'class')
    .select([
      'lesson.kitchen_id AS kitchenId',
      "DATE_FORMAT(lesson.date, '%Y-%m-%d') AS date",
      'lesson.start AS start',
      'lesson.end AS end',
      'class.name AS taker',
    ])
    .where('lesson.class_id <> :classId AND lesson.kitchen_id IS NOT NULL', { classId })
    .andWhere('lesson.date BETWEEN :from AND :to', { from, to })
    .limit(LESSONS_SHOWN)
    .getRawMany<{ kitchenId: string; date: string; start: string; end: string; taker: string }>();
  return rows.map(({ kitchenId, date, start, end, taker }) => ({
    kitchenId,
    date,
    start: start.slice(0, 5),
    end: end.slice(0, 5),
    by: taker,
  }));
}

/** What lessons of a term make for each other, and how it is kept. */
async function carriedInTerm(manager: EntityManager, lessonIds: readonly string[]): Promise<readonly CarriedInTerm[]> {
  const rows = await carriedRows(manager, lessonIds);
  if (rows.length === 0) return [];
  const cooked = await manager.find(LessonDish, {
    where: { lessonId: In([...new Set(rows.map(({ toLessonId }) => toLessonId))]) },
    relations: { edition: true },
  });
  return rows.flatMap((row) => {
    const { fromLessonId, toLessonId, dishId, stepId } = row;
    const content = cooked.find(({ lessonId, edition }) => lessonId === toLessonId && edition.dishId === dishId)?.edition.content;
    if (!content) return [];
    return [{ fromLessonId, toLessonId, what: stageName(content, stepId), kept: keptHow(content, row) }];
  });
}

async function carryingDishes(manager: EntityManager): Promise<TermOfClass['dishes']> {
  const rows = (await manager.query(
    `SELECT dish.id AS id, dish.title AS title, GROUP_CONCAT(facet.value) AS named FROM dish JOIN dish_facet facet ON facet.dish_id = dish.id
     WHERE facet.kind = 'technique' AND dish.archived = FALSE GROUP BY dish.id, dish.title ORDER BY dish.title LIMIT ?`,
    [TERM_LIMITS.dishes],
  )) as { id: string; title: string; named: string }[];
  return rows.map(({ id, title, named }) => ({ id, title, techniqueIds: named.split(',') }));
}
