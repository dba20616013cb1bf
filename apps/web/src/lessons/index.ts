export { LessonStripHere, missingIn, PHASE_NAMES, phasePath, TermStrip } from './strips';
export { fieldsOf } from './lessonFields';
export { PlanViews } from './PlanViews';
