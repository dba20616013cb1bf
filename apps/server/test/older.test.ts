import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { createConnection } from 'mysql2/promise';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DataSource } from 'typeorm';
import { DISH, shownOf, versionOfFormat, words, type Marks } from '@pelvo/core';
import type { ClassResults, DishSummary, LessonDetail, LessonSummary, MyResult, Page, Practices, RulesProfile } from '@pelvo/contract';
import { resultsOfClass } from '@pelvo/contract';
import { createApp } from '../src/app';
import { dataSourceOptions } from '../src/database';
import { freshDatabase, openSchool, type Call, type School } from './school';

const older = (name: string) => readFileSync(new URL(`older/${name}`, import.meta.url));

interface Figures {
  readonly lessons: readonly {
    readonly title: string;
    readonly present: number;
    readonly readiness: readonly (readonly [string, string, string])[];
    readonly order: readonly (readonly string[])[];
    readonly results: readonly (readonly [string, string, string | null, boolean, Marks])[];
    readonly unmarked: unknown;
    readonly levels: unknown;
  }[];
  readonly mine: readonly MyResult[];
  readonly dishes: readonly { readonly title: string; readonly lines: number; readonly held: number; readonly edition: number | null }[];
  readonly rules: unknown;
  readonly practices: Readonly<Record<string, string>>;
}

const FIGURES = JSON.parse(older('figures-2026-11.json').toString()) as Figures;

/**
 * Lines of its orders that are otherwise since, each by decision: water comes from the tap; what the trays' rounding takes more is bought;
 * butter is butter, cold or not; yolks are bought as eggs; two halves of a vanilla pod in one making are one pod; sizes are told apart; whole
 * peppercorns and cayenne weigh as they do, no longer as ground pepper.
 */
const SINCE: Readonly<Record<string, readonly (readonly string[])[]>> = {
  'Sweating, stock and a slow barley': [
    ['black peppercorns', '6', 'g', '6 g', ''],
    ['cold water', '5940', 'ml', '5.94 l, from the tap, not bought', ''],
  ],
  'Gratin hours': [['olive oil', '470', 'ml', '470 ml', '']],
  'Blanching and emulsions': [
    ['hazelnut oil', '390', 'ml', '390 ml', 'nuts'],
    ['shallot, small', '15', 'each', '15', ''],
  ],
  'Poaching and a mounted sauce': [
    ['black peppercorns', '4.4', 'g', '4.4 g', ''],
    ['cold water', '3840', 'ml', '3.84 l, from the tap, not bought', ''],
  ],
  'Dough and ribbons': [
    ['black peppercorns', '1.2', 'g', '1.2 g', ''],
    ['water', '1620', 'ml', '1.62 l, from the tap, not bought', ''],
  ],
  'Duck, and patience': [
    ['black peppercorns', '3.2', 'g', '3.2 g', ''],
    ['cold water', '2640', 'ml', '2.64 l, from the tap, not bought', ''],
  ],
  'Two plates against the clock': [
    ['butter', '360', 'g', '360 g', 'milk'],
    ['caster sugar', '1360', 'g', '1.36 kg', ''],
    ['demerara sugar', '226', 'g', '226 g', ''],
    ['egg', '18', 'each', '18', 'egg'],
    ['vanilla pod', '16', 'each', '16', ''],
    ['water', '3390', 'ml', '3.39 l, from the tap, not bought', ''],
  ],
  'Frying by the load': [
    ['cayenne', '1.3', 'g', '1.3 g', ''],
    ['water', '2500', 'ml', '2.5 l, from the tap, not bought', ''],
  ],
};
const GONE: Readonly<Record<string, readonly string[]>> = {
  'Blanching and emulsions': ['shallot'],
  'Dough and ribbons': ['cold water'],
  'Two plates against the clock': ['cold butter', 'egg yolks'],
};

/** A school as the code of November 2026 left it: documents without a version, marks in a table of their own. */
async function olderSchool(): Promise<string> {
  const url = await freshDatabase();
  const connection = await createConnection({ uri: url, multipleStatements: true });
  await connection.query(gunzipSync(older('school-2026-11.sql.gz')).toString());
  await connection.end();
  return url;
}

/**
 * The dump and the figures were both made by that code, from its demo school, after a mark had been taken back and a local
 * rule changed. What it showed is what is shown now.
 */
describe('a school from before documents had versions', () => {
  let school: School;
  let lead: Call;
  beforeAll(async () => {
    school = await openSchool({ database: await olderSchool() });
    lead = await school.as('lead');
  });
  afterAll(() => school.close());

  const lessons = async () => (await lead<LessonSummary[]>('GET', '/api/lessons')).body;

  it('shows the same of every lesson: who comes, what is missing, what to buy', async () => {
    const now = await lessons();
    expect(now.map(({ title, present }) => [title, present])).toEqual(FIGURES.lessons.map(({ title, present }) => [title, present]));
    for (const [index, lesson] of now.entries()) {
      const before = FIGURES.lessons[index]!;
      const readiness = lesson.readiness.map(({ phase, state, said }) => [phase, state, words(said)]);
      const csv = (await lead('GET', `/api/lessons/${lesson.id}/order.csv`)).bytes.toString().replace(/^\uFEFF/, '');
      const rows = Papa.parse<Record<string, string>>(csv, { header: true }).data;
      const gone = new Set(GONE[lesson.title] ?? []);
      const expected = new Map([
        ...before.order.filter(([item]) => !gone.has(item!)).map((row) => [row[0]!, row] as const),
        ...(SINCE[lesson.title] ?? []).map((row) => [row[0]!, row] as const),
      ]);
      const bought = rows.map((row) => [row.item, row.quantity, row.unit, row['as ordered'], row.allergens]);
      expect(new Map(bought.map((row) => [row[0]!, row]))).toEqual(expected);
      const lines = bought.filter((row) => !row[3]!.endsWith('not bought')).length;
      expect(readiness).toEqual(
        before.readiness.map(([phase, state, said]) => [phase, state, phase === 'order' && /lines$/.test(said) ? `${lines} lines` : said]),
      );
    }
  });

  it('shows the same marks and results, to those who teach and to the student', async () => {
    for (const [index, { id }] of (await lessons()).entries()) {
      const before = FIGURES.lessons[index]!;
      const { body } = await lead<ClassResults>('GET', `/api/lessons/${id}/results`);
      const { results, levels } = resultsOfClass(body);
      const { unmarked } = body;
      expect(
        results.map(({ student, dish, result, marks }) => [student, dish, result.mark && shownOf(result.mark), result.complete, marks]),
      ).toEqual(before.results);
      expect([unmarked, levels]).toEqual([before.unmarked, before.levels]);
      expect(results.some(({ changedSince }) => changedSince)).toBe(false);
    }
    const student = await school.as('student');
    expect((await student<MyResult[]>('GET', '/api/my-results')).body).toEqual(FIGURES.mine);
  });

  it('shows the same dishes, local rules and practices; what were matters are settings now', async () => {
    const { items } = (await lead<Page<DishSummary>>('GET', '/api/dishes')).body;
    const shown = items.map(({ title, lines, held, edition, techniques }) => ({
      title,
      lines,
      held,
      edition,
      techniques: techniques.length,
    }));
    expect(shown.sort((a, b) => (a.title < b.title ? -1 : 1))).toEqual(FIGURES.dishes);
    expect(items.every(({ changed }) => !changed)).toBe(true);
    expect((await lead<RulesProfile>('GET', '/api/rules')).body.rules).toEqual(FIGURES.rules);
    const { marking, 'weighing-out': weighingOut, composition, ...practices } = FIGURES.practices as Record<string, string>;
    // How a plate is composed was one matter, and is three.
    expect(composition).toBe('asymmetric');
    const three = { 'plate-count': 'odd', 'plate-place': 'off-centre', 'plate-regularity': 'free' };
    expect((await lead<Practices>('GET', '/api/practices')).body.choices).toEqual({ ...practices, ...three });
    expect((await lead<{ settings: object }>('GET', '/api/school')).body.settings).toMatchObject({ marking, weighingOut });
  });

  it('is saved in today’s form, without a change to what it says', async () => {
    const { id } = (await lessons()).find(({ title }) => title.startsWith('Poaching'))!;
    const lesson = (await lead<LessonDetail>('GET', `/api/lessons/${id}`)).body;
    const dishId = lesson.dishes[0]!.dishId;
    const stored = (await lead<{ version: number; content: object; changed: boolean }>('GET', `/api/dishes/${dishId}`)).body;
    const saved = await lead<{ changed: boolean }>('PUT', `/api/dishes/${dishId}`, { body: stored.content, version: stored.version });
    expect([saved.status, saved.body.changed]).toEqual([200, false]);
    const [row] = (await school.database.query('SELECT content FROM dish WHERE id = ?', [dishId])) as { content: string | object }[];
    expect(JSON.parse(typeof row!.content === 'string' ? row!.content : JSON.stringify(row!.content))).toMatchObject({
      document: 'dish',
      version: versionOfFormat(DISH),
    });
  });

  it('goes back down and up again, with its marks', async () => {
    const url = await olderSchool();
    const app = await createApp({ databaseUrl: url, logLevel: 'silent' });
    await app.close();
    const database = await new DataSource(dataSourceOptions(url)).initialize();
    const count = async (table: string) => Number(((await database.query(`SELECT COUNT(*) AS n FROM ${table}`)) as { n: string }[])[0]!.n);
    const before = [await count('lesson_event'), await count('mark')];
    // Back to what was before the stream of a lesson.
    while (!(await database.query("SHOW TABLES LIKE 'mark_event'")).length) await database.undoLastMigration();
    expect(await count('mark_event')).toBe(before[0]);
    await database.runMigrations();
    expect([await count('lesson_event'), await count('mark')]).toEqual(before);
    await database.destroy();
  });
});
