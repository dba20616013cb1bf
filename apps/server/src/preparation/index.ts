export { PreparationModule } from './preparation.module';
export { PreparationTickRow } from './preparationTick.entity';
export { CarriedService } from './carried.service';
