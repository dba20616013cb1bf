import type { EntityManager } from 'typeorm';
import { SchoolRow } from './school.entity';

/** One school an installation. */
export const THE_SCHOOL = 1;

export const loadSchool = (manager: EntityManager): Promise<SchoolRow> => manager.findOneByOrFail(SchoolRow, { id: THE_SCHOOL });
