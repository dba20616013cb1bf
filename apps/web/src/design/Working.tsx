import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { Figure } from '@pelvo/core';
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

/** The working of one figure: its parts, what they add up to, the rounding, and what to know. */
export function Working({ figure, onClose }: { figure: Figure; onClose?: () => void }) {
  return (
    <div aria-live="polite" className="text-small">
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-lg">
          {figure.label}: {figure.shown}
        </h2>
        {onClose ? (
          <button type="button" onClick={onClose} className="min-h-11 px-1 font-semibold underline underline-offset-4">
            Close
          </button>
        ) : null}
      </div>
      <ol className="mt-2 divide-y divide-line border-y border-line">
        {figure.parts.map((part, index) => (
          <li key={index} className="flex items-baseline justify-between gap-3 py-1.5">
            <span className="min-w-0">
              {part.from}
              <span className="block text-soft">{part.how}</span>
            </span>
            <b className="whitespace-nowrap">{part.shown}</b>
          </li>
        ))}
      </ol>
      {figure.rounding ? <p className="mt-2">{figure.rounding}</p> : null}
      <ul className="mt-2 list-disc space-y-1 pl-5 text-soft">
        {figure.estimate ? <li>an estimate, not a measurement</li> : null}
        {figure.notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </ul>
    </div>
  );
}

/** A computed figure: one touch, or Enter, opens its working. Estimates carry a tilde. */
export function FigureValue({ id, figure, className = '' }: { id: string; figure: Figure; className?: string }) {
  const working = useContext(WorkingContext);
  const open = working?.openKey === id;
  useEffect(() => working?.refresh(id, figure), [working, id, figure]);
  return (
    <button
      type="button"
      aria-expanded={open}
      aria-label={`${figure.label}: ${figure.estimate ? 'about ' : ''}${figure.shown}, show the working`}
      onClick={() => working?.toggle(id, figure)}
      className={`figure-mark inline-flex min-h-9 min-w-11 items-center justify-end whitespace-nowrap font-semibold ${open ? 'bg-beet-wash' : 'hover:bg-wash'} ${className}`}
    >
      {figure.estimate ? <span className="mr-0.5 text-soft">~</span> : null}
      {figure.shown}
    </button>
  );
}
