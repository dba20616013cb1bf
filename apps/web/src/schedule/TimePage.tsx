import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { planCsv, type Kitchen, type Plan, type PlanStep, type Segments } from '@pelvo/core';
import type { LessonDetail } from '@pelvo/contract';
import { clockTime, saveFile, useKitchens, useLesson } from '../device';
import { Button, Empty, Fetching, Notice, PageHead, Section, Stepper } from '../design';
import { Lanes } from './Lanes';
import { lanesOf, platesWait } from './lanes';
import { PlanTable } from './PlanTable';
import { lessonMinutes, problemOf, remediesOf, teamsOf, timeAt, usualSegments, type PlanChoices, type Remedy } from './planOf';
import { useClassPlan, useVariants } from './useClassPlan';

/** A lesson in time: who does what when, and what everyone shares. */
export default function TimePage() {
  const { id } = useParams();
  const lesson = useLesson(id);
  const kitchens = useKitchens();
  const kitchen = kitchens.data?.find(({ name }) => name === lesson.data?.kitchen);
  const retry = () => {
    void lesson.mutate();
    void kitchens.mutate();
  };
  return (
    <>
      <Fetching
        what="the lesson"
        done={lesson.data !== undefined && kitchens.data !== undefined}
        error={lesson.error ?? kitchens.error}
        retry={retry}
      />
      {lesson.data && kitchens.data ? (
        <>
          <PageHead
            title={`${lesson.data.title}: the time`}
            lead={`${clockTime(lesson.data.start)} to ${clockTime(lesson.data.end)}${lesson.data.kitchen ? `, ${lesson.data.kitchen}` : ''}. Planned backwards from the pass.`}
          />
          <Ready lesson={lesson.data} kitchen={kitchen ?? null} />
        </>
      ) : null}
    </>
  );
}

/** What has to be there before there is anything to plan. */
function Ready({ lesson, kitchen }: { lesson: LessonDetail; kitchen: Kitchen | null }) {
  const back = `/lessons/${lesson.id}`;
  if (!kitchen)
    return (
      <Empty title={lesson.kitchen ? `Nothing is known of "${lesson.kitchen}"` : 'No kitchen is chosen'}>
        <p>
          A plan shares out ovens and burners. <Link to={back}>Choose a kitchen for the lesson</Link>, or{' '}
          <Link to="/kitchens">add one with what it has</Link>.
        </p>
      </Empty>
    );
  if (lesson.present === 0)
    return (
      <Empty title="Nobody is there">
        <p>
          All students are absent, or the class has none. <Link to={back}>Change the lesson</Link>.
        </p>
      </Empty>
    );
  if (lesson.dishes.every(({ content }) => content.method.length === 0))
    return (
      <Empty title="There is nothing to cook">
        <p>
          {lesson.dishes.length === 0 ? 'The lesson has no dish yet. ' : 'Its dishes have no steps yet. '}
          <Link to={back}>Change the lesson</Link>.
        </p>
      </Empty>
    );
  return <TimePlan lesson={lesson} kitchen={kitchen} />;
}

function TimePlan({ lesson, kitchen }: { lesson: LessonDetail; kitchen: Kitchen }) {
  const [choices, setChoices] = useState<PlanChoices>(() => ({
    segments: usualSegments(lesson),
    teamSize: lesson.teamSize,
    minutes: lessonMinutes(lesson),
    kitchen,
    ahead: new Map(),
  }));
  const [taken, setTaken] = useState<readonly string[]>([]);
  const [chosen, setChosen] = useState<string | null>(null);
  const problem = useMemo(() => problemOf(lesson, choices), [lesson, choices]);
  const teams = teamsOf(lesson.present, choices.teamSize);
  const crowded = teams.length > choices.kitchen.stations;
  const { plan, busy, stop } = useClassPlan(problem.instance);
  const clock = (minute: number) => clockTime(timeAt(lesson.start, minute));
  const setSegments = (part: Partial<Segments>) => setChoices((now) => ({ ...now, segments: { ...now.segments, ...part } }));
  const teamName = (team: number) =>
    choices.teamSize === 1 ? `Student ${team + 1}` : choices.teamSize === 2 ? `Pair ${team + 1}` : `Team ${team + 1}`;
  const lanes = useMemo(
    () => (holds(plan) ? lanesOf(problem, plan, choices.kitchen, teamName) : []),
    // Names of teams follow from the choices.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [plan, problem, choices],
  );
  const fileName = `${lesson.date} ${lesson.title}`.replace(/[^\p{L}\d -]+/gu, '').trim();
  const shown = lanes.filter(({ key }) => chosen === null || key === chosen);
  return (
    <>
      <div className="no-print mb-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Stepper
          label="Briefing, min"
          value={choices.segments.briefing}
          min={0}
          max={120}
          onChange={(briefing) => setSegments({ briefing })}
        />
        <Stepper
          label="Demonstration, min"
          value={choices.segments.demonstration}
          min={0}
          max={180}
          onChange={(demonstration) => setSegments({ demonstration })}
        />
        <Stepper
          label="A plate at the pass, min"
          value={choices.segments.aPlate}
          min={1}
          max={30}
          onChange={(aPlate) => setSegments({ aPlate })}
        />
        <Stepper label="Slack, min" value={choices.segments.slack} min={0} max={120} onChange={(slack) => setSegments({ slack })} />
        <Stepper
          label="Clean-down, min"
          value={choices.segments.cleanDown}
          min={0}
          max={120}
          onChange={(cleanDown) => setSegments({ cleanDown })}
        />
      </div>
      <div className="mb-4 space-y-3">
        {crowded ? (
          <Notice title={`${teams.length} teams, and ${choices.kitchen.name} has ${choices.kitchen.stations} stations.`}>
            <p>Some have to share a station, or work in larger teams.</p>
          </Notice>
        ) : null}
        {[...new Set(problem.lacking.map(({ need }) => lackOf(need)))].map((what) => (
          <Notice key={what} title={`${choices.kitchen.name} has ${what}.`}>
            <p>The steps that want it are planned without. Choose another kitchen, or change the dish.</p>
          </Notice>
        ))}
        {taken.length > 0 ? (
          <Notice title={`Planned with this: ${taken.join('; ')}.`}>
            <p>It is tried here. What the lesson says has not changed.</p>
          </Notice>
        ) : null}
        <div className="flex min-h-11 flex-wrap items-center justify-between gap-3">
          <p role="status" className={plan?.status === 'infeasible' ? 'font-title text-xl' : ''}>
            {statusOf(plan, busy, problem, clock)}
          </p>
          {busy ? <Button onClick={stop}>Leave it as it is</Button> : null}
        </div>
      </div>
      {plan?.status === 'infeasible' ? (
        <WhyNot
          lesson={lesson}
          choices={choices}
          reason={plan.reason?.steps ?? []}
          problem={problem}
          clock={clock}
          onTake={(remedy) => {
            setChoices(remedy.choices);
            setTaken([...taken, remedy.name]);
          }}
        />
      ) : null}
      {problem.ahead.length > 0 ? (
        <Section title="To be made before the lesson">
          <ul className="divide-y divide-line border-y border-line">
            {problem.ahead.map(({ dishId, work }) => (
              <li key={`${dishId} ${work.id}`} className="py-1">
                {work.text}{' '}
                <span className="text-small text-soft">
                  for {teams.length} {teams.length === 1 ? 'team' : 'teams'},{' '}
                  {lesson.dishes.find(({ editionId }) => editionId === dishId)?.content.title}
                </span>
              </li>
            ))}
          </ul>
          <p className="mt-2 text-small text-soft">
            How long it keeps, and how cold, the dish and the local rules say; the responsible person decides.
          </p>
        </Section>
      ) : null}
      {lanes.length > 0 ? (
        <>
          <Lanes lanes={lanes} minutes={choices.minutes} clock={clock} chosen={chosen} onChoose={setChosen} />
          <p className="no-print mt-1 text-small text-soft">
            Filled: hands are busy. Hatched: it goes on by itself. Framed: tasting. Touch a lane to read it below.
          </p>
          {holds(plan) ? (
            <div className="no-print mt-3 flex flex-wrap gap-2">
              <Button onClick={() => window.print()}>Print the tables</Button>
              <Button
                onClick={() =>
                  saveFile(
                    `${fileName} plan.csv`,
                    'text/csv',
                    planCsv(problem, plan, (minute) => timeAt(lesson.start, minute)),
                  )
                }
              >
                Plan as CSV
              </Button>
              <Button onClick={() => saveFile(`${fileName} problem.json`, 'application/json', JSON.stringify(problem.instance, null, 2))}>
                Planning problem as JSON
              </Button>
              <Button onClick={() => saveFile(`${fileName} plan.json`, 'application/json', JSON.stringify(plan, null, 2))}>
                Plan as JSON
              </Button>
            </div>
          ) : null}
          <Section title={chosen === null ? 'The same as a table' : 'This lane as a table'}>
            <div className="grid items-start gap-x-8 xl:grid-cols-2">
              {shown.map((lane) => (
                <PlanTable key={lane.key} lane={lane} clock={clock} numbered={!lane.key.startsWith('team-')} />
              ))}
            </div>
          </Section>
        </>
      ) : null}
    </>
  );
}

const holds = (plan: Plan | null | undefined): plan is Plan & { readonly objective: number } => typeof plan?.objective === 'number';

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

function statusOf(
  plan: ReturnType<typeof useClassPlan>['plan'],
  busy: boolean,
  problem: ReturnType<typeof problemOf>,
  clock: (minute: number) => string,
): string {
  if (!plan) return busy ? 'The first plan is being made …' : 'Stopped before there was a plan.';
  switch (plan.status) {
    case 'infeasible':
      return 'It does not fit.';
    case 'unknown':
      return 'No plan was found in ten seconds, and none was proven impossible.';
    case 'optimal':
    case 'feasible': {
      const plates = problem.instance.steps.filter(({ id }) => problem.meaning.get(id)!.kind === 'tasting');
      const starts = plates.map(({ id }) => plan.starts[id]!);
      const { longest } = platesWait(problem, plan);
      const said =
        plates.length > 0
          ? `${plates.length} plates reach the pass from ${clock(Math.min(...starts))} to ${clock(Math.max(...starts))}; the longest wait is ${longest} ${longest === 1 ? 'minute' : 'minutes'}.`
          : 'It fits.';
      if (busy) return `${said} Still looking for a better one …`;
      return plan.status === 'optimal' ? `${said} Nothing better is possible.` : said;
    }
  }
}

interface WhyNotProps {
  readonly lesson: LessonDetail;
  readonly choices: PlanChoices;
  readonly reason: readonly string[];
  readonly problem: ReturnType<typeof problemOf>;
  readonly clock: (minute: number) => string;
  readonly onTake: (remedy: Remedy) => void;
}

/** Why nothing holds, as a few steps that cannot hold together, and what would make it fit, each tried. */
function WhyNot({ lesson, choices, reason, problem, clock, onTake }: WhyNotProps) {
  const remedies = useMemo(() => remediesOf(lesson, choices, problem, reason), [lesson, choices, problem, reason]);
  const variants = useMemo(
    () => remedies.map(({ key, choices: own }) => ({ key, instance: problemOf(lesson, own).instance })),
    [remedies, lesson],
  );
  const { plans, busy } = useVariants(variants);
  const steps = reason.flatMap((id) => problem.instance.steps.find((step) => step.id === id) ?? []);
  const until = choices.minutes - choices.segments.cleanDown - choices.segments.slack;
  return (
    <div className="grid gap-6 lg:grid-cols-2">
      <div>
        <Section title="What cannot hold together">
          <p className="mb-2">
            These take {steps.reduce((sum, { minutes }) => sum + minutes, 0)} minutes between{' '}
            {clock(choices.segments.briefing + choices.segments.demonstration)} and {clock(Math.max(0, until))}, where the kitchen and what
            must lie between them leave no room:
          </p>
          <ul className="divide-y divide-line border-y border-line">
            {steps.map((step) => (
              <li key={step.id} className="py-1">
                <span className="tabular-nums">{step.minutes} min</span> {whoOf(step, problem)}: {step.name}
              </li>
            ))}
          </ul>
        </Section>
      </div>
      <div>
        <Section title="What would make it fit">
          <ul className="divide-y divide-line border-y border-line">
            {remedies.map((remedy) => {
              const plan = plans.get(remedy.key);
              return (
                <li key={remedy.key} className="flex flex-wrap items-center justify-between gap-3 py-2">
                  <span>{remedy.name}</span>
                  {holds(plan) ? (
                    <Button kind="main" onClick={() => onTake(remedy)}>
                      It fits: plan it so
                    </Button>
                  ) : (
                    <span className="text-soft">
                      {plan ? (plan.status === 'infeasible' ? 'still does not fit' : 'not found in time') : busy ? 'being tried …' : ''}
                    </span>
                  )}
                </li>
              );
            })}
          </ul>
        </Section>
      </div>
    </div>
  );
}

function whoOf({ id }: PlanStep, { meaning }: ReturnType<typeof problemOf>): string {
  const { team } = meaning.get(id)!;
  return team === null ? 'everyone' : `team ${team + 1}`;
}
