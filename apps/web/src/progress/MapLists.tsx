import { useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { assessedTooEarly, neverCovered, nextTechniques, STRAND_NAMES, STRANDS } from '@pelvo/core';
import type { Course } from '@pelvo/contract';
import { inWords, shortDate, useMe } from '../device';
import { ButtonLink, Section, StrandGlyph } from '../design';
import { planPath } from './planPath';
import type { Standing } from './standing';

interface MapListsProps {
  readonly standing: Standing;
  readonly course: Course;
  readonly upTo: string;
  readonly onSelect: (id: string) => void;
}

const FEW = 6;

/** What the map answers, as lists: what is good next, who lacks what, what is assessed too early, what no lesson covers. */
export function MapLists({ standing: { facts, techniques, coverage }, course, upTo, onSelect }: MapListsProps) {
  const lead = useMe().role === 'lead';
  const byId = useMemo(() => new Map(techniques.map((each) => [each.id, each])), [techniques]);
  const next = useMemo(() => nextTechniques(facts, upTo, new Map(Object.entries(course.dishes))), [facts, upTo, course.dishes]);
  const early = useMemo(() => assessedTooEarly(facts), [facts]);
  const never = useMemo(() => neverCovered(facts), [facts]);
  const all = facts.students.length;
  const lacking = techniques.flatMap(({ id }) => {
    const stage = coverage.get(id)!;
    return stage.unmet.length > 0 && stage.unmet.length < all ? [{ id, unmet: stage.unmet }] : [];
  });
  const nameOf = (id: string) => facts.students.find((student) => student.id === id)?.name ?? '';
  const name = (id: string) => (
    <button type="button" onClick={() => onSelect(id)} className="min-h-11 text-left font-semibold underline underline-offset-4">
      {byId.get(id)?.name}
    </button>
  );
  return (
    <div className="mt-8 grid gap-x-10 gap-y-8 lg:grid-cols-2">
      <div>
        <Section title="Good to teach next">
          {next.length === 0 ? (
            <p className="text-soft">{all === 0 ? 'Nobody is in this class yet.' : 'Everything is planned or assessed.'}</p>
          ) : null}
          <Some
            items={next.map(({ techniqueId, purpose, ready, notReady, because }) => (
              <div key={techniqueId} className="flex flex-wrap items-center gap-x-4">
                <div className="min-w-0 flex-1 basis-64">
                  {name(techniqueId)} <span className="text-soft">{purpose}</span>
                  <p className="text-small">
                    <b>
                      {ready} of {all} ready.
                    </b>{' '}
                    {because.map(inWords).join('; ')}.
                    {notReady.length > 0 && notReady.length <= 3 ? ` Not ready: ${notReady.map(nameOf).join(', ')}.` : ''}
                  </p>
                </div>
                {lead ? (
                  <ButtonLink to={planPath(course.classId, techniqueId, purpose)}>
                    Plan it<span className="sr-only">: {byId.get(techniqueId)?.name}</span>
                  </ButtonLink>
                ) : null}
              </div>
            ))}
          />
        </Section>
      </div>
      <div>
        <Section title="Met by some, not by all">
          {lacking.length === 0 ? (
            <p className="text-soft">{all > 1 ? 'Everyone has met the same techniques.' : 'Choose the whole class to see this.'}</p>
          ) : null}
          <Some
            items={lacking.map(({ id, unmet }) => (
              <div key={id}>
                {name(id)}
                <p className="text-small">Not met by {unmet.length > 5 ? `${unmet.length} of ${all}` : unmet.map(nameOf).join(', ')}.</p>
              </div>
            ))}
          />
        </Section>
      </div>
      <div>
        <Section title="Assessed before it was practised">
          {early.length === 0 ? <p className="text-soft">Nothing: whatever is assessed has been practised by all who come to it.</p> : null}
          <Some
            items={early.map(({ techniqueId, lessonId, students }) => {
              const lesson = course.lessons.find(({ id }) => id === lessonId)!;
              return (
                <div key={techniqueId + lessonId}>
                  {name(techniqueId)} in{' '}
                  <Link to={`/lessons/${lessonId}`}>
                    {lesson.title}, {shortDate(lesson.date)}
                  </Link>
                  <p className="text-small">
                    Without practice: {students.length === all && all > 1 ? 'the whole class' : students.map(nameOf).join(', ')}.
                  </p>
                </div>
              );
            })}
          />
        </Section>
      </div>
      <div>
        <Section title={`No lesson covers these, ${never.length} of ${techniques.length}`}>
          {STRANDS.map((strand) => {
            const own = never.filter((id) => byId.get(id)?.strand === strand);
            return own.length === 0 ? null : (
              <div key={strand} className="mb-3">
                <p className="flex items-center gap-2 font-semibold">
                  <StrandGlyph strand={strand} silent /> {STRAND_NAMES[strand]}
                </p>
                <ul className="flex flex-wrap gap-x-4">
                  {own.map((id) => (
                    <li key={id}>
                      <button type="button" onClick={() => onSelect(id)} className="min-h-11 text-left underline underline-offset-4">
                        {byId.get(id)!.name}
                      </button>
                    </li>
                  ))}
                </ul>
              </div>
            );
          })}
        </Section>
      </div>
    </div>
  );
}

/** The first few of a list, and the rest on request. */
function Some({ items }: { items: readonly ReactNode[] }) {
  const [open, setOpen] = useState(false);
  const shown = open ? items : items.slice(0, FEW);
  return (
    <>
      <ul className="divide-y divide-line">
        {shown.map((item, index) => (
          <li key={index} className="py-1.5">
            {item}
          </li>
        ))}
      </ul>
      {items.length > FEW ? (
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="min-h-11 font-semibold underline underline-offset-4"
        >
          {open ? 'Fewer' : `${items.length - FEW} more`}
        </button>
      ) : null}
    </>
  );
}
