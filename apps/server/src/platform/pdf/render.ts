import { createRequire } from 'node:module';
import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import { printable } from './printable';

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
/** How tables are ruled, by name: a document is plain data on its way to where it is rendered. */
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
  frame: { hLineWidth: () => 1.2, vLineWidth: () => 1.2 },
  bar: { hLineWidth: () => 0, vLineWidth: (column) => (column === 0 ? 3 : 0), paddingTop: () => 0, paddingBottom: () => 0 },
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

export interface PdfInput {
  readonly document: TDocumentDefinitions;
  readonly paper: 'A4' | 'LETTER';
  /** To the edges of the paper, without the house's footer. */
  readonly bare?: boolean;
}

/** A document in the house style, black on white, on the paper asked for. Takes long: see `renderPdf`, which has it done apart. */
export function render({ document, paper, bare = false }: PdfInput): Promise<Uint8Array> {
  const style = bare ? { ...HOUSE_STYLE, pageMargins: 0 as const, footer: undefined } : HOUSE_STYLE;
  return pdfmake.createPdf({ ...style, ...printable(document), pageSize: paper }).getBuffer();
}
