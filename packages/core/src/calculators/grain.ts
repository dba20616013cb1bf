import { measure, product } from '../figure';
import { amount } from '../quantity';
import { text } from '../words';
import { byFormula, figureOf, grams, numberOf, of, part, plain } from './figures';
import { following } from './following';
import { answer, choice, number, refuse, type Calculator } from './types';

interface Grain {
  readonly name: string;
  readonly item: string;
  /** Grams of water that a gram takes up when it is absorbed. */
  readonly takes: number;
  /** Grams in a millilitre, dry. */
  readonly density: number;
  readonly minutes: number;
}

/**
 * Water that grains take up.
 * @source cooked weight of USDA Agriculture Handbook 102 and the USDA Table of Cooking Yields, less the dry gram; minutes as packets say.
 *   Estimates: age and brand change them by a tenth
 */
const GRAINS: Readonly<Record<string, Grain>> = {
  long: { name: 'long grain rice', item: 'long grain rice', takes: 1.6, density: 0.78, minutes: 14 },
  short: { name: 'short grain rice', item: 'short grain rice', takes: 1.7, density: 0.83, minutes: 18 },
  barley: { name: 'pearl barley', item: 'pearl barley', takes: 2, density: 0.83, minutes: 35 },
  quinoa: { name: 'quinoa', item: 'quinoa', takes: 1.7, density: 0.71, minutes: 15 },
  bulgur: { name: 'bulgur', item: 'bulgur', takes: 1.5, density: 0.58, minutes: 12 },
  millet: { name: 'millet', item: 'millet', takes: 2, density: 0.83, minutes: 18 },
  lentils: { name: 'green lentils', item: 'green lentils', takes: 1.4, density: 0.8, minutes: 25 },
};

/** Grams of water to a gram of grain that is boiled and drained. @source ten to one, as commonly taught for pasta and boiled rice */
const BOILED = 10;
/** Millilitres that leave a square centimetre of simmering water in a minute, open and lidded. @source a working estimate of ours, not measured: a pan of 24 cm loses about 9 ml a minute open, a fifth of that lidded */
const EVAPORATES = { open: 0.02, lid: 0.004 } as const;
/** The share of a pan that may be filled before it boils over. */
const FILLED = 0.8;

/** Liquid for a grain by the way it is cooked, and whether the pan holds it. */
export const grain: Calculator = {
  name: 'Liquid for a grain',
  asks: 'How much liquid does this grain take, cooked this way in this pan, and does the pan hold it?',
  inputs: () => [
    choice('grain', 'Grain', Object.fromEntries(Object.entries(GRAINS).map(([key, { name }]) => [key, name])), 'long'),
    number('dry', 'Dry', 'g', [1, 50_000, 400]),
    choice(
      'way',
      'Cooked',
      { absorbed: 'absorbed under a lid', pilaf: 'pilaf: in fat, then absorbed', boiled: 'boiled and drained' },
      'absorbed',
    ),
    choice('lid', 'Pan', { lid: 'with its lid on', open: 'open' }, 'lid'),
    number('across', 'Pan across', 'cm', [5, 100, 24]),
    number('deep', 'Pan deep', 'cm', [2, 80, 12]),
    number('minutes', 'Cooks for', 'min', [1, 240], 'left empty, as packets say'),
  ],
  compute: (given) => {
    const spec = GRAINS[given.choice('grain')];
    if (!spec) return refuse('grain', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    const [dry, across, deep] = [given.number('dry'), given.number('across'), given.number('deep')];
    const minutes = given.optional('minutes') ?? spec.minutes;
    const way = given.choice('way');
    const area = (Math.PI * across * across) / 4;
    const rate = EVAPORATES[given.choice('lid') === 'open' ? 'open' : 'lid'];
    const boiled = way === 'boiled';
    const takes = product([grams(dry), of(boiled ? BOILED : spec.takes, 'times')], 'g');
    const lost = boiled ? 0 : area * rate * minutes;
    const liquid = figureOf({
      label: { code: 'calc.liquid' },
      unit: 'g',
      parts: [
        part({ code: boiled ? 'calc.to-boil-in' : 'calc.taken-up' }, takes),
        ...(lost > 0
          ? [
              byFormula(
                { code: 'calc.boils-off' },
                {
                  code: 'calc.boils-off-by',
                  area: measure(Number(area.toFixed(0)), 'squareCentimetre'),
                  rate,
                  minutes: measure(minutes, 'minute'),
                },
                lost,
                'g',
              ),
            ]
          : []),
      ],
      estimate: true,
    });
    const cooked = figureOf({
      label: { code: 'calc.cooked-weight' },
      unit: 'g',
      parts: [part({ code: 'calc.dry' }, grams(dry)), part({ code: 'calc.taken-up' }, product([grams(dry), of(spec.takes, 'times')], 'g'))],
      estimate: true,
    });
    const needs = numberOf(liquid) + dry / spec.density;
    const holds = area * deep * FILLED;
    const fits = needs <= holds;
    return answer({
      figures: [liquid, cooked],
      limits: [
        fits
          ? `The pan holds it: about ${plain(needs / 1000, 1)} l of ${plain(holds / 1000, 1)} l to four fifths of its depth.`
          : `The pan does not hold it: about ${plain(needs / 1000, 1)} l, and it takes ${plain(holds / 1000, 1)} l to four fifths of its depth. Take a larger one, or ${Math.ceil(needs / holds)} pans.`,
        'In a wide pan more boils off; a batch ten times as large does not take ten times the water that boils off.',
      ],
      sources: [
        'Water taken up: cooked weights of USDA Agriculture Handbook 102 and USDA Table of Cooking Yields',
        'Water that boils off: a working estimate of ours, not measured',
      ],
      cautions: [text('Steam burns: lift the lid away from you. Cooked grain that is kept is cooled at once: shallow, in iced trays.')],
      rules: ['cooling-first', 'cooling-total'],
      lines: [
        { item: spec.item, amount: amount(dry, 'g'), note: 'dry' },
        following(
          liquid,
          way === 'pilaf' ? 'vegetable stock' : 'water',
          (numberOf(liquid) / dry) * 100,
          `${spec.name}, ${boiled ? 'boiled' : way}`,
        ),
      ],
      step: {
        text: boiled
          ? `Boil the ${spec.name} for ${plain(minutes)} minutes and drain.`
          : `${way === 'pilaf' ? 'Turn the grain in fat until it smells toasted, add the hot liquid, ' : 'Bring the grain and the liquid to the boil, '}cover, and cook for ${plain(minutes)} minutes; rest covered.`,
        minutes: Math.round(minutes),
        hands: 'off',
      },
    });
  },
};
