import { Ear, Eye, Gauge, Hand, Soup, Wind } from 'lucide-react';
import { Link, useParams } from 'react-router';
import useSWR from 'swr';
import { STRAND_NAMES, type Cue } from '@pelvo/core';
import type { TechniqueWithUse } from '@pelvo/contract';
import { fetcher } from '../app/client';
import { Shell } from '../app/Shell';
import { Button, Fetching, Notice, PageHead, Section, StrandGlyph } from '../design';

const SENSES: Readonly<Record<Cue['sense'], { icon: typeof Eye; name: string }>> = {
  see: { icon: Eye, name: 'See' },
  hear: { icon: Ear, name: 'Hear' },
  smell: { icon: Wind, name: 'Smell' },
  feel: { icon: Hand, name: 'Feel' },
  taste: { icon: Soup, name: 'Taste' },
  measure: { icon: Gauge, name: 'Measure' },
};

/** A technique card, to teach from and to print. */
export default function TechniquePage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<TechniqueWithUse>(`/techniques/${id}`, fetcher);
  return (
    <Shell>
      <Fetching what="the card" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <Card technique={data} /> : null}
    </Shell>
  );
}

function Card({ technique }: { technique: TechniqueWithUse }) {
  return (
    <article>
      <PageHead
        title={technique.name}
        lead={
          <span className="inline-flex items-center gap-2">
            <StrandGlyph strand={technique.strand} silent /> {STRAND_NAMES[technique.strand]}
          </span>
        }
        actions={<Button onClick={() => print()}>Print the card</Button>}
      />
      <p className="mb-6 max-w-3xl font-title text-xl">{technique.purpose}</p>
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[3fr_2fr] print:grid-cols-[3fr_2fr]">
        <div>
          <Section title="Steps">
            <ol className="space-y-2">
              {technique.steps.map((step, index) => (
                <li key={step} className="flex gap-3">
                  <b className="w-6 shrink-0 text-right font-title">{index + 1}</b>
                  <span className="max-w-prose">{step}</span>
                </li>
              ))}
            </ol>
          </Section>
          <Section title="What decides the result">
            <ul className="space-y-2">
              {technique.criticalPoints.map((point) => (
                <li key={point} className="border-l-8 border-ink pl-3 font-semibold">
                  {point}
                </li>
              ))}
            </ul>
          </Section>
        </div>
        <div>
          <Section title="Cues">
            <ul className="space-y-2">
              {technique.cues.map(({ sense, text }) => {
                const { icon: Icon, name } = SENSES[sense];
                return (
                  <li key={text} className="flex gap-3">
                    <Icon aria-hidden className="mt-1 size-5 shrink-0" />
                    <span>
                      <b>{name}:</b> {text}
                    </span>
                  </li>
                );
              })}
            </ul>
          </Section>
          <Section title="Tools">
            <p>{technique.tools.join(', ')}</p>
          </Section>
          <div className="mt-6">
            <Notice kind="caution" title="Care">
              <ul className="list-disc space-y-1 pl-5">
                {technique.cautions.map((caution) => (
                  <li key={caution}>{caution}</li>
                ))}
              </ul>
            </Notice>
          </div>
        </div>
      </div>
      <Section title="Faults">
        <div className="overflow-x-auto">
          <table className="w-full min-w-[40rem] text-left">
            <thead>
              <tr className="text-small text-soft">
                <th className="py-1 pr-4">You see</th>
                <th className="py-1 pr-4">Likely cause</th>
                <th className="py-1">Correction</th>
              </tr>
            </thead>
            <tbody className="divide-y divide-line align-top">
              {technique.faults.map((fault) => (
                <tr key={fault.key}>
                  <th scope="row" className="w-1/4 py-2 pr-4 font-semibold">
                    {fault.see}
                  </th>
                  <td className="w-1/4 py-2 pr-4">{fault.cause}</td>
                  <td className="py-2">{fault.correction}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </Section>
      <div className="no-print">
        <Section title="Dishes that exercise it">
          {technique.dishes.length === 0 ? (
            <p className="text-soft">None yet. Name it on a step of a dish.</p>
          ) : (
            <ul className="flex flex-wrap gap-x-6 gap-y-1">
              {technique.dishes.map((dish) => (
                <li key={dish.id}>
                  <Link to={`/dishes/${dish.id}`} className="inline-flex min-h-11 items-center">
                    {dish.title}
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </Section>
      </div>
    </article>
  );
}
