import useSWR from 'swr';
import type { TechniqueSummary, TechniqueWithUse } from '@pelvo/contract';
import { fetcher } from '../app/client';

/** The techniques of the school that are in use, by name. */
export const useTechniques = () => useSWR<readonly TechniqueSummary[]>('/techniques', fetcher);

/** One technique with its card and what it is used by; nothing is fetched for null. */
export const useTechnique = (id: string | null | undefined) =>
  useSWR<TechniqueWithUse>(id ? `/techniques/${id}` : null, fetcher, { revalidateOnFocus: false });
