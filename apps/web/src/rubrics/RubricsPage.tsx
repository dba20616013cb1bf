import { Link, useNavigate } from 'react-router';
import useSWR from 'swr';
import { PASS_LEVEL, readRubricFile, type RubricContent } from '@pelvo/core';
import { useState } from 'react';
import type { Rubric, RubricSummary } from '@pelvo/contract';
import { fetcher, send, useMe, useAction } from '../device';
import { Button, ButtonLink, Empty, FileChoice, Notice, Loading, PageHead, ProblemNotice } from '../design';

const EMPTY: RubricContent = {
  name: '',
  strandWeights: { knife: 30, cooking: 45, plating: 25, process: 0 },
  levelShares: [0.25, 0.5, 0.75, 1],
  passAt: PASS_LEVEL,
  criteria: [],
};

/** The rubrics of the school. */
export default function RubricsPage() {
  const lead = useMe().role === 'lead';
  const navigate = useNavigate();
  const { data, error, mutate } = useSWR<readonly RubricSummary[]>('/rubrics', fetcher);
  const { error: failure, run } = useAction();
  const [file, setFile] = useState<{ readonly name: string; readonly refused: string | null } | null>(null);
  const make = async (content: RubricContent, base: string) => {
    const taken = new Set(data?.map((rubric) => rubric.name));
    let name = base;
    for (let number = 2; taken.has(name); number += 1) name = `${base} ${number}`;
    const made = await send<Rubric>('POST', '/rubrics', { body: { ...content, name } });
    void navigate(`/rubrics/${made.id}`);
  };
  const create = (from: RubricSummary | null) =>
    run(async () =>
      from ? make((await fetcher<Rubric>(`/rubrics/${from.id}`)).content, `${from.name}, copy`) : make(EMPTY, 'New rubric'),
    );
  const take = (chosen: File) =>
    run(async () => {
      const read = readRubricFile(await chosen.text());
      setFile({ name: chosen.name, refused: read.kind === 'refused' ? read.because : null });
      if (read.kind === 'read') await make(read.content, read.content.name || 'Rubric from a file');
    });
  const add = lead ? (
    <Button kind="main" onClick={() => void create(null)}>
      New rubric
    </Button>
  ) : null;
  return (
    <>
      <PageHead
        title="Rubrics"
        lead="What can be seen, tasted and measured at each level. A mark keeps the edition it was given by."
        actions={
          <>
            <ButtonLink to="/standardisations">Standardise</ButtonLink>
            {add}
          </>
        }
      />
      <ProblemNotice error={error ?? failure} retry={error ? () => void mutate() : undefined} />
      {lead ? (
        <div className="mb-4">
          <FileChoice accept=".json,.csv" name={file?.name ?? null} onChoose={(chosen) => void take(chosen)} />
          <span className="ml-3 text-soft">a rubric as JSON or CSV, which becomes a draft of its own</span>
          {file?.refused ? (
            <div className="mt-3">
              <Notice kind="problem" title="This file cannot be read as a rubric">
                <p>{file.refused}</p>
              </Notice>
            </div>
          ) : null}
        </div>
      ) : null}
      {!data && !error ? <Loading what="the rubrics" /> : null}
      {data?.length === 0 ? (
        <Empty title="No rubric yet" action={add}>
          Start one with a criterion such as “Seasoning: unseasoned; some parts flat; balanced; balanced and lifting”.
        </Empty>
      ) : null}
      <ul className="divide-y divide-line">
        {data?.map((rubric) => (
          <li key={rubric.id} className="flex flex-wrap items-center gap-x-6">
            <Link
              to={`/rubrics/${rubric.id}`}
              className="flex min-h-14 min-w-64 flex-1 items-center font-title text-xl font-bold no-underline hover:underline"
            >
              {rubric.name}
            </Link>
            <span>{rubric.criteria} criteria</span>
            <span className="text-soft">
              {rubric.edition ? `edition ${rubric.edition}${rubric.changed ? ', draft differs' : ''}` : 'draft'}
            </span>
            {lead ? (
              <Button kind="quiet" onClick={() => void create(rubric)}>
                Copy<span className="sr-only"> {rubric.name}</span>
              </Button>
            ) : null}
          </li>
        ))}
      </ul>
    </>
  );
}
