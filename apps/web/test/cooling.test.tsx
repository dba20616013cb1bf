// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CooledBody } from '@pelvo/core';
import type { CoolingOfLesson } from '@pelvo/contract';
import { lessonOf } from './fixtures';
import { show } from './screen';

beforeEach(() => {
  vi.resetModules();
  vi.stubGlobal('indexedDB', new IDBFactory());
});

const logWith = (...said: readonly (readonly [time: string, celsius: number])[]): CoolingOfLesson => ({
  lessonId: 'l1',
  title: 'Leeks and a dressing',
  foods: ['Leek salad'],
  said: said.map(([time, celsius], at) => ({
    body: { readingId: `r${at}`, food: 'Stock', celsius },
    at: `2026-11-13T${time}:00.000Z`,
    by: 'Teo',
  })),
  number: said.length,
});

async function cooling(log: CoolingOfLesson, answers: Readonly<Record<string, unknown>> = {}) {
  const { default: CoolingPage } = await import('../src/cooling/CoolingPage');
  return show(<CoolingPage />, {
    role: 'assistant',
    at: '/lessons/l1/cooling',
    route: '/lessons/:id/cooling',
    answers: {
      '/lessons/l1': lessonOf(),
      '/lessons/l1/cooling': log,
      '/rules': { rules: {}, choices: [], history: [] },
      '/instruments': { state: 'none', instruments: [] },
      'POST /lessons/l1/events': { stored: 1, number: log.number + 1 },
      ...answers,
    },
  });
}
const said = (sent: readonly { path: string; body: unknown }[]) =>
  sent
    .filter(({ path }) => path.endsWith('/events'))
    .flatMap(({ body }) => (body as { events: { kind: string; body: CooledBody }[] }).events.map((event) => event.body));

describe('what cools', () => {
  it('is judged by the local rules as it stands, with the time by which the next reading settles it', async () => {
    await cooling(logWith(['10:50', 82], ['11:15', 58], ['13:25', 20]));
    const stock = (await screen.findByRole('heading', { name: 'Stock' })).closest('section')!;
    expect(within(stock).getByText(/^Open: late on the cautious count, 2 h 10 min where 2 h are allowed/)).toBeTruthy();
    expect(within(stock).getByText(/Read it by/)).toBeTruthy();
    expect(within(stock).getAllByRole('row')).toHaveLength(4);
  });

  it('says when counting begins where nothing was read yet, and that one reading is not enough', async () => {
    await cooling(logWith());
    expect(await screen.findByText(/at or above 57 °C/)).toBeTruthy();
  });

  it('notes a reading under its food, and refuses what is none with what was typed still there', async () => {
    const { user, sent } = await cooling(logWith(['10:50', 82]));
    await screen.findByText('One reading so far. The next one says how fast it cools.');
    await user.click(screen.getByRole('button', { name: 'Next reading' }));
    expect((screen.getByLabelText('What cools') as HTMLInputElement).value).toBe('Stock');
    const probe = screen.getByLabelText<HTMLInputElement>('Probe, °C');
    await user.type(probe, '580');
    await user.click(screen.getByRole('button', { name: 'Note it' }));
    expect(screen.getByText(/This is no reading of food/)).toBeTruthy();
    expect(probe.value).toBe('580');
    await user.clear(probe);
    await user.type(probe, '58,5{Enter}');
    await waitFor(() => expect(said(sent)).toMatchObject([{ food: 'Stock', celsius: 58.5 }]));
    expect(probe.value).toBe('');
  });

  it('asks what cools where that is not said, and takes a reading back', async () => {
    const { user, sent } = await cooling(logWith(['10:50', 82], ['11:15', 58]));
    await user.type(await screen.findByLabelText('Probe, °C'), '40{Enter}');
    expect(screen.getByText(/What cools is not named/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Take back 58 °C/ }));
    await waitFor(() => expect(said(sent)).toMatchObject([{ readingId: 'r1', celsius: null }]));
  });
});
