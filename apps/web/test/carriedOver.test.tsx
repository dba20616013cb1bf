// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { EMPTY_COMPONENT, EMPTY_STEP, type CookingTeam, type DishContent } from '@pelvo/core';
import type { CarriedRecord, LessonDetail } from '@pelvo/contract';
import { CarriedOver } from '../src/preparation/CarriedOver';
import { lessonOf, SALAD } from './fixtures';
import { refused, show } from './screen';

const step = (id: string, text: string) => ({ ...EMPTY_STEP, id, text, minutes: 10, componentId: 'p' });
const TART: DishContent = {
  ...SALAD,
  title: 'Leek tart',
  components: [
    { ...EMPTY_COMPONENT, id: 'p', name: 'Pastry', lines: SALAD.components[0]!.lines, keeps: [{ store: 'frozen', hours: 240 }] },
  ],
  method: [step('rub', 'Rub the pastry.'), step('bake', 'Bake it.')],
};
const team = (id: string, ...studentIds: string[]): CookingTeam => ({
  ...{ id, name: `Team ${id}`, station: '', hands: studentIds.length, studentIds, dishIds: null },
});
const when = (id: string, title: string, date: string, cooking: readonly CookingTeam[]) => ({
  ...{ id, title, date, cooking, start: '09:00', end: '12:00' },
});
const RECORD: CarriedRecord = {
  ...{
    id: 'c1',
    version: 3,
    dishId: 'd1',
    stepId: 'rub',
    store: null,
    hours: null,
    covers: [],
    content: TART,
    portionsATeam: 2,
    doneBefore: [],
  },
  from: when('l0', 'Doughs', '2026-11-20', [team('1', 'a'), team('2', 'c')]),
  to: when('l1', 'Tarts', '2026-11-26', [team('1', 'a'), team('2', 'b')]),
};
const LESSON = (carried: readonly CarriedRecord[], id = 'l1'): LessonDetail =>
  lessonOf({ id, carried, dishes: [{ editionId: 'e1', dishId: 'd1', number: 1, content: TART, newer: null }] });

function open(lesson: LessonDetail, answers: Readonly<Record<string, unknown>> = {}) {
  const changed = vi.fn(() => Promise.resolve());
  return { changed, ...show(<CarriedOver lesson={lesson} rules={{}} onChanged={changed} />, { answers }) };
}

describe('what is carried over from an earlier lesson', () => {
  it('says how long it lies, who takes over what, and takes another choice', async () => {
    const { user, sent, changed } = open(LESSON([RECORD]), { 'PUT /carried/c1': RECORD });
    // From noon on the 20th to nine on the 26th are 141 hours.
    expect(screen.getByText('Pastry from “Doughs” lies 5.9 days, and keeps 10 days. Kept frozen.')).toBeTruthy();
    const choice = screen.getByRole<HTMLSelectElement>('combobox', { name: 'With whose, Team 2' });
    expect(choice.selectedOptions[0]!.text).toBe('takes over from Team 2');
    expect(screen.getByText(/^1 cooks on with what they made themselves/)).toBeTruthy();
    await user.selectOptions(choice, 'the technician makes one');
    await waitFor(() => expect(changed).toHaveBeenCalled());
    expect(sent[0]).toMatchObject({ version: '"3"', body: { store: null, hours: null, covers: [{ studentId: 'b', from: 'technician' }] } });
  });

  it('says what does not keep, and of whom nothing was made', async () => {
    const { user, sent } = open(LESSON([{ ...RECORD, hours: 24, from: { ...RECORD.from, cooking: [team('1', 'a')] } }]), {
      'PUT /carried/c1': refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Somebody else saved.', status: 412 }),
    });
    expect(screen.getByText(/would be 5\.9 days old; it keeps 24 h\./)).toBeTruthy();
    expect(screen.getByText(/Nothing was made for Team 2/)).toBeTruthy();
    const hours = screen.getByLabelText('Keeps, hours');
    await user.clear(hours);
    await user.type(hours, '200{Enter}');
    await waitFor(() => expect(sent[0]).toMatchObject({ body: { hours: 200 } }));
    // What is refused is said, and what was typed stays.
    expect(await screen.findByText('Somebody else saved.')).toBeTruthy();
    expect((hours as HTMLInputElement).value).toBe('200');
  });

  it('is given to one of the lessons before, the nearest first, but not a step that stands already', async () => {
    const lessons = ['2026-11-01', '2026-11-20', '2026-12-24'].map((date, at) => ({
      ...{ id: `x${at}`, title: `Lesson ${at}`, date, start: '09:00', end: '12:00' },
    }));
    const { user, sent, changed } = open(LESSON([RECORD]), {
      '/classes/c1/term': { lessons },
      'POST /lessons/l1/carried': RECORD,
    });
    await user.click(screen.getByRole('button', { name: 'Let an earlier lesson make a stage' }));
    const where = await screen.findByLabelText('In which lesson');
    expect(
      within(where)
        .getAllByRole('option')
        .map((each) => each.textContent),
    ).toEqual(['Fri 20 Nov, Lesson 1', 'Sun 1 Nov, Lesson 0']);
    const stages = within(screen.getByLabelText('Up to which step')).getAllByRole('option');
    expect(stages.map((each) => each.textContent)).toEqual(['Leek tart: Bake it.']);
    await user.click(screen.getByRole('button', { name: 'Make it there' }));
    await waitFor(() => expect(changed).toHaveBeenCalled());
    expect(sent[0]!.body).toEqual({ fromLessonId: 'x1', dishId: 'd1', stepId: 'bake', store: null, hours: null, covers: [] });
  });

  it('is said where it is made: pieces, minutes, what must be there', () => {
    open(LESSON([RECORD], 'l0'));
    expect(screen.getByText(/^2 pieces by 2 teams; 10 to 15 minutes of hands each/)).toBeTruthy();
    expect(screen.getByText(/Must be here on that day/).textContent).toMatch(/leeks/);
    expect(screen.getByRole('link', { name: 'Labels, A4' })).toBeTruthy();
  });
});
