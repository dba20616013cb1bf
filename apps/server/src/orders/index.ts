export { OrdersModule } from './orders.module';
