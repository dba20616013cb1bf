import { useState } from 'react';
import { Link } from 'react-router';
import { mutate as mutateAll } from 'swr';
import useSWR from 'swr';
import { checkMoves } from '@pelvo/core';
import { fetcher, longDate, send, useAction } from '../device';
import { Button, DateField, ProblemNotice, Section, SelectField, Stepper } from '../design';
import { withoutIdle, type TermHere } from './useTerm';

interface LessonInTermProps {
  readonly here: TermHere;
  readonly chosen: string | null;
  readonly lead: boolean;
  readonly onCopied: () => void;
}

/** What does not hold, for the chosen lesson or all; and giving it another day. */
export function LessonInTerm({ here, chosen, lead, onCopied }: LessonInTermProps) {
  const lesson = here.moved.lessons.find(({ id }) => id === chosen);
  const own = here.breaks.filter(({ lessonId }) => !lesson || lessonId === lesson.id);
  const titleOf = (id: string) => here.moved.lessons.find((each) => each.id === id)?.title ?? '';
  return (
    <Section title={lesson ? `${longDate(lesson.date)}: ${lesson.title}` : 'What does not hold'}>
      {own.length === 0 ? (
        <p>
          {lesson ? 'It holds where it is.' : 'Every lesson holds: what comes first is met first, and what is assessed has been practised.'}
        </p>
      ) : (
        <ul className="space-y-1">
          {own.map((each) => (
            <li key={JSON.stringify(each)} className="border-l-4 border-beet pl-2">
              {here.say(each)} {lesson ? null : <span className="text-small text-soft">{titleOf(each.lessonId)}</span>}
            </li>
          ))}
        </ul>
      )}
      {lesson ? (
        <>
          <p className="mt-2">
            <Link to={`/lessons/${lesson.id}`} className="inline-flex min-h-11 items-center">
              Open the lesson
            </Link>
          </p>
          {lead ? <Moving here={here} lessonId={lesson.id} /> : null}
          {lead ? <Copying here={here} lessonId={lesson.id} onCopied={onCopied} /> : null}
        </>
      ) : (
        <p className="mt-2 text-small text-soft">Choose a day above to see one lesson, to move it or to copy it.</p>
      )}
    </Section>
  );
}

/** Another day for a lesson, with what that would break before it is done. */
function Moving({ here, lessonId }: { readonly here: TermHere; readonly lessonId: string }) {
  const stored = here.term.lessons.find(({ id }) => id === lessonId)!;
  const now = here.moves[lessonId] ?? stored.date;
  const [date, setDate] = useState(now);
  if (stored.held) return <p className="text-small text-soft">It has been held: marks were given, so it stays on its day.</p>;
  const check = date && date !== stored.date ? checkMoves(here.facts, { ...here.moves, [lessonId]: date }) : null;
  const days = date ? Math.round((Date.parse(date) - Date.parse(stored.date)) / 86_400_000) : 0;
  return (
    <div className="mt-3 grid items-start gap-4 md:grid-cols-[18rem_1fr]">
      <div className="space-y-2">
        <DateField label="Give it another day" value={date} onChange={setDate} />
        <Button
          disabled={!date || date === now}
          onClick={() => here.setMoves(withoutIdle({ ...here.moves, [lessonId]: date }, here.facts))}
        >
          Move it
        </Button>
      </div>
      {check ? (
        <div aria-live="polite" className="space-y-2">
          <p>
            <b>
              {Math.abs(days)} {Math.abs(days) === 1 ? 'day' : 'days'} {days > 0 ? 'later' : 'earlier'}.
            </b>{' '}
            Its order, what is made ahead of it, its plan of time and its demonstration go with it: what has been ordered for the old day
            already, and does not keep so long, is ordered anew.
          </p>
          {check.breaks.map((each) => (
            <p key={JSON.stringify(each)} className="border-l-4 border-beet pl-2">
              {here.say(each)}{' '}
              <span className="text-small text-soft">{here.facts.lessons.find(({ id }) => id === each.lessonId)?.title}</span>
            </p>
          ))}
          {check.settles.map((each) => (
            <p key={JSON.stringify(each)} className="text-small">
              Puts right: {here.say(each)}
            </p>
          ))}
          {check.away.length > 0 ? <p>Away on that day: {check.away.join(', ')}.</p> : null}
          {check.clockShift !== 0 ? (
            <p>
              The clocks change in between: by universal time it is {Math.abs(check.clockShift)} minutes{' '}
              {check.clockShift > 0 ? 'earlier' : 'later'}, by the clock on the wall the same.
            </p>
          ) : null}
          {check.breaks.length === 0 ? <p>Nothing breaks.</p> : null}
        </div>
      ) : null}
    </div>
  );
}

/** Copies of this lesson, or of all, for another class or another term. */
function Copying({ here, lessonId, onCopied }: { readonly here: TermHere; readonly lessonId: string; readonly onCopied: () => void }) {
  const { data: classes } = useSWR<readonly { readonly id: string; readonly name: string }[]>('/classes', fetcher);
  const [to, setTo] = useState(here.term.classId);
  const [weeks, setWeeks] = useState(1);
  const [which, setWhich] = useState<'one' | 'all'>('one');
  const [made, setMade] = useState<number | null>(null);
  const { run, busy, error } = useAction();
  const copy = () =>
    run(async () => {
      const lessonIds = which === 'one' ? [lessonId] : here.term.lessons.slice(0, 100).map(({ id }) => id);
      const answer = await send<{ made: number }>('POST', `/classes/${here.term.classId}/term/copies`, {
        body: { lessonIds, classId: to, days: weeks * 7 },
      });
      setMade(answer.made);
      await mutateAll('/lessons');
      onCopied();
    });
  return (
    <details className="mt-3">
      <summary className="flex min-h-11 items-center font-semibold">Copy to another class or term</summary>
      <div className="flex flex-wrap items-end gap-4">
        <div className="w-56">
          <SelectField label="Which" value={which} onChange={(event) => setWhich(event.target.value as 'one' | 'all')}>
            <option value="one">this lesson</option>
            <option value="all">all lessons of the term</option>
          </SelectField>
        </div>
        <div className="w-56">
          <SelectField label="For the class" value={to} onChange={(event) => setTo(event.target.value)}>
            {(classes ?? []).map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectField>
        </div>
        <Stepper label="Weeks later" value={weeks} min={0} max={520} onChange={setWeeks} />
        <Button busy={busy} onClick={() => void copy()}>
          Copy
        </Button>
      </div>
      <ProblemNotice error={error} />
      <p role="status" className="mt-2 font-semibold empty:hidden">
        {made === null
          ? ''
          : `${made} ${made === 1 ? 'lesson was' : 'lessons were'} copied, with dishes, techniques, rubric and demonstrations; not the teams.`}
      </p>
    </details>
  );
}
