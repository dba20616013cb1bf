import { isTold } from '../verbs';
import { isTableHead } from './cells';
import { isMeasured } from './measured';
import type { Role } from './looks';
import { readAmount } from './readAmount';

const QUOTED = /^\s*(?:>\s?)+/;
const CHAT =
  /^\[?(?:\d{1,2}[./-]\d{1,2}(?:[./-]\d{2,4})?,?\s+)?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?:\s?[ap]\.?m\.?)?\]?\s*(?:[-–]\s*)?\p{L}[\p{L}\s.’'-]{0,24}:\s+/iu;

const SPEAKER = /^\[?[\d./,:\s-]{3,20}(?:[ap]\.?m\.?)?\]?\s*(?:[-–]\s*)?([a-zà-ÿ][a-zà-ÿ\s.’'-]{0,24}):\s+/i;

/** What others say behind the last line of who told the recipe: "[19:07] Sam: legend thanks". What they ask may be answered. */
function answersIn(lines: readonly string[]): ReadonlySet<number> {
  const last = lines.findLastIndex((line) => {
    const rest = line.replace(SPEAKER, '');
    return rest !== line && (isMeasured(rest) || isTold(rest));
  });
  const teller = SPEAKER.exec(lines[last] ?? '')?.[1];
  const isAnswer = (line: string, at: number) =>
    at > last && (SPEAKER.exec(line)?.[1] ?? teller) !== teller && !/\bhow (?:many|much|long)\b|\?\W{0,8}$/i.test(line.slice(-80));
  return new Set(teller === undefined ? [] : lines.flatMap((line, at) => (isAnswer(line, at) ? [at] : [])));
}

/** A text without what a mail or a chat puts before each of its lines: "> ", "[14:02] Noor: ". */
export function unquoted(lines: readonly string[]): readonly string[] {
  if (!lines.some((line) => /^\s*(?:>|\[?\d{1,2}[:./])/.test(line))) return lines;
  const written = lines.filter((line) => line.trim()).length;
  for (const before of [QUOTED, CHAT]) {
    const with_ = lines.filter((line) => before.test(line)).length;
    if (with_ >= 3 && with_ >= written * 0.6) {
      const answers = answersIn(lines);
      return lines.map((line, at) => (answers.has(at) ? line : line.replace(before, '')));
    }
  }
  return lines;
}

/** A number, or a unit alone in its cell. */
const BARE_CELL = /^(?:\d{1,6}(?:[.,]\d{1,3})?|kg|g|ml|l|cl|ea|each|pcs?|stk|tbsp|tsp)\.?$/i;
const HEAD_WITH_COMMAS = /^[^,\d]{2,30},[^,\d]{2,30},[^.\d]{1,80}$/;
const inCells = (line: string, sign: ',' | ';'): string[] =>
  (line.match(sign === ';' ? /"[^"]*"|[^;]+|(?<=;|^)(?=;|$)/g : /"[^"]*"|[^,]+|(?<=,|^)(?=,|$)/g) ?? []).map((cell) =>
    cell.replace(/^\s*"?|"?\s*$/g, ''),
  );

/**
 * Rows of a table that was saved as text, its cells parted by semicolons or commas, with tabs between them: "1;brown lentils;4,5;kg". With
 * commas only where a head says that it is a table.
 */
export function tabled(lines: readonly string[]): readonly string[] {
  for (const sign of [';', ','] as const) {
    // Commas stand in every list: only the head of a table tells.
    if (sign === ',' && !lines.some((line) => HEAD_WITH_COMMAS.test(line))) continue;
    const rows = lines.filter((line) => line.length < 300 && line.includes(sign));
    if (rows.length < 4) continue;
    const counts = rows.map((line) => inCells(line, sign).length);
    const usual = counts.filter((count) => count === counts.at(-1)).length;
    const bare = rows.filter((line) => inCells(line, sign).some((cell) => BARE_CELL.test(cell))).length;
    const cells = counts.at(-1)!;
    if (cells < 3 || cells > 8 || usual < rows.length * 0.7 || bare < rows.length * 0.6) continue;
    if (sign === ',' && !rows.some((line) => isTableHead(inCells(line, sign).join('\t')))) continue;
    return lines.map((line) =>
      line.length < 300 && line.includes(sign)
        ? inCells(line, sign)
            // With semicolons between its cells a table writes its decimals with commas.
            .map((cell) => (sign === ';' && /^\d{1,5},\d{1,3}$/.test(cell) ? cell.replace(',', '.') : cell))
            .join('\t')
        : line,
    );
  }
  return lines;
}

const DITTO = /^(\s*(?:\d[\d./]*\s?[½¼¾]?|[½¼¾⅓⅔]|\d{1,2}\s\d\/\d)\s*)(?:[„“”"″]|,,|''|do\.|ditto)\s+(?=\p{L})/iu;

/** A list whose units are only written once: "½ lb oatmeal", "½ „ flour". */
export function dittoed(lines: readonly string[]): readonly string[] {
  if (!lines.some((line) => DITTO.test(line))) return lines;
  let unit = '';
  return lines.map((line) => {
    const ditto = DITTO.exec(line);
    if (ditto) return unit ? `${ditto[1]!.trimEnd()} ${unit} ${line.slice(ditto[0].length)}` : line;
    const read = line.length < 120 ? readAmount(line.trim()) : null;
    unit = read?.unitWritten ? (/^[\d\s./½¼¾⅓⅔]+(?:(?:heaped|level)\s)?([a-z]+\.?)\s/i.exec(line.trim())?.[1] ?? '') : '';
    return line;
  });
}

const SLIDE = /^\s*slide\s\d{1,3}\s*(?:[:–—-]\s*)?/i;

/** What stood on slides, without their numbers: "Slide 2 – Ingredients (pairs)". */
export const unslid = (lines: readonly string[]): readonly string[] =>
  lines.filter((line) => SLIDE.test(line)).length >= 2
    ? lines.map((line) => (SLIDE.test(line) && line.replace(SLIDE, '').trim() ? line.replace(SLIDE, '') : line))
    : lines;

const LABEL_CELL =
  /^(?:yields?|serves|servings?|portions?|makes|prep(?:aration)?(?: time)?|cook(?:ing)?(?: time)?|total(?: time)?|time|difficulty|level|rating|calories|cost|course|cuisine)$/i;

/** Words in a row over what is said to each: "YIELDS    PREP    COOK" over "4 bowls    15 min    1 hr 10 min". */
export function labelled(lines: readonly string[]): readonly string[] {
  const cellsOf = (line: string) => line.trim().split(/\s{3,}|\t+/);
  return lines.map((line, at) => {
    const labels = at > 0 && lines[at - 1]!.length < 200 ? cellsOf(lines[at - 1]!) : [];
    if (labels.length < 2 || line.length > 200 || !labels.every((cell) => LABEL_CELL.test(cell))) return line;
    const cells = cellsOf(line);
    return cells.length === labels.length ? cells.map((cell, index) => `${labels[index]!}: ${cell}`).join('    ') : line;
  });
}

const COUNTED = /^\s*(\d{1,2})[.)]\s+(?=\S)/;

const AMOUNT_LAST = /[a-z][)a-z]*\s*[–—:,-]?\s+\d[\d.,/]*\s?(?:kg|g|mg|ml|cl|l|litres?|oz|lbs?|tsp|tbsp|ea|pcs?)\.?$/i;

/** A list whose lines are counted, without the numbers: "1. 2 kg quinces", "2. Water to cover", "3. Juice of 2 lemons". */
export function uncounted(lines: readonly string[]): readonly string[] {
  const out = [...lines];
  for (let from = 0; from < lines.length; from += 1) {
    let end = from;
    while (end < lines.length && Number(COUNTED.exec(lines[end]!)?.[1] ?? 0) === end - from + 1) end += 1;
    if (end - from < 3) continue;
    const rest = lines.slice(from, end).map((line) => line.replace(COUNTED, '').trim());
    const amounts = rest.filter(
      (line) => line.length < 100 && (/^\d/.test(line) ? readAmount(line)?.unitWritten : /\d/.test(line)) && !isTold(line),
    );
    // "1. Chickpeas, dried – 500 g": the amount stands behind.
    const behind = rest.filter((line) => line.length < 100 && AMOUNT_LAST.test(line)).length;
    if (
      amounts.length >= rest.length * 0.7 &&
      (behind >= 3 || rest.filter((line) => /^\d/.test(line)).length >= 2) &&
      !rest.some((line) => isTold(line))
    )
      rest.forEach((line, at) => (out[from + at] = line));
    from = end - 1;
  }
  return out;
}

const CODED = /^\s*[A-Z]{2,4}(?:\t|\s{2,})(?=\p{Ll})/u;

/** A list without the letters by which a kitchen files what goes in: "TOM    tinned plum toms     2.5 kg". */
export function uncoded(lines: readonly string[]): readonly string[] {
  return lines.filter((line) => CODED.test(line) && /\d/.test(line)).length >= 4 ? lines.map((line) => line.replace(CODED, '')) : lines;
}

/** "Phase | Ingredient | g | %": the first column names the part that its rows belong to. */
export const PHASED =
  /^\s*\|?\s*(?:phases?|sections?|components?|elements?|parts?|stages?)\s*[|\t](?=\s*(?:ingredients?|items?|commodit(?:y|ies)|products?)\b)/i;
export const FIRST_CELL = /^ *\|?([^|\t]{0,60})[|\t]/;

const METHOD_HEAD = /^(?:method|procedure|process|what to do|how)$/i;
/** Which cell of the rows of such a table, behind the first, holds what is done; null where none does. */
export const methodCell = (head: string): number | null => {
  const at = head
    .replace(FIRST_CELL, '')
    .split(/[|\t]/)
    .findIndex((cell) => METHOD_HEAD.test(cell.trim()));
  return at < 0 ? null : at;
};

/** A row of such a table: the part where it is named, and the rest of the row; null where a line is none. */
export function phasedRow(raw: string, methodAt: number | null = null): readonly { readonly raw: string; readonly as?: Role }[] | null {
  const first = FIRST_CELL.exec(raw);
  if (!first) return null;
  const name = first[1]!.trim();
  const cells = raw.slice(first[0].length).split(/[|\t]/);
  const done = methodAt === null ? '' : (cells[methodAt]?.trim() ?? '');
  const rest = { raw: `|${done ? cells.filter((_, index) => index !== methodAt).join('|') : raw.slice(first[0].length)}` };
  const row = done ? [rest, { raw: done, as: 'step' as const }] : [rest];
  return /^[-:=\s]*$/.test(name) ? row : [{ raw: `${name}:`, as: 'component' }, ...row];
}
