import type { FieldProblem, Problem } from '@pelvo/contract';

/** A request that failed, with the problem as the server told it. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.title);
  }
}

const OFFLINE: Problem = {
  type: 'urn:pelvo:problem:failed',
  title: 'Pelvo cannot be reached.',
  status: 0,
  detail: 'Nothing that you typed is lost. Check the network, then try again.',
};

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

export const isOffline = (error: unknown) => problemOf(error).status === 0;

/** The problem of one field, for the box it belongs to. */
export function fieldProblem(error: unknown, field: string): FieldProblem | null {
  if (!error) return null;
  return problemOf(error).errors?.find((found) => found.field === field || found.field.startsWith(`${field}.`)) ?? null;
}

/** What is stored now, when someone else saved it meanwhile; null for every other failure. */
export function savedMeanwhile<T>(error: unknown): T | null {
  if (!error) return null;
  const problem = problemOf(error);
  return problem.type === 'urn:pelvo:problem:changed-meanwhile' ? ((problem.current as T | undefined) ?? null) : null;
}

export interface SendOptions {
  readonly body?: unknown;
  /** A file sent as it is. */
  readonly file?: Blob;
  /** The version that was edited. */
  readonly version?: number;
}

/** One request. @throws ProblemError for every failure, the network's included */
export async function send<T>(method: string, path: string, { body, file, version }: SendOptions = {}): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      credentials: 'same-origin',
      headers: {
        ...(body !== undefined ? { 'content-type': 'application/json' } : {}),
        ...(file ? { 'content-type': path.includes('/roster') ? 'text/csv' : 'application/octet-stream' } : {}),
        ...(version !== undefined ? { 'if-match': `"${version}"` } : {}),
      },
      body: file ?? (body === undefined ? undefined : JSON.stringify(body)),
    });
  } catch {
    throw new ProblemError(OFFLINE);
  }
  const text = await response.text();
  if (response.ok) return (text ? JSON.parse(text) : undefined) as T;
  throw new ProblemError(parseProblem(text, response.status));
}

function parseProblem(text: string, status: number): Problem {
  try {
    const problem = JSON.parse(text) as Problem;
    if (typeof problem.title === 'string') return problem;
  } catch {
    // Not ours: a proxy or a dying server answered.
  }
  return { ...OFFLINE, status: status >= 500 ? 0 : status };
}

export const fetcher = <T>(path: string): Promise<T> => send<T>('GET', path);
