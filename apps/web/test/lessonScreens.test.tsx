// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { EMPTY_KITCHEN, computeOrder, HOUSE_PREFERENCES, MATTERS, NEW_SCHOOL, shownOf, type LineSubstitution } from '@pelvo/core';
import type { Course, LessonDetail, LessonFields, Practices, TechniqueSummary } from '@pelvo/contract';
import LessonPage from '../src/lessons/LessonPage';
import NewLessonPage from '../src/lessons/NewLessonPage';
import { NeedsMargin } from '../src/lessons/NeedsMargin';
import OrderPage from '../src/orders/OrderPage';
import { dishFrom, lessonOf, SALAD } from './fixtures';
import { keptDraft, refused, show } from './screen';

const practices = (choices: Practices['choices'] = {}): Practices => ({
  choices,
  versions: Object.fromEntries(MATTERS.map((matter) => [matter, 0])) as Practices['versions'],
});
const technique = (id: string, name: string): TechniqueSummary => ({
  id,
  name,
  strand: 'knife',
  purpose: '',
  minutes: { novice: null, practised: null },
  cautions: [],
  matters: [],
  words: [],
  prerequisites: [],
});
const around = {
  '/classes': [{ id: 'c1', name: 'Foundation', term: '', students: 6 }],
  '/dishes': { items: [], total: 0 },
  '/techniques': [technique('t1', 'Julienne'), technique('t2', 'Fine dice')],
  '/rubrics': [],
  '/practices': practices(),
  '/cut-sets': [],
  '/rules': { rules: {}, versions: {}, changes: [] },
};
const planned = (lesson: LessonDetail, { at = '/lessons/l1', answers = {}, role = 'lead' as 'lead' | 'assistant' } = {}) =>
  show(<LessonPage />, { at, role, route: '/lessons/:id', answers: { ...around, '/lessons/l1': lesson, ...answers } });

describe('the plan of a lesson', () => {
  it('counts portions for who comes, and is saved against its version', async () => {
    const lesson = lessonOf();
    const { user, sent } = planned(lesson, { answers: { 'PUT /lessons/l1': { ...lesson, title: 'Leeks', version: 6 } } });
    expect(await screen.findByRole('button', { name: 'Portions: 10 portions, show the working' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Save the plan' })).toBeNull();
    const title = screen.getByLabelText('Title');
    await user.clear(title);
    await user.type(title, 'Leeks');
    expect(keptDraft<LessonFields>('lesson.l1')!.mine.title).toBe('Leeks');
    await user.click(screen.getByRole('button', { name: 'Save the plan' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({ method: 'PUT', path: '/lessons/l1', version: '"5"', body: { title: 'Leeks', dishEditionIds: ['e1'] } });
    await waitFor(() => expect(keptDraft('lesson.l1')).toBeNull());
  });

  it('takes in a technique the map sent, into the draft and not further', async () => {
    const { user, sent, at } = planned(lessonOf(), { at: '/lessons/l1?technique=t2&purpose=practise' });
    expect(await screen.findByText('Fine dice is added from the map, to practise.')).toBeTruthy();
    expect(at()).toBe('/lessons/l1?added=t2');
    expect(screen.getByLabelText<HTMLSelectElement>('Purpose of Fine dice').value).toBe('practise');
    expect(sent).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Drop changes' }));
    expect(screen.queryByText(/is added from the map/)).toBeNull();
    expect(screen.queryByLabelText('Purpose of Fine dice')).toBeNull();
  });

  it('changes the purpose of a technique that is there already instead of adding it twice', async () => {
    const lesson = lessonOf({ techniques: [{ id: 't2', name: 'Fine dice', strand: 'knife', purpose: 'introduce' }] });
    planned(lesson, { at: '/lessons/l1?technique=t2&purpose=assess' });
    expect((await screen.findByLabelText<HTMLSelectElement>('Purpose of Fine dice')).value).toBe('assess');
    expect(keptDraft<LessonFields>('lesson.l1')!.mine.techniques).toEqual([{ id: 't2', purpose: 'assess' }]);
  });

  it('shows what someone else saved meanwhile, and loses neither', async () => {
    const lesson = lessonOf();
    const theirs = { ...lesson, kitchenId: 'k1', kitchen: 'Kitchen 1', version: 9 };
    let first = true;
    const { user, sent } = planned(lesson, {
      answers: {
        '/kitchens': [{ ...EMPTY_KITCHEN, id: 'k1', version: 1, name: 'Kitchen 1' }],
        'PUT /lessons/l1': () => {
          if (!first) return { ...theirs, title: 'Mine', version: 10 };
          first = false;
          return refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Changed.', status: 412, current: theirs });
        },
      },
    });
    fireEvent.change(await screen.findByLabelText('Title'), { target: { value: 'Mine' } });
    await user.click(screen.getByRole('button', { name: 'Save the plan' }));
    expect(await screen.findByText(/Someone else has saved this plan/)).toBeTruthy();
    // Only they changed the kitchen: it is theirs. The title is mine, and can be saved over theirs.
    expect(screen.getByLabelText<HTMLInputElement>('Kitchen').value).toBe('k1');
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('Mine');
    await user.click(screen.getByRole('button', { name: 'Save the plan' }));
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]).toMatchObject({ version: '"9"', body: { title: 'Mine', kitchenId: 'k1' } });
  });

  it('says at the field why a lesson cannot end before it starts', async () => {
    planned(lessonOf());
    const ends = await screen.findByLabelText('Ends');
    fireEvent.change(ends, { target: { value: '8' } });
    fireEvent.blur(ends);
    expect(screen.getByText('The lesson ends before it starts. Let it end later.')).toBeTruthy();
  });

  it('says how it runs: as the school, or otherwise', async () => {
    planned(lessonOf());
    const marking = await screen.findByLabelText<HTMLSelectElement>('Marking');
    expect([...marking.options].map(({ text }) => text)).toEqual([
      'as the school: levels with weights',
      'levels with weights',
      'pass or not yet',
      'deductions from full marks',
    ]);
    fireEvent.change(marking, { target: { value: 'pass' } });
    expect(keptDraft<LessonFields>('lesson.l1')!.mine.settings).toEqual({ marking: 'pass', weighingOut: null });
  });

  it('is read, not changed, by an assistant', async () => {
    planned(lessonOf(), { role: 'assistant' });
    expect(await screen.findByText(/Alone\s*, 2\s+portions each/)).toBeTruthy();
    expect(screen.getByText(/Foundation, 5\s+students/)).toBeTruthy();
    expect(screen.queryByLabelText('Title')).toBeNull();
  });
});

describe('the teams of a lesson', () => {
  const teamsIn = () => keptDraft<LessonFields>('lesson.l1')!.mine.teams.map(({ name, studentIds }) => [name, studentIds]);

  it('are put together by practice, moved from a list beside each name, and taken apart again', async () => {
    const course: Course = {
      classId: 'c1',
      students: [],
      dishes: {},
      // Ada and Cy have practised what the lesson teaches, the others have not.
      lessons: [
        {
          id: 'l0',
          title: 'Before',
          date: '2026-11-01',
          techniques: [{ id: 't2', purpose: 'practise' }],
          inPassing: [],
          absent: ['s2', 's4', 's5'],
        },
      ],
    };
    const lesson = lessonOf({ teamSize: 2, techniques: [{ id: 't2', name: 'Fine dice', strand: 'knife', purpose: 'assess' }] });
    const { user } = planned(lesson, { answers: { '/classes/c1/course': course } });
    await user.click(await screen.findByRole('button', { name: 'Alike in practice' }));
    await waitFor(() =>
      expect(teamsIn()).toEqual([
        ['Team 1', ['s1', 's3']],
        ['Team 2', ['s2', 's4']],
        ['Team 3', ['s5']],
      ]),
    );
    await user.click(screen.getByRole('button', { name: 'Mix the practised with the new' }));
    // Ada, Cy and Bo first, then back: Di with Bo, Ed with Cy.
    await waitFor(() =>
      expect(teamsIn()).toEqual([
        ['Team 1', ['s1', 's5']],
        ['Team 2', ['s3', 's4']],
        ['Team 3', ['s2']],
      ]),
    );
    await user.selectOptions(screen.getByRole('combobox', { name: 'Bo' }), 'Team 1');
    expect(teamsIn()).toEqual([
      ['Team 1', ['s1', 's5', 's2']],
      ['Team 2', ['s3', 's4']],
      ['Team 3', []],
    ]);
    await user.selectOptions(screen.getByRole('combobox', { name: 'Di' }), 'no team');
    expect(within(screen.getByRole('listitem', { name: 'In no team' })).getByText('Di')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Let the size decide' }));
    expect(keptDraft<LessonFields>('lesson.l1')).toBeNull();
  });

  it('cook all dishes, or one', async () => {
    const dish = (id: string, title: string) => ({
      editionId: `e-${id}`,
      dishId: id,
      number: 1,
      content: { ...SALAD, title },
      newer: null,
    });
    const team = { id: 'a', name: 'Ash', station: '', studentIds: ['s1'], dishIds: null };
    planned(lessonOf({ dishes: [dish('d1', 'Salad'), dish('d2', 'Soup')], teams: [team] }));
    fireEvent.change(await screen.findByLabelText('Cooks'), { target: { value: 'd2' } });
    expect(keptDraft<LessonFields>('lesson.l1')!.mine.teams[0]!.dishIds).toEqual(['d2']);
  });
});

describe('a new lesson', () => {
  it('starts from what the map chose, keeps what is typed, and leads to its plan', async () => {
    const { user, sent, at } = show(<NewLessonPage />, {
      at: '/lessons/new?class=c1&technique=t1&purpose=introduce',
      route: '/lessons/new',
      answers: { ...around, 'POST /lessons': lessonOf({ id: 'l9' }) },
    });
    expect((await screen.findByLabelText<HTMLSelectElement>('Class')).value).toBe('c1');
    expect((await screen.findByLabelText<HTMLSelectElement>('Purpose of Julienne')).value).toBe('introduce');
    fireEvent.change(screen.getByLabelText('Title'), { target: { value: 'Sticks' } });
    expect(keptDraft<LessonFields>('lesson')!.mine.title).toBe('Sticks');
    await user.click(screen.getAllByRole('button', { name: 'Save the plan' })[0]!);
    await waitFor(() => expect(at()).toBe('/lessons/l9'));
    expect(sent[0]!.body).toMatchObject({ title: 'Sticks', classId: 'c1', techniques: [{ id: 't1', purpose: 'introduce' }] });
    expect(keptDraft('lesson')).toBeNull();
  });

  it('names the field the server refuses, and keeps the rest', async () => {
    const problem = { field: 'title', problem: 'The title is missing.', remedy: 'Type one.' };
    const { user } = show(<NewLessonPage />, {
      at: '/lessons/new',
      route: '/lessons/new',
      answers: {
        ...around,
        '/kitchens': [{ ...EMPTY_KITCHEN, id: 'k3', version: 1, name: 'Kitchen 3' }],
        'POST /lessons': refused(422, { type: 'urn:pelvo:problem:invalid-input', title: 'Not right.', status: 422, errors: [problem] }),
      },
    });
    await screen.findByRole('option', { name: 'Kitchen 3' });
    await user.selectOptions(screen.getByLabelText('Kitchen'), 'Kitchen 3');
    await user.click(screen.getAllByRole('button', { name: 'Save the plan' })[0]!);
    await waitFor(() => expect(screen.getByLabelText('Title').getAttribute('aria-invalid')).toBe('true'));
    expect(screen.getByLabelText<HTMLInputElement>('Kitchen').value).toBe('k3');
  });
});

describe('what students may not eat', () => {
  it('names student, dish and line, and puts a substitute in for one making, or for all', async () => {
    let swaps: readonly LineSubstitution[] = [];
    const { user } = show(<NeedsMargin lesson={lessonOf()} substitutions={swaps} onChange={(next) => (swaps = next)} />);
    const found = screen.getByText('Bo').closest('li')!;
    expect(found.textContent).toContain('Leek salad has hazelnuts');
    await user.click(within(found).getByRole('button', { name: 'One making' }));
    expect(swaps).toMatchObject([{ editionId: 'e1', makings: 1, ratio: expect.any(String) as string }]);
    expect(swaps[0]!.reason).toContain('nuts');
    await user.click(within(found).getByRole('button', { name: 'For all' }));
    expect(swaps).toMatchObject([{ makings: 'all' }]);
  });

  it('claims nothing of what it does not know, and says who decides', () => {
    const dish = dishFrom('Odd salad\nserves 2\n100 g moonfruit');
    show(
      <NeedsMargin lesson={lessonOf({ dishes: [{ ...lessonOf().dishes[0]!, content: dish }] })} substitutions={[]} onChange={() => null} />,
    );
    expect(screen.getByText('Not known:').closest('p')!.textContent).toBe('Not known: moonfruit.');
    expect(screen.getByText(/The label, the local code and the responsible person decide/)).toBeTruthy();
  });
});

describe('the order', () => {
  const ordered = (lesson: LessonDetail, choices: Practices['choices'] = {}) =>
    show(<OrderPage />, {
      role: 'assistant',
      at: '/lessons/l1/order',
      route: '/lessons/:id/order',
      answers: { ...around, '/practices': practices(choices), '/lessons/l1': lesson },
    });

  it('is what the core computes, and is computed anew as the number of students changes', async () => {
    const { user } = ordered(lessonOf());
    const lesson = lessonOf();
    const expected = computeOrder({
      plan: {
        students: 5,
        teamSize: 1,
        portionsATeam: 2,
        demonstrationPortions: 0,
        referencePlates: 0,
        tastingPortions: 0,
        spareMakings: 0,
      },
      dishes: [{ editionId: 'e1', content: lesson.dishes[0]!.content }],
      preparations: new Map(),
    });
    expect(await screen.findByRole('heading', { name: 'Order for 5 students' })).toBeTruthy();
    const table = screen.getAllByRole('table')[0]!;
    for (const { item, figure } of expected.lines)
      expect(within(table).getByRole('row', { name: new RegExp(`^${item}`) }).textContent).toContain(shownOf(figure, HOUSE_PREFERENCES));
    await user.click(screen.getByRole('button', { name: 'Students: one more' }));
    expect(await screen.findByRole('heading', { name: 'Order for 6 students' })).toBeTruthy();
    expect(screen.getByText('the lesson counts 5.', { exact: false })).toBeTruthy();
    expect(within(table).getByRole('row', { name: /^leeks/ }).textContent).toContain('1.2 kg');
    await user.click(screen.getByRole('button', { name: 'Back to 5' }));
    expect(await screen.findByRole('heading', { name: 'Order for 5 students' })).toBeTruthy();
  });

  it('opens every figure to its working', async () => {
    const { user } = ordered(lessonOf());
    await user.click(await screen.findByRole('button', { name: 'lemon: 3, show the working' }));
    const working = screen.getByRole('complementary', { name: 'Working' });
    expect(working.textContent).toContain('cut from 3');
  });

  it('names what is held, and leads to the dish', async () => {
    const dish = dishFrom('Leek salad\nserves 4\n400 g leeks\n3 glugs cider');
    ordered(lessonOf({ dishes: [{ ...lessonOf().dishes[0]!, content: dish }] }));
    expect(await screen.findByText('1 line is held and not in the order')).toBeTruthy();
    expect(screen.getByRole<HTMLAnchorElement>('link', { name: 'Leek salad' }).getAttribute('href')).toMatch(
      /^\/dish-editions\/e1#line-i\d+$/,
    );
  });

  it('shows trays where the technician weighs them, with what a tray gets instead', async () => {
    const hazelnuts = lessonOf().dishes[0]!.content.components[0]!.lines.find(({ item }) => item === 'hazelnuts')!;
    const swap: LineSubstitution = {
      editionId: 'e1',
      lineId: hazelnuts.id,
      item: 'pumpkin seeds',
      ratio: '1',
      makings: 1,
      reason: 'no nuts',
    };
    ordered(lessonOf({ substitutions: [swap] }));
    expect(await screen.findByText('5 trays, by what is on them')).toBeTruthy();
    const tray = screen.getByRole('heading', { name: '5 × Leek salad' }).closest('section')!;
    const row = (item: string) => within(tray).getByRole('row', { name: new RegExp(`^${item}`) }).textContent;
    expect(row('leeks')).toContain('200 g');
    expect(row('hazelnuts')).toContain('in 4 of 5 trays');
    expect(row('pumpkin seeds')).toContain('in 1 of 5 trays');
    expect(screen.getByText('the technician weighs every tray').closest('p')!.textContent).toContain('as this school does');
  });

  it('folds the trays away where teams draw from store, in this lesson or at this school', async () => {
    const { unmount } = ordered(lessonOf({ settings: { marking: null, weighingOut: 'draw' } }));
    const folded = (await screen.findByText('5 trays, by what is on them')).closest('details')!;
    expect([folded.open, screen.getByText('teams draw from store').closest('p')!.textContent]).toEqual([
      false,
      expect.stringContaining('in this lesson.') as string,
    ]);
    unmount();
    ordered(lessonOf({ school: { ...NEW_SCHOOL, weighingOut: 'draw' } }));
    expect((await screen.findByText('teams draw from store')).closest('p')!.textContent).toContain('as this school does');
  });

  it('says what to do where there is nothing to order', async () => {
    const { unmount } = ordered(lessonOf({ dishes: [] }));
    expect(await screen.findByText('No dish in this lesson yet')).toBeTruthy();
    unmount();
    ordered(lessonOf({ present: 0 }));
    expect(await screen.findByText('Nobody is expected in this lesson')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'To the plan' }).getAttribute('href')).toBe('/lessons/l1');
  });
});
