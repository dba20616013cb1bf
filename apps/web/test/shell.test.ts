// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { keepShell } from '../src/app/shell';

const reload = vi.fn();
interface Worker extends EventTarget {
  state: string;
  postMessage: ReturnType<typeof vi.fn>;
}
const workerIn = (state: string): Worker => Object.assign(new EventTarget(), { state, postMessage: vi.fn() });
const shellOf = (parts: { waiting?: Worker; installing?: Worker; controller?: unknown }) => {
  const registration = { waiting: parts.waiting ?? null, installing: parts.installing ?? null, update: vi.fn(() => Promise.resolve()) };
  const container = Object.assign(new EventTarget(), {
    controller: 'controller' in parts ? parts.controller : {},
    register: () => Promise.resolve(registration),
    getRegistration: () => Promise.resolve(registration),
  });
  vi.stubGlobal('navigator', { onLine: true, serviceWorker: container });
  return { container, registration };
};
const settled = () => new Promise((done) => setTimeout(done, 5));
const loaded = () => {
  window.dispatchEvent(new Event('load'));
  return settled();
};
const gone = () => window.dispatchEvent(new Event('vite:preloadError', { cancelable: true }));

/** Listeners that each test adds to the window, taken off again after it. */
const added: [string, EventListener][] = [];
beforeEach(() => {
  vi.stubGlobal('location', { reload });
  const add = window.addEventListener.bind(window);
  vi.spyOn(window, 'addEventListener').mockImplementation((type: string, listener: unknown) => {
    added.push([type, listener as EventListener]);
    add(type, listener as EventListener);
  });
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  for (const [type, listener] of added.splice(0)) window.removeEventListener(type, listener);
  sessionStorage.clear();
  reload.mockClear();
});

it('lets a newer shell that waits take over once a page is loaded, and loads it', async () => {
  const waiting = workerIn('installed');
  const { container } = shellOf({ waiting });
  keepShell();
  await loaded();
  expect(waiting.postMessage).toHaveBeenCalledExactlyOnceWith({ type: 'SKIP_WAITING' });
  expect(reload).not.toHaveBeenCalled();
  container.dispatchEvent(new Event('controllerchange'));
  container.dispatchEvent(new Event('controllerchange'));
  expect(reload).toHaveBeenCalledOnce();
});

it.each([{}, { waiting: workerIn('installed'), controller: null }])(
  'leaves a page alone where none waits, and on its first visit',
  async (parts) => {
    const { container } = shellOf(parts);
    keepShell();
    await loaded();
    container.dispatchEvent(new Event('controllerchange'));
    expect(reload).not.toHaveBeenCalled();
  },
);

it('waits for the newer shell where a part of the page is gone, and loads that', async () => {
  const coming = workerIn('installing');
  const { container, registration } = shellOf({ installing: coming });
  keepShell();
  expect(gone()).toBe(false);
  await settled();
  expect([registration.update.mock.calls.length, coming.postMessage.mock.calls.length, reload.mock.calls.length]).toEqual([1, 0, 0]);
  coming.state = 'installed';
  registration.waiting = coming;
  coming.dispatchEvent(new Event('statechange'));
  await settled();
  expect(coming.postMessage).toHaveBeenCalledOnce();
  container.dispatchEvent(new Event('controllerchange'));
  expect(reload).toHaveBeenCalledOnce();
});

it('loads the page anew where no newer shell comes, once, and tells the failure without a network', async () => {
  shellOf({});
  keepShell();
  vi.stubGlobal('navigator', { onLine: false });
  expect(gone()).toBe(true);
  vi.stubGlobal('navigator', { onLine: true });
  expect([gone(), gone()]).toEqual([false, true]);
  await settled();
  expect(reload).toHaveBeenCalledOnce();
});
