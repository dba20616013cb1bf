import { Minus, Plus } from 'lucide-react';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { STAGE_NAMES, STRAND_NAMES, type ClassStage, type LessonAdds, type Prerequisites, type Stage } from '@pelvo/core';
import { StrandGlyph, useMedia } from '../design';
import { NODE, type MapLayout, type MapTechnique, type PlacedNode } from './mapLayout';
import { ARROWS, fitScale, lineage, neighbour, type Arrow } from './mapView';
import { StageBar } from './StageBar';

interface TechniqueMapProps {
  readonly layout: MapLayout;
  /** Pixels there are across the page: what the whole map is fitted into. */
  readonly room: number;
  readonly techniques: ReadonlyMap<string, MapTechnique>;
  readonly prerequisites: Prerequisites;
  readonly coverage: ReadonlyMap<string, ClassStage>;
  readonly adds: ReadonlyMap<string, LessonAdds>;
  readonly selected: string | null;
  readonly onSelect: (id: string | null) => void;
}

/** How a stage is drawn: dashed is not met, hatched is under way, filled is done. */
const LOOKS: Readonly<Record<Stage, string>> = {
  unmet: 'border-dashed border-soft bg-paper text-ink',
  met: 'border-ink bg-tile text-ink',
  practised: 'border-ink bg-tile hatch text-ink',
  assessed: 'border-ink bg-ink text-white',
};

/** The prerequisite graph: what is needed before stands to the left; where the class stands is told by the fill. */
export function TechniqueMap({ layout, room, techniques, prerequisites, coverage, adds, selected, onSelect }: TechniqueMapProps) {
  const buttons = useRef(new Map<string, HTMLButtonElement>());
  const touched = useMedia('(pointer: coarse)');
  const [zoom, setZoom] = useState<number | null>(null);
  useEffect(() => {
    if (selected) buttons.current.get(selected)?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [selected]);
  const scale = zoom ?? fitScale(layout.width, room, touched);
  const line = useMemo(() => (selected ? lineage(selected, prerequisites) : null), [selected, prerequisites]);
  const order = useMemo(() => [...layout.nodes].sort((a, b) => a.y - b.y || a.x - b.x), [layout]);
  const place = new Map(layout.nodes.map((node) => [node.id, node]));
  const first = selected && place.has(selected) ? selected : order[0]?.id;
  const onKeyDown = (event: KeyboardEvent, from: PlacedNode) => {
    if (event.key === 'Escape') onSelect(null);
    if (!(event.key in ARROWS)) return;
    event.preventDefault();
    const next = neighbour(from, event.key as Arrow, layout.nodes);
    if (!next) return;
    onSelect(next.id);
    buttons.current.get(next.id)?.focus();
  };
  const step = (by: number) => setZoom(Math.max(0.35, Math.min(1.6, Math.round((scale + by) * 20) / 20)));
  return (
    <div className="border-2 border-ink bg-paper">
      <div className="flex flex-wrap items-center justify-between gap-x-6 border-b border-line bg-tile px-3">
        <Legend />
        <div className="flex items-center" role="group" aria-label="Size of the map">
          <ZoomButton label="Smaller" onClick={() => step(-0.15)}>
            <Minus aria-hidden className="size-5" />
          </ZoomButton>
          <button
            type="button"
            onClick={() => setZoom(null)}
            className="min-h-12 px-2 font-semibold underline underline-offset-4"
            aria-label="The whole width"
          >
            {Math.round(scale * 100)} %
          </button>
          <ZoomButton label="Larger" onClick={() => step(0.15)}>
            <Plus aria-hidden className="size-5" />
          </ZoomButton>
        </div>
      </div>
      <div className="overflow-auto p-3" style={{ maxHeight: 'min(78vh, 60rem)' }} role="group" aria-label="Map of techniques">
        <div className="relative" style={{ width: layout.width * scale, height: layout.height * scale }}>
          <div
            className="absolute left-0 top-0 origin-top-left"
            style={{ width: layout.width, height: layout.height, transform: `scale(${scale})` }}
          >
            <svg aria-hidden width={layout.width} height={layout.height} className="absolute inset-0 overflow-visible">
              {layout.bands.map((band) => (
                <line
                  key={band.strand}
                  x1={band.x}
                  x2={band.x + band.width}
                  y1={band.y + 25}
                  y2={band.y + 25}
                  stroke="var(--color-line)"
                  strokeWidth="1"
                />
              ))}
              {layout.edges.map((edge) => {
                const on = line !== null && line.has(edge.from) && line.has(edge.to);
                return (
                  <path
                    key={`${edge.from}>${edge.to}`}
                    d={edge.d}
                    fill="none"
                    stroke={on ? 'var(--color-beet)' : 'var(--color-soft)'}
                    strokeWidth={on ? 3 : 1.2}
                    opacity={on ? 1 : line ? 0.2 : edge.across ? 0.35 : 0.8}
                    strokeDasharray={edge.across ? '5 4' : undefined}
                  />
                );
              })}
            </svg>
            {layout.bands.map((band) => (
              <p
                key={band.strand}
                className="absolute flex items-center gap-2 whitespace-nowrap font-title font-bold"
                style={{ left: band.x, top: band.y }}
              >
                <StrandGlyph strand={band.strand} size={20} silent /> {STRAND_NAMES[band.strand]}
              </p>
            ))}
            {order.map((node) => {
              const technique = techniques.get(node.id)!;
              const stage = coverage.get(node.id)!;
              const added = adds.get(node.id);
              return (
                // On paper of its own, so that no line shows through a name that is faded.
                <div
                  key={node.id}
                  className="absolute rounded-sm bg-paper"
                  style={{ left: node.x, top: node.y, width: NODE.width, height: NODE.height }}
                >
                  <button
                    ref={(element) => void (element ? buttons.current.set(node.id, element) : buttons.current.delete(node.id))}
                    type="button"
                    tabIndex={node.id === first ? 0 : -1}
                    aria-pressed={node.id === selected}
                    aria-label={nodeLabel(technique, stage, added)}
                    onClick={() => onSelect(node.id === selected ? null : node.id)}
                    onKeyDown={(event) => onKeyDown(event, node)}
                    className={`relative flex size-full flex-col rounded-sm border-2 text-left leading-tight ${LOOKS[stage.stage]} ${
                      line && !line.has(node.id) ? 'opacity-70' : ''
                    } ${node.id === selected ? 'outline-4 outline-offset-1 outline-beet' : ''}`}
                  >
                    <span className="flex flex-1 items-center px-1.5 text-[14.5px] font-semibold leading-[1.15]">
                      <span className="line-clamp-2 [overflow-wrap:anywhere]">
                        <span className={stage.stage === 'practised' ? 'bg-tile' : ''}>{technique.name}</span>
                      </span>
                    </span>
                    <StageBar counts={stage.counts} />
                    {added && (added.purpose || added.further.length > 0) ? (
                      <span
                        aria-hidden
                        className="absolute -right-2 -top-2.5 rounded-sm border-2 border-beet bg-beet-wash px-1.5 text-[13px] font-bold leading-5 text-beet"
                      >
                        {added.further.length > 0 ? `+${added.further.length}` : 'again'}
                      </span>
                    ) : null}
                  </button>
                </div>
              );
            })}
          </div>
        </div>
      </div>
    </div>
  );
}

function ZoomButton({ label, onClick, children }: { label: string; onClick: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className="flex size-12 items-center justify-center hover:bg-wash"
    >
      {children}
    </button>
  );
}

function nodeLabel({ name }: MapTechnique, { stage, counts }: ClassStage, added: LessonAdds | undefined): string {
  const all = counts.unmet + counts.met + counts.practised + counts.assessed;
  const rest = all > 1 ? `, not met by ${counts.unmet} of ${all}` : '';
  return `${name}: ${STAGE_NAMES[stage].toLowerCase()}${rest}${added ? `; the lesson brings ${added.further.length} further` : ''}`;
}

function Legend() {
  return (
    <ul aria-label="How stages are drawn" className="flex flex-wrap gap-x-5 gap-y-1 py-1 text-small">
      {(['unmet', 'met', 'practised', 'assessed'] as const).map((stage) => (
        <li key={stage} className="flex items-center gap-2">
          <span aria-hidden className={`inline-block h-5 w-8 rounded-sm border-2 ${LOOKS[stage]}`} /> {STAGE_NAMES[stage]}
        </li>
      ))}
      <li className="text-soft">by most; the bar shows how many</li>
    </ul>
  );
}
