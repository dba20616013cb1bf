import { useParams } from 'react-router';
import useSWR from 'swr';
import type { DishResult } from '@pelvo/contract';
import { fetcher } from '../device';
import { Fetching } from '../design';
import { ResultView } from './ResultView';

export default function ResultPage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<DishResult>(`/results/${id}`, fetcher);
  return (
    <>
      <Fetching what="the result" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <ResultView dish={data} of="results" /> : null}
    </>
  );
}
