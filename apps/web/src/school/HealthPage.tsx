import { CircleAlert, CircleCheck, CircleHelp, TriangleAlert } from 'lucide-react';
import useSWR from 'swr';
import type { HealthState } from '@pelvo/core';
import type { HealthDetails } from '@pelvo/contract';
import { clockTime, fetcher, inWords } from '../device';
import { Button, Fetching, PageHead } from '../design';
import { HEALTH_NAMES, STATE_NAMES } from './healthNames';

const ICONS = { good: CircleCheck, attention: TriangleAlert, wrong: CircleAlert, unknown: CircleHelp } as const;
const FRAMES: Readonly<Record<HealthState, string>> = {
  good: 'border-line',
  attention: 'border-ink bg-tile',
  wrong: 'border-beet bg-beet-wash',
  unknown: 'border-dashed border-line',
};

/** What is well and what is not with the machine Pelvo runs on, and what to do. */
export default function HealthPage() {
  const { data, error, isValidating, mutate } = useSWR<HealthDetails>('/health/details', fetcher);
  const open = data?.checks.filter(({ state }) => state === 'wrong' || state === 'attention').length ?? 0;
  return (
    <>
      <PageHead
        title="How this installation is"
        lead={
          data
            ? `${open === 0 ? 'Nothing to do.' : open === 1 ? 'One thing to look at.' : `${open} things to look at.`} Seen at ${clockTime(timeOf(data.at))}.`
            : undefined
        }
        actions={
          <Button busy={isValidating} onClick={() => void mutate()}>
            Look again
          </Button>
        }
      />
      <Fetching what="how it is" done={data !== undefined} error={error} retry={() => void mutate()} />
      <ul className="space-y-3">
        {data?.checks.map(({ key, state, said, todo }) => {
          const Icon = ICONS[state];
          return (
            <li
              key={key}
              className={`grid gap-x-4 gap-y-1 border-2 border-l-8 px-4 py-3 sm:grid-cols-[12rem_minmax(0,1fr)] ${FRAMES[state]}`}
            >
              <h2 className="flex items-center gap-2 text-xl">
                <Icon aria-hidden className="size-5 shrink-0" /> {HEALTH_NAMES[key]}
              </h2>
              <div>
                <p>
                  <b>{STATE_NAMES[state]}.</b> {inWords(said)}
                </p>
                {todo ? <p className="mt-1">{inWords(todo)}</p> : null}
              </div>
            </li>
          );
        })}
      </ul>
      {data ? (
        <p className="mt-6 text-soft">
          {data.database ? `MariaDB ${data.database.split('-')[0]!}. ` : ''}A supervisor finds the same, without words, at /api/health: 200
          when people can work, 503 when they cannot. The guide to running Pelvo for years is docs/running.md.
        </p>
      ) : null}
    </>
  );
}

const timeOf = (iso: string): string => {
  const at = new Date(iso);
  return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
};
