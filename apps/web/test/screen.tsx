import { cleanup, configure, render, type RenderResult } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { SWRConfig } from 'swr';
import { afterEach, vi } from 'vitest';
import type { Role } from '@pelvo/contract';

// A busy machine takes its time; what does not come is waited for no longer than this.
configure({ asyncUtilTimeout: 5000 });
// jsdom has no locks: one tab is all there is here.
Object.defineProperty(navigator, 'locks', { configurable: true, value: { request: (_: string, work: () => Promise<void>) => work() } });

afterEach(() => {
  cleanup();
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
  /** What the server answers, by `METHOD /path` or `/path` for reading; a function decides at the time. */
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

/** Shows a part of a screen with someone signed in, in front of a server that answers as told. */
export function show(ui: ReactNode, { role = 'lead', answers = {}, at = '/', route }: Setting = {}): Shown {
  const sent: Sent[] = [];
  let place = '';
  const me = { id: 'p1', name: 'Maren Oltz', role };
  const all: Readonly<Record<string, unknown>> = { '/session': { me, firstVisit: false }, '/lessons': [], ...answers };
  vi.stubGlobal('fetch', (url: string, init: RequestInit = {}) => {
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
    const known = all[`${method} ${path}`] ?? (method === 'GET' ? all[path] : undefined);
    const answer = typeof known === 'function' ? (known as () => unknown)() : known;
    if (answer === undefined)
      return Promise.resolve(new Response(JSON.stringify({ title: `Nothing at ${method} ${path}` }), { status: 404 }));
    const failure = answer as { refused?: number; problem?: object };
    if (failure.refused) return Promise.resolve(new Response(JSON.stringify(failure.problem), { status: failure.refused }));
    return Promise.resolve(new Response(JSON.stringify(answer)));
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
