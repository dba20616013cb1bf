/** An oven or liquid temperature in the ways cooks set it. */
export interface TemperatureWays {
  readonly celsius: number;
  readonly fahrenheit: number;
  /** Fan oven, 20 degrees below a still one, the usual conversion of oven makers. */
  readonly fan: number;
  /** Gas mark, or null outside the marks. */
  readonly gas: string | null;
}

/** Gas marks by degrees Celsius, as printed on British ovens and in British recipe tables. */
const GAS: readonly (readonly [number, string])[] = [
  [110, '¼'],
  [130, '½'],
  [140, '1'],
  [150, '2'],
  [170, '3'],
  [180, '4'],
  [190, '5'],
  [200, '6'],
  [220, '7'],
  [230, '8'],
  [240, '9'],
];

/** A temperature in every way it is set. Fahrenheit to the nearest five for ovens, as dials are marked. */
export function temperatureWays(celsius: number): TemperatureWays {
  const exactF = (celsius * 9) / 5 + 32;
  const nearest = GAS.reduce((best, mark) => (Math.abs(mark[0] - celsius) < Math.abs(best[0] - celsius) ? mark : best));
  return {
    celsius,
    fahrenheit: celsius >= 100 ? Math.round(exactF / 5) * 5 : Math.round(exactF),
    fan: celsius - 20,
    gas: Math.abs(nearest[0] - celsius) <= 7 ? nearest[1] : null,
  };
}

/** Degrees Celsius from a written temperature: `180C`, `350°F`, `gas mark 4`; null when there is none. */
export function celsiusIn(text: string): number | null {
  const gas = /\bgas(?:\s+mark)?\s*([1-9]|¼|½|1\/4|1\/2)(?![\d/])/i.exec(text);
  const degrees = /(-?\d{1,3}(?:\.\d)?)\s*(?:°|º|degrees?\s*)?\s*(celsius|fahrenheit|c|f)\b/i.exec(text);
  if (degrees) {
    const value = Number(degrees[1]);
    return /^c/i.test(degrees[2]!) ? value : Math.round(((value - 32) * 5) / 9);
  }
  if (!gas) return null;
  const mark = gas[1]!.replace('1/4', '¼').replace('1/2', '½');
  return GAS.find(([, name]) => name === mark)?.[0] ?? null;
}
