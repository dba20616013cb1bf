import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { MarkEvent } from '@pelvo/contract';

/** What the server was sent, in order; `answer` says how it takes the next request. */
const sent: MarkEvent[][] = [];
let answer: (events: readonly MarkEvent[]) => Response | Promise<Response>;

const ok = () => new Response(JSON.stringify({ stored: 1 }));
const problem = (status: number, detail = 'no') =>
  new Response(
    JSON.stringify({
      type: 'urn:pelvo:problem:invalid-input',
      title: 'No.',
      status,
      errors: [{ field: 'events.0', problem: detail, remedy: 'Mend it.' }],
    }),
    { status },
  );
const event = (criterionKey: string): MarkEvent => ({
  id: crypto.randomUUID(),
  studentId: 's',
  dishEditionId: 'd',
  criterionKey,
  value: { kind: 'notSeen' },
  at: '2026-11-30T10:00:00Z',
});

type Queue = typeof import('../src/assessment/markQueue');
let queue: Queue;
let store: typeof import('../src/assessment/markStore');

beforeEach(async () => {
  sent.length = 0;
  answer = ok;
  vi.resetModules();
  vi.stubGlobal('addEventListener', () => undefined);
  vi.stubGlobal('navigator', { locks: { request: (_: string, work: () => Promise<void>) => (chain = chain.then(work)) } });
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    const { events } = JSON.parse(body) as { events: MarkEvent[] };
    const response = await answer(events);
    if (response.ok) sent.push(events);
    return response;
  });
  vi.stubGlobal('indexedDB', new IDBFactory());
  queue = await import('../src/assessment/markQueue');
  store = await import('../src/assessment/markStore');
});
let chain: Promise<void> = Promise.resolve();
afterEach(() => vi.unstubAllGlobals());

const settled = async () => {
  await new Promise((done) => setTimeout(done, 20));
  await chain;
};
const keysSent = () => sent.flat().map((each) => each.criterionKey);

describe('marks given on this device', () => {
  it('are sent in the order in which they were given, and then no longer wait', async () => {
    await queue.startQueue('teo');
    for (const key of ['a', 'b', 'c']) await queue.giveMark('l1', event(key));
    await settled();
    expect(keysSent()).toEqual(['a', 'b', 'c']);
    expect(await store.readQueue()).toEqual([]);
  });

  it('are kept while there is no network, and sent when it is back', async () => {
    await queue.startQueue('teo');
    answer = () => Promise.reject(new TypeError('Failed to fetch'));
    await queue.giveMark('l1', event('a'));
    await settled();
    expect((await store.readQueue()).map((mark) => mark.event.criterionKey)).toEqual(['a']);
    answer = ok;
    await queue.retryNow();
    await settled();
    expect([keysSent(), await store.readQueue()]).toEqual([['a'], []]);
  });

  it('are not held up by one the server refuses, which is kept with the reason', async () => {
    await queue.startQueue('teo');
    answer = () => Promise.reject(new TypeError('Failed to fetch'));
    for (const key of ['a', 'bad', 'c']) await queue.giveMark('l1', event(key));
    await settled();
    answer = (events) => (events.some(({ criterionKey }) => criterionKey === 'bad') ? problem(422, 'No such criterion.') : ok());
    await queue.retryNow();
    await settled();
    expect(keysSent()).toEqual(['a', 'c']);
    expect((await store.readQueue()).map(({ event: kept, refused }) => [kept.criterionKey, refused])).toEqual([
      ['bad', 'No such criterion. Mend it.'],
    ]);
  });

  it('wait for the one who gave them when someone else signs in', async () => {
    await queue.startQueue('teo');
    answer = () => problem(401);
    await queue.giveMark('l1', event('teos'));
    await settled();
    answer = ok;
    await queue.startQueue('maren');
    await queue.giveMark('l1', event('marens'));
    await settled();
    expect(keysSent()).toEqual(['marens']);
    await queue.startQueue('teo');
    await settled();
    expect(keysSent()).toEqual(['marens', 'teos']);
  });

  it('are sent lesson by lesson, fifty at a time', async () => {
    await queue.startQueue('teo');
    answer = () => Promise.reject(new TypeError('Failed to fetch'));
    for (let at = 0; at < 60; at += 1) await queue.giveMark('l1', event(`k${at}`));
    await queue.giveMark('l2', event('other'));
    await settled();
    answer = ok;
    await queue.retryNow();
    await settled();
    expect(sent.map((batch) => batch.length)).toEqual([50, 10, 1]);
  });

  it('survive a reload: the sheet and the queue are read back from the device', async () => {
    await queue.startQueue('teo');
    answer = () => Promise.reject(new TypeError('Failed to fetch'));
    await queue.giveMark('l1', event('a'));
    await store.keepSheet({
      lessonId: 'l1',
      title: 'Leeks',
      teaches: [],
      way: 'levels',
      rubric: null,
      dishes: [],
      students: [],
      marks: [],
    });
    vi.resetModules();
    const again = await import('../src/assessment/markStore');
    expect((await again.keptSheet('l1'))?.title).toBe('Leeks');
    expect(await again.keptSheet('l2')).toBeNull();
    expect((await again.readQueue())[0]!.event.criterionKey).toBe('a');
  });
});
