export { KitchensModule } from './kitchens.module';
export { KitchenRow } from './kitchen.entity';
export { kitchenLeaves } from './kitchenLeaves';
