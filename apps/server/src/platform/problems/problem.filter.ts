import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Request, Response } from 'express';
import { ROSTER_LIMITS, UnopenableError } from '@pelvo/core';
import type { ProblemKind } from '@pelvo/contract';
import { forLog, hasNoPlace, isAway } from '../database/failures';
import { lostARace } from '../database/transaction';
import { problemAnswer, ProblemException } from './problem';

/** The most that is taken in one request, in bytes. */
export const BODY_LIMITS = { json: 512_000, csv: ROSTER_LIMITS.fileBytes, file: 2_000_000 } as const;

const BY_STATUS: Readonly<Record<number, ProblemKind>> = {
  400: 'unreadable',
  401: 'not-signed-in',
  403: 'not-allowed',
  404: 'not-found',
  413: 'too-large',
  415: 'unreadable',
  429: 'too-many',
};

/** The one place where failures become problem details. What was not expected is logged and told without its inside. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const exception = this.toProblem(error, host.switchToHttp().getRequest<Request>());
    if (exception.problem.status >= 500) this.logger.error(forLog(error));
    if (!response.headersSent) problemAnswer(response, exception);
  }

  private toProblem(error: unknown, request: Request): ProblemException {
    if (error instanceof ProblemException) return error;
    if (error instanceof HttpException && error.getStatus() === 413) return tooLarge(request);
    if (error instanceof HttpException) return new ProblemException(BY_STATUS[error.getStatus()] ?? 'failed', {});
    if (error instanceof UnopenableError) return new ProblemException('failed', { detail: error.message });
    // Thrown inside the reader of a body, which wraps it.
    const code = (error as { code?: string } | null)?.code;
    if (lostARace(error))
      return new ProblemException('busy', {
        detail: 'Others were saving at the same moment. Nothing was changed. Try again.',
        retryAfter: 1,
      });
    if (isAway(error))
      return new ProblemException('unavailable', {
        detail: 'Nothing was changed. What you typed stays. Try again in a moment.',
        retryAfter: 5,
      });
    if (hasNoPlace(error))
      return new ProblemException('invalid-input', {
        errors: [
          {
            field: 'body',
            problem: 'Something in it cannot be stored.',
            remedy: 'Leave out signs that are not letters, digits or punctuation.',
          },
        ],
      });
    if (code === 'ER_DUP_ENTRY')
      return new ProblemException('conflict', { detail: 'Something with this name is there already. Choose another name.' });
    return new ProblemException('failed', { detail: 'It has been written to the log. Nothing was changed. Try again.' });
  }
}

function tooLarge(request: Request): ProblemException {
  const type = request.headers['content-type'] ?? '';
  const bytes = type.includes('json') ? BODY_LIMITS.json : type.includes('csv') ? BODY_LIMITS.csv : BODY_LIMITS.file;
  const limit = `${bytes / 1000} kB`;
  return new ProblemException('too-large', {
    detail: `At most ${limit} are taken at once.`,
    errors: [{ field: 'body', problem: `This is larger than ${limit}.`, remedy: 'Send less at a time: one dish, one class, one year of a calendar.' }],
  });
}
