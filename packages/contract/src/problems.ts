import type { ValidationErrorItem } from 'joi';

/** One thing wrong with what was sent: which field, what is wrong, and what to do. */
export interface FieldProblem {
  readonly field: string;
  readonly problem: string;
  readonly remedy: string;
}

/** RFC 9457 problem details, as every failed request answers. */
export interface Problem {
  /** Stable: `urn:pelvo:problem:<kind>`. */
  readonly type: `urn:pelvo:problem:${ProblemKind}`;
  readonly title: string;
  readonly status: number;
  readonly detail?: string;
  readonly errors?: readonly FieldProblem[];
  /** For `changed-meanwhile`: what is stored now, so that nothing typed has to be lost. */
  readonly current?: unknown;
}

export type ProblemKind =
  | 'invalid-input'
  | 'not-signed-in'
  | 'signed-in-as-other'
  | 'busy'
  | 'unavailable'
  | 'not-allowed'
  | 'not-found'
  | 'changed-meanwhile'
  | 'version-missing'
  | 'too-large'
  | 'too-many'
  | 'conflict'
  | 'unreadable'
  | 'failed';

/** A request that failed, with the problem as the server told it. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.title);
  }
}

/** The problem behind whatever was thrown. */
export function problemOf(error: unknown): Problem {
  if (error instanceof ProblemError) return error.problem;
  return {
    type: 'urn:pelvo:problem:failed',
    title: 'Something went wrong on this screen.',
    status: 0,
    detail: error instanceof Error ? error.message : String(error),
  };
}

/** Turns Joi's findings into field problems with a remedy. Used by the server and by forms alike. */
export function explainValidation(details: readonly ValidationErrorItem[]): readonly FieldProblem[] {
  return details.slice(0, 50).map((item) => ({ field: item.path.join('.') || 'body', ...explain(item) }));
}

function explain(item: ValidationErrorItem): { problem: string; remedy: string } {
  const c = (item.context ?? {}) as Record<string, unknown>;
  const limit = String(c.limit);
  switch (item.type) {
    case 'any.required':
    case 'string.empty':
      return { problem: 'This is missing.', remedy: 'Fill it in.' };
    case 'number.min':
    case 'number.greater':
      return {
        problem: `${shown(c.value)} is too small.`,
        remedy: `Give ${item.type === 'number.greater' ? 'more than' : 'at least'} ${limit}.`,
      };
    case 'number.max':
      return { problem: `${shown(c.value)} is too large.`, remedy: `Give at most ${limit}.` };
    case 'number.integer':
      return { problem: `${shown(c.value)} is not a whole number.`, remedy: 'Give a whole number.' };
    case 'number.base':
      return { problem: 'This is not a number.', remedy: 'Type a number.' };
    case 'string.max':
      return { problem: `This is longer than ${limit} characters.`, remedy: 'Shorten it.' };
    case 'string.min':
      return { problem: `This is shorter than ${limit} characters.`, remedy: `Use at least ${limit}.` };
    case 'array.min':
      return { problem: `At least ${limit} needed.`, remedy: 'Add what is missing.' };
    case 'array.max':
      return { problem: `More than ${limit} are not taken.`, remedy: 'Split it up, or remove some.' };
    case 'array.unique':
      return { problem: 'This stands here twice.', remedy: 'Remove one of the two.' };
    case 'any.only': {
      const valid = Array.isArray(c.valids) ? c.valids.map(String) : [];
      const list = valid.slice(0, 50).join(', ');
      return { problem: `${shown(c.value)} is not known here.`, remedy: `Choose one of: ${list}.` };
    }
    case 'object.unknown':
      return { problem: 'This field is not known.', remedy: 'Leave it out.' };
    case 'custom':
    case 'any.custom': {
      const error = c.error;
      return error instanceof FieldError
        ? { problem: error.message, remedy: error.remedy }
        : { problem: item.message, remedy: 'Correct it.' };
    }
    case 'string.pattern.base':
    case 'string.pattern.name':
      return {
        problem: `${shown(c.value)} is not in the form expected.`,
        remedy: typeof c.name === 'string' ? `Use ${c.name}.` : 'Correct it.',
      };
    default:
      return { problem: item.message.replace(/"/g, ''), remedy: 'Correct it.' };
  }
}

/** A value as a person typed it, cut short; a list or an object is not repeated. */
function shown(value: unknown): string {
  if (typeof value === 'string') return `"${value.slice(0, 60)}"`;
  return typeof value === 'number' || typeof value === 'boolean' ? String(value) : 'This';
}

/** Thrown inside a custom Joi rule: what is wrong, and the remedy. */
export class FieldError extends Error {
  constructor(
    message: string,
    readonly remedy: string,
  ) {
    super(message);
  }
}
