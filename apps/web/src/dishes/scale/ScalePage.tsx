import { useState } from 'react';
import { Link, useParams } from 'react-router';
import useSWR from 'swr';
import {
  centimetresIn,
  exact,
  loadsOf,
  factorFor,
  linesOf,
  plateBuild,
  scaleDish,
  showAmount,
  showFraction,
  type DishContent,
  type ScaledDish,
  type ScaleTarget,
  type Vessel,
} from '@pelvo/core';
import type { Dish } from '@pelvo/contract';
import { fetcher, inWords, told, useBook } from '../../device';
import {
  Choice,
  DownloadLink,
  Fetching,
  FigureValue,
  Notice,
  PageHead,
  Section,
  SelectField,
  Stepper,
  TextField,
  WorkingPage,
} from '../../design';
import { parseAmount } from '../formula/amountText';
import { parseWhole } from '../formula/optional';

/** A dish scaled for one batch: by portions, plates, an amount in hand or a vessel. */
export default function ScalePage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<Dish>(`/dishes/${id}`, fetcher);
  return (
    <>
      <Fetching what="the dish" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <ScaleScreen key={data.id} dish={data} /> : null}
    </>
  );
}

type Mode = ScaleTarget['kind'];

interface Asked {
  readonly mode: Mode;
  readonly portions: number;
  readonly plates: number;
  readonly lineId: string;
  readonly inHand: string;
  readonly by: 'area' | 'volume';
  readonly recipe: Vessel;
  readonly mine: Vessel;
}

function targetOf(asked: Asked, dish: DishContent): ScaleTarget | null {
  switch (asked.mode) {
    case 'portions':
      return { kind: 'portions', portions: asked.portions };
    case 'plates':
      return { kind: 'plates', plates: asked.plates };
    case 'inHand': {
      const line = linesOf(dish).find((each) => each.id === asked.lineId);
      const amount = parseAmount(asked.inHand, line?.amount?.unit ?? 'g');
      return amount && line ? { kind: 'inHand', lineId: line.id, amount } : null;
    }
    case 'vessel':
      return { kind: 'vessel', recipe: asked.recipe, mine: asked.mine, by: asked.by };
  }
}

const round = (diameter: number): Vessel => ({ shape: 'round', diameter, depth: 5 });

function ScaleScreen({ dish }: { dish: Dish }) {
  const { content } = dish;
  const [asked, setAsked] = useState<Asked>({
    mode: 'portions',
    portions: content.portions,
    plates: content.portions,
    lineId: '',
    inHand: '',
    by: 'area',
    recipe: round(24),
    mine: round(28),
  });
  const set = (change: Partial<Asked>) => setAsked((now) => ({ ...now, ...change }));
  const target = targetOf(asked, content);
  const book = useBook() ?? undefined;
  const result = target ? factorFor(content, target, book) : null;
  const scaled = result?.kind === 'factor' ? scaleDish(content, exact(result.factor.value.value), book) : null;
  const edition = dish.editions[0];
  const whole = scaled ? Math.ceil(scaled.portions.valueOf() - 1e-9) : 0;
  const handout = (paper: string) => `/api/dish-editions/${edition!.id}/handout.pdf?portions=${whole}&paper=${paper}`;
  return (
    <WorkingPage>
      <PageHead
        title={content.title}
        lead={
          <>
            Scaled for one batch. <Link to={`/dishes/${dish.id}`}>To the dish</Link>
          </>
        }
        actions={
          edition && scaled && whole > 0 && whole <= 1000 ? (
            <>
              <DownloadLink href={handout('A4')}>Handout for {whole}, A4</DownloadLink>
              <DownloadLink href={handout('LETTER')}>Letter</DownloadLink>
            </>
          ) : null
        }
      />
      {edition && dish.changed ? (
        <div className="mb-3">
          <Notice>The handout shows edition {edition.number}; this page shows the draft, which differs.</Notice>
        </div>
      ) : null}
      <div className="mb-6 flex flex-wrap items-start gap-x-6 gap-y-4">
        <Choice
          label="Scale by"
          value={asked.mode}
          onChange={(mode) => set({ mode })}
          options={[
            { value: 'portions', label: 'portions' },
            { value: 'plates', label: 'plates' },
            { value: 'inHand', label: 'what is in hand' },
            { value: 'vessel', label: 'pan or tray' },
          ]}
        />
        {asked.mode === 'portions' ? (
          <Stepper big label="Portions" value={asked.portions} min={1} max={1000} onChange={(portions) => set({ portions })} />
        ) : null}
        {asked.mode === 'plates' ? (
          <Stepper
            big
            label="Plates"
            value={asked.plates}
            min={1}
            max={1000}
            hint={plateBuild(content).portions ? undefined : 'the dish has no plate build yet'}
            onChange={(plates) => set({ plates })}
          />
        ) : null}
        {asked.mode === 'inHand' ? (
          <>
            <div className="w-56">
              <SelectField label="Ingredient" value={asked.lineId} onChange={(event) => set({ lineId: event.target.value })}>
                <option value="">Choose</option>
                {linesOf(content)
                  .filter((line) => line.amount)
                  .map((line) => (
                    <option key={line.id} value={line.id}>
                      {line.item}, {showAmount(line.amount!)}
                    </option>
                  ))}
              </SelectField>
            </div>
            <div className="w-40">
              <TextField
                label="I have"
                placeholder="1.8 kg"
                value={asked.inHand}
                problem={
                  asked.inHand && !target && asked.lineId
                    ? { field: 'inHand', problem: 'Not an amount.', remedy: 'Type 1.8 kg or 6.' }
                    : null
                }
                onChange={(event) => set({ inHand: event.target.value })}
              />
            </div>
          </>
        ) : null}
        {asked.mode === 'vessel' ? (
          <>
            <VesselFields label="The recipe’s" vessel={asked.recipe} by={asked.by} onChange={(recipe) => set({ recipe })} />
            <VesselFields label="Mine" vessel={asked.mine} by={asked.by} onChange={(mine) => set({ mine })} />
            <Choice
              label="Compared by"
              value={asked.by}
              onChange={(by) => set({ by })}
              options={[
                { value: 'area', label: 'area' },
                { value: 'volume', label: 'volume' },
              ]}
            />
          </>
        ) : null}
      </div>
      {result?.kind === 'infeasible' ? (
        <Notice kind="problem" title={inWords(result.because)}>
          {inWords(result.remedy)}
        </Notice>
      ) : null}
      {result?.kind === 'factor' && scaled ? (
        <>
          <p className="text-lg">
            <FigureValue id="factor" figure={result.factor} className="font-title !text-2xl" /> × the formula,{' '}
            {showFraction(scaled.portions)} portions.{' '}
            <span className="text-soft">
              {told(result.factor)
                .rows.map(({ how }) => how)
                .join('; ')}
            </span>
          </p>
          <LoadsField portions={scaled.portions.valueOf()} />
          <ScaledLists scaled={scaled} dish={content} />
        </>
      ) : null}
    </WorkingPage>
  );
}

interface VesselFieldsProps {
  readonly label: string;
  readonly vessel: Vessel;
  readonly by: 'area' | 'volume';
  readonly onChange: (vessel: Vessel) => void;
}

function VesselFields({ label, vessel, by, onChange }: VesselFieldsProps) {
  return (
    <fieldset>
      <legend className="font-semibold">{label}</legend>
      <div className="flex flex-wrap items-start gap-2">
        <div className="w-36">
          <SelectField
            label="Shape"
            value={vessel.shape}
            onChange={(event) =>
              onChange(
                event.target.value === 'round'
                  ? { shape: 'round', diameter: 24, depth: vessel.depth }
                  : { shape: 'rectangular', width: 20, length: 30, depth: vessel.depth },
              )
            }
          >
            <option value="round">round</option>
            <option value="rectangular">rectangular</option>
          </SelectField>
        </div>
        {vessel.shape === 'round' ? (
          <LengthField label="Across" value={vessel.diameter} onChange={(diameter) => onChange({ ...vessel, diameter })} />
        ) : (
          <>
            <LengthField label="Width" value={vessel.width} onChange={(width) => onChange({ ...vessel, width })} />
            <LengthField label="Length" value={vessel.length} onChange={(length) => onChange({ ...vessel, length })} />
          </>
        )}
        {by === 'volume' ? <LengthField label="Depth" value={vessel.depth} onChange={(depth) => onChange({ ...vessel, depth })} /> : null}
      </div>
    </fieldset>
  );
}

/** A length in centimetres, or typed in inches. */
function LengthField({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
  const [text, setText] = useState(String(value));
  const length = centimetresIn(text);
  return (
    <div className="w-28">
      <TextField
        label={label}
        value={text}
        hint={length !== null && !/^[\d.,\s]+$/.test(text) ? `${length} cm` : 'cm, or 9 in'}
        problem={length === null ? { field: label, problem: 'Not a length.', remedy: 'Type 24 or 9 in.' } : null}
        onChange={(event) => {
          setText(event.target.value);
          const read = centimetresIn(event.target.value);
          if (read !== null) onChange(read);
        }}
      />
    </div>
  );
}

/** Loads when a tray, pan or bowl holds only so many portions. */
function LoadsField({ portions }: { portions: number }) {
  const [holds, setHolds] = useState<number | null>(null);
  const loads = holds ? loadsOf(portions, holds) : null;
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3">
      <div className="w-56">
        <TextField
          label="A tray, pan or bowl holds"
          hint="portions"
          inputMode="numeric"
          value={holds ?? ''}
          onChange={(event) => setHolds(parseWhole(event.target.value))}
        />
      </div>
      {loads ? (
        <p role="status" className="pb-7 text-lg">
          <b>
            {loads.count} {loads.count === 1 ? 'load' : 'loads'}
          </b>
          {loads.count > 1 ? `, the last of ${loads.last} ${loads.last === 1 ? 'portion' : 'portions'}` : ''}
        </p>
      ) : null}
    </div>
  );
}

function ScaledLists({ scaled, dish }: { scaled: ScaledDish; dish: DishContent }) {
  return (
    <div className="mt-4 gap-x-10 lg:columns-2">
      {scaled.components.map((component) => (
        <div key={component.id} className="mb-6 break-inside-avoid">
          <Section
            title={component.name || 'Ingredients'}
            aside={component.gives ? <span className="text-soft">gives {component.gives}</span> : null}
          >
            {component.because ? <p className="text-small font-semibold">{inWords(component.because)}</p> : null}
            <ul className="divide-y divide-line">
              {component.rows.map((row) => (
                <li key={row.line.id} className="grid grid-cols-[7rem_minmax(0,1fr)] items-baseline gap-x-4 py-0.5">
                  <span className="text-right">
                    {row.figure ? (
                      <FigureValue id={row.line.id} figure={row.figure} />
                    ) : (
                      <b className="inline-flex min-h-9 items-center">{row.toTaste ? 'to taste' : 'held'}</b>
                    )}
                  </span>
                  <span>
                    {row.line.item || row.line.written}
                    {row.line.preparation ? <span className="text-soft">, {row.line.preparation}</span> : null}
                    {row.because ? <span className="block text-small font-semibold">{inWords(row.because)}</span> : null}
                    {row.warning ? <span className="block text-small font-semibold">{inWords(row.warning)}</span> : null}
                  </span>
                </li>
              ))}
            </ul>
          </Section>
        </div>
      ))}
      {dish.components.length === 0 ? <p>No line yet.</p> : null}
      <p className="mt-4 text-small text-soft">
        Minutes do not grow like amounts: hands-on time grows with quantity and shrinks with practice, cooking follows thickness, reducing
        follows the width of the pan. {exact(1).equals(scaled.factor) ? '' : 'Check them against the pan.'}
      </p>
    </div>
  );
}
