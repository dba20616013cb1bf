import { LEVELS, LEVEL_NAMES, STRAND_NAMES, type Criterion, type Level, type MarkValue } from '@pelvo/core';
import { StrandGlyph } from '../design';

interface CriterionPaneProps {
  readonly criterion: Criterion;
  readonly value: MarkValue | undefined;
  readonly onMark: (value: MarkValue) => void;
}

export const faultsIn = (value: MarkValue | undefined): readonly string[] => (value && value.kind !== 'notSeen' ? value.faults : []);

/** The value after a fault has been touched; a fault can be noted only beside a judgement. */
export function withFault(value: MarkValue | undefined, key: string): MarkValue | null {
  if (!value || value.kind === 'notSeen') return null;
  const has = value.faults.includes(key);
  return { ...value, faults: has ? value.faults.filter((other) => other !== key) : [...value.faults, key] };
}

const EVIDENCE = { measured: 'measured', seen: 'by eye', tasted: 'by taste' } as const;
const box = (chosen: boolean) =>
  `flex min-h-[4.5rem] items-center gap-3 rounded-sm border-2 px-3 py-2 text-left text-lg leading-snug ${chosen ? 'border-ink bg-ink text-paper' : 'border-line bg-tile hover:border-ink'}`;
const keyCap = 'flex size-8 shrink-0 items-center justify-center rounded-sm border border-current font-semibold';
export const FAULT_KEYS = 'abcdefghijkl';

/** One criterion, to be judged by a single touch: what can be seen at each level, and the faults. */
export function CriterionPane({ criterion, value, onMark }: CriterionPaneProps) {
  const faults = faultsIn(value);
  return (
    <section aria-label={criterion.name}>
      <h2 className="flex items-center gap-2 text-2xl">
        <StrandGlyph strand={criterion.strand} size={26} /> {criterion.name}
        <span className="ml-auto font-body text-base font-normal text-soft">
          {STRAND_NAMES[criterion.strand]}, {EVIDENCE[criterion.evidence]}
          {criterion.kind === 'critical' ? `, critical: caps at ${criterion.cap}` : ''}
        </span>
      </h2>
      <div className="mt-3 grid gap-2">
        {criterion.kind === 'levels'
          ? LEVELS.map((level: Level) => {
              const chosen = value?.kind === 'level' && value.level === level;
              return (
                <button
                  key={level}
                  type="button"
                  aria-pressed={chosen}
                  onClick={() => onMark({ kind: 'level', level, faults })}
                  className={box(chosen)}
                >
                  <span aria-hidden className={keyCap}>
                    {level}
                  </span>
                  <span>
                    <b>{LEVEL_NAMES[level]}.</b> {criterion.descriptors[level - 1]}
                  </span>
                </button>
              );
            })
          : ([false, true] as const).map((met) => {
              const chosen = value?.kind === 'critical' && value.met === met;
              return (
                <button
                  key={String(met)}
                  type="button"
                  aria-pressed={chosen}
                  onClick={() => onMark({ kind: 'critical', met, faults: met ? [] : faults })}
                  className={box(chosen)}
                >
                  <span aria-hidden className={keyCap}>
                    {met ? 2 : 1}
                  </span>
                  <span>
                    <b>{met ? 'Met' : 'Not met'}.</b> {met ? criterion.met : criterion.notMet}
                  </span>
                </button>
              );
            })}
        <button
          type="button"
          aria-pressed={value?.kind === 'notSeen'}
          onClick={() => onMark({ kind: 'notSeen' })}
          className={`${box(value?.kind === 'notSeen')} !min-h-12 border-dashed`}
        >
          <span aria-hidden className={keyCap}>
            0
          </span>
          <span>
            <b>Not seen.</b> The rest weighs more.
          </span>
        </button>
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
                    const next = withFault(value, fault.key);
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
        </div>
      ) : null}
    </section>
  );
}
