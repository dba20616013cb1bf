// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import {
  EMPTY_KITCHEN,
  EMPTY_STEP,
  emptyTimePlan,
  repairPlan,
  solvePlan,
  withChange,
  type DishContent,
  type Kitchen,
  type MethodStep,
  type TimePlan,
} from '@pelvo/core';
import { usualSegments, type StoredKitchen, type TimeOfLesson } from '@pelvo/contract';
import KitchensPage from '../src/kitchens/KitchensPage';
import { lanesOf, platesWait } from '../src/schedule/lanes';
import { minuteOf, problemOf, stampOfLesson, timeAt } from '../src/schedule/planOf';
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
    else if (order.kind === 'repair') say({ kind: 'repair', repair: repairPlan(order.instance, order.before), done: true });
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
const KITCHEN: StoredKitchen = { ...EMPTY_KITCHEN, id: 'k2', version: 1, name: 'Kitchen 2' };
const LESSON = lessonOf({
  start: '09:00',
  end: '12:00',
  present: 4,
  teamSize: 2,
  demonstrationPortions: 0,
  dishes: [{ editionId: 'e1', dishId: 'd1', number: 1, content: TART, newer: null }],
});
const FROM = { lesson: LESSON, kitchen: KITCHEN as Kitchen, practised: {} };
const at = { at: '/lessons/l1/time', route: '/lessons/:id/time' };
const NOTHING: TimeOfLesson = { version: 0, content: null, practised: {}, savedBy: '' };

/** The page in front of a server that keeps the plan as it is sent. */
function page(lesson = LESSON, kitchens: readonly StoredKitchen[] = [KITCHEN], stored: TimeOfLesson = NOTHING, changed = lesson) {
  let kept = stored;
  const other = (next: TimeOfLesson) => (kept = next);
  const shown: ReturnType<typeof show> = show(<TimePage />, {
    ...at,
    answers: {
      '/lessons/l1': lesson,
      '/kitchens': kitchens,
      'PUT /lessons/l1': changed,
      '/lessons/l1/time': () => kept,
      'PUT /lessons/l1/time': () => {
        const { body, version } = shown.sent.at(-1)!;
        if (version !== `"${kept.version}"`)
          return refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Saved meanwhile', status: 412, current: kept });
        return (kept = { ...kept, version: kept.version + 1, content: body as TimePlan, savedBy: 'Maren Oltz' });
      },
    },
  });
  return { ...shown, other, kept: () => kept };
}

/** A plan that stands, made as the page makes it. */
function standing(part: Partial<TimePlan> = {}): TimeOfLesson & { content: TimePlan } {
  const plan = { ...emptyTimePlan(usualSegments(LESSON)), ...part };
  const { starts, uses, objective, bound } = solvePlan(problemOf(FROM, plan).instance, { effort: 60_000 });
  return {
    version: 3,
    practised: {},
    savedBy: 'Teo Vasz',
    content: { ...plan, placed: { starts, uses, objective, bound, status: 'feasible' }, madeFrom: stampOfLesson(FROM) },
  };
}
const bar = (said: RegExp) => screen.getAllByRole('button', { name: said })[0]!;
const rowsOf = async (table: string) => within(await screen.findByRole('table', { name: table })).getAllByRole('row');

describe('a lesson in time', () => {
  it('shows teams, ovens and the pass as lanes, says the same in tables, and keeps the plan', async () => {
    const { user, kept } = page();
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
    // Heated once, and a load of each pair.
    expect(await rowsOf('Oven 1')).toHaveLength(4);
    await waitFor(() => expect(kept().content?.placed?.status).toBe('optimal'));
    expect((await screen.findAllByRole('link', { name: 'A4' })).map((link) => link.getAttribute('href'))).toEqual(
      ['wall', 'stations', 'teams'].map((purpose) => `/api/lessons/l1/time.pdf?for=${purpose}&paper=A4`),
    );
  });

  it('says why it does not fit, what would make it fit, and plans it so when told to', async () => {
    const { user, kept } = page({ ...LESSON, end: '10:10' });
    expect(await screen.findByText('It does not fit.')).toBeTruthy();
    expect(await screen.findByText(/needs? an oven at 180 °C for 30 minutes/)).toBeTruthy();
    const ahead = (await screen.findByText(/^Make ahead: Bake at 180/)).closest('li')!;
    await user.click(await within(ahead).findByRole('button', { name: 'It fits: plan it so' }));
    expect(await screen.findByText('Ready before the lesson')).toBeTruthy();
    expect(await screen.findByText(/2 plates reach the pass/)).toBeTruthy();
    await waitFor(() => expect(kept().content?.ahead).toEqual([{ dishId: 'd1', stepId: 'bake' }]));
    await user.click(screen.getByRole('button', { name: 'Do it in the lesson' }));
    expect(await screen.findByText(/does not hold|do not hold/)).toBeTruthy();
  });

  it('says so of a plan that stood and does not fit any more, and what would make it fit', async () => {
    const { user, kept } = page({ ...LESSON, end: '10:10' }, [KITCHEN], standing());
    await user.click(await screen.findByRole('button', { name: 'Plan anew' }));
    expect(await screen.findByText('It does not fit any more.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Put it right' })).toBeNull();
    const ahead = (await screen.findByText(/^Make ahead: Bake at 180/)).closest('li')!;
    await user.click(await within(ahead).findByRole('button', { name: 'It fits: plan it so' }));
    expect(await screen.findByText(/2 plates reach the pass/)).toBeTruthy();
    await waitFor(() => expect(kept().content?.ahead).toHaveLength(1));
  });

  it('says when the practical part would end before it begins', async () => {
    page({ ...LESSON, end: '09:35' });
    // Briefing until 09:10 (this class has no demonstration); 20 minutes of cleaning down and 10 of slack before 09:35 leave until 09:05.
    expect(await screen.findByText('It may begin at 09:10 and has to end by 09:05. There is no room for:')).toBeTruthy();
  });

  it('changes the lesson itself where the lead says so', async () => {
    const { user, sent } = page({ ...LESSON, end: '10:10' }, [KITCHEN], NOTHING, { ...LESSON, end: '11:10', version: 6 });
    const later = (await screen.findByText('End 60 minutes later, at 11:10')).closest('li')!;
    await user.click(await within(later).findByRole('button', { name: 'It fits: change the lesson so' }));
    await waitFor(() =>
      expect(
        sent.some(({ method, path, body }) => method === 'PUT' && path === '/lessons/l1' && (body as { end: string }).end === '11:10'),
      ).toBe(true),
    );
    expect(await screen.findByText(/2 plates reach the pass/)).toBeTruthy();
  });

  it.each([
    ['no kitchen is chosen', lessonOf({ kitchenId: null, kitchen: '' }), 'No kitchen is chosen'],
    ['the school keeps no such kitchen', lessonOf({ kitchenId: null, kitchen: 'The hall' }), 'Nothing is known of "The hall"'],
    ['nobody is there', lessonOf({ present: 0 }), 'Nobody is there'],
    ['there is no dish', lessonOf({ dishes: [] }), 'There is nothing to cook'],
  ])('says what is missing where %s', async (_, lesson, said) => {
    page(lesson);
    expect(await screen.findByText(said)).toBeTruthy();
  });

  it('says what the kitchen has none of, and that it is too small', async () => {
    const small: StoredKitchen = { ...KITCHEN, stations: 1, ovens: [{ ...KITCHEN.ovens[0]!, to: 150 }] };
    page(LESSON, [small]);
    expect(await screen.findByText('Kitchen 2 has no oven that reaches 180 °C.')).toBeTruthy();
    expect(screen.getByText('2 teams, and Kitchen 2 has 1 station.')).toBeTruthy();
  });

  it('says which team nobody is in', async () => {
    const [ada] = LESSON.students;
    const team = (id: string, name: string, studentIds: string[]) => ({ id, name, station: '', studentIds, dishIds: null });
    page({ ...LESSON, teams: [team('t1', 'Ash', [ada!.id]), team('t2', 'Birch', [])] });
    expect(await screen.findByText('Nobody is in Birch.')).toBeTruthy();
  });
});

describe('a plan that a person decides about', () => {
  it('shows at once what breaks when a step is moved by key, puts the rest right, and takes it back', async () => {
    const before = standing();
    const { user } = page(LESSON, [KITCHEN], before);
    await screen.findByText(/2 plates reach the pass/);
    const bake = before.content.placed!.starts['team-1.d1.bake']!;
    bar(/^Pair 1.*Bake at 180/).focus();
    await user.keyboard('{Shift>}{ArrowLeft}{/Shift}');
    expect(await screen.findByText(/do(?:es)? not hold\./)).toBeTruthy();
    expect(screen.getByText(/Pair 1: "Bake at 180 °C" begins before Pair 1: "Roll the pastry" is done\./)).toBeTruthy();
    bar(/^Pair 1.*Bake at 180.*pinned/).focus();
    await user.keyboard('r');
    expect(await screen.findByText(/steps? (?:was|were) moved\./)).toBeTruthy();
    const clock = (minute: number) => timeAt(LESSON, minute);
    expect((await rowsOf('Pair 1')).some((row) => row.textContent!.startsWith(clock(bake - 5)))).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Take back' }));
    await user.click(screen.getByRole('button', { name: 'Take back' }));
    await waitFor(async () => expect((await rowsOf('Pair 1')).some((row) => row.textContent!.startsWith(clock(bake)))).toBe(true));
    expect(screen.getByRole('button', { name: 'Take back' }).hasAttribute('disabled')).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Do again' }));
    expect(await screen.findByText(/do(?:es)? not hold\./)).toBeTruthy();
  });

  it('is pinned, lengthened and handed over beside the lanes', async () => {
    const { user, kept } = page(LESSON, [KITCHEN], standing());
    await screen.findByText(/2 plates reach the pass/);
    await user.click(bar(/^Pair 1.*Roll the pastry/));
    const panel = within(screen.getByRole('region', { name: 'The chosen step' }));
    await user.click(panel.getByRole('checkbox', { name: /Pinned/ }));
    await user.click(panel.getByRole('button', { name: 'Minutes: one more' }));
    await user.selectOptions(panel.getByRole('combobox', { name: 'Done by the hands of' }), 'Pair 2');
    await waitFor(() =>
      expect(kept().content!.changes).toMatchObject([{ step: 'team-1.d1.roll', minutes: expect.any(Number) as number, by: 'team-2' }]),
    );
    expect(kept().content!.changes[0]!.pinnedAt).toBe(kept().content!.placed!.starts['team-1.d1.roll']);
    expect(kept().content!.placed!.uses['team-1.d1.roll']).toEqual(['hands.team-2']);
  });

  it('says that it is out of date when the kitchen has changed, and what no longer holds', async () => {
    const shrunk: StoredKitchen = { ...KITCHEN, ovens: [{ ...KITCHEN.ovens[0]!, to: 150 }] };
    page(LESSON, [shrunk], standing());
    expect(await screen.findByText('The lesson, its kitchen or who comes has changed since this was planned.')).toBeTruthy();
    expect(screen.getByText('Kitchen 2 has no oven that reaches 180 °C.')).toBeTruthy();
  });

  it('is brought together with what somebody else saves at the same time', async () => {
    const before = standing();
    const { user, other, kept } = page(LESSON, [KITCHEN], before);
    await screen.findByText(/2 plates reach the pass/);
    const plate = 'team-2.d1.plate';
    const theirs = withChange(before.content, plate, { pinnedAt: before.content.placed!.starts[plate]! });
    bar(/^Pair 1.*Roll the pastry/).focus();
    await user.keyboard('p');
    other({ ...before, version: 4, content: theirs });
    await waitFor(() =>
      expect(
        kept()
          .content!.changes.map(({ step: of }) => of)
          .sort(),
      ).toEqual(['team-1.d1.roll', plate]),
    );
    expect(kept().version).toBe(5);
  });
});

describe('lanes', () => {
  it('lay what goes on at once in rows of their own', () => {
    const plan = emptyTimePlan(usualSegments(LESSON));
    const problem = problemOf(FROM, plan);
    const solved = solvePlan(problem.instance);
    const lanes = lanesOf(problem, solved, KITCHEN);
    expect(lanes.map(({ name }) => name)).toEqual(['Everyone', 'Pair 1', 'Pair 2', 'Oven 1', 'The pass']);
    for (const { rows, bars } of lanes)
      for (const each of bars) {
        expect(each.row).toBeLessThan(rows);
        expect(bars.filter((one) => one !== each && one.row === each.row && one.from < each.until && each.from < one.until)).toEqual([]);
      }
    expect(platesWait(problem, solved).longest).toBeLessThanOrEqual(plan.segments.plateWaits);
  });

  it('name the time of the clock, and find the minute again', () => {
    expect([timeAt(LESSON, 0), timeAt(LESSON, 75), minuteOf(LESSON, '10:15'), minuteOf(LESSON, '15:00')]).toEqual([
      '09:00',
      '10:15',
      75,
      null,
    ]);
  });
});

describe('the kitchens', () => {
  it('are shown with what they have, and changed by the lead', async () => {
    const { user, sent } = show(<KitchensPage />, {
      answers: { '/kitchens': [KITCHEN], 'PUT /kitchens/k2': { ...KITCHEN, stations: 9, version: 2 } },
    });
    expect(await screen.findByText(/8 stations with 2 burners each, 1 oven with 2 shelves, one assessor/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Change' }));
    await user.click(screen.getByRole('button', { name: 'Stations: one more' }));
    await user.click(screen.getByRole('button', { name: 'Save the kitchen' }));
    await waitFor(() => expect(sent).toMatchObject([{ method: 'PUT', path: '/kitchens/k2', version: '"1"', body: { stations: 9 } }]));
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
      answers: { '/kitchens': [KITCHEN], 'DELETE /kitchens/k2': {}, 'POST /kitchens': KITCHEN },
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
