import { useRef, useState } from 'react';
import { measure, showMeasure, type Preferences } from '@pelvo/core';
import { savePreferences, shortDate, clockTime, useAction, usePreferences } from '../device';
import { Choice, PageHead, ProblemNotice, Section } from '../design';

/** How a person likes figures, temperatures, times and dates shown, on every device they sign in on. */
export default function PreferencesPage() {
  const stored = usePreferences();
  // A touch shows at once, until all that is on its way has been answered; it goes back when it could not be saved.
  const [asked, setAsked] = useState<Partial<Preferences>>({});
  const underWay = useRef(0);
  const preferences = { ...stored, ...asked };
  const { busy, error, run } = useAction();
  const [said, setSaid] = useState(false);
  const set = (change: Partial<Preferences>) => {
    setAsked((now) => ({ ...now, ...change }));
    void run(async () => {
      underWay.current += 1;
      try {
        await savePreferences(change);
        setSaid(true);
      } finally {
        underWay.current -= 1;
        if (underWay.current === 0) setAsked({});
      }
    });
  };
  return (
    <>
      <PageHead
        title="Your preferences"
        lead="Only how things are shown to you. What is stored, ordered and printed for others stays the same."
      />
      <ProblemNotice error={error} />
      <div className="grid gap-x-12 gap-y-2 lg:grid-cols-2 [&>section]:mt-0" aria-busy={busy}>
        <Section title="Figures">
          <div className="space-y-5">
            <Choice
              label="Weights, volumes and lengths"
              value={preferences.units}
              options={[
                { value: 'metric', label: 'grams, litres, millimetres' },
                { value: 'customary', label: 'ounces, fluid ounces, inches' },
              ]}
              onChange={(units) => set({ units })}
            />
            <Choice
              label="Temperatures"
              value={preferences.temperature}
              options={[
                { value: 'celsius', label: 'degrees Celsius' },
                { value: 'fahrenheit', label: 'degrees Fahrenheit' },
              ]}
              onChange={(temperature) => set({ temperature })}
            />
          </div>
        </Section>
        <Section title="Times and dates">
          <div className="space-y-5">
            <Choice
              label="Clock"
              value={preferences.clock}
              options={[
                { value: '24', label: '14:30' },
                { value: '12', label: '2:30 pm' },
              ]}
              onChange={(clock) => set({ clock })}
            />
            <Choice
              label="Dates"
              value={preferences.dates}
              options={[
                { value: 'day-month-year', label: '31/12/2026' },
                { value: 'month-day-year', label: '12/31/2026' },
                { value: 'year-month-day', label: '2026-12-31' },
              ]}
              onChange={(dates) => set({ dates })}
            />
            <Choice
              label="The week begins on"
              value={preferences.weekStart}
              options={[
                { value: 'monday', label: 'Monday' },
                { value: 'sunday', label: 'Sunday' },
                { value: 'saturday', label: 'Saturday' },
              ]}
              onChange={(weekStart) => set({ weekStart })}
            />
          </div>
        </Section>
      </div>
      <Section title="It looks like this">
        <p className="text-lg">
          On {shortDate('2026-12-31')} at {clockTime('14:30')}: <b>{showMeasure(measure(250, 'g'), preferences)}</b> of flour,{' '}
          <b>{showMeasure(measure('3/2', 'l'), preferences)}</b> of stock, an oven at{' '}
          <b>{showMeasure(measure(180, 'celsius'), preferences)}</b>, a dice of <b>{showMeasure(measure(5, 'millimetre'), preferences)}</b>.
        </p>
        <p role="status" className="mt-2 min-h-6 text-soft">
          {said && !error ? 'Saved.' : ''}
        </p>
      </Section>
    </>
  );
}
