import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import {
  changeSaid,
  clockAt,
  prepareAhead,
  slackNeeded,
  stationSheets,
  teamChanges,
  teamSheets,
  wallSheet,
  words,
  type SchoolBoards,
  type SheetRow,
  type TeamChanges,
} from '@pelvo/core';
import { madeInOf, standsReady, type LessonDetail, type StoredDemonstration, type TimePaper } from '@pelvo/contract';
import { longDate } from '../platform/pdf';
import type { StandingPlan } from './schedule.service';

const PARTS: Readonly<Record<string, string>> = {
  briefing: 'Briefing',
  demonstration: 'Demonstration',
  'clean-down': 'Clean down',
  tasting: 'Plate to the pass: tasting and marking',
};

/** What happens, in words. */
export const whatOf = ({ kind, what, hands }: SheetRow): string => {
  if (kind === 'warm-up') return `Heat up for: ${what}`;
  if (kind === 'work') return hands === 'off' ? `${what} (goes on by itself)` : what;
  return PARTS[kind] ?? what;
};

/** The plan of a lesson on paper: one run sheet for the wall, or a card for each station or team, each on a page of its own. */
export function timeDocument(plan: StandingPlan, purpose: TimePaper, shown: readonly StoredDemonstration[] = []): TDocumentDefinitions {
  const { lesson, kitchen, problem, placed } = plan;
  const changes = teamChanges(problem, placed);
  const clock = (minute: number) => clockAt(lesson, lesson.school.timeZone, minute);
  const lead = `${lesson.title}, ${lesson.className}. ${longDate(lesson.date)}, ${lesson.start} to ${lesson.end}${lesson.kitchen ? `, ${lesson.kitchen}` : ''}.`;
  if (purpose === 'wall')
    return {
      info: { title: `Run sheet, ${lesson.title}` },
      content: [
        { text: 'Run sheet', style: 'title' },
        { text: lead, style: 'lead' },
        ...aheadBlock(plan),
        ...readyBlock(lesson, shown, clock),
        rows(wallSheet(problem, placed, kitchen), clock, true, changes, lesson.school.boards),
        ...perhapsBlock(plan),
      ],
    };
  const sheets = purpose === 'teams' ? teamSheets(problem, placed, kitchen) : stationSheets(problem, placed, kitchen);
  const stationOf = new Map(lesson.cooking.map(({ name, station }) => [name, station]));
  return {
    info: { title: `${purpose === 'teams' ? 'Team cards' : 'Station cards'}, ${lesson.title}` },
    content: sheets.flatMap(({ name, rows: own }, index): Content[] => [
      {
        text: `${name}${purpose === 'teams' && stationOf.get(name) ? `, ${stationOf.get(name)}` : ''}`,
        style: 'title',
        ...(index > 0 ? { pageBreak: 'before' as const } : {}),
      },
      { text: lead, style: 'lead' },
      rows(
        own,
        clock,
        purpose === 'stations',
        changes.filter(({ team }) => (purpose === 'teams' ? team === name : true)),
        lesson.school.boards,
      ),
    ]),
  };
}

/** What is changed before a row, where raw turns to ready in the hands of those who do it. */
const changedBefore = (row: SheetRow, changes: readonly TeamChanges[], boards: SchoolBoards): readonly string[] => {
  const own = changes.filter(({ team }) => row.who.includes(team));
  const found = own.flatMap(({ prompts }) => prompts.filter(({ at, beforeText }) => at === row.from && beforeText === row.what));
  return [...new Set(found.map((prompt) => words(changeSaid(prompt, boards))))];
};

function rows(
  sheet: readonly SheetRow[],
  clock: (minute: number) => string,
  named: boolean,
  changes: readonly TeamChanges[],
  boards: SchoolBoards,
): Content {
  const head = ['', 'From', 'To', ...(named ? ['Who'] : []), 'What', 'With'];
  return {
    layout: 'pelvo',
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: [12, 'auto', 'auto', ...(named ? ['auto'] : []), '*', 'auto'],
      body: [
        head.map((text): TableCell => ({ text, style: 'th' })),
        ...sheet.map((row): TableCell[] => [
          { canvas: [{ type: 'rect', x: 0, y: 1, w: 9, h: 9, lineWidth: 0.8 }] },
          { text: clock(row.from), bold: true },
          { text: clock(row.until) },
          ...(named ? [{ text: row.who.length > 0 ? row.who.join(', ') : row.kind === 'oven' ? '' : 'Everyone' }] : []),
          {
            stack: [...changedBefore(row, changes, boards).map((text): Content => ({ text, bold: true })), { text: whatOf(row) }],
          },
          { text: row.on.join(', '), style: 'small' },
        ]),
      ],
    },
  };
}

/** What must stand ready before the lesson begins. */
function aheadBlock({ lesson, problem, placed }: StandingPlan): Content[] {
  const dishes = lesson.dishes.map(({ dishId, content }) => ({ id: dishId, content }));
  const tasks = prepareAhead(problem, dishes, placed.starts, madeInOf(lesson));
  if (tasks.length === 0) return [];
  return [
    { text: 'Made before the lesson', style: 'heading' },
    {
      ul: tasks.map(
        ({ text, dish, makings, by, madeIn, store, hours }) =>
          `${text} ${dish}, ${makings} ${makings === 1 ? 'making' : 'makings'}, ${madeIn ? `in “${madeIn}”` : by === 'team' ? 'by each team' : `by the ${by}`}${store ? `; ${store}` : ''}${hours ? `, within ${hours} hours before it is used` : ''}.`,
      ),
      margin: [0, 0, 0, 8],
    },
    { text: 'How long it keeps, and how cold, the local code and the responsible person decide.', style: 'small', margin: [0, 0, 0, 8] },
  ];
}

/** What stands ready for demonstrations. */
function readyBlock(lesson: LessonDetail, shown: readonly StoredDemonstration[], clock: (minute: number) => string): Content[] {
  const ready = standsReady(lesson, shown);
  if (ready.length === 0) return [];
  return [
    { text: 'Stands ready for the demonstration', style: 'heading' },
    {
      ul: ready.map(({ dish, component, text, by, where, store, copy, copies, wantedAt, duringLesson }) =>
        [
          `${clock(wantedAt)}: ${component?.name ? `${component.name}, ` : ''}done up to “${text}”, for ${dish}`,
          copies > 1 ? `copy ${copy}` : '',
          `by ${by === 'team' ? 'a team' : `the ${by}`}`,
          duringLesson ? 'finished in the lesson' : '',
          where,
          store,
        ]
          .filter(Boolean)
          .join(', '),
      ),
      margin: [0, 0, 0, 8],
    },
  ];
}

/** What the slack is there for. */
function perhapsBlock({ problem }: StandingPlan): Content[] {
  const { redo, perhaps } = slackNeeded(problem);
  const said = [
    ...(redo ? [`If it fails, done again in ${redo.minutes} minutes: ${redo.text}`] : []),
    ...(perhaps ? [`If ${perhaps.when}, ${perhaps.minutes} minutes: ${perhaps.text}`] : []),
  ];
  return said.length > 0 ? [{ text: 'The slack is for', style: 'heading' }, { ul: said }] : [];
}
