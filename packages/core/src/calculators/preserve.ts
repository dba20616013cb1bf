import { amount } from '../quantity';
import { text } from '../words';
import { amountOf, byFormula, figureOf, of, part, plain, share } from './figures';
import { answer, number, type Calculator } from './types';

/** Share of a fresh vegetable that is water. @source most fresh vegetables hold 88 to 95 percent, USDA FoodData Central; 90 taken */
const WATER_IN_VEGETABLES = 0.9;

/** Vinegar, water, salt and sugar for vegetables, and how sour it all is once it has spread. */
export const pickle: Calculator = {
  name: 'Pickle liquor',
  asks: 'How sour and salty is a pickle once liquor and vegetable have settled?',
  inputs: () => [
    number('vegetable', 'Vegetables, trimmed', 'g', [50, 50_000, 500]),
    number('vinegar', 'Vinegar', 'ml', [10, 50_000, 400]),
    number('strength', 'Its acetic acid', '%', [2, 25, 6], 'on the bottle'),
    number('water', 'Water', 'ml', [0, 50_000, 200]),
    number('salt', 'Salt, of all of it', '%', [0, 10, 1.5]),
    number('sugar', 'Sugar, of the liquor', '%', [0, 60, 8]),
    number('ph', 'pH measured in the finished pickle', '', [2, 7], 'pieces and liquor, after it has settled'),
  ],
  compute: (given) => {
    const [vegetable, vinegar, strength, water] = ['vegetable', 'vinegar', 'strength', 'water'].map((key) => given.number(key)) as [
      number,
      number,
      number,
      number,
    ];
    const wet = vinegar + water + vegetable * WATER_IN_VEGETABLES;
    const acid = (vinegar * strength) / 100;
    const all = vegetable + vinegar + water;
    const salt = figureOf({
      label: { code: 'calc.salt' },
      unit: 'g',
      parts: [share(of(all, 'g', text('vegetables, vinegar and water')), given.number('salt'))],
    });
    const sugar = figureOf({
      label: { code: 'calc.sugar' },
      unit: 'g',
      parts: [share(of(vinegar + water, 'g', text('vinegar and water')), given.number('sugar'))],
    });
    const ph = given.optional('ph');
    return answer({
      figures: [
        figureOf({
          label: text('Acetic acid at rest'),
          unit: 'percent',
          parts: [
            byFormula(
              text('Spread through all that is wet'),
              text(`${plain(vinegar)} × ${plain(strength)} % ÷ (${plain(vinegar)} + ${plain(water)} + ${plain(vegetable)} × 0.9)`),
              (acid / wet) * 100,
              'percent',
            ),
          ],
          estimate: true,
          notes: [text('A sum does not say how sour it is kept: a pH reading does.')],
        }),
        salt,
        sugar,
      ],
      limits: [
        'Vegetables are taken as nine tenths water. Thick or whole pieces take days until they are as sour as the liquor.',
        'How much acid a vegetable takes up unseen, as garlic and pulses do, no sum knows.',
      ],
      sources: [
        'Dilution: what the vinegar brings over all the water there is; water of vegetables about 90 percent, USDA FoodData Central',
      ],
      cautions: [
        ph === null
          ? text(
              'It is a quick pickle, kept cold and for the chilled life of the local rules, until a pH reading of the settled pickle meets the rule.',
            )
          : ph <= 4.2
            ? text(
                `Measured ${plain(ph, 2)}: whether that meets the local rule for keeping it as an acid food the responsible person decides.`,
              )
            : text(
                `Measured ${plain(ph, 2)}: that is not sour enough to be kept as an acid food by most codes. Keep it cold, use it soon, or more vinegar.`,
              ),
        text('Oil on top, garlic or herbs in it, and jars that are not clean each change what is safe.'),
      ],
      rules: ['cold-holding', 'chilled-life'],
      lines: [
        { item: `vinegar, ${plain(strength)} %`, amount: amount(vinegar, 'ml'), note: '' },
        ...(water > 0 ? [{ item: 'water', amount: amount(water, 'ml'), note: '' }] : []),
        { item: 'salt', amount: amountOf(salt), note: 'of vegetables, vinegar and water' },
        { item: 'sugar', amount: amountOf(sugar), note: 'of the liquor' },
      ],
    });
  },
};

/** Salt that comes in layers: from the water, from the coat or sauce, and what is still to be added. */
export const layers: Calculator = {
  name: 'Salt in layers',
  asks: 'How much salt do water and sauce bring, and what is still missing?',
  inputs: () => [
    number('food', 'Food, dry or raw', 'g', [10, 50_000, 400]),
    number('taken', 'Water it takes up', 'ml', [0, 50_000, 500], 'its cooked weight less its dry weight'),
    number('water', 'Salt in that water', '%', [0, 5, 1]),
    number('coat', 'Sauce or coat', 'g', [0, 50_000, 450]),
    number('coatSalt', 'Salt in it', '%', [0, 5, 0.8]),
    number('target', 'Salt wanted in all', '%', [0.1, 3, 0.9]),
  ],
  compute: (given) => {
    const [food, taken, water, coat, coatSalt, target] = ['food', 'taken', 'water', 'coat', 'coatSalt', 'target'].map((key) =>
      given.number(key),
    ) as [number, number, number, number, number, number];
    const all = food + taken + coat;
    const wanted = (all * target) / 100;
    const [fromWater, fromCoat] = [(taken * water) / 100, (coat * coatSalt) / 100];
    const missing = wanted - fromWater - fromCoat;
    const brings = figureOf({
      label: text('Salt that is in it already'),
      unit: 'g',
      parts: [
        part(text('From the water'), share(of(taken, 'g', text('taken up')), water)),
        part(text('From sauce or coat'), share(of(coat, 'g'), coatSalt)),
      ],
    });
    const wants = figureOf({
      label: text('Salt wanted in all'),
      unit: 'g',
      parts: [share(of(all, 'g', text('food, water and sauce')), target)],
    });
    const add = figureOf({
      label: { code: 'calc.salt-to-add' },
      unit: 'g',
      parts: [
        part(text('Wanted'), of(wanted, 'g')),
        byFormula(
          text('Less what is in it'),
          text(`${plain(fromWater)} + ${plain(fromCoat)} g`),
          -Math.min(wanted, fromWater + fromCoat),
          'g',
        ),
      ],
    });
    return answer({
      figures: [add, brings, wants],
      limits: ['Food takes up a little less salt than its water holds: the sum is the most that it brings.'],
      sources: ['Each layer’s salt is its weight times its percent; what is wanted by the seasoning in force'],
      cautions: [
        missing < 0
          ? text(`It is over by ${plain(-missing, 1)} g already: less salt in the water or the sauce; nothing is added.`)
          : text('Add half, taste, then the rest.'),
      ],
      lines: missing > 0 ? [{ item: 'salt', amount: amountOf(add), note: 'what water and sauce do not bring' }] : [],
      step: { text: 'Taste food and sauce together, then add the salt that is missing, half first.', minutes: 1, hands: 'on' },
    });
  },
};
