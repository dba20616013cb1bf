import type { Criterion, TechniqueCard } from '@pelvo/core';

/** Faults of the named cards, `technique: fault, fault`, as a criterion carries them. */
export const faultsFrom =
  (cards: readonly TechniqueCard[]) =>
  (...picks: readonly string[]): Criterion['faults'] =>
    picks.flatMap((pick) => {
      const [technique = '', keys = ''] = pick.split(': ');
      const card = cards.find(({ name }) => name === technique);
      return keys.split(', ').map((key) => {
        const fault = card?.faults.find((candidate) => candidate.key === key);
        if (!fault) throw new Error(`No fault "${key}" on the card "${technique}"`);
        return { ...fault, technique };
      });
    });

/** Danger at the board caps any dish, whatever it is. */
export const safeKnife = (faultsOf: ReturnType<typeof faultsFrom>): Criterion => ({
  kind: 'critical',
  key: 'safe-knife',
  name: 'Safe with the knife',
  strand: 'knife',
  evidence: 'seen',
  cap: 40,
  met: 'Fingertips behind the knuckles, board secured, knife carried and laid down safely, or corrected at the first word.',
  notMet: 'A dangerous grip or a sliding board went on after it was pointed out.',
  faults: faultsOf('Grip, guide hand and board: flat-fingers, board-slides'),
});
