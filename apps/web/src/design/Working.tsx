import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Figure, Reference, RowInWords } from '@pelvo/core';
import { inWords, shown, told } from '../device';
import { Dialog } from './Dialog';
import { useMedia } from './useMedia';

interface WorkingState {
  readonly openKey: string | null;
  readonly toggle: (key: string, figure: Figure) => void;
  readonly refresh: (key: string, figure: Figure) => void;
}

const WorkingContext = createContext<WorkingState | null>(null);

/**
 * A page whose figures open to their working: in the ruled margin on the right where there is room, in a sheet along
 * the lower edge where there is not. `aside` fills the margin while nothing is open.
 */
export function WorkingPage({ children, aside }: { children: ReactNode; aside?: ReactNode }) {
  const [open, setOpen] = useState<{ key: string; figure: Figure } | null>(null);
  const roomy = useMedia('(min-width: 1100px)');
  const toggle = useCallback((key: string, figure: Figure) => setOpen((now) => (now?.key === key ? null : { key, figure })), []);
  const refresh = useCallback(
    (key: string, figure: Figure) => setOpen((now) => (now?.key === key && now.figure !== figure ? { key, figure } : now)),
    [],
  );
  const state = useMemo(() => ({ openKey: open?.key ?? null, toggle, refresh }), [open?.key, toggle, refresh]);
  return (
    <WorkingContext value={state}>
      <div className="gap-9 min-[1100px]:grid min-[1100px]:grid-cols-[minmax(0,1fr)_19rem]">
        <div className="min-w-0">{children}</div>
        {roomy ? (
          <aside
            aria-label="Working"
            className="no-print sticky top-4 max-h-[calc(100vh-2rem)] self-start overflow-auto border-l-2 border-beet pl-4"
          >
            {open ? <Working figure={open.figure} onClose={() => setOpen(null)} /> : (aside ?? <MarginHint />)}
          </aside>
        ) : (
          <>
            {aside ? <div className="mt-8 border-l-2 border-beet pl-4">{aside}</div> : null}
            <Dialog sheet open={open !== null} onClose={() => setOpen(null)} title="Working">
              {open ? <Working figure={open.figure} /> : null}
            </Dialog>
          </>
        )}
      </div>
    </WorkingContext>
  );
}

function MarginHint() {
  return <p className="text-small text-soft">Figures with a dotted line open to their working, here in the margin.</p>;
}

/** The working of one figure: its parts, what they add up to, the rounding, and what to know. Parts lead on to where they come from. */
export function Working({ figure, onClose }: { figure: Figure; onClose?: () => void }) {
  const { label, shown, rows, rounding, notes, estimate } = told(figure);
  return (
    <div aria-live="polite" className="text-small">
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-lg">
          {label}: {shown}
        </h2>
        {onClose ? (
          <button type="button" onClick={onClose} className="min-h-11 px-1 font-semibold underline underline-offset-4">
            Close
          </button>
        ) : null}
      </div>
      <ol className="mt-2 divide-y divide-line border-y border-line">
        {rows.map((row, index) => (
          <li key={index} className="flex items-baseline justify-between gap-3 py-1.5">
            <span className="min-w-0">
              <Source row={row} />
              <span className="block text-soft">{row.how}</span>
            </span>
            <b className="whitespace-nowrap">{row.shown}</b>
          </li>
        ))}
      </ol>
      {rounding ? <p className="mt-2">{rounding}</p> : null}
      <ul className="mt-2 list-disc space-y-1 pl-5 text-soft">
        {estimate ? <li>an estimate, not a measurement</li> : null}
        {notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </ul>
    </div>
  );
}

/** Where a part comes from; one touch leads there. */
function Source({ row }: { row: RowInWords }) {
  const to = placeOf(row.reference);
  return to ? (
    <Link to={to} className="inline-flex min-h-9 items-center">
      {row.from}
    </Link>
  ) : (
    <>{row.from}</>
  );
}

/** The screen on which what is referred to stands; null for what stands on the page one is on. */
function placeOf(reference: Reference | null): string | null {
  if (reference?.kind === 'line' && reference.editionId) return `/dish-editions/${reference.editionId}#line-${reference.lineId}`;
  if (reference?.kind === 'fact') return `/ingredients?name=${encodeURIComponent(reference.item)}`;
  if (reference?.kind === 'limit') return '/rules';
  return null;
}

interface FigureValueProps {
  readonly id: string;
  readonly figure: Figure;
  readonly className?: string;
  /** What is shown where the value alone says too little: "3 tins of 400 g". */
  readonly as?: string;
}

/** A computed figure: one touch, or Enter, opens its working. Estimates carry a tilde. */
export function FigureValue({ id, figure, className = '', as }: FigureValueProps) {
  const working = useContext(WorkingContext);
  const open = working?.openKey === id;
  useEffect(() => working?.refresh(id, figure), [working, id, figure]);
  const value = as ?? shown(figure);
  return (
    <button
      type="button"
      aria-expanded={open}
      aria-label={`${inWords(figure.label)}: ${figure.estimate ? 'about ' : ''}${value}, show the working`}
      onClick={() => working?.toggle(id, figure)}
      className={`figure-mark inline-flex min-h-9 min-w-11 items-center justify-end whitespace-nowrap font-semibold ${open ? 'bg-beet-wash' : 'hover:bg-wash'} ${className}`}
    >
      {figure.estimate ? <span className="mr-0.5 text-soft">~</span> : null}
      {value}
    </button>
  );
}
