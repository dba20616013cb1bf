import Papa from 'papaparse';
import type { FactBook } from '../ingredients';
import type { ReadFileOptions } from './readFile';
import { exact, exactText, showFraction } from '../exact';
import { DISH_LIMITS, EMPTY_COMPONENT, EMPTY_DISH, type Component, type DishContent, type IngredientLine } from '../dish';
import { findUnit } from '../quantity';
import { readAmount, readLine } from '../reading';
import type { FieldRefused } from '../words';
import { fromSafeCell, safeCsv } from './csv';

const COLUMNS = ['dish', 'portions', 'component', 'line', 'amount', 'unit', 'item', 'preparation', 'note'] as const;
type Column = (typeof COLUMNS)[number];

const SAME: Readonly<Record<string, Column>> = {
  title: 'dish',
  recipe: 'dish',
  serves: 'portions',
  servings: 'portions',
  section: 'component',
  written: 'line',
  ingredient: 'item',
  name: 'item',
  quantity: 'amount',
  prep: 'preparation',
  notes: 'note',
};

export interface CsvReading {
  readonly dishes: readonly { content: DishContent; portionsSaid: boolean }[];
  readonly problems: readonly FieldRefused[];
}

/** Ingredient lines as CSV, one row a line; several dishes may stand in one file. Formulas are made harmless. */
export function linesCsv(dishes: readonly DishContent[]): string {
  const rows = dishes.flatMap((dish) =>
    dish.components.flatMap((component) =>
      component.lines.map((line) => ({
        dish: dish.title,
        portions: dish.portions,
        component: component.name,
        line: line.written,
        amount: line.amount
          ? (line.amount.min === line.amount.max ? '' : `${showFraction(exact(line.amount.min))}-`) + showFraction(exact(line.amount.max))
          : '',
        unit: line.amount?.unit ?? '',
        item: line.item,
        preparation: line.preparation,
        note: line.note,
      })),
    ),
  );
  return safeCsv(COLUMNS, rows);
}

/** Dishes from a CSV of lines: a `line` column with the line as written, or `amount`, `unit` and `item`. */
export function readLinesCsv(csv: string, { newId, book }: Pick<ReadFileOptions, 'newId' | 'book'>, fallbackTitle: string): CsvReading {
  const parsed = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', preview: 5000 });
  const [heading = [], ...body] = parsed.data;
  const columns = heading.map((cell) => {
    const name = cell.trim().toLowerCase();
    return (COLUMNS as readonly string[]).includes(name) ? (name as Column) : (SAME[name] ?? null);
  });
  if (!columns.includes('line') && !columns.includes('item')) {
    return {
      dishes: [],
      problems: [
        {
          field: 'line 1',
          problem: { code: 'no.no-line-column' },
          remedy: { code: 'do.use-columns', columns: COLUMNS },
        },
      ],
    };
  }
  const problems: FieldRefused[] = [];
  const dishes = new Map<string, { portions: number | null; components: Map<string, Component & { lines: IngredientLine[] }> }>();
  body.forEach((cells, index) => {
    const cell = (column: Column) => fromSafeCell((cells[columns.indexOf(column)] ?? '').trim());
    const title = cell('dish') || fallbackTitle;
    const dish = dishes.get(title) ?? { portions: null, components: new Map() };
    dishes.set(title, dish);
    const portions = cell('portions');
    if (portions && !/^[1-9]\d{0,2}$/.test(portions)) {
      problems.push({
        field: `line ${index + 2}, portions`,
        problem: { code: 'no.not-portions', typed: portions.slice(0, 20) },
        remedy: { code: 'do.whole-number', least: 1, most: 999 },
      });
    } else if (portions) dish.portions = Number(portions);
    const name = cell('component');
    const component = dish.components.get(name) ?? { ...EMPTY_COMPONENT, id: newId(), name, lines: [] as IngredientLine[] };
    dish.components.set(name, component);
    component.lines.push({ id: newId(), ...lineOf(cell, book) });
  });
  if (body.length === 0) problems.push({ field: 'file', problem: { code: 'no.heading-only' }, remedy: { code: 'do.add-rows' } });
  return {
    problems,
    dishes: [...dishes].map(([title, dish]) => ({
      portionsSaid: dish.portions !== null,
      content: {
        ...EMPTY_DISH,
        title: title.slice(0, DISH_LIMITS.title),
        portions: dish.portions ?? 4,
        components: [...dish.components.values()],
      },
    })),
  };
}

/** A row with its parts is taken by its parts; otherwise the line as written is read. */
function lineOf(cell: (column: Column) => string, book: FactBook | undefined): Omit<IngredientLine, 'id'> {
  const written =
    cell('line') ||
    [cell('amount'), cell('unit') === 'each' ? '' : cell('unit'), cell('item'), cell('preparation') && `, ${cell('preparation')}`]
      .filter(Boolean)
      .join(' ')
      .replace(' ,', ',');
  const read = readLine(written.slice(0, DISH_LIMITS.text), book);
  const item = cell('item');
  if (!item) return read;
  const amount = readAmount(cell('amount'));
  const unit = cell('unit') ? findUnit(cell('unit')) : null;
  if (!amount || (cell('unit') && !unit)) return { ...read, written };
  const wire = { ...amount.amount, min: exactText(exact(amount.amount.min)), unit: unit?.code ?? amount.amount.unit };
  return { ...read, written, item, amount: wire, preparation: cell('preparation'), note: cell('note') };
}
