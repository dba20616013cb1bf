import { useEffect, useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { mutate as mutateAll } from 'swr';
import { demandFigure, planMakings, type Purpose } from '@pelvo/core';
import { orderInputOf, type LessonDetail, type LessonFields } from '@pelvo/contract';
import {
  fieldProblem,
  savedMeanwhile,
  send,
  useDraft,
  useMe,
  useAction,
  useTechniques,
  useLesson,
  useTimeOfLesson,
  today,
} from '../device';
import { Button, Fetching, FigureValue, MeanwhileNotice, Notice, PageHead, ProblemNotice, WorkingPage } from '../design';
import { whatAt, whenAt, whoAt, withAt } from './glances';
import { WhatPart, WhenPart, WhoPart } from './LessonForm';
import { completed, FIELD_NAMES, fieldsOf, withTechnique } from './lessonFields';
import { Part } from './Part';
import { TeamsBoard } from './TeamsBoard';
import { DishRules } from '../rules';
import { TechniqueCare } from '../techniques';
import { NeedsMargin } from './NeedsMargin';
import { PracticesOfLesson } from './PracticesOfLesson';
import { SettingsOfLesson } from './SettingsOfLesson';
import { PlanViews } from './PlanViews';
import { missingIn, phasePath } from './strips';

/** The plan of a lesson: what is set, who comes, what speaks against it, what is missing. */
export default function LessonPage() {
  const { id } = useParams();
  const { data, error, mutate } = useLesson(id);
  return (
    <>
      <Fetching what="the lesson" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <Plan
          key={data.id}
          lesson={data}
          onStored={(lesson) => {
            void mutate(lesson, { revalidate: false });
            void mutateAll('/lessons');
          }}
          onChanged={() => {
            void mutate();
            void mutateAll('/lessons');
          }}
        />
      ) : null}
    </>
  );
}

interface PlanProps {
  readonly lesson: LessonDetail;
  readonly onStored: (lesson: LessonDetail) => void;
  readonly onChanged: () => void;
}

function Plan({ lesson, onStored, onChanged }: PlanProps) {
  const { role } = useMe();
  const lead = role === 'lead';
  const teaching = role !== 'stores';
  const stored = useMemo(() => ({ content: fieldsOf(lesson), version: lesson.version }), [lesson]);
  // Why something is cooked with something else names a need.
  const draft = useDraft<LessonFields>(`lesson.${lesson.id}`, stored, { personal: ['substitutions'] });
  const { dirty, change, meanwhile } = draft;
  const fields = completed(draft.content, stored.content);
  const { busy, error, run, forget: dismiss } = useAction();
  const drop = () => {
    draft.drop();
    dismiss();
  };
  const save = () =>
    run(() =>
      draft.save(async (mine, version) => {
        try {
          const saved = await send<LessonDetail>('PUT', `/lessons/${lesson.id}`, { body: completed(mine, stored.content), version });
          onStored(saved);
          return { content: fieldsOf(saved), version: saved.version };
        } catch (failure) {
          const theirs = savedMeanwhile<LessonDetail>(failure);
          if (theirs) onStored(theirs);
          throw failure;
        }
      }),
    );
  const [asked, setAsked] = useSearchParams();
  const fromMap = asked.get('added');
  const techniqueAsked = asked.get('technique');
  // From the map: the technique that was chosen there goes into the plan, once; it is looked over and saved here.
  useEffect(() => {
    if (!techniqueAsked || !lead) return;
    change((now) => withTechnique(now, asked));
    setAsked({ added: techniqueAsked }, { replace: true });
  }, [techniqueAsked, asked, setAsked, change, lead]);
  const wrong = (...of: readonly (keyof LessonFields)[]) => of.some((field) => fieldProblem(error, field));
  const techniqueMissing = fields.techniques.length === 0 || fields.techniques.some(({ id }) => id === fromMap);
  const set = (part: Partial<LessonFields>) => change((now) => ({ ...now, ...part }));
  const inDishes = lesson.dishes.flatMap(({ content }) => content.method.flatMap((step) => step.techniqueIds));
  const techniqueIds = [...fields.techniques.map(({ id }) => id), ...inDishes];
  const update = (dish: LessonDetail['dishes'][number]) =>
    set({ dishEditionIds: fields.dishEditionIds.map((id) => (id === dish.editionId ? dish.newer!.editionId : id)) });
  return (
    <WorkingPage
      aside={
        <PlanMargin
          lesson={lesson}
          substitutions={fields.substitutions}
          onSubstitutions={lead ? (substitutions) => set({ substitutions }) : undefined}
        />
      }
    >
      <PlanViews lessonId={lesson.id} />
      <PageHead
        title={lesson.title}
        lead={lesson.className}
        actions={
          dirty && lead ? (
            <>
              <Button onClick={drop}>Drop changes</Button>
              <Button kind="main" busy={busy} onClick={() => void save()}>
                Save the plan
              </Button>
            </>
          ) : null
        }
      />
      <div className="mb-5 space-y-3">
        {meanwhile ? (
          <MeanwhileNotice
            what="plan"
            clashes={meanwhile.clashes}
            nameOf={(where) => FIELD_NAMES[where.split('.')[0] as keyof LessonFields] ?? where}
            onTakeTheirs={draft.takeTheirs}
            onDrop={drop}
          />
        ) : (
          <ProblemNotice error={error} />
        )}
        {dirty && fields.techniques.some(({ id }) => id === fromMap) ? (
          <AddedTechnique id={fromMap!} purpose={fields.techniques.find(({ id }) => id === fromMap)!.purpose} />
        ) : null}
        {lesson.dishes
          .filter((dish) => dish.newer && fields.dishEditionIds.includes(dish.editionId))
          .map((dish) => (
            <Notice
              key={dish.editionId}
              title={`${dish.content.title}: edition ${dish.newer!.number} is out; this lesson uses edition ${dish.number}.`}
            >
              {lead ? (
                <Button kind="quiet" onClick={() => update(dish)}>
                  Use edition {dish.newer!.number}
                </Button>
              ) : null}
            </Notice>
          ))}
      </div>
      <div className="grid items-start gap-4 md:grid-cols-2">
        <Part
          name="When and where"
          glance={whenAt(lesson)}
          open={wrong('title', 'date', 'start', 'end', 'kitchenId') || lesson.kitchenId === null}
        >
          {lead ? <WhenPart fields={fields} error={error} onChange={change} /> : null}
        </Part>
        <Part
          name="Who"
          glance={whoAt(lesson, fields)}
          open={wrong('classId', 'teams', 'teamSize', 'studentCount') || lesson.present === 0}
        >
          {lesson.students.length > 0 || lead ? (
            <>
              <Attendance lesson={lesson} onChanged={onChanged} />
              {lead ? (
                <>
                  <WhoPart
                    fields={fields}
                    error={error}
                    onChange={change}
                    byRoster={lesson.students.filter((student) => !student.absent).length}
                  />
                  <TeamsBoard lesson={lesson} fields={fields} onChange={(teams) => set({ teams })} />
                </>
              ) : null}
            </>
          ) : null}
        </Part>
        <Part
          name="What"
          glance={whatAt(lesson)}
          open={wrong('dishEditionIds', 'techniques', 'rubricEditionId') || lesson.dishes.length === 0 || techniqueMissing}
        >
          {lead ? (
            <WhatPart
              fields={fields}
              error={error}
              editionTitles={Object.fromEntries(lesson.dishes.map((dish) => [dish.editionId, dish.content.title]))}
              rubricName={lesson.rubric ? `${lesson.rubric.name} (edition ${lesson.rubric.number})` : undefined}
              onChange={change}
            />
          ) : null}
        </Part>
        <Part name="With what, and how" glance={withAt(lesson, teaching)}>
          <PracticesOfLesson
            techniqueIds={techniqueIds}
            practices={fields.practices}
            onChange={lead ? (practices) => set({ practices }) : undefined}
          />
          <SettingsOfLesson
            settings={fields.settings}
            school={lesson.school}
            onChange={lead ? (settings) => set({ settings }) : undefined}
          />
        </Part>
      </div>
      <div className="mt-8 space-y-8">
        <TechniqueCare ids={techniqueIds} title="Care, said before the hazard comes" />
        <DishRules dishes={lesson.dishes.map(({ content }) => content)} />
      </div>
    </WorkingPage>
  );
}

/** Says that a technique is added from the map, and that it is not saved yet. */
function AddedTechnique({ id, purpose }: { id: string; purpose: Purpose }) {
  const { data: techniques = [] } = useTechniques();
  return (
    <Notice title={`${techniques.find((each) => each.id === id)?.name ?? 'The technique'} is added from the map, to ${purpose}.`}>
      It stands under "Techniques in focus" below. Look the plan over, then save it.
    </Notice>
  );
}

function Attendance({ lesson, onChanged }: { lesson: LessonDetail; onChanged: () => void }) {
  const { error: failure, run } = useAction();
  if (lesson.students.length === 0) return null;
  const toggle = (studentId: string, absent: boolean) =>
    run(async () => {
      await send(absent ? 'PUT' : 'DELETE', `/students/${studentId}/absences/${lesson.date}`);
      onChanged();
    });
  return (
    <section className="mb-6">
      <h3 className="mb-2 text-lg">Who comes</h3>
      <ProblemNotice error={failure} />
      <ul className="flex flex-wrap gap-2">
        {lesson.students.map((student) => (
          <li key={student.id}>
            <button
              type="button"
              aria-pressed={!student.absent}
              onClick={() => void toggle(student.id, !student.absent)}
              className={`min-h-12 rounded-sm border-2 px-3 ${student.absent ? 'hatch border-dashed border-soft' : 'border-ink bg-tile'}`}
            >
              <span className="bg-inherit">{student.name}</span>
              <span className="ml-1 text-small text-soft">{student.absent ? 'away' : ''}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface PlanMarginProps {
  readonly lesson: LessonDetail;
  readonly substitutions: LessonFields['substitutions'];
  readonly onSubstitutions?: (substitutions: LessonFields['substitutions']) => void;
}

function PlanMargin({ lesson, substitutions, onSubstitutions }: PlanMarginProps) {
  const demand = useMemo(() => demandFigure(planMakings(orderInputOf(lesson).plan)), [lesson]);
  const { role } = useMe();
  const { data: time } = useTimeOfLesson(role === 'stores' ? undefined : lesson.id);
  const missing = missingIn(lesson);
  // What can be planned is planned before it is cooked; afterwards nobody asks.
  const unplanned = time !== undefined && time.content === null && lesson.dishes.length > 0 && lesson.date >= today();
  return (
    <div className="space-y-5">
      <div>
        <h2 className="text-lg">In all</h2>
        <FigureValue id="demand" figure={demand} className="font-title !text-4xl" />
      </div>
      {missing.length > 0 || unplanned ? (
        <div>
          <h2 className="text-lg">Still missing</h2>
          <ul>
            {unplanned ? (
              <li>
                <Link to={`/lessons/${lesson.id}/time`} className="inline-flex min-h-11 items-center">
                  the time is not planned
                </Link>
              </li>
            ) : null}
            {missing.map(({ what, to }) => (
              <li key={what}>
                {to === phasePath(lesson.id, 'plan') ? (
                  <span className="inline-flex min-h-11 items-center">{what}</span>
                ) : (
                  <Link to={to} className="inline-flex min-h-11 items-center">
                    {what}
                  </Link>
                )}
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {lesson.students.length > 0 ? <NeedsMargin lesson={lesson} substitutions={substitutions} onChange={onSubstitutions} /> : null}
    </div>
  );
}
