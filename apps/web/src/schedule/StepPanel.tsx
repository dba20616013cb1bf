import { handedTo, NO_CHANGE, withChange, type ClassProblem, type Kitchen, type TimePlan } from '@pelvo/core';
import { isForAnother } from '@pelvo/contract';
import { Button, SelectField, Stepper, Tick, TimeField } from '../design';
import { nameOfBar } from './nameOfBar';

interface StepPanelProps {
  readonly id: string;
  readonly problem: ClassProblem;
  readonly plan: TimePlan;
  readonly kitchen: Kitchen;
  readonly clock: (minute: number) => string;
  /** "10:05" as typed and sent, whatever way the clock is shown. */
  readonly timeAt: (minute: number) => string;
  readonly minuteAt: (time: string) => number | null;
  readonly room: number;
  readonly onChange: (next: (now: TimePlan) => TimePlan) => void;
  readonly onMove: (by: number) => void;
  readonly onAhead: (dishId: string, stepId: string) => void;
  readonly onClose: () => void;
}

/** One team's step: when it is, what is decided about it, and what can be. */
export function StepPanel({ id, problem, plan, clock, timeAt, minuteAt, room, onChange, onMove, onAhead, onClose }: StepPanelProps) {
  const step = problem.instance.steps.find((each) => each.id === id);
  const about = problem.meaning.get(id);
  if (!step || !about) return null;
  const { team, by, work, minutes, celsius, kind } = about;
  const start = plan.placed?.starts[id];
  const own = plan.changes.find((change) => change.step === id) ?? { step: id, ...NO_CHANGE };
  const decide = (part: Partial<typeof own>) => onChange((now) => withChange(now, id, part));
  const ovens = step.needs.find(({ temperature }) => temperature !== undefined);
  const teamName = problem.teams.find((each) => each.id === team)?.name;
  const fixed = kind !== 'work' && kind !== 'tasting';
  return (
    <section aria-label="The chosen step" className="space-y-3">
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-lg">{teamName ?? 'Everyone'}</h2>
        <Button kind="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
      <p>{nameOfBar({ kind, text: work?.text ?? '' })}</p>
      <p className="tabular-nums">
        {start === undefined ? 'It has no place yet.' : `${clock(start)} to ${clock(start + step.minutes)}`}
        {minutes && minutes.least < minutes.most ? (
          <span className="text-small text-soft">
            {' '}
            ({minutes.least} to {minutes.most} min by practice)
          </span>
        ) : null}
      </p>
      {celsius !== null ? <p className="text-small">At {celsius} °C, which its band allows, so that it shares the oven.</p> : null}
      {room > 0 ? <p className="text-small">It can begin up to {room} minutes later, and all is still done in time.</p> : null}
      {fixed ? null : (
        <>
          <div className="flex flex-wrap gap-1" role="group" aria-label="Move it">
            {[-5, -1, 1, 5].map((move) => (
              <Button
                key={move}
                className="!px-3"
                onClick={() => onMove(move)}
                aria-label={move < 0 ? `${-move} earlier` : `${move} later`}
              >
                {move < 0 ? `−${-move}` : `+${move}`}
              </Button>
            ))}
          </div>
          <Tick
            label="Pinned: it stays at this minute"
            checked={own.pinnedAt !== null}
            onChange={(on) => decide({ pinnedAt: on && start !== undefined ? start : null })}
          />
          <Stepper
            label={minutes && own.minutes !== null ? `Minutes (computed: ${minutes.planned})` : 'Minutes'}
            value={step.minutes}
            min={1}
            max={600}
            onChange={(value) => decide({ minutes: value === minutes?.planned ? null : value })}
          />
          <div className="grid grid-cols-2 gap-2">
            <TimeField
              label="Not before"
              value={own.notBefore === null ? '' : timeAt(own.notBefore)}
              onChange={(value) => decide({ notBefore: minuteAt(value) })}
            />
            <TimeField
              label="Done by"
              value={own.endBy === null ? '' : timeAt(own.endBy)}
              onChange={(value) => decide({ endBy: minuteAt(value) })}
            />
          </div>
          {kind === 'work' ? (
            <SelectField
              label="Done by the hands of"
              value={by ?? ''}
              onChange={(event) => onChange((now) => handedTo(now, id, by!, event.target.value))}
            >
              {problem.teams.map(({ id: teamId, name }) => (
                <option key={teamId} value={teamId}>
                  {name}
                </option>
              ))}
            </SelectField>
          ) : null}
          {ovens && ovens.anyOf.length + own.not.length > 1
            ? [...new Set([...ovens.anyOf, ...own.not])]
                .sort()
                .map((oven) => (
                  <Tick
                    key={oven}
                    label={`May take ${oven.replace('-', ' ')}`}
                    checked={!own.not.includes(oven)}
                    onChange={(on) => decide({ not: on ? own.not.filter((each) => each !== oven) : [...own.not, oven] })}
                  />
                ))
            : null}
          {work && about.dishId && !isForAnother(about.dishId) ? (
            <Button onClick={() => onAhead(about.dishId!, work.id)}>Make it before the lesson, for all teams</Button>
          ) : null}
          {work?.only ? <p className="text-small text-soft">Planned because it is likely: if {work.only.when}.</p> : null}
        </>
      )}
    </section>
  );
}
