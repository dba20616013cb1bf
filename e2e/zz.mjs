import { chromium } from '@playwright/test';
const base = 'http://127.0.0.1:4311';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-background-networking'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on('console', (m) => m.type() === 'error' && console.log('console', m.text().slice(0, 200)));
page.on('pageerror', (e) => console.log('error', e.message));
await page.request.post(`${base}/api/session`, { data: { signIn: 'maren.oltz', password: 'demo-kitchen' } });
const TEXT = `Skip to content
Home » Baking
Plum and buckwheat tranche
Covers 14
Prep time: 40 min

Buckwheat sablé
180 g butter, soft
90 g icing sugar
200 g strong flour
3 glugs cider
Cream butter and sugar, add flour in two goes.
Roll to 3 mm, bake between mats at 165 °C for 14 min.

Roast plums
1.2 kg plums, stoned
80 g dark sugar
1 vanilla pod
Toss plums with sugar and the scraped pod.
Roast at 190 °C, 18-20 min, until they slump but hold.

To plate
Lay a strip of sablé, four plum halves on top.
NB The sablé keeps for five days.
14 thoughts on this recipe`;
await page.goto(`${base}/dishes/new`);
const box = page.getByLabel('The recipe as text');
await box.fill(TEXT);
await page.waitForTimeout(600);
await page.getByText('Line by line').click();
await page.waitForTimeout(300);
await page.screenshot({ path: '/tmp/shots/read1.png' });
const row = page.locator('[data-row]').filter({ hasText: 'Toss plums' });
await row.click();
await page.waitForTimeout(300);
await page.screenshot({ path: '/tmp/shots/read2.png', fullPage: true });
await browser.close();
