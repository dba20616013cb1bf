/** The three strands of practical work. */
export const STRANDS = ['knife', 'cooking', 'plating'] as const;
export type Strand = (typeof STRANDS)[number];

export const STRAND_NAMES: Readonly<Record<Strand, string>> = {
  knife: 'Knife work',
  cooking: 'Cooking',
  plating: 'Plating',
};

export interface Fault {
  readonly key: string;
  /** What is seen on the board or the plate. */
  readonly see: string;
  readonly cause: string;
  readonly correction: string;
}

export interface Cue {
  readonly sense: 'see' | 'hear' | 'smell' | 'feel' | 'taste' | 'measure';
  readonly text: string;
}

/** What a technique card teaches. */
export interface TechniqueCard {
  readonly name: string;
  readonly strand: Strand;
  readonly purpose: string;
  readonly tools: readonly string[];
  readonly steps: readonly string[];
  readonly criticalPoints: readonly string[];
  readonly cues: readonly Cue[];
  readonly faults: readonly Fault[];
  readonly cautions: readonly string[];
  /** Words in a method step that point to this technique: "blanch", "sweat". */
  readonly words: readonly string[];
}

/**
 * Techniques a method step seems to exercise, by the words of their cards.
 *
 * @example suggestTechniques('Blanch the leeks', [{ id: 't1', words: ['blanch'] }]) // ['t1']
 */
export function suggestTechniques(step: string, techniques: readonly { id: string; words: readonly string[] }[]): readonly string[] {
  const text = ` ${step.toLowerCase().replace(/[^\p{L}]+/gu, ' ')} `;
  return techniques
    .filter((technique) => technique.words.some((word) => new RegExp(` ${escape(word)}(?:s|es|d|ed|ing)? `).test(text)))
    .map((technique) => technique.id);
}

function escape(word: string): string {
  return word.toLowerCase().replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
