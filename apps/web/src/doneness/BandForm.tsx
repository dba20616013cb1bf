import {
  checkDoneness,
  donenessKey,
  DONENESS_LIMITS,
  donenessOf,
  refusedInWords,
  typedValue,
  type DonenessBand,
  type OwnDoneness,
} from '@pelvo/core';
import type { School } from '@pelvo/contract';
import { Button, Notice, ProblemNotice, TextArea, TextField, useFields, wrongField } from '../design';
import { savedMeanwhile, send, speech, useAction, useSchool } from '../device';

interface BandFormProps {
  readonly food: string;
  readonly degree: string;
  readonly name: string;
  readonly school: School;
  readonly onDone: () => void;
}

interface Boxes {
  readonly from: string;
  readonly to: string;
  readonly cue: string;
  readonly rest: string;
}

const bandOf = ({ from, to, cue, rest }: Boxes): DonenessBand => ({
  from: typedValue(from),
  to: typedValue(to),
  cue: cue.trim(),
  rest: rest.trim(),
});

/** One band of doneness as this school teaches it; it can be set back to what ships. */
export function BandForm({ food, degree, name, school, onDone }: BandFormProps) {
  const { mutate } = useSchool();
  const { busy, error, run } = useAction();
  const { doneness: own } = school.settings;
  const key = donenessKey(food, degree);
  const now = donenessOf(food, degree, own)!;
  const check = (boxes: Boxes) => {
    const refused = checkDoneness(key, bandOf(boxes), own);
    const said = refused ? refusedInWords(refused, speech().preferences) : null;
    return {
      from: wrongField('from', said?.problem ?? null, said?.remedy ?? ''),
      cue: wrongField('cue', boxes.cue.trim() ? null : 'Nothing is said.', 'Say how it is known without a probe.'),
      rest: wrongField('rest', boxes.rest.trim() ? null : 'Nothing is said.', 'Say how long it rests, or "none".'),
    };
  };
  const { box, onSubmit } = useFields<Boxes>({ from: String(now.from), to: String(now.to), cue: now.cue, rest: now.rest }, { check });
  const save = (doneness: OwnDoneness) =>
    run(async () => {
      const stored = await send<School>('PUT', '/school', { body: { ...school.settings, doneness }, version: school.version });
      await mutate(stored, { revalidate: false });
      onDone();
    });
  const meanwhile = savedMeanwhile<School>(error);
  const { [key]: set, ...others } = own;
  return (
    <form
      aria-label={name}
      className="no-print my-4 max-w-3xl space-y-3 border-2 border-ink bg-tile p-4"
      noValidate
      onSubmit={onSubmit((boxes) => save({ ...own, [key]: bandOf(boxes) }))}
    >
      <h3 className="text-lg">{name}</h3>
      <div className="grid grid-cols-2 gap-3 sm:w-80">
        <TextField autoFocus label="Core from, °C" inputMode="decimal" {...box('from')} />
        <TextField label="To, °C" inputMode="decimal" {...box('to')} />
      </div>
      <TextArea label="Without a probe" rows={2} maxLength={DONENESS_LIMITS.text} {...box('cue')} />
      <TextField label="Rest" maxLength={DONENESS_LIMITS.text} {...box('rest')} />
      {meanwhile ? (
        <Notice kind="problem" title="Someone else has changed the school’s settings meanwhile. What you typed is still here.">
          <Button onClick={() => void mutate(meanwhile, { revalidate: false })}>Go on from theirs, then keep yours</Button>
        </Notice>
      ) : (
        <ProblemNotice error={error} />
      )}
      <div className="flex flex-wrap gap-2">
        <Button type="submit" kind="main" busy={busy}>
          Keep
        </Button>
        {set ? (
          <Button busy={busy} onClick={() => void save(others)}>
            Back to what ships
          </Button>
        ) : null}
        <Button onClick={onDone}>Leave as it is</Button>
      </div>
    </form>
  );
}
