import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { dishFile, linesCsv, recipeJsonLd } from '@pelvo/core';
import type { DishImport } from '@pelvo/contract';
import { apart } from '../platform/apart';
import { inTransaction } from '../platform/database/transaction';
import { notFound, ProblemException, takesTooLong } from '../platform/problems';
import { ownFacts } from '../ingredients';
import { Technique } from '../techniques';
import { Dish } from './dish.entity';
import { DishesService } from './dishes.service';
import type { readDishes } from './readDishes';

const readApart = apart<typeof readDishes>('readDishes', { milliseconds: 10_000, late: takesTooLong });

/** Dishes in and out of open formats. */
@Injectable()
export class DishImportService {
  constructor(
    private readonly database: DataSource,
    private readonly dishes: DishesService,
  ) {}

  /** Shows what a file would become, or, with `apply`, makes all its dishes in one transaction. */
  async import(bytes: Uint8Array, name: string, apply: boolean): Promise<DishImport> {
    const { manager: reader } = this.database;
    const [cards, facts] = await Promise.all([reader.find(Technique, { take: 500 }), ownFacts(reader)]);
    const techniques = cards.map(({ id, name, card }) => ({ id, name, words: card.words }));
    const read = await readApart({ bytes, name, techniques, facts });
    if (read.kind === 'refused') throw new ProblemException('invalid-input', { errors: [...read.errors] });
    const { format, dishes, ofFile } = read;
    const problems = [
      ...ofFile,
      ...dishes.flatMap((dish, index) => dish.problems.map((found) => ({ ...found, field: `dish ${index + 1}, ${found.field}` }))),
    ];
    if (!apply)
      return {
        format,
        dishes: ofFile.length > 0 ? [{ ...dishes[0]!, problems: [...ofFile, ...dishes[0]!.problems] }, ...dishes.slice(1)] : dishes,
        made: [],
      };
    if (problems.length > 0)
      throw new ProblemException('invalid-input', { detail: 'Nothing was imported.', errors: problems.slice(0, 50) });
    const made = await inTransaction(this.database, async (manager) => {
      const ids: string[] = [];
      for (const { content } of dishes) ids.push(await this.dishes.insert(manager, content));
      return ids;
    });
    return { format, dishes, made };
  }

  /** Some dishes in one of the formats. */
  async export(
    ids: readonly string[],
    format: 'pelvo' | 'json-ld' | 'csv',
  ): Promise<{ text: string; type: string; extension: string; title: string }> {
    const rows = await this.database.manager
      .createQueryBuilder(Dish, 'dish')
      .where('dish.id IN (:...ids)', { ids })
      .orderBy('dish.title')
      .getMany();
    if (rows.length < ids.length) throw notFound('dish');
    const contents = rows.map((row) => row.content);
    const title = rows.length === 1 ? rows[0]!.title : 'dishes';
    switch (format) {
      case 'pelvo':
        return { text: JSON.stringify(dishFile(contents), null, 2), type: 'application/json', extension: 'json', title };
      case 'json-ld': {
        const recipes = contents.map(recipeJsonLd);
        return {
          text: JSON.stringify(recipes.length === 1 ? recipes[0] : recipes, null, 2),
          type: 'application/ld+json',
          extension: 'jsonld',
          title,
        };
      }
      case 'csv':
        return { text: `\uFEFF${linesCsv(contents)}`, type: 'text/csv; charset=utf-8', extension: 'csv', title };
    }
  }
}
