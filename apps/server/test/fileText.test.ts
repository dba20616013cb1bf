import JSZip from 'jszip';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { linesOf } from '@pelvo/core';
import type { DishImport } from '@pelvo/contract';
import { fileText } from '../src/dishes/fileText';
import { renderPdf } from '../src/platform/pdf';
import { openSchool, type Call, type School } from './school';

const LINES = [
  'Plum tranche',
  'Covers 14',
  '',
  'Sablé',
  '180 g butter, soft',
  '90 g icing sugar',
  '200 g strong flour',
  'Cream butter and sugar, add the flour in two goes and rest it for 2 h in the cold; roll it out 3 mm thick and bake it between two mats at 165 °C for 14 minutes.',
  '',
  'Plums',
  '1.2 kg plums, stoned',
  'Roast at 190 °C, 18-20 min.',
];

/** A Word document of some paragraphs, as small as one can be. */
async function word(body: string): Promise<Buffer> {
  const zip = new JSZip();
  zip.file(
    '[Content_Types].xml',
    '<?xml version="1.0"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/word/document.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>',
  );
  zip.file(
    '_rels/.rels',
    '<?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/></Relationships>',
  );
  zip.file(
    'word/document.xml',
    `<?xml version="1.0"?><w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:body>${body}</w:body></w:document>`,
  );
  return zip.generateAsync({ type: 'nodebuffer' });
}
const paragraph = (text: string) => `<w:p>${text ? `<w:r><w:t xml:space="preserve">${text}</w:t></w:r>` : ''}</w:p>`;
const cell = (text: string) => `<w:tc>${paragraph(text)}</w:tc>`;
const pdfOf = (lines: readonly string[]) =>
  renderPdf({ content: lines.map((line) => ({ text: line || ' ', margin: [0, 1, 0, 1] })) }, 'A4', true);
const textIn = async (bytes: Buffer, name: string) => {
  const read = await fileText(bytes, name);
  return read?.kind === 'text' ? read.text : (read?.problem.code ?? 'no document');
};

describe('the text of a document', () => {
  it('is read off the pages of a PDF in its lines, a long one in as many as it has on the page', async () => {
    const text = await textIn(await pdfOf(LINES), 'recipe.pdf');
    for (const line of LINES.filter((each) => each && each.length < 60)) expect(text.split('\n')).toContain(line);
    expect(text.replace(/\s+/g, ' ')).toContain('roll it out 3 mm thick and bake it between two mats');
  });

  it('is read out of a Word document, its tables row by row', async () => {
    const table = `<w:tbl><w:tr>${cell('Butter')}${cell('125')}${cell('g')}</w:tr><w:tr>${cell('Flour')}${cell('160')}${cell('g')}</w:tr></w:tbl>`;
    const text = await textIn(await word(paragraph('Crumb') + paragraph('') + table + paragraph('Blend &amp; bake.')), 'crumb.docx');
    expect(text.split('\n').filter(Boolean)).toEqual(['Crumb', 'Butter | 125 | g', 'Flour | 160 | g', 'Blend & bake.']);
  });

  it.each([
    ['a PDF of pictures alone', async () => pdfOf(['']), 'a.pdf', 'no.text-in-pdf'],
    ['a PDF that breaks off', async () => (await pdfOf(LINES)).subarray(0, 400), 'a.pdf', 'no.broken-document'],
    ['a PDF in name only', async () => Buffer.from('%PDF-1.7\nnothing'), 'a.pdf', 'no.broken-document'],
    ['a Word document that breaks off', async () => (await word(paragraph('x'))).subarray(0, 200), 'a.docx', 'no.broken-document'],
    ['a Word document without a word', async () => word(paragraph('')), 'a.docx', 'no.empty-file'],
    [
      'an archive of something else',
      async () => new JSZip().file('a.txt', 'x').generateAsync({ type: 'nodebuffer' }),
      'a.zip',
      'no document',
    ],
    ['a text', async () => Buffer.from('Plum cake'), 'a.txt', 'no document'],
  ] as const)('is not there in %s', async (_, bytes, name, code) => {
    expect(await textIn(await bytes(), name)).toBe(code);
  });
});

describe('a document that is imported', () => {
  let school: School;
  let lead: Call;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    lead = await school.as('lead');
  });
  afterAll(() => school.close());
  const send = (file: Buffer, name: string) =>
    lead<DishImport>('POST', `/api/dish-imports?name=${name}`, { raw: file, type: 'application/octet-stream' });

  it.each([
    ['recipe.pdf', 'pdf', () => pdfOf(LINES)],
    ['recipe.docx', 'docx', () => word(LINES.map(paragraph).join(''))],
  ] as const)('%s is previewed as the dish it reads as', async (name, format, bytes) => {
    const { status, body } = await send(await bytes(), name);
    expect([status, body.format]).toEqual([200, format]);
    const { content } = body.dishes[0]!;
    expect([content.title, content.portions]).toEqual(['Plum tranche', 14]);
    expect(content.components.map((component) => [component.name, component.lines.length])).toEqual([
      ['Sablé', 3],
      ['Plums', 1],
    ]);
    expect(linesOf(content).map(({ item }) => item)).toEqual(['butter', 'icing sugar', 'strong flour', 'plums']);
    expect(content.method.map(({ minutes, celsius }) => [minutes, celsius])).toEqual([
      [134, 165],
      [20, 190],
    ]);
  });

  it('is refused with a reason where it cannot be opened, and others go on meanwhile', async () => {
    const broken = (await pdfOf(LINES)).subarray(0, 300);
    const answers = await Promise.all([send(broken, 'a.pdf'), send(await pdfOf(LINES), 'b.pdf'), send(broken, 'c.pdf')]);
    expect(answers.map(({ status }) => status)).toEqual([422, 200, 422]);
    expect(answers[0]!.problem.errors![0]!.problem).toContain('cannot be opened');
  });
});
