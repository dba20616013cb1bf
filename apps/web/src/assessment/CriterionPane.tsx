import { lazy, Suspense } from 'react';
import {
  RUBRIC_STRAND_NAMES,
  shareOff,
  ladderStageName,
  notedOf,
  touchFault,
  withNoted,
  wantedAt,
  wrongAt,
  type Criterion,
  type MarkValue,
  type PlacedComponent,
  type WantedStage,
} from '@pelvo/core';
import { StrandGlyph } from '../design';
import { fetchFaultNotes } from './fetchFaultNotes';
import { Choice, GivenBy } from './kinds';

const FaultNotes = lazy(() => fetchFaultNotes().then(({ FaultNotes: notes }) => ({ default: notes })));

interface CriterionPaneProps {
  readonly criterion: Criterion;
  readonly value: MarkValue | undefined;
  /** What of the dish is served below its rule on purpose, and by which conditions it is judged. */
  readonly below?: readonly string[];
  /** The stages that the dish wants. */
  readonly wants?: readonly WantedStage[];
  /** Where on the plate a fault can sit; empty where there is one place only. */
  readonly components?: readonly PlacedComponent[];
  readonly onMark: (value: MarkValue) => void;
}

export const faultsIn = (value: MarkValue | undefined): readonly string[] => (value && value.kind !== 'notSeen' ? value.faults : []);

const stageWanted = (criterion: Criterion, wants: readonly WantedStage[]): number | null =>
  criterion.kind === 'ladder' ? wantedAt(criterion.stages, wants) : null;

/** The criterion as the dish has it: each stage earns by how far it lies from the one that is wanted. */
const earningBy = (criterion: Criterion, wanted: number | null): Criterion =>
  criterion.kind === 'ladder' && wanted !== null
    ? { ...criterion, stages: criterion.stages.map((stage, at) => ({ ...stage, share: shareOff(at, wanted) })) }
    : criterion;

/** A judgement with the stage that the dish wanted, where it says one: what the mark is counted by stays with it. */
export function forDish(criterion: Criterion, value: MarkValue, wants: readonly WantedStage[] = []): MarkValue {
  const wanted = stageWanted(criterion, wants);
  return value.kind === 'ladder' && wanted !== null ? { ...value, wanted } : value;
}

/** The value after a fault has been touched; a fault can be noted only beside a judgement. */
export function withFault(
  value: MarkValue | undefined,
  fault: Criterion['faults'][number],
  components: readonly PlacedComponent[] = [],
): MarkValue | null {
  if (!value || value.kind === 'notSeen') return null;
  return withNoted(value, touchFault(notedOf(value), fault, components));
}

const EVIDENCE = { measured: 'measured', seen: 'by eye', tasted: 'by taste' } as const;
export const FAULT_KEYS = 'abcdefghijkl';

/** One criterion, to be judged by a single touch: what can be seen at each level, and the faults. */
export function CriterionPane({ criterion, value, below = [], wants = [], components = [], onMark }: CriterionPaneProps) {
  const faults = faultsIn(value);
  const wanted = stageWanted(criterion, wants);
  return (
    <section aria-label={criterion.name}>
      <h2 className="flex items-center gap-2 text-2xl">
        <StrandGlyph strand={criterion.strand} size={26} /> {criterion.name}
        <span className="ml-auto font-body text-base font-normal text-soft">
          {RUBRIC_STRAND_NAMES[criterion.strand]}, {EVIDENCE[criterion.evidence]}
          {criterion.kind === 'critical' ? `, critical: caps at ${criterion.cap}` : ''}
        </span>
      </h2>
      {criterion.kind === 'critical' && criterion.strand === 'cooking'
        ? below.map((said) => (
            <p key={said} className="mt-2 border-l-4 border-ink pl-3 text-lg leading-snug">
              {said}
            </p>
          ))
        : null}
      {criterion.kind === 'ladder' && wanted !== null ? (
        <p role="status" aria-label="Stage that is wanted" className="mt-2 border-l-4 border-ink pl-3 text-lg leading-snug">
          The dish wants <b>{ladderStageName(criterion.stages, wanted)}</b>.{' '}
          {value?.kind === 'ladder' && value.stage !== wanted
            ? `Reached ${ladderStageName(criterion.stages, value.stage)}: ${wrongAt(criterion.stages, value.stage, wanted)}.`
            : ''}
        </p>
      ) : null}
      <div className="mt-3 grid gap-2">
        <GivenBy criterion={earningBy(criterion, wanted)} value={value} onMark={onMark} />
        <Choice dashed chosen={value?.kind === 'notSeen'} keyCap="0" onChoose={() => onMark({ kind: 'notSeen' })}>
          <b>Not seen.</b> The rest weighs more.
        </Choice>
      </div>
      {criterion.faults.length > 0 ? (
        <div className="mt-4">
          <p className="font-semibold">
            What went wrong?{' '}
            <span className="font-normal text-soft">
              {value && value.kind !== 'notSeen' ? 'touch what applies' : 'judge first, then note faults'}
            </span>
          </p>
          <div className="mt-1 flex flex-wrap gap-2">
            {criterion.faults.map((fault, index) => {
              const chosen = faults.includes(fault.key);
              return (
                <button
                  key={fault.key}
                  type="button"
                  aria-pressed={chosen}
                  disabled={!value || value.kind === 'notSeen'}
                  onClick={() => {
                    const next = withFault(value, fault, components);
                    if (next) onMark(next);
                  }}
                  className={`inline-flex min-h-12 items-center gap-2 rounded-sm border-2 px-3 text-lg disabled:opacity-60 ${chosen ? 'border-beet bg-beet text-white' : 'border-line bg-tile hover:border-ink'}`}
                >
                  <span aria-hidden className="text-small">
                    {FAULT_KEYS[index]}
                  </span>{' '}
                  {fault.see}
                </button>
              );
            })}
          </div>
          {value && value.kind !== 'notSeen' && faults.length > 0 ? (
            <Suspense fallback={null}>
              <FaultNotes criterion={criterion} value={value} components={components} onMark={onMark} />
            </Suspense>
          ) : null}
        </div>
      ) : null}
    </section>
  );
}
