import { Link } from 'react-router';
import { MATTERS } from '@pelvo/core';
import { useMe, useTechniques, usePractices } from '../device';
import { Fetching, Notice, PageHead } from '../design';
import { MatterLine } from './MatterLine';

/** The matters on which good practitioners disagree, and what this school teaches. */
export default function PracticesPage() {
  const { data, error, mutate } = usePractices();
  const { data: techniques = [] } = useTechniques();
  const lead = useMe().role === 'lead';
  const open = MATTERS.filter((matter) => data && !data.choices[matter]);
  return (
    <>
      <PageHead
        title="Practices"
        lead="Where good practitioners disagree, a school chooses, and a lesson may teach otherwise. Nobody is marked down for what the lesson teaches."
      />
      <Fetching what="the practices" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <>
          {open.length > 0 ? (
            <Notice title={`${open.length} of ${MATTERS.length} matters are open`}>
              {lead ? 'Choose where the school has a view; leave open what each lesson may decide.' : 'The lead instructor chooses.'}
            </Notice>
          ) : null}
          <ul className="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-2">
            {MATTERS.map((matter) => {
              const cards = techniques.filter((technique) => technique.matters.includes(matter));
              return (
                <li key={matter} className="border-t-2 border-ink pt-2">
                  <MatterLine matter={matter} />
                  {cards.length > 0 ? (
                    <p className="mt-1 text-small text-soft">
                      Decides on{' '}
                      {cards.slice(0, 6).map(({ id, name }, index) => (
                        <span key={id}>
                          {index > 0 ? ', ' : ''}
                          <Link to={`/techniques/${id}`}>{name}</Link>
                        </span>
                      ))}
                      {cards.length > 6 ? ` and ${cards.length - 6} more cards` : ''}.
                    </p>
                  ) : null}
                </li>
              );
            })}
          </ul>
        </>
      ) : null}
    </>
  );
}
