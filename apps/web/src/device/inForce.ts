import { useMemo } from 'react';
import { factBook, type FactBook, type LocalRules, type OwnDoneness, type PracticeChoices } from '@pelvo/core';
import type { StoredCutSet } from '@pelvo/contract';
import { useCutSets, useIngredients, usePractices, useRules, useSchool } from './lists';

/** What decides wherever practitioners or codes differ. */
export interface InForceHere {
  readonly practices: PracticeChoices;
  readonly rules: LocalRules;
  readonly cutSet: StoredCutSet | null;
  /** The school's own bands of doneness. */
  readonly doneness: OwnDoneness;
}

interface InForceState {
  readonly inForce: InForceHere | null;
  readonly error: unknown;
  readonly retry: () => void;
}

const NOTHING: PracticeChoices = {};

/**
 * Practices, local rules and the set of cuts in force; null until they are there, with what went wrong if they cannot be had.
 *
 * @param taught - what a lesson teaches otherwise than the school
 */
export function useInForce(taught: PracticeChoices = NOTHING): InForceState {
  const practices = usePractices();
  const profile = useRules();
  const cutSets = useCutSets();
  const school = useSchool();
  const inForce = useMemo(() => {
    if (!practices.data || !profile.data || !cutSets.data || !school.data) return null;
    const choices = { ...practices.data.choices, ...taught };
    return {
      practices: choices,
      rules: profile.data.rules,
      cutSet: cutSets.data.find(({ id }) => id === choices['named-cuts']) ?? null,
      doneness: school.data.settings.doneness,
    };
  }, [practices.data, profile.data, cutSets.data, school.data, taught]);
  return {
    inForce,
    error: (practices.error ?? profile.error ?? cutSets.error ?? school.error) as unknown,
    retry: () => void Promise.all([practices.mutate(), profile.mutate(), cutSets.mutate(), school.mutate()]),
  };
}

/** The book of facts with the school's own in it; null until they are there, so that nothing is claimed too early. */
export function useBook(): FactBook | null {
  const { data } = useIngredients();
  return useMemo(() => (data ? factBook(data.flatMap((record) => record.own ?? [])) : null), [data]);
}
