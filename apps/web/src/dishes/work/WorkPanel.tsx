import type { ReactNode } from 'react';
import {
  FOOD_STATES,
  MAKERS,
  shortened,
  STORES,
  type FoodState,
  type Maker,
  type MethodStep,
  type StepWork,
  type Store,
  type WorkStep,
} from '@pelvo/core';
import { Button, SelectField, TextField, Tick } from '../../design';
import { parseWhole } from '../formula/optional';

interface WorkPanelProps {
  readonly step: MethodStep;
  /** What is said, completed by what its text proposes. */
  readonly work: WorkStep;
  /** What its text alone proposes. */
  readonly proposed: WorkStep;
  readonly others: readonly MethodStep[];
  readonly questions: readonly string[];
  readonly onChange?: (step: MethodStep) => void;
  readonly onClose: () => void;
}

const GROWS: readonly (readonly [number, string])[] = [
  [0, 'not at all'],
  [25, 'hardly'],
  [50, 'by half'],
  [90, 'nearly all of it'],
  [100, 'all of it'],
];

/** How a step lies in time beside the others: what a person says, over what its text proposes. */
export function WorkPanel({ step, work, proposed, others, questions, onChange, onClose }: WorkPanelProps) {
  const said = step.work;
  const set = (part: Partial<StepWork>) => onChange?.({ ...step, work: { ...said, ...part } });
  const whole = (text: string, put: (value: number | null) => void) => put(text.trim() === '' ? null : (parseWhole(text) ?? null));
  const shown = (value: number | null | undefined) => (value === null || value === undefined ? '' : String(value));
  const number = (label: string, value: number | null | undefined, put: (value: number | null) => void, hint?: ReactNode) => (
    <TextField label={label} inputMode="numeric" value={shown(value)} hint={hint} onChange={(event) => whole(event.target.value, put)} />
  );
  const reads = (text: string) => (text ? `as it reads: ${text}` : 'as it reads');
  return (
    <fieldset disabled={!onChange} className="mt-3 border-2 border-ink bg-tile p-4">
      <legend className="px-1 font-title text-lg">{shortened(step.text, 70)}</legend>
      {questions.map((question) => (
        <p key={question} className="mb-2 border-l-8 border-ink pl-2 font-semibold">
          {question}
        </p>
      ))}
      <div className="grid gap-x-6 gap-y-4 lg:grid-cols-2">
        <div>
          <h3 className="mb-1 font-semibold">Waits for</h3>
          <div className="max-h-52 overflow-auto border border-line px-2">
            {others.map((other) => (
              <Tick
                key={other.id}
                label={shortened(other.text, 64)}
                checked={work.after.includes(other.id)}
                onChange={(on) => set({ after: on ? [...work.after, other.id] : work.after.filter((id) => id !== other.id) })}
              />
            ))}
            {others.length === 0 ? <p className="py-2 text-soft">It is the only step.</p> : null}
          </div>
          {said.after !== null ? (
            <Button kind="quiet" onClick={() => set({ after: null })}>
              As usual: the step before it
            </Button>
          ) : null}
        </div>
        <div className="grid grid-cols-2 content-start gap-3 sm:grid-cols-3">
          {number('Minutes', step.minutes, (minutes) => onChange?.({ ...step, minutes }))}
          {number(
            'For a novice',
            step.noviceMinutes,
            (noviceMinutes) => onChange?.({ ...step, noviceMinutes }),
            `else ${work.minutes.novice}`,
          )}
          <SelectField
            label="Hands"
            value={step.hands}
            onChange={(event) => onChange?.({ ...step, hands: event.target.value as MethodStep['hands'] })}
          >
            <option value="on">on</option>
            <option value="off">off</option>
          </SelectField>
          {number('To the next, least', step.toNext.least, (least) => onChange?.({ ...step, toNext: { ...step.toNext, least } }))}
          {number('At most', step.toNext.most, (most) => onChange?.({ ...step, toNext: { ...step.toNext, most } }))}
          {number('Heats up before', said.warmUp, (warmUp) => set({ warmUp }), reads(`${proposed.warmUp} min`))}
          <div className="col-span-full grid gap-3 sm:grid-cols-2">
            <SelectField
              label="Grows with the amount"
              value={said.grows ?? ''}
              onChange={(event) => set({ grows: event.target.value === '' ? null : Number(event.target.value) })}
            >
              <option value="">{reads(`${proposed.grows} percent`)}</option>
              {GROWS.map(([percent, name]) => (
                <option key={percent} value={percent}>
                  {name}
                </option>
              ))}
              {said.grows !== null && !GROWS.some(([percent]) => percent === said.grows) ? (
                <option value={said.grows}>{said.grows} percent</option>
              ) : null}
            </SelectField>
            <SelectField
              label="Food"
              value={said.food ?? ''}
              onChange={(event) => set({ food: (event.target.value || null) as FoodState | null })}
            >
              <option value="">{reads(proposed.food ?? 'not said')}</option>
              {FOOD_STATES.map((food) => (
                <option key={food}>{food}</option>
              ))}
            </SelectField>
          </div>
        </div>
        <Ahead said={said} proposed={proposed.ahead} set={set} number={number} reads={reads} />
        <Heat said={said} step={step} work={work} set={set} number={number} />
        <div className="grid grid-cols-3 content-start gap-3">
          <div className="col-span-3">
            <TextField
              label="Ends at a cue"
              placeholder={work.cue?.text || 'the skins crack'}
              maxLength={200}
              value={said.cue?.text ?? ''}
              onChange={(event) =>
                set({
                  cue: event.target.value
                    ? {
                        least: work.cue?.least ?? work.minutes.practised,
                        most: work.cue?.most ?? work.minutes.novice,
                        ...said.cue,
                        text: event.target.value,
                      }
                    : null,
                })
              }
            />
          </div>
          {said.cue ? (
            <>
              {number('After at least', said.cue.least, (least) => set({ cue: { ...said.cue!, least: least ?? 0 } }))}
              {number('At most', said.cue.most, (most) => set({ cue: { ...said.cue!, most: most ?? said.cue!.least } }))}
            </>
          ) : work.cue ? (
            <p className="col-span-3 text-small text-soft">
              As it reads: {work.cue.text}, after {work.cue.least} to {work.cue.most} min
            </p>
          ) : null}
        </div>
        <div className="grid grid-cols-2 content-start gap-3">
          <TextField
            label="Only if"
            placeholder={work.only?.when || 'the stock is thin'}
            maxLength={200}
            value={said.only?.when ?? ''}
            onChange={(event) =>
              set({ only: event.target.value ? { likely: said.only?.likely ?? false, when: event.target.value } : null })
            }
          />
          {said.only ? (
            <div className="content-end">
              <Tick
                label="That is likely: plan it"
                checked={said.only.likely}
                onChange={(likely) => set({ only: { ...said.only!, likely } })}
              />
            </div>
          ) : (
            <span />
          )}
          <SelectField
            label="When it fails"
            value={said.redo === null ? '' : said.redo.times === 0 ? 'never' : 'again'}
            onChange={(event) =>
              set({
                redo:
                  event.target.value === ''
                    ? null
                    : event.target.value === 'never'
                      ? { times: 0, minutes: 0 }
                      : { times: 1, minutes: work.redo?.minutes || work.minutes.practised },
              })
            }
          >
            <option value="">
              {reads(
                proposed.redo
                  ? proposed.redo.times === 0
                    ? 'it cannot be done again'
                    : `once more, ${proposed.redo.minutes} min`
                  : 'not said',
              )}
            </option>
            <option value="again">it is done again</option>
            <option value="never">it cannot be done again</option>
          </SelectField>
          {said.redo && said.redo.times > 0 ? (
            number('In minutes', said.redo.minutes, (minutes) => set({ redo: { ...said.redo!, minutes: minutes ?? 0 } }))
          ) : (
            <span />
          )}
        </div>
      </div>
      <div className="mt-3">
        <Button onClick={onClose}>Close</Button>
      </div>
    </fieldset>
  );
}

interface FieldProps {
  readonly said: StepWork;
  readonly set: (part: Partial<StepWork>) => void;
  readonly number: (label: string, value: number | null | undefined, put: (value: number | null) => void, hint?: ReactNode) => ReactNode;
}

interface AheadProps {
  readonly proposed: StepWork['ahead'];
  readonly reads: (text: string) => string;
}

/** Whether it may be done before the lesson, how long it keeps then, where, and who does it. */
function Ahead({ said, proposed, set, number, reads }: FieldProps & AheadProps) {
  const usual = { hours: proposed?.hours ?? 24, store: proposed?.store ?? 'chilled', by: proposed?.by ?? 'technician' } as const;
  return (
    <div className="grid grid-cols-2 content-start gap-3">
      <SelectField
        label="Before the lesson"
        value={said.ahead === null ? '' : said.ahead.may ? 'may' : 'not'}
        onChange={(event) =>
          set({ ahead: event.target.value === '' ? null : { ...usual, ...said.ahead, may: event.target.value === 'may' } })
        }
      >
        <option value="">
          {reads(
            said.ahead === null && proposed
              ? proposed.may
                ? `it may, ${proposed.store}, ${proposed.hours} h`
                : 'it must not'
              : 'not said',
          )}
        </option>
        <option value="may">it may be done ahead</option>
        <option value="not">it must not</option>
      </SelectField>
      {said.ahead?.may ? (
        <>
          {number('Keeps, hours', said.ahead.hours, (hours) => set({ ahead: { ...said.ahead!, hours: hours ?? 0 } }))}
          <SelectField
            label="Store"
            value={said.ahead.store}
            onChange={(event) => set({ ahead: { ...said.ahead!, store: event.target.value as Store } })}
          >
            {STORES.map((store) => (
              <option key={store}>{store}</option>
            ))}
          </SelectField>
          <SelectField
            label="By"
            value={said.ahead.by}
            onChange={(event) => set({ ahead: { ...said.ahead!, by: event.target.value as Maker } })}
          >
            {MAKERS.map((maker) => (
              <option key={maker}>{maker}</option>
            ))}
          </SelectField>
        </>
      ) : null}
    </div>
  );
}

/** The best heat of an oven, and those that are right beside it with the minutes at both ends. */
function Heat({ said, step, work, set, number }: FieldProps & { readonly step: MethodStep; readonly work: WorkStep }) {
  const oven = work.needs.find((need) => need.kind === 'oven');
  if (oven?.kind !== 'oven') return <div />;
  const band = said.band;
  if (!band)
    return (
      <div>
        <h3 className="font-semibold">Oven at {oven.celsius} °C</h3>
        <Button
          kind="quiet"
          onClick={() =>
            set({
              band: {
                from: oven.celsius - 10,
                to: oven.celsius + 10,
                minutesAtFrom: (step.minutes ?? work.minutes.practised) + 2,
                minutesAtTo: Math.max(1, (step.minutes ?? work.minutes.practised) - 2),
              },
            })
          }
        >
          Other heats are right too
        </Button>
      </div>
    );
  const part = (change: Partial<typeof band>) => set({ band: { ...band, ...change } });
  return (
    <div className="grid grid-cols-2 content-start gap-3">
      {number('Right from, °C', band.from, (from) => part({ from: from ?? oven.celsius }))}
      {number('To, °C', band.to, (to) => part({ to: to ?? oven.celsius }))}
      {number('Minutes at the lower', band.minutesAtFrom, (minutesAtFrom) => part({ minutesAtFrom: Math.max(1, minutesAtFrom ?? 1) }))}
      {number('At the higher', band.minutesAtTo, (minutesAtTo) => part({ minutesAtTo: Math.max(1, minutesAtTo ?? 1) }))}
      <Button kind="quiet" onClick={() => set({ band: null })}>
        Only {oven.celsius} °C
      </Button>
    </div>
  );
}
