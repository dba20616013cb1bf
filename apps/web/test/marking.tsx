import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, vi } from 'vitest';
import type { MarkingSheet } from '@pelvo/contract';
import { lessonOf, sheetOf } from './fixtures';
import { show } from './screen';

/** Each test of a file marks on a device of its own. */
export function eachMarkingAnew(): void {
  beforeEach(() => {
    vi.resetModules();
    vi.stubGlobal('indexedDB', new IDBFactory());
  });
  // What is still on its way when a test ends would arrive at the next one's server.
  afterEach(async () => {
    const { readWaiting } = await import('../src/device/kept');
    await waitFor(async () => expect((await readWaiting()).filter(({ refused }) => refused === null)).toEqual([]));
  });
}

export const AT = '/lessons/l1/mark/s1/e1';
/** The marking screen of one dish, in front of a server that takes every mark. */
export async function marking(sheet: MarkingSheet = sheetOf(), answers: Readonly<Record<string, unknown>> = {}) {
  const { default: MarkDishPage } = await import('../src/assessment/MarkDishPage');
  return show(<MarkDishPage />, {
    role: 'assistant',
    at: AT,
    route: '/lessons/:id/mark/:studentId/:dishEditionId',
    answers: {
      '/lessons/l1': lessonOf(),
      '/lessons/l1/marking-sheet': sheet,
      '/instruments': { state: 'none', instruments: [] },
      'POST /lessons/l1/events': { stored: 1, number: 1 },
      ...answers,
    },
  });
}

/** Marks that were sent, each once: without locks two sendings may overlap, and the server counts an event once. */
export const marksSent = (sent: readonly { path: string; body: unknown }[]) => {
  const events = sent
    .filter(({ path }) => path.endsWith('/events'))
    .flatMap(({ body }) => (body as { events: { id: string; body: { criterionKey: string; value: unknown } }[] }).events);
  return [...new Map(events.map((event) => [event.id, event.body])).values()];
};
