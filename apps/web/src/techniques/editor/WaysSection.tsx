import { CARD_LIMITS, MATTERS, MATTER_SPECS, newKey, type Variant } from '@pelvo/core';
import { fieldProblem } from '../../device';
import { Section, SelectField, TextField, Tick } from '../../design';
import type { CardFormProps } from './CardForm';
import { LinesField } from './LinesField';
import { Rows } from './Rows';

/** Variants of this card alone, and the matters of the school that decide something here. */
export function WaysSection({ fields, onChange, error }: CardFormProps) {
  return (
    <section id="card-ways">
      <Section title="Ways of doing it">
        <Rows<Variant>
          what="variant"
          rows={fields.variants}
          most={CARD_LIMITS.variants}
          fresh={() => ({
            key: newKey('variant', fields.variants),
            name: '',
            text: '',
          })}
          onChange={(variants) =>
            onChange({ variants, variant: variants.some(({ key }) => key === fields.variant) ? fields.variant : null })
          }
        >
          {(variant, set, index) => (
            <div className="grid gap-2 sm:grid-cols-[14rem_1fr]">
              <TextField
                label={`Name of variant ${index + 1}`}
                labelHidden
                placeholder="with vinegar in the water"
                maxLength={80}
                value={variant.name}
                problem={fieldProblem(error, `variants.${index}.name`)}
                onChange={(event) => set({ name: event.target.value })}
              />
              <LinesField
                label={`Variant ${index + 1}`}
                labelHidden
                placeholder="How it differs"
                rich
                single
                lines={variant.text ? [variant.text] : []}
                problem={fieldProblem(error, `variants.${index}.text`)}
                onChange={(lines) => set({ text: lines[0] ?? '' })}
              />
            </div>
          )}
        </Rows>
        {fields.variants.length > 0 ? (
          <div className="mt-3 max-w-sm">
            <SelectField
              label="Variant in force"
              value={fields.variant ?? ''}
              problem={fieldProblem(error, 'variant')}
              onChange={(event) => onChange({ variant: event.target.value || null })}
            >
              <option value="">Nobody has chosen: the card says so</option>
              {fields.variants.map(({ key, name }) => (
                <option key={key} value={key}>
                  {name || 'Without a name'}
                </option>
              ))}
            </SelectField>
          </div>
        ) : null}
        <fieldset className="mt-4">
          <legend className="font-semibold">Matters of the school that decide something here</legend>
          <div className="flex flex-wrap gap-x-6">
            {MATTERS.map((matter) => (
              <Tick
                key={matter}
                label={MATTER_SPECS[matter].name}
                checked={fields.matters.includes(matter)}
                onChange={(on) => onChange({ matters: MATTERS.filter((each) => (each === matter ? on : fields.matters.includes(each))) })}
              />
            ))}
          </div>
        </fieldset>
      </Section>
    </section>
  );
}
