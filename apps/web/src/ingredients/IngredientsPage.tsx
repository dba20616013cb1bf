import { useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import { exact, showDecimal, unitOf, type IngredientFact } from '@pelvo/core';
import type { IngredientRecord } from '@pelvo/contract';
import { bestFirst, useMe, useIngredients } from '../device';
import { DataTable, Button, Dialog, Fetching, PageHead, TextField } from '../design';
import { FactForm } from './FactForm';

const SHOWN = 60;

/** What is known of ingredients: what ships, and what the school has weighed, priced or read from labels itself. */
export default function IngredientsPage() {
  const lead = useMe().role === 'lead';
  const { data, error, mutate } = useIngredients();
  const [asked] = useSearchParams();
  const [search, setSearch] = useState(asked.get('name') ?? '');
  const [open, setOpen] = useState<IngredientRecord | 'new' | null>(null);
  const term = useDeferredValue(search.trim());
  const found = bestFirst(data ?? [], term, [(record) => factOf(record).name, (record) => [...factOf(record).otherNames]]);
  const close = () => {
    setOpen(null);
    void mutate();
  };
  return (
    <>
      <PageHead
        title="Ingredients"
        lead="Densities, weights of one, trim yields, allergens and prices. A fact of your own lies over what ships, and can be taken away again."
        actions={
          <>
            <div className="w-60">
              <TextField
                label="Find an ingredient"
                labelHidden
                placeholder="Find an ingredient"
                value={search}
                onChange={(event) => setSearch(event.target.value)}
              />
            </div>
            {lead ? (
              <Button kind="main" onClick={() => setOpen('new')}>
                New ingredient
              </Button>
            ) : null}
          </>
        }
      />
      <Fetching what="the ingredients" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data && found.length === 0 ? (
        <p className="text-soft">Nothing of that name. {lead ? 'Add it, with what its label says.' : ''}</p>
      ) : null}
      {found.length > 0 ? (
        <DataTable
          roomy
          minWidth="52rem"
          rows={found.slice(0, SHOWN)}
          keyOf={({ name }) => name}
          columns={[
            { head: 'Ingredient', names: true, cell: (record) => <FactName record={record} /> },
            { head: '1 ml weighs', width: 'whitespace-nowrap', cell: (record) => weighs(factOf(record)) },
            { head: 'One weighs', cell: (record) => oneWeighs(factOf(record)) },
            { head: 'Left, or becomes', cell: (record) => leftAfter(factOf(record)) },
            { head: 'Allergens', cell: (record) => allergensOf(factOf(record)) },
            { head: 'Price', align: 'right', width: 'whitespace-nowrap', cell: (record) => priceOf(factOf(record)) },
            lead
              ? {
                  head: <span className="sr-only">Change</span>,
                  align: 'right',
                  cell: (record) => (
                    <Button kind="quiet" onClick={() => setOpen(record)}>
                      Change<span className="sr-only"> {record.name}</span>
                    </Button>
                  ),
                }
              : null,
          ]}
        />
      ) : null}
      {found.length > SHOWN ? <p className="mt-3 text-soft">{found.length - SHOWN} more: type part of a name.</p> : null}
      <Dialog
        wide
        open={open !== null}
        onClose={() => setOpen(null)}
        title={open === 'new' || open === null ? 'New ingredient' : open.name}
      >
        {open !== null ? <FactForm record={open === 'new' ? null : open} onDone={close} /> : null}
      </Dialog>
    </>
  );
}

const factOf = ({ own, shipped }: IngredientRecord): IngredientFact => (own ?? shipped)!;
const decimal = (value: string) => showDecimal(exact(value), 2);
const weighs = ({ density }: IngredientFact) => (density ? `~${decimal(density)} g` : '');
const oneWeighs = ({ gramsOfOne }: IngredientFact) =>
  gramsOfOne
    .filter(({ size }) => !size.endsWith(' US'))
    .map(({ unit, size, grams }) => `${size ? `${size} ` : ''}${unitOf(unit).one || 'one'} ~${decimal(grams)} g`)
    .join(', ');
const percent = (fraction: string) => `~${showDecimal(exact(fraction).mul(100))}\u00a0%`;
const leftAfter = ({ trim, cooked }: IngredientFact) =>
  [
    ...trim.map(({ preparation, fraction }) => `${preparation} ${percent(fraction)}`),
    ...cooked.map(({ way, factor }) => `${way} ${percent(factor)}`),
  ].join(', ');
const allergensOf = ({ allergens, mayContain }: IngredientFact) =>
  [...allergens, ...mayContain.map((allergen) => `may contain ${allergen}`)].join(', ');
const priceOf = ({ price }: IngredientFact) =>
  price ? `${exact(price.amount).valueOf().toFixed(2)} per ${price.per === 'each' ? 'piece' : price.per}` : '';

function FactName({ record }: { record: IngredientRecord }) {
  const { name, otherNames } = factOf(record);
  return (
    <>
      {name}
      {record.own ? <span className="ml-2 border border-ink px-1 text-small font-normal">your own</span> : null}
      <span className="block text-small font-normal text-soft">{otherNames.slice(0, 4).join(', ')}</span>
    </>
  );
}
