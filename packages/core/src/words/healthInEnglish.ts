const many = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;
const gigabytes = (bytes: number) => (bytes < 1e9 ? `${Math.round(bytes / 1e6)} MB` : `${(bytes / 1e9).toFixed(bytes < 1e10 ? 1 : 0)} GB`);
const time = (seconds: number) =>
  seconds < 120
    ? many(seconds, 'second')
    : seconds < 7200
      ? many(Math.round(seconds / 60), 'minute')
      : many(Math.round(seconds / 3600), 'hour');

/** How an installation is, and what whoever looks after it does about it. */
export const HEALTH_IN_ENGLISH = {
  'health.unknown': () => 'Cannot be found out from here.',
  'health.database': ({ ms }: { ms: number }) => `Answers in ${ms} ms.`,
  'health.database-away': () => 'Does not answer. Nothing can be opened or saved; tablets go on marking with what they hold.',
  'health.do-database': () => 'Look at the log of the database, and whether its disk is full. Start Pelvo again if the database has ended.',
  'health.do-slow': () => 'See what else runs on the machine, and whether its disk is nearly full.',
  'health.schema': () => 'Up to date.',
  'health.schema-older': ({ steps }: { steps: number }) => `${many(steps, 'step')} behind this version of Pelvo.`,
  'health.do-restart': () => 'Start Pelvo again: it brings its tables up to date as it starts.',
  'health.schema-newer': ({ steps }: { steps: number }) => `${many(steps, 'step')} ahead: a newer Pelvo has been here.`,
  'health.do-update': () => 'Run the newer version, or restore a backup made before the update.',
  'health.disk': ({ free, size }: { free: number; size: number }) => `${gigabytes(free)} of ${gigabytes(size)} free.`,
  'health.do-disk': () =>
    'Make room: move old backups and logs to another disk. What was confirmed stays safe; new marks may not be taken.',
  'health.clock': () => 'Agrees with the clock of the database.',
  'health.clock-apart': ({ seconds }: { seconds: number }) => `${time(seconds)} apart from the clock of the database.`,
  'health.clock-was-ahead': ({ seconds }: { seconds: number }) => `Was ahead for a while: something was stored ${time(seconds)} after now.`,
  'health.do-clock': () => 'Set the clock by a time service. Nobody is locked out by it, and marks keep the order in which they came.',
  'health.backup': ({ days }: { days: number }) =>
    days === 0 ? 'The last copy was made today.' : `The last copy was made ${many(days, 'day')} ago.`,
  'health.no-backup': () => 'No copy of the school has been made yet.',
  'health.do-backup': () => 'Make one with "npm run backup -- FILE", once a day if you can, and keep it on another machine.',
} as const;
