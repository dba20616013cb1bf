import { useState } from 'react';
import {
  donenessKey,
  donenessTable,
  LADDERS,
  measure,
  RULE_SPECS,
  ruleValue,
  WHO_DECIDES,
  type DonenessFood,
  type LocalRules,
} from '@pelvo/core';
import { measured, useInForce, useMe, useSchool } from '../device';
import { Button, DataTable, Fetching, heatBand, Ladder, PageHead, Section } from '../design';
import { BandForm } from './BandForm';

/** How far food is cooked, by core and by cue, and the ladders of stages: for the wall and the desk. */
export default function DonenessPage() {
  const { inForce, error, retry } = useInForce();
  const { data: school } = useSchool();
  const lead = useMe().role === 'lead';
  const [changing, setChanging] = useState<string | null>(null);
  const rows = inForce
    ? donenessTable(inForce.doneness).flatMap((food) =>
        food.degrees.map((degree, at) => ({ food, degree, first: at === 0, key: donenessKey(food.key, degree.key) })),
      )
    : [];
  const changed = rows.find(({ key }) => key === changing);
  return (
    <>
      <PageHead
        title="Doneness and stages"
        lead="Cores at their peak, after resting: what is pleasant to eat. What is safe the local rule beside it says."
        actions={
          <span className="no-print">
            <Button onClick={() => print()}>Print for the wall</Button>
          </span>
        }
      />
      <Fetching what="the local rules" done={inForce !== null} error={error} retry={retry} />
      {inForce ? (
        <Section title="Cores">
          {changed && school ? (
            <BandForm
              key={changed.key}
              food={changed.food.key}
              degree={changed.degree.key}
              name={`${changed.food.name}: ${changed.degree.name}`}
              school={school}
              onDone={() => setChanging(null)}
            />
          ) : null}
          <DataTable
            rows={rows}
            keyOf={({ key }) => key}
            columns={[
              { head: 'Food', names: true, cell: ({ food, first }) => (first ? food.name : <span className="sr-only">{food.name}</span>) },
              { head: 'Degree', cell: ({ degree }) => <b>{degree.name}</b> },
              { head: 'Core', cell: ({ degree }) => heatBand(degree.from, degree.to) },
              { head: 'Without a probe', cell: ({ degree }) => degree.cue },
              { head: 'Rest', cell: ({ degree }) => degree.rest },
              {
                head: 'Local rule',
                cell: ({ food, degree }) => <Rule food={food} from={degree.from} rules={inForce.rules} />,
              },
              {
                head: 'By',
                cell: ({ food, degree, key }) => (
                  <>
                    {inForce.doneness[key] ? <b>this school</b> : <span className="text-soft">{food.sure}</span>}
                    {lead ? (
                      <span className="no-print">
                        {' '}
                        <Button kind="quiet" aria-expanded={changing === key} onClick={() => setChanging(changing === key ? null : key)}>
                          Change
                          <span className="sr-only">
                            {' '}
                            {food.name}, {degree.name}
                          </span>
                        </Button>
                      </span>
                    ) : null}
                  </>
                ),
              },
            ]}
          />
          <p className="mt-2 text-small text-soft">
            What ships are bands as commonly taught, our own reading of them. {WHO_DECIDES} Minced, rolled, filled or needled food is never
            served below its rule.
          </p>
        </Section>
      ) : null}
      <Section title="Stages">
        <ul className="grid gap-5 md:grid-cols-2">
          {LADDERS.map((ladder) => (
            <li key={ladder.key} className="break-inside-avoid border-t-4 border-ink bg-tile p-4">
              <Ladder ladder={ladder} />
            </li>
          ))}
        </ul>
      </Section>
    </>
  );
}

function Rule({ food, from, rules }: { food: DonenessFood; from: number; rules: LocalRules }) {
  if (!food.rule) return <span className="text-soft">none: no matter of safety</span>;
  const need = ruleValue(food.rule, rules);
  return (
    <>
      {measured(measure(need, 'celsius'))} <span className="text-soft">{RULE_SPECS[food.rule].name.toLowerCase()}</span>
      {from < need ? <b className="block">below it: only under an allowance</b> : null}
    </>
  );
}
