export { ProgressModule } from './progress.module';
