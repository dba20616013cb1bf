import { randomUUID } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { Rubric } from '../rubrics/rubric.entity';
import { RubricEdition } from '../rubrics/rubricEdition.entity';
import { Technique } from '../techniques/technique.entity';
import { TechniquePrerequisite } from '../techniques/techniquePrerequisite.entity';
import { STARTER_CARDS, STARTER_PREREQUISITES } from './cards';
import { STARTER_RUBRIC } from './starterRubric';

/** Puts the starter cards and the starter rubric, published, into a school that has none. */
export async function addStarterMaterial(manager: EntityManager, personId: string): Promise<void> {
  if (await manager.existsBy(Technique, {})) return;
  const ids = new Map(STARTER_CARDS.map((card) => [card.name, randomUUID()]));
  const updatedAt = new Date();
  await manager.insert(
    Technique,
    STARTER_CARDS.map((card, position) => ({
      id: ids.get(card.name)!,
      name: card.name,
      strand: card.strand,
      position,
      card,
      version: 1,
      archived: false,
      updatedAt,
    })),
  );
  await manager.insert(
    TechniquePrerequisite,
    [...STARTER_PREREQUISITES].flatMap(([name, needed]) =>
      needed.map((needs, position) => ({ techniqueId: ids.get(name)!, needsId: ids.get(needs)!, position })),
    ),
  );
  const now = new Date();
  const rubricId = randomUUID();
  await manager.insert(Rubric, { id: rubricId, name: STARTER_RUBRIC.name, content: STARTER_RUBRIC, version: 1, updatedAt: now });
  await manager.insert(RubricEdition, {
    id: randomUUID(),
    rubricId,
    number: 1,
    content: STARTER_RUBRIC,
    publishedAt: now,
    publishedBy: personId,
  });
}
