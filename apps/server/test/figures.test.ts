import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { DishSummary, LessonSummary, Page, RulesProfile, School as SchoolAnswer } from '@pelvo/contract';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
beforeAll(async () => {
  school = await openSchool({ demo: true });
  lead = await school.as('lead');
});
afterAll(() => school.close());

describe('how food is cooled', () => {
  it('is taken over from one code as a whole, by one of two leads at the same moment', async () => {
    const { body } = await lead<RulesProfile>('PUT', '/api/rules/cooling-set', { body: { set: 'codex' } });
    // The first stage of two hours is the default: nothing of the school's own is left of it.
    expect(body.rules).not.toHaveProperty('cooling-first');
    expect(body.rules).toMatchObject({
      'cooling-start': 60,
      'cooling-middle': 10,
      'cooling-end': 10,
      'cooling-total': 120,
    });
    const before = body.changes.length;
    const answers = await Promise.all([
      lead<RulesProfile>('PUT', '/api/rules/cooling-set', { body: { set: 'cook-chill' } }),
      lead<RulesProfile>('PUT', '/api/rules/cooling-set', { body: { set: 'cook-chill' } }),
    ]);
    // Whoever comes second finds it done: nothing of it is taken twice.
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    const { body: now } = await lead<RulesProfile>('GET', '/api/rules');
    expect(now.rules).toMatchObject({
      'cooling-start': 70,
      'cooling-middle': 3,
      'cooling-first': 90,
      'cooling-end': 3,
      'cooling-total': 90,
    });
    expect(now.changes.length - before).toBe(5);
  });

  it('has pairs that two change at the same moment end at what some code allows', async () => {
    // Each of the two alone is right beside what is in force, −20 °C for 7 days; both together are −20 °C for 15 h, of no code.
    const put = (key: string, value: number, version: number) =>
      lead<RulesProfile>('PUT', `/api/rules/${key}`, { body: { value, reason: 'At the same moment' }, version });
    const version = async (key: 'raw-fish-freezing' | 'raw-fish-hours') =>
      (await lead<RulesProfile>('GET', '/api/rules')).body.versions[key];
    expect((await put('raw-fish-freezing', -35, await version('raw-fish-freezing'))).status).toBe(200);
    const [freezing, hours] = [await version('raw-fish-freezing'), await version('raw-fish-hours')];
    const answers = await Promise.all([put('raw-fish-freezing', -20, freezing), put('raw-fish-hours', 15, hours)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 422]);
  });

  it('is not taken from a set that is none, nor by anybody but the lead', async () => {
    expect((await lead('PUT', '/api/rules/cooling-set', { body: { set: 'warm' } })).problem.errors![0]!.field).toBe('set');
    const assistant = await school.as('assistant');
    expect((await assistant('PUT', '/api/rules/cooling-set', { body: { set: 'codex' } })).status).toBe(403);
  });
});

describe('the allergens that are named', () => {
  it('are those of the school’s country, on orders too', async () => {
    const [lesson] = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.filter(({ title }) => title.startsWith('Gratin'));
    const csv = async () => (await lead('GET', `/api/lessons/${lesson!.id}/order.csv`)).bytes.toString();
    expect(await csv()).toMatch(/sherry vinegar.*sulphites/);
    expect(await csv()).toMatch(/crispy fried shallots.*not known: crispy, fried/);
    const { body: stored } = await lead<SchoolAnswer>('GET', '/api/school');
    await lead('PUT', '/api/school', { body: { ...stored.settings, allergenList: 'us' }, version: stored.version });
    expect(await csv()).not.toMatch(/sulphites/);
    const { body: changed } = await lead<SchoolAnswer>('GET', '/api/school');
    await lead('PUT', '/api/school', { body: stored.settings, version: changed.version });
  });

  it('are claimed absent only from dishes of which everything is known', async () => {
    const titles = async (query: string) =>
      (await lead<Page<DishSummary>>('GET', `/api/dishes?${query}`)).body.items.map(({ title }) => title);
    // Nothing in it is known to hold fish, but its crispy shallots are not known.
    expect(await titles('search=aubergine')).toEqual(['Aubergine tian with basil oil']);
    expect(await titles('search=aubergine&freeOf=fish')).toEqual([]);
    expect(await titles('search=citrus&freeOf=fish')).toEqual(['Citrus and fennel salad with toasted seeds']);
    // The seeds of that salad may be packed beside nuts.
    expect(await titles('search=citrus&freeOf=nuts')).toEqual([]);
  });
});
