import useSWR from 'swr';
import type { PlatePhoto } from '@pelvo/contract';
import { clockTime, fetcher } from '../device';
import { Section } from '../design';

/** The photos of the plate beside its result; nothing where there is none. */
export function ResultPhotos({ list, image }: { list: string; image: string }) {
  const { data = [] } = useSWR<readonly PlatePhoto[]>(list, fetcher);
  if (data.length === 0) return null;
  return (
    <Section title="The plate">
      <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {data.map(({ id, takenAt, by }) => (
          <li key={id}>
            <a href={`${image}/${id}`} target="_blank" rel="noreferrer">
              <img src={`${image}/${id}`} alt={`The plate at ${clockTime(takenAt)}`} className="w-full border border-line object-contain" />
            </a>
            <p className="text-small text-soft">
              {clockTime(takenAt)}, taken by {by}
            </p>
          </li>
        ))}
      </ul>
    </Section>
  );
}
