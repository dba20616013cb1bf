import { expect, test } from '@playwright/test';
import { expectAccessible, idOf, savePlan, signIn } from './school';

test('a JSON-LD file and a CSV each become a dish that scales right', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto('/dishes/import');
  const choose = page.getByLabel(/Choose a file|Chosen/);
  await choose.setInputFiles({ name: 'photo.json', mimeType: 'image/png', buffer: Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1]) });
  await expect(page.getByRole('alert')).toContainText('file');
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Glazed <i>swede</i>',
    recipeYield: '6 servings',
    recipeIngredient: ['1.2 kg swede', '45 g butter', '1/3 cup cider'],
    recipeInstructions: 'Sweat for 10 minutes.',
  };
  await choose.setInputFiles({ name: 'swede.jsonld', mimeType: 'application/ld+json', buffer: Buffer.from(JSON.stringify(recipe)) });
  await expect(page.getByRole('heading', { name: 'Glazed swede, serves 6' })).toBeVisible();
  await expect(page.getByText('Nothing has been stored yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Make this dish' }).click();
  await page.getByRole('link', { name: 'Glazed swede' }).click();
  await page.getByRole('link', { name: 'Scale it' }).click();
  await expect(page.getByRole('heading', { name: 'Glazed swede' })).toBeVisible();
  await page.getByLabel('what is in hand').check({ force: true });
  await page.getByLabel('Ingredient', { exact: true }).selectOption({ label: 'swede, 1.2 kg' });
  await page.getByLabel('I have').fill('1.8 kg');
  await expect(page.getByText('1.8 kg in hand ÷ 1.2 kg as written')).toBeVisible();
  await expect(page.getByRole('button', { name: /^butter: 68 g/ })).toBeVisible();
  await page.getByRole('button', { name: /^cider: (?:about )?½ cup/ }).click();
  await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('⅓ cup × 1½');
  await page.getByLabel('pan or tray').check({ force: true });
  await expect(page.getByText('by area')).toBeVisible();
  await expectAccessible(page);

  await page.goto('/dishes/import');
  await choose.setInputFiles({
    name: 'lines.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('dish,serves,component,line\nCress soup,4,,2 bunches watercress\nCress soup,4,To finish,50 ml double cream\n'),
  });
  await page.getByRole('button', { name: 'Make this dish' }).click();
  await expect(page.getByRole('link', { name: 'Cress soup' })).toBeVisible();
});

test('a formula: component yields, plate build, steps moved, editions compared and restored', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  const id = await idOf(page, '/api/dishes', 'Citrus and fennel');
  await page.goto(`/dishes/${id}`);
  await expect(page.getByText('Plates one making gives')).toBeVisible();
  await page.getByRole('button', { name: 'Yield and keeping' }).first().click();
  await page.getByLabel('One making gives').first().fill('900 g');
  await page.getByLabel('Keeps, chilled').fill('24');
  await expect(page.getByText(/gives 900 g · really gave 540 · keeps 24 h chilled/)).toBeVisible();
  await page.getByRole('button', { name: 'Step 2 up' }).click();
  await page.getByRole('button', { name: 'Drag step 1' }).focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Detail of step 1' }).click();
  await page.getByLabel('Heat', { exact: true }).fill('350F');
  await page.getByLabel('Equipment').fill('oven');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(/180 °C, 350 °F, fan 160 °C, gas 4/)).toBeVisible();
  await page.getByRole('button', { name: /^1 lemon, juice only/ }).click();
  await page.getByText('Losses and gains, and where it comes from').click();
  await page.getByLabel('Left after trimming').fill('0');
  await page.getByRole('button', { name: 'Settle this line' }).click();
  await expect(page.getByText('A yield is not a percentage.').first()).toBeVisible();
  await page.getByLabel('Left after trimming').fill('40');
  await page.getByRole('button', { name: 'Settle this line' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: /^Publish edition/ }).click();
  await page.getByRole('link', { name: 'Compare two, or restore one' }).click();
  await expect(page.getByText(/places differ/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make “Before” the draft again' }).click();
  await expect(page.getByRole('button', { name: /^Publish edition/ })).toBeVisible();
});

test('finding, a fact of one’s own, and a substitute for one student', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto('/dishes');
  await page.getByLabel('Find a dish').fill('aubergene');
  await expect(page.getByRole('link', { name: 'Aubergine tian with basil oil' })).toBeVisible();
  await page.getByLabel('Find a dish').fill('');
  await page.getByLabel('Exercises').selectOption({ label: 'Render and sear' });
  await expect(page.getByRole('row')).toHaveCount(2);
  await expectAccessible(page);

  await page.goto('/ingredients');
  await page.getByLabel('Find an ingredient').fill('sorrel');
  await page.getByRole('button', { name: 'Change sorrel' }).click();
  await page.getByLabel('Price', { exact: true }).fill('24,50');
  await page.getByLabel('Source').fill('price of our grower');
  await page.getByRole('button', { name: 'Save as your own' }).click();
  await expect(page.getByRole('row', { name: /sorrel/ })).toContainText('24.50 per kg');
  await expectAccessible(page);

  const lesson = await idOf(page, '/api/lessons', 'Poaching');
  await page.goto(`/lessons/${lesson}`);
  const greta = page.getByRole('listitem').filter({ hasText: 'Greta Sool: milk' });
  await expect(greta).toContainText('oat cream');
  await greta.getByRole('button', { name: 'One making' }).first().click();
  await savePlan(page);
  await expect(page.getByText('Cooked with something else')).toBeVisible();
  await page.getByRole('link', { name: /^.*Order/ }).click();
  const oat = page.getByRole('button', { name: /^oat cream: .*show the working/ });
  await oat.click();
  await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('instead of double cream: no milk');
  await expect(page.getByText('Cost, as far as priced')).toBeVisible();
});
