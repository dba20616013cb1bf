import { createRequire } from 'node:module';
import type { Response } from 'express';
import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import { slug } from '@pelvo/core';

const require = createRequire(import.meta.url);
const atkinson = (face: string) => require.resolve(`@expo-google-fonts/atkinson-hyperlegible-next/${face}.ttf`);

const FONTS = {
  Atkinson: {
    normal: atkinson('400Regular/AtkinsonHyperlegibleNext_400Regular'),
    bold: atkinson('700Bold/AtkinsonHyperlegibleNext_700Bold'),
    italics: atkinson('400Regular_Italic/AtkinsonHyperlegibleNext_400Regular_Italic'),
    bolditalics: atkinson('700Bold_Italic/AtkinsonHyperlegibleNext_700Bold_Italic'),
  },
  Bitter: {
    normal: require.resolve('@expo-google-fonts/bitter/400Regular/Bitter_400Regular.ttf'),
    bold: require.resolve('@expo-google-fonts/bitter/700Bold/Bitter_700Bold.ttf'),
  },
};

pdfmake.addFonts(FONTS);
// Documents hold text only: nothing is fetched, and no file but the fonts is read.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path) => path.includes('@expo-google-fonts'));
pdfmake.addTableLayouts({
  pelvo: {
    hLineWidth: (row, node) => (row === 0 ? 0 : row === node.table.headerRows ? 1 : 0.4),
    vLineWidth: () => 0,
    hLineColor: () => '#000000',
    paddingLeft: (column) => (column === 0 ? 0 : 5),
    paddingRight: () => 5,
    paddingTop: () => 3,
    paddingBottom: () => 3,
  },
});

const HOUSE_STYLE: Partial<TDocumentDefinitions> = {
  pageMargins: [42, 42, 42, 48],
  defaultStyle: { font: 'Atkinson', fontSize: 10, lineHeight: 1.15 },
  styles: {
    title: { font: 'Bitter', bold: true, fontSize: 20, margin: [0, 0, 0, 2] },
    lead: { fontSize: 11, margin: [0, 0, 0, 4] },
    heading: { font: 'Bitter', bold: true, fontSize: 12, margin: [0, 12, 0, 4] },
    th: { bold: true, fontSize: 9 },
    small: { fontSize: 8.5 },
    mark: { font: 'Bitter', bold: true, fontSize: 34 },
  },
  footer: (page, pages) => ({ text: `Pelvo, page ${page} of ${pages}`, alignment: 'center', fontSize: 8, margin: [0, 16, 0, 0] }),
};

/** Fractions the printed face has no glyph for, by their digits. */
const SPELT: Readonly<Record<string, string>> = {
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅕': '1/5',
};

/** `1⅓` as `1 1/3` where the face lacks the glyph; every text of a document, however deep. */
export function printable<T>(content: T): T {
  if (typeof content === 'string')
    return content.replace(
      /(\d)?([⅓⅔⅛⅜⅝⅞⅙⅚⅕])/g,
      (_, digit: string | undefined, glyph: string) => `${digit ? `${digit} ` : ''}${SPELT[glyph]!}`,
    ) as T;
  if (Array.isArray(content)) return content.map(printable) as T;
  if (typeof content === 'object' && content !== null)
    return Object.fromEntries(Object.entries(content).map(([key, value]) => [key, printable(value as unknown)])) as T;
  return content;
}

/** A document in the house style, black on white, on the paper asked for. */
export function renderPdf(document: TDocumentDefinitions, paper: 'A4' | 'LETTER'): Promise<Buffer> {
  return pdfmake.createPdf({ ...HOUSE_STYLE, ...printable(document), pageSize: paper }).getBuffer();
}

/** A date in full: "Monday 30 November 2026". */
export function longDate(date: string): string {
  return new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${date}T00:00:00Z`),
  );
}

/** A file name from words: plain letters, digits and dashes. */
export function fileName(...words: readonly string[]): string {
  return slug(words.join(' '), 100);
}

export function download(response: Response, name: string, type: string, bytes: Buffer): void {
  response.setHeader('Content-Type', type);
  response.setHeader('Content-Disposition', `attachment; filename="${name}"`);
  response.setHeader('Cache-Control', 'private, no-store');
  response.send(bytes);
}

/** How many pages a rendered document has: its page objects are not compressed. */
export function pagesOf(pdf: Buffer): number {
  return pdf.toString('latin1').match(/\/Type\s*\/Page(?![a-z])/g)?.length ?? 0;
}
