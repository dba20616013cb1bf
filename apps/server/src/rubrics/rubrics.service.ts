import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { checkRubric, type RubricContent } from '@pelvo/core';
import type { Rubric as RubricAnswer, RubricEdition as EditionAnswer, RubricSummary } from '@pelvo/contract';
import { editionSummary, sameContent } from '../dishes/dishes.service';
import { notFound, ProblemException } from '../platform/problems';
import { Rubric } from './rubric.entity';
import { RubricEdition } from './rubricEdition.entity';

@Injectable()
export class RubricsService {
  constructor(private readonly database: DataSource) {}

  async list(): Promise<readonly RubricSummary[]> {
    const [rubrics, editions] = await Promise.all([
      this.database.manager.find(Rubric, { order: { name: 'ASC' }, take: 200 }),
      this.database.manager
        .createQueryBuilder(RubricEdition, 'edition')
        .where('edition.number = (SELECT MAX(other.number) FROM rubric_edition other WHERE other.rubric_id = edition.rubric_id)')
        .getMany(),
    ]);
    const newest = new Map(editions.map((edition) => [edition.rubricId, edition]));
    return rubrics.map((rubric) => {
      const last = newest.get(rubric.id);
      return {
        id: rubric.id,
        name: rubric.name,
        criteria: rubric.content.criteria.length,
        edition: last?.number ?? null,
        editionId: last?.id ?? null,
        changed: !last || !sameContent(last.content, rubric.content),
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
    const changed = editions.length === 0 || !sameContent(editions[0]!.content, rubric.content);
    return { id, version: rubric.version, content: rubric.content, editions: editions.map(editionSummary), changed };
  }

  async create(content: RubricContent): Promise<RubricAnswer> {
    const id = randomUUID();
    await this.database.manager.insert(Rubric, { id, name: content.name, content, version: 1, updatedAt: new Date() });
    return this.one(id);
  }

  async save(id: string, content: RubricContent, version: number): Promise<RubricAnswer> {
    const { affected } = await this.database.manager.update(
      Rubric,
      { id, version },
      { name: content.name, content, version: version + 1, updatedAt: new Date() },
    );
    const stored = await this.one(id);
    if (affected !== 1)
      throw new ProblemException('changed-meanwhile', {
        detail: `"${stored.content.name}" was saved by someone else while you were editing.`,
        current: stored,
      });
    return stored;
  }

  async publish(id: string, version: number, by: string): Promise<EditionAnswer> {
    const editionId = await this.database.transaction(async (manager) => {
      const rubric = await manager.findOne(Rubric, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!rubric) throw notFound('rubric');
      if (rubric.version !== version)
        throw new ProblemException('changed-meanwhile', { detail: 'The draft was saved meanwhile. Look at it again before publishing.' });
      const errors = checkRubric(rubric.content);
      if (errors.length > 0) throw new ProblemException('invalid-input', { errors });
      const last = await manager.findOne(RubricEdition, { where: { rubricId: id }, order: { number: 'DESC' } });
      if (last && sameContent(last.content, rubric.content)) return last.id;
      const edition = {
        id: randomUUID(),
        rubricId: id,
        number: (last?.number ?? 0) + 1,
        content: rubric.content,
        publishedAt: new Date(),
        publishedBy: by,
      };
      await manager.insert(RubricEdition, edition);
      return edition.id;
    });
    return this.edition(editionId);
  }

  async edition(id: string): Promise<EditionAnswer> {
    const edition = await this.database.manager.findOne(RubricEdition, { where: { id }, relations: { publisher: true } });
    if (!edition) throw notFound('edition');
    return { ...editionSummary(edition), rubricId: edition.rubricId, content: edition.content };
  }
}
