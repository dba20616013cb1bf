export { computeOrder, type Order, type OrderInput, type OrderLine } from './computeOrder';
export { drawsOn, type HeldLine, type OrderDish, type PreparationNeed } from './contributions';
export { asOrdered, orderCsv } from './orderCsv';
export { traysOf, type Tray, type TrayItem } from './trays';
