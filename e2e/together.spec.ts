import { expect, test, type Browser, type Page } from '@playwright/test';
import { idOf, signIn } from './school';

/** A tablet of its own, with someone signed in on it. */
async function tabletOf(browser: Browser, name: string): Promise<Page> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await signIn(page, name);
  return page;
}

test('two assessors at one plate see each other’s marks at once, with the network gone and back', async ({ browser }) => {
  const maren = await tabletOf(browser, 'maren.oltz');
  const teo = await tabletOf(browser, 'teo.vasz');
  const lesson = await idOf(maren, '/api/lessons', 'Dough and ribbons');
  for (const page of [maren, teo]) {
    await page.goto(`/lessons/${lesson}/mark`);
    await page.getByRole('link', { name: /Odile Franck/ }).click();
    await expect(page.getByRole('heading', { name: 'Odile Franck' })).toBeVisible();
  }
  const criterion = (page: Page, name: RegExp) => page.getByRole('button', { name });
  const HAND = /^Grip and station/;
  const CUT = /^Cut against its size/;

  // Maren touches; on Teo's tablet it stands there without anyone reloading.
  await criterion(maren, HAND).click();
  await maren.keyboard.press('2');
  await expect(criterion(teo, HAND)).toContainText('2 Nearly', { timeout: 1000 });

  // Teo's network is gone: both go on, and Maren does not see what Teo says meanwhile.
  await teo.context().setOffline(true);
  await criterion(teo, CUT).click();
  await teo.keyboard.press('4');
  await expect(teo.getByText('1 kept on this tablet, not saved yet: no connection')).toBeVisible();
  await criterion(maren, HAND).click();
  await maren.keyboard.press('3');
  await expect(maren.getByText('All saved')).toBeVisible();
  await expect(criterion(maren, CUT)).not.toContainText('4 Assured');

  // It is back: what each said meanwhile reaches the other.
  await teo.context().setOffline(false);
  await expect(criterion(maren, CUT)).toContainText('4 Assured');
  await expect(criterion(teo, HAND)).toContainText('3 Secure');
  await expect(teo.getByText('All saved')).toBeVisible();

  // Both touch the same criterion at once: both tablets end with the same, whichever came last.
  for (const page of [maren, teo]) await criterion(page, CUT).click();
  await Promise.all([maren.keyboard.press('1'), teo.keyboard.press('2')]);
  const said = (page: Page) =>
    criterion(page, CUT)
      .textContent()
      .then((text) => /\d (?:Not yet|Nearly)/.exec(text ?? '')?.[0]);
  await expect
    .poll(async () => {
      const [one, other] = await Promise.all([said(maren), said(teo)]);
      return one === other && (one === '1 Not yet' || one === '2 Nearly') ? 'the same' : `${one} and ${other}`;
    })
    .toBe('the same');
  for (const page of [maren, teo]) await page.context().close();
});

test('signing out works without a network, and leaves nothing that names a student', async ({ browser }) => {
  const page = await tabletOf(browser, 'teo.vasz');
  const lesson = await idOf(page, '/api/lessons', 'Two plates against the clock');
  // Someone nobody has marked yet, whatever ran before.
  const sheet = (await (await page.request.get(`/api/lessons/${lesson}/marking-sheet`)).json()) as {
    students: { id: string; name: string; absent: boolean }[];
    plates: { studentId: string }[];
  };
  const { name } = sheet.students.filter(({ id, absent }) => !absent && !sheet.plates.some(({ studentId }) => studentId === id)).at(-1)!;
  await page.goto(`/lessons/${lesson}/mark`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  await page.context().setOffline(true);
  await page.keyboard.press('1');
  await expect(page.getByText('1 kept on this tablet, not saved yet: no connection')).toBeVisible();
  await page.goto(`/lessons/${lesson}/mark`);
  await page.goto('/');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  // Everything this device keeps, as text.
  const kept = await page.evaluate(async () => {
    const parts = [JSON.stringify({ ...localStorage }), JSON.stringify({ ...sessionStorage })];
    for (const name of await caches.keys()) for (const { url } of await (await caches.open(name)).keys()) parts.push(url);
    for (const { name } of await indexedDB.databases()) {
      const db = await new Promise<IDBDatabase>((done) => {
        const opening = indexedDB.open(name!);
        opening.onsuccess = () => done(opening.result);
      });
      for (const store of db.objectStoreNames)
        parts.push(
          await new Promise<string>((done) => {
            const reading = db.transaction(store).objectStore(store).getAll();
            reading.onsuccess = () => done(JSON.stringify(reading.result));
          }),
        );
      db.close();
    }
    return parts.join('\n');
  });
  expect(kept.includes(lesson)).toBe(true);
  expect([...name.split(' '), 'Teo', 'Vasz', '/api/'].filter((word) => kept.includes(word))).toEqual([]);

  // Back in the network the server knows of it too; the mark waits for Teo, and is his.
  await page.context().setOffline(false);
  await expect.poll(async () => ((await (await page.request.get('/api/session')).json()) as { me: unknown }).me).toBeNull();
  await page.reload();
  await signIn(page, 'maren.oltz');
  await page.goto(`/lessons/${lesson}/mark`);
  await expect(page.getByRole('link', { name: new RegExp(name) }).first()).toContainText(/due \d|late|not begun/);
  // What is touched holds at once: the page is left before anything that waits could have been sent.
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await signIn(page, 'teo.vasz');
  await page.goto(`/lessons/${lesson}/mark`);
  await expect(page.getByRole('link', { name: new RegExp(name) }).first()).not.toContainText(/due \d|late|not begun/);
  await page.context().close();
});

test('dates, times and units are as each person likes them', async ({ browser }) => {
  const page = await tabletOf(browser, 'ida.crane');
  const lesson = await idOf(page, '/api/lessons', 'Poaching');
  await page.goto('/preferences');
  for (const choice of ['ounces, fluid ounces, inches', 'degrees Fahrenheit', '2:30 pm']) {
    await page.getByText(choice, { exact: true }).click();
    await expect(page.getByLabel(choice)).toBeChecked();
  }
  await page.goto(`/lessons/${lesson}/order`);
  await expect(page.getByRole('button', { name: /: [\d¼½¾⅓⅔⅛ ]+(?:oz|lb|fl oz|qt|pint).*show the working/ }).first()).toBeVisible();
  await page.goto(`/lessons/${lesson}`);
  await expect(page.getByRole('main').getByText(/\d (?:am|pm) to /)).toBeVisible();
  // Another person's screens stay as they are.
  const other = await tabletOf(browser, 'maren.oltz');
  await other.goto(`/lessons/${lesson}`);
  await expect(other.getByRole('main').getByText(/\d\d:\d\d to \d\d:\d\d/)).toBeVisible();
  for (const each of [page, other]) await each.context().close();
});
