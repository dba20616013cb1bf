import { CARD_LIMITS, LEVEL_NAMES, LEVELS, newKey, type CardDescriptor } from '@pelvo/core';
import { fieldProblem } from '../../device';
import { Section, SelectField, TextArea, TextField } from '../../design';
import type { CardFormProps } from './CardForm';
import { Rows } from './Rows';

/** The words of the four levels that rubrics draw on. */
export function JudgingSection({ fields, onChange, error }: CardFormProps) {
  return (
    <section id="card-judging">
      <Section title="How it is judged">
        <p className="mb-2 text-soft">Rubrics take these words over; each says what can be observed.</p>
        <Rows<CardDescriptor>
          what="descriptor"
          rows={fields.descriptors}
          most={CARD_LIMITS.descriptors}
          fresh={() => ({
            key: newKey('descriptor', fields.descriptors),
            name: '',
            evidence: 'seen',
            levels: ['', '', '', ''],
          })}
          onChange={(descriptors) => onChange({ descriptors })}
        >
          {(descriptor, set, index) => (
            <div className="space-y-2">
              <div className="grid gap-2 sm:grid-cols-[1fr_9rem]">
                <TextField
                  label={`Name of descriptor ${index + 1}`}
                  labelHidden
                  placeholder="Uniformity of the cut"
                  maxLength={80}
                  value={descriptor.name}
                  problem={fieldProblem(error, `descriptors.${index}.name`)}
                  onChange={(event) => set({ name: event.target.value })}
                />
                <SelectField
                  label={`Evidence of descriptor ${index + 1}`}
                  labelHidden
                  value={descriptor.evidence}
                  onChange={(event) => set({ evidence: event.target.value as CardDescriptor['evidence'] })}
                >
                  {['measured', 'seen', 'tasted'].map((evidence) => (
                    <option key={evidence}>{evidence}</option>
                  ))}
                </SelectField>
              </div>
              <div className="grid gap-2 sm:grid-cols-2">
                {LEVELS.map((level) => (
                  <TextArea
                    key={level}
                    rows={2}
                    label={LEVEL_NAMES[level]}
                    maxLength={CARD_LIMITS.short}
                    value={descriptor.levels[level - 1]}
                    problem={fieldProblem(error, `descriptors.${index}.levels.${level - 1}`)}
                    onChange={(event) =>
                      set({
                        levels: descriptor.levels.map((text, at) =>
                          at === level - 1 ? event.target.value : text,
                        ) as unknown as CardDescriptor['levels'],
                      })
                    }
                  />
                ))}
              </div>
            </div>
          )}
        </Rows>
      </Section>
    </section>
  );
}
