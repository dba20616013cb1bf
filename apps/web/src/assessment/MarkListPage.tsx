import { Link, useParams } from 'react-router';
import { computeResult } from '@pelvo/core';
import { ButtonLink, Empty, Loading, PageHead, PlainHttpNotice, ProblemNotice } from '../design';
import { shown } from '../device';
import { SavedState } from './SavedState';
import { marksOf, useMarking } from './useMarking';

/** Every dish of the lesson that is to be marked, and how far each is. */
export default function MarkListPage() {
  const { id = '' } = useParams();
  const { sheet, error, retry, outbox } = useMarking(id);
  return (
    <>
      <ProblemNotice error={error} retry={retry} />
      <PlainHttpNotice />
      {!sheet && !error ? <Loading what="the marking sheet" /> : null}
      {sheet && !sheet.rubric ? (
        <Empty
          title="This lesson has no rubric"
          action={
            <ButtonLink kind="main" to={`/lessons/${id}`}>
              To the plan
            </ButtonLink>
          }
        >
          Choose one in the plan, for example “Practical dish”; then its dishes can be marked.
        </Empty>
      ) : null}
      {sheet?.rubric && (sheet.students.length === 0 || sheet.dishes.length === 0) ? (
        <Empty
          title="Nothing to mark"
          action={
            <ButtonLink kind="main" to={`/lessons/${id}`}>
              To the plan
            </ButtonLink>
          }
        >
          The lesson needs students and a dish.
        </Empty>
      ) : null}
      {sheet?.rubric && sheet.students.length > 0 && sheet.dishes.length > 0 ? (
        <>
          <PageHead
            title="Mark"
            lead={`${sheet.dishes.map((dish) => dish.title).join('; ')}. ${sheet.rubric.content.name}, ${sheet.rubric.content.criteria.length} criteria.`}
            actions={<SavedState outbox={outbox} />}
          />
          {sheet.dishes.map((dish) => (
            <section key={dish.editionId} className="mb-6">
              {sheet.dishes.length > 1 ? <h2 className="mb-2 text-xl">{dish.title}</h2> : null}
              <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-4 xl:grid-cols-5">
                {sheet.students
                  .filter(({ cooks }) => !cooks || cooks.includes(dish.editionId))
                  .map((student) => {
                    const marks = marksOf(sheet, student.id, dish.editionId);
                    const given = Object.values(marks).filter(Boolean).length;
                    const total = sheet.rubric!.content.criteria.length;
                    const result = computeResult(sheet.rubric!.content, marks, sheet.way);
                    const look =
                      given === 0 ? 'border-dashed border-soft' : result.complete ? 'border-ink bg-ink text-paper' : 'border-ink bg-tile';
                    return (
                      <li key={student.id}>
                        <Link
                          to={`/lessons/${id}/mark/${student.id}/${dish.editionId}`}
                          className={`flex min-h-24 flex-col justify-between rounded-sm border-2 px-3 py-2 no-underline hover:border-beet ${look}`}
                        >
                          <span className="text-lg font-semibold leading-tight [overflow-wrap:anywhere]">
                            {student.name}
                            {student.absent ? <span className="font-normal"> (away)</span> : null}
                            {student.team ? <span className="block text-base font-normal">{student.team}</span> : null}
                          </span>
                          <span className="flex items-end justify-between">
                            <span>
                              {given === 0
                                ? 'not begun'
                                : result.complete
                                  ? result.capped
                                    ? 'done, capped'
                                    : 'done'
                                  : `${given} of ${total}`}
                            </span>
                            <b className="font-title text-2xl">{result.mark ? `${result.complete ? '' : '~'}${shown(result.mark)}` : ''}</b>
                          </span>
                        </Link>
                      </li>
                    );
                  })}
              </ul>
            </section>
          ))}
        </>
      ) : null}
    </>
  );
}
