export { HealthNotice } from './HealthNotice';
