// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { keepShell } from '../src/app/shell';

const reload = vi.fn();
const worker = (waiting: { postMessage: (message: unknown) => void } | null, controller: unknown = {}) => {
  const container = Object.assign(new EventTarget(), {
    controller,
    register: vi.fn(() => Promise.resolve({ waiting, update: () => Promise.resolve() })),
  });
  vi.stubGlobal('navigator', { onLine: true, serviceWorker: container });
  return container;
};
const loaded = async () => {
  window.dispatchEvent(new Event('load'));
  await new Promise((done) => setTimeout(done));
};

beforeEach(() => vi.stubGlobal('location', { reload }));
afterEach(() => {
  vi.unstubAllGlobals();
  sessionStorage.clear();
  reload.mockClear();
});

it('lets a newer shell that waits take over once a page is loaded, and loads it', async () => {
  const waiting = { postMessage: vi.fn() };
  const container = worker(waiting);
  keepShell();
  await loaded();
  expect(waiting.postMessage).toHaveBeenCalledExactlyOnceWith({ type: 'SKIP_WAITING' });
  expect(reload).not.toHaveBeenCalled();
  container.dispatchEvent(new Event('controllerchange'));
  container.dispatchEvent(new Event('controllerchange'));
  expect(reload).toHaveBeenCalledOnce();
});

it('leaves a page alone where no newer shell waits, and on its first visit', async () => {
  for (const container of [worker(null), worker({ postMessage: vi.fn() }, null)]) {
    vi.stubGlobal('navigator', { onLine: true, serviceWorker: container });
    keepShell();
    await loaded();
    container.dispatchEvent(new Event('controllerchange'));
  }
  expect(reload).not.toHaveBeenCalled();
});

it('loads a page anew whose part is gone, once, and not where there is no network', () => {
  worker(null);
  keepShell();
  const gone = () => window.dispatchEvent(new Event('vite:preloadError', { cancelable: true }));
  vi.stubGlobal('navigator', { onLine: false });
  expect([gone(), reload.mock.calls.length]).toEqual([true, 0]);
  vi.stubGlobal('navigator', { onLine: true });
  gone();
  gone();
  expect(reload).toHaveBeenCalledOnce();
});
