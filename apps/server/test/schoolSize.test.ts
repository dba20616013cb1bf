import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { IngredientRecord, LessonDetail, LessonSummary, Person } from '@pelvo/contract';
import { openSchool, type Call, type School } from './school';

describe('a full school', () => {
  let school: School;
  let lead: Call;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    lead = await school.as('lead');
  });
  afterAll(() => school.close());

  const lessons = async (range = '') => (await lead<LessonSummary[]>('GET', `/api/lessons${range}`)).body;
  const copies = async (count: number, from: string) => {
    const [{ id }] = (await school.database.query('SELECT id FROM lesson ORDER BY date LIMIT 1')) as [{ id: string }];
    for (let index = 0; index < count; index += 1) {
      const copy = randomUUID();
      await school.database.query(
        `INSERT INTO lesson (id, class_id, title, date, start, end, kitchen, team_size, portions_a_team, demonstration_portions, reference_plates, spare_makings, student_count, rubric_edition_id, substitutions, practices)
         SELECT ?, class_id, CONCAT('Copy ', ?), DATE_ADD(?, INTERVAL ? DAY), start, end, kitchen, team_size, portions_a_team, demonstration_portions, reference_plates, spare_makings, student_count, rubric_edition_id, substitutions, practices FROM lesson WHERE id = ?`,
        [copy, index, from, index, id],
      );
      await school.database.query('INSERT INTO lesson_dish SELECT ?, dish_edition_id, position FROM lesson_dish WHERE lesson_id = ?', [
        copy,
        id,
      ]);
      await school.database.query(
        'INSERT INTO lesson_technique SELECT ?, technique_id, purpose, position FROM lesson_technique WHERE lesson_id = ?',
        [copy, id],
      );
    }
  };

  it('says the same of a lesson in its list as on its page, whatever changes', async () => {
    const same = async () => {
      const listed = await lessons();
      expect(listed.length).toBeGreaterThan(5);
      for (const each of listed) {
        const detail = (await lead<LessonDetail>('GET', `/api/lessons/${each.id}`)).body;
        expect({ id: each.id, readiness: each.readiness, present: each.present, dishes: each.dishes }).toEqual({
          id: detail.id,
          readiness: detail.readiness,
          present: detail.present,
          dishes: detail.dishes.map(({ content }) => content.title),
        });
      }
      return listed;
    };
    const [first] = await same();
    // Kept now, and not computed again.
    const kept = async () =>
      (await school.database.query('SELECT lesson_id, made_from, held, buy FROM lesson_order ORDER BY lesson_id')) as object[];
    const before = await kept();
    await same();
    expect(await kept()).toEqual(before);

    const detail = (await lead<LessonDetail>('GET', `/api/lessons/${first!.id}`)).body;
    await lead('PUT', `/api/students/${detail.students[0]!.id}/absences/${first!.date}`, { body: { absent: true } });
    await same();
    const fact = (await lead<{ items?: IngredientRecord[] } & IngredientRecord[]>('GET', '/api/ingredients')).body;
    const record = (Array.isArray(fact) ? fact : (fact as { items: IngredientRecord[] }).items)[0]!;
    await lead('PUT', `/api/ingredients/${encodeURIComponent(record.name)}`, {
      body: { ...record.shipped!, density: '3/2', source: 'weighed here' },
      version: record.version,
    });
    await same();
    expect(await kept()).not.toEqual(before);
    await school.database.query('UPDATE lesson SET student_count = 3 WHERE id = ?', [first!.id]);
    await same();
    await school.database.query('DELETE FROM lesson_dish WHERE lesson_id = ?', [first!.id]);
    await same();
  });

  it('is computed by several who ask at the same moment, to the same', async () => {
    await school.database.query('DELETE FROM lesson_order');
    const answers = await Promise.all(Array.from({ length: 12 }, () => lead<LessonSummary[]>('GET', '/api/lessons')));
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
    expect(new Set(answers.map(({ body }) => JSON.stringify(body))).size).toBe(1);
  });

  it('has its newest lessons in the list, beyond the two hundredth, in their order', async () => {
    await copies(320, '2028-01-01');
    const listed = await lessons();
    expect(listed.length).toBeGreaterThan(325);
    expect(listed.at(-1)!.title).toBe('Copy 319');
    expect(listed.map(({ date }) => date)).toEqual(listed.map(({ date }) => date).toSorted());
    expect((await lessons('?from=2028-01-10&to=2028-01-19')).map(({ title }) => title)).toEqual(
      Array.from({ length: 10 }, (_, index) => `Copy ${index + 9}`),
    );
  });

  it('lists every person, beyond the five hundredth', async () => {
    const rows = Array.from({ length: 620 }, (_, index) => [randomUUID(), `Zo Person ${String(index).padStart(4, '0')}`, 'assistant']);
    for (const row of rows) await school.database.query('INSERT INTO person (id, name, role, created_at) VALUES (?, ?, ?, NOW())', row);
    const people = (await lead<Person[]>('GET', '/api/people')).body;
    expect(people.filter(({ name }) => name.startsWith('Zo Person'))).toHaveLength(620);
  });
});

describe('a server with two connections to its database', () => {
  it('answers everything that is asked at once: nobody who holds it waits for another', async () => {
    const school = await openSchool({ demo: true, poolSize: 2 });
    try {
      const lead = await school.as('lead');
      const listed = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
      const paths = listed
        .slice(0, 5)
        .flatMap(({ id }) => ['', '/order', '/marking-sheet', '/results'].map((part) => `/api/lessons/${id}${part}`))
        .concat(['/api/lessons', '/api/classes', '/api/dishes', '/api/techniques', '/api/practices', '/api/rules', '/api/people']);
      const answers = await Promise.all(paths.map(async (path) => [path, (await lead('GET', path)).status]));
      expect(answers.filter(([, status]) => status !== 200)).toEqual([]);
    } finally {
      await school.close();
    }
  });
});
