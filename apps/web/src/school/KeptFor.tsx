import useSWR from 'swr';
import type { Retention } from '@pelvo/core';
import { OVERDUE_AT_ONCE, type Overdue } from '@pelvo/contract';
import { fetcher, fieldProblem } from '../device';
import { Notice, Section, TextField } from '../design';

interface KeptForProps {
  readonly retention: Retention;
  readonly error: unknown;
  readonly onChange: (retention: Retention) => void;
}

const counted = (found: number) => (found >= OVERDUE_AT_ONCE ? `${found} or more` : String(found));

const monthsOf = (typed: string): number | null => (/^\d{1,4}$/.test(typed.trim()) ? Number(typed) : null);

/** How long what names people is kept, with what would go now, before it is saved. */
export function KeptFor({ retention, error, onChange }: KeptForProps) {
  const asked = new URLSearchParams(
    Object.entries(retention).flatMap(([key, months]) => (months === null ? [] : [[key, String(months)]])) as [string, string][],
  );
  const { data } = useSWR<Overdue>(asked.size > 0 ? `/school/overdue?${asked}` : null, fetcher, { shouldRetryOnError: false });
  const field = (key: keyof Retention, label: string, hint: string) => (
    <TextField
      label={label}
      hint={hint}
      inputMode="numeric"
      maxLength={4}
      placeholder="for as long as nobody takes it away"
      value={retention[key] ?? ''}
      problem={fieldProblem(error, `retention.${key}`)}
      onChange={(event) => onChange({ ...retention, [key]: monthsOf(event.target.value) })}
    />
  );
  return (
    <Section title="How long it is kept">
      <p className="mb-2 max-w-prose text-soft">
        Marks and figures of a class stay, under nobody’s name. What is taken away cannot be brought back; backups hold it until they are
        replaced.
      </p>
      <div className="grid max-w-3xl gap-4 sm:grid-cols-2">
        {field('photos', 'Photos of plates, months', 'since they were taken')}
        {field('left', 'Names of students who have left, months', 'since their last lesson')}
      </div>
      {data && data.photos + data.left > 0 ? (
        <div className="mt-3">
          <Notice kind="caution" title="Once this is saved, it begins to go">
            <p>
              Now overdue: {counted(data.photos)} {data.photos === 1 ? 'photo' : 'photos'}, {counted(data.left)}{' '}
              {data.left === 1 ? 'student who has left' : 'students who have left'}.
            </p>
          </Notice>
        </div>
      ) : null}
    </Section>
  );
}
