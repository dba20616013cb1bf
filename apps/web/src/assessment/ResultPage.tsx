import { useCallback } from 'react';
import { useParams } from 'react-router';
import useSWR from 'swr';
import type { DishResult } from '@pelvo/contract';
import { fetcher } from '../device';
import { Fetching } from '../design';
import { Agreeing } from './Agreeing';
import { ResultView } from './ResultView';

export default function ResultPage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<DishResult>(`/results/${id}`, fetcher);
  const reload = useCallback(() => void mutate(), [mutate]);
  return (
    <>
      <Fetching what="the result" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <ResultView dish={data} of="results">
          {data.differing ? <Agreeing dish={{ ...data, differing: data.differing }} onChanged={reload} /> : null}
        </ResultView>
      ) : null}
    </>
  );
}
