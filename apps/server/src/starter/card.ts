import type { Cue, TechniqueCard } from '@pelvo/core';

/** A card as written in the starter material; faults as `see | cause | correction`, cues as `sense: text`. */
export interface WrittenCard extends Omit<TechniqueCard, 'faults' | 'cues'> {
  readonly cues: readonly `${Cue['sense']}: ${string}`[];
  readonly faults: Readonly<Record<string, `${string} | ${string} | ${string}`>>;
}

/** The card as stored. @throws Error when a fault or cue is not written in full */
export function toCard({ cues, faults, ...card }: WrittenCard): TechniqueCard {
  return {
    ...card,
    cues: cues.map((cue) => {
      const [sense, ...text] = cue.split(': ');
      return { sense: sense as Cue['sense'], text: text.join(': ') };
    }),
    faults: Object.entries(faults).map(([key, written]) => {
      const [see, cause, correction] = written.split(' | ');
      if (!see || !cause || !correction) throw new Error(`Fault "${key}" of "${card.name}" is not written in full`);
      return { key, see, cause, correction };
    }),
  };
}
