import { nameOfThing, planCsv, type ClassProblem, type Kitchen, type TimePlan } from '@pelvo/core';
import type { LessonDetail, TimePaper } from '@pelvo/contract';
import { saveFile } from '../device';
import { Button, DownloadLink, Section } from '../design';
import { timeAt } from './planOf';

const PAPERS: readonly (readonly [TimePaper, string])[] = [
  ['wall', 'Run sheet for the wall'],
  ['stations', 'A card a station'],
  ['teams', 'A card a team'],
];

interface PaperAndFilesProps {
  readonly lesson: LessonDetail;
  readonly problem: ClassProblem;
  readonly kitchen: Kitchen;
  readonly plan: TimePlan;
  /** Whether the plan holds and is stored: what is printed is what is stored. */
  readonly ready: boolean;
}

/** The plan on paper and as files; where there is none, the problem as it stands. */
export function PaperAndFiles({ lesson, problem, kitchen, plan: { placed, borrowed }, ready }: PaperAndFilesProps) {
  const fileName = `${lesson.date} ${lesson.title}`.replace(/[^\p{L}\d -]+/gu, '').trim();
  const at = `/api/lessons/${lesson.id}`;
  return (
    <div className="no-print">
      <Section title="On paper, and as files">
        {ready ? (
          <ul className="mb-2 divide-y divide-line border-y border-line">
            {PAPERS.map(([purpose, name]) => (
              <li key={purpose} className="flex flex-wrap items-center justify-between gap-2 py-1">
                {name}
                <span className="flex gap-2">
                  <DownloadLink href={`${at}/time.pdf?for=${purpose}&paper=A4`}>A4</DownloadLink>
                  <DownloadLink href={`${at}/time.pdf?for=${purpose}&paper=LETTER`}>Letter</DownloadLink>
                </span>
              </li>
            ))}
          </ul>
        ) : (
          <p className="mb-2 text-soft">It is printed once it holds and is saved.</p>
        )}
        <div className="flex flex-wrap gap-2">
          {ready ? <DownloadLink href={`${at}/time.ics`}>Calendar file</DownloadLink> : null}
          {placed ? (
            <Button
              onClick={() =>
                saveFile(
                  `${fileName} plan.csv`,
                  'text/csv',
                  planCsv(
                    problem,
                    placed,
                    (minute) => timeAt(lesson, minute),
                    (id) => nameOfThing(id, problem, kitchen, borrowed.ovens),
                  ),
                )
              }
            >
              Plan as CSV
            </Button>
          ) : null}
          <Button onClick={() => saveFile(`${fileName} problem.json`, 'application/json', JSON.stringify(problem.instance, null, 2))}>
            Planning problem as JSON
          </Button>
          {placed ? (
            <Button onClick={() => saveFile(`${fileName} plan.json`, 'application/json', JSON.stringify(placed, null, 2))}>
              Plan as JSON
            </Button>
          ) : null}
        </div>
      </Section>
    </div>
  );
}
