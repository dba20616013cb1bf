import { useParams } from 'react-router';
import useSWR from 'swr';
import type { DishResult } from '@pelvo/contract';
import { fetcher } from '../app/client';
import { Shell } from '../app/Shell';
import { Loading, ProblemNotice } from '../design';
import { ResultView } from './ResultView';

export default function ResultPage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<DishResult>(`/results/${id}`, fetcher);
  return (
    <Shell>
      <ProblemNotice error={error} retry={() => void mutate()} />
      {!data && !error ? <Loading what="the result" /> : null}
      {data ? <ResultView dish={data} pdf={`/api/results/${data.id}/pdf`} /> : null}
    </Shell>
  );
}
