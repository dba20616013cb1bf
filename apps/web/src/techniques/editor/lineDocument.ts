import type { JSONContent } from '@tiptap/core';
import { oneLine, readInline, writeInline, type RichText, type Run } from '@pelvo/core';

/** The text of a line as the editor holds it: nodes with bold and italic, or plain ones. */
export function textNodes(line: string, rich: boolean): JSONContent[] {
  if (!rich) return line ? [{ type: 'text', text: line }] : [];
  return readInline(line).map(({ text, strong, emphasis }) => ({
    type: 'text',
    text,
    ...(strong || emphasis ? { marks: [...(strong ? [{ type: 'bold' }] : []), ...(emphasis ? [{ type: 'italic' }] : [])] } : {}),
  }));
}

/** The document of some lines; one empty line where there is none, so that there is a place to type. */
export function documentOf(lines: readonly string[], rich: boolean): JSONContent {
  const items = (lines.length > 0 ? lines : ['']).map((line): JSONContent => {
    const content = textNodes(line, rich);
    return content.length > 0 ? { type: 'line', content } : { type: 'line' };
  });
  return { type: 'doc', content: [{ type: 'list', content: items }] };
}

/** The lines of a document; empty ones are left out. */
export function linesOf(document: JSONContent, rich: boolean): readonly RichText[] {
  const items = document.content?.[0]?.content ?? [];
  return items
    .map(({ content = [] }) => {
      const runs = content.map(({ text = '', marks = [] }): Run => ({
        text,
        strong: marks.some(({ type }) => type === 'bold'),
        emphasis: marks.some(({ type }) => type === 'italic'),
      }));
      return rich ? writeInline(runs) : oneLine(runs.map(({ text }) => text).join(''));
    })
    .filter(Boolean);
}
