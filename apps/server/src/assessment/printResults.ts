import { resultsOfClass, type ClassResults, type PdfQuery } from '@pelvo/contract';
import { render } from '../platform/pdf/render';
import { resultDocument } from './resultDocument';

/** Every result of a class in one file, a page or more each. */
export function printResults({ of, paper }: { readonly of: ClassResults } & PdfQuery): Promise<Uint8Array> {
  const { results } = resultsOfClass(of);
  return render({
    document: {
      info: { title: `Results, ${of.title}, ${of.date}` },
      content: results.map((result, index) => ({
        stack: resultDocument(result).content as [],
        ...(index > 0 ? { pageBreak: 'before' as const } : {}),
      })),
    },
    paper,
  });
}
