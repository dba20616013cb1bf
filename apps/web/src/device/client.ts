import { problemOf, ProblemError, type FieldProblem, type Problem } from '@pelvo/contract';

const OFFLINE: Problem = {
  type: 'urn:pelvo:problem:failed',
  title: 'Pelvo cannot be reached.',
  status: 0,
  detail: 'Nothing that you typed is lost. Check the network, then try again.',
};

export const isOffline = (error: unknown) => problemOf(error).status === 0;

/** Whether there is nobody to ask: no network, no server, or a server without its database. What the device holds goes on. */
export const isAway = (error: unknown) => isOffline(error) || problemOf(error).status === 503;

/** Whether it may well go through on another try, without anyone doing anything: no network, or a server that is busy. */
export const isPassing = (error: unknown) => {
  const { status } = problemOf(error);
  return status === 0 || status === 429 || status >= 500;
};

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
  /** Sent to its end although the page is left meanwhile: for small things only, a browser keeps 64 kB of them. */
  readonly lasting?: boolean;
  /** Whose it is, where that is not the person this tab is of. */
  readonly as?: string;
}

let personId: string | null = null;
const lost = new Set<() => void>();

/** Says for whom this tab is open: what it sends is taken only while that person is signed in on the device. */
export function sendAs(id: string | null): void {
  personId = id;
}

/** Called when a request was refused because nobody, or somebody else, is signed in now. */
export function onSessionLost(listener: () => void): () => void {
  lost.add(listener);
  return () => lost.delete(listener);
}

/** One request. @throws ProblemError for every failure, the network's included */
export async function send<T>(method: string, path: string, { body, file, version, lasting, as }: SendOptions = {}): Promise<T> {
  const meant = as ?? personId;
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      credentials: 'same-origin',
      keepalive: lasting ?? false,
      headers: {
        ...(body !== undefined ? { 'content-type': 'application/json' } : {}),
        ...(file ? { 'content-type': path.includes('/roster') ? 'text/csv' : 'application/octet-stream' } : {}),
        ...(version !== undefined ? { 'if-match': `"${version}"` } : {}),
        ...(meant && path !== '/session' ? { 'pelvo-person': meant } : {}),
      },
      body: file ?? (body === undefined ? undefined : JSON.stringify(body)),
    });
  } catch {
    throw new ProblemError(OFFLINE);
  }
  const text = await response.text().catch(() => '');
  if (response.ok) return (text ? JSON.parse(text) : undefined) as T;
  const problem = parseProblem(text, response.status);
  if (problem.status === 401 && personId && path !== '/session') lost.forEach((listener) => listener());
  throw new ProblemError(problem);
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
