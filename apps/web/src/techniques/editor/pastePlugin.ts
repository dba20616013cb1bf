import { Fragment, Slice, type Schema } from '@tiptap/pm/model';
import { Plugin } from '@tiptap/pm/state';
import { pastedText, plainOf } from '@pelvo/core';
import { textNodes } from './lineDocument';

/**
 * Takes what was pasted as lines, whatever program it comes from: strong and emphasis stay, all else is taken off, and
 * what could not come along is told.
 */
export function pastePlugin(rich: boolean, single: boolean, onLeftOut: (leftOut: readonly string[]) => void): Plugin {
  return new Plugin({
    props: {
      handlePaste: (view, event) => {
        const data = event.clipboardData;
        if (!data) return false;
        const { lines, leftOut } = pastedText(data.getData('text/html'), data.getData('text/plain'));
        onLeftOut([...leftOut, ...(data.files.length > 0 && lines.length === 0 ? ['a file or a picture'] : [])]);
        if (lines.length === 0) return true;
        const own = rich ? lines : lines.map(plainOf);
        view.dispatch(view.state.tr.replaceSelection(sliceOf(view.state.schema, single ? [own.join(' ')] : own, rich)).scrollIntoView());
        return true;
      },
    },
  });
}

/** Lines to be put in: the first joins the line of the cursor, the last takes what stood behind it. */
function sliceOf(schema: Schema, lines: readonly string[], rich: boolean): Slice {
  const items = lines.map((line) => schema.nodeFromJSON({ type: 'line', content: textNodes(line, rich) }));
  return new Slice(Fragment.fromArray(items), 1, 1);
}
