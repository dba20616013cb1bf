import type { EntityManager } from 'typeorm';
import type { RubricContent } from '@pelvo/core';
import { notFound } from '../platform/problems';
import { RubricEdition } from './rubricEdition.entity';

/** Editions never change, so what was read once is not read again for every touch of an assessor. */
const read = new Map<string, RubricContent>();
const MOST = 100;

/** The rubric of an edition. @throws ProblemException when there is no such edition */
export async function rubricOfEdition(manager: EntityManager, id: string): Promise<RubricContent> {
  const known = read.get(id);
  if (known) return known;
  const edition = await manager.findOneBy(RubricEdition, { id });
  if (!edition) throw notFound('rubric');
  if (read.size >= MOST) read.clear();
  read.set(id, edition.content);
  return edition.content;
}
