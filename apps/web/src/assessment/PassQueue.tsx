import { Link } from 'react-router';
import { computeResult, marksInForce, ownJudgements, type ArrivedBody, type QueuedPlate, type RubricContent } from '@pelvo/core';
import type { MarkingSheet, MarkingStudent } from '@pelvo/contract';
import { SelectField, Tick } from '../design';
import { clockTime, shown, speech, useMe, useNow } from '../device';
import { useBlind, whoIs } from './useBlind';
import { isAway, platesOf, queueOf } from './queueOf';
import { SECOND_SHARES, useSecond } from './useSecond';
import { givenOn, marksOf } from './useMarking';

interface PassQueueProps {
  readonly sheet: MarkingSheet;
  readonly rubric: RubricContent;
  readonly onCall: (body: ArrivedBody) => void;
}

/** Whether somebody has judged every criterion of a plate. */
function judgedBy(
  sheet: MarkingSheet,
  rubric: RubricContent,
  personId: string,
  plate: Pick<QueuedPlate, 'studentId' | 'dishEditionId'>,
): boolean {
  const own = marksInForce(ownJudgements(givenOn(sheet, plate.studentId, plate.dishEditionId), personId));
  return rubric.criteria.every(({ key }) => own[key]);
}

/** What stands at the pass, what is due there, what is marked; one touch says that a plate has come. */
export function PassQueue({ sheet, rubric, onCall }: PassQueueProps) {
  const now = useNow(10);
  const [blind, setBlind] = useBlind();
  const me = useMe();
  const queue = queueOf(sheet, rubric, now);
  const second = useSecond(sheet);
  // A second marking is of what somebody else has begun.
  const again = queue.filter((plate) => {
    const others = givenOn(sheet, plate.studentId, plate.dishEditionId).some(({ assessorId }) => assessorId !== me.id);
    return others && second.isDrawn(plate.studentId, plate.dishEditionId) && !judgedBy(sheet, rubric, me.id, plate);
  });
  const away = platesOf(sheet).filter(({ student, dish }) => isAway(sheet, student, dish.editionId));
  const by = (states: readonly QueuedPlate['state'][]) => queue.filter((plate) => states.includes(plate.state) && !again.includes(plate));
  const tile = (plate: QueuedPlate, secondTime = false) => (
    <PlateTile
      key={`${plate.studentId} ${plate.dishEditionId}`}
      plate={plate}
      sheet={sheet}
      rubric={rubric}
      blind={blind}
      secondTime={secondTime}
      onCall={onCall}
    />
  );
  const groups = [
    {
      title: 'At the pass',
      plates: by(['begun', 'waiting']),
      none: 'Nothing stands there. Touch “Here” when a plate comes, or mark it at once.',
    },
    { title: sheet.due.length > 0 ? 'Due, in the order of the plan' : 'Not there yet', plates: by(['due']), none: 'Every plate has come.' },
    { title: 'Marked', plates: by(['marked']), none: 'None yet.' },
  ];
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-x-8 gap-y-2">
        <Tick label="By station, names only after marking" checked={blind} onChange={setBlind} />
        <SelectField
          label="Second marking, blind to the first"
          value={second.share}
          onChange={(event) => second.choose(event.target.value)}
        >
          {SECOND_SHARES.map(({ value, name }) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </SelectField>
      </div>
      {again.length > 0 ? (
        <section className="mb-6">
          <h2 className="mb-2 text-xl">
            Drawn for a second marking <span className="font-body text-base font-normal text-soft">{again.length}</span>
          </h2>
          <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-4 xl:grid-cols-5">{again.map((plate) => tile(plate, true))}</ul>
        </section>
      ) : null}
      {groups.map(({ title, plates, none }) => (
        <section key={title} className="mb-6">
          <h2 className="mb-2 text-xl">
            {title} <span className="font-body text-base font-normal text-soft">{plates.length}</span>
          </h2>
          {plates.length === 0 ? (
            <p className="text-soft">{none}</p>
          ) : (
            <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-4 xl:grid-cols-5">{plates.map((plate) => tile(plate))}</ul>
          )}
        </section>
      ))}
      {away.length > 0 ? (
        <p className="text-soft">
          Away:{' '}
          {away.map(({ student, dish }, at) => (
            <span key={`${student.id} ${dish.editionId}`}>
              {at > 0 ? ', ' : ''}
              <Link to={`/lessons/${sheet.lessonId}/mark/${student.id}/${dish.editionId}`} className="inline-flex min-h-11 items-center">
                {student.name}
              </Link>
            </span>
          ))}
        </p>
      ) : null}
    </>
  );
}

interface PlateTileProps {
  readonly plate: QueuedPlate;
  readonly sheet: MarkingSheet;
  readonly rubric: RubricContent;
  readonly blind: boolean;
  /** Drawn for a second marking: what the first gave is not shown. */
  readonly secondTime: boolean;
  readonly onCall: (body: ArrivedBody) => void;
}

function PlateTile({ plate, sheet, rubric, blind, secondTime, onCall }: PlateTileProps) {
  const { studentId, dishEditionId, state } = plate;
  const student = sheet.students.find(({ id }) => id === studentId)!;
  const dish = sheet.dishes.find(({ editionId }) => editionId === dishEditionId)!;
  const result = computeResult(rubric, marksOf(sheet, studentId, dishEditionId), sheet.way);
  const hidden = blind && (state !== 'marked' || secondTime);
  const look =
    state === 'marked' && !secondTime
      ? 'border-ink bg-ink text-paper'
      : state === 'due'
        ? 'border-dashed border-soft'
        : plate.dying
          ? 'border-beet bg-beet-wash'
          : 'border-ink bg-tile';
  return (
    <li className={`flex flex-col rounded-sm border-2 ${look}`}>
      <Link
        to={`/lessons/${sheet.lessonId}/mark/${studentId}/${dishEditionId}`}
        className="flex min-h-24 flex-1 flex-col justify-between px-3 py-2 no-underline hover:underline"
      >
        <span className="text-lg font-semibold leading-tight [overflow-wrap:anywhere]">
          {whoIs(student, sheet.students, hidden)}
          {student.absent ? <span className="font-normal"> (away)</span> : null}
          <Beside student={student} dish={sheet.dishes.length > 1 ? dish.title : ''} hidden={hidden} />
        </span>
        <span className="flex items-end justify-between gap-2">
          <span>{secondTime ? 'to be marked again' : saidOf(plate, result.capped !== null)}</span>
          <b className="font-title text-2xl">{result.mark && !secondTime ? `${result.complete ? '' : '~'}${shown(result.mark)}` : ''}</b>
        </span>
      </Link>
      {!secondTime && (state === 'due' || state === 'waiting') ? (
        <button
          type="button"
          onClick={() => onCall({ studentId, dishEditionId, arrived: state === 'due' })}
          className={`min-h-12 border-t-2 px-3 text-left font-semibold hover:bg-wash ${state === 'due' ? 'border-dashed border-soft' : 'border-current font-normal'}`}
        >
          {state === 'due' ? 'Here' : 'Not here after all'}
          <span className="sr-only">
            : {whoIs(student, sheet.students, hidden)}, {dish.title}
          </span>
        </button>
      ) : null}
    </li>
  );
}

/** Team and dish under the name; a team's name would tell who it is. */
function Beside({ student, dish, hidden }: { readonly student: MarkingStudent; readonly dish: string; readonly hidden: boolean }) {
  const said = [hidden ? '' : (student.team ?? ''), dish].filter(Boolean).join(', ');
  return said ? <span className="block text-base font-normal">{said}</span> : null;
}

/** How a plate stands, in words. */
function saidOf({ state, waits, dying, late, dueAt, given, of }: QueuedPlate, capped: boolean): string {
  switch (state) {
    case 'marked':
      return capped ? 'done, capped' : 'done';
    case 'begun':
      return `${given} of ${of}${waits === null ? '' : `, here ${waits} min`}`;
    case 'waiting':
      return dying ? `waits ${waits} min: too long` : waits === 0 ? 'just came' : `waits ${waits} min`;
    case 'due':
      if (dueAt === null) return 'not begun';
      return late > 0 ? `${late} min late` : `due ${clockOf(dueAt)}`;
  }
}

/** A moment by the clock of the school. */
const clockOf = (at: number): string =>
  clockTime(
    new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', hourCycle: 'h23', timeZone: speech().timeZone }).format(at),
  );
