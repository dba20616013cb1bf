import { CARD_LIMITS, PURPOSES, STRANDS, STRAND_NAMES, type Strand } from '@pelvo/core';
import type { TechniqueFields } from '@pelvo/contract';
import { fieldProblem } from '../../device';
import { Choice, Section, TextField } from '../../design';
import { CareSection } from './CareSection';
import { JudgingSection } from './JudgingSection';
import { LinesField } from './LinesField';
import { PlaceSection } from './PlaceSection';
import { pointsOf, UnderSection } from './UnderSection';
import { CuesSection, FaultsSection, LooksWrongSection, ShownSection } from './TroubleSections';
import { WaysSection } from './WaysSection';

export interface CardFormProps {
  readonly fields: TechniqueFields;
  readonly onChange: (change: Partial<TechniqueFields>) => void;
  readonly error: unknown;
}

const AIM_HINTS = {
  introduce: 'What they show when they first meet it',
  practise: 'when they have practised it',
  assess: 'when it is assessed',
} as const;

/** A technique card while it is written. */
export function CardForm({ fields, onChange, error, ownId }: CardFormProps & { ownId: string | null }) {
  const problem = (field: string) => fieldProblem(error, field);
  const minutes = (key: 'novice' | 'practised', label: string) => (
    <div className="w-40">
      <TextField
        label={label}
        inputMode="numeric"
        maxLength={4}
        value={fields.minutes[key] ?? ''}
        problem={problem(`minutes.${key}`)}
        onChange={(event) => {
          const digits = event.target.value.replace(/\D/g, '');
          onChange({ minutes: { ...fields.minutes, [key]: digits ? Number(digits) : null } });
        }}
      />
    </div>
  );
  return (
    <div className="space-y-8">
      <section id="card-head" className="space-y-4">
        <TextField
          label="Name"
          placeholder="Blanch and refresh"
          maxLength={CARD_LIMITS.name}
          value={fields.name}
          problem={problem('name')}
          onChange={(event) => onChange({ name: event.target.value })}
        />
        <LinesField
          label="Purpose"
          placeholder="What it is for, in a sentence or two"
          rich
          single
          lines={fields.purpose ? [fields.purpose] : []}
          problem={problem('purpose')}
          onChange={(lines) => onChange({ purpose: lines[0] ?? '' })}
        />
        <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
          <Choice
            label="Strand"
            value={fields.strand}
            options={STRANDS.map((strand: Strand) => ({ value: strand, label: STRAND_NAMES[strand] }))}
            onChange={(strand) => onChange({ strand })}
          />
          {minutes('novice', 'Novice, min')}
          {minutes('practised', 'Practised hand, min')}
        </div>
        <LinesField
          label="Tools"
          placeholder="a tool a line"
          marker="dot"
          lines={fields.tools}
          problem={problem('tools')}
          onChange={(tools) => onChange({ tools })}
        />
      </section>
      <section id="card-steps">
        <Section title="Steps">
          <LinesField
            label="Steps"
            placeholder="What is done first; Enter for the next step"
            rich
            marker="number"
            lines={fields.steps}
            problem={problem('steps')}
            hint="Enter makes the next step, Alt with an arrow key moves it. Paste from anywhere: the words stay, the rest is taken off."
            onChange={(steps) => onChange({ steps })}
          />
          <div className="mt-4">
            <LinesField
              label="What decides the result"
              placeholder="The few steps that decide"
              rich
              marker="bar"
              lines={fields.criticalPoints.map(({ text }) => text)}
              problem={problem('criticalPoints')}
              onChange={(lines) => onChange({ criticalPoints: pointsOf(lines, fields.criticalPoints) })}
            />
          </div>
        </Section>
      </section>
      <CareSection fields={fields} onChange={onChange} error={error} />
      <ShownSection fields={fields} onChange={onChange} error={error} />
      <CuesSection fields={fields} onChange={onChange} error={error} />
      <LooksWrongSection fields={fields} onChange={onChange} error={error} />
      <FaultsSection fields={fields} onChange={onChange} error={error} />
      <WaysSection fields={fields} onChange={onChange} error={error} />
      <section id="card-aims">
        <Section title="What a student shows">
          <div className="space-y-3">
            {PURPOSES.map((purpose) => (
              <TextField
                key={purpose}
                label={purpose[0]!.toUpperCase() + purpose.slice(1)}
                placeholder={AIM_HINTS[purpose]}
                maxLength={CARD_LIMITS.short}
                value={fields.aims[purpose]}
                problem={problem(`aims.${purpose}`)}
                onChange={(event) => onChange({ aims: { ...fields.aims, [purpose]: event.target.value } })}
              />
            ))}
          </div>
        </Section>
      </section>
      <JudgingSection fields={fields} onChange={onChange} error={error} />
      <UnderSection fields={fields} onChange={onChange} />
      <PlaceSection fields={fields} onChange={onChange} error={error} ownId={ownId} />
    </div>
  );
}
