/** A measuring instrument that a school has at hand: what it measures in, and how finely. */
export interface Instrument {
  readonly name: string;
  readonly unit: InstrumentUnit;
  /** The least difference it shows, in its unit. */
  readonly resolution: number;
}

/** One reading of an instrument. */
export interface InstrumentReading {
  readonly name: string;
  readonly value: number;
  readonly unit: InstrumentUnit;
  /** False while the figure still moves: a scale that swings, a probe that has not come to rest. */
  readonly steady: boolean;
}

/** Units instruments measure in, and from what to what a reading can be believed. Beyond stands a broken line or a broken instrument. */
const BELIEVED = { mm: [0, 1000], g: [-50, 60_000], '°C': [-60, 400] } as const;
export type InstrumentUnit = keyof typeof BELIEVED;

/** What one line of an instrument says; `nonsense` where it says nothing that can be read. */
export type InstrumentSaid =
  | ({ readonly kind: 'instrument' } & Instrument)
  | ({ readonly kind: 'value' } & InstrumentReading)
  /** It has nothing to show: closed, empty, without contact. */
  | { readonly kind: 'none'; readonly name: string }
  | { readonly kind: 'unknown'; readonly name: string }
  | { readonly kind: 'end' }
  | { readonly kind: 'nonsense' };

const NAME = '[a-z][a-z0-9-]{0,23}';
const FIGURE = '-?\\d{1,6}(?:\\.\\d{1,4})?';
const UNIT = '(?:mm|g|°C)';
const INSTRUMENT = new RegExp(`^INSTRUMENT (${NAME}) (${UNIT}) (${FIGURE})$`);
const VALUE = new RegExp(`^VALUE (${NAME}) (${FIGURE}) (${UNIT}) (STEADY|MOVING)$`);
const NONE = new RegExp(`^NONE (${NAME})$`);
const UNKNOWN = new RegExp(`^UNKNOWN (${NAME})$`);

/** The longest line of the protocol, in characters. */
export const LONGEST_INSTRUMENT_LINE = 80;

/**
 * Reads one line of the instrument protocol; see `docs/formats/instruments.md`. A line that is broken, too long or not to be believed is
 * nonsense, never a figure.
 *
 * @example instrumentSaid('VALUE calliper 5.03 mm STEADY') // { kind: 'value', name: 'calliper', value: 5.03, unit: 'mm', steady: true }
 * @example instrumentSaid('VALUE calliper 5.0?3 mm STEADY') // { kind: 'nonsense' }
 */
export function instrumentSaid(line: string): InstrumentSaid {
  if (line.length > LONGEST_INSTRUMENT_LINE) return { kind: 'nonsense' };
  const text = line.replace(/\r$/, '');
  if (text === 'END') return { kind: 'end' };
  const none = NONE.exec(text);
  if (none) return { kind: 'none', name: none[1]! };
  const unknown = UNKNOWN.exec(text);
  if (unknown) return { kind: 'unknown', name: unknown[1]! };
  const instrument = INSTRUMENT.exec(text);
  if (instrument) {
    const resolution = Number(instrument[3]);
    return resolution > 0
      ? { kind: 'instrument', name: instrument[1]!, unit: instrument[2] as InstrumentUnit, resolution }
      : { kind: 'nonsense' };
  }
  const value = VALUE.exec(text);
  if (!value) return { kind: 'nonsense' };
  const [figure, unit] = [Number(value[2]), value[3] as InstrumentUnit];
  const [least, most] = BELIEVED[unit];
  return figure >= least && figure <= most
    ? { kind: 'value', name: value[1]!, value: figure, unit, steady: value[4] === 'STEADY' }
    : { kind: 'nonsense' };
}

/** Whether a text can be the name of an instrument, so that it can be asked for. */
export const isInstrumentName = (name: string): boolean => new RegExp(`^${NAME}$`).test(name);
