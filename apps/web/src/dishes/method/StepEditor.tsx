import {
  ALLERGENS,
  celsiusIn,
  HEATED,
  HEATED_NAMES,
  LADDERS,
  type Allergen,
  type Component,
  type Heated,
  type MethodStep,
  STORES,
  type Store,
  type WantedStage,
} from '@pelvo/core';
import { Button, SelectField, TextArea, TextField, Tick, useFields, wrongField, type Problems } from '../../design';
import { parseWhole } from '../formula/optional';

interface StepEditorProps {
  readonly step: MethodStep;
  readonly components: readonly Pick<Component, 'id' | 'name'>[];
  readonly onSave: (step: MethodStep) => void;
  readonly onCancel: () => void;
}

const shown = (value: number | null | undefined) => (value === null || value === undefined ? '' : String(value));

/** A step as it stands in the boxes. */
interface Boxes {
  readonly text: string;
  readonly componentId: string;
  readonly hands: MethodStep['hands'];
  readonly minutes: string;
  readonly noviceMinutes: string;
  readonly heat: string;
  readonly heats: Heated;
  readonly sharedWith: readonly Allergen[];
  readonly store: Store | '';
  /** A ladder and its stage, parted by a blank; empty where none is wanted. */
  readonly wants: string;
  readonly equipment: string;
  readonly least: string;
  readonly most: string;
  readonly critical: string;
  readonly caution: string;
}

const boxesOf = ({
  text,
  componentId,
  hands,
  minutes,
  noviceMinutes,
  celsius,
  heats,
  sharedWith,
  store,
  wants,
  equipment,
  toNext,
  critical,
  caution,
}: MethodStep): Boxes => ({
  text,
  componentId: componentId ?? '',
  hands,
  minutes: shown(minutes),
  noviceMinutes: shown(noviceMinutes),
  heat: shown(celsius),
  heats,
  sharedWith,
  store: store ?? '',
  wants: wants ? `${wants.ladder} ${wants.stage}` : '',
  equipment,
  least: shown(toNext.least),
  most: shown(toNext.most),
  critical,
  caution,
});

/** Degrees Celsius of a heat as it is typed; null for none, undefined for what is no temperature. */
const heatOf = (heat: string, heats: Heated): number | null | undefined =>
  heat.trim() === '' ? null : (celsiusIn(heat, heats) ?? (/^-?\d{1,3}$/.test(heat.trim()) ? Number(heat) : undefined));

function wantedIn(wants: string): WantedStage | null {
  const [ladder = '', stage = ''] = wants.split(' ');
  return ladder && stage ? { ladder, stage } : null;
}

function problemsIn({ text, heat, heats, least, most }: Boxes): Problems<Boxes> {
  const span = [parseWhole(least), parseWhole(most)] as const;
  return {
    text: wrongField('text', text.trim() ? null : 'A step without words.', 'Say what is done, or leave it as it was.'),
    heat: wrongField('heat', heatOf(heat, heats) === undefined ? 'Not a temperature.' : null, 'Type 180, 180C, 350F or gas 4.'),
    most: wrongField('most', span[0] !== null && span[1] !== null && span[1] < span[0] ? 'Less than the least.' : null, 'Swap the two.'),
  };
}

/** Everything a step carries: its text, hands, times, equipment, heat, window to the next, what decides it, its caution. */
export function StepEditor({ step, components, onSave, onCancel }: StepEditorProps) {
  const { box, fields, set, onSubmit } = useFields(boxesOf(step), { check: problemsIn });
  const toggle = (allergen: Allergen, on: boolean) =>
    set({ sharedWith: on ? [...fields.sharedWith, allergen] : fields.sharedWith.filter((other) => other !== allergen) });
  const save = ({ text, componentId, minutes, noviceMinutes, heat, store, wants, least, most, ...rest }: Boxes) =>
    onSave({
      ...step,
      ...rest,
      text: text.trim(),
      componentId: componentId || null,
      minutes: parseWhole(minutes),
      noviceMinutes: parseWhole(noviceMinutes),
      celsius: heatOf(heat, rest.heats) ?? null,
      store: store || null,
      wants: wantedIn(wants),
      toNext: { least: parseWhole(least), most: parseWhole(most) },
    });
  return (
    <form
      aria-label={`Detail of "${step.text.slice(0, 40)}"`}
      className="mt-2 space-y-3 border-2 border-ink bg-tile p-4"
      noValidate
      onSubmit={onSubmit(save)}
    >
      <TextArea label="Step" rows={2} maxLength={2000} {...box('text')} />
      <div className="grid gap-3 sm:grid-cols-5">
        <div className="sm:col-span-2">
          <SelectField label="Hands" {...box('hands')}>
            <option value="on">on: someone is busy</option>
            <option value="off">off: it rests, bakes, chills</option>
          </SelectField>
        </div>
        <TextField label="Minutes" inputMode="numeric" {...box('minutes')} />
        <TextField label="For a novice" inputMode="numeric" {...box('noviceMinutes')} />
        <TextField label="Heat" placeholder="180" {...box('heat')} />
      </div>
      <div className="grid gap-3 sm:grid-cols-3">
        {components.length > 1 ? (
          <SelectField label="Component" {...box('componentId')}>
            <option value="">of the whole dish</option>
            {components.map(({ id, name }) => (
              <option key={id} value={id}>
                {name || 'the main list'}
              </option>
            ))}
          </SelectField>
        ) : null}
        <SelectField label="Food meanwhile" {...box('store')}>
          <option value="">as its words say</option>
          {STORES.map((store) => (
            <option key={store} value={store}>
              {store}
            </option>
          ))}
        </SelectField>
        <SelectField label="Goes on to the stage" {...box('wants')}>
          <option value="">none is said</option>
          {LADDERS.map((ladder) => (
            <optgroup key={ladder.key} label={ladder.name}>
              {ladder.stages.map((stage) => (
                <option key={stage.key} value={`${ladder.key} ${stage.key}`}>
                  {ladder.name}: {stage.name}
                </option>
              ))}
            </optgroup>
          ))}
        </SelectField>
      </div>
      <div className="grid gap-3 sm:grid-cols-4">
        <SelectField label="Heat of" {...box('heats')}>
          {HEATED.map((each) => (
            <option key={each} value={each}>
              {HEATED_NAMES[each]}
            </option>
          ))}
        </SelectField>
        <TextField label="Equipment" placeholder="oven, blender, water bath" maxLength={80} {...box('equipment')} />
        <TextField label="To next, at least" hint="minutes" inputMode="numeric" {...box('least')} />
        <TextField label="At most" hint="minutes" inputMode="numeric" {...box('most')} />
      </div>
      <details open={fields.sharedWith.length > 0}>
        <summary className="min-h-9 content-center font-semibold">
          Fat, board, fryer or water is shared with
          {fields.sharedWith.length > 0 ? `: ${fields.sharedWith.join(', ')}` : ' nothing that matters'}
        </summary>
        <div className="grid grid-cols-2 sm:grid-cols-4">
          {ALLERGENS.map((allergen) => (
            <Tick key={allergen} label={allergen} checked={fields.sharedWith.includes(allergen)} onChange={(on) => toggle(allergen, on)} />
          ))}
        </div>
        <p className="text-small text-soft">What is made may then contain it, and says so on orders, trays and handouts.</p>
      </details>
      <TextField label="Decides the result because" maxLength={300} {...box('critical')} />
      <TextField label="Caution" maxLength={300} {...box('caution')} />
      <div className="flex gap-2">
        <Button type="submit" kind="main">
          Keep
        </Button>
        <Button onClick={onCancel}>Leave as it is</Button>
      </div>
    </form>
  );
}
