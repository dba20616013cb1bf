import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import useSWR from 'swr';
import {
  clockAt,
  emptyTimePlan,
  preparationList,
  PREPARES,
  showQuantity,
  type PreparationTask,
  type PreparedItem,
  type Prepares,
} from '@pelvo/core';
import { orderInputOf, practiceOf, usualSegments, type LessonDetail, type PreparationOfLesson } from '@pelvo/contract';
import { clockTime, fetcher, send, useAction, useInForce, useKitchens, useLesson, useMe, useTimeOfLesson } from '../device';
import { Choice, Empty, Fetching, Notice, PageHead, ProblemNotice, Section } from '../design';
import { PlanViews } from '../lessons';
import { problemOf } from '../schedule';
import { CarriedOver } from './CarriedOver';
import { Changes, MadeAhead, ReadyBefore } from './parts';
import { InAndOut, Tools } from './Tools';

const NAMES: Readonly<Record<Prepares, string>> = { team: 'Teams', technician: 'Technician', demonstration: 'Demonstration' };

/** The preparation of a lesson: one list of the work, what must be ready, what is needed, what is changed between raw and ready. */
export default function PreparationPage() {
  const { id } = useParams();
  const lesson = useLesson(id);
  const prepared = useSWR<PreparationOfLesson>(id ? `/lessons/${id}/preparation` : null, fetcher, { refreshInterval: 10_000 });
  const retry = () => {
    void lesson.mutate();
    void prepared.mutate();
  };
  return (
    <>
      {id ? <PlanViews lessonId={id} /> : null}
      <Fetching
        what="the preparation"
        done={lesson.data !== undefined && prepared.data !== undefined}
        error={lesson.error ?? (prepared.data ? undefined : prepared.error)}
        retry={retry}
      />
      {lesson.data && prepared.data ? (
        <Prepared
          key={lesson.data.id}
          lesson={lesson.data}
          prepared={prepared.data}
          onStored={(stored) => void prepared.mutate(stored, { revalidate: false })}
          onChanged={() => lesson.mutate()}
        />
      ) : null}
    </>
  );
}

interface PreparedProps {
  readonly lesson: LessonDetail;
  readonly prepared: PreparationOfLesson;
  readonly onStored: (stored: PreparationOfLesson) => void;
  /** The lesson itself has changed. */
  readonly onChanged: () => Promise<unknown>;
}

function Prepared({ lesson, prepared, onStored, onChanged }: PreparedProps) {
  const { role } = useMe();
  const teaching = role !== 'stores';
  const { inForce } = useInForce(lesson.practices);
  const [by, setBy] = useState<Prepares>(teaching ? 'team' : 'technician');
  const kitchens = useKitchens();
  const time = useTimeOfLesson(teaching ? lesson.id : undefined);
  const cuts = inForce?.cutSet ?? null;
  const list = useMemo(
    () =>
      lesson.present === 0
        ? null
        : preparationList(orderInputOf(lesson), { cuts, by, practice: practiceOf(lesson, time.data?.practised ?? {}) }),
    [lesson, cuts, by, time.data?.practised],
  );
  const kitchen = kitchens.data?.find(({ id }) => id === lesson.kitchenId) ?? null;
  const plan = time.data?.content;
  const problem = useMemo(
    () =>
      kitchen && time.data && lesson.present > 0
        ? problemOf({ lesson, kitchen, practised: time.data.practised }, plan ?? emptyTimePlan(usualSegments(lesson)))
        : null,
    [lesson, kitchen, time.data, plan],
  );
  const clock = (minute: number) => clockTime(clockAt(lesson, lesson.school.timeZone, minute));
  if (lesson.dishes.length === 0 || !list)
    return (
      <>
        <PageHead title={`${lesson.title}: preparation`} />
        <Empty title={lesson.dishes.length === 0 ? 'There is nothing to prepare' : 'Nobody is there'}>
          <p>
            {lesson.dishes.length === 0 ? 'The lesson has no dish yet.' : 'All students are absent, or the class has none.'}{' '}
            <Link to={`/lessons/${lesson.id}`}>Change the lesson</Link>.
          </p>
        </Empty>
      </>
    );
  const { practised, planned, novice } = list.minutes;
  const hands = by === 'team' ? lesson.cooking.reduce((sum, team) => sum + team.hands, 0) : 1;
  return (
    <>
      <PageHead
        title={`${lesson.title}: preparation`}
        lead={
          practised === 0
            ? 'Nothing is washed, peeled or cut before it is cooked.'
            : by === 'team'
              ? `About ${Math.ceil(planned / Math.max(1, hands))} minutes for each student as the class stands, ${Math.ceil(practised / Math.max(1, hands))} to ${Math.ceil(novice / Math.max(1, hands))} by practice; ${planned} minutes of hands in all`
              : `${practised} minutes for a practised hand, ${novice} for a novice`
        }
      />
      <div className="no-print mb-5">
        <Choice label="Whose" labelHidden value={by} options={PREPARES.map((value) => ({ value, label: NAMES[value] }))} onChange={setBy} />
      </div>
      <Section title="Washing, peeling, cutting">
        {list.items.length === 0 ? (
          <p>
            {by === 'technician'
              ? 'Nothing for the technician: no sub-preparation is made and no second try is kept.'
              : by === 'demonstration'
                ? 'Nothing: the lesson cooks nothing for a demonstration.'
                : 'Nothing is washed, peeled or cut.'}
          </p>
        ) : (
          <Items lesson={lesson} items={list.items} by={by} done={prepared.done} onStored={onStored} />
        )}
        {list.together
          .filter(({ items }) => items.length > 1)
          .map(({ action, items }) => (
            <Notice key={items.join()} title={`Can be done in one load: ${action} ${items.join(', ')}.`}>
              They hold the same allergens. What holds others is done apart.
            </Notice>
          ))}
      </Section>
      <MadeAhead lesson={lesson} problem={problem} plan={plan ?? null} clock={clock} teaching={teaching} />
      {teaching ? (
        <>
          <CarriedOver lesson={lesson} rules={inForce?.rules ?? {}} onChanged={onChanged} />
          <ReadyBefore lesson={lesson} problem={problem} plan={plan ?? null} clock={clock} />
          <Changes lesson={lesson} problem={problem} plan={plan ?? null} clock={clock} />
        </>
      ) : null}
      <Tools lesson={lesson} cards={prepared.cards} kitchen={kitchen} plan={plan ?? null} />
      <InAndOut lesson={lesson} />
    </>
  );
}

interface ItemsProps {
  readonly lesson: LessonDetail;
  readonly items: readonly PreparedItem[];
  readonly by: Prepares;
  readonly done: PreparationOfLesson['done'];
  readonly onStored: (stored: PreparationOfLesson) => void;
}

const DOES: Readonly<Record<PreparationTask['action'], string>> = {
  wash: 'wash',
  soak: 'soak',
  dry: 'dry',
  peel: 'peel',
  trim: 'trim',
  fillet: 'bone and trim',
  pick: 'pick',
  zest: 'zest',
  juice: 'press',
  cut: 'cut',
  grate: 'grate',
  toast: 'toast',
  sift: 'sift',
  soften: 'let soften',
  melt: 'melt',
  beat: 'beat',
};

const CUTS: Readonly<Record<string, string>> = {
  crush: 'crush',
  tear: 'tear',
  flakes: 'flake',
  chop: 'chop',
  'fine chop': 'chop finely',
  shreds: 'shred',
};
/** What is done, as a cook says it. */
const doing = ({ action, cut }: PreparationTask) => (action === 'cut' ? (CUTS[cut] ?? `cut in ${cut}`) : DOES[action]);
/** Of each making, where all of them want the same. */
const eachOf = ({ amounts, makings }: PreparationTask) =>
  amounts.map(({ value, unit }) => showQuantity({ value: value.div(makings), unit })).join(' + ');

function Items({ lesson, items, by, done, onStored }: ItemsProps) {
  const { run, error } = useAction();
  // Shown at once; what the server says, or a refusal, comes after.
  const [touched, setTouched] = useState<Readonly<Record<string, boolean>>>({});
  const ticked = new Map(done.map((each) => [each.task, each]));
  const tick = async (task: string, on: boolean) => {
    setTouched((now) => ({ ...now, [task]: on }));
    await run(async () =>
      onStored(await send<PreparationOfLesson>('PUT', `/lessons/${lesson.id}/preparation`, { body: { task, done: on } })),
    );
    setTouched(({ [task]: _touched, ...rest }) => rest);
  };
  return (
    <>
      <ProblemNotice error={error} />
      <ul className="divide-y divide-line border-y border-line">
        {items.map(({ itemKey, item, tasks }) => (
          <li key={itemKey} className="grid gap-x-6 py-2 md:grid-cols-[14rem_1fr]">
            <h3 className="py-2 text-lg">{item}</h3>
            <ul>
              {tasks.map((task) => {
                const key = `${by} ${task.key}`.slice(0, 160);
                const is = ticked.get(key);
                return (
                  <li key={task.key} className="flex flex-wrap items-start justify-between gap-x-4">
                    <label className="inline-flex min-h-12 items-center gap-3">
                      <input
                        type="checkbox"
                        className="size-6 accent-beet"
                        checked={touched[key] ?? is !== undefined}
                        onChange={(event) => void tick(key, event.target.checked)}
                      />
                      <span>
                        <b className="tabular-nums">{task.amounts.map((amount) => showQuantity(amount)).join(' + ')}</b> {doing(task)}
                        {task.size ? <span className="text-small text-soft"> {task.size}</span> : null}
                        {by === 'team' && task.makings > 1 ? <span className="text-small text-soft"> {eachOf(task)} each</span> : null}
                        {task.usual ? <span className="text-small text-soft"> (usual)</span> : null}
                        {is ? <span className="block text-small text-soft">done by {is.by}</span> : null}
                      </span>
                    </label>
                    <details className="text-small">
                      <summary className="flex min-h-12 items-center text-soft">
                        {by === 'team'
                          ? `${task.minutes.planned} min, ${task.minutes.practised} to ${task.minutes.novice}`
                          : `${task.minutes.practised} min`}
                        , {task.lines.length} {task.lines.length === 1 ? 'line' : 'lines'}
                      </summary>
                      <ul className="pb-2">
                        {task.lines.map(({ editionId, lineId, dish, component, written }) => (
                          <li key={`${editionId} ${lineId}`}>
                            <Link to={`/dish-editions/${editionId}#line-${lineId}`} className="inline-flex min-h-9 items-center">
                              {written}
                            </Link>{' '}
                            <span className="text-soft">
                              {dish}
                              {component ? `, ${component}` : ''}
                            </span>
                          </li>
                        ))}
                      </ul>
                    </details>
                  </li>
                );
              })}
            </ul>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-small text-soft">
        In the order in which it keeps, raw flesh last and on a board of its own. Minutes are our own working rates; “usual” was written
        down nowhere and follows from what it is.
      </p>
    </>
  );
}
