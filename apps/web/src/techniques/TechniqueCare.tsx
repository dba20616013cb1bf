import { Link } from 'react-router';
import { WHO_DECIDES } from '@pelvo/core';
import { Notice } from '../design';
import { useTechniques } from '../device';

/** The cautions of some techniques, each under the name of the card it stands on. Nothing where there is none. */
export function TechniqueCare({ ids, title }: { ids: readonly string[]; title: string }) {
  const { data: techniques = [] } = useTechniques();
  const named = [...new Set(ids)].flatMap((id) => techniques.find((each) => each.id === id && each.cautions.length > 0) ?? []);
  if (named.length === 0) return null;
  return (
    <Notice kind="caution" title={title}>
      <dl className="mt-1 gap-x-8 text-small sm:columns-2">
        {named.map(({ id, name, cautions }) => (
          <div key={id} className="mb-2 break-inside-avoid">
            <dt>
              <Link to={`/techniques/${id}`}>{name}</Link>
            </dt>
            {cautions.map((caution) => (
              <dd key={caution}>{caution}</dd>
            ))}
          </div>
        ))}
      </dl>
      <p className="text-small text-soft">{WHO_DECIDES}</p>
    </Notice>
  );
}
