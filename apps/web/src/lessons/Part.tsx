import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';

interface PartProps {
  /** Who, what, when, with what. */
  readonly name: string;
  /** What is decided, at a glance. */
  readonly glance: ReactNode;
  /** Something in it is missing or not right: it stands open. */
  readonly open?: boolean;
  /** What it is changed with; left out where it is only looked at. */
  readonly children?: ReactNode;
}

/** A part of a lesson: seen at a glance, and changed where it stands. */
export function Part({ name, glance, open = false, children }: PartProps) {
  if (!children)
    return (
      <section className="border-2 border-ink bg-tile p-4">
        <h2 className="text-lg">{name}</h2>
        <div className="mt-1">{glance}</div>
      </section>
    );
  return (
    <details open={open} className="group min-w-0 border-2 border-ink bg-tile open:col-span-full" data-part={name}>
      <summary className="list-none p-4 hover:bg-wash">
        <span className="flex items-baseline justify-between gap-3">
          <h2 className="text-lg">{name}</h2>
          <span className="inline-flex items-center gap-1 text-small font-semibold">
            <span className="group-open:hidden">Change</span>
            <span className="hidden group-open:inline">Close</span>
            <ChevronDown aria-hidden className="size-4 group-open:rotate-180" />
          </span>
        </span>
        <span className="mt-1 block">{glance}</span>
      </summary>
      <div className="border-t-2 border-line p-4">{children}</div>
    </details>
  );
}
