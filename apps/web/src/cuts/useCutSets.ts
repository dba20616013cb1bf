import useSWR from 'swr';
import type { StoredCutSet } from '@pelvo/contract';
import { fetcher } from '../app/client';

/** The sets of named cuts the school keeps. */
export const useCutSets = () => useSWR<readonly StoredCutSet[]>('/cut-sets', fetcher);
