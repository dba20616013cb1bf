import { expect, test, type Page } from '@playwright/test';
import { expectAccessible, idOf, signIn } from './school';

const views: readonly [string, (page: Page) => Promise<string>][] = [
  ['the term', () => Promise.resolve('/')],
  ['the techniques', () => Promise.resolve('/techniques')],
  ['a card being written', async (page) => `/techniques/${await idOf(page, '/api/techniques', 'Brine')}/edit`],
  ['importing cards', () => Promise.resolve('/techniques/import')],
  ['the map', () => Promise.resolve('/map')],
  ['the cuts', () => Promise.resolve('/cuts')],
  ['doneness and stages', () => Promise.resolve('/doneness')],
  ['the practices', () => Promise.resolve('/practices')],
  ['the local rules', () => Promise.resolve('/rules')],
  ['the dishes', () => Promise.resolve('/dishes')],
  ['reading a recipe', () => Promise.resolve('/dishes/new')],
  ['a dish', async (page) => `/dishes/${await idOf(page, '/api/dishes', 'Duck breast')}`],
  ['the classes', () => Promise.resolve('/classes')],
  ['a plan', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Poaching')}`],
  ['a lesson in time', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Duck')}/time`],
  ['a lesson that does not fit', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Frying')}/time`],
  ['a demonstration', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Frying')}/demonstrations`],
  ['the preparation', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Poaching')}/preparation`],
  ['what cools', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Sweating')}/cooling`],
  ['the term of a class', async (page) => `/classes/${await idOf(page, '/api/classes', 'Foundation')}/term`],
  ['where a class stands', async (page) => `/classes/${await idOf(page, '/api/classes', 'Foundation')}/skills`],
  ['the kitchens', () => Promise.resolve('/kitchens')],
  ['an order', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Duck')}/order`],
  ['the marking list', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Blanching')}/mark`],
  ['a round of the stations', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Knife')}/mark/round`],
  ['the results', async (page) => `/lessons/${await idOf(page, '/api/lessons', 'Blanching')}/results`],
  ['the rubrics', () => Promise.resolve('/rubrics')],
  ['the people', () => Promise.resolve('/people')],
  ['the school', () => Promise.resolve('/school')],
  ['how the installation is', () => Promise.resolve('/school/health')],
  ['preferences', () => Promise.resolve('/preferences')],
  ['the ingredients', () => Promise.resolve('/ingredients')],
];

test('axe finds nothing on any main view, and nothing runs off the side at 200 percent', async ({ page }) => {
  test.setTimeout(420_000);
  const errors: string[] = [];
  const listen = (each: Page) => {
    each.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
    each.on('pageerror', (error) => errors.push(error.message));
  };
  listen(page);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await expectAccessible(page);
  await signIn(page, 'maren.oltz');
  // Two at a time: one computes while the other waits for its page.
  const next = views[Symbol.iterator]();
  const look = async (on: Page) => {
    for (const [name, path] of next)
      await test.step(name, async () => {
        await on.goto(await path(on));
        await on.waitForLoadState('networkidle');
        await expectAccessible(on);
        await on.setViewportSize({ width: 640, height: 400 });
        await expect
          .poll(() => on.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth), {
            message: `${name} at 200 percent`,
          })
          .toBeLessThanOrEqual(1);
        await on.setViewportSize({ width: 1280, height: 800 });
      });
  };
  const second = await page.context().newPage();
  listen(second);
  await Promise.all([look(page), look(second)]);
  await test.step('a technique, a class, a rubric, a dish being marked', async () => {
    for (const [list, link] of [
      ['/techniques', /^Poach/],
      ['/classes', /Foundation cohort/],
      ['/rubrics', /Practical dish/],
    ] as const) {
      await page.goto(list);
      await page.getByRole('main').getByRole('link', { name: link }).first().click();
      await page.waitForLoadState('networkidle');
      await expectAccessible(page);
    }
    await page.goto(`/lessons/${await idOf(page, '/api/lessons', 'Blanching')}/mark`);
    await page.getByRole('link', { name: /Greta Sool/ }).click();
    await expect(page.getByRole('button', { name: /^Met\./ })).toBeVisible();
    await expectAccessible(page);
    const small = await page
      .getByRole('main')
      .getByRole('button')
      .evaluateAll((buttons) => buttons.filter((button) => button.getBoundingClientRect().height < 48).map((button) => button.textContent));
    expect(small).toEqual([]);
  });
  expect(errors).toEqual([]);
});

test('everything can be reached from the keyboard', async ({ page }) => {
  await signIn(page, 'maren.oltz');
  await expect(page.getByRole('link', { name: 'Plan a lesson' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox', { name: 'Find anything' })).toBeFocused();
  await page.keyboard.type('poaching and a mounted');
  await expect(page.getByRole('option', { name: /Order/ })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /Order for/ })).toBeVisible();
  const figure = page.getByRole('button', { name: /^double cream: / });
  await figure.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: 'Working' })).toContainText('double cream');
});
