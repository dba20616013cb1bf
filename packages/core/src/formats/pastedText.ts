import { writeInline, type RichText, type Run } from '../technique';
import { readHtmlParts } from './html';

/** What a paste holds: its lines, and what could not come along. */
export interface PastedText {
  readonly lines: readonly RichText[];
  /** In words, for the person who pasted: "2 pictures". */
  readonly leftOut: readonly string[];
}

const BLOCKS = new Set([
  'p',
  'div',
  'li',
  'br',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'tr',
  'ul',
  'ol',
  'table',
  'blockquote',
  'section',
  'article',
  'pre',
]);
const SILENT = new Set(['style', 'script', 'head', 'title', 'meta', 'xml', 'template', 'noscript', 'o:p', 'w:sdt']);
const COUNTED: Readonly<Record<string, string>> = {
  img: 'picture',
  svg: 'drawing',
  video: 'film',
  iframe: 'embedded page',
  object: 'embedded object',
  'v:shape': 'drawing',
};
const CELLS = new Set(['td', 'th']);

/** What a word processor writes before a list item: a bullet, a number, a letter. */
const MARKER = /^\s*(?:[•·▪◦‣○■□–—-]|\d{1,2}[.)]|[a-hA-H][.)])\s+/;

/** The most that is read of a paste, in characters: a whole book is not a card. */
const LIMIT = 2_000_000;

interface Style {
  readonly name: string;
  readonly strong: boolean;
  readonly emphasis: boolean;
  readonly silent: boolean;
}

/**
 * The lines of something pasted, with strong and emphasis kept and everything else of a word processor taken off:
 * fonts, colours, comments, list markers that are text, cells of tables (joined by commas).
 *
 * @param html - the clipboard's HTML; empty when it has none
 * @param text - the clipboard's plain text, taken where there is no HTML
 */
export function pastedText(html: string, text: string): PastedText {
  if (!html.trim()) {
    const lines = text
      .slice(0, LIMIT)
      .split(/\r?\n/)
      .map((line) => writeInline([plainRun(line.replace(MARKER, ''))]));
    return { lines: lines.filter(Boolean), leftOut: text.length > LIMIT ? ['what stands after two million characters'] : [] };
  }
  const lines: RichText[] = [];
  const counts = new Map<string, number>();
  const styles: Style[] = [{ name: '', strong: false, emphasis: false, silent: false }];
  let runs: Run[] = [];
  const endLine = () => {
    if (runs.at(-1)?.text === ', ') runs.pop();
    const [first, ...rest] = runs;
    const line = first ? writeInline([{ ...first, text: first.text.replace(MARKER, '') }, ...rest]) : '';
    if (line) lines.push(line);
    runs = [];
  };
  const whole = readHtmlParts(html.slice(0, LIMIT), {
    onopentag: (name, attributes) => {
      const up = styles.at(-1)!;
      const css = (attributes.style ?? '').toLowerCase().replace(/\s+/g, '');
      if (BLOCKS.has(name)) endLine();
      if (CELLS.has(name) && runs.some((run) => run.text.trim()) && runs.at(-1)?.text !== ', ') runs.push(plainRun(', '));
      const counted = COUNTED[name];
      if (counted && !up.silent) counts.set(counted, (counts.get(counted) ?? 0) + 1);
      styles.push({
        name,
        strong: /(?:^|;)font-weight:normal/.test(css)
          ? false
          : up.strong || name === 'b' || name === 'strong' || /font-weight:(?:bold|[6-9]00)/.test(css),
        emphasis: up.emphasis || name === 'i' || name === 'em' || css.includes('font-style:italic'),
        silent: up.silent || SILENT.has(name) || css.includes('mso-list:ignore') || css.includes('display:none'),
      });
    },
    ontext: (value) => {
      const { strong, emphasis, silent } = styles.at(-1)!;
      if (silent) return;
      const last = runs.at(-1);
      const same = last?.strong === strong && last.emphasis === emphasis && last.text !== ', ';
      const text = value.replace(/\s+/g, ' ');
      if (same) runs[runs.length - 1] = { ...last, text: last.text + text };
      else runs.push({ text, strong, emphasis });
    },
    onclosetag: (name) => {
      while (styles.length > 1) if (styles.pop()!.name === name) break;
      if (BLOCKS.has(name)) endLine();
    },
  });
  endLine();
  // Nested as nothing is that people write: its text is taken, its styles are not.
  if (!whole) {
    const bare = pastedText('', text.trim() ? text : html.replace(/<[^<>]*>/g, '\n'));
    return { lines: bare.lines, leftOut: [...bare.leftOut, 'styles and tables, since it is nested too deeply'] };
  }
  const leftOut = [...counts].map(([what, count]) => `${count} ${what}${count === 1 ? '' : 's'}`);
  if (html.length > LIMIT) leftOut.push('what stands after two million characters');
  return { lines, leftOut };
}

const plainRun = (text: string): Run => ({ text, strong: false, emphasis: false });
