import { measure, type StageLadder } from '@pelvo/core';
import { measured } from '../device';

/** Two heats, in the units of whoever reads it. */
export const heatBand = (from: number, to: number) => `${measured(measure(from, 'celsius'))} to ${measured(measure(to, 'celsius'))}`;

/** A ladder of stages, each with its colour where colour tells, its heat where heat does, and how it is known. */
export function Ladder({ ladder: { name, stages, short, far } }: { ladder: StageLadder }) {
  return (
    <>
      <h3 className="text-xl">{name}</h3>
      <ol className="mt-2 space-y-1">
        {stages.map((stage) => (
          <li key={stage.key} className="flex items-start gap-3">
            <span
              aria-hidden
              className="mt-0.5 size-6 shrink-0 border border-soft"
              style={stage.colour ? { background: stage.colour, printColorAdjust: 'exact' } : { visibility: 'hidden' }}
            />
            <span>
              <b>{stage.name}</b>
              {stage.heat ? `, ${heatBand(stage.heat[0], stage.heat[1])}` : ''}: {stage.cue}
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-2 text-small text-soft">
        Too short: {short}. Too far: {far}.
      </p>
    </>
  );
}
