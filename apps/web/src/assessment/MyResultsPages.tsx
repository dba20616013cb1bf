import { Link, useParams } from 'react-router';
import useSWR from 'swr';
import type { DishResult, MyResult } from '@pelvo/contract';
import { fetcher, longDate } from '../device';
import { Empty, Fetching, PageHead } from '../design';
import { MySkills } from './MySkills';
import { ResultView } from './ResultView';

/** A student's own results. */
export function MyResultsPage() {
  const { data, error, mutate } = useSWR<readonly MyResult[]>('/my-results', fetcher);
  return (
    <>
      <PageHead title="My results" />
      <Fetching what="your results" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data?.length === 0 ? (
        <Empty title="No result yet">
          When your instructor gives the results of a lesson out, they stand here: the mark, what mattered, and what to practise next.
        </Empty>
      ) : null}
      <ul className="divide-y divide-line border-t-2 border-ink">
        {data?.map((result) => (
          <li key={result.id}>
            <Link to={`/my-results/${result.id}`} className="flex items-center justify-between gap-4 py-3 no-underline hover:bg-wash">
              <span>
                <b className="font-title text-xl">{result.dish}</b>
                <span className="block text-soft">
                  {result.lesson}, {longDate(result.date)}
                </span>
              </span>
              <b className="font-title text-4xl">{result.mark ?? '–'}</b>
            </Link>
          </li>
        ))}
      </ul>
      {data && data.length > 0 ? <MySkills /> : null}
    </>
  );
}

export function MyResultPage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<DishResult>(`/my-results/${id}`, fetcher);
  return (
    <>
      <Fetching what="the result" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <ResultView dish={data} of="my-results" /> : null}
    </>
  );
}
