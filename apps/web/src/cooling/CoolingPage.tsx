import { addMinutes, format, parseISO } from 'date-fns';
import { Undo2 } from 'lucide-react';
import { useRef, useState, type FormEvent, type RefObject } from 'react';
import { useParams } from 'react-router';
import {
  checkCooling,
  COOLED_LIMITS,
  coolingLog,
  curveOf,
  measure,
  ruleValue,
  typedValue,
  WHO_DECIDES,
  type InstrumentReading,
  type LocalRules,
} from '@pelvo/core';
import type { CooledReading, CoolingOfLesson } from '@pelvo/contract';
import { FromInstrument, SavedState, useInstruments } from '../assessment';
import { Button, DataTable, Fetching, IconButton, Notice, PageHead, Section, TextField } from '../design';
import { clockTime, inWords, measured, newId, usePreferences, useRules, useWakeLock } from '../device';
import { PlanViews } from '../lessons';
import { useCooling } from './useCooling';

const at = (moment: string) => clockTime(format(parseISO(moment), 'HH:mm'));

/** What cools in a lesson: readings are noted as they are taken, and each curve is judged by the local rules while there is time. */
export default function CoolingPage() {
  const { id = '' } = useParams();
  const { log, said, error, retry, note, outbox } = useCooling(id);
  const rules = useRules();
  useWakeLock();
  const foods = coolingLog(said);
  const field = useRef<HTMLDivElement>(null);
  const [food, setFood] = useState('');
  const next = (name: string) => {
    setFood(name);
    field.current?.querySelector('input')?.focus();
  };
  return (
    <>
      <PlanViews lessonId={id} />
      <Fetching
        what="what cools"
        done={log !== undefined && rules.data !== undefined}
        error={error ?? (rules.data ? undefined : rules.error)}
        retry={retry}
      />
      {log ? (
        <div className="flex flex-wrap items-start justify-between gap-3">
          <PageHead title={`${log.title}: cooling`} lead="Each reading as it is taken, in the middle of the thickest part" />
          <SavedState outbox={outbox} />
        </div>
      ) : null}
      {log && rules.data ? (
        <>
          <NoteReading
            log={log}
            food={food}
            field={field}
            onFood={setFood}
            onNote={(name, celsius) => note({ readingId: newId(), food: name, celsius })}
          />
          {foods.length === 0 ? (
            <Notice title="Nothing cools yet.">
              Give the first reading while it is still at or above{' '}
              {measured(measure(ruleValue('cooling-start', rules.data.rules), 'celsius'))}: counting begins there.
            </Notice>
          ) : null}
          {foods.map((each) => (
            <Cooling
              key={each.food}
              food={each.food}
              readings={each.readings}
              rules={rules.data!.rules}
              onNext={() => next(each.food)}
              onTakeBack={({ body }) => void note({ ...body, celsius: null })}
            />
          ))}
          <p className="mt-6 text-small text-soft">{WHO_DECIDES}</p>
        </>
      ) : null}
    </>
  );
}

interface NoteReadingProps {
  readonly log: CoolingOfLesson;
  readonly food: string;
  readonly field: RefObject<HTMLDivElement | null>;
  readonly onFood: (food: string) => void;
  readonly onNote: (food: string, celsius: number) => Promise<unknown>;
}

/** What cools, and what the probe shows. */
function NoteReading({ log, food, field, onFood, onNote }: NoteReadingProps) {
  const { temperature } = usePreferences();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<{ field: 'food' | 'reading'; problem: string; remedy: string } | null>(null);
  const [trouble, setTrouble] = useState('');
  const probes = useInstruments('°C');
  const [least, most] = COOLED_LIMITS.celsius;
  const say = async (celsius: number) => {
    if (food.trim() === '') {
      setProblem({ field: 'food', problem: 'What cools is not named.', remedy: 'Give a name, such as vegetable stock.' });
      return;
    }
    setProblem(null);
    setTrouble('');
    await onNote(food.trim(), Number(celsius.toFixed(1)));
    setTyped('');
  };
  const read = ({ value, steady }: InstrumentReading) => {
    if (steady) void say(value);
    else setTrouble(`${measured(measure(value, 'celsius'))}, and still moving. Wait until it rests, then read it again.`);
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const value = typed.trim() === '' ? null : typedValue(typed);
    // Typed in the person's scale; the log holds degrees Celsius.
    const celsius = value === null || temperature !== 'fahrenheit' ? value : ((value - 32) * 5) / 9;
    if (celsius === null || !(celsius >= least && celsius <= most))
      setProblem({
        field: 'reading',
        problem: 'This is no reading of food.',
        remedy: `Give ${measured(measure(least, 'celsius'))} to ${measured(measure(most, 'celsius'))}.`,
      });
    else void say(celsius);
  };
  return (
    <form
      onSubmit={submit}
      aria-label="A reading"
      className="mb-6 grid items-start gap-3 border-2 border-ink bg-tile p-4 sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_auto_auto]"
    >
      <TextField
        label="What cools"
        list="what-may-cool"
        value={food}
        maxLength={COOLED_LIMITS.food}
        problem={problem?.field === 'food' ? problem : null}
        onChange={(event) => onFood(event.target.value)}
      />
      <datalist id="what-may-cool">
        {log.foods.map((each) => (
          <option key={each} value={each} />
        ))}
      </datalist>
      <div ref={field}>
        <TextField
          label={`Probe, ${temperature === 'fahrenheit' ? '°F' : '°C'}`}
          inputMode="decimal"
          value={typed}
          maxLength={8}
          problem={problem?.field === 'reading' ? problem : null}
          onChange={(event) => setTyped(event.target.value)}
        />
      </div>
      <div className="flex sm:mt-6">
        <Button type="submit" className="min-h-14 grow">
          Note it
        </Button>
      </div>
      {probes.map(({ name }) => (
        <div key={name} className="flex sm:mt-6">
          <FromInstrument name={name} onReading={read} onProblem={setTrouble} />
        </div>
      ))}
      {trouble ? (
        <p role="alert" className="border-l-8 border-beet pl-2 font-semibold sm:col-span-full">
          {trouble}
        </p>
      ) : null}
    </form>
  );
}

interface CoolingProps {
  readonly food: string;
  readonly readings: readonly CooledReading[];
  readonly rules: LocalRules;
  readonly onNext: () => void;
  readonly onTakeBack: (reading: CooledReading) => void;
}

/** One food that cools: its readings, and how it stands by each stage of the local rules. */
function Cooling({ food, readings, rules, onNext, onTakeBack }: CoolingProps) {
  const after = (minutes: number) => at(addMinutes(parseISO(readings[0]!.at), minutes).toISOString());
  const check = readings.length < 2 ? null : checkCooling(curveOf({ food, readings }), rules);
  return (
    <Section title={food}>
      {check ? (
        // Before counting begins both stages say the same.
        check.verdicts
          .filter(({ said }, index) => said.code !== 'cooling.not-begun' || index === 0)
          .map((verdict) => (
            <p
              key={verdict.rule}
              className={`mb-2 border-l-8 pl-2 text-lg ${verdict.outcome === 'missed' ? 'border-beet font-semibold' : 'border-ink'}`}
            >
              {inWords(verdict.said)}
              {verdict.said.code === 'cooling.open' ? <b> Read it by {after(verdict.said.by)}.</b> : null}
              <span className="block text-small font-normal text-soft">{verdict.working.map(inWords).join('; ')}</span>
            </p>
          ))
      ) : (
        <p className="mb-2">One reading so far. The next one says how fast it cools.</p>
      )}
      <div className="max-w-2xl">
        <DataTable
          caption="Readings"
          rows={readings}
          keyOf={({ body }) => body.readingId}
          columns={[
            { head: 'Time', cell: (reading) => at(reading.at), names: true },
            { head: 'The probe showed', cell: ({ body }) => measured(measure(body.celsius!, 'celsius')), align: 'right' },
            { head: 'Read by', cell: ({ by }) => by, from: 'sm' },
            {
              head: <span className="sr-only">Take back</span>,
              cell: (reading) => (
                <IconButton
                  label={`Take back ${measured(measure(reading.body.celsius!, 'celsius'))} at ${at(reading.at)}`}
                  onClick={() => onTakeBack(reading)}
                >
                  <Undo2 aria-hidden className="size-5" />
                </IconButton>
              ),
              width: 'w-14',
            },
          ]}
        />
      </div>
      <div className="mt-2">
        <Button kind="quiet" onClick={onNext}>
          Next reading
        </Button>
      </div>
    </Section>
  );
}
