import { expect, test } from '@playwright/test';
import { idOf, signIn } from './school';

/** Four points of one colour: as small as a photo can be. */
const PHOTO = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAIAAAACCAIAAAD91JpzAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAAEUlEQVQImWPocFHqcFFigFAAG64DuQ9Z4SsAAAAASUVORK5CYII=',
  'base64',
);

test('a photo of a plate is taken at the pass, without a network too, and a round of the stations counts for the dish', async ({
  page,
  context,
}) => {
  await signIn(page, 'teo.vasz');
  const lesson = await idOf(page, '/api/lessons', 'Knife');
  await page.goto(`/lessons/${lesson}/mark`);
  await page.getByRole('link', { name: 'Station round' }).click();
  const order = page.getByRole('button', { name: /^Cleo Vantor, Order of the station: Clear at every look/ });
  await order.click();
  await expect(order).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('1 of 14 looked at in this round')).toBeVisible();
  await expect(page.getByText('All saved')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();

  await page.getByRole('link', { name: 'All dishes' }).click();
  await page.getByRole('link', { name: /Cleo Vantor/ }).click();
  const photo = page.getByLabel('Take or choose a photo of this plate');
  await context.setOffline(true);
  await photo.setInputFiles({ name: 'plate.png', mimeType: 'image/png', buffer: PHOTO });
  await expect(page.getByText('kept here, not sent')).toBeVisible();
  await context.setOffline(false);
  await page.getByRole('button', { name: 'Photo 1 of this plate' }).click();
  await expect(page.getByRole('img', { name: 'The plate as it came to the pass' })).toBeVisible();
  await page.getByRole('button', { name: 'Take this photo away for good' }).click();
  await expect(page.getByRole('button', { name: 'Photo 1 of this plate' })).toBeHidden();
  await photo.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no photo') });
  await expect(page.getByRole('alert').filter({ hasText: 'no photo that can be opened' })).toBeVisible();
});

test('where a class stands leads to what stands behind it and to a lesson for whom it concerns', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto(`/classes/${await idOf(page, '/api/classes', 'Foundation')}`);
  await page.getByRole('link', { name: 'Where it stands' }).click();
  await page.getByRole('button', { name: /^Dario Pemble, Julienne:/ }).click();
  const behind = page.getByRole('dialog', { name: 'Dario Pemble: Julienne' });
  await expect(behind.getByRole('link', { name: /Knife basics/ }).first()).toBeVisible();
  await behind.getByRole('button', { name: 'Close' }).click();
  const group = page.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Plan it' }) });
  const technique = (await group.first().getByRole('heading').textContent())!;
  await group.first().getByRole('link', { name: 'Plan it' }).click();
  await expect(page.getByRole('heading', { name: 'Plan a lesson' })).toBeVisible();
  await expect(page.getByRole('link', { name: technique })).toBeVisible();
});

test('a figure is read from the simulated calliper at the pass, and taken back', async ({ page }) => {
  await signIn(page, 'teo.vasz');
  await page.goto(`/lessons/${await idOf(page, '/api/lessons', 'Knife')}/mark`);
  await page
    .getByRole('link', { name: /Finn Okabe/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^Fine dice/ }).click();
  const pieces = page.getByRole('list', { name: 'Pieces measured' }).getByRole('button');
  await expect(pieces.first()).toBeVisible();
  const before = await pieces.count();
  // Some of its readings drop out, come broken or still move; those say so and take nothing.
  await expect(async () => {
    await page.getByRole('button', { name: 'Read the calliper' }).click();
    await expect(pieces).toHaveCount(before + 1, { timeout: 1000 });
  }).toPass();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(pieces).toHaveCount(before);
});
