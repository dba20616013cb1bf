import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import { LEVELS, LEVEL_NAMES, text, type CriterionLevels } from '@pelvo/core';
import { resultsOfClass, type ClassResults } from '@pelvo/contract';
import { fetcher, send, dayOf, longDate, useMe, useAction, useLesson } from '../device';
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
  const release = async (released: boolean) => {
    await run(async () => {
      await send('PUT', `/lessons/${of.lessonId}/release`, { body: { released } });
      onChanged();
    });
  };
  const given = of.releasedAt !== null;
  const changed = results.filter((dish) => dish.changedSince).length;
  return (
    <WorkingPage>
      <PageHead
        title="Results"
        lead={`${results.length} dishes marked${unfinished > 0 ? `, ${unfinished} not finished` : ''}${of.unmarked.length > 0 ? `, ${of.unmarked.length} not begun` : ''}. ${given ? `With the students since ${longDate(dayOf(of.releasedAt))}.` : 'The students do not see them yet.'}`}
        actions={
          <>
            <DownloadLink href={`/api/lessons/${of.lessonId}/results/pdf`}>All as PDF, A4</DownloadLink>
            <DownloadLink href={`/api/lessons/${of.lessonId}/results/pdf?paper=LETTER`}>All as PDF, Letter</DownloadLink>
            {lead ? (
              <>
                {changed > 0 ? (
                  <Button kind="main" busy={busy} onClick={() => void release(true)}>
                    Give them out again
                  </Button>
                ) : null}
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
        {changed > 0 ? (
          <Notice
            kind="caution"
            title={`${changed} ${changed === 1 ? 'result has' : 'results have'} changed since the students were given theirs`}
          >
            They still see what they were given.{' '}
            {lead ? 'Give the results out again, and they see what stands here.' : 'The lead can give the results out again.'}
          </Notice>
        ) : null}
      </div>
      <Section title="Levels by criterion">
        <LevelsChart levels={levels} />
      </Section>
      <LevelsTable levels={levels} />
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
          <p className="mt-3 text-soft">Not begun: {of.unmarked.map(({ student, dish }) => `${student} (${dish})`).join(', ')}.</p>
        ) : null}
      </Section>
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
