import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { FACT, plain, SHIPPED, type IngredientFact } from '@pelvo/core';
import type { IngredientRecord } from '@pelvo/contract';
import { sealed } from '../platform/database/documentColumn';
import { conflict, invalid, notFound, type ProblemException } from '../platform/problems';
import { changedMeanwhile, saveOver } from '../platform/saving';
import { IngredientFactRow } from './ingredientFact.entity';
import { factsChange } from './factsChange';
import { OWN_LIMIT } from './ownFacts';

@Injectable()
export class IngredientsService {
  constructor(private readonly database: DataSource) {}

  async list(): Promise<readonly IngredientRecord[]> {
    const own = new Map((await this.database.manager.find(IngredientFactRow, { take: OWN_LIMIT })).map((row) => [row.nameKey, row]));
    const shipped = new Map(SHIPPED.map((fact) => [plain(fact.name), fact]));
    return [...new Set([...shipped.keys(), ...own.keys()])].sort().map((key) => {
      const row = own.get(key);
      return {
        name: (row?.fact ?? shipped.get(key)!).name,
        shipped: shipped.get(key) ?? null,
        own: row?.fact ?? null,
        version: row?.version ?? 0,
      };
    });
  }

  /** Saves the school's own fact over what ships, if nobody else has since `version`. */
  async save(name: string, fact: IngredientFact, version: number): Promise<IngredientRecord> {
    const nameKey = plain(name);
    if (nameKey !== plain(fact.name)) throw invalid('name', 'The name differs from the one being saved.', 'Save it as a new ingredient.');
    const { manager } = this.database;
    if (version === 0) {
      if ((await manager.count(IngredientFactRow)) >= OWN_LIMIT)
        throw conflict('name', `At most ${OWN_LIMIT} facts of your own are kept.`, 'Take some away first.');
      const inserted = (await manager.query(
        'INSERT IGNORE INTO ingredient_fact (name_key, fact, version, updated_at) VALUES (?, ?, 1, ?)',
        [nameKey, sealed(FACT, fact), new Date()],
      )) as { affectedRows: number };
      if (inserted.affectedRows !== 1) throw await this.meanwhile(nameKey);
    } else {
      const change = { fact, updatedAt: new Date() };
      if (!(await saveOver(manager, IngredientFactRow, { key: { nameKey }, version, change }))) throw await this.meanwhile(nameKey);
    }
    await factsChange.happens(manager, null);
    return this.one(nameKey);
  }

  /** Takes the school's own fact away; the shipped one counts again. */
  async remove(name: string): Promise<void> {
    const { affected } = await this.database.manager.delete(IngredientFactRow, { nameKey: plain(name) });
    if (affected !== 1) throw notFound('fact of your own');
    await factsChange.happens(this.database.manager, null);
  }

  private async one(key: string): Promise<IngredientRecord> {
    const row = await this.database.manager.findOneBy(IngredientFactRow, { nameKey: key });
    const shipped = SHIPPED.find((fact) => plain(fact.name) === key) ?? null;
    if (!row && !shipped) throw notFound('ingredient');
    return { name: (row?.fact ?? shipped!).name, shipped, own: row?.fact ?? null, version: row?.version ?? 0 };
  }

  private async meanwhile(key: string): Promise<ProblemException> {
    const current = await this.one(key);
    return changedMeanwhile(`"${current.name}"`, current);
  }
}
