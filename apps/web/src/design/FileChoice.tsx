import type { ReactNode } from 'react';
import { Notice } from './Notice';

interface FileChoiceProps {
  readonly accept: string;
  /** What was chosen last. */
  readonly name: string | null;
  readonly onChoose: (file: File) => void;
}

/** A file to be read. */
export function FileChoice({ accept, name, onChoose }: FileChoiceProps) {
  return (
    <label className="inline-flex min-h-11 items-center rounded-sm border-2 border-ink bg-tile px-4 font-semibold has-focus-visible:outline-3 has-focus-visible:outline-beet">
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          if (chosen) onChoose(chosen);
        }}
      />
      {name ? `Chosen: ${name}. Choose another` : 'Choose a file'}
    </label>
  );
}

/** What is wrong in a file, place by place. */
export function ImportProblems({
  title,
  problems,
}: {
  title: string;
  problems: readonly { readonly where: ReactNode; readonly problem: string; readonly remedy: string }[];
}) {
  if (problems.length === 0) return null;
  return (
    <Notice kind="problem" title={title}>
      <ul className="mt-1 list-disc pl-5">
        {problems.map(({ where, problem, remedy }, index) => (
          <li key={index}>
            {where}: {problem} {remedy}
          </li>
        ))}
      </ul>
    </Notice>
  );
}
