import useSWR from 'swr';
import type { Technique } from '@pelvo/contract';
import { fetcher } from '../app/client';

export const useTechniques = () => useSWR<readonly Technique[]>('/techniques', fetcher);
