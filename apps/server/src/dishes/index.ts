export { DishesModule } from './dishes.module';
export { newestEditions } from './dishes.service';
export { gramsOf, indexDish, ensureDishIndex } from './dishIndex';
export { allergenLines } from './allergenLines';
export { preparationsOf } from './preparationsOf';
export { Dish } from './dish.entity';
export { DishEdition } from './dishEdition.entity';
export { passOfEditions } from './passOfEditions';
export { titlesOfEditions } from './titlesOfEditions';
