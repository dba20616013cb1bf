import { useState } from 'react';
import {
  lookAlike,
  NOTED_LIMITS,
  notedOf,
  touchFault,
  withNote,
  withNoted,
  type Criterion,
  type FaultNote,
  type PlacedComponent,
  type SeenValue,
} from '@pelvo/core';

interface FaultNotesProps {
  readonly criterion: Criterion;
  readonly value: SeenValue;
  readonly components: readonly PlacedComponent[];
  readonly onMark: (value: SeenValue) => void;
}

/** What the student will read of each fault: where it sits, what is likely behind it, and what to do next time, in the card's words or one's own. */
export function FaultNotes({ criterion, value, components, onMark }: FaultNotesProps) {
  const noted = notedOf(value);
  const add = (key: string, note: FaultNote) => onMark(withNoted(value, withNote(noted, key, note)));
  // It was the other one after all: one touch takes the one and notes the other.
  const swap = (fault: Fault, other: Fault) => {
    const without = touchFault(noted, fault, components);
    onMark(withNoted(value, without.faults.includes(other.key) ? without : touchFault(without, other, components)));
  };
  return (
    <ul aria-label="What the student reads" className="mt-3 divide-y divide-line border-y border-line">
      {criterion.faults
        .filter(({ key }) => value.faults.includes(key))
        .map((fault) => (
          <OneFault
            key={fault.key}
            fault={fault}
            note={value.notes?.[fault.key] ?? {}}
            components={components}
            onNote={(note) => add(fault.key, note)}
            alike={lookAlike(fault, criterion.faults)}
            onSwap={(other) => swap(fault, other)}
          />
        ))}
    </ul>
  );
}

type Fault = Criterion['faults'][number];

interface OneFaultProps {
  readonly fault: Fault;
  /** One that looks like it, and what tells them apart. */
  readonly alike: { readonly other: Fault; readonly test: string } | null;
  readonly onSwap: (other: Fault) => void;
  readonly note: FaultNote;
  readonly components: readonly PlacedComponent[];
  readonly onNote: (note: FaultNote) => void;
}

function OneFault({ fault: { see, cause, correction }, alike, onSwap, note, components, onNote }: OneFaultProps) {
  const [own, setOwn] = useState<string | null>(null);
  const nextTime = note.nextTime ?? correction;
  const keep = () => {
    const said = (own ?? '').trim();
    onNote({ nextTime: said === correction ? '' : said });
    setOwn(null);
  };
  return (
    <li className="py-2">
      <p>
        <b>
          {see}
          {note.place ? `, ${note.place}` : ''}.
        </b>{' '}
        {cause ? `Likely cause: ${cause}.` : ''} {nextTime ? `Next time: ${nextTime}.` : ''}
      </p>
      {alike ? (
        <p className="mt-1 flex flex-wrap items-center gap-x-3 border-l-4 border-ink pl-3">
          <span>{alike.test}</span>
          <button
            type="button"
            onClick={() => onSwap(alike.other)}
            className="min-h-12 rounded-sm border-2 border-line bg-tile px-3 hover:border-ink"
          >
            It is “{alike.other.see}”
          </button>
        </p>
      ) : null}
      {components.length > 1 ? (
        <div role="group" aria-label={`Where: ${see}`} className="mt-1 flex flex-wrap gap-2">
          {[...components.flatMap(({ name }) => name || []), ''].map((place) => (
            <button
              key={place}
              type="button"
              aria-pressed={(note.place ?? '') === place}
              onClick={() => onNote({ place })}
              className={`min-h-12 rounded-sm border-2 px-3 ${(note.place ?? '') === place ? 'border-ink bg-ink text-paper' : 'border-line bg-tile hover:border-ink'}`}
            >
              {place || 'the whole plate'}
            </button>
          ))}
        </div>
      ) : null}
      {own === null ? (
        <button type="button" onClick={() => setOwn(nextTime)} className="min-h-12 font-semibold underline underline-offset-4">
          Say it otherwise
        </button>
      ) : (
        <form
          className="mt-1 flex flex-wrap gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <input
            autoFocus
            aria-label={`Next time: ${see}`}
            maxLength={NOTED_LIMITS.nextTime}
            value={own}
            onChange={(event) => setOwn(event.target.value)}
            className="min-h-12 min-w-0 grow border-2 border-ink bg-paper px-3"
          />
          <button type="submit" className="min-h-12 rounded-sm border-2 border-ink bg-tile px-3 font-semibold">
            Keep it
          </button>
        </form>
      )}
    </li>
  );
}
