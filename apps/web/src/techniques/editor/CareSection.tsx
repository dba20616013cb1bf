import { useState } from 'react';
import { CARD_LIMITS, HAZARD_SPECS, hazardsOfCard, unansweredHazards, WHO_DECIDES, type HazardKey } from '@pelvo/core';
import { fieldProblem } from '../../device';
import { Button, Notice, Section, TextField, useFields } from '../../design';
import type { CardFormProps } from './CardForm';
import { LinesField } from './LinesField';

/** Cautions, and what is asked for where the card names a hazard that no caution speaks of. */
export function CareSection({ fields, onChange, error }: CardFormProps) {
  const open = unansweredHazards(fields);
  const named = hazardsOfCard(fields);
  const stale = fields.answered.filter(({ hazard }) => !named.includes(hazard));
  return (
    <section id="card-care">
      <Section title="Care">
        <LinesField
          label="Cautions"
          placeholder="What can hurt someone here, and how it does not"
          marker="bar"
          lines={fields.cautions}
          problem={fieldProblem(error, 'cautions')}
          hint={`Shown wherever a step or a lesson uses the technique. ${WHO_DECIDES}`}
          onChange={(cautions) => onChange({ cautions })}
        />
        <div aria-live="polite" className="mt-3 space-y-3">
          {open.map((hazard) => (
            <HazardQuestion
              key={hazard}
              hazard={hazard}
              full={fields.cautions.length >= CARD_LIMITS.cautions}
              onCaution={() => onChange({ cautions: [...fields.cautions, HAZARD_SPECS[hazard].caution] })}
              onAnswer={(because) =>
                onChange({ answered: [...fields.answered.filter((each) => each.hazard !== hazard), { hazard, because }] })
              }
            />
          ))}
        </div>
        {fields.answered.length > 0 ? (
          <ul className="mt-3 divide-y divide-line">
            {fields.answered.map(({ hazard, because }) => (
              <li key={hazard} className="flex flex-wrap items-center gap-x-3">
                <span className="flex-1">
                  No caution for {HAZARD_SPECS[hazard].name}: {because}
                  {stale.some((each) => each.hazard === hazard) ? <span className="text-soft"> (nothing names it any more)</span> : null}
                </span>
                <Button kind="quiet" onClick={() => onChange({ answered: fields.answered.filter((each) => each.hazard !== hazard) })}>
                  Ask again<span className="sr-only"> about {HAZARD_SPECS[hazard].name}</span>
                </Button>
              </li>
            ))}
          </ul>
        ) : null}
      </Section>
    </section>
  );
}

interface HazardQuestionProps {
  readonly hazard: HazardKey;
  readonly full: boolean;
  readonly onCaution: () => void;
  readonly onAnswer: (because: string) => void;
}

function HazardQuestion({ hazard, full, onCaution, onAnswer }: HazardQuestionProps) {
  const [answering, setAnswering] = useState(false);
  const { box, fields, onSubmit } = useFields({ because: '' });
  const { name, caution } = HAZARD_SPECS[hazard];
  return (
    <Notice kind="caution" title={`The steps name ${name}, and no caution speaks of it.`}>
      <p className="mt-1">
        The usual caution: <i>{caution}</i>
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {full ? null : (
          <Button kind="main" onClick={onCaution}>
            Take the usual caution<span className="sr-only"> for {name}</span>
          </Button>
        )}
        <Button onClick={() => setAnswering(!answering)} aria-expanded={answering}>
          None is needed here<span className="sr-only"> for {name}</span>
        </Button>
      </div>
      {answering ? (
        <form className="mt-2 flex flex-wrap items-end gap-2" onSubmit={onSubmit(({ because }) => onAnswer(because.trim()))}>
          <div className="min-w-64 flex-1">
            <TextField label={`Why none is needed for ${name}`} maxLength={CARD_LIMITS.short} {...box('because')} />
          </div>
          <Button type="submit" disabled={!fields.because.trim()}>
            Keep the answer
          </Button>
        </form>
      ) : null}
    </Notice>
  );
}
