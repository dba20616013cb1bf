import { SETTING_WAYS, settingsInForce, type LessonSettings, type SchoolSettings } from '@pelvo/core';
import { Section, SelectField } from '../design';

interface SettingsProps {
  readonly settings: LessonSettings;
  readonly school: SchoolSettings;
  readonly onChange?: (settings: LessonSettings) => void;
}

const SETTINGS = ['marking', 'weighingOut'] as const;

/** How this lesson runs, where otherwise than the school. */
export function SettingsOfLesson({ settings, school, onChange }: SettingsProps) {
  const inForce = settingsInForce(school, settings);
  return (
    <Section title="How it runs">
      <ul className="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        {SETTINGS.map((setting) => {
          const { name, ways } = SETTING_WAYS[setting] as { name: string; ways: Readonly<Record<string, { name: string }>> };
          return (
            <li key={setting}>
              {onChange ? (
                <SelectField
                  label={name}
                  value={settings[setting] ?? ''}
                  onChange={(event) => onChange({ ...settings, [setting]: event.target.value || null })}
                >
                  <option value="">as the school: {ways[school[setting]]!.name}</option>
                  {Object.entries(ways).map(([key, way]) => (
                    <option key={key} value={key}>
                      {way.name}
                    </option>
                  ))}
                </SelectField>
              ) : (
                <p>
                  <b>{name}:</b> {ways[inForce[setting]]!.name}
                  {settings[setting] ? ', in this lesson' : ''}
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
