import { useMemo, useState } from 'react';
import useSWR from 'swr';
import {
  carriedMinutes,
  carriedSteps,
  carriedWindow,
  computeOrder,
  keptHow,
  shortened,
  stageName,
  STORES,
  workOf,
  type LocalRules,
  type Store,
} from '@pelvo/core';
import {
  carriedOrderInput,
  carriedPieces,
  madeElsewhere,
  madeFor,
  type CarriedFields,
  type CarriedLesson,
  type CarriedRecord,
  type LessonDetail,
  type TermOfClass,
} from '@pelvo/contract';
import { fetcher, inWords, send, shortDate, shown, useAction } from '../device';
import { Button, DataTable, LabelLinks, ProblemNotice, Section, SelectField, TextField } from '../design';

interface CarriedOverProps {
  readonly lesson: LessonDetail;
  readonly rules: LocalRules;
  readonly onChanged: () => Promise<unknown>;
}

const titled = ({ title, date }: CarriedLesson) => `“${title}”, ${shortDate(date)}`;

/** What the class makes in one lesson for another: for this one in others, and in this one for others. */
export function CarriedOver({ lesson, rules, onChanged }: CarriedOverProps) {
  const [elsewhere, here] = [madeElsewhere(lesson), madeFor(lesson)];
  return (
    <>
      <Section title="Made by the class in an earlier lesson">
        {elsewhere.length === 0 ? <p>Nothing yet. What must stand for days can be made by the students who cook on with it.</p> : null}
        {elsewhere.map((record) => (
          <Stage key={`${record.id} ${record.version}`} lesson={lesson} record={record} rules={rules} onChanged={onChanged} />
        ))}
        <AddStage lesson={lesson} onChanged={onChanged} />
      </Section>
      {here.length > 0 ? (
        <Section title="Made here for another lesson" aside={<LabelLinks lessonId={lesson.id} what="carried" />}>
          {here.map((record) => (
            <MadeHere key={record.id} lesson={lesson} record={record} rules={rules} />
          ))}
        </Section>
      ) : null}
    </>
  );
}

const nameOf = ({ content, stepId }: CarriedRecord) => {
  const name = stageName(content, stepId);
  return name === content.title ? name : `${name}, ${content.title}`;
};

/** How long it lies between the two lessons, and whether that is right. */
function Lies({ lesson, record, rules }: Omit<CarriedOverProps, 'onChanged'> & { readonly record: CarriedRecord }) {
  const { content, from, to } = record;
  const window = carriedWindow(keptHow(content, record), { made: from, wanted: to, timeZone: lesson.school.timeZone, rules });
  const { hours, least, most, verdict } = window;
  const wrong = verdict !== 'holds';
  return (
    <>
      <p className={wrong ? 'border-l-4 border-beet pl-2 font-semibold' : ''}>
        {inWords({ code: 'term.carried', what: stageName(content, record.stepId), from: from.title, hours, least, most, verdict })}
        {window.store ? ` Kept ${window.store}.` : ' Where it is kept is not said.'}
      </p>
      {window.beyondRule ? (
        <p className="border-l-4 border-beet pl-2">
          That is longer than the school’s rule for cooked food that is kept chilled. The local code and the responsible person decide
          whether it may.
        </p>
      ) : null}
    </>
  );
}

interface StageProps extends CarriedOverProps {
  readonly record: CarriedRecord;
}

function Stage({ lesson, record, rules, onChanged }: StageProps) {
  const { run, error, busy } = useAction();
  const { content, stepId, store, hours, covers, from } = record;
  const [typed, setTyped] = useState(hours === null ? '' : String(hours));
  const step = content.method.find(({ id }) => id === stepId);
  const kept = keptHow(content, { stepId, store: null, hours: null });
  const { pieces, without } = carriedPieces(record);
  const save = (part: Partial<CarriedFields>) =>
    run(async () => {
      await send('PUT', `/carried/${record.id}`, { body: { store, hours, covers, ...part }, version: record.version });
      await onChanged();
    });
  const remove = () =>
    run(async () => {
      await send('DELETE', `/carried/${record.id}`);
      await onChanged();
    });
  const takeHours = () => {
    const next = typed.trim() === '' ? null : Number(typed.replace(',', '.'));
    if (next !== hours) void save({ hours: next });
  };
  const rows = [
    ...pieces.flatMap((piece) => (piece.goesTo ? [{ team: piece.goesTo, piece, because: piece.because }] : [])),
    ...without.map(({ team, because }) => ({ team, piece: null, because })),
  ].sort((a, b) => record.to.cooking.indexOf(a.team as never) - record.to.cooking.indexOf(b.team as never));
  const left = pieces.filter(({ goesTo }) => goesTo === null);
  /** Who takes over from whom is said of people, since teams are other ones on another day. */
  const cover = (studentIds: readonly string[], value: string) => {
    const others = covers.filter(({ studentId }) => !studentIds.includes(studentId));
    void save({ covers: value === '' ? others : [...others, { studentId: studentIds[0]!, from: value }] });
  };
  const own = rows.filter(({ because }) => because === 'own');
  const others = rows.filter(({ because }) => because !== 'own');
  const whose = (some: typeof rows) => (
    <DataTable
      rows={some}
      keyOf={({ team }) => team.id}
      columns={[
        { head: 'Cooks on', names: true, cell: ({ team }) => <Who lesson={lesson} ids={team.studentIds} name={team.name} /> },
        {
          head: 'With whose',
          cell: ({ team, piece, because }) => (
            <SelectField
              label={`With whose, ${team.name}`}
              labelHidden
              value={because === 'said' ? piece!.made.studentIds[0]! : because === 'technician' ? 'technician' : ''}
              disabled={busy || team.studentIds.length === 0}
              onChange={(event) => cover(team.studentIds, event.target.value)}
            >
              <option value="">
                {because === 'said' || because === 'technician'
                  ? 'as proposed'
                  : because === 'nobody'
                    ? 'nobody’s: none is left'
                    : because === 'own'
                      ? `its own, ${piece!.made.name}`
                      : `takes over from ${piece!.made.name}`}
              </option>
              {from.cooking
                .filter(({ studentIds }) => studentIds.length > 0)
                .map(({ id, name, studentIds }) => (
                  <option key={id} value={studentIds[0]}>
                    from {name}
                  </option>
                ))}
              <option value="technician">the technician makes one</option>
            </SelectField>
          ),
        },
      ]}
    />
  );
  return (
    <div className="mb-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-lg">
          {nameOf(record)} <span className="text-base text-soft">made in {titled(from)}</span>
        </h3>
        <Button kind="quiet" disabled={busy} onClick={() => void remove()}>
          Make it in this lesson after all
        </Button>
      </div>
      <p className="text-small text-soft">{step ? `Up to: ${step.text}` : 'Its step is no longer in the dish: choose another.'}</p>
      <ProblemNotice error={error} />
      <Lies lesson={lesson} record={record} rules={rules} />
      <div className="my-2 grid max-w-xl grid-cols-2 gap-3">
        <SelectField
          label="Store"
          value={store ?? ''}
          onChange={(event) => void save({ store: event.target.value === '' ? null : (event.target.value as Store) })}
        >
          <option value="">as its dish says: {kept.store ?? 'nothing'}</option>
          {STORES.map((each) => (
            <option key={each}>{each}</option>
          ))}
        </SelectField>
        <TextField
          label="Keeps, hours"
          inputMode="decimal"
          placeholder={kept.most === null ? 'its dish does not say' : `${Math.round(kept.most * 10) / 10}, as its dish says`}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={takeHours}
          onKeyDown={(event) => event.key === 'Enter' && takeHours()}
        />
      </div>
      {others.length > 0 ? whose(others) : null}
      {own.length > 0 ? (
        <details>
          <summary className="flex min-h-11 items-center">
            {own.length} cook{own.length === 1 ? 's' : ''} on with what they made themselves
          </summary>
          {whose(own)}
        </details>
      ) : null}
      {without.some(({ because }) => because === 'nobody') ? (
        <p className="mt-2 border-l-4 border-beet pl-2 font-semibold">
          Nothing was made for {without.map(({ team }) => team.name).join(', ')}: they were away, or there are more teams than before. Let
          the technician make one, or let them share.
        </p>
      ) : null}
      {left.length > 0 ? <p className="mt-2">Left over: {left.map(({ made }) => made.name).join(', ')}.</p> : null}
    </div>
  );
}

/** A team with its members, where names are known. */
function Who({ lesson, ids, name }: { readonly lesson: LessonDetail; readonly ids: readonly string[]; readonly name: string }) {
  const names = lesson.students.filter(({ id }) => ids.includes(id)).map((student) => student.name);
  return (
    <>
      {name} {names.length > 0 ? <span className="text-small font-normal text-soft">{names.join(', ')}</span> : null}
    </>
  );
}

/** What of it is done in this lesson: minutes, what must be there, for whom. */
function MadeHere({ lesson, record, rules }: Omit<StageProps, 'onChanged'>) {
  const { content, stepId, doneBefore, to } = record;
  const steps = carriedSteps(content, stepId, doneBefore);
  const { practised, novice, waiting } = carriedMinutes(content, steps);
  const lines = useMemo(
    () => (record.from.cooking.length === 0 ? [] : computeOrder(carriedOrderInput(lesson, record)).lines),
    [lesson, record],
  );
  const { pieces } = carriedPieces(record);
  const gone = pieces.filter(({ goesTo }) => goesTo === null);
  return (
    <div className="mb-4">
      <h3 className="text-lg">
        {nameOf(record)} <span className="text-base text-soft">for {titled(to)}</span>
      </h3>
      <p>
        {pieces.length} {pieces.length === 1 ? 'piece' : 'pieces'} by {record.from.cooking.length}{' '}
        {record.from.cooking.length === 1 ? 'team' : 'teams'}; {practised} to {novice} minutes of hands each
        {waiting > 0 ? `, and ${waiting} that go on by themselves` : ''}. The plan of time takes them in.
      </p>
      <Lies lesson={lesson} record={record} rules={rules} />
      {lines.length > 0 ? (
        <p className="mt-1">
          Must be here on that day, though it is ordered with the later lesson:{' '}
          {lines.map(({ key, item, figure }, at) => (
            <span key={key}>
              {at > 0 ? ', ' : ''}
              <b className="tabular-nums">{shown(figure)}</b> {item}
            </span>
          ))}
        </p>
      ) : null}
      {gone.length > 0 ? <p className="mt-1">Nobody cooks on with that of {gone.map(({ made }) => made.name).join(', ')} yet.</p> : null}
    </div>
  );
}

/** Lets an earlier lesson of the class make a stage. */
function AddStage({ lesson, onChanged }: Omit<CarriedOverProps, 'rules'>) {
  const { run, error, busy } = useAction();
  const [open, setOpen] = useState(false);
  const term = useSWR<TermOfClass>(open ? `/classes/${lesson.classId}/term` : null, fetcher);
  const stages = useMemo(() => stagesOf(lesson), [lesson]);
  const [picked, setPicked] = useState('');
  const [where, setWhere] = useState('');
  const earlier = (term.data?.lessons ?? [])
    .filter(({ id, date, end }) => id !== lesson.id && (date < lesson.date || (date === lesson.date && end <= lesson.start)))
    .reverse();
  if (stages.length === 0) return null;
  if (!open)
    return (
      <Button kind="quiet" onClick={() => setOpen(true)}>
        Let an earlier lesson make a stage
      </Button>
    );
  const stage = stages.find(({ key }) => key === picked) ?? stages[0]!;
  const from = earlier.find(({ id }) => id === where) ?? earlier[0];
  const add = () =>
    run(async () => {
      const { dishId, stepId } = stage;
      await send('POST', `/lessons/${lesson.id}/carried`, {
        body: { fromLessonId: from!.id, dishId, stepId, store: null, hours: null, covers: [] },
      });
      await onChanged();
      setOpen(false);
    });
  return (
    <div className="border-t border-line pt-3">
      <ProblemNotice error={error ?? term.error} />
      {term.data && earlier.length === 0 ? (
        <p>The class has no earlier lesson.</p>
      ) : (
        <div className="flex flex-wrap items-end gap-3">
          <SelectField label="Up to which step" value={stage.key} onChange={(event) => setPicked(event.target.value)}>
            {stages.map(({ key, text }) => (
              <option key={key} value={key}>
                {text}
              </option>
            ))}
          </SelectField>
          <SelectField label="In which lesson" value={from?.id ?? ''} onChange={(event) => setWhere(event.target.value)}>
            {earlier.map(({ id, title, date }) => (
              <option key={id} value={id}>
                {shortDate(date)}, {title}
              </option>
            ))}
          </SelectField>
          <Button kind="main" busy={busy} disabled={!from} onClick={() => void add()}>
            Make it there
          </Button>
          <Button kind="quiet" onClick={() => setOpen(false)}>
            Cancel
          </Button>
        </div>
      )}
    </div>
  );
}

/** Steps up to which a dish can be made earlier; those that its work says may be come first, those that must not are not offered. */
function stagesOf(lesson: LessonDetail) {
  const taken = new Set(madeElsewhere(lesson).map(({ dishId, stepId }) => `${dishId} ${stepId}`));
  return lesson.dishes
    .flatMap(({ dishId, content }) =>
      workOf(content).flatMap(({ id, text, ahead }) =>
        ahead?.may === false || taken.has(`${dishId} ${id}`)
          ? []
          : [
              {
                ...{ key: `${dishId} ${id}`, dishId, stepId: id, may: ahead?.may === true },
                text: `${content.title}: ${shortened(text, 60)}`,
              },
            ],
      ),
    )
    .sort((a, b) => Number(b.may) - Number(a.may));
}
