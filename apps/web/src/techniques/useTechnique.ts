import useSWR from 'swr';
import type { TechniqueWithUse } from '@pelvo/contract';
import { fetcher } from '../device';

/** One technique with its card and what it is used by; nothing is fetched for null. */
export const useTechnique = (id: string | null | undefined) =>
  useSWR<TechniqueWithUse>(id ? `/techniques/${id}` : null, fetcher, { revalidateOnFocus: false });
