export { needConflicts, unknownItems, type NeedConflict } from './needs';
export { lessonReadiness, type LessonFacts, type Station, type StationReadiness, type StationState } from './readiness';
