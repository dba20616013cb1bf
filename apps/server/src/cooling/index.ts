export { CoolingModule } from './cooling.module';
