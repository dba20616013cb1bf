import { randomUUID } from 'node:crypto';
import {
  factBook,
  readFile,
  refusedInWords,
  suggestTechniques,
  words,
  type TechniqueWords,
  type DishContent,
  type FormatName,
  type IngredientFact,
} from '@pelvo/core';
import { dishContentSchema, explainValidation, type FieldProblem, type ImportedDish } from '@pelvo/contract';
import { fileText } from './fileText';

const DISHES_A_FILE = 200;

interface DishFile {
  readonly bytes: Uint8Array;
  readonly name: string;
  readonly techniques: readonly TechniqueWords[];
  /** The school's own facts of ingredients. */
  readonly facts: readonly IngredientFact[];
}

type ReadDishes =
  | { readonly kind: 'refused'; readonly errors: readonly FieldProblem[] }
  | {
      readonly kind: 'read';
      readonly format: FormatName;
      readonly dishes: readonly ImportedDish[];
      /** What is to be said of the file as a whole. */
      readonly ofFile: readonly FieldProblem[];
    };

const refused = (problem: string, remedy: string): ReadDishes => ({ kind: 'refused', errors: [{ field: 'file', problem, remedy }] });

/** The dishes of a file, each checked against the contract. */
export async function readDishes({ bytes, name, techniques, facts }: DishFile): Promise<ReadDishes> {
  const document = await fileText(bytes, name);
  if (document?.kind === 'refused') return refused(words(document.problem), words(document.remedy));
  const text = document ? { bytes: new TextEncoder().encode(document.text), name: 'text.txt' } : { bytes, name };
  const reading = readFile(text.bytes, { name: text.name, newId: randomUUID, techniques, book: factBook(facts) });
  if (reading.kind === 'refused') return refused(words(reading.problem), words(reading.remedy));
  const ofFile = reading.problems.map((found) => refusedInWords(found));
  if (reading.dishes.length > DISHES_A_FILE)
    return refused(`The file holds ${reading.dishes.length} dishes; at most ${DISHES_A_FILE} are taken at once.`, 'Split it up.');
  if (reading.dishes.length === 0)
    return ofFile.length > 0 ? { kind: 'refused', errors: ofFile } : refused('The file holds no dish.', 'Choose another.');
  const dishes = reading.dishes.map(({ content, portionsSaid }) => checked(content, portionsSaid, techniques));
  return { kind: 'read', format: document?.format ?? reading.format, dishes, ofFile };
}

/** A dish of a file against the contract, without the ids that belong to the school it came from. */
function checked(content: DishContent, portionsSaid: boolean, techniques: DishFile['techniques']): ImportedDish {
  const { error, value } = dishContentSchema.validate(content, { abortEarly: false, convert: true });
  if (error) return { content, problems: explainValidation(error.details).slice(0, 10) };
  const clean = value as DishContent;
  const known = new Set(techniques.map(({ id }) => id));
  const here: DishContent = {
    ...clean,
    components: clean.components.map((component) => ({
      ...component,
      lines: component.lines.map((line) => (line.preparationEditionId ? { ...line, preparationEditionId: null } : line)),
    })),
    method: clean.method.map((step) => {
      const kept = step.techniqueIds.filter((id) => known.has(id));
      return { ...step, techniqueIds: kept.length > 0 ? kept : suggestTechniques(step.text, techniques) };
    }),
  };
  const problems = here.title ? [] : [{ field: 'title', problem: 'It has no title.', remedy: 'Add one to the file.' }];
  return { content: here, problems: portionsSaid ? problems : [...problems] };
}
