import { useState } from 'react';
import { ALLOWANCE_SPECS, ALLOWANCES, showAmount, STORES, type AllowanceKey, type Component } from '@pelvo/core';
import { Button, SelectField, TextField, Tick, useFields, wrongField } from '../../design';
import { amountText, parseAmount } from './amountText';
import { spanText } from '../method/Method';
import { parseWhole } from './optional';

/** What a component gives, keeps and waits for, in a line of words. */
export function componentText(component: Component): string {
  const { gave, keeps } = component;
  return [
    component.gives ? `gives ${showAmount(component.gives)}` : '',
    gave.length > 0
      ? `really gave ${gave.map((value) => amountText({ min: value, max: value, unit: 'each', about: false })).join(', ')}`
      : '',
    ...keeps.map(({ store, hours }) => `keeps ${hours} h ${store}`),
    component.allowance ? `served below the rule: ${ALLOWANCE_SPECS[component.allowance.allowance].name}` : '',
    spanText(component.before) ? `made ${spanText(component.before)} before use` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** What one making of a component gives, what past makings gave, how long it keeps and when it can be made. */
export function ComponentDetails({ component, onChange }: { component: Component; onChange: (component: Component) => void }) {
  const [gives, setGives] = useState(
    component.gives ? `${amountText(component.gives)} ${component.gives.unit === 'each' ? '' : component.gives.unit}`.trim() : '',
  );
  const { box, onSubmit, reset } = useFields({ gave: '' });
  const { before } = component;
  const amount = gives.trim() ? parseAmount(gives, 'each') : null;
  const addGave = ({ gave }: { gave: string }) => {
    const read = parseAmount(gave, component.gives?.unit ?? 'each');
    if (!read) return;
    onChange({ ...component, gave: [...component.gave, read.max].slice(-50) });
    reset();
  };
  const keep = (store: (typeof STORES)[number], text: string) => {
    const hours = parseWhole(text);
    const rest = component.keeps.filter((each) => each.store !== store);
    onChange({ ...component, keeps: hours ? [...rest, { store, hours }] : rest });
  };
  return (
    <div className="mb-3 space-y-3 border-2 border-ink bg-tile p-4">
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField
          label="Name"
          maxLength={120}
          placeholder="Main list"
          value={component.name}
          onChange={(event) => onChange({ ...component, name: event.target.value })}
        />
        <TextField
          label="One making gives"
          placeholder="110 g, 24, 1.8-2 l"
          value={gives}
          problem={wrongField('gives', gives.trim() && !amount ? 'Not an amount.' : null, 'Type 110 g, 24 or 1.8-2 l.')}
          onChange={(event) => {
            setGives(event.target.value);
            const read = parseAmount(event.target.value, 'each');
            if (read || !event.target.value.trim()) onChange({ ...component, gives: read });
          }}
        />
        <form className="flex items-end gap-2" onSubmit={onSubmit(addGave)}>
          <TextField label="A making really gave" disabled={!component.gives} {...box('gave')} />
          <Button type="submit" disabled={!component.gives}>
            Note
          </Button>
        </form>
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-6">
        {STORES.map((store) => (
          <TextField
            key={store}
            label={`Keeps, ${store}`}
            hint="hours"
            inputMode="numeric"
            value={component.keeps.find((each) => each.store === store)?.hours ?? ''}
            onChange={(event) => keep(store, event.target.value)}
          />
        ))}
        <TextField
          label="Before use, from"
          hint="minutes"
          inputMode="numeric"
          value={before.least ?? ''}
          onChange={(event) => onChange({ ...component, before: { ...before, least: parseWhole(event.target.value) } })}
        />
        <TextField
          label="at most"
          hint="minutes"
          inputMode="numeric"
          value={before.most ?? ''}
          onChange={(event) => onChange({ ...component, before: { ...before, most: parseWhole(event.target.value) } })}
        />
      </div>
      <AllowanceFields component={component} onChange={onChange} />
      <p className="text-small text-soft">Times of keeping follow the local code and the responsible person.</p>
    </div>
  );
}

/** Marks a component as served below a local rule, by a person with their reason and the conditions they see to. */
function AllowanceFields({ component, onChange }: { component: Component; onChange: (component: Component) => void }) {
  const { allowance: mark } = component;
  const spec = mark ? ALLOWANCE_SPECS[mark.allowance] : null;
  const choose = (key: string) =>
    onChange({ ...component, allowance: key ? { allowance: key as AllowanceKey, reason: mark?.reason ?? '', kept: [] } : null });
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <SelectField label="Served below the rule on purpose" value={mark?.allowance ?? ''} onChange={(event) => choose(event.target.value)}>
        <option value="">no</option>
        {ALLOWANCES.map((key) => (
          <option key={key} value={key}>
            {ALLOWANCE_SPECS[key].name}
          </option>
        ))}
      </SelectField>
      {mark && spec ? (
        <>
          <TextField
            label="Reason"
            maxLength={300}
            placeholder="Duck breast is taught pink; our county’s code, section 3"
            value={mark.reason}
            problem={wrongField('reason', mark.reason.trim().length < 5 ? 'No reason yet.' : null, 'Say why, and by which code.')}
            onChange={(event) => onChange({ ...component, allowance: { ...mark, reason: event.target.value } })}
          />
          <fieldset className="sm:col-span-2">
            <legend className="font-semibold">Conditions that are seen to</legend>
            {Object.entries(spec.conditions).map(([key, text]) => (
              <Tick
                key={key}
                label={text}
                checked={mark.kept.includes(key)}
                onChange={(on) =>
                  onChange({
                    ...component,
                    allowance: { ...mark, kept: on ? [...mark.kept, key] : mark.kept.filter((other) => other !== key) },
                  })
                }
              />
            ))}
          </fieldset>
        </>
      ) : null}
    </div>
  );
}
