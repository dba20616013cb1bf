export { LessonStrip, missingIn, STATION_NAMES, stationPath, TermStrip } from './strips';
export { useLesson, useLessons } from './useLessons';
