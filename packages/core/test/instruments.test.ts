import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { instrumentSaid, isInstrumentName } from '../src';

describe('a line of the instrument protocol', () => {
  it.each([
    ['VALUE calliper 5.03 mm STEADY', { kind: 'value', name: 'calliper', value: 5.03, unit: 'mm', steady: true }],
    ['VALUE probe -18.4 °C MOVING\r', { kind: 'value', name: 'probe', value: -18.4, unit: '°C', steady: false }],
    ['VALUE scale-2 140 g STEADY', { kind: 'value', name: 'scale-2', value: 140, unit: 'g', steady: true }],
    ['INSTRUMENT calliper mm 0.01', { kind: 'instrument', name: 'calliper', unit: 'mm', resolution: 0.01 }],
    ['NONE calliper', { kind: 'none', name: 'calliper' }],
    ['UNKNOWN ladle', { kind: 'unknown', name: 'ladle' }],
    ['END', { kind: 'end' }],
    // Broken on the way, beyond belief, or of another unit: never a figure.
    ['VALUE calliper 5.?03 mm STEADY', { kind: 'nonsense' }],
    ['VALUE calliper 5,03 mm STEADY', { kind: 'nonsense' }],
    ['VALUE calliper 5.03 mm', { kind: 'nonsense' }],
    ['VALUE calliper 5.03 inch STEADY', { kind: 'nonsense' }],
    ['VALUE calliper 99999 mm STEADY', { kind: 'nonsense' }],
    ['VALUE probe 500 °C STEADY', { kind: 'nonsense' }],
    ['VALUE probe -300 °C STEADY', { kind: 'nonsense' }],
    ['VALUE calliper 5e3 mm STEADY', { kind: 'nonsense' }],
    ['VALUE calliper NaN mm STEADY', { kind: 'nonsense' }],
    ['value calliper 5.03 mm steady', { kind: 'nonsense' }],
    ['VALUE calliper 5.03 mm STEADY VALUE calliper 9 mm STEADY', { kind: 'nonsense' }],
    ['INSTRUMENT calliper mm 0', { kind: 'nonsense' }],
    [`NONE ${'a'.repeat(200)}`, { kind: 'nonsense' }],
    ['', { kind: 'nonsense' }],
  ])('%j', (line, said) => {
    expect(instrumentSaid(line)).toEqual(said);
  });

  it('gives a figure only for a whole line, whatever comes', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 120 }), (line) => {
        const said = instrumentSaid(line);
        if (said.kind === 'value') expect(line).toMatch(/^VALUE \S+ -?\d/);
      }),
    );
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 28 }), fc.string({ minLength: 1, maxLength: 3 }), (at, more) => {
        const whole = 'VALUE calliper 5.03 mm STEADY';
        const said = instrumentSaid(whole.slice(0, at) + more + whole.slice(at));
        // A further digit cannot be told from a longer figure; anything else is nonsense or another name.
        if (said.kind === 'value' && said.value !== 5.03) expect(more).toMatch(/^[-\d.]+$/);
      }),
    );
  });

  it('knows what can be a name', () => {
    expect(['calliper', 'scale-2', '', 'Calliper', 'a b', '../x', 'é'].map(isInstrumentName)).toEqual([
      true,
      true,
      false,
      false,
      false,
      false,
      false,
    ]);
  });
});
