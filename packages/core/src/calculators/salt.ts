import { showDecimal, exact } from '../exact';
import { difference, quotient, type Figure } from '../figure';
import { amount } from '../quantity';
import { text, type Said } from '../words';
import { amountOf, figureOf, grams, less, part, percent as percentOf, plain, share } from './figures';
import { following } from './following';
import { answer, choice, number, refuse, type Calculator } from './types';

const COLD = text('Brining and curing happen cold, covered, away from ready food; a used brine is thrown away.');
const NO_NITRITE = text('Not for curing salts: nitrite is weighed to the gram by a tested recipe and the responsible person only.');

/** Salt for a brine, over the water or over water and food. */
export const brine: Calculator = {
  name: 'Brine by percent',
  asks: 'How much salt for this much water, at this percent?',
  inputs: () => [
    choice('way', 'Percent of', { water: 'the water', both: 'water and food together (equilibrium brine)' }, 'water'),
    number('water', 'Water', 'g', [1, 200_000, 2000], '1 litre is 1000 g'),
    number('percent', 'Salt', '%', [0.1, 26, 5]),
    number('food', 'Food in it', 'g', [0, 200_000, 800]),
    number('sugar', 'Sugar', '%', [0, 20, 0]),
  ],
  compute: (given) => {
    const both = given.choice('way') === 'both';
    const [water, food, percent, sugar] = [given.number('water'), given.number('food'), given.number('percent'), given.number('sugar')];
    if (both && food === 0) return refuse('food', { code: 'no.food-unweighed' }, { code: 'do.weigh-food' });
    const base = (of: number) => [
      part({ code: 'calc.water' }, share(grams(water), of)),
      ...(both ? [part({ code: 'calc.food' }, share(grams(food), of))] : []),
    ];
    const salt = figureOf({ label: { code: 'calc.salt' }, unit: 'g', parts: base(percent) });
    const sweet = sugar > 0 ? figureOf({ label: { code: 'calc.sugar' }, unit: 'g', parts: base(sugar) }) : null;
    const inWater = (of: number) => (of * (both ? water + food : water)) / water;
    return answer({
      figures: [salt, ...(sweet ? [sweet] : [])],
      limits: [
        'Weigh the salt: a spoon of coarse salt holds half as much as one of fine.',
        both
          ? 'Equilibrium takes a day or more for a thick piece; it cannot become too salty.'
          : 'A strong brine goes on salting: keep the time.',
        ...(percent > 8 ? ['Above 8 percent food is salty to eat: rinse or soak it.'] : []),
      ],
      sources: ['Percent by mass; saturation of salt in cold water is about 26 percent of the solution'],
      cautions: [COLD, NO_NITRITE],
      rules: ['cold-holding'],
      lines: [
        { item: 'water', amount: amount(water, 'g'), note: 'for the brine' },
        following(salt, 'fine salt', inWater(percent), `brine, ${plain(percent)} % of ${both ? 'water and food' : 'the water'}`),
        ...(sweet ? [following(sweet, 'sugar', inWater(sugar), `brine, ${plain(sugar)} %`)] : []),
      ],
    });
  },
};

/** Salt and sugar rubbed on food, by its weight. */
export const cure: Calculator = {
  name: 'Dry cure by percent',
  asks: 'How much salt and sugar for this much food?',
  inputs: () => [
    number('food', 'Food', 'g', [1, 100_000, 1000]),
    number('salt', 'Salt', '%', [0.5, 100, 3]),
    number('sugar', 'Sugar', '%', [0, 100, 2]),
    choice('what', 'It is', { fish: 'fish', vegetable: 'a vegetable', meat: 'meat' }, 'fish'),
  ],
  compute: (given) => {
    const [food, salt, sugar, what] = [given.number('food'), given.number('salt'), given.number('sugar'), given.choice('what')];
    const shareOf = (label: Said, percent: number) =>
      figureOf({
        label,
        unit: 'g',
        parts: [part({ code: 'calc.food' }, share(grams(food), percent))],
      });
    const figures = [shareOf({ code: 'calc.salt' }, salt), ...(sugar > 0 ? [shareOf({ code: 'calc.sugar' }, sugar)] : [])];
    return answer({
      figures,
      limits: [
        salt < 2
          ? 'Under 2 percent seasons, it does not cure.'
          : salt > 6
            ? 'Above 6 percent rinse, dry, and taste before slicing.'
            : 'At 2 to 6 percent all of it is taken up: no rinsing.',
        'Turn it once a day; a thick piece takes a day for every centimetre or so.',
      ],
      sources: ['Percent by mass of the food'],
      cautions: [
        COLD,
        NO_NITRITE,
        ...(what === 'fish' ? [text('Curing does not kill parasites: fish eaten raw has been frozen first, by the local rules.')] : []),
      ],
      rules: what === 'fish' ? ['raw-fish-freezing', 'raw-fish-hours', 'cold-holding'] : ['cold-holding'],
      lines: [
        {
          item: what === 'fish' ? 'fish to cure' : what === 'meat' ? 'meat to cure' : 'vegetables to cure',
          amount: amount(food, 'g'),
          note: 'for the cure',
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
