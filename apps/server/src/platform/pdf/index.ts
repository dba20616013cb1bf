import type { Response } from 'express';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import { slug } from '@pelvo/core';
import { apart } from '../apart';
import { ProblemException } from '../problems';
import type { render } from './render';

export { longDate } from './longDate';
export { printable } from './printable';

export const tooLong = (): ProblemException =>
  new ProblemException('busy', { detail: 'It takes too long to print. Try again, or print less at once.', retryAfter: 30 });

const rendered = apart<typeof render>('render', { milliseconds: 60_000, late: tooLong });

/** A document in the house style, black on white, on the paper asked for; plain data, since it is rendered in a thread of its own. */
export async function renderPdf(document: TDocumentDefinitions, paper: 'A4' | 'LETTER', bare = false): Promise<Buffer> {
  return Buffer.from(await rendered({ document, paper, bare }));
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
