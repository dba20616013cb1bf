export { LessonsModule } from './lessons.module';
export { loadLesson } from './loadLesson';
export { dishesInOrder, lessonFacts } from './lessonFacts';
export { markingWayOf } from './lessonFacts';
export { planChanges, resultsRelease } from './planChanges';
export { Lesson } from './lesson.entity';
export { LessonDish } from './lessonDish.entity';
export { LessonOrder } from './lessonOrder.entity';
export { LessonTechnique } from './lessonTechnique.entity';
