import { Ear, Eye, Gauge, Hand, Soup, Wind } from 'lucide-react';
import { Fragment, type ReactNode } from 'react';
import {
  drawCard,
  HAZARD_SPECS,
  ladderOf,
  lookAlike,
  LEVEL_NAMES,
  LEVELS,
  PURPOSES,
  SENSE_NAMES,
  WHO_DECIDES,
  holdsHere,
  underInWords,
  type Cue,
  type Fault,
  type MayHoldUnder,
  type TechniqueCard,
  type Variant,
} from '@pelvo/core';
import { DataTable, Drawing, Ladder, Notice, Rich, Section } from '../design';
import { MatterLine, type TaughtIn } from '../practices';
import type { InForceHere } from '../device';

const SENSE_ICONS: Readonly<Record<Cue['sense'], typeof Eye>> = {
  see: Eye,
  hear: Ear,
  smell: Wind,
  feel: Hand,
  taste: Soup,
  measure: Gauge,
};

const PURPOSE_NAMES = { introduce: 'Introduced', practise: 'Practised', assess: 'Assessed' } as const;

interface CardBodyProps {
  readonly card: TechniqueCard;
  readonly inForce: InForceHere | null;
  /** For whose hands it is drawn. */
  readonly hand?: 'left' | 'right';
  /** The lesson from which the card was opened. */
  readonly taught?: TaughtIn;
  /** The lead may choose the variant in force here. */
  readonly onVariant?: (key: string | null) => void;
}

/** What a technique card teaches, in the order in which it is taught. */
export function CardBody({ card, inForce, hand, taught, onVariant }: CardBodyProps) {
  const drawings = inForce ? card.drawings.flatMap((spec) => drawCard(spec, { ...inForce, hand }) ?? []) : [];
  return (
    <>
      <p className="mb-6 max-w-3xl font-title text-xl">
        <Rich text={card.purpose} />
      </p>
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[3fr_2fr]">
        <div>
          <Section title="Steps">
            <ol className="space-y-2.5">
              {card.steps.map((step, index) => (
                <li key={index} className="flex gap-3">
                  <b className="w-6 shrink-0 text-right font-title text-xl leading-6 text-beet">{index + 1}</b>
                  <span className="max-w-prose">
                    <Rich text={step} />
                  </span>
                </li>
              ))}
            </ol>
            {card.steps.length === 0 ? <Nothing>No step is written yet.</Nothing> : null}
          </Section>
          {card.criticalPoints.length > 0 ? (
            <Section title="What decides the result">
              <ul className="space-y-2">
                {card.criticalPoints.map((point, index) => (
                  <li key={index} className="border-l-8 border-ink pl-3 font-semibold">
                    <Rich text={point.text} />
                    <Under of={point} inForce={inForce} />
                  </li>
                ))}
              </ul>
            </Section>
          ) : null}
          {card.looksWrong.length > 0 ? (
            <Section title="Looks wrong but is right">
              <ul className="space-y-2">
                {card.looksWrong.map(({ see, because }, index) => (
                  <li key={index} className="border-2 border-dashed border-soft px-3 py-2">
                    <b className="block">{see}</b> {because}
                  </li>
                ))}
              </ul>
            </Section>
          ) : null}
        </div>
        <div>
          {drawings.map((drawing, index) => (
            <figure key={index} className="mb-4 border border-line bg-tile p-3">
              <Drawing drawing={drawing} className="mx-auto max-h-60 w-full" />
            </figure>
          ))}
          {card.cautions.length > 0 || card.answered.length > 0 ? (
            <Notice kind="caution" title="Care">
              <ul className="list-disc space-y-1 pl-5">
                {card.cautions.map((caution) => (
                  <li key={caution}>{caution}</li>
                ))}
                {card.answered.map(({ hazard, because }) => (
                  <li key={hazard} className="text-soft">
                    No caution for {HAZARD_SPECS[hazard].name}: {because}
                  </li>
                ))}
              </ul>
              <p className="mt-2 text-small text-soft">{WHO_DECIDES}</p>
            </Notice>
          ) : null}
          {card.cues.length > 0 ? (
            <div className="mt-6">
              <Section title="Cues">
                <ul className="space-y-2">
                  {card.cues.map(({ sense, text }, index) => {
                    const Icon = SENSE_ICONS[sense];
                    return (
                      <li key={index} className="flex gap-3">
                        <Icon aria-hidden className="mt-1 size-5 shrink-0" />
                        <span>
                          <b>{SENSE_NAMES[sense]}:</b> {text}
                        </span>
                      </li>
                    );
                  })}
                </ul>
              </Section>
            </div>
          ) : null}
          <Shown card={card} />
        </div>
      </div>
      <Faults card={card} inForce={inForce} />
      <Stages card={card} />
      {card.matters.length > 0 || card.variants.length > 0 ? (
        <Section title="Ways of doing it">
          <div className="space-y-5">
            {card.variants.length > 0 ? <Variants card={card} onVariant={onVariant} /> : null}
            {card.matters.map((matter) => (
              <MatterLine key={matter} matter={matter} taught={taught} />
            ))}
          </div>
        </Section>
      ) : null}
      <Judging card={card} inForce={inForce} />
    </>
  );
}

const Nothing = ({ children }: { children: ReactNode }) => <p className="text-soft">{children}</p>;

/** Under which practice something holds, and whether that is taught here. */
function Under({ of, inForce }: { of: MayHoldUnder; inForce: InForceHere | null }) {
  if (!of.under) return null;
  const here = !inForce || holdsHere(of, inForce.practices);
  return (
    <span className="block text-small font-normal text-soft">
      {here ? 'Holds under' : 'Not asked here: holds only under'} {underInWords(of)}
    </span>
  );
}

/** What is passed round, and what is asked, while it is shown. */
function Shown({ card: { passedRound, questions } }: { card: TechniqueCard }) {
  if (passedRound.length === 0 && questions.length === 0) return null;
  return (
    <Section title="While it is shown">
      {passedRound.length > 0 ? (
        <>
          <p className="font-semibold">Passed round</p>
          <ul className="mb-3 list-disc pl-5">
            {passedRound.map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
        </>
      ) : null}
      {questions.length > 0 ? (
        <dl className="space-y-2">
          {questions.map(({ ask, answer }) => (
            <div key={ask}>
              <dt className="font-semibold">{ask}</dt>
              <dd>{answer}</dd>
            </div>
          ))}
        </dl>
      ) : null}
    </Section>
  );
}

/** What tells a fault from one that looks like it. */
function Alike({ fault, among }: { fault: Fault; among: readonly Fault[] }) {
  const alike = lookAlike(fault, among);
  if (!alike) return null;
  return (
    <span className="block text-small font-normal text-soft">
      Looks like “{alike.other.see}”. {alike.test}
    </span>
  );
}

interface Judged {
  readonly card: TechniqueCard;
  readonly inForce: InForceHere | null;
}

function Faults({ card: { faults }, inForce }: Judged) {
  if (faults.length === 0) return null;
  const rescued = faults.some((fault) => fault.rescue);
  return (
    <Section title="Faults">
      <DataTable
        roomy
        minWidth="44rem"
        rows={faults}
        keyOf={({ key }) => key}
        columns={[
          {
            head: 'You see',
            names: true,
            width: 'w-1/4',
            cell: (fault) => (
              <>
                {fault.see}
                <Alike fault={fault} among={faults} />
                <Under of={fault} inForce={inForce} />
              </>
            ),
          },
          { head: 'Likely cause', width: 'w-1/4', cell: ({ cause }) => cause },
          { head: 'Correction', width: 'w-1/4', cell: ({ correction }) => correction },
          rescued ? { head: 'Rescue now', cell: ({ rescue }) => rescue || <span className="text-soft">Cannot be rescued</span> } : null,
        ]}
      />
    </Section>
  );
}

/** By which stages one sees how far it has come. */
function Stages({ card: { ladders } }: { card: TechniqueCard }) {
  if (ladders.length === 0) return null;
  return (
    <Section title="Stages">
      <ul className="grid gap-5 md:grid-cols-2">
        {ladders.map((key) => (
          <li key={key}>
            <Ladder ladder={ladderOf(key)!} />
          </li>
        ))}
      </ul>
    </Section>
  );
}

function Variants({ card, onVariant }: { card: TechniqueCard; onVariant?: (key: string | null) => void }) {
  const inForce = card.variants.find(({ key }) => key === card.variant);
  return (
    <div>
      <p>
        <b>Variant in force:</b>{' '}
        {inForce ? inForce.name : <span className="hatch px-1">nobody has chosen one yet. Each of these is good practice.</span>}
      </p>
      <ul className="mt-1 divide-y divide-line border-y border-line">
        {card.variants.map((variant) => (
          <VariantRow key={variant.key} variant={variant} taken={variant.key === card.variant} onVariant={onVariant} />
        ))}
      </ul>
    </div>
  );
}

function VariantRow({ variant, taken, onVariant }: { variant: Variant; taken: boolean; onVariant?: (key: string | null) => void }) {
  return (
    <li className={`flex flex-wrap items-start gap-x-4 gap-y-1 py-2 ${taken ? 'border-l-8 border-ink pl-3' : 'pl-5'}`}>
      <p className="min-w-0 flex-1 basis-96">
        <b>{variant.name}</b>
        {taken ? ' (in force)' : ''}: <Rich text={variant.text} />
      </p>
      {onVariant ? (
        <button
          type="button"
          onClick={() => onVariant(taken ? null : variant.key)}
          className="no-print min-h-12 px-2 font-semibold underline underline-offset-4"
        >
          {taken ? 'Leave it open' : 'Teach it this way'}
          <span className="sr-only">: {variant.name}</span>
        </button>
      ) : null}
    </li>
  );
}

/** What is to be shown at each stage, and the words by which it is judged. */
function Judging({ card, inForce }: Judged) {
  const aims = PURPOSES.filter((purpose) => card.aims[purpose]);
  if (aims.length === 0 && card.descriptors.length === 0) return null;
  return (
    <Section title="How it is judged">
      {aims.length > 0 ? (
        <dl className="mb-4 grid gap-4 sm:grid-cols-3">
          {aims.map((purpose) => (
            <div key={purpose} className="border-t-4 border-beet pt-1">
              <dt className="font-semibold">{PURPOSE_NAMES[purpose]}</dt>
              <dd>{card.aims[purpose]}</dd>
            </div>
          ))}
        </dl>
      ) : null}
      {card.descriptors.map((descriptor) => (
        <Fragment key={descriptor.key}>
          <h3 className="mt-3 text-lg">
            {descriptor.name} <span className="font-body text-small font-normal text-soft">{descriptor.evidence}</span>
          </h3>
          <Under of={descriptor} inForce={inForce} />
          <dl className="mt-1 grid gap-x-4 gap-y-1 sm:grid-cols-4">
            {LEVELS.map((level) => (
              <div key={level} className="border-t-2 border-ink pt-1">
                <dt className="text-small font-semibold">{LEVEL_NAMES[level]}</dt>
                <dd>{descriptor.levels[level - 1]}</dd>
              </div>
            ))}
          </dl>
        </Fragment>
      ))}
    </Section>
  );
}
