export { actionsIn, actionsOn, namedCut, PREPARATION_ACTIONS, type ActionSaid, type PreparationAction } from './actions';
export {
  carriedMinutes,
  carriedPart,
  carriedSteps,
  carriedWindow,
  keptHow,
  madeEarlier,
  stageName,
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
  type PreparationMinutes,
  type PreparationTask,
  type PreparedItem,
  type PreparedLine,
  type Prepares,
  type TogetherDone,
} from './preparationList';
export { changeSaid, methodChanges } from './methodChanges';
export { teamChanges, type TeamChanges } from './teamChanges';
export {
  countedInAndOut,
  countOf,
  hotTinOf,
  minutesToHeat,
  platesOf,
  toolKey,
  toolsList,
  type Plates,
  type CountedInAndOut,
  type ToolNeed,
} from './toolsList';
