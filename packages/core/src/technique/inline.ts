import type { PhrasingContent } from 'mdast';
import type { RichText } from './types';

/** A stretch of text in one style. */
export interface Run {
  readonly text: string;
  readonly strong: boolean;
  readonly emphasis: boolean;
}

/**
 * The runs of a rich line. Two stars turn strong on and off, one star emphasis; a backslash takes the meaning from what
 * follows it. Simpler than Markdown, so that no neighbour can change how a star is read.
 *
 * @example readInline('Cut **away** from you') // three runs, the second strong
 */
export function readInline(rich: RichText): readonly Run[] {
  const runs: Run[] = [];
  let [strong, emphasis, text] = [false, false, ''];
  const end = () => {
    if (text) runs.push({ text, strong, emphasis });
    text = '';
  };
  for (let at = 0; at < rich.length; at += 1) {
    const char = rich[at]!;
    if (char === '\\' && at + 1 < rich.length) text += rich[(at += 1)]!;
    else if (char !== '*') text += char;
    else if (rich[at + 1] === '*') {
      end();
      strong = !strong;
      at += 1;
    } else {
      end();
      emphasis = !emphasis;
    }
  }
  end();
  return joined(runs);
}

/** The rich line of some runs: the inverse of `readInline`, always the same for the same look. */
export function writeInline(runs: readonly Run[]): RichText {
  let [strong, emphasis, rich] = [false, false, ''];
  for (const run of tidied(runs)) {
    if (run.strong !== strong) rich += '**';
    if (run.emphasis !== emphasis) rich += '*';
    [strong, emphasis] = [run.strong, run.emphasis];
    rich += run.text.replace(/[\\*]/g, '\\$&');
  }
  return rich + (strong ? '**' : '') + (emphasis ? '*' : '');
}

/** The runs of Markdown nodes; what is neither text, strong nor emphasis gives its text. */
export function runsOf(nodes: readonly PhrasingContent[], strong = false, emphasis = false): readonly Run[] {
  return joined(
    nodes.flatMap((node): readonly Run[] => {
      if (node.type === 'strong') return runsOf(node.children, true, emphasis);
      if (node.type === 'emphasis') return runsOf(node.children, strong, true);
      if (node.type === 'break') return [{ text: ' ', strong, emphasis }];
      if (node.type === 'image') return node.alt ? [{ text: node.alt, strong, emphasis }] : [];
      if ('children' in node) return runsOf(node.children, strong, emphasis);
      return 'value' in node ? [{ text: node.value, strong, emphasis }] : [];
    }),
  );
}

/** The Markdown nodes of some runs, neighbours that are strong under one node. */
export function nodesOf(runs: readonly Run[]): PhrasingContent[] {
  const nodes: PhrasingContent[] = [];
  for (const run of tidied(runs)) {
    const text: PhrasingContent = { type: 'text', value: run.text };
    const inner: PhrasingContent = run.emphasis ? { type: 'emphasis', children: [text] } : text;
    const last = nodes.at(-1);
    if (!run.strong) nodes.push(inner);
    else if (last?.type === 'strong') last.children.push(inner);
    else nodes.push({ type: 'strong', children: [inner] });
  }
  return nodes;
}

/** Neighbours of one style are one run, so that the same look is always the same data. */
function joined(runs: readonly Run[]): readonly Run[] {
  const out: Run[] = [];
  for (const run of runs) {
    const last = out.at(-1);
    if (!run.text) continue;
    if (last?.strong === run.strong && last.emphasis === run.emphasis) out[out.length - 1] = { ...last, text: last.text + run.text };
    else out.push(run);
  }
  return out;
}

/** Runs on one line, joined, without blanks at the ends; blanks at the edge of a style stand outside it, as Markdown wants. */
function tidied(runs: readonly Run[]): readonly Run[] {
  const plain = { strong: false, emphasis: false };
  const split = runs.flatMap((run): readonly Run[] => {
    const text = run.text.replace(/[\s\p{Cc}\u200b\ufeff]+/gu, ' ');
    const bare = text.trim();
    if (!run.strong && !run.emphasis) return [{ ...run, text }];
    if (!bare) return [{ text, ...plain }];
    return [
      { text: text.startsWith(' ') ? ' ' : '', ...plain },
      { ...run, text: bare },
      { text: text.endsWith(' ') ? ' ' : '', ...plain },
    ];
  });
  const whole = joined(split).map((run) => ({ ...run, text: run.text.replace(/ +/g, ' ') }));
  return whole
    .map((run, index) => ({ ...run, text: index === 0 ? run.text.trimStart() : run.text }))
    .map((run, index) => ({ ...run, text: index === whole.length - 1 ? run.text.trimEnd() : run.text }))
    .filter(({ text }) => text);
}

/** The text of a rich line without its styles. */
export function plainOf(rich: RichText): string {
  return readInline(rich)
    .map((run) => run.text)
    .join('');
}
