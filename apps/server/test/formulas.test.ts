import { readFileSync } from 'node:fs';
import { Ajv2019 } from 'ajv/dist/2019.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { linesOf, SHIPPED, type DishContent, type DishFile, SHIPPED_BOOK, NO_BOARDS } from '@pelvo/core';
import type { Dish, DishEdition, DishImport, DishSummary, IngredientRecord, Page } from '@pelvo/contract';
import { handoutDocument } from '../src/dishes/handoutDocument';
import { printable } from '../src/platform/pdf';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
beforeAll(async () => {
  school = await openSchool({ demo: true });
  lead = await school.as('lead');
});
afterAll(() => school.close());

const titles = async (query: string) => (await lead<Page<DishSummary>>('GET', `/api/dishes?${query}`)).body.items.map((dish) => dish.title);
const send = (file: string | Buffer, query = '') =>
  lead<DishImport>('POST', `/api/dish-imports?${query}`, { raw: file, type: 'application/octet-stream' });
const RECIPE = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Glazed <b>swede</b>',
  recipeYield: ['6', '6 servings'],
  recipeIngredient: ['600 g swede', '30 g butter<script>alert(1)</script>'],
  recipeInstructions: [{ '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Sweat for 10 minutes.' }] }],
};

describe('finding dishes', () => {
  it('takes words of titles and ingredients, begun or misspelt', async () => {
    expect(await titles('search=trout')).toEqual(['Poached trout with sorrel sauce and cucumber']);
    expect(await titles('search=hazeln')).toEqual(['Leeks vinaigrette with hazelnut crumb']);
    expect(await titles('search=aubergene')).toEqual(['Aubergine tian with basil oil']);
    expect(await titles('search=mushrom tagliatele')).toEqual(['Hand-cut tagliatelle with mushroom ragout']);
    expect(await titles('search=xyzzy')).toEqual([]);
  });

  it('filters by technique, allergen, time and equipment', async () => {
    const techniques = (await lead<{ id: string; name: string }[]>('GET', '/api/techniques')).body;
    const render = techniques.find(({ name }) => name === 'Render and sear')!;
    expect(await titles(`technique=${render.id}`)).toEqual(['Duck breast with braised red cabbage']);
    expect(await titles('freeOf=milk&search=oil')).not.toContain('Barley with mushrooms and herb oil');
    expect(await titles('within=35')).toEqual(expect.arrayContaining(['Citrus and fennel salad with toasted seeds']));
    expect(await titles('within=35')).not.toContain('Duck breast with braised red cabbage');
    expect(await titles('equipment=water%20bath')).toEqual([]);
    expect((await lead('GET', '/api/dishes?freeOf=charm')).problem.errors![0]!.field).toBe('freeOf');
  });

  it('knows the allergens of what is made in-house, and follows the school’s own facts', async () => {
    expect(await titles('freeOf=celery&search=trout')).toEqual([]);
    expect(await titles('freeOf=lupin&search=trout')).toHaveLength(1);
    const flour = SHIPPED.find((fact) => fact.name === 'sorrel')!;
    await lead('PUT', '/api/ingredients/sorrel', {
      body: { ...flour, mayContain: ['lupin'], source: 'the label of our grower' },
      version: 0,
    });
    expect(await titles('freeOf=lupin&search=trout')).toEqual([]);
    await lead('DELETE', '/api/ingredients/sorrel');
    expect(await titles('freeOf=lupin&search=trout')).toHaveLength(1);
  });

  it('follows a dish that is changed', async () => {
    const dish = (
      await lead<Dish>('POST', '/api/dishes', {
        body: (await lead<DishContent>('POST', '/api/recipe-readings', { body: { text: 'Quince paste\n1 kg plums' } })).body,
      })
    ).body;
    expect(await titles('search=quince')).toHaveLength(1);
    await lead('PUT', `/api/dishes/${dish.id}`, { body: { ...dish.content, title: 'Medlar paste' }, version: 1 });
    expect([await titles('search=quince'), await titles('search=medlar')]).toEqual([[], ['Medlar paste']]);
  });
});

describe('files', () => {
  it('takes a JSON-LD recipe, alone or in a page, after showing what it becomes', async () => {
    for (const file of [
      JSON.stringify({ '@graph': [RECIPE] }),
      `<html><script type="application/ld+json">${JSON.stringify(RECIPE).replace('</script>', '<\\/script>')}</script></html>`,
    ]) {
      const { body } = await send(file, 'name=a');
      const { content, problems } = body.dishes[0]!;
      expect([content.title, content.portions, linesOf(content).map((line) => line.written), problems, body.made]).toEqual([
        'Glazed swede',
        6,
        ['600 g swede', '30 g butter'],
        [],
        [],
      ]);
      expect(content.method[0]).toMatchObject({ text: 'Sweat for 10 minutes.', minutes: 10 });
      expect(content.method[0]!.techniqueIds).toHaveLength(1);
    }
    const { body } = await send(JSON.stringify(RECIPE), 'name=a&apply=true');
    expect((await lead<Dish>('GET', `/api/dishes/${body.made[0]}`)).body.content.title).toBe('Glazed swede');
  });

  it('takes CSV of lines for several dishes', async () => {
    const { body } = await send(
      'dish,serves,component,line,amount,unit,item\nA,4,,2 leeks,,,\nA,4,Crumb,,60,g,bread\nB,2,,1/3 cup milk,,,',
      'name=lines.csv',
    );
    expect(body.format).toBe('csv');
    expect(
      body.dishes.map(({ content }) => [
        content.title,
        content.portions,
        content.components.map((component) => component.name),
        linesOf(content).map((line) => [line.item, line.amount!.max]),
      ]),
    ).toEqual([
      [
        'A',
        4,
        ['', 'Crumb'],
        [
          ['leeks', '2'],
          ['bread', '60'],
        ],
      ],
      ['B', 2, [''], [['milk', '1/3']]],
    ]);
  });

  it('loses nothing on a round trip through its own file', async () => {
    const all = (await lead<Page<DishSummary>>('GET', '/api/dishes')).body.items;
    const ids = all.map(({ id }) => id).join(',');
    const file = (await lead('GET', `/api/dish-exports/pelvo?ids=${ids}`)).bytes;
    const { dishes } = JSON.parse(file.toString()) as DishFile;
    const schema = JSON.parse(readFileSync(new URL('../../../docs/formats/dishes.schema.json', import.meta.url), 'utf8')) as object;
    const ajv = new Ajv2019({ allErrors: true, strict: false });
    expect(ajv.validate(schema, JSON.parse(file.toString())), ajv.errorsText()).toBe(true);
    const { body } = await send(file, 'name=dishes.json&apply=true');
    const back = await Promise.all(body.made.map(async (id) => (await lead<Dish>('GET', `/api/dishes/${id}`)).body.content));
    const bought = (dish: DishContent) => ({
      ...dish,
      components: dish.components.map((component) => ({
        ...component,
        lines: component.lines.map((line) => ({ ...line, preparationEditionId: null })),
      })),
    });
    expect(back.map(bought)).toEqual(dishes.map(bought));
  });

  it.each([
    ['a picture', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1]), /not/],
    ['another encoding', Buffer.from([0x31, 0x20, 0x63, 0x72, 0xe8, 0x6d, 0x65]), /UTF-8/],
    ['a megabyte of nesting', `${'['.repeat(500_000)}${']'.repeat(500_000)}`, /no schema.org Recipe/],
    ['broken JSON', '{"@type":"Recipe"', /breaks off/],
    ['a page without a recipe', '<html><script>alert(1)</script><p>Hello</p></html>', /no recipe/],
    ['nothing', '   ', /empty/],
    ['a Pelvo file of tomorrow', '{"format":"pelvo-dishes","version":9,"dishes":[]}', /version/],
  ])('answers %s clearly', async (_, file, said) => {
    const answer = await send(file, 'name=x&apply=true');
    expect([answer.status, answer.problem.errors![0]!.field]).toEqual([422, 'file']);
    expect(answer.problem.errors![0]!.problem).toMatch(said);
    expect(answer.problem.errors![0]!.remedy.length).toBeGreaterThan(5);
  });

  it('imports nothing of a file in which one dish is wrong, and says which', async () => {
    const count = async () => (await lead<Page<DishSummary>>('GET', '/api/dishes')).body.total;
    const before = await count();
    const good = (
      await lead<Dish>('GET', `/api/dishes/${(await lead<Page<DishSummary>>('GET', '/api/dishes?search=panisse')).body.items[0]!.id}`)
    ).body.content;
    const answer = await send(
      JSON.stringify({ format: 'pelvo-dishes', version: 1, dishes: [good, { ...good, portions: -2 }] }),
      'name=x&apply=true',
    );
    expect([answer.status, answer.problem.errors![0]!.field]).toEqual([422, 'dish 2, portions']);
    expect(await count()).toBe(before);
    expect((await lead('POST', '/api/dish-imports', { raw: 'x'.repeat(2_100_000), type: 'application/octet-stream' })).status).toBe(413);
  });

  it('writes schema.org and CSV, and a handout on A4 and Letter', async () => {
    const panisse = (await lead<Page<DishSummary>>('GET', '/api/dishes?search=panisse')).body.items.find((dish) => dish.editionId);
    const recipe = JSON.parse((await lead('GET', `/api/dish-exports/json-ld?ids=${panisse!.id}`)).bytes.toString()) as {
      '@type': string;
      recipeIngredient: string[];
    };
    expect([recipe['@type'], recipe.recipeIngredient[0]]).toEqual(['Recipe', '300 g chickpea flour']);
    expect((await lead('GET', `/api/dish-exports/csv?ids=${panisse!.id}`)).bytes.toString()).toContain('chickpea flour');
    expect((await lead('GET', `/api/dish-exports/docx?ids=${panisse!.id}`)).status).toBe(422);
    for (const paper of ['A4', 'LETTER']) {
      const pdf = await lead('GET', `/api/dish-editions/${panisse!.editionId}/handout.pdf?portions=3&paper=${paper}`);
      expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
    }
  });
});

describe('a handout', () => {
  it('has its method in it, as text that is printed', async () => {
    const [leeks] = (await lead<Page<DishSummary>>('GET', '/api/dishes?search=leeks vinaigrette')).body.items;
    const { content } = (await lead<Dish>('GET', `/api/dishes/${leeks!.id}`)).body;
    const document = JSON.stringify(
      handoutDocument(content, 6, 'Edition 1', {
        techniques: new Map(
          content.method.flatMap((step) => step.techniqueIds).map((id) => [id, { name: 'Blanch', cautions: ['Lift lids away from you.'] }]),
        ),
        rules: {},
        book: SHIPPED_BOOK,
        preparations: new Map(),
        allergenList: 'eu-uk',
        boards: NO_BOARDS,
      }),
    );
    expect(document).toContain('Trim the leeks');
    expect(document).toContain('90 g');
    expect(document).toContain('Blanch: Lift lids away from you.');
    expect(printable(['1⅓ cups', { text: '⅔ tsp' }])).toEqual(['1 1/3 cups', { text: '2/3 tsp' }]);
    // A list inside a text's list is silently left out by the renderer.
    expect(document).not.toMatch(/"text":\[(?:[^[\]]*,)?\[/);
  });
});

describe('the formula in the database', () => {
  it('refuses what the formula cannot be, naming place and remedy', async () => {
    const content = (
      await lead<DishContent>('POST', '/api/recipe-readings', { body: { text: 'X\n100 g flour\nFor the crumb:\n50 g bread' } })
    ).body;
    const [main, crumb] = content.components;
    const save = (components: unknown[]) => lead('POST', '/api/dishes', { body: { ...content, components } });
    const line = main!.lines[0]!;
    expect(
      (await save([{ ...main, lines: [{ ...line, yields: [{ kind: 'trim', fraction: '0' }] }] }])).problem.errors![0]!.problem,
    ).toMatch(/cannot be/);
    expect((await save([{ ...main, before: { least: 60, most: 10 } }])).problem.errors![0]!.remedy).toMatch(/Swap/);
    const ring = await lead<Dish>('POST', '/api/dishes', {
      body: {
        ...content,
        components: [
          { ...main, lines: [{ ...line, componentId: crumb!.id }] },
          { ...crumb, lines: [{ ...crumb!.lines[0]!, componentId: main!.id }] },
        ],
      },
    });
    expect((await lead('POST', `/api/dishes/${ring.body.id}/editions`, { version: 1 })).problem.errors![0]!.problem).toMatch(
      /ring: the main list, Crumb, the main list/,
    );
  });

  it('restores an earlier edition as the draft', async () => {
    const dish = (await lead<Page<DishSummary>>('GET', '/api/dishes?search=citrus')).body.items.find((each) => each.editionId);
    const first = (await lead<DishEdition>('GET', `/api/dish-editions/${dish!.editionId}`)).body;
    const changed = (await lead<Dish>('PUT', `/api/dishes/${dish!.id}`, { body: { ...first.content, title: 'Changed' }, version: 1 })).body;
    const restored = (await lead<Dish>('PUT', `/api/dishes/${dish!.id}`, { body: first.content, version: changed.version })).body;
    expect([restored.content, restored.changed]).toEqual([first.content, false]);
  });
});

describe('ingredient facts', () => {
  it('are kept over what ships, by version, and can be taken away again', async () => {
    const flour = SHIPPED.find((fact) => fact.name === 'rye flour')!;
    const own = { ...flour, density: '3/5', price: { amount: '6/5', per: 'kg' }, source: 'weighed in our store' };
    const saved = await lead<IngredientRecord>('PUT', '/api/ingredients/rye flour', { body: own, version: 0 });
    expect([saved.status, saved.body.version, saved.body.shipped!.density]).toEqual([200, 1, flour.density]);
    expect((await lead('PUT', '/api/ingredients/rye flour', { body: own, version: 0 })).status).toBe(412);
    const bad = await lead('PUT', '/api/ingredients/rye flour', { body: { ...own, density: '-2' }, version: 1 });
    expect([bad.status, bad.problem.errors![0]!.problem]).toEqual([422, 'density: This is not an amount above 0.']);
    expect((await lead('PUT', '/api/ingredients/rye', { body: own, version: 0 })).problem.errors![0]!.field).toBe('name');
    expect((await lead('DELETE', '/api/ingredients/rye flour')).status).toBe(204);
    const list = (await lead<IngredientRecord[]>('GET', '/api/ingredients')).body;
    expect(list.length).toBeGreaterThanOrEqual(150);
    expect(list.find((record) => record.name === 'rye flour')!.own).toBeNull();
  });
});
