import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import { plainOf, STRANDS, STRAND_NAMES } from '@pelvo/core';
import type { TechniqueSummary } from '@pelvo/contract';
import { fetcher, send, useAction, useMe, useTechniques } from '../device';
import { Button, ButtonLink, Fetching, Notice, PageHead, ProblemNotice, Section, StrandGlyph, TextField } from '../design';

/** The techniques of the school, in their three strands. */
export default function TechniquesPage() {
  const { data, error, mutate } = useTechniques();
  const lead = useMe().role === 'lead';
  const [search, setSearch] = useState('');
  const wanted = search.trim().toLowerCase();
  const found = (data ?? []).filter(({ name, purpose, words }) =>
    `${name} ${plainOf(purpose)} ${words.join(' ')}`.toLowerCase().includes(wanted),
  );
  return (
    <>
      <PageHead
        title="Techniques"
        lead="The dish is the vehicle; these are what is taught."
        actions={
          <>
            <div className="w-56">
              <TextField
                label="Find a technique"
                labelHidden
                placeholder="Find a technique"
                value={search}
                onChange={(event) => setSearch(event.target.value)}
              />
            </div>
            {lead ? (
              <>
                <ButtonLink to="/techniques/import">Import cards</ButtonLink>
                <ButtonLink kind="main" to="/techniques/new">
                  Write a card
                </ButtonLink>
              </>
            ) : null}
          </>
        }
      />
      <PutAwayNotice />
      <Fetching what="the techniques" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <>
          <div className="grid gap-x-8 gap-y-6 md:grid-cols-3">
            {STRANDS.map((strand) => {
              const own = found.filter((technique) => technique.strand === strand);
              return (
                <section key={strand}>
                  <h2 className="flex items-center gap-2 border-b-2 border-ink pb-1 text-xl">
                    <StrandGlyph strand={strand} size={26} silent /> {STRAND_NAMES[strand]}
                    <span className="ml-auto font-body text-small font-normal text-soft">{own.length}</span>
                  </h2>
                  <ul className="divide-y divide-line">
                    {own.map((technique) => (
                      <li key={technique.id}>
                        <TechniqueLink technique={technique} />
                      </li>
                    ))}
                  </ul>
                  {own.length === 0 ? (
                    <p className="py-3 text-soft">{search ? 'Nothing found here. Try another word.' : 'No card yet.'}</p>
                  ) : null}
                </section>
              );
            })}
          </div>
          <div className="mt-6 text-small">
            All cards as a file:{' '}
            <a href="/api/technique-exports/json" download className="inline-flex min-h-11 items-center px-2">
              JSON
            </a>
            <a href="/api/technique-exports/markdown" download className="inline-flex min-h-11 items-center px-2">
              Markdown
            </a>
          </div>
          {lead ? <PutAway /> : null}
        </>
      ) : null}
    </>
  );
}

function TechniqueLink({ technique: { id, name, purpose, minutes } }: { technique: TechniqueSummary }) {
  return (
    <Link to={`/techniques/${id}`} className="block py-2.5 no-underline hover:bg-wash">
      <span className="flex items-baseline gap-2">
        <span className="font-title text-lg font-bold">{name}</span>
        {minutes.novice === null ? null : <span className="ml-auto whitespace-nowrap text-small text-soft">{minutes.novice} min</span>}
      </span>
      <span className="line-clamp-2 text-small text-soft">{plainOf(purpose)}</span>
    </Link>
  );
}

/** Just archived from its page: one touch restores it. */
function PutAwayNotice() {
  const state = useLocation().state as { putAway?: { id: string; name: string } } | null;
  const [undone, setUndone] = useState(false);
  const { busy, error, run } = useAction();
  const gone = state?.putAway;
  if (!gone || undone) return null;
  const back = () =>
    run(async () => {
      await bringBack(gone.id);
      setUndone(true);
    });
  return (
    <div className="mb-4">
      <Notice title={`"${gone.name}" is archived.`}>
        <Button busy={busy} onClick={() => void back()}>
          Restore it
        </Button>
      </Notice>
      <ProblemNotice error={error} />
    </div>
  );
}

async function bringBack(id: string): Promise<void> {
  await send('PUT', `/techniques/${id}/archived`, { body: { archived: false } });
  await Promise.all([mutateAll('/techniques'), mutateAll('/archived-techniques'), mutateAll(`/techniques/${id}`)]);
}

function PutAway() {
  const { data = [] } = useSWR<readonly TechniqueSummary[]>('/archived-techniques', fetcher);
  const { busy, error, run } = useAction();
  if (data.length === 0) return null;
  return (
    <div className="mt-8">
      <Section title="Archived">
        <ProblemNotice error={error} />
        <ul className="divide-y divide-line">
          {data.map(({ id, name }) => (
            <li key={id} className="flex items-center justify-between gap-4">
              <Link to={`/techniques/${id}`} className="inline-flex min-h-11 items-center">
                {name}
              </Link>
              <Button kind="quiet" busy={busy} onClick={() => void run(() => bringBack(id))}>
                Restore<span className="sr-only"> {name}</span>
              </Button>
            </li>
          ))}
        </ul>
      </Section>
    </div>
  );
}
