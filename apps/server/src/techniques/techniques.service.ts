import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import type { TechniqueCard } from '@pelvo/core';
import { TECHNIQUES_LIMIT, type TechniqueFields, type TechniqueSummary, type TechniqueWithUse } from '@pelvo/contract';
import { saveOver, storedOr } from '../platform/saving';
import { inTransaction } from '../platform/database/transaction';
import { conflict, notFound, ProblemException } from '../platform/problems';
import { hazardQuestions } from './hazardQuestions';
import { loadPrerequisites, writePrerequisites } from './prerequisites';
import { Technique } from './technique.entity';
import { TechniquePrerequisite } from './techniquePrerequisite.entity';

@Injectable()
export class TechniquesService {
  constructor(private readonly database: DataSource) {}

  async list(archived: boolean): Promise<readonly TechniqueSummary[]> {
    const { manager } = this.database;
    const [rows, prerequisites] = await Promise.all([
      manager.find(Technique, { where: { archived }, order: { strand: 'ASC', position: 'ASC', name: 'ASC' }, take: TECHNIQUES_LIMIT }),
      loadPrerequisites(manager),
    ]);
    return rows.map(({ id, card: { name, strand, purpose, minutes, cautions, matters, words } }) => ({
      id,
      name,
      strand,
      purpose,
      minutes,
      cautions,
      matters,
      words,
      prerequisites: prerequisites.get(id) ?? [],
    }));
  }

  async one(id: string): Promise<TechniqueWithUse> {
    const { manager } = this.database;
    const row = await manager.findOneBy(Technique, { id });
    if (!row) throw notFound('technique');
    const [needed, after] = await Promise.all([
      manager.find(TechniquePrerequisite, { where: { techniqueId: id }, order: { position: 'ASC' } }),
      manager.find(TechniquePrerequisite, { where: { needsId: id }, relations: { technique: true }, take: TECHNIQUES_LIMIT }),
    ]);
    return {
      ...row.card,
      id,
      version: row.version,
      archived: row.archived,
      prerequisites: needed.map(({ needsId }) => needsId),
      leadsTo: after.map(({ technique }) => ({ id: technique.id, name: technique.name })),
    };
  }

  async create(fields: TechniqueFields): Promise<TechniqueWithUse> {
    refuseUnanswered(fields);
    const id = await inTransaction(this.database, async (manager) => {
      const [made] = await this.insert(manager, [fields]);
      await writePrerequisites(manager, new Map([[made!, fields.prerequisites]]));
      return made!;
    });
    return this.one(id);
  }

  /** Adds cards at the end, without prerequisites. @returns their ids, in order */
  async insert(manager: EntityManager, cards: readonly TechniqueCard[]): Promise<readonly string[]> {
    const there = await manager.count(Technique);
    if (there + cards.length > TECHNIQUES_LIMIT)
      throw conflict(
        'techniques',
        `A school keeps at most ${TECHNIQUES_LIMIT} techniques.`,
        'Bring two of them together, or leave some out.',
      );
    const rows = cards.map((card, index) => ({
      id: randomUUID(),
      name: card.name,
      strand: card.strand,
      position: there + index,
      card: cardOnly(card),
      version: 1,
      archived: false,
      updatedAt: new Date(),
    }));
    if (rows.length > 0) await manager.insert(Technique, rows);
    return rows.map(({ id }) => id);
  }

  async save(id: string, fields: TechniqueFields, version: number): Promise<TechniqueWithUse> {
    refuseUnanswered(fields);
    const saved = await inTransaction(this.database, async (manager) => {
      if (!(await this.replace(manager, id, fields, version))) return false;
      await writePrerequisites(manager, new Map([[id, fields.prerequisites]]));
      return true;
    });
    return storedOr(
      saved,
      (stored) => `"${stored.name}"`,
      () => this.one(id),
    );
  }

  /** Puts a card in the place of the stored one. @returns false when someone else saved it since `version` */
  async replace(manager: EntityManager, id: string, card: TechniqueCard, version: number): Promise<boolean> {
    const change = { name: card.name, strand: card.strand, card: cardOnly(card), updatedAt: new Date() };
    return saveOver(manager, Technique, { key: { id }, version, change });
  }

  async archive(id: string, archived: boolean): Promise<TechniqueWithUse> {
    const stored = await this.one(id);
    const inUse = archived ? stored.leadsTo : [];
    const still =
      inUse.length > 0 ? await this.database.manager.findBy(Technique, { id: In(inUse.map((each) => each.id)), archived: false }) : [];
    if (still.length > 0)
      throw conflict(
        'archived',
        `${still.map(({ name }) => `"${name}"`).join(', ')} ${still.length === 1 ? 'needs' : 'need'} "${stored.name}" before.`,
        'Take it out of their prerequisites first.',
      );
    await this.database.manager.update(Technique, { id }, { archived });
    return this.one(id);
  }
}

/** The card by itself, as it is stored: what stands in tables of its own is left out. */
function cardOnly(card: TechniqueCard & { readonly prerequisites?: unknown }): TechniqueCard {
  const { prerequisites: _prerequisites, ...rest } = card;
  return rest;
}

function refuseUnanswered(card: TechniqueCard): void {
  const errors = hazardQuestions(card);
  if (errors.length > 0) throw new ProblemException('invalid-input', { detail: 'Before it is saved: a hazard without a caution.', errors });
}
