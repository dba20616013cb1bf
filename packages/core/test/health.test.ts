import { describe, expect, it } from 'vitest';
import { judgeHealth, words, type HealthFacts, type HealthKey } from '../src';

const WELL: HealthFacts = {
  database: 2.4,
  schema: { waiting: 0, unknown: 0 },
  disk: { free: 40e9, size: 100e9 },
  clock: { ahead: 0.1, storedAhead: 0 },
  backupDays: 0,
};
const seen = (key: HealthKey, facts: Partial<HealthFacts>) => {
  const { state, said, todo } = judgeHealth({ ...WELL, ...facts }).find((check) => check.key === key)!;
  return [state, words(said), todo && words(todo).split(/[.:]/)[0]];
};

describe('how an installation is', () => {
  it('has nothing to do while all is well', () => {
    expect(judgeHealth(WELL).map(({ state, todo }) => [state, todo])).toEqual(Array.from({ length: 5 }, () => ['good', null]));
    expect(seen('database', {})).toEqual(['good', 'Answers in 2 ms.', null]);
  });

  it.each<[HealthKey, Partial<HealthFacts>, string, string, string | null]>([
    [
      'database',
      { database: 900 },
      'attention',
      'Answers in 900 ms.',
      'See what else runs on the machine, and whether its disk is nearly full',
    ],
    ['schema', { schema: { waiting: 1, unknown: 0 } }, 'wrong', '1 step behind this version of Pelvo.', 'Start Pelvo again'],
    [
      'schema',
      { schema: { waiting: 1, unknown: 2 } },
      'wrong',
      '2 steps ahead: a newer Pelvo has been here.',
      'Run the newer version, or restore a backup made before the update',
    ],
    ['disk', { disk: { free: 150e6, size: 20e9 } }, 'wrong', '150 MB of 20 GB free.', 'Make room'],
    ['disk', { disk: { free: 200e6, size: 20e9 } }, 'attention', '200 MB of 20 GB free.', 'Make room'],
    ['disk', { disk: { free: 1e9, size: 20e9 } }, 'good', '1.0 GB of 20 GB free.', null],
    [
      'clock',
      { clock: { ahead: -31, storedAhead: 0 } },
      'attention',
      '31 seconds apart from the clock of the database.',
      'Set the clock by a time service',
    ],
    [
      'clock',
      { clock: { ahead: 7300, storedAhead: 0 } },
      'wrong',
      '2 hours apart from the clock of the database.',
      'Set the clock by a time service',
    ],
    [
      'clock',
      { clock: { ahead: 0, storedAhead: 3600 } },
      'attention',
      'Was ahead for a while: something was stored 60 minutes after now.',
      'Set the clock by a time service',
    ],
    ['backup', { backupDays: 7 }, 'good', 'The last copy was made 7 days ago.', null],
    [
      'backup',
      { backupDays: 8 },
      'attention',
      'The last copy was made 8 days ago.',
      'Make one with "npm run backup -- FILE", once a day if you can, and keep it on another machine',
    ],
    [
      'backup',
      { backupDays: null },
      'attention',
      'No copy of the school has been made yet.',
      'Make one with "npm run backup -- FILE", once a day if you can, and keep it on another machine',
    ],
  ])('says of the %s, given %j, that it is %s', (key, facts, state, said, todo) => {
    expect(seen(key, facts)).toEqual([state, said, todo]);
  });

  it('claims nothing of what it cannot find out while the database is away', () => {
    const checks = judgeHealth({ database: null, schema: null, disk: null, clock: null });
    expect(checks.map(({ key, state }) => [key, state])).toEqual([
      ['database', 'wrong'],
      ['schema', 'unknown'],
      ['disk', 'unknown'],
      ['clock', 'unknown'],
      ['backup', 'unknown'],
    ]);
  });
});
