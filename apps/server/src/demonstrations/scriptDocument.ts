import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import {
  clockAt,
  demonstratedIn,
  optionFor,
  readyList,
  runningOrder,
  showSteps,
  words,
  type RunningStep,
  type StandsReady,
} from '@pelvo/core';
import type { DemonstrationsOfLesson, LessonDetail, LessonDish } from '@pelvo/contract';
import { longDate } from '../platform/pdf';

/** A demonstration as it is read aloud from paper: what must stand ready, then the running order with its words; null while nothing is chosen. */
export function scriptDocument(lesson: LessonDetail, dish: LessonDish, all: DemonstrationsOfLesson): TDocumentDefinitions | null {
  const demonstration = all.items.find(({ dishId }) => dishId === dish.dishId)?.content;
  if (!demonstration?.choice) return null;
  const demonstrated = demonstratedIn(lesson.techniques);
  const steps = showSteps(dish.content, demonstration, demonstrated);
  const option = optionFor(steps, demonstration.choice);
  if (!option) return null;
  const rows = runningOrder(dish.content, steps, option, {
    cards: new Map(Object.entries(all.cards)),
    words: demonstration.words,
    focus: demonstrated,
    heard: all.asked.filter(({ dishId }) => dishId === dish.dishId),
  });
  const ready = readyList(dish.content, steps, option, demonstration);
  const clock = (minute: number) => clockAt(lesson, lesson.school.timeZone, minute);
  const textOf = new Map(steps.map(({ work }) => [work.id, work.text]));
  return {
    info: { title: `Demonstration, ${dish.content.title}` },
    content: [
      { text: dish.content.title, style: 'title' },
      {
        text: `Demonstration for ${lesson.className}, ${longDate(lesson.date)}, ${clock(demonstration.begins)} to ${clock(demonstration.begins + option.showing.minutes)}${demonstration.camera ? `, ${demonstration.camera}` : ''}.`,
        style: 'lead',
      },
      ...readyBlock(ready, clock),
      { text: 'Running order', style: 'heading' },
      {
        layout: 'pelvo',
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: ['auto', 24, '*'],
          body: [
            ['At', 'Min', 'What'].map((text): TableCell => ({ text, style: 'th' })),
            ...rows.map((row): TableCell[] => [
              { text: clock(demonstration.begins + row.from), bold: true },
              { text: String(row.until - row.from) },
              { stack: scriptOf(row, textOf) },
            ]),
          ],
        },
      },
    ],
  };
}

function readyBlock(ready: readonly StandsReady[], clock: (minute: number) => string): Content[] {
  if (ready.length === 0) return [{ text: 'Nothing has to stand ready: all of it is done before the group.', style: 'small' }];
  return [
    { text: 'Stands ready', style: 'heading' },
    {
      ul: ready.map(({ text, component, copy, copies, by, where, store, wantedAt, notBefore, duringLesson }) =>
        [
          `${component?.name ? `${component.name}, ` : ''}done up to: ${text}`,
          copies > 1 ? `copy ${copy} of ${copies}` : '',
          `by the ${by}`,
          where,
          store ?? '',
          notBefore === null ? '' : `not before ${duringLesson ? clock(notBefore) : 'its time to keep allows'}`,
          `wanted at ${clock(wantedAt)}`,
        ]
          .filter(Boolean)
          .join('; '),
      ),
      margin: [0, 0, 0, 8],
    },
    { text: 'How long it keeps, and how cold, the local code and the responsible person decide.', style: 'small', margin: [0, 0, 0, 8] },
  ];
}

function scriptOf(row: RunningStep, textOf: ReadonlyMap<string, string>): Content[] {
  const line = (label: string, lines: readonly string[]): Content[] =>
    lines.length > 0 ? [{ text: [{ text: `${label} `, bold: true }, lines.join(' ')], margin: [0, 1, 0, 0] }] : [];
  return [
    ...line(
      'Take up what stands ready, done up to:',
      row.takesUp.map((id) => `“${textOf.get(id)!}”`),
    ),
    ...line('Caution:', row.cautions),
    { text: row.given === 'jump' ? `${row.text} Then leave it, and go on from what stands ready.` : row.text, margin: [0, 1, 0, 1] },
    ...line('Say:', row.say),
    ...line(
      'Ask:',
      row.ask.map(({ asked, answer }) => `${words(asked)}${answer ? ` (${answer})` : ''}`),
    ),
    ...line(
      'Pass round:',
      row.pass.map(({ sense, text }) => (sense ? `${sense}: ${text}.` : text)),
    ),
    ...line('They stand', [`${words(row.place)}.`]),
  ];
}
