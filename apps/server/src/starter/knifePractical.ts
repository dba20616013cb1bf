import { PASS_LEVEL, type RubricContent, type TechniqueCard } from '@pelvo/core';
import { faultsFrom, safeKnife } from './criteria';

/**
 * A rubric for a knife practical: what is cut is measured piece by piece, and how the work is done counts beside it. Sizes, weights and
 * levels are ours; every school sets its own.
 *
 * @param cards - the cards whose faults its criteria carry
 * @throws Error when a fault it names is on none of them
 */
export function knifePractical(cards: readonly TechniqueCard[]): RubricContent {
  const faultsOf = faultsFrom(cards);
  return {
    name: 'Knife practical',
    passAt: PASS_LEVEL,
    strandWeights: { knife: 70, cooking: 0, plating: 0, process: 30 },
    levelShares: [0.25, 0.5, 0.75, 1],
    criteria: [
      safeKnife(faultsOf),
      {
        kind: 'measured',
        key: 'fine-dice',
        name: 'Fine dice',
        strand: 'knife',
        evidence: 'measured',
        weight: 3,
        target: { unit: 'mm', sizes: [{ name: 'side', least: 2, most: 4 }], pieces: 10, shares: [0.4, 0.7, 0.9] },
        faults: faultsOf('Fine dice: brick, mixed-dice'),
      },
      {
        kind: 'measured',
        key: 'julienne',
        name: 'Julienne',
        strand: 'knife',
        evidence: 'measured',
        weight: 3,
        target: {
          unit: 'mm',
          sizes: [
            { name: 'length', least: 40, most: 50 },
            { name: 'thickness', least: 2, most: 3 },
          ],
          pieces: 10,
          shares: [0.4, 0.7, 0.9],
        },
        faults: faultsOf('Julienne: mixed-width, wedge'),
      },
      {
        kind: 'measured',
        key: 'trim-left',
        name: 'Trim that is of no use',
        strand: 'knife',
        evidence: 'measured',
        weight: 1,
        target: { unit: 'g', sizes: [{ name: 'trim', least: 0, most: 60 }], pieces: 1, shares: [1, 1, 1] },
        faults: faultsOf('Julienne: trim-waste'),
      },
      {
        kind: 'counted',
        key: 'boards-missed',
        name: 'Change of board, knife and cloth',
        strand: 'process',
        evidence: 'seen',
        weight: 2,
        counts: 'changes missed',
        most: [0, 1, 2],
        faults: [],
      },
      {
        kind: 'ladder',
        key: 'station',
        name: 'Order of the station',
        strand: 'process',
        evidence: 'seen',
        weight: 2,
        stages: [
          { name: 'Trim, tools and cuts lie among each other.', share: 0.25 },
          { name: 'Cleared when told.', share: 0.5 },
          { name: 'Cleared by itself after each cut.', share: 0.75 },
          { name: 'Clear at every look, trim parted by its use.', share: 1 },
        ],
        faults: [],
      },
      {
        kind: 'measured',
        key: 'time',
        name: 'Time against the window',
        strand: 'process',
        evidence: 'measured',
        weight: 1,
        target: { unit: 'min late', sizes: [{ name: 'late', least: -60, most: 0 }], pieces: 1, shares: [1, 1, 1] },
        faults: [],
      },
    ],
  };
}
