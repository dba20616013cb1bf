import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { STRANDS, type Purpose } from '@pelvo/core';
import { shortDate, today } from '../device';
import { StrandGlyph } from '../design';
import { swapped, type TermHere } from './useTerm';

interface TermPictureProps {
  readonly here: TermHere;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly lead: boolean;
}

const LETTER: Readonly<Record<Purpose, string>> = { introduce: 'N', practise: 'P', assess: 'A' };
const SAID: Readonly<Record<Purpose, string>> = { introduce: 'new', practise: 'practised', assess: 'assessed' };
const LOOK: Readonly<Record<Purpose, string>> = {
  introduce: 'border-2 border-ink bg-tile',
  practise: 'bg-ink/25',
  assess: 'bg-ink text-white',
};
/** Pixels of a column, so that sixty lessons stand side by side on a screen of 1280. */
const widthOf = (lessons: number) => Math.max(15, Math.min(52, Math.floor(960 / Math.max(1, lessons))));

/** The whole term at a glance: lessons from left to right, techniques from top to bottom. */
export function TermPicture({ here, chosen, onChoose, lead }: TermPictureProps) {
  const { moved, techniques, breaks, moves } = here;
  const { lessons } = moved;
  const width = widthOf(lessons.length);
  const used = new Set(lessons.flatMap((lesson) => lesson.techniques.map(({ id }) => id)));
  const rows = STRANDS.flatMap((strand) => techniques.filter((technique) => technique.strand === strand && used.has(technique.id)));
  const [over, setOver] = useState<string | null>(null);
  const dragged = useRef<string | null>(null);
  const held = (id: string) => here.term.lessons.find((lesson) => lesson.id === id)!.held;
  const next = lessons.find(({ date }) => date >= today())?.id;
  const swap = (a: string, b: string | undefined) => {
    if (b && lead && a !== b && !held(a) && !held(b)) here.setMoves(swapped(here, a, b));
  };
  const onKey = (event: KeyboardEvent, at: number) => {
    const step = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    const other = lessons[at + step];
    if (step === 0 || !other) return;
    event.preventDefault();
    if (event.shiftKey) return swap(lessons[at]!.id, other.id);
    onChoose(other.id);
    document.getElementById(`term-${other.id}`)?.focus();
  };
  const columnAt = (event: PointerEvent) =>
    document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-lesson]')?.dataset.lesson ?? null;
  return (
    <section aria-label="The term" className="overflow-x-auto">
      <table className="border-collapse text-small">
        <thead>
          <tr className="align-bottom">
            <th scope="col" className="w-64 min-w-56 pr-3 text-left font-normal text-soft">
              <span className="block">N new, P practised, A assessed</span>
              {lead ? 'Drag a day onto another to swap them, or Shift and an arrow' : null}
            </th>
            {lessons.map((lesson, at) => {
              const wrong = breaks.some(({ lessonId }) => lessonId === lesson.id);
              return (
                <th key={lesson.id} scope="col" className="p-0 font-normal" style={{ width }}>
                  <button
                    id={`term-${lesson.id}`}
                    type="button"
                    data-lesson={lesson.id}
                    aria-pressed={chosen === lesson.id}
                    aria-label={`${shortDate(lesson.date)}, ${lesson.title}${wrong ? ', does not hold' : ''}${moves[lesson.id] ? ', moved' : ''}`}
                    title={`${shortDate(lesson.date)}, ${lesson.title}`}
                    tabIndex={chosen === lesson.id || (chosen === null && at === 0) ? 0 : -1}
                    className={`flex h-28 touch-none items-end justify-center border-b-4 pb-1 aria-pressed:bg-ink aria-pressed:text-white ${over === lesson.id ? 'bg-beet-wash' : ''} ${lesson.id === next ? 'border-beet' : 'border-transparent'} ${moves[lesson.id] ? 'italic underline decoration-dashed' : ''}`}
                    style={{ width }}
                    onClick={() => onChoose(lesson.id)}
                    onKeyDown={(event) => onKey(event, at)}
                    onPointerDown={(event) => {
                      dragged.current = lead && !held(lesson.id) ? lesson.id : null;
                      event.currentTarget.setPointerCapture(event.pointerId);
                    }}
                    onPointerMove={(event) => {
                      if (dragged.current) setOver(columnAt(event));
                    }}
                    onPointerUp={(event) => {
                      const target = dragged.current && over ? columnAt(event) : null;
                      if (target) swap(dragged.current!, target);
                      dragged.current = null;
                      setOver(null);
                    }}
                    onPointerCancel={() => {
                      dragged.current = null;
                      setOver(null);
                    }}
                  >
                    <span className="[writing-mode:vertical-rl] rotate-180 whitespace-nowrap">{shortDate(lesson.date)}</span>
                  </button>
                </th>
              );
            })}
          </tr>
          <tr>
            <th scope="row" className="pr-3 text-left font-semibold">
              Does not hold
            </th>
            {lessons.map((lesson) => {
              const count = breaks.filter(({ lessonId }) => lessonId === lesson.id).length;
              return (
                <td key={lesson.id} className="p-0 text-center">
                  {count > 0 ? <b className="inline-block min-w-[13px] border border-dashed border-beet text-beet">{count}</b> : null}
                </td>
              );
            })}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, name, strand }) => (
            <tr key={id} className="border-t border-line leading-5">
              <th scope="row" className="max-w-64 truncate pr-3 text-left font-normal" title={name}>
                <span className="mr-1 inline-block align-middle">
                  <StrandGlyph strand={strand} />
                </span>
                {name}
              </th>
              {lessons.map((lesson) => {
                const purpose = lesson.techniques.find((each) => each.id === id)?.purpose;
                const wrong = breaks.some((each) => each.lessonId === lesson.id && 'techniqueId' in each && each.techniqueId === id);
                return (
                  <td key={lesson.id} className={`p-px text-center leading-none ${chosen === lesson.id ? 'bg-wash' : ''}`}>
                    {purpose ? (
                      <span
                        className={`inline-flex h-[18px] w-full max-w-7 items-center justify-center text-[12px] font-bold ${LOOK[purpose]} ${wrong ? 'outline-2 outline-dashed outline-beet' : ''}`}
                      >
                        <span aria-hidden>{LETTER[purpose]}</span>
                        <span className="sr-only">
                          {SAID[purpose]}
                          {wrong ? ', too early' : ''}
                        </span>
                      </span>
                    ) : lesson.inPassing.includes(id) ? (
                      <span aria-label="in passing" role="img">
                        ·
                      </span>
                    ) : null}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 ? <p className="mt-2">No lesson says yet which technique it takes up.</p> : null}
    </section>
  );
}
