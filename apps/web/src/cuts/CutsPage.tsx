import { useState } from 'react';
import { mutate as mutateAll } from 'swr';
import { cutExtent, cutShapes, showCut, type Cut, type CutSet } from '@pelvo/core';
import type { StoredCutSet } from '@pelvo/contract';
import { send, useAction, useMe, usePractices, useCutSets } from '../device';
import { Button, DownloadLink, DrawingShapes, Fetching, PageHead, ProblemNotice, RemovedNotice, Tick } from '../design';
import { CutSetEditor } from './CutSetEditor';
import { cutRows, widestCut } from './cutRows';

/** The named cuts of every tradition the school keeps, side by side in one scale. */
export default function CutsPage() {
  const { data: sets, error, mutate } = useCutSets();
  const { data: practices } = usePractices();
  const lead = useMe().role === 'lead';
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set());
  const [removed, setRemoved] = useState<CutSet | null>(null);
  const [editing, setEditing] = useState<StoredCutSet | 'new' | null>(null);
  const shown = (sets ?? []).filter(({ id }) => !hidden.has(id)).slice(0, 6);
  const inForce = practices?.choices['named-cuts'];
  return (
    <>
      <PageHead
        title="Named cuts"
        lead="The names are the same, the sizes are not. All are drawn in one scale; the mat prints them at true size."
        actions={lead ? <Button onClick={() => setEditing('new')}>Add a set</Button> : null}
      />
      <RemovedNotice
        removed={removed}
        path="/cut-sets"
        onBack={async () => {
          await mutate();
          setRemoved(null);
        }}
      />
      <Fetching what="the cuts" done={sets !== undefined} error={error} retry={() => void mutate()} />
      {sets && sets.length > 2 ? (
        <fieldset className="mb-3 flex flex-wrap gap-x-5">
          <legend className="sr-only">Sets to compare</legend>
          {sets.map(({ id, name }) => (
            <Tick
              key={id}
              label={name}
              checked={!hidden.has(id)}
              onChange={(on) => setHidden(on ? new Set([...hidden].filter((each) => each !== id)) : new Set([...hidden, id]))}
            />
          ))}
        </fieldset>
      ) : null}
      {shown.length > 0 ? (
        <Chart sets={shown} inForce={inForce} onEdit={lead ? setEditing : undefined} />
      ) : sets ? (
        <p className="text-soft">No set is chosen. Tick one to see its cuts.</p>
      ) : null}
      {editing ? (
        <CutSetEditor
          set={editing === 'new' ? null : (sets?.find(({ id }) => id === editing.id) ?? editing)}
          onClose={() => setEditing(null)}
          onRemoved={setRemoved}
        />
      ) : null}
    </>
  );
}

/** Pixels that a column has for its drawing; the same for all, so that the scale is one. */
const COLUMN = 300;

interface ChartProps {
  readonly sets: readonly StoredCutSet[];
  readonly inForce: string | undefined;
  readonly onEdit?: (set: StoredCutSet) => void;
}

function Chart({ sets, inForce, onEdit }: ChartProps) {
  const rows = cutRows(sets);
  const scale = (COLUMN - 6) / widestCut(sets);
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full table-fixed text-left" style={{ minWidth: `${9 + sets.length * 20}rem` }}>
        <thead className="align-top">
          <tr>
            <th scope="col" className="w-36 pb-2 font-normal">
              <ScaleBar scale={scale} />
            </th>
            {sets.map((set) => (
              <th key={set.id} scope="col" className="pb-2 pl-4">
                <SetHead set={set} inForce={set.id === inForce} onEdit={onEdit} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="divide-y divide-line border-y-2 border-ink">
          {rows.map((row) => (
            <tr key={row.key}>
              <th scope="row" className="py-2 font-title">
                {row.name}
              </th>
              {row.cuts.map((cut, index) => (
                <td key={sets[index]!.id} className="py-2 pl-4">
                  {cut ? <CutCell cut={cut} scale={scale} /> : <span className="text-small text-soft">not in this set</span>}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** One centimetre in the scale of the chart. */
function ScaleBar({ scale }: { scale: number }) {
  return (
    <svg width={60 + 10 * scale} height="26" role="img" aria-label="One centimetre in this scale">
      <path d={`M1 4v8M1 8H${1 + 10 * scale}M${1 + 10 * scale} 4v8`} stroke="var(--color-ink)" strokeWidth="2" fill="none" />
      <text x={8 + 10 * scale} y="14" fontSize="15" fill="var(--color-ink)">
        1 cm
      </text>
    </svg>
  );
}

function CutCell({ cut, scale }: { cut: Cut; scale: number }) {
  const [, height] = cutExtent(cut);
  return (
    <div>
      <svg
        width={COLUMN}
        height={height * scale + 6}
        viewBox={`-3 -3 ${COLUMN} ${height * scale + 6}`}
        role="img"
        aria-label={`${cut.name}, ${showCut(cut)}`}
        className="block"
      >
        <DrawingShapes drawing={{ shapes: cutShapes(cut, [0, 0], scale) }} />
      </svg>
      <p className="mt-1 text-small">
        <b>{showCut(cut)}</b>{' '}
        <span className="whitespace-nowrap text-soft">
          ± {cut.tolerance} mm, length ± {cut.lengthTolerance} mm
        </span>
      </p>
    </div>
  );
}

function SetHead({ set, inForce, onEdit }: { set: StoredCutSet; inForce: boolean; onEdit?: (set: StoredCutSet) => void }) {
  const { data: practices } = usePractices();
  const { busy, error, run } = useAction();
  const putInForce = () =>
    run(async () => {
      await send('PUT', '/practices/named-cuts', { body: { practice: set.id }, version: practices!.versions['named-cuts'] });
      await mutateAll('/practices');
    });
  return (
    <div className={`h-full border-t-4 pt-2 ${inForce ? 'border-beet' : 'border-line'}`}>
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-lg">{set.name}</h2>
        {onEdit ? (
          <Button kind="quiet" className="text-small" onClick={() => onEdit(set)}>
            Change<span className="sr-only"> {set.name}</span>
          </Button>
        ) : null}
      </div>
      <p className="mt-1 text-small font-normal text-soft">{set.about}</p>
      <div className="mt-2 flex flex-wrap items-center gap-x-2 gap-y-1 font-body text-small">
        {inForce ? (
          <span className="inline-flex min-h-11 items-center bg-ink px-3 text-white">in force here</span>
        ) : onEdit && practices ? (
          <Button busy={busy} className="!px-3 text-small" onClick={() => void putInForce()}>
            Put in force<span className="sr-only">: {set.name}</span>
          </Button>
        ) : null}
        <DownloadLink href={`/api/cut-sets/${set.id}/mat.pdf?paper=A4`}>Mat, A4</DownloadLink>
        <DownloadLink href={`/api/cut-sets/${set.id}/mat.pdf?paper=LETTER`}>Letter</DownloadLink>
      </div>
      <ProblemNotice error={error} />
    </div>
  );
}
