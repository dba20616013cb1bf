import { In, type EntityManager } from 'typeorm';
import type { RubricContent } from '@pelvo/core';
import { notFound } from '../platform/problems';
import { RubricEdition } from './rubricEdition.entity';

type KnownEdition = Pick<RubricEdition, 'number' | 'content'>;

/** Editions never change, so what was read once is not read again for every touch of an assessor. */
const read = new Map<string, KnownEdition>();
const MOST = 100;

/** Editions of rubrics, in the order asked for. @throws ProblemException when there is no such edition */
export async function rubricsOfEditions(
  manager: EntityManager,
  ids: readonly string[],
): Promise<readonly (KnownEdition & { readonly editionId: string })[]> {
  const unknown = ids.filter((id) => !read.has(id));
  if (read.size + unknown.length > MOST) read.clear();
  const editions = new Map(read);
  const missing = ids.filter((id) => !editions.has(id));
  for (const { id, number, content } of missing.length > 0 ? await manager.findBy(RubricEdition, { id: In([...missing]) }) : []) {
    read.set(id, { number, content });
    editions.set(id, { number, content });
  }
  return ids.map((editionId) => {
    const edition = editions.get(editionId);
    if (!edition) throw notFound('rubric');
    return { editionId, ...edition };
  });
}

/** The rubric of an edition. @throws ProblemException when there is no such edition */
export async function rubricOfEdition(manager: EntityManager, id: string): Promise<RubricContent> {
  const known = read.get(id);
  return known ? known.content : (await rubricsOfEditions(manager, [id]))[0]!.content;
}
