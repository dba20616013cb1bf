import type { EntityManager } from 'typeorm';
import type { IngredientFact } from '@pelvo/core';
import { IngredientFactRow } from './ingredientFact.entity';

/** The most facts of its own a school keeps. */
export const OWN_LIMIT = 500;

/** The school's own facts, for the core's book. */
export async function ownFacts(manager: EntityManager): Promise<readonly IngredientFact[]> {
  return (await manager.find(IngredientFactRow, { take: OWN_LIMIT })).map((row) => row.fact);
}
