export { computeOrder, type Order, type OrderInput, type OrderLine } from './computeOrder';
export { drawsOn, type HeldLine, type OrderDish, type PreparationNeed } from './contributions';
export { asOrdered, orderCsv, orderedItem } from './orderCsv';
export { notesOnTray, traysOf, type Tray, type TrayItem } from './trays';
export { shareOut, type Parts } from './shareOut';
