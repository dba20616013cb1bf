import { exact } from '../exact';
import { measure, type Figure } from '../figure';
import { shownOf, text, words, type Said } from '../words';
import { MOST_RISE, riseOf } from '../doneness';
import { checkCooling, HELD, ruleValue, type Forecast, type LocalRules, type Reading, type RuleKey } from '../rules';
import { byFormula, figureOf, numberOf, of, part, share } from './figures';
import { answer, choice, number, refuse, type Calculator, type Given } from './types';

/** Minutes by thickness. @source times as commonly taught for thin, middling and thick pieces */
const BY_CUT: readonly (readonly [upTo: number, minutes: number, name: string])[] = [
  [20, 3, 'thin, up to 2 cm'],
  [40, 6, 'up to 4 cm'],
  [70, 10, 'up to 7 cm'],
  [Infinity, 15, 'a joint, above 7 cm'],
];

function byShares(given: Given, [least, most]: readonly [number, number]): Figure[] {
  const cooked = given.number('cooked');
  const rest = (label: Said, percent: number) =>
    figureOf({
      label,
      unit: 'minute',
      parts: [part({ code: 'calc.share-of-cooking' }, share(of(cooked, 'minute'), percent))],
      estimate: true,
    });
  return [rest({ code: 'calc.rest-least' }, least), rest({ code: 'calc.rest-most' }, most)];
}

/** Half the time it cooked, up to nearly all of it. @source as commonly taught */
const byShare = (given: Given) => byShares(given, [50, 90]);
/** Longer than it cooked. @source as taught for large pieces from a moderate heat */
const byLonger = (given: Given) => byShares(given, [100, 125]);

function byCut(given: Given): Figure[] {
  const thick = given.number('thick');
  const [, minutes, name] = BY_CUT.find(([upTo]) => thick <= upTo)!;
  return [
    figureOf({
      label: { code: 'calc.rest' },
      unit: 'minute',
      parts: [byFormula({ code: 'calc.named', name }, { code: 'calc.so-thick', thick: measure(thick, 'millimetre') }, minutes, 'minute')],
      estimate: true,
    }),
  ];
}

const carriedOver = (given: Given): number => riseOf(given.number('core'), { thick: given.number('thick'), heat: given.number('oven') });

/** What the peak that is to be expected means for the rule of the food. A peak is a moment: it meets no rule that asks for a time. */
function aboutPeak(food: RuleKey, given: Given, rules: LocalRules): Said {
  const [core, need] = [given.number('core'), ruleValue(food, rules)];
  const peak = core + carriedOver(given);
  const held = HELD[food];
  const values = {
    peak: measure(Number(peak.toFixed(1)), 'celsius'),
    need: measure(need, 'celsius'),
    seconds: held ? ruleValue(held, rules) : 0,
  };
  if (core >= need) return { code: 'calc.measure-thickest' };
  return peak < need ? { code: 'calc.will-not-reach', ...values } : { code: 'calc.peak-is-a-moment', ...values };
}

/** The core rises until what it takes from the hot outside is spent: more in a thick piece, from a hotter oven. */
function byPeak(given: Given): Figure[] {
  const [thick, oven, core] = [given.number('thick'), given.number('oven'), given.number('core')];
  const rise = carriedOver(given);
  const minutes = Math.min(40, 0.12 * thick + 1);
  const mm = measure(thick, 'millimetre');
  return [
    figureOf({
      label: { code: 'calc.core-peaks' },
      unit: 'celsius',
      parts: [
        of(core, 'celsius', { code: 'calc.core-out' }),
        byFormula(
          { code: 'calc.carry-over' },
          { code: 'calc.carry-over-by', thick: mm, oven: measure(oven, 'celsius'), core: measure(core, 'celsius'), most: MOST_RISE },
          rise,
          'celsius',
        ),
      ],
      estimate: true,
      notes: [{ code: 'calc.carry-over-rule' }],
    }),
    figureOf({
      label: { code: 'calc.peak-after' },
      unit: 'minute',
      parts: [byFormula({ code: 'calc.by-thickness' }, { code: 'calc.peak-by', thick: mm }, minutes, 'minute')],
      estimate: true,
    }),
  ];
}

const WAYS = { share: byShare, 'by-cut': byCut, longer: byLonger, peaked: byPeak } as const;

/** Whole minutes of the first figure that is a time; null when there is none. */
function minutesOf(figures: readonly Figure[]): number | null {
  const time = figures.find(({ value }) => value.unit === 'minute');
  return time ? Math.round(numberOf(time)) || null : null;
}

/** Resting time by the practice in force; by each of them where nobody has chosen. */
export const resting: Calculator = {
  name: 'Resting time',
  asks: 'How long does it rest, by the practice in force?',
  inputs: () => [
    number('cooked', 'It cooked for', 'min', [1, 600, 20]),
    number('thick', 'At its thickest', 'mm', [5, 250, 40]),
    number('core', 'Core when it left the heat', '°C', [20, 100, 56]),
    number('oven', 'Oven or pan', '°C', [50, 300, 180]),
    choice(
      'food',
      'It is',
      { 'core-whole': 'a whole cut', 'core-poultry': 'poultry', 'core-game': 'game', 'core-pork': 'pork' },
      'core-whole',
    ),
  ],
  compute: (given, { practices, rules }) => {
    const chosen = practices.resting;
    const keys = chosen && chosen in WAYS ? [chosen as keyof typeof WAYS] : (Object.keys(WAYS) as (keyof typeof WAYS)[]);
    const figures = keys.flatMap((key) =>
      WAYS[key](given).map((figure) =>
        keys.length > 1
          ? { ...figure, label: { code: 'by-practice' as const, figure: figure.label, matter: 'resting' as const, practice: key } }
          : figure,
      ),
    );
    const food = given.choice('food');
    if (food !== 'core-whole' && food !== 'core-poultry' && food !== 'core-game' && food !== 'core-pork')
      return refuse('food', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    return answer({
      figures,
      limits: ['Loosely covered, on a rack, in a warm place; a crust softens under a tight cover.'],
      sources: ['Times as commonly taught; carry-over our own rule of thumb, to be checked by probe'],
      cautions: [
        aboutPeak(food, given, rules),
        ...figures
          .filter(({ value }) => value.unit === 'minute' && exact(value.value).compare(ruleValue('out-of-control', rules)) > 0)
          .map(({ value }): Said => ({
            code: 'calc.rests-too-long',
            minutes: value,
            most: measure(ruleValue('out-of-control', rules), 'minute'),
          })),
        {
          code: 'calc.rest-counts',
          most: measure(ruleValue('out-of-control', rules), 'minute'),
          warm: measure(ruleValue('hot-holding', rules), 'celsius'),
        },
      ],
      rules: [food, 'hot-holding', 'out-of-control'],
      practice: chosen ? { code: 'practice-in-force', matter: 'resting', practice: chosen } : { code: 'practice-open', matter: 'resting' },
      step:
        keys.length === 1
          ? {
              text: `Rest on a rack, loosely covered: ${figures.map((figure) => `${words(figure.label).toLowerCase()} ${shownOf(figure)}`).join(', ')}.`,
              minutes: minutesOf(figures),
              hands: 'off',
            }
          : null,
    });
  },
};

/** A cooling curve of up to six readings, checked against the local rules. */
export const cooling: Calculator = {
  name: 'Cooling check',
  asks: 'Does this chill meet the local rules, and will it in time?',
  inputs: () => [
    number('t0', 'First reading', '°C', [-5, 110, 85], 'at 0 minutes'),
    number('m1', 'Second reading after', 'min', [1, 1440, 30]),
    number('t1', 'Second reading', '°C', [-5, 110, 52]),
    number('m2', 'Third reading after', 'min', [1, 1440]),
    number('t2', 'Third reading', '°C', [-5, 110]),
    number('m3', 'Fourth reading after', 'min', [1, 1440]),
    number('t3', 'Fourth reading', '°C', [-5, 110]),
    number('around', 'It cools in', '°C', [-30, 30, 3], 'air or iced water'),
  ],
  compute: (given, { rules }) => {
    const readings: Reading[] = [{ minutes: 0, celsius: given.number('t0') }];
    for (const index of [1, 2, 3]) {
      const [minutes, celsius] = [given.optional(`m${index}`), given.optional(`t${index}`)];
      if (minutes === null && celsius === null) continue;
      if (minutes === null || celsius === null)
        return refuse(minutes === null ? `m${index}` : `t${index}`, { code: 'no.half-a-reading' }, { code: 'do.both-or-neither' });
      if (minutes <= readings.at(-1)!.minutes) return refuse(`m${index}`, { code: 'no.not-after' }, { code: 'do.minutes-since-first' });
      readings.push({ minutes, celsius });
    }
    if (readings.length < 2) return refuse('t1', { code: 'no.one-reading' }, { code: 'do.second-reading' });
    const at = (celsius: number) => measure(celsius, 'celsius');
    const check = checkCooling(readings, rules, given.number('around'));
    const figure = (label: Said, minutes: number | null, how: Said, estimate: boolean): Figure[] =>
      minutes === null
        ? []
        : [figureOf({ label, unit: 'minute', parts: [byFormula({ code: 'calc.the-curve' }, how, minutes, 'minute')], estimate })];
    const forecast = (celsius: number, told: Forecast | null): Figure[] =>
      told === null
        ? []
        : figure({ code: 'calc.expected-at', at: at(celsius) }, told.minutes, { code: 'calc.newton' }, true).map((each) => ({
            ...each,
            notes: told.between
              ? [
                  {
                    code: 'calc.forecast-between' as const,
                    from: measure(told.between[0], 'minute'),
                    to: measure(told.between[1], 'minute'),
                  },
                ]
              : [{ code: 'calc.forecast-of-two' as const }],
          }));
    const [start, middle, end] = [ruleValue('cooling-start', rules), ruleValue('cooling-middle', rules), ruleValue('cooling-end', rules)];
    return answer({
      figures: [
        ...figure({ code: 'calc.from-to', from: at(start), to: at(middle) }, check.first, { code: 'calc.straight-lines' }, false),
        ...figure({ code: 'calc.from-to', from: at(start), to: at(end) }, check.total, { code: 'calc.straight-lines' }, false),
        ...forecast(middle, check.forecast.middle),
        ...(end === middle ? [] : forecast(end, check.forecast.end)),
      ],
      verdicts: check.verdicts,
      limits: ['Measured in the middle of the thickest part. A forecast holds while nothing is moved, stirred or covered.'],
      sources: ['Two stages of the local rules; Newton’s law of cooling for the forecast'],
      cautions: [
        text(
          'Shallow, uncovered, in ice or moving air until cold, then covered and labelled. What missed a stage is not rescued by chilling on.',
        ),
      ],
      rules: ['cooling-first', 'cooling-total'],
      step: {
        text: `Cool in shallow trays in iced water; probe it: ${middle} °C within ${ruleValue('cooling-first', rules)} min, ${end} °C within ${ruleValue('cooling-total', rules)} min.`,
        minutes: check.forecast.end === null ? null : Math.round(check.forecast.end.minutes),
        hands: 'off',
        caution: 'Cooling is counted by the local rules; the responsible person decides.',
      },
    });
  },
};
