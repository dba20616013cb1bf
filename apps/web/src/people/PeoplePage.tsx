import { useState } from 'react';
import useSWR from 'swr';
import { ROLE_NAMES, type Invitation, type NewPerson, type Person } from '@pelvo/contract';
import { fetcher, send, useMe, useAction } from '../device';
import { Button, ButtonLink, Loading, PageHead, ProblemNotice, Section, SelectField, TextField, useFields } from '../design';
import { InvitationNotice } from './InvitationNotice';

/** Who has an account, and how new people get one. */
export default function PeoplePage() {
  const me = useMe();
  const { data, error, mutate } = useSWR<readonly Person[]>('/people', fetcher);
  const [invitation, setInvitation] = useState<Invitation | null>(null);
  const { error: failure, run } = useAction();
  const lock = (person: Person) =>
    run(async () => {
      await send('PUT', `/people/${person.id}/active`, { body: { active: !person.active } });
      await mutate();
    });
  const invite = (work: () => Promise<Invitation>) =>
    run(async () => {
      setInvitation(await work());
      await mutate();
    });
  return (
    <>
      <PageHead
        title="People"
        lead="Accounts of this school. A new person gets a one-time code and chooses a password with it."
        actions={<ButtonLink to="/school">How the school runs</ButtonLink>}
      />
      <div className="space-y-4">
        <ProblemNotice error={error ?? failure} />
        {invitation ? <InvitationNotice invitation={invitation} /> : null}
        <NewPersonForm onInvite={(fields) => invite(() => send<Invitation>('POST', '/people', { body: fields }))} failure={failure} />
        {!data && !error ? <Loading what="the people" /> : null}
        {data ? (
          <Section title="Accounts">
            <ul className="divide-y divide-line">
              {data.map((person) => (
                <li key={person.id} className="flex flex-wrap items-center gap-x-6 gap-y-1 py-2">
                  <span className="min-w-52 flex-1">
                    <b>{person.name}</b>
                    <span className="block text-small text-soft">{ROLE_NAMES[person.role]}</span>
                  </span>
                  <span className="min-w-40">{person.signIn ?? <i>no password yet</i>}</span>
                  <span className="min-w-32 text-small">{person.active ? (person.invited ? 'code waiting' : 'active') : 'locked'}</span>
                  <Button kind="quiet" onClick={() => void invite(() => send<Invitation>('POST', `/people/${person.id}/invitation`))}>
                    New code<span className="sr-only"> for {person.name}</span>
                  </Button>
                  <Button kind="quiet" disabled={person.id === me.id} onClick={() => void lock(person)}>
                    {person.active ? 'Lock' : 'Unlock'}
                    <span className="sr-only"> {person.name}</span>
                  </Button>
                </li>
              ))}
            </ul>
          </Section>
        ) : null}
      </div>
    </>
  );
}

function NewPersonForm({ onInvite, failure }: { onInvite: (fields: NewPerson) => Promise<boolean>; failure: unknown }) {
  const { box, onSubmit, reset, busy } = useFields<NewPerson>({ name: '', role: 'assistant' }, { refusal: failure });
  return (
    <form
      onSubmit={onSubmit(async (fields) => {
        // What was typed stays when the invitation is refused.
        if (await onInvite(fields)) reset();
      })}
      className="flex flex-wrap items-end gap-3"
      noValidate
    >
      <div className="w-64">
        <TextField label="Name" {...box('name')} />
      </div>
      <div className="w-56">
        <SelectField label="Role" {...box('role')}>
          {(['lead', 'assistant', 'stores'] as const).map((role) => (
            <option key={role} value={role}>
              {ROLE_NAMES[role]}
            </option>
          ))}
        </SelectField>
      </div>
      <Button type="submit" kind="main" busy={busy}>
        Invite
      </Button>
      <p className="basis-full text-small text-soft">Students get their code on their class’s page.</p>
    </form>
  );
}
