import { useEffect } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import useSWR from 'swr';
import type { DishEdition } from '@pelvo/contract';
import { fetcher, dayOf, longDate } from '../../device';
import { Fetching, PageHead, WorkingPage } from '../../design';
import { DishEditor } from '../formula/DishEditor';

/** A published edition, as it was and stays. */
export default function DishEditionPage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<DishEdition>(`/dish-editions/${id}`, fetcher);
  const { hash } = useLocation();
  // A figure leads here, to the line it comes from.
  useEffect(() => {
    if (data && hash) document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'center' });
  }, [data, hash]);
  return (
    <>
      <Fetching what="the edition" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <>
          <PageHead
            title={data.content.title}
            lead={
              <>
                Edition {data.number}, published {longDate(dayOf(data.publishedAt))} by {data.publishedBy}. It never changes.{' '}
                <Link to={`/dishes/${data.dishId}`}>To the dish as it is now</Link>
              </>
            }
          />
          <WorkingPage>
            <DishEditor content={data.content} />
          </WorkingPage>
        </>
      ) : null}
    </>
  );
}
