import { Minus, Plus, Redo2, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  checkPlan,
  conflictsOf,
  lessonMinutes,
  movedTo,
  shortened,
  slackNeeded,
  slackOf,
  withChange,
  type Plan,
  type Segments,
  type TimePlan,
} from '@pelvo/core';
import type { LessonDetail, TimeOfLesson } from '@pelvo/contract';
import { clockTime, send, useAction, useMe } from '../device';
import { Button, IconButton, MeanwhileNotice, PageHead, ProblemNotice, Section } from '../design';
import { fieldsOf } from '../lessons';
import { BeforeLesson } from './BeforeLesson';
import { Parts, WhatBreaks } from './Decisions';
import { Lanes, NEARNESS } from './Lanes';
import { lanesOf } from './lanes';
import { PaperAndFiles } from './PaperAndFiles';
import { minuteOf, problemOf, stampOfLesson, timeAt, type MadeFrom, type Remedy } from './planOf';
import { Changed, Said } from './PlanNotices';
import { PlanTable } from './PlanTable';
import { statusOf } from './statusOf';
import { StepPanel } from './StepPanel';
import { useSolver } from './useSolver';
import { useTimePlan } from './useTimePlan';
import { WhyNot } from './WhyNot';

interface TimeDeskProps {
  readonly from: MadeFrom;
  readonly time: TimeOfLesson;
  readonly onTime: (stored: TimeOfLesson) => void;
  readonly onLesson: (stored: LessonDetail) => void;
}

const NONE: ReadonlySet<string> = new Set();
const NO_ROOM: ReadonlyMap<string, number> = new Map();

/** Where the time of a lesson is planned: made by itself, then moved, pinned, handed over and put right. */
export function TimeDesk({ from, time, onTime, onLesson }: TimeDeskProps) {
  const { lesson, kitchen } = from;
  const { role } = useMe();
  const desk = useTimePlan(lesson, time, onTime);
  const { content: plan, change, amend } = desk;
  const solver = useSolver();
  const { busy: changing, error: failure, run } = useAction();
  const problem = useMemo(() => problemOf(from, plan), [from, plan]);
  const stamp = useMemo(() => stampOfLesson(from), [from]);
  const [near, setNear] = useState(0);
  const [chosenLane, setLane] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [told, setTold] = useState('');
  /** The instance that was tried without success, and what came of it. */
  const [failed, setFailed] = useState<{ readonly key: string; readonly plan: Plan } | null>(null);
  const minutes = lessonMinutes(lesson, lesson.school.timeZone);
  const clock = useCallback((minute: number) => (minute < 0 ? `${-minute} min before` : clockTime(timeAt(lesson, minute))), [lesson]);
  const key = useMemo(() => JSON.stringify(problem.instance), [problem]);
  const { placed } = plan;

  const check = useMemo(
    () => (placed ? checkPlan(problem.instance, { starts: placed.starts, uses: placed.uses }) : null),
    [problem, placed],
  );
  const conflicts = useMemo(
    () => (check ? conflictsOf(problem, check.faults, kitchen, plan.borrowed.ovens) : []),
    [check, problem, kitchen, plan.borrowed.ovens],
  );
  const lanes = useMemo(() => (placed ? lanesOf(problem, placed, kitchen) : []), [problem, placed, kitchen]);
  const until = Math.max(0, minutes - plan.segments.cleanDown);
  const room = useMemo(
    () => (placed && check && check.faults.length === 0 ? slackOf(problem.instance, placed, until) : null),
    [placed, check, problem, until],
  );
  const broken = useMemo(() => (conflicts.length > 0 ? new Set(conflicts.flatMap(({ steps }) => steps)) : NONE), [conflicts]);
  const pinned = useMemo(() => new Set(plan.changes.flatMap(({ step, pinnedAt }) => (pinnedAt === null ? [] : [step]))), [plan.changes]);
  const critical = useMemo(() => new Set(room?.critical ?? []), [room]);
  const slack = room?.of ?? NO_ROOM;
  const holds = placed !== null && conflicts.length === 0;
  const outOfDate = placed !== null && plan.madeFrom !== stamp;

  /** Makes a plan with what is decided; what is found is one step that can be taken back. */
  const planAnew = () => {
    let first = true;
    setTold('');
    setFailed(null);
    solver.plan(problem.instance, (found, done) => {
      if (found.objective === null) {
        if (done && first) setFailed({ key, plan: found });
        return;
      }
      const { starts, uses, objective, bound, status } = found;
      const put = (now: TimePlan): TimePlan => ({
        ...now,
        placed: { starts, uses, objective, bound, status: status === 'optimal' ? 'optimal' : 'feasible' },
        madeFrom: stamp,
      });
      if (first) change(put);
      else amend(put);
      first = false;
    });
  };
  const putRight = () => {
    if (!placed) return planAnew();
    setTold('');
    solver.repair(problem.instance, { starts: placed.starts, uses: placed.uses }, ({ plan: right, moved, impossible }) => {
      if (!right) {
        setTold(
          impossible
            ? 'Nothing holds as long as all that is pinned stays where it is: loosen a pin, or plan anew.'
            : 'It could not be put right in time. Plan anew, or loosen a pin.',
        );
        return;
      }
      change((now) => ({
        ...now,
        placed: { starts: right.starts, uses: right.uses, objective: null, bound: null, status: 'feasible' },
        madeFrom: stamp,
      }));
      setTold(moved.length === 1 ? 'One step was moved.' : `${moved.length} steps were moved.`);
    });
  };
  // Where there is no plan yet, one is made; what was tried without success is not tried again by itself.
  const latest = useRef(planAnew);
  useEffect(() => {
    latest.current = planAnew;
  });
  const wanted = placed === null && failed?.key !== key;
  useEffect(() => {
    if (wanted) latest.current();
  }, [wanted, key]);

  const edit = (next: (now: TimePlan) => TimePlan) => {
    solver.stop();
    setTold('');
    change(next);
  };
  const move = (id: string, by: number) => {
    const start = placed?.starts[id];
    if (start === undefined) return;
    const length = problem.instance.steps.find((step) => step.id === id)?.minutes ?? 0;
    edit((now) => movedTo(now, id, Math.max(0, Math.min(minutes - length, (now.placed?.starts[id] ?? start) + by))));
  };
  const onKey = (id: string, pressed: string): boolean => {
    const start = placed?.starts[id];
    if (pressed === 'p' && start !== undefined) edit((now) => withChange(now, id, { pinnedAt: pinned.has(id) ? null : start }));
    else if (pressed === 'r') putRight();
    else return false;
    return true;
  };
  const setSegments = (part: Partial<Segments>) => edit((now) => ({ ...now, segments: { ...now.segments, ...part } }));
  const changeLesson = (part: Remedy['lesson'], next: TimePlan) =>
    run(async () => {
      const saved = await send<LessonDetail>('PUT', `/lessons/${lesson.id}`, {
        body: { ...fieldsOf(lesson), ...part },
        version: lesson.version,
      });
      onLesson(saved);
      edit(() => ({ ...next, placed: null, madeFrom: '' }));
    });
  const take = (remedy: Remedy, found: Plan) => {
    if (Object.keys(remedy.lesson).length > 0) return void changeLesson(remedy.lesson, remedy.plan);
    const { starts, uses, objective, bound, status } = found;
    edit(() => ({
      ...remedy.plan,
      placed: { starts, uses, objective, bound, status: status === 'optimal' ? 'optimal' : 'feasible' },
      madeFrom: stamp,
    }));
  };
  const ahead = (dishId: string, stepId: string) => {
    setChosen(null);
    edit((now) => ({ ...now, ahead: [...now.ahead, { dishId, stepId }] }));
  };
  const notAhead = (dishId: string, stepId: string) =>
    edit((now) => ({ ...now, ahead: now.ahead.filter((each) => each.dishId !== dishId || each.stepId !== stepId) }));

  const walked = (walk: (() => void) | null) => {
    solver.stop();
    setTold('');
    walk?.();
  };
  // On the whole page: what was pressed last may be gone, and with it where the keys were heard.
  const keys = useRef((_: KeyboardEvent) => {});
  useEffect(() => {
    keys.current = (event) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if ((event.target as HTMLElement).matches('input, textarea')) return;
      event.preventDefault();
      walked(event.shiftKey ? desk.redo : desk.undo);
    };
  });
  useEffect(() => {
    const hear = (event: KeyboardEvent) => keys.current(event);
    window.addEventListener('keydown', hear);
    return () => window.removeEventListener('keydown', hear);
  }, []);
  // Bars and rows are many: they are drawn anew when what they show changes, not when something beside them does.
  const hands = useRef({ move, onKey });
  useEffect(() => {
    hands.current = { move, onKey };
  });
  const moveBar = useCallback((id: string, by: number) => hands.current.move(id, by), []);
  const keyOnBar = useCallback((id: string, pressed: string) => hands.current.onKey(id, pressed), []);
  const drawn = useMemo(
    () => (chosenLane?.startsWith('team ') ? lanes.filter(({ key: each, kind }) => each === chosenLane || kind === 'class') : lanes),
    [lanes, chosenLane],
  );
  const shown = lanes.filter((lane) => chosenLane === null || lane.key === chosenLane);
  const busy = solver.solving.kind !== 'idle';
  const needed = slackNeeded(problem);
  const tried = failed?.key === key ? failed.plan : null;
  // Also where a plan stands that does not hold any more: what to do about it is the same.
  const whyNot = tried?.status === 'infeasible' && (placed === null || conflicts.length > 0) ? tried : null;
  return (
    <div>
      <PageHead
        title={`${lesson.title}: the time`}
        lead={`${clockTime(lesson.start)} to ${clockTime(lesson.end)}${lesson.kitchen ? `, ${lesson.kitchen}` : ''}. Planned backwards from the pass.`}
        actions={
          <span className="no-print flex flex-wrap items-center gap-2">
            <span role="status" className="text-small text-soft">
              {desk.saving === 'saved'
                ? time.version > 0
                  ? `Saved${time.savedBy ? ` by ${time.savedBy}` : ''}`
                  : ''
                : desk.saving === 'saving'
                  ? 'Saving …'
                  : 'Not saved yet'}
            </span>
            <IconButton label="Take back" disabled={!desk.undo} onClick={() => walked(desk.undo)}>
              <Undo2 aria-hidden />
            </IconButton>
            <IconButton label="Do again" disabled={!desk.redo} onClick={() => walked(desk.redo)}>
              <Redo2 aria-hidden />
            </IconButton>
            {busy ? (
              <Button onClick={solver.stop}>Leave it as it is</Button>
            ) : (
              <>
                {placed && conflicts.length > 0 && !whyNot ? (
                  <Button kind="main" onClick={putRight}>
                    Put it right
                  </Button>
                ) : null}
                {whyNot ? null : <Button onClick={planAnew}>{placed ? 'Plan anew' : 'Plan it'}</Button>}
              </>
            )}
          </span>
        }
      />
      <div className="mb-3 space-y-3">
        {desk.meanwhile ? (
          <MeanwhileNotice
            what="plan of time"
            clashes={desk.meanwhile.clashes}
            nameOf={(where) => where.replace(/^(?:step|place of) .*$/, 'a step that both moved')}
            onTakeTheirs={desk.takeTheirs}
            onDrop={desk.takeTheirs}
          />
        ) : null}
        <ProblemNotice error={desk.error ?? failure} />
        <Changed
          {...{ from, problem, outOfDate, conflicts }}
          unfit={whyNot !== null}
          onAsItIs={() => edit((now) => ({ ...now, madeFrom: stamp }))}
        />
        <p role="status" className={whyNot ? 'font-title text-xl' : ''}>
          {told ||
            statusOf({ placed, failed: tried, solving: solver.solving.kind, conflicts, decided: plan.changes.length > 0, problem, clock })}
        </p>
      </div>
      {whyNot ? (
        <WhyNot
          from={from}
          plan={plan}
          reason={whyNot.reason?.steps ?? []}
          on={whyNot.reason?.resources ?? []}
          problem={problem}
          clock={clock}
          mayChangeLesson={role === 'lead' && !changing}
          onTake={take}
        />
      ) : null}
      {lanes.length > 0 ? (
        <div className="gap-4 min-[1100px]:grid min-[1100px]:grid-cols-[minmax(0,1fr)_18.5rem]">
          <div className="min-w-0">
            <Lanes
              lanes={drawn}
              {...{ minutes, clock, near, chosenLane, chosen, pinned, broken, critical, slack }}
              onLane={setLane}
              onChoose={setChosen}
              onMove={moveBar}
              onKey={keyOnBar}
              slackFrom={until - plan.segments.slack}
              slackUntil={until}
            />
            <div className="no-print mt-1 flex flex-wrap items-center justify-between gap-2">
              <p className="text-small text-soft">
                Touch a step to decide about it, or drag it. By key: arrows move it, P pins it, R puts the rest right.
              </p>
              <span className="flex items-center" role="group" aria-label="How near">
                <IconButton
                  label="Further away"
                  disabled={near === 0}
                  onClick={() => setNear(NEARNESS[NEARNESS.indexOf(near as 0) - 1] ?? 0)}
                >
                  <Minus aria-hidden />
                </IconButton>
                <IconButton
                  label="Nearer"
                  disabled={near === NEARNESS.at(-1)}
                  onClick={() => setNear(NEARNESS[NEARNESS.indexOf(near as 0) + 1] ?? 16)}
                >
                  <Plus aria-hidden />
                </IconButton>
              </span>
            </div>
          </div>
          <aside aria-label="Decisions" className="no-print min-w-0 border-l-2 border-beet pl-4 max-[1099px]:mt-4">
            {chosen && problem.meaning.has(chosen) ? (
              <StepPanel
                id={chosen}
                {...{ problem, plan, kitchen, clock }}
                timeAt={(minute) => timeAt(lesson, minute)}
                minuteAt={(typed) => minuteOf(lesson, typed)}
                room={slack.get(chosen) ?? 0}
                onChange={edit}
                onMove={(by) => move(chosen, by)}
                onAhead={ahead}
                onClose={() => setChosen(null)}
              />
            ) : (
              <div className="space-y-6">
                {conflicts.length > 0 ? <WhatBreaks conflicts={conflicts} clock={clock} onChoose={setChosen} /> : null}
                {/* What breaks because a part was made longer is mended where it was made so. */}
                <Parts segments={plan.segments} onChange={setSegments} />
              </div>
            )}
          </aside>
        </div>
      ) : (
        <div className="mt-4 max-w-xl">
          <Parts segments={plan.segments} onChange={setSegments} />
        </div>
      )}
      <div className="mt-4 space-y-3">
        <Said {...{ from, problem, plan }} />
      </div>
      {needed.minutes > plan.segments.slack ? (
        <p className="mt-3 text-small">
          The slack of {plan.segments.slack} minutes does not cover{' '}
          {needed.redo && needed.redo.minutes > plan.segments.slack
            ? `one failure, made good in ${needed.redo.minutes} minutes ("${shortened(needed.redo.text, 50)}")`
            : `${needed.perhaps!.minutes} minutes if ${needed.perhaps!.when}`}
          .
        </p>
      ) : null}
      <div className="mt-6">
        <BeforeLesson lesson={lesson} problem={problem} plan={plan} clock={clock} onBack={notAhead} />
      </div>
      <div className="mt-8">
        <PaperAndFiles {...{ lesson, problem, kitchen, plan }} ready={holds && desk.saving === 'saved'} />
      </div>
      {placed ? (
        <Section title={chosenLane === null ? 'The same as a table' : 'This lane as a table'}>
          <div className="grid items-start gap-x-8 xl:grid-cols-2">
            {shown.map((lane) => (
              <PlanTable key={lane.key} {...{ lane, clock, chosen, broken, pinned, slack }} onChoose={setChosen} />
            ))}
          </div>
        </Section>
      ) : null}
    </div>
  );
}
