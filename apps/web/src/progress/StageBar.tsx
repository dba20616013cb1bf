import type { Stage } from '@pelvo/core';

const FILLS: Readonly<Record<Exclude<Stage, 'unmet'>, string>> = {
  assessed: 'bg-beet',
  practised: 'bg-soft',
  met: 'bg-line',
};

/** How many of a class stand at each stage, as one bar: assessed, practised, met, and the rest left open. */
export function StageBar({ counts }: { counts: Readonly<Record<Stage, number>> }) {
  const all = counts.unmet + counts.met + counts.practised + counts.assessed;
  if (all === 0) return null;
  return (
    <span aria-hidden className="flex h-1.5 w-full border-t border-ink bg-tile">
      {(['assessed', 'practised', 'met'] as const).map((stage) =>
        counts[stage] > 0 ? (
          <span
            key={stage}
            className={`h-full border-r border-tile ${FILLS[stage]}`}
            style={{ width: `${(counts[stage] / all) * 100}%` }}
          />
        ) : null,
      )}
    </span>
  );
}
