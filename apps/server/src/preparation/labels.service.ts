import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import {
  carriedPart,
  carriedSteps,
  carriedWindow,
  computeOrder,
  factBook,
  holdsSaid,
  keptHow,
  shownOf,
  stageName,
  traysOf,
  words,
  type KnownAllergens,
  type LocalRules,
  type Tray,
} from '@pelvo/core';
import { carriedPieces, madeFor, orderInputOf, type CarriedRecord, type LabelsQuery, type LessonDetail, type Role } from '@pelvo/contract';
import { allergenLines } from '../dishes';
import { LessonsService } from '../lessons';
import { fileName, longDate, renderPdf } from '../platform/pdf';
import { conflict } from '../platform/problems';
import { loadRules } from '../rules';
import { labelsDocument, type Label } from './labelsDocument';

/** More than anybody sticks on in a day. */
const MOST_LABELS = 600;

/** Labels for what is kept: what is made for another lesson, what is made ahead in bulk, and trays that are weighed out. */
@Injectable()
export class LabelsService {
  constructor(
    private readonly database: DataSource,
    private readonly lessons: LessonsService,
  ) {}

  async pdf(lessonId: string, role: Role, { paper, for: what }: LabelsQuery): Promise<{ name: string; pdf: Buffer }> {
    const [lesson, rules] = await Promise.all([this.lessons.one(lessonId, role), loadRules(this.database.manager)]);
    const labels = (what === 'carried' ? carriedLabels(lesson, rules) : what === 'bulk' ? bulkLabels(lesson) : trayLabels(lesson)).slice(
      0,
      MOST_LABELS,
    );
    if (labels.length === 0)
      throw conflict('for', 'There is nothing of that kind to put a label on.', 'Choose other labels, or plan what is made first.');
    const heading = `${lesson.title}, ${lesson.className}, ${longDate(lesson.date)}`;
    return { name: fileName('labels', lesson.title, lesson.date), pdf: await renderPdf(labelsDocument(heading, labels), paper) };
  }
}

/** One for each team's piece: whose, what, since when, until when, for which lesson. */
function carriedLabels(lesson: LessonDetail, rules: LocalRules): readonly Label[] {
  return madeFor(lesson).flatMap((record) => {
    const { content, stepId, doneBefore, from, to } = record;
    const kept = keptHow(content, record);
    const { useBy } = carriedWindow(kept, { made: from, wanted: to, timeZone: lesson.school.timeZone, rules });
    const part = carriedPart(content, carriedSteps(content, stepId, doneBefore));
    const holds = allergenLines(part, careOf(lesson));
    return carriedPieces(record).pieces.map(({ made, goesTo, because }) => ({
      whose: [made.name, namesIn(lesson, made.studentIds)].filter(Boolean).join(': '),
      title: titleOf(record),
      kept: [
        `Made ${longDate(from.date)}, ${from.end}`,
        ...(useBy ? [`Not after ${inTime(useBy, lesson.school.timeZone)}`] : ['Not after: ____________']),
        ...(kept.store ? [`Kept ${kept.store}`] : []),
        `For "${to.title}", ${longDate(to.date)}`,
        ...(goesTo
          ? [
              `${because === 'own' ? 'Cooked on by' : 'Taken over by'} ${[goesTo.name, namesIn(lesson, goesTo.studentIds)].filter(Boolean).join(': ')}`,
            ]
          : []),
      ],
      holds,
    }));
  });
}

const titleOf = ({ content, stepId }: CarriedRecord): string => {
  const name = stageName(content, stepId);
  return name === content.title ? name : `${name}, ${content.title}`;
};

const namesIn = ({ students }: LessonDetail, ids: readonly string[]): string =>
  students
    .filter(({ id }) => ids.includes(id))
    .map(({ name }) => name)
    .join(', ');

const inTime = (at: Date, timeZone: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    ...{ weekday: 'long', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit', hourCycle: 'h23', timeZone },
  }).format(at);

const careOf = (lesson: LessonDetail) => ({
  book: factBook(lesson.facts),
  preparations: new Map(Object.entries(lesson.preparations)),
  allergenList: lesson.school.allergenList,
});

/** What the technician makes in bulk: when it was made is written on by hand. */
function bulkLabels(lesson: LessonDetail): readonly Label[] {
  if (lesson.present === 0) return [];
  return computeOrder(orderInputOf(lesson)).preparations.map(({ editionId, title, needed, usedBy, separateFor }) => {
    const content = lesson.preparations[editionId]!;
    const keeps = content.components.flatMap(({ keeps: own }) => own);
    return {
      whose: title,
      title: `${shownOf(needed)}, for ${usedBy.join(', ')}${separateFor > 0 ? `, made apart for ${separateFor}` : ''}`,
      kept: [
        'Made: ____________________',
        ...keeps.map(({ store, hours }) => `Kept ${store}: ${hours} hours`),
        `For ${longDate(lesson.date)}, ${lesson.start}`,
      ],
      holds: allergenLines(content, careOf(lesson)),
    };
  });
}

/** One for each tray, numbered where trays are equal. */
function trayLabels(lesson: LessonDetail): readonly Label[] {
  if (lesson.present === 0) return [];
  return traysOf(orderInputOf(lesson)).flatMap((tray) =>
    Array.from({ length: tray.count }, (_, at) => ({
      whose: whoseTray(lesson, tray, at),
      title: tray.dish,
      kept: [
        `${longDate(lesson.date)}, ${lesson.start}${lesson.kitchen ? `, ${lesson.kitchen}` : ''}`,
        `${tray.items.length} things on it`,
      ],
      holds: [`Contains: ${words(holdsSaid(heldBy(tray), lesson.school.allergenList))}`],
    })),
  );
}

/** By the team, where each has one; else by number. */
function whoseTray({ cooking }: LessonDetail, { by, called, count }: Tray, at: number): string {
  if (by === 'bulk') return 'Made ahead';
  const names = called.code === 'making.teams' ? called.names : cooking.map(({ name }) => name);
  if (by === 'team' && names.length === count) return names[at]!;
  return `${words(called)}${count > 1 ? `, tray ${at + 1} of ${count}` : ''}`;
}

/** What all that lies on a tray holds; nothing is claimed absent that is not known. */
function heldBy({ items }: Tray): KnownAllergens {
  const all = items.map(({ allergens }) => allergens);
  const once = <T>(of: (each: KnownAllergens) => readonly T[]): readonly T[] => [...new Set(all.flatMap(of))];
  const allergens = once((each) => each.allergens);
  return {
    allergens,
    mayContain: once((each) => each.mayContain).filter((each) => !allergens.includes(each)),
    known: all.every(({ known }) => known === 'known') ? 'known' : 'partly known',
    notKnown: items.flatMap(({ item, allergens: { known, notKnown } }) => (known === 'not known' ? [item] : [...notKnown])),
    labels: once((each) => each.labels),
  };
}
