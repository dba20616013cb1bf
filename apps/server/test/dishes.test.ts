import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { linesOf, type DishContent } from '@pelvo/core';
import type { Dish, DishEdition, DishSummary, Page } from '@pelvo/contract';
import { openSchool, type Call, type School } from './school';

const RECIPE =
  'Glazed turnips (serves 4)\n600 g turnips\n30 g butter\n1/3 cup vegetable stock\nsalt, to taste\nMethod\n1. Sweat the turnips for 10 minutes.';

describe('dishes', () => {
  let school: School;
  let lead: Call;
  let content: DishContent;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    lead = await school.as('lead');
    content = (await lead<DishContent>('POST', '/api/recipe-readings', { body: { text: RECIPE } })).body;
  });
  afterAll(() => school.close());
  const create = async (change: Partial<DishContent> = {}) =>
    (await lead<Dish>('POST', '/api/dishes', { body: { ...content, ...change } })).body;

  it('are read from text, with techniques suggested for the steps', () => {
    expect([content.title, content.portions, linesOf(content).length]).toEqual(['Glazed turnips', 4, 4]);
    expect(content.method[0]!.techniqueIds).toHaveLength(1);
  });

  it('keep the exact amount on the way to the database and back', async () => {
    const dish = await create({ title: 'Exact' });
    const stored = (await lead<Dish>('GET', `/api/dishes/${dish.id}`)).body;
    expect(stored.content).toEqual({ ...content, title: 'Exact' });
    expect(linesOf(stored.content)[2]!.amount!.max).toBe('1/3');
  });

  it('tell the second of two who save at once what is stored, and lose nothing', async () => {
    const dish = await create({ title: 'Shared' });
    const first = await lead<Dish>('PUT', `/api/dishes/${dish.id}`, {
      body: { ...content, title: 'Shared, first' },
      version: dish.version,
    });
    expect([first.status, first.body.version]).toEqual([200, dish.version + 1]);
    const second = await lead('PUT', `/api/dishes/${dish.id}`, { body: { ...content, title: 'Shared, second' }, version: dish.version });
    expect([second.status, second.problem.type]).toEqual([412, 'urn:pelvo:problem:changed-meanwhile']);
    expect((second.problem.current as Dish).content.title).toBe('Shared, first');
    expect((await lead<Dish>('GET', `/api/dishes/${dish.id}`)).body.content.title).toBe('Shared, first');
    expect((await lead('PUT', `/api/dishes/${dish.id}`, { body: content })).status).toBe(428);
  });

  it('are published as editions that stay as they were', async () => {
    const dish = await create({ title: 'Published' });
    const one = (await lead<DishEdition>('POST', `/api/dishes/${dish.id}/editions`, { version: dish.version })).body;
    const same = (await lead<DishEdition>('POST', `/api/dishes/${dish.id}/editions`, { version: dish.version })).body;
    expect([one.number, same.id]).toEqual([1, one.id]);
    const edited = (
      await lead<Dish>('PUT', `/api/dishes/${dish.id}`, { body: { ...content, title: 'Published, changed' }, version: dish.version })
    ).body;
    expect(edited.changed).toBe(true);
    const two = (await lead<DishEdition>('POST', `/api/dishes/${dish.id}/editions`, { version: edited.version })).body;
    expect(two.number).toBe(2);
    expect((await lead<DishEdition>('GET', `/api/dish-editions/${one.id}`)).body.content.title).toBe('Published');
  });

  it('can be put away and brought back, and are found by name', async () => {
    const dish = await create({ title: 'Put me away 100%' });
    await lead('PUT', `/api/dishes/${dish.id}/archived`, { body: { archived: true } });
    const found = async (path: string) =>
      (await lead<Page<DishSummary>>('GET', `${path}?search=${encodeURIComponent('100%')}`)).body.items.length;
    expect([await found('/api/dishes'), await found('/api/archived-dishes')]).toEqual([0, 1]);
    await lead('PUT', `/api/dishes/${dish.id}/archived`, { body: { archived: false } });
    expect(await found('/api/dishes')).toBe(1);
  });

  it.each([
    ['a negative amount', { min: '-3', max: '-3', unit: 'g', about: false }, /amount\.min$/, /negative/],
    ['an amount that is no number', { min: 'NaN', max: '3', unit: 'g', about: false }, /amount\.min$/, /not an amount/],
    ['a fraction over nothing', { min: '1/0', max: '3', unit: 'g', about: false }, /amount\.min$/, /not an amount/],
    ['a unit nobody knows', { min: '3', max: '3', unit: 'glug', about: false }, /amount\.unit$/, /not known/],
  ])('refuse %s, naming field and remedy', async (_, amount, field, problem) => {
    const [line] = linesOf(content);
    const bad = { ...content, components: [{ ...content.components[0]!, lines: [{ ...line, amount }] }] };
    const answer = await lead('POST', '/api/dishes', { body: bad });
    expect(answer.status).toBe(422);
    const found = answer.problem.errors!.find((error) => field.test(error.field))!;
    expect(found.problem).toMatch(problem);
    expect(found.remedy).not.toBe('');
  });

  it('refuse what is not there, what is twice, and unknown fields', async () => {
    const step = { ...content.method[0]!, techniqueIds: [randomUUID()] };
    expect((await lead('POST', '/api/dishes', { body: { ...content, method: [step] } })).problem.errors![0]!.field).toBe('method');
    const line = { ...linesOf(content)[0]!, preparationEditionId: randomUUID() };
    expect(
      (await lead('POST', '/api/dishes', { body: { ...content, components: [{ ...content.components[0]!, lines: [line] }] } })).problem
        .errors![0]!.field,
    ).toBe('components');
    expect(
      (await lead('POST', '/api/dishes', { body: { ...content, components: [content.components[0], content.components[0]] } })).status,
    ).toBe(422);
    expect((await lead('POST', '/api/dishes', { body: { ...content, price: 3 } })).problem.errors![0]).toMatchObject({
      field: 'price',
      problem: 'This field is not known.',
    });
    expect((await lead('POST', '/api/dishes', { raw: '{"title":', type: 'application/json' })).status).toBe(400);
  });

  it('refuse a 5 MB paste with the limit and the remedy', async () => {
    const answer = await lead('POST', '/api/recipe-readings', { body: { text: 'x'.repeat(5_000_000) } });
    expect([answer.status, answer.problem.type]).toEqual([413, 'urn:pelvo:problem:too-large']);
    expect(answer.problem.errors![0]!.remedy).toMatch(/one dish/);
    const long = await lead('POST', '/api/recipe-readings', { body: { text: 'x'.repeat(150_000) } });
    expect([long.status, long.problem.errors![0]!.field]).toEqual([422, 'text']);
  });

  it('are not published without a title or lines', async () => {
    const dish = await create({ title: 'Empty', components: [] });
    const answer = await lead('POST', `/api/dishes/${dish.id}/editions`, { version: dish.version });
    expect([answer.status, answer.problem.errors![0]!.field]).toEqual([422, 'components']);
  });
});
