import { X } from 'lucide-react';
import { useMemo } from 'react';
import { mutate as mutateAll } from 'swr';
import { CUT_LIMITS, CUT_SHAPES, type CutSet, type CutShape } from '@pelvo/core';
import type { StoredCutSet } from '@pelvo/contract';
import { fieldProblem, newId, savedMeanwhile, send, useAction, useDraft } from '../device';
import { Button, Dialog, IconButton, MeanwhileNotice, ProblemNotice, SelectField, TextField } from '../design';
import { cutOf, draftOf, MEASURES, type CutDraft, type SetDraft } from './setDraft';

interface CutSetEditorProps {
  readonly set: StoredCutSet | null;
  readonly onClose: () => void;
  readonly onRemoved: (set: CutSet) => void;
}

/** A set of named cuts, its sizes and tolerances, while it is changed. */
export function CutSetEditor({ set, onClose, onRemoved }: CutSetEditorProps) {
  const stored = useMemo(() => ({ content: draftOf(set), version: set?.version ?? 0 }), [set]);
  const {
    content: draft,
    change,
    dirty,
    drop,
    save: saveDraft,
    meanwhile,
    takeTheirs,
  } = useDraft<SetDraft>(`cut-set.${set?.id ?? 'new'}`, stored);
  const { busy, error, run, forget: dismiss } = useAction();
  const setCut = (index: number, next: Partial<CutDraft> | null) =>
    change({ ...draft, cuts: draft.cuts.flatMap((cut, at) => (at !== index ? cut : next ? { ...cut, ...next } : [])) });
  const done = async () => {
    await mutateAll('/cut-sets');
    onClose();
  };
  const body = ({ name, about, cuts }: SetDraft): CutSet => ({ name, about, cuts: cuts.map(cutOf) });
  const save = () =>
    run(async () => {
      try {
        await saveDraft(async (content, version) => {
          const saved = await (set
            ? send<StoredCutSet>('PUT', `/cut-sets/${set.id}`, { body: body(content), version })
            : send<StoredCutSet>('POST', '/cut-sets', { body: body(content) }));
          return { content: draftOf(saved), version: saved.version };
        });
      } catch (failure) {
        // What is stored now comes to this screen, and the draft onto it.
        if (savedMeanwhile<StoredCutSet>(failure)) await mutateAll('/cut-sets');
        throw failure;
      }
      await done();
    });
  const copy = () =>
    run(async () => {
      await send('POST', '/cut-sets', { body: { ...body(draft), name: `${draft.name}, ours`.slice(0, CUT_LIMITS.name) } });
      drop();
      await done();
    });
  const remove = () =>
    run(async () => {
      await send('DELETE', `/cut-sets/${set!.id}`);
      onRemoved({ name: set!.name, about: set!.about, cuts: set!.cuts });
      drop();
      await done();
    });
  return (
    <Dialog open wide onClose={onClose} title={set ? set.name : 'A set of cuts'}>
      <div className="grid gap-3 sm:grid-cols-[1fr_2fr]">
        <TextField
          label="Name of the set"
          maxLength={CUT_LIMITS.name}
          value={draft.name}
          problem={fieldProblem(error, 'name')}
          onChange={(event) => change({ ...draft, name: event.target.value })}
        />
        <TextField
          label="Whose sizes these are"
          maxLength={CUT_LIMITS.about}
          value={draft.about}
          problem={fieldProblem(error, 'about')}
          onChange={(event) => change({ ...draft, about: event.target.value })}
        />
      </div>
      <p className="mt-4 text-small text-soft">
        Millimetres. The length is the longest side, of a round its diameter; a tolerance counts either way.
      </p>
      <ul className="divide-y divide-line">
        {draft.cuts.map((cut, index) => (
          <li key={cut.key} className="grid grid-cols-2 items-end gap-2 py-3 sm:grid-cols-[1.6fr_1fr_repeat(5,minmax(4.2rem,0.7fr))_auto]">
            <TextField
              label="Cut"
              maxLength={CUT_LIMITS.name}
              value={cut.name}
              problem={fieldProblem(error, `cuts.${index}.name`)}
              onChange={(event) => setCut(index, { name: event.target.value })}
            />
            <SelectField label="Shape" value={cut.shape} onChange={(event) => setCut(index, { shape: event.target.value as CutShape })}>
              {CUT_SHAPES.map((shape) => (
                <option key={shape}>{shape}</option>
              ))}
            </SelectField>
            {MEASURES.map(([field, name]) => (
              <TextField
                key={field}
                label={name}
                inputMode="decimal"
                maxLength={8}
                value={cut[field]}
                problem={fieldProblem(error, `cuts.${index}.${field}`)}
                onChange={(event) => setCut(index, { [field]: event.target.value })}
              />
            ))}
            <IconButton label={`Take out ${cut.name || 'this cut'}`} onClick={() => setCut(index, null)}>
              <X aria-hidden className="size-5" />
            </IconButton>
          </li>
        ))}
      </ul>
      {draft.cuts.length < CUT_LIMITS.cuts ? (
        <Button
          onClick={() =>
            change({
              ...draft,
              cuts: [
                ...draft.cuts,
                {
                  key: newId().slice(0, 8),
                  name: '',
                  shape: 'stick',
                  thickness: '5',
                  width: '5',
                  length: '50',
                  tolerance: '1',
                  lengthTolerance: '5',
                },
              ],
            })
          }
        >
          Add a cut
        </Button>
      ) : null}
      <div className="mt-5 space-y-3">
        {meanwhile ? (
          <MeanwhileNotice what="set" clashes={meanwhile.clashes} onTakeTheirs={takeTheirs} onDrop={drop} />
        ) : (
          <ProblemNotice error={error} />
        )}
        <div className="flex flex-wrap gap-2">
          <Button kind="main" busy={busy} onClick={() => void save()}>
            {set ? 'Save the set' : 'Keep the set'}
          </Button>
          {set ? (
            <Button busy={busy} onClick={() => void copy()}>
              Keep it as a copy
            </Button>
          ) : null}
          {dirty ? (
            <Button
              kind="quiet"
              onClick={() => {
                drop();
                dismiss();
              }}
            >
              Drop changes
            </Button>
          ) : null}
          {set ? (
            <Button kind="quiet" busy={busy} onClick={() => void remove()}>
              Remove the set
            </Button>
          ) : null}
        </div>
      </div>
    </Dialog>
  );
}
