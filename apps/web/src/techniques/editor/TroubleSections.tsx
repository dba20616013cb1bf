import { CARD_LIMITS, newKey, SENSE_NAMES, SENSES, type CardQuestion, type Cue, type Fault, type LooksWrong } from '@pelvo/core';
import { fieldProblem } from '../../device';
import { Section, SelectField, TextArea, TextField } from '../../design';
import type { CardFormProps } from './CardForm';
import { LinesField } from './LinesField';
import { Rows } from './Rows';

/** Cues by sense. */
export function CuesSection({ fields, onChange, error }: CardFormProps) {
  return (
    <section id="card-cues">
      <Section title="Cues">
        <Rows<Cue>
          what="cue"
          rows={fields.cues}
          most={CARD_LIMITS.cues}
          fresh={() => ({ sense: 'see', text: '' })}
          onChange={(cues) => onChange({ cues })}
        >
          {(cue, set, index) => (
            <div className="grid gap-2 sm:grid-cols-[9rem_1fr]">
              <SelectField
                label={`Sense of cue ${index + 1}`}
                labelHidden
                value={cue.sense}
                onChange={(event) => set({ sense: event.target.value as Cue['sense'] })}
              >
                {SENSES.map((sense) => (
                  <option key={sense} value={sense}>
                    {SENSE_NAMES[sense]}
                  </option>
                ))}
              </SelectField>
              <TextField
                label={`Cue ${index + 1}`}
                labelHidden
                placeholder="what tells that it is right"
                maxLength={CARD_LIMITS.short}
                value={cue.text}
                problem={fieldProblem(error, `cues.${index}.text`)}
                onChange={(event) => set({ text: event.target.value })}
              />
            </div>
          )}
        </Rows>
      </Section>
    </section>
  );
}

/** What is passed round and asked while it is shown. */
export function ShownSection({ fields, onChange, error }: CardFormProps) {
  return (
    <section id="card-shown">
      <Section title="While it is shown">
        <LinesField
          label="Passed round"
          placeholder="what goes from hand to hand, and what to look for"
          marker="dot"
          lines={fields.passedRound}
          problem={fieldProblem(error, 'passedRound')}
          onChange={(passedRound) => onChange({ passedRound })}
        />
        <div className="mt-4">
          <Rows<CardQuestion>
            what="question"
            rows={fields.questions}
            most={CARD_LIMITS.questions}
            fresh={() => ({ ask: '', answer: '' })}
            onChange={(questions) => onChange({ questions })}
          >
            {(question, set, index) => (
              <div className="grid gap-2 sm:grid-cols-2">
                <TextField
                  label={`Question ${index + 1}`}
                  labelHidden
                  placeholder="What is asked of the class?"
                  maxLength={CARD_LIMITS.short}
                  value={question.ask}
                  problem={fieldProblem(error, `questions.${index}.ask`)}
                  onChange={(event) => set({ ask: event.target.value })}
                />
                <TextField
                  label={`Answer to question ${index + 1}`}
                  labelHidden
                  placeholder="what should be heard"
                  maxLength={CARD_LIMITS.short}
                  value={question.answer}
                  problem={fieldProblem(error, `questions.${index}.answer`)}
                  onChange={(event) => set({ answer: event.target.value })}
                />
              </div>
            )}
          </Rows>
        </div>
      </Section>
    </section>
  );
}

/** Stages that frighten beginners. */
export function LooksWrongSection({ fields, onChange, error }: CardFormProps) {
  return (
    <section id="card-looks-wrong">
      <Section title="Looks wrong but is right">
        <Rows<LooksWrong>
          what="stage"
          rows={fields.looksWrong}
          most={CARD_LIMITS.looksWrong}
          fresh={() => ({ see: '', because: '' })}
          onChange={(looksWrong) => onChange({ looksWrong })}
        >
          {(stage, set, index) => (
            <div className="grid gap-2 sm:grid-cols-2">
              <TextField
                label={`Stage ${index + 1}: it looks`}
                labelHidden
                placeholder="The butter is lumpy and grey."
                maxLength={CARD_LIMITS.short}
                value={stage.see}
                problem={fieldProblem(error, `looksWrong.${index}.see`)}
                onChange={(event) => set({ see: event.target.value })}
              />
              <TextField
                label={`Stage ${index + 1}: it is right because`}
                labelHidden
                placeholder="why it is right, and what to do: usually wait"
                maxLength={CARD_LIMITS.short}
                value={stage.because}
                problem={fieldProblem(error, `looksWrong.${index}.because`)}
                onChange={(event) => set({ because: event.target.value })}
              />
            </div>
          )}
        </Rows>
      </Section>
    </section>
  );
}

const FAULT_FIELDS = [
  ['see', 'You see'],
  ['cause', 'Likely cause'],
  ['correction', 'Correction'],
  ['rescue', 'Rescue now; empty if it cannot be'],
] as const;

/** Faults: what is seen, why, what to do next time, and whether the dish can be rescued. */
export function FaultsSection({ fields, onChange, error }: CardFormProps) {
  return (
    <section id="card-faults">
      <Section title="Faults">
        <Rows<Fault>
          what="fault"
          rows={fields.faults}
          most={CARD_LIMITS.faults}
          fresh={() => ({
            key: newKey('fault', fields.faults),
            see: '',
            cause: '',
            correction: '',
            rescue: '',
          })}
          onChange={(faults) => onChange({ faults })}
        >
          {(fault, set, index) => (
            <div className="grid gap-2 sm:grid-cols-2">
              {FAULT_FIELDS.map(([field, name]) => (
                <TextArea
                  key={field}
                  rows={2}
                  label={index === 0 ? name : `${name}, fault ${index + 1}`}
                  labelHidden={index > 0}
                  placeholder={index === 0 ? undefined : name}
                  maxLength={CARD_LIMITS.short}
                  value={fault[field] ?? ''}
                  problem={fieldProblem(error, `faults.${index}.${field}`)}
                  onChange={(event) => set({ [field]: event.target.value })}
                />
              ))}
              <LooksLikeFields
                fault={fault}
                others={fields.faults.filter(({ key }) => key !== fault.key)}
                problem={fieldProblem(error, `faults.${index}.looksLike.test`)}
                onChange={set}
              />
            </div>
          )}
        </Rows>
      </Section>
    </section>
  );
}

/** Another fault that looks like it, and what tells the two apart; the second is asked for once the first is chosen. */
function LooksLikeFields({
  fault: { see, looksLike },
  others,
  problem,
  onChange,
}: {
  fault: Fault;
  others: readonly Fault[];
  problem: ReturnType<typeof fieldProblem>;
  onChange: (part: Partial<Fault>) => void;
}) {
  if (others.length === 0) return null;
  return (
    <>
      <SelectField
        label={`Looks like, ${see || 'new fault'}`}
        value={looksLike?.fault ?? ''}
        onChange={({ target: { value: fault } }) => onChange({ looksLike: fault ? { fault, test: looksLike?.test ?? '' } : undefined })}
      >
        <option value="">nothing else</option>
        {others.map(({ key, see: other }) => (
          <option key={key} value={key}>
            {other}
          </option>
        ))}
      </SelectField>
      {looksLike ? (
        <TextArea
          rows={2}
          label={`Told apart by, ${see || 'new fault'}`}
          maxLength={CARD_LIMITS.short}
          value={looksLike.test}
          problem={problem}
          onChange={(event) => onChange({ looksLike: { ...looksLike, test: event.target.value } })}
        />
      ) : null}
    </>
  );
}
