import { expect, test, type Page } from '@playwright/test';
import { dayOf, expectAccessible, idOf, openPart, savePlan, signIn } from './school';

const PASTED = `<html xmlns:o="urn:schemas-microsoft-com:office:office"><head><style>p{mso-style:x}</style></head><body>
<p class=MsoListParagraph><span style='mso-list:Ignore'>1.&nbsp;</span>Dry leaves <b style='color:red'>only</b>; wet ones spit.</p>
<p><img src="cid:x"><font face="Comic">Lift them out while they still look pale.</font></p></body></html>`;

/** Pastes as a word processor's clipboard would. */
async function paste(page: Page, field: string, html: string): Promise<void> {
  await page.getByRole('textbox', { name: field, exact: true }).evaluate((element, pasted) => {
    const data = new DataTransfer();
    data.setData('text/html', pasted);
    data.setData('text/plain', 'plain');
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  }, html);
}

test('a card is written, asked about its hazards, printed, and carried out and in again', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto('/techniques/new');
  await page.getByLabel('Name', { exact: true }).fill('Crisp herb leaves');
  const steps = page.getByRole('textbox', { name: 'Steps', exact: true });
  await steps.click();
  await page.keyboard.type('Deep-fry the sage leaves for ten seconds.');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Heat two fingers of oil.');
  await page.keyboard.press('Alt+ArrowUp');
  await expect(steps.locator('li')).toHaveText(['Heat two fingers of oil.', 'Deep-fry the sage leaves for ten seconds.']);
  await page.keyboard.press('Control+z');
  await expect(steps.locator('li').first()).toHaveText('Deep-fry the sage leaves for ten seconds.');
  await page.getByRole('button', { name: 'Line up, Steps' }).click();

  const decides = page.getByRole('textbox', { name: 'What decides the result', exact: true });
  await decides.click();
  await paste(page, 'What decides the result', PASTED);
  await expect(decides.locator('li')).toHaveText(['Dry leaves only; wet ones spit.', 'Lift them out while they still look pale.']);
  await expect(decides.locator('strong')).toHaveText('only');
  await expect(page.getByText('What could not come along: 1 picture.')).toBeVisible();

  await expect(page.getByText('The steps name hot fat, and no caution speaks of it.')).toBeVisible();
  await page.getByRole('button', { name: 'Save the card' }).first().click();
  await expect(page.getByRole('alert')).toContainText('The card names a hazard');
  await page.reload();
  await expect(steps.locator('li')).toHaveCount(2);
  await page.getByRole('button', { name: 'Take the usual caution for hot fat' }).click();
  await expect(page.getByRole('textbox', { name: 'Cautions', exact: true })).toContainText('never water on burning fat');
  await page.getByRole('button', { name: 'Add a stage' }).click();
  await page.getByLabel('Stage 1: it looks').fill('The oil foams wildly');
  await page.getByLabel('Stage 1: it is right because').fill('That is the water leaving.');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the card' }).first().click();
  await expect(page.getByRole('heading', { name: 'Crisp herb leaves', level: 1 })).toBeVisible();
  await expect(page.getByText('That is the water leaving.')).toBeVisible();

  const id = page.url().split('/').at(-1)!;
  for (const paper of ['A4', 'LETTER']) {
    const pdf = await page.request.get(`/api/techniques/${id}/card.pdf?paper=${paper}`);
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  const markdown = await (await page.request.get(`/api/technique-exports/markdown?ids=${id}`)).text();
  await page.goto('/techniques/import');
  await page.getByLabel('Or paste the text').fill(markdown);
  await page.getByRole('button', { name: 'Read the text' }).click();
  await expect(page.getByText('already there, word for word')).toBeVisible();
  await page.getByLabel('Or paste the text').fill(markdown.replace('Crisp herb leaves', 'Crisp celery leaves'));
  await page.getByRole('button', { name: 'Read the text' }).click();
  await page.getByRole('button', { name: 'Take this card' }).click();
  await expect(page.getByText('Done: 1 new, 0 replaced.')).toBeVisible();
  await expectAccessible(page);

  await page.goto(`/techniques/${id}`);
  await page.getByRole('button', { name: 'Archive' }).click();
  await expect(page.getByText('"Crisp herb leaves" is archived.')).toBeVisible();
  // It stands among what is archived, and then among the others again: for a moment in both.
  const among = page.getByRole('button', { name: 'Restore Crisp herb leaves' });
  await expect(among).toBeVisible();
  await page.getByRole('button', { name: 'Restore it', exact: true }).click();
  await expect(among).toHaveCount(0);
  await expect(page.getByRole('link', { name: /^Crisp herb leaves/ })).toBeVisible();
});

test('a ring of prerequisites is refused and named, and nothing typed is lost', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto(`/techniques/${await idOf(page, '/api/techniques', 'Grip')}/edit`);
  await page.getByLabel('Add a technique to learn first').selectOption({ label: 'Fine dice' });
  await page.getByRole('button', { name: 'Save the card' }).first().click();
  await expect(page.getByRole('alert')).toContainText('Grip, guide hand and board');
  await expect(page.getByRole('alert')).toContainText('Fine dice');
  await page.reload();
  await expect(page.getByRole('button', { name: 'Take out Fine dice' })).toBeVisible();
  await page.getByRole('button', { name: 'Drop changes' }).click();
  await expect(page.getByRole('button', { name: 'Take out Fine dice' })).toBeHidden();
});

test('what a card computes opens to its working and is carried into a dish', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto(`/techniques/${await idOf(page, '/api/techniques', 'Brine')}`);
  const brine = page.getByRole('region', { name: 'Brine' });
  const water = brine.getByLabel(/^Water/);
  await water.fill('two litres');
  await expect(brine.getByRole('alert')).toContainText('"two litres" is not a number');
  await water.fill('2500');
  await brine.getByRole('button', { name: /^Salt: .*show the working/ }).click();
  await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('5 % of 2.5 kg');
  await expect(brine.getByText('Holds as far as')).toBeVisible();
  await expectAccessible(page);
  await brine.getByLabel('Dish', { exact: true }).selectOption({ label: 'Citrus and fennel salad with toasted seeds' });
  await brine.getByRole('button', { name: 'Carry into the dish' }).click();
  await expect(page.getByText('It stands in the draft below. Look it over, then save.')).toBeVisible();
  await expect(page.getByText('brine, 5 % of the water')).toBeVisible();
  await page.getByRole('button', { name: 'Drop changes' }).click();
});

test('the map follows attendance and date, answers as lists, and leads to a plan', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  const lesson = await idOf(page, '/api/lessons', 'Blanching');
  const day = await dayOf(page, lesson);
  const foundation = await idOf(page, '/api/classes', 'Foundation');
  await page.goto(`/map?class=${foundation}`);
  const blanch = page.getByRole('button', { name: /^Blanch and refresh: met/ });
  await expect(blanch).toHaveAccessibleName(/not met by 1 of 14/);
  await blanch.click();
  const margin = page.getByRole('complementary', { name: 'Blanch and refresh' });
  await expect(margin).toContainText(`Lutz Imber, away on ${day}`);
  await expectAccessible(page);

  const other = await page.context().newPage();
  await other.goto(`/lessons/${lesson}`);
  await openPart(other, 'Who');
  const greta = other.getByRole('button', { name: /^Greta Sool/ });
  await greta.click();
  await expect(greta).toHaveAttribute('aria-pressed', 'false');
  await page.bringToFront();
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  await expect(margin).toContainText(`Greta Sool, away on ${day}`, { timeout: 30_000 });
  await greta.click();
  await expect(greta).toHaveAttribute('aria-pressed', 'true');
  await other.close();

  await page.getByLabel('By the end of', { exact: true }).fill('2026-01-01');
  await expect(page.getByRole('button', { name: /^Blanch and refresh: not met, not met by 14 of 14/ })).toBeVisible();
  await page.goto(`/map?class=${foundation}`);
  await page.getByLabel('With a planned lesson').selectOption({ index: 1 });
  await expect(page.getByRole('button', { name: /; the lesson brings \d+ further/ }).first()).toBeVisible();
  const poaching = await idOf(page, '/api/lessons', 'Poaching');
  await page.getByRole('button', { name: /^Sweat: met/ }).click();
  const sweat = page.getByRole('complementary', { name: 'Sweat', exact: true });
  await sweat.getByRole('link', { name: /Poaching and a mounted sauce, to practise/ }).click();
  await expect(page).toHaveURL(new RegExp(`/lessons/${poaching}\\?added=`));
  await expect(page.getByText('Sweat is added from the map, to practise.')).toBeVisible();
  await expect(page.getByLabel('Purpose of Sweat')).toHaveValue('practise');
  await savePlan(page);
  await page.goto(`/map?class=${foundation}`);
  await page.getByRole('button', { name: /^Sweat: met/ }).click();
  await expect(sweat.getByRole('link', { name: /Poaching and a mounted sauce, practise$/ })).toBeVisible();

  const next = page.getByRole('link', { name: /^Plan it ?: / });
  const first = (await next.first().textContent())!.replace('Plan it: ', '');
  await next.first().click();
  await expect(page.getByRole('heading', { name: 'Plan a lesson' })).toBeVisible();
  await expect(page.getByRole('link', { name: first })).toBeVisible();
});

test('the map is walked from the keyboard', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto('/map');
  const grip = page.getByRole('button', { name: /^Grip, guide hand/ });
  await grip.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('[aria-pressed=true]')).toHaveCount(1);
  await expect(page.locator('[aria-pressed=true]')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.locator('[aria-pressed=true]')).toHaveCount(0);
});

test('cuts, practices and local rules are changed by the lead and shown where they decide', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await page.goto('/cuts');
  await expect(page.getByRole('img', { name: 'Julienne, 2 × 2 × 50 mm' })).toBeVisible();
  await page.getByRole('button', { name: 'Change Inch-based kitchen' }).click();
  const editor = page.getByRole('dialog');
  await editor.getByLabel('± side').first().fill('much');
  await editor.getByRole('button', { name: 'Save the set' }).click();
  await expect(editor.getByLabel('± side').first()).toHaveAttribute('aria-invalid', 'true');
  await editor.getByRole('button', { name: 'Drop changes' }).click();
  await editor.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: /^Put in force ?: Inch-based kitchen/ }).click();
  await page.goto(`/techniques/${await idOf(page, '/api/techniques', 'Julienne')}`);
  await expect(page.getByRole('img', { name: /^Julienne, 3.2 × 3.2 × 50 mm, Inch-based kitchen/ })).toBeVisible();
  await page.getByRole('group', { name: 'Sizes of named cuts' }).getByRole('button', { name: 'French kitchen, metric' }).click();
  await expect(page.getByRole('img', { name: /^Julienne, 2 × 2 × 50 mm/ })).toBeVisible();

  await page.goto('/rules');
  await page.getByRole('button', { name: 'Change Hot holding' }).click();
  await page.getByLabel('Value, °C').fill('630');
  await page.getByLabel('Reason').fill('Our county, section 4');
  await page.getByRole('button', { name: 'Change the rule' }).click();
  await expect(page.getByText('630 °C is outside what this rule can be.')).toBeVisible();
  await page.getByLabel('Value, °C').fill('60');
  await page.getByRole('button', { name: 'Change the rule' }).click();
  await expect(page.getByText('Set by this school: Our county, section 4', { exact: false })).toBeVisible();
  const cooling = page.getByRole('region', { name: 'Cooling check' });
  await cooling.getByLabel('Third reading after, min').fill('240');
  await cooling.getByLabel('Third reading, °C').fill('30');
  await expect(cooling.getByText(/Missed/).first()).toBeVisible();
  await page.getByRole('region', { name: 'Core check' }).getByLabel('Core, °C').fill('71');
  await expect(page.getByText('71 °C measured. Missed: Poultry: at least 75 °C.')).toBeVisible();
  await expectAccessible(page);
});
