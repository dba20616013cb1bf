import { X } from 'lucide-react';
import { useMemo } from 'react';
import { mutate as mutateAll } from 'swr';
import {
  EMPTY_KITCHEN,
  EQUIPMENT_KINDS,
  KITCHEN,
  KITCHEN_LIMITS,
  type EquipmentKind,
  type Kitchen,
  type KitchenOven,
  type KitchenTool,
} from '@pelvo/core';
import type { StoredKitchen } from '@pelvo/contract';
import { fieldProblem, savedMeanwhile, send, useAction, useDraft } from '../device';
import { Button, Dialog, IconButton, MeanwhileNotice, ProblemNotice, Stepper, TextField } from '../design';
import { EQUIPMENT_NAMES } from './words';

const contentOf = ({ name, stations, burnersAStation, stationsABlock, ovens, equipment, tools, assessors }: Kitchen): Kitchen => ({
  name,
  stations,
  burnersAStation,
  stationsABlock,
  ovens,
  equipment,
  tools,
  assessors,
});

/** The first of "Oven 1, Oven 2, …" that no oven bears. */
function nextOven(ovens: readonly KitchenOven[]): string {
  const taken = new Set(ovens.map(({ name }) => name.trim().toLowerCase()));
  let number = ovens.length + 1;
  while (taken.has(`oven ${number}`)) number += 1;
  return `Oven ${number}`;
}

interface KitchenEditorProps {
  readonly kitchen: StoredKitchen | null;
  readonly onClose: () => void;
  readonly onRemoved: (kitchen: Kitchen) => void;
}

/** A kitchen while it is changed: its stations, its ovens, and what there are few of. */
export function KitchenEditor({ kitchen, onClose, onRemoved }: KitchenEditorProps) {
  const stored = useMemo(() => ({ content: contentOf(kitchen ?? EMPTY_KITCHEN), version: kitchen?.version ?? 0 }), [kitchen]);
  const {
    content,
    change,
    dirty,
    drop,
    save: saveDraft,
    meanwhile,
    takeTheirs,
  } = useDraft<Kitchen>(`kitchen.${kitchen?.id ?? 'new'}`, stored, { format: KITCHEN });
  const { busy, error, run, forget: dismiss } = useAction();
  const set = (part: Partial<Kitchen>) => change({ ...content, ...part });
  const setOven = (index: number, next: Partial<KitchenOven> | null) =>
    set({ ovens: content.ovens.flatMap((oven, at) => (at !== index ? oven : next ? { ...oven, ...next } : [])) });
  const setTool = (index: number, next: Partial<KitchenTool> | null) =>
    set({ tools: content.tools.flatMap((tool, at) => (at !== index ? tool : next ? { ...tool, ...next } : [])) });
  const done = async () => {
    await mutateAll('/kitchens');
    onClose();
  };
  const save = () =>
    run(async () => {
      try {
        await saveDraft(async (body, version) => {
          const saved = await (kitchen
            ? send<StoredKitchen>('PUT', `/kitchens/${kitchen.id}`, { body, version })
            : send<StoredKitchen>('POST', '/kitchens', { body }));
          return { content: contentOf(saved), version: saved.version };
        });
      } catch (failure) {
        if (savedMeanwhile<StoredKitchen>(failure)) await mutateAll('/kitchens');
        throw failure;
      }
      await done();
    });
  const remove = () =>
    run(async () => {
      await send('DELETE', `/kitchens/${kitchen!.id}`);
      onRemoved(contentOf(kitchen!));
      drop();
      await done();
    });
  return (
    <Dialog open wide onClose={onClose} title={kitchen ? kitchen.name : 'A kitchen'}>
      <div className="max-w-md">
        <TextField
          label="Name"
          maxLength={KITCHEN_LIMITS.name}
          value={content.name}
          problem={fieldProblem(error, 'name')}
          onChange={(event) => set({ name: event.target.value })}
        />
      </div>
      <div className="mt-4 flex flex-wrap items-start gap-4">
        <Stepper
          label="Stations"
          value={content.stations}
          min={1}
          max={KITCHEN_LIMITS.stations}
          onChange={(stations) => set({ stations })}
        />
        <Stepper
          label="Burners a station"
          value={content.burnersAStation}
          min={0}
          max={KITCHEN_LIMITS.burners}
          onChange={(burnersAStation) => set({ burnersAStation })}
        />
        <Stepper
          label="Stations sharing them"
          value={content.stationsABlock}
          min={1}
          max={KITCHEN_LIMITS.block}
          onChange={(stationsABlock) => set({ stationsABlock })}
        />
        <Stepper
          label="Assessors"
          value={content.assessors}
          min={1}
          max={KITCHEN_LIMITS.assessors}
          onChange={(assessors) => set({ assessors })}
        />
      </div>
      <h3 className="mt-5 text-lg">Ovens</h3>
      <p className="text-small text-soft">Degrees Celsius. The change is how long it takes from one heat to another.</p>
      <ul className="divide-y divide-line">
        {content.ovens.map((oven, index) => (
          <li key={index} className="grid grid-cols-2 items-end gap-2 py-3 sm:grid-cols-[1.5fr_repeat(4,minmax(5rem,0.8fr))_auto]">
            <TextField
              label="Oven"
              maxLength={KITCHEN_LIMITS.name}
              value={oven.name}
              problem={fieldProblem(error, `ovens.${index}.name`)}
              onChange={(event) => setOven(index, { name: event.target.value })}
            />
            {(
              [
                ['shelves', 'Shelves'],
                ['from', 'From °C'],
                ['to', 'To °C'],
                ['changeMinutes', 'Change, min'],
              ] as const
            ).map(([field, label]) => (
              <TextField
                key={field}
                label={label}
                inputMode="numeric"
                maxLength={4}
                value={String(oven[field])}
                problem={fieldProblem(error, `ovens.${index}.${field}`)}
                onChange={(event) => setOven(index, { [field]: Number(event.target.value.replace(/\D/g, '')) })}
              />
            ))}
            <IconButton label={`Take ${oven.name} away`} onClick={() => setOven(index, null)}>
              <X aria-hidden />
            </IconButton>
          </li>
        ))}
      </ul>
      {content.ovens.length < KITCHEN_LIMITS.ovens ? (
        <Button
          kind="quiet"
          onClick={() =>
            set({
              ovens: [...content.ovens, { ...EMPTY_KITCHEN.ovens[0]!, name: nextOven(content.ovens) }],
            })
          }
        >
          Add an oven
        </Button>
      ) : null}
      <h3 className="mt-5 text-lg">What there are few of</h3>
      <p className="mb-2 text-small text-soft">Of chillers and freezers: how many trays they take at once.</p>
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        {EQUIPMENT_KINDS.map((kind: EquipmentKind) => (
          <Stepper
            key={kind}
            label={EQUIPMENT_NAMES[kind]}
            value={content.equipment[kind]}
            min={0}
            max={KITCHEN_LIMITS.equipment}
            onChange={(count) => set({ equipment: { ...content.equipment, [kind]: count } })}
          />
        ))}
      </div>
      <h3 className="mt-5 text-lg">Tools, plates and vessels that are counted</h3>
      <p className="text-small text-soft">
        How many there are in all. The preparation of a lesson says where they are too few; what is not counted here is not held against it.
      </p>
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {content.tools.map((tool, index) => (
          <li key={index} className="flex items-end gap-2 py-2">
            <div className="min-w-0 flex-1">
              <TextField
                label="Tool"
                maxLength={KITCHEN_LIMITS.name}
                value={tool.name}
                problem={fieldProblem(error, `tools.${index}.name`) ?? fieldProblem(error, `tools.${index}`)}
                onChange={(event) => setTool(index, { name: event.target.value })}
              />
            </div>
            <div className="w-24">
              <TextField
                label="How many"
                inputMode="numeric"
                maxLength={4}
                value={String(tool.count)}
                problem={fieldProblem(error, `tools.${index}.count`)}
                onChange={(event) => setTool(index, { count: Number(event.target.value.replace(/\D/g, '')) })}
              />
            </div>
            <IconButton label={`Take ${tool.name || 'the tool'} away`} onClick={() => setTool(index, null)}>
              <X aria-hidden />
            </IconButton>
          </li>
        ))}
      </ul>
      {content.tools.length < KITCHEN_LIMITS.tools ? (
        <Button kind="quiet" onClick={() => set({ tools: [...content.tools, { name: '', count: content.stations }] })}>
          Count a tool
        </Button>
      ) : null}
      <div className="mt-5 space-y-3">
        {meanwhile ? (
          <MeanwhileNotice what="kitchen" clashes={meanwhile.clashes} nameOf={(where) => where} onTakeTheirs={takeTheirs} onDrop={drop} />
        ) : (
          <ProblemNotice error={error} />
        )}
        <div className="flex flex-wrap gap-2">
          <Button kind="main" busy={busy} onClick={() => void save()}>
            Save the kitchen
          </Button>
          {dirty ? (
            <Button
              onClick={() => {
                drop();
                dismiss();
              }}
            >
              Drop changes
            </Button>
          ) : null}
          {kitchen ? (
            <Button kind="quiet" busy={busy} onClick={() => void remove()}>
              Take it away
            </Button>
          ) : null}
        </div>
      </div>
    </Dialog>
  );
}
