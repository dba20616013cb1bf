import {
  EMPTY_CARD,
  newKey,
  type CalculatorKey,
  type CardDescriptor,
  type Cue,
  type DrawingKind,
  type MatterKey,
  type TechniqueCard,
} from '@pelvo/core';

/**
 * A card as written in the starter material: cues as `sense: text`, pairs and faults parted by bars, descriptors as
 * `evidence: level 1 | level 2 | level 3 | level 4`.
 */
export interface WrittenCard extends Pick<
  TechniqueCard,
  'name' | 'strand' | 'purpose' | 'tools' | 'steps' | 'criticalPoints' | 'cautions' | 'words'
> {
  /** Names of the techniques to be met before. */
  readonly after?: readonly string[];
  readonly minutes: readonly [novice: number, practised: number];
  readonly aims: readonly [introduce: string, practise: string, assess: string];
  readonly cues: readonly `${Cue['sense']}: ${string}`[];
  /** `what is seen | why it is right`. */
  readonly looksWrong: readonly `${string} | ${string}`[];
  /** `see | cause | correction`, and ` | rescue` where the dish can be rescued. */
  readonly faults: Readonly<Record<string, `${string} | ${string} | ${string}`>>;
  readonly descriptors: Readonly<Record<string, `${CardDescriptor['evidence']}: ${string} | ${string} | ${string} | ${string}`>>;
  readonly matters?: readonly MatterKey[];
  readonly variants?: Readonly<Record<string, string>>;
  readonly calculators?: readonly CalculatorKey[];
  /** Kinds of drawings; a cut as `cut name-of-cut`. */
  readonly drawings?: readonly (DrawingKind | `cut ${string}`)[];
}

/** The card as stored. @throws Error when a part is not written in full */
export function toCard({ after: _after, ...written }: WrittenCard): TechniqueCard {
  const parts = (text: string, least: number, what: string) => {
    const found = text.split(' | ');
    if (found.length < least || found.some((part) => !part.trim())) throw new Error(`${what} of "${written.name}" is not written in full`);
    return found;
  };
  const [introduce, practise, assess] = written.aims;
  const [novice, practised] = written.minutes;
  const variants: { key: string; name: string; text: string }[] = [];
  for (const [name, text] of Object.entries(written.variants ?? {})) variants.push({ key: newKey(name, variants), name, text });
  const descriptors: CardDescriptor[] = [];
  for (const [name, text] of Object.entries(written.descriptors)) {
    const [evidence, ...rest] = text.split(': ');
    const [one, two, three, four] = parts(rest.join(': '), 4, `Descriptor "${name}"`);
    descriptors.push({
      key: newKey(name, descriptors),
      name,
      evidence: evidence as CardDescriptor['evidence'],
      levels: [one!, two!, three!, four!],
    });
  }
  return {
    ...EMPTY_CARD,
    ...written,
    minutes: { novice, practised },
    aims: { introduce, practise, assess },
    cues: written.cues.map((cue) => {
      const [sense, ...text] = cue.split(': ');
      return { sense: sense as Cue['sense'], text: text.join(': ') };
    }),
    looksWrong: written.looksWrong.map((text) => {
      const [see, because] = parts(text, 2, 'What looks wrong');
      return { see: see!, because: because! };
    }),
    faults: Object.entries(written.faults).map(([key, text]) => {
      const [see, cause, correction, rescue] = parts(text, 3, `Fault "${key}"`);
      return { key, see: see!, cause: cause!, correction: correction!, ...(rescue ? { rescue } : {}) };
    }),
    descriptors,
    matters: written.matters ?? [],
    variants,
    calculators: written.calculators ?? [],
    drawings: (written.drawings ?? []).map((drawing) => {
      const [kind, of] = drawing.split(' ');
      return { kind: kind as DrawingKind, ...(of ? { of } : {}) };
    }),
  };
}
