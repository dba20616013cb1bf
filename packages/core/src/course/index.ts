export * from './coverage';
export * from './nextTechniques';
export { coverMissing, type CarryingDish, type CoveringDishes } from './coverMissing';
export { proposeOrder, type ProposedOrder } from './proposeOrder';
export {
  checkMoves,
  termBreaks,
  type CarriedInTerm,
  type DayOff,
  type MoveCheck,
  type TakenKitchen,
  type TermBreak,
  type TermFacts,
  type TermLesson,
} from './termBreaks';
export { termBreakSaid } from './termBreakSaid';
