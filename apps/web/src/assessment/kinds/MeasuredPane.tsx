import { Delete } from 'lucide-react';
import { useState } from 'react';
import {
  LEVEL_NAMES,
  LEVELS,
  likelyMeasure,
  MEASURED_FROM,
  MEASURED_TO,
  measuredPieces,
  MOST_PIECES,
  notedOf,
  targetSaid,
  typedValue,
  type Measured,
  type MeasuredCriterion,
  type MeasuredValue,
} from '@pelvo/core';
import { FromInstrument, useInstruments } from './FromInstrument';
import type { PaneProps } from './pane';

const PAD = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'] as const;
const key = 'flex min-h-14 items-center justify-center rounded-sm border-2 border-line bg-tile text-2xl font-semibold hover:border-ink';
const decimals = (value: number) => String(Math.round(value * 100) / 100);

const measured = (value: MeasuredValue | null, change: Partial<MeasuredValue>): MeasuredValue => ({
  kind: 'measured',
  pieces: value?.pieces ?? [],
  level: value?.level ?? null,
  ...notedOf(value),
  ...change,
});

/** Measured piece by piece, on the pad, by keyboard or by an instrument that types; the level is proposed and given by a person. */
export default function MeasuredPane({ criterion, value, onMark }: PaneProps<'measured'>) {
  const { target } = criterion;
  const [typed, setTyped] = useState('');
  const [begun, setBegun] = useState<readonly number[]>([]);
  const [problem, setProblem] = useState('');
  /** What was asked about: taken the second time. */
  const [asked, setAsked] = useState('');
  const pieces = value?.pieces ?? [];
  const stands = measuredPieces(target, pieces);
  const next = target.sizes[begun.length]!;
  const instruments = useInstruments(target.unit);
  const takeTyped = () => take(typedValue(typed), typed);
  const take = (figure: number, said: string) => {
    if (!Number.isFinite(figure) || figure < MEASURED_FROM || figure > MEASURED_TO) {
      setProblem(
        `"${said}" is no measure in ${target.unit}: give a number from ${MEASURED_FROM} to ${MEASURED_TO}, as 10.5. Nothing that was measured is lost.`,
      );
      return;
    }
    if (pieces.length >= MOST_PIECES) {
      setProblem(`${MOST_PIECES} pieces are measured; that is enough for any tray.`);
      return;
    }
    const likely = likelyMeasure(next, figure);
    if (likely === 'none') {
      setProblem(`Nothing is ${said} ${target.unit}: measure it again. Nothing that was measured is lost.`);
      return;
    }
    if (likely === 'far' && asked !== said) {
      setTyped(said);
      setAsked(said);
      setProblem(
        `${said} ${target.unit} is far from the ${decimals(next.least)} to ${decimals(next.most)} that is wanted. Take it once more if it is so, else type it again.`,
      );
      return;
    }
    setAsked('');
    setProblem('');
    setTyped('');
    const piece = [...begun, figure];
    if (piece.length < target.sizes.length) setBegun(piece);
    else {
      setBegun([]);
      onMark(measured(value, { pieces: [...pieces, piece] }));
    }
  };
  return (
    <div className="grid gap-4 lg:grid-cols-[17rem_minmax(0,1fr)]">
      <form
        className="portrait:order-last"
        onSubmit={(event) => {
          event.preventDefault();
          if (typed) takeTyped();
        }}
      >
        <label className="block text-lg font-semibold" htmlFor="measured">
          Piece {pieces.length + 1}
          {target.sizes.length > 1 ? `, ${next.name}` : ''}, in {target.unit}
        </label>
        <input
          id="measured"
          autoFocus
          inputMode="none"
          autoComplete="off"
          value={typed}
          aria-invalid={problem !== ''}
          aria-describedby={problem ? 'measured-problem' : undefined}
          onChange={(event) => setTyped(event.target.value)}
          className="min-h-14 w-full border-2 border-ink bg-paper px-3 font-title text-3xl"
        />
        {problem ? (
          <p id="measured-problem" role="alert" className="mt-2 border-l-4 border-beet pl-2">
            {problem}
          </p>
        ) : null}
        <div className="mt-2 grid grid-cols-[repeat(auto-fit,minmax(8rem,1fr))] gap-2">
          <button type="submit" disabled={!typed} className={`${key} grow !border-ink disabled:opacity-40`}>
            Take it
          </button>
          {instruments.map(({ name }) => (
            <FromInstrument
              key={name}
              name={name}
              onReading={({ value: read, steady }) => {
                setTyped(steady ? '' : String(read));
                if (steady) take(read, String(read));
                else setProblem(`The ${name} still moves: ${read} ${target.unit}. Take it as it is, or read it again.`);
              }}
              onProblem={setProblem}
            />
          ))}
        </div>
        <div className="mt-2 grid grid-cols-3 gap-2">
          {PAD.map((each) => (
            <button key={each} type="button" className={key} onClick={() => setTyped(typed + each)}>
              {each}
            </button>
          ))}
          {target.sizes.some(({ least }) => least < 0) ? (
            <button
              type="button"
              className={key}
              aria-label="Below nothing"
              onClick={() => setTyped(typed.startsWith('-') ? typed.slice(1) : `-${typed}`)}
            >
              ±
            </button>
          ) : null}
          <button type="button" className={key} aria-label="Take back a figure" onClick={() => setTyped(typed.slice(0, -1))}>
            <Delete aria-hidden className="size-6" />
          </button>
        </div>
      </form>
      <div>
        <p className="text-lg">
          <b>{targetSaid(target)}</b>
          {target.pieces > 1 ? `, at least ${target.pieces} pieces` : ''}
        </p>
        {begun.length > 0 ? <p className="text-soft">Begun: {begun.map(decimals).join(' × ')}</p> : null}
        {stands ? <Stands stands={stands} unit={target.unit} /> : <p className="mt-2 text-soft">Nothing measured yet.</p>}
        <div role="group" aria-label="Level" className="mt-3 grid grid-cols-2 gap-2 xl:grid-cols-4">
          {LEVELS.map((level) => (
            <button
              key={level}
              type="button"
              aria-pressed={value?.level === level}
              disabled={pieces.length === 0}
              onClick={() => onMark(measured(value, { level }))}
              className={`min-h-14 rounded-sm border-2 px-2 text-lg font-semibold disabled:opacity-40 ${value?.level === level ? 'border-ink bg-ink text-paper' : stands?.level === level ? 'border-beet bg-beet-wash' : 'border-line bg-tile'}`}
            >
              {LEVEL_NAMES[level]} {stands?.level === level ? <span className="block text-small font-normal">proposed</span> : null}
            </button>
          ))}
        </div>
        {pieces.length > 0 ? (
          <Pieces
            criterion={criterion}
            pieces={pieces}
            onTakeOut={(at) => onMark(measured(value, { pieces: pieces.filter((_, index) => index !== at) }))}
          />
        ) : null}
      </div>
    </div>
  );
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** What the pieces say, in words and as a picture of the sizes against the tolerance. */
function Stands({ stands, unit }: { stands: Measured; unit: string }) {
  const { pieces, within, share, interval, settled, wanted } = stands;
  return (
    <div aria-live="polite" className="mt-1">
      <p className="text-lg">
        <b>
          {within} of {pieces} within
        </b>{' '}
        ({percent(share)}); of the whole tray {percent(interval[0])} to {percent(interval[1])}, nine times in ten.
      </p>
      <p className="text-soft">
        {wanted > 0
          ? `${wanted} more ${wanted === 1 ? 'piece' : 'pieces'} before a level is proposed.`
          : settled.kind === 'settled'
            ? 'More pieces would not change the level.'
            : settled.kind === 'more'
              ? `About ${settled.pieces} more of the same would settle the level.`
              : 'More pieces will not settle it: it stands between two levels. Judge it.'}
      </p>
      {stands.sizes.map(({ name, mean, spread, tenths, off, histogram }) => {
        const highest = Math.max(...histogram.map((step) => step.pieces));
        return (
          <div key={name} className="mt-2 flex flex-wrap items-end gap-4">
            <p>
              {stands.sizes.length > 1 ? <b>{name} </b> : null}
              mean {decimals(mean)} {unit},{' '}
              {Math.abs(off) < 0.005 ? 'in the middle' : `${decimals(Math.abs(off))} too ${off > 0 ? 'large' : 'small'}`}
              {spread === null ? '' : `, spread ${decimals(spread)}`}
              {pieces > 4 ? `; most from ${decimals(tenths[0])} to ${decimals(tenths[1])}` : ''}
            </p>
            {pieces > 1 ? (
              <div aria-hidden className="flex h-14 items-end gap-1 border-b-2 border-ink">
                {histogram.map((step) => (
                  <span
                    key={step.from}
                    className={`w-5 ${step.within ? 'bg-ink' : 'border-2 border-beet bg-beet-wash'}`}
                    style={{ height: `${(step.pieces / highest) * 100}%` }}
                  />
                ))}
              </div>
            ) : null}
          </div>
        );
      })}
    </div>
  );
}

function Pieces({
  criterion: { target },
  pieces,
  onTakeOut,
}: {
  criterion: MeasuredCriterion;
  pieces: MeasuredValue['pieces'];
  onTakeOut: (at: number) => void;
}) {
  return (
    <ul aria-label="Pieces measured" className="mt-3 flex flex-wrap gap-1">
      {pieces.map((piece, at) => (
        // Pieces have no name; where they stand is all that tells two alike apart.
        <li key={at}>
          <button
            type="button"
            aria-label={`Take out piece ${at + 1}, ${piece.map(decimals).join(' by ')} ${target.unit}`}
            onClick={() => onTakeOut(at)}
            className={`min-h-12 min-w-12 rounded-sm border-2 px-2 ${target.sizes.every(({ least, most }, index) => piece[index]! >= least && piece[index]! <= most) ? 'border-line' : 'border-beet bg-beet-wash'}`}
          >
            {piece.map(decimals).join(' × ')}
          </button>
        </li>
      ))}
    </ul>
  );
}
