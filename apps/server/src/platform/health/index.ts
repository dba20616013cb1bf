import { Controller, Get } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Open } from '../identity';

@Controller('api/health')
export class HealthController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Open()
  async health(): Promise<{ ok: true }> {
    await this.database.query('SELECT 1');
    return { ok: true };
  }
}
