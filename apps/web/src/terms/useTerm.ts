import { useCallback, useMemo, useState } from 'react';
import useSWR from 'swr';
import { termBreaks, termBreakSaid, type TermBreak, type TermFacts } from '@pelvo/core';
import type { TechniqueSummary, TermOfClass } from '@pelvo/contract';
import { fetcher, inWords, useMe, useTechniques } from '../device';

/** Days that lessons are to get, by lesson; nothing is stored until they are saved. */
export type Moves = Readonly<Record<string, string>>;

export interface TermHere {
  readonly term: TermOfClass;
  readonly techniques: readonly TechniqueSummary[];
  /** As it is stored, and as it would be with the moves. */
  readonly facts: TermFacts;
  readonly moved: TermFacts;
  readonly breaks: readonly TermBreak[];
  readonly moves: Moves;
  readonly setMoves: (moves: Moves) => void;
  readonly say: (found: TermBreak) => string;
}

export function useTerm(classId: string | undefined) {
  const term = useSWR<TermOfClass>(classId ? `/classes/${classId}/term` : null, fetcher);
  const techniques = useTechniques();
  const [kept, setMoves] = useKeptMoves(classId ?? '');
  const here = useMemo((): TermHere | null => {
    if (!term.data || !techniques.data) return null;
    const names = new Map(techniques.data.map(({ id, name }) => [id, name]));
    const facts: TermFacts = {
      ...term.data,
      prerequisites: new Map(techniques.data.map(({ id, prerequisites }) => [id, prerequisites])),
    };
    // What was held or is gone since the page was left is not moved.
    const movable = new Set(term.data.lessons.flatMap(({ id, held }) => (held ? [] : [id])));
    const moves = Object.fromEntries(Object.entries(kept).filter(([id]) => movable.has(id)));
    const moved = {
      ...facts,
      lessons: facts.lessons
        .map((lesson) => ({ ...lesson, date: moves[lesson.id] ?? lesson.date }))
        .sort((a, b) => a.date.localeCompare(b.date) || a.start.localeCompare(b.start)),
    };
    return {
      term: term.data,
      techniques: techniques.data,
      facts,
      moved,
      breaks: termBreaks(moved),
      moves,
      setMoves,
      say: (found) => inWords(termBreakSaid(found, (id) => names.get(id) ?? 'a technique that is gone')),
    };
  }, [term.data, techniques.data, kept, setMoves]);
  return { here, term, techniques };
}

/** Moves that are not saved yet, kept by this tab through a reload: ids and days alone, for whoever made them. */
function useKeptMoves(classId: string): [Moves, (moves: Moves) => void] {
  const key = `pelvo.term-moves ${useMe().id} ${classId}`;
  const [moves, setMoves] = useState<Moves>(() => {
    try {
      const kept = JSON.parse(sessionStorage.getItem(key) ?? '{}') as Moves;
      return Object.fromEntries(Object.entries(kept).filter(([, date]) => /^\d{4}-\d{2}-\d{2}$/.test(String(date))));
    } catch {
      return {};
    }
  });
  const keep = useCallback(
    (next: Moves) => {
      setMoves(next);
      try {
        if (Object.keys(next).length === 0) sessionStorage.removeItem(key);
        else sessionStorage.setItem(key, JSON.stringify(next));
      } catch {
        // A browser that keeps nothing: they last as long as the page.
      }
    },
    [key],
  );
  return [moves, keep];
}

/** Moves that give two lessons each other's day. */
export function swapped({ moved, moves, facts }: TermHere, a: string, b: string): Moves {
  const dateOf = (id: string) => moved.lessons.find((lesson) => lesson.id === id)!.date;
  return withoutIdle({ ...moves, [a]: dateOf(b), [b]: dateOf(a) }, facts);
}

/** Moves without those that leave a lesson where it is. */
export const withoutIdle = (moves: Moves, { lessons }: Pick<TermFacts, 'lessons'>): Moves =>
  Object.fromEntries(Object.entries(moves).filter(([id, date]) => lessons.find((lesson) => lesson.id === id)?.date !== date));
