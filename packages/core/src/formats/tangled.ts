/** Marks of lists and quotations a line may begin with; a card nests two deep at most. */
const DEEPEST = 6;
/** Signs that may open a style, a link or a tag in one block: a page of steps, each with words in bold, has fewer. */
const MOST_SIGNS = 600;
const MARKS = /^[ \t]*(?:[-*+>]|\d{1,9}[.)])(?:[ \t]+|(?=>))/;
const SIGNS = /[[\]*_`<!&]/g;

/** A stretch of Markdown that nobody wrote by hand. */
export interface Tangle {
  /** Its first and last line, from 1. */
  readonly lines: readonly [first: number, last: number];
}

function marksOf(line: string): number {
  let rest = line;
  let marks = 0;
  for (let mark = MARKS.exec(rest); mark && marks <= DEEPEST; mark = MARKS.exec(rest)) {
    marks += 1;
    rest = rest.slice(mark[0].length);
  }
  return marks;
}

/**
 * Markdown without the blocks that would keep its parser busy: lists in lists in lists, hundreds of brackets or stars.
 * What a parser of Markdown takes for these grows with their square and worse. The lines stay, empty, so that all others
 * keep their numbers.
 *
 * @example untangled('# A\n\n' + '[' .repeat(5000)).tangles // [{ lines: [3, 3] }]
 */
export function untangled(markdown: string): { readonly text: string; readonly tangles: readonly Tangle[] } {
  const lines = markdown.split(/\r?\n/);
  const tangles: Tangle[] = [];
  let first = 0;
  for (let at = 0; at <= lines.length; at += 1) {
    if (at < lines.length && lines[at]!.trim()) continue;
    const block = lines.slice(first, at);
    const signs = block.reduce((sum, line) => sum + (line.match(SIGNS)?.length ?? 0), 0);
    if (signs > MOST_SIGNS || block.some((line) => marksOf(line) > DEEPEST)) {
      tangles.push({ lines: [first + 1, at] });
      lines.fill('', first, at);
    }
    first = at + 1;
  }
  return { text: lines.join('\n'), tangles };
}
