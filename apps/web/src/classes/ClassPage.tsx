import { useState } from 'react';
import { useParams } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import type { ClassDetail, Invitation, Student, StudentFields } from '@pelvo/contract';
import { fetcher, send, shortDate, today, useMe, useAction } from '../device';
import {
  Button,
  ButtonLink,
  Dialog,
  DownloadLink,
  Empty,
  Fetching,
  PageHead,
  ProblemNotice,
  Section,
  DateField,
  useFields,
} from '../design';
import { InvitationNotice } from '../people';
import { EraseDialog } from './EraseDialog';
import { RosterImportDialog } from './RosterImportDialog';
import { StudentForm } from './StudentForm';

/** A class: its roster with needs and absences. */
export default function ClassPage() {
  const { id } = useParams();
  const lead = useMe().role === 'lead';
  const { data, error, mutate } = useSWR<ClassDetail>(`/classes/${id}`, fetcher);
  const [dialog, setDialog] = useState<'add' | 'import' | Student | null>(null);
  const action = useAction();
  const [said, setSaid] = useState<string | null>(null);
  const [erasing, setErasing] = useState<Student | null>(null);
  const [invitation, setInvitation] = useState<Invitation | null>(null);

  const changed = async () => {
    await mutate();
    await mutateAll((key) => typeof key === 'string' && key.startsWith('/lessons'));
  };
  const run = (work: () => Promise<unknown>) =>
    action.run(async () => {
      await work();
      await changed();
    });
  const active = data?.students.filter((student) => student.active) ?? [];
  const left = data?.students.filter((student) => !student.active) ?? [];
  return (
    <>
      <Fetching what="the class" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <>
          <PageHead
            title={data.name}
            lead={`${data.term ? `${data.term}, ` : ''}${active.length} ${active.length === 1 ? 'student' : 'students'}`}
            actions={
              lead ? (
                <>
                  <ButtonLink to={`/classes/${id}/term`}>Its term</ButtonLink>
                  <ButtonLink to={`/classes/${id}/skills`}>Where it stands</ButtonLink>
                  <ButtonLink to={`/classes/${id}/fairness`}>How it was marked</ButtonLink>
                  <DownloadLink href={`/api/classes/${id}/oneroster.zip`}>OneRoster</DownloadLink>
                  <Button onClick={() => setDialog('import')}>Import a roster</Button>
                  <Button kind="main" onClick={() => setDialog('add')}>
                    Add a student
                  </Button>
                </>
              ) : (
                <>
                  <ButtonLink to={`/classes/${id}/term`}>Its term</ButtonLink>
                  <ButtonLink to={`/classes/${id}/skills`}>Where it stands</ButtonLink>
                </>
              )
            }
          />
          <div className="mb-4 space-y-3">
            <ProblemNotice error={action.error} />
            <p role="status" className="font-semibold empty:hidden">
              {said}
            </p>
            {invitation ? <InvitationNotice invitation={invitation} /> : null}
          </div>
          {active.length === 0 ? (
            <Empty
              title="Nobody in this class yet"
              action={
                lead ? (
                  <Button kind="main" onClick={() => setDialog('import')}>
                    Import a roster
                  </Button>
                ) : null
              }
            >
              Add students one by one, or import a CSV file that starts like this: name,allergens — Ada Example,nuts; milk
            </Empty>
          ) : (
            <ul className="divide-y divide-line border-y-2 border-ink">
              {active.map((student) => (
                <StudentRow
                  key={student.id}
                  student={student}
                  lead={lead}
                  onEdit={() => setDialog(student)}
                  onAbsence={(date, absent) => run(() => send(absent ? 'PUT' : 'DELETE', `/students/${student.id}/absences/${date}`))}
                  onCode={() =>
                    run(async () =>
                      setInvitation(await send<Invitation>('POST', '/people/student-account', { body: { studentId: student.id } })),
                    )
                  }
                />
              ))}
            </ul>
          )}
          {left.length > 0 ? (
            <Section title="Have left the class">
              <ul>
                {left.map((student) => (
                  <li key={student.id} className="flex min-h-11 items-center gap-4">
                    <span>{student.name}</span>
                    {lead ? (
                      <>
                        <Button
                          kind="quiet"
                          onClick={() => void run(() => send('PUT', `/students/${student.id}/active`, { body: { active: true } }))}
                        >
                          Restore<span className="sr-only"> {student.name}</span>
                        </Button>
                        <DownloadLink href={`/api/students/${student.id}/file`}>All that is held</DownloadLink>
                        <Button kind="quiet" onClick={() => setErasing(student)}>
                          Erase …<span className="sr-only"> {student.name}</span>
                        </Button>
                      </>
                    ) : null}
                  </li>
                ))}
              </ul>
            </Section>
          ) : null}
          {erasing ? (
            <EraseDialog
              student={erasing}
              onClose={() => setErasing(null)}
              onDone={() => {
                setErasing(null);
                setSaid('Erased.');
                void changed();
              }}
            />
          ) : null}
          {dialog === 'import' ? (
            <RosterImportDialog
              cookeryClass={data}
              onClose={() => setDialog(null)}
              onDone={(added) => {
                setDialog(null);
                setSaid(`${added} added.`);
                void changed();
              }}
            />
          ) : null}
          <Dialog open={dialog === 'add'} onClose={() => setDialog(null)} title="Add a student">
            <StudentForm
              action="Add"
              onSave={async (fields: StudentFields) => {
                await send('POST', `/classes/${data.id}/students`, { body: fields });
                setDialog(null);
                await changed();
              }}
            />
          </Dialog>
          {dialog && typeof dialog === 'object' ? (
            <Dialog open onClose={() => setDialog(null)} title={dialog.name}>
              <StudentForm
                student={dialog}
                action="Save"
                onSave={async (fields) => {
                  await send('PUT', `/students/${dialog.id}`, { body: fields });
                  setDialog(null);
                  await changed();
                }}
              />
              <div className="mt-4 flex flex-wrap items-center gap-4 border-t border-line pt-2">
                <DownloadLink href={`/api/students/${dialog.id}/file`}>All that is held on {dialog.name}</DownloadLink>
                <Button
                  kind="quiet"
                  onClick={() => {
                    setDialog(null);
                    void run(() => send('PUT', `/students/${dialog.id}/active`, { body: { active: false } }));
                  }}
                >
                  Has left the class (can be undone)
                </Button>
              </div>
            </Dialog>
          ) : null}
        </>
      ) : null}
    </>
  );
}

interface StudentRowProps {
  readonly student: Student;
  readonly lead: boolean;
  readonly onEdit: () => void;
  readonly onAbsence: (date: string, absent: boolean) => Promise<unknown>;
  readonly onCode: () => void;
}

function StudentRow({ student, lead, onEdit, onAbsence, onCode }: StudentRowProps) {
  const { fields, set, onSubmit, reset } = useFields({ date: '' });
  const [asking, setAsking] = useState(false);
  const { needs } = student;
  const upcoming = student.absences.filter((day) => day >= today());
  const past = student.absences.length - upcoming.length;
  return (
    <li className="grid items-center gap-x-6 gap-y-1 py-2 lg:grid-cols-[16rem_minmax(0,1fr)_minmax(0,1fr)_auto]">
      <span>
        <b>{student.name}</b> <span className="text-small text-soft">{student.number}</span>
      </span>
      <span className="text-small">
        {needs.allergens.length > 0 ? (
          <span className="mr-2 border border-ink px-1 font-semibold">no {needs.allergens.join(', ')}</span>
        ) : null}
        {needs.diets.length > 0 ? <span className="mr-2 border border-ink px-1">{needs.diets.join(', ')}</span> : null}
        {needs.note}
      </span>
      <span className="flex flex-wrap items-center gap-2 text-small">
        {upcoming.map((day) => (
          <button
            key={day}
            type="button"
            onClick={() => void onAbsence(day, false)}
            aria-label={`${student.name} is not away on ${shortDate(day)} after all`}
            className="hatch min-h-11 border border-ink px-2"
          >
            away {shortDate(day)} ✕
          </button>
        ))}
        {past > 0 ? (
          <span className="text-soft">
            {past} {past === 1 ? 'day' : 'days'} missed
          </span>
        ) : null}
      </span>
      <span className="flex flex-wrap items-center gap-1">
        {asking ? (
          <form
            className="flex items-end gap-1"
            onSubmit={onSubmit(async ({ date }) => {
              if (!date) return;
              await onAbsence(date, true);
              reset();
              setAsking(false);
            })}
          >
            <div className="w-52">
              <DateField
                label={`Day ${student.name} is away`}
                labelHidden
                autoFocus
                value={fields.date}
                onChange={(date) => set({ date })}
              />
            </div>
            <Button type="submit" disabled={!fields.date}>
              Away
            </Button>
            <Button kind="quiet" onClick={() => setAsking(false)}>
              Not
            </Button>
          </form>
        ) : (
          <Button kind="quiet" onClick={() => setAsking(true)}>
            Away on …<span className="sr-only"> ({student.name})</span>
          </Button>
        )}
        {lead ? (
          <Button kind="quiet" onClick={onEdit}>
            Edit<span className="sr-only"> {student.name}</span>
          </Button>
        ) : null}
        {lead ? (
          <Button kind="quiet" onClick={onCode}>
            {student.hasAccount ? 'New code' : 'Give access'}
            <span className="sr-only"> to {student.name}</span>
          </Button>
        ) : null}
      </span>
    </li>
  );
}
