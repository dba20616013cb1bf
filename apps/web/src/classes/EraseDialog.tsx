import { useState } from 'react';
import type { Student } from '@pelvo/contract';
import { Button, Dialog, DownloadLink, ProblemNotice, TextField } from '../design';
import { fieldProblem, send, useAction } from '../device';

/** Takes a student out of the school for good; their name is typed, so that it is not done by a slip. */
export function EraseDialog({ student, onClose, onDone }: { student: Student; onClose: () => void; onDone: () => void }) {
  const [name, setName] = useState('');
  const { busy, error, run } = useAction();
  const problem = fieldProblem(error, 'name');
  return (
    <Dialog open onClose={onClose} title={`Erase ${student.name}`}>
      <form
        className="space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          void run(async () => {
            await send('POST', `/students/${student.id}/erasure`, { body: { name } });
            onDone();
          });
        }}
      >
        <p>
          Name, number, needs, absences and account go, and cannot be brought back. What was cooked and how it was judged stays under
          nobody’s name, so that the class’s figures stay true. Backups hold the name until they are replaced.
        </p>
        <DownloadLink href={`/api/students/${student.id}/file`}>Keep all that is held first</DownloadLink>
        {problem ? null : <ProblemNotice error={error} />}
        <TextField label={`Type ${student.name}`} value={name} problem={problem} onChange={(event) => setName(event.target.value)} />
        <Button kind="main" type="submit" busy={busy} disabled={name.trim() === ''}>
          Erase for good
        </Button>
      </form>
    </Dialog>
  );
}
