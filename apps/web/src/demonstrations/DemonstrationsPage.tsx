import { Link, useParams, useSearchParams } from 'react-router';
import { mutate as mutateAll } from 'swr';
import { demonstratedIn, optionFor, showSteps } from '@pelvo/core';
import type { DemonstrationsOfLesson, LessonDetail, StoredDemonstration } from '@pelvo/contract';
import { useLesson, useTimeOfLesson } from '../device';
import { Empty, Fetching, Notice, PageHead } from '../design';
import { PlanViews } from '../lessons';
import { DemonstrationDesk } from './DemonstrationDesk';
import { useDemonstrations, withStored } from './useDemonstration';

/** What is shown before the group in a lesson, dish by dish. */
export default function DemonstrationsPage() {
  const { id } = useParams();
  const lesson = useLesson(id);
  const all = useDemonstrations(id);
  const retry = () => {
    void lesson.mutate();
    void all.mutate();
  };
  const onStored = (stored: StoredDemonstration) => {
    void all.mutate((now) => withStored(now, stored), { revalidate: false });
    // What stands ready is ordered with the lesson.
    void mutateAll(`/lessons/${id}`);
  };
  return (
    <>
      {id ? <PlanViews lessonId={id} /> : null}
      <Fetching
        what="the demonstrations"
        done={lesson.data !== undefined && all.data !== undefined}
        error={lesson.error ?? (all.data ? undefined : all.error)}
        retry={retry}
      />
      {lesson.data && all.data ? (
        <Dishes lesson={lesson.data} all={all.data} onStored={onStored} onAsked={() => void all.mutate()} />
      ) : null}
    </>
  );
}

interface DishesProps {
  readonly lesson: LessonDetail;
  readonly all: DemonstrationsOfLesson;
  readonly onStored: (stored: StoredDemonstration) => void;
  readonly onAsked: () => void;
}

function Dishes({ lesson, all, onStored, onAsked }: DishesProps) {
  const [asked, setAsked] = useSearchParams();
  const shown = lesson.dishes.filter(({ content }) => content.method.length > 0);
  const dish = shown.find(({ dishId }) => dishId === asked.get('dish')) ?? shown[0];
  if (!dish)
    return (
      <>
        <PageHead title={`${lesson.title}: demonstration`} />
        <Empty title="There is nothing to show">
          <p>
            {lesson.dishes.length === 0 ? 'The lesson has no dish yet. ' : 'Its dishes have no steps yet. '}
            <Link to={`/lessons/${lesson.id}`}>Change the lesson</Link>.
          </p>
        </Empty>
      </>
    );
  return (
    <>
      {shown.length > 1 ? (
        <div role="group" aria-label="Dish" className="no-print mb-4 flex flex-wrap gap-2">
          {shown.map(({ dishId, content }) => (
            <button
              key={dishId}
              type="button"
              aria-pressed={dishId === dish.dishId}
              onClick={() => setAsked({ dish: dishId }, { replace: true })}
              className="min-h-11 rounded-sm border-2 border-line bg-tile px-3 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-white"
            >
              {content.title}
            </button>
          ))}
        </div>
      ) : null}
      <PlannedFor lesson={lesson} all={all} />
      <DemonstrationDesk key={dish.dishId} lesson={lesson} dish={dish} all={all} onStored={onStored} onAsked={onAsked} />
    </>
  );
}

/** Whether the plan of time keeps as long for demonstrations as what was chosen takes. */
function PlannedFor({ lesson, all }: Pick<DishesProps, 'lesson' | 'all'>) {
  const kept = useTimeOfLesson(lesson.id).data?.content?.segments.demonstration;
  const taken = all.items.reduce((sum, { dishId, content }) => {
    const dish = lesson.dishes.find((each) => each.dishId === dishId);
    const steps = dish && content.choice ? showSteps(dish.content, content, demonstratedIn(lesson.techniques)) : [];
    return sum + (content.choice && steps.length > 0 ? (optionFor(steps, content.choice)?.showing.minutes ?? 0) : 0);
  }, 0);
  if (kept === undefined || taken <= kept) return null;
  return (
    <div className="mb-5">
      <Notice title={`The plan of time keeps ${kept} minutes for demonstrations; what is chosen takes ${taken}.`}>
        <Link to={`/lessons/${lesson.id}/time`}>Give them more in the plan of time</Link>, or choose less here.
      </Notice>
    </div>
  );
}
