import {
  donenessTable,
  LEVEL_NAMES,
  MEASURED_FROM,
  MEASURED_TO,
  MOST_PIECES,
  targetOfCut,
  targetOfDegree,
  targetSaid,
  type MeasureTarget,
} from '@pelvo/core';
import { Button, SelectField, TextField } from '../../design';
import { useCutSets, useSchool } from '../../device';
import { NumberField, withAt, type EditingOf } from './editing';

const RISING = [2, 3, 4] as const;
const MOST_SIZES = 3;

/** The sizes and tolerances of a named cut of the school. */
function OfACut({ onTake }: { onTake: (target: MeasureTarget) => void }) {
  const { data: sets = [] } = useCutSets();
  const cuts = sets.flatMap((set) => set.cuts.map((cut) => ({ name: `${cut.name}, ${set.name}`, cut })));
  return (
    <SelectField
      label="Take the sizes of a named cut"
      value=""
      onChange={(event) => {
        const taken = cuts.find(({ name }) => name === event.target.value);
        if (taken) onTake(targetOfCut(taken.cut));
      }}
    >
      <option value="">Choose a cut</option>
      {cuts.map(({ name }) => (
        <option key={name}>{name}</option>
      ))}
    </SelectField>
  );
}

/** The core of a degree of doneness, as the school teaches it. */
function OfADegree({ onTake }: { onTake: (target: MeasureTarget) => void }) {
  const { data: school } = useSchool();
  const degrees = donenessTable(school?.settings.doneness ?? {}).flatMap((food) =>
    food.degrees.map((degree) => ({ name: `${food.name}: ${degree.name}`, degree })),
  );
  return (
    <SelectField
      label="Take the core of a degree of doneness"
      value=""
      onChange={(event) => {
        const taken = degrees.find(({ name }) => name === event.target.value);
        if (taken) onTake(targetOfDegree(taken.degree));
      }}
    >
      <option value="">Choose a degree</option>
      {degrees.map(({ name }) => (
        <option key={name}>{name}</option>
      ))}
    </SelectField>
  );
}

export const MEASURED_EDITING: EditingOf<'measured'> = {
  called: 'measured against a target',
  cells: ({ target }) => [
    ['Right', targetSaid(target)],
    // Of one piece no share can be said.
    ...(target.pieces === 1 ? [] : ([['Pieces', `at least ${target.pieces}`]] as const)),
    ...(target.pieces === 1 ? [] : RISING).map(
      (level, at) => [LEVEL_NAMES[level], `from ${Math.round(target.shares[at]! * 100)} % within`] as const,
    ),
  ],
  Editing: ({ criterion, onChange }) => {
    const { target } = criterion;
    const set = (change: Partial<typeof target>) => onChange({ ...criterion, target: { ...target, ...change } });
    return (
      <div className="space-y-3">
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField label="In" hint="mm, g, °C, min" value={target.unit} onChange={(event) => set({ unit: event.target.value })} />
          <NumberField
            label="At least so many pieces"
            min={1}
            max={MOST_PIECES}
            value={target.pieces}
            onChange={(value) => set({ pieces: Math.max(1, Math.round(value)) })}
          />
        </div>
        <div className="grid gap-3 sm:grid-cols-2">
          <OfACut onTake={(taken) => set(taken)} />
          <OfADegree onTake={(taken) => set(taken)} />
        </div>
        {target.sizes.map((size, at) => (
          <div key={at} className="grid items-end gap-3 sm:grid-cols-[1fr_9rem_9rem_auto]">
            <TextField
              label="Size"
              value={size.name}
              onChange={(event) => set({ sizes: withAt(target.sizes, at, { ...size, name: event.target.value }) })}
            />
            <NumberField
              label="from"
              min={MEASURED_FROM}
              max={MEASURED_TO}
              value={size.least}
              onChange={(least) => set({ sizes: withAt(target.sizes, at, { ...size, least }) })}
            />
            <NumberField
              label="to"
              min={MEASURED_FROM}
              max={MEASURED_TO}
              value={size.most}
              onChange={(most) => set({ sizes: withAt(target.sizes, at, { ...size, most }) })}
            />
            <Button
              kind="quiet"
              disabled={target.sizes.length === 1}
              onClick={() => set({ sizes: target.sizes.filter((_, index) => index !== at) })}
            >
              Remove<span className="sr-only"> size {size.name}</span>
            </Button>
          </div>
        ))}
        {target.sizes.length < MOST_SIZES ? (
          <Button onClick={() => set({ sizes: [...target.sizes, { name: 'width', least: 9, most: 11 }] })}>Add a size</Button>
        ) : null}
        <div className="grid gap-3 sm:grid-cols-3">
          {RISING.map((level, at) => (
            <NumberField
              key={level}
              label={`${LEVEL_NAMES[level]}, percent within`}
              max={100}
              value={Math.round(target.shares[at]! * 100)}
              onChange={(value) => set({ shares: withAt(target.shares, at, Math.min(100, Math.max(0, value)) / 100) })}
            />
          ))}
        </div>
      </div>
    );
  },
  fresh: { weight: 1, target: { unit: 'mm', sizes: [{ name: 'side', least: 9, most: 11 }], pieces: 10, shares: [0.5, 0.75, 0.9] } },
};
