import { describe, expect, it } from 'vitest';
import { checkCooling, coolingLog, curveOf } from '../../src';

/*
 * A log of readings, worked out by hand beside the program.
 */

describe('the log of what cools', () => {
  const said = (readingId: string, food: string, time: string, celsius: number | null) => ({
    body: { readingId, food, celsius },
    at: `2026-11-13T${time}:00.000Z`,
  });

  it('keeps foods apart by name, readings in the order of their time, and what was said last of each', () => {
    const log = coolingLog([
      said('a', 'Vegetable stock', '10:50', 82),
      said('b', 'Barley', '10:30', 74),
      said('c', ' vegetable STOCK ', '13:25', 20),
      said('d', 'Vegetable stock', '11:15', 58),
      // Sent again by a device that had no answer: once. Mistyped, and taken back: not at all.
      said('d', 'Vegetable stock', '11:15', 58),
      said('e', 'Barley', '11:00', 310),
      said('e', 'Barley', '11:00', null),
    ]);
    expect(log.map(({ food, readings }) => [food, readings.map(({ body }) => body.celsius)])).toEqual([
      ['Barley', [74]],
      ['Vegetable stock', [82, 58, 20]],
    ]);
    expect(curveOf(log[1]!)).toEqual([
      { minutes: 0, celsius: 82 },
      { minutes: 25, celsius: 58 },
      { minutes: 155, celsius: 20 },
    ]);
  });

  it('of two readings of one food at the same moment takes the one that was said later, so that a curve can always be judged', () => {
    const log = coolingLog([said('a', 'Custard', '10:00', 80), said('b', 'Custard', '10:00', 79), said('c', 'Custard', '10:20', 41)]);
    expect(curveOf(log[0]!)).toEqual([
      { minutes: 0, celsius: 79 },
      { minutes: 20, celsius: 41 },
    ]);
    // 79 to 41 in 20 minutes: at 57 at the latest after 20, not yet at 21.
    expect(checkCooling(curveOf(log[0]!), {}).verdicts[0]).toMatchObject({ outcome: 'open' });
    expect(coolingLog([])).toEqual([]);
  });

  it('is late on the cautious count where nobody read it in time', () => {
    // 58 at 25 minutes, 20 at 155: at most 130 minutes, and nobody can say that it was more than none.
    const curve = curveOf({
      food: 'Stock',
      readings: [said('a', 'Stock', '10:50', 82), said('b', 'Stock', '11:15', 58), said('c', 'Stock', '13:25', 20)],
    });
    expect(checkCooling(curve, {}).verdicts[0]).toMatchObject({
      outcome: 'open',
      said: { code: 'cooling.late', cautious: 130, kind: 0, limit: 120 },
    });
  });
});
