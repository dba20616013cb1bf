export { dishAllergens, type AllergenFrom, type DishAllergens } from './dishAllergens';
export { needConflicts, type DishToCheck, type NeedConflict, type NeedsOf } from './needs';
export { lessonReadiness, PHASES, type LessonFacts, type Phase, type PhaseReadiness, type PhaseState } from './readiness';
export {
  AS_THE_SCHOOL,
  NEW_SCHOOL,
  SETTING_WAYS,
  settingsInForce,
  WEIGHING_OUT,
  type LessonSettings,
  type SchoolSettings,
  type WeighingOut,
  KEPT_FOREVER,
  NO_BOARDS,
  RETENTION_MONTHS,
  type Retention,
  type SchoolBoard,
  type SchoolBoards,
} from './settings';
export {
  cookingTeams,
  proposeTeams,
  teamName,
  teamsCooking,
  teamSizes,
  teamsOfNobody,
  type CookingTeam,
  type LessonTeam,
  type Mixing,
} from './teams';
