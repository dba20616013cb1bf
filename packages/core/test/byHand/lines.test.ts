import { describe, expect, it } from 'vitest';
import { exact, readLine } from '../../src';

/*
 * Lines as people write them, read by hand before the reader was: [line, amount, unit, item, preparation or null where it does not
 * matter, how sure]. Amounts as decimals; `2-3` is a range; an empty amount is none.
 */
const LINES: readonly (readonly [string, string, string, string, string | null, 'sure' | 'doubtful' | 'held' | 'asked'])[] = [
  // Unit nouns and signs.
  ['1 carton double cream', '1', 'packet', 'double cream', null, 'sure'],
  ['2 bags spinach', '2', 'packet', 'spinach', null, 'sure'],
  ['1 bag of spinach', '1', 'packet', 'spinach', null, 'sure'],
  ['1 batch shortcrust pastry', '1', 'batch', 'shortcrust pastry', null, 'sure'],
  ['1 recipe of pizza dough', '1', 'batch', 'pizza dough', null, 'sure'],
  ['1/2 quantity choux paste', '0.5', 'batch', 'choux paste', null, 'sure'],
  ['2# butter', '2', 'lb', 'butter', null, 'sure'],
  ['3 ea. shallots', '3', 'each', 'shallots', null, 'sure'],
  ['1 lg. onion, diced', '1', 'each', 'onion', 'diced', 'sure'],
  ['2 med. carrots', '2', 'each', 'carrots', null, 'sure'],
  ['1 sm. fennel bulb', '1', 'each', 'fennel bulb', null, 'sure'],
  ['2 c. flour', '2', 'cup', 'flour', null, 'sure'],
  ['1 loaf white bread', '1', 'loaf', 'white bread', null, 'sure'],
  ['2 blocks feta', '2', 'packet', 'feta', null, 'sure'],
  ['1 bar dark chocolate', '1', 'packet', 'dark chocolate', null, 'sure'],
  ['1 box of filo pastry', '1', 'packet', 'filo pastry', null, 'sure'],
  ['3 drops vanilla extract', '3', 'drop', 'vanilla extract', null, 'sure'],
  ['4 no. lemons', '4', 'each', 'lemons', null, 'sure'],
  // Measures that nobody knows the size of: by the weight that stands beside them, or asked.
  ['two mugs of plain flour (about 250 g)', '250', 'g', 'plain flour', null, 'sure'],
  ['3 heaped spoonfuls of brown sugar', '3', 'each', 'heaped spoonfuls of brown sugar', null, 'held'],
  ['1 square dark chocolate', '1', 'each', 'square dark chocolate', null, 'held'],
  ['500 strong flour', '500', 'g', 'strong flour', null, 'held'],
  ['6 EL olive oil', '6', 'tbsp', 'olive oil', null, 'sure'],
  ['dried yeast that’s 7 grams', '7', 'g', 'dried yeast', null, 'sure'],
  ['tinned plum toms 2.5kg tin x 2', '2', 'tin', 'tinned plum toms', null, 'sure'],
  ['Lime – juice of 1', '1', 'each', 'Lime', 'juice', 'sure'],
  ['pm Salt, pepper', '', '', 'Salt, pepper', null, 'sure'],
  ['salt, 2% of flour weight', '', '', 'salt', null, 'held'],
  ['3 bay leaves & 10 peppercorns', '3', 'each', 'bay leaves & 10 peppercorns', null, 'doubtful'],
  ['1/2 a small red cabbage', '0.5', 'each', 'red cabbage', null, 'sure'],
  ['340 g water @ 24C', '340', 'g', 'water', null, 'sure'],
  ['24 vine leaves', '24', 'leaf', 'vine leaves', null, 'sure'],
  ['60 g piece Parmesan', '60', 'g', 'Parmesan', null, 'sure'],
  ['1 cup packed fresh breadcrumbs', '1', 'cup', 'fresh breadcrumbs', null, 'sure'],
  ['1 cinnamon stick, 5 cm', '1', 'stick', 'cinnamon', '5 cm', 'sure'],
  // Bounds and about-words.
  ['no more than 80 ml walnut oil', '80', 'ml', 'walnut oil', null, 'sure'],
  ['at least 2 kg bones', '2', 'kg', 'bones', null, 'sure'],
  ['200 g butter or thereabouts', '200', 'g', 'butter', null, 'sure'],
  ['200 g or so of butter', '200', 'g', 'butter', null, 'sure'],
  ['between 2 and 3 tbsp oil', '2-3', 'tbsp', 'oil', null, 'sure'],
  ['between 200 and 250 g flour', '200-250', 'g', 'flour', null, 'sure'],
  ['a scant 100 ml milk', '100', 'ml', 'milk', null, 'sure'],
  ['scant 1/2 cup sugar', '0.5', 'cup', 'sugar', null, 'sure'],
  ['a good 500 g plums', '500', 'g', 'plums', null, 'sure'],
  ['roughly 1 kg plums', '1', 'kg', 'plums', null, 'sure'],
  ['30-ish g sugar', '30', 'g', 'sugar', null, 'sure'],
  // Worded fractions.
  ['a pint and a half of milk', '1.5', 'pint', 'milk', null, 'doubtful'],
  ['two thirds of a cup of sugar', '0.667', 'cup', 'sugar', null, 'sure'],
  ['three quarters of a litre of stock', '0.75', 'l', 'stock', null, 'sure'],
  ['one and a half cups flour', '1.5', 'cup', 'flour', null, 'sure'],
  ['two and a half pounds of plums', '2.5', 'lb', 'plums', null, 'sure'],
  ['half a kilo of flour', '0.5', 'kg', 'flour', null, 'sure'],
  ['half a teaspoon of salt', '0.5', 'tsp', 'salt', null, 'sure'],
  ['a litre and a half of water', '1.5', 'l', 'water', null, 'sure'],
  // An article before a weight, and after it.
  ['a 400 g tin of chickpeas', '1', 'tin', 'chickpeas', null, 'sure'],
  ['the juice of 2 lemons', '2', 'each', 'lemons', 'juice', 'sure'],
  // The amount behind the name, and what is done behind that.
  ['Peaches, 2 ripe', '2', 'each', 'Peaches', 'ripe', 'sure'],
  ['Tomatoes 4 firm, halved', '4', 'each', 'Tomatoes', 'firm, halved', 'sure'],
  ['Lemon (juice of 1)', '1', 'each', 'Lemon', 'juice', 'sure'],
  ['1 fillet trout pp, pin-boned', '1', 'fillet', 'trout', 'pin-boned', 'doubtful'],
  ['tinned tomatoes, 2 x 400g', '2', 'each', 'tinned tomatoes', '', 'sure'],
  ['basil, a small bunch', '1', 'bunch', 'basil', '', 'sure'],
  ['Leeks, white, 1.5kg sliced', '1.5', 'kg', 'leeks', 'white, sliced', 'sure'],
  ['shallots 600', '600', 'g', 'shallots', '', 'held'],
  ['tin of tomatoes', '1', 'tin', 'tomatoes', '', 'sure'],
  ['tin foil', '', '', 'tin foil', '', 'held'],
  ['4 carrots, cut in 100 g pieces', '4', 'each', 'carrots', 'cut in 100 g pieces', 'sure'],
  ['2 eggs, beaten with 50 ml milk', '2', 'each', 'eggs', 'beaten with 50 ml milk', 'doubtful'],
  ['15 g salt per litre', '15', 'g', 'salt per litre', '', 'doubtful'],
  ['2 carrots and a little swede', '2', 'each', 'carrots and a little swede', '', 'held'],
  ['120 eggs', '120', 'each', 'eggs', '', 'sure'],
  ['1 egg each', '1', 'each', 'egg', '', 'doubtful'],
  ['1 dsp salt', '2', 'tsp', 'salt', '', 'sure'],
  ['seeds of 1 pomegranate', '1', 'each', 'pomegranate', 'seeds', 'sure'],
  ['flesh of 2 mangoes', '2', 'each', 'mangoes', 'flesh', 'sure'],
  ['leaves of 1 bunch mint', '1', 'bunch', 'mint', 'leaves', 'sure'],
  ['white meat of 1 crab', '1', 'each', 'crab', 'white meat', 'sure'],
  ['kernels of 2 corn cobs', '2', 'each', 'corn cobs', 'kernels', 'sure'],
  ['2 halves of one vanilla pod', '2', 'each', 'vanilla pod halves', '', 'sure'],
  ['two thirds of a leek', '0.667', 'each', 'leek', '', 'sure'],
  ['8 sardines', '8', 'each', 'sardines', '', 'sure'],
  ['Limes (juice and zest of 2)', '2', 'each', 'Limes', 'juice and zest', 'sure'],
  ['Shallots x 6 brunoise', '6', 'each', 'Shallots', 'brunoise', 'sure'],
  ['Parsley x 2 bch picked', '2', 'bunch', 'Parsley', 'picked', 'sure'],
  ['Feta 250 g | crumble', '250', 'g', 'Feta', 'crumble', 'sure'],
  ['400g tin tomatoes x2', '2', 'tin', 'tomatoes', null, 'sure'],
  ['400g tin chickpeas x2, drained', '2', 'tin', 'chickpeas', 'drained', 'sure'],
  ['1 tblsp syrup', '1', 'tbsp', 'syrup', null, 'sure'],
  ['1,234.5 g flour', '1234.5', 'g', 'flour', null, 'sure'],
  ['1.234,5 g flour', '1234.5', 'g', 'flour', null, 'sure'],
  ['the zest of a lemon', '1', 'each', 'lemon', 'zest', 'sure'],
  ['a kilo of mussels', '1', 'kg', 'mussels', null, 'sure'],
  // Prepared words before the noun, in a list.
  ['200 g peeled, cored and sliced apples', '200', 'g', 'apples', 'peeled, cored and sliced', 'sure'],
  ['3 peeled and diced carrots', '3', 'each', 'carrots', 'peeled and diced', 'sure'],
  ['100 g washed, dried and torn kale', '100', 'g', 'kale', 'washed, dried and torn', 'sure'],
  ['50 g cold butter, cubed', '50', 'g', 'butter', 'cold, cubed', 'sure'],
  ['50 g softened unsalted butter', '50', 'g', 'unsalted butter', 'softened', 'sure'],
  // Two ways with a slash, a second unit after a slash.
  ['250 g/9 oz flour', '250', 'g', 'flour', null, 'sure'],
  ['1 tbsp/15 g butter', '1', 'tbsp', 'butter', null, 'sure'],
  ['500 ml / 2 cups milk', '500', 'ml', 'milk', null, 'sure'],
  // "If you like", per cover.
  ['1 tsp chilli flakes, if you like', '1', 'tsp', 'chilli flakes', null, 'sure'],
  ['2 tbsp rum (if liked)', '2', 'tbsp', 'rum', null, 'sure'],
  ['20 g blue cheese per cover', '20', 'g', 'blue cheese', null, 'doubtful'],
  ['3 spears asparagus p.p.', '3', 'spear', 'asparagus', null, 'doubtful'],
  ['1 fillet each', '1', 'fillet', '', null, 'held'],
  // "A few" with a unit.
  ['a few sprigs of thyme', '3', 'sprig', 'thyme', null, 'sure'],
  ['several leaves of basil', '3', 'leaf', 'basil', null, 'sure'],
  // Amounts after a name that holds a digit, in brackets, after a dash.
  ['Cream 35% 200 g', '200', 'g', 'cream 35%', null, 'sure'],
  ['Flour T55 - 500 g', '500', 'g', 'flour T55', null, 'sure'],
  ['Butter (125 g)', '125', 'g', 'butter', null, 'sure'],
  ['Plums (1 kg), stoned', '1', 'kg', 'plums', 'stoned', 'sure'],
  ['Green beans, topped - 480 g', '480', 'g', 'green beans', 'topped', 'sure'],
  ['Shallots: 2, finely chopped', '2', 'each', 'shallots', 'finely chopped', 'sure'],
  // Percent beside an amount.
  ['600 g bread flour (100%)', '600', 'g', 'bread flour', null, 'sure'],
  ['12 g salt 2%', '12', 'g', 'salt', null, 'sure'],
  ['70% dark chocolate 200 g', '200', 'g', '70% dark chocolate', null, 'sure'],
  // Part of an egg.
  ['whites of two eggs', '2', 'each', 'egg whites', null, 'sure'],
  ['the yolks of 3 eggs', '3', 'each', 'egg yolks', null, 'sure'],
  ['2 eggs, yolks only', '2', 'each', 'egg yolks', null, 'sure'],
  // Asked about, or held.
  ['2 or 3 carrots', '2-3', 'each', 'carrots', null, 'sure'],
  ['1 carrot or two', '1-2', 'each', 'carrot', null, 'sure'],
  ['5,500 kg flour', '5500', 'kg', 'flour', null, 'doubtful'],
  ['some flour', '', '', 'flour', null, 'held'],
  ['1 l tbsp sugar', '', '', '', null, 'asked'],
];

describe('a line, read by hand', () => {
  it.each(LINES)('%s', (written, amount, unit, item, preparation, sure) => {
    const read = readLine(written);
    const decimal = (value: string) => String(Math.round(exact(value).valueOf() * 1000) / 1000);
    if (sure === 'asked') {
      expect(read.certainty).not.toBe('sure');
      return;
    }
    const got = read.amount
      ? [
          read.amount.min === read.amount.max ? decimal(read.amount.max) : `${decimal(read.amount.min)}-${decimal(read.amount.max)}`,
          read.amount.unit,
        ]
      : ['', ''];
    expect([...got, read.item.toLowerCase(), read.certainty]).toEqual([amount, unit, item.toLowerCase(), sure]);
    if (preparation !== null) expect(read.preparation).toBe(preparation);
  });

  it.each([
    // [line, weight of one in grams or null, what is bought in all in grams]
    ['9 figs (450 g)', '50', 'total'],
    ['4 trout fillets (about 140 g each)', '140', 'each'],
    ['6 plums, 300 g', '50', 'total'],
    ['1 small celeriac (600 g unpeeled weight)', '600', 'one'],
    ['2 aubergines (about 600 g in total)', '300', 'total'],
    ['1 cauliflower (800 g)', '800', 'one'],
    ['2 x 400 g tins chickpeas', '400', 'each'],
    ['3 tins (400 g each) tomatoes', '400', 'each'],
    ['2 tins tomatoes (400 g)', '400', 'of a pack: what is printed on it'],
  ] as const)('%s: one weighs %s g, since it says %s', (written, one, _says) => {
    const read = readLine(written);
    expect(read.one && String(exact(read.one.max).valueOf())).toBe(one);
  });

  it('is never sure where the item still begins with an amount, a unit or a joint', () => {
    for (const written of [
      '3 4 5 g flour',
      '2 cups and flour',
      '100 g & butter',
      '4 x flour 3',
      '2 of the 3 lemons',
      '1 g 3 oil',
      '2 l l milk',
    ])
      expect([written, readLine(written).certainty]).not.toEqual([written, 'sure']);
  });
});
