// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Purpose } from '@pelvo/core';
import type { Course, TechniqueSummary } from '@pelvo/contract';
import { show } from './screen';

// The places are worked out in a worker, of which there is none here; here they stand in a row.
vi.mock('../src/progress/useMapLayout', () => ({
  useMapLayout: (techniques: readonly { readonly id: string; readonly strand: string }[]) => ({
    layout: {
      width: 600,
      height: 80,
      nodes: techniques.map(({ id }, index) => ({ id, x: index * 150, y: 30 })),
      edges: [],
      bands: [{ strand: 'knife', x: 0, y: 0, width: 600 }],
    },
    error: null,
  }),
}));

const technique = (id: string, prerequisites: readonly string[] = []): TechniqueSummary => ({
  id,
  name: id,
  strand: 'knife',
  purpose: '',
  minutes: { novice: null, practised: null },
  cautions: [],
  matters: [],
  words: [],
  prerequisites,
});
const lesson = (id: string, date: string, id2: string, purpose: Purpose, absent: readonly string[] = []) => ({
  id,
  title: `Lesson ${id}`,
  date,
  techniques: [{ id: id2, purpose }],
  inPassing: [],
  absent,
});
const course: Course = {
  classId: 'c1',
  students: ['Ada', 'Bo', 'Cy'].map((name) => ({ id: name.toLowerCase(), name })),
  lessons: [lesson('a', '2020-01-10', 'Grip', 'introduce', ['cy']), lesson('b', '2999-01-10', 'Grip', 'practise')],
  dishes: { Grip: 2 },
};
const classes = [
  { id: 'c1', name: 'Foundation', term: '', students: 3 },
  { id: 'c2', name: 'Evening', term: '', students: 1 },
];
const page = async (at = '/map', answers: Readonly<Record<string, unknown>> = {}) => {
  const { default: MapPage } = await import('../src/progress/MapPage');
  return show(<MapPage />, {
    at,
    route: '/map',
    answers: {
      '/classes': classes,
      '/classes/c1/course': course,
      '/classes/c2/course': { ...course, classId: 'c2', students: [{ id: 'di', name: 'Di' }] },
      '/techniques': [technique('Grip'), technique('Julienne', ['Grip'])],
      ...answers,
    },
  });
};
const node = (name: string) => screen.findByRole('button', { name: new RegExp(`^${name}: `) });

describe('the map page', () => {
  it('begins with the largest class, today', async () => {
    await page();
    expect((await node('Grip')).getAttribute('aria-label')).toBe('Grip: met, not met by 1 of 3');
    expect(screen.getByLabelText<HTMLSelectElement>('Class').value).toBe('c1');
  });

  it('shows a class, a student and a day, and keeps them in the address', async () => {
    const { user, at } = await page();
    await node('Grip');
    await user.selectOptions(screen.getByLabelText('Who'), 'cy');
    expect((await node('Grip')).getAttribute('aria-label')).toBe('Grip: not met');
    await user.selectOptions(screen.getByLabelText('Who'), 'ada');
    expect((await node('Grip')).getAttribute('aria-label')).toBe('Grip: met');
    fireEvent.change(screen.getByLabelText('By the end of'), { target: { value: '2020-01-09' } });
    expect((await node('Grip')).getAttribute('aria-label')).toBe('Grip: not met');
    expect(at()).toBe('/map?student=ada&date=2020-01-09');
    await user.selectOptions(screen.getByLabelText('Class'), 'c2');
    await waitFor(() => expect(at()).toBe('/map?date=2020-01-09&class=c2'));
  });

  it('adds what a planned lesson would bring, and forgets it once the day is past', async () => {
    const { user } = await page();
    await node('Grip');
    const planned = screen.getByLabelText<HTMLSelectElement>('With a planned lesson');
    expect([...planned.options].map(({ value }) => value)).toEqual(['', 'b']);
    await user.selectOptions(planned, 'b');
    expect((await node('Grip')).getAttribute('aria-label')).toContain('; the lesson brings 3 further');
    fireEvent.change(screen.getByLabelText('By the end of'), { target: { value: '2999-06-01' } });
    await waitFor(() => expect(planned.value).toBe(''));
    expect((await node('Grip')).getAttribute('aria-label')).not.toContain('brings');
  });

  it('opens a technique beside it: who has not met it and why, and a planned lesson to put it into', async () => {
    const { user, at } = await page();
    await user.click(await node('Julienne'));
    const margin = await screen.findByRole('complementary', { name: 'Julienne' });
    expect(margin.textContent).toContain('Nobody has met it yet.');
    expect(
      within(margin)
        .getByRole('link', { name: /Lesson b, to introduce$/ })
        .getAttribute('href'),
    ).toBe('/lessons/b?technique=Julienne&purpose=introduce');
    await user.click(within(margin).getByRole('button', { name: 'Grip' }));
    const grip = await screen.findByRole('complementary', { name: 'Grip' });
    expect(grip.textContent).toContain('Cy, away on Fri 10 Jan');
    // It is in that lesson already.
    expect(within(grip).queryByRole('heading', { name: 'Put it into' })).toBeNull();
    await user.click(within(grip).getByRole('button', { name: 'Close' }));
    expect(at()).toBe('/map');
  });

  it('says what to do while there is no class or no card', async () => {
    const { unmount } = await page('/map', { '/classes': [] });
    expect((await screen.findByRole('link', { name: 'To the classes' })).getAttribute('href')).toBe('/classes');
    unmount();
    await page('/map', { '/techniques': [] });
    expect((await screen.findByRole('link', { name: 'Write a card' })).getAttribute('href')).toBe('/techniques/new');
  });
});
