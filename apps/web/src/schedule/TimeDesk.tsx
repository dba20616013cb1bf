import { Minus, Plus, Redo2, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  checkPlan,
  conflictsOf,
  lessonMinutes,
  movedTo,
  slackNeeded,
  slackOf,
  withChange,
  type Conflict,
  type Plan,
  type Segments,
  type TimePlan,
} from '@pelvo/core';
import type { LessonDetail, TimeOfLesson } from '@pelvo/contract';
import { clockTime, inWords, send, useAction, useMe } from '../device';
import { Button, IconButton, MeanwhileNotice, Notice, PageHead, ProblemNotice, Section, Stepper } from '../design';
import { fieldsOf } from '../lessons';
import { BeforeLesson } from './BeforeLesson';
import { Lanes, NEARNESS } from './Lanes';
import { lanesOf, platesWait } from './lanes';
import { PaperAndFiles } from './PaperAndFiles';
import { minuteOf, problemOf, stampOfLesson, timeAt, type MadeFrom, type Remedy } from './planOf';
import { PlanTable } from './PlanTable';
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
  const whyNot = placed === null && failed?.key === key && failed.plan.status === 'infeasible' ? failed.plan : null;
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
                {placed && conflicts.length > 0 ? (
                  <Button kind="main" onClick={putRight}>
                    Put it right
                  </Button>
                ) : null}
                {placed ? <Button onClick={planAnew}>Plan anew</Button> : null}
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
        <Changed {...{ from, problem, outOfDate, conflicts }} onAsItIs={() => edit((now) => ({ ...now, madeFrom: stamp }))} />
        <p role="status" className={whyNot ? 'font-title text-xl' : ''}>
          {told ||
            statusOf({ placed, failed: failed?.key === key ? failed.plan : null, solving: solver.solving.kind, conflicts, problem, clock })}
        </p>
      </div>
      {whyNot ? (
        <WhyNot
          from={from}
          plan={plan}
          reason={whyNot.reason?.steps ?? []}
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
            ) : conflicts.length > 0 ? (
              <WhatBreaks conflicts={conflicts} clock={clock} onChoose={setChosen} />
            ) : (
              <Parts segments={plan.segments} onChange={setSegments} />
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
            ? `one failure made good in ${needed.redo.minutes} ("${needed.redo.text.slice(0, 50)}")`
            : `${needed.perhaps!.minutes} minutes if ${needed.perhaps!.when}`}
          .
        </p>
      ) : null}
      <div className="mt-6">
        <BeforeLesson lesson={lesson} problem={problem} plan={plan} clock={clock} onBack={notAhead} />
      </div>
      {placed ? (
        <>
          <PaperAndFiles lesson={lesson} problem={problem} placed={placed} ready={holds && desk.saving === 'saved'} />
          <Section title={chosenLane === null ? 'The same as a table' : 'This lane as a table'}>
            <div className="grid items-start gap-x-8 xl:grid-cols-2">
              {shown.map((lane) => (
                <PlanTable key={lane.key} {...{ lane, clock, chosen, broken, pinned, slack }} onChoose={setChosen} />
              ))}
            </div>
          </Section>
        </>
      ) : null}
    </div>
  );
}

interface ChangedProps {
  readonly from: MadeFrom;
  readonly problem: ReturnType<typeof problemOf>;
  readonly outOfDate: boolean;
  readonly conflicts: readonly Conflict[];
  readonly onAsItIs: () => void;
}

/** What there is to say before anything else: what has changed since, and what the kitchen has none of. */
function Changed({ from: { kitchen }, problem, outOfDate, conflicts, onAsItIs }: ChangedProps) {
  return (
    <>
      {outOfDate ? (
        <Notice title="The lesson, its kitchen or who comes has changed since this was planned.">
          <p>
            {conflicts.length > 0 ? 'What no longer holds stands beside the plan: put it right, or plan anew.' : 'The plan still holds.'}
          </p>
          {conflicts.length === 0 ? (
            <Button kind="quiet" onClick={onAsItIs}>
              Keep it as it is
            </Button>
          ) : null}
        </Notice>
      ) : null}
      {[...new Set(problem.lacking.map(({ need }) => lackOf(need)))].map((what) => (
        <Notice key={what} title={`${kitchen.name} has ${what}.`}>
          <p>The steps that want it are planned without. Choose another kitchen, or change the dish.</p>
        </Notice>
      ))}
    </>
  );
}

/** What else there is to say of a plan: who shares, who is not there, what is borrowed or left out. */
function Said({ from: { lesson, kitchen }, problem, plan }: { from: MadeFrom; problem: ReturnType<typeof problemOf>; plan: TimePlan }) {
  const { empty, stray, teams } = problem;
  return (
    <>
      {teams.length > kitchen.stations ? (
        <Notice
          title={`${teams.length} teams, and ${kitchen.name} has ${kitchen.stations} ${kitchen.stations === 1 ? 'station' : 'stations'}.`}
        >
          <p>Some have to share a station, or work in larger teams.</p>
        </Notice>
      ) : null}
      {empty.length > 0 ? <Notice title={`Nobody of ${empty.map(({ name }) => name).join(', ')} is there.`} /> : null}
      {stray.length > 0 ? (
        <Notice
          title={`${stray.length} ${stray.length === 1 ? 'decision was' : 'decisions were'} about steps that are not there any more.`}
        />
      ) : null}
      {plan.borrowed.ovens + plan.borrowed.assessors > 0 || plan.without.length > 0 ? (
        <Notice
          title={`Planned with this: ${[
            plan.borrowed.ovens > 0 ? `${plan.borrowed.ovens} borrowed ${plan.borrowed.ovens === 1 ? 'oven' : 'ovens'}` : '',
            plan.borrowed.assessors > 0 ? `${plan.borrowed.assessors} more at the pass` : '',
            ...plan.without.map(
              ({ dishId, componentId }) =>
                `without ${lesson.dishes.find((dish) => dish.dishId === dishId)?.content.components.find(({ id }) => id === componentId)?.name ?? 'a component'}`,
            ),
          ]
            .filter(Boolean)
            .join(', ')}.`}
        />
      ) : null}
    </>
  );
}

function lackOf(need: ReturnType<typeof problemOf>['lacking'][number]['need']): string {
  switch (need.kind) {
    case 'burner':
      return 'no burner';
    case 'oven':
      return `no oven that reaches ${need.celsius} °C`;
    case 'equipment':
      return `no ${need.of}`;
  }
}

function WhatBreaks({
  conflicts,
  clock,
  onChoose,
}: {
  conflicts: readonly Conflict[];
  clock: (minute: number) => string;
  onChoose: (id: string) => void;
}) {
  return (
    <section aria-label="What does not hold">
      <h2 className="mb-2 text-lg">What does not hold</h2>
      <ul className="max-h-[34rem] divide-y divide-line overflow-auto border-y border-line">
        {conflicts.slice(0, 40).map((conflict, index) => (
          <li key={index}>
            <button
              type="button"
              className="w-full py-1.5 text-left text-small hover:bg-wash"
              onClick={() => onChoose(conflict.steps.at(-1)!)}
            >
              {conflict.minute !== null ? <span className="font-semibold tabular-nums">{clock(conflict.minute)} </span> : null}
              {inWords(conflict.said)}
            </button>
          </li>
        ))}
      </ul>
      {conflicts.length > 40 ? <p className="text-small text-soft">And {conflicts.length - 40} more.</p> : null}
    </section>
  );
}

/** The parts of the lesson that are the same for everyone. */
function Parts({ segments, onChange }: { segments: Segments; onChange: (part: Partial<Segments>) => void }) {
  return (
    <section aria-label="Parts of the lesson">
      <h2 className="mb-2 text-lg">Parts of the lesson, minutes</h2>
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <Stepper label="Briefing" value={segments.briefing} min={0} max={120} onChange={(briefing) => onChange({ briefing })} />
        <Stepper
          label="Demonstration"
          value={segments.demonstration}
          min={0}
          max={180}
          onChange={(demonstration) => onChange({ demonstration })}
        />
        <Stepper label="To mark a plate" value={segments.aPlate} min={1} max={30} onChange={(aPlate) => onChange({ aPlate })} />
        <Stepper
          label="A plate may wait"
          value={segments.plateWaits}
          min={0}
          max={60}
          onChange={(plateWaits) => onChange({ plateWaits })}
        />
        <Stepper label="Slack" value={segments.slack} min={0} max={120} onChange={(slack) => onChange({ slack })} />
        <Stepper label="Clean-down" value={segments.cleanDown} min={0} max={120} onChange={(cleanDown) => onChange({ cleanDown })} />
      </div>
    </section>
  );
}

interface Status {
  readonly placed: TimePlan['placed'];
  readonly failed: Plan | null;
  readonly solving: 'idle' | 'plan' | 'repair';
  readonly conflicts: readonly Conflict[];
  readonly problem: ReturnType<typeof problemOf>;
  readonly clock: (minute: number) => string;
}

function statusOf({ placed, failed, solving, conflicts, problem, clock }: Status): string {
  if (solving === 'repair') return 'It is being put right …';
  if (!placed) {
    if (solving === 'plan') return 'The first plan is being made …';
    if (failed?.status === 'infeasible') return 'It does not fit.';
    return failed ? 'No plan was found in ten seconds, and none was proven impossible.' : 'Stopped before there was a plan.';
  }
  if (conflicts.length > 0)
    return failed?.status === 'infeasible'
      ? 'With what is decided, nothing fits: take something back.'
      : `${conflicts.length} ${conflicts.length === 1 ? 'thing does' : 'things do'} not hold.`;
  const plates = problem.instance.steps.filter(({ id }) => problem.meaning.get(id)!.kind === 'tasting').map(({ id }) => placed.starts[id]!);
  const { longest } = platesWait(problem, placed);
  const said =
    plates.length > 0
      ? `${plates.length} plates reach the pass from ${clock(Math.min(...plates))} to ${clock(Math.max(...plates))}; the longest wait is ${longest} ${longest === 1 ? 'minute' : 'minutes'}.`
      : 'It fits.';
  if (solving === 'plan') return `${said} Still looking for a better one …`;
  return placed.status === 'optimal' ? `${said} Nothing better is possible.` : said;
}
