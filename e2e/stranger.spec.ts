import { expect, test } from '@playwright/test';
import { FENNEL } from '../packages/core/test/fennel';
import { signIn } from './school';

/** A stranger's recipe becomes a dish that orders right for fourteen. */
test('a recipe nobody here has seen', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto('/dishes/new');
  await page.getByLabel('The recipe as text').fill(FENNEL);
  await expect(page.getByLabel('Title')).toHaveValue('Braised fennel with saffron broth');
  await expect(page.getByLabel('Serves', { exact: true })).toHaveValue('4');
  await expect(page.getByRole('heading', { name: 'Crumb' })).toBeVisible();
  await expect(page.getByText('needs your eye')).toBeHidden();
  await expect(page.getByRole('button', { name: /correct the reading/ })).toHaveCount(14);
  await expect(page.getByRole('button', { name: /^150–200 ml/ })).toContainText('150–200 ml vegetable stock');
  await page.getByRole('button', { name: 'Save as a dish' }).click();
  await page.getByRole('button', { name: 'Publish edition 1' }).click();
  await expect(page.getByRole('link', { name: 'Edition 1' })).toBeVisible();

  await page.goto('/lessons/new');
  await page.getByLabel('Title').fill('Fennel for fourteen');
  await page.getByLabel('Class').selectOption({ label: 'Foundation cohort, 14 students' });
  await page.getByLabel('Date', { exact: true }).fill('2031-03-03');
  await page.getByLabel('Add a dish').selectOption({ label: 'Braised fennel with saffron broth (edition 1)' });
  await page.getByRole('button', { name: 'Save the plan' }).first().click();
  await page.getByRole('link', { name: /^.*Order/ }).click();
  await expect(page.getByRole('heading', { name: 'Order for 14 students' })).toBeVisible();
  // 14 students, a second try, one portion each: 15 makings of a quarter; demonstration and reference plate: 3 quarters.
  const expected: Record<string, string> = {
    fennel: '18 bulbs',
    'plum tomatoes': '5 tins of 400 g',
    'vegetable stock': '900 ml',
    'dry white wine': '360 ml',
    thyme: '18 sprigs',
    // Pressed for its juice, a lemon is cut and shared: 15 quarters and three quarters.
    lemon: '5',
    // A clove is cut, too.
    garlic: '5 cloves',
    'stale bread': '270 g',
    'green olives': '260 g',
  };
  for (const [item, amount] of Object.entries(expected)) {
    await expect(page.getByRole('button', { name: new RegExp(`^${item}: (?:about )?${amount}, show the working`) })).toBeVisible();
  }
  await page.getByRole('button', { name: /^dry white wine: / }).click();
  // A third of a cup for four, eighteen times a quarter: a cup and a half, exactly.
  await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('⅓ cup × ¼');
});
