import useSWR from 'swr';
import type {
  Course,
  IngredientRecord,
  LessonDetail,
  LessonSummary,
  Practices,
  RulesProfile,
  School,
  StoredCutSet,
  StoredKitchen,
  TechniqueSummary,
  TimeOfLesson,
} from '@pelvo/contract';
import { fetcher } from './client';

/** What several areas read: fetched once, shared by all, changed by whoever it belongs to. */
export const useTechniques = () => useSWR<readonly TechniqueSummary[]>('/techniques', fetcher);
export const usePractices = () => useSWR<Practices>('/practices', fetcher);
export const useRules = () => useSWR<RulesProfile>('/rules', fetcher);
export const useCutSets = () => useSWR<readonly StoredCutSet[]>('/cut-sets', fetcher);
export const useKitchens = () => useSWR<readonly StoredKitchen[]>('/kitchens', fetcher);
/** What a class has been taught and will be. Looked up again at intervals: a colleague may be marking who is away. */
export const useCourse = (classId: string | undefined) =>
  useSWR<Course>(classId ? `/classes/${classId}/course` : null, fetcher, { refreshInterval: 20_000 });
export const useIngredients = () => useSWR<readonly IngredientRecord[]>('/ingredients', fetcher);
export const useSchool = () => useSWR<School>('/school', fetcher);
/** The lessons of the school, by date. */
export const useLessons = () => useSWR<readonly LessonSummary[]>('/lessons', fetcher);
/** The stored plan of time of a lesson. @param looked - how often what others save is looked for, milliseconds; 0 for not at all */
export const useTimeOfLesson = (lessonId: string | undefined, looked = 0) =>
  useSWR<TimeOfLesson>(lessonId ? `/lessons/${lessonId}/time` : null, fetcher, { refreshInterval: looked });
export const useLesson = (id: string | undefined) => useSWR<LessonDetail>(id ? `/lessons/${id}` : null, fetcher);
