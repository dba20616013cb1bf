import { CARD, isJson, open, versionOfFormat } from '../document';
import { EMPTY_CARD, type TechniqueCard } from '../technique';

/** A card with its prerequisites by name, so that it can move between schools. */
export interface PortableTechnique extends TechniqueCard {
  readonly prerequisites: readonly string[];
}

export const TECHNIQUE_FILE = 'pelvo-techniques';

/** What was read from a file of techniques. */
export interface ReadTechniques {
  readonly techniques: readonly PortableTechnique[];
  /** What was in the text and has no place on a card: told, never dropped in silence. */
  readonly leftOut: readonly string[];
}

/** Techniques as a JSON file; see `docs/formats/techniques.md`. */
export function techniqueFile(techniques: readonly PortableTechnique[]): string {
  return `${JSON.stringify({ format: TECHNIQUE_FILE, version: versionOfFormat(CARD), techniques }, null, 2)}\n`;
}

/**
 * Techniques from a JSON file of ours, of any version.
 *
 * @returns null when it is not such a file; what the fields hold is for a schema to check
 */
export function readTechniqueFile(text: string): ReadTechniques | null {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch {
    return null;
  }
  if (!isJson(file) || file.format !== TECHNIQUE_FILE || !Array.isArray(file.techniques)) return null;
  const version = Number.isInteger(file.version) ? (file.version as number) : 1;
  if (version > versionOfFormat(CARD)) return null;
  const techniques = file.techniques.filter(isJson).map((card) => {
    const result = open(CARD, { document: CARD.name, version, content: card });
    // What cannot be opened goes on with its gaps filled: the contract's schema then says what is wrong with it.
    return { prerequisites: [], ...(result.kind === 'opened' ? result.content : { ...EMPTY_CARD, ...card }) } as PortableTechnique;
  });
  return { techniques, leftOut: [] };
}
