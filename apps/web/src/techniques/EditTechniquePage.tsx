import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useSWRConfig } from 'swr';
import { CARD, CARD_HEADINGS, unansweredHazards, type DocumentFormat } from '@pelvo/core';
import type { Technique, TechniqueFields, TechniqueWithUse } from '@pelvo/contract';
import { problemOf, savedMeanwhile, send, useAction, useDraft } from '../device';
import { Button, ButtonLink, Fetching, MeanwhileNotice, Notice, PageHead, ProblemNotice } from '../design';
import { fieldsOf, missingOnCard, NEW_TECHNIQUE } from './cardFields';
import { CardForm } from './editor/CardForm';
import { useTechnique } from './useTechnique';

/** Writing a technique card, new or old. */
export default function EditTechniquePage() {
  const { id } = useParams();
  const { data, error, mutate } = useTechnique(id);
  return (
    <>
      {id ? <Fetching what="the card" done={data !== undefined} error={error} retry={() => void mutate()} /> : null}
      {!id || data ? <Editing key={id ?? 'new'} technique={data ?? null} /> : null}
    </>
  );
}

function Editing({ technique }: { technique: TechniqueWithUse | null }) {
  const { mutate: mutateAll } = useSWRConfig();
  const navigate = useNavigate();
  const stored = useMemo(
    () => ({ content: technique ? fieldsOf(technique) : NEW_TECHNIQUE, version: technique?.version ?? 0 }),
    [technique],
  );
  const draft = useDraft<TechniqueFields>(`technique.${technique?.id ?? 'new'}`, stored, { format: FIELDS });
  const { content: fields, dirty, meanwhile } = draft;
  const { busy, error, run, forget: dismiss } = useAction();
  const change = (part: Partial<TechniqueFields>) => draft.change((now) => ({ ...now, ...part }));
  const drop = () => {
    draft.drop();
    dismiss();
  };
  const save = () =>
    run(async () => {
      let saved: TechniqueWithUse | null = null;
      await draft.save(async (mine, version) => {
        try {
          saved = await (technique
            ? send<TechniqueWithUse>('PUT', `/techniques/${technique.id}`, { body: mine, version })
            : send<TechniqueWithUse>('POST', '/techniques', { body: mine }));
          return { content: fieldsOf(saved), version: saved.version };
        } catch (failure) {
          const theirs = savedMeanwhile<Technique>(failure);
          if (theirs) await mutateAll(`/techniques/${theirs.id}`);
          throw failure;
        }
      });
      const { id } = saved as unknown as TechniqueWithUse;
      await Promise.all([mutateAll(`/techniques/${id}`, saved, { revalidate: false }), mutateAll('/techniques')]);
      void navigate(`/techniques/${id}`);
    });
  const asked = Boolean(error) && (problemOf(error).errors ?? []).every(({ field }) => field.startsWith('cautions.'));
  return (
    <div className="gap-9 min-[1100px]:grid min-[1100px]:grid-cols-[minmax(0,1fr)_17rem]">
      <div className="min-w-0">
        <PageHead
          title={technique ? `Change ${technique.name}` : 'Write a card'}
          lead={dirty ? 'Kept on this device until you save or drop it.' : 'A card teaches one technique, on one page.'}
          actions={
            <>
              {dirty ? <Button onClick={drop}>Drop changes</Button> : null}
              <ButtonLink to={technique ? `/techniques/${technique.id}` : '/techniques'}>Back</ButtonLink>
              <Button kind="main" busy={busy} disabled={!dirty && technique !== null} onClick={() => void save()}>
                Save the card
              </Button>
            </>
          }
        />
        <div className="mb-5 space-y-3">
          {meanwhile ? (
            <MeanwhileNotice
              what="card"
              clashes={meanwhile.clashes}
              nameOf={(where) => PART_NAMES[where.split('.')[0] as keyof TechniqueFields] ?? where}
              onTakeTheirs={draft.takeTheirs}
              onDrop={drop}
            />
          ) : asked && unansweredHazards(fields).length > 0 ? (
            <Notice kind="problem" title="The card names a hazard that no caution speaks of.">
              Answer what is asked under <a href="#card-care">Care</a>, then save again.
            </Notice>
          ) : (
            <ProblemNotice error={error} />
          )}
        </div>
        <CardForm fields={fields} onChange={change} error={error} ownId={technique?.id ?? null} />
        <div className="mt-8">
          <Button kind="main" busy={busy} disabled={!dirty && technique !== null} onClick={() => void save()}>
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

/** A card with its prerequisites, as a draft keeps it. */
const FIELDS: DocumentFormat<TechniqueFields> = { ...CARD, lacks: (content) => CARD.lacks(content) } as DocumentFormat<TechniqueFields>;
