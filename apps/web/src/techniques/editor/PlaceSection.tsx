import { X } from 'lucide-react';
import {
  CALCULATOR_KEYS,
  CALCULATORS,
  CARD_LIMITS,
  drawCard,
  DRAWING_KINDS,
  DRAWING_NAMES,
  LADDER_KEYS,
  LADDERS,
  SHIPPED_CUT_SETS,
  type DrawingKind,
  type DrawingSpec,
} from '@pelvo/core';
import { fieldProblem, useInForce, useTechniques } from '../../device';
import { Drawing, IconButton, Section, SelectField, Tick } from '../../design';
import type { CardFormProps } from './CardForm';
import { LinesField } from './LinesField';

/** Where it stands in the course, what it computes and shows, and the words that point to it. */
export function PlaceSection({ fields, onChange, error, ownId }: CardFormProps & { ownId: string | null }) {
  const { data: techniques = [] } = useTechniques();
  const left = techniques.filter(({ id }) => id !== ownId && !fields.prerequisites.includes(id));
  const nameOf = (id: string) => techniques.find((each) => each.id === id)?.name ?? 'A card in the archive';
  return (
    <section id="card-place">
      <Section title="Learn first">
        <Chosen
          items={fields.prerequisites.map((id) => ({ key: id, name: nameOf(id) }))}
          onRemove={(key) => onChange({ prerequisites: fields.prerequisites.filter((id) => id !== key) })}
        />
        {fields.prerequisites.length < CARD_LIMITS.prerequisites ? (
          <div className="mt-2 max-w-sm">
            <SelectField
              label="Add a technique to learn first"
              labelHidden
              value=""
              problem={fieldProblem(error, 'prerequisites')}
              onChange={(event) => event.target.value && onChange({ prerequisites: [...fields.prerequisites, event.target.value] })}
            >
              <option value="">Add a technique</option>
              {left.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </SelectField>
          </div>
        ) : null}
      </Section>
      <Section title="Measures on the card">
        <div className="grid sm:grid-cols-2">
          {CALCULATOR_KEYS.map((key) => (
            <Tick
              key={key}
              label={CALCULATORS[key].name}
              checked={fields.calculators.includes(key)}
              onChange={(on) =>
                onChange({ calculators: CALCULATOR_KEYS.filter((each) => (each === key ? on : fields.calculators.includes(each))) })
              }
            />
          ))}
        </div>
      </Section>
      <Section title="Stages on the card">
        <div className="grid sm:grid-cols-2">
          {LADDERS.map(({ key, name }) => (
            <Tick
              key={key}
              label={name}
              checked={fields.ladders.includes(key)}
              onChange={(on) => onChange({ ladders: LADDER_KEYS.filter((each) => (each === key ? on : fields.ladders.includes(each))) })}
            />
          ))}
        </div>
      </Section>
      <Section title="Drawings">
        <Drawings drawings={fields.drawings} onChange={(drawings) => onChange({ drawings })} />
      </Section>
      <Section title="Words that point to it">
        <LinesField
          label="Words in a method step"
          placeholder="blanch"
          marker="dot"
          lines={fields.words}
          problem={fieldProblem(error, 'words')}
          hint="A word or two a line. A step that says one of them is taken to exercise this technique."
          onChange={(words) => onChange({ words })}
        />
      </Section>
    </section>
  );
}

function Chosen({ items, onRemove }: { items: readonly { key: string; name: string }[]; onRemove: (key: string) => void }) {
  return (
    <ul className="flex flex-wrap gap-2">
      {items.map(({ key, name }) => (
        <li key={key} className="inline-flex items-center border border-ink bg-tile pl-3">
          {name}
          <IconButton label={`Take out ${name}`} onClick={() => onRemove(key)}>
            <X aria-hidden className="size-4" />
          </IconButton>
        </li>
      ))}
    </ul>
  );
}

const CUT_NAMES = new Map(SHIPPED_CUT_SETS.flatMap((set) => set.cuts.map(({ key, name }) => [key, name] as const)));

function Drawings({ drawings, onChange }: { drawings: readonly DrawingSpec[]; onChange: (drawings: readonly DrawingSpec[]) => void }) {
  const { inForce } = useInForce();
  const cuts = new Map([...CUT_NAMES, ...(inForce?.cutSet?.cuts ?? []).map(({ key, name }) => [key, name] as const)]);
  const options = [
    ...DRAWING_KINDS.filter((kind) => kind !== 'cut').map((kind) => ({ value: kind as string, name: DRAWING_NAMES[kind] })),
    ...[...cuts].map(([key, name]) => ({ value: `cut ${key}`, name: `${DRAWING_NAMES.cut}: ${name}` })),
  ];
  const valueOf = ({ kind, of }: DrawingSpec) => (of ? `${kind} ${of}` : kind);
  const add = (value: string) => {
    const [kind, of] = value.split(' ') as [DrawingKind, string | undefined];
    onChange([...drawings, of ? { kind, of } : { kind }]);
  };
  return (
    <>
      <ul className="flex flex-wrap gap-3">
        {drawings.map((spec, index) => {
          const drawing = inForce ? drawCard(spec, inForce) : null;
          const name = options.find(({ value }) => value === valueOf(spec))?.name ?? 'A drawing no set knows any more';
          return (
            <li key={index} className="w-56 border border-line bg-tile p-2">
              {drawing ? <Drawing drawing={drawing} className="h-28 w-full" /> : null}
              <div className="flex items-center justify-between gap-2 text-small">
                {name}
                <IconButton label={`Take out the drawing: ${name}`} onClick={() => onChange(drawings.filter((_, at) => at !== index))}>
                  <X aria-hidden className="size-4" />
                </IconButton>
              </div>
            </li>
          );
        })}
      </ul>
      {drawings.length < CARD_LIMITS.drawings ? (
        <div className="mt-2 max-w-sm">
          <SelectField label="Add a drawing" labelHidden value="" onChange={(event) => event.target.value && add(event.target.value)}>
            <option value="">Add a drawing</option>
            {options
              .filter(({ value }) => !drawings.some((spec) => valueOf(spec) === value))
              .map(({ value, name }) => (
                <option key={value} value={value}>
                  {name}
                </option>
              ))}
          </SelectField>
        </div>
      ) : null}
    </>
  );
}
