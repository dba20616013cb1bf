import { oneLine } from '../text';
import { readHtmlParts } from './html';

/** Elements whose content is never text to read. */
const SILENT = new Set(['script', 'style', 'template', 'noscript', 'iframe', 'object', 'svg']);
const BREAKS = new Set(['br', 'p', 'li', 'div', 'tr', 'h1', 'h2', 'h3']);

/** The text of a string that may hold HTML: tags gone, entities read, scripts dropped, white space folded. */
export function plainText(html: string): string {
  if (!/[<&]/.test(html)) return oneLine(html);
  let out = '';
  let silent = 0;
  readHtmlParts(html, {
    onopentag: (name) => {
      if (SILENT.has(name)) silent += 1;
      else if (BREAKS.has(name)) out += ' ';
    },
    ontext: (text) => {
      if (silent === 0) out += text;
    },
    onclosetag: (name) => {
      if (SILENT.has(name)) silent = Math.max(0, silent - 1);
      else if (BREAKS.has(name)) out += ' ';
    },
  });
  return oneLine(out);
}

/** The JSON-LD blocks of an HTML page, as text. */
export function jsonLdBlocks(html: string): readonly string[] {
  const blocks: string[] = [];
  let inside = false;
  let block = '';
  readHtmlParts(html, {
    onopentag: (name, attributes) => {
      inside = name === 'script' && /^application\/ld\+json\b/i.test(attributes.type ?? '');
      block = '';
    },
    ontext: (text) => {
      if (inside) block += text;
    },
    onclosetag: () => {
      if (inside) blocks.push(block);
      inside = false;
    },
  });
  return blocks;
}
