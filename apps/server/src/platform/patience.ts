import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { problemAnswer, ProblemException } from './problems/problem';

/** Longer than anything takes that is not stuck; the streams of lessons have begun long before. */
const PATIENCE = 15_000;
/** A class's results as one file take so many times as long, and nobody else waits for them. */
const PRINTING = 5;

/**
 * Answers 503 where nothing has been answered in time, as when the database is frozen: whoever asked can go on and try again,
 * and what is still under way comes to its end unheard.
 */
export function patience(milliseconds = PATIENCE): RequestHandler {
  return (request: Request, response: Response, next: NextFunction) => {
    const allowed = /[/.]pdf$/.test(request.path) ? milliseconds * PRINTING : milliseconds;
    const timer = setTimeout(() => {
      if (response.headersSent) return;
      problemAnswer(
        response,
        new ProblemException('unavailable', { detail: 'It took too long. What was sent may still be saved. Try again.', retryAfter: 5 }),
      );
    }, allowed);
    response.on('close', () => clearTimeout(timer));
    next();
  };
}
