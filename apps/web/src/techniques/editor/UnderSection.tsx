import { MATTER_SPECS, plainOf, type CriticalPoint, type HoldsUnder, type MatterKey, type MayHoldUnder } from '@pelvo/core';
import { Section, SelectField } from '../../design';
import type { CardFormProps } from './CardForm';

/** Critical points of some lines: what is said of a line stays with it while it is written or moved. */
export function pointsOf(lines: readonly string[], before: readonly CriticalPoint[]): readonly CriticalPoint[] {
  const sameNumber = lines.length === before.length;
  return lines.map((text, index) => {
    const under = (before.find((point) => point.text === text) ?? (sameNumber ? before[index] : undefined))?.under;
    return under ? { text, under } : { text };
  });
}

/** Says of a part under which practice it holds; without the condition it always does. */
const withUnder = <T extends MayHoldUnder>({ under: _, ...part }: T, under: HoldsUnder | undefined): T =>
  ({ ...part, ...(under ? { under } : {}) }) as T;

/** What is asked of a student only where one practice is taught, so that nobody is marked down for following another. */
export function UnderSection({ fields, onChange }: Omit<CardFormProps, 'error'>) {
  const matters = fields.matters.filter((matter) => MATTER_SPECS[matter].practices.length > 0);
  if (matters.length === 0) return null;
  const put = <T extends MayHoldUnder>(parts: readonly T[], at: number, under: HoldsUnder | undefined) =>
    parts.map((part, index) => (index === at ? withUnder(part, under) : part));
  const lines = [
    ...fields.criticalPoints.map((point, at) => ({
      name: plainOf(point.text),
      of: point,
      set: (under?: HoldsUnder) => onChange({ criticalPoints: put(fields.criticalPoints, at, under) }),
    })),
    ...fields.faults.map((fault, at) => ({
      name: fault.see,
      of: fault,
      set: (under?: HoldsUnder) => onChange({ faults: put(fields.faults, at, under) }),
    })),
    ...fields.descriptors.map((descriptor, at) => ({
      name: descriptor.name,
      of: descriptor,
      set: (under?: HoldsUnder) => onChange({ descriptors: put(fields.descriptors, at, under) }),
    })),
  ].filter(({ name }) => name);
  return (
    <section id="card-under">
      <Section title="Under which practice it holds">
        <p className="mb-3 max-w-prose text-soft">
          What decides, a fault or a descriptor may hold under one practice only. Where another is in force it is not offered at the pass.
        </p>
        <ul className="divide-y divide-line">
          {lines.map(({ name, of, set }, index) => (
            <li key={index} className="grid items-center gap-x-4 py-1 sm:grid-cols-[1fr_20rem]">
              <span>{name}</span>
              <SelectField
                label={`"${name}" holds`}
                labelHidden
                value={of.under ? `${of.under.matter} ${of.under.practice}` : ''}
                onChange={(event) => {
                  const [matter, practice] = event.target.value.split(' ');
                  set(matter && practice ? { matter: matter as MatterKey, practice } : undefined);
                }}
              >
                <option value="">always</option>
                {matters.flatMap((matter) =>
                  MATTER_SPECS[matter].practices.map((practice) => (
                    <option key={`${matter} ${practice.key}`} value={`${matter} ${practice.key}`}>
                      {MATTER_SPECS[matter].name}: {practice.name}
                    </option>
                  )),
                )}
              </SelectField>
            </li>
          ))}
        </ul>
      </Section>
    </section>
  );
}
