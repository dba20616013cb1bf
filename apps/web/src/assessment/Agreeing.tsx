import { useEffect, useRef } from 'react';
import { LEVELS, markInWords, type Criterion, type MarkValue } from '@pelvo/core';
import type { DifferingMarks, DishResult } from '@pelvo/contract';
import { say, useOutbox } from '../device';
import { Button, Section } from '../design';

type Shown = Pick<DishResult, 'studentId' | 'dishEditionId' | 'criteria'> & { readonly differing: NonNullable<DishResult['differing']> };

/** What can be agreed on: what each has said, and the levels that lie between. */
function waysToAgree({ said }: DifferingMarks): readonly MarkValue[] {
  const values = said.map(({ value }) => value);
  const levels = values.flatMap((value) => (value.kind === 'level' ? [value.level] : []));
  const faults = [...new Set(values.flatMap((value) => (value.kind === 'level' ? value.faults : [])))].slice(0, 12);
  const between = LEVELS.filter((level) => level > Math.min(...levels) && level < Math.max(...levels));
  return [...values, ...between.map((level): MarkValue => ({ kind: 'level', level, faults }))];
}

const inWords = (criterion: Criterion, value: MarkValue) => markInWords(criterion, value)[0];

/**
 * Where those who marked a dish differ: each one's word, and one touch for what they agree on once they have looked again. It counts from
 * then on, and what each said stays on record.
 */
export function Agreeing({ dish, onChanged }: { readonly dish: Shown; readonly onChanged: () => void }) {
  const { lessonId, criteria } = dish.differing;
  const waiting = useOutbox().waiting.filter((entry) => entry.lessonId === lessonId).length;
  const before = useRef(waiting);
  useEffect(() => {
    if (before.current > 0 && waiting === 0) onChanged();
    before.current = waiting;
  }, [waiting, onChanged]);
  if (criteria.length === 0) return null;
  const agree = (criterionKey: string, value: MarkValue | null) =>
    void say(lessonId, 'mark', { studentId: dish.studentId, dishEditionId: dish.dishEditionId, criterionKey, value, agreed: true });
  return (
    <Section title="Marked differently">
      <p className="mb-2 text-soft">Look at the plate or its photo together. What you agree on counts; what each said stays on record.</p>
      <ul className="divide-y divide-line border-y border-line">
        {criteria.map((differing) => {
          const criterion = dish.criteria.find(({ key }) => key === differing.criterionKey);
          if (!criterion) return null;
          const ways = new Map(waysToAgree(differing).map((value) => [inWords(criterion, value), value]));
          const agreed = differing.agreed ? inWords(criterion, differing.agreed) : null;
          return (
            <li key={differing.criterionKey} className="grid gap-x-4 gap-y-2 py-3 md:grid-cols-[15rem_minmax(0,1fr)]">
              <div>
                <b>{criterion.name}</b>
                {differing.said.map(({ assessor, value }) => (
                  <p key={assessor} className="text-small text-soft">
                    {assessor}: {inWords(criterion, value)}
                  </p>
                ))}
              </div>
              <div role="group" aria-label={`Agree on ${criterion.name}`} className="flex flex-wrap items-start gap-2">
                {[...ways].map(([words, value]) => (
                  <Button
                    key={words}
                    kind={agreed === words ? 'main' : undefined}
                    aria-pressed={agreed === words}
                    onClick={() => agree(differing.criterionKey, value)}
                  >
                    {words}
                  </Button>
                ))}
                {differing.agreed ? (
                  <Button kind="quiet" onClick={() => agree(differing.criterionKey, null)}>
                    Take it back
                  </Button>
                ) : (
                  <span className="self-center text-small text-soft">not agreed on yet</span>
                )}
              </div>
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
