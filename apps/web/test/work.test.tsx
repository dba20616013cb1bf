// @vitest-environment happy-dom
import { useState } from 'react';
import { fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { EMPTY_COMPONENT, EMPTY_STEP, type DishContent, type MethodStep } from '@pelvo/core';
import { WorkSection } from '../src/dishes/work/WorkSection';
import { SALAD } from './fixtures';
import { show } from './screen';

const step = (id: string, text: string, part: Partial<MethodStep> = {}): MethodStep => ({
  ...EMPTY_STEP,
  id,
  text,
  minutes: 10,
  componentId: 'p',
  ...part,
});
const TART: DishContent = {
  ...SALAD,
  components: [{ ...EMPTY_COMPONENT, id: 'p', name: 'Pastry' }],
  method: [
    step('rub', 'Rub the butter in'),
    step('chill', 'Chill the dough', { hands: 'off', minutes: 30 }),
    step('bake', 'Bake at 180 °C', { hands: 'off', celsius: 180, minutes: 25 }),
    step('plate', 'Cut and plate', { componentId: null, minutes: null }),
  ],
};

/** The section with a dish that keeps what is changed; `now` is how it stands. */
function work(content = TART, readOnly = false) {
  let now = content;
  function Kept() {
    const [dish, setDish] = useState(content);
    now = dish;
    return <WorkSection content={dish} onChange={readOnly ? undefined : (method) => setDish({ ...dish, method })} />;
  }
  return { ...show(<Kept />), now: () => now, of: (id: string) => now.method.find((each) => each.id === id)! };
}
const bar = (said: RegExp) => screen.getByRole('button', { name: said });

describe('the work of a dish over time', () => {
  it('lies on a line, what decides and what is guessed are said', () => {
    work();
    expect(bar(/^Rub the butter in, from minute 0 to 10, 15 for a novice, decides/)).toBeTruthy();
    expect(bar(/^Bake at 180 °C, from minute 40 to 65, goes on by itself, decides/)).toBeTruthy();
    expect(screen.getByText('70 min from first to last, 15 by hand')).toBeTruthy();
    expect(screen.getByRole('button', { name: /Cut and plate: How long does it take\?/ })).toBeTruthy();
  });

  it('is moved, made longer and shorter by key', async () => {
    const { user, of } = work();
    bar(/^Bake/).focus();
    await user.keyboard('{Shift>}{ArrowRight}{/Shift}{ArrowLeft}');
    expect(of('chill').toNext).toEqual({ least: 4, most: null });
    await user.keyboard('+++-');
    expect(of('bake').minutes).toBe(27);
    expect(bar(/^Bake at 180 °C, from minute 44 to 71/)).toBeTruthy();
  });

  it('waits for what is ticked, and not in a ring', async () => {
    const { user, of } = work();
    await user.click(bar(/^Chill/));
    const waits = within(screen.getByRole('group', { name: /Chill the dough/ }));
    await user.click(waits.getByRole('checkbox', { name: /Rub the butter in/ }));
    expect(of('chill').work.after).toEqual([]);
    expect(bar(/^Chill the dough, from minute 0/)).toBeTruthy();
    await user.click(waits.getByRole('checkbox', { name: /Bake/ }));
    expect(await screen.findByText('These steps would wait for each other.')).toBeTruthy();
    expect(of('chill').work.after).toEqual([]);
    await user.click(waits.getByRole('button', { name: /As usual/ }));
    expect(of('chill').work.after).toBeNull();
  });

  it('is joined to another step by its dot, and parted from it by the same drag', () => {
    const { of, container } = work();
    const drag = (from: string, to: string) => {
      const dot = container.querySelector(`[data-dot="${from}"]`)!;
      Object.assign(dot, { setPointerCapture: () => undefined });
      document.elementsFromPoint = () => [container.querySelector(`[data-step="${to}"]`)!];
      fireEvent.pointerDown(dot);
      fireEvent.pointerUp(dot);
    };
    drag('rub', 'bake');
    expect(of('bake').work.after).toEqual(['chill', 'rub']);
    drag('rub', 'bake');
    expect(of('bake').work.after).toEqual(['chill']);
    drag('bake', 'bake');
    expect(of('bake').work.after).toEqual(['chill']);
  });

  it('says what may be made ahead, at which heats it is right, when it is done, and whether it can be done again', async () => {
    const { user, of } = work();
    await user.click(bar(/^Chill/));
    await user.selectOptions(screen.getByLabelText('Before the lesson'), 'it may be done ahead');
    await user.selectOptions(screen.getByLabelText('Store'), 'frozen');
    expect(of('chill').work.ahead).toEqual({ may: true, hours: 24, store: 'frozen', by: 'technician' });
    await user.click(bar(/^Bake/));
    await user.click(screen.getByRole('button', { name: 'Other heats are right too' }));
    expect(of('bake').work.band).toEqual({ from: 170, to: 190, minutesAtFrom: 27, minutesAtTo: 23 });
    await user.type(screen.getByLabelText('Ends at a cue'), 'brown');
    expect(of('bake').work.cue).toEqual({ text: 'brown', least: 25, most: 25 });
    await user.selectOptions(screen.getByLabelText('When it fails'), 'it is done again');
    expect(of('bake').work.redo).toEqual({ times: 1, minutes: 25 });
    await user.type(screen.getByLabelText('Only if'), 'thin');
    await user.click(screen.getByRole('checkbox', { name: 'That is likely: plan it' }));
    expect(of('bake').work.only).toEqual({ when: 'thin', likely: true });
    await user.selectOptions(screen.getByLabelText('When it fails'), 'as it reads: not said');
    expect(of('bake').work.redo).toBeNull();
  });

  it('is only looked at where the dish is', async () => {
    const { user } = work(TART, true);
    await user.click(bar(/^Chill/));
    expect(screen.getByRole('group', { name: /Chill the dough/ }).hasAttribute('disabled')).toBe(true);
    bar(/^Bake/).focus();
    await user.keyboard('+');
    expect(bar(/^Bake at 180 °C, from minute 40 to 65/)).toBeTruthy();
  });
});
