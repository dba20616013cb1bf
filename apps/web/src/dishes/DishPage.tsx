import { useEffect, useMemo, useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import {
  DISH,
  carryInto,
  type Carried,
  type IngredientLine,
  ALLERGEN_LISTS,
  DISH_HAZARD_NAMES,
  dishAllergens,
  dishHazards,
  formulaDoubts,
  linesOf,
  MEASURE_NAMES,
  MEASURE_SYSTEMS,
  mergeDish,
  showAmount,
  WHO_DECIDES,
  type Allergen,
  type AllergenFrom,
  type DishContent,
  type FactBook,
  type MeasureSystem,
} from '@pelvo/core';
import type { Dish, DishEdition } from '@pelvo/contract';
import {
  newId,
  type Rebase,
  fetcher,
  fieldProblem,
  savedMeanwhile,
  send,
  dayOf,
  longDate,
  useDraft,
  useMe,
  useAction,
  inWords,
  useBook,
  useSchool,
} from '../device';
import {
  Button,
  ButtonLink,
  Fetching,
  MeanwhileNotice,
  Notice,
  PageHead,
  ProblemNotice,
  SelectField,
  Stepper,
  TextField,
  Tick,
  WorkingPage,
} from '../design';
import { DishRules } from '../rules';
import { DishEditor } from './formula/DishEditor';
import { parseAmount } from './formula/amountText';

/** A dish: its formula, method and editions. */
export default function DishPage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<Dish>(`/dishes/${id}`, fetcher, { revalidateOnFocus: false });
  return (
    <>
      <Fetching what="the dish" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <DishScreen key={data.id} dish={data} onStored={(stored) => void mutate(stored, { revalidate: false })} /> : null}
    </>
  );
}

function DishScreen({ dish, onStored }: { dish: Dish; onStored: (dish: Dish) => void }) {
  const me = useMe();
  const navigate = useNavigate();
  const lead = me.role === 'lead';
  const stored = useMemo(() => ({ content: dish.content, version: dish.version }), [dish]);
  const draft = useDraft<DishContent>(`dish.${dish.id}`, stored, { format: DISH, rebase: rebaseDish });
  const { content, dirty, change, drop, meanwhile } = draft;
  const { busy, error, run, forget: dismiss } = useAction();
  useCarried(change);

  const act = async (work: () => Promise<void>) => {
    await run(work);
    void mutateAll((key) => typeof key === 'string' && key.startsWith('/dishes?'));
  };

  const save = () =>
    act(() =>
      draft.save(async (mine, version) => {
        try {
          const saved = await send<Dish>('PUT', `/dishes/${dish.id}`, { body: mine, version });
          onStored(saved);
          return { content: saved.content, version: saved.version };
        } catch (failure) {
          // What is stored now comes to this screen, and the draft onto it.
          const theirs = savedMeanwhile<Dish>(failure);
          if (theirs) onStored(theirs);
          throw failure;
        }
      }),
    );
  const done = () => {
    drop();
    dismiss();
  };
  const publish = () =>
    act(async () => {
      await send<DishEdition>('POST', `/dishes/${dish.id}/editions`, { version: dish.version });
      onStored(await fetcher<Dish>(`/dishes/${dish.id}`));
    });
  const putAway = () =>
    act(async () => {
      await send('PUT', `/dishes/${dish.id}/archived`, { body: { archived: true } });
      void navigate('/dishes');
    });

  const latest = dish.editions[0];
  const arrival = useLocation().state as { carried?: string; from?: string } | null;
  return (
    <>
      <PageHead
        title={content.title || 'A dish without a title'}
        lead={`Serves ${content.portions}${content.gives ? `, gives ${showAmount(content.gives.amount)}` : ''}. ${latest ? `Edition ${latest.number}, ${longDate(dayOf(latest.publishedAt))}` : 'Not published yet'}${latest && dish.changed ? '; the draft differs' : ''}.`}
        actions={
          lead ? (
            <>
              {dirty ? <Button onClick={done}>Drop changes</Button> : null}
              {dirty ? (
                <Button kind="main" busy={busy} onClick={() => void save()}>
                  Save
                </Button>
              ) : null}
              {!dirty && dish.changed ? (
                <Button kind="main" busy={busy} onClick={() => void publish()}>
                  Publish edition {(latest?.number ?? 0) + 1}
                </Button>
              ) : null}
              {!dirty ? <ButtonLink to={`/dishes/${dish.id}/scale`}>Scale it</ButtonLink> : null}
              {!dirty ? (
                <Button kind="quiet" onClick={() => void putAway()}>
                  Archive
                </Button>
              ) : null}
            </>
          ) : (
            <ButtonLink to={`/dishes/${dish.id}/scale`}>Scale it</ButtonLink>
          )
        }
      />
      <div className="mb-4 space-y-3">
        {meanwhile ? (
          <MeanwhileNotice what="dish" clashes={meanwhile.clashes} onTakeTheirs={draft.takeTheirs} onDrop={done} />
        ) : (
          <ProblemNotice error={error} />
        )}
        {dirty && arrival?.carried ? (
          <Notice title={`From "${arrival.from}": ${arrival.carried}`}>It stands in the draft below. Look it over, then save.</Notice>
        ) : null}
        {dirty ? <p className="text-small text-soft">Changes are kept on this device until you save or drop them.</p> : null}
        {!dirty && dish.changed ? (
          <Notice>Lessons use published editions. Publish when the formula is right; earlier editions stay as they were.</Notice>
        ) : null}
      </div>
      <div className="mb-4">
        <DishRules dishes={[content]} />
        <FormulaDoubts content={content} />
      </div>
      <WorkingPage aside={<DishMargin dish={dish} content={content} />}>
        {lead ? <DishHead content={content} onChange={change} error={error} /> : null}
        <DishEditor content={content} onChange={lead ? change : undefined} />
      </WorkingPage>
    </>
  );
}

function DishHead({ content, onChange, error }: { content: DishContent; onChange: (content: DishContent) => void; error: unknown }) {
  const given = content.gives ? showAmount(content.gives.amount) : '';
  const [gives, setGives] = useState(given);
  const amount = gives.trim() ? parseAmount(gives.replace('–', '-'), 'l') : null;
  return (
    <div className="mb-5 flex flex-wrap items-start gap-4">
      <div className="min-w-64 flex-1">
        <TextField
          label="Title"
          value={content.title}
          problem={fieldProblem(error, 'title')}
          onChange={(event) => onChange({ ...content, title: event.target.value })}
        />
      </div>
      <Stepper label="Serves" value={content.portions} min={1} max={1000} onChange={(portions) => onChange({ ...content, portions })} />
      <div className="w-64">
        <SelectField
          label="Its cups and spoons"
          value={content.measures}
          onChange={(event) => onChange({ ...content, measures: event.target.value as MeasureSystem })}
        >
          {MEASURE_SYSTEMS.map((system) => (
            <option key={system} value={system}>
              {MEASURE_NAMES[system]}
            </option>
          ))}
        </SelectField>
      </div>
      <div>
        <Tick
          label="Other dishes draw on it"
          checked={content.gives !== null}
          onChange={(on) => {
            onChange({ ...content, gives: on ? { amount: { min: '1', max: '1', unit: 'l', about: true } } : null });
            setGives('1 l');
          }}
        />
        {content.gives ? (
          <TextField
            label="One making gives"
            value={gives}
            problem={amount ? null : { field: 'gives', problem: 'Not an amount.', remedy: 'Type 2 l or 1.8-2 l.' }}
            onChange={(event) => {
              setGives(event.target.value);
              const next = parseAmount(event.target.value.replace('–', '-'), 'l');
              if (next) onChange({ ...content, gives: { amount: next } });
            }}
          />
        ) : null}
      </div>
    </div>
  );
}

/** What may be in a dish, by where it comes from: one ingredient may bring several. */
function bySource(found: readonly AllergenFrom[]): readonly (readonly [from: string, allergens: readonly Allergen[]])[] {
  const sources = new Map<string, Allergen[]>();
  for (const { allergen, items } of found) sources.set(items.join(', '), [...(sources.get(items.join(', ')) ?? []), allergen]);
  return [...sources];
}

/** Shares that lie outside what is usual: asked, never in the way. */
function FormulaDoubts({ content }: { content: DishContent }) {
  const book = useBook();
  const doubts = book ? formulaDoubts(content, book) : [];
  if (doubts.length === 0) return null;
  return (
    <Notice title="Does this formula look right?">
      <ul className="list-disc pl-5">
        {doubts.map(({ lineId, said }) => (
          <li key={lineId + said.code}>
            <a href={`#line-${lineId}`}>{linesOf(content).find(({ id }) => id === lineId)?.written}</a>: {inWords(said)}
          </li>
        ))}
      </ul>
    </Notice>
  );
}

/** What each component can go wrong by; nothing where there is nothing to mind. */
function Hazards({ content, book }: { content: DishContent; book?: FactBook }) {
  const found = dishHazards(content, book).filter(({ hazards }) => hazards.length > 0);
  if (found.length === 0) return null;
  return (
    <div>
      <h2 className="text-lg">What can go wrong with it</h2>
      <ul className="text-small">
        {found.map(({ componentId, name, hazards }) => (
          <li key={componentId}>
            <b>{name}</b>: {hazards.map((hazard) => DISH_HAZARD_NAMES[hazard]).join('; ')}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-small text-soft">{WHO_DECIDES}</p>
    </div>
  );
}

/** What a dish contains, its editions, and its files. */
function DishMargin({ dish, content }: { dish: Dish; content: DishContent }) {
  const book = useBook();
  const { data: school } = useSchool();
  const listed: readonly Allergen[] = ALLERGEN_LISTS[school?.settings.allergenList ?? 'eu-uk'].allergens;
  const { contains, mayContain, notKnown, labels } = dishAllergens([content], {
    book: book ?? undefined,
    preparations: new Map(Object.entries(dish.preparations)),
  });
  const inList = ({ allergen }: { allergen: Allergen }) => listed.includes(allergen);
  const open = notKnown.length + labels.length;
  return (
    <div className="space-y-6">
      <div>
        <h2 className="text-lg">Allergens</h2>
        <ul className="text-small">
          {contains.filter(inList).map(({ allergen, items }) => (
            <li key={allergen}>
              <b>{allergen}</b>: {items.join(', ')}
            </li>
          ))}
          {bySource(mayContain.filter(inList)).map(([from, allergens]) => (
            <li key={from}>
              may contain <b>{allergens.join(', ')}</b>: {from}
            </li>
          ))}
        </ul>
        {contains.filter(inList).length === 0 ? <p className="text-small">None that is known.</p> : null}
        {open === 0 && book ? (
          <p className="mt-1 text-small">
            By its ingredients free of:{' '}
            {listed.filter((allergen) => ![...contains, ...mayContain].some((found) => found.allergen === allergen)).join(', ')}.
          </p>
        ) : null}
        {notKnown.length > 0 ? (
          <p className="mt-1 text-small">
            <b>Not known:</b> {notKnown.join(', ')}.
          </p>
        ) : null}
        {labels.length > 0 ? (
          <p className="mt-1 text-small">
            <b>Read the label:</b> {labels.join(', ')}.
          </p>
        ) : null}
        {open > 0 ? <p className="mt-1 text-small">So nothing is claimed absent.</p> : null}
        <p className="mt-1 text-small text-soft">By ingredient names. The label, the local code and the responsible person decide.</p>
      </div>
      <Hazards content={content} book={book ?? undefined} />
      <div>
        <h2 className="text-lg">Editions</h2>
        {dish.editions.length === 0 ? <p className="text-small text-soft">None yet.</p> : null}
        <ul>
          {dish.editions.map((edition) => (
            <li key={edition.id}>
              <Link to={`/dish-editions/${edition.id}`} className="inline-flex min-h-11 items-center">
                Edition {edition.number}
              </Link>
              <span className="text-small text-soft">
                , {longDate(dayOf(edition.publishedAt))}, {edition.publishedBy}
              </span>
            </li>
          ))}
        </ul>
        {dish.editions.length > 0 ? (
          <Link to={`/dishes/${dish.id}/compare`} className="inline-flex min-h-11 items-center">
            Compare two, or restore one
          </Link>
        ) : null}
      </div>
      <div>
        <h2 className="text-lg">As a file</h2>
        <ul className="text-small">
          {(
            [
              ['pelvo', 'Pelvo file, nothing lost'],
              ['json-ld', 'schema.org Recipe (JSON-LD)'],
              ['csv', 'CSV of lines'],
            ] as const
          ).map(([format, name]) => (
            <li key={format}>
              <a href={`/api/dish-exports/${format}?ids=${dish.id}`} download className="inline-flex min-h-9 items-center">
                {name}
              </a>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}

/** Brings two people's changes of a dish together line by line, as the core does. */
const rebaseDish: Rebase<DishContent> = (base, mine, theirs) => {
  const { merged, conflicts } = mergeDish(base, mine, theirs);
  return { mine: merged, clashes: conflicts.map(({ where, mine: ours, after }) => ({ where, mine: ours, theirs: after })) };
};

interface Arrival {
  readonly carry?: { readonly carried: Carried; readonly componentId: string | null };
  /** A line as it was weighed back: it goes into the draft; editions stay as they are. */
  readonly used?: Pick<IngredientLine, 'amount' | 'note'> & { readonly lineId: string };
}

/** What a card computed and sent along goes into the draft, once. */
function useCarried(change: (next: (now: DishContent) => DishContent) => void): void {
  const { state, pathname } = useLocation() as { state: Arrival | null; pathname: string };
  const navigate = useNavigate();
  const carry = state?.carry;
  const used = state?.used;
  useEffect(() => {
    if (carry) change((now) => carryInto(now, carry.carried, carry.componentId, newId));
    if (used) change((now) => withLine(now, used));
    if (carry || used) void navigate(pathname, { replace: true, state: { ...state, carry: undefined, used: undefined } });
  }, [carry, used, change, navigate, pathname, state]);
}

const withLine = (content: DishContent, { lineId, amount, note }: NonNullable<Arrival['used']>): DishContent => ({
  ...content,
  components: content.components.map((component) => ({
    ...component,
    lines: component.lines.map((line) => (line.id === lineId ? { ...line, amount, note } : line)),
  })),
});
