import { Check, Plus, Undo2, X } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { LEVEL_NAMES, notedOf, LEVELS, type Criterion, type MarkValue } from '@pelvo/core';
import type { MarkingSheet, MarkingStudent } from '@pelvo/contract';
import { useMe, useWakeLock } from '../device';
import { Empty, Loading, ProblemNotice, SelectField } from '../design';
import { SavedState } from './SavedState';
import { useBlind, whoIs } from './useBlind';
import { useDeviceChoice } from './useDeviceChoice';
import { givenOn, marksOf, ownMark, useMarking } from './useMarking';

/** What is judged while people work, not at the pass: by a touch each, so that twelve stations are gone round in a few minutes. */
const atTheStation = ({ strand, kind }: Criterion) => kind !== 'measured' && (strand === 'process' || strand === 'knife');
const MOST_COLUMNS = 5;

/** A round of the stations at the start, in the middle or at the end: each criterion of work is one touch. */
export default function StationRoundPage() {
  const { id = '' } = useParams();
  const marking = useMarking(id);
  const { sheet, error, retry, outbox } = marking;
  useWakeLock();
  const criteria = sheet?.rubric?.content.criteria.filter(atTheStation).slice(0, MOST_COLUMNS) ?? [];
  return (
    <>
      <ProblemNotice error={error} retry={retry} />
      {!sheet && !error ? <Loading what="the marking sheet" /> : null}
      {sheet && criteria.length === 0 ? (
        <Empty title="Nothing is judged at the station">
          The rubric of this lesson has no criterion of knife work or process that is given by a touch, such as “Order of the station”.
        </Empty>
      ) : null}
      {sheet?.rubric && criteria.length > 0 && sheet.dishes.length > 0 ? (
        <>
          <div className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-1">
            <Link to={`/lessons/${id}/mark`} className="inline-flex min-h-12 items-center font-semibold">
              All dishes
            </Link>
            <h1 className="text-2xl">Station round</h1>
            <span className="ml-auto">
              <SavedState outbox={outbox} />
            </span>
          </div>
          <Round sheet={sheet} criteria={criteria} give={marking.give} />
        </>
      ) : null}
    </>
  );
}

interface RoundProps {
  readonly sheet: MarkingSheet;
  readonly criteria: readonly Criterion[];
  readonly give: ReturnType<typeof useMarking>['give'];
}

interface Touched {
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly criterionKey: string;
  readonly before: MarkValue | null;
}

function Round({ sheet, criteria, give }: RoundProps) {
  const me = useMe();
  const [blind] = useBlind();
  const [dishEditionId, setDish] = useState(sheet.dishes[0]!.editionId);
  const [touched, setTouched] = useState<readonly Touched[]>([]);
  // Who was looked at in this round, kept on this device until the next one begins.
  const [kept, keep] = useDeviceChoice(`pelvo.round.${sheet.lessonId}`);
  const looked = new Set(kept ? kept.split(' ') : []);
  const there = sheet.students
    .filter(({ absent }) => !absent)
    .sort((a, b) => (a.station ?? 999) - (b.station ?? 999) || a.name.localeCompare(b.name));
  const mark = (studentId: string, criterion: Criterion, value: MarkValue) => {
    const before = ownMark(givenOn(sheet, studentId, dishEditionId), me.id, criterion.key);
    setTouched((now) => [...now.slice(-99), { studentId, dishEditionId, criterionKey: criterion.key, before }]);
    if (!looked.has(studentId)) keep([...looked, studentId].join(' '));
    void give({ studentId, dishEditionId, criterionKey: criterion.key, value });
  };
  const undo = () => {
    const last = touched.at(-1);
    if (!last) return;
    setTouched((now) => now.slice(0, -1));
    const { before, ...place } = last;
    void give({ ...place, value: before });
  };
  return (
    <>
      <div className="mb-2 flex flex-wrap items-end gap-4">
        {sheet.dishes.length > 1 ? (
          <div className="w-72">
            <SelectField label="It counts for" value={dishEditionId} onChange={(event) => setDish(event.target.value)}>
              {sheet.dishes.map(({ editionId, title }) => (
                <option key={editionId} value={editionId}>
                  {title}
                </option>
              ))}
            </SelectField>
          </div>
        ) : null}
        <p role="status" className="min-h-12 content-center text-lg font-semibold">
          {there.filter(({ id }) => looked.has(id)).length} of {there.length} looked at in this round
        </p>
        <BarButton disabled={looked.size === 0} onClick={() => keep('')}>
          Begin a new round
        </BarButton>
        <BarButton disabled={touched.length === 0} onClick={undo}>
          <Undo2 aria-hidden className="size-5" /> Undo
        </BarButton>
      </div>
      <ul className="divide-y-2 divide-line border-y-2 border-ink">
        {there.map((student) => (
          <Station
            key={student.id}
            name={whoIs(student, sheet.students, blind)}
            student={student}
            looked={looked.has(student.id)}
            criteria={criteria}
            valueOf={(key) => marksOf(sheet, student.id, dishEditionId)[key]}
            onMark={(criterion, value) => mark(student.id, criterion, value)}
          />
        ))}
      </ul>
    </>
  );
}

interface StationProps {
  readonly name: string;
  readonly student: MarkingStudent;
  readonly looked: boolean;
  readonly criteria: readonly Criterion[];
  readonly valueOf: (key: string) => MarkValue | undefined;
  readonly onMark: (criterion: Criterion, value: MarkValue) => void;
}

function Station({ name, student, looked, criteria, valueOf, onMark }: StationProps) {
  return (
    <li className="grid gap-x-4 gap-y-2 py-2 lg:grid-cols-[11rem_1fr]">
      <div className="flex items-center gap-2 text-lg">
        {looked ? <Check aria-label="looked at" className="size-5 shrink-0" /> : <span className="size-5 shrink-0" />}
        <span>
          <b className="block leading-tight">{name}</b>
          {student.station === null || name.startsWith('Station') ? null : (
            <span className="text-small text-soft">station {student.station}</span>
          )}
        </span>
      </div>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        {criteria.map((criterion) => (
          <fieldset key={criterion.key}>
            <legend className="text-small text-soft">{criterion.name}</legend>
            <div className="flex gap-1">
              <Touches criterion={criterion} value={valueOf(criterion.key)} who={name} onMark={(value) => onMark(criterion, value)} />
            </div>
          </fieldset>
        ))}
      </div>
    </li>
  );
}

interface TouchesProps {
  readonly criterion: Criterion;
  readonly value: MarkValue | undefined;
  readonly who: string;
  readonly onMark: (value: MarkValue) => void;
}

/** What one touch says, by the kind of the criterion. */
function Touches({ criterion, value, who, onMark }: TouchesProps) {
  const named = (said: string) => `${who}, ${criterion.name}: ${said}`;
  const noted = notedOf(value && value.kind !== 'notSeen' ? value : null);
  switch (criterion.kind) {
    case 'critical': {
      const met = value?.kind === 'critical' ? value.met : null;
      return (
        <>
          <Touch name={named('met')} taken={met === true} onTouch={() => onMark({ kind: 'critical', met: true, faults: [] })}>
            <Check aria-hidden className="size-5" />
          </Touch>
          <Touch name={named('not met')} taken={met === false} onTouch={() => onMark({ kind: 'critical', met: false, ...noted })}>
            <X aria-hidden className="size-5" />
          </Touch>
        </>
      );
    }
    case 'levels': {
      const level = value?.kind === 'level' ? value.level : null;
      return LEVELS.map((each) => (
        <Touch
          key={each}
          name={named(`${each} ${LEVEL_NAMES[each]}`)}
          taken={level === each}
          onTouch={() => onMark({ kind: 'level', level: each, ...noted })}
        >
          {each}
        </Touch>
      ));
    }
    case 'counted': {
      const count = value?.kind === 'counted' ? value.count : null;
      return (
        <>
          <Touch name={named('none')} taken={count === 0} onTouch={() => onMark({ kind: 'counted', count: 0, ...noted })}>
            0
          </Touch>
          <Touch
            name={named(`one more, now ${count ?? 0}`)}
            taken={(count ?? 0) > 0}
            onTouch={() => onMark({ kind: 'counted', count: (count ?? 0) + 1, ...noted })}
          >
            <Plus aria-hidden className="size-4" />
            {count ? count : ''}
          </Touch>
        </>
      );
    }
    case 'ladder': {
      const stage = value?.kind === 'ladder' ? value.stage : null;
      return criterion.stages.map(({ name }, at) => (
        <Touch key={at} name={named(name)} taken={stage === at} onTouch={() => onMark({ kind: 'ladder', stage: at, ...noted })}>
          {at + 1}
        </Touch>
      ));
    }
    case 'measured':
      return null;
  }
}

function Touch({ name, taken, onTouch, children }: { name: string; taken: boolean; onTouch: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-label={name}
      aria-pressed={taken}
      title={name}
      onClick={onTouch}
      className={`flex size-12 items-center justify-center rounded-sm border-2 text-lg font-semibold ${taken ? 'border-ink bg-ink text-white' : 'border-line bg-tile'}`}
    >
      {children}
    </button>
  );
}

function BarButton({ disabled, onClick, children }: { disabled: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onClick}
      className="inline-flex min-h-12 items-center gap-2 rounded-sm border-2 border-ink bg-tile px-4 text-lg font-semibold disabled:opacity-40"
    >
      {children}
    </button>
  );
}
