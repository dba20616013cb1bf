import { practiceOf } from '../practice';
import type { Figure } from '../figure';
import { shownOf, text, words } from '../words';
import { checkCooling, ruleValue, type Reading } from '../rules';
import { byFormula, figureOf, numberOf, of, part, plain, share } from './figures';
import { answer, choice, number, refuse, type Calculator, type Given } from './types';

/** Minutes by thickness. @source times as commonly taught for thin, middling and thick pieces */
const BY_CUT: readonly (readonly [upTo: number, minutes: number, name: string])[] = [
  [20, 3, 'thin, up to 2 cm'],
  [40, 6, 'up to 4 cm'],
  [70, 10, 'up to 7 cm'],
  [Infinity, 15, 'a joint, above 7 cm'],
];

function byShare(given: Given): Figure[] {
  const cooked = given.number('cooked');
  const rest = (label: string, percent: number) =>
    figureOf({ label, unit: 'minute', parts: [part('Share of the cooking time', share(of(cooked, 'minute'), percent))], estimate: true });
  return [rest('Rest at least', 50), rest('Rest at most', 90)];
}

function byCut(given: Given): Figure[] {
  const thick = given.number('thick');
  const [, minutes, name] = BY_CUT.find(([upTo]) => thick <= upTo)!;
  return [
    figureOf({
      label: 'Rest',
      unit: 'minute',
      parts: [byFormula(name, `${plain(thick)} mm thick`, minutes, 'minute')],
      estimate: true,
    }),
  ];
}

/** The core rises until what it takes from the hot outside is spent: more in a thick piece, from a hotter oven. */
function byPeak(given: Given): Figure[] {
  const [thick, oven, core] = [given.number('thick'), given.number('oven'), given.number('core')];
  const rise = Math.min(8, (0.06 * thick * Math.max(0, oven - core)) / 100);
  const minutes = Math.min(40, 0.12 * thick + 1);
  return [
    figureOf({
      label: 'Core peaks at about',
      unit: 'celsius',
      parts: [
        of(core, 'celsius', 'Core when it leaves the heat'),
        byFormula('Carry-over', `${plain(thick)} mm × (${plain(oven)} − ${plain(core)}) × 0.0006, at most 8`, rise, 'celsius'),
      ],
      estimate: true,
      notes: ['Our own rule of thumb, about 1 °C in a thin piece and 3 to 6 °C in a thick one; the probe decides'],
    }),
    figureOf({
      label: 'Peak after about',
      unit: 'minute',
      parts: [byFormula('By thickness', `1 + ${plain(thick)} mm × 0.12`, minutes, 'minute')],
      estimate: true,
    }),
  ];
}

const WAYS = { share: byShare, 'by-cut': byCut, peaked: byPeak } as const;

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
        keys.length > 1 ? { ...figure, label: text(`${words(figure.label)} (${practiceOf('resting', key)!.name})`) } : figure,
      ),
    );
    const food = given.choice('food');
    if (food !== 'core-whole' && food !== 'core-poultry' && food !== 'core-game' && food !== 'core-pork')
      return refuse('food', 'There is no such food.', 'Choose one of the list.');
    const need = ruleValue(food, rules);
    const core = given.number('core');
    return answer({
      figures,
      limits: ['Loosely covered, on a rack, in a warm place; a crust softens under a tight cover.'],
      sources: ['Times as commonly taught; carry-over our own rule of thumb, to be checked by probe'],
      cautions: [
        core < need
          ? `The core was ${plain(core)} °C, the local rules ask for ${plain(need)} °C: carry-over may or may not get there. Measure at the peak.`
          : 'Measured at the thickest part, away from bone.',
      ],
      rules: [food, 'hot-holding', 'out-of-control'],
      practice: chosen
        ? `In force: ${practiceOf('resting', chosen)?.name ?? chosen}`
        : 'Nobody has chosen a practice for the school: all are shown.',
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
        return refuse(
          minutes === null ? `m${index}` : `t${index}`,
          'A reading needs its time and its temperature.',
          'Fill in both, or neither.',
        );
      if (minutes <= readings.at(-1)!.minutes)
        return refuse(`m${index}`, 'It is not after the reading before it.', 'Give minutes since the first reading.');
      readings.push({ minutes, celsius });
    }
    if (readings.length < 2) return refuse('t1', 'A curve needs at least two readings.', 'Give the second reading.');
    const check = checkCooling(readings, rules, given.number('around'));
    const figure = (label: string, minutes: number | null, how: string, estimate: boolean): Figure[] =>
      minutes === null ? [] : [figureOf({ label, unit: 'minute', parts: [byFormula('The curve', how, minutes, 'minute')], estimate })];
    const [start, middle, end] = [ruleValue('cooling-start', rules), ruleValue('cooling-middle', rules), ruleValue('cooling-end', rules)];
    return answer({
      figures: [
        ...figure(`From ${start} to ${middle} °C`, check.first, 'straight lines between readings', false),
        ...figure(`From ${start} to ${end} °C`, check.total, 'straight lines between readings', false),
        ...(check.total === null
          ? figure(`Expected at ${end} °C after`, check.expected, 'Newton’s law of cooling from the last two readings', true)
          : []),
      ],
      verdicts: check.verdicts,
      limits: ['Measured in the middle of the thickest part. A forecast holds while nothing is moved, stirred or covered.'],
      sources: ['Two stages of the local rules; Newton’s law of cooling for the forecast'],
      cautions: [
        'Shallow, uncovered, in ice or moving air until cold, then covered and labelled. What missed a stage is not rescued by chilling on.',
      ],
      rules: ['cooling-first', 'cooling-total'],
      step: {
        text: `Cool in shallow trays in iced water; probe it: ${middle} °C within ${ruleValue('cooling-first', rules)} min, ${end} °C within ${ruleValue('cooling-total', rules)} min.`,
        minutes: check.expected === null ? null : Math.round(check.expected),
        hands: 'off',
        caution: 'Cooling is counted by the local rules; the responsible person decides.',
      },
    });
  },
};
