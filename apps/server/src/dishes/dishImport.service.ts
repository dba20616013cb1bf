import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { dishFile, linesCsv, readFile, recipeJsonLd, refusedInWords, suggestTechniques, words, type DishContent } from '@pelvo/core';
import { dishContentSchema, explainValidation, type DishImport, type ImportedDish } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
import { invalid, notFound, ProblemException } from '../platform/problems';
import { Technique } from '../techniques';
import { Dish } from './dish.entity';
import { DishesService } from './dishes.service';

const DISHES_A_FILE = 200;

/** Dishes in and out of open formats. */
@Injectable()
export class DishImportService {
  constructor(
    private readonly database: DataSource,
    private readonly dishes: DishesService,
  ) {}

  /** Shows what a file would become, or, with `apply`, makes all its dishes in one transaction. */
  async import(bytes: Uint8Array, name: string, apply: boolean): Promise<DishImport> {
    const techniques = (await this.database.manager.find(Technique, { take: 500 })).map(({ id, card }) => ({ id, words: card.words }));
    const reading = readFile(bytes, { name, newId: randomUUID, techniques });
    if (reading.kind === 'refused') throw invalid('file', words(reading.problem), words(reading.remedy));
    const ofFile = reading.problems.map((found) => refusedInWords(found));
    if (reading.dishes.length > DISHES_A_FILE)
      throw invalid('file', `The file holds ${reading.dishes.length} dishes; at most ${DISHES_A_FILE} are taken at once.`, 'Split it up.');
    if (reading.dishes.length === 0) {
      throw new ProblemException('invalid-input', {
        errors: ofFile.length > 0 ? ofFile : [{ field: 'file', problem: 'The file holds no dish.', remedy: 'Choose another.' }],
      });
    }
    const dishes = reading.dishes.map(({ content, portionsSaid }) => this.checked(content, portionsSaid, techniques));
    const problems = [
      ...ofFile,
      ...dishes.flatMap((dish, index) => dish.problems.map((found) => ({ ...found, field: `dish ${index + 1}, ${found.field}` }))),
    ];
    if (!apply)
      return {
        format: reading.format,
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
    return { format: reading.format, dishes, made };
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

  /** A dish of a file against the contract, without the ids that belong to the school it came from. */
  private checked(
    content: DishContent,
    portionsSaid: boolean,
    techniques: readonly { id: string; words: readonly string[] }[],
  ): ImportedDish {
    const { error, value } = dishContentSchema.validate(content, { abortEarly: false, convert: true });
    if (error) return { content, problems: explainValidation(error.details).slice(0, 10) };
    const clean = value as DishContent;
    const known = new Set(techniques.map(({ id }) => id));
    const here: DishContent = {
      ...clean,
      components: clean.components.map((component) => ({
        ...component,
        lines: component.lines.map((line) => (line.preparationEditionId ? { ...line, preparationEditionId: null } : line)),
      })),
      method: clean.method.map((step) => {
        const kept = step.techniqueIds.filter((id) => known.has(id));
        return { ...step, techniqueIds: kept.length > 0 ? kept : suggestTechniques(step.text, techniques) };
      }),
    };
    const problems = here.title ? [] : [{ field: 'title', problem: 'It has no title.', remedy: 'Add one to the file.' }];
    return { content: here, problems: portionsSaid ? problems : [...problems] };
  }
}
