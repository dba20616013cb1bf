import { CircleHelp } from 'lucide-react';
import { answersTo, SCALING_NAMES, showAmount, showDecimal, exact, type IngredientLine } from '@pelvo/core';
import { Button } from '../../design';
import { inWords } from '../../device';
import { percentText } from './optional';

/** How a line grows, in words: "2 % of flour", "by the load of 4". */
export function scalingText(line: IngredientLine, lines: readonly IngredientLine[]): string {
  const { scaling } = line;
  if (scaling.kind === 'percentOf')
    return `${showDecimal(exact(scaling.percent))} % of ${lines.find(({ id }) => id === scaling.lineId)?.item ?? 'a line that is gone'}`;
  if (scaling.kind === 'byTheLoad') return `by the load of ${showDecimal(exact(scaling.portionsALoad))} portions`;
  return SCALING_NAMES[scaling.kind];
}

const MARKS = { sure: '', doubtful: 'border-soft border-dashed', held: 'border-beet border-dashed hatch' } as const;

interface LineRowProps {
  readonly line: IngredientLine;
  readonly lines: readonly IngredientLine[];
  readonly onOpen?: () => void;
  /** Takes the line that an answer to its question makes. */
  readonly onAnswer?: (line: IngredientLine) => void;
}

/** A line as written, and what it means. Doubtful and held lines carry their question. */
export function LineRow({ line, lines, onOpen, onAnswer }: LineRowProps) {
  const settled = line.certainty === 'sure';
  const meaning = (
    <>
      <b className="whitespace-nowrap">
        {line.amount
          ? showAmount(line.amount)
          : line.scaling.kind === 'percentOf'
            ? scalingText(line, lines)
            : line.scaling.kind === 'toTaste'
              ? 'to taste'
              : '?'}
      </b>{' '}
      {line.size ? <span className="text-soft">{line.size} </span> : null}
      <span>{line.item || '?'}</span>
      {line.one ? <span className="text-soft"> ({showAmount(line.one)} each)</span> : null}
      {line.preparation ? <span className="text-soft">, {line.preparation}</span> : null}
      {line.note ? <span className="text-soft italic"> {line.note}</span> : null}
      {line.yields.length ? (
        <span className="text-soft">
          {' '}
          (
          {line.yields
            .map((step) =>
              exact(step.fraction).compare(1) > 0
                ? `${percentText(step.fraction)} % of what it was, cooked`
                : `${percentText(step.fraction)} % left after ${step.kind === 'trim' ? 'trimming' : step.kind === 'cooking' ? 'cooking' : 'reducing'}`,
            )
            .join(', ')}
          )
        </span>
      ) : null}
      {line.componentId ? <span className="ml-1 border border-ink px-1 text-small">from the dish</span> : null}
      {line.preparationEditionId ? <span className="ml-1 border border-ink px-1 text-small">made in-house</span> : null}
    </>
  );
  const content = (
    <span className="grid w-full items-baseline gap-x-4 sm:grid-cols-[minmax(0,5fr)_minmax(0,6fr)_9rem]">
      <span className="text-small text-soft [overflow-wrap:anywhere]">{line.written}</span>
      <span className="[overflow-wrap:anywhere]">{meaning}</span>
      <span className="text-small text-soft sm:text-right">{line.scaling.kind === 'percentOf' ? 'follows' : scalingText(line, lines)}</span>
      {settled ? null : (
        <span className="mt-1 flex w-fit items-center gap-1.5 bg-paper px-1 font-semibold sm:col-span-3">
          <CircleHelp aria-hidden className="size-5 shrink-0" /> {line.certainty === 'held' ? 'Held: ' : 'Doubtful: '}
          {line.doubts.map((doubt) => inWords({ code: 'doubt', doubt })).join(' ')}
        </span>
      )}
    </span>
  );
  const frame = `block w-full border-l-4 px-3 py-2 text-left ${settled ? 'border-transparent' : MARKS[line.certainty]}`;
  if (!onOpen) return <div className={frame}>{content}</div>;
  const answers = onAnswer ? line.doubts.flatMap((doubt) => answersTo(line, doubt)) : [];
  if (onAnswer && answers.length > 0)
    return (
      <div className={frame}>
        <button
          type="button"
          onClick={onOpen}
          aria-label={`${line.written || line.item}: correct the reading`}
          className="block w-full text-left hover:bg-wash"
        >
          {content}
        </button>
        <span className="mt-1 flex flex-wrap gap-2">
          {answers.map(({ label, line: next }) => (
            <Button key={label} onClick={() => onAnswer(next)}>
              {label}
            </Button>
          ))}
        </span>
      </div>
    );
  return (
    <button
      type="button"
      onClick={onOpen}
      aria-label={`${line.written || line.item}: correct the reading`}
      className={`${frame} min-h-11 hover:bg-wash`}
    >
      {content}
    </button>
  );
}
