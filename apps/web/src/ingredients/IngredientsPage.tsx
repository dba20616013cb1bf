import { useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import { exact, showDecimal, unitOf, type IngredientFact } from '@pelvo/core';
import type { IngredientRecord } from '@pelvo/contract';
import { useMe, useIngredients } from '../device';
import { Button, Dialog, Fetching, PageHead, TextField } from '../design';
import { FactForm } from './FactForm';

const SHOWN = 60;

/** What is known of ingredients: what ships, and what the school has weighed, priced or read from labels itself. */
export default function IngredientsPage() {
  const lead = useMe().role === 'lead';
  const { data, error, mutate } = useIngredients();
  const [asked] = useSearchParams();
  const [search, setSearch] = useState(asked.get('name') ?? '');
  const [open, setOpen] = useState<IngredientRecord | 'new' | null>(null);
  const term = useDeferredValue(search.trim().toLowerCase());
  const found = (data ?? []).filter(({ own, shipped }) =>
    [(own ?? shipped)!.name, ...(own ?? shipped)!.otherNames].some((name) => name.includes(term)),
  );
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
        <div className="overflow-x-auto">
          <table className="w-full min-w-[52rem] text-left">
            <thead>
              <tr className="border-b-2 border-ink text-small text-soft">
                <th className="py-1">Ingredient</th>
                <th className="py-1">1 ml weighs</th>
                <th className="py-1">One weighs</th>
                <th className="py-1">Left after trimming</th>
                <th className="py-1">Allergens</th>
                <th className="py-1 text-right">Price</th>
                <th />
              </tr>
            </thead>
            <tbody className="divide-y divide-line">
              {found.slice(0, SHOWN).map((record) => (
                <FactRow key={record.name} record={record} onOpen={lead ? () => setOpen(record) : undefined} />
              ))}
            </tbody>
          </table>
        </div>
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

function FactRow({ record, onOpen }: { record: IngredientRecord; onOpen?: () => void }) {
  const fact: IngredientFact = (record.own ?? record.shipped)!;
  const decimal = (value: string) => showDecimal(exact(value), 2);
  return (
    <tr className="align-baseline">
      <th scope="row" className="py-1.5 pr-3">
        {fact.name}
        {record.own ? <span className="ml-2 border border-ink px-1 text-small font-normal">your own</span> : null}
        <span className="block text-small font-normal text-soft">{fact.otherNames.slice(0, 4).join(', ')}</span>
      </th>
      <td className="py-1.5 pr-3">{fact.density ? `~${decimal(fact.density)} g` : ''}</td>
      <td className="py-1.5 pr-3">
        {fact.gramsOfOne.map(({ unit, grams }) => `${unitOf(unit).one || 'one'} ~${decimal(grams)} g`).join(', ')}
      </td>
      <td className="py-1.5 pr-3">
        {fact.trim.map(({ preparation, fraction }) => `${preparation} ~${showDecimal(exact(fraction).mul(100))} %`).join(', ')}
      </td>
      <td className="py-1.5 pr-3">{[...fact.allergens, ...fact.mayContain.map((allergen) => `may hold ${allergen}`)].join(', ')}</td>
      <td className="py-1.5 text-right whitespace-nowrap">
        {fact.price ? `${exact(fact.price.amount).valueOf().toFixed(2)} per ${fact.price.per === 'each' ? 'piece' : fact.price.per}` : ''}
      </td>
      <td className="py-0.5 text-right">
        {onOpen ? (
          <Button kind="quiet" onClick={onOpen}>
            Change<span className="sr-only"> {fact.name}</span>
          </Button>
        ) : null}
      </td>
    </tr>
  );
}
