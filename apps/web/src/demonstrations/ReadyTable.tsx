import { DEMONSTRATION_LIMITS, MAKERS, type Demonstration, type Maker, type StandsReady } from '@pelvo/core';
import { Section, SelectField, TextField } from '../design';

interface ReadyTableProps {
  readonly ready: readonly StandsReady[];
  readonly content: Demonstration;
  readonly clock: (minute: number) => string;
  readonly onChange: (part: Partial<Demonstration>) => void;
}

/** How long something keeps, as a cook says it. */
const lasting = (minutes: number): string =>
  minutes >= 2880 ? `${Math.round(minutes / 1440)} days` : minutes >= 120 ? `${Math.round(minutes / 60)} h` : `${minutes} min`;

/** What must stand ready: in which state, which copy, where, by whom and when. It is on the order and in the list of what is made ahead. */
export function ReadyTable({ ready, content, clock, onChange }: ReadyTableProps) {
  if (ready.length === 0)
    return (
      <Section title="What must stand ready">
        <p>Nothing: all of it is done before the group.</p>
      </Section>
    );
  const set = (id: string, part: Partial<Demonstration['ready'][string]>, by: Maker) =>
    onChange({ ready: { ...content.ready, [id]: { by, where: '', ...content.ready[id], ...part } } });
  return (
    <Section title="What must stand ready">
      <div className="overflow-x-auto">
        <table className="w-full min-w-[46rem] text-left">
          <thead className="text-small text-soft">
            <tr>
              <th scope="col">What, and how far</th>
              <th scope="col" className="w-24">
                Copy
              </th>
              <th scope="col" className="w-40">
                By whom
              </th>
              <th scope="col" className="w-48">
                Where it stands
              </th>
              <th scope="col" className="w-32">
                Wanted at
              </th>
              <th scope="col" className="w-44">
                Keeps
              </th>
            </tr>
          </thead>
          <tbody className="divide-y divide-line border-y border-line align-top">
            {ready.map(
              ({ stepId, text, component, copy, copies, by, where, store, keeps, wantedAt, notBefore, duringLesson, minutes, steps }) => (
                <tr key={stepId}>
                  <td className="py-2 pr-3">
                    {component?.name ? <b>{component.name}, </b> : null}done up to: {text}
                    <span className="block text-small text-soft">
                      {steps.length} {steps.length === 1 ? 'step' : 'steps'}, {minutes} min of hands
                    </span>
                  </td>
                  <td className="py-2 tabular-nums">{copies > 1 ? `${copy} of ${copies}` : 'one'}</td>
                  <td className="py-2 pr-3">
                    <SelectField
                      label={`Made by: ${text}`}
                      labelHidden
                      value={by}
                      onChange={(event) => set(stepId, { by: event.target.value as Maker }, by)}
                    >
                      {MAKERS.map((maker) => (
                        <option key={maker} value={maker}>
                          {maker === 'team' ? 'a team' : maker}
                        </option>
                      ))}
                    </SelectField>
                  </td>
                  <td className="py-2 pr-3">
                    <TextField
                      label={`Where it stands: ${text}`}
                      labelHidden
                      maxLength={DEMONSTRATION_LIMITS.place}
                      value={where}
                      placeholder={store ?? ''}
                      onChange={(event) => set(stepId, { where: event.target.value }, by)}
                    />
                  </td>
                  <td className="py-2 tabular-nums">{clock(wantedAt)}</td>
                  <td className="py-2 text-small">
                    {keeps === null ? 'nobody has said how long' : `${store ? `${store}, ` : ''}${lasting(keeps)}`}
                    {duringLesson ? <b className="block">has to be finished in the lesson, not before {clock(notBefore!)}</b> : null}
                  </td>
                </tr>
              ),
            )}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-small text-soft">How long it keeps, and how cold, the local code and the responsible person decide.</p>
    </Section>
  );
}
