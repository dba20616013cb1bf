import { MATTER_SPECS, MATTERS, practiceInForce, type MatterKey, type PracticeChoices } from '@pelvo/core';
import { Section, SelectField } from '../design';
import { useCutSets, usePractices, useTechniques } from '../device';

interface PracticesProps {
  /** Techniques in focus and those the dishes exercise. */
  readonly techniqueIds: readonly string[];
  readonly practices: PracticeChoices;
  readonly onChange?: (practices: PracticeChoices) => void;
}

/** The matters this lesson's techniques touch: what the school does, and what this lesson teaches otherwise. */
export function PracticesOfLesson({ techniqueIds, practices, onChange }: PracticesProps) {
  const { data: techniques = [] } = useTechniques();
  const { data: school } = usePractices();
  const { data: cutSets = [] } = useCutSets();
  const touched = new Set(techniques.filter(({ id }) => techniqueIds.includes(id)).flatMap(({ matters }) => matters));
  const matters = MATTERS.filter((matter) => touched.has(matter) || practices[matter]);
  if (!school || matters.length === 0) return null;
  const sidesOf = (matter: MatterKey) =>
    matter === 'named-cuts' ? cutSets.map(({ id, name }) => ({ key: id, name })) : MATTER_SPECS[matter].practices;
  const nameOf = (matter: MatterKey, key: string | undefined) => sidesOf(matter).find((side) => side.key === key)?.name;
  return (
    <Section title="What this lesson teaches">
      <p className="mb-2 text-small text-soft">Where good practitioners disagree. Nobody is marked down for what the lesson teaches.</p>
      <ul className="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        {matters.map((matter) => {
          const inForce = practiceInForce(matter, school.choices, practices);
          const ofSchool = nameOf(matter, school.choices[matter]);
          return (
            <li key={matter}>
              {onChange ? (
                <SelectField
                  label={MATTER_SPECS[matter].name}
                  value={practices[matter] ?? ''}
                  onChange={(event) =>
                    onChange(
                      Object.fromEntries(
                        MATTERS.flatMap((each) => {
                          const choice = each === matter ? event.target.value : practices[each];
                          return choice ? [[each, choice]] : [];
                        }),
                      ),
                    )
                  }
                >
                  <option value="">{ofSchool ? `as the school: ${ofSchool}` : 'left open, as the school leaves it'}</option>
                  {sidesOf(matter).map(({ key, name }) => (
                    <option key={key} value={key}>
                      {name}
                    </option>
                  ))}
                </SelectField>
              ) : (
                <p>
                  <b>{MATTER_SPECS[matter].name}:</b>{' '}
                  {inForce ? `${nameOf(matter, inForce.practice) ?? ''}${inForce.by === 'lesson' ? ', in this lesson' : ''}` : 'left open'}
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
