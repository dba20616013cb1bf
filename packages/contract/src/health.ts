import type { HealthCheck, HealthKey, HealthState } from '@pelvo/core';

/** What anyone may know: enough for whoever watches over the machine, nothing of the school. */
export interface Health {
  readonly ok: boolean;
  readonly checks: Readonly<Record<HealthKey, HealthState>>;
}

/** What a lead is told besides. */
export interface HealthDetails {
  readonly ok: boolean;
  readonly checks: readonly HealthCheck[];
  /** ISO time of the look. */
  readonly at: string;
  /** What MariaDB says it is; null when it does not answer. */
  readonly database: string | null;
}
