export { actionsIn, actionsOn, namedCut, PREPARATION_ACTIONS, type ActionSaid, type PreparationAction } from './actions';
export {
  carriedMinutes,
  carriedPart,
  carriedSteps,
  carriedWindow,
  keptHow,
  whoCooksOn,
  type CarriedBetween,
  type CarriedVerdict,
  type CarriedWindow,
  type CarriedWork,
  type Cover,
  type KeptHow,
  type CarriedPiece,
  type CarriedPieces,
} from './carriedOver';
export { changePrompts, changesCounted, CHANGED, type Changed, type ChangePrompt, type HandledStep } from './changes';
export { KEEPING, keepingOf, type Keeping } from './keeping';
export {
  preparationList,
  PREPARES,
  type PreparationList,
  type PreparationTask,
  type PreparedItem,
  type PreparedLine,
  type Prepares,
  type TogetherDone,
} from './preparationList';
export { teamChanges, type TeamChanges } from './teamChanges';
export { countedInAndOut, toolsList, type CountedInAndOut, type ToolNeed } from './toolsList';
