import { useState } from 'react';
import { checkCore, RULE_KEYS, RULE_SPECS, showTemperature, WHO_DECIDES, type LocalRules, type RuleKey, typedValue } from '@pelvo/core';
import { SelectField, TextField } from '../design';
import { inWords, speech, usePreferences } from '../device';

const FOODS = RULE_KEYS.filter((key) => RULE_SPECS[key].group === 'Core temperatures');

/** A measured core temperature against the rule of its food; by time at temperature where that is the practice. */
export function CoreCheck({ rules, byTime }: { rules: LocalRules; byTime: boolean }) {
  const [food, setFood] = useState<RuleKey>('core-poultry');
  const [core, setCore] = useState('');
  const [held, setHeld] = useState('');
  const number = (text: string) => (text.trim() === '' ? null : typedValue(text));
  const { temperature } = usePreferences();
  // Typed in the person's scale; the rules are held in degrees Celsius.
  const scale = temperature === 'fahrenheit' ? '°F' : '°C';
  const inCelsius = (typed: number | null) => (typed === null || scale === '°C' ? typed : ((typed - 32) * 5) / 9);
  const [celsius, heldMinutes] = [inCelsius(number(core)), number(held)];
  const wrong = (value: number | null, most: number) => value !== null && !(value >= -5 && value <= most);
  const verdict =
    celsius === null || wrong(celsius, 150) || wrong(heldMinutes, 1440) ? null : checkCore(food, { celsius, heldMinutes, byTime }, rules);
  return (
    <section aria-label="Core check" className="border-2 border-ink bg-tile">
      <header className="border-b border-line px-4 py-3">
        <h3 className="text-xl">Core check</h3>
        <p className="text-soft">Does this core temperature meet the rule of its food?</p>
      </header>
      <div className="grid gap-3 p-4 sm:grid-cols-3">
        <SelectField label="Food" value={food} onChange={(event) => setFood(event.target.value as RuleKey)}>
          {FOODS.map((key) => (
            <option key={key} value={key}>
              {RULE_SPECS[key].name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={`Core, ${scale}`}
          inputMode="decimal"
          value={core}
          maxLength={8}
          problem={
            wrong(celsius, 150)
              ? {
                  field: 'core',
                  problem: 'Not a core temperature.',
                  remedy: `Give ${showTemperature(-5, speech().preferences)} to ${showTemperature(150, speech().preferences)}.`,
                }
              : null
          }
          onChange={(event) => setCore(event.target.value)}
        />
        <TextField
          label="Held for, min"
          inputMode="decimal"
          value={held}
          maxLength={8}
          hint={byTime ? 'Time at temperature is the practice here.' : 'The rules are a temperature and a time; a peak is a moment.'}
          problem={wrong(heldMinutes, 1440) ? { field: 'held', problem: 'Not a time.', remedy: 'Give 0 to 1440 min.' } : null}
          onChange={(event) => setHeld(event.target.value)}
        />
      </div>
      <div aria-live="polite" className="border-t border-line px-4 py-3">
        {verdict ? (
          <p className={`border-l-8 pl-2 ${verdict.outcome === 'missed' ? 'border-beet font-semibold' : 'border-ink'}`}>
            {inWords(verdict.said)}
            <span className="block text-small font-normal text-soft">{verdict.working.map(inWords).join('; ')}</span>
          </p>
        ) : (
          <p className="text-soft">Give a temperature measured at the thickest part, away from bone.</p>
        )}
        <p className="mt-1 text-small text-soft">{WHO_DECIDES}</p>
      </div>
    </section>
  );
}
