import { ROSTER_LIMITS } from '@pelvo/core';
import type { ClassDetail, RosterImport } from '@pelvo/contract';
import { inWords, ProblemError, useImport } from '../device';
import { Button, DataTable, Dialog, FileChoice, ImportProblems, ProblemNotice } from '../design';

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
  const { name, preview, busy, error, read, apply } = useImport<RosterImport>(() => `/classes/${cookeryClass.id}/roster`, {
    check: refuseTooLarge,
    after: (done) => onDone(done.added),
  });
  return (
    <Dialog open wide onClose={onClose} title="Import a roster">
      <p className="mb-3 max-w-prose">
        A CSV file with a heading row: <b>name</b>, and if you like <b>number</b>, <b>allergens</b>, <b>diets</b>, <b>note</b>. Several
        allergens in one cell are parted by a semicolon.
      </p>
      <FileChoice accept=".csv,text/csv" name={name} onChoose={(file) => read(file, file.name)} />
      <div className="mt-4 space-y-4">
        <ProblemNotice error={error} />
        <ImportProblems
          title={
            preview?.refused
              ? 'Nothing of this file can be taken'
              : `${preview?.problems.length} ${preview?.problems.length === 1 ? 'thing is' : 'things are'} wrong; these rows would be left out`
          }
          problems={(preview?.problems ?? []).map((found) => ({
            problem: inWords(found.problem),
            remedy: inWords(found.remedy),
            where: (
              <>
                Line {found.line}, <b>{found.field}</b>
              </>
            ),
          }))}
        />
        {preview && preview.rows.length > 0 ? (
          <>
            <DataTable
              headHidden
              caption={`Would be added: ${preview.rows.length}`}
              rows={preview.rows}
              keyOf={({ line }) => line}
              columns={[
                { head: 'Line', width: 'w-12 text-soft', cell: ({ line }) => line },
                { head: 'Name', names: true, cell: (row) => row.name },
                { head: 'Number', cell: (row) => row.number },
                { head: 'Needs', cell: ({ needs }) => [...needs.allergens, ...needs.diets].join(', ') },
              ]}
            />
            <Button kind="main" busy={busy} onClick={() => void apply(preview.problems.length > 0 ? '&leaveOut=true' : '')}>
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

function refuseTooLarge({ size }: Blob): void {
  if (size <= ROSTER_LIMITS.fileBytes) return;
  const problem = `The file has ${Math.round(size / 1000)} kB; a roster has at most ${ROSTER_LIMITS.fileBytes / 1000}.`;
  throw new ProblemError({
    type: 'urn:pelvo:problem:too-large',
    title: 'This is too large.',
    status: 413,
    errors: [{ field: 'file', problem, remedy: 'Choose the roster of one class.' }],
  });
}
