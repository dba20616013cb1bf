import type { TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { TermBreak } from '@pelvo/core';
import type { TermOfClass } from '@pelvo/contract';
import { longDate } from '../platform/pdf';

const PURPOSE = { introduce: 'new', practise: 'practised', assess: 'assessed' } as const;

/** The term of a class on paper: every lesson with its day, what it takes up, and what does not hold. */
export function termDocument(
  term: TermOfClass,
  names: ReadonlyMap<string, string>,
  breaks: readonly TermBreak[],
  said: (each: TermBreak) => string,
): TDocumentDefinitions {
  return {
    info: { title: `Term plan, ${term.name}` },
    content: [
      { text: 'Term plan', style: 'title' },
      { text: `${term.name}${term.term ? `, ${term.term}` : ''}. ${term.lessons.length} lessons.`, style: 'lead' },
      {
        layout: 'pelvo',
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [90, 60, '*', '*'],
          body: [
            ['Day', 'Time', 'Lesson', 'Techniques'].map((text): TableCell => ({ text, style: 'th' })),
            ...term.lessons.map((lesson): TableCell[] => {
              const wrong = breaks.filter(({ lessonId }) => lessonId === lesson.id).map(said);
              return [
                { text: longDate(lesson.date) },
                { text: `${lesson.start} to ${lesson.end}` },
                {
                  stack: [
                    { text: lesson.title, bold: true },
                    ...(lesson.kitchen ? [{ text: lesson.kitchen, style: 'small' }] : []),
                    ...wrong.map((text) => ({ text: `! ${text}`, style: 'small' })),
                  ],
                },
                { text: lesson.techniques.map(({ id, purpose }) => `${names.get(id) ?? ''} (${PURPOSE[purpose]})`).join(', ') },
              ];
            }),
          ],
        },
      },
      ...(term.daysOff.length > 0
        ? [
            { text: 'Days off', style: 'heading' },
            {
              ul: term.daysOff.map(
                ({ first, last, name }) => `${longDate(first)}${last === first ? '' : ` to ${longDate(last)}`}: ${name}`,
              ),
            },
          ]
        : []),
    ],
  };
}
