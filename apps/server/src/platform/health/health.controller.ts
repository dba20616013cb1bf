import { Controller, Get, Inject, Res } from '@nestjs/common';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { judgeHealth, type HealthKey, type HealthState } from '@pelvo/core';
import type { Health, HealthDetails } from '@pelvo/contract';
import { DATA_DIR } from '../database/tokens';
import { Allow, Open } from '../identity';
import { together } from '../together';
import { measureHealth } from './measureHealth';

/** For a supervisor, which needs no account; and in words, with what to do, for a lead. */
@Controller('api/health')
export class HealthController {
  constructor(
    private readonly database: DataSource,
    @Inject(DATA_DIR) private readonly dataDir: string | undefined,
  ) {}

  /** Whoever asks at the same moment gets one look together. */
  private readonly look = together(async (): Promise<HealthDetails> => {
    const { facts, version } = await measureHealth(this.database, this.dataDir);
    const checks = judgeHealth(facts);
    return { ok: checks.every(({ state }) => state !== 'wrong'), checks, at: new Date().toISOString(), database: version };
  });

  /** 200 when people can work, 503 when they cannot. */
  @Get()
  @Open()
  async health(@Res({ passthrough: true }) response: Response): Promise<Health> {
    const { ok, checks } = await this.look('');
    if (!ok) response.status(503);
    return { ok, checks: Object.fromEntries(checks.map(({ key, state }) => [key, state])) as Record<HealthKey, HealthState> };
  }

  @Get('details')
  @Allow('lead')
  details(): Promise<HealthDetails> {
    return this.look('');
  }
}
