import { useMemo } from 'react';
import useSWR from 'swr';
import { factBook, type FactBook } from '@pelvo/core';
import type { IngredientRecord } from '@pelvo/contract';
import { fetcher } from '../app/client';

export const useIngredients = () => useSWR<readonly IngredientRecord[]>('/ingredients', fetcher);

/** The book of facts with the school's own in it; null until they are there, so that nothing is claimed too early. */
export function useBook(): FactBook | null {
  const { data } = useIngredients();
  return useMemo(() => (data ? factBook(data.flatMap((record) => record.own ?? [])) : null), [data]);
}
