import { useState } from 'react';
import { Link } from 'react-router';
import { STRANDS, STRAND_NAMES } from '@pelvo/core';
import { Shell } from '../app/Shell';
import { Fetching, PageHead, StrandGlyph, TextField } from '../design';
import { useTechniques } from './useTechniques';

/** The techniques of the school, in their three strands. */
export default function TechniquesPage() {
  const { data, error, mutate } = useTechniques();
  const [search, setSearch] = useState('');
  const found = (data ?? []).filter((technique) =>
    `${technique.name} ${technique.purpose}`.toLowerCase().includes(search.trim().toLowerCase()),
  );
  return (
    <Shell>
      <PageHead
        title="Techniques"
        lead="The dish is the vehicle; these are what is taught."
        actions={
          <div className="w-64">
            <TextField
              label="Find a technique"
              labelHidden
              placeholder="Find a technique"
              value={search}
              onChange={(event) => setSearch(event.target.value)}
            />
          </div>
        }
      />
      <Fetching what="the techniques" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
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
                      <Link to={`/techniques/${technique.id}`} className="block py-3 no-underline hover:bg-wash">
                        <span className="font-title text-lg font-bold">{technique.name}</span>
                        <span className="block text-soft">{technique.purpose}</span>
                      </Link>
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
      ) : null}
    </Shell>
  );
}
