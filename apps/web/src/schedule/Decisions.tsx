import type { Conflict, Segments } from '@pelvo/core';
import { inWords } from '../device';
import { Stepper } from '../design';

/** What does not hold in a plan, in words; each leads to its step. */
export function WhatBreaks({
  conflicts,
  clock,
  onChoose,
}: {
  conflicts: readonly Conflict[];
  clock: (minute: number) => string;
  onChoose: (id: string) => void;
}) {
  return (
    <section aria-label="What does not hold">
      <h2 className="mb-2 text-lg">What does not hold</h2>
      <ul className="max-h-[34rem] divide-y divide-line overflow-auto border-y border-line">
        {conflicts.slice(0, 40).map((conflict, index) => (
          <li key={index}>
            <button
              type="button"
              className="w-full py-1.5 text-left text-small hover:bg-wash"
              onClick={() => onChoose(conflict.steps.at(-1)!)}
            >
              {conflict.minute !== null ? <span className="font-semibold tabular-nums">{clock(conflict.minute)} </span> : null}
              {inWords(conflict.said)}
            </button>
          </li>
        ))}
      </ul>
      {conflicts.length > 40 ? <p className="text-small text-soft">And {conflicts.length - 40} more.</p> : null}
    </section>
  );
}

/** The parts of the lesson that are the same for everyone. */
export function Parts({ segments, onChange }: { segments: Segments; onChange: (part: Partial<Segments>) => void }) {
  return (
    <section aria-label="Parts of the lesson">
      <h2 className="mb-2 text-lg">Parts of the lesson, minutes</h2>
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <Stepper label="Briefing" value={segments.briefing} min={0} max={120} onChange={(briefing) => onChange({ briefing })} />
        <Stepper
          label="Demonstration"
          value={segments.demonstration}
          min={0}
          max={180}
          onChange={(demonstration) => onChange({ demonstration })}
        />
        <Stepper label="To mark a plate" value={segments.aPlate} min={1} max={30} onChange={(aPlate) => onChange({ aPlate })} />
        <Stepper
          label="A plate may wait"
          value={segments.plateWaits}
          min={0}
          max={60}
          onChange={(plateWaits) => onChange({ plateWaits })}
        />
        <Stepper label="Slack" value={segments.slack} min={0} max={120} onChange={(slack) => onChange({ slack })} />
        <Stepper label="Clean-down" value={segments.cleanDown} min={0} max={120} onChange={(cleanDown) => onChange({ cleanDown })} />
      </div>
    </section>
  );
}
