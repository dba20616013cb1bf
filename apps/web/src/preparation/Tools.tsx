import { useMemo } from 'react';
import {
  countedInAndOut,
  lessonMinutes,
  planMakings,
  toolsList,
  type Kitchen,
  type TechniqueCard,
  type TimePlan,
  type ToolNeed,
} from '@pelvo/core';
import { orderInputOf, usualSegments, type LessonDetail } from '@pelvo/contract';
import { DataTable, Section } from '../design';

interface ToolsProps {
  readonly lesson: LessonDetail;
  readonly cards: Readonly<Record<string, Pick<TechniqueCard, 'name' | 'tools'>>>;
  readonly kitchen: Kitchen | null;
  readonly plan: TimePlan | null;
}

/** Dishes as tools and paper goods are counted for them. */
const cookedIn = (lesson: LessonDetail) =>
  lesson.dishes.map(({ dishId, content }) => {
    const stations = lesson.cooking.filter(({ dishIds }) => dishIds === null || dishIds.includes(dishId)).length;
    const makings = planMakings(orderInputOf(lesson).plan);
    const shownToo = makings.some(({ by }) => by === 'demonstration');
    const portions = stations * lesson.portionsATeam + lesson.demonstrationPortions + lesson.referencePlates + lesson.tastingPortions;
    return { content, stations: stations + (shownToo ? 1 : 0), portions, makings: stations + (shownToo ? 1 : 0) + lesson.spareMakings };
  });

const KIND: Readonly<Record<string, string>> = {
  equipment: 'Equipment',
  shared: 'Shared',
  tool: 'At each station',
  plate: 'Plates',
  paper: 'Paper goods',
  water: 'Water and ice',
};

/** Minutes in which is cooked: the lesson without briefing, demonstration, cleaning down and what is kept free. */
function cookingMinutes(lesson: LessonDetail, plan: TimePlan | null): number {
  const { briefing, demonstration, cleanDown, slack } = plan?.segments ?? usualSegments(lesson);
  return Math.max(0, lessonMinutes(lesson, lesson.school.timeZone) - briefing - demonstration - cleanDown - slack);
}

/** "14 stations, one after another: 70 of 110 minutes, so one is enough". */
const turnsSaid = ({ count, inTurn }: ToolNeed): string =>
  inTurn
    ? `${count} stations in turn: ${inTurn.minutes} minutes of ${inTurn.of}, so ${inTurn.atOnce === 1 ? 'one is enough' : `${inTurn.atOnce} at once`}`
    : `for ${count} stations`;

/** What would help where there are too few of something. */
function Short({ need }: { readonly need: ToolNeed }) {
  const { name, kind, count, has, short, inTurn } = need;
  if (kind !== 'equipment')
    return (
      <>
        <b>
          {name}: {has === 0 ? 'none' : has} there, {count} wanted.
        </b>{' '}
        {kind === 'plate'
          ? 'Wash up between rounds at the pass'
          : !has
            ? 'Do without'
            : `Let ${kind === 'shared' ? 'more' : Math.ceil(count / has)} stations share one, work in larger teams`}
        {`, or borrow ${short}.`}
      </>
    );
  if (has === 0)
    return (
      <>
        <b>The kitchen has no {name}.</b> Borrow one, do it by hand, or make that step ahead.
      </>
    );
  const pairs = inTurn ? Math.max(1, Math.ceil(inTurn.minutes / 2 / inTurn.of)) : 1;
  return (
    <>
      <b>
        {has} {name}, and {(has ?? 0) + short} would be needed at once.
      </b>{' '}
      Borrow {short}, make that step ahead,{' '}
      {pairs <= (has ?? 0) ? 'let two stations share one making, which is enough,' : 'let stations share one making'} or make it in bulk for
      the class.
    </>
  );
}

export function Tools({ lesson, cards, kitchen, plan }: ToolsProps) {
  const needs = useMemo(
    () =>
      toolsList({
        dishes: cookedIn(lesson),
        cards: new Map(Object.entries(cards)),
        kitchen,
        minutes: cookingMinutes(lesson, plan),
      }),
    [lesson, cards, kitchen, plan],
  );
  const short = needs.filter((need) => need.short > 0);
  return (
    <Section title="Tools, plates, paper goods">
      {short.map((need) => (
        <p key={need.name} className="mb-2 border-l-4 border-beet pl-2">
          <Short need={need} />
        </p>
      ))}
      {needs.length === 0 ? (
        <p>No card, step or dish names any.</p>
      ) : (
        <DataTable
          rows={needs}
          keyOf={({ name }) => name}
          columns={[
            { head: 'What', names: true, cell: ({ name }) => name },
            {
              head: 'How many',
              cell: ({ count, kind, ...need }) =>
                kind === 'equipment'
                  ? turnsSaid({ count, kind, ...need })
                  : kind === 'paper' || kind === 'water'
                    ? `at ${count} stations`
                    : String(count),
            },
            {
              head: 'How',
              cell: ({ kind, aStation }) =>
                aStation === null || kind === 'paper' || kind === 'water' ? KIND[kind] : `${aStation} at each station`,
            },
            { head: 'The kitchen has', cell: ({ has }) => (has === null ? '' : String(has)) },
            {
              head: 'For',
              cell: ({ because }) => (
                <span className="text-small text-soft">
                  {because.slice(0, 3).join(', ')}
                  {because.length > 3 ? ` and ${because.length - 3} more` : ''}
                </span>
              ),
            },
          ]}
        />
      )}
    </Section>
  );
}

/** What is cooked with and not served: as many come out as went in. */
export function InAndOut({ lesson }: { lesson: LessonDetail }) {
  const rows = useMemo(() => countedInAndOut(cookedIn(lesson)), [lesson]);
  if (rows.length === 0) return null;
  return (
    <Section title="Counted in, counted out">
      <DataTable
        rows={rows}
        keyOf={({ name, dish }) => `${dish} ${name}`}
        columns={[
          { head: 'Not served', names: true, cell: ({ name }) => name },
          { head: 'Dish', cell: ({ dish }) => dish },
          { head: 'In', cell: ({ count }) => `${count} or more, one a making` },
          { head: 'Out', cell: () => 'as many before it is plated' },
        ]}
      />
    </Section>
  );
}
