/* global caches, document, requestAnimationFrame, window -- of the pages, where these parts run */
// What pages cost on the way to a phone and a tablet: script before sign-in, what a first visit keeps, touch to shown. Limits that fail.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { startCopy } from '../faults/copies.mjs';
import { sheetsOf, signIn } from '../faults/tablets.mjs';
import { startDatabase } from '../lib/mariadb.mjs';

let failed = 0;
function held(what, value, limit, unit) {
  console.log(`${what}: ${value.toFixed(1)} ${unit}, limit ${limit} ${unit}`);
  if (value > limit) failed += 1;
}
const at = (share, times) => [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))];

const dir = mkdtempSync(join(tmpdir(), 'pelvo-bench-'));
const database = await startDatabase({ dir });
const copy = await startCopy(database.url('pelvo'), { demo: true });
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
try {
  await signInPage();
  await firstVisit();
  await touches();
  await dragging();
} finally {
  await browser.close();
  await copy.stop();
  await database.stop();
  rmSync(dir, { recursive: true, force: true });
}
process.exit(failed ? 1 : 0);

/** A page in a browser of its own, and the bytes of script that reach it, as they come over the wire. */
async function visit(options = {}) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, ...options });
  const page = await context.newPage();
  const network = await context.newCDPSession(page);
  await network.send('Network.enable');
  const scripts = new Set();
  let bytes = 0;
  network.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId));
  network.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  return { context, page, network, script: () => bytes };
}

async function signInPage() {
  const { context, page, script } = await visit({ serviceWorkers: 'block' });
  await page.goto(copy.base);
  await page.getByLabel('Password').waitFor();
  await page.waitForLoadState('networkidle');
  held('script before sign-in, over the wire', script() / 1000, 130, 'kB');
  await context.close();
}

async function firstVisit() {
  const { context, page } = await visit();
  await page.goto(copy.base);
  const kept = () =>
    page.evaluate(async () => {
      await navigator.serviceWorker.ready;
      let [bytes, files] = [0, 0];
      for (const name of await caches.keys())
        for (const request of await (await caches.open(name)).keys()) {
          const answer = await (await caches.open(name)).match(request);
          bytes += (await answer.arrayBuffer()).byteLength;
          files += 1;
        }
      return { bytes, files };
    });
  let before = -1;
  let now = await kept();
  while (now.bytes !== before) {
    await page.waitForTimeout(1500);
    before = now.bytes;
    now = await kept();
  }
  console.log(`${now.files} files are kept`);
  held('what a phone keeps during its first visit', now.bytes / 1000, 600, 'kB');
  await context.close();
}

/** From the key to the level shown, as the browser itself sees it; then on a tablet of a quarter of the speed. */
async function touches() {
  const cookie = await signIn(copy.base, 'maren.oltz');
  const [sheet] = await sheetsOf(copy.base, cookie);
  const { context, page, network } = await visit();
  const [name, value] = cookie.split('=');
  await context.addCookies([{ name, value, url: copy.base }]);
  await page.goto(`${copy.base}/lessons/${sheet.lessonId}/mark/${sheet.students[0].id}/${sheet.dishes[0].editionId}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForLoadState('networkidle').catch(() => undefined);
  const measure = (count) =>
    page.evaluate(async (times) => {
      const shown = [];
      for (let index = 0; index < times; index += 1) {
        const buttons = [...document.querySelectorAll('button[aria-pressed="false"]')];
        const button = buttons[index % Math.min(4, buttons.length)];
        const begun = performance.now();
        button.click();
        await new Promise((done) => {
          const look = () =>
            button.getAttribute('aria-pressed') === 'true' || !button.isConnected || performance.now() - begun > 3000
              ? requestAnimationFrame(() => done())
              : setTimeout(look, 1);
          look();
        });
        shown.push(performance.now() - begun);
        await new Promise((done) => setTimeout(done, 150));
      }
      return shown;
    }, count);
  await measure(5);
  const fast = await measure(30);
  held('touch to shown, median', at(0.5, fast), 50, 'ms');
  await network.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await measure(5);
  const slow = await measure(40);
  held('touch to shown on a tablet of a quarter of the speed, median', at(0.5, slow), 100, 'ms');
  held('the same, 95th percentile', at(0.95, slow), 200, 'ms');
  await context.close();
}

/** Dragging a step in the plan of a class: no task may hold the page up, and what breaks is shown soon after it is let go. */
async function dragging() {
  const cookie = await signIn(copy.base, 'maren.oltz');
  const { context, page } = await visit({ serviceWorkers: 'block' });
  const [name, value] = cookie.split('=');
  await context.addCookies([{ name, value, url: copy.base }]);
  const lessons = await (await page.request.get(`${copy.base}/api/lessons`)).json();
  const lesson = lessons.find(({ title }) => title.startsWith('Two plates'));
  await page.goto(`${copy.base}/lessons/${lesson.id}/time`);
  const bar = page.locator('[data-lane] [data-bar].cursor-grab').nth(20);
  await bar.waitFor();
  await page.waitForTimeout(1500);
  await page.evaluate(() => {
    window.tasks = [];
    new PerformanceObserver((list) => window.tasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
      entryTypes: ['longtask'],
    });
  });
  const longest = [];
  for (let drag = 0; drag < 5; drag += 1) {
    const box = await bar.boundingBox();
    await page.mouse.move(box.x + 3, box.y + box.height / 2);
    await page.mouse.down();
    await page.evaluate(() => (window.tasks.length = 0));
    await page.mouse.move(box.x + 3 + (drag % 2 ? 60 : -60), box.y + box.height / 2, { steps: 40 });
    await page.waitForTimeout(100);
    longest.push(await page.evaluate(() => Math.max(0, ...window.tasks)));
    await page.mouse.up();
    await page.waitForTimeout(400);
  }
  console.log(`${await page.locator('[data-bar]').count()} bars`);
  // A task of 50 ms and less is none that the browser tells of.
  held('longest task while a step is dragged, median of five drags', at(0.5, longest), 50, 'ms');
  await context.close();
}
