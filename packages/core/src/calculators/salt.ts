import { exact, exactText, showDecimal } from '../exact';
import { difference, measure, quotient, type Figure } from '../figure';
import { amount } from '../quantity';
import { text, type Said } from '../words';
import { amountOf, byFormula, figureOf, grams, less, part, percent as percentOf, plain, share } from './figures';
import { following } from './following';
import { answer, choice, number, refuse, type Calculator } from './types';

const COLD = text('Brining and curing happen cold, covered, away from ready food; a used brine is thrown away.');
const NO_NITRITE = text('Not for curing salts: nitrite is weighed to the gram by a tested recipe and the responsible person only.');

/**
 * Grams of salt that 100 g of cold water dissolve.
 * @source CRC Handbook of Chemistry and Physics: 35.9 g at 20 °C, which is 26.4 percent of the brine
 */
const DISSOLVES = 35.9;
/** Percent of salt in food that most people still find good to eat; above it, it is soaked. @source seasoning of 1 to 2 percent, as taught */
const EATEN = 2;

const RAW = text('Salt does not cook: the food stays raw, and is handled and cooked as raw food.');

/** The salt of food and water once it has spread evenly through both, with what that means for eating it. */
function atRest(saltGrams: number, wet: number): { readonly figure: Figure; readonly limit: string } {
  const percent = (saltGrams / (wet + saltGrams)) * 100;
  const value = Number(percent.toFixed(1));
  return {
    figure: figureOf({
      label: { code: 'calc.salt-at-rest' },
      unit: 'percent',
      parts: [
        byFormula(
          { code: 'calc.salt' },
          {
            code: 'calc.salt-of-all',
            salt: measure(Number(saltGrams.toFixed(1)), 'g'),
            all: measure(Number((wet + saltGrams).toFixed(0)), 'g'),
          },
          value,
          'percent',
        ),
      ],
      estimate: true,
    }),
    limit:
      value > EATEN
        ? `At rest it holds about ${plain(value, 1)} percent of salt, more than the ${EATEN} that people like to eat: soak it in cold water, or take it out earlier.`
        : `At rest it holds about ${plain(value, 1)} percent of salt: seasoned through, no soaking.`,
  };
}

/** Salt for a brine: percent of the water, of the brine, or of water and food together. */
export const brine: Calculator = {
  name: 'Brine by percent',
  asks: 'How much salt for this much water, at this percent?',
  inputs: () => [
    choice(
      'way',
      'Percent of',
      { water: 'the water', brine: 'the brine, salt and water together', both: 'water and food together (equilibrium brine)' },
      'water',
    ),
    number('water', 'Water', 'g', [1, 200_000, 2000], '1 litre is 1000 g'),
    number('percent', 'Salt', '%', [0.1, 36, 5]),
    number('food', 'Food in it', 'g', [0, 200_000, 800]),
    number('sugar', 'Sugar', '%', [0, 20, 0]),
  ],
  compute: (given) => {
    const way = given.choice('way');
    const both = way === 'both';
    const [water, food, percent, sugar] = [given.number('water'), given.number('food'), given.number('percent'), given.number('sugar')];
    if (both && food === 0) return refuse('food', { code: 'no.food-unweighed' }, { code: 'do.weigh-food' });
    // Percent of the brine: p of the whole is p / (100 − p) of its water.
    const ofBase = (of: number) => (way === 'brine' ? (of / (100 - of)) * 100 : of);
    const base = (of: number) => [
      part({ code: 'calc.water' }, share(grams(water), Number(ofBase(of).toFixed(4)))),
      ...(both ? [part({ code: 'calc.food' }, share(grams(food), of))] : []),
    ];
    const saltGrams = (water * ofBase(percent)) / 100 + (both ? (food * percent) / 100 : 0);
    if ((saltGrams / water) * 100 > DISSOLVES)
      return refuse('percent', { code: 'no.more-than-dissolves', most: measure(DISSOLVES, 'percent') }, { code: 'do.less-salt' });
    const salt = figureOf({ label: { code: 'calc.salt' }, unit: 'g', parts: base(percent) });
    const sweet = sugar > 0 ? figureOf({ label: { code: 'calc.sugar' }, unit: 'g', parts: base(sugar) }) : null;
    const inWater = (of: number) => (both ? (of * (water + food)) / water : ofBase(of));
    const rest = food > 0 ? atRest(saltGrams, water + food) : null;
    const ofWhat = way === 'brine' ? 'the brine' : both ? 'water and food' : 'the water';
    return answer({
      figures: [salt, ...(sweet ? [sweet] : []), ...(rest ? [rest.figure] : [])],
      limits: [
        'Weigh the salt: a spoon of coarse salt holds half as much as one of fine.',
        ...(rest ? [rest.limit] : []),
        both
          ? 'Equilibrium takes a day or more for a thick piece; it cannot become saltier than that.'
          : 'A strong brine goes on salting until it is at rest: keep the time.',
      ],
      sources: ['Percent by mass; 100 g of cold water dissolve 35.9 g of salt (CRC Handbook of Chemistry and Physics)'],
      cautions: [COLD, RAW, NO_NITRITE],
      rules: ['cold-holding'],
      lines: [
        { item: 'water', amount: amount(water, 'g'), note: 'for the brine' },
        following(salt, 'fine salt', inWater(percent), `brine, ${plain(percent)} % of ${ofWhat}`),
        ...(sweet ? [following(sweet, 'sugar', inWater(sugar), `brine, ${plain(sugar)} % of ${ofWhat}`)] : []),
      ],
    });
  },
};

/** Salt and sugar rubbed on food, by its weight as bought or as it is cured. */
export const cure: Calculator = {
  name: 'Dry cure by percent',
  asks: 'How much salt and sugar for this much food?',
  inputs: () => [
    number('food', 'Food', 'g', [1, 100_000, 1000]),
    choice('weighed', 'Weighed', { trimmed: 'trimmed, as it is cured', bought: 'as bought, before it is trimmed' }, 'trimmed'),
    number('trim', 'Left after trimming', '%', [1, 100], 'where it was weighed as bought'),
    number('salt', 'Salt', '%', [0.5, 100, 3]),
    number('sugar', 'Sugar', '%', [0, 100, 2]),
    choice('what', 'It is', { fish: 'fish', vegetable: 'a vegetable', meat: 'meat' }, 'fish'),
  ],
  compute: (given) => {
    const [typed, salt, sugar, what] = [given.number('food'), given.number('salt'), given.number('sugar'), given.choice('what')];
    const bought = given.choice('weighed') === 'bought';
    const trim = given.optional('trim');
    if (bought && trim === null) return refuse('trim', { code: 'no.trim-unknown' }, { code: 'do.give-trim' });
    const food = bought ? (typed * trim!) / 100 : typed;
    const base = bought ? share(grams(typed), trim!) : grams(food);
    const shareOf = (label: Said, percent: number) =>
      figureOf({ label, unit: 'g', parts: [part({ code: 'calc.food' }, share(base, percent))] });
    const figures = [shareOf({ code: 'calc.salt' }, salt), ...(sugar > 0 ? [shareOf({ code: 'calc.sugar' }, sugar)] : [])];
    const rest = atRest((food * salt) / 100, food);
    return answer({
      figures: [...figures, rest.figure],
      limits: [
        ...(salt < 2 ? ['Under 2 percent seasons, it does not cure.'] : []),
        rest.limit,
        'Turn it once a day; a thick piece takes a day for every centimetre or so. Buried in salt it takes up less than lies on it: go by time, and taste.',
      ],
      sources: [`Percent by mass of the food ${bought ? 'once it is trimmed' : 'as it is cured'}`],
      cautions: [
        COLD,
        RAW,
        NO_NITRITE,
        ...(what === 'fish' ? [text('Curing does not kill parasites: fish eaten raw has been frozen first, by the local rules.')] : []),
      ],
      rules: what === 'fish' ? ['raw-fish-freezing', 'raw-fish-hours', 'cold-holding'] : ['cold-holding'],
      lines: [
        {
          item: what === 'fish' ? 'fish to cure' : what === 'meat' ? 'meat to cure' : 'vegetables to cure',
          amount: amount(Number(food.toFixed(1)), 'g'),
          note: 'for the cure',
          ...(bought ? { yields: [{ kind: 'trim' as const, fraction: exactText(exact(trim!).div(100)) }] } : {}),
        },
        following(figures[0]!, 'fine salt', salt, `cure, ${plain(salt)} % of the food`),
        ...(figures[1] ? [following(figures[1], 'sugar', sugar, `cure, ${plain(sugar)} % of the food`)] : []),
      ],
    });
  },
};

/** Sugar and water of a syrup by the percent of sugar in it. */
export const syrup: Calculator = {
  name: 'Syrup by percent',
  asks: 'How much sugar and water for a syrup of this strength?',
  inputs: () => [
    number('total', 'Syrup wanted', 'g', [1, 100_000, 600]),
    number('percent', 'Sugar in the syrup', '%', [1, 75, 50], '50 % is one to one; 67 % is two to one'),
    number('reading', 'Refractometer of one in hand', '%', [0, 75], 'to correct a syrup that is already made'),
    number('inHand', 'Syrup in hand', 'g', [0, 100_000]),
  ],
  compute: (given) => {
    const [total, percent] = [given.number('total'), given.number('percent')];
    const sugar = figureOf({
      label: { code: 'calc.sugar' },
      unit: 'g',
      parts: [part({ code: 'calc.of-the-syrup' }, share(grams(total), percent))],
    });
    const water = figureOf({
      label: { code: 'calc.water' },
      unit: 'g',
      parts: [part({ code: 'calc.the-rest' }, share(grams(total), Number((100 - percent).toFixed(6))))],
    });
    const [reading, inHand] = [given.optional('reading'), given.optional('inHand')];
    if ((reading === null) !== (inHand === null || inHand === 0))
      return refuse(reading === null ? 'reading' : 'inHand', { code: 'no.half-a-correction' }, { code: 'do.both-or-neither' });
    const correction = reading !== null && inHand ? correct(inHand, reading, percent) : [];
    return answer({
      figures: [...correction, sugar, water],
      limits: [
        percent > 67
          ? 'Above about 67 percent sugar comes out again when the syrup is cold.'
          : 'Weigh both; boiling it drives water off and makes it stronger.',
      ],
      cautions: [text('Boiling syrup sticks and burns deep: long sleeves, no tasting while it is hot, cold water beside you.')],
      sources: ['Percent by mass of the solution, which is what a refractometer reads (degrees Brix); saturation at 20 °C is 67 percent'],
      lines: [
        { item: 'water', amount: amountOf(water), note: 'for the syrup' },
        following(sugar, 'sugar', (percent / (100 - percent)) * 100, `syrup, ${showDecimal(exact(percent))} % sugar`),
      ],
    });
  },
};

function correct(inHand: number, reading: number, wanted: number): readonly Figure[] {
  if (Math.abs(reading - wanted) < 0.05) return [];
  if (reading > wanted)
    return [
      figureOf({
        label: { code: 'calc.water-to-add' },
        unit: 'g',
        parts: [
          part({ code: 'calc.should-weigh' }, quotient(share(grams(inHand), reading), percentOf(wanted), 'g')),
          less(part({ code: 'calc.weighs' }, grams(inHand))),
        ],
      }),
    ];
  return [
    figureOf({
      label: { code: 'calc.sugar-to-add' },
      unit: 'g',
      parts: [
        part(
          { code: 'calc.in-hand' },
          quotient(share(grams(inHand), wanted - reading), difference(percentOf(100), percentOf(wanted)), 'g'),
        ),
      ],
    }),
  ];
}
