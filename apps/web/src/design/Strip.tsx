import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { PhaseState } from '@pelvo/core';

export interface StripItem {
  readonly key: string;
  readonly to: string;
  /** The moment in time, above the block. */
  readonly when: string;
  readonly title: string;
  readonly said: string;
  readonly state: PhaseState;
}

interface StripProps {
  readonly label: string;
  readonly items: readonly StripItem[];
  readonly current: string | null;
  /** The block before which "today" stands. */
  readonly todayBefore?: string | null;
  readonly small?: boolean;
}

const STATE_WORDS: Readonly<Record<PhaseState, string>> = { done: 'done', open: 'open', missing: 'something is missing' };
const FILL: Readonly<Record<PhaseState, string>> = {
  done: 'bg-paper text-ink border-paper',
  open: 'border-paper text-paper',
  missing: 'border-paper border-dashed text-paper',
};

/**
 * The strip of time that runs through every screen: blocks in the order of time, each a link. A filled block is done,
 * one with a hatched edge is open, a dashed one lacks something; the block one is in carries a bar below.
 */
export function Strip({ label, items, current, todayBefore = null, small = false }: StripProps) {
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    const block = here.current;
    const row = block?.parentElement;
    if (block && row) row.scrollLeft = block.offsetLeft - row.clientWidth / 2 + block.clientWidth / 2;
  }, [current, todayBefore, items.length]);
  return (
    <nav aria-label={label} className="on-dark no-print bg-ink text-paper">
      <ol className={`mx-auto flex max-w-[88rem] items-stretch gap-2 overflow-x-auto px-4 sm:px-7 ${small ? 'py-2' : 'py-3'}`}>
        {items.map((item) => (
          <li
            key={item.key}
            ref={item.key === (current ?? todayBefore) ? here : undefined}
            className={`relative flex shrink-0 gap-2 ${small ? 'w-52' : 'min-w-52 flex-1'} ${item.key === todayBefore ? 'min-w-64' : ''}`}
          >
            {item.key === todayBefore ? (
              <span className="flex flex-col items-center text-small font-semibold text-beet-light">
                today
                <span aria-hidden className="w-1 grow bg-beet-light" />
              </span>
            ) : null}
            <Link
              to={item.to}
              aria-current={item.key === current ? 'page' : undefined}
              className="group flex min-w-0 grow flex-col no-underline"
            >
              <span className="truncate text-small text-paper/85">{item.when}</span>
              <span
                className={`mt-0.5 flex min-h-11 grow overflow-hidden rounded-sm border-2 ${FILL[item.state]} group-hover:border-beet-light`}
              >
                {item.state === 'open' ? <span aria-hidden className="hatch-light w-3 shrink-0 border-r border-paper/60" /> : null}
                <span className="min-w-0 px-2.5 py-1">
                  <span className="block truncate font-semibold leading-snug">{item.title}</span>
                  {small ? null : <span className="block truncate text-small leading-snug">{item.said}</span>}
                  <span className="sr-only">, {STATE_WORDS[item.state]}</span>
                </span>
              </span>
              <span aria-hidden className={`mt-1 h-1.5 rounded-full ${item.key === current ? 'bg-beet-light' : ''}`} />
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}
