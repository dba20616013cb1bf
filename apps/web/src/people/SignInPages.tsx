import { useState, type FormEvent, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { fieldProblem, problemOf, send, beginSession } from '../device';
import { Button, Notice, PlainHttpNotice, ProblemNotice, StrandGlyph, TextField, Wordmark } from '../design';

type Field = 'code' | 'name' | 'signIn' | 'password';

function Entrance({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="grid min-h-screen lg:grid-cols-[5fr_4fr]">
      <div className="flex flex-col justify-between bg-ink p-8 text-paper lg:p-14">
        <span className="inline-block w-fit rounded-sm bg-paper px-4 py-3">
          <Wordmark size={40} />
        </span>
        <div className="my-10 max-w-xl">
          <p className="font-title text-3xl font-bold leading-tight lg:text-5xl">From technique to mark, one strip of time.</p>
          <p className="mt-4 text-lg text-paper/85">
            Choose techniques, plan the lesson, order for the class, mark each plate at the pass, and say what to practise next.
          </p>
        </div>
        <ol aria-hidden className="flex gap-2 text-small">
          <li className="flex-1 rounded-sm border-2 border-paper bg-paper px-3 py-2 font-semibold text-ink">Plan</li>
          <li className="flex flex-1 overflow-hidden rounded-sm border-2 border-paper">
            <span className="hatch-light w-3 border-r border-paper/60" />
            <span className="px-3 py-2 font-semibold">Order</span>
          </li>
          <li className="flex-1 rounded-sm border-2 border-paper px-3 py-2 font-semibold">Mark</li>
          <li className="flex-1 rounded-sm border-2 border-dashed border-paper px-3 py-2 font-semibold">Results</li>
        </ol>
      </div>
      <main className="flex items-center p-8 lg:p-14">
        <div className="w-full max-w-sm">
          <h1 className="mb-5 text-2xl">{title}</h1>
          {children}
          <p className="mt-10 flex gap-4 text-soft">
            <StrandGlyph strand="knife" /> <StrandGlyph strand="cooking" /> <StrandGlyph strand="plating" />
          </p>
        </div>
      </main>
    </div>
  );
}

/** A form that opens a session, by password or by a one-time code. What stands in its boxes is the browser's to fill in and to keep. */
function useEntry(path: string) {
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const body = Object.fromEntries(new FormData(event.currentTarget));
    setError(null);
    setBusy(true);
    try {
      await send('POST', path, { body });
      await beginSession();
      void navigate(location.pathname === '/join' ? '/' : location.pathname + location.search, { replace: true });
    } catch (failure) {
      setError(failure);
    } finally {
      setBusy(false);
    }
  };
  const field = (name: Field) => ({ name, problem: fieldProblem(error, name) });
  const elsewhere = error && !problemOf(error).errors?.length ? <ProblemNotice error={error} /> : null;
  return { submit, field, elsewhere, busy };
}

export function SignInPage({ firstVisit, signedOutHere = false }: { firstVisit: boolean; signedOutHere?: boolean }) {
  return firstVisit ? <FirstVisit /> : <SignIn signedOutHere={signedOutHere} />;
}

function SignIn({ signedOutHere }: { signedOutHere: boolean }) {
  const { submit, field, elsewhere, busy } = useEntry('/session');
  return (
    <Entrance title="Sign in">
      <PlainHttpNotice />
      {signedOutHere ? (
        <div className="mb-5">
          <Notice title="Signed out on this device">
            There is no connection, so the server does not know yet. It is told as soon as it can be reached, before anyone signs in here.
            What was not saved waits for its owner.
          </Notice>
        </div>
      ) : null}
      <form onSubmit={(event) => void submit(event)} className="space-y-4" noValidate>
        <TextField label="Sign-in name" autoComplete="username" autoCapitalize="none" {...field('signIn')} />
        <TextField label="Password" type="password" autoComplete="current-password" {...field('password')} />
        {elsewhere}
        <Button kind="main" type="submit" busy={busy} className="w-full">
          Sign in
        </Button>
      </form>
      <p className="mt-6">
        Were you given a code? <Link to="/join">Set your password with it</Link>.
      </p>
    </Entrance>
  );
}

function FirstVisit() {
  const entry = useEntry('/people/first');
  return (
    <Entrance title="Create the first lead instructor">
      <p className="-mt-3 mb-5 text-soft">Nobody has an account yet. The console in which Pelvo was started shows a one-time code.</p>
      <CodeForm entry={entry} action="Create and sign in">
        <TextField label="Your name" autoComplete="name" {...entry.field('name')} />
      </CodeForm>
    </Entrance>
  );
}

/** Where a person with a one-time code chooses their password. */
export function JoinPage() {
  const entry = useEntry('/people/join');
  return (
    <Entrance title="Set your password">
      <CodeForm entry={entry} action="Set and sign in" />
      <p className="mt-6">
        <Link to="/">Back to sign-in</Link>
      </p>
    </Entrance>
  );
}

/** A one-time code, and the name and password it is exchanged for. */
function CodeForm({ entry, action, children }: { entry: ReturnType<typeof useEntry>; action: string; children?: ReactNode }) {
  const { submit, field, elsewhere, busy } = entry;
  return (
    <form onSubmit={(event) => void submit(event)} className="space-y-4" noValidate>
      <TextField label="One-time code" autoComplete="off" placeholder="ABCD-EFGH-JKLM-NPQR" {...field('code')} />
      {children}
      <TextField
        label="Sign-in name"
        autoComplete="username"
        autoCapitalize="none"
        hint="3 to 40 letters, digits, dots or dashes"
        {...field('signIn')}
      />
      <TextField label="Password" type="password" autoComplete="new-password" hint="At least 10 characters" {...field('password')} />
      {elsewhere}
      <Button kind="main" type="submit" busy={busy} className="w-full">
        {action}
      </Button>
    </form>
  );
}
