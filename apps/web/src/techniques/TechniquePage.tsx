import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import { CALCULATORS, STRAND_NAMES, type TechniqueCard } from '@pelvo/core';
import type { DishSummary, Page, Technique, TechniqueWithUse } from '@pelvo/contract';
import { fetcher, send, useAction, useInForce, useLesson, useMe, useTechniques, type InForceHere } from '../device';
import { Button, ButtonLink, DownloadLink, Fetching, Notice, PageHead, ProblemNotice, Section, StrandGlyph, WorkingPage } from '../design';
import { CalculatorPane } from './CalculatorPane';
import { CardBody } from './CardBody';
import { fieldsOf } from './cardFields';
import { useTechnique } from './useTechnique';

/** A technique card, to teach from and to print. */
export default function TechniquePage() {
  const { id } = useParams();
  const { data, error, mutate } = useTechnique(id);
  return (
    <>
      <Fetching what="the card" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? (
        <CardScreen
          key={data.id}
          technique={data}
          onStored={() => {
            void mutate();
            void mutateAll('/techniques');
          }}
        />
      ) : null}
    </>
  );
}

function CardScreen({ technique, onStored }: { technique: TechniqueWithUse; onStored: () => void }) {
  const lead = useMe().role === 'lead';
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const { data: lesson } = useLesson(search.get('lesson') ?? undefined);
  const { inForce, error: undecided, retry } = useInForce(lesson?.practices);
  const [left, setLeft] = useState(false);
  const { busy, error, run } = useAction();
  const setArchived = (archived: boolean) =>
    run(async () => {
      await send('PUT', `/techniques/${technique.id}/archived`, { body: { archived } });
      onStored();
      if (archived) void navigate('/techniques', { state: { putAway: { id: technique.id, name: technique.name } } });
    });
  const setVariant = (variant: string | null) =>
    run(async () => {
      await send<Technique>('PUT', `/techniques/${technique.id}`, {
        body: { ...fieldsOf(technique), variant },
        version: technique.version,
      });
      onStored();
    });
  return (
    <WorkingPage aside={<CardMargin technique={technique} />}>
      <PageHead
        title={technique.name}
        lead={
          <span className="inline-flex flex-wrap items-center gap-x-2">
            <StrandGlyph strand={technique.strand} silent /> {STRAND_NAMES[technique.strand]}
            <Minutes minutes={technique.minutes} />
          </span>
        }
        actions={
          <>
            <DownloadLink href={`/api/techniques/${technique.id}/card.pdf?paper=A4${left ? '&hand=left' : ''}`}>Card on A4</DownloadLink>
            <DownloadLink href={`/api/techniques/${technique.id}/card.pdf?paper=LETTER${left ? '&hand=left' : ''}`}>on Letter</DownloadLink>
            {lead && !technique.archived ? (
              <>
                <ButtonLink kind="main" to={`/techniques/${technique.id}/edit`}>
                  Change
                </ButtonLink>
                <Button kind="quiet" busy={busy} onClick={() => void setArchived(true)}>
                  Archive
                </Button>
              </>
            ) : null}
          </>
        }
      />
      <div className="mb-4 space-y-3">
        <ProblemNotice error={error} />
        <ProblemNotice error={undecided} retry={retry} />
        {lesson ? (
          <Notice title={`As "${lesson.title}" teaches it`}>
            <Link to={`/lessons/${lesson.id}`}>Back to the lesson</Link>, or{' '}
            <Link to={`/techniques/${technique.id}`}>as the school does</Link>.
          </Notice>
        ) : null}
        {technique.archived ? (
          <Notice title="This card is archived. Lessons and dishes that name it keep it.">
            {lead ? (
              <Button busy={busy} onClick={() => void setArchived(false)}>
                Take it out of the archive
              </Button>
            ) : null}
          </Notice>
        ) : null}
      </div>
      <article>
        {technique.drawings.length > 0 ? (
          <label className="no-print mb-3 inline-flex min-h-11 items-center gap-2">
            <input type="checkbox" className="size-5" checked={left} onChange={(event) => setLeft(event.target.checked)} />
            Drawn for a left-handed student
          </label>
        ) : null}
        <CardBody
          card={technique}
          inForce={inForce}
          hand={left ? 'left' : 'right'}
          taught={lesson}
          onVariant={lead ? (key) => void setVariant(key) : undefined}
        />
      </article>
      {inForce && technique.calculators.length > 0 ? (
        <Section title="Measures">
          <div className="space-y-6">
            {technique.calculators.map((name) => (
              <CalculatorPane key={name} name={name} inForce={decidingHere(inForce, technique)} technique={technique} />
            ))}
          </div>
        </Section>
      ) : null}
    </WorkingPage>
  );
}

/** Only what the card names as deciding here decides: the salt for boiling pasta is none for a brine. */
function decidingHere(inForce: InForceHere, { matters }: TechniqueCard): InForceHere {
  return {
    ...inForce,
    practices: Object.fromEntries(Object.entries(inForce.practices).filter(([matter]) => matters.some((each) => each === matter))),
  };
}

function Minutes({ minutes: { novice, practised } }: { minutes: TechniqueCard['minutes'] }) {
  const said = [novice === null ? '' : `${novice} min for a novice`, practised === null ? '' : `${practised} for a practised hand`].filter(
    Boolean,
  );
  return said.length > 0 ? <span>· {said.join(', ')}</span> : null;
}

/** What stands around the card: what comes before and after it, its tools, its dishes, its files. */
function CardMargin({ technique }: { technique: TechniqueWithUse }) {
  const { data: techniques = [] } = useTechniques();
  const { data: dishes } = useSWR<Page<DishSummary>>(`/dishes?technique=${technique.id}`, fetcher);
  const before = technique.prerequisites.flatMap((id) => techniques.find((each) => each.id === id) ?? []);
  const links = (list: readonly { readonly id: string; readonly name: string }[]) => (
    <ul>
      {list.map(({ id, name }) => (
        <li key={id}>
          <Link to={`/techniques/${id}`} className="inline-flex min-h-11 items-center leading-tight">
            {name}
          </Link>
        </li>
      ))}
    </ul>
  );
  return (
    <div className="space-y-5">
      <div>
        <h2 className="text-lg">Learn first</h2>
        {before.length > 0 ? links(before) : <p className="text-small text-soft">Nothing: it can come first.</p>}
      </div>
      {technique.leadsTo.length > 0 ? (
        <div>
          <h2 className="text-lg">Leads to</h2>
          {links(technique.leadsTo)}
        </div>
      ) : null}
      {technique.calculators.length > 0 ? (
        <div>
          <h2 className="text-lg">Measures</h2>
          <ul>
            {technique.calculators.map((name) => (
              <li key={name}>
                <a href={`#measure-${name}`} className="inline-flex min-h-11 items-center leading-tight">
                  {CALCULATORS[name].name}
                </a>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      <div>
        <h2 className="text-lg">Tools</h2>
        <p className="text-small">{technique.tools.length > 0 ? technique.tools.join(', ') : 'None named.'}</p>
      </div>
      <div>
        <h2 className="text-lg">Dishes that exercise it</h2>
        {dishes?.items.length === 0 ? <p className="text-small text-soft">None yet. Name it on a step of a dish.</p> : null}
        <ul>
          {(dishes?.items ?? []).map(({ id, title }) => (
            <li key={id}>
              <Link to={`/dishes/${id}`} className="inline-flex min-h-11 items-center leading-tight">
                {title}
              </Link>
            </li>
          ))}
        </ul>
      </div>
      <div>
        <h2 className="text-lg">As a file</h2>
        <ul className="text-small">
          {[
            ['json', 'JSON, nothing lost'],
            ['markdown', 'Markdown, nothing lost'],
          ].map(([format, name]) => (
            <li key={format}>
              <a href={`/api/technique-exports/${format}?ids=${technique.id}`} download className="inline-flex min-h-11 items-center">
                {name}
              </a>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
