import { useState } from 'react';
import { useNavigate } from 'react-router';
import useSWR from 'swr';
import { showAmount, type Carried } from '@pelvo/core';
import type { Dish, DishSummary, Page } from '@pelvo/contract';
import { fetcher, useDishSearch } from '../device';
import { Button, FindDish, SelectField } from '../design';

const LAST = 'pelvo.preference.carry';

/**
 * Carries what a card computed into a dish: one touch, into the dish used last or the first that exercises the
 * technique. It becomes part of the dish's draft, where it is looked over and saved.
 */
export function CarryBar({ carried, techniqueId }: { carried: Carried; techniqueId: string }) {
  const navigate = useNavigate();
  const found = useDishSearch({});
  const { data: own } = useSWR<Page<DishSummary>>(`/dishes?technique=${techniqueId}`, fetcher);
  const dishes = own?.items ?? [];
  // What is typed comes before what exercises the technique.
  const all = found.typed ? found.items : [...dishes, ...found.items.filter(({ id }) => !dishes.some((own) => own.id === id))];
  const last = localStorage.getItem(LAST);
  const [chosen, setChosen] = useState<string | null>(null);
  const dishId = chosen ?? (all.some(({ id }) => id === last) ? last : all[0]?.id) ?? '';
  const { data: dish } = useSWR<Dish>(dishId ? `/dishes/${dishId}` : null, fetcher, { revalidateOnFocus: false });
  const [component, setComponent] = useState('');
  if (all.length === 0 && !found.typed) return null;
  const components = dish?.content.components ?? [];
  const carry = () => {
    localStorage.setItem(LAST, dishId);
    const state = { carry: { carried, componentId: component || null }, carried: whatComes(carried), from: carried.from };
    void navigate(`/dishes/${dishId}`, { state });
  };
  return (
    <div className="no-print border-t-2 border-ink bg-wash px-4 py-3">
      <p className="mb-2 text-small">
        Goes into a dish: <b>{whatComes(carried)}</b>
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-64 max-w-full space-y-2">
          <FindDish dishes={found} />
          <SelectField
            label="Dish"
            value={dishId}
            onChange={(event) => {
              setChosen(event.target.value);
              setComponent('');
            }}
          >
            {all.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </SelectField>
        </div>
        {components.length > 1 && carried.lines.length > 0 ? (
          <div className="w-52 max-w-full">
            <SelectField label="Component" value={component} onChange={(event) => setComponent(event.target.value)}>
              {components.map(({ id, name }, index) => (
                <option key={id} value={index === 0 ? '' : id}>
                  {name || dish?.content.title || 'the first one'}
                </option>
              ))}
            </SelectField>
          </div>
        ) : null}
        <Button kind="main" onClick={carry}>
          Carry into the dish
        </Button>
      </div>
    </div>
  );
}

/** What is carried, in words: "120 g salt, 2 l water and a step". */
function whatComes({ lines, step }: Carried): string {
  const items = lines.map((line) => `${showAmount(line.amount)} ${line.item}`);
  return [...items, ...(step ? [items.length > 0 ? 'a step' : `the step "${step.text}"`] : [])].join(', ');
}
