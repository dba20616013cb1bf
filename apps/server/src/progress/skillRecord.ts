import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { LEVEL_NAMES, nearestLevel } from '@pelvo/core';
import type { ClassSkills } from '@pelvo/contract';
import { longDate } from '../platform/pdf';

const DAY_MS = 86_400_000;
const dateOf = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);

/**
 * The record of practical skills of students, a page or more each: every technique of which a mark says something, where they stand with it,
 * how sure that is, and when it was seen last. What has too few marks to say stands apart.
 *
 * @param studentIds - whose, in the order of the class
 */
export function skillRecord(skills: ClassSkills, studentIds: ReadonlySet<string>): TDocumentDefinitions {
  const students = skills.students.filter(({ id }) => studentIds.has(id));
  return {
    info: { title: `Practical skills, ${skills.className}` },
    content: students.map((student, index) => ({
      stack: pageOf(skills, student),
      ...(index > 0 ? { pageBreak: 'before' as const } : {}),
    })),
  };
}

function pageOf(skills: ClassSkills, { id, name }: ClassSkills['students'][number]): Content[] {
  const own = skills.cells.filter(({ studentId }) => studentId === id).sort((a, b) => a.technique.localeCompare(b.technique));
  const known = own.filter(({ skill }) => skill.known);
  const open = own.filter(({ skill }) => !skill.known);
  return [
    { text: name, style: 'title' },
    { text: `Practical skills. ${skills.className}, ${longDate(skills.today)}.`, style: 'lead' },
    ...(known.length === 0
      ? [
          {
            text: 'There are too few marks yet to say where they stand with anything.',
            margin: [0, 8, 0, 0] as [number, number, number, number],
          },
        ]
      : [
          {
            table: {
              headerRows: 1,
              widths: ['*', 'auto', 'auto', 'auto'],
              body: [
                ['Technique', 'Stands at', 'How sure, of how many judgements', 'Seen last'].map((text) => ({ text, style: 'th' })),
                ...known.map(({ technique, skill }) => [
                  technique,
                  { text: LEVEL_NAMES[nearestLevel(skill)], bold: true },
                  `give or take ${skill.spread.toFixed(1)} levels, of ${skill.signs}`,
                  longDate(dateOf(skill.lastDay)),
                ]),
              ],
              dontBreakRows: true,
            },
            layout: 'pelvo',
            margin: [0, 8, 0, 0] as [number, number, number, number],
          },
        ]),
    ...(open.length > 0
      ? [
          { text: 'Too few marks to say', style: 'heading' },
          { text: open.map(({ technique, skill }) => `${technique} (perhaps ${LEVEL_NAMES[nearestLevel(skill)]})`).join('; ') + '.' },
        ]
      : []),
    {
      text: 'Estimated from the marks given so far: the newest count most, what was measured more than what was seen; the level may lie off by what stands beside it. Levels: Not yet, Nearly, Secure, Assured. The instructor decides.',
      style: 'small',
      margin: [0, 10, 0, 0],
    },
  ];
}
