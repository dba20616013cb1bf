import { useState } from 'react';
import type { DaysOffImport, NewFeed } from '@pelvo/contract';
import { fieldProblem, send, shortDate, useAction } from '../device';
import { Button, DateField, FileChoice, Notice, ProblemNotice, Section, TextField } from '../design';
import type { TermHere } from './useTerm';

interface Props {
  readonly here: TermHere;
  readonly lead: boolean;
  readonly onChanged: () => void;
}

/** Days on which the school does not teach, typed or from a calendar file, and addresses under which a calendar follows the term. */
export function CalendarsAndDaysOff({ here, lead, onChanged }: Props) {
  return (
    <Section title="Days off, and calendars that follow">
      <div className="grid gap-8 md:grid-cols-2">
        <DaysOff here={here} lead={lead} onChanged={onChanged} />
        <Feeds here={here} onChanged={onChanged} />
      </div>
    </Section>
  );
}

function DaysOff({ here, lead, onChanged }: Props) {
  const [day, setDay] = useState({ first: '', last: '', name: '' });
  const [told, setTold] = useState<DaysOffImport | null>(null);
  const { run, busy, error } = useAction();
  const add = () =>
    run(async () => {
      await send('POST', '/days-off', { body: { ...day, last: day.last || day.first } });
      setDay({ first: '', last: '', name: '' });
      onChanged();
    });
  const read = (file: File) =>
    run(async () => {
      setTold(null);
      setTold(await send<DaysOffImport>('POST', '/days-off/imports', { file }));
      onChanged();
    });
  const remove = (id: string) =>
    run(async () => {
      await send('DELETE', `/days-off/${id}`);
      onChanged();
    });
  return (
    <div>
      <h3 className="text-lg">Days off</h3>
      {here.term.daysOff.length === 0 ? (
        <p className="text-soft">None yet. A lesson on a day off says so.</p>
      ) : (
        <ul className="max-h-72 divide-y divide-line overflow-y-auto border-y border-line" tabIndex={0} aria-label="Days off">
          {here.term.daysOff.map(({ id, first, last, name }) => (
            <li key={id} className="flex items-center justify-between gap-3">
              <span>
                <b>
                  {shortDate(first)}
                  {last === first ? '' : ` to ${shortDate(last)}`}
                </b>{' '}
                {name}
              </span>
              {lead ? (
                <Button kind="quiet" aria-label={`Take away: ${name}`} onClick={() => void remove(id)}>
                  Take away
                </Button>
              ) : null}
            </li>
          ))}
        </ul>
      )}
      <ProblemNotice error={error} />
      {lead ? (
        <>
          <div className="mt-3 grid items-start gap-3 sm:grid-cols-2">
            <DateField
              label="First day"
              value={day.first}
              problem={fieldProblem(error, 'first')}
              onChange={(first) => setDay((now) => ({ ...now, first }))}
            />
            <DateField
              label="Last day, if another"
              value={day.last}
              problem={fieldProblem(error, 'last')}
              onChange={(last) => setDay((now) => ({ ...now, last }))}
            />
            <TextField
              label="What it is"
              maxLength={120}
              value={day.name}
              problem={fieldProblem(error, 'name')}
              onChange={(event) => setDay((now) => ({ ...now, name: event.target.value }))}
            />
            <div className="self-end">
              <Button busy={busy} disabled={!day.first || !day.name.trim()} onClick={() => void add()}>
                Add
              </Button>
            </div>
          </div>
          <p className="mt-3 mb-1">Or from a calendar file (.ics):</p>
          <FileChoice accept=".ics,text/calendar" name={null} onChoose={(file) => void read(file)} />
          {told ? (
            <Notice title={`${told.added} added, ${told.known} were there already, ${told.leftOutInAll} said apart.`}>
              <ul>
                {told.leftOut.map(({ what, because }, at) => (
                  <li key={at}>
                    {what}: {because}
                  </li>
                ))}
              </ul>
            </Notice>
          ) : null}
        </>
      ) : null}
    </div>
  );
}

function Feeds({ here, onChanged }: Omit<Props, 'lead'>) {
  const [name, setName] = useState('');
  const [made, setMade] = useState<NewFeed | null>(null);
  const { run, busy, error } = useAction();
  const add = () =>
    run(async () => {
      setMade(await send<NewFeed>('POST', `/classes/${here.term.classId}/feeds`, { body: { name } }));
      setName('');
      onChanged();
    });
  const withdraw = (id: string) =>
    run(async () => {
      await send('DELETE', `/feeds/${id}`);
      if (made?.id === id) setMade(null);
      onChanged();
    });
  return (
    <div>
      <h3 className="text-lg">Calendar addresses</h3>
      <p className="text-small text-soft">
        Whoever knows an address sees when the lessons are and what they are called, without an account; nobody is named. Withdrawn, it ends
        at once; it also ends with the access of who made it.
      </p>
      {made ? (
        <Notice title="The address is shown once. Copy it now.">
          <code className="block [overflow-wrap:anywhere] select-all">{`${location.origin}${made.path}`}</code>
        </Notice>
      ) : null}
      <ul className="mt-2 divide-y divide-line border-y border-line">
        {here.term.feeds.map(({ id, name: called, createdAt }) => (
          <li key={id} className="flex items-center justify-between gap-3">
            <span>
              {called} <span className="text-small text-soft">since {shortDate(createdAt)}</span>
            </span>
            <Button kind="quiet" aria-label={`Withdraw: ${called}`} onClick={() => void withdraw(id)}>
              Withdraw
            </Button>
          </li>
        ))}
      </ul>
      <ProblemNotice error={error} />
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <div className="w-56">
          <TextField
            label="For whom"
            maxLength={120}
            value={name}
            problem={fieldProblem(error, 'name')}
            onChange={(event) => setName(event.target.value)}
          />
        </div>
        <Button busy={busy} disabled={!name.trim()} onClick={() => void add()}>
          Make an address
        </Button>
      </div>
    </div>
  );
}
