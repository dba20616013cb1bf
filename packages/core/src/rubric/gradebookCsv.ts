import { safeCsv } from '../formats/csv';
import { shownOf } from '../words';
import type { Result } from './computeResult';
import { markInWords } from './markInWords';
import type { Criterion, Marks } from './types';

/** A dish as it stands in a gradebook. */
export interface GradedDish {
  readonly student: string;
  readonly dish: string;
  readonly assessors: readonly string[];
  readonly criteria: readonly Criterion[];
  readonly marks: Marks;
  readonly result: Result;
}

const COLUMNS = ['student', 'dish', 'mark', 'final', 'capped by', 'what mattered most', 'assessors'] as const;

/**
 * The marks of a class as CSV (RFC 4180): a row a dish, a column a criterion, in the order of the rubrics. Cells that a spreadsheet would
 * run as a formula are made harmless.
 */
export function gradebookCsv(dishes: readonly GradedDish[]): string {
  const names = [...new Set(dishes.flatMap(({ criteria }) => criteria.map(({ name }) => name)))].filter(
    (name) => !(COLUMNS as readonly string[]).includes(name),
  );
  return safeCsv(
    [...COLUMNS, ...names],
    dishes.map(({ student, dish, assessors, criteria, marks, result }) => ({
      ...Object.fromEntries(names.map((name) => [name, ''])),
      ...Object.fromEntries(criteria.map((criterion) => [criterion.name, saidOf(criterion, marks)])),
      student,
      dish,
      mark: result.mark ? shownOf(result.mark) : '',
      final: result.complete ? 'yes' : 'no',
      'capped by': result.capped?.by ?? '',
      'what mattered most': result.remarks.map(({ see }) => see).join('; '),
      assessors: assessors.join('; '),
    })),
  );
}

/** "Nearly", or with what was measured or counted behind it. */
function saidOf(criterion: Criterion, marks: Marks): string {
  const value = marks[criterion.key];
  if (!value) return '';
  const [said, means] = markInWords(criterion, value);
  return value.kind === 'measured' || value.kind === 'counted' ? `${said}: ${means}` : said;
}
