import { useState } from 'react';
import { CALCULATORS, calculate, initialValues, refusedInWords, WHO_DECIDES, type CalculatorInput, type CalculatorKey } from '@pelvo/core';
import type { Technique } from '@pelvo/contract';
import { inWords, speech, useMe, type InForceHere } from '../device';
import { RuleUse, Drawing, FigureValue, Notice, SelectField, TextField } from '../design';

import { CarryBar } from './CarryBar';

interface CalculatorPaneProps {
  readonly name: CalculatorKey;
  readonly inForce: InForceHere;
  /** The technique on whose card it stands; without it nothing is carried. */
  readonly technique?: Pick<Technique, 'id' | 'name' | 'purpose' | 'steps' | 'cues' | 'faults'>;
}

/** The words of a card by which it is about something: not its tools, since a fish slice turns anything. */
const spokenIn = ({ name, purpose, steps, cues, faults }: NonNullable<CalculatorPaneProps['technique']>): string =>
  JSON.stringify([name, purpose, steps, cues, faults]);

/** What a card computes: asked for, answered with its working, its limits and its source, and carried into a dish. */
export function CalculatorPane({ name, inForce: here, technique }: CalculatorPaneProps) {
  const inForce = { ...here, about: technique ? spokenIn(technique) : '' };
  const lead = useMe().role === 'lead';
  const calculator = CALCULATORS[name];
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const values = { ...initialValues(name, inForce), ...typed };
  const result = calculate(name, values, inForce);
  const refusal = result.kind === 'refused' ? refusedInWords(result, speech().preferences) : null;
  return (
    <section id={`measure-${name}`} aria-label={calculator.name} className="border-2 border-ink bg-tile">
      <header className="border-b border-line px-4 py-3">
        <h3 className="text-xl">{calculator.name}</h3>
        <p className="text-soft">{calculator.asks}</p>
      </header>
      <div className="grid gap-x-8 gap-y-4 p-4 lg:grid-cols-2">
        <div className="grid grid-cols-1 content-start gap-3 sm:grid-cols-2">
          {calculator.inputs(inForce).map((input) => (
            <Input
              key={input.key}
              input={input}
              value={values[input.key] ?? ''}
              refusal={refusal?.field === input.key ? refusal : null}
              onChange={(value) => setTyped((now) => ({ ...now, [input.key]: value }))}
            />
          ))}
        </div>
        <div aria-live="polite">
          {result.kind === 'refused' ? (
            <Notice kind="problem" title={refusal?.problem}>
              <p>{refusal?.remedy}</p>
            </Notice>
          ) : (
            <div className="space-y-3">
              {result.practice ? <p className="border-l-4 border-beet pl-2 text-small font-semibold">{inWords(result.practice)}</p> : null}
              <dl className="divide-y divide-line">
                {result.figures.map((figure, index) => (
                  <div key={index} className="flex items-baseline justify-between gap-4 py-1">
                    <dt>{inWords(figure.label)}</dt>
                    <dd>
                      <FigureValue id={`${name}.${index}`} figure={figure} className={index === 0 ? 'font-title !text-3xl' : 'text-lg'} />
                    </dd>
                  </div>
                ))}
              </dl>
              {result.verdicts?.map((verdict) => (
                <p
                  key={verdict.rule}
                  className={`border-l-8 pl-2 ${verdict.outcome === 'missed' ? 'border-beet font-semibold' : 'border-ink'}`}
                >
                  {inWords(verdict.said)}
                  <span className="block text-small font-normal text-soft">{verdict.working.map(inWords).join('; ')}</span>
                </p>
              ))}
              {result.drawing ? <Drawing drawing={result.drawing} className="max-h-56 w-full" /> : null}
            </div>
          )}
        </div>
      </div>
      {result.kind === 'answer' ? (
        <>
          <div className="grid gap-x-8 gap-y-3 border-t border-line px-4 py-3 text-small lg:grid-cols-2">
            <div>
              <p className="font-semibold">Holds as far as</p>
              <ul className="list-disc pl-5">
                {result.limits.map((limit) => (
                  <li key={limit}>{limit}</li>
                ))}
              </ul>
              <p className="mt-1 text-soft">Source: {result.sources.join('; ')}.</p>
            </div>
            {result.cautions.length > 0 || result.rules.length > 0 ? (
              <div>
                <p className="font-semibold">Care</p>
                <ul className="list-disc pl-5">
                  {result.cautions.map((caution) => (
                    <li key={inWords(caution)}>{inWords(caution)}</li>
                  ))}
                </ul>
                {result.rules.length > 0 ? (
                  <div className="mt-1">
                    <RuleUse rules={result.rules} profile={inForce.rules} />
                  </div>
                ) : (
                  <p className="mt-1 text-soft">{WHO_DECIDES}</p>
                )}
              </div>
            ) : null}
          </div>
          {lead && technique && (result.lines.length > 0 || result.step) ? (
            <CarryBar
              carried={{ from: calculator.name, lines: result.lines, step: result.step, techniqueId: technique.id }}
              techniqueId={technique.id}
            />
          ) : null}
        </>
      ) : null}
    </section>
  );
}

interface InputProps {
  readonly input: CalculatorInput;
  readonly value: string;
  readonly refusal: { readonly field: string; readonly problem: string; readonly remedy: string } | null;
  readonly onChange: (value: string) => void;
}

function Input({ input, value, refusal, onChange }: InputProps) {
  if (input.kind === 'choice')
    return (
      <div className="sm:col-span-2">
        <SelectField label={input.label} value={value} problem={refusal} onChange={(event) => onChange(event.target.value)}>
          {input.options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.label}
            </option>
          ))}
        </SelectField>
      </div>
    );
  return (
    <TextField
      label={input.unit ? `${input.label}, ${input.unit}` : input.label}
      inputMode="decimal"
      value={value}
      maxLength={12}
      placeholder={input.initial === undefined ? 'may stay empty' : undefined}
      hint={input.hint}
      problem={refusal}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}
