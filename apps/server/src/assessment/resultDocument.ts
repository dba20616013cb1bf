import type { Content, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces';
import {
  AGREED_SAYS,
  COUNTING_SAYS,
  figureInWords,
  rowInLine,
  markInWords,
  showMeasure,
  shownOf,
  RUBRIC_STRAND_NAMES,
  type Criterion,
  type MarkValue,
} from '@pelvo/core';
import type { DishResult } from '@pelvo/contract';
import { longDate } from '../platform/pdf/longDate';

/** A student's result on paper: the mark, what mattered and how to mend it, then every criterion and the working. */
export function resultDocument(dish: DishResult): TDocumentDefinitions {
  const { result } = dish;
  const told = result.mark ? figureInWords(result.mark) : null;
  return {
    info: { title: `Result, ${dish.student}, ${dish.dish}` },
    content: [
      { text: dish.dish, style: 'title' },
      { text: `${dish.student}. ${dish.lesson}, ${longDate(dish.date)}.`, style: 'lead' },
      {
        text: [
          { text: result.mark ? shownOf(result.mark) : 'no mark', style: 'mark' },
          { text: result.mark && result.way !== 'pass' ? ' of 100' : '', fontSize: 12 },
        ],
        margin: [0, 8, 0, 2],
      },
      ...(result.capped
        ? [
            {
              text: `Capped at ${result.capped.cap}: ${result.capped.by} was not met. Without the cap it would be ${showMeasure(result.capped.before)}.`,
              bold: true,
            },
          ]
        : []),
      ...(result.complete ? [] : [{ text: `Not final. Not marked yet: ${result.unmarked.join(', ')}.`, bold: true }]),
      ...remarks(dish),
      { text: 'What was seen', style: 'heading' },
      {
        table: {
          headerRows: 1,
          widths: ['auto', 'auto', '*'],
          body: [
            ['Criterion', 'Level', 'What that means'].map((text) => ({ text, style: 'th' })),
            ...dish.criteria.map((criterion) => row(criterion, dish.marks[criterion.key], dish.agreed.includes(criterion.key))),
          ],
          dontBreakRows: true,
        },
        layout: 'pelvo',
      },
      { text: 'How the mark was reached', style: 'heading' },
      ...(told?.rows ?? []).map((row): Content => ({ text: rowInLine(row), style: 'small' })),
      ...[told?.rounding ?? null, ...(told?.notes ?? [])]
        .filter((note) => note !== null)
        .map((note): Content => ({ text: note, style: 'small', italics: true })),
      {
        text: `Marked by ${dish.assessors.join(', ')}${dish.assessors.length > 1 ? `; where both marked, ${COUNTING_SAYS[dish.counting]};` : ''} with "${dish.rubric}", edition ${dish.rubricEdition}; dish edition ${dish.dishEdition}.`,
        style: 'small',
        margin: [0, 10, 0, 0],
      },
    ],
  };
}

function remarks({ result }: DishResult): Content[] {
  if (result.remarks.length === 0) return result.complete ? [{ text: 'No fault mattered enough to name.', margin: [0, 8, 0, 0] }] : [];
  return [
    { text: 'What mattered most', style: 'heading' },
    ...result.remarks.map((remark): Content => ({
      stack: [
        { text: `${[remark.criterion, remark.place].filter(Boolean).join(', ')}: ${remark.see}`, bold: true },
        ...(remark.cause ? [{ text: `Likely cause: ${remark.cause}` }] : []),
        ...(remark.correction ? [{ text: `Next time: ${remark.correction}` }] : []),
      ],
      margin: [0, 0, 0, 6],
      unbreakable: true,
    })),
    ...(result.practiseNext ? [{ text: `Practise next: ${result.practiseNext}`, bold: true }] : []),
  ];
}

function row(criterion: Criterion, value: MarkValue | undefined, agreed: boolean): TableCell[] {
  const [level, means] = markInWords(criterion, value);
  return [
    { text: `${RUBRIC_STRAND_NAMES[criterion.strand]}: ${criterion.name}` },
    { text: level, bold: true },
    { text: agreed ? `${means} ${AGREED_SAYS}` : means },
  ];
}
