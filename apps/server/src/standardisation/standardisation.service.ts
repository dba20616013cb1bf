import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import {
  criteriaByEye,
  grouped,
  hasJudgedAll,
  MARK_VALUE,
  STANDARDISATION_LIMITS,
  valuesByEye,
  type RubricContent,
  type SampleDish,
  type SampleMark,
} from '@pelvo/core';
import type { NewStandardisation, SampleMarkBody, Standardisation, StandardisationSummary } from '@pelvo/contract';
import { checkValue } from '../assessment';
import { openStored, sealed } from '../platform/database/documentColumn';
import { places } from '../platform/database/places';
import { inTransaction } from '../platform/database/transaction';
import type { SignedIn } from '../platform/identity';
import { conflict, invalid, notFound, ProblemException } from '../platform/problems';
import { rubricOfEdition, rubricsOfEditions } from '../rubrics';

/** Under whose name the standard lies: no person's. */
const STANDARD = 'standard';

interface Row {
  readonly id: string;
  readonly title: string;
  readonly rubricEditionId: string;
  readonly closed: number;
  readonly createdAt: Date;
}

const COLUMNS = 'id, title, rubric_edition_id AS rubricEditionId, closed, created_at AS createdAt';

/** Exercises in which all who mark judge the same dishes, each alone, and look at where they differ. */
@Injectable()
export class StandardisationService {
  constructor(private readonly database: DataSource) {}

  async list(): Promise<readonly StandardisationSummary[]> {
    const { manager } = this.database;
    const rows = (await manager.query(
      `SELECT ${COLUMNS}, (SELECT COUNT(*) FROM sample_dish WHERE standardisation_id = standardisation.id) AS samples,
         (SELECT COUNT(DISTINCT judge) FROM sample_mark JOIN sample_dish ON sample_dish.id = sample_id
          WHERE standardisation_id = standardisation.id AND judge <> ?) AS judges
       FROM standardisation ORDER BY created_at DESC LIMIT ?`,
      [STANDARD, STANDARDISATION_LIMITS.kept],
    )) as (Row & { samples: string; judges: string })[];
    const rubrics = await rubricsOfEditions(manager, [...new Set(rows.map(({ rubricEditionId }) => rubricEditionId))]);
    const names = new Map(rubrics.map(({ editionId, content }) => [editionId, content.name]));
    return rows.map(({ id, title, rubricEditionId, samples, judges, closed, createdAt }) => ({
      id,
      title,
      rubric: names.get(rubricEditionId)!,
      samples: Number(samples),
      judges: Number(judges),
      closed: Boolean(closed),
      createdAt: createdAt.toISOString(),
    }));
  }

  async create({ title, rubricEditionId, samples }: NewStandardisation, personId: string): Promise<Standardisation> {
    const id = randomUUID();
    await inTransaction(this.database, async (manager) => {
      const [{ kept }] = (await manager.query('SELECT COUNT(*) AS kept FROM standardisation')) as [{ kept: string }];
      if (Number(kept) >= STANDARDISATION_LIMITS.kept)
        throw conflict('title', `A school keeps at most ${STANDARDISATION_LIMITS.kept} standardisations.`, 'Take an old one away first.');
      if (criteriaByEye(await this.rubricFor(manager, rubricEditionId)).length === 0)
        throw invalid('rubricEditionId', 'Nothing in this rubric is judged by eye.', 'Choose a rubric with levels.');
      const plates = samples.flatMap(({ assessmentId }) => assessmentId ?? []);
      const known = new Set(
        plates.length === 0
          ? []
          : ((await manager.query('SELECT id FROM assessment WHERE id IN (?)', [plates])) as { id: string }[]).map((row) => row.id),
      );
      samples.forEach(({ assessmentId }, index) => {
        if (assessmentId && !known.has(assessmentId))
          throw invalid(`samples.${index}.assessmentId`, 'This plate is not there.', 'Choose one that was marked.');
      });
      await manager.query(
        'INSERT INTO standardisation (id, title, rubric_edition_id, person_id, created_at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))',
        [id, title, rubricEditionId, personId],
      );
      await manager.query(
        `INSERT INTO sample_dish (id, standardisation_id, position, title, about, assessment_id) VALUES ${places(samples.length, 6)}`,
        samples.flatMap((sample, index) => [randomUUID(), id, index, sample.title, sample.about, sample.assessmentId]),
      );
    });
    return this.one(id, personId);
  }

  async one(id: string, personId: string): Promise<Standardisation> {
    const { manager } = this.database;
    const row = await this.rowOf(manager, id);
    const rubric = await rubricOfEdition(manager, row.rubricEditionId);
    const samples = (await manager.query(
      'SELECT id, title, about, assessment_id AS assessmentId FROM sample_dish WHERE standardisation_id = ? ORDER BY position',
      [id],
    )) as SampleDish[];
    const rows = (await manager.query(
      `SELECT m.sample_id AS sampleId, m.judge, m.criterion_key AS criterionKey, m.value, person.name FROM sample_mark m
       JOIN sample_dish ON sample_dish.id = m.sample_id LEFT JOIN person ON person.id = m.judge WHERE standardisation_id = ?`,
      [id],
    )) as { sampleId: string; judge: string; criterionKey: string; value: unknown; name: string | null }[];
    const marks = [...grouped(rows, ({ judge }) => judge)].map(([judge, own]) => ({
      personId: judge,
      name: own[0]!.name ?? '',
      marks: own.flatMap(({ sampleId, criterionKey, value }): SampleMark[] => {
        const said = openStored(MARK_VALUE, value).value;
        return said ? [{ sampleId, criterionKey, value: said }] : [];
      }),
    }));
    const mine = marks.find((each) => each.personId === personId)?.marks ?? [];
    // Nobody sees what others said before they have said all of theirs.
    const isShown = Boolean(row.closed) || hasJudgedAll(rubric, samples, mine);
    return {
      id,
      title: row.title,
      closed: Boolean(row.closed),
      rubric,
      samples,
      mine,
      shown: isShown
        ? {
            judges: marks.filter((each) => each.personId !== STANDARD).sort((a, b) => a.name.localeCompare(b.name)),
            standard: marks.find((each) => each.personId === STANDARD)?.marks ?? [],
          }
        : null,
    };
  }

  async mark(id: string, { sampleId, criterionKey, value, standard }: SampleMarkBody, who: SignedIn): Promise<Standardisation> {
    if (standard && who.role !== 'lead') throw new ProblemException('not-allowed', { detail: 'The standard is set by the lead.' });
    await inTransaction(this.database, async (manager) => {
      const { closed, rubricEditionId } = await this.rowOf(manager, id, 'FOR UPDATE');
      if (closed && !standard) throw conflict('value', 'It is closed: what was said stays.', 'The lead can open it again.');
      const rubric = await rubricOfEdition(manager, rubricEditionId);
      // Whoever has seen what others said would no longer judge alone.
      if (!standard && (await this.hasJudged(manager, id, rubric, who.id)))
        throw conflict(
          'value',
          'All of yours is given, and what others said is shown: it stays.',
          'Talk it over, and set the standard together.',
        );
      checkValue(rubric, { criterionKey, value }, '');
      const criterion = rubric.criteria.find(({ key }) => key === criterionKey)!;
      if (valuesByEye(criterion).length === 0)
        throw invalid('criterionKey', `"${criterion.name}" is measured or counted, not judged by eye.`, 'Leave it out.');
      const [sample] = (await manager.query('SELECT id FROM sample_dish WHERE id = ? AND standardisation_id = ?', [
        sampleId,
        id,
      ])) as unknown[];
      if (!sample) throw invalid('sampleId', 'This dish is not one of its samples.', 'Load the page again.');
      const key = [sampleId, standard ? STANDARD : who.id, criterionKey];
      if (value === null) await manager.query('DELETE FROM sample_mark WHERE sample_id = ? AND judge = ? AND criterion_key = ?', key);
      else
        await manager.query(
          'INSERT INTO sample_mark (sample_id, judge, criterion_key, value) VALUES (?, ?, ?, ?) ON DUPLICATE KEY UPDATE value = VALUES(value)',
          [...key, sealed(MARK_VALUE, { value })],
        );
    });
    return this.one(id, who.id);
  }

  async close(id: string, closed: boolean, personId: string): Promise<Standardisation> {
    await this.rowOf(this.database.manager, id);
    await this.database.manager.query('UPDATE standardisation SET closed = ? WHERE id = ?', [closed, id]);
    return this.one(id, personId);
  }

  async remove(id: string): Promise<void> {
    await this.rowOf(this.database.manager, id);
    await this.database.manager.query('DELETE FROM standardisation WHERE id = ?', [id]);
  }

  private async rowOf(manager: EntityManager, id: string, lock: '' | 'FOR UPDATE' = ''): Promise<Row> {
    const [row] = (await manager.query(`SELECT ${COLUMNS} FROM standardisation WHERE id = ? ${lock}`, [id])) as Row[];
    if (!row) throw notFound('standardisation');
    return row;
  }

  private async hasJudged(manager: EntityManager, id: string, rubric: RubricContent, personId: string): Promise<boolean> {
    const samples = (await manager.query('SELECT id FROM sample_dish WHERE standardisation_id = ?', [id])) as { id: string }[];
    const keys = criteriaByEye(rubric).map(({ key }) => key);
    const [{ judged }] = (await manager.query(
      'SELECT COUNT(*) AS judged FROM sample_mark WHERE sample_id IN (?) AND judge = ? AND criterion_key IN (?)',
      [samples.map((sample) => sample.id), personId, keys],
    )) as [{ judged: string }];
    return Number(judged) === samples.length * keys.length;
  }

  private async rubricFor(manager: EntityManager, editionId: string) {
    const [edition] = (await manager.query('SELECT id FROM rubric_edition WHERE id = ?', [editionId])) as unknown[];
    if (!edition) throw invalid('rubricEditionId', 'This rubric is not there.', 'Choose one that was published.');
    return rubricOfEdition(manager, editionId);
  }
}
