import { useState } from 'react';
import { Link, useParams } from 'react-router';
import useSWR from 'swr';
import { LEVEL_NAMES, skillInWords, toReteach, type Skill } from '@pelvo/core';
import type { ClassSkills, SkillSignSaid } from '@pelvo/contract';
import { fetcher, longDate } from '../device';
import { ButtonLink, Dialog, DownloadLink, Empty, Fetching, PageHead, Section } from '../design';
import { planPath } from './planPath';

/** Where the record of practical skills of a class, or of one student, is printed. */
const recordOf = (classId: string, query: { readonly paper: 'A4' | 'LETTER'; readonly student?: string }) =>
  `/api/classes/${classId}/skills/record.pdf?${new URLSearchParams(query).toString()}`;

interface Chosen {
  readonly studentId: string;
  readonly technique: string;
}

/** How the students of a class stand with techniques, as far as marks tell: whom to group, what goes wrong most, and what stands behind it. */
export default function SkillsPage() {
  const { id = '' } = useParams();
  const { data, error, mutate } = useSWR<ClassSkills>(`/classes/${id}/skills`, fetcher);
  return (
    <>
      <Fetching what="how the class stands" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <Skills data={data} /> : null}
    </>
  );
}

function Skills({ data }: { data: ClassSkills }) {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  if (data.cells.length === 0)
    return (
      <>
        <PageHead title={`Where ${data.className} stands`} />
        <Empty title="Nothing has been marked yet">
          With the first marks, each technique that a criterion draws its faults from gets a line here, such as “Poach: Secure, give or take
          half a level”.
        </Empty>
      </>
    );
  return (
    <>
      <PageHead
        title={`Where ${data.className} stands`}
        lead="Estimated from marks: the newest count most, what was measured more than what was seen. The bar shows how far it may lie off."
        actions={
          <>
            <DownloadLink href={recordOf(data.classId, { paper: 'A4' })}>Records, PDF, A4</DownloadLink>
            <DownloadLink href={recordOf(data.classId, { paper: 'LETTER' })}>Letter</DownloadLink>
          </>
        }
      />
      <Reteach data={data} />
      <Grid data={data} onChoose={setChosen} />
      <Faults data={data} />
      {chosen ? <Behind data={data} chosen={chosen} onClose={() => setChosen(null)} /> : null}
    </>
  );
}

function Reteach({ data }: { data: ClassSkills }) {
  const groups = toReteach(data.cells).slice(0, 6);
  const nameOf = new Map(data.students.map(({ id, name }) => [id, name]));
  const idOf = new Map(data.techniques.map(({ name, id }) => [name, id]));
  return (
    <Section title="To take up again">
      {groups.length === 0 ? (
        <p>Nobody is as good as surely below Secure in anything, or there are too few marks to say so.</p>
      ) : (
        <ul className="grid gap-4 md:grid-cols-2">
          {groups.map(({ technique, students, known }) => {
            const techniqueId = idOf.get(technique);
            return (
              <li key={technique} className="flex items-start justify-between gap-4 border-t-4 border-ink bg-tile p-4">
                <div>
                  <h3 className="text-xl">{technique}</h3>
                  <p className="font-semibold">
                    {students.length} of the {known} of whom there is enough to say
                  </p>
                  <p>{students.map((student) => nameOf.get(student)).join(', ')}</p>
                </div>
                {techniqueId ? <ButtonLink to={planPath(data.classId, techniqueId, 'practise')}>Plan it</ButtonLink> : null}
              </li>
            );
          })}
        </ul>
      )}
    </Section>
  );
}

function Grid({ data, onChoose }: { data: ClassSkills; onChoose: (chosen: Chosen) => void }) {
  const cellOf = new Map(data.cells.map((cell) => [`${cell.studentId} ${cell.technique}`, cell.skill]));
  return (
    <Section title="Students and techniques">
      <p className="mb-2 text-small text-soft">
        A line from Not yet on the left to Assured on the right; dashed where there is too little to say. Touch one for what stands behind
        it.
      </p>
      <div className="relative overflow-x-auto" tabIndex={0} role="region" aria-label="Students and techniques">
        <table className="border-collapse text-left">
          <thead>
            <tr>
              <th className="sticky left-0 z-10 bg-paper pr-3 align-bottom font-semibold">Technique</th>
              {data.students.map(({ id, name }) => (
                <th key={id} scope="col" className="h-28 min-w-16 align-bottom font-normal">
                  <span className="block w-16 origin-bottom-left translate-x-7 -rotate-45 text-small whitespace-nowrap">{name}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {data.techniques.map(({ name, id }) => (
              <tr key={name} className="border-t border-line">
                <th scope="row" className="sticky left-0 z-10 max-w-64 min-w-52 bg-paper py-1 pr-3 font-semibold">
                  {id ? <Link to={`/techniques/${id}`}>{name}</Link> : name}
                </th>
                {data.students.map((student) => {
                  const skill = cellOf.get(`${student.id} ${name}`);
                  return (
                    <td key={student.id} className="p-0">
                      {skill ? (
                        <button
                          type="button"
                          aria-label={`${student.name}, ${name}: ${skillInWords(skill)}`}
                          title={skillInWords(skill)}
                          onClick={() => onChoose({ studentId: student.id, technique: name })}
                          className="flex h-11 w-16 items-center justify-center hover:bg-wash"
                        >
                          <Line skill={skill} />
                        </button>
                      ) : (
                        <span className="block h-11 w-16">
                          <span className="sr-only">nothing marked</span>
                        </span>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Section>
  );
}

const WIDE = 60;
const placeOf = (level: number) => 4 + ((Math.min(4, Math.max(1, level)) - 1) / 3) * (WIDE - 8);

/** A level on its line, with how far it may lie off. */
function Line({ skill }: { skill: Skill }) {
  const dash = skill.known ? undefined : '3 2';
  return (
    <svg aria-hidden viewBox={`0 0 ${WIDE} 24`} className="h-6 w-15">
      <path d={`M4 18H${WIDE - 4}`} stroke="var(--color-line)" strokeWidth="1" />
      <path d={`M${placeOf(2.5)} 6V21`} stroke="var(--color-soft)" strokeWidth="1" strokeDasharray="2 2" />
      <path
        d={`M${placeOf(skill.level - skill.spread)} 11H${placeOf(skill.level + skill.spread)}`}
        stroke="var(--color-ink)"
        strokeWidth="2.5"
        strokeDasharray={dash}
      />
      <circle
        cx={placeOf(skill.level)}
        cy="11"
        r="3"
        fill={skill.known ? 'var(--color-ink)' : 'var(--color-paper)'}
        stroke="var(--color-ink)"
        strokeWidth="1.5"
      />
    </svg>
  );
}

function Faults({ data }: { data: ClassSkills }) {
  if (data.faults.length === 0) return null;
  return (
    <Section title="What goes wrong most">
      <ol className="divide-y divide-line">
        {data.faults.slice(0, 10).map(({ technique, place, see, times, students }) => (
          <li key={`${technique} ${place} ${see}`} className="grid gap-x-4 py-2 sm:grid-cols-[minmax(0,1fr)_14rem_10rem]">
            <b>{see}</b>
            <span className="text-soft">
              {technique}
              {place ? `, ${place}` : ''}
            </span>
            <span>
              {students} {students === 1 ? 'student' : 'students'}, {times} {times === 1 ? 'time' : 'times'}
            </span>
          </li>
        ))}
      </ol>
    </Section>
  );
}

function Behind({ data, chosen, onClose }: { data: ClassSkills; chosen: Chosen; onClose: () => void }) {
  const { studentId, technique } = chosen;
  const {
    data: signs,
    error,
    mutate,
  } = useSWR<readonly SkillSignSaid[]>(`/classes/${data.classId}/skills/${studentId}/${encodeURIComponent(technique)}`, fetcher);
  const skill = data.cells.find((cell) => cell.studentId === studentId && cell.technique === technique)!.skill;
  const name = data.students.find(({ id }) => id === studentId)!.name;
  return (
    <Dialog open wide title={`${name}: ${technique}`} onClose={onClose}>
      <p className="mb-3 text-lg first-letter:uppercase">{skillInWords(skill)}.</p>
      <p className="mb-3">
        <DownloadLink href={recordOf(data.classId, { paper: 'A4', student: studentId })}>Record of {name}, PDF</DownloadLink>
      </p>
      <Fetching what="what stands behind it" done={signs !== undefined} error={error} retry={() => void mutate()} />
      <ul className="divide-y divide-line">
        {signs?.map((sign, index) => (
          <li key={index} className="py-2">
            <b>
              {sign.criterion}, {LEVEL_NAMES[sign.level as 1 | 2 | 3 | 4]}
            </b>{' '}
            <span className="text-soft">
              {sign.evidence}
              {sign.sharedBy > 1 ? `, divided among ${sign.sharedBy} techniques` : ''}
            </span>
            <span className="block">{sign.said}</span>
            <span className="block text-small text-soft">
              <Link to={`/lessons/${sign.lessonId}/results`}>{sign.lesson}</Link>, {longDate(sign.date)}, {sign.dish}, by {sign.by}
            </span>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
