import { cleanup, configure, render, type RenderResult } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { SWRConfig } from 'swr';
import { afterEach, expect, vi } from 'vitest';
import { HOUSE_PREFERENCES, NEW_SCHOOL, type Preferences } from '@pelvo/core';
import type { Me, Role } from '@pelvo/contract';

// A busy machine takes its time; what does not come is waited for no longer than this.
configure({ asyncUtilTimeout: 30_000 });
// There are no locks here: one tab is all there is here.
Object.defineProperty(navigator, 'locks', { configurable: true, value: { request: (_: string, work: () => Promise<void>) => work() } });

/** What screens asked for that a test has not told of: it would go on past a request that should not be there. */
const unheardOf: string[] = [];

afterEach(() => {
  cleanup();
  expect(unheardOf.splice(0), 'requests that the test has no answer for').toEqual([]);
  localStorage.clear();
  vi.unstubAllGlobals();
});

/** A request the screen sent, and an answer for it. */
export interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
  readonly version: string | null;
}

interface Setting {
  readonly role?: Role;
  /** What the server answers, by `METHOD /path`, `/path` for reading, `METHOD /path*` for whatever begins so, or `/path?*` for whatever is looked for; a function decides at the time, or answers later. */
  readonly answers?: Readonly<Record<string, unknown>>;
  /** Where it is shown, and the route it stands under there: `/lessons/l1` and `/lessons/:id`. */
  readonly at?: string;
  readonly route?: string;
}

export interface Shown extends RenderResult {
  readonly user: UserEvent;
  readonly sent: readonly Sent[];
  readonly at: () => string;
}

/** A failure as the server tells it. */
export const refused = (status: number, problem: object) => ({ refused: status, problem });

/** The answer about who is signed in, with preferences other than the house's. */
export const signedIn = (preferences: Partial<Preferences>, me: Me = { id: 'p1', name: 'Maren Oltz', role: 'lead' }) => ({
  '/session': { me, firstVisit: false, preferences: { ...HOUSE_PREFERENCES, ...preferences }, timeZone: 'Europe/Vienna' },
});

/** Shows a part of a screen with someone signed in, in front of a server that answers as told. */
export function show(ui: ReactNode, { role = 'lead', answers = {}, at = '/', route }: Setting = {}): Shown {
  const sent: Sent[] = [];
  let place = '';
  const me: Me = { id: 'p1', name: 'Maren Oltz', role };
  const all: Readonly<Record<string, unknown>> = {
    ...signedIn({}, me),
    '/lessons': [],
    '/ingredients': [],
    '/kitchens': [],
    // No time is planned unless a test has one.
    '/lessons/l1/time': { version: 0, content: null, practised: {}, savedBy: '' },
    '/school': { version: 1, settings: NEW_SCHOOL },
    // Whatever dishes are looked for, there is none unless a test has some.
    '/dishes?*': { items: [], total: 0 },
    // No plate has a photo unless a test has one.
    'GET /lessons/l1/photos': [],
    '/health/details': { ok: true, checks: [], at: '2026-11-26T08:00:00.000Z', database: null },
    ...answers,
  };
  // A device that has been signed in on before: drafts are this person's.
  localStorage.setItem('pelvo.me', JSON.stringify({ me, timeZone: 'Europe/Vienna' }));
  vi.stubGlobal('fetch', async (url: string, init: RequestInit = {}) => {
    const method = init.method ?? 'GET';
    const path = url.replace(/^\/api/, '');
    const headers = init.headers as Record<string, string> | undefined;
    if (method !== 'GET')
      sent.push({
        method,
        path,
        body: typeof init.body === 'string' ? JSON.parse(init.body) : undefined,
        version: headers?.['if-match'] ?? null,
      });
    const begins = Object.keys(all).find((key) => key.endsWith('*') && `${method} ${path}`.startsWith(key.slice(0, -1)));
    const known =
      all[`${method} ${path}`] ??
      (begins ? all[begins] : undefined) ??
      (method === 'GET' ? (all[path] ?? all[path.replace(/\?.*/, '?*')]) : undefined);
    const answer = await (typeof known === 'function' ? (known as () => unknown)() : known);
    if (answer === undefined) unheardOf.push(`${method} ${path}`);
    if (answer === undefined) return new Response(JSON.stringify({ title: `Nothing at ${method} ${path}` }), { status: 404 });
    const failure = answer as { refused?: number; problem?: object };
    if (failure.refused) return new Response(JSON.stringify(failure.problem), { status: failure.refused });
    return new Response(JSON.stringify(answer));
  });
  vi.stubGlobal('matchMedia', () => ({ matches: true, addEventListener: () => undefined, removeEventListener: () => undefined }));
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe = () => undefined;
      unobserve = () => undefined;
      disconnect = () => undefined;
    },
  );
  Element.prototype.scrollIntoView = () => undefined;
  Element.prototype.setPointerCapture = () => undefined;
  const Place = () => {
    place = useLocation().pathname + useLocation().search;
    return null;
  };
  const result = render(
    <SWRConfig value={{ provider: () => new Map(), dedupingInterval: 0, fallback: { '/session': all['/session'] } }}>
      <MemoryRouter initialEntries={[at]}>
        {route ? (
          <Routes>
            <Route path={route} element={ui} />
            <Route path="*" element={null} />
          </Routes>
        ) : (
          ui
        )}
        <Place />
      </MemoryRouter>
    </SWRConfig>,
  );
  return { ...result, user: userEvent.setup(), sent, at: () => place };
}

/** What is kept on the device of something that is not saved yet, its documents opened; null where nothing is. */
export function keptDraft<T>(key: string): { version: number; mine: T; base: T | null } | null {
  const kept = JSON.parse(localStorage.getItem(`pelvo.draft.p1.${key}`) ?? 'null') as {
    content: { version: number; mine: unknown; base: unknown };
  } | null;
  if (!kept) return null;
  const opened = (value: unknown): T => {
    const sealed = value as { document?: string; content?: T } | null;
    return sealed?.document && sealed.content ? sealed.content : (value as T);
  };
  return { version: kept.content.version, mine: opened(kept.content.mine), base: opened(kept.content.base) };
}
