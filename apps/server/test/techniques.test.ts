import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { EMPTY_CARD, PURPOSES, techniqueFile, techniqueMarkdown, unansweredHazards, type PortableTechnique } from '@pelvo/core';
import type {
  ClassDetail,
  ClassSummary,
  Course,
  LessonDetail,
  LessonSummary,
  TechniqueFields,
  TechniqueImport,
  TechniqueSummary,
  TechniqueWithUse,
} from '@pelvo/contract';
import { Technique } from '../src/techniques/technique.entity';
import { pagesOf } from '../src/platform/pdf';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
let list: readonly TechniqueSummary[];
beforeAll(async () => {
  school = await openSchool({ demo: true });
  lead = await school.as('lead');
  list = (await lead<TechniqueSummary[]>('GET', '/api/techniques')).body;
});
afterAll(() => school.close());

const idOf = (name: string) => list.find((each) => each.name === name)!.id;
const one = async (id: string) => (await lead<TechniqueWithUse>('GET', `/api/techniques/${id}`)).body;
const fieldsOf = ({ id: _id, version: _v, archived: _a, leadsTo: _l, ...fields }: TechniqueWithUse): TechniqueFields => fields;
const card = (name: string, more: Partial<TechniqueFields> = {}): TechniqueFields => ({ ...EMPTY_CARD, name, prerequisites: [], ...more });

describe('the starter cards', () => {
  it('are forty and more over three strands, complete enough to teach from', async () => {
    const rows = await school.database.manager.find(Technique);
    expect(rows.length).toBeGreaterThanOrEqual(40);
    for (const { card: each } of rows) {
      const lists = [
        each.tools,
        each.steps,
        each.criticalPoints,
        each.cues,
        each.looksWrong,
        each.faults,
        each.cautions,
        each.descriptors,
        each.words,
      ];
      expect([each.name, lists.every((part) => part.length > 0), each.steps.length >= 4]).toEqual([each.name, true, true]);
      expect([each.name, unansweredHazards(each)]).toEqual([each.name, []]);
      expect(PURPOSES.every((purpose) => each.aims[purpose]) && each.minutes.novice! >= each.minutes.practised!).toBe(true);
    }
    for (const strand of ['knife', 'cooking', 'plating']) expect(list.filter((each) => each.strand === strand).length).toBeGreaterThan(6);
  });
});

describe('a card', () => {
  it('is written, saved against its version, and nothing is lost when two save', async () => {
    const made = await lead<TechniqueWithUse>('POST', '/api/techniques', {
      body: card('Score a crust', { steps: ['  Hold the  **blade** low '] }),
    });
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({ version: 1, steps: ['Hold the **blade** low'] });
    const mine = { ...fieldsOf(made.body), purpose: 'Opens where it should.' };
    expect((await lead<TechniqueWithUse>('PUT', `/api/techniques/${made.body.id}`, { body: mine, version: 1 })).body.version).toBe(2);
    const late = await lead('PUT', `/api/techniques/${made.body.id}`, { body: { ...mine, purpose: 'Late' }, version: 1 });
    expect([late.status, (late.problem.current as TechniqueWithUse).purpose]).toEqual([412, 'Opens where it should.']);
    expect((await lead('PUT', `/api/techniques/${made.body.id}`, { body: mine })).status).toBe(428);
    const twin = await lead('POST', '/api/techniques', { body: card('score a crust') });
    expect(twin.status).toBe(409);
  });

  it('is not saved while its steps name a hazard nobody speaks of, and says which', async () => {
    const body = card('Crisp sage', { steps: ['Deep-fry the sage.'] });
    const asked = await lead('POST', '/api/techniques', { body });
    expect([asked.status, asked.problem.errors!.map(({ field }) => field)]).toEqual([422, ['cautions.hot-fat']]);
    expect(asked.problem.errors![0]!.remedy).toContain('say why none is needed');
    const answered = { ...body, answered: [{ hazard: 'hot-fat', because: 'shown by the instructor only' }] };
    expect((await lead('POST', '/api/techniques', { body: answered })).status).toBe(201);
  });

  it('refuses itself and rings as prerequisites, naming the ring', async () => {
    const grip = await one(idOf('Grip, guide hand and board'));
    const save = (prerequisites: readonly string[]) =>
      lead('PUT', `/api/techniques/${grip.id}`, { body: { ...fieldsOf(grip), prerequisites }, version: grip.version });
    const itself = await save([grip.id]);
    expect([itself.status, itself.problem.errors![0]!.problem]).toEqual([422, '"Grip, guide hand and board" would need itself.']);
    const ring = await save([idOf('Fine dice')]);
    expect(ring.problem.errors![0]!.problem).toMatch(
      /ring: "Grip, guide hand and board" needs "Fine dice" needs "Julienne" needs "Sticks and planks" needs "Peel, top and tail" needs "Grip/,
    );
    expect((await save(['00000000-0000-4000-8000-000000000000'])).status).toBe(422);
    expect((await one(grip.id)).version).toBe(grip.version);
  });

  it('names the field and the remedy for whatever is wrong with it', async () => {
    const wrong = await lead('POST', '/api/techniques', {
      body: {
        ...card('x'.repeat(121)),
        strand: 'baking',
        steps: ['ok', '  '],
        variant: 'none-such',
        minutes: { novice: 0, practised: null },
      },
    });
    expect(wrong.problem.errors!.map(({ field }) => field).sort()).toEqual(['minutes.novice', 'name', 'steps.1', 'strand', 'variant']);
    expect(wrong.problem.errors!.every(({ remedy }) => remedy.length > 3)).toBe(true);
  });

  it('is put away and brought back, but not while another needs it', async () => {
    const refused = await lead('PUT', `/api/techniques/${idOf('Sweat')}/archived`, { body: { archived: true } });
    expect([refused.status, refused.problem.detail]).toEqual([409, expect.stringContaining('"Pilaf" needs "Sweat" before')]);
    const id = idOf('Dress leaves');
    await lead('PUT', `/api/techniques/${id}/archived`, { body: { archived: true } });
    expect((await lead<TechniqueSummary[]>('GET', '/api/techniques')).body.some((each) => each.id === id)).toBe(false);
    expect((await lead<TechniqueSummary[]>('GET', '/api/archived-techniques')).body.map((each) => each.id)).toEqual([id]);
    await lead('PUT', `/api/techniques/${id}/archived`, { body: { archived: false } });
  });

  it('prints on one page, on A4 and Letter, every one of them', async () => {
    for (const { id, name } of list.filter((_, index) => index % 6 === 0)) {
      const pdf = await lead('GET', `/api/techniques/${id}/card.pdf`);
      expect([name, pdf.headers.get('content-type'), pagesOf(pdf.bytes)]).toEqual([name, 'application/pdf', 1]);
    }
    const longest = idOf('Simmer and skim a stock');
    for (const paper of ['A4', 'LETTER'])
      expect(pagesOf((await lead('GET', `/api/techniques/${longest}/card.pdf?paper=${paper}`)).bytes)).toBe(1);
  });
});

describe('techniques as files', () => {
  const file = (text: string, apply = false) =>
    lead<TechniqueImport>('POST', `/api/technique-imports?apply=${apply}`, { raw: text, type: 'application/octet-stream' });

  it('go out and come back without loss, in both formats', async () => {
    for (const format of ['json', 'markdown']) {
      const out = await lead('GET', `/api/technique-exports/${format}`);
      const back = await file(out.bytes.toString());
      expect(back.body.leftOut).toEqual([]);
      expect(back.body.techniques.length).toBeGreaterThan(55);
      expect(back.body.techniques.filter(({ state, problems }) => state !== 'same' || problems.length > 0)).toEqual([]);
    }
  });

  it('come into another school whole, prerequisites and all', async () => {
    const out = (await lead('GET', '/api/technique-exports/markdown')).bytes.toString();
    const other = await openSchool({ demo: true });
    const there = await other.as('lead');
    await other.database.query('SET FOREIGN_KEY_CHECKS = 0');
    for (const table of ['lesson_technique', 'technique_prerequisite', 'technique']) await other.database.query(`DELETE FROM ${table}`);
    const done = await there<TechniqueImport>('POST', '/api/technique-imports?apply=true', { raw: out, type: 'application/octet-stream' });
    expect(done.body.made).toBe(done.body.techniques.length);
    expect((await there('GET', '/api/technique-exports/markdown')).bytes.toString()).toBe(out);
    await other.close();
  });

  it('are taken all or not at all, with what is wrong named by technique', async () => {
    const good: PortableTechnique = { ...EMPTY_CARD, name: 'Weave a lattice', prerequisites: [] };
    const bad: PortableTechnique = { ...EMPTY_CARD, name: 'Flambé', steps: ['Ignite the brandy.'], prerequisites: ['Nowhere'] };
    const refused = await file(techniqueFile([good, bad]), true);
    expect(refused.status).toBe(422);
    expect(refused.problem.errors!.map(({ field }) => field)).toEqual([
      'Flambé, cautions.flame',
      'Flambé, cautions.alcohol',
      'Flambé, prerequisites',
    ]);
    expect((await lead<TechniqueSummary[]>('GET', '/api/techniques')).body.some(({ name }) => name === 'Weave a lattice')).toBe(false);
    const shown = await file(`${techniqueMarkdown([good])}\n## Provenance\n\nA notebook.\n`);
    expect(shown.body).toMatchObject({ techniques: [{ name: 'Weave a lattice', state: 'new', problems: [] }], made: 0 });
    expect(shown.body.leftOut).toHaveLength(2);
    expect((await file('nothing to see')).status).toBe(422);
    expect((await file('{"format":"other"}')).problem.errors![0]!.field).toBe('file');
  });

  it('refuse a ring that a file would close', async () => {
    const a: PortableTechnique = { ...EMPTY_CARD, name: 'Ring a', prerequisites: ['Ring b'] };
    const ring = await file(techniqueFile([a, { ...a, name: 'Ring b', prerequisites: ['Ring a'] }]), true);
    expect(ring.problem.errors![0]!.problem).toMatch(/ring: "Ring [ab]" needs "Ring [ba]"/);
  });

  it('fill a school up to five hundred, and no further', async () => {
    const many = (count: number, from: number) =>
      Array.from({ length: count }, (_, index): PortableTechnique => ({
        ...EMPTY_CARD,
        name: `Technique ${from + index}`,
        purpose: 'One of many.',
        prerequisites: index === 0 ? [] : [`Technique ${from + index - 1}`],
      }));
    const there = await school.database.manager.count(Technique);
    const full = await file(techniqueFile(many(500 - there, 0)), true);
    expect([full.status, full.body.made]).toEqual([200, 500 - there]);
    expect((await lead<TechniqueSummary[]>('GET', '/api/techniques')).body).toHaveLength(500);
    const over = await file(techniqueFile(many(1, 9000)), true);
    expect([over.status, over.problem.detail]).toEqual([409, expect.stringContaining('at most 500')]);
    await school.database.query(
      "DELETE p FROM technique_prerequisite p JOIN technique t ON t.id = p.technique_id WHERE t.name LIKE 'Technique %'",
    );
    await school.database.query("DELETE FROM technique WHERE name LIKE 'Technique %'");
  });
});

describe('the course of a class', () => {
  it('tells what was and will be taught, and who was away; a change shows at once', async () => {
    const classes = (await lead<ClassSummary[]>('GET', '/api/classes')).body;
    const cohort = classes.find(({ name }) => name === 'Foundation cohort')!;
    const course = async () => (await lead<Course>('GET', `/api/classes/${cohort.id}/course`)).body;
    const before = await course();
    const first = before.lessons[0]!;
    expect(before.students).toHaveLength(cohort.students);
    expect(first.techniques).toContainEqual({ id: idOf('Julienne'), purpose: 'introduce' });
    for (const { id, inPassing } of before.lessons) {
      const { dishes } = (await lead<LessonDetail>('GET', `/api/lessons/${id}`)).body;
      const named = dishes.flatMap(({ content }) => content.method.flatMap((step) => step.techniqueIds));
      expect([...inPassing].sort()).toEqual([...new Set(named)].sort());
    }
    expect(before.lessons.some(({ inPassing }) => inPassing.length > 0)).toBe(true);
    expect(before.lessons.map(({ date }) => date)).toEqual([...before.lessons.map(({ date }) => date)].sort());
    const detail = (await lead<ClassDetail>('GET', `/api/classes/${cohort.id}`)).body;
    const student = detail.students[0]!;
    await lead('PUT', `/api/students/${student.id}/absences/${first.date}`);
    expect((await course()).lessons[0]!.absent).toEqual([student.id]);
    await lead('DELETE', `/api/students/${student.id}/absences/${first.date}`);
    expect((await course()).lessons[0]!.absent).toEqual([]);
    expect((await (await school.as('stores'))('GET', `/api/classes/${cohort.id}/course`)).status).toBe(403);
    expect((await lead('GET', '/api/classes/00000000-0000-4000-8000-000000000000/course')).status).toBe(404);
  });

  it('knows what a lesson teaches otherwise than the school', async () => {
    const duck = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.find(({ title }) => title === 'Duck, and patience')!;
    const { body } = await lead<LessonDetail>('GET', `/api/lessons/${duck.id}`);
    expect(body.practices).toEqual({ resting: 'peaked' });
  });
});
