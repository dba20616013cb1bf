import useSWR from 'swr';
import type { LessonDetail, LessonSummary } from '@pelvo/contract';
import { fetcher } from '../app/client';

/** The lessons of the school, by date. */
export const useLessons = () => useSWR<readonly LessonSummary[]>('/lessons', fetcher);

export const useLesson = (id: string | undefined) => useSWR<LessonDetail>(id ? `/lessons/${id}` : null, fetcher);
