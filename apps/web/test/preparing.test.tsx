// @vitest-environment happy-dom
import { act, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { EMPTY_DEMONSTRATION, EMPTY_STEP, type Demonstration, type DishContent, type MethodStep } from '@pelvo/core';
import type { DemonstrationsOfLesson, PreparationOfLesson, StoredTermLesson, TermOfClass } from '@pelvo/contract';
import DemonstrationsPage from '../src/demonstrations/DemonstrationsPage';
import PresentPage from '../src/demonstrations/PresentPage';
import PreparationPage from '../src/preparation/PreparationPage';
import TermOfClassPage from '../src/terms/TermOfClassPage';
import { lessonOf, SALAD } from './fixtures';
import { refused, show } from './screen';

const step = (id: string, text: string, minutes: number, part: Partial<MethodStep> = {}): MethodStep => ({
  ...EMPTY_STEP,
  id,
  text,
  minutes,
  ...part,
});
const TART: DishContent = {
  ...SALAD,
  title: 'Leek tart',
  method: [
    step('roll', 'Roll the pastry.', 10, { critical: 'Even all over.' }),
    step('bake', 'Bake it.', 60, { hands: 'off' }),
    step('cut', 'Cut it.', 5, { critical: 'A hot knife.' }),
  ],
};
const LESSON = lessonOf({ demonstrationPortions: 2, dishes: [{ editionId: 'e1', dishId: 'd1', number: 1, content: TART, newer: null }] });
const NONE: DemonstrationsOfLesson = { items: [], asked: [], weighedBefore: {}, cards: {} };
const chosen = (part: Partial<Demonstration> = {}): DemonstrationsOfLesson => ({
  ...NONE,
  items: [{ dishId: 'd1', version: 1, content: { ...EMPTY_DEMONSTRATION, choice: { shown: ['roll', 'cut'], jumps: [] }, ...part } }],
});

describe('a demonstration at the desk', () => {
  const open = (all: DemonstrationsOfLesson, more: Readonly<Record<string, unknown>> = {}) =>
    show(<DemonstrationsPage />, {
      at: '/lessons/l1/demonstrations',
      route: '/lessons/:id/demonstrations',
      answers: { '/lessons/l1': LESSON, '/lessons/l1/demonstrations': all, ...more },
    });

  it('offers what fits, and stores what is taken with what stands ready', async () => {
    const stored = { dishId: 'd1', version: 1, content: chosen().items[0]!.content };
    const { user, sent } = open(NONE, { 'PUT /lessons/l1/demonstrations/d1': stored });
    await user.click(await screen.findByRole('button', { name: 'Take A' }));
    // 10 + 1, and 5 + 1, with one to set the baking off: it is jumped over.
    expect(screen.getByRole('columnheader', { name: /^A/ }).textContent).toContain('Minutes18');
    expect(screen.getByText('Demonstration, 09:10 to 09:28')).toBeTruthy();
    expect((screen.getByRole('combobox', { name: 'Made by: Bake it.' }) as HTMLSelectElement).value).toBe('technician');
    await user.click(screen.getByRole('button', { name: 'Save the demonstration' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      version: '"0"',
      body: { choice: { shown: expect.arrayContaining(['roll', 'cut']) as unknown } },
    });
    expect(await screen.findByRole('link', { name: 'Present it' })).toBeTruthy();
  });

  it('says how long the decisive steps take where the slot is too short, and makes it so long', async () => {
    const { user } = open(chosen({ slot: 12 }));
    expect(await screen.findByText('The steps that decide take 17 minutes by themselves, and the slot is 12.')).toBeTruthy();
    expect(screen.getByText('It takes 17 minutes, and the slot is 12.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Make the slot 17 minutes' }));
    expect(await screen.findByRole('button', { name: /^Take A|Save/ })).toBeTruthy();
    expect(screen.queryByText(/by themselves, and the slot/)).toBeNull();
  });

  it('refuses to weigh back more than there was, and shows what was really used', async () => {
    const { user } = open(chosen());
    await user.click(await screen.findByText('Weigh something back'));
    const type = async (before: string, added: string, after: string) => {
      for (const [label, value] of [
        ['Bowl before, g', before],
        ['Added, g', added],
        ['Bowl after, g', after],
      ] as const) {
        await user.clear(screen.getByLabelText(label));
        if (value) await user.type(screen.getByLabelText(label), value);
      }
      await user.click(screen.getByRole('button', { name: 'Add' }));
    };
    await type('400', '', '500');
    expect(screen.getByText(/More is left than there was/)).toBeTruthy();
    await type('850', '50 + 30', '500');
    expect(screen.getByText('430 g')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Propose for the next edition' })).toHaveProperty('pathname', '/dishes/d1');
    // What is shown is what was read off, not the fraction that is kept.
    await type('85.5', '0.5', '12.25');
    expect(screen.getByText(/85\.5 g before, 0\.5 g added, 12\.25 g left/)).toBeTruthy();
    await type('abc', '', '5');
    expect(screen.getByText(/This is not a weight/)).toBeTruthy();
  });

  it('keeps what was typed when a colleague has saved meanwhile', async () => {
    const theirs = { dishId: 'd1', version: 2, content: { ...chosen().items[0]!.content, camera: 'Theirs' } };
    const { user } = open(chosen(), {
      'PUT /lessons/l1/demonstrations/d1': refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Changed', current: theirs }),
    });
    await user.type(await screen.findByLabelText('Camera or place'), 'Mine');
    await user.click(screen.getByRole('button', { name: 'Save the demonstration' }));
    expect(((await screen.findByLabelText('Camera or place')) as HTMLInputElement).value).toBe('Mine');
  });
});

describe('a demonstration before the group', () => {
  const open = () =>
    show(<PresentPage />, {
      at: '/lessons/l1/demonstrations/d1/show',
      route: '/lessons/:id/demonstrations/:dishId/show',
      answers: { '/lessons/l1': LESSON, '/lessons/l1/demonstrations': chosen() },
    });

  it('goes on by one touch a step, from where it was after a reload', async () => {
    const { user, unmount } = open();
    expect(await screen.findByText('17 min planned')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Begin' }));
    expect(screen.getByText('Even all over.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Done, next' }));
    expect(screen.getByText('A hot knife.')).toBeTruthy();
    unmount();
    open();
    expect(await screen.findByText('A hot knife.')).toBeTruthy();
    sessionStorage.clear();
  });

  it('says how far behind it is only once a step runs over, and corrects the plan at the end', async () => {
    vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'] });
    const { user } = open();
    await user.click(await screen.findByRole('button', { name: 'Begin' }));
    const first = Number(/of (\d+)/.exec(screen.getByLabelText('This step').textContent!)![1]);
    const pass = (minutes: number) => act(() => void vi.advanceTimersByTime(minutes * 60_000));
    pass(first);
    expect(screen.queryByText(/min behind/)).toBeNull();
    pass(2);
    expect(screen.getByText('2 min behind')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Done, next' }));
    // The plan that is followed stays as it is: the next step begins two minutes late, and of the same whole.
    expect(screen.getByText('2 min behind')).toBeTruthy();
    expect(screen.getByRole('timer').textContent).toContain('of 17:00');
    pass(3);
    await user.click(screen.getByRole('button', { name: 'Finished' }));
    expect(await screen.findByText(/The minutes that steps really took are noted/)).toBeTruthy();
    sessionStorage.clear();
    vi.useRealTimers();
  });
});

describe('the preparation of a lesson', () => {
  const prepared = (done: PreparationOfLesson['done'] = []): PreparationOfLesson => ({
    done,
    cards: { t: { name: 'Slice', tools: ['Mandoline'] } },
  });
  const washed = lessonOf({ dishes: [{ editionId: 'e1', dishId: 'd1', number: 1, content: { ...SALAD, tools: ['Tongs'] }, newer: null }] });
  const answers = (more: Readonly<Record<string, unknown>> = {}) => ({
    '/lessons/l1': washed,
    '/lessons/l1/preparation': prepared(),
    '/lessons/l1/demonstrations': NONE,
    '/practices': { choices: {} },
    '/rules': { rules: {} },
    '/cut-sets': [],
    ...more,
  });
  const open = (role: 'lead' | 'stores', more: Readonly<Record<string, unknown>> = {}) =>
    show(<PreparationPage />, { role, at: '/lessons/l1/preparation', route: '/lessons/:id/preparation', answers: answers(more) });

  it('lists the work by item with what each makes, and ticks it off at once', async () => {
    const task = 'team leek wash';
    const { user, sent } = open('lead', {
      'PUT /lessons/l1/preparation': prepared([{ task, by: 'Teo Vasz', at: '2026-11-26T09:00:00.000Z' }]),
    });
    const leeks = (await screen.findByRole('heading', { name: 'leeks' })).closest('li')!;
    // Five students, two portions of four each: 5 × 200 g.
    expect(within(leeks).getByText('1 kg')).toBeTruthy();
    expect(within(leeks).getByText(/200 g each/)).toBeTruthy();
    await user.click(within(leeks).getByRole('checkbox', { name: /wash/ }));
    await waitFor(() => expect(sent[0]).toMatchObject({ body: { task, done: true } }));
    expect(await screen.findByText('done by Teo Vasz')).toBeTruthy();
    expect(screen.getByText('tongs')).toBeTruthy();
    expect(screen.getAllByRole('link', { name: 'Plan the time' })).toHaveLength(2);
  });

  it('shows stores what is prepared, and nothing that is for those who teach', async () => {
    open('stores');
    expect(await screen.findByText(/Nothing for the technician/)).toBeTruthy();
    expect(screen.queryByRole('heading', { name: /Change of board/ })).toBeNull();
    expect(screen.queryByRole('link', { name: 'Demonstration' })).toBeNull();
  });

  it('says what is missing where there is no dish, or nobody', async () => {
    open('lead', { '/lessons/l1': lessonOf({ dishes: [] }) });
    expect(await screen.findByText('There is nothing to prepare')).toBeTruthy();
  });
});

describe('the term of a class', () => {
  const lesson = (
    id: string,
    date: string,
    purpose: 'introduce' | 'assess',
    technique: string,
    part: Partial<StoredTermLesson> = {},
  ): StoredTermLesson => ({
    ...{
      id,
      title: `Lesson ${id}`,
      date,
      start: '09:00',
      end: '12:00',
      kitchenId: null,
      kitchen: '',
      version: 4,
      held: false,
      inPassing: [],
    },
    techniques: [{ id: technique, purpose }],
    ...part,
  });
  const TERM: TermOfClass = {
    ...{ classId: 'c1', name: 'Foundation', term: 'Spring', absences: [], daysOff: [], taken: [], carried: [], feeds: [], timeZone: 'UTC' },
    students: [{ id: 's1', name: 'Ada' }],
    lessons: [lesson('a', '2027-01-11', 'introduce', 'dice'), lesson('b', '2027-01-18', 'introduce', 'grip')],
    dishes: [{ id: 'd1', title: 'Leek tart', techniqueIds: ['fry'] }],
  };
  const technique = (id: string, name: string, prerequisites: readonly string[] = []) => ({ id, name, strand: 'knife', prerequisites });
  const open = (more: Readonly<Record<string, unknown>> = {}, role: 'lead' | 'assistant' = 'lead') =>
    show(<TermOfClassPage />, {
      role,
      at: '/classes/c1/term',
      route: '/classes/:id/term',
      answers: {
        '/classes/c1/term': TERM,
        '/classes': [{ id: 'c1', name: 'Foundation' }],
        '/techniques': [technique('grip', 'Grip'), technique('dice', 'Fine dice', ['grip']), technique('fry', 'Fry')],
        ...more,
      },
    });

  it('says what does not hold, takes a proposed order, and stores all moves with their versions', async () => {
    const { user, sent } = open({ 'PUT /classes/c1/term/days': TERM });
    expect(await screen.findByText(/Fine dice comes before Grip, on which it rests\./)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Propose an order' }));
    expect(screen.getByText(/0 instead of 1 breaks, with 2 lessons moved\. No order has fewer\./)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Take this order/ }));
    expect(screen.getByText(/Every lesson holds/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Save 2 moves' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    const { moves } = sent[0]!.body as { moves: readonly { lessonId: string; date: string; version: number }[] };
    expect([...moves].sort((x, y) => x.lessonId.localeCompare(y.lessonId))).toEqual([
      { lessonId: 'a', date: '2027-01-18', version: 4 },
      { lessonId: 'b', date: '2027-01-11', version: 4 },
    ]);
  });

  it('swaps two days by key, but not one that was held', async () => {
    const { user } = open({
      '/classes/c1/term': { ...TERM, lessons: [...TERM.lessons, lesson('c', '2027-01-25', 'assess', 'fry', { held: true })] },
    });
    await user.click(await screen.findByRole('button', { name: /Lesson a/ }));
    await user.keyboard('{Shift>}{ArrowRight}{/Shift}');
    expect(screen.getByRole('button', { name: 'Save 2 moves' })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Drop the moves' }));
    await user.click(screen.getByRole('button', { name: /Lesson c/ }));
    await user.keyboard('{Shift>}{ArrowLeft}{/Shift}');
    expect(screen.queryByRole('button', { name: /^Save/ })).toBeNull();
    expect(screen.getByText(/It has been held/)).toBeTruthy();
  });

  it('finds the dishes for what is missing, with a bound', async () => {
    const { user } = open();
    await user.click(await screen.findByRole('button', { name: 'Find dishes' }));
    expect(screen.getByText('1 session; fewer cannot do it.')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Leek tart' })).toBeTruthy();
  });

  it('lets who does not lead look, and change nothing but addresses of their own', async () => {
    open({}, 'assistant');
    expect(await screen.findByText(/Fine dice comes before Grip/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Add' })).toBeNull();
    expect(screen.getByRole('button', { name: 'Make an address' })).toBeTruthy();
  });
});
