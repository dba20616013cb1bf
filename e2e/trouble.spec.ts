import { expect, test } from '@playwright/test';
import { expectAccessible, idOf, signIn } from './school';

test('marks given without a network are kept over a reload and saved when it is back', async ({ page, context }) => {
  await signIn(page, 'teo.vasz');
  const lesson = await idOf(page, '/api/lessons', 'Two plates against the clock');
  await page.goto(`/lessons/${lesson}/mark`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page
    .getByRole('link', { name: /Hanno Brix/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Hanno Brix' })).toBeVisible();
  await context.setOffline(true);
  await page.keyboard.press('2');
  await page.keyboard.press('4');
  await expect(page.getByText('2 kept on this tablet, not saved yet: no connection')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /Cut against its size/ })).toContainText('4 Assured');
  await expect(page.getByText('2 kept on this tablet')).toBeVisible();
  await page.keyboard.press('3');
  await context.setOffline(false);
  await expect(page.getByText('All saved')).toBeVisible();
  const sheet = (await (await page.request.get(`/api/lessons/${lesson}/marking-sheet`)).json()) as {
    plates: { given: { criterionKey: string; value: unknown }[] }[];
  };
  expect(
    sheet.plates.some(({ given }) => {
      const of = (key: string) => given.find(({ criterionKey }) => criterionKey === key)?.value;
      return JSON.stringify(of('cut-size')) === '{"kind":"level","level":4,"faults":[]}' && of('knife-hand') !== undefined;
    }),
  ).toBe(true);
});

test('a server that fails is shown, the mark is kept and retried', async ({ page }) => {
  await signIn(page, 'teo.vasz');
  const lesson = await idOf(page, '/api/lessons', 'Dough and ribbons');
  let dead = true;
  await page.route('**/events', (route) => (dead ? route.fulfill({ status: 503, body: 'gone' }) : route.continue()));
  await page.goto(`/lessons/${lesson}/mark`);
  await page.getByRole('link', { name: /Odile Franck/ }).click();
  await page.getByRole('button', { name: /^Met\./ }).click();
  await expect(page.getByText('1 kept on this tablet, not saved yet')).toBeVisible();
  dead = false;
  await expect(page.getByText('All saved')).toBeVisible({ timeout: 20_000 });
});

test('two people saving one dish: what the first changed comes in under what the second did', async ({ page, browser }) => {
  await signIn(page, 'maren.oltz');
  const path = `/dishes/${await idOf(page, '/api/dishes', 'Chickpea panisse')}`;
  await page.goto(path);
  const other = await browser.newPage();
  await signIn(other, 'maren.oltz');
  await other.goto(path);
  for (const [who, line, preparation] of [
    [page, /^60 g almonds/, 'skinned'],
    [other, /^3 red peppers/, 'charred'],
  ] as const) {
    await who.getByRole('button', { name: line }).click();
    await who.getByLabel('Preparation').fill(preparation);
    await who.getByRole('button', { name: 'Settle this line' }).click();
  }
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Publish edition/ })).toBeVisible();
  await other.reload();
  await other.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(other.getByRole('button', { name: /^60 g almonds/ })).toContainText('skinned');
  await expect(other.getByRole('button', { name: /^3 red peppers/ })).toContainText('charred');
  await expect(other.getByRole('button', { name: /^Publish edition/ })).toBeVisible();
  await other.close();
});

test('a 5 MB paste is refused and what was typed stays', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto('/dishes/new');
  const text = page.getByLabel('The recipe as text');
  await text.fill('Kept words\n100 g flour');
  await text.evaluate((area: HTMLTextAreaElement) => {
    Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(area, 'x'.repeat(5_000_000));
    area.dispatchEvent(new Event('input', { bubbles: true }));
  });
  await expect(page.getByRole('alert')).toContainText('Paste one recipe at a time');
  await expect(text).toHaveValue('Kept words\n100 g flour');
  await page.reload();
  await page.getByText('Type', { exact: true }).click();
  await expect(text).toHaveValue('Kept words\n100 g flour');
  await page.getByRole('button', { name: 'Start over' }).click();
});

test('people see only what is theirs', async ({ page }) => {
  await signIn(page, 'ida.crane');
  await expect(page.getByRole('link', { name: 'Classes' })).toBeHidden();
  const lesson = await idOf(page, '/api/lessons', 'Knife basics');
  await page.goto(`/lessons/${lesson}/results`);
  await expect(page.getByText('There is nothing at this address')).toBeVisible();
  await page.goto(`/lessons/${lesson}/order`);
  await expect(page.getByRole('heading', { name: 'Order for 14 students' })).toBeVisible();
  // A student sees their own results, and nothing of the school.
  await page.getByRole('button', { name: 'Sign out' }).click();
  await signIn(page, 'amara.quill');
  await expect(page.getByRole('heading', { name: 'Where I stand, by technique' })).toBeVisible();
  await expectAccessible(page);
  await expect(page.getByRole('link', { name: 'Term' })).toBeHidden();
});

test('a part of an older version is said to be gone, and nothing is kept under its name', async ({ request }) => {
  const gone = await request.get('/assets/LessonPage-older.js');
  expect([gone.status(), gone.headers()['content-type']]).toEqual([404, 'text/plain; charset=utf-8']);
});
