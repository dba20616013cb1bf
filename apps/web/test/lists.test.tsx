// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { LESSONS_SHOWN, type DishSummary, type LessonSummary, type RubricSummary } from '@pelvo/contract';
import MarkListPage from '../src/assessment/MarkListPage';
import ClassesPage from '../src/classes/ClassesPage';
import DishesPage from '../src/dishes/DishesPage';
import IngredientsPage from '../src/ingredients/IngredientsPage';
import TermPage from '../src/lessons/TermPage';
import RubricsPage from '../src/rubrics/RubricsPage';
import { rubricCsv, SHIPPED_BOOK } from '@pelvo/core';
import { plate, lessonOf, RUBRIC, sheetOf } from './fixtures';
import { refused, show } from './screen';

describe('the dishes', () => {
  const leeks: DishSummary = {
    id: 'd1',
    title: 'Leek salad',
    portions: 4,
    lines: 5,
    held: 1,
    techniques: ['t1'],
    edition: 2,
    editionId: 'e2',
    changed: true,
    isPreparation: false,
    archived: false,
  };
  const techniques = [{ id: 't1', name: 'Sweat', strand: 'cooking', words: [] }];
  const none = { items: [], total: 0 };
  const one = { items: [leeks], total: 1 };

  it('show strands, editions, and how many lines are held', async () => {
    show(<DishesPage />, { answers: { '/techniques': techniques, '/dishes?search=&page=1': one } });
    const row = (await screen.findByRole('link', { name: 'Leek salad' })).closest('tr')!;
    expect(row.textContent).toMatch(/2, draft differs1 held/);
    expect(within(row).getByText('1', { selector: 'span' })).toBeTruthy();
  });

  it('are found by words and conditions together, and say when none fits', async () => {
    const { user } = show(<DishesPage />, {
      answers: {
        '/techniques': techniques,
        '/dishes?search=&page=1': one,
        '/dishes?search=&page=1&technique=t1': one,
        '/dishes?search=&page=1&technique=t1&freeOf=nuts': none,
      },
    });
    await user.selectOptions(await screen.findByLabelText('Exercises'), await screen.findByRole('option', { name: 'Sweat' }));
    await user.selectOptions(screen.getByLabelText('Without'), 'nuts');
    expect(await screen.findByText('No dish fits')).toBeTruthy();
    expect(
      screen.getByText('Only dishes of which every ingredient is known; one that holds an unknown or unread label is left out.'),
    ).toBeTruthy();
  });

  it('that were archived are restored, or it is said why not', async () => {
    let answer: unknown = refused(409, { type: 'urn:pelvo:problem:conflict', title: 'There is a dish of that name already.', status: 409 });
    const { user, sent } = show(<DishesPage />, {
      answers: {
        '/techniques': techniques,
        '/dishes?search=&page=1': none,
        '/archived-dishes?search=&page=1': one,
        'PUT /dishes/d1/archived': () => answer,
      },
    });
    await user.click(await screen.findByRole('button', { name: 'Archived dishes' }));
    const back = { name: /^Restore ?Leek salad/ };
    await user.click(await screen.findByRole('button', back));
    expect(await screen.findByText('There is a dish of that name already.')).toBeTruthy();
    answer = {};
    await user.click(screen.getByRole('button', back));
    await waitFor(() => expect(screen.queryByText('There is a dish of that name already.')).toBeNull());
    expect(sent.map(({ body }) => body)).toEqual([{ archived: false }, { archived: false }]);
  });

  it('are paged, and only as far as there are any', async () => {
    const page = (number: number) => [`/dishes?search=&page=${number}`, { items: [leeks], total: 150 }];
    const { user } = show(<DishesPage />, { answers: { '/techniques': techniques, ...Object.fromEntries([page(1), page(2)]) } });
    expect(await screen.findByText('1 to 100 of 150')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Later' }));
    expect(await screen.findByText('101 to 150 of 150')).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Later' }).disabled).toBe(true);
  });

  it('begin with a recipe, for those who may', async () => {
    const { unmount } = show(<DishesPage />, { answers: { '/techniques': [], '/dishes?search=&page=1': none } });
    await screen.findByText('No dish yet');
    expect(screen.getAllByRole('link', { name: 'Read a recipe' })).toHaveLength(2);
    unmount();
    show(<DishesPage />, { role: 'stores', answers: { '/techniques': [], '/dishes?search=&page=1': none } });
    expect(await screen.findByText('No dish yet')).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Read a recipe' })).toBeNull();
  });
});

describe('classes and rubrics', () => {
  it('are made with a name, and keep it when it is refused', async () => {
    const errors = [{ field: 'name', problem: 'There is a class of that name.', remedy: 'Add the term.' }];
    let answer: unknown = refused(409, { type: 'urn:pelvo:problem:conflict', title: 'Taken.', status: 409, errors });
    const { user, at } = show(<ClassesPage />, { answers: { '/classes': [], 'POST /classes': () => answer } });
    await user.click((await screen.findAllByRole('button', { name: 'New class' }))[0]!);
    await user.type(screen.getByLabelText('Name'), 'Foundation');
    await user.click(screen.getByRole('button', { name: 'Make the class' }));
    expect(await screen.findByText(/There is a class of that name\. Add the term\./)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Foundation');
    answer = { id: 'c7' };
    await user.click(screen.getByRole('button', { name: 'Make the class' }));
    await waitFor(() => expect(at()).toBe('/classes/c7'));
  });

  it('are copied under a name that is free', async () => {
    const summary = (id: string, name: string): RubricSummary => ({ id, name, criteria: 3, edition: 1, editionId: 'e1', changed: false });
    const { user, sent, at } = show(<RubricsPage />, {
      answers: {
        '/rubrics': [summary('r1', 'Practical'), summary('r2', 'Practical, copy')],
        '/rubrics/r1': { id: 'r1', version: 1, content: RUBRIC, editions: [], changed: false },
        'POST /rubrics': { id: 'r3' },
      },
    });
    await user.click(await screen.findByRole('button', { name: /^Copy ?Practical$/ }));
    await waitFor(() => expect(at()).toBe('/rubrics/r3'));
    expect(sent[0]!.body).toMatchObject({ name: 'Practical, copy 2', criteria: RUBRIC.criteria });
  });

  it('are taken from a file as a draft, and a file that is none says what it should be', async () => {
    const { user, sent, at } = show(<RubricsPage />, { answers: { '/rubrics': [], 'POST /rubrics': { id: 'r9' } } });
    const choose = await screen.findByLabelText(/Choose a file/);
    await user.upload(choose, new File(['name\nflour'], 'flour.csv', { type: 'text/csv' }));
    expect(await screen.findByText(/The first line must name the columns/)).toBeTruthy();
    await user.upload(screen.getByLabelText(/Choose another/), new File([rubricCsv(RUBRIC)], 'practical.csv', { type: 'text/csv' }));
    await waitFor(() => expect(at()).toBe('/rubrics/r9'));
    expect(sent).toMatchObject([{ method: 'POST', body: RUBRIC }]);
  });
});

describe('the ingredients', () => {
  const records = ['leek', 'fennel'].map((name) => ({
    name,
    shipped: SHIPPED_BOOK.named(name) ?? SHIPPED_BOOK.find(name)!,
    own: null,
    version: 0,
  }));

  it('are found by any of their names, and changed by the lead', async () => {
    const { user } = show(<IngredientsPage />, { answers: { '/ingredients': records } });
    expect(await screen.findByRole('button', { name: /^Change ?leek/ })).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Find an ingredient'), { target: { value: 'fenn' } });
    await waitFor(() => expect(screen.queryByRole('button', { name: /^Change ?leek/ })).toBeNull());
    await user.click(screen.getByRole('button', { name: /^Change ?fennel/ }));
    expect(await screen.findByRole('dialog', { name: 'fennel' })).toBeTruthy();
  });

  it('are read by stores', async () => {
    show(<IngredientsPage />, { role: 'stores', answers: { '/ingredients': records } });
    expect((await screen.findAllByRole('row')).length).toBe(3);
    expect(screen.queryByRole('button', { name: /^Change/ })).toBeNull();
  });
});

describe('what is to be marked', () => {
  const list = (sheet = sheetOf()) =>
    show(<MarkListPage />, {
      role: 'assistant',
      at: '/lessons/l1/mark',
      route: '/lessons/:id/mark',
      answers: { '/lessons/l1': lessonOf(), '/lessons/l1/marking-sheet': sheet },
    });

  it('is listed with how far each dish is, and who is away', async () => {
    const level = { kind: 'level', level: 4, faults: [] } as const;
    const done = { cut: level, salt: level, safe: { kind: 'critical', met: false, faults: [] } } as const;
    list(
      sheetOf({
        plates: [plate('s1', done), plate('s2', { cut: level })],
      }),
    );
    expect((await screen.findByRole('link', { name: /^Ada/ })).textContent).toBe('Adadone, capped40');
    expect(screen.getByRole('link', { name: /^Bo/ }).textContent).toBe('Bo1 of 3~100');
    expect(screen.getByRole('link', { name: /^Cy/ }).textContent).toBe('Cynot begun');
    expect(screen.getByRole('link', { name: /^Flo/ }).closest('p')!.textContent).toContain('Away: Flo');
    expect(screen.getByRole('link', { name: /^Ada/ }).getAttribute('href')).toBe('/lessons/l1/mark/s1/e1');
  });

  it('says what it needs before anything can be marked', async () => {
    const { unmount } = list(sheetOf({ rubric: null }));
    expect(await screen.findByText('This lesson has no rubric')).toBeTruthy();
    unmount();
    list(sheetOf({ dishes: [] }));
    expect(await screen.findByText('Nothing to mark')).toBeTruthy();
  });
});

describe('the term of a school that has held more lessons than a list holds', () => {
  const lesson = (index: number, date: string): LessonSummary => ({
    id: `l${index}`,
    title: `Lesson ${index}`,
    date,
    start: '09:00',
    end: '12:00',
    kitchen: '',
    className: 'Foundation',
    present: 12,
    dishes: [],
    techniques: [],
    readiness: [],
  });
  const day = (index: number) => new Date(Date.UTC(2020, 0, 1 + Math.floor(index / 2))).toISOString().slice(0, 10);
  const lessons = (from: number, count: number) => Array.from({ length: count }, (_, index) => lesson(from + index, day(from + index)));

  it('says what is not shown, and shows it by its dates, nothing twice', async () => {
    // The list ends in the middle of a day: lesson 7 is of the same day as lesson 6.
    const newest = lessons(7, LESSONS_SHOWN);
    const { user } = show(<TermPage />, { answers: { '/lessons': newest, [`/lessons?to=${day(7)}`]: lessons(0, 8) } });
    expect(await screen.findByText(/Lessons before Saturday 4 January 2020 are not shown\./)).toBeTruthy();
    expect(screen.queryByText('Lesson 6')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Show earlier ones' }));
    expect(await screen.findByText('Lesson 6')).toBeTruthy();
    expect(screen.getByText('Lesson 0')).toBeTruthy();
    expect(screen.getAllByText('Lesson 7')).toHaveLength(1);
    expect(screen.queryByRole('button', { name: 'Show earlier ones' })).toBeNull();
  });

  it('says nothing of no lesson while it is still loading', async () => {
    let answer = (_: unknown) => {};
    show(<TermPage />, { answers: { '/lessons': () => new Promise((done) => (answer = done)) } });
    expect(await screen.findByText(/Fetching the term/)).toBeTruthy();
    expect(screen.queryByText('No lesson ahead.')).toBeNull();
    answer([]);
    expect(await screen.findByText('No lesson ahead.')).toBeTruthy();
  });
});
