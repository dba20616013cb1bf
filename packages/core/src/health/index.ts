import type { Said } from '../words';

/** What is known of an installation at a moment; null for what cannot be found out. */
export interface HealthFacts {
  /** Milliseconds in which the database answers; null when it does not. */
  readonly database: number | null;
  /** Steps of the schema that have not been taken, and steps the database has taken that this Pelvo does not know. */
  readonly schema: { readonly waiting: number; readonly unknown: number } | null;
  /** Bytes where the data lies. */
  readonly disk: { readonly free: number; readonly size: number } | null;
  /** Seconds: how far this machine's clock is ahead of the database's, and how far what is stored is ahead of now. */
  readonly clock: { readonly ahead: number; readonly storedAhead: number } | null;
  /** Days since the last copy of the school was made; null when none was. Left out when it cannot be known. */
  readonly backupDays?: number | null;
}

export const HEALTH_KEYS = ['database', 'schema', 'disk', 'clock', 'backup'] as const;
export type HealthKey = (typeof HEALTH_KEYS)[number];

/** `wrong` keeps people from working, or soon will; `attention` is for the next days. */
export type HealthState = 'good' | 'attention' | 'wrong' | 'unknown';

export interface HealthCheck {
  readonly key: HealthKey;
  readonly state: HealthState;
  readonly said: Said;
  /** What to do; null when there is nothing to do. */
  readonly todo: Said | null;
}

/** House limits: a lesson's marks and a day's sessions take a few megabytes; InnoDB and a backup beside it take the rest. */
export const DISK_WRONG_BELOW = 200_000_000;
export const DISK_ATTENTION_BELOW = 1_000_000_000;
/** A touch is stored in some milliseconds; an answer that takes so long is felt by everyone. */
const SLOW_MS = 500;
const CLOCK_WRONG_BY = 300;
const CLOCK_ATTENTION_BY = 30;
const BACKUP_DAYS = 7;

/**
 * What is well and what is not with an installation, one check a part, in a fixed order.
 *
 * @example judgeHealth({ database: 2, schema: null, disk: { free: 1e8, size: 1e11 }, clock: null })[2].state // 'wrong'
 */
export function judgeHealth({ database, schema, disk, clock, backupDays }: HealthFacts): readonly HealthCheck[] {
  const check = (key: HealthKey, state: HealthState, said: Said, todo: Said | null = null): HealthCheck => ({ key, state, said, todo });
  const unknown = (key: HealthKey) => check(key, 'unknown', { code: 'health.unknown' });
  return [
    database === null
      ? check('database', 'wrong', { code: 'health.database-away' }, { code: 'health.do-database' })
      : check(
          'database',
          database > SLOW_MS ? 'attention' : 'good',
          { code: 'health.database', ms: Math.round(database) },
          database > SLOW_MS ? { code: 'health.do-slow' } : null,
        ),
    !schema
      ? unknown('schema')
      : schema.unknown > 0
        ? check('schema', 'wrong', { code: 'health.schema-newer', steps: schema.unknown }, { code: 'health.do-update' })
        : schema.waiting > 0
          ? check('schema', 'wrong', { code: 'health.schema-older', steps: schema.waiting }, { code: 'health.do-restart' })
          : check('schema', 'good', { code: 'health.schema' }),
    !disk
      ? unknown('disk')
      : check(
          'disk',
          disk.free < DISK_WRONG_BELOW ? 'wrong' : disk.free < DISK_ATTENTION_BELOW ? 'attention' : 'good',
          { code: 'health.disk', free: disk.free, size: disk.size },
          disk.free < DISK_ATTENTION_BELOW ? { code: 'health.do-disk' } : null,
        ),
    clock ? clockCheck(clock) : unknown('clock'),
    backupDays === undefined
      ? unknown('backup')
      : backupDays === null
        ? check('backup', 'attention', { code: 'health.no-backup' }, { code: 'health.do-backup' })
        : check(
            'backup',
            backupDays > BACKUP_DAYS ? 'attention' : 'good',
            { code: 'health.backup', days: backupDays },
            backupDays > BACKUP_DAYS ? { code: 'health.do-backup' } : null,
          ),
  ];
}

function clockCheck({ ahead, storedAhead }: NonNullable<HealthFacts['clock']>): HealthCheck {
  const apart = Math.abs(ahead);
  if (storedAhead > CLOCK_WRONG_BY)
    return {
      key: 'clock',
      state: 'attention',
      said: { code: 'health.clock-was-ahead', seconds: Math.round(storedAhead) },
      todo: { code: 'health.do-clock' },
    };
  return {
    key: 'clock',
    state: apart > CLOCK_WRONG_BY ? 'wrong' : apart > CLOCK_ATTENTION_BY ? 'attention' : 'good',
    said: apart > CLOCK_ATTENTION_BY ? { code: 'health.clock-apart', seconds: Math.round(apart) } : { code: 'health.clock' },
    todo: apart > CLOCK_ATTENTION_BY ? { code: 'health.do-clock' } : null,
  };
}
