import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { EMPTY_COMPONENT, EMPTY_DISH, EMPTY_LINE, type DishContent } from '@pelvo/core';
import type { ClassDetail, Dish, DishSummary, Page } from '@pelvo/contract';
import { nestsTooDeeply } from '../src/platform/body';
import { forLog } from '../src/platform/database/failures';
import { routesOf } from './routes';
import { openSchool, type Call, type School } from './school';

/** How many requests of each kind are made up; `npm run fuzz` makes more. */
const RUNS = Number(process.env.FUZZ_RUNS ?? 1);

/** What stands where an id should: other scripts, signs of other languages, halves, nothing, far too much. */
const NO_IDS = [
  'é',
  '日本',
  '😀',
  '%00',
  '%ED%A0%BD',
  '%zz',
  '..%2f..%2fetc',
  "x'%20OR%201=1",
  '%0A',
  '%20',
  '-1',
  'null',
  'a'.repeat(3000),
  '%E2%80%AE',
];
const NO_TEXTS = [
  '\ud83d',
  'a\ud83d',
  '\udc00b',
  '\u0000',
  '\u0001\u001f',
  '\u202eabc',
  '😀'.repeat(20),
  '\r\n=1+1',
  'ﷺ',
  '\ufeff',
  "'; DROP TABLE dish; --",
  '${1}',
  '<script>x</script>',
];

describe('whatever is sent', () => {
  let school: School;
  let lead: Call;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    lead = await school.as('lead');
  });
  afterAll(() => school.close());

  it('has an answer where an id is no id', async () => {
    const broken: string[] = [];
    let asked = 0;
    for (const { method, path } of routesOf(school).filter((route) => route.path.includes(':') && !route.path.endsWith('/live')))
      for (const id of NO_IDS) {
        const { status } = await lead(method, path.replace(/:\w+/g, id), { version: 1, ...(method === 'GET' ? {} : { body: {} }) });
        asked += 1;
        if (status >= 500 || status < 400) broken.push(`${method} ${path} ${id}: ${status}`);
      }
    expect(broken.filter((line) => !/: 20\d$/.test(line))).toEqual([]);
    expect(asked).toBeGreaterThan(400);
  });

  it('has an answer where a body is anything at all', async () => {
    const bodies = fc.sample(fc.oneof(fc.anything({ maxDepth: 3 }), fc.jsonValue(), fc.string({ unit: 'binary' })), {
      numRuns: 4 * RUNS,
      seed: 7,
    });
    const zero = '00000000-0000-4000-8000-000000000000';
    const broken: string[] = [];
    for (const { method, path } of routesOf(school).filter((route) => route.method !== 'GET' && route.path !== '/api/session'))
      for (const body of [...bodies, [], {}, null, 7, 'text']) {
        const { status } = await lead(method, path.replace(/:\w+/g, zero), {
          raw: JSON.stringify(body) ?? '',
          type: 'application/json',
          version: 1,
        });
        if (status >= 500) broken.push(`${method} ${path} ${JSON.stringify(body)}: ${status}`);
      }
    expect(broken).toEqual([]);
  });

  it('is stored whole or refused, whatever letters it is made of', async () => {
    const broken: string[] = [];
    const tell = (what: string, { status }: { status: number }) => status >= 500 && broken.push(`${what}: ${status}`);
    for (const [index, text] of [
      ...NO_TEXTS,
      ...fc.sample(fc.string({ unit: 'binary', maxLength: 30 }), { numRuns: 10 * RUNS, seed: 3 }),
    ].entries()) {
      const said = JSON.stringify(text);
      const made = await lead<ClassDetail>('POST', '/api/classes', { body: { name: `N${index} ${text}`, term: text } });
      tell(`class ${said}`, made);
      if (made.status < 300) {
        const needs = { allergens: [], diets: [], note: text };
        tell(
          `student ${said}`,
          await lead('POST', `/api/classes/${made.body.id}/students`, { body: { name: `S ${text}`, number: text.slice(0, 30), needs } }),
        );
      }
      const line = {
        ...EMPTY_LINE,
        id: 'l1',
        written: text,
        item: text,
        amount: null,
        one: null,
        size: '',
        preparation: text,
        note: text,
        scaling: { kind: 'proportional' as const },
        certainty: 'held' as const,
        doubts: [],
      };
      const content: DishContent = {
        ...EMPTY_DISH,
        title: `T ${text}`,
        components: [{ ...EMPTY_COMPONENT, id: 'c1', name: text, lines: [line] }],
      };
      const dish = await lead<Dish>('POST', '/api/dishes', { body: content });
      tell(`dish ${said}`, dish);
      tell(`search ${said}`, await lead('GET', `/api/dishes?search=${encodeURIComponent(text.toWellFormed())}`));
      tell(`reading ${said}`, await lead('POST', '/api/dishes/reading', { body: { text: `${text}\n200 g ${text}` } }));
      tell(`sign-in ${said}`, await school.visitor()('POST', '/api/session', { body: { signIn: text.slice(0, 80), password: text } }));
    }
    expect(broken).toEqual([]);
  });

  it('prints a handout of a dish with an empty component', async () => {
    const line = {
      ...EMPTY_LINE,
      id: 'l1',
      written: '1 leek',
      item: 'leek',
      amount: { min: '1', max: '1', unit: 'each' as const, about: false },
      one: null,
      size: '',
      preparation: '',
      note: '',
      scaling: { kind: 'proportional' as const },
      certainty: 'sure' as const,
      doubts: [],
    };
    const content: DishContent = {
      ...EMPTY_DISH,
      title: 'Leek',
      components: [
        { ...EMPTY_COMPONENT, id: 'c1', lines: [line] },
        { ...EMPTY_COMPONENT, id: 'c2', name: 'Crumb' },
      ],
    };
    const dish = (await lead<Dish>('POST', '/api/dishes', { body: content })).body;
    const published = await lead<{ id: string }>('POST', `/api/dishes/${dish.id}/editions`, { version: dish.version });
    expect(published.status).toBe(201);
    const editions = (await lead<Dish>('GET', `/api/dishes/${dish.id}`)).body.editions;
    const paper = await lead('GET', `/api/dish-editions/${editions[0]!.id}/handout.pdf?portions=4&paper=A4`);
    expect([paper.status, paper.bytes.subarray(0, 4).toString()]).toEqual([200, '%PDF']);
  });

  it('is not parsed where it nests too deeply, wherever that is', async () => {
    for (const raw of [
      '['.repeat(200_000),
      `{"name":${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}}`,
      `{"text":"x","a":${'['.repeat(100)}${']'.repeat(100)}}`,
    ]) {
      const { status } = await lead('POST', '/api/classes', { raw, type: 'application/json' });
      expect([400, 422]).toContain(status);
    }
    expect(nestsTooDeeply(Buffer.from(JSON.stringify({ a: '[[[['.repeat(100), b: '\\"[' })))).toBe(false);
  });

  it('takes an emoji cut in two as something that can be stored', async () => {
    const made = await lead<ClassDetail>('POST', '/api/classes', { raw: '{"name":"Half \\ud83d","term":""}', type: 'application/json' });
    expect([made.status, made.body.name]).toEqual([201, 'Half \ufffd']);
    const found = (await lead<Page<DishSummary>>('GET', '/api/dishes?search=%EF%BF%BD')).status;
    expect(found).toBe(200);
  });

  it('never reaches the log with anyone’s name', () => {
    const error = Object.assign(new Error("Duplicate entry 'Ida Voss' for key 'name'"), {
      code: 'ER_DUP_ENTRY',
      query: 'INSERT INTO student (name) VALUES (?)',
      parameters: ['Ida Voss'],
      sql: "INSERT INTO student (name) VALUES ('Ida Voss')",
    });
    const said = JSON.stringify(forLog(error));
    expect(said).not.toContain('Voss');
    expect(said).toContain('ER_DUP_ENTRY');
    expect(said).toContain('INSERT INTO student (name) VALUES (?)');
  });
});
