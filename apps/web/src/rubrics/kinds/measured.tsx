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

interface TakeFromProps {
  readonly label: string;
  readonly none: string;
  readonly targets: readonly { readonly name: string; readonly target: MeasureTarget }[];
  readonly onTake: (target: MeasureTarget) => void;
}

/** What something is held to, taken from a list of the school's. */
function TakeFrom({ label, none, targets, onTake }: TakeFromProps) {
  return (
    <SelectField
      label={label}
      value=""
      onChange={(event) => {
        const taken = targets.find(({ name }) => name === event.target.value);
        if (taken) onTake(taken.target);
      }}
    >
      <option value="">{none}</option>
      {targets.map(({ name }) => (
        <option key={name}>{name}</option>
      ))}
    </SelectField>
  );
}

/** The sizes and tolerances of a named cut, or the core of a degree of doneness, as the school teaches them. */
function OfTheSchool({ onTake }: Pick<TakeFromProps, 'onTake'>) {
  const { data: sets = [] } = useCutSets();
  const { data: school } = useSchool();
  const cuts = sets.flatMap((set) => set.cuts.map((cut) => ({ name: `${cut.name}, ${set.name}`, target: targetOfCut(cut) })));
  const degrees = donenessTable(school?.settings.doneness ?? {}).flatMap((food) =>
    food.degrees.map((degree) => ({ name: `${food.name}: ${degree.name}`, target: targetOfDegree(degree) })),
  );
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TakeFrom label="Take the sizes of a named cut" none="Choose a cut" targets={cuts} onTake={onTake} />
      <TakeFrom label="Take the core of a degree of doneness" none="Choose a degree" targets={degrees} onTake={onTake} />
    </div>
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
        <OfTheSchool onTake={(taken) => set(taken)} />
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
