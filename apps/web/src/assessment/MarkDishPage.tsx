import { ChevronLeft, ChevronRight, Undo2 } from 'lucide-react';
import { lazy, Suspense, useLayoutEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import {
  computeResult,
  marksInForce,
  ownJudgements,
  usualLevels,
  type Criterion,
  type MarkValue,
  type PlacedComponent,
  type RubricContent,
} from '@pelvo/core';
import type { MarkingSheet } from '@pelvo/contract';
import { Loading, ProblemNotice, StrandGlyph } from '../design';
import { LessonStripHere } from '../lessons';
import { PlatePhotosBar } from '../photos';
import { CriterionPane, FAULT_KEYS, forDish, withFault } from './CriterionPane';
import { SavedState } from './SavedState';
import { brief, byKey, isSettled, usePanes } from './kinds';
import { fetchTaught } from './fetchTaught';
import { queueOf } from './queueOf';
import { useBlind, whoIs } from './useBlind';
import { teamAt, useForTeam } from './useForTeam';
import { useSecond } from './useSecond';
import { givenOn, marksOf, otherIn, ownMark, useMarking } from './useMarking';
import { shown, useMe, useWakeLock } from '../device';

const TaughtDialog = lazy(fetchTaught);

/** Marking one student's dish at the pass: by touch alone, or by keyboard alone. */
export default function MarkDishPage() {
  const { id = '', studentId = '', dishEditionId = '' } = useParams();
  const marking = useMarking(id);
  const { sheet, error, retry } = marking;
  useWakeLock();
  usePanes(sheet?.rubric?.content);
  const known =
    sheet?.rubric &&
    sheet.students.some((student) => student.id === studentId) &&
    sheet.dishes.some((dish) => dish.editionId === dishEditionId);
  return (
    <div className="flex min-h-screen flex-col">
      <LessonStripHere small />
      <main className="mx-auto flex w-full max-w-[88rem] flex-1 flex-col px-4 pt-3 sm:px-7">
        <ProblemNotice error={error} retry={retry} />
        {!sheet && !error ? <Loading what="the marking sheet" /> : null}
        {sheet && !known ? (
          <p className="py-8">
            This dish is not in the lesson. <Link to={`/lessons/${id}/mark`}>To the list</Link>
          </p>
        ) : null}
        {sheet?.rubric && known ? (
          <MarkScreen sheet={sheet} rubric={sheet.rubric.content} marking={marking} at={{ studentId, dishEditionId }} />
        ) : null}
      </main>
    </div>
  );
}

interface At {
  readonly studentId: string;
  readonly dishEditionId: string;
}

interface Done extends At {
  readonly criterionKey: string;
  readonly before: MarkValue | null;
}

/** The level at which the other dishes of the lesson lie, by criterion. */
const usualOf = (sheet: MarkingSheet, rubric: RubricContent, studentId: string, dishEditionId: string) =>
  usualLevels(
    rubric,
    sheet.plates
      .filter((plate) => plate.studentId !== studentId || plate.dishEditionId !== dishEditionId)
      .map((plate) => marksInForce(plate.given, sheet.counting)),
  );

interface MarkScreenProps {
  readonly sheet: MarkingSheet;
  readonly rubric: RubricContent;
  readonly marking: ReturnType<typeof useMarking>;
  readonly at: At;
}

function MarkScreen({ sheet, rubric, marking, at }: MarkScreenProps) {
  const navigate = useNavigate();
  const { studentId, dishEditionId } = at;
  const me = useMe();
  const given = givenOn(sheet, studentId, dishEditionId);
  const { criteria } = rubric;
  const { isDrawn } = useSecond(sheet);
  const mine = marksInForce(ownJudgements(given, me.id));
  /** A second marking is blind to the first until it is done. */
  const hidden =
    isDrawn(studentId, dishEditionId) && criteria.some(({ key }) => !mine[key]) && given.some(({ assessorId }) => assessorId !== me.id);
  const marks = hidden ? mine : marksOf(sheet, studentId, dishEditionId);
  const firstOpen = Math.max(
    0,
    criteria.findIndex((criterion) => !marks[criterion.key]),
  );
  const [position, setPosition] = useState({ of: `${studentId} ${dishEditionId}`, index: firstOpen });
  const [undoable, setUndoable] = useState<readonly (readonly Done[])[]>([]);
  const [blind] = useBlind();
  const team = teamAt(sheet, studentId);
  const [forTeam, setForTeam] = useForTeam(sheet.lessonId);
  /** Whose plate it is: one's own, or that of all who cooked it together. */
  const whose = forTeam && team.length > 1 ? team : [studentId];
  // Coming to another dish starts at its first open criterion.
  if (position.of !== `${studentId} ${dishEditionId}`) setPosition({ of: `${studentId} ${dishEditionId}`, index: firstOpen });
  const index = Math.min(position.index, criteria.length - 1);
  const criterion = criteria[index]!;
  // Pieces that are measured and have no level yet are no mark, and stand there to go on with.
  // Where not the newest counts, or something was agreed on, what stands there to be changed is one's own.
  const standsFor = (key: string) =>
    (sheet.counting.rule === 'newest' && !given.some((mark) => mark.agreed && mark.criterionKey === key)
      ? null
      : ownMark(given, me.id, key)) ??
    marks[key] ??
    ownMark(given, me.id, key) ??
    undefined;
  const value = standsFor(criterion.key);
  const result = computeResult(rubric, marks, sheet.way);

  const plates = sheet.dishes.flatMap((dish) =>
    sheet.students
      .filter((student) => !student.absent || student.id === studentId)
      // One plate a team where it is marked for all of them.
      .filter(({ id }) => !forTeam || id === studentId || (!team.includes(id) && teamAt(sheet, id)[0] === id))
      .map((student) => ({ studentId: student.id, dishEditionId: dish.editionId, name: whoIs(student, sheet.students, blind) })),
  );
  const here = plates.findIndex((plate) => plate.studentId === studentId && plate.dishEditionId === dishEditionId);
  const goTo = (plate: At | undefined) =>
    plate && void navigate(`/lessons/${sheet.lessonId}/mark/${plate.studentId}/${plate.dishEditionId}`, { replace: true });
  const show = (next: number) => setPosition((now) => ({ ...now, index: Math.min(criteria.length - 1, Math.max(0, next)) }));

  const doneTo = (criterionKey: string): readonly Done[] =>
    whose.map((id) => ({
      studentId: id,
      dishEditionId,
      criterionKey,
      before: ownMark(givenOn(sheet, id, dishEditionId), me.id, criterionKey),
    }));
  const give = (criterionKey: string, value: MarkValue) => {
    for (const id of whose) void marking.give({ studentId: id, dishEditionId, criterionKey, value });
  };
  const usual = useMemo(() => usualOf(sheet, rubric, studentId, dishEditionId), [sheet, rubric, studentId, dishEditionId]);
  const rest = criteria.filter(({ key }) => !marks[key] && usual.has(key));
  /** Gives what is not marked yet the level at which most of the class lie; one undo takes all of it back. */
  const acceptUsual = () => {
    if (rest.length === 0) return;
    setUndoable((now) => [...now.slice(-99), rest.flatMap(({ key }) => doneTo(key))]);
    for (const { key } of rest) give(key, { kind: 'level', level: usual.get(key)!, faults: [] });
    const open = criteria.findIndex(({ key }) => !marks[key] && !usual.has(key));
    if (open >= 0) show(open);
  };

  const { wants, components = [] } = sheet.dishes.find(({ editionId }) => editionId === dishEditionId)!;
  const mark = (touched: MarkValue, advance = true) => {
    const next = forDish(criterion, touched, wants);
    setUndoable((now) => [...now.slice(-99), doneTo(criterion.key)]);
    give(criterion.key, next);
    if (!advance || !isSettled(criterion, next)) return;
    const open = [...criteria.keys()]
      .map((offset) => (index + 1 + offset) % criteria.length)
      .find((other) => other !== index && !marks[criteria[other]!.key]);
    if (open !== undefined) show(open);
  };
  const undo = () => {
    const last = undoable.at(-1);
    if (!last) return;
    setUndoable((now) => now.slice(0, -1));
    for (const { before, ...place } of last) void marking.give({ ...place, value: before });
    // Of a team's marks the one that is looked at, if it is among them.
    const first = last.find((each) => each.studentId === studentId && each.dishEditionId === dishEditionId) ?? last[0]!;
    if (first.studentId !== studentId || first.dishEditionId !== dishEditionId) goTo(first);
    setPosition({
      of: `${first.studentId} ${first.dishEditionId}`,
      index: criteria.findIndex((other) => other.key === first.criterionKey),
    });
  };

  // Before the next plate can be seen, and so before it can be meant: a key never marks the plate or the criterion before.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // What is typed into a field, or while something is read in front of the dish, is no mark.
      if (event.ctrlKey || event.metaKey || event.altKey || (event.target as Element).closest('[role="dialog"], input')) return;
      const byKey = valueForKey(criterion, value, event.key, components);
      if (byKey) mark(byKey, !FAULT_KEYS.includes(event.key));
      else if (event.key === 'ArrowDown') show(index + 1);
      else if (event.key === 'ArrowUp') show(index - 1);
      else if (event.key === 'PageDown' || event.key === ']') goTo(plates[here + 1]);
      else if (event.key === 'PageUp' || event.key === '[') goTo(plates[here - 1]);
      else if (event.key === 'u' || event.key === 'Backspace') undo();
      else if (event.key === 'r') acceptUsual();
      else return;
      event.preventDefault();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  });

  // What has stood at the pass the longest comes next, before the next of the list.
  const waiting = result.complete
    ? queueOf(sheet, rubric, 0).find(
        (plate) => plate.state === 'waiting' && (plate.studentId !== studentId || plate.dishEditionId !== dishEditionId),
      )
    : undefined;
  const nextThere = waiting && sheet.students.find(({ id }) => id === waiting.studentId);
  const student = sheet.students.find((other) => other.id === studentId)!;
  const dish = sheet.dishes.find((other) => other.editionId === dishEditionId)!;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-1">
        <Link to={`/lessons/${sheet.lessonId}/mark`} className="inline-flex min-h-12 items-center font-semibold">
          All dishes
        </Link>
        <h1 className="text-2xl">
          {whose.length > 1 && !(blind && !result.complete)
            ? whose.map((id) => sheet.students.find((each) => each.id === id)!.name).join(', ')
            : whoIs(student, sheet.students, blind && !result.complete)}
        </h1>
        <span className="text-lg text-soft">{dish.title}</span>
        {sheet.teaches.length > 0 ? <Taught teaches={sheet.teaches} /> : null}
        {team.length > 1 ? (
          <button
            type="button"
            aria-pressed={forTeam}
            onClick={() => setForTeam(!forTeam)}
            className={`inline-flex min-h-12 items-center rounded-sm border-2 px-3 text-lg font-semibold ${forTeam ? 'border-ink bg-ink text-paper' : 'border-line bg-tile'}`}
          >
            {forTeam ? `For all ${team.length} of the team` : `For the team of ${team.length}`}
          </button>
        ) : null}
        <PlatePhotosBar
          key={`${studentId} ${dishEditionId}`}
          lessonId={sheet.lessonId}
          studentId={studentId}
          dishEditionId={dishEditionId}
        />
        <span className="ml-auto">
          <SavedState outbox={marking.outbox} />
        </span>
        <span aria-live="polite" className="min-w-20 text-right font-title text-3xl font-bold">
          {result.mark ? `${result.complete ? '' : '~'}${shown(result.mark)}` : '–'}
          <span className="sr-only">
            {result.way === 'pass' ? '' : ' of 100'}
            {result.complete ? '' : ', not final'}
          </span>
        </span>
      </div>
      {student.aim ? (
        <p className="mb-2 text-lg">
          <b>Aim of the day.</b> {student.aim}
        </p>
      ) : null}
      {hidden ? (
        <p className="mb-2 border-2 border-dashed border-ink px-3 py-1 text-lg">
          Second marking: what the first assessor gave is hidden until you have judged every criterion.
        </p>
      ) : null}
      {sheet.releasedAt ? (
        <p className="mb-2 border-2 border-dashed border-ink px-3 py-1 text-lg">
          The students have these results. What you mark now reaches them when the lead gives the results out again.
        </p>
      ) : null}
      {result.capped ? (
        <p className="mb-2 border-2 border-beet bg-beet-wash px-3 py-1 text-lg font-semibold">
          Capped at {result.capped.cap}: {result.capped.by} was not met.
        </p>
      ) : null}
      {/* On a tablet that stands upright all that is touched lies low, where the thumb is. */}
      <div className="grid gap-5 md:grid-cols-[19rem_minmax(0,1fr)] portrait:mt-auto portrait:md:items-end">
        <ol aria-label="Criteria" className="max-md:order-2">
          {criteria.map((each, at) => (
            <li key={each.key}>
              <button
                type="button"
                aria-current={at === index ? 'step' : undefined}
                onClick={() => show(at)}
                className={`flex min-h-12 w-full items-center gap-2 border-b border-line px-2 text-left text-lg leading-tight ${at === index ? 'bg-beet-wash font-semibold shadow-[inset_6px_0_0_var(--color-beet)]' : 'hover:bg-wash'}`}
              >
                <StrandGlyph strand={each.strand} size={18} silent />
                <span className="min-w-0 flex-1">{each.name}</span>
                <span className="text-right leading-tight">
                  <span className="whitespace-nowrap">
                    {said(each, standsFor(each.key))}
                    {!marks[each.key] && usual.has(each.key) ? (
                      <span className="text-small font-normal text-soft">usual {usual.get(each.key)}</span>
                    ) : null}
                  </span>
                  {!hidden && otherIn(sheet, given, each.key, me.id) ? (
                    <span className="block text-small font-normal text-soft">{otherIn(sheet, given, each.key, me.id)}</span>
                  ) : null}
                </span>
              </button>
            </li>
          ))}
        </ol>
        <CriterionPane
          criterion={criterion}
          value={value}
          below={dish.below}
          wants={wants}
          components={components}
          onMark={(next) => mark(next)}
        />
      </div>
      <div className="sticky bottom-0 -mx-4 mt-4 flex flex-wrap items-center gap-2 border-t-2 border-ink bg-paper px-4 py-2 sm:-mx-7 sm:px-7">
        <BarButton label="Undo" disabled={undoable.length === 0} onClick={undo}>
          <Undo2 aria-hidden className="size-5" /> Undo
        </BarButton>
        <BarButton label="Rest as usual" disabled={rest.length === 0} onClick={acceptUsual}>
          Rest as usual{rest.length > 0 ? ` (${rest.length})` : ''}
        </BarButton>
        <BarButton label="Next criterion" disabled={index === criteria.length - 1} onClick={() => show(index + 1)}>
          Next
        </BarButton>
        <span className="ml-auto hidden text-small text-soft 2xl:inline">
          Keys: 1 to 4 and 0, a b c faults, r rest, ↑ ↓ criterion, [ ] student, u undo
        </span>
        <span className="ml-auto 2xl:hidden" />
        <BarButton label="Previous student" disabled={here <= 0} onClick={() => goTo(plates[here - 1])}>
          <ChevronLeft aria-hidden className="size-5" /> {plates[here - 1]?.name ?? 'First'}
        </BarButton>
        {nextThere ? (
          <BarButton main label="Next at the pass" disabled={false} onClick={() => goTo(waiting)}>
            At the pass: {whoIs(nextThere, sheet.students, blind)} <ChevronRight aria-hidden className="size-5" />
          </BarButton>
        ) : null}
        <BarButton
          main={result.complete && !nextThere}
          label="Next student"
          disabled={here >= plates.length - 1}
          onClick={() => goTo(plates[here + 1])}
        >
          {plates[here + 1]?.name ?? 'Last'} <ChevronRight aria-hidden className="size-5" />
        </BarButton>
      </div>
    </>
  );
}

/** What this lesson teaches where good practitioners disagree, a touch away while a dish is marked. */
function Taught({ teaches }: { teaches: readonly string[] }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="inline-flex min-h-12 items-center text-lg font-semibold underline decoration-2 underline-offset-4"
      >
        Taught here
      </button>
      {open ? (
        <Suspense fallback={null}>
          <TaughtDialog teaches={teaches} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}

function BarButton({
  label,
  main = false,
  children,
  ...rest
}: {
  label: string;
  main?: boolean;
  disabled: boolean;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      className={`inline-flex min-h-14 items-center gap-2 rounded-sm border-2 px-4 text-lg font-semibold disabled:opacity-40 ${main ? 'border-beet bg-beet text-white' : 'border-ink bg-tile'}`}
      {...rest}
    >
      {children}
    </button>
  );
}

function said(criterion: Criterion, value: MarkValue | undefined): string {
  if (!value) return '';
  const faults = value.kind !== 'notSeen' && value.faults.length > 0 ? ` ·${value.faults.length}` : '';
  return brief(criterion, value) + faults;
}

/** The mark a key stands for on a criterion, or null when it stands for none. */
function valueForKey(
  criterion: Criterion,
  value: MarkValue | undefined,
  key: string,
  components: readonly PlacedComponent[],
): MarkValue | null {
  if (key === '0') return { kind: 'notSeen' };
  const given = byKey(criterion, value, key);
  if (given) return given;
  const fault = key.length === 1 ? criterion.faults[FAULT_KEYS.indexOf(key)] : undefined;
  return fault ? withFault(value, fault, components) : null;
}
