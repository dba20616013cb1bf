import type { EntityManager } from 'typeorm';
import { SchoolRow } from './school.entity';

/** One school an installation. */
export const THE_SCHOOL = 1;

export const loadSchool = (manager: EntityManager): Promise<SchoolRow> => manager.findOneByOrFail(SchoolRow, { id: THE_SCHOOL });

/** Holds the school until the transaction ends: who decides for all of it at the same moment comes one after the other. */
export const holdSchool = (manager: EntityManager): Promise<SchoolRow> =>
  manager.findOneOrFail(SchoolRow, { where: { id: THE_SCHOOL }, lock: { mode: 'pessimistic_write' } });
