import { useDeferredValue, useState } from 'react';
import useSWR from 'swr';
import type { DishSummary, Page } from '@pelvo/contract';
import { fetcher } from './client';

interface Asked {
  readonly published?: true;
  readonly preparation?: true;
}

/** Dishes to choose from: the first page of them, or those that are found by what is typed. */
export interface DishSearch {
  readonly items: readonly DishSummary[];
  /** Once it is known what there is. */
  readonly done: boolean;
  /** How many more there are than are shown: they are found by typing. */
  readonly more: number;
  readonly typed: string;
  readonly type: (text: string) => void;
}

/** @param asked - which dishes; null asks for none */
export function useDishSearch(asked: Asked | null): DishSearch {
  const [typed, type] = useState('');
  const search = useDeferredValue(typed.trim());
  const query = new URLSearchParams({
    ...(asked?.published ? { published: 'true' } : {}),
    ...(asked?.preparation ? { preparation: 'true' } : {}),
    ...(search ? { search } : {}),
  }).toString();
  const { data } = useSWR<Page<DishSummary>>(asked ? `/dishes${query ? `?${query}` : ''}` : null, fetcher, { keepPreviousData: true });
  return { items: data?.items ?? [], done: data !== undefined, more: data ? data.total - data.items.length : 0, typed, type };
}
