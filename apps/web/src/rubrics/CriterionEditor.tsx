import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { underInWords, type Criterion } from '@pelvo/core';
import { Button, SelectField, TextField } from '../design';
import { useTechnique } from '../techniques';
import { useTechniques } from '../device';
import { cellsOf, EditedBy, EDITING, NumberField } from './kinds';

/** A criterion to read, or, opened, to change. */
export function CriterionEditor({ criterion, onChange }: { criterion: Criterion; onChange?: (criterion: Criterion | null) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <div>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 className="text-lg">{criterion.name}</h3>
        <span className="text-soft">
          {criterion.kind === 'critical'
            ? `critical, caps at ${criterion.cap}`
            : `${EDITING[criterion.kind].called}, weight ${criterion.weight}`}
          , {criterion.evidence}
        </span>
        {onChange ? (
          <span className="ml-auto">
            <Button kind="quiet" onClick={() => setOpen(!open)} aria-expanded={open}>
              {open ? 'Done' : 'Change'}
              <span className="sr-only"> {criterion.name}</span>
            </Button>
          </span>
        ) : null}
      </div>
      {open && onChange ? <Editing criterion={criterion} onChange={onChange} /> : <Reading criterion={criterion} />}
    </div>
  );
}

function Reading({ criterion }: { criterion: Criterion }) {
  const cells = cellsOf(criterion);
  return (
    <>
      <dl
        className={`mt-1 grid gap-x-4 gap-y-1 ${cells.length > 2 ? 'sm:grid-cols-[repeat(auto-fit,minmax(9rem,1fr))]' : 'sm:grid-cols-2'}`}
      >
        {cells.map(([name, text]) => (
          <div key={name} className="border-t-2 border-ink pt-1">
            <dt className="text-small font-semibold">{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      {criterion.faults.length > 0 ? (
        <p className="mt-1 text-small text-soft">Faults to note: {criterion.faults.map((fault) => fault.see).join('; ')}</p>
      ) : null}
    </>
  );
}

function Editing({ criterion, onChange }: { criterion: Criterion; onChange: (criterion: Criterion | null) => void }) {
  return (
    <div className="mt-2 space-y-3 border-2 border-ink bg-tile p-4">
      <div className="grid gap-3 sm:grid-cols-[1fr_9rem_9rem]">
        <TextField label="Name" value={criterion.name} onChange={(event) => onChange({ ...criterion, name: event.target.value })} />
        <SelectField
          label="Evidence"
          value={criterion.evidence}
          onChange={(event) => onChange({ ...criterion, evidence: event.target.value as Criterion['evidence'] })}
        >
          {['measured', 'seen', 'tasted'].map((each) => (
            <option key={each}>{each}</option>
          ))}
        </SelectField>
        {criterion.kind === 'critical' ? (
          <NumberField label="Caps at" max={100} value={criterion.cap} onChange={(cap) => onChange({ ...criterion, cap })} />
        ) : (
          <NumberField
            label="Weight"
            min={0.1}
            max={100}
            value={criterion.weight}
            onChange={(weight) => onChange({ ...criterion, weight })}
          />
        )}
      </div>
      <EditedBy criterion={criterion} onChange={onChange} />
      <FromTheCards criterion={criterion} onChange={onChange} />
      <Button kind="quiet" onClick={() => onChange(null)}>
        Remove this criterion
      </Button>
    </div>
  );
}

/**
 * What the cards hold to mark by: faults to note and the words of the four levels. Both are copied into the rubric, so
 * that an old mark keeps its words when a card changes.
 */
function FromTheCards({ criterion, onChange }: { criterion: Criterion; onChange: (criterion: Criterion) => void }) {
  const { data: techniques = [] } = useTechniques();
  const [techniqueId, setTechniqueId] = useState('');
  const { data: card } = useTechnique(techniqueId || null);
  const left = (card?.faults ?? []).filter((fault) => !criterion.faults.some((own) => own.key === fault.key));
  return (
    <div>
      <p className="font-semibold">Faults that can be noted</p>
      <ul className="flex flex-wrap gap-2">
        {criterion.faults.map((fault) => (
          <li key={fault.key} className="inline-flex items-center border border-ink pl-2">
            {fault.see}
            <button
              type="button"
              aria-label={`Do not offer "${fault.see}"`}
              className="flex size-11 items-center justify-center"
              onClick={() => onChange({ ...criterion, faults: criterion.faults.filter((own) => own.key !== fault.key) })}
            >
              <X aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 max-w-md">
        <SelectField label="Draw on the card of" value={techniqueId} onChange={(event) => setTechniqueId(event.target.value)}>
          <option value="">Choose a technique</option>
          {techniques
            .filter((technique) => technique.strand === criterion.strand)
            .map((technique) => (
              <option key={technique.id} value={technique.id}>
                {technique.name}
              </option>
            ))}
        </SelectField>
      </div>
      {card && left.length > 0 ? (
        <ul className="mt-2 flex flex-wrap gap-2" aria-label={`Faults on the card ${card.name}`}>
          {left.map((fault) => (
            <li key={fault.key}>
              <Button
                className="text-left"
                onClick={() => onChange({ ...criterion, faults: [...criterion.faults, { ...fault, technique: card.name }] })}
              >
                <Plus aria-hidden className="size-4 shrink-0" /> {fault.see}
                {fault.under ? <span className="text-small"> (only under {underInWords(fault)})</span> : null}
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      {card && criterion.kind === 'levels' && card.descriptors.length > 0 ? (
        <div className="mt-3">
          <p className="font-semibold">Take the words of the four levels from</p>
          <div className="mt-1 flex flex-wrap gap-2">
            {card.descriptors.map((descriptor) => (
              <Button
                key={descriptor.key}
                onClick={() => onChange({ ...criterion, evidence: descriptor.evidence, descriptors: descriptor.levels })}
              >
                {descriptor.name}, {descriptor.evidence}
                {descriptor.under ? `, only under ${underInWords(descriptor)}` : ''}
              </Button>
            ))}
          </div>
        </div>
      ) : null}
    </div>
  );
}
