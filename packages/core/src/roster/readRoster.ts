import Papa from 'papaparse';
import { ALLERGENS, DIETS, isAllergen, isDiet, type Allergen, type Diet, type Needs } from '../allergens';
import { oneLine } from '../text';
import type { FieldRefused, Said } from '../words';

export const ROSTER_LIMITS = { students: 60, name: 120, note: 300, fileBytes: 256_000 } as const;

export interface RosterRow {
  /** Line of the file, the heading being line 1. */
  readonly line: number;
  readonly name: string;
  /** The school's own number of the student; may be empty. */
  readonly number: string;
  readonly needs: Needs;
}

export interface RosterProblem extends FieldRefused {
  readonly line: number;
}

export interface RosterReading {
  readonly rows: readonly RosterRow[];
  /** Each keeps its row, or the whole file, from being taken. */
  readonly problems: readonly RosterProblem[];
  /** True when nothing of the file can be taken. */
  readonly refused: boolean;
}

const HEADINGS: Readonly<Record<string, 'name' | 'number' | 'allergens' | 'diets' | 'note'>> = {
  name: 'name',
  student: 'name',
  'full name': 'name',
  'student name': 'name',
  number: 'number',
  'student number': 'number',
  id: 'number',
  no: 'number',
  allergens: 'allergens',
  allergies: 'allergens',
  allergy: 'allergens',
  diet: 'diets',
  diets: 'diets',
  note: 'note',
  notes: 'note',
  needs: 'note',
};

/** Synonyms people write for the declared allergens. */
const ALLERGEN_WORDS: Readonly<Record<string, Allergen>> = {
  wheat: 'gluten',
  cereals: 'gluten',
  eggs: 'egg',
  dairy: 'milk',
  lactose: 'milk',
  nut: 'nuts',
  'tree nuts': 'nuts',
  peanuts: 'peanut',
  soy: 'soya',
  shellfish: 'crustaceans',
  sulfites: 'sulphites',
  mollusc: 'molluscs',
};

const FORMULA = /^[=+\-@\t\r]/;

/**
 * Reads a class roster from CSV with a heading row: `name`, and optionally `number`, `allergens`, `diets`, `note`.
 * Several allergens or diets stand in one cell, parted by `;` or `/`. Doubles within the file are problems; see `besideRoster` for
 * doubles of who is in the class already.
 */
export function readRoster(csv: string): RosterReading {
  const refuse = (line: number, field: string, problem: Said, remedy: Said): RosterReading => ({
    rows: [],
    problems: [{ line, field, problem, remedy }],
    refused: true,
  });
  const parsed = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', preview: ROSTER_LIMITS.students * 20 });
  const [heading, ...body] = parsed.data;
  if (!heading) return refuse(1, 'file', { code: 'no.empty-file' }, { code: 'do.choose-roster' });
  if (body.length > ROSTER_LIMITS.students) {
    return refuse(
      1,
      'file',
      { code: 'no.too-many-students', count: body.length, more: parsed.meta.truncated, most: ROSTER_LIMITS.students },
      { code: 'do.split-file' },
    );
  }
  const columns = heading.map((cell) => HEADINGS[cell.trim().toLowerCase()] ?? null);
  if (!columns.includes('name')) {
    const has = heading
      .map((cell) => cell.trim())
      .filter(Boolean)
      .join(', ')
      .slice(0, 120);
    return refuse(1, 'name', { code: 'no.no-name-column', has }, { code: 'do.name-column' });
  }
  if (body.length === 0) return refuse(1, 'file', { code: 'no.heading-only' }, { code: 'do.add-rows' });

  const problems: RosterProblem[] = [];
  const rows: RosterRow[] = [];
  const names = new Map<string, number>();
  const numbers = new Map<string, number>();
  body.forEach((cells, index) => {
    const line = index + 2;
    const cell = (field: 'name' | 'number' | 'allergens' | 'diets' | 'note') => (cells[columns.indexOf(field)] ?? '').trim();
    const found: RosterProblem[] = [];
    const say = (field: string, problem: Said, remedy: Said) => found.push({ line, field, problem, remedy });
    const tooLong = (what: string, most: number) => say(what, { code: 'no.too-long', what, most }, { code: 'do.shorten' });
    const name = oneLine(cell('name'));
    const number = cell('number');
    const note = cell('note');
    if (!name) say('name', { code: 'no.no-name' }, { code: 'do.name-or-remove' });
    if (name.length > ROSTER_LIMITS.name) tooLong('name', ROSTER_LIMITS.name);
    if (number.length > 40) tooLong('number', 40);
    if (note.length > ROSTER_LIMITS.note) tooLong('note', ROSTER_LIMITS.note);
    for (const [field, value] of [
      ['name', name],
      ['number', number],
      ['note', note],
    ] as const) {
      if (FORMULA.test(value)) say(field, { code: 'no.formula', sign: value[0]! }, { code: 'do.replace-formula' });
    }
    const twice = name ? names.get(nameKey(name)) : undefined;
    if (twice !== undefined) {
      say('name', { code: 'no.on-line', name, line: twice }, { code: 'do.remove-or-tell-apart' });
    }
    const sameNumber = number ? numbers.get(number) : undefined;
    if (sameNumber !== undefined) {
      say('number', { code: 'no.number-on-line', number, line: sameNumber }, { code: 'do.correct-one-number' });
    }
    const allergens = words(
      cell('allergens'),
      (word) => (isAllergen(word) ? word : (ALLERGEN_WORDS[word] ?? null)),
      (word) => say('allergens', { code: 'no.not-an-allergen', word }, { code: 'do.use-or-note', words: ALLERGENS }),
    );
    const diets = words<Diet>(
      cell('diets'),
      (word) => (isDiet(word) ? word : null),
      (word) => say('diets', { code: 'no.not-a-diet', word }, { code: 'do.use-or-note', words: DIETS }),
    );
    if (name) names.set(nameKey(name), line);
    if (number) numbers.set(number, line);
    problems.push(...found);
    if (found.length === 0) rows.push({ line, name, number, needs: { allergens, diets, note } });
  });
  return { rows, problems, refused: false };
}

/** A roster that was read, without the rows that name someone of the class again; these become problems. */
export function besideRoster(
  reading: RosterReading,
  existing: readonly { readonly name: string; readonly number: string }[],
): RosterReading {
  const names = new Set(existing.map(({ name }) => nameKey(name)));
  const numbers = new Set(existing.map(({ number }) => number).filter(Boolean));
  const rows: RosterRow[] = [];
  const problems = [...reading.problems];
  for (const row of reading.rows) {
    const { line, name, number } = row;
    const known = names.has(nameKey(name));
    if (known) problems.push({ line, field: 'name', problem: { code: 'no.in-class', name }, remedy: { code: 'do.remove-or-tell-apart' } });
    if (numbers.has(number))
      problems.push({ line, field: 'number', problem: { code: 'no.number-in-class', number }, remedy: { code: 'do.correct-one-number' } });
    if (!known && !numbers.has(number)) rows.push(row);
  }
  return { ...reading, rows, problems: problems.sort((a, b) => a.line - b.line) };
}

function words<T extends string>(cell: string, known: (word: string) => T | null, unknown: (word: string) => void): readonly T[] {
  const found = new Set<T>();
  for (const word of cell
    .toLowerCase()
    .split(/[;/|,]/)
    .map((part) => part.trim())) {
    if (!word || word === 'none' || word === '-') continue;
    const value = known(word);
    if (value) found.add(value);
    else unknown(word);
  }
  return [...found];
}

/** Two spellings of one name meet here: case and spaces do not matter. */
export function nameKey(name: string): string {
  return oneLine(name.normalize('NFC').toLowerCase());
}
