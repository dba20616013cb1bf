import { expect, test } from '@playwright/test';
import { expectAccessible, idOf, openPart, savePlan, signIn } from './school';

test('a lesson that is marked as pass or not yet tells its results so, everywhere', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  const lesson = await idOf(page, '/api/lessons', 'Blanching');
  await page.goto(`/lessons/${lesson}`);
  await openPart(page, 'With what, and how');
  await page.getByLabel('Marking').selectOption({ label: 'pass or not yet' });
  await savePlan(page);

  await page.goto(`/lessons/${lesson}/mark`);
  const cleo = page.getByRole('link', { name: /Cleo Vantor/ });
  await expect(cleo).toContainText('Not yet');
  await cleo.click();
  // The list that is left shows the same words for everybody.
  await expect(page).toHaveURL(/mark\/.+/);
  await expect(page.getByText(/^~?Not yet$/)).toBeVisible();

  await page.goto(`/lessons/${lesson}/results`);
  await page.getByRole('main').getByRole('link', { name: 'Cleo Vantor' }).click();
  await page.getByRole('button', { name: /^Result: Not yet, show the working/ }).click();
  const working = page.getByRole('complementary', { name: 'Working' });
  await expect(working).toContainText('in the way');
  await expect(working).toContainText('every criterion seen stands at Secure or above');
  await expect(page.getByText('of 100')).toHaveCount(0);
  await expectAccessible(page);

  await page.goto(`/lessons/${lesson}`);
  await openPart(page, 'With what, and how');
  await page.getByLabel('Marking').selectOption({ index: 0 });
  await savePlan(page);
});

test('the technician sees what to weigh on each tray, and opens a figure to its working', async ({ page }) => {
  await signIn(page, 'ida.crane');
  await page.goto(`/lessons/${await idOf(page, '/api/lessons', 'Poaching')}/order`);
  await expect(page.getByText('the technician weighs every tray')).toBeVisible();
  await page.getByRole('button', { name: /^dry white wine, tray for demonstration with reference plate: / }).click();
  await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('in proportion');
  await expect(page.getByText('from the bulk making').first()).toBeVisible();
  await expectAccessible(page);
  const [paper] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'PDF, A4' }).click()]);
  expect(paper.suggestedFilename()).toMatch(/^order-.*\.pdf$/);
});
