import { exact, plateBuild, showAmount, type Amount, type DishContent, type PlateItem } from '@pelvo/core';
import { inWords, measured } from '../../device';
import { Button, FigureValue, Section, SelectField, TextField, useFields, wrongField } from '../../design';
import { amountText, parseAmount } from '../formula/amountText';

const FILLS = ['#201629', '#b9b0c0', '#ffffff', '#7d1447', '#e9ebe5', '#574d60'];

/** The plate from above: pieces as pieces, amounts as heaps, each in a ring of its own, named beside it. */
function PlateDiagram({ dish }: { dish: DishContent }) {
  const { plate } = dish;
  const nameOf = (id: string) => dish.components.find((component) => component.id === id)?.name || 'Main list';
  return (
    <svg
      viewBox="0 0 220 220"
      role="img"
      aria-label={`On one plate: ${plate.map((item) => `${showAmount(item.amount)} ${nameOf(item.componentId)}`).join(', ')}`}
      className="w-full max-w-56"
    >
      <circle cx="110" cy="110" r="106" fill="#fff" stroke="#201629" strokeWidth="2.5" />
      <circle cx="110" cy="110" r="78" fill="none" stroke="#c9ccc4" strokeWidth="1.5" />
      {plate.flatMap((item, index) => piecesOf(item, index, plate.length))}
    </svg>
  );
}

function piecesOf({ componentId, amount }: PlateItem, index: number, of: number) {
  const count = Math.min(12, Math.max(1, Math.round(exact(amount.max).valueOf())));
  const isPieces = ['each', 'leaf', 'slice', 'sprig', 'strip', 'ball', 'fillet', 'stick'].includes(amount.unit);
  const turn = (index / Math.max(1, of)) * 2 * Math.PI - 2.2;
  const [cx, cy] = of === 1 ? [110, 110] : [110 + 38 * Math.cos(turn), 110 + 38 * Math.sin(turn)];
  const fill = FILLS[index % FILLS.length]!;
  const common = { fill, stroke: '#201629', strokeWidth: 1.5 };
  if (!isPieces) {
    const radius = Math.min(40, 10 + Math.sqrt(Math.max(1, exact(amount.max).valueOf())) * 3);
    return [<ellipse key={componentId} cx={cx} cy={cy} rx={radius} ry={radius * 0.72} {...common} />];
  }
  return Array.from({ length: count }, (_, piece) => {
    const angle = (piece / count) * 2 * Math.PI;
    const spread = count === 1 ? 0 : 14 + count;
    return (
      <rect
        key={`${componentId}${piece}`}
        x={cx + spread * Math.cos(angle) - 14}
        y={cy + spread * Math.sin(angle) - 7}
        width="28"
        height="14"
        rx="3"
        {...common}
      />
    );
  });
}

/** What goes on one plate, what one making gives of it, and which component limits it. */
export function PlateSection({ dish, onChange }: { dish: DishContent; onChange?: (plate: readonly PlateItem[]) => void }) {
  const { plate } = dish;
  const build = plateBuild(dish);
  if (!onChange && plate.length === 0) return null;
  return (
    <Section title="On one plate">
      <div className="grid gap-6 sm:grid-cols-[14rem_minmax(0,1fr)]">
        <PlateDiagram dish={dish} />
        <div>
          {plate.length === 0 ? (
            <p className="text-soft">
              Say how much of each component goes on a plate: 3 pieces of leek, 15 g of crumb. The plates one making gives follow.
            </p>
          ) : null}
          <ul className="divide-y divide-line">
            {build.shares.map((share, index) => (
              <li key={share.componentId} className="flex flex-wrap items-center gap-x-4 py-1.5">
                <span aria-hidden className="size-4 border border-ink" style={{ background: FILLS[index % FILLS.length] }} />
                <b>{showAmount(share.onPlate)}</b> {share.name || 'Main list'}
                <span className="text-small text-soft">
                  {share.because
                    ? inWords(share.because)
                    : `enough for ${measured(share.plates!)}, ${share.left ? measured(share.left) : 'nothing'} left`}
                  {build.limitedBy.includes(share.name) ? '; limits the plates' : ''}
                </span>
                {onChange ? (
                  <Button
                    kind="quiet"
                    className="ml-auto"
                    onClick={() => onChange(plate.filter((item) => item.componentId !== share.componentId))}
                  >
                    Remove
                  </Button>
                ) : null}
              </li>
            ))}
          </ul>
          {build.portions ? (
            <p className="mt-2">
              Plates one making gives: <FigureValue id="plates" figure={build.portions} />
              {build.portions.value.value === String(dish.portions) ? (
                ''
              ) : (
                <span className="ml-2 text-small">The formula says it serves {dish.portions}.</span>
              )}
            </p>
          ) : null}
          {onChange ? (
            <AddToPlate
              dish={dish}
              onAdd={(item) => onChange([...plate.filter((other) => other.componentId !== item.componentId), item])}
            />
          ) : null}
        </div>
      </div>
    </Section>
  );
}

function AddToPlate({ dish, onAdd }: { dish: DishContent; onAdd: (item: PlateItem) => void }) {
  const { box, fields, onSubmit, reset } = useFields({ componentId: '', text: '' });
  const { componentId, text } = fields;
  const component = dish.components.find(({ id }) => id === componentId);
  const amount: Amount | null = parseAmount(text, component?.gives?.unit ?? 'each');
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-2"
      onSubmit={onSubmit(() => {
        if (!amount || !componentId) return;
        onAdd({ componentId, amount });
        reset();
      })}
    >
      <div className="w-48">
        <SelectField label="Component" {...box('componentId')}>
          <option value="">Choose</option>
          {dish.components.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name || 'Main list'}
            </option>
          ))}
        </SelectField>
      </div>
      <div className="w-36">
        <TextField
          label="On a plate"
          placeholder={component?.gives ? amountText(component.gives) : '3 or 15 g'}
          {...box('text')}
          problem={wrongField('text', text.trim() && !amount ? `"${text}" is not an amount.` : null, 'Type 3 or 15 g.')}
        />
      </div>
      <Button type="submit" disabled={!amount || !componentId}>
        Put on the plate
      </Button>
    </form>
  );
}
