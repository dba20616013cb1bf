import { ALLERGENS, exact, exactText, findUnit, fromDecimal, ORIGINS, showDecimal, type Allergen, type IngredientFact } from '@pelvo/core';
import type { IngredientRecord } from '@pelvo/contract';
import { send, useAction } from '../device';
import { Button, ProblemNotice, SelectField, TextField, Tick, useFields, wrongField } from '../design';

const EMPTY: IngredientFact = {
  name: '',
  otherNames: [],
  density: null,
  gramsOfOne: [],
  trim: [],
  allergens: [],
  mayContain: [],
  origin: 'plant',
  strong: false,
  price: null,
  source: '',
};

const decimal = (value: string | null | undefined) => (value ? showDecimal(exact(value), 4) : '');

/** A typed decimal as an exact amount; null when it is empty or not a number. */
function typed(text: string): string | null {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() && Number.isFinite(value) ? exactText(fromDecimal(value, 4)) : null;
}

/** Pairs typed as "each 250, bulb 300", and the first part that is no pair. */
function typedPairs(text: string): {
  readonly pairs: readonly { readonly name: string; readonly value: string }[];
  readonly wrong: string | null;
} {
  const written = parts(text);
  const read = written.map((part) => {
    const match = /^(.+?)[\s:]+([\d.]+)\s*(?:g|%)?$/.exec(part);
    const value = match ? typed(match[2]!) : null;
    return match && value ? { name: match[1]!.trim(), value } : null;
  });
  return { pairs: read.filter((pair) => pair !== null), wrong: written[read.indexOf(null)] ?? null };
}

const noNumber = (text: string) => (text.trim() && typed(text) === null ? `"${text.trim()}" is not a number.` : null);
const parts = (text: string) =>
  text
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean);

/** A fact as it stands in the boxes: amounts, and pairs of a name and an amount, as text. */
interface Boxes extends Pick<IngredientFact, 'name' | 'allergens' | 'mayContain' | 'origin' | 'strong' | 'source'> {
  readonly otherNames: string;
  readonly density: string;
  readonly ones: string;
  readonly trim: string;
  readonly price: string;
  readonly per: 'kg' | 'l' | 'each';
}

const shownOnes = ({ gramsOfOne }: IngredientFact) => gramsOfOne.map(({ unit, grams }) => `${unit} ${decimal(grams)}`).join(', ');
const shownTrim = ({ trim }: IngredientFact) =>
  trim.map(({ preparation, fraction }) => `${preparation} ${showDecimal(exact(fraction).mul(100))}`).join(', ');

function boxesOf(record: IngredientRecord | null): Boxes {
  const start = record?.own ?? record?.shipped ?? EMPTY;
  return {
    ...start,
    source: record?.own ? start.source : '',
    otherNames: start.otherNames.join(', '),
    density: decimal(start.density),
    ones: shownOnes(start),
    trim: shownTrim(start),
    price: decimal(start.price?.amount),
    per: start.price?.per ?? 'kg',
  };
}

function factOf(boxes: Boxes): IngredientFact {
  const { name, allergens, mayContain, origin, strong, source, per } = boxes;
  const amount = typed(boxes.price);
  return {
    name,
    allergens,
    mayContain,
    origin,
    strong,
    source,
    otherNames: parts(boxes.otherNames),
    density: typed(boxes.density),
    gramsOfOne: typedPairs(boxes.ones).pairs.map(({ name: unit, value }) => ({ unit: findUnit(unit)!.code, grams: value })),
    trim: typedPairs(boxes.trim).pairs.map(({ name: preparation, value }) => ({ preparation, fraction: exactText(exact(value).div(100)) })),
    price: amount ? { amount, per } : null,
  };
}

/** What cannot be read in the boxes that hold figures, by box. */
function problemsIn({ density, ones, trim, price }: Boxes) {
  const noUnit = typedPairs(ones).pairs.find(({ name }) => !findUnit(name));
  return {
    density: wrongField('density', noNumber(density), 'Type grams, such as 0.92, or leave it empty.'),
    ones: wrongField(
      'ones',
      typedPairs(ones).wrong !== null
        ? `"${typedPairs(ones).wrong}" is not a unit and its grams.`
        : noUnit
          ? `"${noUnit.name}" is not a unit.`
          : null,
      'Type each 250, bulb 300.',
    ),
    trim: wrongField(
      'trim',
      typedPairs(trim).wrong !== null ? `"${typedPairs(trim).wrong}" is not a preparation and its percent.` : null,
      'Type peeled 80, trimmed 90.',
    ),
    price: wrongField('price', noNumber(price), 'Type an amount, such as 3.50, or leave it empty.'),
  };
}

/** The school's own fact of an ingredient, beside what ships. */
export function FactForm({ record, onDone }: { record: IngredientRecord | null; onDone: () => void }) {
  const { error, run } = useAction();
  const { fields, set, box, onSubmit, busy } = useFields(boxesOf(record), { check: problemsIn });
  const toggle = (field: 'allergens' | 'mayContain', allergen: Allergen, on: boolean) =>
    set({ [field]: on ? [...fields[field], allergen] : fields[field].filter((other) => other !== allergen) });
  const save = (boxes: Boxes) =>
    run(async () => {
      const body = factOf(boxes);
      await send('PUT', `/ingredients/${encodeURIComponent(record?.name ?? body.name)}`, { body, version: record?.version ?? 0 });
      onDone();
    });
  const shipped = record?.shipped;
  return (
    <form className="space-y-4" noValidate onSubmit={onSubmit(save)}>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name" readOnly={record !== null} {...box('name')} />
        <TextField label="Other names" hint="parted by commas" {...box('otherNames')} />
        <TextField
          label="One millilitre weighs (g)"
          inputMode="decimal"
          hint={shipped ? `ships as ${decimal(shipped.density) || 'unknown'}` : undefined}
          {...box('density')}
        />
        <TextField
          label="One weighs (g)"
          placeholder="each 250, bulb 300"
          hint={shipped ? `ships as ${shownOnes(shipped) || 'unknown'}` : undefined}
          {...box('ones')}
        />
        <TextField
          label="Left after trimming (%)"
          placeholder="peeled 80, trimmed 90"
          hint={shipped ? `ships as ${shownTrim(shipped) || 'unknown'}` : undefined}
          {...box('trim')}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField label="Price" inputMode="decimal" {...box('price')} />
          <SelectField label="per" {...box('per')}>
            <option>kg</option>
            <option>l</option>
            <option value="each">piece</option>
          </SelectField>
        </div>
      </div>
      {(['allergens', 'mayContain'] as const).map((field) => (
        <fieldset key={field}>
          <legend className="font-semibold">{field === 'allergens' ? 'Contains' : 'May contain, by its label'}</legend>
          <div className="grid grid-cols-2 sm:grid-cols-5">
            {ALLERGENS.map((allergen) => (
              <Tick
                key={allergen}
                label={allergen}
                checked={fields[field].includes(allergen)}
                onChange={(on) => toggle(field, allergen, on)}
              />
            ))}
          </div>
        </fieldset>
      ))}
      <div className="grid items-end gap-3 sm:grid-cols-2">
        <SelectField label="Comes from" {...box('origin')}>
          {ORIGINS.map((origin) => (
            <option key={origin}>{origin}</option>
          ))}
        </SelectField>
        <Tick label="A strong spice: scaled tapered" checked={fields.strong} onChange={(strong) => set({ strong })} />
      </div>
      <TextField
        label="Source"
        placeholder="weighed in our store, 12 November"
        hint={shipped ? `What ships: ${shipped.source}` : 'where the figures are from'}
        {...box('source')}
      />
      <ProblemNotice error={error} />
      <div className="flex flex-wrap gap-2">
        <Button kind="main" type="submit" busy={busy}>
          Save as your own
        </Button>
        {record?.own ? (
          <Button
            onClick={() =>
              void run(async () => {
                await send('DELETE', `/ingredients/${encodeURIComponent(record.name)}`);
                onDone();
              })
            }
          >
            {shipped ? 'Back to what ships' : 'Remove'}
          </Button>
        ) : null}
      </div>
    </form>
  );
}
