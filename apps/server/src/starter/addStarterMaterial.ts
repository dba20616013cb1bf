import { randomUUID } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { Rubric, RubricEdition } from '../rubrics';
import { Technique, TechniquePrerequisite } from '../techniques';
import { starterTechniques } from './cards';
import { starterRubrics } from './starterRubrics';

/** Puts the starter cards and the starter rubrics, published, into a school that has none. */
export async function addStarterMaterial(manager: EntityManager, personId: string): Promise<void> {
  if (await manager.existsBy(Technique, {})) return;
  const cards = starterTechniques();
  const ids = new Map(cards.map(({ name }) => [name, randomUUID()]));
  const updatedAt = new Date();
  await manager.insert(
    Technique,
    cards.map(({ prerequisites: _, ...card }, position) => ({
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
    cards.flatMap(({ name, prerequisites }) =>
      prerequisites.map((needs, position) => ({ techniqueId: ids.get(name)!, needsId: ids.get(needs)!, position })),
    ),
  );
  for (const rubric of starterRubrics(cards)) {
    const rubricId = randomUUID();
    await manager.insert(Rubric, { id: rubricId, name: rubric.name, content: rubric, version: 1, updatedAt });
    await manager.insert(RubricEdition, {
      id: randomUUID(),
      rubricId,
      number: 1,
      content: rubric,
      publishedAt: updatedAt,
      publishedBy: personId,
    });
  }
}
