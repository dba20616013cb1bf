// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { Criterion, MarkValue } from '@pelvo/core';
import { Agreeing } from '../src/assessment/Agreeing';
import { say } from '../src/device';

vi.mock('../src/device', async (original) => ({
  ...(await original<object>()),
  say: vi.fn(() => Promise.resolve()),
  useOutbox: () => ({ waiting: [] }),
}));

const descriptors = ['one', 'two', 'three', 'four'];
const seasoning = {
  key: 'seasoning',
  name: 'Seasoning',
  kind: 'levels',
  strand: 'cooking',
  weight: 10,
  faults: [],
  descriptors,
} as unknown as Criterion;
const level = (value: 1 | 2 | 3 | 4, faults: string[] = []): MarkValue => ({ kind: 'level', level: value, faults });
const dish = (agreed: MarkValue | null) => ({
  studentId: 's',
  dishEditionId: 'd',
  criteria: [seasoning],
  differing: {
    lessonId: 'l',
    criteria: [
      {
        criterionKey: 'seasoning',
        said: [
          { assessor: 'Maren Oltz', value: level(4) },
          { assessor: 'Teo Vasz', value: level(2, ['flat']) },
        ],
        agreed,
      },
    ],
  },
});
const show = (agreed: MarkValue | null = null) => render(<Agreeing dish={dish(agreed)} onChanged={() => undefined} />);
const choices = () => within(screen.getByRole('group', { name: 'Agree on Seasoning' })).getAllByRole('button');

describe('marks that differ', () => {
  beforeEach(() => vi.mocked(say).mockClear());
  afterEach(cleanup);

  it('show who said what, and offer each and what lies between', () => {
    show();
    expect(screen.getByText('Maren Oltz: Assured')).toBeTruthy();
    expect(screen.getByText('Teo Vasz: Nearly')).toBeTruthy();
    expect(choices().map((button) => button.textContent)).toEqual(['Assured', 'Nearly', 'Secure']);
    expect(screen.getByText('not agreed on yet')).toBeTruthy();
  });

  it('are settled by one touch, with the faults of both for a level between', () => {
    show();
    fireEvent.click(screen.getByRole('button', { name: 'Secure' }));
    const body = { studentId: 's', dishEditionId: 'd', criterionKey: 'seasoning', value: level(3, ['flat']), agreed: true };
    expect(say).toHaveBeenCalledWith('l', 'mark', body);
  });

  it('show what was agreed on, and let it be taken back', () => {
    show(level(2, ['flat']));
    expect(choices().map((button) => button.getAttribute('aria-pressed'))).toEqual(['false', 'true', 'false', null]);
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
    expect(vi.mocked(say).mock.calls[0]![2]).toMatchObject({ value: null, agreed: true });
  });

  it('say nothing where all agree', () => {
    const { container } = render(
      <Agreeing dish={{ ...dish(null), differing: { lessonId: 'l', criteria: [] } }} onChanged={() => undefined} />,
    );
    expect(container.textContent).toBe('');
  });
});
