import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';

/** A label as it is stuck on a box: whose or what it is, large; where and until when it is kept; what it holds. */
export interface Label {
  readonly title: string;
  readonly whose: string;
  readonly kept: readonly string[];
  readonly holds: readonly string[];
}

const COLUMNS = 2;

/** Labels in two columns, framed so that they can be cut apart; none breaks over a page. */
export function labelsDocument(heading: string, labels: readonly Label[]): TDocumentDefinitions {
  const rows = Array.from({ length: Math.ceil(labels.length / COLUMNS) }, (_, row) => labels.slice(row * COLUMNS, (row + 1) * COLUMNS));
  return {
    info: { title: heading },
    content: [
      { text: heading, style: 'small', margin: [0, 0, 0, 6] },
      {
        layout: 'frame',
        table: {
          dontBreakRows: true,
          widths: Array.from({ length: COLUMNS }, () => '*'),
          body: rows.map((row) => Array.from({ length: COLUMNS }, (_, column) => (row[column] ? labelBlock(row[column]) : { text: '' }))),
        },
      },
    ],
  };
}

const labelBlock = ({ title, whose, kept, holds }: Label): Content => ({
  margin: [6, 5, 6, 5],
  stack: [
    { text: whose, bold: true, fontSize: 13 },
    { text: title, margin: [0, 0, 0, 3] },
    ...kept.map((text): Content => ({ text, style: 'small' })),
    ...holds.map((text): Content => ({ text, style: 'small', bold: true })),
  ],
});
