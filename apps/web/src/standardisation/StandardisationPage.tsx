import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import useSWR from 'swr';
import {
  criteriaByEye,
  LEVEL_NAMES,
  markInWords,
  standardisationOutcome,
  valuesByEye,
  type Criterion,
  type MarkValue,
  type SampleDish,
  type SampleMark,
} from '@pelvo/core';
import type { SampleMarkBody, Standardisation } from '@pelvo/contract';
import { fetcher, send, useAction, useMe } from '../device';
import { Button, DataTable, Fetching, PageHead, ProblemNotice, Section } from '../design';
import { ResultPhotos } from '../photos';

const same = (a: MarkValue | undefined, b: MarkValue) =>
  a !== undefined && JSON.stringify({ ...a, faults: [] }) === JSON.stringify({ ...b, faults: [] });
const markAt = (marks: readonly SampleMark[], sampleId: string, criterionKey: string) =>
  marks.find((mark) => mark.sampleId === sampleId && mark.criterionKey === criterionKey)?.value;

/** Sample dishes to judge alone; then where all who judged them differ, and what is taken for right. */
export default function StandardisationPage() {
  const { id = '' } = useParams();
  const path = `/standardisations/${id}`;
  const { data, error, mutate } = useSWR<Standardisation>(path, fetcher);
  return (
    <>
      <Fetching what="the standardisation" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <Exercise of={data} onChange={(next) => void mutate(next, { revalidate: false })} /> : null}
    </>
  );
}

function Exercise({ of, onChange }: { readonly of: Standardisation; readonly onChange: (next: Standardisation) => void }) {
  const lead = useMe().role === 'lead';
  const navigate = useNavigate();
  const [at, setAt] = useState(0);
  const [asked, setAsked] = useState(false);
  const { busy, error, run } = useAction();
  const path = `/standardisations/${of.id}`;
  const criteria = criteriaByEye(of.rubric);
  const sample = of.samples[Math.min(at, of.samples.length - 1)]!;
  const give = (body: SampleMarkBody) => void run(async () => onChange(await send<Standardisation>('PUT', `${path}/marks`, { body })));
  const done = (dish: SampleDish) => criteria.filter(({ key }) => markAt(of.mine, dish.id, key)).length;
  const left = of.samples.reduce((sum, dish) => sum + criteria.length - done(dish), 0);
  return (
    <>
      <PageHead
        title={of.title}
        lead={
          of.closed
            ? `${of.rubric.name}. Closed: what was said stays.`
            : left > 0
              ? `${of.rubric.name}. ${left} judgements left; what others said is shown once all of yours are given.`
              : `${of.rubric.name}. All judged: below is how it came out.`
        }
        actions={
          lead ? (
            <>
              <Button
                busy={busy}
                onClick={() =>
                  void run(async () => onChange(await send<Standardisation>('PUT', `${path}/closed`, { body: { closed: !of.closed } })))
                }
              >
                {of.closed ? 'Open it again' : 'Close it'}
              </Button>
              <Button
                kind="quiet"
                busy={busy}
                onClick={() =>
                  asked
                    ? void run(async () => {
                        await send('DELETE', path);
                        void navigate('/standardisations');
                      })
                    : setAsked(true)
                }
              >
                {asked ? 'Yes, with all that was said' : 'Take it away'}
              </Button>
            </>
          ) : null
        }
      />
      <ProblemNotice error={error} />
      <nav aria-label="Dishes" className="mb-4 flex flex-wrap gap-2">
        {of.samples.map((dish, index) => (
          <Button key={dish.id} kind={dish === sample ? 'main' : undefined} aria-pressed={dish === sample} onClick={() => setAt(index)}>
            {index + 1} {dish.title} <span className="font-normal tabular-nums">{`${done(dish)} of ${criteria.length}`}</span>
          </Button>
        ))}
      </nav>
      {sample.about ? <p className="mb-3 max-w-3xl text-lg">{sample.about}</p> : null}
      {sample.assessmentId ? <ResultPhotos list={`/results/${sample.assessmentId}/photos`} image="/api/photos" /> : null}
      <ul className="divide-y divide-line border-y border-line">
        {criteria.map((criterion) => (
          <li key={criterion.key} className="py-3">
            <Row
              label="What I say"
              criterion={criterion}
              value={markAt(of.mine, sample.id, criterion.key)}
              disabled={of.closed || of.shown !== null}
              explained
              onGive={(value) => give({ sampleId: sample.id, criterionKey: criterion.key, value, standard: false })}
            />
            {of.shown && lead ? (
              <Row
                label="The standard"
                criterion={criterion}
                value={markAt(of.shown.standard, sample.id, criterion.key)}
                disabled={false}
                onGive={(value) => give({ sampleId: sample.id, criterionKey: criterion.key, value, standard: true })}
              />
            ) : null}
          </li>
        ))}
      </ul>
      {of.shown ? <Outcome of={of} shown={of.shown} /> : null}
    </>
  );
}

interface RowProps {
  readonly label: string;
  readonly criterion: Criterion;
  readonly value: MarkValue | undefined;
  readonly disabled: boolean;
  /** With its name, and what each answer means. */
  readonly explained?: boolean;
  readonly onGive: (value: MarkValue | null) => void;
}

/** All that can be said of a criterion by eye; touched once more, it is taken back. */
function Row({ label, criterion, value, disabled, explained = false, onGive }: RowProps) {
  const means = explained ? valuesByEye(criterion).map((each) => markInWords(criterion, each)) : [];
  return (
    <div role="group" aria-label={`${criterion.name}: ${label}`} className="grid gap-2 py-1 md:grid-cols-[14rem_minmax(0,1fr)]">
      <span>
        {means.length > 0 ? <b className="block">{criterion.name}</b> : null} <span className="text-small text-soft">{label}</span>
      </span>
      <span className="flex flex-wrap gap-2">
        {valuesByEye(criterion).map((each) => {
          const [said] = markInWords(criterion, each);
          const pressed = same(value, each);
          return (
            <Button
              key={said}
              kind={pressed ? 'main' : undefined}
              aria-pressed={pressed}
              disabled={disabled}
              onClick={() => onGive(pressed ? null : each)}
            >
              {said}
            </Button>
          );
        })}
      </span>
      {means.some(([, words]) => words) ? (
        <span className="text-small text-soft md:col-start-2">
          {means.flatMap(([said, words]) => (words ? `${said}: ${words}` : [])).join(' · ')}
        </span>
      ) : null}
    </div>
  );
}

const levels = (value: number) => (Math.round(value * 100) / 100).toFixed(2).replace('-', '−');

function Outcome({ of, shown }: { readonly of: Standardisation; readonly shown: NonNullable<Standardisation['shown']> }) {
  const { samples, judges } = standardisationOutcome(of.rubric, of.samples, shown.judges, shown.standard);
  const dishes = new Map(of.samples.map((dish, index) => [dish.id, `${index + 1} ${dish.title}`]));
  const names = new Map(shown.judges.map(({ personId, name }) => [personId, name]));
  const apart = samples.filter((each) => each.apart > 0);
  return (
    <>
      <Section title="Where you differ">
        {apart.length === 0 ? (
          <p>{shown.judges.length > 1 ? 'Nowhere: all gave the same levels.' : 'Only one has judged so far.'}</p>
        ) : null}
        {apart.length > 0 ? (
          <DataTable
            rows={apart}
            keyOf={({ sampleId, criterion }) => `${sampleId} ${criterion.key}`}
            columns={[
              { head: 'Dish', names: true, cell: ({ sampleId }) => dishes.get(sampleId) ?? '' },
              { head: 'Criterion', cell: ({ criterion }) => criterion.name },
              {
                head: 'Apart',
                cell: (each) => (each.apart === 1 ? 'one level' : `${each.apart} levels`),
              },
              {
                head: 'Who said what',
                cell: ({ said, criterion }) =>
                  said.map(({ personId, value }) => `${names.get(personId)}: ${markInWords(criterion, value)[0]}`).join('; '),
              },
              { head: 'Standard', cell: ({ standard, criterion }) => (standard ? markInWords(criterion, standard)[0] : 'not set yet') },
            ]}
          />
        ) : null}
      </Section>
      <Section title="Against the standard">
        {shown.standard.length === 0 ? (
          <p className="text-soft">No standard yet. Look at the dishes together; the lead sets it above.</p>
        ) : (
          <ul className="space-y-2">
            {judges.map(({ personId, name, of: count, exactly, off, agreement }) => (
              <li key={personId}>
                <b>{name}</b>:{' '}
                {exactly === null || off === null
                  ? 'nothing judged that there is a standard for.'
                  : `${Math.round(exactly * 100)} % exactly so, of ${count}; ${off === 0 ? 'neither milder nor stricter' : `${levels(Math.abs(off))} of a level ${off > 0 ? 'milder' : 'stricter'}`}.`}
                {typeof agreement.quadratic === 'object'
                  ? ` Kappa ${levels(agreement.quadratic.value)}.`
                  : count > 0
                    ? ' Kappa cannot be said of so few.'
                    : ''}
              </li>
            ))}
          </ul>
        )}
        <p className="mt-2 text-small text-soft">
          Levels are {Object.values(LEVEL_NAMES).join(', ')}. A standard holds for what was seen here; it proves nothing about anybody.
        </p>
      </Section>
    </>
  );
}
