import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import { checkDish, drawsOn, factBook, linesOf, readRecipe, sameDocument, toDish, type DishContent } from '@pelvo/core';
import type { Dish as DishAnswer, DishEdition as EditionAnswer, DishSummary, HandoutQuery, Page, DishQuery } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
import { editionSummary, newestEditionOf, publish, saveOver, storedOr } from '../platform/saving';
import { invalid, notFound } from '../platform/problems';
import { ownFacts } from '../ingredients';
import { loadRules } from '../rules';
import { loadSchool } from '../school';
import { Technique } from '../techniques';
import { Dish } from './dish.entity';
import { DishEdition } from './dishEdition.entity';
import { handoutDocument } from './handoutDocument';
import { indexDish } from './dishIndex';
import { preparationsOf } from './preparationsOf';
import { searchDishes } from './searchDishes';
import { fileName, renderPdf } from '../platform/pdf';

const EDITION_LIMIT = 200;

@Injectable()
export class DishesService {
  constructor(private readonly database: DataSource) {}

  async list(query: DishQuery, archived: boolean): Promise<Page<DishSummary>> {
    const { manager } = this.database;
    const { ids, total } = await searchDishes(manager, query, archived);
    if (ids.length === 0) return { total, items: [] };
    const [rows, newest] = await Promise.all([manager.findBy(Dish, { id: In([...ids]) }), newestEditions(manager, ids)]);
    const byId = new Map(rows.map((row) => [row.id, row]));
    return { total, items: ids.flatMap((id) => (byId.has(id) ? [summary(byId.get(id)!, newest.get(id))] : [])) };
  }

  async create(content: DishContent): Promise<DishAnswer> {
    await this.checkReferences(content);
    return this.one(await inTransaction(this.database, (manager) => this.insert(manager, content)));
  }

  /** Stores a new draft and makes it findable. */
  async insert(manager: EntityManager, content: DishContent): Promise<string> {
    const id = randomUUID();
    await manager.insert(Dish, { id, title: content.title, content, version: 1, archived: false, minutes: 0, updatedAt: new Date() });
    await indexDish(manager, id, content);
    return id;
  }

  async one(id: string): Promise<DishAnswer> {
    const dish = await this.database.manager.findOneBy(Dish, { id });
    if (!dish) throw notFound('dish');
    const [editions, preparations] = await Promise.all([this.editionsOf(id), preparationsOf(this.database.manager, [dish.content])]);
    return answer(dish, editions, preparations);
  }

  /** Saves a draft if nobody else has saved it since; otherwise tells what is stored now. */
  async save(id: string, content: DishContent, version: number): Promise<DishAnswer> {
    await this.checkReferences(content);
    const saved = await inTransaction(this.database, async (manager) => {
      const change = { title: content.title, content, updatedAt: new Date() };
      const done = await saveOver(manager, Dish, { key: { id }, version, change });
      if (done) await indexDish(manager, id, content);
      return done;
    });
    return storedOr(
      saved,
      (stored) => `"${stored.content.title}"`,
      () => this.one(id),
    );
  }

  async archive(id: string, archived: boolean): Promise<DishAnswer> {
    const { affected } = await this.database.manager.update(Dish, { id }, { archived });
    if (affected === 0) throw notFound('dish');
    return this.one(id);
  }

  async publish(id: string, version: number, by: string): Promise<EditionAnswer> {
    const asked = { draft: Dish, edition: DishEdition, of: 'dishId', id, version, by, check: checkDish, what: 'dish' } as const;
    return this.edition(await publish<DishContent, Dish, DishEdition>(this.database, asked));
  }

  async edition(id: string): Promise<EditionAnswer> {
    const edition = await this.database.manager.findOne(DishEdition, { where: { id }, relations: { publisher: true } });
    if (!edition) throw notFound('edition');
    return { ...editionSummary(edition), dishId: edition.dishId, content: edition.content };
  }

  /** An edition scaled for one making, to hang up or hand out. */
  async handout(editionId: string, { portions, paper }: HandoutQuery): Promise<{ name: string; pdf: Buffer }> {
    const { content, number } = await this.edition(editionId);
    const { manager } = this.database;
    const ids = [...new Set(content.method.flatMap((step) => step.techniqueIds))];
    const [techniques, rules, facts, preparations, school] = await Promise.all([
      ids.length > 0 ? manager.findBy(Technique, { id: In(ids) }) : [],
      loadRules(manager),
      ownFacts(manager),
      preparationsOf(manager, [content]),
      loadSchool(manager),
    ]);
    const care = {
      techniques: new Map(techniques.map(({ id, card }) => [id, card])),
      rules,
      book: factBook(facts),
      preparations,
      allergenList: school.settings.allergenList,
      boards: school.settings.boards,
    };
    const pdf = await renderPdf(handoutDocument(content, portions, `Edition ${number}`, care), paper);
    return { name: fileName('handout', content.title, `for ${portions}`), pdf };
  }

  /** Reads a recipe given as text, with techniques suggested for its steps. */
  async read(text: string): Promise<DishContent> {
    const { manager } = this.database;
    const [techniques, facts] = await Promise.all([manager.find(Technique, { take: 500 }), ownFacts(manager)]);
    return toDish(readRecipe(text, factBook(facts)), {
      newId: randomUUID,
      portions: 4,
      techniques: techniques.map(({ id, name, card }) => ({ id, name, words: card.words })),
    });
  }

  private async editionsOf(dishId: string): Promise<DishEdition[]> {
    return this.database.manager.find(DishEdition, {
      where: { dishId },
      order: { number: 'DESC' },
      relations: { publisher: true },
      take: EDITION_LIMIT,
    });
  }

  private async checkReferences(content: DishContent): Promise<void> {
    const preparations = drawsOn(content);
    if (preparations.length > 0) {
      const known = await this.database.manager.find(DishEdition, { where: { id: In([...preparations]) }, select: { id: true } });
      if (known.length < preparations.length)
        throw invalid('components', 'A line draws on a sub-preparation that is not there.', 'Choose the sub-preparation again.');
    }
    const techniqueIds = [...new Set(content.method.flatMap((step) => step.techniqueIds))];
    if (techniqueIds.length === 0) return;
    const known = await this.database.manager.countBy(Technique, { id: In(techniqueIds) });
    if (known < techniqueIds.length) throw invalid('method', 'A step names a technique that is not there.', 'Choose the technique again.');
  }
}

/** The newest edition of each dish. */
export const newestEditions = (manager: EntityManager, dishIds: readonly string[]): Promise<ReadonlyMap<string, DishEdition>> =>
  newestEditionOf(manager, DishEdition, 'dishId', dishIds);

function answer(dish: Dish, editions: readonly DishEdition[], preparations: ReadonlyMap<string, DishContent>): DishAnswer {
  return {
    id: dish.id,
    version: dish.version,
    content: dish.content,
    archived: Boolean(dish.archived),
    editions: editions.map(editionSummary),
    changed: editions.length === 0 || !sameDocument(editions[0]!.content, dish.content),
    preparations: Object.fromEntries(preparations),
  };
}

function summary(dish: Dish, newest: DishEdition | undefined): DishSummary {
  const lines = linesOf(dish.content);
  return {
    id: dish.id,
    title: dish.title,
    portions: dish.content.portions,
    lines: lines.length,
    held: lines.filter((line) => line.certainty === 'held').length,
    techniques: [...new Set(dish.content.method.flatMap((step) => step.techniqueIds))],
    edition: newest?.number ?? null,
    editionId: newest?.id ?? null,
    changed: !newest || !sameDocument(newest.content, dish.content),
    isPreparation: dish.content.gives !== null,
    archived: Boolean(dish.archived),
  };
}
