export { ProgressModule } from './progress.module';
export { courseOf } from './courseOf';
