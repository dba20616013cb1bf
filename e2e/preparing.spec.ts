import { expect, test } from '@playwright/test';
import { expectAccessible, idOf, signIn } from './school';

test('a demonstration is chosen side by side, presented step by step, and its real minutes and questions stay', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  const lesson = await idOf(page, '/api/lessons', 'Frying');
  await page.goto(`/lessons/${lesson}/demonstrations`);
  await expect(page.getByRole('heading', { name: 'What must stand ready' })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Slot, minutes', { exact: true }).fill('3');
  await expect(page.getByText(/The steps that decide take \d+ minutes|no way that fits|stand ready, and it cannot/).first()).toBeVisible();
  await page.getByRole('button', { name: /^Make the slot \d+ minutes$/ }).click();
  await page
    .getByRole('button', { name: /^Take [A-E]$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Save the demonstration' }).click();
  await page.getByRole('link', { name: 'Present it' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'A question' }).click();
  await page.getByRole('textbox', { name: 'What was asked' }).fill('Can it be frozen?');
  await page.getByRole('textbox', { name: 'What was answered' }).fill('Before it is fried.');
  await page.getByRole('button', { name: 'Note the question' }).click();
  await expect(page.getByText('Can it be frozen?').first()).toBeVisible();
  // A reload in the kitchen goes on where it was.
  await page.getByRole('button', { name: 'Done, next' }).click();
  const second = await page.locator('p.font-title').first().textContent();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Back' })).toBeEnabled();
  await expect(page.locator('p.font-title').first()).toHaveText(second!);
  await page.getByRole('button', { name: 'Leave' }).click();
  await expect(page.getByText('Can it be frozen?').first()).toBeVisible();
});

test('preparation is ticked off, and whoever orders sees it', async ({ page, browser }) => {
  await signIn(page, 'maren.oltz');
  const lesson = await idOf(page, '/api/lessons', 'Poaching');
  await page.goto(`/lessons/${lesson}/preparation`);
  await expect(page.getByRole('heading', { name: 'shallots' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Change of board, knife, cloth and hands' })).toBeVisible();
  await expectAccessible(page);
  const dice = page.getByRole('checkbox', { name: /in fine dice/ });
  await dice.check();
  await expect(page.getByText('done by Maren Oltz')).toBeVisible();
  const stores = await (await browser.newContext()).newPage();
  await signIn(stores, 'ida.crane');
  await stores.goto(`/lessons/${lesson}/preparation`);
  await stores.getByText('Teams', { exact: true }).click();
  await expect(stores.getByRole('checkbox', { name: /in fine dice/ })).toBeChecked();
  await expect(stores.getByRole('link', { name: 'Demonstration', exact: true })).toHaveCount(0);
  await stores.context().close();
});

test('the term shows what does not hold, moves by key and by drag, and is followed by a calendar until that is withdrawn', async ({
  page,
}) => {
  await signIn(page, 'maren.oltz');
  const id = await idOf(page, '/api/classes', 'Foundation');
  await page.goto(`/classes/${id}/term`);
  await expect(page.getByRole('heading', { name: 'What does not hold' })).toBeVisible();
  await expectAccessible(page);
  const days = page.locator('[data-lesson]');
  const last = await days.count();
  await days.nth(last - 2).click();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByRole('button', { name: 'Save 2 moves' })).toBeVisible();
  await page.getByRole('button', { name: 'Drop the moves' }).click();
  const [from, to] = [(await days.nth(last - 1).boundingBox())!, (await days.nth(last - 2).boundingBox())!];
  await page.mouse.move(from.x + from.width / 2, from.y + 40);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + 40, { steps: 6 });
  await page.mouse.up();
  await page.getByRole('button', { name: 'Save 2 moves' }).click();
  await expect(page.getByRole('link', { name: 'Term plan, A4' })).toBeVisible();
  await page.getByLabel('For whom').fill('Staff room');
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = (await page.locator('code').textContent())!;
  expect((await page.request.get(address)).status()).toBe(200);
  await page.getByRole('button', { name: 'Withdraw: Staff room' }).click();
  await expect(page.getByRole('button', { name: 'Withdraw: Staff room' })).toHaveCount(0);
  expect((await page.request.get(address)).status()).toBe(404);
});
