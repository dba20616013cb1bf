// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ReactNode } from 'react';
import { mutate, SWRConfig } from 'swr';
import { HOUSE_PREFERENCES } from '@pelvo/core';

const TEO = {
  me: { id: 'teo', name: 'Teo Vasz', role: 'assistant' },
  firstVisit: false,
  preferences: HOUSE_PREFERENCES,
  timeZone: 'UTC',
};
const NOBODY = { ...TEO, me: null };
const never = () => new Promise<Response>(() => undefined);
const away = () => Promise.reject(new TypeError('Failed to fetch'));

type Answer = () => Response | Promise<Response>;
let answers: Record<string, Answer>;
const asked: string[] = [];

const Tab = ({ children }: { children: ReactNode }) => <SWRConfig value={{ dedupingInterval: 0 }}>{children}</SWRConfig>;

/** The tab as it is when it opens: nothing of an earlier one is left but what the device keeps. */
async function openTab() {
  cleanup();
  await mutate('/session', undefined, { revalidate: false });
  vi.resetModules();
  const session = await import('../src/device/session');
  const outbox = await import('../src/device/outbox');
  return { session, outbox, shown: renderHook(() => session.useSession(), { wrapper: Tab }).result };
}

beforeEach(() => {
  localStorage.clear();
  asked.length = 0;
  answers = { 'GET /session': () => Response.json(TEO), 'POST /lessons/l1/events': never, 'DELETE /session': () => Response.json({}) };
  vi.stubGlobal('fetch', (url: string, { method = 'GET' }: RequestInit = {}) => {
    const request = `${method} ${url.replace('/api', '')}`;
    asked.push(request);
    return Promise.resolve().then(answers[request] ?? away);
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
});

describe('signing out', () => {
  it('holds from the touch on, though what was said last is still on its way', async () => {
    const { session, outbox, shown } = await openTab();
    await waitFor(() => expect(shown.current.data?.me?.name).toBe('Teo Vasz'));
    await outbox.say('l1', 'mark', { what: 'a' });
    void session.signOut();
    // The tab is closed here, and opened by someone else before the network is back.
    answers = { 'POST /lessons/l1/events': never };
    const next = await openTab();
    await waitFor(() => expect(next.shown.current.data).toMatchObject({ me: null, signedOutHere: true }));
    // The network is back: the server hears of it before it is asked anything else, and what is kept names nobody.
    asked.length = 0;
    answers = { 'GET /session': () => Response.json(NOBODY), 'DELETE /session': () => Response.json({}) };
    const last = await openTab();
    await waitFor(() => expect(last.shown.current.data).toMatchObject({ me: null, signedOutHere: false }));
    expect(asked.filter((request) => request.endsWith('/session')).slice(0, 2)).toEqual(['DELETE /session', 'GET /session']);
    expect(JSON.stringify({ ...localStorage })).not.toContain('Teo');
  });
  it('does not wait for a network that never answers', async () => {
    const { session, outbox, shown } = await openTab();
    await waitFor(() => expect(shown.current.data?.me?.name).toBe('Teo Vasz'));
    await outbox.say('l1', 'mark', { what: 'a' });
    answers['DELETE /session'] = () => {
      answers['GET /session'] = () => Response.json(NOBODY);
      return Response.json({});
    };
    await session.signOut();
    await waitFor(() => expect(shown.current.data?.me).toBeNull());
    expect(localStorage.getItem('pelvo.me')).toBeNull();
  });
});
