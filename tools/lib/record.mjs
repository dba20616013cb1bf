// The record of what students were told: each entry holds the hash of the one before it, so that none can be changed or taken out
// without it showing. One place, for the server that writes it and the command that checks it.
import { createHash } from 'node:crypto';

/** What stands before the first entry. */
export const BEGINNING = '0'.repeat(64);

/** The texts of an entry, in an order that never changes: whoever reorders them breaks every record there is. */
const textOf = ({ number, lessonId, assessmentId, personId, at, why, before, after }) =>
  JSON.stringify([number, lessonId, assessmentId, personId, at, why, before, after]);

/** Hash of an entry behind the one before it, SHA-256 in hex. */
export const hashOf = (previous, entry) =>
  createHash('sha256')
    .update(`${previous}\n${textOf(entry)}`)
    .digest('hex');

/**
 * The first entry at which a record no longer holds together: a gap in the numbers, another one before it than it names, or other
 * contents than it was written with.
 *
 * @param rows - by number
 * @returns null when all of it holds
 */
export function brokenAt(rows) {
  let previous = BEGINNING;
  for (const [index, row] of rows.entries()) {
    if (row.number !== index + 1) return { number: index + 1, why: 'An entry is missing.' };
    if (row.previous !== previous) return { number: row.number, why: 'It does not follow the entry before it.' };
    if (row.hash !== hashOf(row.previous, row)) return { number: row.number, why: 'It was changed after it was written.' };
    previous = row.hash;
  }
  return null;
}
