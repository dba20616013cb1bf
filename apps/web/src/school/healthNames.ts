import type { HealthKey, HealthState } from '@pelvo/core';

export const HEALTH_NAMES: Readonly<Record<HealthKey, string>> = {
  database: 'Database',
  schema: 'Tables',
  disk: 'Disk',
  clock: 'Clock',
  backup: 'Backup',
};

export const STATE_NAMES: Readonly<Record<HealthState, string>> = {
  good: 'Good',
  attention: 'Look at it',
  wrong: 'Wrong',
  unknown: 'Not known',
};
