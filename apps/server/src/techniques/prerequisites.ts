import type { EntityManager } from 'typeorm';
import { findRing, type Prerequisites } from '@pelvo/core';
import { invalid } from '../platform/problems';
import { Technique } from './technique.entity';
import { TechniquePrerequisite } from './techniquePrerequisite.entity';

/** What is to be learned before each technique, by id, for the whole school. */
export async function loadPrerequisites(manager: EntityManager): Promise<Map<string, string[]>> {
  const rows = await manager.find(TechniquePrerequisite, { order: { techniqueId: 'ASC', position: 'ASC' } });
  const map = new Map<string, string[]>();
  for (const { techniqueId, needsId } of rows) {
    const list = map.get(techniqueId);
    if (list) list.push(needsId);
    else map.set(techniqueId, [needsId]);
  }
  return map;
}

/**
 * Writes what is to be learned before some techniques, in place of what stood there.
 *
 * @throws ProblemException when a technique would need itself, in the end, naming the ring
 */
export async function writePrerequisites(manager: EntityManager, changed: Prerequisites): Promise<void> {
  // One at a time, so that two people cannot close a ring between them.
  const locked = await manager.find(Technique, { select: { id: true, name: true }, lock: { mode: 'pessimistic_write' } });
  const names = new Map(locked.map(({ id, name }) => [id, name]));
  for (const [id, needed] of changed) {
    const unknown = needed.find((each) => !names.has(each));
    if (unknown) throw invalid('prerequisites', 'There is no such technique.', 'Choose the prerequisite again.');
    if (needed.includes(id))
      throw invalid('prerequisites', `"${names.get(id)}" would need itself.`, 'Take it out of its own prerequisites.');
  }
  // What is changed comes first, so that a ring is named from there.
  const ring = findRing(new Map([...changed, ...[...(await loadPrerequisites(manager))].filter(([id]) => !changed.has(id))]));
  if (ring)
    throw invalid(
      'prerequisites',
      `They would run in a ring: ${ring.map((id) => `"${names.get(id)}"`).join(' needs ')}.`,
      'Take one of them out.',
    );
  for (const [techniqueId, needed] of changed) {
    await manager.delete(TechniquePrerequisite, { techniqueId });
    if (needed.length > 0)
      await manager.insert(
        TechniquePrerequisite,
        needed.map((needsId, position) => ({ techniqueId, needsId, position })),
      );
  }
}
