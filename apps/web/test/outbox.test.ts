import 'fake-indexeddb/auto';
import { quiet } from './quiet';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { SaidEvent } from '@pelvo/contract';

interface Request {
  readonly path: string;
  readonly person: string | undefined;
  readonly events: readonly SaidEvent[];
}

/** What the server took, in order; `answer` says how it takes the next request. */
const taken: Request[] = [];
let answer: (request: Request) => Response | Promise<Response>;

const ok = () => new Response(JSON.stringify({ stored: 1, number: 1 }));
const away = () => Promise.reject(new TypeError('Failed to fetch'));
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
const about = (what: string) => ({ what });
const whatOf = ({ body }: SaidEvent) => (body as { what: string }).what;

type Outbox = typeof import('../src/device/outbox');
type Kept = typeof import('../src/device/kept');
let outbox: Outbox;
let kept: Kept;
let chain: Promise<void> = Promise.resolve();
/** Every tab of a test: one that is left open would send into the next. */
const tabs: Outbox[] = [];

/** The device as a tab finds it when it opens. */
async function openTab() {
  vi.resetModules();
  outbox = await import('../src/device/outbox');
  tabs.push(outbox);
  kept = await import('../src/device/kept');
}

beforeEach(async () => {
  taken.length = 0;
  answer = ok;
  chain = Promise.resolve();
  vi.stubGlobal('addEventListener', () => undefined);
  vi.stubGlobal('navigator', { locks: { request: (_: string, work: () => Promise<void>) => (chain = chain.then(work)) } });
  vi.stubGlobal('fetch', async (url: string, { body, headers }: { body: string; headers: Record<string, string> }) => {
    const { events } = JSON.parse(body) as { events: SaidEvent[] };
    const request = { path: url.replace('/api', ''), person: headers['pelvo-person'], events };
    const response = await answer(request);
    if (response.ok) taken.push(request);
    return response;
  });
  vi.stubGlobal('indexedDB', new IDBFactory());
  await openTab();
});
afterEach(() => {
  for (const tab of tabs.splice(0)) tab.closeOutbox();
  vi.unstubAllGlobals();
});

const settled = async () => {
  await quiet();
  await chain;
};
const whatTaken = () => taken.flatMap(({ events }) => events.map(whatOf));
const whatWaits = async () => (await kept.readWaiting()).map(({ event }) => whatOf(event));

describe('what is said on this device', () => {
  it('is sent in the order in which it was said, whatever kind it is, and then no longer waits', async () => {
    await outbox.openOutbox('teo');
    await outbox.say('l1', 'mark', about('a'));
    // The outbox carries any kind of event: what a kind may say is the server's to judge.
    await outbox.say('l1', 'temperature' as never, about('b'));
    await outbox.say('l1', 'mark', about('c'));
    await settled();
    expect(whatTaken()).toEqual(['a', 'b', 'c']);
    expect(taken.flatMap(({ events }) => events.map(({ kind }) => kind))).toEqual(['mark', 'temperature', 'mark']);
    expect([...new Set(taken.map(({ path, person }) => `${path} as ${person}`))]).toEqual(['/lessons/l1/events as teo']);
    expect(await whatWaits()).toEqual([]);
  });

  it('is kept while there is no network, and sent when it is back', async () => {
    await outbox.openOutbox('teo');
    answer = away;
    await outbox.say('l1', 'mark', about('a'));
    await settled();
    expect(await whatWaits()).toEqual(['a']);
    answer = ok;
    await outbox.retryNow();
    await settled();
    expect([whatTaken(), await whatWaits()]).toEqual([['a'], []]);
  });

  it('has the same id each time it is sent, so that it counts once', async () => {
    await outbox.openOutbox('teo');
    const ids: string[] = [];
    let lost = true;
    // The server takes it, and its answer is lost on the way.
    answer = ({ events }) => {
      ids.push(events[0]!.id);
      if (!lost) return ok();
      lost = false;
      return away();
    };
    await outbox.say('l1', 'mark', about('a'));
    await settled();
    await outbox.retryNow();
    await settled();
    expect([ids.length, new Set(ids).size]).toEqual([2, 1]);
  });

  it('is not held up by one thing the server refuses, which is kept with the reason', async () => {
    await outbox.openOutbox('teo');
    answer = away;
    for (const what of ['a', 'bad', 'c']) await outbox.say('l1', 'mark', about(what));
    await settled();
    answer = ({ events }) => (events.some((event) => whatOf(event) === 'bad') ? problem(422, 'No such criterion.') : ok());
    await outbox.retryNow();
    await settled();
    expect(whatTaken()).toEqual(['a', 'c']);
    expect((await kept.readWaiting()).map(({ event, refused }) => [whatOf(event), refused])).toEqual([
      ['bad', 'No such criterion. Mend it.'],
    ]);
  });

  it('waits through an answer of a server that is busy or going down', async () => {
    await outbox.openOutbox('teo');
    for (const status of [429, 500, 502, 503]) {
      answer = () => problem(status);
      await outbox.say('l1', 'mark', about(String(status)));
      await settled();
    }
    expect((await kept.readWaiting()).map(({ refused }) => refused)).toEqual([null, null, null, null]);
    answer = ok;
    await outbox.retryNow();
    await settled();
    expect(whatTaken()).toEqual(['429', '500', '502', '503']);
  });

  it('waits for the one who said it when someone else signs in, and is sent in that one’s name', async () => {
    await outbox.openOutbox('teo');
    answer = () => problem(401);
    await outbox.say('l1', 'mark', about('teos'));
    await settled();
    answer = ok;
    outbox.closeOutbox();
    await outbox.openOutbox('maren');
    await outbox.say('l1', 'mark', about('marens'));
    await settled();
    expect(whatTaken()).toEqual(['marens']);
    outbox.closeOutbox();
    await outbox.openOutbox('teo');
    await settled();
    expect(taken.map(({ person, events }) => [person, ...events.map(whatOf)])).toEqual([
      ['maren', 'marens'],
      ['teo', 'teos'],
    ]);
  });

  it('is sent lesson by lesson, fifty at a time', async () => {
    await outbox.openOutbox('teo');
    answer = away;
    for (let at = 0; at < 60; at += 1) await outbox.say('l1', 'mark', about(`k${at}`));
    await outbox.say('l2', 'mark', about('other'));
    await settled();
    answer = ok;
    await outbox.retryNow();
    await settled();
    expect(taken.map(({ path, events }) => [path, events.length])).toEqual([
      ['/lessons/l1/events', 50],
      ['/lessons/l1/events', 10],
      ['/lessons/l2/events', 1],
    ]);
  });

  it('survives the tab: what waits and what was kept is read back, by its owner only', async () => {
    await outbox.openOutbox('teo');
    answer = away;
    await outbox.say('l1', 'mark', about('a'));
    await kept.keepDocument('teo', 'sheet l1', { title: 'Leeks' });
    await openTab();
    expect(await kept.keptDocument('teo', 'sheet l1')).toEqual({ title: 'Leeks' });
    expect(await kept.keptDocument('teo', 'sheet l2')).toBeNull();
    expect(await kept.keptDocument('maren', 'sheet l1')).toBeNull();
    expect(await whatWaits()).toEqual(['a']);
    await kept.forgetDocuments();
    expect([await kept.keptDocument('teo', 'sheet l1'), await whatWaits()]).toEqual([null, ['a']]);
  });
});

describe('a device that an earlier Pelvo left marks on', () => {
  it('sends them as events of the one who gave them, and forgets the sheets that name students', async () => {
    const older = await openDB('pelvo-marks', 2, {
      upgrade(db) {
        db.createObjectStore('queue', { keyPath: 'key', autoIncrement: true });
        db.createObjectStore('sheets', { keyPath: 'lessonId' });
      },
    });
    const mark = {
      id: '0199c1f0-0000-7000-8000-000000000001',
      studentId: 's',
      dishEditionId: 'd',
      criterionKey: 'cut',
      value: { kind: 'notSeen' },
      at: '2026-11-20T10:00:00Z',
    };
    await older.add('queue', { lessonId: 'l1', personId: 'teo', refused: null, event: mark });
    await older.add('sheets', { lessonId: 'l1', students: [{ name: 'Ada' }] });
    older.close();
    await openTab();
    await outbox.openOutbox('teo');
    await settled();
    const { id, at, ...body } = mark;
    expect(taken).toEqual([{ path: '/lessons/l1/events', person: 'teo', events: [{ id, at, kind: 'mark', body }] }]);
    await quiet();
    expect((await indexedDB.databases()).map(({ name }) => name)).toEqual(['pelvo-device']);
  });
});

describe('a browser that keeps nothing', () => {
  it('sends at once what is said, and says so when that fails', async () => {
    vi.stubGlobal('indexedDB', undefined);
    await openTab();
    await outbox.openOutbox('teo');
    await outbox.say('l1', 'mark', about('a'));
    await settled();
    expect(whatTaken()).toEqual(['a']);
    answer = away;
    await expect(outbox.say('l1', 'mark', about('b'))).resolves.toMatchObject({ kind: 'mark' });
  });
});
