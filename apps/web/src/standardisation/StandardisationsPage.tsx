import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import useSWR from 'swr';
import { STANDARDISATION_LIMITS, type SampleDish } from '@pelvo/core';
import type { ClassResults, LessonSummary, RubricSummary, Standardisation, StandardisationSummary } from '@pelvo/contract';
import { fetcher, send, useAction, useMe } from '../device';
import { Button, Empty, Fetching, PageHead, ProblemNotice, Section, SelectField, TextArea, TextField, Tick } from '../design';

type NewSample = Omit<SampleDish, 'id'>;

/** Exercises in which all who mark judge the same dishes, each alone. */
export default function StandardisationsPage() {
  const lead = useMe().role === 'lead';
  const { data, error, mutate } = useSWR<readonly StandardisationSummary[]>('/standardisations', fetcher);
  return (
    <>
      <PageHead
        title="Standardisation"
        lead="All who mark judge the same dishes, each alone; then you look together at where you differ, and set the standard."
      />
      <Fetching what="the standardisations" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data?.length === 0 ? (
        <Empty title="None yet">
          <p>Take three plates that were marked differently, or tell a dish in words: “Sauce runs to the rim, fish set, rim wiped”.</p>
        </Empty>
      ) : null}
      <ul className="divide-y divide-line">
        {data?.map(({ id, title, rubric, samples, judges, closed }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-6">
            <Link to={`/standardisations/${id}`} className="flex min-h-14 min-w-64 flex-1 items-center font-title text-xl font-bold">
              {title}
            </Link>
            <span className="text-soft">
              {rubric}, {samples === 1 ? 'one dish' : `${samples} dishes`}, {judges === 1 ? 'one has judged' : `${judges} have judged`}
              {closed ? ', closed' : ''}
            </span>
          </li>
        ))}
      </ul>
      {lead ? <NewOne /> : null}
    </>
  );
}

function NewOne() {
  const navigate = useNavigate();
  const { data: rubrics = [] } = useSWR<readonly RubricSummary[]>('/rubrics', fetcher);
  const { data: lessons = [] } = useSWR<readonly LessonSummary[]>('/lessons', fetcher);
  const published = rubrics.flatMap(({ editionId, name }) => (editionId ? [{ editionId, name }] : []));
  const [title, setTitle] = useState('');
  const [edition, setEdition] = useState('');
  const [samples, setSamples] = useState<readonly NewSample[]>([]);
  const [told, setTold] = useState({ title: '', about: '' });
  const [lessonId, setLessonId] = useState('');
  const { data: results } = useSWR<ClassResults>(lessonId ? `/lessons/${lessonId}/results` : null, fetcher);
  const { busy, error, run } = useAction();
  const add = (sample: NewSample) => setSamples((now) => [...now, sample].slice(0, STANDARDISATION_LIMITS.samples));
  const rubricEditionId = edition || published[0]?.editionId || '';
  const create = () =>
    run(async () => {
      const made = await send<Standardisation>('POST', '/standardisations', { body: { title: title.trim(), rubricEditionId, samples } });
      void navigate(`/standardisations/${made.id}`);
    });
  return (
    <Section title="A new one">
      <div className="grid gap-4 md:grid-cols-2">
        <TextField
          label="Title"
          maxLength={STANDARDISATION_LIMITS.title}
          value={title}
          onChange={(event) => setTitle(event.target.value)}
        />
        <SelectField label="Rubric" value={rubricEditionId} onChange={(event) => setEdition(event.target.value)}>
          {published.map(({ editionId, name }) => (
            <option key={editionId} value={editionId}>
              {name}
            </option>
          ))}
        </SelectField>
        <div className="space-y-2">
          <SelectField label="Plates of a lesson that was marked" value={lessonId} onChange={(event) => setLessonId(event.target.value)}>
            <option value="">none</option>
            {lessons.map((lesson) => (
              <option key={lesson.id} value={lesson.id}>
                {lesson.title}, {lesson.date}
              </option>
            ))}
          </SelectField>
          {results?.marked.length === 0 ? <p className="text-soft">Nothing was marked in it.</p> : null}
          {results?.marked.map((plate) => {
            const dish = results.dishes.find(({ editionId }) => editionId === plate.dishEditionId)?.title ?? '';
            const chosen = samples.some(({ assessmentId }) => assessmentId === plate.id);
            return (
              <Tick
                key={plate.id}
                label={`${plate.student}: ${dish}${plate.assessors.length > 1 ? ', marked by two' : ''}`}
                checked={chosen}
                onChange={() =>
                  chosen
                    ? setSamples((now) => now.filter(({ assessmentId }) => assessmentId !== plate.id))
                    : add({ title: dish, about: '', assessmentId: plate.id })
                }
              />
            );
          })}
        </div>
        <div className="space-y-2">
          <TextField
            label="Or a dish told in words"
            maxLength={STANDARDISATION_LIMITS.title}
            value={told.title}
            onChange={(event) => setTold({ ...told, title: event.target.value })}
          />
          <TextArea
            label="What is to be seen and tasted"
            maxLength={STANDARDISATION_LIMITS.about}
            rows={3}
            value={told.about}
            onChange={(event) => setTold({ ...told, about: event.target.value })}
          />
          <Button
            disabled={!told.title.trim() || !told.about.trim()}
            onClick={() => {
              add({ title: told.title.trim(), about: told.about.trim(), assessmentId: null });
              setTold({ title: '', about: '' });
            }}
          >
            Add this dish
          </Button>
        </div>
      </div>
      <p className="my-3">
        {samples.length === 0
          ? 'No dish chosen yet.'
          : `Judged will be ${samples.map((sample, index) => `${index + 1} ${sample.title}`).join(', ')}. Students are not named to those who judge.`}
      </p>
      <ProblemNotice error={error} />
      <Button kind="main" busy={busy} disabled={!title.trim() || !rubricEditionId || samples.length === 0} onClick={() => void create()}>
        Begin it
      </Button>
    </Section>
  );
}
