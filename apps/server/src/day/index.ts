export { DayModule } from './day.module';
export { eventKind, type EventSpec, type TakenEvent } from './eventKinds';
export { LessonEventRow } from './lessonEvent.entity';
