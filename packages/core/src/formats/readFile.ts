import type { DishContent } from '../dish';
import { readRecipe, toDish } from '../reading';
import { DISH, open, versionOfFormat } from '../document';
import { decodeText } from '../roster';
import type { FactBook } from '../ingredients';
import { dishOfRecipe, recipesIn } from './jsonLd';
import { readLinesCsv } from './linesCsv';
import { jsonLdBlocks } from './plainText';
import type { TechniqueWords } from '../technique';
import type { FieldRefused, Refused } from '../words';

export type FormatName = 'pelvo' | 'json-ld' | 'html' | 'csv' | 'text' | 'pdf' | 'docx';

export interface ReadFileOptions {
  readonly name: string;
  readonly newId: () => string;
  readonly techniques: readonly TechniqueWords[];
  /** Facts of ingredients, the school's own among them; those that ship when left out. */
  readonly book?: FactBook;
}

export type FileReading =
  | {
      readonly kind: 'read';
      readonly format: FormatName;
      readonly dishes: readonly { readonly content: DishContent; readonly portionsSaid: boolean }[];
      readonly problems: readonly FieldRefused[];
    }
  | ({ readonly kind: 'refused' } & Refused);

const REMEDY = { code: 'do.choose-recipe-file' } as const;

/**
 * Dishes from a file of any format Pelvo reads, told apart by its content. What comes out of `pelvo` files is as it
 * stood in the file and has still to be checked against the contract's schema; everything else has been read here.
 */
export function readFile(bytes: Uint8Array, options: ReadFileOptions): FileReading {
  const decoded = decodeText(bytes);
  if (decoded.kind === 'notText') return { kind: 'refused', problem: decoded.problem, remedy: decoded.remedy };
  const text = decoded.text.trim();
  if (!text) return { kind: 'refused', problem: { code: 'no.empty-file' }, remedy: REMEDY };
  if (/^[{[]/.test(text)) return readJson(text, options);
  if (/^<|<html|<script/i.test(text.slice(0, 2000))) return readHtml(text, options);
  if (/\.csv$/i.test(options.name) || /^[^\n]*\b(?:line|item|ingredient|written)\b[^\n]*[,;\t][^\n]*\n/i.test(text)) {
    const { dishes, problems } = readLinesCsv(decoded.text, options, options.name.replace(/\.[^.]*$/, '') || 'Imported dish');
    return { kind: 'read', format: 'csv', dishes, problems };
  }
  const reading = readRecipe(text, options.book);
  const content = toDish(reading, { newId: options.newId, portions: 4, techniques: options.techniques });
  return { kind: 'read', format: 'text', dishes: [{ content, portionsSaid: reading.portions !== null }], problems: [] };
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function readJson(text: string, options: ReadFileOptions): FileReading {
  const value = parse(text);
  if (value === undefined)
    return {
      kind: 'refused',
      problem: { code: 'no.broken-json' },
      remedy: { code: 'do.export-again' },
    };
  const file = value as { format?: unknown; version?: unknown; dishes?: unknown };
  if (file.format === 'pelvo-dishes') {
    const { version, dishes } = file;
    if (!Number.isInteger(version) || (version as number) < 1 || (version as number) > versionOfFormat(DISH) || !Array.isArray(dishes))
      return {
        kind: 'refused',
        problem: { code: 'no.unknown-version' },
        remedy: { code: 'do.update-or-export' },
      };
    return {
      kind: 'read',
      format: 'pelvo',
      dishes: (dishes as unknown[]).map((content) => {
        const result = open(DISH, { document: DISH.name, version, content });
        // What cannot be opened goes on as it is: the contract's schema then says, field by field, what is wrong.
        return { content: result.kind === 'opened' ? result.content : (content as DishContent), portionsSaid: true };
      }),
      problems: [],
    };
  }
  const recipes = recipesIn(value as Parameters<typeof recipesIn>[0]);
  if (recipes.length === 0) return { kind: 'refused', problem: { code: 'no.no-recipe-in-json' }, remedy: REMEDY };
  return { kind: 'read', format: 'json-ld', dishes: recipes.map((recipe) => dishOfRecipe(recipe, options)), problems: [] };
}

function readHtml(html: string, options: ReadFileOptions): FileReading {
  const recipes = jsonLdBlocks(html).flatMap((block) => {
    const value = parse(block);
    return value === undefined ? [] : recipesIn(value as Parameters<typeof recipesIn>[0]);
  });
  if (recipes.length === 0)
    return {
      kind: 'refused',
      problem: { code: 'no.no-recipe-in-page' },
      remedy: { code: 'do.paste-instead' },
    };
  return { kind: 'read', format: 'html', dishes: recipes.map((recipe) => dishOfRecipe(recipe, options)), problems: [] };
}
