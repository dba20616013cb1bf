// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { computeResult, type Criterion, type MarkingWay, type Marks } from '@pelvo/core';
import type { ClassResults, DishResult, MarkedDish, MyResult, MySkills } from '@pelvo/contract';
import { lessonOf, RUBRIC } from './fixtures';
import { refused, show } from './screen';

beforeEach(() => {
  vi.resetModules();
  vi.stubGlobal('indexedDB', new IDBFactory());
});

const result = (marks: Marks, way: MarkingWay = 'levels', more: Partial<DishResult> = {}): DishResult => ({
  id: 'a1',
  studentId: 's1',
  student: 'Ada',
  dish: 'Leek salad',
  dishEdition: 1,
  dishEditionId: 'e1',
  rubric: 'Practical',
  rubricEdition: 2,
  lesson: 'Leeks and a dressing',
  date: '2026-12-04',
  assessors: ['Maren Oltz', 'Teo Vasz'],
  counting: 'newest',
  agreed: [],
  marks,
  criteria: RUBRIC.criteria,
  result: computeResult(RUBRIC, marks, way),
  changedSince: false,
  ...more,
});
const WEAK: Marks = {
  cut: { kind: 'level', level: 2, faults: ['cut-f'] },
  salt: { kind: 'level', level: 4, faults: [] },
  safe: { kind: 'critical', met: true, faults: [] },
};

describe('a result', () => {
  const view = async (dish: DishResult) => {
    const { ResultView } = await import('../src/assessment/ResultView');
    const plate = { id: 'f1', studentId: 's1', dishEditionId: 'e1', takenAt: '2026-12-04T10:05:00.000Z', by: 'Teo Vasz' };
    return show(<ResultView dish={dish} of="my-results" />, { role: 'student', answers: { '/my-results/a1/photos': [plate] } });
  };

  it('says which marks were agreed on by those who had marked differently', async () => {
    await view(result(WEAK, 'levels', { agreed: ['salt'] }));
    const [said, ...others] = screen.getAllByText('Agreed on by those who marked it.');
    expect([said!.closest('li')!.textContent, others]).toEqual([expect.stringContaining('Seasoning'), []]);
  });

  it('is a mark with its working, what mattered, and what to practise next', async () => {
    const { user } = await view(result(WEAK));
    await user.click(screen.getByRole('button', { name: 'Mark: 75, show the working' }));
    expect(screen.getByRole('complementary', { name: 'Working' }).textContent).toContain(
      'Knife work, CutNearly earns: 50 % of 50 points25',
    );
    expect(screen.getByText('of 100')).toBeTruthy();
    const fault = screen.getByRole('heading', { name: 'Cut slips' }).closest('li')!;
    expect(fault.textContent).toMatch(/Likely cause\. haste.*Next time\. slow down/);
    expect((await screen.findByRole('img', { name: /^The plate at/ })).getAttribute('src')).toBe('/api/my-photos/f1');
    expect(screen.getByText('Practise next:').parentElement!.textContent).toContain('Julienne');
    expect(
      screen.getByText(/Marked by Maren Oltz, Teo Vasz; where both marked, the newest counts; with “Practical”, edition 2/),
    ).toBeTruthy();
  });

  it('is told as deductions with the same mark, or as pass or not yet without a number', async () => {
    const { user, unmount } = await view(result(WEAK, 'deductions'));
    await user.click(screen.getByRole('button', { name: 'Mark: 75, show the working' }));
    expect(screen.getByRole('complementary', { name: 'Working' }).textContent).toMatch(/Full marks.*100.*Cut.*−25/);
    unmount();
    const passed = await view(result(WEAK, 'pass'));
    await passed.user.click(screen.getByRole('button', { name: 'Result: Not yet, show the working' }));
    expect(screen.getByRole('complementary', { name: 'Working' }).textContent).toMatch(/Knife work, Cut.*Nearly.*in the way/);
    expect(screen.queryByText(/of 100/)).toBeNull();
  });

  it('says when it was capped, and when it is not final', async () => {
    const { unmount } = await view(result({ ...WEAK, safe: { kind: 'critical', met: false, faults: [] } }));
    expect(screen.getByText('Capped at 40')).toBeTruthy();
    expect(screen.getByText(/Without the cap the mark would be 75/)).toBeTruthy();
    unmount();
    await view(result({ cut: { kind: 'level', level: 3, faults: [] } }));
    expect(screen.getByText('Not marked yet: Seasoning, Safe food.')).toBeTruthy();
    expect(screen.getByText('of 100, not final')).toBeTruthy();
  });
});

describe('the results of a class', () => {
  const marked = (marks: Marks, more: Partial<MarkedDish> = {}): MarkedDish => ({
    id: 'a1',
    studentId: 's1',
    student: 'Ada',
    dishEditionId: 'e1',
    rubricEditionId: 'r1',
    assessors: ['Maren Oltz'],
    agreed: [],
    marks,
    changedSince: false,
    ...more,
  });
  const classResults = (dishes: readonly MarkedDish[], more: Partial<ClassResults> = {}): ClassResults => ({
    lessonId: 'l1',
    counting: 'newest',
    title: 'Leeks and a dressing',
    date: '2026-12-04',
    way: 'levels',
    releasedAt: null,
    dishes: [{ editionId: 'e1', title: 'Leek salad', number: 1 }],
    rubrics: [{ editionId: 'r1', number: 2, content: RUBRIC }],
    marked: dishes,
    unmarked: [{ student: 'Di', dish: 'Leek salad' }],
    ...more,
  });
  const page = async (results: ClassResults, role: 'lead' | 'assistant' = 'lead', answers = {}) => {
    vi.doMock('../src/assessment/LevelsChart', () => ({ LevelsChart: () => null }));
    const { default: ClassResultsPage } = await import('../src/assessment/ClassResultsPage');
    return show(<ClassResultsPage />, {
      role,
      at: '/lessons/l1/results',
      route: '/lessons/:id/results',
      answers: { '/lessons/l1': lessonOf(), '/lessons/l1/results': results, '/lessons/l1/told': [], ...answers },
    });
  };

  it('lists every mark with what mattered, and names the commonest fault', async () => {
    await page(classResults([marked(WEAK), marked(WEAK, { id: 'a2', student: 'Bo' })]));
    const row = (await screen.findByRole('link', { name: 'Ada' })).closest('tr')!;
    expect(row.textContent).toContain('75');
    expect(row.textContent).toContain('Cut slips');
    expect(within(screen.getByRole('row', { name: /^Cut 0 2 0 0/ })).getByText('Cut slips (2)')).toBeTruthy();
    expect(screen.getByText('Not begun: Leek salad').nextElementSibling!.textContent).toBe('Di');
  });

  it('shows on a ladder of stages who stopped short and who went on', async () => {
    const stages = [
      { name: 'thin', share: 0.5 },
      { name: 'coats', share: 1 },
      { name: 'sticky', share: 0.5 },
    ];
    const sauce: Criterion = {
      kind: 'ladder',
      key: 'sauce',
      name: 'Sauce',
      strand: 'cooking',
      evidence: 'seen',
      faults: [],
      weight: 1,
      stages,
    };
    const content = { ...RUBRIC, criteria: [...RUBRIC.criteria, sauce] };
    const at = (stage: number): Marks => ({ ...WEAK, sauce: { kind: 'ladder', stage, faults: [] } });
    const of = classResults([marked(at(0)), marked(at(0), { id: 'a2', student: 'Bo' }), marked(at(2), { id: 'a3', student: 'Cy' })]);
    await page({ ...of, rubrics: [{ editionId: 'r1', number: 2, content }] });
    const section = (await screen.findByRole('heading', { name: 'Stages reached' })).closest('section')!;
    expect(within(section).getByRole('row', { name: /^Sauce 2 0 1 thin 2, coats 0, sticky 1$/ })).toBeTruthy();
  });

  it('says nothing of stages where none is judged', async () => {
    await page(classResults([marked(WEAK)]));
    expect(await screen.findByRole('link', { name: 'Ada' })).toBeTruthy();
    expect(screen.queryByRole('heading', { name: 'Stages reached' })).toBeNull();
  });

  it('are given to the students by the lead, and by nobody else', async () => {
    const { user, sent, unmount } = await page(classResults([marked(WEAK)]), 'lead', { 'PUT /lessons/l1/release': lessonOf() });
    await user.click(await screen.findByRole('button', { name: 'Give them to the students' }));
    await waitFor(() => expect(sent).toMatchObject([{ path: '/lessons/l1/release', body: { released: true } }]));
    unmount();
    await page(classResults([marked(WEAK)]), 'assistant');
    expect(await screen.findByRole('link', { name: 'Ada' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Give them to the students' })).toBeNull();
  });

  it('that students have change only with a reason, which stays on record', async () => {
    const changed = classResults([marked(WEAK, { changedSince: true })], { releasedAt: '2026-12-04T10:00:00Z' });
    const errors = [{ field: 'why', problem: 'Students have been told other results than these.', remedy: 'Say why.' }];
    const told = [
      {
        number: 2,
        at: '2026-12-05T10:00:00Z',
        by: 'Maren Oltz',
        why: 'Tasted again',
        student: 'Ada',
        dish: 'Leek salad',
        before: '60',
        after: '75',
      },
    ];
    const { user, sent } = await page(changed, 'lead', {
      '/lessons/l1/told': told,
      'PUT /lessons/l1/release': refused(422, { type: 'urn:pelvo:problem:invalid-input', title: 'Not right.', status: 422, errors }),
    });
    expect((await screen.findByText('Tasted again')).closest('tr')!.textContent).toMatch(/Ada.*60.*75.*Maren Oltz/);
    await user.click(screen.getByRole('button', { name: 'Give them out again' }));
    expect((await screen.findAllByText(/Students have been told other results/)).length).toBeGreaterThan(0);
    await user.type(screen.getByLabelText('Why they change'), 'Tasted once more');
    await user.click(screen.getByRole('button', { name: 'Give them out again' }));
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ body: { released: true, why: 'Tasted once more' } }));
  });

  it('begin with a way to mark', async () => {
    await page(classResults([]));
    expect((await screen.findByRole('link', { name: 'Mark dishes' })).getAttribute('href')).toBe('/lessons/l1/mark');
  });
});

describe('a student’s own results', () => {
  it('are listed as they were told', async () => {
    const { MyResultsPage } = await import('../src/assessment/MyResultsPages');
    const mine: MyResult[] = [
      { id: 'a1', dish: 'Leek salad', lesson: 'Leeks', date: '2026-12-04', mark: '75' },
      { id: 'a2', dish: 'Barley', lesson: 'Stock', date: '2026-11-11', mark: 'Not yet' },
    ];
    const skill = (at: number) => ({ level: at, spread: 0.4, signs: 3, lastDay: 1, below: 0.1, known: true });
    const point = (date: string, at: number) => ({ date, lesson: 'Leeks', skill: skill(at) });
    const techniques: MySkills['techniques'] = [
      { name: 'Blanch', way: 'up', points: [point('2026-11-11', 2), point('2026-12-04', 3.2)] },
      { name: 'Sweat', way: 'unknown', points: [point('2026-12-04', 2.9)] },
    ];
    show(<MyResultsPage />, { role: 'student', answers: { '/my-results': mine, '/my-skills': { techniques } } });
    expect((await screen.findByRole('link', { name: /Leek salad/ })).textContent).toContain('75');
    expect(screen.getByRole('link', { name: /Barley/ }).textContent).toContain('Not yet');
    expect((await screen.findByText('Blanch')).closest('li')!.textContent).toMatch(
      /^BlanchSecure, give or take 0\.4 levels, of 3 judgements; better than on .*11 November 2026\.$/,
    );
    expect(screen.getByText('Sweat').closest('li')!.textContent).toBe(
      'SweatSecure, give or take 0.4 levels, of 3 judgements; seen in “Leeks” only.',
    );
  });
});
