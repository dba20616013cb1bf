import { Link } from 'react-router';
import useSWR from 'swr';
import type { HealthDetails } from '@pelvo/contract';
import { fetcher, inWords } from '../device';
import { Notice } from '../design';
import { HEALTH_NAMES } from './healthNames';

/** Tells a lead what keeps people from working, wherever they begin their day. Nothing while all is well. */
export function HealthNotice() {
  const { data } = useSWR<HealthDetails>('/health/details', fetcher, { refreshInterval: 60_000 });
  const wrong = data?.checks.filter(({ state }) => state === 'wrong') ?? [];
  if (wrong.length === 0) return null;
  return (
    <div className="mb-6">
      <Notice kind="problem" title="Something is wrong with this installation">
        {wrong.map(({ key, said, todo }) => (
          <p key={key}>
            {HEALTH_NAMES[key]}: {inWords(said)} {todo ? inWords(todo) : ''}
          </p>
        ))}
        <Link to="/school/health" className="inline-flex min-h-11 items-center">
          How this installation is
        </Link>
      </Notice>
    </div>
  );
}
