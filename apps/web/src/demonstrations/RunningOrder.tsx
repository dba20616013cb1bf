import { useState } from 'react';
import { DEMONSTRATION_LIMITS, NO_WORDS, words, type Demonstration, type RunningStep, type ShowStep, type StepWords } from '@pelvo/core';
import { Button, Section, Stepper, TextArea, TextField } from '../design';

interface RunningOrderProps {
  readonly rows: readonly RunningStep[];
  readonly steps: readonly ShowStep[];
  readonly content: Demonstration;
  readonly clock: (minute: number) => string;
  readonly onChange: (part: Partial<Demonstration>) => void;
}

/** The running order: minute by minute what is done, said, asked and passed round. */
export function RunningOrder({ rows, steps, content, clock, onChange }: RunningOrderProps) {
  const [open, setOpen] = useState<string | null>(null);
  const textOf = (id: string) => steps.find(({ work }) => work.id === id)?.work.text ?? '';
  return (
    <Section title="Running order">
      <ol className="divide-y divide-line border-y border-line">
        {rows.map((row) => (
          <li key={row.stepId} className="grid gap-x-5 gap-y-1 py-3 md:grid-cols-[5.5rem_1fr_auto]">
            <div className="tabular-nums">
              <b className="text-lg">{clock(content.begins + row.from)}</b>
              <span className="block text-small text-soft">{row.until - row.from} min</span>
            </div>
            <div className="min-w-0">
              {row.freeBefore > 0 ? (
                <p className="text-small text-soft">{row.freeBefore} min with free hands before it: talk, taste, tidy.</p>
              ) : null}
              {row.takesUp.map((id) => (
                <p key={id} className="border-l-4 border-beet pl-2">
                  Take up what stands ready, done up to: {textOf(id)}
                </p>
              ))}
              <p className="font-semibold">{row.text}</p>
              {row.given === 'jump' ? (
                <p className="border-l-4 border-beet pl-2">Then leave it, and go on from what stands ready.</p>
              ) : null}
              <Lines label="Caution" lines={row.cautions} />
              <Lines label="Say" lines={row.say} />
              <Lines
                label="Ask"
                lines={row.ask.map(
                  ({ asked, answer, heard }) => `${words(asked)}${answer ? ` ${answer}` : ''}${heard ? ' (asked before)' : ''}`,
                )}
              />
              <Lines label="Pass round" lines={row.pass.map(({ sense, text }) => (sense ? `${sense}: ${text}` : text))} />
              <Lines label="They stand" lines={[words(row.place)]} />
              {open === row.stepId ? (
                <Own
                  row={row}
                  own={content.words[row.stepId] ?? NO_WORDS}
                  took={content.took[row.stepId]}
                  onWords={(own) => onChange({ words: { ...content.words, [row.stepId]: own } })}
                  onTook={(minutes) => {
                    const { [row.stepId]: _was, ...rest } = content.took;
                    onChange({ took: minutes === null ? rest : { ...rest, [row.stepId]: minutes } });
                  }}
                />
              ) : null}
            </div>
            <Button
              kind="quiet"
              className="self-start"
              aria-expanded={open === row.stepId}
              aria-label={`Words and minutes of: ${row.text}`}
              onClick={() => setOpen(open === row.stepId ? null : row.stepId)}
            >
              {open === row.stepId ? 'Close' : 'Change'}
            </Button>
          </li>
        ))}
      </ol>
    </Section>
  );
}

function Lines({ label, lines }: { label: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <div className="grid grid-cols-[6.5rem_1fr] gap-2">
      <span className="text-small text-soft">{label}</span>
      <ul>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </div>
  );
}

interface OwnProps {
  readonly row: RunningStep;
  readonly own: StepWords;
  readonly took: number | undefined;
  readonly onWords: (own: StepWords) => void;
  readonly onTook: (minutes: number | null) => void;
}

/** Words of one's own for a step, and the minutes that it really takes. */
function Own({ row, own, took, onWords, onTook }: OwnProps) {
  const set = (part: Partial<StepWords>) => onWords({ ...own, ...part });
  return (
    <div className="mt-3 grid gap-3 bg-wash p-3 sm:grid-cols-2">
      <TextArea
        label="Say"
        rows={2}
        maxLength={DEMONSTRATION_LIMITS.text}
        value={own.say}
        onChange={(event) => set({ say: event.target.value })}
      />
      <TextArea
        label="Ask"
        rows={2}
        maxLength={DEMONSTRATION_LIMITS.text}
        value={own.ask}
        onChange={(event) => set({ ask: event.target.value })}
      />
      <TextField
        label="Pass round"
        maxLength={DEMONSTRATION_LIMITS.text}
        value={own.pass}
        onChange={(event) => set({ pass: event.target.value })}
      />
      <TextField
        label="Where they stand, or the camera looks"
        maxLength={DEMONSTRATION_LIMITS.text}
        value={own.place}
        onChange={(event) => set({ place: event.target.value })}
      />
      <div className="flex items-end gap-3">
        <Stepper
          label="Minutes it takes"
          value={took ?? row.until - row.from}
          min={1}
          max={DEMONSTRATION_LIMITS.minutes}
          onChange={onTook}
        />
        {took === undefined ? null : (
          <Button kind="quiet" onClick={() => onTook(null)}>
            As reckoned
          </Button>
        )}
      </div>
    </div>
  );
}
