import { Fragment, useMemo } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import {
  computeOrder,
  hotTinOf,
  minutesToHeat,
  ovenTasks,
  platesOf,
  prepareAhead,
  teamChanges,
  type ClassProblem,
  type SchoolBoard,
  type TimePlan,
} from '@pelvo/core';
import { madeInOf, orderInputOf, standsReady, type DemonstrationsOfLesson, type LessonDetail } from '@pelvo/contract';
import { fetcher, inWords, shown } from '../device';
import { DataTable, LabelLinks, Section } from '../design';

interface PlanPart {
  readonly lesson: LessonDetail;
  readonly problem: ClassProblem | null;
  readonly plan: TimePlan | null;
  readonly clock: (minute: number) => string;
}

interface AheadRow {
  readonly key: string;
  readonly what: string;
  readonly forWhat: string;
  readonly amount: string;
  readonly by: string;
  readonly at: number;
  readonly kept: string;
}

/** What is made before the lesson: sub-preparations, stages the plan has put ahead, and what stands ready for demonstrations. */
export function MadeAhead({ lesson, problem, plan, clock, teaching }: PlanPart & { readonly teaching: boolean }) {
  const demonstrations = useSWR<DemonstrationsOfLesson>(teaching ? `/lessons/${lesson.id}/demonstrations` : null, fetcher);
  const rows = useMemo(() => aheadRows(lesson, problem, plan, demonstrations.data), [lesson, problem, plan, demonstrations.data]);
  return (
    <Section
      title="Made before the lesson"
      aside={Object.keys(lesson.preparations).length > 0 ? <LabelLinks lessonId={lesson.id} what="bulk" /> : undefined}
    >
      {rows.length === 0 ? (
        <p>Nothing: all of it is made in the lesson.</p>
      ) : (
        <DataTable
          rows={rows}
          keyOf={({ key }) => key}
          columns={[
            {
              head: 'What',
              names: true,
              cell: ({ what, forWhat }) => (
                <>
                  {what} <span className="text-small text-soft">{forWhat}</span>
                </>
              ),
            },
            { head: 'How much', cell: ({ amount }) => amount },
            { head: 'By whom', cell: ({ by }) => by },
            { head: 'Ready by', cell: ({ at }) => clock(at) },
            { head: 'Kept', cell: ({ kept }) => kept },
          ]}
        />
      )}
    </Section>
  );
}

function aheadRows(
  lesson: LessonDetail,
  problem: ClassProblem | null,
  plan: TimePlan | null,
  shownOnes?: DemonstrationsOfLesson,
): readonly AheadRow[] {
  const makings = lesson.present === 0 ? [] : computeOrder(orderInputOf(lesson)).preparations;
  const made = makings.map(({ editionId, title, needed, usedBy, separateFor }): AheadRow => ({
    key: `${editionId} ${separateFor}`,
    what: title,
    forWhat: `for ${usedBy.join(', ')}`,
    amount: shown(needed),
    by: 'technician',
    at: 0,
    kept: 'as its dish says',
  }));
  const dishes = lesson.dishes.map(({ dishId, content }) => ({ id: dishId, content }));
  const stages = problem
    ? prepareAhead(problem, dishes, plan?.placed?.starts, madeInOf(lesson)).map((task): AheadRow => ({
        key: `${task.dishId} ${task.stepId}`,
        what: task.text,
        forWhat: task.dish,
        amount: `${task.makings} × ${lesson.portionsATeam}`,
        by: task.madeIn ? `the class, in “${task.madeIn}”` : task.by,
        at: task.wantedAt,
        kept: [task.store, task.hours ? `${task.hours} h` : ''].filter(Boolean).join(', '),
      }))
    : [];
  const ready = standsReady(lesson, shownOnes?.items ?? []).map((each): AheadRow => ({
    key: `${each.dishId} shown ${each.stepId}`,
    what: `${each.component?.name ? `${each.component.name}, ` : ''}done up to: ${each.text}`,
    forWhat: `demonstration of ${each.dish}`,
    amount: `${lesson.demonstrationPortions} portions${each.copies > 1 ? `, copy ${each.copy}` : ''}`,
    by: each.by,
    at: each.wantedAt,
    kept: [each.where, each.store, each.duringLesson ? 'finished in the lesson' : ''].filter(Boolean).join(', '),
  }));
  return [...made, ...stages, ...ready].sort((a, b) => a.at - b.at);
}

/** Minutes until plates have their heat. @source our own working figures: a warm cupboard, a refrigerator */
const PLATES_AT_HEAT = { warm: 15, cold: 30 } as const;

/** Ovens, water, fat and plates at their heat by a minute that the plan knows. */
export function ReadyBefore({ lesson, problem, plan, clock }: PlanPart) {
  const placed = plan?.placed;
  const rows = useMemo(() => {
    if (!problem || !placed) return [];
    const ovens = ovenTasks(problem, placed).map(({ oven, kind, celsius, from, until }) => ({
      key: `${oven} ${from}`,
      until,
      from,
      what: `${kind === 'warm' ? 'Warm' : 'Turn'} ${oven.replace('-', ' ')} ${kind === 'warm' ? 'to' : 'over to'} ${celsius} °C`,
      who: '',
    }));
    const warm = problem.instance.steps.flatMap(({ id, minutes }) => {
      const about = problem.meaning.get(id)!;
      const at = placed.starts[id];
      if (about.kind !== 'warm-up' || at === undefined) return [];
      const team = problem.teams.find((each) => each.id === about.team)?.name ?? '';
      return [{ key: id, until: at + minutes, from: at, what: `Heat up for: ${about.work?.text ?? ''}`, who: team }];
    });
    const plates = lesson.dishes.flatMap(({ dishId, content }) => {
      const { kind, heat } = platesOf(content);
      const served = problem.instance.steps.flatMap(({ id }) => {
        const about = problem.meaning.get(id)!;
        return about.kind === 'tasting' && about.dishId === dishId ? (placed.starts[id] ?? []) : [];
      });
      if (!heat || served.length === 0) return [];
      const until = Math.min(...served);
      const what = `${heat === 'warm' ? 'Warm' : 'Chill'} ${served.length * lesson.portionsATeam} ${kind}: ${content.title}`;
      return [{ key: `plates ${dishId}`, until, from: until - PLATES_AT_HEAT[heat], what, who: '' }];
    });
    // Tins, trays and stones that have to be hot when food comes onto them: once for all that need one at the same minute.
    const tins = new Map<string, { key: string; until: number; from: number; what: string; who: string }>();
    for (const { id } of problem.instance.steps) {
      const about = problem.meaning.get(id)!;
      const at = placed.starts[id];
      const tin = about.kind === 'work' && about.work ? hotTinOf(about.work.text) : null;
      if (!tin || at === undefined) continue;
      const key = `${tin} ${at}`;
      const team = problem.teams.find((each) => each.id === about.team)?.name ?? '';
      const known = tins.get(key);
      if (known) known.who = [known.who, team].filter(Boolean).join(', ');
      else tins.set(key, { key, until: at, from: at - minutesToHeat(tin), what: `Heat the ${tin} for: ${about.work!.text}`, who: team });
    }
    const all = [...ovens, ...warm, ...tins.values(), ...plates];
    return all.sort((a, b) => a.until - b.until);
  }, [problem, placed, lesson]);
  return (
    <Section title="Hot by its minute">
      {placed ? (
        rows.length === 0 ? (
          <p>Nothing has to be heated up.</p>
        ) : (
          <DataTable
            rows={rows}
            keyOf={({ key }) => key}
            columns={[
              { head: 'Ready at', cell: ({ until }) => <b>{clock(until)}</b> },
              { head: 'Begin', cell: ({ from }) => (from < 0 ? `${clock(from)}, before the lesson` : clock(from)) },
              { head: 'What', names: true, cell: ({ what }) => what },
              { head: 'Who', cell: ({ who }) => who },
            ]}
          />
        )
      ) : (
        <Unplanned lesson={lesson} what="when ovens, water and plates must be hot" />
      )}
    </Section>
  );
}

const Unplanned = ({ lesson, what }: { lesson: LessonDetail; what: string }) => (
  <p>
    The plan of time says {what}. <Link to={`/lessons/${lesson.id}/time`}>Plan the time</Link>
  </p>
);

/** What is changed; the board by the school's own word with its colour. */
function Changed({ change, board }: { readonly change: readonly string[]; readonly board: SchoolBoard | null }) {
  return (
    <>
      {change.map((what, at) => (
        <Fragment key={what}>
          {at > 0 ? ', ' : ''}
          {what === 'board' && board?.name ? (
            <>
              {board.name} board{' '}
              <span aria-hidden className="inline-block size-3 border border-ink align-middle" style={{ background: board.colour }} />
            </>
          ) : (
            what
          )}
        </Fragment>
      ))}
    </>
  );
}

type Prompt = ReturnType<typeof teamChanges>[number]['prompts'][number];

/** The same change between the same steps of several teams, as one row with each team's minute. */
function alike(teams: ReturnType<typeof teamChanges>) {
  const rows = new Map<string, Prompt & { readonly key: string; readonly who: { readonly team: string; readonly at: number }[] }>();
  for (const { team, prompts } of teams)
    for (const prompt of prompts) {
      const key = `${prompt.because} ${prompt.afterText} ${prompt.beforeText}`;
      const row = rows.get(key) ?? { ...prompt, key, who: [] };
      row.who.push({ team, at: prompt.at });
      rows.set(key, row);
    }
  return [...rows.values()];
}

/** Where raw turns to ready along each team's plan, and what is changed there. */
export function Changes({ lesson, problem, plan, clock }: PlanPart) {
  const placed = plan?.placed;
  const teams = useMemo(() => (problem && placed ? teamChanges(problem, placed) : []), [problem, placed]);
  const rows = useMemo(() => alike(teams), [teams]);
  const boards = teams.reduce((sum, team) => sum + team.boards, 0);
  const gloves = teams.reduce((sum, team) => sum + team.gloves, 0);
  return (
    <Section title="Change of board, knife, cloth and hands">
      {!placed ? (
        <Unplanned lesson={lesson} what="in which order each team’s hands do what" />
      ) : rows.length === 0 ? (
        <p>Nothing raw comes before anything ready, in the order of this plan.</p>
      ) : (
        <>
          <p className="mb-2">
            {boards} boards in all{gloves > 0 ? `, ${gloves} pairs of gloves` : ''}.
          </p>
          <DataTable
            rows={rows}
            keyOf={({ key }) => key}
            columns={[
              {
                head: 'Change',
                names: true,
                cell: ({ change, because, boardFor }) => (
                  <>
                    <Changed change={change} board={boardFor ? lesson.school.boards[boardFor] : null} />{' '}
                    <span className="block text-small font-normal text-soft">{inWords({ code: 'change.because', because })}</span>
                  </>
                ),
              },
              {
                head: 'Between',
                cell: ({ afterText, beforeText }) => (
                  <span className="text-small">
                    {afterText} → {beforeText}
                  </span>
                ),
              },
              {
                head: 'Who, and before when',
                cell: ({ who }) => <span className="text-small">{who.map(({ team, at }) => `${team} ${clock(at)}`).join(', ')}</span>,
              },
            ]}
          />
        </>
      )}
      <p className="mt-2 text-small text-soft">
        Reminders by what steps say of the food. The local code and the responsible person decide.
      </p>
    </Section>
  );
}
