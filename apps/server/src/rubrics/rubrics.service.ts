import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { checkRubric, sameDocument, type RubricContent } from '@pelvo/core';
import {
  LESSONS_MARKED_SHOWN,
  type LessonMarkedWith,
  type Rubric as RubricAnswer,
  type RubricEdition as EditionAnswer,
  type RubricSummary,
} from '@pelvo/contract';
import { editionSummary, newestEditionOf, publish, saveOver, storedOr } from '../platform/saving';
import { notFound } from '../platform/problems';
import { Rubric } from './rubric.entity';
import { RubricEdition } from './rubricEdition.entity';

@Injectable()
export class RubricsService {
  constructor(private readonly database: DataSource) {}

  async list(): Promise<readonly RubricSummary[]> {
    const [rubrics, newest] = await Promise.all([
      this.database.manager.find(Rubric, { order: { name: 'ASC' }, take: 200 }),
      newestEditionOf(this.database.manager, RubricEdition, 'rubricId', 'all'),
    ]);
    return rubrics.map((rubric) => {
      const last = newest.get(rubric.id);
      return {
        id: rubric.id,
        name: rubric.name,
        criteria: rubric.content.criteria.length,
        edition: last?.number ?? null,
        editionId: last?.id ?? null,
        changed: !last || !sameDocument(last.content, rubric.content),
      };
    });
  }

  async one(id: string): Promise<RubricAnswer> {
    const rubric = await this.database.manager.findOneBy(Rubric, { id });
    if (!rubric) throw notFound('rubric');
    const editions = await this.database.manager.find(RubricEdition, {
      where: { rubricId: id },
      order: { number: 'DESC' },
      relations: { publisher: true },
      take: 200,
    });
    const changed = editions.length === 0 || !sameDocument(editions[0]!.content, rubric.content);
    return { id, version: rubric.version, content: rubric.content, editions: editions.map(editionSummary), changed };
  }

  /** Lessons marked with any edition of a rubric, the newest first. Read by table: lessons know rubrics, not the other way round. */
  async lessonsMarked(id: string): Promise<readonly LessonMarkedWith[]> {
    const { manager } = this.database;
    if (!(await manager.existsBy(Rubric, { id }))) throw notFound('rubric');
    const rows = (await manager.query(
      `SELECT l.id, l.title, l.date, c.name AS className, l.dishes_marked AS dishesMarked FROM lesson l
       JOIN class c ON c.id = l.class_id JOIN rubric_edition e ON e.id = l.rubric_edition_id
       WHERE e.rubric_id = ? AND l.dishes_marked > 0 ORDER BY l.date DESC, l.start DESC LIMIT ?`,
      [id, LESSONS_MARKED_SHOWN],
    )) as readonly LessonMarkedWith[];
    return rows.map((row) => ({ ...row, dishesMarked: Number(row.dishesMarked) }));
  }

  async create(content: RubricContent): Promise<RubricAnswer> {
    const id = randomUUID();
    await this.database.manager.insert(Rubric, { id, name: content.name, content, version: 1, updatedAt: new Date() });
    return this.one(id);
  }

  async save(id: string, content: RubricContent, version: number): Promise<RubricAnswer> {
    const change = { name: content.name, content, updatedAt: new Date() };
    const saved = await saveOver(this.database.manager, Rubric, { key: { id }, version, change });
    return storedOr(
      saved,
      (stored) => `"${stored.content.name}"`,
      () => this.one(id),
    );
  }

  async publish(id: string, version: number, by: string): Promise<EditionAnswer> {
    const asked = { draft: Rubric, edition: RubricEdition, of: 'rubricId', id, version, by, check: checkRubric, what: 'rubric' } as const;
    return this.edition(await publish<RubricContent, Rubric, RubricEdition>(this.database, asked));
  }

  async edition(id: string): Promise<EditionAnswer> {
    const edition = await this.database.manager.findOne(RubricEdition, { where: { id }, relations: { publisher: true } });
    if (!edition) throw notFound('edition');
    return { ...editionSummary(edition), rubricId: edition.rubricId, content: edition.content };
  }
}
