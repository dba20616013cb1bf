import { useCallback, useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { mutate as mutateAll } from 'swr';
import type { Kitchen } from '@pelvo/core';
import type { LessonDetail, TimeOfLesson } from '@pelvo/contract';
import { clockTime, useKitchens, useLesson, useTimeOfLesson } from '../device';
import { Empty, Fetching, PageHead } from '../design';
import { TimeDesk } from './TimeDesk';

/** How often what others did to the plan is looked for, milliseconds. */
const LOOKED_FOR = 3000;

/** A lesson in time: who does what when, and what everyone shares. */
export default function TimePage() {
  const { id } = useParams();
  const lesson = useLesson(id);
  const kitchens = useKitchens();
  const time = useTimeOfLesson(id, LOOKED_FOR);
  const done = lesson.data !== undefined && kitchens.data !== undefined && time.data !== undefined;
  const kitchen = kitchens.data?.find((each) => each.id === lesson.data?.kitchenId) ?? null;
  const retry = () => {
    void lesson.mutate();
    void kitchens.mutate();
    void time.mutate();
  };
  const { mutate: mutateTime } = time;
  const { mutate: mutateLesson } = lesson;
  const onTime = useCallback((stored: TimeOfLesson) => void mutateTime(stored, { revalidate: false }), [mutateTime]);
  const onLesson = useCallback(
    (stored: LessonDetail) => {
      void mutateLesson(stored, { revalidate: false });
      void mutateAll('/lessons');
    },
    [mutateLesson],
  );
  return (
    <>
      <Fetching
        what="the lesson"
        done={done}
        error={lesson.error ?? kitchens.error ?? (time.data ? undefined : time.error)}
        retry={retry}
      />
      {lesson.data && kitchens.data && time.data ? (
        <Ready key={lesson.data.id} lesson={lesson.data} kitchen={kitchen} time={time.data} onTime={onTime} onLesson={onLesson} />
      ) : null}
    </>
  );
}

interface ReadyProps {
  readonly lesson: LessonDetail;
  readonly kitchen: Kitchen | null;
  readonly time: TimeOfLesson;
  readonly onTime: (stored: TimeOfLesson) => void;
  readonly onLesson: (stored: LessonDetail) => void;
}

/** What has to be there before there is anything to plan. */
function Ready({ lesson, kitchen, time, onTime, onLesson }: ReadyProps) {
  const back = `/lessons/${lesson.id}`;
  const { practised } = time;
  const shares = JSON.stringify(practised);
  const from = useMemo(
    () => (kitchen ? { lesson, kitchen, practised } : null),
    // The same shares come anew with every look for what others did.
    // oxlint-disable-next-line react/exhaustive-deps
    [lesson, kitchen, shares],
  );
  const missing =
    from === null ? (
      <Empty title={lesson.kitchen ? `Nothing is known of "${lesson.kitchen}"` : 'No kitchen is chosen'}>
        <p>
          A plan shares out ovens and burners. <Link to={back}>Choose a kitchen for the lesson</Link>, or{' '}
          <Link to="/kitchens">add one with what it has</Link>.
        </p>
      </Empty>
    ) : lesson.present === 0 ? (
      <Empty title="Nobody is there">
        <p>
          All students are absent, or the class has none. <Link to={back}>Change the lesson</Link>.
        </p>
      </Empty>
    ) : lesson.dishes.every(({ content }) => content.method.length === 0) ? (
      <Empty title="There is nothing to cook">
        <p>
          {lesson.dishes.length === 0 ? 'The lesson has no dish yet. ' : 'Its dishes have no steps yet. '}
          <Link to={back}>Change the lesson</Link>.
        </p>
      </Empty>
    ) : null;
  if (missing || !from)
    return (
      <>
        <PageHead title={`${lesson.title}: the time`} lead={`${clockTime(lesson.start)} to ${clockTime(lesson.end)}`} />
        {missing}
      </>
    );
  return <TimeDesk from={from} time={time} onTime={onTime} onLesson={onLesson} />;
}
