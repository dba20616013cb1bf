import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkPlan, classProblem, emptyTimePlan, withChange, type TimePlan } from '@pelvo/core';
import {
  classToPlan,
  orderInputOf,
  type LessonDetail,
  type LessonFields,
  type LessonSummary,
  type MarkingSheet,
  type StoredKitchen,
  type TimeOfLesson,
} from '@pelvo/contract';
import { addDemoPlans } from '../src/demo/addDemoPlans';
import { pagesOf } from '../src/platform/pdf';
import { ScheduleService } from '../src/schedule';
import { timeDocument } from '../src/schedule/timeDocument';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
let lessons: readonly LessonSummary[];

beforeAll(async () => {
  school = await openSchool({ demo: true });
  lead = await school.as('lead');
  const [{ id }] = (await school.database.query("SELECT id FROM person WHERE role = 'lead'")) as [{ id: string }];
  await addDemoPlans(school.database, id);
  lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
});
afterAll(() => school.close());

const idOf = (title: string) => lessons.find((lesson) => lesson.title.startsWith(title))!.id;
const lessonOf = async (title: string, as: Call = lead) => (await as<LessonDetail>('GET', `/api/lessons/${idOf(title)}`)).body;
const timeOf = async (title: string) => (await lead<TimeOfLesson>('GET', `/api/lessons/${idOf(title)}/time`)).body;
const putTime = (title: string, body: unknown, version: number, as: Call = lead) =>
  as<TimeOfLesson>('PUT', `/api/lessons/${idOf(title)}/time`, { body, version });
const kitchenOf = async ({ kitchenId }: LessonDetail) =>
  (await lead<StoredKitchen[]>('GET', '/api/kitchens')).body.find(({ id }) => id === kitchenId)!;
const problemOf = async (title: string, plan: TimePlan) => {
  const lesson = await lessonOf(title);
  return classProblem(classToPlan(lesson, await kitchenOf(lesson), plan, (await timeOf(title)).practised));
};
/** The fields of a lesson as they are sent back. */
const fieldsOf = (lesson: LessonDetail): LessonFields => ({
  ...(Object.fromEntries(
    (
      'title date start end kitchenId classId teamSize portionsATeam demonstrationPortions referencePlates tastingPortions spareMakings studentCount ' +
      'teams substitutions practices settings'
    )
      .split(' ')
      .map((key) => [key, lesson[key as keyof LessonDetail]]),
  ) as unknown as LessonFields),
  dishEditionIds: lesson.dishes.map(({ editionId }) => editionId),
  techniques: lesson.techniques.map(({ id, purpose }) => ({ id, purpose })),
  rubricEditionId: lesson.rubric?.editionId ?? null,
});

describe('the plan of time of a lesson', () => {
  it('says on the card of a team where board, knife and hands are changed between raw and ready', async () => {
    const plan = await school.app.get(ScheduleService)['standing'](idOf('Poaching'));
    const cards = JSON.stringify(timeDocument(plan, 'teams'));
    expect(cards).toMatch(/First change [a-z]* ?board, knife, cloth, hands: raw flesh before/);
    expect(JSON.stringify(timeDocument(plan, 'wall'))).toContain('First change');
  });

  it('is there for every lesson ahead of the demo school and holds, but for the one that does not fit as it is', async () => {
    for (const { title, date } of lessons) {
      const { content } = await timeOf(title);
      if (date < new Date().toISOString().slice(0, 10)) expect(content).toBeNull();
      else if (title === 'Frying by the load') expect(content!.placed).toBeNull();
      else expect(checkPlan((await problemOf(title, content!)).instance, content!.placed!).faults, title).toEqual([]);
    }
  });

  it('is missing to a lesson where it does not hold, in the list and on its page, until it does', async () => {
    const missing = async () => {
      const { body } = await lead<LessonSummary[]>('GET', '/api/lessons');
      const listed = body.filter(({ readiness }) => readiness[0]!.missing.some(({ code }) => code === 'time-does-not-fit'));
      const pages = await Promise.all(body.map(({ id }) => lead<LessonDetail>('GET', `/api/lessons/${id}`)));
      const said = pages.filter(({ body: page }) => page.readiness[0]!.missing.some(({ code }) => code === 'time-does-not-fit'));
      expect(said.map(({ body: page }) => page.title)).toEqual(listed.map(({ title }) => title));
      return listed.map(({ title }) => title);
    };
    expect(await missing()).toEqual(['Frying by the load']);
    const { content, version } = await timeOf('Poaching');
    const [step] = Object.keys(content!.placed!.starts).filter((id) => id.split('.').length === 3);
    const early = { ...content!.placed!, starts: { ...content!.placed!.starts, [step!]: 0 } };
    await putTime('Poaching', { ...content!, placed: early }, version);
    expect(await missing()).toEqual(['Poaching and a mounted sauce', 'Frying by the load']);
    await putTime('Poaching', content, version + 1);
    expect(await missing()).toEqual(['Frying by the load']);
  });

  it('knows what of it the class has practised before', async () => {
    const { practised } = await timeOf('Poaching');
    expect(Object.keys(practised).length).toBeGreaterThan(3);
    for (const share of Object.values(practised)) expect(share >= 0 && share <= 1).toBe(true);
    expect((await timeOf('Knife basics')).practised).toEqual({});
  });

  it('is kept as it was decided, by whoever teaches, and never as better than it is', async () => {
    const { content, version } = await timeOf('Dough');
    const [step] = Object.keys(content!.placed!.starts).filter((id) => id.split('.').length === 3);
    const moved = {
      ...content!,
      placed: { ...content!.placed!, starts: { ...content!.placed!.starts, [step!]: 0 }, bound: 0, objective: 0, status: 'optimal' },
    };
    const assistant = await school.as('assistant');
    const saved = await putTime('Dough', moved, version, assistant);
    expect([saved.status, saved.body.savedBy, saved.body.version]).toEqual([200, 'Teo Vasz', version + 1]);
    expect(saved.body.content!.placed).toMatchObject({ status: 'feasible', objective: null, bound: null, starts: { [step!]: 0 } });
    expect((await lead('GET', `/api/lessons/${idOf('Dough')}/time.pdf`)).problem.errors![0]!.problem).toBe(
      'The plan of time does not hold any more.',
    );
    // Also where something is decided, so that the plan is no more what the lesson alone would make of it.
    const decided = { ...moved, segments: { ...moved.segments, slack: 5 }, madeFrom: content!.madeFrom };
    const again = await putTime('Dough', decided, version + 1);
    expect(again.body.content!.placed).toMatchObject({ status: 'feasible', objective: null, bound: null });
    expect((await putTime('Dough', content, version + 2)).body.content!.placed!.status).toBe(content!.placed!.status);
    expect((await putTime('Dough', content, version, await school.as('stores'))).status).toBe(403);
  });

  it('is saved by one of two who save at the same moment, and the other is told what is stored', async () => {
    const { content, version } = await timeOf('Poaching');
    const [one, two] = Object.keys(content!.placed!.starts);
    const both = await Promise.all([one, two].map((step) => putTime('Poaching', withChange(content!, step!, { minutes: 9 }), version)));
    expect(both.map(({ status }) => status).sort()).toEqual([200, 412]);
    const lost = both.find(({ status }) => status === 412)!.problem as unknown as { current: TimeOfLesson };
    expect(lost.current.version).toBe(version + 1);
    const first = 'Blanching';
    const fresh = await Promise.all([1, 2, 3].map(() => putTime(first, emptyTimePlan(), 0)));
    expect(fresh.map(({ status }) => status).sort()).toEqual([200, 412, 412]);
  });

  it.each([
    [
      'least after most',
      { changes: [{ step: 'a.b.c', pinnedAt: null, minutes: null, notBefore: 60, endBy: 30, by: null, not: [] }] },
      'changes.0.endBy',
    ],
    [
      'an id that is none',
      { changes: [{ step: '<b>', pinnedAt: null, minutes: null, notBefore: null, endBy: null, by: null, not: [] }] },
      'changes.0.step',
    ],
    ['minutes below nothing', { segments: { ...emptyTimePlan().segments, slack: -1 } }, 'segments.slack'],
  ])('is refused with %s, at its field', async (_, part, field) => {
    const { problem } = await putTime('Gratin', { ...emptyTimePlan(), ...part }, 0);
    expect(problem.errors!.map((each) => each.field)).toContain(field);
  });

  it.each([
    ['wall', 'Run'],
    ['stations', 'Station'],
    ['teams', 'Team'],
  ])('is printed for %s on both papers', async (purpose) => {
    for (const paper of ['A4', 'LETTER']) {
      const { status, headers, bytes } = await lead('GET', `/api/lessons/${idOf('Duck')}/time.pdf?for=${purpose}&paper=${paper}`);
      expect([status, headers.get('content-type')]).toEqual([200, 'application/pdf']);
      // A card for each of seven teams; for what is shared, as many as are used.
      if (purpose === 'teams') expect(pagesOf(bytes)).toBe(7);
      else expect(pagesOf(bytes)).toBeGreaterThan(0);
    }
  });

  it('goes out as a calendar, the lesson and what happens in it at their moments', async () => {
    const { bytes } = await lead('GET', `/api/lessons/${idOf('Duck')}/time.ics`);
    const lines = bytes.toString('utf8').split('\r\n');
    expect([lines[0], lines.filter((line) => line === 'BEGIN:VEVENT').length > 20]).toEqual(['BEGIN:VCALENDAR', true]);
    const { date, school: settings } = await lessonOf('Duck');
    expect(settings.timeZone).toBe('UTC');
    expect(lines).toContain(`DTSTART:${date.replaceAll('-', '')}T090000Z`);
  });
});

describe('a kitchen that is taken away while a lesson is put into it', () => {
  it('is in it with its reference, or leaves it its name: never a failure', async () => {
    const lesson = await lessonOf('Knife');
    const { id: _id, version: _version, ...content } = await kitchenOf(lesson);
    for (let round = 0; round < 8; round += 1) {
      const room = (await lead<StoredKitchen>('POST', '/api/kitchens', { body: { ...content, name: `Room ${round}` } })).body;
      const now = await lessonOf('Knife');
      const [saved, gone] = await Promise.all([
        lead('PUT', `/api/lessons/${now.id}`, { body: { ...fieldsOf(now), kitchenId: room.id }, version: now.version }),
        lead('DELETE', `/api/kitchens/${room.id}`),
      ]);
      expect([200, 422]).toContain(saved.status);
      expect(gone.status).toBe(204);
      const after = await lessonOf('Knife');
      expect(after.kitchenId).toBe(saved.status === 200 ? null : now.kitchenId);
      if (saved.status === 200) expect(after.kitchen).toBe(`Room ${round}`);
    }
  });
});

describe('teams of a lesson', () => {
  it('cook what they cook: makings and trays follow them, alike here and in the browser', async () => {
    const lesson = await lessonOf('Two plates');
    const [mussels, pear] = lesson.dishes.map(({ dishId }) => dishId);
    const ids = lesson.students.map(({ id }) => id);
    const half = Math.ceil(ids.length / 2);
    const team = (id: string, name: string, studentIds: string[], dish: string) => ({ id, name, station: '', studentIds, dishIds: [dish] });
    const teams = [
      team('11111111-1111-4111-8111-111111111111', 'Shore', ids.slice(0, half), mussels!),
      team('22222222-2222-4222-8222-222222222222', 'Orchard', ids.slice(half), pear!),
    ];
    const saved = await lead<LessonDetail>('PUT', `/api/lessons/${lesson.id}`, {
      body: { ...fieldsOf(lesson), teams },
      version: lesson.version,
    });
    expect(saved.status).toBe(200);
    expect(saved.body.cooking.map(({ name, hands, dishIds }) => [name, hands, dishIds])).toEqual([
      ['Shore', half, [mussels]],
      ['Orchard', ids.length - half, [pear]],
    ]);
    expect(orderInputOf(saved.body).dishes.map(({ teams: cooks }) => cooks)).toEqual([['Shore'], ['Orchard']]);
    const order = (await lead<{ makings: { by: string; count: number }[] }>('GET', `/api/lessons/${lesson.id}/order`)).body;
    expect(order.makings.find(({ by }) => by === 'team')!.count).toBe(2);
    // At the pass each dish is that of those who cook it, and so many plates are to be marked.
    const sheet = (await lead<MarkingSheet>('GET', `/api/lessons/${lesson.id}/marking-sheet`)).body;
    expect(sheet.students.map(({ team: of }) => of)).toEqual(ids.map((_, at) => (at < half ? 'Shore' : 'Orchard')));
    expect(sheet.students[0]!.cooks).toEqual([lesson.dishes[0]!.editionId]);
    const listed = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.find(({ id }) => id === lesson.id)!;
    const toMark = (readiness: LessonSummary['readiness']) => readiness.find(({ phase }) => phase === 'mark')!.said;
    expect(toMark(listed.readiness)).toEqual({ code: 'dishes-marked', marked: 0, of: ids.length });
    expect(toMark(saved.body.readiness)).toEqual(toMark(listed.readiness));
    // Whoever only orders and weighs is told of teams, not of who is in them.
    const stores = await lessonOf('Two plates', await school.as('stores'));
    expect(stores.cooking.map(({ hands, studentIds }) => [hands, studentIds])).toEqual([
      [half, []],
      [ids.length - half, []],
    ]);
    expect(stores.teams.flatMap(({ studentIds }) => studentIds)).toEqual([]);
  });

  it('are refused with somebody of another class, somebody twice, and with two of one name', async () => {
    const lesson = await lessonOf('Duck');
    const stranger = (await lessonOf('Dough')).students[0]!.id;
    const [first, second] = lesson.teams;
    const sent = (teams: unknown) =>
      lead('PUT', `/api/lessons/${lesson.id}`, { body: { ...fieldsOf(lesson), teams }, version: lesson.version });
    for (const teams of [
      [{ ...first!, studentIds: [stranger] }],
      [first, { ...second!, studentIds: first!.studentIds }],
      [first, { ...second!, name: first!.name.toUpperCase() }],
    ]) {
      const { status, problem } = await sent(teams);
      expect([status, problem.errors![0]!.field.split('.')[0]]).toEqual([422, 'teams']);
    }
  });

  it('are put down once, whoever saves at the same moment', async () => {
    const lesson = await lessonOf('Duck');
    const named = (station: string) => ({ ...fieldsOf(lesson), teams: lesson.teams.map((team) => ({ ...team, station })) });
    const both = await Promise.all(
      ['A', 'B', 'C'].map((station) => lead('PUT', `/api/lessons/${lesson.id}`, { body: named(station), version: lesson.version })),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 412, 412]);
    const after = await lessonOf('Duck');
    expect(new Set(after.teams.map(({ station }) => station)).size).toBe(1);
    expect(after.teams.map(({ studentIds }) => studentIds)).toEqual(lesson.teams.map(({ studentIds }) => studentIds));
  });

  it('leave the plan out of date, and it says what no longer holds', async () => {
    const lesson = await lessonOf('Duck');
    const { content } = await timeOf('Duck');
    const fewer = { ...fieldsOf(lesson), teams: lesson.teams.slice(1) };
    expect((await lead('PUT', `/api/lessons/${lesson.id}`, { body: fewer, version: lesson.version })).status).toBe(200);
    const { instance, stray } = await problemOf('Duck', content!);
    // Those who were in the first team make up a further one, which has no place in the plan.
    expect(checkPlan(instance, content!.placed!).faults.some(({ kind }) => kind === 'start-missing')).toBe(true);
    expect(stray).toEqual([]);
  });
});
