/** What a temperature is of. Only ovens have fan settings and gas marks. */
export const HEATED = ['oven', 'fat', 'sugar', 'liquid', 'bath', 'surface', 'core'] as const;
export type Heated = (typeof HEATED)[number];

export const HEATED_NAMES: Readonly<Record<Heated, string>> = {
  oven: 'oven',
  fat: 'frying fat',
  sugar: 'sugar or syrup',
  liquid: 'liquid',
  bath: 'water bath',
  surface: 'pan or plate',
  core: 'core',
};

/** A temperature in the ways cooks set it. */
export interface TemperatureWays {
  readonly celsius: number;
  readonly fahrenheit: number;
  /** Fan oven, 20 degrees below a still one, the usual conversion of oven makers; null for what is no oven. */
  readonly fan: number | null;
  /** Gas mark, or null outside the marks and for what is no oven. */
  readonly gas: string | null;
}

/**
 * Gas marks with the degrees Celsius and Fahrenheit that stand beside them.
 * @source the table printed in British recipe books and on British gas ovens, mark 1 is 275 °F, each mark 25 °F more; Celsius rounded to tens
 */
export const GAS_MARKS: readonly (readonly [celsius: number, fahrenheit: number, mark: string])[] = [
  [110, 225, '¼'],
  [120, 250, '½'],
  [140, 275, '1'],
  [150, 300, '2'],
  [160, 325, '3'],
  [180, 350, '4'],
  [190, 375, '5'],
  [200, 400, '6'],
  [220, 425, '7'],
  [230, 450, '8'],
  [240, 475, '9'],
];

/** Farther than this from a mark, an oven is between marks and none is named. */
const NEAR_MARK = 5;

/**
 * A temperature in every way it is set. An oven on a mark takes that row of the table, so that it converts there and back; other ovens
 * are shown in Fahrenheit to the nearest five, as dials are marked; everything else to the degree.
 *
 * @example temperatureWays(180, 'oven') // { celsius: 180, fahrenheit: 350, fan: 160, gas: '4' }
 * @example temperatureWays(100, 'liquid').fahrenheit // 212
 */
export function temperatureWays(celsius: number, heats: Heated = 'oven'): TemperatureWays {
  const exactF = (celsius * 9) / 5 + 32;
  if (heats !== 'oven') return { celsius, fahrenheit: Math.round(exactF), fan: null, gas: null };
  const nearest = GAS_MARKS.reduce((best, mark) => (Math.abs(mark[0] - celsius) < Math.abs(best[0] - celsius) ? mark : best));
  const on = nearest[0] === celsius;
  return {
    celsius,
    fahrenheit: on ? nearest[1] : Math.round(exactF / 5) * 5,
    fan: celsius - 20,
    gas: Math.abs(nearest[0] - celsius) <= NEAR_MARK ? nearest[2] : null,
  };
}

/** Degrees Celsius of degrees Fahrenheit: on a gas mark's row of the table for ovens, else to the degree. */
export function celsiusOf(fahrenheit: number, heats: Heated = 'liquid'): number {
  const mark = heats === 'oven' ? GAS_MARKS.find(([, f]) => f === fahrenheit) : undefined;
  return mark ? mark[0] : Math.round(((fahrenheit - 32) * 5) / 9);
}

/**
 * The temperature at which water boils at a height above the sea.
 *
 * @param metres - up to 5,000
 * @source the barometric formula of the International Standard Atmosphere (ISO 2533) for the pressure, the Antoine equation for water
 *   (A = 8.07131, B = 1730.63, C = 233.426, mmHg and °C) for its boiling point
 * @example boilingPoint(0) // 100
 * @example boilingPoint(1600) // 94.7
 */
export function boilingPoint(metres: number): number {
  const pressure = 760 * (1 - (0.0065 * metres) / 288.15) ** 5.25588;
  return Math.round((1730.63 / (8.07131 - Math.log10(pressure)) - 233.426) * 10) / 10;
}

/** Words that say a temperature is that of the middle of the food; to be replaced, all of them. */
export const CORE_WORDS = /\b(?:core|internal temperature|probe|in the (?:centre|thickest part))\b/gi;

const MEDIA: readonly (readonly [RegExp, Heated])[] = [
  [new RegExp(CORE_WORDS.source, 'i'), 'core'],
  [/\b(?:water bath|sous[- ]vide|circulator)\b/i, 'bath'],
  [/\b(?:caramel|soft ball|hard ball|hard crack|soft crack|syrup|sugar (?:reaches|to|at)|boil(?:ed)? sugar)\b/i, 'sugar'],
  [
    /\b(?:deep[- ]?fr(?:y|ied)|fr(?:y|ying) (?:in|at)|hot oil|hot fat|heat (?:the )?(?:oil|fat)|oil (?:to|at|reaches)|fat (?:to|at|reaches)|fryer)\b/i,
    'fat',
  ],
  [/\b(?:oven|bake|baking|roast|gas mark|fan)\b/i, 'oven'],
  [/\b(?:griddle|hot plate|plancha|flat top|pan (?:to|at)|surface)\b/i, 'surface'],
  [/\b(?:simmer|poach|boil|water|stock|milk|liquid|steep|infuse|custard|scald)\b/i, 'liquid'],
];

/** What a written temperature is of, by the words around it; an oven where they do not say. */
export const heatedIn = (text: string): Heated => MEDIA.find(([words]) => words.test(text))?.[1] ?? 'oven';

/**
 * Degrees Celsius from a written temperature: `180C`, `350°F`, `gas mark 4`; null when there is none.
 *
 * @param heats - what it is of, where the words around it do not say
 */
export function celsiusIn(text: string, heats: Heated = heatedIn(text)): number | null {
  const gas = /\bgas(?:\s+mark)?\s*([1-9]|¼|½|1\/4|1\/2)(?![\d/])/i.exec(text);
  const degrees = /(-?\d{1,3}(?:\.\d)?)\s*(?:°|º|degrees?\s*)?\s*(celsius|fahrenheit|c|f)\b/i.exec(text);
  if (degrees) {
    const value = Number(degrees[1]);
    return /^c/i.test(degrees[2]!) ? value : celsiusOf(value, heats);
  }
  if (!gas) return null;
  const mark = gas[1]!.replace('1/4', '¼').replace('1/2', '½');
  return GAS_MARKS.find(([, , name]) => name === mark)?.[0] ?? null;
}
