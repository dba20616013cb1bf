import { pageText, type Refused } from '@pelvo/core';

/** The text of a document that is no text file. */
export type FileText =
  { readonly kind: 'text'; readonly format: 'pdf' | 'docx'; readonly text: string } | ({ readonly kind: 'refused' } & Refused);

/** A recipe is a few pages; what is longer is a book, and is pasted page by page. */
const MOST_PAGES = 40;
const MOST_LETTERS = 100_000;

const startsWith = (bytes: Uint8Array, letters: string) => Buffer.from(bytes.subarray(0, letters.length)).toString('latin1') === letters;

/**
 * The text of a PDF or of a Word document, in lines as they stand on its pages; null for any other file. Runs in a worker with a time
 * limit: what such files hold is anybody's.
 */
export async function fileText(bytes: Uint8Array, name: string): Promise<FileText | null> {
  if (startsWith(bytes, '%PDF-')) return textOfPdf(bytes);
  if (startsWith(bytes, 'PK\u0003\u0004') && (/\.docx$/i.test(name) || Buffer.from(bytes).includes('word/document.xml')))
    return textOfWord(bytes);
  return null;
}

async function textOfPdf(bytes: Uint8Array): Promise<FileText> {
  const { getDocument, VerbosityLevel } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const task = getDocument({
    data: new Uint8Array(bytes),
    verbosity: VerbosityLevel.ERRORS,
    isEvalSupported: false,
    disableFontFace: true,
    useSystemFonts: false,
  });
  try {
    const document = await task.promise;
    const pages: string[] = [];
    for (let number = 1; number <= Math.min(document.numPages, MOST_PAGES); number += 1) {
      const page = await document.getPage(number);
      const { items } = await page.getTextContent();
      pages.push(linesOfPage(items.flatMap((item) => ('str' in item ? [item] : []))));
      if (pages.join('').length > MOST_LETTERS) break;
    }
    const text = pages.join('\n\n').slice(0, MOST_LETTERS);
    // A scanned page is a picture: there are no letters in it.
    return /\p{L}{3}/u.test(text)
      ? { kind: 'text', format: 'pdf', text }
      : { kind: 'refused', problem: { code: 'no.text-in-pdf' }, remedy: { code: 'do.paste-instead' } };
  } catch (error) {
    const locked = (error as { name?: string }).name === 'PasswordException';
    return {
      kind: 'refused',
      problem: { code: locked ? 'no.locked-file' : 'no.broken-document' },
      remedy: { code: locked ? 'do.unlock-file' : 'do.paste-instead' },
    };
  } finally {
    await task.destroy();
  }
}

interface TextItem {
  readonly str: string;
  /** The last two say where it stands: from the left, from the foot. */
  readonly transform: readonly number[];
  readonly height: number;
  readonly width: number;
}

/** Pieces of text put together into lines from the top of the page down; a larger gap than usual is a blank line. */
function linesOfPage(items: readonly TextItem[]): string {
  const rows: { y: number; height: number; parts: { x: number; end: number; text: string }[] }[] = [];
  for (const { str, transform, height, width } of items) {
    if (!str.trim()) continue;
    const [x, y] = [transform[4] ?? 0, transform[5] ?? 0];
    const row = rows.at(-1);
    const part = { x, end: x + width, text: str };
    if (row && Math.abs(row.y - y) < Math.max(2, row.height * 0.4)) row.parts.push(part);
    else rows.push({ y, height: height || 10, parts: [part] });
  }
  const lines: string[] = [];
  rows.forEach(({ y, height, parts }, index) => {
    const above = rows[index - 1];
    if (above && above.y - y > Math.max(above.height, height) * 1.9) lines.push('');
    lines.push(
      parts.reduce((line, { x, text }, place) => {
        const gap = place === 0 ? 0 : x - parts[place - 1]!.end;
        return line + (gap > height * 1.5 ? '   ' : gap > height * 0.15 && !line.endsWith(' ') ? ' ' : '') + text;
      }, ''),
    );
  });
  return lines.join('\n');
}

async function textOfWord(bytes: Uint8Array): Promise<FileText> {
  const { default: mammoth } = await import('mammoth');
  try {
    const { value } = await mammoth.convertToHtml({ buffer: Buffer.from(bytes) }, {
      ignoreEmptyParagraphs: false,
      convertImage: mammoth.images.imgElement(async () => ({ src: '' })),
      externalFileAccess: false,
    } as object);
    const text = pageText(value.slice(0, MOST_LETTERS * 4)).slice(0, MOST_LETTERS);
    return /\p{L}{3}/u.test(text)
      ? { kind: 'text', format: 'docx', text }
      : { kind: 'refused', problem: { code: 'no.empty-file' }, remedy: { code: 'do.choose-recipe-file' } };
  } catch {
    return { kind: 'refused', problem: { code: 'no.broken-document' }, remedy: { code: 'do.paste-instead' } };
  }
}
