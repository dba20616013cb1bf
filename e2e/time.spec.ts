import { expect, test, type Page } from '@playwright/test';
import { expectAccessible, idOf, openPart, signIn } from './school';

const status = (page: Page) => page.getByRole('main').getByRole('status');
const bar = (page: Page, said: RegExp) =>
  page
    .locator('[data-bar]')
    .and(page.getByRole('button', { name: said }))
    .first();

test('a plan of time is dragged, breaks in words, is put right, taken back, and seen by a colleague', async ({ page, browser }) => {
  await signIn(page, 'maren.oltz');
  const lesson = await idOf(page, '/api/lessons', 'Duck');
  await page.goto(`/lessons/${lesson}/time`);
  await expect(status(page).last()).toContainText('7 plates reach the pass');
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'teo.vasz');
  await other.goto(`/lessons/${lesson}/time`);
  await expect(status(other).last()).toContainText('7 plates reach the pass');

  const render = bar(page, /^Cedar.*Render/);
  const before = (await render.getAttribute('aria-label'))!.match(/\d\d:\d\d/)![0];
  const box = (await render.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 40, box.y + box.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(status(page).last()).toContainText('not hold');
  await expect(page.getByRole('region', { name: 'What does not hold' })).toContainText('Cedar');
  await expect(bar(page, /^Cedar.*Render.*does not hold, pinned/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(status(page).last()).toContainText(/moved\./);
  await expect(status(page).first()).toContainText('Saved by Maren Oltz');
  // The colleague sees the pin within seconds, without asking for it.
  await expect(bar(other, /^Cedar.*Render.*pinned/)).toBeVisible({ timeout: 20_000 });
  await other.context().close();

  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(bar(page, new RegExp(`^Cedar, ${before}.*Render`))).toBeVisible();
  await expect(status(page).last()).toContainText('7 plates reach the pass');
  await expect(status(page).first()).toContainText('Saved by Maren Oltz');
});

test('a lesson that does not fit says why, and fits with a remedy that is taken', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  const lesson = await idOf(page, '/api/lessons', 'Frying');
  await page.goto(`/lessons/${lesson}/time`);
  await expect(status(page).last()).toHaveText('It does not fit.');
  const fits = page.getByRole('button', { name: 'It fits: plan it so' }).first();
  await fits.click();
  await expect(status(page).last()).toContainText('plates reach the pass');
  await expect(page.getByRole('link', { name: 'Calendar file' })).toBeVisible();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(status(page).last()).toHaveText('It does not fit.');
  await expect(status(page).first()).toContainText('Saved by Maren Oltz');
});

test('students are dragged from team to team', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto(`/lessons/${await idOf(page, '/api/lessons', 'Duck')}`);
  await openPart(page, 'Who');
  const team = (name: string) => page.getByRole('listitem', { name, exact: true });
  const from = team('Ash').getByRole('listitem').first();
  const who = (await from.innerText()).split('\n')[0]!;
  await from.scrollIntoViewIfNeeded();
  const handle = (await from.locator('svg').boundingBox())!;
  const target = (await team('Birch').boundingBox())!;
  await page.mouse.move(handle.x + 6, handle.y + 6);
  await page.mouse.down();
  await page.mouse.move(target.x + target.width / 2, target.y + 60, { steps: 12 });
  await page.mouse.up();
  await expect(team('Birch')).toContainText(who);
  await expect(team('Ash').getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Drop changes' }).click();
});
