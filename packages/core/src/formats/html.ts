import { Parser, type Handler } from 'htmlparser2';

/** Deeper than any page or document one reads a recipe or a card from; the parser's cost grows with the square of the depth. */
const DEEPEST = 200;

class TooDeep extends Error {}

/**
 * Hands the parts of an HTML text to `handler`, up to where it nests too deeply for a page that people read.
 *
 * @returns false where it stopped because of that
 */
export function readHtmlParts(html: string, handler: Pick<Handler, 'onopentag' | 'ontext' | 'onclosetag'>): boolean {
  let depth = 0;
  const parser = new Parser({
    ...handler,
    onopentag: (...given) => {
      depth += 1;
      if (depth > DEEPEST) throw new TooDeep();
      handler.onopentag?.(...given);
    },
    onclosetag: (...given) => {
      depth -= 1;
      handler.onclosetag?.(...given);
    },
  });
  try {
    parser.end(html);
    return true;
  } catch (error) {
    if (error instanceof TooDeep) return false;
    throw error;
  }
}
