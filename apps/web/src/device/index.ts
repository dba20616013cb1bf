export { problemOf, ProblemError } from '@pelvo/contract';
export { bestFirst } from './bestFirst';
export { useDishSearch, type DishSearch } from './dishSearch';
export { fieldProblem, fetcher, isAway, isOffline, savedMeanwhile, send } from './client';
export { clockTime, dayOf, fromToday, longDate, shortDate, today, typedDate } from './dates';
export { readDate, readTime } from './typedDates';
export { useDraft, type Draft, type Stored } from './drafts';
export { useLessonEvents } from './follow';
export { newId } from './ids';
export { useBook, useInForce, type InForceHere } from './inForce';
export { inWords, measured, shown, told } from './inWords';
export { addPhoto, keepDocument, keptDocument, readPhotos, removePhoto, type WaitingPhoto } from './kept';
export {
  useCourse,
  useCutSets,
  useIngredients,
  useKitchens,
  useLesson,
  useLessons,
  usePractices,
  useRules,
  useSchool,
  useTechniques,
  useTimeOfLesson,
} from './lists';
export { saveFile } from './saveFile';
export { retryNow, say, useOutbox, type OutboxState } from './outbox';
export type { Clash, Rebase, Rebased } from './rebase';
export { beginSession, savePreferences, signOut, useMe, usePreferences, useSession } from './session';
export { speech } from './speech';
export { useAction, type Action } from './useAction';
export { useImport, type Importing } from './useImport';
export { useNow } from './useNow';
export { useWakeLock } from './useWakeLock';
