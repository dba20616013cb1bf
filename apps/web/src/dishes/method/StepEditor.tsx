import { useState } from 'react';
import { celsiusIn, type MethodStep } from '@pelvo/core';
import { Button, SelectField, TextArea, TextField } from '../../design';
import { parseWhole } from '../formula/optional';

interface StepEditorProps {
  readonly step: MethodStep;
  readonly onSave: (step: MethodStep) => void;
  readonly onCancel: () => void;
}

const shown = (value: number | null | undefined) => (value === null || value === undefined ? '' : String(value));

/** Everything a step carries: its text, hands, times, equipment, heat, window to the next, what decides it, its caution. */
export function StepEditor({ step, onSave, onCancel }: StepEditorProps) {
  const [draft, setDraft] = useState(step);
  const [heat, setHeat] = useState(shown(step.celsius));
  const set = (change: Partial<MethodStep>) => setDraft((now) => ({ ...now, ...change }));
  const { toNext } = draft;
  const celsius = heat.trim() === '' ? null : (celsiusIn(heat) ?? (/^-?\d{1,3}$/.test(heat.trim()) ? Number(heat) : undefined));
  const isReversed = toNext.least !== null && toNext.most !== null && toNext.most < toNext.least;
  const heatProblem =
    celsius === undefined ? { field: 'celsius', problem: 'Not a temperature.', remedy: 'Type 180, 180C, 350F or gas 4.' } : null;
  return (
    <form
      aria-label={`Detail of "${step.text.slice(0, 40)}"`}
      className="mt-2 space-y-3 border-2 border-ink bg-tile p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (heatProblem || isReversed || !draft.text.trim()) return;
        onSave({ ...draft, text: draft.text.trim(), celsius: celsius ?? null });
      }}
    >
      <TextArea
        label="Step"
        rows={2}
        maxLength={2000}
        value={draft.text}
        problem={
          draft.text.trim() ? null : { field: 'text', problem: 'A step without words.', remedy: 'Say what is done, or leave it as it was.' }
        }
        onChange={(event) => set({ text: event.target.value })}
      />
      <div className="grid gap-3 sm:grid-cols-4">
        <SelectField label="Hands" value={draft.hands} onChange={(event) => set({ hands: event.target.value as MethodStep['hands'] })}>
          <option value="on">on: someone is busy</option>
          <option value="off">off: it rests, bakes, chills</option>
        </SelectField>
        <TextField
          label="Minutes"
          inputMode="numeric"
          value={shown(draft.minutes)}
          onChange={(event) => set({ minutes: parseWhole(event.target.value) })}
        />
        <TextField
          label="For a novice"
          inputMode="numeric"
          value={shown(draft.noviceMinutes)}
          onChange={(event) => set({ noviceMinutes: parseWhole(event.target.value) })}
        />
        <TextField
          label="Heat"
          placeholder="180, 350F, gas 4"
          value={heat}
          problem={heatProblem}
          onChange={(event) => setHeat(event.target.value)}
        />
      </div>
      <div className="grid gap-3 sm:grid-cols-4">
        <div className="sm:col-span-2">
          <TextField
            label="Equipment"
            placeholder="oven, blender, water bath"
            maxLength={80}
            value={draft.equipment}
            onChange={(event) => set({ equipment: event.target.value })}
          />
        </div>
        <TextField
          label="To next, at least"
          hint="minutes"
          inputMode="numeric"
          value={shown(toNext.least)}
          onChange={(event) => set({ toNext: { ...toNext, least: parseWhole(event.target.value) } })}
        />
        <TextField
          label="At most"
          hint="minutes"
          inputMode="numeric"
          value={shown(toNext.most)}
          problem={isReversed ? { field: 'toNext', problem: 'Less than the least.', remedy: 'Swap the two.' } : null}
          onChange={(event) => set({ toNext: { ...toNext, most: parseWhole(event.target.value) } })}
        />
      </div>
      <TextField
        label="Decides the result because"
        maxLength={300}
        value={draft.critical}
        onChange={(event) => set({ critical: event.target.value })}
      />
      <TextField label="Caution" maxLength={300} value={draft.caution} onChange={(event) => set({ caution: event.target.value })} />
      <div className="flex gap-2">
        <Button type="submit" kind="main">
          Keep
        </Button>
        <Button onClick={onCancel}>Leave as it is</Button>
      </div>
    </form>
  );
}
