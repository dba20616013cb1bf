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
  return `${JSON.stringify({ format: TECHNIQUE_FILE, version: 1, techniques }, null, 2)}\n`;
}

/**
 * Techniques from a JSON file of ours. Fields that a card lacks are filled as on an empty card.
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
  if (!isRecord(file) || file.format !== TECHNIQUE_FILE || !Array.isArray(file.techniques)) return null;
  const techniques = file.techniques.filter(isRecord).map((card) => ({ ...EMPTY_CARD, prerequisites: [], ...card }) as PortableTechnique);
  return { techniques, leftOut: [] };
}

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
