import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import { STRANDS, type Strand, ALLERGENS } from '@pelvo/core';
import { PAGE_SIZE, type DishSummary, type Page } from '@pelvo/contract';
import { fetcher, send, useAction, useMe, useTechniques } from '../device';
import { DataTable, Button, ButtonLink, Empty, Fetching, PageHead, ProblemNotice, SelectField, StrandGlyph, TextField } from '../design';

/** The dishes of the school. */
export default function DishesPage() {
  const me = useMe();
  const lead = me.role === 'lead';
  const restore = useAction();
  const [search, setSearch] = useState('');
  const [page, setPage] = useState(1);
  const [archived, setArchived] = useState(false);
  const [filters, setFilters] = useState<Filters>({});
  const term = useDeferredValue(search.trim());
  const query = new URLSearchParams({ search: term, page: String(page), ...filters }).toString();
  const { data, error, mutate } = useSWR<Page<DishSummary>>(`/${archived ? 'archived-dishes' : 'dishes'}?${query}`, fetcher, {
    keepPreviousData: true,
  });
  return (
    <>
      <PageHead
        title={archived ? 'Archived dishes' : 'Dishes'}
        lead={archived ? 'Nothing is deleted: lessons and marks that used them keep their editions.' : 'Formulas that scale to any class.'}
        actions={
          <>
            <div className="w-60">
              <TextField
                label="Find a dish"
                labelHidden
                placeholder="Find a dish"
                value={search}
                onChange={(event) => {
                  setSearch(event.target.value);
                  setPage(1);
                }}
              />
            </div>
            {lead ? (
              <Button
                onClick={() => {
                  setArchived(!archived);
                  setPage(1);
                }}
              >
                {archived ? 'Back to the dishes' : 'Archived dishes'}
              </Button>
            ) : null}
            {lead ? <ButtonLink to="/dishes/import">Import a file</ButtonLink> : null}
            {lead ? (
              <ButtonLink kind="main" to="/dishes/new">
                Read a recipe
              </ButtonLink>
            ) : null}
          </>
        }
      />
      {archived ? null : (
        <FilterRow
          filters={filters}
          onChange={(next) => {
            setFilters(next);
            setPage(1);
          }}
        />
      )}
      <ProblemNotice error={restore.error} />
      <Fetching what="the dishes" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data && data.total === 0 ? (
        <Empty
          title={term || Object.keys(filters).length > 0 ? 'No dish fits' : archived ? 'Nothing is archived' : 'No dish yet'}
          action={
            lead && !term && Object.keys(filters).length === 0 && !archived ? (
              <ButtonLink kind="main" to="/dishes/new">
                Read a recipe
              </ButtonLink>
            ) : null
          }
        >
          {term || Object.keys(filters).length > 0
            ? 'Try a shorter word, or fewer conditions.'
            : 'Paste a recipe as text, for example "4 slim leeks, 90 ml hazelnut oil, salt to taste". Each line is read, and what is doubtful is asked.'}
        </Empty>
      ) : null}
      {data && data.total > 0 ? (
        <DishTable
          dishes={data.items}
          onRestore={
            archived
              ? (id) =>
                  void restore.run(async () => {
                    await send('PUT', `/dishes/${id}/archived`, { body: { archived: false } });
                    await mutate();
                    await mutateAll((key) => typeof key === 'string' && key.includes('dishes'));
                  })
              : undefined
          }
        />
      ) : null}
      {data && data.items.length > 0 && !archived ? (
        <p className="mt-4 text-small">
          These {data.items.length} as{' '}
          <a href={`/api/dish-exports/pelvo?ids=${data.items.map((dish) => dish.id).join(',')}`} download>
            a Pelvo file
          </a>{' '}
          or as{' '}
          <a href={`/api/dish-exports/csv?ids=${data.items.map((dish) => dish.id).join(',')}`} download>
            CSV of lines
          </a>
        </p>
      ) : null}
      {data && data.total > PAGE_SIZE ? (
        <div className="mt-4 flex items-center gap-3">
          <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
            Earlier
          </Button>
          <span>
            {(page - 1) * PAGE_SIZE + 1} to {Math.min(page * PAGE_SIZE, data.total)} of {data.total}
          </span>
          <Button disabled={page * PAGE_SIZE >= data.total} onClick={() => setPage(page + 1)}>
            Later
          </Button>
        </div>
      ) : null}
    </>
  );
}

type Filters = Partial<Record<'technique' | 'freeOf' | 'within' | 'equipment', string>>;

/** Conditions on the list: technique, allergen, time, equipment. */
function FilterRow({ filters, onChange }: { filters: Filters; onChange: (filters: Filters) => void }) {
  const { data: techniques = [] } = useTechniques();
  const set = (key: keyof Filters, value: string) => {
    const { [key]: _, ...rest } = filters;
    onChange(value ? { ...rest, [key]: value } : rest);
  };
  return (
    <div className="mb-4 flex flex-wrap items-end gap-3">
      <div className="w-56">
        <SelectField label="Exercises" value={filters.technique ?? ''} onChange={(event) => set('technique', event.target.value)}>
          <option value="">any technique</option>
          {techniques.map((technique) => (
            <option key={technique.id} value={technique.id}>
              {technique.name}
            </option>
          ))}
        </SelectField>
      </div>
      <div className="w-40">
        <SelectField label="Without" value={filters.freeOf ?? ''} onChange={(event) => set('freeOf', event.target.value)}>
          <option value="">no condition</option>
          {ALLERGENS.map((allergen) => (
            <option key={allergen}>{allergen}</option>
          ))}
        </SelectField>
      </div>
      <div className="w-40">
        <SelectField label="Within" value={filters.within ?? ''} onChange={(event) => set('within', event.target.value)}>
          <option value="">any time</option>
          {[30, 60, 90, 120, 180].map((minutes) => (
            <option key={minutes} value={minutes}>
              {minutes} minutes
            </option>
          ))}
        </SelectField>
      </div>
      <div className="w-44">
        <TextField
          label="Uses"
          placeholder="oven"
          value={filters.equipment ?? ''}
          onChange={(event) => set('equipment', event.target.value)}
        />
      </div>
      {filters.freeOf ? (
        <p className="pb-2 text-small text-soft">
          Only dishes of which every ingredient is known; one that holds an unknown or unread label is left out.
        </p>
      ) : null}
    </div>
  );
}

function DishTable({ dishes, onRestore }: { dishes: readonly DishSummary[]; onRestore?: (id: string) => void }) {
  const { data: techniques = [] } = useTechniques();
  const countOf = (dish: DishSummary, strand: Strand) =>
    dish.techniques.filter((id) => techniques.find((technique) => technique.id === id)?.strand === strand).length;
  return (
    <DataTable
      rows={dishes}
      keyOf={({ id }) => id}
      columns={[
        {
          head: 'Dish',
          names: true,
          cell: (dish) => (
            <>
              <Link
                to={`/dishes/${dish.id}`}
                className="inline-flex min-h-11 items-center font-title text-lg font-bold no-underline hover:underline"
              >
                {dish.title}
              </Link>
              {dish.isPreparation ? <span className="ml-2 border border-ink px-1 text-small font-normal">sub-preparation</span> : null}
            </>
          ),
        },
        {
          head: 'Techniques by strand',
          from: 'sm',
          cell: (dish) => (
            <span className="inline-flex gap-4 text-soft">
              {STRANDS.map((strand) => (
                <span key={strand} className={`inline-flex items-center gap-1 ${countOf(dish, strand) ? 'text-ink' : 'opacity-50'}`}>
                  <StrandGlyph strand={strand} size={18} /> {countOf(dish, strand)}
                </span>
              ))}
            </span>
          ),
        },
        { head: 'Serves', align: 'right', cell: (dish) => dish.portions },
        { head: 'Lines', align: 'right', from: 'sm', cell: (dish) => dish.lines },
        {
          head: 'Edition',
          cell: (dish) =>
            onRestore ? (
              <Button onClick={() => onRestore(dish.id)}>
                Restore<span className="sr-only"> {dish.title}</span>
              </Button>
            ) : (
              <>
                {dish.edition ? `${dish.edition}` : 'draft'}
                {dish.edition && dish.changed ? ', draft differs' : ''}
                {dish.held > 0 ? (
                  <span className="ml-2 border border-dashed border-beet px-1 text-small font-semibold">{dish.held} held</span>
                ) : null}
              </>
            ),
        },
      ]}
    />
  );
}
