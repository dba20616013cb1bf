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
  return (
    <section data-part={name} className="relative min-w-0 border-2 border-ink bg-tile has-[details[open]]:col-span-full">
      <div className="p-4 pr-28">
        <h2 className="text-lg">{name}</h2>
        <div className="mt-1">{glance}</div>
      </div>
      {children ? (
        <details open={open} className="group">
          <summary className="absolute top-1.5 right-1.5 flex min-h-11 list-none items-center gap-1 px-3 text-small font-semibold hover:bg-wash">
            <span className="group-open:hidden">
              Change<span className="sr-only"> {name}</span>
            </span>
            <span className="hidden group-open:inline">
              Close<span className="sr-only"> {name}</span>
            </span>
            <ChevronDown aria-hidden className="size-4 group-open:rotate-180" />
          </summary>
          <div className="border-t-2 border-line p-4">{children}</div>
        </details>
      ) : null}
    </section>
  );
}
