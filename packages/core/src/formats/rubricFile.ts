import Papa from 'papaparse';
import { isJson, open, RUBRIC, seal } from '../document';
import { PASS_LEVEL, RUBRIC_STRANDS, type Criterion, type RubricContent } from '../rubric';
import { fromSafeCell, safeCsv } from './csv';

/** A rubric read from a file, or why it cannot be; what its fields hold is for a schema to check. */
export type ReadRubric =
  { readonly kind: 'read'; readonly content: RubricContent } | { readonly kind: 'refused'; readonly because: string };

/** The most characters of a file that is read as a rubric. */
export const RUBRIC_FILE_MOST = 300_000;

const COLUMNS = [
  'row',
  'strand',
  'name',
  'kind',
  'evidence',
  'weight',
  'level 1',
  'level 2',
  'level 3',
  'level 4',
  'met',
  'not met',
  'caps at',
  'unit',
  'sizes',
  'pieces',
  'shares',
  'counts',
  'most',
  'stages',
  'technique',
  'cause',
  'correction',
  'rescue',
  'looks like',
  'told apart by',
  'under',
  'key',
] as const;
type Column = (typeof COLUMNS)[number];
type Row = Partial<Record<Column, string | number>>;

const SEPARATOR = ' | ';
const percent = (share: number) => Math.round(share * 10_000) / 100;

/** A rubric as JSON, as Pelvo stores it; see `docs/formats/rubrics.md`. */
export const rubricJson = (content: RubricContent): string => `${JSON.stringify(seal(RUBRIC, content), null, 2)}\n`;

/** A rubric as CSV (RFC 4180) that a spreadsheet can edit: a row for the rubric, each strand, each criterion and each fault below it. */
export function rubricCsv(content: RubricContent): string {
  const levels = (texts: readonly (string | number)[]): Row => Object.fromEntries(texts.map((text, index) => [`level ${index + 1}`, text]));
  const rows: Row[] = [
    { row: 'rubric', name: content.name, weight: content.passAt, ...levels(content.levelShares.map(percent)) },
    ...RUBRIC_STRANDS.map((strand) => ({ row: 'strand', strand, weight: content.strandWeights[strand] })),
    ...content.criteria.flatMap((criterion): Row[] => [
      {
        row: 'criterion',
        strand: criterion.strand,
        name: criterion.name,
        kind: criterion.kind,
        evidence: criterion.evidence,
        key: criterion.key,
        ...ownCells(criterion, levels),
      },
      ...criterion.faults.map(({ see, under, looksLike, ...fault }) => ({
        row: 'fault',
        name: see,
        ...fault,
        'looks like': looksLike?.fault ?? '',
        'told apart by': looksLike?.test ?? '',
        under: under ? `${under.matter}, ${under.practice}` : '',
      })),
    ]),
  ];
  const blank = Object.fromEntries(COLUMNS.map((column) => [column, ''])) as Record<Column, string>;
  return safeCsv(
    COLUMNS,
    rows.map((row) => ({ ...blank, ...row })),
  );
}

function ownCells(criterion: Criterion, levels: (texts: readonly string[]) => Row): Row {
  switch (criterion.kind) {
    case 'levels':
      return { weight: criterion.weight, ...levels(criterion.descriptors) };
    case 'critical':
      return { met: criterion.met, 'not met': criterion.notMet, 'caps at': criterion.cap };
    case 'measured': {
      const { unit, sizes, pieces, shares } = criterion.target;
      return {
        weight: criterion.weight,
        unit,
        pieces,
        sizes: sizes.map(({ name, least, most }) => `${name}: ${least} to ${most}`).join(SEPARATOR),
        shares: shares.map(percent).join(SEPARATOR),
      };
    }
    case 'counted':
      return { weight: criterion.weight, counts: criterion.counts, most: criterion.most.join(SEPARATOR) };
    case 'ladder':
      return {
        weight: criterion.weight,
        stages: criterion.stages.map(({ name, share }) => `${name} = ${percent(share)}`).join(SEPARATOR),
      };
  }
}

/**
 * A rubric from a JSON or CSV file of ours.
 *
 * @example readRubricFile(rubricCsv(rubric)) // { kind: 'read', content: rubric }
 */
export function readRubricFile(text: string): ReadRubric {
  if (text.length > RUBRIC_FILE_MOST) return refused(`A rubric has at most ${RUBRIC_FILE_MOST / 1000} kB; this file has more.`);
  if (text.includes('\0')) return refused('This is no text. Choose a rubric as JSON or CSV, as Pelvo writes it.');
  const plain = text.replace(/^\ufeff/, '').trim();
  if (!plain) return refused('There is nothing in the file.');
  return plain.startsWith('{') ? fromJson(plain) : fromCsv(plain);
}

const refused = (because: string): ReadRubric => ({ kind: 'refused', because });

function fromJson(text: string): ReadRubric {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch (error) {
    return refused(`It is not JSON: ${(error as Error).message}.`);
  }
  if (!isJson(file)) return refused('There is no rubric in it.');
  const result = open(RUBRIC, file);
  if (result.kind === 'opened') return { kind: 'read', content: result.content };
  switch (result.because.code) {
    case 'newer':
      return refused('It was written by a newer Pelvo. Update this one, then read it again.');
    case 'incomplete':
      return refused(`"${result.because.field}" is missing in it, or is not what it should be.`);
    default:
      return refused('There is no rubric in it. Choose a rubric as JSON or CSV, as Pelvo writes it.');
  }
}

class Unreadable extends Error {}

function fromCsv(text: string): ReadRubric {
  const { data } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
    transform: (cell) => fromSafeCell(cell).trim(),
  });
  if (!data[0] || !('row' in data[0]) || !('name' in data[0]))
    return refused('The first line must name the columns, with "row" and "name" among them. Export a rubric to see them.');
  try {
    return { kind: 'read', content: contentOf(data) };
  } catch (error) {
    if (error instanceof Unreadable) return refused(error.message);
    throw error;
  }
}

type Cells = Readonly<Record<string, string | undefined>>;

function contentOf(rows: readonly Cells[]): RubricContent {
  let name = '';
  let passAt: number = PASS_LEVEL;
  let levelShares = [0.25, 0.5, 0.75, 1];
  const strandWeights: Record<string, number> = Object.fromEntries(RUBRIC_STRANDS.map((strand) => [strand, 0]));
  const criteria: Criterion[] = [];
  rows.forEach((cells, index) => {
    const line = index + 2;
    const number = (column: Column, otherwise?: number) => numberIn(cells[column], line, column, otherwise);
    switch (cells.row?.toLowerCase()) {
      case 'rubric':
        name = cells.name ?? '';
        passAt = number('weight', PASS_LEVEL);
        levelShares = levelShares.map((share, at) => number(`level ${at + 1}` as Column, share * 100) / 100);
        break;
      case 'strand':
        strandWeights[known(RUBRIC_STRANDS, cells.strand, line, 'strand')] = number('weight', 0);
        break;
      case 'criterion':
        criteria.push(criterionOf(cells, line, criteria.length));
        break;
      case 'fault': {
        const criterion = criteria.at(-1);
        if (!criterion)
          throw new Unreadable(`Line ${line}: a fault stands before the first criterion. Put it below the one it belongs to.`);
        criteria[criteria.length - 1] = { ...criterion, faults: [...criterion.faults, faultOf(cells, criterion.faults.length)] };
        break;
      }
      default:
        throw new Unreadable(`Line ${line}: "${cells.row ?? ''}" is no kind of row. It is rubric, strand, criterion or fault.`);
    }
  });
  return { name, passAt, levelShares, strandWeights, criteria } as unknown as RubricContent;
}

function faultOf(cells: Cells, at: number): Criterion['faults'][number] {
  const [matter = '', practice = ''] = (cells.under ?? '').split(',').map((part) => part.trim());
  return {
    key: cells.key || `fault-${at + 1}`,
    see: cells.name ?? '',
    cause: cells.cause ?? '',
    correction: cells.correction ?? '',
    rescue: cells.rescue ?? '',
    technique: cells.technique ?? '',
    ...(cells['looks like'] && cells['told apart by'] ? { looksLike: { fault: cells['looks like'], test: cells['told apart by'] } } : {}),
    ...(matter ? { under: { matter, practice } } : {}),
  } as Criterion['faults'][number];
}

const KINDS = ['levels', 'critical', 'measured', 'counted', 'ladder'] as const;

function criterionOf(cells: Cells, line: number, at: number): Criterion {
  const number = (column: Column, otherwise?: number) => numberIn(cells[column], line, column, otherwise);
  const parts = (column: Column, separator: string) =>
    (cells[column] ?? '').split(separator).flatMap((part) => (part.trim() ? [part.trim()] : []));
  const list = (column: Column) => parts(column, SEPARATOR);
  const numbers = (column: Column) => parts(column, '|').map((part) => numberIn(part, line, column));
  const head = {
    key: cells.key || `criterion-${at + 1}`,
    name: cells.name ?? '',
    strand: known(RUBRIC_STRANDS, cells.strand, line, 'strand'),
    evidence: known(['measured', 'seen', 'tasted'] as const, cells.evidence || 'seen', line, 'evidence'),
    faults: [],
  };
  const kind = known(KINDS, cells.kind || 'levels', line, 'kind');
  if (kind === 'critical') return { kind, ...head, met: cells.met ?? '', notMet: cells['not met'] ?? '', cap: number('caps at', 40) };
  const weighed = { ...head, weight: number('weight', 1) };
  switch (kind) {
    case 'levels': {
      const descriptors = [1, 2, 3, 4].map((level) => cells[`level ${level}`] ?? '') as unknown as [string, string, string, string];
      return { kind, ...weighed, descriptors };
    }
    case 'measured': {
      const sizes = list('sizes').map((said) => {
        const found = /^(.{1,60}): (-?[\d.]{1,12}) to (-?[\d.]{1,12})$/.exec(said);
        if (!found) throw new Unreadable(`Line ${line}: "${said}" is no size. Write it as "side: 2 to 4".`);
        return { name: found[1]!, least: Number(found[2]), most: Number(found[3]) };
      });
      const shares = numbers('shares').map((share) => share / 100) as unknown as [number, number, number];
      return { kind, ...weighed, target: { unit: cells.unit ?? '', sizes, pieces: number('pieces', 10), shares } };
    }
    case 'counted':
      return { kind, ...weighed, counts: cells.counts ?? '', most: numbers('most') as unknown as [number, number, number] };
    case 'ladder': {
      const stages = list('stages').map((said) => {
        const cut = said.lastIndexOf('=');
        if (cut < 0) throw new Unreadable(`Line ${line}: "${said}" is no stage. Write it as "gold = 100".`);
        return { name: said.slice(0, cut).trim(), share: numberIn(said.slice(cut + 1), line, 'stages') / 100 };
      });
      return { kind, ...weighed, stages };
    }
  }
}

function numberIn(cell: string | undefined, line: number, column: string, otherwise?: number): number {
  const text = (cell ?? '').trim().replace(/^(-?\d+),(\d+)$/, '$1.$2');
  if (!text && otherwise !== undefined) return otherwise;
  const value = Number(text);
  if (!text || !Number.isFinite(value)) throw new Unreadable(`Line ${line}, ${column}: "${cell ?? ''}" is no number.`);
  return value;
}

function known<T extends string>(keys: readonly T[], cell: string | undefined, line: number, column: string): T {
  const found = keys.find((key) => key === (cell ?? '').trim().toLowerCase());
  if (!found) throw new Unreadable(`Line ${line}, ${column}: "${cell ?? ''}" is not known. It is one of ${keys.join(', ')}.`);
  return found;
}
