import { Fragment, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import { grouped, LEVEL_NAMES, LEVELS, text, type CriterionLevels } from '@pelvo/core';
import { resultsOfClass, type ClassResults, type ResultChange } from '@pelvo/contract';
import { fetcher, fieldProblem, send, dayOf, longDate, useMe, useAction, useLesson } from '../device';
import {
  DataTable,
  Button,
  ButtonLink,
  DownloadLink,
  Empty,
  Fetching,
  FigureValue,
  Notice,
  PageHead,
  ProblemNotice,
  Section,
  TextField,
  WorkingPage,
} from '../design';
import { LevelsChart } from './LevelsChart';

/** The results of a class in a lesson: levels by criterion, every mark, and giving them to the students. */
export default function ClassResultsPage() {
  const { id } = useParams();
  const { mutate: mutateLesson } = useLesson(id);
  const { data, error, mutate } = useSWR<ClassResults>(`/lessons/${id}/results`, fetcher);
  return (
    <>
      <Fetching what="the results" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data && data.marked.length === 0 ? (
        <Empty
          title="Nothing has been marked yet"
          action={
            <ButtonLink kind="main" to={`/lessons/${id}/mark`}>
              Mark dishes
            </ButtonLink>
          }
        >
          Results appear with the first mark.
        </Empty>
      ) : null}
      {data && data.marked.length > 0 ? (
        <Results
          of={data}
          onChanged={() => {
            void mutate();
            void mutateLesson();
            void mutateAll('/lessons');
          }}
        />
      ) : null}
    </>
  );
}

function Results({ of, onChanged }: { of: ClassResults; onChanged: () => void }) {
  const { results, levels } = useMemo(() => resultsOfClass(of), [of]);
  const lead = useMe().role === 'lead';
  const unfinished = results.filter((dish) => !dish.result.complete).length;
  const { busy, error: failure, run } = useAction();
  const [why, setWhy] = useState('');
  const release = async (released: boolean) => {
    await run(async () => {
      await send('PUT', `/lessons/${of.lessonId}/release`, { body: { released, why } });
      setWhy('');
      onChanged();
      void mutateAll(`/lessons/${of.lessonId}/told`);
    });
  };
  const given = of.releasedAt !== null;
  const changed = results.filter((dish) => dish.changedSince).length;
  const asksWhy = fieldProblem(failure, 'why');
  return (
    <WorkingPage>
      <PageHead
        title="Results"
        lead={`${results.length} dishes marked${unfinished > 0 ? `, ${unfinished} not finished` : ''}${of.unmarked.length > 0 ? `, ${of.unmarked.length} not begun` : ''}. ${given ? `With the students since ${longDate(dayOf(of.releasedAt))}.` : 'The students do not see them yet.'}`}
        actions={
          <>
            <DownloadLink href={`/api/lessons/${of.lessonId}/results.csv`}>CSV</DownloadLink>
            <DownloadLink href={`/api/lessons/${of.lessonId}/results/pdf`}>All as PDF, A4</DownloadLink>
            <DownloadLink href={`/api/lessons/${of.lessonId}/results/pdf?paper=LETTER`}>All as PDF, Letter</DownloadLink>
            {lead ? (
              <>
                <Button kind={given ? 'plain' : 'main'} busy={busy} onClick={() => void release(!given)}>
                  {given ? 'Take them back' : 'Give them to the students'}
                </Button>
              </>
            ) : null}
          </>
        }
      />
      <div className="space-y-3">
        <ProblemNotice error={failure} />
        {changed > 0 || asksWhy ? (
          <Notice
            kind="caution"
            title={
              changed > 0
                ? `${changed} ${changed === 1 ? 'result has' : 'results have'} changed since the students were given theirs`
                : 'Students were told other results before these were taken back'
            }
          >
            {changed > 0 ? 'They still see what they were given. ' : ''}
            {lead ? 'Give the results out again, and they see what stands here.' : 'The lead can give the results out again.'}
            {lead ? (
              <form
                className="mt-2 flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                  event.preventDefault();
                  void release(true);
                }}
              >
                <div className="min-w-64 flex-1">
                  <TextField
                    label="Why they change"
                    hint="stays on record, with what they were told before"
                    maxLength={300}
                    value={why}
                    problem={asksWhy}
                    onChange={(event) => setWhy(event.target.value)}
                  />
                </div>
                <Button kind="main" type="submit" busy={busy}>
                  Give them out again
                </Button>
              </form>
            ) : null}
          </Notice>
        ) : null}
      </div>
      <Section title="Levels by criterion">
        <LevelsChart levels={levels} />
      </Section>
      <LevelsTable levels={levels} />
      <Stages levels={levels} />
      <Section title="Marks">
        <DataTable
          rows={results}
          keyOf={({ id }) => id}
          columns={[
            {
              head: 'Student',
              names: true,
              width: 'whitespace-nowrap',
              cell: (dish) => (
                <Link to={`/results/${dish.id}`} className="inline-flex min-h-11 items-center">
                  {dish.student}
                </Link>
              ),
            },
            { head: 'Dish', small: true, cell: ({ dish }) => dish },
            {
              head: 'Mark',
              align: 'right',
              cell: ({ id, student, result: { mark } }) =>
                mark ? <FigureValue id={id} figure={{ ...mark, label: text(student) }} className="font-title !text-xl" /> : '–',
            },
            {
              head: 'What mattered most',
              small: true,
              from: 'sm',
              cell: ({ result: { capped, complete, remarks }, changedSince }) => (
                <>
                  {capped ? <b>Capped: {capped.by}. </b> : null}
                  {complete ? '' : <b>Not final. </b>}
                  {changedSince ? <b>Changed since it was given out. </b> : null}
                  {remarks[0]?.see ?? ''}
                </>
              ),
            },
          ]}
        />
        {of.unmarked.length > 0 ? (
          <dl className="mt-3 text-soft">
            {[...grouped(of.unmarked, ({ dish }) => dish)].map(([dish, left]) => (
              <Fragment key={dish}>
                <dt>Not begun: {dish}</dt>
                <dd className="mb-2 ml-4">{left.map(({ student }) => student).join(', ')}</dd>
              </Fragment>
            ))}
          </dl>
        ) : null}
      </Section>
      {lead ? <ToldRecord lessonId={of.lessonId} /> : null}
    </WorkingPage>
  );
}

function LevelsTable({ levels }: { levels: readonly CriterionLevels[] }) {
  return (
    <details className="mt-2">
      <summary className="min-h-11 content-center font-semibold">The same in numbers, with the commonest fault</summary>
      <DataTable
        roomy
        minWidth="36rem"
        rows={levels}
        keyOf={({ key }) => key}
        columns={[
          { head: 'Criterion', names: true, cell: ({ name }) => name },
          ...LEVELS.map((level, index) => ({
            head: LEVEL_NAMES[level],
            align: 'right' as const,
            cell: ({ kind, counts }: CriterionLevels) =>
              kind !== 'critical' ? counts[index] : index === 1 || index === 2 ? '' : `${counts[index]} ${index === 0 ? 'not met' : 'met'}`,
          })),
          { head: 'Not seen', align: 'right', cell: ({ notSeen }) => notSeen },
          {
            head: 'Commonest fault',
            small: true,
            cell: ({ commonFault }) => (commonFault ? `${commonFault.see} (${commonFault.count})` : ''),
          },
        ]}
      />
    </details>
  );
}

/** Where the class stands on each ladder of stages: who stopped short, who went on. */
function Stages({ levels }: { levels: readonly CriterionLevels[] }) {
  const ladders = levels.flatMap(({ key, name, reached }) =>
    reached && reached.stages.some(({ count }) => count > 0) ? [{ key, name, reached }] : [],
  );
  if (ladders.length === 0) return null;
  return (
    <Section title="Stages reached">
      <DataTable
        rows={ladders}
        keyOf={({ key }) => key}
        columns={[
          { head: 'Criterion', names: true, cell: ({ name }) => name },
          { head: 'Too short', align: 'right', cell: ({ reached }) => reached.short },
          { head: 'As wanted', align: 'right', cell: ({ reached }) => reached.best },
          { head: 'Too far', align: 'right', cell: ({ reached }) => reached.far },
          {
            head: 'By stage',
            small: true,
            cell: ({ reached }) =>
              reached.stages.map(({ name, count, best }, at) => (
                <span key={name}>
                  {at > 0 ? ', ' : ''}
                  {best ? <b>{name}</b> : name} {count}
                </span>
              )),
          },
        ]}
      />
    </Section>
  );
}

/** What students of the lesson were told, and every change of it. */
function ToldRecord({ lessonId }: { lessonId: string }) {
  const { data = [] } = useSWR<readonly ResultChange[]>(`/lessons/${lessonId}/told`, fetcher);
  const changes = data.filter(({ before }) => before !== null);
  if (data.length === 0) return null;
  return (
    <Section title="What students were told">
      <p>
        {data.length - changes.length} results were given out, {changes.length} {changes.length === 1 ? 'change' : 'changes'} since. Nothing
        here can be edited, and a check of the record shows it where somebody did so in the database.
      </p>
      {changes.length > 0 ? (
        <DataTable
          rows={changes}
          keyOf={({ number }) => String(number)}
          columns={[
            { head: 'When', cell: ({ at }) => longDate(dayOf(at)) },
            { head: 'Student', names: true, cell: ({ student }) => student },
            { head: 'Dish', small: true, cell: ({ dish }) => dish },
            { head: 'Told before', align: 'right', cell: ({ before }) => before ?? '–' },
            { head: 'Told now', align: 'right', cell: ({ after }) => after ?? 'taken back' },
            { head: 'Why', cell: ({ why }) => why || '–' },
            { head: 'By', small: true, cell: ({ by }) => by },
          ]}
        />
      ) : null}
    </Section>
  );
}
