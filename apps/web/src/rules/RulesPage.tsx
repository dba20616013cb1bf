import { useState } from 'react';
import {
  COOLING_SETS,
  coolingSetInForce,
  RULE_GROUPS,
  RULE_KEYS,
  RULE_SPECS,
  ruleValue,
  showRuleValue,
  WHO_DECIDES,
  type RuleKey,
  typedValue,
} from '@pelvo/core';
import type { RulesProfile } from '@pelvo/contract';
import { speech, savedMeanwhile, send, dayOf, longDate, useAction, useMe, useInForce, useRules } from '../device';
import { Button, Fetching, Notice, PageHead, ProblemNotice, SelectField, TextField, useFields, WorkingPage, wrongField } from '../design';
import { CalculatorPane } from '../techniques';
import { CoreCheck } from './CoreCheck';

/** The local rules: thresholds with their sources, changed by the lead with a reason. */
export default function RulesPage() {
  const { data, error, mutate } = useRules();
  const lead = useMe().role === 'lead';
  const { inForce, error: undecided, retry } = useInForce();
  return (
    <>
      <PageHead
        title="Local rules"
        lead="Cautious defaults, each with its source. Change what your own code says otherwise, and say why."
      />
      <Notice kind="caution" title={WHO_DECIDES}>
        Pelvo says what was measured and which rule it met or missed. It never says that food is safe.
      </Notice>
      <div className="mt-5">
        <Fetching what="the local rules" done={data !== undefined} error={error} retry={() => void mutate()} />
      </div>
      {data ? (
        <WorkingPage aside={<History profile={data} />}>
          <div className="mt-5 gap-x-10 lg:columns-2">
            {RULE_GROUPS.map((group) => (
              <section key={group} className="mb-6 break-inside-avoid">
                <h2 className="border-b-2 border-ink pb-1 text-xl">{group}</h2>
                {group === 'Cooling' ? (
                  <CoolingSets profile={data} onStored={lead ? (stored) => void mutate(stored, { revalidate: false }) : undefined} />
                ) : null}
                <ul className="divide-y divide-line">
                  {RULE_KEYS.filter((key) => RULE_SPECS[key].group === group).map((key) => (
                    <RuleRow
                      key={key}
                      rule={key}
                      profile={data}
                      onStored={lead ? (stored) => void mutate(stored, { revalidate: false }) : undefined}
                    />
                  ))}
                </ul>
              </section>
            ))}
          </div>
          <ProblemNotice error={error ? null : undecided} retry={retry} />
          {inForce ? (
            <div className="space-y-6">
              <CalculatorPane name="cooling" inForce={inForce} />
              <CoreCheck rules={data.rules} byTime={inForce.practices['safe-cooking'] === 'time-at-temperature'} />
            </div>
          ) : null}
        </WorkingPage>
      ) : null}
    </>
  );
}

interface RuleRowProps {
  readonly rule: RuleKey;
  readonly profile: RulesProfile;
  readonly onStored?: (profile: RulesProfile) => void;
}

function RuleRow({ rule, profile, onStored }: RuleRowProps) {
  const [open, setOpen] = useState(false);
  const spec = RULE_SPECS[rule];
  const own = profile.rules[rule];
  const reason = profile.changes.find((change) => change.rule === rule)?.reason;
  return (
    <li className="py-2">
      <div className="flex items-baseline gap-3">
        <span className="min-w-0 flex-1">{spec.name}</span>
        <span className="whitespace-nowrap text-small text-soft">{spec.keep}</span>
        <b className="whitespace-nowrap text-lg">{showRuleValue(ruleValue(rule, profile.rules), spec.unit, speech().preferences)}</b>
        {onStored ? (
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="min-h-11 px-1 font-semibold underline underline-offset-4"
          >
            {open ? 'Close' : 'Change'}
            <span className="sr-only"> {spec.name}</span>
          </button>
        ) : null}
      </div>
      <p className="text-small text-soft">
        {own === undefined
          ? // A time that belongs to a temperature has the source of its temperature, just above it.
            spec.unit === 's'
            ? ''
            : spec.source
          : `Set by this school: ${reason ?? ''} Default ${showRuleValue(spec.value, spec.unit, speech().preferences)}: ${spec.source}`}
      </p>
      {open && onStored ? (
        <RuleForm
          rule={rule}
          profile={profile}
          onStored={(stored) => {
            onStored(stored);
            setOpen(false);
          }}
          onMeanwhile={onStored}
        />
      ) : null}
    </li>
  );
}

/** Which code food is cooled by. Their stages differ, so that they are taken over as a whole. */
function CoolingSets({ profile, onStored }: { profile: RulesProfile; onStored?: (profile: RulesProfile) => void }) {
  const { busy, error, run } = useAction();
  const now = coolingSetInForce(profile.rules);
  const take = (set: string) => run(async () => onStored?.(await send<RulesProfile>('PUT', '/rules/cooling-set', { body: { set } })));
  return (
    <div className="border-b border-line py-2">
      <p>
        <b>In force: {now ? now.name : 'values of your own'}.</b>{' '}
        <span className="text-small text-soft">{now?.source ?? 'Take one of the sets over, or keep what your code says.'}</span>
      </p>
      {onStored ? (
        <ul className="flex flex-wrap gap-x-3">
          {COOLING_SETS.filter(({ key }) => key !== now?.key).map(({ key, name }) => (
            <li key={key}>
              <Button kind="quiet" busy={busy} onClick={() => void take(key)}>
                Take over: {name}
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <ProblemNotice error={error} />
    </div>
  );
}

interface RuleBoxes {
  readonly value: string;
  readonly reason: string;
}

const numberIn = typedValue;

interface RuleFormProps extends Required<RuleRowProps> {
  readonly onMeanwhile: (profile: RulesProfile) => void;
}

function RuleForm({ rule, profile, onStored, onMeanwhile }: RuleFormProps) {
  const spec = RULE_SPECS[rule];
  const { busy, error, run } = useAction();
  const check = ({ value }: RuleBoxes) => ({
    value: wrongField(
      'value',
      !value.trim() ? 'There is no value.' : Number.isFinite(numberIn(value)) ? null : `"${value.trim()}" is not a number.`,
      `Give ${spec.between[0]} to ${spec.between[1]} ${spec.unit}.`,
    ),
  });
  const { box, fields, problem, onSubmit } = useFields<RuleBoxes>(
    { value: String(ruleValue(rule, profile.rules)), reason: '' },
    { check, refusal: error },
  );
  const meanwhile = savedMeanwhile<RulesProfile>(error);
  const change = (next: number | null, reason: string) =>
    run(async () =>
      onStored(await send<RulesProfile>('PUT', `/rules/${rule}`, { body: { value: next, reason }, version: profile.versions[rule] })),
    );
  return (
    <form
      className="mt-2 space-y-3 border-2 border-ink bg-tile p-4"
      noValidate
      // A value that cannot be read is never sent: nothing would be left of it, and that means "back to the default".
      onSubmit={onSubmit(({ value, reason }) => change(numberIn(value), reason))}
    >
      <div className="grid gap-3 sm:grid-cols-[9rem_1fr]">
        {spec.unit === 'allowed' ? (
          <SelectField label="The local code" {...box('value')}>
            <option value="0">does not allow it</option>
            <option value="1">allows it</option>
          </SelectField>
        ) : (
          <TextField
            label={`Value, ${spec.unit}`}
            inputMode="decimal"
            hint={`${spec.between[0]} to ${spec.between[1]}`}
            {...box('value')}
          />
        )}
        <TextField label="Reason" placeholder="Our county’s code, section 4" maxLength={300} {...box('reason')} />
      </div>
      {meanwhile ? (
        <Notice kind="problem" title="Someone else has changed this rule meanwhile. What you typed is still here.">
          <Button onClick={() => onMeanwhile(meanwhile)}>Show the rule as it is now</Button>
        </Notice>
      ) : problem('value') || problem('reason') ? null : (
        <ProblemNotice error={error} />
      )}
      <div className="flex flex-wrap gap-2">
        <Button type="submit" kind="main" busy={busy}>
          Change the rule
        </Button>
        {profile.rules[rule] === undefined ? null : (
          <Button busy={busy} onClick={() => void change(null, fields.reason)}>
            Back to the default, {showRuleValue(spec.value, spec.unit, speech().preferences)}
          </Button>
        )}
      </div>
    </form>
  );
}

/** Every change there was; nothing is overwritten. */
function History({ profile }: { profile: RulesProfile }) {
  return (
    <div>
      <h2 className="text-lg">Changes</h2>
      {profile.changes.length === 0 ? <p className="text-small text-soft">None: every rule stands at its default.</p> : null}
      <ul className="divide-y divide-line">
        {profile.changes.map((change, index) => (
          <li key={index} className="py-2 text-small">
            <b>{RULE_SPECS[change.rule].name}</b>{' '}
            {change.value === null
              ? 'back to the default'
              : `set to ${showRuleValue(change.value, RULE_SPECS[change.rule].unit, speech().preferences)}`}
            : {change.reason}
            <span className="block text-soft">
              {longDate(dayOf(change.at))}
              {change.by ? `, ${change.by}` : ''}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
