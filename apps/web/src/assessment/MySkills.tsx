import useSWR from 'swr';
import { skillInWords } from '@pelvo/core';
import type { MySkills as MySkillsSaid } from '@pelvo/contract';
import { fetcher, longDate } from '../device';
import { Fetching, Section } from '../design';

type Technique = MySkillsSaid['techniques'][number];

/** Where a student stands with each technique and how that has gone, as far as the results they were given tell. */
export function MySkills() {
  const { data, error, mutate } = useSWR<MySkillsSaid>('/my-skills', fetcher);
  return (
    <>
      <Fetching what="where you stand" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data && data.techniques.length > 0 ? (
        <div className="mt-8">
          <Section title="Where I stand, by technique">
            <p className="mb-2 text-small text-soft">
              Estimated from the results you were given: the newest count most. The picture goes from Not yet at the bottom to Assured at
              the top; the broken line is where Secure begins.
            </p>
            <ul className="divide-y divide-line border-y border-line">
              {data.techniques.map((technique) => (
                <li key={technique.name} className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 py-2">
                  <span>
                    <b>{technique.name}</b>
                    <span className="block first-letter:uppercase">{inWordsOf(technique)}</span>
                  </span>
                  <Course points={technique.points} />
                </li>
              ))}
            </ul>
          </Section>
        </div>
      ) : null}
    </>
  );
}

/** A standing in words, and how it has gone since the first lesson that says something of it. */
function inWordsOf({ points, way }: Technique): string {
  const [first, last] = [points[0]!, points.at(-1)!];
  const gone = {
    up: `better than on ${longDate(first.date)}`,
    down: `weaker than on ${longDate(first.date)}`,
    steady: `about as on ${longDate(first.date)}`,
    unknown: points.length > 1 ? '' : `seen in “${last.lesson}” only`,
  }[way];
  return `${skillInWords(last.skill)}${gone ? `; ${gone}` : ''}.`;
}

const WIDE = 180;
const HIGH = 48;
const EDGE = 6;
const across = (at: number, from: number, to: number) => (to > from ? EDGE + ((at - from) / (to - from)) * (WIDE - 2 * EDGE) : WIDE / 2);
const up = (level: number) => HIGH - EDGE - ((level - 1) / 3) * (HIGH - 2 * EDGE);

/** The standing after each lesson over time; the words beside it say the same. */
function Course({ points }: Pick<Technique, 'points'>) {
  const days = points.map(({ date }) => Date.parse(date));
  const [from, to] = [Math.min(...days), Math.max(...days)];
  const places = points.map(({ skill }, at) => ({ x: across(days[at]!, from, to), y: up(skill.level), known: skill.known }));
  return (
    <svg aria-hidden viewBox={`0 0 ${WIDE} ${HIGH}`} className="h-12 w-45 shrink-0">
      <path d={`M${EDGE} ${up(1)}H${WIDE - EDGE}M${EDGE} ${up(4)}H${WIDE - EDGE}`} stroke="var(--color-line)" strokeWidth="1" />
      <path d={`M${EDGE} ${up(2.5)}H${WIDE - EDGE}`} stroke="var(--color-soft)" strokeWidth="1" strokeDasharray="2 2" />
      <path d={`M${places.map(({ x, y }) => `${x} ${y}`).join('L')}`} fill="none" stroke="var(--color-ink)" strokeWidth="2" />
      {places.map(({ x, y, known }, at) => (
        <circle
          key={at}
          cx={x}
          cy={y}
          r="3.5"
          fill={known ? 'var(--color-ink)' : 'var(--color-paper)'}
          stroke="var(--color-ink)"
          strokeWidth="1.5"
        />
      ))}
    </svg>
  );
}
