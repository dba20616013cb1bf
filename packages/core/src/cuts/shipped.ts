import { newKey } from '../technique/newKey';
import type { Cut, CutSet, CutShape } from './types';

const cut = (
  name: string,
  shape: CutShape,
  [thickness, width, length]: readonly [number, number, number],
  [tolerance, lengthTolerance]: readonly [number, number],
): Cut => ({
  key: newKey(name, []),
  name,
  shape,
  thickness,
  width,
  length,
  tolerance,
  lengthTolerance,
});

/**
 * Sets that ship. Sizes as commonly taught; schools differ by a millimetre or more, which is why every set can be edited.
 * Tolerances are our own: a quarter of the nominal size, at least half a millimetre.
 *
 * @source sizes taught in professional cookery courses of each tradition; tolerances our own
 */
export const SHIPPED_CUT_SETS: readonly CutSet[] = [
  {
    name: 'French kitchen, metric',
    about: 'Names of the classical French kitchen in round millimetres, as European colleges commonly teach them.',
    cuts: [
      cut('Brunoise', 'cube', [2, 2, 2], [0.5, 0.5]),
      cut('Small dice', 'cube', [5, 5, 5], [1, 1]),
      cut('Large dice', 'cube', [15, 15, 15], [3, 3]),
      cut('Julienne', 'stick', [2, 2, 50], [0.5, 8]),
      cut('Jardinière', 'stick', [5, 5, 20], [1, 4]),
      cut('Bâtonnet', 'stick', [8, 8, 50], [2, 8]),
      cut('Paysanne', 'slice', [2, 12, 12], [0.5, 2]),
      cut('Chiffonade', 'shred', [1, 3, 60], [0.75, 20]),
      cut('Rounds', 'round', [3, 25, 25], [0.75, 8]),
    ],
  },
  {
    name: 'Inch-based kitchen',
    about: 'Sizes taught in inches: an eighth for julienne, a quarter for sticks and small dice, and so on, in millimetres.',
    cuts: [
      cut('Fine brunoise', 'cube', [1.6, 1.6, 1.6], [0.5, 0.5]),
      cut('Brunoise', 'cube', [3.2, 3.2, 3.2], [0.8, 0.8]),
      cut('Small dice', 'cube', [6.4, 6.4, 6.4], [1.5, 1.5]),
      cut('Medium dice', 'cube', [12.7, 12.7, 12.7], [3, 3]),
      cut('Large dice', 'cube', [19, 19, 19], [4, 4]),
      cut('Fine julienne', 'stick', [1.6, 1.6, 50], [0.5, 10]),
      cut('Julienne', 'stick', [3.2, 3.2, 50], [0.8, 10]),
      cut('Batonnet', 'stick', [6.4, 6.4, 64], [1.5, 10]),
      cut('Rounds', 'round', [3.2, 25, 25], [0.8, 8]),
    ],
  },
  {
    name: 'Japanese kitchen',
    about: 'Names of the Japanese kitchen with sizes as commonly taught: hail, dice, shreds, strips and clappers.',
    cuts: [
      cut('Arare', 'cube', [5, 5, 5], [1, 1]),
      cut('Sainome', 'cube', [10, 10, 10], [2, 2]),
      cut('Sengiri', 'shred', [1, 1, 50], [0.5, 10]),
      cut('Hosogiri', 'stick', [3, 3, 50], [0.75, 10]),
      cut('Hyoshigi', 'stick', [10, 10, 45], [2, 6]),
      cut('Tanzaku', 'slice', [1.5, 10, 45], [0.5, 6]),
      cut('Irogami', 'slice', [2, 25, 25], [0.5, 4]),
      cut('Wagiri', 'round', [5, 30, 30], [1, 8]),
    ],
  },
];
