import { HttpException } from '@nestjs/common';
import type { Response } from 'express';
import type { FieldProblem, Problem, ProblemKind } from '@pelvo/contract';

const KINDS: Readonly<Record<ProblemKind, { status: number; title: string }>> = {
  'invalid-input': { status: 422, title: 'Something in what was sent is not right.' },
  unreadable: { status: 400, title: 'What was sent could not be read.' },
  'not-signed-in': { status: 401, title: 'Sign in first.' },
  'signed-in-as-other': { status: 401, title: 'Someone else has signed in on this device.' },
  busy: { status: 503, title: 'Pelvo is busy just now.' },
  unavailable: { status: 503, title: 'Pelvo cannot reach its database just now.' },
  'not-allowed': { status: 403, title: 'This is not open to you.' },
  'not-found': { status: 404, title: 'There is nothing here.' },
  conflict: { status: 409, title: 'This does not go with what is stored.' },
  'changed-meanwhile': { status: 412, title: 'Someone else has saved this meanwhile.' },
  'too-large': { status: 413, title: 'This is too large.' },
  'version-missing': { status: 428, title: 'The version that was edited is missing.' },
  'too-many': { status: 429, title: 'Too many tries.' },
  failed: { status: 500, title: 'Pelvo could not do this.' },
};

export interface ProblemExtras {
  readonly detail?: string;
  readonly errors?: readonly FieldProblem[];
  readonly current?: unknown;
  /** Seconds, for the Retry-After header. */
  readonly retryAfter?: number;
}

/** An expected failure, answered as RFC 9457 problem details. */
export class ProblemException extends HttpException {
  readonly problem: Problem;
  readonly retryAfter?: number;

  constructor(kind: ProblemKind, { retryAfter, ...extras }: ProblemExtras = {}) {
    const { status, title } = KINDS[kind];
    super(title, status);
    this.problem = { type: `urn:pelvo:problem:${kind}`, title, status, ...extras };
    this.retryAfter = retryAfter;
  }
}

/** Sends a problem as the answer. */
export function problemAnswer(response: Response, { problem, retryAfter }: ProblemException): void {
  if (retryAfter) response.setHeader('Retry-After', String(retryAfter));
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
}

export const notFound = (what: string) => new ProblemException('not-found', { detail: `No such ${what}.` });

export const invalid = (field: string, problem: string, remedy: string) =>
  new ProblemException('invalid-input', { errors: [{ field, problem, remedy }] });

export const conflict = (field: string, problem: string, remedy: string) =>
  new ProblemException('conflict', { detail: `${problem} ${remedy}`, errors: [{ field, problem, remedy }] });

/** A file that is not read in its time. */
export const takesTooLong = () => invalid('file', 'It takes too long to read.', 'Split it up, or save it as plain text.');
