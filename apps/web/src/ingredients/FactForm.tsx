import {
  ALLERGENS,
  exact,
  exactText,
  findUnit,
  FOOD_KINDS,
  fromDecimal,
  KIND_NAMES,
  PIECES,
  showDecimal,
  typedValue,
  type Allergen,
  type FoodKind,
  type IngredientFact,
  type Piece,
} from '@pelvo/core';
import type { IngredientRecord } from '@pelvo/contract';
import { send, useAction } from '../device';
import { Button, ProblemNotice, SelectField, TextField, Tick, useFields, wrongField } from '../design';

const EMPTY: IngredientFact = {
  name: '',
  otherNames: [],
  density: null,
  gramsOfOne: [],
  trim: [],
  cooked: [],
  liquid: false,
  piece: 'whole',
  allergens: [],
  mayContain: [],
  kinds: ['plant'],
  mayBe: [],
  label: false,
  exacting: false,
  strong: false,
  price: null,
  source: '',
};

const decimal = (value: string | null | undefined) => (value ? showDecimal(exact(value), 4) : '');

/** A typed decimal as an exact amount; null when it is empty or not a number. */
function typed(text: string): string | null {
  const value = typedValue(text);
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

const PIECE_NAMES: Readonly<Record<Piece, string>> = {
  whole: 'whole to each making',
  shared: 'cut and shared between makings',
  weighed: 'weighed out once broken up',
};

/** The unit and the size of "egg large" or "each large": the first word is the unit. */
function unitAndSize(name: string): { readonly unit: ReturnType<typeof findUnit>; readonly size: string } {
  const [first = '', ...size] = name.split(' ');
  return { unit: findUnit(first), size: size.join(' ') };
}

/** A fact as it stands in the boxes: amounts, and pairs of a name and an amount, as text. */
interface Boxes extends Pick<
  IngredientFact,
  'name' | 'allergens' | 'mayContain' | 'kinds' | 'mayBe' | 'label' | 'exacting' | 'liquid' | 'piece' | 'strong' | 'source'
> {
  readonly otherNames: string;
  readonly density: string;
  readonly ones: string;
  readonly trim: string;
  readonly cooked: string;
  readonly price: string;
  readonly per: 'kg' | 'l' | 'each';
}

const shownOnes = ({ gramsOfOne }: IngredientFact) =>
  gramsOfOne.map(({ unit, size, grams }) => `${[unit, size].filter(Boolean).join(' ')} ${decimal(grams)}`).join(', ');
const shownTrim = ({ trim }: IngredientFact) =>
  trim.map(({ preparation, fraction }) => `${preparation} ${showDecimal(exact(fraction).mul(100))}`).join(', ');

const shownCooked = ({ cooked }: IngredientFact) =>
  cooked.map(({ way, factor }) => `${way} ${showDecimal(exact(factor).mul(100))}`).join(', ');

function boxesOf(record: IngredientRecord | null): Boxes {
  const start = record?.own ?? record?.shipped ?? EMPTY;
  return {
    ...start,
    source: record?.own ? start.source : '',
    otherNames: start.otherNames.join(', '),
    density: decimal(start.density),
    ones: shownOnes(start),
    trim: shownTrim(start),
    cooked: shownCooked(start),
    price: decimal(start.price?.amount),
    per: start.price?.per ?? 'kg',
  };
}

function factOf(boxes: Boxes): IngredientFact {
  const { name, allergens, mayContain, kinds, mayBe, label, exacting, liquid, piece, strong, source, per } = boxes;
  const amount = typed(boxes.price);
  return {
    name,
    allergens,
    mayContain,
    kinds,
    mayBe,
    label,
    exacting,
    liquid,
    piece,
    strong,
    source,
    otherNames: parts(boxes.otherNames),
    density: typed(boxes.density),
    gramsOfOne: typedPairs(boxes.ones).pairs.map(({ name: called, value }) => {
      const { unit, size } = unitAndSize(called);
      return { unit: unit!.code, size, grams: value };
    }),
    cooked: typedPairs(boxes.cooked).pairs.map(({ name: way, value }) => ({ way, factor: exactText(exact(value).div(100)) })),
    trim: typedPairs(boxes.trim).pairs.map(({ name: preparation, value }) => ({ preparation, fraction: exactText(exact(value).div(100)) })),
    price: amount ? { amount, per } : null,
  };
}

/** What cannot be read in the boxes that hold figures, by box. */
function problemsIn({ density, ones, trim, cooked, kinds, price }: Boxes) {
  const noUnit = typedPairs(ones).pairs.find(({ name }) => !unitAndSize(name).unit);
  return {
    density: wrongField('density', noNumber(density), 'Type grams, such as 0.92, or leave it empty.'),
    ones: wrongField(
      'ones',
      typedPairs(ones).wrong !== null
        ? `"${typedPairs(ones).wrong}" is not a unit and its grams.`
        : noUnit
          ? `"${noUnit.name}" is not a unit.`
          : null,
      'Type each 250, each large 320, bulb 300.',
    ),
    cooked: wrongField(
      'cooked',
      typedPairs(cooked).wrong !== null ? `"${typedPairs(cooked).wrong}" is not a way of cooking and its percent.` : null,
      'Type boiled 280, roasted 75.',
    ),
    kinds: wrongField('kinds', kinds.length === 0 ? 'No kind of food.' : null, 'Tick at least one.'),
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
  const toggleKind = (field: 'kinds' | 'mayBe', kind: FoodKind, on: boolean) =>
    set({ [field]: on ? [...fields[field], kind] : fields[field].filter((other) => other !== kind) });
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
        <TextField
          label="Becomes, cooked or soaked (%)"
          placeholder="boiled 280, roasted 75"
          hint={shipped ? `ships as ${shownCooked(shipped) || 'unknown'}` : undefined}
          {...box('cooked')}
        />
        <SelectField label="A counted piece is given" {...box('piece')}>
          {PIECES.map((piece) => (
            <option key={piece} value={piece}>
              {PIECE_NAMES[piece]}
            </option>
          ))}
        </SelectField>
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
      {(['kinds', 'mayBe'] as const).map((field) => (
        <details key={field} open={field === 'kinds'}>
          <summary className="min-h-9 content-center font-semibold">
            {field === 'kinds' ? 'What it is made of; diets follow from it' : 'What some makers put into it'}
          </summary>
          <div className="grid grid-cols-2 sm:grid-cols-3">
            {FOOD_KINDS.map((kind) => (
              <Tick
                key={kind}
                label={KIND_NAMES[kind]}
                checked={fields[field].includes(kind)}
                onChange={(on) => toggleKind(field, kind, on)}
              />
            ))}
          </div>
        </details>
      ))}
      {fields.kinds.length === 0 ? <p className="font-semibold">Tick at least one of what it is made of.</p> : null}
      <div className="grid sm:grid-cols-2">
        <Tick label="Made: its label has to be read" checked={fields.label} onChange={(label) => set({ label })} />
        <Tick label="A strong spice: scaled tapered" checked={fields.strong} onChange={(strong) => set({ strong })} />
        <Tick label="Never rounded freely, like salt" checked={fields.exacting} onChange={(exacting) => set({ exacting })} />
        <Tick label="Bought by volume" checked={fields.liquid} onChange={(liquid) => set({ liquid })} />
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
