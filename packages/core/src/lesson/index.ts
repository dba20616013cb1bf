export { dishAllergens, needConflicts, type DishAllergens, type DishToCheck, type NeedConflict, type NeedsOf } from './needs';
export { lessonReadiness, type LessonFacts, type Station, type StationReadiness, type StationState } from './readiness';
