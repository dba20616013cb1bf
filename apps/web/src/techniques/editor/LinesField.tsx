import { EditorContent, useEditor, useEditorState, type UseEditorOptions } from '@tiptap/react';
import { ArrowDown, ArrowUp, Bold, Italic, Redo2, Undo2 } from 'lucide-react';
import { useEffect, useId, useRef, useState, type ReactNode } from 'react';
import type { FieldProblem } from '@pelvo/contract';
import { IconButton } from '../../design';
import { documentOf, linesOf } from './lineDocument';
import { lineExtensions, moveLine } from './lineExtensions';

interface LinesFieldProps {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly placeholder: string;
  readonly lines: readonly string[];
  readonly onChange: (lines: readonly string[]) => void;
  /** Strong and emphasis are offered. */
  readonly rich?: boolean;
  readonly single?: boolean;
  /** How the lines are marked. */
  readonly marker?: 'number' | 'bar' | 'dot' | 'none';
  readonly problem?: FieldProblem | null;
  readonly labelHidden?: boolean;
}

/** An editor of lines: Enter makes the next one, Alt and the arrows move it, Ctrl Z takes back. Pasting keeps the words and drops the rest. */
export function LinesField({
  label,
  hint,
  placeholder,
  lines,
  onChange,
  rich = false,
  single = false,
  marker = 'none',
  problem,
  labelHidden = false,
}: LinesFieldProps) {
  const id = useId();
  const [leftOut, setLeftOut] = useState<readonly string[]>([]);
  // What the editor last handed out: a different value from outside (dropped changes, someone else's card) is taken in.
  const last = useRef(lines);
  const handed = useRef(onChange);
  useEffect(() => {
    handed.current = onChange;
  }, [onChange]);
  // Made once: an editor that is given new options takes them in at every touch of a key.
  const [options] = useState((): UseEditorOptions => ({
    injectCSS: false,
    extensions: [...lineExtensions({ rich, single, placeholder, onLeftOut: setLeftOut })],
    content: documentOf(lines, rich),
    editorProps: {
      attributes: {
        id,
        role: 'textbox',
        'aria-multiline': String(!single),
        'aria-labelledby': `${id}-label`,
        'aria-describedby': `${id}-about`,
        class: `lines-${marker}`,
      },
    },
    onUpdate: ({ editor: updated }) => {
      last.current = linesOf(updated.getJSON(), rich);
      handed.current(last.current);
    },
  }));
  const editor = useEditor(options);
  useEffect(() => {
    if (!editor || JSON.stringify(lines) === JSON.stringify(last.current)) return;
    last.current = lines;
    editor.commands.setContent(documentOf(lines, rich), { emitUpdate: false });
  }, [editor, lines, rich]);
  return (
    <div className="min-w-0">
      <div className={`flex flex-wrap items-end justify-between gap-x-4 ${labelHidden && single ? '' : 'mb-1'}`}>
        <span id={`${id}-label`} className={labelHidden ? 'sr-only' : 'font-semibold'}>
          {label}
        </span>
        <Tools editor={editor} label={label} rich={rich} single={single} />
      </div>
      <div
        className={`lines-box rounded-sm border-2 bg-tile ${problem ? 'border-dashed border-beet' : 'border-line hover:border-soft'} focus-within:border-ink`}
      >
        <EditorContent editor={editor} />
      </div>
      <p id={`${id}-about`} className="mt-1 text-small text-soft" aria-live="polite">
        {problem ? (
          <span className="font-semibold text-beet">
            {problem.problem} {problem.remedy}
          </span>
        ) : leftOut.length > 0 ? (
          <span className="text-ink">The words are in. What could not come along: {leftOut.join(', ')}.</span>
        ) : (
          hint
        )}
      </p>
    </div>
  );
}

interface ToolsProps {
  readonly editor: ReturnType<typeof useEditor>;
  readonly label: string;
  readonly rich: boolean;
  readonly single: boolean;
}

/** What can be done to the line of the cursor, by touch. */
function Tools({ editor, label, rich, single }: ToolsProps) {
  const state = useEditorState({
    editor,
    selector: ({ editor: now }) => ({
      bold: now?.isActive('bold') ?? false,
      italic: now?.isActive('italic') ?? false,
      undo: now?.can().undo() ?? false,
      redo: now?.can().redo() ?? false,
    }),
  });
  const move = (by: -1 | 1) => {
    const transaction = editor && moveLine(editor.state, by);
    if (transaction) editor.view.dispatch(transaction);
    editor?.commands.focus();
  };
  const tool = (name: string, icon: ReactNode, act: () => void, more: { pressed?: boolean; disabled?: boolean } = {}) => (
    <IconButton
      key={name}
      label={`${name}, ${label}`}
      aria-pressed={more.pressed}
      disabled={more.disabled}
      onMouseDown={(event) => event.preventDefault()}
      onClick={act}
    >
      {icon}
    </IconButton>
  );
  return (
    <div role="group" aria-label={`Tools for ${label}`} className="flex">
      {rich
        ? [
            tool('Strong', <Bold aria-hidden className="size-5" />, () => editor?.chain().focus().toggleBold().run(), {
              pressed: state?.bold,
            }),
            tool('Emphasis', <Italic aria-hidden className="size-5" />, () => editor?.chain().focus().toggleItalic().run(), {
              pressed: state?.italic,
            }),
          ]
        : null}
      {single
        ? null
        : [
            tool('Line up', <ArrowUp aria-hidden className="size-5" />, () => move(-1)),
            tool('Line down', <ArrowDown aria-hidden className="size-5" />, () => move(1)),
          ]}
      {tool('Take back', <Undo2 aria-hidden className="size-5" />, () => editor?.chain().focus().undo().run(), { disabled: !state?.undo })}
      {tool('Do again', <Redo2 aria-hidden className="size-5" />, () => editor?.chain().focus().redo().run(), { disabled: !state?.redo })}
    </div>
  );
}
