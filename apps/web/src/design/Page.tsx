import { useEffect, type ReactNode } from 'react';

/** The head of a page: its name, what it is, and what can be done. Also names the browser tab. */
export function PageHead({ title, lead, actions }: { title: string; lead?: ReactNode; actions?: ReactNode }) {
  useEffect(() => {
    document.title = `${title} · Pelvo`;
  }, [title]);
  return (
    <div className="mb-5 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
      <div className="min-w-0">
        <h1 className="text-3xl [overflow-wrap:anywhere]">{title}</h1>
        {lead ? <p className="mt-1 text-soft">{lead}</p> : null}
      </div>
      {actions ? <div className="no-print flex flex-wrap gap-2">{actions}</div> : null}
    </div>
  );
}

export function Section({ title, children, aside }: { title: string; children: ReactNode; aside?: ReactNode }) {
  return (
    <section className="mt-8 first:mt-0">
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-3 border-b-2 border-ink pb-1">
        <h2 className="text-xl">{title}</h2>
        {aside}
      </div>
      {children}
    </section>
  );
}
