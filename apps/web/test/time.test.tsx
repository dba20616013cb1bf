// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { EMPTY_KITCHEN, EMPTY_STEP, solvePlan, type DishContent, type Kitchen, type MethodStep } from '@pelvo/core';
import type { StoredKitchen } from '@pelvo/contract';
import KitchensPage from '../src/kitchens/KitchensPage';
import { lanesOf, platesWait } from '../src/schedule/lanes';
import { problemOf, teamsOf, timeAt, usualSegments } from '../src/schedule/planOf';
import type { PlanNews, PlanOrder } from '../src/schedule/planWorker';
import TimePage from '../src/schedule/TimePage';
import { lessonOf, SALAD } from './fixtures';
import { refused, show } from './screen';

/** Works as the worker does, but here: jsdom has none. */
class Here {
  onmessage: ((event: { data: PlanNews }) => void) | null = null;
  private gone = false;
  postMessage(order: PlanOrder): void {
    const say = (data: PlanNews) => setTimeout(() => !this.gone && this.onmessage?.({ data }));
    if (order.kind === 'plan') say({ kind: 'plan', plan: solvePlan(order.instance, { effort: 60_000 }), done: true });
    else
      order.variants.forEach(({ key, instance }, index) =>
        say({ kind: 'variant', key, plan: solvePlan(instance, { effort: 60_000 }), done: index === order.variants.length - 1 }),
      );
  }
  terminate(): void {
    this.gone = true;
  }
}
beforeEach(() => void vi.stubGlobal('Worker', Here));

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
    step('roll', 'Roll the pastry', 10),
    step('bake', 'Bake at 180 °C', 30, { hands: 'off', celsius: 180, heats: 'oven' }),
    step('plate', 'Cut and plate', 5),
  ],
};
const KITCHEN: StoredKitchen = { ...EMPTY_KITCHEN, id: 'k1', version: 1, name: 'Kitchen 2' };
const LESSON = lessonOf({
  kitchen: 'Kitchen 2',
  start: '09:00',
  end: '12:00',
  present: 4,
  teamSize: 2,
  demonstrationPortions: 0,
  dishes: [{ editionId: 'e1', dishId: 'd1', number: 1, content: TART, newer: null }],
});
const at = { at: '/lessons/l1/time', route: '/lessons/:id/time' };
const page = (lesson = LESSON, kitchens: readonly StoredKitchen[] = [KITCHEN]) =>
  show(<TimePage />, { ...at, answers: { '/lessons/l1': lesson, '/kitchens': kitchens } });

describe('a lesson in time', () => {
  it('shows teams, ovens and the pass as lanes, and says the same in tables', async () => {
    const { user } = page();
    expect(
      await screen.findByText(/2 plates reach the pass from 11:22 to 11:26; the longest wait is \d minutes?\. Nothing better/),
    ).toBeTruthy();
    const made: string[] = [];
    vi.stubGlobal(
      'URL',
      Object.assign(URL, { createObjectURL: (blob: Blob) => (made.push(blob.type), 'blob:x'), revokeObjectURL: () => {} }),
    );
    for (const name of ['Plan as CSV', 'Planning problem as JSON', 'Plan as JSON']) await user.click(screen.getByRole('button', { name }));
    expect(made).toEqual(['text/csv', 'application/json', 'application/json']);
    const pass = screen.getByRole('table', { name: 'The pass' });
    expect(within(pass).getAllByText('Tasting and marking')).toHaveLength(2);
    expect(within(screen.getByRole('table', { name: 'Pair 1' })).getByText('Bake at 180 °C')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Oven 1' }));
    expect(screen.queryByRole('table', { name: 'The pass' })).toBeNull();
    expect(within(screen.getByRole('table', { name: 'Oven 1' })).getAllByRole('row')).toHaveLength(3);
  });

  it('says why it does not fit, what would make it fit, and plans it so when told to', async () => {
    const { user } = page({ ...LESSON, end: '10:10' });
    expect(await screen.findByText('It does not fit.')).toBeTruthy();
    const ahead = (await screen.findByText(/^Make ahead: Bake at 180/)).closest('li')!;
    await user.click(await within(ahead).findByRole('button', { name: 'It fits: plan it so' }));
    expect(await screen.findByText('To be made before the lesson')).toBeTruthy();
    expect(await screen.findByText(/2 plates reach the pass/)).toBeTruthy();
    expect(screen.getByText('It is tried here. What the lesson says has not changed.')).toBeTruthy();
  });

  it.each([
    ['no kitchen is chosen', { ...LESSON, kitchen: '' }, 'No kitchen is chosen'],
    ['the school keeps no such kitchen', { ...LESSON, kitchen: 'The hall' }, 'Nothing is known of "The hall"'],
    ['nobody is there', { ...LESSON, present: 0 }, 'Nobody is there'],
    ['there is no dish', { ...LESSON, dishes: [] }, 'There is nothing to cook'],
  ])('says what is missing where %s', async (_, lesson, said) => {
    page(lesson);
    expect(await screen.findByText(said)).toBeTruthy();
  });

  it('says what the kitchen has none of, and that it is too small', async () => {
    const small: StoredKitchen = { ...KITCHEN, stations: 1, ovens: [{ ...KITCHEN.ovens[0]!, to: 150 }] };
    page(LESSON, [small]);
    expect(await screen.findByText('Kitchen 2 has no oven that reaches 180 °C.')).toBeTruthy();
    expect(screen.getByText('2 teams, and Kitchen 2 has 1 stations.')).toBeTruthy();
  });
});

describe('teams and times of a plan', () => {
  it.each([
    [7, 2, [2, 2, 2, 1]],
    [6, 3, [3, 3]],
    [2, 4, [2]],
    [0, 2, []],
  ])('%i students in teams of %i', (present, size, teams) => expect(teamsOf(present, size)).toEqual(teams));

  it('counts minutes from the beginning of the lesson', () => {
    expect([timeAt('09:00', 0), timeAt('09:50', 75), timeAt('23:30', 45)]).toEqual(['09:00', '11:05', '00:15']);
  });

  it('lays what goes on at once in rows of their own', () => {
    const choices = { segments: usualSegments(LESSON), teamSize: 2, minutes: 180, kitchen: KITCHEN as Kitchen, ahead: new Map() };
    const problem = problemOf(LESSON, choices);
    const plan = solvePlan(problem.instance);
    const lanes = lanesOf(problem, plan, KITCHEN, (team) => `Pair ${team + 1}`);
    expect(lanes.map(({ name }) => name)).toEqual(['Everyone', 'Pair 1', 'Pair 2', 'Oven 1', 'The pass']);
    for (const { rows, bars } of lanes)
      for (const bar of bars) {
        expect(bar.row).toBeLessThan(rows);
        expect(bars.filter((other) => other !== bar && other.row === bar.row && other.from < bar.until && bar.from < other.until)).toEqual(
          [],
        );
      }
    expect(platesWait(problem, plan).longest).toBeLessThanOrEqual(choices.segments.plateWaits);
  });
});

describe('the kitchens', () => {
  it('are shown with what they have, and changed by the lead', async () => {
    const { user, sent } = show(<KitchensPage />, {
      answers: { '/kitchens': [KITCHEN], 'PUT /kitchens/k1': { ...KITCHEN, stations: 9, version: 2 } },
    });
    expect(await screen.findByText(/8 stations with 2 burners each, 1 oven with 2 shelves, one assessor/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Change' }));
    await user.click(screen.getByRole('button', { name: 'Stations: one more' }));
    await user.click(screen.getByRole('button', { name: 'Save the kitchen' }));
    await waitFor(() => expect(sent).toMatchObject([{ method: 'PUT', path: '/kitchens/k1', version: '"1"', body: { stations: 9 } }]));
  });

  it('keep what was typed when the server refuses it, at its field', async () => {
    const { user } = show(<KitchensPage />, {
      answers: {
        '/kitchens': [],
        'POST /kitchens': refused(409, {
          type: 'urn:pelvo:problem:conflict',
          title: 'Conflict',
          errors: [{ field: 'name', problem: 'There is a kitchen "Kitchen 1" already.', remedy: 'Give it another name.' }],
        }),
      },
    });
    expect(await screen.findByText('No kitchen yet')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Add a kitchen' }));
    await user.type(screen.getByLabelText('Name'), 'Kitchen 1');
    await user.click(screen.getByRole('button', { name: 'Save the kitchen' }));
    expect((await screen.findAllByText(/There is a kitchen "Kitchen 1" already/)).length).toBeGreaterThan(0);
    expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('Kitchen 1');
  });

  it('are taken away, and brought back as they were', async () => {
    const { user, sent } = show(<KitchensPage />, {
      answers: { '/kitchens': [KITCHEN], 'DELETE /kitchens/k1': {}, 'POST /kitchens': KITCHEN },
    });
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    await user.click(screen.getByRole('button', { name: 'Take it away' }));
    await user.click(await screen.findByRole('button', { name: 'Restore it' }));
    const { id: _id, version: _version, ...content } = KITCHEN;
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ method: 'POST', path: '/kitchens', body: content }));
  });

  it('are only looked at by others', async () => {
    show(<KitchensPage />, { role: 'stores', answers: { '/kitchens': [KITCHEN] } });
    expect(await screen.findByText('Kitchen 2')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Change' })).toBeNull();
  });
});
