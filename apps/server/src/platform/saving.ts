import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager, EntityTarget, FindOptionsWhere, ObjectLiteral, QueryDeepPartialEntity } from 'typeorm';
import { refusedInWords, type FieldRefused } from '@pelvo/core';
import type { EditionSummary } from '@pelvo/contract';
import { sameDocument } from '@pelvo/core';
import { inTransaction } from './database/transaction';
import { notFound, ProblemException } from './problems';

/** What two people may edit: a row with the version it was last saved with. */
interface Versioned extends ObjectLiteral {
  version: number;
}

/**
 * Saves over a version that was edited, and only over that one.
 *
 * @returns false when someone else has saved since, or there is no such row; nothing was changed then
 */
export async function saveOver<E extends Versioned>(
  manager: EntityManager,
  entity: EntityTarget<E>,
  { key, version, change }: { key: FindOptionsWhere<E>; version: number; change: QueryDeepPartialEntity<E> },
): Promise<boolean> {
  const where = { ...key, version } as FindOptionsWhere<E>;
  const { affected } = await manager.update(entity, where, { ...change, version: version + 1 } as QueryDeepPartialEntity<E>);
  return affected === 1;
}

/** Someone else saved first: what is stored now comes along, so that nothing typed has to be lost. */
export const changedMeanwhile = (what: string, current: unknown): ProblemException =>
  new ProblemException('changed-meanwhile', {
    detail: `${what} was saved by someone else while you were editing. Nothing of yours is lost: bring the two together.`,
    current,
  });

/** What is stored after a save; `changed-meanwhile` with it when the save did not go through. */
export async function storedOr<T>(saved: boolean, what: (stored: T) => string, load: () => Promise<T>): Promise<T> {
  const stored = await load();
  if (!saved) throw changedMeanwhile(what(stored), stored);
  return stored;
}

interface Draft<C> extends Versioned {
  id: string;
  content: C;
}

interface Edition<C> extends ObjectLiteral {
  id: string;
  number: number;
  content: C;
  publishedAt: Date;
  publishedBy: string;
}

interface Publishing<C, D extends Draft<C>, E extends Edition<C>> {
  readonly draft: EntityTarget<D>;
  readonly edition: EntityTarget<E>;
  /** Column of the edition that names its draft. */
  readonly of: keyof E & string;
  readonly id: string;
  /** The version that was looked at before publishing. */
  readonly version: number;
  readonly by: string;
  /** What keeps it from being published. */
  readonly check: (content: C) => readonly FieldRefused[];
  readonly what: string;
}

/**
 * Publishes a draft as a new edition, which never changes again. Publishing an unchanged draft gives the edition there is.
 *
 * @returns the edition's id
 */
export function publish<C, D extends Draft<C>, E extends Edition<C>>(database: DataSource, asked: Publishing<C, D, E>): Promise<string> {
  return inTransaction(database, async (manager) => {
    const where = { id: asked.id } as FindOptionsWhere<D>;
    const draft = await manager.findOne(asked.draft, { where, lock: { mode: 'pessimistic_write' } });
    if (!draft) throw notFound(asked.what);
    if (draft.version !== asked.version)
      throw new ProblemException('changed-meanwhile', { detail: 'The draft was saved meanwhile. Look at it again before publishing.' });
    const errors = asked.check(draft.content).map((wrong) => refusedInWords(wrong));
    if (errors.length > 0) throw new ProblemException('invalid-input', { errors });
    const last = await manager.findOne(asked.edition, {
      where: { [asked.of]: asked.id } as FindOptionsWhere<E>,
      order: { number: 'DESC' } as never,
    });
    if (last && sameDocument(last.content, draft.content)) return last.id;
    const id = randomUUID();
    const edition = {
      id,
      [asked.of]: asked.id,
      number: (last?.number ?? 0) + 1,
      content: draft.content,
      publishedAt: new Date(),
      publishedBy: asked.by,
    };
    await manager.insert(asked.edition, edition as unknown as QueryDeepPartialEntity<E>);
    return id;
  });
}

export function editionSummary(edition: { id: string; number: number; publishedAt: Date; publisher: { name: string } }): EditionSummary {
  return { id: edition.id, number: edition.number, publishedAt: edition.publishedAt.toISOString(), publishedBy: edition.publisher.name };
}

/** The newest edition of each draft. @param drafts - all there are when left out */
export async function newestEditionOf<E extends ObjectLiteral & { number: number }>(
  manager: EntityManager,
  entity: EntityTarget<E>,
  of: keyof E & string,
  drafts: readonly string[] | 'all',
): Promise<ReadonlyMap<string, E>> {
  if (drafts !== 'all' && drafts.length === 0) return new Map();
  const { tableName, columns } = manager.connection.getMetadata(entity);
  const column = columns.find(({ propertyName }) => propertyName === of)!.databaseName;
  const query = manager
    .createQueryBuilder(entity, 'edition')
    .where(`edition.number = (SELECT MAX(other.number) FROM ${tableName} other WHERE other.${column} = edition.${column})`);
  const rows = await (drafts === 'all' ? query : query.andWhere(`edition.${column} IN (:...drafts)`, { drafts })).getMany();
  return new Map(rows.map((row) => [row[of] as string, row]));
}
