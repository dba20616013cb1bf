import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { idOf, signIn } from './school';

/** The whole path, from signing in to the student's result, on the demo school. */
test('from technique to mark', async ({ page, browser }) => {
  await signIn(page, 'maren.oltz');

  await test.step('techniques: a list by strand and a card each', async () => {
    await page.getByRole('link', { name: 'Techniques' }).click();
    for (const strand of ['Knife work', 'Cooking', 'Plating']) await expect(page.getByRole('heading', { name: strand })).toBeVisible();
    await page.getByRole('link', { name: /^Blanch and refresh/ }).click();
    for (const part of ['Steps', 'What decides the result', 'Cues', 'Faults'])
      await expect(page.getByRole('heading', { name: part })).toBeVisible();
    await expect(page.getByRole('row', { name: /Grey-green/ })).toContainText('ice ready beforehand');
  });

  await test.step('a dish: pasted, a held line settled by hand, saved and published', async () => {
    await page.goto('/dishes/new');
    await page
      .getByLabel('The recipe as text')
      .fill(
        'Warm turnip salad (serves 4)\n600 g turnips\n3 glugs olive oil\n2 shallots, finely diced\nsalt, to taste\nMethod\n1. Blanch the turnips for 4 minutes, refresh.\n2. Dress and serve.',
      );
    await expect(page.getByLabel('Title')).toHaveValue('Warm turnip salad');
    await expect(page.getByText('Is "glugs" a unit?').first()).toBeVisible();
    await page
      .getByRole('button', { name: /3 glugs olive oil: correct/ })
      .first()
      .click();
    await page.getByLabel('Amount').fill('45 ml');
    await page.getByLabel('Ingredient', { exact: true }).fill('olive oil');
    await page.getByLabel('How it scales').selectOption({ label: 'in proportion' });
    await page.getByRole('button', { name: 'Settle this line' }).click();
    await expect(page.getByText('needs your eye')).toBeHidden();
    await page.getByRole('button', { name: 'Save as a dish' }).click();
    await expect(page.getByRole('heading', { name: 'Warm turnip salad' })).toBeVisible();
    await expect(page.getByText('Blanch and refresh', { exact: true }).first()).toBeVisible();
    await page.getByRole('button', { name: 'Publish edition 1' }).click();
    await expect(page.getByRole('link', { name: 'Edition 1' })).toBeVisible();
  });

  await test.step('a class: from CSV and typed, with needs', async () => {
    await page.getByRole('link', { name: 'Classes' }).click();
    await page.getByRole('button', { name: 'New class' }).first().click();
    await page.getByLabel('Name').fill('Pastry pilots');
    await page.getByRole('button', { name: 'Make the class' }).click();
    await page.getByRole('button', { name: 'Import a roster' }).first().click();
    await page.getByLabel('Choose a file').setInputFiles({
      name: 'roster.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('name,allergens\nZoë Ark,nuts\nBo Lind,\nZoë Ark,\n=HYPERLINK("x"),\n'),
    });
    await expect(page.getByRole('alert')).toContainText('stands on line 2 already');
    await expect(page.getByRole('alert')).toContainText('spreadsheet formula');
    await page.getByRole('button', { name: 'Add 2, leave the others out' }).click();
    await expect(page.getByText('2 added.')).toBeVisible();
    await page.getByRole('button', { name: 'Add a student' }).click();
    await page.getByLabel('Name').fill('Cy Marrow');
    await page.getByLabel('milk', { exact: true }).check();
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText('no milk')).toBeVisible();
  });

  const order = page.getByRole('button', { name: /^turnips: .*show the working/ });
  await test.step('a lesson: planned', async () => {
    await page.goto('/');
    await page.getByRole('link', { name: 'Plan a lesson' }).click();
    await page.getByLabel('Title').fill('Turnips, seriously');
    await page.getByLabel('Class').selectOption({ label: 'Pastry pilots, 3 students' });
    await page.getByLabel('Starts').fill('14:00');
    await page.getByLabel('Ends').fill('13:00');
    await expect(page.getByText('The lesson ends before it starts.')).toBeVisible();
    await page.getByRole('button', { name: 'Save the plan' }).first().click();
    await expect(page.getByRole('alert')).toContainText('The lesson ends at 13:00, but starts at 14:00.');
    await page.getByLabel('Ends').fill('17:00');
    await page.getByLabel('Add a dish').selectOption({ label: 'Warm turnip salad (edition 1)' });
    await page.getByLabel('Add a technique').selectOption({ label: 'Blanch and refresh' });
    await page.getByLabel('Dishes are marked by').selectOption({ label: 'Practical dish (edition 1)' });
    await page.getByRole('button', { name: 'Portions a student: one more' }).click();
    await page.getByRole('button', { name: 'Save the plan' }).first().click();
    await expect(page.getByRole('navigation', { name: 'Phases of Turnips, seriously' })).toBeVisible();
  });

  await test.step('the order: working, what if, CSV and PDF', async () => {
    await page.getByRole('link', { name: /^.*Order/ }).click();
    // 3 students × 2 + demonstration with reference plate 3 + one second try of 2 = 11 portions of 150 g.
    await expect(order).toHaveText('1.65 kg');
    await order.click();
    await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('3 students: 3 × (600 g × ½)');
    await page.getByRole('button', { name: 'Students: one more' }).click();
    await expect(order).toHaveText('1.95 kg');
    await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('4 students: 4 × (600 g × ½)');
    const csv = await download(page, 'CSV');
    expect(csv.toString('utf8')).toContain('turnips,1950,g');
    expect((await download(page, 'PDF, A4')).subarray(0, 5).toString()).toBe('%PDF-');
  });

  await test.step('marking: by touch alone, then by keyboard alone', async () => {
    await page
      .getByRole('link', { name: /^.*Mark/ })
      .first()
      .click();
    await page.getByRole('link', { name: /Bo Lind/ }).click();
    for (let criterion = 0; criterion < 10; criterion += 1) await page.getByRole('button', { name: /^(?:Secure|Met)\./ }).click();
    await expect(page.getByText('All saved')).toBeVisible();
    await expect(page.getByText('75 of 100')).toBeVisible();
    await page.getByRole('button', { name: 'Next student' }).click();
    await expect(page.getByRole('heading', { name: 'Cy Marrow' })).toBeVisible();
    await page.keyboard.press('2');
    await page.keyboard.press('1');
    await page.keyboard.press('a');
    await expect(page.getByRole('button', { name: /Widths differ/ })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('ArrowDown');
    for (const key of ['0', '2', '4', '4', '3', '4', '4', '4']) await page.keyboard.press(key);
    await expect(page.getByRole('button', { name: /Grip and station/ })).toContainText('not seen');
    await page.keyboard.press('u');
    await expect(page.getByRole('button', { name: /Rim and temperature/ })).not.toContainText('Assured');
    await page.keyboard.press('4');
    await expect(page.getByText('All saved')).toBeVisible();
  });

  await test.step('the result: mark with working, fault with cause and correction, class chart, student page and PDF', async () => {
    await page.getByRole('link', { name: /^.*Results/ }).click();
    await expect(page.getByRole('img', { name: /Levels by criterion/ })).toBeVisible();
    await page.getByRole('link', { name: 'Cy Marrow' }).click();
    await expect(page.getByRole('heading', { name: 'Widths differ from stick to stick' })).toBeVisible();
    await expect(page.getByText('The guide hand moves by guess')).toBeVisible();
    await expect(page.getByText('Practise next: Julienne')).toBeVisible();
    await page.getByRole('button', { name: /^Mark: .*show the working/ }).click();
    await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('not seen, so the rest weighs more: Grip and station');
    expect((await download(page, 'PDF, Letter')).subarray(0, 5).toString()).toBe('%PDF-');
  });

  await test.step('the student sees it once it is given out', async () => {
    const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await signIn(phone, 'amara.quill');
    await expect(phone.getByRole('link', { name: /Leeks vinaigrette/ })).toBeHidden();
    await page.goto(`/lessons/${await idOf(page, '/api/lessons', 'Blanching and emulsions')}/results`);
    await page.getByRole('button', { name: 'Give them to the students' }).click();
    await expect(page.getByRole('button', { name: 'Take them back' })).toBeVisible();
    await phone.reload();
    await phone.getByRole('link', { name: /Leeks vinaigrette/ }).click();
    await expect(phone.getByRole('heading', { name: 'What mattered most' })).toBeVisible();
    expect(await phone.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
    await phone.getByRole('button', { name: 'Sign out' }).click();
    await expect(phone.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await phone.close();
    await page.getByRole('button', { name: 'Take them back' }).click();
    await expect(page.getByRole('button', { name: 'Give them to the students' })).toBeVisible();
  });
});

async function download(page: Page, link: string): Promise<Buffer> {
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: link }).click()]);
  return readFileSync((await file.path())!);
}
