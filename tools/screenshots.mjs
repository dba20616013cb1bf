// Takes the pictures of docs/screenshots from a running demo: `npm run screenshots -- http://127.0.0.1:4300 [name …]`.
import { join } from 'node:path';
import { ROOT } from './lib/setup.mjs';

const { chromium } = await import('@playwright/test');
const [base = 'http://127.0.0.1:4300', ...only] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-background-networking'] });

async function visitor(signIn, viewport = { width: 1280, height: 800 }) {
  const page = await browser.newPage({ viewport });
  if (signIn) await page.request.post(`${base}/api/session`, { data: { signIn, password: 'demo-kitchen' } });
  return page;
}

const lead = await visitor('maren.oltz');
const lessons = await (await lead.request.get(`${base}/api/lessons`)).json();
const { items: dishes } = await (await lead.request.get(`${base}/api/dishes`)).json();
const lesson = (title, phase = '') => `/lessons/${lessons.find((each) => each.title.startsWith(title)).id}${phase}`;
const dish = (title) => `/dishes/${dishes.find((each) => each.title.startsWith(title)).id}`;
const follow = (name) => (page) => page.getByRole('main').getByRole('link', { name }).first().click();

const RECIPE = `Braised fennel with saffron broth (serves 4)
4 medium bulbs fennel (about 250g each), fronds kept
1 1/2 tbsp olive oil, plus extra to finish
½ tsp fennel seed, lightly crushed
150–200 ml vegetable stock
1 (400 g) tin plum tomatoes, drained
3 glugs cider
salt, to taste
For the crumb:
60g stale bread
Braise the fennel in the oil and stock for 40 min.
Keeps for two days.`;

const SHOTS = [
  ['term', lead, '/'],
  [
    'map',
    lead,
    '/map',
    async (page) => {
      await page.getByLabel('With a planned lesson').selectOption({ index: 1 });
      await page
        .getByRole('button', { name: /^Reduce and mount/ })
        .first()
        .click();
    },
  ],
  ['cuts', lead, '/cuts'],
  ['rules', lead, '/rules'],
  ['technique', lead, '/techniques', follow(/^Render and sear/)],
  ['dish', lead, dish('Leeks')],
  [
    'reading',
    lead,
    '/dishes/new',
    async (page) => {
      await page.getByLabel('The recipe as text').fill(RECIPE);
      await page.getByText('Line by line').click();
      await page.locator('[data-row]').filter({ hasText: 'stale bread' }).click();
      await page.mouse.wheel(0, -5000);
    },
  ],
  [
    'class-term',
    lead,
    '/classes',
    async (page) => {
      await follow(/Foundation cohort/)(page);
      await page.getByRole('link', { name: 'Its term' }).click();
      await page.getByRole('heading', { name: 'What does not hold' }).waitFor();
    },
  ],
  ['rubric', lead, '/rubrics', follow(/Practical dish/)],
  ['plan', lead, lesson('Poaching')],
  ['order', lead, lesson('Poaching', '/order'), (page) => page.getByRole('button', { name: /^cucumber: / }).click()],
  ['demonstration', lead, lesson('Frying', '/demonstrations'), (page) => page.getByRole('heading', { name: 'Running order' }).waitFor()],
  ['preparation', lead, lesson('Poaching', '/preparation'), (page) => page.getByRole('heading', { name: /Tools/ }).waitFor()],
  ['time', lead, lesson('Duck', '/time'), (page) => page.getByText(/reach the pass/).waitFor()],
  [
    'mark',
    lead,
    lesson('Blanching', '/mark'),
    async (page) => {
      await page.getByRole('link', { name: /Cleo Vantor/ }).click();
      await page.getByRole('button', { name: /^Seasoning/ }).click();
    },
  ],
  ['results', lead, lesson('Blanching', '/results')],
  [
    'result',
    lead,
    lesson('Blanching', '/results'),
    async (page) => {
      await page.getByRole('link', { name: 'Cleo Vantor' }).click();
      await page.getByRole('button', { name: /^Mark: / }).click();
    },
  ],
  ['phone', await visitor('amara.quill', { width: 390, height: 844 }), '/my-results', follow(/Citrus/)],
];

for (const [name, page, path, act] of SHOTS) {
  if (only.length > 0 && !only.includes(name)) continue;
  await page.goto(base + path);
  await page.waitForLoadState('networkidle');
  if (act) await act(page);
  await page.waitForLoadState('networkidle');
  // The network falls idle between one request and what it leads to: a page is there once it fetches nothing more.
  await page.waitForFunction(() => !globalThis.document.body.innerText.includes('Fetching'));
  await page.mouse.move(0, 0);
  if (name === 'map') await page.evaluate(() => globalThis.scrollTo(0, 310));
  else if (name === 'dish') await page.getByRole('heading', { name: 'On one plate' }).scrollIntoViewIfNeeded();
  else await page.evaluate(() => globalThis.scrollTo(0, 0));
  await page.waitForTimeout(800);
  await page.screenshot({ path: join(ROOT, 'docs', 'screenshots', `${name}.png`) });
}
await browser.close();
