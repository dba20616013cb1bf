import { describe, expect, it } from 'vitest';
import {
  allergensOf,
  ALLERGEN_LISTS,
  asOrdered,
  computeOrder,
  dietOf,
  dishAllergens,
  judgeSubstitute,
  linesOf,
  named,
  proposeSubstitutes,
  SHIPPED,
  substitutionRefused,
  type Needs,
} from '../../src';
import { ALONE, dishFrom } from '../helpers';

/*
 * Figures that were worked out by hand beside the program, one row each. Whoever changes an arithmetic reads here what it has to give.
 */

const plan = (change: Partial<typeof ALONE>) => ({ ...ALONE, portionsATeam: 1, ...change });

describe('what is known of an item', () => {
  it.each([
    // Every word that may mean food has to be covered.
    ['crab bisque powder', 'partly known', ['crustaceans'], ['powder']],
    ['arachis oil', 'known', ['peanut'], []],
    ['bean curd', 'known', ['soya'], []],
    ['colatura', 'partly known', ['fish'], []],
    ['limpets', 'known', ['molluscs'], []],
    ['lassi', 'known', ['milk'], []],
    ['nocino', 'partly known', ['nuts'], []],
    ['cheese straws', 'partly known', ['gluten', 'milk'], []],
    ['belachan', 'partly known', ['crustaceans'], []],
    ['periwinkles', 'known', ['molluscs'], []],
    ['lupine seeds', 'known', ['lupin'], []],
    ['milk thistle', 'known', [], []],
    ['walnut crunch', 'partly known', ['nuts'], ['crunch']],
    ['hake in parsley sauce', 'partly known', ['fish'], ['sauce']],
    ['barley crackling', 'partly known', ['gluten'], ['crackling']],
    ['leek and butter filling', 'partly known', ['milk'], ['filling']],
    ['sesame snaps', 'partly known', ['sesame'], ['snaps']],
    ['breaded cod', 'partly known', ['fish'], ['breaded']],
    ['moonfruit', 'not known', [], ['moonfruit']],
    ['moonfruit cream', 'partly known', ['milk'], ['moonfruit']],
    ['oat crumble topping', 'partly known', ['gluten'], ['crumble', 'topping']],
    // Words that say how, how large, of which colour, are no food.
    ['finely chopped red onion', 'known', [], []],
    ['large ripe tomatoes', 'known', [], []],
    ['good quality olive oil', 'known', [], []],
    ['King Edward potatoes', 'known', [], []],
    ['toasted flaked almonds', 'known', ['nuts'], []],
    ['cold unsalted butter', 'known', ['milk'], []],
    // Whole phrases before words.
    ['walnut oil', 'known', ['nuts'], []],
    ['water chestnuts', 'known', [], []],
    ['cocoa butter', 'known', [], []],
    ['sesame seed butter', 'known', ['sesame'], []],
    ['pistachio butter', 'partly known', ['nuts'], []],
    ['pumpkin seed butter', 'partly known', [], []],
    ['plum butter', 'partly known', [], []],
    // A salad of leaves is its leaves; any other is bound with what its name does not say.
    ['green salad', 'known', [], []],
    ['rocket salad', 'known', [], []],
    ['pasta salad', 'partly known', ['gluten'], ['salad']],
    ['crab salad', 'partly known', ['crustaceans'], ['salad']],
    ['oat creme fraiche', 'known', ['gluten'], []],
    ['cashew cream', 'partly known', ['nuts'], []],
    ['rice cakes', 'partly known', [], []],
    ['crab butter', 'known', ['crustaceans', 'milk'], []],
    ['lettuce hearts', 'known', [], []],
    ['artichoke hearts', 'known', [], []],
    ['coconut milk', 'known', [], []],
    ['oyster mushrooms', 'known', [], []],
    ['butter beans', 'known', [], []],
    ['cream of tartar', 'known', [], []],
    ['beef tomato', 'known', [], []],
    ['lamb’s lettuce', 'known', [], []],
    ['crab apple', 'known', [], []],
    ['kidney beans', 'known', [], []],
    ['nutmeg', 'known', [], []],
    ['buckwheat flour', 'known', [], []],
    ['mustard cress', 'known', ['mustard'], []],
    ['oat milk', 'known', ['gluten'], []],
    ['tiger nut milk', 'known', [], []],
    // What a maker claims to leave out is no longer said to be in it, and its label is asked for.
    ['peanut-free spread', 'partly known', [], []],
    ['sulphite-free wine', 'partly known', [], []],
    ['sesame-free hummus', 'partly known', [], []],
    ['almond-free marzipan', 'partly known', [], []],
    ['celery-free stock', 'partly known', [], []],
    ['celery-free mustard', 'partly known', ['mustard'], []],
    ['non-dairy cream', 'partly known', [], []],
    ['almond milk', 'known', ['nuts'], []],
    // Flour is of wheat unless its name says another food; its mill decides what wheat is in it.
    ['rye flour', 'known', ['gluten'], []],
    ['sifted flour', 'known', ['gluten'], []],
    ['peanut flour', 'partly known', ['peanut'], []],
    ['red lentil flour', 'partly known', [], []],
    ['black bean flour', 'partly known', [], []],
    ['banana flour', 'partly known', [], []],
    ['salt, flour', 'known', ['gluten'], []],
    ['butter flour', 'known', ['milk', 'gluten'], []],
    ['mirepoix', 'known', ['celery'], []],
    ['creme anglaise', 'partly known', ['milk', 'egg'], []],
    ['hollandaise', 'partly known', ['egg', 'milk'], []],
    ['brandade', 'partly known', ['fish', 'milk'], []],
  ] as const)('%s: %s', (item, known, contains, notKnown) => {
    expect(allergensOf(item)).toMatchObject({ known, allergens: contains, notKnown });
  });

  it.each([
    // Made things hide what their words do not say: their label is asked for.
    ['mayonnaise', 'mayonnaise', ['egg', 'mustard']],
    ['vegetable stock', 'vegetable stock', ['celery']],
    ['rye crispbread', 'rye crispbread', ['gluten']],
    ['curry powder', 'curry powder', []],
    ['vegan mince', 'vegan mince', []],
    ['oyster sauce', 'oyster sauce', ['molluscs', 'gluten', 'soya']],
    ['soda bread', 'soda bread', ['gluten']],
    ['puff pastry', 'puff pastry', ['gluten']],
    ['stock cube', 'stock cube', ['celery']],
    ['surimi', 'surimi', ['fish', 'crustaceans', 'egg', 'gluten']],
    ['pesto', 'pesto', ['milk', 'nuts']],
    ['prawn crackers', 'prawn crackers', ['crustaceans']],
    ['hazelnut liqueur', 'hazelnut liqueur', ['nuts']],
    ['fish stock cube', 'fish stock cube', ['fish', 'celery']],
    ['all butter puff pastry', 'all butter puff pastry', ['gluten', 'milk']],
    ['worcester sauce', 'worcester sauce', ['fish']],
  ] as const)('%s: read its label', (item, label, contains) => {
    expect(allergensOf(item)).toMatchObject({ known: 'partly known', labels: [label], allergens: contains });
  });

  it.each([
    // What it may contain is said beside it.
    ['pumpkin seeds', 'nuts'],
    ['gluten-free bread', 'milk'],
    ['vegan cheese', 'milk'],
    ['dark chocolate', 'milk'],
    ['dried mango', 'sulphites'],
    ['mussels', 'crustaceans'],
    ['chestnuts', 'nuts'],
    ['white wine', 'milk'],
    // "Free of" is a claim: asked about, not believed.
    ['gluten free crackers', 'gluten'],
    ['dairy-free yoghurt', 'milk'],
    ['egg-free mayonnaise', 'egg'],
    // Pasta of something else than wheat holds some wheat often enough; its label is read.
    ['red lentil pasta', 'gluten'],
    ['buckwheat noodles', 'gluten'],
    ['chickpea flour noodles', 'gluten'],
    ['rice couscous', 'gluten'],
    ['courgette spaghetti', 'gluten'],
    ['vincotto', 'sulphites'],
  ] as const)('%s may contain %s', (item, allergen) => {
    const { allergens, mayContain } = allergensOf(item);
    expect([allergens.includes(allergen), mayContain.includes(allergen)]).toEqual([false, true]);
  });

  it.each(['spelt pasta', 'mushroom pasta', 'potato bread', 'corn bread', 'oat crackers', 'pasta with lentils', 'wholewheat pasta'])(
    '%s contains gluten',
    (item) => expect(allergensOf(item).allergens).toContain('gluten'),
  );
  // A word that names an allergen says so, whatever unknown word stands beside it.
  it.each([
    ['soya', ['soya', 'soy', 'soya bean', 'soybean']],
    ['peanut', ['peanut', 'groundnut', 'satay']],
    ['gluten', ['wheat', 'rye', 'barley', 'oat', 'spelt', 'durum']],
    ['lupin', ['lupin', 'lupini']],
    ['milk', ['milk', 'lactose', 'whey']],
    ['fish', ['fish', 'taramasalata']],
    ['sesame', ['sesame']],
    ['celery', ['celery']],
    ['mustard', ['mustard']],
    ['egg', ['egg']],
    ['nuts', ['nut', 'hazelnut']],
    ['crustaceans', ['crab']],
    ['molluscs', ['mussel']],
  ] as const)('%s is heard in %j', (allergen, named) => {
    for (const name of named)
      for (const item of [name, `${name} wobblets`, `textured ${name}`]) expect(allergensOf(item).allergens, item).toContain(allergen);
  });
  it('keeps what a pasta of something else holds itself', () => {
    expect(allergensOf('soya bean pasta')).toMatchObject({ known: 'partly known', allergens: ['soya'] });
    expect(allergensOf('lupin pasta').allergens).toEqual(['lupin']);
    expect(allergensOf('rice noodles')).toMatchObject({ allergens: [], labels: ['rice noodles'] });
  });

  it('ships more than 400 ingredients, no name twice, none both contained and only perhaps so', () => {
    expect(SHIPPED.length).toBeGreaterThanOrEqual(400);
    const names = SHIPPED.flatMap(({ name, otherNames }) => [name, ...otherNames]);
    expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
    for (const { name, allergens, mayContain, kinds } of SHIPPED) {
      expect(
        mayContain.filter((each) => allergens.includes(each)),
        name,
      ).toEqual([]);
      expect(kinds.length, name).toBeGreaterThan(0);
    }
  });

  it('lists the allergens of a country, and loses none of them in the wider list', () => {
    expect(named(['celery', 'milk', 'mustard'], 'us')).toEqual(['milk']);
    expect(named(['celery', 'milk', 'mustard'], 'canada')).toEqual(['milk', 'mustard']);
    for (const { allergens } of Object.values(ALLERGEN_LISTS)) expect(named([...allergens], 'eu-uk')).toEqual([...allergens]);
  });
});

describe('diets follow from kinds of food', () => {
  it.each([
    ['parmesan', 'vegetarian', 'against'],
    ['cheddar', 'vegetarian', 'perhaps'],
    ['paneer', 'vegetarian', 'fits'],
    ['gelatine', 'vegetarian', 'against'],
    ['gelatine', 'no pork', 'against'],
    ['gelatine', 'no beef', 'perhaps'],
    ['anchovy fillets', 'vegetarian', 'against'],
    ['worcester sauce', 'vegetarian', 'against'],
    ['honey', 'vegan', 'against'],
    ['honey', 'vegetarian', 'fits'],
    ['butter', 'vegan', 'against'],
    ['lard', 'no pork', 'against'],
    ['suet', 'no beef', 'against'],
    ['vanilla extract', 'no alcohol', 'against'],
    ['wine vinegar', 'no alcohol', 'fits'],
    ['stock', 'vegetarian', 'perhaps'],
    ['vegetable stock', 'vegan', 'open'],
    ['parsley sauce', 'vegan', 'open'],
    ['oyster mushrooms', 'vegan', 'fits'],
    ['fish sauce', 'vegan', 'against'],
    ['cochineal', 'vegetarian', 'against'],
    ['beef tomato', 'no beef', 'fits'],
    // Fined with egg, milk or fish, or not: only the maker knows.
    ['red wine', 'vegan', 'perhaps'],
    ['marsala', 'vegetarian', 'perhaps'],
    ['beer', 'vegan', 'perhaps'],
    ['rum', 'vegan', 'fits'],
    // The animal that gave it is not eaten.
    ['goat butter', 'vegetarian', 'fits'],
    ['sheep’s yoghurt', 'vegetarian', 'fits'],
  ] as const)('%s, %s: %s', (item, diet, answer) => {
    expect(dietOf(item, diet)).toBe(answer);
  });
});

describe('what stands in is judged by what it holds', () => {
  const eats = (allergens: Needs['allergens'], diets: Needs['diets'] = []): Needs => ({ allergens, diets, note: '' });
  it.each([
    ['soya milk', eats(['soya']), ['soya'], []],
    ['oat milk', eats(['gluten']), ['gluten'], []],
    ['pumpkin seeds', eats(['nuts']), [], ['nuts']],
    // Who reacts to crustaceans often reacts to molluscs.
    ['oyster sauce', eats(['crustaceans']), [], ['crustaceans']],
    ['mussels', eats(['crustaceans']), [], ['crustaceans']],
    ['lupin flour', eats(['peanut']), [], ['peanut']],
    ['moon paste', eats(['milk']), [], ['milk']],
    ['capers', eats(['nuts', 'milk']), [], []],
    ['honey', eats([], ['vegan']), ['vegan'], []],
    ['cheddar', eats([], ['vegetarian']), [], ['vegetarian']],
  ] as const)('%s', (item, eater, refused, asked) => {
    const verdict = judgeSubstitute(item, [eater]);
    expect([verdict.refused.map(({ need }) => need), verdict.asked.map(({ need }) => need)]).toEqual([refused, asked]);
  });

  it.each([
    // For all: everyone eats it.
    ['soya milk', 'all', 'milk', [eats(['milk']), eats(['soya'])], ['soya']],
    ['oat milk', 'all', 'milk', [eats(['milk']), eats([])], []],
    ['oat milk', 'all', 'milk', [eats(['milk']), eats(['gluten'])], ['gluten']],
    ['bacon', 'all', 'smoked tofu', [eats([]), eats([], ['vegan'])], ['vegan']],
    // For some: those who cannot eat what it replaces; it has to suit one of them.
    ['soya milk', 1, 'milk', [eats(['milk', 'soya']), eats([])], ['soya']],
    ['soya milk', 1, 'milk', [eats(['milk', 'soya']), eats(['milk'])], []],
    ['soya milk', 2, 'milk', [eats(['milk']), eats(['soya'])], []],
    ['honey', 1, 'maple syrup', [eats([], ['vegan'])], []],
    ['honey', 1, 'milk', [eats([], ['vegan'])], ['vegan']],
    // What may hold it is what somebody cannot eat, too.
    ['cream', 1, 'chocolate', [eats(['milk'])], ['milk']],
    // Nobody minds.
    ['butter', 2, 'margarine', [], []],
  ] as const)('%s for %j instead of %s is refused for what it holds', (item, makings, instead, eaters, refused) => {
    expect(substitutionRefused({ item, makings }, instead, eaters).map(({ need }) => need)).toEqual(refused);
  });

  it('goes by what the ingredient does: four yolks of 17 g that thicken are 34 g of starch, that emulsify 3.4 g of lecithin', () => {
    const found = proposeSubstitutes('egg yolks', 'egg');
    expect(found.map(({ function: does, item, ratio }) => [does, item, ratio])).toEqual(
      expect.arrayContaining([
        ['thickens', 'cornflour', '1/2'],
        ['emulsifies', 'sunflower lecithin', '1/20'],
        ['sets', 'agar', '1/20'],
        ['colours', 'turmeric', '1/100'],
      ]),
    );
    const dish = dishFrom('Custard\nserves 1\n4 egg yolks');
    const [line] = linesOf(dish);
    const swap = (item: string, ratio: string) => {
      const order = computeOrder({
        plan: plan({ students: 1 }),
        dishes: [{ editionId: 'e', content: dish }],
        preparations: new Map(),
        substitutions: [{ editionId: 'e', lineId: line!.id, item, ratio, makings: 'all', reason: 'egg' }],
      });
      return order.lines.map((each) => [each.item, asOrdered(each)]);
    };
    expect(swap('cornflour', '1/2')).toEqual([['cornflour', '34 g']]);
    expect(swap('sunflower lecithin', '1/20')).toEqual([['sunflower lecithin', '3.4 g']]);
  });

  it.each([
    // By name, by the kind of food, by the allergen; what is made is answered by its name only.
    ['turbot', 'fish', ['firm tofu']],
    ['guinea fowl', 'vegetarian', ['king oyster mushrooms']],
    ['langoustines', 'crustaceans', ['hearts of palm']],
    ['mussels', 'molluscs', ['oyster mushrooms']],
    ['pecans', 'nuts', ['toasted pumpkin seeds']],
    ['almond butter', 'nuts', ['sunflower seed paste']],
    ['fish sauce', 'fish', ['soy sauce']],
    ['fish sauce', 'soya', []],
    ['bulgur', 'gluten', ['quinoa']],
    ['stout', 'no alcohol', ['apple juice']],
    ['lamb’s liver', 'no pork', []],
    ['marzipan', 'nuts', []],
  ] as const)('offers for %s against %s: %j', (item, need, instead) => {
    expect(proposeSubstitutes(item, need).map((each) => each.item)).toEqual(instead);
  });

  it('offers nothing that goes against the need it answers, by any row', () => {
    for (const fact of SHIPPED)
      for (const need of ['milk', 'egg', 'gluten', 'nuts', 'vegan', 'vegetarian', 'fish', 'soya', 'celery'] as const)
        for (const { item } of proposeSubstitutes(fact.name, need)) {
          if (need === 'vegan' || need === 'vegetarian') expect(dietOf(item, need), `${fact.name}: ${item}`).not.toBe('against');
          else expect(allergensOf(item).allergens, `${fact.name}: ${item}`).not.toContain(need);
          expect(allergensOf(item).known, item).not.toBe('not known');
        }
  });
});

describe('allergens of a dish', () => {
  it('come from the steps too, where fat or board is shared', () => {
    const dish = dishFrom('Chips\nserves 2\n500 g potatoes\n1 l oil\nMethod\n1. Deep-fry the potatoes.');
    const shared = { ...dish, method: dish.method.map((step) => ({ ...step, sharedWith: ['fish' as const] })) };
    expect(dishAllergens([dish]).mayContain).toEqual([]);
    expect(dishAllergens([shared]).mayContain).toEqual([{ allergen: 'fish', items: ['what is shared in "Deep-fry the potatoes."'] }]);
  });

  it('lose nothing from a part to the whole', () => {
    for (const fact of SHIPPED) {
      const dish = dishFrom(`Dish\nserves 1\n100 g leeks\n10 g ${fact.name}`);
      const { contains, mayContain, notKnown, labels } = dishAllergens([dish]);
      const all = [...contains, ...mayContain].map(({ allergen }) => allergen);
      if (notKnown.length > 0) continue;
      for (const allergen of [...fact.allergens, ...fact.mayContain]) expect(all, fact.name).toContain(allergen);
      expect(labels.length > 0, fact.name).toBe(fact.label);
    }
  });
});
