import { Link } from 'react-router';
import { missedIn, opens, STAGE_NAMES, STAGES, studentCoverage } from '@pelvo/core';
import type { Course, TechniqueSummary } from '@pelvo/contract';
import { shortDate, today, useMe } from '../device';
import { Button, ButtonLink } from '../design';
import { addToPlanPath, planPath } from './planPath';
import type { Standing } from './standing';

/** Planned lessons that are offered to put a technique into. */
const COMING = 5;

interface SelectedProps {
  readonly technique: TechniqueSummary;
  readonly standing: Standing;
  readonly course: Course;
  readonly upTo: string;
  readonly onSelect: (id: string | null) => void;
}

/** One technique of the map: who stands where with it, who has not met it and why, what surrounds it, and to plan it. */
export function SelectedTechnique({ technique, standing: { facts, coverage, techniques, adds }, course, upTo, onSelect }: SelectedProps) {
  const lead = useMe().role === 'lead';
  const stage = coverage.get(technique.id)!;
  const nameOf = (id: string) => course.students.find((student) => student.id === id)?.name ?? '';
  const opened = opens(facts.prerequisites).get(technique.id) ?? [];
  const lessons = course.lessons.filter(({ techniques: taught }) => taught.some(({ id }) => id === technique.id));
  const coming = course.lessons
    .filter(({ date, techniques: taught }) => date >= today() && !taught.some(({ id }) => id === technique.id))
    .sort((a, b) => a.date.localeCompare(b.date))
    .slice(0, COMING);
  const purpose = purposeNext(stage.stage);
  const added = adds.get(technique.id);
  const reached = STAGES.filter((each) => each !== 'unmet' && stage.counts[each] > 0).reverse();
  const at = (wanted: string) =>
    facts.students
      .filter(({ id }) => (studentCoverage(id, facts.lessons, upTo).get(technique.id)?.stage ?? 'unmet') === wanted)
      .map(({ name }) => name);
  return (
    <aside aria-label={technique.name} className="mt-4 shrink-0 border-l-2 border-beet pl-4 min-[1100px]:mt-0 min-[1100px]:w-[17.5rem]">
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-xl">{technique.name}</h2>
        <Button kind="quiet" onClick={() => onSelect(null)}>
          Close
        </Button>
      </div>
      <p className="text-small">
        <Link to={`/techniques/${technique.id}`} className="inline-flex min-h-11 items-center">
          Open the card
        </Link>
      </p>
      {added ? (
        <p className="mb-3 border-2 border-beet bg-beet-wash px-3 py-2 text-small">
          The planned lesson brings <b>{added.further.length}</b> further
          {added.purpose ? `, to ${added.purpose} it` : ', as a dish exercises it in passing'}.
        </p>
      ) : null}
      {stage.unmet.length > 0 && stage.unmet.length < facts.students.length ? (
        <>
          <h3 className="text-lg">Not met by</h3>
          <ul className="mb-3 text-small">
            {stage.unmet.map((id) => {
              const missed = missedIn(id, technique.id, course.lessons, upTo);
              return (
                <li key={id}>
                  <b>{nameOf(id)}</b>
                  {missed.length > 0 ? `, away on ${missed.map(({ date }) => shortDate(date)).join(' and ')}` : ''}
                </li>
              );
            })}
          </ul>
        </>
      ) : stage.unmet.length > 0 ? (
        <p className="mb-3 text-small">{facts.students.length === 1 ? 'Not met yet.' : 'Nobody has met it yet.'}</p>
      ) : null}
      {reached.map((each) => (
        <div key={each} className="mb-3">
          <h3 className="text-lg">{STAGE_NAMES[each]}</h3>
          <p className="text-small">{at(each).join(', ')}</p>
        </div>
      ))}
      <Around title="Learn first" ids={technique.prerequisites} techniques={techniques} onSelect={onSelect} />
      <Around title="Opens" ids={opened} techniques={techniques} onSelect={onSelect} />
      {lessons.length > 0 ? (
        <>
          <h3 className="text-lg">Lessons</h3>
          <ul className="mb-3 text-small">
            {lessons.map((lesson) => (
              <li key={lesson.id}>
                <Link to={`/lessons/${lesson.id}`} className="inline-flex min-h-11 items-center leading-tight">
                  {shortDate(lesson.date)}: {lesson.title}, {lesson.techniques.find(({ id }) => id === technique.id)!.purpose}
                </Link>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      {lead ? (
        <>
          {coming.length > 0 ? (
            <>
              <h3 className="text-lg">Put it into</h3>
              <ul className="mb-3 text-small">
                {coming.map(({ id, date, title }) => (
                  <li key={id}>
                    <Link to={addToPlanPath(id, technique.id, purpose)} className="inline-flex min-h-11 items-center leading-tight">
                      {shortDate(date)}: {title}, to {purpose}
                    </Link>
                  </li>
                ))}
              </ul>
            </>
          ) : null}
          <ButtonLink kind="main" to={planPath(course.classId, technique.id, purpose)}>
            Plan a lesson with it
          </ButtonLink>
        </>
      ) : null}
    </aside>
  );
}

function purposeNext(stage: (typeof STAGES)[number]) {
  return stage === 'unmet' ? 'introduce' : stage === 'practised' ? 'assess' : 'practise';
}

interface AroundProps {
  readonly title: string;
  readonly ids: readonly string[];
  readonly techniques: readonly TechniqueSummary[];
  readonly onSelect: (id: string) => void;
}

function Around({ title, ids, techniques, onSelect }: AroundProps) {
  const named = ids.flatMap((id) => techniques.find((each) => each.id === id) ?? []);
  if (named.length === 0) return null;
  return (
    <>
      <h3 className="text-lg">{title}</h3>
      <ul className="mb-3 text-small">
        {named.map(({ id, name }) => (
          <li key={id}>
            <button type="button" onClick={() => onSelect(id)} className="min-h-11 text-left underline underline-offset-4">
              {name}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
