export { StandardisationModule } from './standardisation.module';
