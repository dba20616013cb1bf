import { useState } from 'react';
import { ROSTER_LIMITS } from '@pelvo/core';
import type { ClassDetail, RosterImport } from '@pelvo/contract';
import { ProblemError, send, useAction } from '../device';
import { Button, Dialog, Notice, ProblemNotice } from '../design';

/** Imports a roster from CSV: first shows what would happen, then does it. */
export function RosterImportDialog({
  cookeryClass,
  onClose,
  onDone,
}: {
  cookeryClass: ClassDetail;
  onClose: () => void;
  onDone: (added: number) => void;
}) {
  const [file, setFile] = useState<File | null>(null);
  const [preview, setPreview] = useState<RosterImport | null>(null);
  const { busy, error, run } = useAction();
  const path = `/classes/${cookeryClass.id}/roster`;

  const choose = (chosen: File | null) => {
    setFile(chosen);
    setPreview(null);
    if (!chosen) return;
    void run(async () => {
      if (chosen.size > ROSTER_LIMITS.fileBytes) {
        const problem = `The file has ${Math.round(chosen.size / 1000)} kB; a roster has at most ${ROSTER_LIMITS.fileBytes / 1000}.`;
        throw new ProblemError({
          type: 'urn:pelvo:problem:too-large',
          title: 'This is too large.',
          status: 413,
          errors: [{ field: 'file', problem, remedy: 'Choose the roster of one class.' }],
        });
      }
      setPreview(await send<RosterImport>('POST', path, { file: chosen }));
    });
  };
  const apply = () =>
    run(async () => {
      const done = await send<RosterImport>('POST', `${path}?apply=true${preview?.problems.length ? '&leaveOut=true' : ''}`, {
        file: file!,
      });
      onDone(done.added);
    });

  return (
    <Dialog open wide onClose={onClose} title="Import a roster">
      <p className="mb-3 max-w-prose">
        A CSV file with a heading row: <b>name</b>, and if you like <b>number</b>, <b>allergens</b>, <b>diets</b>, <b>note</b>. Several
        allergens in one cell are parted by a semicolon.
      </p>
      <label className="inline-flex min-h-11 items-center rounded-sm border-2 border-ink bg-tile px-4 font-semibold has-focus-visible:outline-3 has-focus-visible:outline-beet">
        <input type="file" accept=".csv,text/csv" className="sr-only" onChange={(event) => choose(event.target.files?.[0] ?? null)} />
        {file ? `Chosen: ${file.name}. Choose another` : 'Choose a file'}
      </label>
      <div className="mt-4 space-y-4">
        <ProblemNotice error={error} />
        {preview && preview.problems.length > 0 ? (
          <Notice
            kind="problem"
            title={
              preview.refused
                ? 'Nothing of this file can be taken'
                : `${preview.problems.length} ${preview.problems.length === 1 ? 'thing is' : 'things are'} wrong; these rows would be left out`
            }
          >
            <ul className="mt-1 list-disc pl-5">
              {preview.problems.map((found, index) => (
                <li key={index}>
                  Line {found.line}, <b>{found.field}</b>: {found.problem} {found.remedy}
                </li>
              ))}
            </ul>
          </Notice>
        ) : null}
        {preview && preview.rows.length > 0 ? (
          <>
            <table className="w-full text-left">
              <caption className="mb-1 text-left font-semibold">Would be added: {preview.rows.length}</caption>
              <tbody className="divide-y divide-line border-y border-line">
                {preview.rows.map((row) => (
                  <tr key={row.line}>
                    <td className="w-12 py-1 text-soft">{row.line}</td>
                    <th scope="row" className="py-1">
                      {row.name}
                    </th>
                    <td className="py-1">{row.number}</td>
                    <td className="py-1">{[...row.needs.allergens, ...row.needs.diets].join(', ')}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <Button kind="main" busy={busy} onClick={() => void apply()}>
              {preview.problems.length > 0
                ? `Add ${preview.rows.length}, leave the others out`
                : `Add ${preview.rows.length} ${preview.rows.length === 1 ? 'student' : 'students'}`}
            </Button>
          </>
        ) : null}
      </div>
    </Dialog>
  );
}
