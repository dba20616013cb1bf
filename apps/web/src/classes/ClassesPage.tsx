import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import useSWR from 'swr';
import type { ClassDetail, ClassFields, ClassSummary } from '@pelvo/contract';
import { fetcher, problemOf, send, useMe, useAction } from '../device';
import { Button, Dialog, Empty, Fetching, PageHead, ProblemNotice, TextField, useFields } from '../design';

/** The classes of the school. */
export default function ClassesPage() {
  const lead = useMe().role === 'lead';
  const { data, error, mutate } = useSWR<readonly ClassSummary[]>('/classes', fetcher);
  const [adding, setAdding] = useState(false);
  const add = lead ? (
    <Button kind="main" onClick={() => setAdding(true)}>
      New class
    </Button>
  ) : null;
  return (
    <>
      <PageHead title="Classes" lead="Who is taught, what they may not eat, and when they are away." actions={add} />
      <Fetching what="the classes" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data?.length === 0 ? (
        <Empty title="No class yet" action={add}>
          Make one, for example "Foundation cohort, Autumn term", then type the students or import them from a CSV file.
        </Empty>
      ) : null}
      <ul className="divide-y divide-line">
        {data?.map((item) => (
          <li key={item.id}>
            <Link to={`/classes/${item.id}`} className="flex min-h-14 flex-wrap items-baseline gap-x-6 py-3 no-underline hover:bg-wash">
              <span className="min-w-64 font-title text-xl font-bold">{item.name}</span>
              <span className="text-soft">{item.term}</span>
              <span className="ml-auto">
                {item.students} {item.students === 1 ? 'student' : 'students'}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <Dialog open={adding} onClose={() => setAdding(false)} title="New class">
        <NewClassForm />
      </Dialog>
    </>
  );
}

function NewClassForm() {
  const navigate = useNavigate();
  const { error, run } = useAction();
  const { box, onSubmit, busy } = useFields<ClassFields>({ name: '', term: '' }, { refusal: error });
  const make = (fields: ClassFields) =>
    run(async () => {
      const made = await send<ClassDetail>('POST', '/classes', { body: fields });
      void navigate(`/classes/${made.id}`);
    });
  return (
    <form onSubmit={onSubmit(make)} className="space-y-4" noValidate>
      <TextField label="Name" placeholder="Foundation cohort" {...box('name')} />
      <TextField label="Term" placeholder="Autumn term" {...box('term')} />
      {error && !problemOf(error).errors ? <ProblemNotice error={error} /> : null}
      <Button kind="main" type="submit" busy={busy}>
        Make the class
      </Button>
    </form>
  );
}
