import { useParams } from 'react-router';
import { ButtonLink, Empty, Loading, PageHead, PlainHttpNotice, ProblemNotice } from '../design';
import { SavedState } from './SavedState';
import { PassQueue } from './PassQueue';
import { usePanes } from './kinds';
import { useMarking } from './useMarking';

/** Every dish of the lesson that is to be marked, and how far each is. */
export default function MarkListPage() {
  const { id = '' } = useParams();
  const { sheet, error, retry, call, outbox } = useMarking(id);
  usePanes(sheet?.rubric?.content);
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
            actions={
              <>
                <SavedState outbox={outbox} />
                <ButtonLink to={`/lessons/${id}/mark/round`}>Station round</ButtonLink>
              </>
            }
          />
          <PassQueue sheet={sheet} rubric={sheet.rubric.content} onCall={(body) => void call(body)} />
        </>
      ) : null}
    </>
  );
}
