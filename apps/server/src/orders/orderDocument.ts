import type { Content, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces';
import {
  asOrdered,
  holdsSaid,
  notesOnTray,
  orderedItem,
  figureInWords,
  rowInLine,
  shownOf,
  words,
  exact,
  portionsEach,
  teamsOf,
  type AllergenList,
  type Order,
  type OrderLine,
  type Tray,
} from '@pelvo/core';
import { longDate } from '../platform/pdf';
import { dishesInOrder, placeOf, type Lesson } from '../lessons';

interface OrderPaper {
  readonly lesson: Lesson;
  readonly order: Order;
  readonly present: number;
  /** Trays to weigh out; none where teams draw from store. */
  readonly trays: readonly Tray[];
  /** Which allergens are named. */
  readonly allergenList: AllergenList;
}

/** The order on paper: what to buy with a box to tick, what is held, what to make ahead, the trays, and the working at the end. */
export function orderDocument({ lesson, order, present, trays, allergenList }: OrderPaper): TDocumentDefinitions {
  const start = lesson.start.slice(0, 5);
  return {
    info: { title: `Order, ${lesson.title}` },
    content: [
      { text: `Order for ${present} students`, style: 'title' },
      {
        text: `${lesson.title}, ${lesson.class.name}. ${longDate(lesson.date)}, ${start}${placeOf(lesson) ? `, ${placeOf(lesson)}` : ''}.`,
        style: 'lead',
      },
      {
        text: dishesInOrder(lesson)
          .map(({ edition }) => `${edition.content.title} (edition ${edition.number})`)
          .join('; '),
        margin: [0, 0, 0, 4],
      },
      {
        text: `${teamsOf(present, lesson.teamSize)} makings of ${lesson.portionsATeam}. Portions in all: ${shownOf(order.demand)} (${figureInWords(
          order.demand,
        )
          .rows.map(({ from, shown }) => `${from}: ${shown}`)
          .join('; ')}).`,
        margin: [0, 0, 0, 10],
      },
      ...heldBlock(order),
      ...componentBlock(order),
      table(
        ['', 'Item', 'To buy', 'For', 'Allergens'],
        [14, '*', 'auto', '*', '*'],
        order.lines.map((line) => lineRow(line, allergenList)),
      ),
      ...tapBlock(order),
      ...preparationBlock(order),
      ...trayBlocks(trays, allergenList),
      { text: 'How each figure was reached', style: 'heading', pageBreak: order.lines.length > 14 ? 'before' : undefined },
      ...order.lines.map(workingBlock),
      {
        text: 'Allergens are named by ingredient. The maker’s label, the local code and the responsible person decide.',
        style: 'small',
        margin: [0, 12, 0, 0],
      },
    ],
  };
}

function lineRow(line: OrderLine, list: AllergenList): TableCell[] {
  return [
    { canvas: [{ type: 'rect', x: 0, y: 1, w: 9, h: 9, lineWidth: 0.8 }] },
    {
      stack: [
        { text: orderedItem(line) },
        // What an earlier lesson makes of it is wanted before the rest is.
        ...line.figure.notes.filter(({ code }) => code === 'wanted-on').map((said): Content => ({ text: words(said), style: 'small' })),
      ],
    },
    { text: `${line.figure.estimate ? 'about ' : ''}${asOrdered(line)}`, bold: true, alignment: 'right', noWrap: true },
    { text: line.dishes.join(', ') },
    { text: words(holdsSaid(line, list)) },
  ];
}

function heldBlock(order: Order): Content[] {
  if (order.held.length === 0) return [];
  return [
    { text: 'Held: not in this order until settled', style: 'heading' },
    { ul: order.held.map((held) => `${held.dish}: "${held.written}". ${words(held.because)}`), margin: [0, 0, 0, 10] },
  ];
}

function componentBlock(order: Order): Content[] {
  if (order.components.length === 0) return [];
  return [{ ul: order.components.map(({ dish, said }) => `${dish}: ${words(said)}`), margin: [0, 0, 0, 8] }];
}

function tapBlock(order: Order): Content[] {
  if (order.tap.length === 0) return [];
  return [{ text: `From the tap: ${order.tap.map((line) => `${line.item} ${asOrdered(line)}`).join(', ')}`, margin: [0, 4, 0, 0] }];
}

function preparationBlock(order: Order): Content[] {
  if (order.preparations.length === 0) return [];
  return [
    { text: 'To make ahead, in bulk', style: 'heading' },
    {
      ul: order.preparations.map(
        ({ title, needed, separateFor, usedBy }) =>
          `${title}: ${shownOf(needed)}, for ${usedBy.join(', ')}${separateFor > 0 ? `, a separate making for ${separateFor}` : ''}`,
      ),
    },
  ];
}

/** A tray to a block, with a box for each of them: the technician ticks as the tray is done. */
function trayBlocks(trays: readonly Tray[], list: AllergenList): Content[] {
  if (trays.length === 0) return [];
  return [
    { text: 'Trays to weigh out', style: 'heading', pageBreak: 'before' },
    ...trays.map((tray): Content => ({
      stack: [
        {
          text: `${tray.count} × ${tray.dish}, ${tray.by === 'bulk' ? 'made ahead' : `${words(tray.called)}, ${portionsEach(exact(tray.portions))}`}`,
          bold: true,
          margin: [0, 6, 0, 2],
        },
        {
          canvas: Array.from({ length: Math.min(tray.count, 40) }, (_, index) => ({
            type: 'rect' as const,
            x: index * 13,
            y: 0,
            w: 9,
            h: 9,
            lineWidth: 0.8,
          })),
        },
        table(
          ['On each tray', 'Amount', ''],
          ['*', 'auto', '*'],
          tray.items.map(({ item, component, figure, only, madeAhead, allergens, preparation }): TableCell[] => [
            { text: [item, preparation].filter(Boolean).join(', ') },
            { text: `${figure.estimate ? 'about ' : ''}${shownOf(figure)}`, bold: true, alignment: 'right', noWrap: true },
            {
              text: [
                component,
                only ? words(only) : '',
                madeAhead ? 'from the bulk making' : '',
                ...notesOnTray({ figure }).map((said) => words(said)),
                words(holdsSaid(allergens, list)),
              ]
                .filter(Boolean)
                .join('; '),
              style: 'small',
            },
          ]),
        ),
      ],
      unbreakable: tray.items.length < 25,
    })),
  ];
}

function workingBlock(line: OrderLine): Content {
  const told = figureInWords(line.figure);
  return {
    stack: [
      { text: [{ text: `${line.item}: ${asOrdered(line)}`, bold: true }] },
      ...told.rows.map((row): Content => ({ text: rowInLine(row), style: 'small' })),
      ...[told.rounding, ...told.notes]
        .filter((note) => note !== null)
        .map((note): Content => ({ text: note, style: 'small', italics: true })),
    ],
    margin: [0, 0, 0, 5],
    unbreakable: true,
  };
}

function table(headings: readonly string[], widths: (number | '*' | 'auto')[], rows: TableCell[][]): Content {
  return {
    table: { headerRows: 1, widths, body: [headings.map((heading) => ({ text: heading, style: 'th' })), ...rows], dontBreakRows: true },
    layout: 'pelvo',
  };
}
