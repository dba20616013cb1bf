import { DONENESS, donenessKey, donenessOf, minutesToGo, MOST_RISE, readingSays, takeOutAt } from '../doneness';
import { measure, type Figure } from '../figure';
import { HELD, ruleValue } from '../rules';
import { text, type Said } from '../words';
import { byFormula, figureOf, less, of, plain } from './figures';
import { answer, choice, number, refuse, type Calculator, type CalculatorContext } from './types';

const FOODS = Object.fromEntries(
  DONENESS.flatMap(({ key, name, degrees }) => degrees.map((each) => [`${key} ${each.key}`, `${name}: ${each.name}`])),
);

/** Words by which a card speaks of a food. */
const SPOKEN: readonly (readonly [RegExp, string])[] = [
  [/\b(?:fish|fillets?|flakes?)\b/gi, 'fish'],
  [/\bducks?\b/gi, 'duck-breast'],
  [/\b(?:meat|beef|lamb|joints?|chops?)\b/gi, 'red-meat'],
  [/\b(?:birds?|poultry)\b/gi, 'poultry-breast'],
];

/** The food that a card speaks of most, at the first degree that meets its rule; where it speaks of none, red meat, medium rare. */
function opensOn({ about = '', rules }: CalculatorContext): string {
  const counted = SPOKEN.map(([words, key]) => ({ key, times: (about.match(words) ?? []).length }));
  const { key, times } = counted.reduce((most, each) => (each.times > most.times ? each : most));
  const food = DONENESS.find((each) => each.key === key);
  if (times === 0 || !food) return 'red-meat medium-rare';
  const least = food.rule === null ? -Infinity : ruleValue(food.rule, rules);
  return `${key} ${(food.degrees.find(({ from }) => from >= least) ?? food.degrees.at(-1)!).key}`;
}

const at = (celsius: number) => measure(Number(celsius.toFixed(1)), 'celsius');

/** When to take something out, and what a reading says. */
export const doneness: Calculator = {
  name: 'When to take it out',
  asks: 'At which core does it leave the heat, what does a reading say, and how long is it to go?',
  inputs: (context) => [
    choice('food', 'It is to be', FOODS, opensOn(context)),
    number('thick', 'At its thickest', 'mm', [5, 250, 40]),
    number('heat', 'Oven or pan', '°C', [40, 300, 180]),
    number('first', 'A reading', '°C', [-5, 120]),
    number('second', 'A later reading', '°C', [-5, 120]),
    number('between', 'Minutes between the two', 'min', [0.5, 600]),
  ],
  compute: (given, { rules, doneness: own = {} }) => {
    const [foodKey = '', degreeKey = ''] = given.choice('food').split(' ');
    const food = DONENESS.find(({ key }) => key === foodKey);
    const degree = donenessOf(foodKey, degreeKey, own);
    if (!food || !degree) return refuse('food', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    const heated = { thick: given.number('thick'), heat: given.number('heat') };
    const [first, second, between] = [given.optional('first'), given.optional('second'), given.optional('between')];
    if ((second === null) !== (between === null))
      return refuse(second === null ? 'second' : 'between', { code: 'no.half-a-reading' }, { code: 'do.both-or-neither' });
    if (second !== null && first === null) return refuse('first', { code: 'no.half-a-reading' }, { code: 'do.both-or-neither' });
    const middle = (degree.from + degree.to) / 2;
    const out = takeOutAt(middle, heated);
    const { thick, heat } = heated;
    const figures: Figure[] = [
      figureOf({
        label: { code: 'calc.take-out-at' },
        unit: 'celsius',
        parts: [
          of(middle, 'celsius', { code: 'calc.middle-of-band', from: at(degree.from), to: at(degree.to) }),
          less(
            byFormula(
              { code: 'calc.less-rise' },
              { code: 'calc.rise-by', thick: measure(thick, 'millimetre'), heat: at(heat), most: MOST_RISE },
              out.rise,
              'celsius',
            ),
          ),
        ],
        estimate: true,
        notes: [{ code: 'calc.out-between', from: at(out.between[0]), to: at(out.between[1]) }],
      }),
    ];
    const said: Said[] = [];
    const latest = second ?? first;
    if (latest !== null) {
      const says = readingSays(latest, { from: out.at - 1, to: degree.to });
      said.push(
        says.kind === 'in'
          ? { code: 'calc.reading-in', at: at(latest) }
          : { code: says.kind === 'under' ? 'calc.reading-under' : 'calc.reading-over', at: at(latest), by: plain(says.by, 1) },
      );
    }
    if (first !== null && second !== null && between !== null) {
      const minutes = minutesToGo({ first, second, minutes: between, target: out.at, heat });
      if (minutes === null) said.push({ code: 'calc.does-not-rise' });
      else
        figures.push(
          figureOf({
            label: { code: 'calc.minutes-to-go' },
            unit: 'minute',
            parts: [byFormula({ code: 'calc.the-curve' }, { code: 'calc.by-two-readings' }, minutes, 'minute')],
            estimate: true,
            notes: [{ code: 'calc.look-early' }],
          }),
        );
    }
    return answer({
      figures,
      limits: [
        'Measured in the middle of the thickest part, away from bone. The rise is our own rule of thumb: note what your pieces really did.',
        `Known without a probe by: ${degree.cue}. Rest: ${degree.rest}.`,
      ],
      sources: [
        own[donenessKey(foodKey, degreeKey)]
          ? 'The band this school has set; it says what is pleasant to eat, not what is safe'
          : 'Bands as commonly taught; they say what is pleasant to eat, not what is safe',
        'Rise after the heat: our own rule of thumb, 6 percent of the difference for each 10 cm',
        'Time to go: Newton’s law of heating through two readings',
      ],
      cautions: [
        ...said,
        ...(food.rule === null || degree.from >= ruleValue(food.rule, rules)
          ? [text('Colour is no proof, neither of done nor of safe: the probe is.')]
          : [
              {
                code: 'calc.below-its-rule' as const,
                from: at(degree.from),
                to: at(degree.to),
                need: at(ruleValue(food.rule, rules)),
                seconds: HELD[food.rule] ? ruleValue(HELD[food.rule]!, rules) : 0,
              },
            ]),
      ],
      rules: food.rule ? [food.rule] : [],
      step: {
        text: `Take out at ${plain(out.at, 0)} °C in the middle; rested it peaks at about ${plain(middle, 0)} °C, ${degree.name}.`,
        minutes: null,
        hands: 'on',
        celsius: Math.round(out.at),
        caution: 'The core is proved by thermometer; the local code and the responsible person decide.',
      },
    });
  },
};
