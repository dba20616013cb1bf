/** What a database, or the way to it, says when it cannot be reached just now. @source mysql2, MariaDB and Galera error codes */
const AWAY: ReadonlySet<string> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ENOENT',
  'ETIMEDOUT',
  'EHOSTUNREACH',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR',
  'ER_CON_COUNT_ERROR',
  'ER_SERVER_SHUTDOWN',
  'ER_UNKNOWN_COM_ERROR',
  'ER_CONNECTION_KILLED',
  'ER_QUERY_INTERRUPTED',
  'ER_QUERY_TIMEOUT',
  'ER_DISK_FULL',
  'ER_RECORD_FILE_FULL',
  'ER_OPTION_PREVENTS_STATEMENT',
]);

/** What it says to a value that has no place in its column: characters it does not know, numbers beyond its range. */
const NO_PLACE: ReadonlySet<string> = new Set([
  'ER_CANT_AGGREGATE_2COLLATIONS',
  'ER_CANT_AGGREGATE_3COLLATIONS',
  'ER_CANT_AGGREGATE_NCOLLATIONS',
  'ER_TRUNCATED_WRONG_VALUE_FOR_FIELD',
  'ER_TRUNCATED_WRONG_VALUE',
  'ER_DATA_TOO_LONG',
  'ER_WARN_DATA_OUT_OF_RANGE',
  'ER_INVALID_CHARACTER_STRING',
  'ER_CONSTRAINT_FAILED',
]);

interface DatabaseFailure {
  readonly code?: string;
  readonly message?: string;
  readonly query?: string;
  readonly stack?: string;
  readonly name?: string;
}

const codeOf = (error: unknown): string => (error as DatabaseFailure | null)?.code ?? '';

/** Whether the database cannot be reached or cannot take anything just now: another try, later, may well go through. */
export const isAway = (error: unknown): boolean =>
  AWAY.has(codeOf(error)) ||
  /closed state|Connection lost|WSREP has not yet prepared node/i.test((error as DatabaseFailure | null)?.message ?? '');

export const hasNoPlace = (error: unknown): boolean => NO_PLACE.has(codeOf(error));

/**
 * A failure for the log. What a database says names the values it was given, which are people's names and needs: of its
 * failures only the code, the statement with its placeholders and the places in our code are kept.
 */
export function forLog(error: unknown): object {
  const { code, message, query, stack, name } = (error ?? {}) as DatabaseFailure;
  const frames = (stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
  if (query !== undefined || /^ER_|^PROTOCOL_/.test(code ?? ''))
    return { code, statement: query?.slice(0, 300), frames: frames.slice(0, 12) };
  return { name, code, message, frames: frames.slice(0, 12) };
}
