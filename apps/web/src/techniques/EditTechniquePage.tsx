import { useNavigate, useParams } from 'react-router';
import { mutate as mutateAll } from 'swr';
import { CARD_HEADINGS, unansweredHazards } from '@pelvo/core';
import type { Technique, TechniqueFields, TechniqueWithUse } from '@pelvo/contract';
import { problemOf, savedMeanwhile, send } from '../app/client';
import { Shell } from '../app/Shell';
import { useAction } from '../app/useAction';
import { useDraft } from '../app/useDraft';
import { Button, ButtonLink, Fetching, MeanwhileNotice, Notice, PageHead, ProblemNotice } from '../design';
import { fieldsOf, missingOnCard, NEW_TECHNIQUE } from './cardFields';
import { CardForm } from './editor/CardForm';
import { useTechnique } from './useTechniques';

/** Writing a technique card, new or old. */
export default function EditTechniquePage() {
  const { id } = useParams();
  const { data, error, mutate } = useTechnique(id);
  return (
    <Shell>
      {id ? <Fetching what="the card" done={data !== undefined} error={error} retry={() => void mutate()} /> : null}
      {!id || data ? <Editing key={id ?? 'new'} technique={data ?? null} /> : null}
    </Shell>
  );
}

interface Draft {
  readonly fields: TechniqueFields;
  /** What was loaded when writing began, to tell whether anything changed. */
  readonly base: TechniqueFields;
  readonly version: number;
}

function Editing({ technique }: { technique: TechniqueWithUse | null }) {
  const navigate = useNavigate();
  const [draft, setDraft, forget, kept] = useDraft<Draft | null>(`technique.${technique?.id ?? 'new'}`, null);
  const { busy, error, run, forget: dismiss } = useAction();
  const stored = technique ? fieldsOf(technique) : NEW_TECHNIQUE;
  const fields = draft?.fields ?? stored;
  const version = draft?.version ?? technique?.version ?? 0;
  const dirty = draft !== null && JSON.stringify(draft.fields) !== JSON.stringify(draft.base);
  const change = (part: Partial<TechniqueFields>) =>
    setDraft((now) => ({ base: now?.base ?? stored, version: now?.version ?? version, fields: { ...(now?.fields ?? stored), ...part } }));
  const drop = () => {
    setDraft(null);
    forget();
    dismiss();
  };
  const save = (against: number) =>
    run(async () => {
      const saved = await (technique
        ? send<TechniqueWithUse>('PUT', `/techniques/${technique.id}`, { body: fields, version: against })
        : send<TechniqueWithUse>('POST', '/techniques', { body: fields }));
      drop();
      await Promise.all([mutateAll(`/techniques/${saved.id}`, saved, { revalidate: false }), mutateAll('/techniques')]);
      void navigate(`/techniques/${saved.id}`);
    });
  const meanwhile = savedMeanwhile<Technique>(error);
  const asked = Boolean(error) && (problemOf(error).errors ?? []).every(({ field }) => field.startsWith('cautions.'));
  return (
    <div className="gap-9 min-[1100px]:grid min-[1100px]:grid-cols-[minmax(0,1fr)_17rem]">
      <div className="min-w-0">
        <PageHead
          title={technique ? `Change ${technique.name}` : 'Write a card'}
          lead={dirty && kept ? 'Kept on this device until you save or drop it.' : 'A card teaches one technique, on one page.'}
          actions={
            <>
              {dirty ? <Button onClick={drop}>Drop changes</Button> : null}
              <ButtonLink to={technique ? `/techniques/${technique.id}` : '/techniques'}>Back</ButtonLink>
              <Button kind="main" busy={busy} disabled={!dirty && technique !== null} onClick={() => void save(version)}>
                Save the card
              </Button>
            </>
          }
        />
        <div className="mb-5 space-y-3">
          {meanwhile ? (
            <MeanwhileNotice
              what="card"
              onKeepMine={() => void save(meanwhile.version)}
              onTakeTheirs={() => {
                drop();
                void mutateAll(`/techniques/${meanwhile.id}`);
              }}
            >
              <p>Stored now: {changedParts(stored, fieldsOf(meanwhile)) || 'the same words'}.</p>
            </MeanwhileNotice>
          ) : asked && unansweredHazards(fields).length > 0 ? (
            <Notice kind="problem" title="A step names a hazard that no caution speaks of.">
              Answer what is asked under <a href="#card-care">Care</a>, then save again.
            </Notice>
          ) : (
            <ProblemNotice error={error} />
          )}
        </div>
        <CardForm fields={fields} onChange={change} error={error} ownId={technique?.id ?? null} />
        <div className="mt-8">
          <Button kind="main" busy={busy} disabled={!dirty && technique !== null} onClick={() => void save(version)}>
            Save the card
          </Button>
        </div>
      </div>
      <aside
        aria-label="Parts of the card"
        className="sticky top-4 max-h-[calc(100vh-2rem)] self-start overflow-auto border-l-2 border-beet pl-4 max-[1099px]:hidden"
      >
        <h2 className="text-lg">Parts of the card</h2>
        <ol>
          {missingOnCard(fields).map(({ anchor, name, missing }) => (
            <li key={anchor}>
              <a href={`#${anchor}`} className="inline-flex min-h-11 items-center gap-2 no-underline hover:underline">
                <span aria-hidden className={`size-4 border-2 border-ink ${missing ? 'border-dashed' : 'bg-ink'}`} />
                <span>
                  {name}
                  {missing ? <span className="block text-small leading-tight text-soft">{missing}</span> : null}
                </span>
              </a>
            </li>
          ))}
        </ol>
      </aside>
    </div>
  );
}

const PART_NAMES: Readonly<Record<keyof TechniqueFields, string>> = {
  ...CARD_HEADINGS,
  name: 'Name',
  strand: 'Strand',
  purpose: 'Purpose',
  minutes: 'Minutes',
  variant: 'Variant in force',
};

/** Names of the parts in which two cards differ. */
function changedParts(a: TechniqueFields, b: TechniqueFields): string {
  return (Object.keys(a) as (keyof TechniqueFields)[])
    .filter((key) => JSON.stringify(a[key]) !== JSON.stringify(b[key]))
    .map((key) => PART_NAMES[key])
    .join(', ');
}
