import { Extension, Node, type AnyExtension } from '@tiptap/core';
import Bold from '@tiptap/extension-bold';
import Document from '@tiptap/extension-document';
import Italic from '@tiptap/extension-italic';
import Text from '@tiptap/extension-text';
import { Placeholder, UndoRedo } from '@tiptap/extensions';
import { closeHistory } from '@tiptap/pm/history';
import { Fragment } from '@tiptap/pm/model';
import { TextSelection, type EditorState, type Transaction } from '@tiptap/pm/state';
import { pastePlugin } from './pastePlugin';

const Lines = Document.extend({ content: 'list' });

const List = Node.create({ name: 'list', content: 'line+', parseHTML: () => [{ tag: 'ol' }], renderHTML: () => ['ol', 0] });

const Line = Node.create({
  name: 'line',
  content: 'text*',
  defining: true,
  parseHTML: () => [{ tag: 'li' }],
  renderHTML: () => ['li', 0],
});

/** Moves the line with the cursor one up or down, in one step that can be undone. */
export function moveLine(state: EditorState, by: -1 | 1): Transaction | null {
  const { $from } = state.selection;
  const list = state.doc.firstChild!;
  const index = $from.index(1);
  const other = index + by;
  if (other < 0 || other >= list.childCount) return null;
  const lines = Array.from({ length: list.childCount }, (_, at) => list.child(at));
  const [line] = lines.splice(index, 1);
  lines.splice(other, 0, line!);
  const transaction = closeHistory(state.tr).replaceWith(1, 1 + list.content.size, Fragment.fromArray(lines));
  const start = 1 + lines.slice(0, other).reduce((sum, each) => sum + each.nodeSize, 0);
  return transaction.setSelection(TextSelection.create(transaction.doc, start + 1 + $from.parentOffset)).scrollIntoView();
}

interface LineOptions {
  readonly rich: boolean;
  /** One line only: what is pasted is joined, and Enter does nothing. */
  readonly single: boolean;
  readonly placeholder: string;
  readonly onLeftOut: (leftOut: readonly string[]) => void;
}

/** Everything an editor of lines needs; the schema has no more than a list of lines, so no paste can bring in more. */
export function lineExtensions({ rich, single, placeholder, onLeftOut }: LineOptions): readonly AnyExtension[] {
  const Handling = Extension.create({
    name: 'lineHandling',
    addKeyboardShortcuts() {
      const move = (by: -1 | 1) => () => {
        const transaction = moveLine(this.editor.state, by);
        if (transaction) this.editor.view.dispatch(transaction);
        return true;
      };
      return { 'Alt-ArrowUp': move(-1), 'Alt-ArrowDown': move(1), ...(single ? { Enter: () => true } : {}), 'Shift-Enter': () => true };
    },
  });
  const Pasting = Extension.create({
    name: 'linePasting',
    addProseMirrorPlugins: () => [pastePlugin(rich, single, onLeftOut)],
  });
  return [
    Lines,
    List,
    Line,
    Text,
    UndoRedo,
    Placeholder.configure({ placeholder, showOnlyCurrent: false, includeChildren: true }),
    Handling,
    Pasting,
    ...(rich ? [Bold, Italic] : []),
  ];
}
