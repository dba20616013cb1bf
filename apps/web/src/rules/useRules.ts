import useSWR from 'swr';
import type { RulesProfile } from '@pelvo/contract';
import { fetcher } from '../app/client';

/** The local rules profile of the school. */
export const useRules = () => useSWR<RulesProfile>('/rules', fetcher);
