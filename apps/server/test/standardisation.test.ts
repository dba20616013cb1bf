import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { criteriaByEye, valuesByEye, type MarkValue } from '@pelvo/core';
import type {
  ClassResults,
  LessonSummary,
  NewStandardisation,
  RubricSummary,
  SampleMarkBody,
  Standardisation,
  StandardisationSummary,
} from '@pelvo/contract';
import { openSchool, type Call, type School } from './school';

describe('a standardisation', () => {
  let school: School;
  let lead: Call;
  let assistant: Call;
  let body: NewStandardisation;
  let made: Standardisation;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    [lead, assistant] = await Promise.all([school.as('lead'), school.as('assistant')]);
    const rubric = (await lead<RubricSummary[]>('GET', '/api/rubrics')).body.find(({ name }) => name === 'Practical dish')!;
    const lesson = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.find(({ title }) => title === 'Blanching and emulsions')!;
    const plate = (await lead<ClassResults>('GET', `/api/lessons/${lesson.id}/results`)).body.marked[0]!;
    body = {
      title: 'Three sauces',
      rubricEditionId: rubric.editionId!,
      samples: [
        { title: 'A plate', about: '', assessmentId: plate.id },
        { title: 'A told one', about: 'The sauce runs to the rim.', assessmentId: null },
      ],
    };
    made = (await lead<Standardisation>('POST', '/api/standardisations', { body })).body;
  });
  afterAll(() => school.close());

  const one = async (who: Call) => (await who<Standardisation>('GET', `/api/standardisations/${made.id}`)).body;
  const say = (who: Call, part: Partial<SampleMarkBody>) =>
    who<Standardisation>('PUT', `/api/standardisations/${made.id}/marks`, {
      body: { sampleId: made.samples[0]!.id, criterionKey: 'seasoning', value: null, standard: false, ...part },
    });
  const level = (value: 1 | 2 | 3 | 4): MarkValue => ({ kind: 'level', level: value, faults: [] });
  const judgeAll = async (who: Call, pick: number) => {
    for (const { id } of made.samples)
      for (const criterion of criteriaByEye(made.rubric)) {
        const values = valuesByEye(criterion);
        await say(who, { sampleId: id, criterionKey: criterion.key, value: values[Math.min(pick, values.length - 1)]! });
      }
  };

  it('keeps one word a person and criterion, said twice at the same moment, and lets it be taken back', async () => {
    await Promise.all([say(assistant, { value: level(1) }), say(assistant, { value: level(4) }), say(lead, { value: level(3) })]);
    const of = async (who: Call) =>
      (await one(who)).mine.filter(({ sampleId, criterionKey }) => sampleId === made.samples[0]!.id && criterionKey === 'seasoning');
    expect(await of(assistant)).toHaveLength(1);
    expect(await of(lead)).toMatchObject([{ value: level(3) }]);
    await say(assistant, { value: null });
    expect(await of(assistant)).toEqual([]);
  });

  it('hides what others said until one has said all, and names no student', async () => {
    await judgeAll(lead, 3);
    expect((await one(lead)).shown!.judges.map(({ name }) => name)).toEqual(['Maren Oltz']);
    await say(assistant, { value: level(2) });
    expect(await one(assistant)).toMatchObject({ shown: null, mine: [{ criterionKey: 'seasoning', value: level(2) }] });
    await judgeAll(assistant, 1);
    expect((await one(assistant)).shown!.judges.map(({ name }) => name)).toEqual(['Maren Oltz', 'Teo Vasz']);
    // Whoever has seen what others said no longer judges alone.
    expect((await say(assistant, { value: level(4) })).status).toBe(409);
    const said = JSON.stringify(await one(assistant));
    for (const { name } of (await school.database.query('SELECT name FROM student')) as { name: string }[])
      expect(said).not.toContain(name);
    expect((await lead<StandardisationSummary[]>('GET', '/api/standardisations')).body[0]).toMatchObject({
      samples: 2,
      judges: 2,
      closed: false,
    });
  });

  it('has its standard set by the lead alone', async () => {
    expect((await say(assistant, { value: level(3), standard: true })).status).toBe(403);
    expect((await say(lead, { value: level(3), standard: true })).status).toBe(200);
    expect((await one(assistant)).shown!.standard).toEqual([{ sampleId: made.samples[0]!.id, criterionKey: 'seasoning', value: level(3) }]);
  });

  it('is closed: shown to all, and nothing more is said', async () => {
    const { body: other } = await lead<Standardisation>('POST', '/api/standardisations', { body });
    const path = `/api/standardisations/${other.id}`;
    const give = (who: Call, standard: boolean) =>
      who('PUT', `${path}/marks`, { body: { sampleId: other.samples[0]!.id, criterionKey: 'seasoning', value: level(2), standard } });
    expect((await assistant<Standardisation>('GET', path)).body.shown).toBeNull();
    await lead('PUT', `${path}/closed`, { body: { closed: true } });
    expect((await assistant<Standardisation>('GET', path)).body.shown).not.toBeNull();
    expect((await give(assistant, false)).status).toBe(409);
    expect((await give(lead, true)).status).toBe(200);
    await lead('PUT', `${path}/closed`, { body: { closed: false } });
    expect((await give(assistant, false)).status).toBe(200);
    expect((await lead('DELETE', path)).status).toBe(204);
  });

  it.each([
    ['a criterion that is not there', { criterionKey: 'charm', value: { kind: 'level', level: 3, faults: [] } }, 'criterionKey'],
    ['a mark of another kind', { value: { kind: 'critical', met: true, faults: [] } }, 'value'],
    ['a dish of no sample', { sampleId: randomUUID(), value: { kind: 'level', level: 3, faults: [] } }, 'sampleId'],
  ] as const)('refuses %s by its field', async (_what, part, field) => {
    const { status, body: problem } = await lead<{ errors: { field: string }[] }>('PUT', `/api/standardisations/${made.id}/marks`, {
      body: { sampleId: made.samples[0]!.id, criterionKey: 'seasoning', standard: true, ...part },
    });
    expect([status, problem.errors[0]!.field]).toEqual([422, field]);
  });

  it.each([
    ['no dish', (now: NewStandardisation) => ({ ...now, samples: [] }), 'samples'],
    [
      'a plate that is not there',
      (now: NewStandardisation) => ({ ...now, samples: [{ title: 'x', about: '', assessmentId: randomUUID() }] }),
      'samples.0.assessmentId',
    ],
    ['a rubric that is not there', (now: NewStandardisation) => ({ ...now, rubricEditionId: randomUUID() }), 'rubricEditionId'],
    ['no title', (now: NewStandardisation) => ({ ...now, title: ' ' }), 'title'],
  ])('is not made of %s', async (_what, change, field) => {
    const { status, body: problem } = await lead<{ errors: { field: string }[] }>('POST', '/api/standardisations', { body: change(body) });
    expect([status, problem.errors[0]!.field]).toEqual([422, field]);
  });

  it('keeps the sample where the plate is erased, and goes with all that was said of it', async () => {
    for (const table of ['mark WHERE assessment_id', 'assessment WHERE id'])
      await school.database.query(`DELETE FROM ${table} = ?`, [body.samples[0]!.assessmentId]);
    expect((await one(lead)).samples[0]).toMatchObject({ title: 'A plate', assessmentId: null });
    expect((await lead('DELETE', `/api/standardisations/${made.id}`)).status).toBe(204);
    expect((await lead('GET', `/api/standardisations/${made.id}`)).status).toBe(404);
    const [{ left }] = (await school.database.query('SELECT COUNT(*) AS `left` FROM sample_mark')) as [{ left: string }];
    expect(Number(left)).toBe(0);
  });
});
