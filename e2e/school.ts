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

/** axe finds nothing on the screen. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
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
