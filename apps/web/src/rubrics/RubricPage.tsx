import { useMemo } from 'react';
import { useParams } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import {
  LEVEL_NAMES,
  LEVELS,
  RUBRIC,
  RUBRIC_STRANDS,
  RUBRIC_STRAND_NAMES,
  type Criterion,
  type Level,
  type RubricContent,
  type RubricStrand,
  rubricCsv,
  rubricJson,
  typedValue,
} from '@pelvo/core';
import type { Rubric } from '@pelvo/contract';
import { fetcher, fieldProblem, savedMeanwhile, send, dayOf, longDate, saveFile, useDraft, useMe, useAction } from '../device';
import { Button, Fetching, MeanwhileNotice, PageHead, ProblemNotice, Section, SelectField, StrandGlyph, TextField } from '../design';
import { CriterionEditor } from './CriterionEditor';
import { EDITING, newCriterion } from './kinds';
import { PastMarks } from './PastMarks';

/** A rubric: strands with weights, criteria with four levels, critical criteria that cap. */
export default function RubricPage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<Rubric>(`/rubrics/${id}`, fetcher, { revalidateOnFocus: false });
  return (
    <>
      <Fetching what="the rubric" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <RubricScreen
          key={data.id}
          rubric={data}
          onStored={(stored) => {
            void mutate(stored, { revalidate: false });
            void mutateAll('/rubrics');
          }}
        />
      ) : null}
    </>
  );
}

function RubricScreen({ rubric, onStored }: { rubric: Rubric; onStored: (rubric: Rubric) => void }) {
  const lead = useMe().role === 'lead';
  const stored = useMemo(() => ({ content: rubric.content, version: rubric.version }), [rubric]);
  const draft = useDraft<RubricContent>(`rubric.${rubric.id}`, stored, { format: RUBRIC });
  const { content, dirty, change, meanwhile } = draft;
  const { busy, error, run, forget: dismiss } = useAction();
  const setCriterion = (key: string, next: Criterion | null) =>
    change({ ...content, criteria: content.criteria.flatMap((criterion) => (criterion.key === key ? (next ?? []) : criterion)) });
  const drop = () => {
    draft.drop();
    dismiss();
  };
  const save = () =>
    run(() =>
      draft.save(async (mine, version) => {
        try {
          const saved = await send<Rubric>('PUT', `/rubrics/${rubric.id}`, { body: mine, version });
          onStored(saved);
          return { content: saved.content, version: saved.version };
        } catch (failure) {
          const theirs = savedMeanwhile<Rubric>(failure);
          if (theirs) onStored(theirs);
          throw failure;
        }
      }),
    );
  const publish = () =>
    run(async () => {
      await send('POST', `/rubrics/${rubric.id}/editions`, { version: rubric.version });
      onStored(await fetcher<Rubric>(`/rubrics/${rubric.id}`));
    });
  const latest = rubric.editions[0];
  return (
    <>
      <PageHead
        title={content.name}
        lead={
          latest
            ? `Edition ${latest.number}, ${longDate(dayOf(latest.publishedAt))}${rubric.changed ? '; the draft differs' : ''}.`
            : 'Not published yet.'
        }
        actions={
          lead ? (
            <>
              {dirty ? <Button onClick={drop}>Drop changes</Button> : null}
              {dirty ? (
                <Button kind="main" busy={busy} onClick={() => void save()}>
                  Save
                </Button>
              ) : null}
              {!dirty && rubric.changed ? (
                <Button kind="main" busy={busy} onClick={() => void publish()}>
                  Publish edition {(latest?.number ?? 0) + 1}
                </Button>
              ) : null}
            </>
          ) : null
        }
      />
      <div className="mb-5">
        {meanwhile ? (
          <MeanwhileNotice what="rubric" clashes={meanwhile.clashes} onTakeTheirs={draft.takeTheirs} onDrop={drop} />
        ) : (
          <ProblemNotice error={error} />
        )}
      </div>
      {lead ? <Weights content={content} error={error} onChange={change} /> : null}
      {RUBRIC_STRANDS.map((strand) => (
        <Section
          key={strand}
          title={`${RUBRIC_STRAND_NAMES[strand]}, weight ${content.strandWeights[strand]}`}
          aside={
            lead ? (
              <AddCriterion
                strand={strand}
                onAdd={(kind) => change({ ...content, criteria: [...content.criteria, newCriterion(strand, kind)] })}
              />
            ) : (
              <StrandGlyph strand={strand} />
            )
          }
        >
          <ul className="divide-y divide-line">
            {content.criteria
              .filter((criterion) => criterion.strand === strand)
              .map((criterion) => (
                <li key={criterion.key} className="py-3">
                  <CriterionEditor criterion={criterion} onChange={lead ? (next) => setCriterion(criterion.key, next) : undefined} />
                </li>
              ))}
          </ul>
        </Section>
      ))}
      {lead ? <PastMarks rubricId={rubric.id} content={content} /> : null}
      <Section title="As a file">
        <p className="mb-2 max-w-prose text-soft">As it stands here, saved or not. Both can be read again under Rubrics.</p>
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => saveFile(`${content.name}.json`, 'application/json', rubricJson(content))}>JSON</Button>
          <Button onClick={() => saveFile(`${content.name}.csv`, 'text/csv', rubricCsv(content))}>CSV, for a spreadsheet</Button>
        </div>
      </Section>
    </>
  );
}

/** Adds a criterion of the kind that is chosen. */
function AddCriterion({ strand, onAdd }: { strand: RubricStrand; onAdd: (kind: Criterion['kind']) => void }) {
  return (
    <SelectField
      label={`Add to ${RUBRIC_STRAND_NAMES[strand]}`}
      value=""
      onChange={(event) => event.target.value && onAdd(event.target.value as Criterion['kind'])}
    >
      <option value="">a criterion …</option>
      {Object.entries(EDITING).map(([kind, { called }]) => (
        <option key={kind} value={kind}>
          {called}
        </option>
      ))}
    </SelectField>
  );
}

function Weights({ content, error, onChange }: { content: RubricContent; error: unknown; onChange: (content: RubricContent) => void }) {
  const number = (text: string, max: number) => Math.min(max, Math.max(0, typedValue(text) || 0));
  return (
    <div className="mb-6 grid gap-4 md:grid-cols-[minmax(14rem,1fr)_auto]">
      <TextField
        label="Name"
        value={content.name}
        problem={fieldProblem(error, 'name')}
        onChange={(event) => onChange({ ...content, name: event.target.value })}
      />
      <fieldset>
        <legend className="sr-only">Weights of the strands</legend>
        <div className="flex flex-wrap gap-3">
          {RUBRIC_STRANDS.map((strand) => (
            <div key={strand} className="w-40">
              <TextField
                label={`${RUBRIC_STRAND_NAMES[strand]} weighs`}
                inputMode="decimal"
                type="number"
                min={0}
                max={100}
                value={content.strandWeights[strand]}
                problem={fieldProblem(error, `strandWeights.${strand}`)}
                onChange={(event) =>
                  onChange({ ...content, strandWeights: { ...content.strandWeights, [strand]: number(event.target.value, 100) } })
                }
              />
            </div>
          ))}
        </div>
      </fieldset>
      <fieldset className="md:col-span-2">
        <legend className="mb-1 font-semibold">A level earns, in percent of its criterion’s weight</legend>
        <div className="flex flex-wrap gap-3">
          {LEVELS.map((level) => (
            <div key={level} className="w-32">
              <TextField
                label={LEVEL_NAMES[level]}
                type="number"
                min={0}
                max={100}
                value={Math.round(content.levelShares[level - 1]! * 100)}
                problem={fieldProblem(error, `levelShares.${level - 1}`)}
                onChange={(event) =>
                  onChange({
                    ...content,
                    levelShares: content.levelShares.map((share, index) =>
                      index === level - 1 ? number(event.target.value, 100) / 100 : share,
                    ) as unknown as RubricContent['levelShares'],
                  })
                }
              />
            </div>
          ))}
          <div className="w-60">
            <SelectField
              label="Passed at"
              hint="where results are pass or not yet"
              value={content.passAt}
              onChange={(event) => onChange({ ...content, passAt: Number(event.target.value) as Level })}
            >
              {LEVELS.slice(1).map((level) => (
                <option key={level} value={level}>
                  {LEVEL_NAMES[level]}
                </option>
              ))}
            </SelectField>
          </div>
        </div>
      </fieldset>
    </div>
  );
}
