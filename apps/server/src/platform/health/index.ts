export { HealthController } from './health.controller';
export { LAST_BACKUP } from './measureHealth';
