import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { EMPTY_KITCHEN, SHIPPED_CUT_SETS } from '@pelvo/core';
import type { LessonDetail, LessonSummary, Practices, RulesProfile, StoredCutSet, StoredKitchen } from '@pelvo/contract';
import { pagesOf } from '../src/platform/pdf';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
beforeAll(async () => {
  school = await openSchool({ demo: true });
  lead = await school.as('lead');
});
afterAll(() => school.close());

describe('practices', () => {
  const read = async () => (await lead<Practices>('GET', '/api/practices')).body;
  it('are chosen, changed and taken back, one person at a time', async () => {
    const before = await read();
    expect(before.choices.turning).toBeUndefined();
    const choose = (practice: string | null, version: number) =>
      lead<Practices>('PUT', '/api/practices/turning', { body: { practice }, version });
    expect((await choose('often', 0)).body.choices.turning).toBe('often');
    expect((await choose('once', 0)).status).toBe(412);
    expect((await choose('once', 1)).body.choices.turning).toBe('once');
    const back = await choose(null, 2);
    expect([back.body.choices.turning, back.body.versions.turning]).toEqual([undefined, 3]);
  });
  it('are known ones only', async () => {
    expect((await lead('PUT', '/api/practices/turning', { body: { practice: 'never' }, version: 0 })).problem.errors![0]!.remedy).toBe(
      'Choose one of: once, often.',
    );
    expect((await lead('PUT', '/api/practices/luck', { body: { practice: 'x' }, version: 0 })).status).toBe(404);
    const noSet = { practice: '00000000-0000-4000-8000-000000000000' };
    expect((await lead('PUT', '/api/practices/named-cuts', { body: noSet, version: 1 })).status).toBe(422);
  });
});

describe('local rules', () => {
  const read = async () => (await lead<RulesProfile>('GET', '/api/rules')).body;
  it('are changed by the lead with a reason, and every change is kept', async () => {
    const change = (value: number | null, reason: string, version: number) =>
      lead<RulesProfile>('PUT', '/api/rules/hot-holding', { body: { value, reason }, version });
    expect((await change(65, 'ok', 0)).problem.errors![0]).toMatchObject({ field: 'reason' });
    expect((await change(65, 'Our code asks for 65.', 0)).body.rules['hot-holding']).toBe(65);
    expect((await change(60, 'Someone who did not see it.', 0)).status).toBe(412);
    expect((await change(500, 'A slip of the hand.', 1)).problem.errors![0]!.remedy).toBe('Give 57 to 80 °C.');
    const back = (await change(null, 'Back to the default.', 1)).body;
    expect(back.rules['hot-holding']).toBeUndefined();
    expect(back.changes.filter(({ rule }) => rule === 'hot-holding').map(({ value, by }) => [value, by])).toEqual([
      [null, 'Maren Oltz'],
      [65, 'Maren Oltz'],
    ]);
    expect((await read()).versions['hot-holding']).toBe(2);
  });
  it('keep their order', async () => {
    const wrong = await lead('PUT', '/api/rules/cooling-total', { body: { value: 60, reason: 'Too short to be true.' }, version: 0 });
    expect(wrong.problem.errors![0]!.problem).toContain('would not be below');
  });
  it('are shown to stores without names', async () => {
    const profile = (await (await school.as('stores'))<RulesProfile>('GET', '/api/rules')).body;
    expect(profile.rules['cooling-first']).toBe(90);
    expect(new Set(profile.changes.map(({ by }) => by))).toEqual(new Set(['']));
  });
});

describe('sets of cuts', () => {
  const sets = async () => (await lead<StoredCutSet[]>('GET', '/api/cut-sets')).body;
  it('ship in three traditions, are edited, and print as a mat at true size', async () => {
    const shipped = await sets();
    expect(shipped.map(({ name }) => name).sort()).toEqual(SHIPPED_CUT_SETS.map(({ name }) => name).sort());
    const { id, version, ...own } = shipped[0]!;
    const changed = { ...own, cuts: own.cuts.map((cut, index) => (index === 0 ? { ...cut, tolerance: 0.25 } : cut)) };
    expect((await lead<StoredCutSet>('PUT', `/api/cut-sets/${id}`, { body: changed, version })).body.cuts[0]!.tolerance).toBe(0.25);
    expect((await lead('PUT', `/api/cut-sets/${id}`, { body: own, version })).status).toBe(412);
    const impossible = { ...own, cuts: [{ ...own.cuts[0]!, tolerance: 60 }] };
    expect((await lead('PUT', `/api/cut-sets/${id}`, { body: impossible, version: version + 1 })).problem.errors![0]!.field).toBe(
      'cuts.0.tolerance',
    );
    for (const paper of ['A4', 'LETTER']) {
      const mat = await lead('GET', `/api/cut-sets/${id}/mat.pdf?paper=${paper}`);
      expect(pagesOf(mat.bytes)).toBeGreaterThanOrEqual(1);
      const [width] = paper === 'A4' ? [595.28] : [612];
      expect(mat.bytes.toString('latin1')).toContain(`/MediaBox [0 0 ${width}`);
    }
  });
  it('are not taken away while they are in force or taught', async () => {
    const { choices } = (await lead<Practices>('GET', '/api/practices')).body;
    expect((await lead('DELETE', `/api/cut-sets/${choices['named-cuts']}`)).status).toBe(409);
    const made = (await lead<StoredCutSet>('POST', '/api/cut-sets', { body: { ...SHIPPED_CUT_SETS[0]!, name: 'Our own' } })).body;
    const lesson = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.at(-1)!;
    const detail = (await lead<LessonDetail>('GET', `/api/lessons/${lesson.id}`)).body;
    const fields = {
      ...Object.fromEntries(
        [
          'title',
          'date',
          'start',
          'end',
          'kitchenId',
          'teams',
          'classId',
          'teamSize',
          'portionsATeam',
          'demonstrationPortions',
          'referencePlates',
          'tastingPortions',
          'spareMakings',
          'studentCount',
          'substitutions',
        ].map((key) => [key, detail[key as keyof LessonDetail]]),
      ),
      dishEditionIds: detail.dishes.map(({ editionId }) => editionId),
      techniques: detail.techniques.map(({ id, purpose }) => ({ id, purpose })),
      rubricEditionId: detail.rubric?.editionId ?? null,
    };
    const save = (practices: object, version: number) =>
      lead('PUT', `/api/lessons/${lesson.id}`, { body: { ...fields, practices }, version });
    expect((await save({ 'named-cuts': made.id }, detail.version)).status).toBe(200);
    expect((await lead('DELETE', `/api/cut-sets/${made.id}`)).problem.detail).toContain(lesson.title);
    expect((await save({ 'named-cuts': '00000000-0000-4000-8000-000000000000' }, detail.version + 1)).status).toBe(422);
    expect((await save({ turning: 'never' }, detail.version + 1)).problem.errors![0]!.field).toBe('practices.turning');
    expect((await save({}, detail.version + 1)).status).toBe(200);
    expect((await lead('DELETE', `/api/cut-sets/${made.id}`)).status).toBe(204);
  });
});

describe('kitchens', () => {
  const kitchens = async () => (await lead<StoredKitchen[]>('GET', '/api/kitchens')).body;
  const own = { ...EMPTY_KITCHEN, name: 'The old bakery' };
  it('are added, changed, and taken away, by the lead alone', async () => {
    expect((await kitchens()).map(({ name }) => name)).toEqual(['Kitchen 1', 'Kitchen 2']);
    const { id, version } = (await lead<StoredKitchen>('POST', '/api/kitchens', { body: own })).body;
    expect((await (await school.as('assistant'))('PUT', `/api/kitchens/${id}`, { body: own, version })).status).toBe(403);
    const changed = await lead<StoredKitchen>('PUT', `/api/kitchens/${id}`, { body: { ...own, stations: 5 }, version });
    expect([changed.status, changed.body.stations, changed.body.version]).toEqual([200, 5, version + 1]);
    expect((await lead('PUT', `/api/kitchens/${id}`, { body: own, version })).status).toBe(412);
    expect((await lead('DELETE', `/api/kitchens/${id}`)).status).toBe(204);
    expect((await lead('DELETE', `/api/kitchens/${id}`)).status).toBe(404);
  });
  it('say which field cannot be, and never two have one name, also when both come at once', async () => {
    const hot = { ...own, ovens: [{ name: 'Oven', shelves: 2, from: 250, to: 100, changeMinutes: 5 }] };
    expect((await lead('POST', '/api/kitchens', { body: hot })).problem.errors!.map(({ field }) => field)).toEqual(['ovens.0.to']);
    expect((await lead('POST', '/api/kitchens', { body: { ...own, name: 'Kitchen 1' } })).status).toBe(409);
    const both = await Promise.all([1, 2, 3].map(() => lead('POST', '/api/kitchens', { body: own })));
    expect(both.map(({ status }) => status).sort()).toEqual([201, 409, 409]);
    const [made] = (await kitchens()).filter(({ name }) => name === own.name);
    const saved = await Promise.all(
      [3, 4].map((stations) => lead('PUT', `/api/kitchens/${made!.id}`, { body: { ...own, stations }, version: made!.version })),
    );
    expect(saved.map(({ status }) => status).sort()).toEqual([200, 412]);
  });
  it('take their lessons along when they are renamed, and leave them their name when they go', async () => {
    const inKitchen = async (name: string) =>
      (await lead<LessonSummary[]>('GET', '/api/lessons')).body.filter(({ kitchen }) => kitchen === name).length;
    const there = await inKitchen('Kitchen 2');
    expect(there).toBeGreaterThan(0);
    const { id, version, ...content } = (await kitchens()).find(({ name }) => name === 'Kitchen 2')!;
    const renamed = await lead<StoredKitchen>('PUT', `/api/kitchens/${id}`, { body: { ...content, name: 'The long room' }, version });
    expect([renamed.status, await inKitchen('Kitchen 2'), await inKitchen('The long room')]).toEqual([200, 0, there]);
    const [one] = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.filter(({ kitchen }) => kitchen === 'The long room');
    const before = (await lead<LessonDetail>('GET', `/api/lessons/${one!.id}`)).body;
    expect((await lead('DELETE', `/api/kitchens/${id}`)).status).toBe(204);
    const after = (await lead<LessonDetail>('GET', `/api/lessons/${one!.id}`)).body;
    expect([after.kitchenId, after.kitchen, after.version - before.version]).toEqual([null, 'The long room', 1]);
    expect(await inKitchen('The long room')).toBe(there);
  });
});
