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

const HEADS = /^h[1-6]$/;

/** The text of a document in HTML, in lines: headings and points marked as in Markdown, cells of a row parted by a stroke. */
export function pageText(html: string): string {
  let out = '';
  let silent = 0;
  let cells = 0;
  readHtmlParts(html, {
    onopentag: (name) => {
      if (SILENT.has(name)) silent += 1;
      else if (HEADS.test(name)) out += '\n\n# ';
      else if (name === 'li') out += '\n- ';
      else if (name === 'tr') [out, cells] = [`${out}\n`, 0];
      else if (name === 'td' || name === 'th') {
        if (cells > 0) out += ' | ';
        cells += 1;
      } else if (name === 'br' || (name === 'p' && cells === 0)) out += '\n';
    },
    ontext: (text) => {
      if (silent === 0) out += text.replace(/\s+/g, ' ');
    },
    onclosetag: (name) => {
      if (SILENT.has(name)) silent = Math.max(0, silent - 1);
      else if (name === 'table') cells = 0;
      else if (HEADS.test(name)) out += '\n';
    },
  });
  return out
    .split('\n')
    .map((line) => line.trim())
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
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
