import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { format, parseISO } from 'date-fns';

export const PASSWORD = 'demo-kitchen';

/** Signs in through the screen, as a person does. */
export async function signIn(page: Page, name: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Sign-in name').fill(name);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('button', { name: 'Sign out' })).toBeVisible();
}

/**
 * axe finds nothing on the screen. Bars of a plan are as wide as their minutes: the same steps stand, as large as they must, in the table
 * beside them, which the standard allows (2.5.8, Equivalent); all else is asked of them too.
 */
export async function expectAccessible(page: Page): Promise<void> {
  // The page itself, not what stands there until it has come.
  await expect(page.getByText(/^Fetching /)).toHaveCount(0);
  const axe = () =>
    // No frames of others here: without them each look needs no page of its own.
    new AxeBuilder({ page })
      .setLegacyMode()
      .options({ resultTypes: ['violations'] })
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']);
  const { violations } = await axe().exclude('[data-bar]').analyze();
  // Counted only now: a plan may have come while the rest was looked at.
  if ((await page.locator('[data-bar]').count()) > 0)
    violations.push(...(await axe().include('[data-bar]').disableRules(['target-size']).analyze()).violations);
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map((node) => node.html)
          .slice(0, 3)
          .join(' | ')}`,
    ),
  ).toEqual([]);
}

interface Listed {
  readonly id: string;
  readonly title?: string;
  readonly name?: string;
}

/** The id of a demo lesson, dish, technique or class by its title or name. */
export async function idOf(
  page: Page,
  list: '/api/lessons' | '/api/dishes' | '/api/techniques' | '/api/classes',
  title: string,
): Promise<string> {
  const body = (await (await page.request.get(list)).json()) as Listed[] | { items: Listed[] };
  const found = (Array.isArray(body) ? body : body.items).find((item) => (item.title ?? item.name)?.startsWith(title));
  if (!found) throw new Error(`The demo school has no "${title}"`);
  return found.id;
}

/** The day of a lesson as screens write it, "Wed 18 Nov": the demo school's term lies around today. */
export async function dayOf(page: Page, lessonId: string): Promise<string> {
  const { date } = (await (await page.request.get(`/api/lessons/${lessonId}`)).json()) as { date: string };
  return format(parseISO(date), 'EEE d MMM');
}

/** Opens a part of a lesson to be changed. */
export async function openPart(page: Page, name: string): Promise<void> {
  const part = page.locator(`[data-part="${name}"]`);
  if (!(await part.locator('details').evaluate((details) => (details as HTMLDetailsElement).open))) await part.locator('summary').click();
}

/** Saves a plan and waits until it is stored: while it is sent its button says something else, and going on would end that. */
export async function savePlan(page: Page): Promise<void> {
  const stored = page.waitForResponse((response) => response.request().method() === 'PUT' && response.url().includes('/api/lessons/'));
  await page.getByRole('button', { name: 'Save the plan' }).click();
  expect((await stored).ok()).toBe(true);
}
