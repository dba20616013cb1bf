import { useState } from 'react';
import {
  ALLERGENS,
  exact,
  exactText,
  findUnit,
  fromDecimal,
  ORIGINS,
  showDecimal,
  type Allergen,
  type IngredientFact,
  type Origin,
} from '@pelvo/core';
import type { FieldProblem, IngredientRecord } from '@pelvo/contract';
import { send, useAction } from '../device';
import { Button, ProblemNotice, SelectField, TextField, Tick } from '../design';

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
  const parts = text
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean);
  const read = parts.map((part) => {
    const match = /^(.+?)[\s:]+([\d.]+)\s*(?:g|%)?$/.exec(part);
    const value = match ? typed(match[2]!) : null;
    return match && value ? { name: match[1]!.trim(), value } : null;
  });
  return { pairs: read.filter((pair) => pair !== null), wrong: parts[read.indexOf(null)] ?? null };
}

const wrong = (field: string, problem: string | null, remedy: string): FieldProblem | null => (problem ? { field, problem, remedy } : null);
const noNumber = (text: string) => (text.trim() && typed(text) === null ? `"${text.trim()}" is not a number.` : null);

/** What cannot be read in the boxes that hold figures, by box. */
function problemsIn({ density, ones, trim, price }: Readonly<Record<'density' | 'ones' | 'trim' | 'price', string>>) {
  const noUnit = typedPairs(ones).pairs.find(({ name }) => !findUnit(name));
  return {
    density: wrong('density', noNumber(density), 'Type grams, such as 0.92, or leave it empty.'),
    ones: wrong(
      'ones',
      typedPairs(ones).wrong !== null
        ? `"${typedPairs(ones).wrong}" is not a unit and its grams.`
        : noUnit
          ? `"${noUnit.name}" is not a unit.`
          : null,
      'Type each 250, bulb 300.',
    ),
    trim: wrong(
      'trim',
      typedPairs(trim).wrong !== null ? `"${typedPairs(trim).wrong}" is not a preparation and its percent.` : null,
      'Type peeled 80, trimmed 90.',
    ),
    price: wrong('price', noNumber(price), 'Type an amount, such as 3.50, or leave it empty.'),
  };
}

/** The school's own fact of an ingredient, beside what ships. */
export function FactForm({ record, onDone }: { record: IngredientRecord | null; onDone: () => void }) {
  const start = record?.own ?? record?.shipped ?? EMPTY;
  const [fact, setFact] = useState<IngredientFact>({ ...start, source: record?.own ? start.source : '' });
  const [density, setDensity] = useState(decimal(start.density));
  const [ones, setOnes] = useState(start.gramsOfOne.map(({ unit, grams }) => `${unit} ${decimal(grams)}`).join(', '));
  const [trim, setTrim] = useState(
    start.trim.map(({ preparation, fraction }) => `${preparation} ${showDecimal(exact(fraction).mul(100))}`).join(', '),
  );
  const [price, setPrice] = useState(decimal(start.price?.amount));
  const [per, setPer] = useState<'kg' | 'l' | 'each'>(start.price?.per ?? 'kg');
  const [tried, setTried] = useState(false);
  const { busy, error, run } = useAction();
  const set = (change: Partial<IngredientFact>) => setFact((now) => ({ ...now, ...change }));
  const toggle = (field: 'allergens' | 'mayContain', allergen: Allergen, on: boolean) =>
    set({ [field]: on ? [...fact[field], allergen] : fact[field].filter((other) => other !== allergen) });
  const problems = problemsIn({ density, ones, trim, price });
  const shown = tried ? problems : { density: null, ones: null, trim: null, price: null };
  const save = () => {
    setTried(true);
    if (Object.values(problems).some((problem) => problem !== null)) return;
    void run(async () => {
      const amount = typed(price);
      const body: IngredientFact = {
        ...fact,
        density: typed(density),
        gramsOfOne: typedPairs(ones).pairs.map(({ name, value }) => ({ unit: findUnit(name)!.code, grams: value })),
        trim: typedPairs(trim).pairs.map(({ name, value }) => ({ preparation: name, fraction: exactText(exact(value).div(100)) })),
        price: amount ? { amount, per } : null,
      };
      await send('PUT', `/ingredients/${encodeURIComponent(record?.name ?? fact.name)}`, { body, version: record?.version ?? 0 });
      onDone();
    });
  };
  const shipped = record?.shipped;
  return (
    <form
      className="space-y-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name" disabled={record !== null} value={fact.name} onChange={(event) => set({ name: event.target.value })} />
        <TextField
          label="Other names"
          hint="parted by commas"
          value={fact.otherNames.join(', ')}
          onChange={(event) => set({ otherNames: event.target.value.split(',').map((name) => name.trimStart()) })}
          onBlur={() => set({ otherNames: fact.otherNames.map((name) => name.trim()).filter(Boolean) })}
        />
        <TextField
          label="One millilitre weighs (g)"
          inputMode="decimal"
          hint={shipped ? `ships as ${decimal(shipped.density) || 'unknown'}` : undefined}
          value={density}
          problem={shown.density}
          onChange={(event) => setDensity(event.target.value)}
        />
        <TextField
          label="One weighs (g)"
          placeholder="each 250, bulb 300"
          hint={
            shipped
              ? `ships as ${shipped.gramsOfOne.map(({ unit, grams }) => `${unit} ${decimal(grams)}`).join(', ') || 'unknown'}`
              : undefined
          }
          value={ones}
          problem={shown.ones}
          onChange={(event) => setOnes(event.target.value)}
        />
        <TextField
          label="Left after trimming (%)"
          placeholder="peeled 80, trimmed 90"
          hint={
            shipped
              ? `ships as ${shipped.trim.map(({ preparation, fraction }) => `${preparation} ${showDecimal(exact(fraction).mul(100))}`).join(', ') || 'unknown'}`
              : undefined
          }
          value={trim}
          problem={shown.trim}
          onChange={(event) => setTrim(event.target.value)}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Price"
            inputMode="decimal"
            value={price}
            problem={shown.price}
            onChange={(event) => setPrice(event.target.value)}
          />
          <SelectField label="per" value={per} onChange={(event) => setPer(event.target.value as 'kg')}>
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
                checked={fact[field].includes(allergen)}
                onChange={(on) => toggle(field, allergen, on)}
              />
            ))}
          </div>
        </fieldset>
      ))}
      <div className="grid items-end gap-3 sm:grid-cols-2">
        <SelectField label="Comes from" value={fact.origin} onChange={(event) => set({ origin: event.target.value as Origin })}>
          {ORIGINS.map((origin) => (
            <option key={origin}>{origin}</option>
          ))}
        </SelectField>
        <Tick label="A strong spice: scaled tapered" checked={fact.strong} onChange={(strong) => set({ strong })} />
      </div>
      <TextField
        label="Source"
        placeholder="weighed in our store, 12 November"
        hint={shipped ? `What ships: ${shipped.source}` : 'where the figures are from'}
        value={fact.source}
        onChange={(event) => set({ source: event.target.value })}
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
