import express, { type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import { BODY_LIMITS } from './problems';
import { ProblemException } from './problems/problem';

/** Nothing that is sent nests deeper; what does would keep every recursive reader busy, or overflow its stack. */
const DEEPEST = 40;
const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [0x22, 0x5c, 0x5b, 0x5d, 0x7b, 0x7d];

/** Whether JSON nests deeper than `DEEPEST`: counted in its bytes, before anything parses it. */
export function nestsTooDeeply(json: Buffer): boolean {
  let depth = 0;
  let quoted = false;
  for (let at = 0; at < json.length; at += 1) {
    const byte = json[at];
    if (quoted) {
      if (byte === BACKSLASH) at += 1;
      else if (byte === QUOTE) quoted = false;
    } else if (byte === QUOTE) quoted = true;
    else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
      depth += 1;
      if (depth > DEEPEST) return true;
    } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth -= 1;
  }
  return false;
}

/** The same value with every half of a character replaced: an emoji cut in two cannot be stored. */
function wellFormed(value: unknown): unknown {
  if (typeof value === 'string') return value.toWellFormed();
  if (Array.isArray(value)) return value.map(wellFormed);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key.toWellFormed(), wellFormed(each)]));
}

const ESCAPED_HALF = /\\u[dD][89a-fA-F]/;

/** Readers of what is sent: JSON that is neither too deep nor holds halves of characters, CSV, and files as bytes. */
export function bodyReaders(): readonly RequestHandler[] {
  const halves = new WeakSet<Request>();
  return [
    express.raw({ type: 'text/csv', limit: BODY_LIMITS.csv }),
    express.raw({ type: 'application/octet-stream', limit: BODY_LIMITS.file }),
    express.json({
      limit: BODY_LIMITS.json,
      type: ['application/json'],
      verify: (request, _response, bytes) => {
        if (nestsTooDeeply(bytes)) throw new ProblemException('unreadable', { detail: `It nests deeper than ${DEEPEST} levels.` });
        // UTF-8 itself has no halves: only an escape can bring one.
        if (ESCAPED_HALF.test(bytes.toString('latin1'))) halves.add(request as Request);
      },
    }),
    (request: Request, _response: Response, next: NextFunction) => {
      if (halves.has(request)) request.body = wellFormed(request.body);
      next();
    },
  ];
}
