import { CircleAlert, Info, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import { problemOf, type Problem } from '@pelvo/contract';
import { fieldInWords } from './fieldInWords';

type Kind = 'info' | 'caution' | 'problem';
const ICONS = { info: Info, caution: TriangleAlert, problem: CircleAlert };

/** A block that tells something: information, a caution of the work, or a problem. */
export function Notice({ kind = 'info', title, children }: { kind?: Kind; title?: string; children?: ReactNode }) {
  const Icon = ICONS[kind];
  const frame = kind === 'problem' ? 'border-beet bg-beet-wash' : kind === 'caution' ? 'border-ink bg-tile' : 'border-line bg-tile';
  return (
    <div role={kind === 'problem' ? 'alert' : undefined} className={`flex gap-3 border-2 border-l-8 ${frame} px-4 py-3`}>
      <Icon aria-hidden className="mt-0.5 size-5 shrink-0" />
      <div className="min-w-0">
        {title ? <p className="font-semibold">{title}</p> : null}
        {children}
      </div>
    </div>
  );
}

/** The one place that shows a failed request: what is wrong, where, and what to do. */
export function ProblemNotice({ error, retry }: { error: unknown; retry?: () => void }) {
  if (!error) return null;
  const problem: Problem = problemOf(error);
  return (
    <Notice kind="problem" title={problem.title}>
      {problem.detail ? <p>{problem.detail}</p> : null}
      {problem.errors ? (
        <ul className="mt-1 list-disc pl-5">
          {problem.errors.map((found, index) => (
            <li key={index}>
              <b>{fieldInWords(found.field)}</b>: {found.problem} {found.remedy}
            </li>
          ))}
        </ul>
      ) : null}
      {retry ? (
        <button type="button" onClick={retry} className="mt-2 min-h-11 font-semibold underline underline-offset-4">
          Try again
        </button>
      ) : null}
    </Notice>
  );
}

/** What an area shows while it has nothing: the next useful step, with an example. */
export function Empty({ title, children, action }: { title: string; children: ReactNode; action?: ReactNode }) {
  return (
    <div className="border-2 border-dashed border-soft px-6 py-8">
      <h2 className="text-xl">{title}</h2>
      <div className="mt-2 max-w-prose text-soft">{children}</div>
      {action ? <div className="mt-4">{action}</div> : null}
    </div>
  );
}

/** Stands where something is being loaded. */
export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="hatch h-24 border border-line">
      <span className="inline-block bg-paper px-3 py-1 text-soft">Fetching {what} …</span>
    </div>
  );
}

interface FetchingProps {
  readonly what: string;
  /** True once it is there. */
  readonly done: boolean;
  readonly error: unknown;
  readonly retry: () => void;
}

/** Stands above whatever is fetched: that it is coming, or that it failed and how to go on. Nothing once it is there. */
export function Fetching({ what, done, error, retry }: FetchingProps) {
  if (error) return <ProblemNotice error={error} retry={retry} />;
  return done ? null : <Loading what={what} />;
}
